// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/setup/finding.h"

#include <cmath>

namespace flenzo {

double armMoment_Nm(double force_N, double lever_m) {
    return force_N * lever_m;
}

std::optional<SpringByScale> springByScale(double first_m, double first_N, double second_m, double second_N,
                                           double free_m) {
    const double longer_m = second_m - first_m, more_N = second_N - first_N;
    if (longer_m == 0.0 || more_N / longer_m <= 0.0)
        return std::nullopt;
    const SpringByScale spring{more_N / longer_m, first_N - more_N / longer_m * (first_m - free_m)};
    return spring.initial_N < 0.0 ? std::nullopt : std::optional(spring);
}

std::optional<double> rateByTwoClaws(const Rig& rig, const State& from, double first_rad, double second_rad,
                                     double turns) {
    // Turns between the two claws that hold the two angles with springs of that share.
    const auto between = [&](double share) -> std::optional<double> {
        Rig other = rig;
        for (Spring& spring : other.springs)
            spring.rate_Npm *= share;
        double mean[2] = {};
        for (const int k : {0, 1}) {
            Goal goal;
            goal.angle_rad = k == 0 ? first_rad : second_rad;
            const LevelSolution level = levelSolution(other, from, goal);
            if (!level.balanced())
                return std::nullopt;
            mean[k] = level.state.claw.mean();
        }
        return mean[1] - mean[0] - turns;
    };
    // The two ends may be out of the claw's reach: the first two shares in reach that lie on either side are halved.
    constexpr double widest = 4.0;
    constexpr int steps = 64, halvings = 40;
    const auto shareAt = [](int step) { return std::pow(widest, 2.0 * step / steps - 1.0); };
    std::optional<double> before;
    for (int step = 0; step <= steps; ++step) {
        const std::optional<double> here = between(shareAt(step));
        if (here && before && (*here < 0.0) != (*before < 0.0)) {
            double low = shareAt(step - 1), high = shareAt(step);
            for (int k = 0; k < halvings; ++k) {
                const double middle = std::sqrt(low * high);
                const std::optional<double> found = between(middle);
                if (!found)
                    return std::nullopt;
                ((*found < 0.0) == (*before < 0.0) ? low : high) = middle;
            }
            return std::sqrt(low * high);
        }
        before = here;
    }
    return std::nullopt;
}

} // namespace flenzo
