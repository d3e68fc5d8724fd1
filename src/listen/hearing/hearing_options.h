// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace flenzo {

/// How plucked strings are told from everything else, and how settled a pitch must be. Change one for a room or a
/// microphone that is known to differ.
struct HearingOptions {
    // What a string may sound like.
    double lowest_Hz = 30.0;       ///< of the first partial
    double highest_Hz = 720.0;     ///< harmonics included
    double usualStretch = 1e-4;    ///< inharmonicity B before anything is heard
    double stretchSpread = 1.5e-4; ///< standard deviation of it
    double mostStretch = 1.5e-3;
    int mostPartials = 20;
    // Onsets.
    double rise_dB = 5.0;     ///< of a band within a few hundredths of a second
    double riseSum_dB = 18.0; ///< of all bands together
    int risingBands = 2;
    double floor_dBFS = -72.0; ///< nothing below this is a pluck
    // One string or something else.
    double explained = 0.62;     ///< share of the amplitude that one series must explain
    double explainedLate = 0.80; ///< and from `late_s` after the pluck on: a chord grows alike as it fades
    double chordShare = 0.37;    ///< of a string from which another one beside it makes a chord, amplitude and power
    double late_s = 0.85;
    double asGood = 0.82;    ///< the highest pitch wins that explains this share of what the best does
    double asGoodFar = 0.65; ///< and the same for one three or more times as high
    double fresh = 3.0;      ///< times the power before the pluck, from which a partial is new
    double newShare = 0.3;   ///< of the amplitude that is new at least when another string is plucked
    double grownShare =
        0.1; ///< of a sounding string's amplitude in partials that grew, from which it was plucked again
    double grownAtAll =
        0.008;            ///< and where nothing else is new: a pluck against the swing may leave less than there was
    double fading = 0.85; ///< of the amplitude before a pluck that a string which only rings on has half a second later
    double mostDecay_dBps = 75.0;       ///< faster is a knock
    double muted_dB = 18.0;             ///< a string that falls so far early is under a palm,
    double mostDecayMuted_dBps = 220.0; ///< which may fade as fast,
    double earliestMuted_s = 0.2;       ///< and is read from then on,
    double explainedMuted = 0.97;       ///< where one series explains so much
    double sureMuted_cents = 1.0;       ///< standard deviation that is good enough, and
    double agreeMuted_cents = 4.0;      ///< two looks that agree
    int partialsMuted = 9;              ///< by so many partials
    double decay_dBps = 1.5;            ///< slower is no string: hum, a sweep
    double mostOff_cents = 460.0;       ///< from where a string of the job was heard last
    double octaveUp_cents = 50.0;       ///< what it costs to take a sound for a harmonic at the twelfth fret
    // The pitch.
    double from_s = 0.05;          ///< after the pluck, where the attack is over
    double span_s = 0.60;          ///< of the latest sound that counts
    double frame_s = 0.070;        ///< of one look at a partial's phase, at least four periods
    double longestFrame_s = 0.125; ///< and no longer than this for low strings
    double shortestGlide_s = 0.07; ///< in which the glide of a hard pluck dies away by a factor of e
    double longestGlide_s = 0.32;
    double glide_cents = 12.0;     ///< standard deviation of how far a hard pluck starts sharp
    double mostGlide_cents = 28.0; ///< further is a peg
    double mostAhead_cents = 1.4;  ///< of a glide that may be left: what falls further may be a peg that is let down
    double glideUntil_s = 1.3;     ///< later a moving pitch is a peg
    double interference_dB = 37.0; ///< by which other sounds lie below the loudest partial at least
    double robustPartials = 2.0;   ///< deviations from which one partial begins to be outvoted
    double floor_cents = 0.06;     ///< no reading is surer
    double honesty = 1.7;          ///< by which what is said is less sure than the fit, for what no fit knows of
    double clippedTimes = 2.0;     ///< less sure once more where the sound was cut off
    double calibration_ppm = 0.0;  ///< by which the sound card's clock runs fast
    // When it is taken.
    double earliest_s = 0.50, latest_s = 0.76; ///< after the pluck
    double sureEarly_cents = 0.06;             ///< standard deviation that is good enough at the earliest
    double sureLate_cents = 2.2;               ///< and at the latest
    double flat_centsPerS = 3.0;               ///< a steadier pitch does not move
    double flatAfterPeg_centsPerS = 1.2;       ///< and one that has moved already
    double homing_s = 0.4;                     ///< time in which a hand goes the last way, as one that slows down
    double patience = 14.0;                    ///< looks that tell nothing, after which a pluck is given up
    double forget_s = 6.0;                     ///< a pluck that never settles

    /// False names the field, its value and the bound in `error`.
    [[nodiscard]] bool isValid(std::string* error = nullptr) const;
    /// Sets the field of that name, for sweeps; false where there is none. Validate afterwards.
    [[nodiscard]] bool set(const std::string& name, double value);
};

} // namespace flenzo
