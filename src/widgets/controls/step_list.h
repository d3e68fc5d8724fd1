// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/progress.h"

#include <QListWidget>
#include <functional>

namespace flenzo {

/// The steps of one phase, each with its mark, in as many lines as they need; a click looks at one.
class StepList : public QListWidget {
    Q_OBJECT
public:
    explicit StepList(QWidget* parent);
    /// Those of the phase of `looked`, or of the current step where none is looked at.
    void showSteps(const Progress& progress, const std::optional<Step>& looked,
                   const std::function<QString(const Step&)>& titleOf);
    void fit(); ///< as high as its lines are at the width it has

Q_SIGNALS:
    void picked(const Step& step);

private:
    QList<Step> steps_;
};

} // namespace flenzo
