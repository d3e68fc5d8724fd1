// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/note.h"

#include "core/statics/pitch.h"

#include <array>
#include <cctype>
#include <charconv>
#include <cmath>

namespace flenzo {

double noteFrequency_Hz(int midi, double a4_Hz) {
    return a4_Hz * std::exp2((midi - 69) / 12.0);
}

Note nearestNote(double frequency_Hz, double a4_Hz) {
    const int midi = 69 + static_cast<int>(std::lround(12.0 * std::log2(frequency_Hz / a4_Hz)));
    return {midi, cents(frequency_Hz, noteFrequency_Hz(midi, a4_Hz))};
}

std::optional<int> parseNote(std::string_view text) {
    constexpr std::array<int, 7> fromC{9, 11, 0, 2, 4, 5, 7}; // A to G
    if (text.size() < 2)
        return std::nullopt;
    const int letter = std::toupper(static_cast<unsigned char>(text[0])) - 'A';
    if (letter < 0 || letter > 6)
        return std::nullopt;
    int semitone = fromC[static_cast<std::size_t>(letter)];
    std::size_t at = 1;
    if (text[1] == '#' || text[1] == 'b') {
        semitone += text[1] == '#' ? 1 : -1;
        at = 2;
    }
    int octave = 0;
    const auto [end, error] = std::from_chars(text.data() + at, text.data() + text.size(), octave);
    if (error != std::errc() || end != text.data() + text.size() || octave < -1 || octave > 9)
        return std::nullopt;
    return 12 * (octave + 1) + semitone;
}

std::string noteName(int midi) {
    constexpr std::array<const char*, 12> names{"C", "C#", "D", "D#", "E", "F", "F#", "G", "G#", "A", "A#", "B"};
    const int octave = static_cast<int>(std::floor(midi / 12.0)) - 1;
    return names[static_cast<std::size_t>(midi - 12 * (octave + 1))] + std::to_string(octave);
}

} // namespace flenzo
