// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/options.h"

#include "core/base/bounds.h"

#include <array>

namespace flenzo {

namespace {

constexpr std::array<Bound<HearingOptions>, 44> hearingBounds{{
    {"lowest_Hz", &HearingOptions::lowest_Hz, 20.0, 200.0},
    {"highest_Hz", &HearingOptions::highest_Hz, 200.0, 2000.0},
    {"usualStretch", &HearingOptions::usualStretch, 0.0, 1e-2},
    {"stretchSpread", &HearingOptions::stretchSpread, 1e-7, 1e-2},
    {"mostStretch", &HearingOptions::mostStretch, 1e-5, 1e-2},
    {"rise_dB", &HearingOptions::rise_dB, 0.5, 40.0},
    {"riseSum_dB", &HearingOptions::riseSum_dB, 1.0, 200.0},
    {"floor_dBFS", &HearingOptions::floor_dBFS, -150.0, 0.0},
    {"explained", &HearingOptions::explained, 0.0, 1.0},
    {"explainedLate", &HearingOptions::explainedLate, 0.0, 1.0},
    {"late_s", &HearingOptions::late_s, 0.1, 10.0},
    {"chordShare", &HearingOptions::chordShare, 0.0, 10.0},
    {"asGood", &HearingOptions::asGood, 0.5, 1.0},
    {"asGoodFar", &HearingOptions::asGoodFar, 0.3, 1.0},
    {"newShare", &HearingOptions::newShare, 0.0, 1.0},
    {"grownShare", &HearingOptions::grownShare, 0.0, 1.0},
    {"fresh", &HearingOptions::fresh, 0.0, 100.0},
    {"mostDecay_dBps", &HearingOptions::mostDecay_dBps, 10.0, 1000.0},
    {"decay_dBps", &HearingOptions::decay_dBps, 0.0, 60.0},
    {"mostOff_cents", &HearingOptions::mostOff_cents, 10.0, 1200.0},
    {"octaveUp_cents", &HearingOptions::octaveUp_cents, 0.0, 1200.0},
    {"from_s", &HearingOptions::from_s, 0.0, 0.3},
    {"span_s", &HearingOptions::span_s, 0.2, 1.5},
    {"frame_s", &HearingOptions::frame_s, 0.02, 0.3},
    {"longestFrame_s", &HearingOptions::longestFrame_s, 0.05, 0.5},
    {"shortestGlide_s", &HearingOptions::shortestGlide_s, 0.01, 1.0},
    {"longestGlide_s", &HearingOptions::longestGlide_s, 0.05, 3.0},
    {"glide_cents", &HearingOptions::glide_cents, 0.1, 100.0},
    {"mostGlide_cents", &HearingOptions::mostGlide_cents, 1.0, 200.0},
    {"glideUntil_s", &HearingOptions::glideUntil_s, 0.3, 5.0},
    {"interference_dB", &HearingOptions::interference_dB, 3.0, 100.0},
    {"floor_cents", &HearingOptions::floor_cents, 1e-3, 5.0},
    {"honesty", &HearingOptions::honesty, 0.1, 10.0},
    {"earliest_s", &HearingOptions::earliest_s, 0.2, 2.0},
    {"latest_s", &HearingOptions::latest_s, 0.3, 4.0},
    {"sureEarly_cents", &HearingOptions::sureEarly_cents, 0.01, 20.0},
    {"sureLate_cents", &HearingOptions::sureLate_cents, 0.01, 20.0},
    {"flat_centsPerS", &HearingOptions::flat_centsPerS, 0.1, 100.0},
    {"flatAfterPeg_centsPerS", &HearingOptions::flatAfterPeg_centsPerS, 0.1, 100.0},
    {"homing_s", &HearingOptions::homing_s, 0.0, 3.0},
    {"forget_s", &HearingOptions::forget_s, 0.5, 60.0},
    {"patience", &HearingOptions::patience, 1.0, 1e6},
    {"robustPartials", &HearingOptions::robustPartials, 0.5, 20.0},
    {"calibration_ppm", &HearingOptions::calibration_ppm, -2000.0, 2000.0},
}};

} // namespace

bool HearingOptions::isValid(std::string* error) const {
    for (const int count : {mostPartials, risingBands})
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
