// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/rule_options.h"

#include "core/base/bounds.h"

#include <array>

namespace flenzo {

namespace {

using Weights = AdvisorOptions;
constexpr std::array advisorBounds{
    // Far: the pass.
    FLENZO_FIELD(Weights, far_cents, 0, 1000), FLENZO_FIELD(Weights, farDeviations, 0, 200),
    FLENZO_FIELD(Weights, farClaw_turns, 0, 50), FLENZO_FIELD(Weights, looksOn_turns, 0, 10),
    FLENZO_FIELD(Weights, checkAngleShare, 0, 1), FLENZO_FIELD(Weights, checkString_cents, 0, 50),
    FLENZO_FIELD(Weights, checkGain, 0, 1), FLENZO_FIELD(Weights, passShare, 0, 10),
    FLENZO_FIELD(Weights, plateShare, 1e-3, 10),
    // Near: weighing.
    FLENZO_FIELD(Weights, missedString, 0, 210), FLENZO_FIELD(Weights, missedPlate, 0, 140),
    FLENZO_FIELD(Weights, visitShare, 0, 10), FLENZO_FIELD(Weights, readingShare, 0, 10),
    FLENZO_FIELD(Weights, drift, 0, 1), FLENZO_FIELD(Weights, worthReading, 0, 1),
    FLENZO_FIELD(Weights, stickShare, 0, 1), FLENZO_FIELD(Weights, clawHand, 0, 1),
    FLENZO_FIELD(Weights, pegTuner, 0, 10), FLENZO_FIELD(Weights, lead, 0, 1), FLENZO_FIELD(Weights, leastClaw, 0, 10),
    FLENZO_FIELD(Weights, mostOfBreaking, 0.1, 1),
    // Done, and what tools can tell.
    FLENZO_FIELD(Weights, gateDeviations, 0, 100), FLENZO_FIELD(Weights, benchShare, 0, 10),
    FLENZO_FIELD(Weights, benchDeviations, 0, 100), FLENZO_FIELD(Weights, doneOdds, 0, 1),
    FLENZO_FIELD(Weights, outsideOdds, 0, 1), FLENZO_FIELD(Weights, tellPlate, 0, 120),
    FLENZO_FIELD(Weights, tellPitch, 0, 130), FLENZO_FIELD(Weights, tellPeg, 0, 200),
    FLENZO_FIELD(Weights, peg_cents, 0, 80),
    // Over a block, exactly to pitch.
    FLENZO_FIELD(Weights, blockShare, 0, 10), FLENZO_FIELD(Weights, blockAgainShare, 0, 10),
    FLENZO_FIELD(Weights, exactShare, 0, 10), FLENZO_FIELD(Weights, exactCoarse_cents, 0, 1000),
    FLENZO_FIELD(Weights, exactFarClaw_cents, 0, 10000), FLENZO_FIELD(Weights, exactPlate, 0, 10),
    FLENZO_FIELD(Weights, exactPatience, 1, 100),
    // Stretching, decked, the float.
    FLENZO_FIELD(Weights, nearPitch_cents, 0, 6000), FLENZO_FIELD(Weights, worthPulling_cents, 0, 15000),
    FLENZO_FIELD(Weights, leastLoad, 0, 60), FLENZO_FIELD(Weights, mostLoad, 0, 180),
    FLENZO_FIELD(Weights, floatDeviations, 0, 400),
    // Counts.
    FLENZO_FIELD(Weights, farClawVisits, 0, 1000), FLENZO_FIELD(Weights, mostReads, 0, 1000),
    FLENZO_FIELD(Weights, lastVisit, 0, 1000), FLENZO_FIELD(Weights, lastPass, 0, 1000),
    FLENZO_FIELD(Weights, mostPulls, 0, 1000)};

} // namespace

bool AdvisorOptions::isValid(std::string* error) const {
    return withinBounds(*this, advisorBounds, error);
}

bool AdvisorOptions::set(const std::string& name, double value) {
    return setNamed(*this, advisorBounds, name, value);
}

} // namespace flenzo
