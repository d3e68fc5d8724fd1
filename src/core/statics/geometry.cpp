// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/geometry.h"

#include <cmath>

namespace flenzo {

Link link(const Eigen::Vector2d& moving_m, const Eigen::Vector2d& fixed_m, double aside_m) {
    return linkBetween<double>(moving_m.x(), moving_m.y(), fixed_m.x(), fixed_m.y(), aside_m);
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
