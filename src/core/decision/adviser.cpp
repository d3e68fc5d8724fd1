// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/adviser.h"

namespace flenzo {

Advice adviseFrom(const BenchJob& job, Estimate guitar, const AdvisorOptions& options) {
    Advice advice;
    advice.guitar = std::move(guitar);
    const Situation now(job, advice.guitar, options);
    const Rule& rule = ruleFor(now);
    advice.act = rule.act(now);
    advice.rule = rule.id;
    if (std::string_view(rule.id) == "doubted")
        advice.doubt = advice.guitar.open;
    advice.contradictory = std::string_view(rule.id) == "contradict";
    if (advice.act.what == NextAct::Do::Ask)
        advice.question = now.question();
    advice.passes = now.spent.passes;
    advice.plateTolerance_rad = now.plateTolerance_rad;
    advice.pitchTolerance_cents = now.pitchTolerance_cents;
    for (std::size_t i = 0; i < now.strings; ++i)
        advice.wanted_cents.push_back(now.wanted_cents(i));
    advice.wantedAngle_rad = now.plateCounts ? now.home_rad : now.goal.angle_rad;
    advice.plateCounts = now.plateCounts;
    advice.plateEverRead = now.plateEverRead;
    return advice;
}

Advice advise(const BenchJob& job, const Estimate* known, const AdvisorOptions& options,
              const EstimatorOptions& learning) {
    return adviseFrom(job, estimate(job, known, learning), options);
}

} // namespace flenzo
