// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/acts.h"
#include "core/planning/change.h"
#include "core/simulation/simulated_guitar.h"
#include "core/simulation/trial.h"
#include "domain/job/derived.h"
#include "domain/job/edits.h"
#include "domain/shop/held.h"
#include "domain/shop/strings_sold.h"
#include "session/models/day_planner.h"
#include "store/catalogue_files.h"
#include "support/days.h"
#include "support/years.h"

#include <QCoreApplication>
#include <benchmark/benchmark.h>
#include <cmath>

using namespace flenzo;

namespace {

struct Bench {
    Job job = newJob();
    LevelSolution level = levelSolution(job.rig, bareState(job.rig), {});
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
        const Equilibrium rest = findEquilibrium(equation, limits, 0.0);
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
            state = exactPass(bench.job.rig, state, bench.job.method.order).after;
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

BenchJob longJob() {
    BenchJob job = changed(benchJobOf(newJob()), ChangeKind::Heavier);
    SimulatedGuitar guitar(job, UncertaintyModel(), 1000012U);
    while (job.log.size() < 200) {
        NextAct act = advise(job).act;
        if (act.what == NextAct::Do::Done || act.what == NextAct::Do::Leave) { // somebody went on all the same
            act.what = NextAct::Do::Tune;
            act.aim = {job.log.size() % job.rig.strings.size(), 0.0, 0.0};
        }
        job.log.push_back(guitar.perform(act));
    }
    return job;
}

/// From nothing but a log as long as a stubborn guitar makes it.
void adviceOn200Events(benchmark::State& run) {
    const BenchJob job = longJob();
    for (auto _ : run)
        benchmark::DoNotOptimize(advise(job));
}
BENCHMARK(adviceOn200Events)->Unit(benchmark::kMillisecond);

/// One more figure typed at the end of it, going on from what was known.
void oneReadingMore(benchmark::State& run) {
    BenchJob job = longJob();
    const Estimate known = estimate(job);
    job.log.push_back(Event::read(0, known.readings_cents[0] + 0.3));
    for (auto _ : run)
        benchmark::DoNotOptimize(advise(job, &known));
}
BENCHMARK(oneReadingMore)->Unit(benchmark::kMillisecond);

void workThatRemains(benchmark::State& run) {
    BenchJob job = changed(benchJobOf(newJob()), ChangeKind::Heavier);
    SimulatedGuitar guitar(job, UncertaintyModel(), 3);
    job.log.push_back(guitar.perform(advise(job).act));
    const Advice advice = advise(job);
    for (auto _ : run)
        benchmark::DoNotOptimize(remainingWork(job, advice));
}
BENCHMARK(workThatRemains)->Unit(benchmark::kMillisecond);

void habitsPerGuitar(benchmark::State& run) {
    const BenchJob job = changed(benchJobOf(newJob()), ChangeKind::Lighter);
    std::uint32_t seed = 1;
    for (auto _ : run) {
        for (const ShopMethod& method : practisedMethods()) {
            SimulatedGuitar guitar(job, UncertaintyModel(), seed);
            benchmark::DoNotOptimize(playByMethod(job, method, guitar, seed));
        }
        ++seed;
    }
}
BENCHMARK(habitsPerGuitar)->Unit(benchmark::kMillisecond);

void adviserPerGuitar(benchmark::State& run) {
    const BenchJob job = changed(benchJobOf(newJob()), ChangeKind::Lighter);
    std::uint32_t seed = 1;
    for (auto _ : run) {
        SimulatedGuitar guitar(job, UncertaintyModel(), seed++);
        benchmark::DoNotOptimize(playByAdvice(job, guitar, false));
    }
}
BENCHMARK(adviserPerGuitar)->Unit(benchmark::kMillisecond)->Iterations(60);

/// Seven strings, whatever is sold for each, lowered by up to four semitones, every wish in turn.
void aSetChosen(benchmark::State& run) {
    const Catalogue catalogue = bundledCatalogue().value();
    Job job = newJob();
    if (setStringCount(job, 7, catalogue))
        run.SkipWithError("no seven strings");
    const SetFigures before = figuresBefore(job, job.rig);
    const StringsSold sold = stringsSoldFor(job.rig, catalogue);
    const Offered offered = sold.wires();
    int turn = 0;
    for (auto _ : run) {
        run.PauseTiming();
        Rig rig = job.rig;
        for (RigString& string : rig.strings)
            string.target_Hz *= std::pow(2.0, -(turn % 5) / 12.0);
        FeelWish feel;
        feel.keepsBalance = turn % 2 == 0;
        feel.equalPull = turn % 3 == 0;
        if (turn % 7 == 0)
            feel.armShare = 0.9;
        ++turn;
        run.ResumeTiming();
        benchmark::DoNotOptimize(chooseSet(rig, {}, offered, wishOf(feel, before)));
    }
}
BENCHMARK(aSetChosen)->Unit(benchmark::kMillisecond);

/// Thirty jobs for two people by the usual rules, and the bound: what is shown at once.
void aDayByRule(benchmark::State& run) {
    std::mt19937 random(30112);
    const DayProblem problem = cutToHours(testing::randomDay(random, 30, 2));
    for (auto _ : run) {
        benchmark::DoNotOptimize(planByRule(problem));
        benchmark::DoNotOptimize(leastCost(problem));
    }
}
BENCHMARK(aDayByRule)->Unit(benchmark::kMillisecond);

/// What half a second of search takes off a day by rule, and how far above the bound it stays.
void aDaySearched(benchmark::State& run) {
    std::mt19937 random(30113);
    const std::atomic<bool> giveUp{false};
    double rules = 0.0, searched = 0.0, bounds = 0.0;
    for (auto _ : run) {
        const DayProblem problem = cutToHours(testing::randomDay(random, 30, 2));
        const DayPlan rule = planByRule(problem).value();
        const DayPlan plan = dayPlanner()->improved(problem, rule, 500, giveUp);
        rules += static_cast<double>(rule.cost);
        searched += static_cast<double>(plan.cost);
        bounds += static_cast<double>(leastCost(problem));
    }
    run.counters["to rules"] = searched / rules;
    run.counters["to bounds"] = searched / bounds;
}
BENCHMARK(aDaySearched)->Unit(benchmark::kMillisecond)->Iterations(20);

/// Everything that some years of 112 jobs show together.
void whatWasHeld(benchmark::State& run) {
    std::mt19937 random(30114);
    const std::vector<Job> jobs = testing::years({}, random);
    for (auto _ : run)
        benchmark::DoNotOptimize(heldOf(spansOf(jobs)));
}
BENCHMARK(whatWasHeld)->Unit(benchmark::kMillisecond);

} // namespace

int main(int count, char** words) {
    const QCoreApplication program(count, words); // modules lie beside it
    benchmark::Initialize(&count, words);
    benchmark::RunSpecifiedBenchmarks();
}
