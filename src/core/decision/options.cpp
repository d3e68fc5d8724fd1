// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/options.h"

#include "core/base/bounds.h"

#include <array>

namespace flenzo {

namespace {

constexpr std::array<Bound<AdvisorOptions>, 39> advisorBounds{{
    {"far_cents", &AdvisorOptions::far_cents, 0.0, 1000},
    {"farDeviations", &AdvisorOptions::farDeviations, 0.0, 200},
    {"farClaw_turns", &AdvisorOptions::farClaw_turns, 0.0, 50},
    {"looksOn_turns", &AdvisorOptions::looksOn_turns, 0.0, 10},
    {"checkAngleShare", &AdvisorOptions::checkAngleShare, 0.0, 1.0},
    {"checkString_cents", &AdvisorOptions::checkString_cents, 0.0, 50},
    {"checkGain", &AdvisorOptions::checkGain, 0.0, 1.0},
    {"passShare", &AdvisorOptions::passShare, 0.0, 10},
    {"plateShare", &AdvisorOptions::plateShare, 1e-3, 10},
    {"visitPrice", &AdvisorOptions::visitPrice, 0.0, 50},
    {"missedString", &AdvisorOptions::missedString, 0.0, 210},
    {"missedPlate", &AdvisorOptions::missedPlate, 0.0, 140},
    {"urgency", &AdvisorOptions::urgency, 0.0, 200},
    {"clear", &AdvisorOptions::clear, 0.0, 30},
    {"sureDeviations", &AdvisorOptions::sureDeviations, 0.0, 150},
    {"drift", &AdvisorOptions::drift, 0.0, 1.0},
    {"stickShare", &AdvisorOptions::stickShare, 0.0, 1.0},
    {"clawHand", &AdvisorOptions::clawHand, 0.0, 1.0},
    {"pegTuner", &AdvisorOptions::pegTuner, 0.0, 10},
    {"lead", &AdvisorOptions::lead, 0.0, 1.0},
    {"leastClaw", &AdvisorOptions::leastClaw, 0.0, 10},
    {"doneOdds", &AdvisorOptions::doneOdds, 0.0, 1.0},
    {"insideOdds", &AdvisorOptions::insideOdds, 0.0, 1.0},
    {"tellPlate", &AdvisorOptions::tellPlate, 0.0, 120},
    {"tellPitch", &AdvisorOptions::tellPitch, 0.0, 130},
    {"tellPeg", &AdvisorOptions::tellPeg, 0.0, 200},
    {"peg_cents", &AdvisorOptions::peg_cents, 0.0, 80},
    {"blockShare", &AdvisorOptions::blockShare, 0.0, 10},
    {"blockAgainShare", &AdvisorOptions::blockAgainShare, 0.0, 10},
    {"exactShare", &AdvisorOptions::exactShare, 0.0, 10},
    {"exactCoarse_cents", &AdvisorOptions::exactCoarse_cents, 0.0, 1000},
    {"exactFarClaw_cents", &AdvisorOptions::exactFarClaw_cents, 0.0, 10000},
    {"exactPlate", &AdvisorOptions::exactPlate, 0.0, 10},
    {"exactPatience", &AdvisorOptions::exactPatience, 1.0, 100},
    {"nearPitch_cents", &AdvisorOptions::nearPitch_cents, 0.0, 6000},
    {"worthPulling_cents", &AdvisorOptions::worthPulling_cents, 0.0, 15000},
    {"leastLoad", &AdvisorOptions::leastLoad, 0.0, 60},
    {"mostLoad", &AdvisorOptions::mostLoad, 0.0, 180},
    {"floatDeviations", &AdvisorOptions::floatDeviations, 0.0, 400},
}};

} // namespace

bool AdvisorOptions::isValid(std::string* error) const {
    for (const int count : {farClawVisits, mostReads, lastVisit, lastPass, mostPulls})
        if (count < 0 || count > 1000) {
            if (error)
                *error = "a count is " + std::to_string(count) + " and must lie between 0 and 1000";
            return false;
        }
    return withinBounds(*this, advisorBounds, error);
}

bool AdvisorOptions::set(const std::string& name, double value) {
    return setNamed(*this, advisorBounds, name, value);
}

} // namespace flenzo
