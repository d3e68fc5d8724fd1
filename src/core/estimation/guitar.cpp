// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/guitar.h"

#include <array>
#include <cmath>
#include <numeric>

namespace flenzo {

double priorDeviation(const EstimatorOptions& options, Learned quantity) {
    using Known = EstimatorOptions;
    constexpr std::array<double Known::*, learnedCount> deviations{
        &Known::springRate, &Known::initialTension, &Known::hookDepth_m, &Known::stringHeight_m,
        &Known::setback_m,  &Known::clawPlace_m,    &Known::clawLead,    &Known::pivotFrictionSpread};
    return options.*deviations[static_cast<std::size_t>(quantity)];
}

void correctSprings(std::vector<Spring>& springs, Motion motion, const EstimatorOptions& options,
                    const GuitarUnknowns& by) {
    const auto off = [&](Learned quantity) {
        return by.value[static_cast<Eigen::Index>(quantity)] * priorDeviation(options, quantity);
    };
    for (Spring& spring : springs) {
        spring.rate_Npm *= std::exp(off(Learned::SpringRate));
        spring.initial_N *= std::exp(off(Learned::InitialTension));
        if (motion == Motion::Shaft) {
            spring.lever_m += turnedPart * off(Learned::HookDepth);
            continue;
        }
        spring.hook_m.y() += off(Learned::HookDepth);
        spring.anchor_m.y() += off(Learned::HookDepth);
        spring.anchor_m.x() += off(Learned::ClawPlace);
    }
}

Rig correctedRig(const Rig& nominal, const EstimatorOptions& options, const GuitarUnknowns& by) {
    Version now{nominal, {}};
    std::iota(now.make.begin(), now.make.end(), std::size_t{0});
    return correctedRig(now, options, by);
}

Rig correctedRig(const Version& nominal, const EstimatorOptions& options, const GuitarUnknowns& by) {
    const auto off = [&](Learned quantity) {
        return by.value[static_cast<Eigen::Index>(quantity)] * priorDeviation(options, quantity);
    };
    Rig rig = nominal.rig;
    correctSprings(rig.springs, rig.bridge.has().motion, options, by);
    rig.claw.lead_m *= std::exp(off(Learned::ClawLead));
    rig.bridge.friction.pivot_Nm = options.pivotFriction_Nm * std::exp(off(Learned::PivotFriction));
    if (rig.bridge.has().motion == Motion::Shaft)
        rig.bridge.shaftRadius_m += turnedPart * off(Learned::StringHeight);
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        RigString& string = rig.strings[i];
        if (rig.bridge.has().hasClaw())
            string.saddle_m += Eigen::Vector2d(off(Learned::Setback), off(Learned::StringHeight));
        string.wire.stiffness_N = axialStiffness_N(string.wire) *
                                  std::exp(options.stringStiffness * by.value[stiffnessIndex(nominal.make[i])]);
        string.wire.unitMass_kgpm =
            unitMass_kgpm(string.wire) * std::exp(options.stringMass * by.value[massIndex(nominal.make[i])]);
    }
    return rig;
}

} // namespace flenzo
