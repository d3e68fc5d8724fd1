// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <span>
#include <string>
#include <variant>
#include <vector>

namespace flenzo {

/// Sound as a file holds it: frames of one sample a channel, full scale at 1.
struct Wav {
    double rate_Hz = 0.0;
    std::size_t channels = 0;
    std::vector<float> samples; ///< interleaved
    [[nodiscard]] std::size_t frames() const { return channels > 0 ? samples.size() / channels : 0; }
    [[nodiscard]] double length_s() const { return rate_Hz > 0.0 ? static_cast<double>(frames()) / rate_Hz : 0.0; }
};

/// What is wrong with a file that calls itself a WAV.
enum class WavFault { NotWav, NoFormat, Encoding, Bits, Rate, Channels, NoSound, CutShort, TooLong };

inline constexpr double leastWavRate_Hz = 8000.0, mostWavRate_Hz = 192000.0;
inline constexpr std::size_t mostWavChannels = 32;

/// PCM of 8, 16, 24 or 32 bits and floats of 32 bits, 8 to 192 kHz, any channels. Chunks that are not known are passed
/// over; a length in the head that claims more than there is counts as cut short.
[[nodiscard]] std::variant<Wav, WavFault> readWav(std::span<const std::uint8_t> file);
/// The same as a file of 32-bit floats.
[[nodiscard]] std::vector<std::uint8_t> writeWav(const Wav& wav);

} // namespace flenzo
