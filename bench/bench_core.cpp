// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/change.h"
#include "session/derived.h"

#include <benchmark/benchmark.h>

using namespace flenzo;

namespace {

struct Bench {
    Job job = newJob();
    Level level = levelSolution(job.rig, bareState(job.rig), {});
    State slack = slackStart(job.rig, level.state.claw, -300.0);
};

void momentOnce(benchmark::State& run) {
    const Bench bench;
    const BalanceEquation equation(bench.job.rig, bench.level.state);
    double angle = 0.0;
    for (auto _ : run) {
        benchmark::DoNotOptimize(equation.at(angle));
        angle += 1e-9;
    }
}
BENCHMARK(momentOnce);

void equilibrium(benchmark::State& run) {
    const Bench bench;
    const BalanceEquation equation(bench.job.rig, turnClaw(bench.job.rig, bench.level.state, {0.25, 0.25}).state);
    const Limits limits = limitsOf(bench.job.rig.bridge, std::nullopt);
    int evaluations = 0;
    for (auto _ : run) {
        const Rest rest = findRest(equation, limits, 0.0);
        evaluations = rest.evaluations;
        benchmark::DoNotOptimize(rest);
    }
    run.counters["evaluations"] = evaluations;
}
BENCHMARK(equilibrium);

void level(benchmark::State& run) {
    const Bench bench;
    for (auto _ : run)
        benchmark::DoNotOptimize(levelSolution(bench.job.rig, bareState(bench.job.rig), {}));
}
BENCHMARK(level);

void forecastOfTenPasses(benchmark::State& run) {
    const Bench bench;
    for (auto _ : run) {
        State state = bench.slack;
        for (int pass = 0; pass < 10; ++pass)
            state = exactPass(bench.job.rig, state, bench.job.habit.order).after;
        benchmark::DoNotOptimize(state);
    }
}
BENCHMARK(forecastOfTenPasses);

void everythingAfterAnEdit(benchmark::State& run) {
    const Bench bench;
    for (auto _ : run)
        benchmark::DoNotOptimize(derive(bench.job));
}
BENCHMARK(everythingAfterAnEdit);

} // namespace

BENCHMARK_MAIN();
