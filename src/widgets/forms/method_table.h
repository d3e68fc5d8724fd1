// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/shop/costs.h"
#include "widgets/app_context.h"

#include <QTreeWidget>
#include <optional>

class QLabel;
class QProgressBar;

namespace flenzo {

/// Every topic on which the trade disagrees and that matters on this guitar: what is chosen and what it costs in
/// columns, its other methods unfolded below in the same columns. Priced beside the window.
class MethodTable : public QWidget {
    Q_OBJECT
public:
    MethodTable(AppContext& context, QWidget* parent);
    void finish() { prices_.finish(); } ///< waits until the plan is priced; for tests and pictures
    [[nodiscard]] const std::optional<PricedPlan>& priced() const { return plan_; }
    /// Chooses a method as a click on its row does.
    void choose(const QString& topic, const QString& option);
    [[nodiscard]] QTreeWidgetItem* topicRow(const QString& topic) const;

Q_SIGNALS:
    void pricing();
    void pricedAnew();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void followJob();
    void price();
    void showPrices(const std::optional<PricedPlan>& plan);
    void fill();
    void showWhy();
    void sayOthers(QTreeWidgetItem& row, const PricedTopic& priced, const QString& chosen) const;
    void fillTopic(QTreeWidgetItem& row, const PricedTopic& priced);
    void take(QTreeWidgetItem* item);

    AppContext& context_;
    QTreeWidget* tree_;
    QLabel* why_;
    QProgressBar* progress_;
    std::optional<PricedPlan> plan_;
    std::optional<Job> pricedFor_; ///< what the prices follow from
    QStringList shown_;
    LatestAnswer<std::optional<PricedPlan>> prices_{
        this, [this](const std::optional<PricedPlan>& plan) { showPrices(plan); }};
};

} // namespace flenzo
