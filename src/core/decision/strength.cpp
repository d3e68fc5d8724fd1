// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/strength.h"

#include "core/statics/equation.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// A string is never tuned quite to the cent, and nobody would wait for one that is.
constexpr double aLittle = 0.01;

} // namespace

double mostPull_N(const Situation& now, std::size_t string) {
    BalanceEquation atHome(now.rig, now.state);
    atHome.setRest(string, atHome.unstretchedForPitch_m(string, now.nominal.strings[string].target_Hz, now.home_rad));
    return std::max(now.options.mostOfBreaking * breakingTension_N(now.nominal.strings[string].wire),
                    (1.0 + aLittle) * atHome.tension_N(string, now.home_rad));
}

std::optional<std::size_t> overpulled(const Situation& now, const BalanceEquation& after, double angle_rad) {
    const BalanceEquation here(now.rig, now.state);
    std::optional<std::size_t> worst;
    double most = 1.0;
    for (std::size_t i = 0; i < now.strings; ++i) {
        if (!now.isOn(i))
            continue;
        const double pull_N = after.tension_N(i, angle_rad);
        const double share = pull_N / mostPull_N(now, i);
        if (share > most && pull_N > (1.0 + aLittle) * here.tension_N(i, now.state.angle_rad)) {
            most = share;
            worst = i;
        }
    }
    return worst;
}

double frequencyFor_Hz(double f_Hz, double pull_N, double most_N) {
    return f_Hz * std::sqrt(most_N / pull_N); // the speaking length stays
}

double shareOfBreaking(const Situation& now, std::size_t string, double pull_N) {
    return pull_N / breakingTension_N(now.nominal.strings[string].wire);
}

} // namespace flenzo
