// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/pluck_listener.h"
#include "paint/string_lanes.h"

#include <functional>

namespace flenzo {

/// A form with something to read of each string: filled by typing or by plucking, shown in the strings' lanes.
class StringForm {
public:
    StringForm() = default;
    StringForm(const StringForm&) = delete;
    StringForm& operator=(const StringForm&) = delete;
    virtual ~StringForm() = default;
    /// A pluck that was named. False: it says nothing here.
    virtual bool hear(const HeardPluck& pluck) = 0;
    /// What has been read so far.
    [[nodiscard]] virtual StringLanes lanes() const = 0;
    /// The keyboard goes to that string's reading.
    virtual void pickString(std::size_t string) = 0;
    /// Whoever shows the lanes hears when they change.
    std::function<void()> lanesChanged = [] {};
};

} // namespace flenzo
