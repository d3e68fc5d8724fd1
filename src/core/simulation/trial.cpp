// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/trial.h"

#include "core/base/quantile.h"
#include "core/base/threads.h"
#include "core/simulation/independent_guitar.h"
#include "core/simulation/simulated_guitar.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <memory>

namespace flenzo {

namespace {

struct KindName {
    ChangeKind kind;
    const char* name;
};
constexpr std::array<KindName, 6> kindNames{{{ChangeKind::Heavier, "heavier"},
                                             {ChangeKind::Lighter, "lighter"},
                                             {ChangeKind::Same, "same"},
                                             {ChangeKind::LowerTuning, "lower"},
                                             {ChangeKind::FewerSprings, "fewer-springs"},
                                             {ChangeKind::AsIs, "as-is"}}};

struct ToolsKind {
    TrialTools kind;
    const char* name;
    BenchTools tools;
    double pivot_Nm;
};
const std::array<ToolsKind, 4> toolsKinds{
    {{TrialTools::Laboratory, "lab", {}, 0.0},
     {TrialTools::Shop, "shop", {1.0, 1.5e-4, 0.0, 1.2, 1.0, 1e-4, 0.0}, 0.008},
     {TrialTools::Fine, "fine", {}, 0.008},
     {TrialTools::Eye, "eye", {1.0, 0.0, radians(0.3), 1.2, 1.0, 0.0, radians(0.1)}, 0.008}}};
const ToolsKind& kindOfTools(TrialTools tools) {
    return toolsKinds[static_cast<std::size_t>(tools)];
}

/// One guitar of a trial, and whether it floats in tune at all.
struct Made {
    std::unique_ptr<BenchGuitar> guitar;
    bool stable = false;
};
Made makeGuitar(const TrialSetup& setup, const BenchJob& job, std::uint32_t seed) {
    const ToolsKind& tools = kindOfTools(setup.tools);
    if (setup.independent) {
        auto guitar = independentGuitar(setup, job, seed);
        const bool stable = guitar->floatsInTune();
        return {std::move(guitar), stable};
    }
    UncertaintyModel spread;
    spread.tuner_cents = tools.tools.tuner_cents;
    spread.peg_cents = tools.tools.peg_cents;
    spread.gap_m = tools.tools.gap_m;
    spread.angle_rad = tools.tools.angle_rad;
    auto guitar = std::make_unique<SimulatedGuitar>(job, spread, seed);
    const bool stable = levelSolution(guitar->rig(), bareState(guitar->rig()), job.goal).status == LevelStatus::Found;
    return {std::move(guitar), stable};
}

void scaleGauges(Rig& rig, double share) {
    for (RigString& string : rig.strings) {
        string.wire.gauge_m *= share;
        string.wire.core_m *= share;
        string.wire.unitMass_kgpm.reset();
        string.wire.stiffness_N.reset();
    }
}

} // namespace

BenchJob jobOfTrial(const TrialSetup& setup) {
    BenchJob job = setup.job;
    job.tools = kindOfTools(setup.tools).tools.told();
    return job;
}

std::unique_ptr<IndependentGuitar> independentGuitar(const TrialSetup& setup, const BenchJob& job, std::uint32_t seed) {
    const ToolsKind& tools = kindOfTools(setup.tools);
    Hardships hard;
    hard.pivot_Nm = tools.pivot_Nm;
    hard.stringsGive = job.method.stretch;
    if (setup.strange) {
        hard.rollingEdge_m = 0.0004;
        hard.springsStiffen = 3.0;
        hard.stringsStiffen = -2.0;
        hard.nutHolds_cents = 1.5;
    }
    BenchTools real = tools.tools;
    if (setup.unlike) {
        hard.springsUnlike = 0.06;
        hard.neckGives_mpN = 1e-7;
        hard.oldLevel_rad = 0.004;
        hard.outliers = 0.02;
        hard.nutHolds_cents = std::max(hard.nutHolds_cents, 0.7);
        real = real.worse(1.2);
    }
    return std::make_unique<IndependentGuitar>(job, hard, real, seed);
}

void playAll(const TrialSetup& setup, std::size_t count, const std::function<void(std::size_t)>& play) {
    std::atomic<int> done{0};
    inThreads(count, setup.threads, [&](std::size_t k) {
        if (setup.cancel && setup.cancel->load())
            return;
        play(k);
        const int now = ++done;
        if (setup.progress)
            setup.progress(now);
    });
}

std::optional<TrialTools> toolsNamed(const std::string& name) {
    for (const ToolsKind& kind : toolsKinds)
        if (name == kind.name)
            return kind.kind;
    return std::nullopt;
}

const char* changeName(ChangeKind kind) {
    for (const KindName& entry : kindNames)
        if (entry.kind == kind)
            return entry.name;
    return "";
}

std::optional<ChangeKind> changeNamed(const std::string& name) {
    for (const KindName& entry : kindNames)
        if (name == entry.name)
            return entry.kind;
    return std::nullopt;
}

BenchJob changed(BenchJob job, ChangeKind kind) {
    if (kind == ChangeKind::AsIs)
        return job;
    job.log.clear();
    job.old = {{}, {}, true, job.old.angle_rad, job.old.pressed_Nm};
    for (const RigString& string : job.rig.strings)
        job.old.strings.push_back({string.wire, string.target_Hz});
    switch (kind) {
    case ChangeKind::Heavier:
        scaleGauges(job.rig, 1.09);
        break;
    case ChangeKind::Lighter:
        scaleGauges(job.rig, 0.92);
        break;
    case ChangeKind::LowerTuning:
        for (RigString& string : job.rig.strings)
            string.target_Hz *= std::exp2(-2.0 / 12.0);
        break;
    case ChangeKind::FewerSprings:
        job.old.springs = job.rig.springs;
        if (!job.rig.springs.empty())
            job.rig.springs.pop_back();
        break;
    case ChangeKind::Same:
    case ChangeKind::AsIs:
        break;
    }
    if (hasClaw(job.rig))
        if (const auto claw = clawBefore(job.rig, job.old))
            job.rig.claw.turns = *claw;
    return job;
}

double TrialRow::share(const std::function<bool(const Played&)>& of) const {
    return plays.empty()
               ? 0.0
               : static_cast<double>(std::count_if(plays.begin(), plays.end(), of)) / static_cast<double>(plays.size());
}

Quantiles TrialRow::quantiles(const std::function<double(const Played&)>& of) const {
    std::vector<double> values;
    for (const Played& played : plays)
        values.push_back(of(played));
    return {quantile(values, 0.1), quantile(values, 0.5), quantile(values, 0.9)};
}

TrialReport runTrial(const TrialSetup& setup) {
    const std::vector<ShopMethod> methods = setup.shopMethods ? practisedMethods() : std::vector<ShopMethod>{};
    const BenchJob job = jobOfTrial(setup);
    const std::size_t players = methods.size() + 1;
    const auto guitars = static_cast<std::size_t>(std::max(0, setup.guitars));
    std::vector<Played> plays(guitars * players);
    playAll(setup, plays.size(), [&](std::size_t k) {
        const auto seed = setup.seed * 1000003U + static_cast<std::uint32_t>(k / players);
        const std::size_t player = k % players;
        const Made made = makeGuitar(setup, job, seed);
        plays[k] = player < methods.size()
                       ? playByMethod(job, methods[player], *made.guitar, seed)
                       : playByAdvice(job, *made.guitar, setup.forecasts, setup.rules, setup.learning);
        plays[k].stable = made.stable;
        plays[k].inTune =
            plays[k].worst_cents <= job.goal.pitchTolerance_cents && plays[k].plate_rad <= job.goal.angleTolerance_rad;
    });
    TrialReport report;
    report.guitars = static_cast<int>(guitars);
    report.cancelled = setup.cancel && setup.cancel->load();
    if (report.cancelled)
        return report;
    for (std::size_t player = 0; player < players; ++player) {
        TrialRow row;
        row.name = player < methods.size() ? methods[player].name : "adviser";
        for (std::size_t g = 0; g < guitars; ++g)
            if (plays[g * players + player].stable)
                row.plays.push_back(plays[g * players + player]);
        report.rows.push_back(std::move(row));
    }
    report.stable = static_cast<int>(report.rows.back().plays.size());
    report.coverage = report.rows.back().share([strings = job.rig.strings.size()](const Played& played) {
        if (!played.forecast)
            return false;
        const double turn = 0.5 / static_cast<double>(strings);
        return played.forecast->passes.p10 - turn <= played.passes &&
               played.passes <= played.forecast->passes.p90 + turn;
    });
    return report;
}

} // namespace flenzo
