// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

#include <QDateTime>

namespace flenzo {

/// From one look at a guitar that nobody had touched to the next: what became of its strings.
struct HeldSpan {
    enum class Kind { Settling, Holding }; ///< within some days of the hand-over; until the next visit
    Kind kind = Kind::Settling;
    QString guitar, owner, set; ///< that was on
    QMap<QString, QString> methods;
    double days = 0.0;
    std::vector<double> change_cents;                         ///< string by string, sharp positive
    std::optional<double> warmer_C, damper_percent;           ///< where both rooms were told
    [[nodiscard]] double mean_cents() const;                  ///< what all strings share
    [[nodiscard]] double own_cents(std::size_t string) const; ///< what one does besides
    [[nodiscard]] double size_cents() const;                  ///< mean amount of change
};
/// Those of a shop's jobs, in any order.
[[nodiscard]] std::vector<HeldSpan> spansOf(const std::vector<Job>& jobs);

/// One thing that the spans show together and chance does not explain.
struct HeldFinding {
    enum class What {
        Settles,      ///< guitars go flat (or sharp) in the days after the hand-over
        SetHolds,     ///< those with `subject` on change less, or more, than the others
        MethodHolds,  ///< those done that way (`subject`: topic=option) settle less, or more
        Damp,         ///< cents for each percent of humidity
        Warm,         ///< cents for each degree Celsius
        StringWanders ///< one string of `subject`, the guitar, goes another way than its others, time after time
    };
    What what = What::Settles;
    QString subject;
    std::size_t string = 0;
    double effect = 0.0, low = 0.0, high = 0.0; ///< cents (a factor of the others' for sets and methods), 19 of 20
    int spans = 0;
    double p = 1.0; ///< that chance does as much, before the correction for how much was looked at
};

/// What one set has done in this shop so far, whether it is a finding or not.
struct HeldSet {
    QString set;
    int settled = 0, held = 0; ///< spans
    double settling_cents = 0.0, held_cents = 0.0,
           days = 0.0; ///< medians: of all strings, of their amounts, of the spans
};

struct HeldSays {
    std::vector<HeldFinding> findings; ///< the surest first
    std::vector<HeldSet> sets;         ///< by name
    int spans = 0;
};
/// Everything that is looked at is counted (Holm's correction, 0.025 each for what is asked of the shop and of
/// strings), so that a shop in which nothing is to be found is told of something in less than one of twenty.
[[nodiscard]] HeldSays heldOf(const std::vector<HeldSpan>& spans);

} // namespace flenzo
