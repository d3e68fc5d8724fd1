// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/options.h"

#include "core/base/bounds.h"

#include <array>

namespace flenzo {

namespace {

using Known = AdvisorOptions;
constexpr std::array bounds{
    // Far: the pass.
    FLENZO_FIELD(Known, far_cents, 0, 1000), FLENZO_FIELD(Known, farDeviations, 0, 200),
    FLENZO_FIELD(Known, farClaw_turns, 0, 50), FLENZO_FIELD(Known, looksOn_turns, 0, 10),
    FLENZO_FIELD(Known, checkAngleShare, 0, 1), FLENZO_FIELD(Known, checkString_cents, 0, 50),
    FLENZO_FIELD(Known, checkGain, 0, 1), FLENZO_FIELD(Known, passShare, 0, 10),
    FLENZO_FIELD(Known, plateShare, 1e-3, 10),
    // Near: weighing.
    FLENZO_FIELD(Known, visitPrice, 0, 50), FLENZO_FIELD(Known, missedString, 0, 210),
    FLENZO_FIELD(Known, missedPlate, 0, 140), FLENZO_FIELD(Known, urgency, 0, 200), FLENZO_FIELD(Known, clear, 0, 30),
    FLENZO_FIELD(Known, sureDeviations, 0, 150), FLENZO_FIELD(Known, drift, 0, 1),
    FLENZO_FIELD(Known, stickShare, 0, 1), FLENZO_FIELD(Known, clawHand, 0, 1), FLENZO_FIELD(Known, pegTuner, 0, 10),
    FLENZO_FIELD(Known, lead, 0, 1), FLENZO_FIELD(Known, leastClaw, 0, 10),
    // Done, and what tools can tell.
    FLENZO_FIELD(Known, doneOdds, 0, 1), FLENZO_FIELD(Known, insideOdds, 0, 1), FLENZO_FIELD(Known, tellPlate, 0, 120),
    FLENZO_FIELD(Known, tellPitch, 0, 130), FLENZO_FIELD(Known, tellPeg, 0, 200), FLENZO_FIELD(Known, peg_cents, 0, 80),
    // Over a block, exactly to pitch.
    FLENZO_FIELD(Known, blockShare, 0, 10), FLENZO_FIELD(Known, blockAgainShare, 0, 10),
    FLENZO_FIELD(Known, exactShare, 0, 10), FLENZO_FIELD(Known, exactCoarse_cents, 0, 1000),
    FLENZO_FIELD(Known, exactFarClaw_cents, 0, 10000), FLENZO_FIELD(Known, exactPlate, 0, 10),
    FLENZO_FIELD(Known, exactPatience, 1, 100),
    // Stretching, decked, the float.
    FLENZO_FIELD(Known, nearPitch_cents, 0, 6000), FLENZO_FIELD(Known, worthPulling_cents, 0, 15000),
    FLENZO_FIELD(Known, leastLoad, 0, 60), FLENZO_FIELD(Known, mostLoad, 0, 180),
    FLENZO_FIELD(Known, floatDeviations, 0, 400),
    // Counts.
    FLENZO_FIELD(Known, farClawVisits, 0, 1000), FLENZO_FIELD(Known, mostReads, 0, 1000),
    FLENZO_FIELD(Known, lastVisit, 0, 1000), FLENZO_FIELD(Known, lastPass, 0, 1000),
    FLENZO_FIELD(Known, mostPulls, 0, 1000)};

} // namespace

bool AdvisorOptions::isValid(std::string* error) const {
    return withinBounds(*this, bounds, error);
}

bool AdvisorOptions::set(const std::string& name, double value) {
    return setNamed(*this, bounds, name, value);
}

} // namespace flenzo
