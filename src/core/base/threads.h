// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <functional>

namespace flenzo {

/// Calls `work` with 0 to `count` - 1, each once and in no order, on so many threads (0: as many as the machine has),
/// and returns when all are through. Blocks; each call may write only what is its own.
void inThreads(std::size_t count, int threads, const std::function<void(std::size_t)>& work);

} // namespace flenzo
