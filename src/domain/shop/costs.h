// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/remaining.h"
#include "domain/job/job.h"
#include "domain/methods/methods.h"

#include <functional>

namespace flenzo {

/// What doing the job one way costs on this guitar, by the model and the minutes of the steps.
struct MethodCost {
    Quantiles passes, minutes; ///< all the same where a way is played without its uncertainty
    QString risk;              ///< may be empty
};

/// The costs of one job's ways. What does not change the mechanics is computed once.
class Costs {
public:
    explicit Costs(const Job& job);
    [[nodiscard]] MethodCost asChosen() const { return now_; }
    [[nodiscard]] MethodCost of(const QString& topic, const QString& option) const;

private:
    struct Tuning {
        Quantiles passes, minutes;
    };
    /// A job by the adviser alone: its outlook, and what a steady hand makes of it.
    struct Advised {
        explicit Advised(BenchJob plain);
        BenchJob job;
        Counts steady;
        RemainingWork outlook;
    };
    [[nodiscard]] MethodCost costOf(const Job& tried, const Tuning& tuning) const;
    [[nodiscard]] Tuning tuningOf(const Job& tried) const;

    Job job_;
    Advised advised_;
    Tuning tuning_;
    MethodCost now_;
};

/// Every topic that applies to a job, with the cost of each of its options.
struct PricedTopic {
    const MethodTopic* topic = nullptr;
    QList<MethodCost> prices; ///< by option
};
struct PricedPlan {
    MethodCost now;
    QList<PricedTopic> topics;
};
/// `goOn` hears the share done so far and may stop it; nothing then. Takes a good part of a second.
[[nodiscard]] std::optional<PricedPlan> pricedPlan(const Job& job, const std::function<bool(double)>& goOn);

} // namespace flenzo
