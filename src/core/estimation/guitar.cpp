// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/guitar.h"

#include <array>
#include <cmath>

namespace flenzo {

namespace {

struct Quantity {
    const char* name;
    double EstimatorOptions::*deviation;
};
constexpr std::array<Quantity, learnedCount> quantities{{
    {"springRateShare", &EstimatorOptions::springRate},
    {"initialTensionShare", &EstimatorOptions::initialTension},
    {"hookDepthMm", &EstimatorOptions::hookDepth_m},
    {"stringHeightMm", &EstimatorOptions::stringHeight_m},
    {"setbackMm", &EstimatorOptions::setback_m},
    {"clawPlaceMm", &EstimatorOptions::clawPlace_m},
    {"clawLeadShare", &EstimatorOptions::clawLead},
    {"pivotFrictionShare", &EstimatorOptions::pivotFrictionSpread},
}};

struct Correction {
    const EstimatorOptions& options;
    const GuitarUnknowns& by;
    [[nodiscard]] double of(Learned quantity) const {
        return by.value[static_cast<Eigen::Index>(quantity)] * priorDeviation(options, quantity);
    }
};

} // namespace

const char* learnedName(Learned quantity) {
    return quantities[static_cast<std::size_t>(quantity)].name;
}

double priorDeviation(const EstimatorOptions& options, Learned quantity) {
    return options.*quantities[static_cast<std::size_t>(quantity)].deviation;
}

void correctSprings(std::vector<Spring>& springs, Family family, const EstimatorOptions& options,
                    const GuitarUnknowns& by) {
    const Correction correction{options, by};
    for (Spring& spring : springs) {
        spring.rate_Npm *= std::exp(correction.of(Learned::SpringRate));
        spring.initial_N *= std::exp(correction.of(Learned::InitialTension));
        if (family == Family::RollerShaft) {
            spring.lever_m += turnedPart * correction.of(Learned::HookDepth);
            continue;
        }
        spring.hook_m.y() += correction.of(Learned::HookDepth);
        spring.anchor_m.y() += correction.of(Learned::HookDepth);
        spring.anchor_m.x() += correction.of(Learned::ClawPlace);
    }
}

Rig correctedRig(const Rig& nominal, const EstimatorOptions& options, const GuitarUnknowns& by) {
    const Correction correction{options, by};
    Rig rig = nominal;
    correctSprings(rig.springs, rig.bridge.family, options, by);
    rig.claw.lead_m *= std::exp(correction.of(Learned::ClawLead));
    rig.bridge.friction.pivot_Nm = options.pivotFriction_Nm * std::exp(correction.of(Learned::PivotFriction));
    if (rig.bridge.family == Family::RollerShaft)
        rig.bridge.shaftRadius_m += turnedPart * correction.of(Learned::StringHeight);
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        RigString& string = rig.strings[i];
        if (rig.bridge.family == Family::KnifeEdge)
            string.saddle_m += Eigen::Vector2d(correction.of(Learned::Setback), correction.of(Learned::StringHeight));
        string.wire.stiffness_N =
            axialStiffness_N(string.wire) * std::exp(options.stringStiffness * by.value[stiffnessIndex(i)]);
        string.wire.unitMass_kgpm = unitMass_kgpm(string.wire) * std::exp(options.stringMass * by.value[massIndex(i)]);
    }
    return rig;
}

} // namespace flenzo
