// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/work/costs.h"

#include "core/setup/friction.h"
#include "core/setup/lock.h"
#include "core/trial/rehearsal.h"
#include "session/work/schools.h"
#include "session/work/ways.h"
#include "session/work/workflow.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("Costs", text);
}

/// The job before anything was done to it, as the adviser takes it.
BenchJob freshBench(const Job& job) {
    BenchJob bench = benchJobOf(job);
    bench.log.clear();
    return bench;
}

Quantiles operator+(Quantiles a, double more) {
    return {a.p10 + more, a.p50 + more, a.p90 + more};
}

/// Minutes of one more pass over all strings.
double passMinutes(const Job& job) {
    return (static_cast<double>(job.rig.strings.size()) * job.pace.tune_s + job.pace.read_s) / 60.0;
}

/// Passes that a way adds outside the adviser's own reckoning; half a one is a coarse round.
double extraPasses(const Job& job) {
    const auto strings = static_cast<double>(job.rig.strings.size());
    double passes = 0.0;
    if (goes(job, "atOnce", "one"))
        return strings / 2.0; // after each string the ones before it are touched up, the first ones only roughly
    if (floats(job.rig, job.goal) && !goes(job, "blockOut", "before") && !goes(job, "underBlock", "taut"))
        passes += 0.5;
    if (goes(job, "clawSlack", "slackened"))
        passes += 0.5; // everything comes up from below once more
    if (goes(job, "stretchWhen", "each"))
        passes += 0.5; // what was stretched before its neighbours came up is tuned again anyway
    return passes;
}

QString cents(double value) {
    return QString::number(value, 'f', 0);
}

double worstHang_cents(const Job& job, const Level& level) {
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
        return tr("%1 frets for the thickest").arg(rules.frets, 0, 'f', 1);
    if (option == QLatin1String("past"))
        return tr("%1 mm for the thickest").arg(slack_mm, 0, 'f', 0);
    if (option == QLatin1String("spacings"))
        return tr("%1 spacings for the thickest").arg(rules.postSpacings, 0, 'f', 1);
    if (option == QLatin1String("bow"))
        return tr("a bow of %1 mm for the thickest").arg(rules.bow_m * 1e3, 0, 'f', 0);
    return tr("%1 fingers for the thickest").arg(rules.fingers, 0, 'f', 1);
}

QString presetRisk(const Job& job) {
    const double all = job.rig.strings.front().fineTurns, in = finePreset_turns(job);
    return tr("%1 turns up, %2 down").arg(all - in, 0, 'f', 1).arg(in, 0, 'f', 1);
}

/// How far the plate still is from its end when the first string has been tuned.
QString earlyLevelRisk(const Job& job, const ChangeReport& report) {
    if (!report.level.balanced() || report.exactPasses.empty())
        return {};
    State state = slackStart(job.rig, report.level.state.claw, job.slackStart_cents);
    state = exactPass(job.rig, state, {job.habit.order.front()}).after;
    return tr("%1° from its end after the first string")
        .arg(degrees(std::abs(state.angle_rad - job.goal.angle_rad)), 0, 'f', 1);
}

QString playingRisk(const Job& job, const Level& level) {
    double worst = 0.0;
    for (const double shift : playingShift_cents(job.rig, level.state))
        worst = std::max(worst, std::abs(shift));
    return tr("moves up to %1 cents when lifted").arg(worst, 0, 'f', 1);
}

QString lockRisk(const Job& job, const Level& level) {
    double worst = 0.0;
    for (const double shift : clampShift_cents(job.rig, level.state))
        worst = std::max(worst, std::abs(shift));
    return worst > 0.05 ? tr("locking moves up to %1 cents").arg(cents(worst)) : QString();
}

/// What a way risks on this guitar, beside the time it takes.
QString riskOf(const Job& job, const QString& topic, const QString& option) {
    const ChangeReport report = reportChange(job.rig, job.oldSet(), job.goal, job.habit.order, job.slackStart_cents);
    const Level& level = report.level;
    const auto is = [&](const char* a, const char* b) {
        return topic == QLatin1String(a) && option == QLatin1String(b);
    };
    if (topic == QLatin1String("slackRule"))
        return slackRisk(job, option);
    if (topic == QLatin1String("finePreset"))
        return presetRisk(job);
    if (topic == QLatin1String("clawStep"))
        return option == QLatin1String("single") ? tr("step 1/32 turn") : tr("step 1/16 turn");
    if (topic == QLatin1String("nutAngle") && level.balanced() && job.card.nut == Nut::Open)
        return tr("hangs by up to %1 cents").arg(worstHang_cents(job, level), 0, 'f', 1);
    if (is("nutAngle", "less"))
        return tr("stands %1° over the nut").arg(degrees(nutAngleOf_rad(job, job.rig.strings.front())), 0, 'f', 1);
    if (is("levelWhen", "each"))
        return earlyLevelRisk(job, report);
    if (is("finalTune", "bench") && level.balanced())
        return playingRisk(job, level);
    if (is("lockWhen", "tuned") && level.balanced())
        return lockRisk(job, level);
    if (const double jump = blockJump_cents(job, job.rig, level); jump > 0.0) {
        if (is("blockHeight", "forward"))
            return tr("jumps %1 cents when it comes out").arg(cents(jump));
        if (is("underBlock", "pitch"))
            return tr("%1 cents sharp at release").arg(cents(jump));
    }
    if (is("bridge", "decked"))
        return tr("no pull-up; the claw presses it down with %1 N m").arg(job.goal.deckLoad_Nm, 0, 'f', 1);
    if (is("overshoot", "feel"))
        return tr("the first one %1 cents sharp").arg(cents(job.habit.firstSharp_cents));
    if (is("ballEnd", "reversed"))
        return tr("cut length must be right");
    if (is("trim", "before"))
        return tr("nothing left to wind on");
    if (is("tail", "long"))
        return tr("an end that scratches");
    if (is("winding", "tie"))
        return tr("%1 wraps for the thickest").arg(wrapsOf(job, job.rig.strings.front().wire), 0, 'f', 1);
    if (is("stretching", "hard"))
        return tr("kinks");
    return {};
}

} // namespace

Costs::Costs(const Job& job) : job_(job), tuning_(tuningOf(job)), now_(costOf(job, tuning_)) {}

Costs::Tuning Costs::tuningOf(const Job& tried) const {
    const BenchJob bench = freshBench(tried);
    if (tried.habit.aims) {
        const Prospect prospect = prospectOf(bench, advise(bench));
        return {prospect.passes, prospect.minutes};
    }
    const Counts counts = rehearse(bench);
    const double passes = counts.passes, minutes = counts.minutes;
    return {{passes, passes, passes}, {minutes, minutes, minutes}};
}

SchoolCost Costs::costOf(const Job& tried, const Tuning& tuning) const {
    const double extra = extraPasses(tried);
    SchoolCost cost;
    cost.passes = tuning.passes + extra;
    cost.minutes = tuning.minutes + (extra * passMinutes(tried) + handMinutes(tried));
    return cost;
}

SchoolCost Costs::of(const QString& topic, const QString& option) const {
    Job tried = job_;
    chooseSchool(tried, topic, option);
    const bool same = tried.habit == job_.habit && tried.goal == job_.goal;
    SchoolCost cost = costOf(tried, same ? tuning_ : tuningOf(tried));
    cost.risk = riskOf(tried, topic, option);
    return cost;
}

} // namespace flenzo
