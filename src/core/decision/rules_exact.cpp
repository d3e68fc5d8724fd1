// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/rules_exact.h"

#include "core/decision/rule_acts.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

bool isOffExactly(const Situation& now, std::size_t string, double least_cents) {
    const double reading = now.guitar.readings_cents[string];
    const bool sharpByFeel = now.spent.passes <= 1.0 && now.job.method.firstSharp_cents > 0.0 &&
                             string == now.job.method.order.front() && !now.tuned.empty() && reading > 0.0;
    return !sharpByFeel && !(std::abs(reading) <= least_cents);
}
std::optional<std::size_t> exactString(const Situation& now, bool again) {
    const double inner_cents = now.options.exactShare * now.pitchTolerance_cents;
    for (const double least_cents :
         {now.job.method.backChecks ? now.options.exactCoarse_cents : inner_cents, inner_cents})
        for (const std::size_t string : stringsInOrder(now)) {
            const bool skip = now.job.method.backChecks ? !now.tuned.empty() && now.tuned.back() == string
                                                        : !again && now.isTuned(string);
            if (!skip && isOffExactly(now, string, least_cents))
                return string;
        }
    return std::nullopt;
}
} // namespace

bool tunesExactly(const Situation& now) {
    return !now.job.method.aims;
}
bool exactDone(const Situation& now) {
    return tunesExactly(now) && now.allReadHere() && now.leaving().worst < now.options.insideOdds;
}
bool exactClaw(const Situation& now) {
    const auto worst = [&now] {
        double most = 0.0;
        for (const double reading : now.guitar.readings_cents)
            most = std::max(most, std::isfinite(reading) ? std::abs(reading) : 0.0);
        return most;
    };
    const bool off = std::abs(now.plate_rad) > now.options.exactPlate * now.plateTolerance_rad ||
                     std::abs(now.level.moreTurns) >= now.options.looksOn_turns;
    return tunesExactly(now) && clawIsWrong(now) && off && now.tuned.empty() &&
           (worst() < now.options.exactCoarse_cents || worst() > now.options.exactFarClaw_cents) &&
           now.spent.passes < now.options.exactPatience * now.options.lastPass;
}
bool exactPeg(const Situation& now) {
    return tunesExactly(now) && exactString(now, now.allReadHere()).has_value();
}
NextAct tuneNextExactly(const Situation& now) {
    const std::size_t string = *exactString(now, now.allReadHere());
    const bool firstSharp = now.spent.pegTurns == 0 && string == now.job.method.order.front();
    return tuneExactly(now, string, firstSharp ? now.job.method.firstSharp_cents : 0.0);
}
bool exactRead(const Situation& now) {
    return tunesExactly(now) && !now.allReadHere();
}

} // namespace flenzo
