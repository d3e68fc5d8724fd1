// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace flenzo {

/// What is believed of a guitar, a hand and a gauge before anything is read, and how the estimator goes about it.
/// Deviations are standard deviations. Change one when a kind of guitar, or the shop's tools, are known to differ.
struct EstimatorOptions {
    // The guitar: how far a real one lies from its nominal rig.
    double springRate = 0.15;           ///< of ln rate, all springs alike
    double initialTension = 0.30;       ///< of ln initial tension
    double hookDepth_m = 0.0012;        ///< roller shaft: three tenths of it, of the spring's lever
    double stringHeight_m = 0.0010;     ///< roller shaft: three tenths of it, of the shaft's radius
    double setback_m = 0.0007;          ///< of the saddles, towards the nut
    double clawPlace_m = 0.003;         ///< of the claw along its screws
    double clawLead = 0.05;             ///< of ln metres per turn
    double pivotFriction_Nm = 0.005;    ///< median of what the pivot holds
    double pivotFrictionSpread = 0.8;   ///< of its logarithm
    double stringStiffness = 0.03;      ///< of ln axial stiffness, each string for itself
    double stringMass = 0.008;          ///< of ln unit mass, each string for itself
    double sameMakeSpread = 0.3;        ///< share of these two by which strings of one make still differ
    double rememberedLevel_rad = 0.004; ///< of "the old set stood level"
    double rememberedPitch_cents = 3.0; ///< of "and was in tune", each string
    // Hands.
    double clawTurnError = 0.03; ///< share of the turns counted, each screw
    double clawTurnErrorLeast_turns = 0.004;
    double lockShift_cents = 4.0;       ///< of what the clamp adds beyond what is computed
    double blockAngle_rad = 0.001;      ///< of the angle at which a block was said to hold
    double blockUnmeasured_rad = 0.008; ///< where that is a guess
    // The model: what it leaves open.
    double balance_Nm = 4e-4;
    double balanceFrictionShare = 0.2;  ///< of the pivot's friction
    double firstFrictionShare = 0.6;    ///< where nobody knows from where the plate came
    double oddPivot = 2.0;              ///< deviations of its friction from which a usual pivot is tried as well
    double mostHeldFriction = 2.0;      ///< of the usual one: no solution buys its way out with friction
    double heldFrictionChange = 0.1;    ///< share by which it must differ for the balance to be weighed anew
    double unreadString_cents = 400.0;  ///< of a string nobody has read
    double retunedString_cents = 800.0; ///< of a string's new length before its reading counts
    // Noise: where tools are not told these are the guesses, worth `untoldReadings` readings; told ones `toldReadings`.
    double tuner_cents = 0.6;
    double gap_m = 6e-5;
    double angle_rad = 0.0035;
    double untoldReadings = 4.0;
    double toldReadings = 12.0;
    double plateLeverage = 0.6;     ///< share of a look at the plate that tells of the gauge; the balance knows it too
    double leastTuner_cents = 0.15; ///< no reading is believed to be finer
    double pitchModel = 0.004;      ///< share of a pitch change by the plate's tilt that the model errs by
    // Outliers.
    double robustAt = 4.0;         ///< deviations from which a reading begins to lose weight
    double doubtFrom = 5.0;        ///< deviations from which it is questioned
    double leastDoubt_cents = 5.0; ///< and nothing smaller is
    double leastDoubt_m = 3e-4;
    int mostChecks = 4;           ///< readings of one thing at one rest after which it is asked for no more
    double misread_cents = 4.0;   ///< nearness by which a wrong octave, sign or point explains a reading
    double swapped_cents = 15.0;  ///< and the reading of another string
    double slipped_cents = 100.0; ///< of a string that the technician says has slipped
    // What happens by itself, and what a hand does that nobody typed so (docs/mechanics.md eq. 43 and 44).
    double thermalStrain = 1.7e-5;    ///< common to all strings, after an hour: some 2 K
    double thermalMost_hours = 2.0;   ///< after which it grows no more
    double walkAct_cents = 0.1;       ///< of a string, for the root of the acts since it was tuned
    double walkHour_cents = 0.6;      ///< and for the root of the hours
    double settledHour_cents = 1.2;   ///< by which a new string falls for each e-fold of hours, give or take the same
    double moved_cents = 40.0;        ///< of a string that moved by itself
    double carried_cents = 2.0;       ///< of a string whose bridge was raised
    double carriedShare = 0.1;        ///< and of what that did to it
    double loosened_cents = 80.0;     ///< of a string whose saddle was moved
    double clawEstimated_turns = 0.3; ///< of a turn that was found from readings, and where springs were changed
    double clawUnknown_turns = 2.0;   ///< where anything may have happened
    double clawRobustAt = 3.0;        ///< deviations from which a turn of the claw begins to lose weight
    double movedPrice_nats = 6.0;     ///< what each must save before it is believed
    double wrongPrice_nats = 5.0;
    double actPrice_nats = 6.0;
    double askBetter_nats = 1.0;        ///< by which it must save more than that before it is asked
    double leastUnwritten_turns = 0.12; ///< of a turn of the claw that nobody wrote down
    double strained_nats = 3.0;         ///< above what noise costs, from which anything else is tried
    double strainedRest_nats = 4.5;     ///< the same of a rest, from which acts are tried otherwise
    double suspect = 2.5;               ///< deviations from which a reading is looked at for that
    double rivalWithin_nats = 4.0;      ///< a second explanation as near as this is kept in view
    int mostCandidates = 8;
    int assumeRounds = 3;
    int recentActs = 8; ///< that are tried otherwise
    // Settling of new strings.
    double unsettled_m = 7e-5;    ///< median length a new string still gives
    double unsettledSpread = 0.7; ///< of its logarithm
    double creepShare = 0.03;     ///< of it that goes with every act elsewhere, median
    double ownPegShare = 0.08;    ///< with every act on the string's own peg
    double shareSpread = 0.7;     ///< of the logarithm of either
    double seatingShare = 0.4;    ///< of it that is not in the wraps
    double pullShare = 0.55;      ///< of it that one gentle pull lets go, median
    double pullSpread = 0.5;      ///< of the logit of that
    double pullHand = 0.15;       ///< share by which no two pulls are alike
    // Solver.
    int mostSteps = 30;
    double leastStep = 0.25; ///< share of `step`: a smaller one is not even tried
    double step = 0.04;      ///< done when no unknown moved by more of its scale (0.1 cents, 0.002 deg, 0.04 sd)
    double costLeft = 1e-3;  ///< or when the last step gained what it promised within this much of the cost
    int noiseRounds = 2;
    double noiseChange = 0.02; ///< of a deviation's logarithm: a smaller one is not worth solving again
    int longLog = 14;          ///< rests from which a log is learned from its first third, so that no guess is far off

    /// False names the field, its value and the bound in `error`.
    [[nodiscard]] bool isValid(std::string* error = nullptr) const;
    /// Sets the field of that name, for sweeps; false where there is none. Validate afterwards.
    [[nodiscard]] bool set(const std::string& name, double value);
};

} // namespace flenzo
