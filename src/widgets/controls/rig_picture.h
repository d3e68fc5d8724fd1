// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/section.h"
#include "widgets/app_context.h"

#include <QFrame>

class QLabel;

namespace flenzo {

class SceneView;

/// What the guitar's figures make of it: the bridge from the side, every string at pitch, the claw as it is.
class RigPicture : public QFrame {
    Q_OBJECT
public:
    explicit RigPicture(AppContext& context, QWidget* parent = nullptr);
    void show(const Job& job, const Advice& advice);
    /// Draws from where to where a figure is measured, by its key and which spring or string; empty: none.
    void point(const QString& key, std::size_t at);

private:
    AppContext& context_;
    SceneView* section_;
    QLabel* words_;
    SectionValues shown_;
};

} // namespace flenzo
