// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/strength.h"

#include "core/statics/equation.h"

namespace flenzo {

std::optional<Overpulled> overpulled(const Situation& now, const BalanceEquation& after, double angle_rad) {
    constexpr double worse = 1.01;
    std::optional<Overpulled> worst;
    for (std::size_t i = 0; i < now.strings; ++i) {
        const auto k = static_cast<Eigen::Index>(i);
        const double pull_N = after.tension_N(i, angle_rad);
        if (pull_N <= worse * now.pull_N[k] || pull_N <= now.mostPull_N[k])
            continue;
        if (const Overpulled one{i, pull_N, now.mostPull_N[k] / pull_N}; !worst || one.room < worst->room)
            worst = one;
    }
    return worst;
}

Spared spared(const Situation& now, Spared::By by, const Overpulled& over) {
    Spared out{by, over.string, over.pull_N / breakingTension_N(now.nominal.strings[over.string].wire)};
    out.blockSpares = floats(now.nominal, now.goal) && !now.state.block && !now.state.nutLocked;
    return out;
}

} // namespace flenzo
