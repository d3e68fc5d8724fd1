// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/bridge/geometry.h"

#include <cmath>

namespace flenzo {

Turned::Turned(double angle) : angle_rad(angle), sine(std::sin(angle)), cosine(std::cos(angle)) {}

Reach distance(const Turned& turned, const Eigen::Vector2d& moving_m, const Eigen::Vector2d& fixed_m) {
    const Eigen::Vector2d point = turned.place(moving_m);
    const Eigen::Vector2d velocity = turned.velocity(moving_m);
    const Eigen::Vector2d chord = fixed_m - point;
    Reach reach;
    reach.length_m = chord.norm();
    reach.slope = -chord.dot(velocity) / reach.length_m;
    // The acceleration of a turning point is minus its position, hence the plus sign.
    reach.curve = (velocity.squaredNorm() + chord.dot(point) - reach.slope * reach.slope) / reach.length_m;
    return reach;
}

Eigen::Vector2d nutPoint_m(const RigString& string) {
    return {string.saddle_m.x() + string.scale_m, string.saddle_m.y() - string.nutDrop_m};
}

double tails_m(const RigString& string, bool nutLocked) {
    return (nutLocked ? 0.0 : string.nutTail_m) + string.saddleTail_m;
}

Eigen::Vector2d anchorAt_m(const Spring& spring, const Claw& claw, const ClawTurns& turns) {
    const double here_turns = turns.bass * (1.0 - spring.slot) + turns.treble * spring.slot;
    return {spring.anchor_m.x() + here_turns * claw.lead_m, spring.anchor_m.y()};
}

Eigen::Vector2d gravityDirection(Orientation orientation, double neckElevation_rad) {
    switch (orientation) {
    case Orientation::Flat:
        return {0.0, -1.0};
    case Orientation::Playing:
        return {-std::sin(neckElevation_rad), 0.0};
    case Orientation::Upright:
        return {-1.0, 0.0};
    case Orientation::FaceDown:
        return {0.0, 1.0};
    }
    return {0.0, 0.0};
}

} // namespace flenzo
