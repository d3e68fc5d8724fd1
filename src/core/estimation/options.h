// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace flenzo {

/// What is believed of a guitar, a hand and a gauge before anything is read, and how the estimator goes about it.
/// Deviations are standard deviations. Change one when a kind of guitar, or the shop's tools, are known to differ.
struct EstimatorOptions {
    // The guitar: how far a real one lies from its nominal rig.
    double springRate = 0.12;           ///< of ln rate, all springs alike
    double initialTension = 0.25;       ///< of ln initial tension
    double hookDepth_m = 0.0012;        ///< roller shaft: three tenths of it, of the spring's lever
    double stringHeight_m = 0.0008;     ///< roller shaft: three tenths of it, of the shaft's radius
    double setback_m = 0.0007;          ///< of the saddles, towards the nut
    double clawPlace_m = 0.003;         ///< of the claw along its screws
    double clawLead = 0.04;             ///< of ln metres per turn
    double pivotFriction_Nm = 0.005;    ///< median of what the pivot holds
    double pivotFrictionSpread = 0.8;   ///< of its logarithm
    double stringStiffness = 0.03;      ///< of ln axial stiffness, each string for itself
    double stringMass = 0.008;          ///< of ln unit mass, each string for itself
    double rememberedLevel_rad = 0.004; ///< of "the old set stood level"
    double rememberedPitch_cents = 3.0; ///< of "and was in tune", each string
    // Hands.
    double clawHand = 0.03; ///< share of the turns counted, each screw
    double clawHandLeast_turns = 0.004;
    double lockShift_cents = 4.0;  ///< of what the clamp adds beyond what is computed
    double blockAngle_rad = 0.001; ///< of the angle at which a block was said to hold
    // The model: what it leaves open.
    double balance_Nm = 4e-4;
    double balanceFrictionShare = 0.2;  ///< of the pivot's friction
    double firstFrictionShare = 0.6;    ///< where nobody knows from where the plate came
    double unreadString_cents = 400.0;  ///< of a string nobody has read
    double retunedString_cents = 800.0; ///< of a string's new length before its reading counts
    // Noise: where tools are not told these are the guesses, worth `untoldReadings` readings; told ones `toldReadings`.
    double tuner_cents = 0.6;
    double gap_m = 6e-5;
    double angle_rad = 0.0035;
    double untoldReadings = 4.0;
    double toldReadings = 12.0;
    double leastTuner_cents = 0.15; ///< no reading is believed to be finer
    double pitchModel = 0.004;      ///< share of a pitch change by the plate's tilt that the model errs by
    // Outliers.
    double robustAt = 4.0;         ///< deviations from which a reading begins to lose weight
    double doubtFrom = 5.0;        ///< deviations from which it is questioned
    double leastDoubt_cents = 5.0; ///< and nothing smaller is
    double leastDoubt_m = 3e-4;
    double slipped_cents = 100.0; ///< of a string that the technician says has slipped
    // Settling of new strings.
    double unsettled_m = 7e-5;    ///< median length a new string still gives
    double unsettledSpread = 0.7; ///< of its logarithm
    double creepShare = 0.03;     ///< of it that goes with every act elsewhere, median
    double ownPegShare = 0.08;    ///< with every act on the string's own peg
    double shareSpread = 0.7;     ///< of the logarithm of either
    double pullSpread = 0.5;      ///< of the logit of what one pull lets go
    double pullHand = 0.15;       ///< share by which no two pulls are alike
    // Solver.
    int mostSteps = 30;
    double step = 0.02; ///< done when no unknown moves by more of its scale (0.05 cents, 0.001 deg, 0.05 sd)
    int noiseRounds = 2;

    /// False names the field, its value and the bound in `error`.
    [[nodiscard]] bool isValid(std::string* error = nullptr) const;
};

} // namespace flenzo
