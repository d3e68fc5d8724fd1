// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/actions.h"
#include "widgets/app_context.h"

#include <QObject>

class QMenu;

namespace flenzo {

/// Jobs in files of their own: opens and saves them, and asks before what is in no file is left.
class JobFiles : public QObject {
    Q_OBJECT
public:
    JobFiles(AppContext& context, QWidget* window);
    bool open(const QString& path);
    bool save(const QString& path);
    [[nodiscard]] bool mayLeave(); ///< asks about unsaved work; false to stay
    void addOpening(std::vector<ActionSpec>& list, const QString& menu);
    void addSaving(std::vector<ActionSpec>& list, const QString& menu);
    void fillRecent(QMenu& menu);

Q_SIGNALS:
    void opened();

private:
    void askOpen();
    bool askSave(bool newName);

    AppContext& context_;
    QWidget* window_;
};

} // namespace flenzo
