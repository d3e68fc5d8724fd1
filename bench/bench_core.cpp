// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/change.h"
#include "core/trial/trial.h"
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

/// A log as long as a stubborn guitar makes it, advice and outlook from nothing but the log.
void adviceOn200Events(benchmark::State& run) {
    BenchJob job = changed(benchJobOf(newJob()), ChangeKind::Heavier);
    HiddenGuitar guitar(job, 1000012U);
    for (NextAct act = advise(job).act; job.log.size() < 200 || act.what == NextAct::Do::Done; act = advise(job).act) {
        if (act.what == NextAct::Do::Done) { // somebody went on all the same
            act.what = NextAct::Do::Tune;
            act.aim = {job.log.size() % job.rig.strings.size(), 0.0, 0.0};
        }
        job.log.push_back(guitar.answer(act));
        job.log.back().confirmed = true;
        guitar.hear(job.log.back());
    }
    for (auto _ : run)
        benchmark::DoNotOptimize(prospectOf(job, advise(job)));
}
BENCHMARK(adviceOn200Events)->Unit(benchmark::kMillisecond);

void habitsPerGuitar(benchmark::State& run) {
    const BenchJob job = changed(benchJobOf(newJob()), ChangeKind::Lighter);
    std::uint32_t seed = 1;
    for (auto _ : run) {
        for (const ShopHabit& habit : shopHabits())
            benchmark::DoNotOptimize(playByHabit(job, habit, seed));
        ++seed;
    }
}
BENCHMARK(habitsPerGuitar)->Unit(benchmark::kMillisecond);

void adviserPerGuitar(benchmark::State& run) {
    const BenchJob job = changed(benchJobOf(newJob()), ChangeKind::Lighter);
    std::uint32_t seed = 1;
    for (auto _ : run)
        benchmark::DoNotOptimize(playByAdvice(job, seed++));
}
BENCHMARK(adviserPerGuitar)->Unit(benchmark::kMillisecond)->Iterations(60);

} // namespace

BENCHMARK_MAIN();
