// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/pages/page.h"

#include <QWidget>

class QLabel;
class QStackedWidget;

namespace flenzo {

class FigureTable;

/// What the change asks for, on one page: claw turns, aims, and what happens if the claw is left alone.
class AnswerPage : public Page {
    Q_OBJECT
public:
    explicit AnswerPage(AppContext& context, QWidget* parent = nullptr);
    void refresh() override;

private:
    QWidget* buildHead();
    QWidget* buildAims();
    QWidget* buildAlone();
    QWidget* buildPasses();
    void refreshHead();
    void refreshAims();
    void refreshWays();
    void refreshSprings();
    void refreshAlone();
    void refreshPasses();

    QLabel *verdict_, *reason_, *claw_, *turns_, *screws_;
    QLabel *aimsNote_, *aloneNote_;
    FigureTable *aims_, *alone_, *passes_, *ways_;
    QStackedWidget* plan_; ///< aims, or the ways out where there is no comfortable float
    QLabel* waysNote_;
};

} // namespace flenzo
