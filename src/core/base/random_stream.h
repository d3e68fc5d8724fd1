// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <boost/random/normal_distribution.hpp>
#include <boost/random/uniform_01.hpp>
#include <cstdint>

namespace flenzo {

/// One stream of random numbers for each purpose of each sample, so that results depend neither on who asked before nor
/// on the number of threads; the distributions are Boost's, so that a seed means the same with every standard library.
class RandomStream {
public:
    RandomStream(std::uint32_t seed, std::uint32_t stream) : engine_{(std::uint64_t{seed} << 32U) ^ stream} {
        engine_(); // neighbouring seeds look alike before the first mix
    }
    /// Normal about 0, cut at twice the deviation.
    double normal(double deviation) {
        double draw = 3.0;
        while (draw > 2.0 || draw < -2.0)
            draw = normal_(engine_);
        return draw * deviation;
    }
    double between(double least, double most) {
        return least + (most - least) * boost::random::uniform_01<double>()(engine_);
    }

private:
    /// SplitMix64: a stream is made for every event of every sample, so seeding must cost nothing.
    struct Engine {
        using result_type = std::uint64_t;
        std::uint64_t state;
        static constexpr result_type min() { return 0; }
        static constexpr result_type max() { return ~result_type{0}; }
        result_type operator()() {
            std::uint64_t z = (state += 0x9e3779b97f4a7c15U);
            z = (z ^ (z >> 30U)) * 0xbf58476d1ce4e5b9U;
            z = (z ^ (z >> 27U)) * 0x94d049bb133111ebU;
            return z ^ (z >> 31U);
        }
    };
    Engine engine_;
    boost::random::normal_distribution<double> normal_;
};

} // namespace flenzo
