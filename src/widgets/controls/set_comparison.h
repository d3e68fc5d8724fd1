// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/shop/costs.h"
#include "domain/shop/strings_sold.h"
#include "session/document/latest_answer.h"
#include "widgets/app_context.h"
#include "widgets/controls/figure_table.h"

namespace flenzo {

/// One set beside others.
struct SetColumn {
    QString title;
    std::vector<Wire> wires;
    SetFigures figures;
    std::optional<Job> tried; ///< the job that puts it on, where it can be had; then it has passes, minutes and a price
};

/// Sets of strings side by side: string by string, then what each does to the guitar, and what it costs. Passes and
/// minutes are played beside the window and come when they are there.
class SetComparison : public FigureTable {
    Q_OBJECT
public:
    SetComparison(AppContext& context, QWidget* parent);
    /// The first column is the one that the others are told against.
    void compare(const Rig& guitar, const QList<SetColumn>& columns, const Stock& stock);
    void finish(); ///< waits for passes and minutes

private:
    void fill();

    AppContext& context_;
    Rig guitar_;
    QList<SetColumn> columns_;
    Stock stock_;
    QList<MethodCost> costs_; ///< of the columns with a job, in their order; empty while they are played
    LatestAnswer<QList<MethodCost>> played_{this, [this](const QList<MethodCost>& costs) {
                                                costs_ = costs;
                                                fill();
                                            }};
};

/// "tighten 1 3/16", "loosen 1/4", "no turn"; a sixteenth of one screw is the least that anybody turns.
[[nodiscard]] QString clawTurnText(double more_turns);
/// "+8 %" of what was.
[[nodiscard]] QString percentMoreText(double share);

} // namespace flenzo
