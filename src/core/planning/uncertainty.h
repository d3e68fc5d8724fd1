// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/change.h"

namespace flenzo {

/// How far real guitars lie from nominal and how steady hands and gauges are: standard deviations (PHYSICS section 6).
struct UncertaintyModel {
    double springRate = 0.15;      ///< share
    double initialTension = 0.30;  ///< share
    double arm_m = 0.001;          ///< hook depth and string height
    double clawLead = 0.05;        ///< share
    double stringStiffness = 0.03; ///< share, each string for itself: cores differ from the catalogue
    double clawTurnError = 0.03;   ///< share of the turns asked for
    double tuner_cents = 0.5;
    double peg_cents = 0.8;
    double gap_m = 0.00004;
    double angle_rad = 0.0; ///< above 0 the plate is looked at and no gap measured
};

/// A guitar's departure from its nominal rig, in the quantities that matter.
struct Perturbation {
    double springRate = 0.0, initialTension = 0.0; ///< shares
    double hookDepth_m = 0.0, stringHeight_m = 0.0;
    double clawLead = 0.0; ///< share
};
/// The rig so perturbed; with the old set it rests at the rig's claw as the real one did.
[[nodiscard]] Rig perturbed(const Rig& nominal, const Perturbation& by, const OldSet& old);

/// Standard deviations of the plan's figures over the spread, by first differences in each quantity.
struct PlanUncertainty {
    double claw_turns = 0.0;
    std::vector<double> aims_cents; ///< document order, first pass at the right claw
};
[[nodiscard]] PlanUncertainty planUncertainty(const Rig& rig, const OldSet& old, const Goal& goal, const Order& order,
                                              double slack_cents, const UncertaintyModel& spread);

} // namespace flenzo
