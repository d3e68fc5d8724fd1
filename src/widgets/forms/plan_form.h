// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/costs.h"
#include "widgets/forms/job_form.h"

#include <QFutureWatcher>

class QLabel;
class QProgressBar;

namespace flenzo {

/// How this job is done: what it is measured with, and every topic with what each of its ways costs on this guitar.
/// The costs are worked out beside the window; a topic keeps its place while they change.
class PlanForm : public JobForm {
    Q_OBJECT
public:
    PlanForm(AppContext& context, QWidget* parent);
    ~PlanForm() override;
    /// Waits until the costs are shown; for pictures.
    void finish();

private:
    struct ToolRow {
        QComboBox* box;
        int (*chosen)(const Tools&);
    };
    void addTools();
    void addHeading(const QString& text);
    void addKeep();
    void followJob();
    void price();
    void showPrices();
    void showTopics(const PricedPlan& plan);
    void showTopic(QComboBox& box, const PricedTopic& priced, const MethodCost& now);
    [[nodiscard]] QString chosen() const;

    QFutureWatcher<std::optional<PricedPlan>> watcher_;
    QLabel *sum_ = nullptr, *toolsNote_ = nullptr;
    QProgressBar* progress_ = nullptr;
    QWidget* topics_ = nullptr; ///< made anew only when other topics apply
    QStringList topicNames_;
    std::vector<ToolRow> tools_;
    QString pricedFor_;
};

} // namespace flenzo
