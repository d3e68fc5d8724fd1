// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/threads.h"

#include <algorithm>
#include <atomic>
#include <thread>
#include <vector>

namespace flenzo {

void inThreads(std::size_t count, int threads, const std::function<void(std::size_t)>& work) {
    std::atomic<std::size_t> next{0};
    const auto share = [&] {
        for (std::size_t k = next++; k < count; k = next++)
            work(k);
    };
    const auto most = threads > 0 ? static_cast<std::size_t>(threads) : std::thread::hardware_concurrency();
    std::vector<std::thread> others(std::clamp<std::size_t>(most, 1, std::max<std::size_t>(count, 1)) - 1);
    for (std::thread& other : others)
        other = std::thread(share);
    share();
    for (std::thread& other : others)
        other.join();
}

} // namespace flenzo
