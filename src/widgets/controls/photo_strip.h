// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"

#include <QWidget>

class QHBoxLayout;
class QLabel;

namespace flenzo {

class Session;

/// Pictures side by side, small.
class PhotoStrip : public QWidget {
    Q_OBJECT
public:
    explicit PhotoStrip(QWidget* parent);
    void show(const Session& session, const QStringList& files);

private:
    static void fill(QLabel* shown, const QString& file);
    void fetch(const Session& session, QLabel* shown, const QString& reference);

    QHBoxLayout* row_;
    QStringList shown_;
};

/// The pictures on a guitar's card, and the way to add one.
class CardPhotos : public QWidget {
    Q_OBJECT
public:
    CardPhotos(AppContext& context, QWidget* parent);

private:
    void add();
    AppContext& context_;
    PhotoStrip* strip_;
};

/// Asks for a picture and keeps it with the shop's; empty when none was taken.
[[nodiscard]] QString askForPhoto(AppContext& context, QWidget* parent, const QString& title);

} // namespace flenzo
