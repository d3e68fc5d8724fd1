// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/work/schools.h"

#include "core/settle/settling.h"
#include "session/work/workflow.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("Schools", text);
}

QList<SchoolTopic> makeTopics() {
    const auto way = [](const char* name, const char* title, const char* reason) {
        return SchoolOption{QLatin1String(name), tr(title), tr(reason)};
    };
    return {
        {QStringLiteral("atOnce"),
         tr("Strings off"),
         {way("all", "all off over a block", "faster, and the board can be cleaned"),
          way("one", "one by one", "the bridge stays where it is")}},
        {QStringLiteral("blockHeight"),
         tr("Block height"),
         {way("neutral", "neutral", "nothing jumps when it comes out"),
          way("forward", "a little forward", "goes in easily; all strings sharpen when it comes out")}},
        {QStringLiteral("blockOut"),
         tr("Block out"),
         {way("after", "after rough tuning", "the first round goes to a bridge that holds still"),
          way("before", "before tuning", "nothing has to be foreseen")}},
        {QStringLiteral("underBlock"),
         tr("Under the block"),
         {way("aims", "to blocked aims", "lands at pitch when the block is out"),
          way("pitch", "to pitch", "simple; jumps by what the block stands off level"),
          way("taut", "only taut", "no round is spent under the block")}},
        {QStringLiteral("ballEnd"),
         tr("Ball end"),
         {way("cut", "cut off at the bridge", "the usual way round"),
          way("reversed", "ball at the headstock", "one cut fewer, cannot slip at the post")}},
        {QStringLiteral("wraps"),
         tr("Wraps"),
         {way("usual", "2 to 3 wound, 3 to 5 plain", "grip on the post"),
          way("few", "as few as hold", "less to settle")}},
        {QStringLiteral("order"),
         tr("Order"),
         {way("lowToHigh", "low to high", "the strongest pull first"),
          way("highToLow", "high to low", "thin strings before the plate has moved far"),
          way("outerPairs", "outer pairs inwards", "even load on the plate")}},
        {QStringLiteral("overshoot"),
         tr("Tune"),
         {way("aims", "to computed aims", "each string to where it has to be for all to land"),
          way("exact", "exactly, round after round", "needs no figures but the tuner's")}},
        {QStringLiteral("finePreset"),
         tr("Fine tuners"),
         {way("middle", "to the middle", "room both ways"),
          way("nearlyOut", "nearly out", "more room to sharpen, which play asks for"),
          way("allOut", "all out", "all the room there is to sharpen, none to flatten")}},
        {QStringLiteral("lockWhen"),
         tr("Lock"),
         {way("tuned", "once in tune", "sooner done"),
          way("played", "after bends and playing", "what still settles does so before the caps close")}},
        {QStringLiteral("trim"),
         tr("Tails"),
         {way("after", "trimmed after stretching", "a string that slips can still be wound on"),
          way("before", "trimmed before tuning", "no ends in the way")}},
        {QStringLiteral("cover"),
         tr("Cavity cover"),
         {way("needed", "off only if the claw moves", "nothing undone for nothing"),
          way("start", "off at the start", "claw and springs in sight")}},
        {QStringLiteral("clawStep"),
         tr("Claw"),
         {way("single", "each screw by itself", "half the step of both together"),
          way("both", "both screws alike", "the claw stays parallel")}},
    };
}

Order orderNamed(const QString& name, std::size_t strings) {
    return orderOf(name == QLatin1String("highToLow")    ? OrderKind::HighToLow
                   : name == QLatin1String("outerPairs") ? OrderKind::OuterPairs
                                                         : OrderKind::LowToHigh,
                   strings);
}

/// Worst jump when a block that stands off level comes out from under strings at pitch.
double jump_cents(const Job& job, const ChangeReport& report) {
    if (schoolOf(job, QStringLiteral("blockHeight")) != QLatin1String("forward") || !report.level.balanced())
        return 0.0;
    double worst = 0.0;
    for (const Aim& aim : blockedAims(job.rig, report.level, job.goal.angle_rad + radians(1.5)))
        worst = std::max(worst, std::abs(aim.cents));
    return worst;
}

int pullsToSettle(const Job& job) {
    const bool few =
        schoolOf(job, QStringLiteral("wraps")) == QLatin1String("few") || job.card.tuners == Tuners::Locking;
    int pulls = 0;
    for (const RigString& string : job.rig.strings) {
        SettlingFit fit;
        fit.now = usualSettling(string.wire, few);
        constexpr double perCent_m = 2.2e-6; // about what a cent is worth in wire on a usual scale
        pulls += stretchesNeeded(fit, job.goal.pitchTolerance_cents * perCent_m).p50;
    }
    return pulls;
}

QString riskOf(const Job& job, const QString& topic, const QString& option, double jump) {
    const double turns = job.rig.strings.front().fineTurns;
    if (topic == QLatin1String("finePreset"))
        return option == QLatin1String("middle") ? tr("%1 turns either way").arg(turns / 2.0, 0, 'f', 1)
               : option == QLatin1String("nearlyOut")
                   ? tr("%1 turns up, %2 down").arg(0.8 * turns, 0, 'f', 1).arg(0.2 * turns, 0, 'f', 1)
                   : tr("%1 turns up, none down").arg(turns, 0, 'f', 1);
    if (option == QLatin1String("forward"))
        return tr("jumps %1 cents when it comes out").arg(jump, 0, 'f', 0);
    if (topic == QLatin1String("underBlock") && option == QLatin1String("pitch") && jump > 0.0)
        return tr("%1 cents sharp at release").arg(jump, 0, 'f', 0);
    if (topic == QLatin1String("clawStep"))
        return option == QLatin1String("single") ? tr("step 1/32 turn") : tr("step 1/16 turn");
    if (option == QLatin1String("reversed"))
        return tr("cut length must be right");
    if (topic == QLatin1String("trim") && option == QLatin1String("before"))
        return tr("nothing left to wind on");
    return {};
}

} // namespace

bool SchoolTopic::appliesTo(const Job& job) const {
    const bool claw = hasClaw(job.rig);
    const bool block =
        claw && job.goal.deckLoad_Nm <= 0.0 && schoolOf(job, QStringLiteral("atOnce")) == QLatin1String("all");
    if (name.startsWith(QLatin1String("block")) || name == QLatin1String("underBlock"))
        return block;
    if (name == QLatin1String("ballEnd") || name == QLatin1String("finePreset"))
        return claw && (job.rig.bridge.form == Form::DoubleLocking || job.rig.bridge.form == Form::DoubleLockingFlush);
    if (name == QLatin1String("wraps"))
        return job.card.tuners != Tuners::AtBridge && job.card.tuners != Tuners::Locking;
    if (name == QLatin1String("lockWhen"))
        return job.card.nut != Nut::Open;
    if (name == QLatin1String("trim"))
        return job.card.headstock != Headstock::None;
    if (name == QLatin1String("cover"))
        return claw && job.card.cavityCover;
    if (name == QLatin1String("clawStep"))
        return claw;
    return true;
}

const QList<SchoolTopic>& schoolTopics() {
    static const QList<SchoolTopic> topics = makeTopics();
    return topics;
}

QString schoolOf(const Job& job, const QString& topic) {
    if (topic == QLatin1String("overshoot"))
        return job.habit.aims ? QStringLiteral("aims") : QStringLiteral("exact");
    if (topic == QLatin1String("clawStep"))
        return job.habit.oneScrew ? QStringLiteral("single") : QStringLiteral("both");
    if (topic == QLatin1String("order")) {
        const OrderKind kind = kindOf(job.habit.order);
        return kind == OrderKind::HighToLow    ? QStringLiteral("highToLow")
               : kind == OrderKind::OuterPairs ? QStringLiteral("outerPairs")
                                               : QStringLiteral("lowToHigh");
    }
    const QString chosen = job.work.schools.value(topic);
    for (const SchoolTopic& one : schoolTopics())
        if (one.name == topic) {
            for (const SchoolOption& option : one.options)
                if (option.name == chosen)
                    return chosen;
            return one.options.first().name;
        }
    return {};
}

void chooseSchool(Job& job, const QString& topic, const QString& option) {
    if (topic == QLatin1String("overshoot"))
        job.habit.aims = option == QLatin1String("aims");
    else if (topic == QLatin1String("clawStep"))
        job.habit.oneScrew = option == QLatin1String("single");
    else if (topic == QLatin1String("order"))
        job.habit.order = orderNamed(option, job.rig.strings.size());
    else
        job.work.schools[topic] = option;
}

void applyHouse(Job& job, const QString& house) {
    for (const QString& line : house.split(QLatin1Char('\n'), Qt::SkipEmptyParts))
        chooseSchool(job, line.section(QLatin1Char('='), 0, 0), line.section(QLatin1Char('='), 1));
}

QString houseOf(const Job& job) {
    QStringList lines;
    for (const SchoolTopic& topic : schoolTopics())
        lines.append(topic.name + QLatin1Char('=') + schoolOf(job, topic.name));
    return lines.join(QLatin1Char('\n'));
}

SchoolCost costOf(const Job& job, const QString& topic, const QString& option) {
    Job tried = job;
    if (!topic.isEmpty())
        chooseSchool(tried, topic, option);
    const ChangeReport report =
        reportChange(tried.rig, tried.oldSet(), tried.goal, tried.habit.order, tried.slackStart_cents);
    const double strings = static_cast<double>(tried.rig.strings.size());
    SchoolCost cost;
    constexpr double aimedPasses = 2.0; // what the trial shows for the middle guitar
    cost.passes = tried.habit.aims ? aimedPasses : static_cast<double>(report.exactPasses.size());
    if (!tried.habit.aims && !report.exactDone)
        cost.passes += 1.0; // and more: the list stops there
    const double jump = jump_cents(tried, report);
    const QString under = schoolOf(tried, QStringLiteral("underBlock"));
    const bool one = schoolOf(tried, QStringLiteral("atOnce")) == QLatin1String("one");
    if (!one && hasClaw(tried.rig)) {
        const bool before = schoolOf(tried, QStringLiteral("blockOut")) == QLatin1String("before");
        if (!before && under != QLatin1String("taut"))
            cost.passes += 0.5; // the round under the block; aims foresee where it lands
        if (!before && under == QLatin1String("pitch") && jump > tried.goal.pitchTolerance_cents)
            cost.passes += 1.0;
    }
    if (one)
        cost.passes += strings / 2.0; // every string retuned after each, the first ones only roughly
    for (const Step& step : stepsOf(tried)) {
        const Phase phase = specOf(step.id).phase;
        if (phase != Phase::Tune && step.id != StepId::Settle && step.id != StepId::Level && step.id != StepId::Tune)
            cost.minutes += step.minutes;
    }
    cost.minutes +=
        (cost.passes * (strings * tried.pace.tune_s + tried.pace.read_s) + pullsToSettle(tried) * tried.pace.stretch_s +
         (std::abs(report.level.moreTurns) > 0.05 ? tried.pace.claw_s : 0.0)) /
        60.0;
    cost.risk = riskOf(tried, topic, option, jump);
    return cost;
}

} // namespace flenzo
