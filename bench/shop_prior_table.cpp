// SPDX-License-Identifier: GPL-3.0-or-later
// What a shop saves by beginning a new guitar from its own: guitars whose springs, hooks and claws lie to one side of
// the nominal figures, as those of one supplier do. `flenzo-shop-prior-table GUITARS SEED`; the figures of
// docs/trial.md.
#include "core/decision/adviser.h"
#include "core/log/counts.h"
#include "core/log/shop_prior.h"
#include "core/simulation/simulated_guitar.h"
#include "core/simulation/trial.h"
#include "domain/job/job.h"

#include <algorithm>
#include <cstdio>
#include <cstdlib>

using namespace flenzo;

namespace {

struct Run {
    double passes = 0.0, visits = 0.0, missedTurns = 0.0;
    Prior learned;
};

/// The adviser knows the nominal guitar; the one in hand is of the shop's kind.
Run playedOn(const BenchJob& nominal, const BenchJob& kind, std::uint32_t seed) {
    UncertaintyModel within; // guitars of one supplier are more alike than guitars at large
    within.springRate *= 0.4;
    within.initialTension *= 0.4;
    within.arm_m *= 0.4;
    within.clawLead *= 0.4;
    SimulatedGuitar guitar(kind, within, seed);
    BenchJob job = nominal;
    Run run;
    const double first = levelSolution(job.rig, bareState(job.rig), job.goal).moreTurns;
    double turned = 0.0;
    Estimate known;
    constexpr int enough = 400;
    for (int k = 0; k < enough; ++k) {
        const Advice advice = advise(job, k > 0 ? &known : nullptr);
        known = advice.guitar;
        const NextAct& next = advice.act;
        if (next.what == NextAct::Do::Done || next.what == NextAct::Do::Leave || next.what == NextAct::Do::Stuck)
            break;
        job.log.push_back(guitar.answer(next));
        guitar.follow(job.log.back());
        if (job.log.back().kind == Event::Kind::Claw)
            turned += job.log.back().turns.mean();
    }
    const Counts counts = countsOf(job.log, job.rig.strings.size(), job.pace);
    run.passes = counts.passes;
    run.visits = counts.clawVisits;
    const double told = job.prior
                            ? levelSolution(correctedRig(job.rig, EstimatorOptions(),
                                                         [&] {
                                                             GuitarUnknowns by(job.rig.strings.size());
                                                             by.value = job.prior->forStrings(job.rig.strings).mean;
                                                             return by;
                                                         }()),
                                            bareState(job.rig), job.goal)
                                  .moreTurns
                            : first;
    run.missedTurns = std::abs(turned - told);
    run.learned = known.learned;
    return run;
}

double quantile(std::vector<double> values, double share) {
    std::sort(values.begin(), values.end());
    return values[static_cast<std::size_t>(share * static_cast<double>(values.size() - 1) + 0.5)];
}

void print(const char* name, const std::vector<Run>& runs) {
    std::vector<double> passes, visits, missed;
    double sum = 0.0;
    for (const Run& run : runs) {
        passes.push_back(run.passes);
        visits.push_back(run.visits);
        missed.push_back(run.missedTurns);
        sum += run.passes;
    }
    std::printf("%-12s passes %.2f mean %.2f / %.2f, visits %.0f / %.0f, claw missed by %.2f / %.2f turns\n", name,
                sum / static_cast<double>(runs.size()), quantile(passes, 0.5), quantile(passes, 0.9),
                quantile(visits, 0.5), quantile(visits, 0.9), quantile(missed, 0.5), quantile(missed, 0.9));
}

} // namespace

int main(int argc, char** argv) {
    const int guitars = argc > 1 ? std::atoi(argv[1]) : 40;
    const auto seed = static_cast<std::uint32_t>(argc > 2 ? std::atoi(argv[2]) : 1);
    const BenchJob nominal = changed(benchJobOf(newJob()), ChangeKind::Heavier);
    BenchJob kind = nominal;
    Perturbation aside; // one usual deviation or so to one side
    aside.springRate = 0.16;
    aside.initialTension = 0.25;
    aside.hookDepth_m = 0.0009;
    aside.clawLead = 0.04;
    kind.rig = perturbed(nominal.rig, aside, nominal.old);
    std::vector<Run> before, plain, after;
    std::vector<Prior> learned;
    for (int g = 0; g < 20; ++g) {
        before.push_back(playedOn(nominal, kind, seed + static_cast<std::uint32_t>(g)));
        learned.push_back(before.back().learned);
    }
    BenchJob knowing = nominal;
    knowing.prior = shopPrior(learned)->prior;
    for (int g = 0; g < guitars; ++g) {
        const std::uint32_t own = seed + 1000 + static_cast<std::uint32_t>(g);
        plain.push_back(playedOn(nominal, kind, own));
        after.push_back(playedOn(knowing, kind, own));
    }
    print("as usual", plain);
    print("shop's own", after);
    for (Eigen::Index k = 0; k < learnedCount; ++k)
        std::printf("%-16s mean %+.2f sd %.2f\n", learnedName(static_cast<Learned>(k)), knowing.prior->mean[k],
                    std::sqrt(knowing.prior->covariance(k, k)));
    return 0;
}
