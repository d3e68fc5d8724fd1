// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/options.h"

#include "core/base/bounds.h"

#include <array>

namespace flenzo {

namespace {

constexpr std::array<Bound<EstimatorOptions>, 52> estimatorBounds{{
    {"springRate", &EstimatorOptions::springRate, 0.00012, 12},
    {"initialTension", &EstimatorOptions::initialTension, 0.00025, 25},
    {"hookDepth_m", &EstimatorOptions::hookDepth_m, 1.2e-06, 0.12},
    {"stringHeight_m", &EstimatorOptions::stringHeight_m, 8e-07, 0.08},
    {"setback_m", &EstimatorOptions::setback_m, 7e-07, 0.07},
    {"clawPlace_m", &EstimatorOptions::clawPlace_m, 3e-06, 0.3},
    {"clawLead", &EstimatorOptions::clawLead, 4e-05, 4},
    {"pivotFriction_Nm", &EstimatorOptions::pivotFriction_Nm, 5e-06, 0.5},
    {"pivotFrictionSpread", &EstimatorOptions::pivotFrictionSpread, 0.0008, 80},
    {"stringStiffness", &EstimatorOptions::stringStiffness, 3e-05, 3},
    {"stringMass", &EstimatorOptions::stringMass, 8e-06, 0.8},
    {"sameMakeSpread", &EstimatorOptions::sameMakeSpread, 0.0, 1.0},
    {"rememberedLevel_rad", &EstimatorOptions::rememberedLevel_rad, 4e-06, 0.4},
    {"rememberedPitch_cents", &EstimatorOptions::rememberedPitch_cents, 0.003, 300},
    {"clawTurnError", &EstimatorOptions::clawTurnError, 0.0, 1.0},
    {"clawTurnErrorLeast_turns", &EstimatorOptions::clawTurnErrorLeast_turns, 4e-06, 0.4},
    {"lockShift_cents", &EstimatorOptions::lockShift_cents, 0.004, 400},
    {"blockAngle_rad", &EstimatorOptions::blockAngle_rad, 1e-06, 0.1},
    {"balance_Nm", &EstimatorOptions::balance_Nm, 4e-07, 0.04},
    {"balanceFrictionShare", &EstimatorOptions::balanceFrictionShare, 0.0, 1.0},
    {"firstFrictionShare", &EstimatorOptions::firstFrictionShare, 0.0006, 60},
    {"oddPivot", &EstimatorOptions::oddPivot, 0.1, 100},
    {"mostHeldFriction", &EstimatorOptions::mostHeldFriction, 0.002, 200},
    {"unreadString_cents", &EstimatorOptions::unreadString_cents, 0.4, 40000},
    {"retunedString_cents", &EstimatorOptions::retunedString_cents, 0.8, 80000},
    {"tuner_cents", &EstimatorOptions::tuner_cents, 0.0006, 60},
    {"gap_m", &EstimatorOptions::gap_m, 6e-08, 0.006},
    {"angle_rad", &EstimatorOptions::angle_rad, 3.5e-06, 0.35},
    {"untoldReadings", &EstimatorOptions::untoldReadings, 0.004, 400},
    {"toldReadings", &EstimatorOptions::toldReadings, 0.012, 1200},
    {"plateLeverage", &EstimatorOptions::plateLeverage, 0.0, 1.0},
    {"leastTuner_cents", &EstimatorOptions::leastTuner_cents, 0.00015, 15},
    {"pitchModel", &EstimatorOptions::pitchModel, 0.0, 1.0},
    {"robustAt", &EstimatorOptions::robustAt, 0.004, 400},
    {"doubtFrom", &EstimatorOptions::doubtFrom, 0.005, 500},
    {"leastDoubt_cents", &EstimatorOptions::leastDoubt_cents, 0.005, 500},
    {"leastDoubt_m", &EstimatorOptions::leastDoubt_m, 3e-07, 0.03},
    {"misread_cents", &EstimatorOptions::misread_cents, 0.0, 400},
    {"swapped_cents", &EstimatorOptions::swapped_cents, 0.0, 400},
    {"slipped_cents", &EstimatorOptions::slipped_cents, 0.1, 10000},
    {"unsettled_m", &EstimatorOptions::unsettled_m, 7e-08, 0.007},
    {"unsettledSpread", &EstimatorOptions::unsettledSpread, 0.0007, 70},
    {"creepShare", &EstimatorOptions::creepShare, 0.0, 1.0},
    {"ownPegShare", &EstimatorOptions::ownPegShare, 0.0, 1.0},
    {"shareSpread", &EstimatorOptions::shareSpread, 0.0007, 70},
    {"seatingShare", &EstimatorOptions::seatingShare, 0.0, 1.0},
    {"pullShare", &EstimatorOptions::pullShare, 0.01, 0.9},
    {"pullSpread", &EstimatorOptions::pullSpread, 0.0005, 50},
    {"pullHand", &EstimatorOptions::pullHand, 0.0, 1.0},
    {"step", &EstimatorOptions::step, 2e-05, 2},
    {"costLeft", &EstimatorOptions::costLeft, 0.0, 1.0},
    {"noiseChange", &EstimatorOptions::noiseChange, 0.0, 1.0},
}};

} // namespace

bool EstimatorOptions::isValid(std::string* error) const {
    struct Count {
        const char* name;
        int value, least;
    };
    for (const Count& count : {Count{"mostChecks", mostChecks, 1},
                               {"mostSteps", mostSteps, 1},
                               {"noiseRounds", noiseRounds, 0},
                               {"longLog", longLog, 3}})
        if (count.value < count.least) {
            if (error)
                *error = std::string(count.name) + " is " + std::to_string(count.value) + "; it must be at least " +
                         std::to_string(count.least);
            return false;
        }
    return withinBounds(*this, estimatorBounds, error);
}

bool EstimatorOptions::set(const std::string& name, double value) {
    return setNamed(*this, estimatorBounds, name, value);
}

} // namespace flenzo
