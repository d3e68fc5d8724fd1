// SPDX-License-Identifier: GPL-3.0-or-later
// What listening reaches: every kind of sound, so many takes from a seed on. The figures of docs/listening.md.
#include "support/bench_sounds.h"

#include <chrono>
#include <cstdio>
#include <cstdlib>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

double quantile(std::vector<double> values, double share) {
    if (values.empty())
        return 0.0;
    std::sort(values.begin(), values.end());
    return values[static_cast<std::size_t>(std::lround(share * static_cast<double>(values.size() - 1)))];
}

struct Sums {
    std::vector<double> errors_cents, delays_s;
    int plucks = 0, found = 0, wrong = 0, withinTwo = 0;
    double sound_s = 0.0, work_s = 0.0;
};

template <typename Kind> Sums listenTo(Kind kind, std::uint32_t seed, int takes, const HearingOptions& options) {
    Sums out;
    for (int k = 0; k < takes; ++k) {
        const SoundCase take = soundCase(kind, seed + static_cast<std::uint32_t>(k));
        const auto begin = std::chrono::steady_clock::now();
        const HeardCase heard = hear(take, options);
        out.work_s += std::chrono::duration<double>(std::chrono::steady_clock::now() - begin).count();
        out.sound_s += static_cast<double>(take.sound.size()) / take.rate_Hz;
        out.plucks += heard.plucks;
        out.found += heard.found;
        out.wrong += heard.wrong;
        for (std::size_t i = 0; i < heard.errors_cents.size(); ++i) {
            out.errors_cents.push_back(std::abs(heard.errors_cents[i]));
            out.delays_s.push_back(heard.delays_s[i]);
            out.withinTwo += std::abs(heard.errors_cents[i]) <= 2.0 * heard.deviations_cents[i] ? 1 : 0;
        }
    }
    return out;
}

void print(const char* name, const Sums& sums) {
    const auto found = static_cast<double>(std::max(1, sums.found));
    std::printf("%-18s %6.1f%% %6d %6.2f %6.2f %6.2f %6.2f %7.0f%% %5.1f%%\n", name,
                sums.plucks > 0 ? 100.0 * sums.found / sums.plucks : 0.0, sums.wrong, quantile(sums.errors_cents, 0.5),
                quantile(sums.errors_cents, 0.95), quantile(sums.errors_cents, 1.0), quantile(sums.delays_s, 0.95),
                100.0 * sums.withinTwo / found, 100.0 * sums.work_s / sums.sound_s);
}

} // namespace

int main(int argc, char** argv) {
    const int takes = argc > 1 ? std::atoi(argv[1]) : 100;
    const auto seed = static_cast<std::uint32_t>(argc > 2 ? std::atoi(argv[2]) : 1);
    HearingOptions options; // name and value in turn, for sweeps
    std::string error;
    for (int k = 3; k + 1 < argc; k += 2)
        if (!options.set(argv[k], std::atof(argv[k + 1])))
            error = std::string(argv[k]) + " is no option";
    if (!error.empty() || !options.isValid(&error)) {
        std::fprintf(stderr, "%s\n", error.c_str());
        return 2;
    }
    std::printf("%-18s %7s %6s %6s %6s %6s %6s %8s %6s\n", "sound", "found", "wrong", "p50", "p95", "max", "delay",
                "honest", "time");
    for (const auto& [kind, name] : sounds())
        print(name, listenTo(kind, seed, takes, options));
    std::printf("\nby another hand\n");
    for (const auto& [kind, name] : benchSounds())
        print(name, listenTo(kind, seed, takes, options));
    return 0;
}
