// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/pluck_listener.h"
#include "listen/hearing/recording.h"

namespace flenzo {

/// The readings of a whole file, heard as it would be heard live: its louder channel, piece by piece.
[[nodiscard]] std::vector<HeardPluck> hearRecording(const Recording& recording, const Expected& expected,
                                                    const HearingOptions& options = {});

} // namespace flenzo
