// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace flenzo {

/// What a number may be and why; the reason ends the sentence a user reads.
struct Range {
    double least;
    double most;
    const char* reason;
};

} // namespace flenzo
