// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <random>

namespace flenzo {

/// One stream of random numbers for each purpose of each sample, so that results depend neither on who asked before nor
/// on the number of threads.
class Dice {
public:
    Dice(std::uint32_t seed, std::uint32_t stream) {
        std::seed_seq sequence{seed, stream, 0x666c656eU};
        engine_.seed(sequence);
    }
    /// Normal about 0, cut at twice the deviation.
    double normal(double deviation) {
        double draw = 3.0;
        while (draw > 2.0 || draw < -2.0)
            draw = normal_(engine_);
        return draw * deviation;
    }
    double between(double least, double most) {
        return least + (most - least) * std::generate_canonical<double, 53>(engine_);
    }

private:
    std::mt19937_64 engine_;
    std::normal_distribution<double> normal_;
};

} // namespace flenzo
