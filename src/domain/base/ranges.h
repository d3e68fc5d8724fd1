// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/range.h"

/// What every field may hold, in the units of files and screens, each with its reason.
namespace flenzo::ranges {

inline constexpr Range gauge_mm{
    0.12, 3.5,
    QT_TRANSLATE_NOOP("Range",
                      "a string gauge in millimetres; thousandths of an inch need converting, 10 is 0.254 mm")};
inline constexpr Range core_mm{
    0.1, 2.0, QT_TRANSLATE_NOOP("Range", "the core wire of a wound string in millimetres, thinner than the gauge")};
inline constexpr Range unitMass_kgpm{1e-5, 0.1,
                                     QT_TRANSLATE_NOOP("Range", "kilograms per metre; strings weigh 0.0002 to 0.03")};
inline constexpr Range stiffness_N{500.0, 1e6, QT_TRANSLATE_NOOP("Range", "newtons of pull per unit strain")};
inline constexpr Range wrapDensity_kgpm3{1000.0, 20000.0,
                                         QT_TRANSLATE_NOOP("Range", "kilograms per cubic metre; steel is about 7850")};
inline constexpr Range scale_mm{
    200.0, 1200.0,
    QT_TRANSLATE_NOOP("Range", "a speaking length in millimetres, from small travel guitars to long basses")};
inline constexpr Range place_mm{-300.0, 300.0, QT_TRANSLATE_NOOP("Range", "a place in millimetres from the pivot")};
inline constexpr Range tail_mm{0.0, 500.0, QT_TRANSLATE_NOOP("Range", "a length of string in millimetres")};
inline constexpr Range target_Hz{15.0, 2000.0, QT_TRANSLATE_NOOP("Range", "a string's pitch in hertz")};
inline constexpr Range rate_Npmm{0.05, 200.0, QT_TRANSLATE_NOOP("Range", "a spring rate in newtons per millimetre")};
inline constexpr Range initial_N{0.0, 200.0, QT_TRANSLATE_NOOP("Range", "the initial tension of a spring in newtons")};
inline constexpr Range free_mm{3.0, 300.0, QT_TRANSLATE_NOOP("Range", "a spring's free length in millimetres")};
inline constexpr Range seat_mm{1.0, 200.0,
                               QT_TRANSLATE_NOOP("Range", "the height of the spring's seat in millimetres")};
inline constexpr Range lever_mm{0.5, 200.0, QT_TRANSLATE_NOOP("Range", "the spring's lever in millimetres")};
inline constexpr Range slot{
    0.0, 1.0, QT_TRANSLATE_NOOP("Range", "a place across the claw, 0 at the bass screw and 1 at the treble screw")};
inline constexpr Range lead_mm{
    0.2, 5.0, QT_TRANSLATE_NOOP("Range", "the claw's travel for one turn of its screws in millimetres")};
inline constexpr Range turns{-60.0, 60.0, QT_TRANSLATE_NOOP("Range", "turns of the claw screws")};
inline constexpr Range mass_kg{0.0, 5.0, QT_TRANSLATE_NOOP("Range", "the bridge's mass in kilograms")};
inline constexpr Range rearStop_deg{
    -60.0, 0.0, QT_TRANSLATE_NOOP("Range", "the angle of the rear stop in degrees, not above level")};
inline constexpr Range forwardStop_deg{
    0.0, 60.0, QT_TRANSLATE_NOOP("Range", "the angle of the forward stop in degrees, not below level")};
inline constexpr Range rearEdge_mm{
    5.0, 200.0, QT_TRANSLATE_NOOP("Range", "the distance from the pivot to the plate's rear edge in millimetres")};
inline constexpr Range gap_mm{0.0, 60.0,
                              QT_TRANSLATE_NOOP("Range", "the gap under the plate's rear edge in millimetres")};
inline constexpr Range shaft_mm{1.0, 30.0, QT_TRANSLATE_NOOP("Range", "the radius of the roller shaft in millimetres")};
inline constexpr Range arm_mm{0.0, 400.0, QT_TRANSLATE_NOOP("Range", "a length of the arm in millimetres")};
inline constexpr Range angle_deg{-60.0, 60.0, QT_TRANSLATE_NOOP("Range", "a bridge angle in degrees")};
inline constexpr Range pitchDeviation_cents{0.0, 20.0,
                                            QT_TRANSLATE_NOOP("Range", "how sure a heard pitch is, in cents")};
inline constexpr Range angleDeviation_deg{0.0, 20.0, QT_TRANSLATE_NOOP("Range", "how sure an angle is, in degrees")};
inline constexpr Range angleTolerance_deg{0.01, 5.0, QT_TRANSLATE_NOOP("Range", "a tolerance in degrees")};
inline constexpr Range pitchTolerance_cents{0.1, 50.0, QT_TRANSLATE_NOOP("Range", "a tolerance in cents")};
inline constexpr Range reading_cents{-2400.0, 1200.0, QT_TRANSLATE_NOOP("Range", "cents from the string's target")};
inline constexpr Range postTurn_mm{-10.0, 10.0,
                                   QT_TRANSLATE_NOOP("Range", "by how much a bridge post was turned, in mm")};
inline constexpr Range saddleMove_mm{-20.0, 20.0, QT_TRANSLATE_NOOP("Range", "by how much a saddle was moved, in mm")};
inline constexpr Range clawStep_turns{-20.0, 20.0, QT_TRANSLATE_NOOP("Range", "turns made at one go")};
inline constexpr Range referenceTone_Hz{
    60.0, 2000.0, QT_TRANSLATE_NOOP("Range", "a steady tone in hertz that is known to a hundredth of a cent")};
inline constexpr Range clock_cents{-3.4, 3.4,
                                   QT_TRANSLATE_NOOP("Range", "what a sound card's clock may be off by in cents")};
inline constexpr Range pieces{0.0, 1e6, QT_TRANSLATE_NOOP("Range", "pieces that were counted")};
inline constexpr Range leastPieces{0.0, 1e6, QT_TRANSLATE_NOOP("Range", "pieces that there should be")};
inline constexpr Range money_minor{0.0, 1e12,
                                   QT_TRANSLATE_NOOP("Range", "a sum in whole hundredths of the shop's money")};
inline constexpr Range guitars{1.0, 1e6, QT_TRANSLATE_NOOP("Range", "guitars that something was learned from")};
inline constexpr Range hoursAWeek{0.0, 100.0, QT_TRANSLATE_NOOP("Range", "hours of playing in a week")};
inline constexpr Range gigsAWeek{0.0, 14.0, QT_TRANSLATE_NOOP("Range", "gigs in a week")};
inline constexpr Range monthsBetween{0.0, 60.0,
                                     QT_TRANSLATE_NOOP("Range", "months between two sets; 0 as the shop does")};
inline constexpr Range referencePitch_Hz{400.0, 480.0, QT_TRANSLATE_NOOP("Range", "the pitch of A4 in hertz")};
inline constexpr Range springCount{0.0, 8.0, QT_TRANSLATE_NOOP("Range", "how many springs there are")};
inline constexpr Range practicePost_mm{-5.0, 5.0,
                                       QT_TRANSLATE_NOOP("Range", "how far the bridge posts go, in millimetres")};
inline constexpr Range guess{-1200.0, 1200.0, QT_TRANSLATE_NOOP("Range", "a guess, in turns or cents")};
inline constexpr Range rung{1.0, 99.0, QT_TRANSLATE_NOOP("Range", "a rung of the ladder, from the easiest")};
inline constexpr Range parPasses{0.1, 50.0, QT_TRANSLATE_NOOP("Range", "passes that a good hand needs")};
inline constexpr Range parVisits{0.0, 50.0, QT_TRANSLATE_NOOP("Range", "visits to the claw that a good hand needs")};
inline constexpr Range parMinutes{1.0, 600.0, QT_TRANSLATE_NOOP("Range", "minutes that a good hand needs")};
inline constexpr Range seed{0.0, 4294967295.0, QT_TRANSLATE_NOOP("Range", "a whole number")};
inline constexpr Range slackStart_cents{
    -1200.0, 0.0, QT_TRANSLATE_NOOP("Range", "how far below pitch new strings are before the first pass")};
inline constexpr Range pullShare{0.3, 2.0, QT_TRANSLATE_NOOP("Range", "what one pull lets go against a gentle one")};
inline constexpr Range firstSharp_cents{0.0, 300.0,
                                        QT_TRANSLATE_NOOP("Range", "how sharp the first string is set by feel")};
inline constexpr Range deckLoad_Nm{0.0, 20.0,
                                   QT_TRANSLATE_NOOP("Range", "the moment that presses a decked plate onto its stop")};
inline constexpr Range preload_Nm{0.0, 20.0,
                                  QT_TRANSLATE_NOOP("Range", "the moment a stabiliser holds before it gives way")};
inline constexpr Range assistRate_NmPerRad{
    0.0, 500.0, QT_TRANSLATE_NOOP("Range", "newton metres per radian beyond what a stabiliser holds")};
inline constexpr Range friction{
    0.0, 1.0, QT_TRANSLATE_NOOP("Range", "a coefficient of friction; dry steel on bone is about 0.15")};
inline constexpr Range pivot_Nm{
    0.0, 1.0, QT_TRANSLATE_NOOP("Range", "the moment the pivot's friction can hold in newton metres")};
inline constexpr Range elevation_deg{
    -90.0, 90.0, QT_TRANSLATE_NOOP("Range", "the neck's elevation above the horizontal in degrees")};
inline constexpr Range finePerTurn_mm{
    0.0, 5.0, QT_TRANSLATE_NOOP("Range", "the wire one turn of a fine tuner takes in, in millimetres")};
inline constexpr Range fineTurns{0.0, 60.0, QT_TRANSLATE_NOOP("Range", "turns of a fine tuner")};
inline constexpr Range post_mm{2.0, 20.0, QT_TRANSLATE_NOOP("Range", "the diameter of a string post in millimetres")};
inline constexpr Range spacing_mm{10.0, 60.0,
                                  QT_TRANSLATE_NOOP("Range", "from one string post to the next in millimetres")};
inline constexpr Range clamped_mm{0.5, 15.0, QT_TRANSLATE_NOOP("Range", "the wire in a saddle's clamp in millimetres")};
inline constexpr Range treeAway_mm{5.0, 150.0,
                                   QT_TRANSLATE_NOOP("Range", "from the nut to the string tree in millimetres")};
inline constexpr Range treeDrop_mm{
    0.5, 20.0, QT_TRANSLATE_NOOP("Range", "by how much a string tree holds its strings down in millimetres")};
inline constexpr Range scale_N{0.0, 500.0, QT_TRANSLATE_NOOP("Range", "what a luggage scale shows, in newtons")};
inline constexpr Range clawDepth_mm{
    0.5, 80.0, QT_TRANSLATE_NOOP("Range", "from the wall of the cavity to the claw in millimetres")};
/// The same reckoned back to the job's first turn, which an entry undone or forgotten puts anywhere.
inline constexpr Range clawBegan_mm{clawDepth_mm.least - 500.0, clawDepth_mm.most + 500.0, clawDepth_mm.reason};
inline constexpr Range relief_mm{
    -1.0, 2.0, QT_TRANSLATE_NOOP("Range", "the relief of a neck in millimetres; a minus sign: it bends back")};
inline constexpr Range room_C{-20.0, 60.0, QT_TRANSLATE_NOOP("Range", "the temperature of a room in degrees Celsius")};
inline constexpr Range humidity_percent{1.0, 100.0,
                                        QT_TRANSLATE_NOOP("Range", "the relative humidity of a room in percent")};
inline constexpr Range brokenString{1.0, 12.0, QT_TRANSLATE_NOOP("Range", "a string, counted from the thickest")};
inline constexpr Range lift_mm{0.0, 20.0, QT_TRANSLATE_NOOP("Range", "a height in millimetres")};
inline constexpr Range hold_mm{0.5, 200.0, QT_TRANSLATE_NOOP("Range", "a distance in millimetres")};
inline constexpr Range break_deg{0.0, 80.0, QT_TRANSLATE_NOOP("Range", "a break angle in degrees")};
inline constexpr Range learnedOffset{-10.0, 10.0, QT_TRANSLATE_NOOP("Range", "a learned offset in prior deviations")};
inline constexpr Range learnedDeviation{
    0.001, 1.0, QT_TRANSLATE_NOOP("Range", "how sure something learned is, in prior deviations")};
inline constexpr Range tuner_cents{
    0.01, 20.0, QT_TRANSLATE_NOOP("Range", "how sure the tuner is, in cents; most show whole cents")};
inline constexpr Range toolGap_mm{
    0.005, 3.0, QT_TRANSLATE_NOOP("Range", "how sure the gap is measured, in millimetres; a ruler is good to 0.15")};
inline constexpr Range toolAngle_deg{
    0.01, 5.0, QT_TRANSLATE_NOOP("Range", "how sure the plate's angle is read, in degrees; the eye is good to 0.3")};
inline constexpr Range peg_cents{0.01, 30.0,
                                 QT_TRANSLATE_NOOP("Range", "how near to its aim a string is left, in cents")};
inline constexpr Range action_mm{0.0, 20.0, QT_TRANSLATE_NOOP("Range", "action over the 12th fret")};
inline constexpr Range octave_cents{-100.0, 100.0,
                                    QT_TRANSLATE_NOOP("Range", "cents between the open octave and fret 12")};
inline constexpr Range postLead_mm{0.1, 3.0,
                                   QT_TRANSLATE_NOOP("Range", "a bridge post's rise for one turn in millimetres")};
inline constexpr Range oldAngle_deg{-10.0, 10.0, QT_TRANSLATE_NOOP("Range", "degrees, forward is positive")};
inline constexpr Range usualMinutes{0.0, 600.0, QT_TRANSLATE_NOOP("Range", "the minutes a step usually takes")};
inline constexpr Range covariance{-1e4, 1e4, QT_TRANSLATE_NOOP("Range", "a covariance in squared deviations")};
inline constexpr Range shortMinutes{0.0, 60.0, QT_TRANSLATE_NOOP("Range", "minutes")};
inline constexpr Range minutes{0.05, 60.0, QT_TRANSLATE_NOOP("Range", "minutes")};

} // namespace flenzo::ranges
