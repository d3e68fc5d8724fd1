// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/wav.h"

#include <bit>
#include <cmath>
#include <cstring>
#include <optional>

namespace flenzo {

namespace {

constexpr std::size_t headSize = 12, chunkHead = 8, formatSize = 16, extensibleSize = 40;
constexpr std::uint16_t pcm = 1, ieeeFloat = 3, extensible = 0xfffe;
constexpr std::size_t mostSamples = std::size_t{1} << 28;

std::uint32_t number(std::span<const std::uint8_t> bytes, std::size_t at, std::size_t count) {
    std::uint32_t out = 0;
    for (std::size_t k = 0; k < count; ++k)
        out |= static_cast<std::uint32_t>(bytes[at + k]) << (8 * k);
    return out;
}

bool isNamed(std::span<const std::uint8_t> bytes, std::size_t at, const char* name) {
    return std::memcmp(bytes.data() + at, name, 4) == 0;
}

struct Format {
    std::uint16_t encoding = 0;
    std::size_t channels = 0, bits = 0;
    double rate_Hz = 0.0;
};

std::optional<Format> formatOf(std::span<const std::uint8_t> chunk) {
    if (chunk.size() < formatSize)
        return std::nullopt;
    Format out{static_cast<std::uint16_t>(number(chunk, 0, 2)), number(chunk, 2, 2), number(chunk, 14, 2),
               static_cast<double>(number(chunk, 4, 4))};
    if (out.encoding == extensible) {
        if (chunk.size() < extensibleSize)
            return std::nullopt;
        out.encoding = static_cast<std::uint16_t>(number(chunk, 24, 2));
    }
    return out;
}

std::optional<WavFault> faultOf(const Format& format) {
    if (format.encoding != pcm && format.encoding != ieeeFloat)
        return WavFault::Encoding;
    const bool whole = format.bits == 8 || format.bits == 16 || format.bits == 24 || format.bits == 32;
    if (!whole || (format.encoding == ieeeFloat && format.bits != 32))
        return WavFault::Bits;
    if (format.rate_Hz < leastWavRate_Hz || format.rate_Hz > mostWavRate_Hz)
        return WavFault::Rate;
    if (format.channels == 0 || format.channels > mostWavChannels)
        return WavFault::Channels;
    return std::nullopt;
}

float sampleAt(std::span<const std::uint8_t> data, std::size_t at, const Format& format) {
    const std::size_t bytes = format.bits / 8;
    const std::uint32_t raw = number(data, at, bytes);
    if (format.encoding == ieeeFloat) {
        const auto value = std::bit_cast<float>(raw);
        return std::isfinite(value) ? value : 0.0F;
    }
    if (bytes == 1)
        return (static_cast<float>(raw) - 128.0F) / 128.0F; // the one without a sign
    const auto sized = static_cast<std::int32_t>(raw << (32 - format.bits));
    return static_cast<float>(static_cast<double>(sized) / 2147483648.0);
}

} // namespace

std::variant<Wav, WavFault> readWav(std::span<const std::uint8_t> file) {
    if (file.size() < headSize || !isNamed(file, 0, "RIFF") || !isNamed(file, 8, "WAVE"))
        return WavFault::NotWav;
    std::optional<Format> format;
    for (std::size_t at = headSize; at + chunkHead <= file.size();) {
        const std::size_t size = number(file, at + 4, 4), from = at + chunkHead;
        const bool whole = size <= file.size() - from;
        const auto chunk = file.subspan(from, whole ? size : file.size() - from);
        if (isNamed(file, at, "fmt ")) {
            format = formatOf(chunk);
            if (!format)
                return WavFault::NoFormat;
            if (const auto fault = faultOf(*format))
                return *fault;
        } else if (isNamed(file, at, "data")) {
            if (!format)
                return WavFault::NoFormat;
            if (!whole)
                return WavFault::CutShort;
            const std::size_t frameBytes = format->channels * format->bits / 8, frames = chunk.size() / frameBytes;
            if (frames == 0)
                return WavFault::NoSound;
            if (frames > mostSamples / format->channels)
                return WavFault::TooLong;
            Wav out{format->rate_Hz, format->channels, std::vector<float>(frames * format->channels)};
            for (std::size_t k = 0; k < out.samples.size(); ++k)
                out.samples[k] = sampleAt(chunk, k * format->bits / 8, *format);
            return out;
        }
        if (!whole)
            break;
        at = from + size + size % 2;
    }
    return format ? WavFault::NoSound : WavFault::NoFormat;
}

std::vector<std::uint8_t> writeWav(const Wav& wav) {
    constexpr std::size_t bytes = 4, bits = 8 * bytes, wholeHead = headSize + chunkHead + formatSize + chunkHead;
    std::vector<std::uint8_t> file;
    const std::size_t data = wav.samples.size() * bytes;
    file.reserve(wholeHead + data);
    const auto name = [&file](const char* four) { file.insert(file.end(), four, four + 4); };
    const auto number = [&file](std::size_t value, std::size_t count) {
        for (std::size_t k = 0; k < count; ++k)
            file.push_back(static_cast<std::uint8_t>(value >> (8 * k) & 0xffU));
    };
    const auto rate = static_cast<std::size_t>(std::lround(wav.rate_Hz));
    name("RIFF");
    number(wholeHead - chunkHead + data, 4);
    name("WAVE");
    name("fmt ");
    number(formatSize, 4);
    number(ieeeFloat, 2);
    number(wav.channels, 2);
    number(rate, 4);
    number(rate * wav.channels * bytes, 4);
    number(wav.channels * bytes, 2);
    number(bits, 2);
    name("data");
    number(data, 4);
    for (const float sample : wav.samples)
        number(std::bit_cast<std::uint32_t>(sample), bytes);
    return file;
}

} // namespace flenzo
