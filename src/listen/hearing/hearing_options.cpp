// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/hearing_options.h"

#include "core/base/bounds.h"

#include <array>

namespace flenzo {

namespace {

constexpr std::array hearingBounds{FLENZO_FIELD(HearingOptions, lowest_Hz, 20.0, 200.0),
                                   FLENZO_FIELD(HearingOptions, highest_Hz, 200.0, 2000.0),
                                   FLENZO_FIELD(HearingOptions, usualStretch, 0.0, 1e-2),
                                   FLENZO_FIELD(HearingOptions, stretchSpread, 1e-7, 1e-2),
                                   FLENZO_FIELD(HearingOptions, mostStretch, 1e-5, 1e-2),
                                   FLENZO_FIELD(HearingOptions, rise_dB, 0.5, 40.0),
                                   FLENZO_FIELD(HearingOptions, riseSum_dB, 1.0, 200.0),
                                   FLENZO_FIELD(HearingOptions, floor_dBFS, -150.0, 0.0),
                                   FLENZO_FIELD(HearingOptions, explained, 0.0, 1.0),
                                   FLENZO_FIELD(HearingOptions, explainedLate, 0.0, 1.0),
                                   FLENZO_FIELD(HearingOptions, late_s, 0.1, 10.0),
                                   FLENZO_FIELD(HearingOptions, chordShare, 0.0, 10.0),
                                   FLENZO_FIELD(HearingOptions, asGood, 0.5, 1.0),
                                   FLENZO_FIELD(HearingOptions, asGoodFar, 0.3, 1.0),
                                   FLENZO_FIELD(HearingOptions, newShare, 0.0, 1.0),
                                   FLENZO_FIELD(HearingOptions, grownShare, 0.0, 1.0),
                                   FLENZO_FIELD(HearingOptions, grownAtAll, 0.0, 1.0),
                                   FLENZO_FIELD(HearingOptions, fading, 0.0, 2.0),
                                   FLENZO_FIELD(HearingOptions, fresh, 0.0, 100.0),
                                   FLENZO_FIELD(HearingOptions, mostDecay_dBps, 10.0, 1000.0),
                                   FLENZO_FIELD(HearingOptions, muted_dB, 3.0, 80.0),
                                   FLENZO_FIELD(HearingOptions, mostDecayMuted_dBps, 10.0, 1000.0),
                                   FLENZO_FIELD(HearingOptions, earliestMuted_s, 0.1, 2.0),
                                   FLENZO_FIELD(HearingOptions, sureMuted_cents, 0.01, 20.0),
                                   FLENZO_FIELD(HearingOptions, agreeMuted_cents, 0.1, 100.0),
                                   FLENZO_FIELD(HearingOptions, explainedMuted, 0.0, 1.0),
                                   FLENZO_FIELD(HearingOptions, decay_dBps, 0.0, 60.0),
                                   FLENZO_FIELD(HearingOptions, mostOff_cents, 10.0, 1200.0),
                                   FLENZO_FIELD(HearingOptions, octaveUp_cents, 0.0, 1200.0),
                                   FLENZO_FIELD(HearingOptions, from_s, 0.0, 0.3),
                                   FLENZO_FIELD(HearingOptions, span_s, 0.2, 1.5),
                                   FLENZO_FIELD(HearingOptions, frame_s, 0.02, 0.3),
                                   FLENZO_FIELD(HearingOptions, longestFrame_s, 0.05, 0.5),
                                   FLENZO_FIELD(HearingOptions, shortestGlide_s, 0.01, 1.0),
                                   FLENZO_FIELD(HearingOptions, longestGlide_s, 0.05, 3.0),
                                   FLENZO_FIELD(HearingOptions, glide_cents, 0.1, 100.0),
                                   FLENZO_FIELD(HearingOptions, mostGlide_cents, 1.0, 200.0),
                                   FLENZO_FIELD(HearingOptions, mostAhead_cents, 0.01, 100.0),
                                   FLENZO_FIELD(HearingOptions, glideUntil_s, 0.3, 5.0),
                                   FLENZO_FIELD(HearingOptions, interference_dB, 3.0, 100.0),
                                   FLENZO_FIELD(HearingOptions, floor_cents, 1e-3, 5.0),
                                   FLENZO_FIELD(HearingOptions, honesty, 0.1, 10.0),
                                   FLENZO_FIELD(HearingOptions, clippedTimes, 1.0, 20.0),
                                   FLENZO_FIELD(HearingOptions, earliest_s, 0.2, 2.0),
                                   FLENZO_FIELD(HearingOptions, latest_s, 0.3, 4.0),
                                   FLENZO_FIELD(HearingOptions, sureEarly_cents, 0.01, 20.0),
                                   FLENZO_FIELD(HearingOptions, sureLate_cents, 0.01, 20.0),
                                   FLENZO_FIELD(HearingOptions, flat_centsPerS, 0.1, 100.0),
                                   FLENZO_FIELD(HearingOptions, flatAfterPeg_centsPerS, 0.1, 100.0),
                                   FLENZO_FIELD(HearingOptions, homing_s, 0.0, 3.0),
                                   FLENZO_FIELD(HearingOptions, forget_s, 0.5, 60.0),
                                   FLENZO_FIELD(HearingOptions, patience, 1.0, 1e6),
                                   FLENZO_FIELD(HearingOptions, robustPartials, 0.5, 20.0),
                                   FLENZO_FIELD(HearingOptions, calibration_ppm, -2000.0, 2000.0)};

} // namespace

bool HearingOptions::isValid(std::string* error) const {
    for (const int count : {mostPartials, risingBands, partialsMuted})
        if (count < 1 || count > 24) {
            if (error)
                *error = "a count is " + std::to_string(count) + " and must lie between 1 and 24";
            return false;
        }
    if (earliest_s >= latest_s) {
        if (error)
            *error = "latest_s must lie beyond earliest_s";
        return false;
    }
    return withinBounds(*this, hearingBounds, error);
}

bool HearingOptions::set(const std::string& name, double value) {
    return setNamed(*this, hearingBounds, name, value);
}

} // namespace flenzo
