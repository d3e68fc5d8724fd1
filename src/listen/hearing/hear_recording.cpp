// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/hear_recording.h"

#include "listen/hearing/channel_picker.h"

#include <algorithm>

namespace flenzo {

std::vector<HeardPluck> hearRecording(const Recording& recording, const Expected& expected,
                                      const HearingOptions& options) {
    constexpr std::size_t block = 256;
    PluckListener listener(recording.rate_Hz, options);
    listener.expect(expected);
    ChannelPicker picker(recording.rate_Hz, recording.channels);
    std::array<float, block> sound{};
    std::vector<HeardPluck> out;
    for (std::size_t from = 0; from < recording.frames(); from += block) {
        const std::size_t count = std::min(block, recording.frames() - from);
        picker.pick(std::span(recording.samples).subspan(from * recording.channels, count * recording.channels),
                    std::span(sound).first(count));
        listener.feed(std::span(sound).first(count));
        while (const auto pluck = listener.next())
            out.push_back(*pluck);
    }
    return out;
}

} // namespace flenzo
