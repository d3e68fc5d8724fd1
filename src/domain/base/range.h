// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QCoreApplication>

namespace flenzo {

/// What a number may be and why; the reason ends the sentence a user reads.
struct Range {
    double least;
    double most;
    const char* reason; ///< marked for translation in the context "Range"
};

[[nodiscard]] inline QString reasonOf(const Range& range) {
    return QCoreApplication::translate("Range", range.reason);
}

} // namespace flenzo
