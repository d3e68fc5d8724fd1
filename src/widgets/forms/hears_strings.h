// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/pluck_listener.h"

namespace flenzo {

/// A form that is filled by plucking strings.
class HearsStrings {
public:
    HearsStrings() = default;
    HearsStrings(const HearsStrings&) = delete;
    HearsStrings& operator=(const HearsStrings&) = delete;
    virtual ~HearsStrings() = default;
    /// A pluck that was named. False: it says nothing here.
    virtual bool hear(const HeardPluck& pluck) = 0;
};

} // namespace flenzo
