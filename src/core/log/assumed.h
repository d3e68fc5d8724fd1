// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <vector>

namespace flenzo {

/// What a log does not say and an estimate takes for so, because the readings say it (docs/mechanics.md eq. 44). Events
/// count from 0.
struct Assumed {
    /// Before this event was read, this string had moved by itself.
    struct Move {
        std::size_t event = 0, string = 0;
        bool operator==(const Move&) const = default;
    };
    /// A figure of this event is wrong: of a string, or of the plate where `string` is `plate`.
    struct Wrong {
        static constexpr std::size_t plate = static_cast<std::size_t>(-1);
        std::size_t event = 0, string = plate;
        bool operator==(const Wrong&) const = default;
    };
    std::vector<Move> moves;
    std::vector<Wrong> wrongs;
    bool operator==(const Assumed&) const = default;
};

} // namespace flenzo
