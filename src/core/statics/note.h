// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace flenzo {

/// A pitch as musicians name it: the nearest equal-tempered note and what is left in cents.
struct Note {
    int midi = 69; ///< 69 = A4
    double cents = 0.0;
};

/// Frequency of a note; `a4_Hz` is the reference pitch (400 to 480 Hz in use).
[[nodiscard]] double noteFrequency_Hz(int midi, double a4_Hz);
/// Nearest note to a frequency above 0.
[[nodiscard]] Note nearestNote(double frequency_Hz, double a4_Hz);
/// "E2", "F#1", "Bb3", octave numbers as in scientific pitch notation (A4 = the reference). Nothing when it is no note.
[[nodiscard]] std::optional<int> parseNote(std::string_view text);
/// Written with sharps: "F#1".
[[nodiscard]] std::string noteName(int midi);

} // namespace flenzo
