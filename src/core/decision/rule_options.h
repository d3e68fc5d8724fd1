// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/wire.h"

#include <string>

namespace flenzo {

/// What the rules weigh by. Ways are priced in seconds of the shop's pace, which is the job's.
struct AdvisorOptions {
    // Far: the pass.
    double far_cents = 10.0;    ///< off at level by more than this is far
    double farDeviations = 2.0; ///< and this many deviations
    double farClaw_turns = 0.5; ///< missing turns that are worth a visit before the pass
    int farClawVisits = 2;
    double looksOn_turns = 0.25;    ///< missing turns for which a shop that looks stays at the claw
    double checkAngleShare = 1.0;   ///< of the plate's tolerance: less sure than this, look before a peg
    double checkString_cents = 0.5; ///< less sure than this of a string, pluck it before its peg is touched
    double checkGain = 0.9;         ///< share to which a look must bring that down
    double passShare = 0.75;        ///< of the tolerance: a string nearer to its aim is left out of the pass
    double plateShare = 0.5; ///< of the plate's tolerance by which the strings of a pass may agree on another tilt
    // Near: weighing.
    double missedString = 1.2;   ///< of a peg's seconds
    double missedPlate = 1.4;    ///< the same for every string: it costs a pass
    double visitShare = 0.22;    ///< of a visit's seconds to the claw: put off, it is dearer by what is tuned till then
    double readingShare = 0.35;  ///< of a reading's seconds: it teaches for what comes later as well
    int mostReads = 3;           ///< readings of one thing at one rest
    double worthReading = 0.04;  ///< odds to be outside from which one is worth another reading
    double drift = 0.04;         ///< share of what an act is expected to do by which it may miss
    double stickShare = 0.5;     ///< of the dead band of the pivot, as deviation after an act
    double clawHand = 0.03;      ///< share of the turns by which a hand at the claw misses
    double pegTuner = 0.5;       ///< share of the tuner's deviation that a peg turned by it keeps
    double lead = 0.35;          ///< of the tolerance by which strings turned together may lead the plate
    double leastClaw = 0.3;      ///< of a step of the claw: less is not weighed
    double mostOfBreaking = usualMostOfBreaking; ///< of its breaking load, that no act may bring a string to
    // Done.
    double doneOdds = 0.5;        ///< of everything to be inside: with less, what may be outside is read once more
    double outsideOdds = 0.33;    ///< of any one string or the plate: with more leaving is no way
    double gateDeviations = 1.5;  ///< of one reading beyond its tolerance that let nothing be called done
    double benchShare = 0.75;     ///< of the tolerance by which two readings must differ from the solution to win
    double benchDeviations = 2.5; ///< and these of their mean
    int lastVisit = 10;           ///< visits to the claw after which leaving is said
    int lastPass = 5;             ///< the same for passes, peg turns over strings
    // What tools can tell: no tolerance finer than these many deviations of a reading is judged by.
    double tellPlate = 1.2;
    double tellPitch = 1.3;
    double tellPeg = 2.0;   ///< nor than these many of what a peg leaves
    double peg_cents = 0.8; ///< how near to its aim a hand leaves a string, until its pegs have shown it
    // Over a block and exactly to pitch: nearer than this share of the tolerance a string is left in peace.
    double blockShare = 0.8;
    double blockAgainShare = 1.5; ///< the same for one that was just tuned: its peg is no finer
    double exactShare = 0.8;
    double exactCoarse_cents = 15.0;   ///< with back-checks: these first, and the claw once all are as near
    double exactFarClaw_cents = 100.0; ///< or while one is still further off than this
    double exactPlate = 0.5;    ///< of the plate's tolerance, or `looksOn_turns` missing, before the claw is turned
    double exactPatience = 4.0; ///< times as many passes and visits where strings are tuned exactly to pitch
    // Stretching.
    int mostPulls = 7;
    double nearPitch_cents = 60.0;
    double worthPulling_cents = 150.0; ///< a string that has fallen further is tuned before it is pulled again
    // Decked: load of the stop, as shares of the one wanted.
    double leastLoad = 0.6;
    double mostLoad = 1.8;
    double floatDeviations = 4.0; ///< beyond doubt

    [[nodiscard]] bool isValid(std::string* error = nullptr) const;
    /// Sets the field of that name, for sweeps; false where there is none. Validate afterwards.
    [[nodiscard]] bool set(const std::string& name, double value);
};

} // namespace flenzo
