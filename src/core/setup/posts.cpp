// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/setup/posts.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {
constexpr double hand_m = 0.085;
}

double slackFor_m(double wraps, double post_m, double gauge_m) {
    return wraps * std::numbers::pi * (post_m + gauge_m);
}

SlackRules slackRules(double slack_m, double scale_m, double postSpacing_m) {
    SlackRules rules;
    rules.slack_m = slack_m;
    rules.frets = -12.0 * std::log2(1.0 - std::min(0.9, slack_m / scale_m));
    rules.postSpacings = slack_m / postSpacing_m;
    rules.bow_m = std::sqrt(3.0 * slack_m * scale_m / 8.0); // a flat parabola is 8 b^2 / 3 L longer than its chord
    rules.hands = slack_m / hand_m;
    return rules;
}

double cutLength_m(double scale_m, double nutToPost_m, double slack_m, double insertion_m) {
    return scale_m + nutToPost_m + slack_m + insertion_m;
}

double nutBreak_rad(double slot_m, double firstExit_m, double wraps, double gauge_m, double nutToPost_m) {
    const double exit_m = firstExit_m - std::max(0.0, wraps - 1.0) * gauge_m;
    return std::max(0.0, std::atan((slot_m - exit_m) / nutToPost_m));
}

} // namespace flenzo
