// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/advise.h"

#include "core/advise/prospect.h"

#include <QJsonArray>
#include <cmath>

namespace flenzo {

namespace {

QString nameOf(const BenchJob& job, std::size_t string) {
    return QString::fromStdString(job.rig.strings[string].name);
}
double rounded(double value, double step) {
    return std::round(value / step) * step;
}

QJsonObject checkAction(const BenchJob& job, const Doubt& doubt) {
    QJsonObject action{{QStringLiteral("do"), QStringLiteral("check")},
                       {QStringLiteral("event"), static_cast<int>(doubt.misfit.event)},
                       {QStringLiteral("standardDeviations"), rounded(doubt.inDeviations, 0.1)}};
    if (doubt.misfit.string) {
        action[QStringLiteral("string")] = nameOf(job, *doubt.misfit.string);
        action[QStringLiteral("readCents")] = doubt.misfit.measured;
        action[QStringLiteral("expectedCents")] = rounded(doubt.misfit.predicted, 0.1);
    } else {
        action[QStringLiteral("readGapMm")] = doubt.misfit.measured / metresPerMm;
        action[QStringLiteral("expectedGapMm")] = rounded(doubt.misfit.predicted / metresPerMm, 0.01);
    }
    if (doubt.otherString)
        action[QStringLiteral("fitsString")] = nameOf(job, *doubt.otherString);
    return action;
}

QString likelyWords(Doubt::Likely likely) {
    switch (likely) {
    case Doubt::Likely::WrongOctave:
        return QStringLiteral("an octave off");
    case Doubt::Likely::OtherString:
        return QStringLiteral("another string");
    case Doubt::Likely::WrongSign:
        return QStringLiteral("sharp and flat mixed up");
    case Doubt::Likely::SlippedPoint:
        return QStringLiteral("a slipped decimal point");
    case Doubt::Likely::SlippedString:
        return QStringLiteral("a string that slipped at its clamp or post");
    case Doubt::Likely::Unknown:
        break;
    }
    return QStringLiteral("a slip of the gauge or the pen");
}

QJsonObject readAction(const BenchJob& job, const NextAct& act) {
    QJsonArray strings;
    for (const std::size_t string : act.strings)
        strings.append(nameOf(job, string));
    return {{QStringLiteral("do"), QStringLiteral("read")},
            {QStringLiteral("strings"), strings},
            {QStringLiteral("gap"), act.gap}};
}

QJsonObject actionOf(const BenchJob& job, const Advice& advice) {
    const NextAct& act = advice.act;
    if (advice.doubt)
        return checkAction(job, *advice.doubt);
    switch (act.what) {
    case NextAct::Do::Read:
        return readAction(job, act);
    case NextAct::Do::Claw:
        return {{QStringLiteral("do"), QStringLiteral("claw")},
                {QStringLiteral("turns"), act.turns.mean()},
                {QStringLiteral("bassTurns"), act.turns.bass},
                {QStringLiteral("trebleTurns"), act.turns.treble}};
    case NextAct::Do::Tune:
        return {{QStringLiteral("do"), QStringLiteral("tune")},
                {QStringLiteral("string"), nameOf(job, act.aim.string)},
                {QStringLiteral("aimCents"), rounded(act.aim.cents, 0.01)},
                {QStringLiteral("aimHz"), rounded(act.aim.frequency_Hz, 0.001)}};
    case NextAct::Do::Unblock:
        return {{QStringLiteral("do"), QStringLiteral("unblock")}};
    case NextAct::Do::Stretch:
        return {{QStringLiteral("do"), QStringLiteral("stretch")},
                {QStringLiteral("string"), nameOf(job, act.aim.string)}};
    case NextAct::Do::Done:
        return {{QStringLiteral("do"), QStringLiteral("done")}};
    case NextAct::Do::Stuck:
        return {{QStringLiteral("do"), QStringLiteral("stop")}};
    }
    return {};
}

QString whyOf(const BenchJob& job, const Advice& advice) {
    const NextAct& act = advice.act;
    if (advice.doubt)
        return QStringLiteral(
                   "No guitar that fits the earlier readings gives this one; most likely it is %1. Read it again, or "
                   "confirm it.")
            .arg(likelyWords(advice.doubt->likely));
    switch (act.what) {
    case NextAct::Do::Read:
        return job.log.empty()
                   ? QStringLiteral("Nothing has been read yet; one full reading with the gap teaches the guitar.")
                   : QStringLiteral("What has been done since is only computed; reading it decides what is left.");
    case NextAct::Do::Claw:
        return QStringLiteral(
                   "At this claw the strings in tune would not leave the plate at its goal; %1 turns bring it there.")
            .arg(act.level.moreTurns, 0, 'f', 2);
    case NextAct::Do::Tune:
        return QStringLiteral("From this reading string %1 ends at pitch once the pegs still to come are turned.")
            .arg(nameOf(job, act.aim.string));
    case NextAct::Do::Unblock:
        return QStringLiteral("All strings stand at their blocked aims and land at pitch when it comes out.");
    case NextAct::Do::Stretch: {
        const StringSettling& string = advice.settling[act.aim.string];
        return QStringLiteral("String %1 is not settled: the next stretch would drop it about %2 cents, so %3 more "
                              "are likely.")
            .arg(nameOf(job, act.aim.string))
            .arg(string.nextDrop_cents, 0, 'f', 1)
            .arg(string.needed.p50);
    }
    case NextAct::Do::Done:
        return QStringLiteral("Every string and the plate were read inside the goal.");
    case NextAct::Do::Stuck:
        return QStringLiteral("This set has no stable float at any claw position of this guitar.");
    }
    return {};
}

QJsonObject quantiles(const Quantiles& q) {
    return {{QStringLiteral("p10"), q.p10}, {QStringLiteral("p50"), q.p50}, {QStringLiteral("p90"), q.p90}};
}

QJsonObject learnedValue(const Fit& fit, Eigen::Index at, double size) {
    return {{QStringLiteral("offset"), fit.mean[at] * size},
            {QStringLiteral("sd"), std::sqrt(std::max(0.0, fit.covariance(at, at))) * size}};
}

QJsonObject learnedJson(const BenchJob& job, const Fit& fit) {
    QJsonObject learned;
    for (Eigen::Index k = 0; k < learnedCount; ++k) {
        const auto quantity = static_cast<Learned>(k);
        const bool length = quantity == Learned::HookDepth || quantity == Learned::StringHeight;
        const double size = priorDeviation(job, quantity) / (length ? metresPerMm : 1.0);
        learned[QLatin1String(learnedName(quantity))] = learnedValue(fit, k, size);
    }
    QJsonObject stiffness;
    const LearnedLayout layout(job);
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        stiffness[nameOf(job, i)] = learnedValue(fit, layout.stiffness(i), job.spread.stringStiffness);
    learned[QStringLiteral("stringStiffnessShare")] = stiffness;
    return learned;
}

} // namespace

QJsonObject adviceJson(const BenchJob& job) {
    const Advice advice = advise(job);
    const Prospect prospect = prospectOf(job, advice);
    return {{QStringLiteral("action"), actionOf(job, advice)},
            {QStringLiteral("why"), whyOf(job, advice)},
            {QStringLiteral("outlook"), QJsonObject{{QStringLiteral("passes"), quantiles(prospect.passes)},
                                                    {QStringLiteral("clawVisits"), quantiles(prospect.clawVisits)},
                                                    {QStringLiteral("minutes"), quantiles(prospect.minutes)}}},
            {QStringLiteral("learned"), learnedJson(job, advice.fit)}};
}

} // namespace flenzo
