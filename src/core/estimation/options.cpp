// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/options.h"

#include "core/base/bounds.h"

#include <array>

namespace flenzo {

namespace {

using Known = EstimatorOptions;
constexpr std::array bounds{
    FLENZO_FIELD(Known, springRate), FLENZO_FIELD(Known, initialTension), FLENZO_FIELD(Known, hookDepth_m),
    FLENZO_FIELD(Known, stringHeight_m), FLENZO_FIELD(Known, setback_m), FLENZO_FIELD(Known, clawPlace_m),
    FLENZO_FIELD(Known, clawLead), FLENZO_FIELD(Known, pivotFriction_Nm), FLENZO_FIELD(Known, pivotFrictionSpread),
    FLENZO_FIELD(Known, stringStiffness), FLENZO_FIELD(Known, stringMass), FLENZO_FIELD(Known, rememberedLevel_rad),
    FLENZO_FIELD(Known, rememberedPitch_cents), FLENZO_FIELD(Known, clawTurnErrorLeast_turns),
    FLENZO_FIELD(Known, lockShift_cents), FLENZO_FIELD(Known, blockAngle_rad), FLENZO_FIELD(Known, balance_Nm),
    FLENZO_FIELD(Known, firstFrictionShare), FLENZO_FIELD(Known, oddPivot), FLENZO_FIELD(Known, mostHeldFriction),
    FLENZO_FIELD(Known, unreadString_cents), FLENZO_FIELD(Known, retunedString_cents), FLENZO_FIELD(Known, tuner_cents),
    FLENZO_FIELD(Known, gap_m), FLENZO_FIELD(Known, angle_rad), FLENZO_FIELD(Known, untoldReadings),
    FLENZO_FIELD(Known, toldReadings), FLENZO_FIELD(Known, leastTuner_cents), FLENZO_FIELD(Known, robustAt),
    FLENZO_FIELD(Known, doubtFrom), FLENZO_FIELD(Known, leastDoubt_cents), FLENZO_FIELD(Known, leastDoubt_m),
    FLENZO_FIELD(Known, slipped_cents), FLENZO_FIELD(Known, unsettled_m), FLENZO_FIELD(Known, unsettledSpread),
    FLENZO_FIELD(Known, shareSpread), FLENZO_FIELD(Known, pullSpread), FLENZO_FIELD(Known, step),
    // Shares.
    FLENZO_FIELD(Known, sameMakeSpread, 0, 1), FLENZO_FIELD(Known, clawTurnError, 0, 1),
    FLENZO_FIELD(Known, balanceFrictionShare, 0, 1), FLENZO_FIELD(Known, plateLeverage, 0, 1),
    FLENZO_FIELD(Known, pitchModel, 0, 1), FLENZO_FIELD(Known, creepShare, 0, 1),
    FLENZO_FIELD(Known, ownPegShare, 0, 1), FLENZO_FIELD(Known, seatingShare, 0, 1),
    FLENZO_FIELD(Known, pullHand, 0, 1), FLENZO_FIELD(Known, costLeft, 0, 1), FLENZO_FIELD(Known, noiseChange, 0, 1),
    // Others.
    FLENZO_FIELD(Known, misread_cents, 0, 400), FLENZO_FIELD(Known, swapped_cents, 0, 400),
    FLENZO_FIELD(Known, pullShare, 0.01, 0.9), FLENZO_FIELD(Known, mostChecks, 1, 1000),
    FLENZO_FIELD(Known, mostSteps, 1, 1000), FLENZO_FIELD(Known, noiseRounds, 0, 1000),
    FLENZO_FIELD(Known, longLog, 3, 1e6)};

} // namespace

bool EstimatorOptions::isValid(std::string* error) const {
    return withinBounds(*this, bounds, error);
}

bool EstimatorOptions::set(const std::string& name, double value) {
    return setNamed(*this, bounds, name, value);
}

} // namespace flenzo
