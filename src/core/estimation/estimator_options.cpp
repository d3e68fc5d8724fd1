// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/estimator_options.h"

#include "core/base/bounds.h"

#include <array>

namespace flenzo {

namespace {

using Beliefs = EstimatorOptions;
constexpr std::array estimatorBounds{
    FLENZO_FIELD(Beliefs, springRate), FLENZO_FIELD(Beliefs, initialTension), FLENZO_FIELD(Beliefs, hookDepth_m),
    FLENZO_FIELD(Beliefs, stringHeight_m), FLENZO_FIELD(Beliefs, setback_m), FLENZO_FIELD(Beliefs, clawPlace_m),
    FLENZO_FIELD(Beliefs, clawLead), FLENZO_FIELD(Beliefs, pivotFriction_Nm),
    FLENZO_FIELD(Beliefs, pivotFrictionSpread), FLENZO_FIELD(Beliefs, stringStiffness),
    FLENZO_FIELD(Beliefs, stringMass), FLENZO_FIELD(Beliefs, rememberedLevel_rad),
    FLENZO_FIELD(Beliefs, rememberedPitch_cents), FLENZO_FIELD(Beliefs, clawTurnErrorLeast_turns),
    FLENZO_FIELD(Beliefs, lockShift_cents), FLENZO_FIELD(Beliefs, blockAngle_rad),
    FLENZO_FIELD(Beliefs, blockUnmeasured_rad), FLENZO_FIELD(Beliefs, balance_Nm),
    FLENZO_FIELD(Beliefs, firstFrictionShare), FLENZO_FIELD(Beliefs, oddPivot), FLENZO_FIELD(Beliefs, mostHeldFriction),
    FLENZO_FIELD(Beliefs, unreadString_cents), FLENZO_FIELD(Beliefs, retunedString_cents),
    FLENZO_FIELD(Beliefs, tuner_cents), FLENZO_FIELD(Beliefs, gap_m), FLENZO_FIELD(Beliefs, angle_rad),
    FLENZO_FIELD(Beliefs, untoldReadings), FLENZO_FIELD(Beliefs, toldReadings), FLENZO_FIELD(Beliefs, leastTuner_cents),
    FLENZO_FIELD(Beliefs, robustAt), FLENZO_FIELD(Beliefs, doubtFrom), FLENZO_FIELD(Beliefs, leastDoubt_cents),
    FLENZO_FIELD(Beliefs, leastDoubt_m), FLENZO_FIELD(Beliefs, slipped_cents), FLENZO_FIELD(Beliefs, unsettled_m),
    FLENZO_FIELD(Beliefs, unsettledSpread), FLENZO_FIELD(Beliefs, shareSpread), FLENZO_FIELD(Beliefs, pullSpread),
    FLENZO_FIELD(Beliefs, step), FLENZO_FIELD(Beliefs, thermalStrain), FLENZO_FIELD(Beliefs, thermalMost_hours),
    FLENZO_FIELD(Beliefs, moved_cents), FLENZO_FIELD(Beliefs, carried_cents), FLENZO_FIELD(Beliefs, loosened_cents),
    FLENZO_FIELD(Beliefs, clawEstimated_turns), FLENZO_FIELD(Beliefs, clawUnknown_turns),
    FLENZO_FIELD(Beliefs, clawRobustAt), FLENZO_FIELD(Beliefs, leastUnwritten_turns), FLENZO_FIELD(Beliefs, suspect),
    // What must be saved.
    FLENZO_FIELD(Beliefs, movedPrice_nats, 0, 1000), FLENZO_FIELD(Beliefs, wrongPrice_nats, 0, 1000),
    FLENZO_FIELD(Beliefs, actPrice_nats, 0, 1000), FLENZO_FIELD(Beliefs, askBetter_nats, 0, 1000),
    FLENZO_FIELD(Beliefs, strained_nats, 0, 1000), FLENZO_FIELD(Beliefs, strainedRest_nats, 0, 1000),
    FLENZO_FIELD(Beliefs, rivalWithin_nats, 0, 1000),
    // Shares.
    FLENZO_FIELD(Beliefs, balanceFrictionShare, 0, 1), FLENZO_FIELD(Beliefs, heldFrictionChange, 0, 1),
    FLENZO_FIELD(Beliefs, sameMakeSpread, 0, 1), FLENZO_FIELD(Beliefs, clawTurnError, 0, 1),
    FLENZO_FIELD(Beliefs, plateLeverage, 0, 1), FLENZO_FIELD(Beliefs, seatingShare, 0, 1),
    FLENZO_FIELD(Beliefs, noiseChange, 0, 1), FLENZO_FIELD(Beliefs, ownPegShare, 0, 1),
    FLENZO_FIELD(Beliefs, creepShare, 0, 1), FLENZO_FIELD(Beliefs, pitchModel, 0, 1),
    FLENZO_FIELD(Beliefs, leastStep, 0, 1), FLENZO_FIELD(Beliefs, pullHand, 0, 1),
    FLENZO_FIELD(Beliefs, costLeft, 0, 1), FLENZO_FIELD(Beliefs, carriedShare, 0, 1),
    // Others.
    FLENZO_FIELD(Beliefs, misread_cents, 0, 400), FLENZO_FIELD(Beliefs, swapped_cents, 0, 400),
    FLENZO_FIELD(Beliefs, pullShare, 0.01, 0.9), FLENZO_FIELD(Beliefs, mostChecks, 1, 1000),
    FLENZO_FIELD(Beliefs, mostSteps, 1, 1000), FLENZO_FIELD(Beliefs, noiseRounds, 0, 1000),
    FLENZO_FIELD(Beliefs, longLog, 3, 1e6), FLENZO_FIELD(Beliefs, walkAct_cents, 0, 100),
    FLENZO_FIELD(Beliefs, walkHour_cents, 0, 100), FLENZO_FIELD(Beliefs, settledHour_cents, 0, 100),
    FLENZO_FIELD(Beliefs, mostCandidates, 0, 1000), FLENZO_FIELD(Beliefs, assumeRounds, 0, 100),
    FLENZO_FIELD(Beliefs, recentActs, 0, 1000)};

} // namespace

bool EstimatorOptions::isValid(std::string* error) const {
    return withinBounds(*this, estimatorBounds, error);
}

bool EstimatorOptions::set(const std::string& name, double value) {
    return setNamed(*this, estimatorBounds, name, value);
}

} // namespace flenzo
