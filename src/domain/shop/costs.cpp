// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/shop/costs.h"

#include "core/setup/friction.h"
#include "core/setup/lock.h"
#include "core/simulation/rehearsal.h"
#include "domain/methods/method_figures.h"
#include "domain/methods/methods.h"
#include "domain/work/workflow.h"
#include "language/decimal.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct CostsWords {
    Q_DECLARE_TR_FUNCTIONS(Costs)
};

/// The job before anything was done to it, as the adviser takes it.
BenchJob freshBench(const Job& job) {
    BenchJob bench = benchJobOf(job);
    bench.log.clear();
    return bench;
}

Quantiles operator+(Quantiles a, double more) {
    return {a.p10 + more, a.p50 + more, a.p90 + more};
}

/// How far the claw usually is off when it was turned by nominal figures alone.
double clawError_turns(const Job& job) {
    return planUncertainty(job.rig, job.oldSet(), job.goal, job.method.order, job.slackStart_cents, UncertaintyModel{})
        .claw_turns;
}

/// The ways that come before the adviser, or beside it.
Opening openingOf(const Job& job) {
    Opening opening;
    opening.oneByOne = isChosen(job, "atOnce", "one");
    const bool blocked = floats(job.rig, job.goal) && !opening.oneByOne && !isChosen(job, "blockOut", "before");
    if (blocked && !isChosen(job, "underBlock", "taut"))
        opening.block =
            Opening::UnderBlock{blockAngle_rad(job), isChosen(job, "underBlock", "aims"), clawError_turns(job)};
    opening.stretchEach = job.method.stretch && isChosen(job, "stretchWhen", "each");
    opening.slackenAtClaw = hasClaw(job.rig) && isChosen(job, "clawSlack", "slackened");
    return opening;
}

/// Looks at the plate that a way adds: block out and in again after each string.
double lookMinutes(const Job& job) {
    const bool each = openingOf(job).block && isChosen(job, "blockOut", "each");
    return each ? 2.0 * static_cast<double>(job.rig.strings.size()) * job.pace.look_s / 60.0 : 0.0;
}

QString cents(double value) {
    return decimal(value, 0);
}

double worstHang_cents(const Job& job, const LevelSolution& level) {
    Rig rig = job.rig;
    for (RigString& string : rig.strings)
        string.nutBreak_rad = nutAngleOf_rad(job, string);
    const DeadBands bands = deadBandsOf(rig, level.state);
    return *std::max_element(bands.nut_cents.begin(), bands.nut_cents.end());
}

QString slackRisk(const Job& job, const QString& option) {
    const SlackRules rules = slackOf(job, job.rig.strings.front());
    const double slack_mm = rules.slack_m * 1e3;
    if (option == QLatin1String("frets"))
        return CostsWords::tr("%1 frets for the thickest").arg(decimal(rules.frets, 1));
    if (option == QLatin1String("past"))
        return CostsWords::tr("%1 mm for the thickest").arg(decimal(slack_mm, 0));
    if (option == QLatin1String("spacings"))
        return CostsWords::tr("%1 spacings for the thickest").arg(decimal(rules.postSpacings, 1));
    if (option == QLatin1String("bow"))
        return CostsWords::tr("a bow of %1 mm for the thickest").arg(decimal(rules.bow_m * 1e3, 0));
    return CostsWords::tr("%1 hand widths for the thickest").arg(decimal(rules.hands, 1));
}

QString presetRisk(const Job& job) {
    const double all = job.rig.strings.front().fineTurns, in = finePreset_turns(job);
    return CostsWords::tr("%1 turns up, %2 down").arg(decimal(all - in, 1)).arg(decimal(in, 1));
}

/// How far the plate still is from its end when the first string has been tuned.
QString earlyLevelRisk(const Job& job, const ChangeReport& report) {
    if (!report.level.balanced() || report.exactPasses.empty())
        return {};
    State state = slackStart(job.rig, report.level.state.claw, job.slackStart_cents);
    state = exactPass(job.rig, state, {job.method.order.front()}).after;
    return CostsWords::tr("%1° from its end after the first string")
        .arg(decimal(degrees(std::abs(state.angle_rad - job.goal.angle_rad)), 1));
}

QString playingRisk(const Job& job, const LevelSolution& level) {
    double worst = 0.0;
    for (const double shift : playingShift_cents(job.rig, level.state))
        worst = std::max(worst, std::abs(shift));
    return CostsWords::tr("moves up to %1 cents when lifted").arg(decimal(worst, 1));
}

QString lockRisk(const Job& job, const LevelSolution& level) {
    double worst = 0.0;
    for (const double shift : clampShift_cents(job.rig, level.state))
        worst = std::max(worst, std::abs(shift));
    return worst > 0.05 ? CostsWords::tr("locking moves up to %1 cents").arg(cents(worst)) : QString();
}

/// How often a hand that counts surely turns the claw in this way, and how far from level the plate then ends.
QString clawRisk(const Job& job, const QString& option, const LevelSolution& level) {
    if (!level.balanced())
        return {};
    constexpr int most = 200;
    WorkMethod method = job.method;
    method.claw = clawWayNamed(option);
    State state = level.state;
    state.claw = state.claw.plus(-level.moreTurns);
    double off_rad = 0.0;
    int turns = 0;
    for (; turns < most; ++turns) {
        off_rad = std::abs(equilibriumAtPitch(job.rig, state, job.goal).state.angle_rad - job.goal.angle_rad);
        const LevelSolution left = levelSolution(job.rig, state, job.goal);
        const ClawStepPolicy hand = clawStepPolicyOf(method, job.rig, left, job.goal);
        if (off_rad <= clawShare * job.goal.angleTolerance_rad ||
            std::abs(left.moreTurns) < worthAStep * hand.step_turns)
            break;
        const ClawTurns by = hand.dealt(hand.atOneGo_turns(left.moreTurns), state.claw);
        state.claw = {state.claw.bass + by.bass, state.claw.treble + by.treble};
    }
    return CostsWords::tr("turned %1×, ends %2° off").arg(turns).arg(decimal(degrees(off_rad), 2));
}

/// What a way risks on this guitar, beside the time it takes.
QString riskOf(const Job& job, const QString& topic, const QString& option) {
    const ChangeReport report = reportChange(job.rig, job.oldSet(), job.goal, job.method.order, job.slackStart_cents);
    const LevelSolution& level = report.level;
    const auto is = [&](const char* a, const char* b) {
        return topic == QLatin1String(a) && option == QLatin1String(b);
    };
    if (topic == QLatin1String("slackRule"))
        return slackRisk(job, option);
    if (topic == QLatin1String("finePreset"))
        return presetRisk(job);
    if (topic == QLatin1String("clawStep"))
        return clawRisk(job, option, level);
    if (topic == QLatin1String("nutAngle") && level.balanced() && job.card.nut == Nut::Open)
        return CostsWords::tr("hangs by up to %1 cents").arg(decimal(worstHang_cents(job, level), 1));
    if (is("nutAngle", "less"))
        return CostsWords::tr("%1° over the nut")
            .arg(decimal(degrees(nutAngleOf_rad(job, job.rig.strings.front())), 1));
    if (is("levelWhen", "each"))
        return earlyLevelRisk(job, report);
    if (is("finalTune", "bench") && level.balanced())
        return playingRisk(job, level);
    if (is("lockWhen", "tuned") && level.balanced())
        return lockRisk(job, level);
    if (const double jump = blockJump_cents(job, job.rig, level); jump > 0.0) {
        if (is("blockHeight", "forward"))
            return CostsWords::tr("jumps %1 cents when it comes out").arg(cents(jump));
        if (is("underBlock", "pitch"))
            return CostsWords::tr("%1 cents sharp at release").arg(cents(jump));
    }
    if (is("bridge", "decked"))
        return CostsWords::tr("no pull-up; the claw presses it down with %1 N m").arg(decimal(job.goal.deckLoad_Nm, 1));
    if (is("overshoot", "feel"))
        return CostsWords::tr("the first one %1 cents sharp").arg(cents(job.method.firstSharp_cents));
    if (is("capOrder", "any"))
        return CostsWords::tr("a worn cap slips or shifts the pitch");
    if (is("ballEnd", "reversed"))
        return CostsWords::tr("cut length must be right");
    if (is("trim", "before"))
        return CostsWords::tr("nothing left to wind on");
    if (is("tail", "long"))
        return CostsWords::tr("an end that scratches");
    if (is("winding", "tie"))
        return CostsWords::tr("%1 wraps for the thickest").arg(decimal(wrapsOf(job, job.rig.strings.front().wire), 1));
    if (is("stretching", "hard"))
        return CostsWords::tr("kinks");
    return {};
}

/// The same job by the adviser alone: free bridge, computed aims and claw turns, thick to thin.
BenchJob advisedOnly(BenchJob bench) {
    WorkMethod& method = bench.method;
    method.aims = true;
    method.backChecks = false;
    method.firstSharp_cents = 0.0;
    method.claw = ClawMethod::EachScrew;
    method.order = orderOf(OrderKind::LowToHigh, bench.rig.strings.size());
    return bench;
}

} // namespace

Costs::Advised::Advised(BenchJob plain)
    : job(std::move(plain)), steady(rehearse(job)), outlook(remainingWork(job, advise(job))) {}

Costs::Costs(const Job& job)
    : job_(job), advised_(advisedOnly(freshBench(job))), tuning_(tuningOf(job)), now_(costOf(job, tuning_)) {}

/// The adviser's outlook with its spread, and what the ways add to it for a steady hand.
Costs::Tuning Costs::tuningOf(const Job& tried) const {
    const Counts with = rehearse(freshBench(tried), openingOf(tried));
    Tuning tuning{advised_.outlook.passes + (with.passes - advised_.steady.passes),
                  advised_.outlook.minutes + (with.minutes - advised_.steady.minutes)};
    for (double Quantiles::*share : {&Quantiles::p10, &Quantiles::p50, &Quantiles::p90})
        tuning.passes.*share = std::max(1.0, tuning.passes.*share); // strings are not tuned by fewer
    return tuning;
}

MethodCost Costs::costOf(const Job& tried, const Tuning& tuning) const {
    MethodCost cost;
    cost.passes = tuning.passes;
    cost.minutes = tuning.minutes + (lookMinutes(tried) + handMinutes(tried));
    return cost;
}

MethodCost Costs::of(const QString& topic, const QString& option) const {
    Job tried = job_;
    chooseMethod(tried, topic, option);
    const bool same = tried.method == job_.method && tried.goal == job_.goal && openingOf(tried) == openingOf(job_);
    MethodCost cost = costOf(tried, same ? tuning_ : tuningOf(tried));
    cost.risk = riskOf(tried, topic, option);
    return cost;
}

std::optional<PricedPlan> pricedPlan(const Job& job, const std::function<bool(double)>& goOn) {
    constexpr double playedShare = 0.75; // of the time goes into the remaining work of the plain job
    if (!goOn(0.0))
        return std::nullopt;
    const Costs costs(job);
    PricedPlan plan{costs.asChosen(), {}};
    const QList<MethodTopic>& topics = methodTopics();
    for (qsizetype k = 0; k < topics.size(); ++k) {
        if (!goOn(playedShare + (1.0 - playedShare) * static_cast<double>(k) / static_cast<double>(topics.size())))
            return std::nullopt;
        if (!topics[k].appliesTo(job))
            continue;
        PricedTopic priced{&topics[k], {}};
        for (const MethodOption& option : topics[k].options)
            priced.prices.append(costs.of(topics[k].name, option.name));
        plan.topics.append(priced);
    }
    return plan;
}

} // namespace flenzo
