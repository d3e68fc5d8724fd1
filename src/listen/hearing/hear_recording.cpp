// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/hear_recording.h"

#include "listen/hearing/channel_picker.h"

#include <algorithm>

namespace flenzo {

std::vector<HeardPluck> hearRecording(const Recording& wav, const Expected& expected, const HearingOptions& options) {
    constexpr std::size_t block = 256;
    PluckListener listener(wav.rate_Hz, options);
    listener.expect(expected);
    ChannelPicker picker(wav.rate_Hz, wav.channels);
    std::array<float, block> sound{};
    std::vector<HeardPluck> out;
    for (std::size_t from = 0; from < wav.frames(); from += block) {
        const std::size_t count = std::min(block, wav.frames() - from);
        picker.pick(std::span(wav.samples).subspan(from * wav.channels, count * wav.channels),
                    std::span(sound).first(count));
        listener.feed(std::span(sound).first(count));
        while (const auto pluck = listener.next())
            out.push_back(*pluck);
    }
    return out;
}

} // namespace flenzo
