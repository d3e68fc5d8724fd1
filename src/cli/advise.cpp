// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/advise.h"

#include "core/simulation/remaining.h"

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

QJsonObject checkAction(const BenchJob& job, const Outlier& doubt) {
    QJsonObject action{{QStringLiteral("do"), QStringLiteral("check")},
                       {QStringLiteral("event"), static_cast<int>(doubt.event)},
                       {QStringLiteral("standardDeviations"), rounded(doubt.inDeviations, 0.1)}};
    if (doubt.string) {
        action[QStringLiteral("string")] = nameOf(job, *doubt.string);
        action[QStringLiteral("readCents")] = doubt.measured;
        action[QStringLiteral("expectedCents")] = rounded(doubt.predicted, 0.1);
    } else {
        action[QStringLiteral("readGapMm")] = doubt.measured / metresPerMm;
        action[QStringLiteral("expectedGapMm")] = rounded(doubt.predicted / metresPerMm, 0.01);
    }
    if (doubt.otherString)
        action[QStringLiteral("fitsString")] = nameOf(job, *doubt.otherString);
    return action;
}

QString likelyWords(Outlier::Likely likely) {
    switch (likely) {
    case Outlier::Likely::WrongOctave:
        return QStringLiteral("an octave off");
    case Outlier::Likely::OtherString:
        return QStringLiteral("another string");
    case Outlier::Likely::WrongSign:
        return QStringLiteral("sharp and flat mixed up");
    case Outlier::Likely::SlippedPoint:
        return QStringLiteral("a slipped decimal point");
    case Outlier::Likely::SlippedString:
        return QStringLiteral("a string that slipped at its clamp or post");
    case Outlier::Likely::Unknown:
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
    case NextAct::Do::Leave:
    case NextAct::Do::Stuck:
        return {{QStringLiteral("do"), QStringLiteral("stop")}};
    }
    return {};
}

/// What a rule says, by its id; the rest of the sentence is this job's own.
QString settlingWhy(const BenchJob& job, const Advice& advice) {
    const StringSettling& string = advice.guitar.settling[advice.act.aim.string];
    return QStringLiteral(
               "String %1 is not settled: the next pull would drop it about %2 cents, so %3 more are likely.")
        .arg(nameOf(job, advice.act.aim.string))
        .arg(string.nextDrop_cents, 0, 'f', 1)
        .arg(string.needed.p50);
}

/// Why nothing more is asked for although something may be outside: what is left, and what would tell more.
QString leftWhy(const BenchJob& job, const Advice& advice) {
    QStringList left;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        if (const double off = advice.guitar.readings_cents[i]; std::abs(off) > job.goal.pitchTolerance_cents)
            left.append(QStringLiteral("string %1 %2 cents").arg(nameOf(job, i)).arg(off, 0, 'f', 1));
    const double plate = degrees(advice.guitar.state.angle_rad - job.goal.angle_rad);
    if (advice.plateCounts && std::abs(radians(plate)) > job.goal.angleTolerance_rad)
        left.append(QStringLiteral("the plate %1 degrees").arg(plate, 0, 'f', 2));
    return QStringLiteral("More work is not likely to bring it nearer with these tools; left: %1.")
        .arg(left.isEmpty() ? QStringLiteral("nothing beyond what they can tell") : left.join(QStringLiteral(", ")));
}

QString doneWhy(const BenchJob& job, const Advice& advice) {
    QString why = QStringLiteral("Every string and the plate were read inside the goal");
    if (hasClaw(job.rig) && !advice.plateCounts && job.goal.deckLoad_Nm <= 0.0)
        why = QStringLiteral("Every string was read inside the goal; where the plate is, nobody has measured");
    else if (advice.plateTolerance_rad > 1.01 * job.goal.angleTolerance_rad ||
             advice.pitchTolerance_cents > 1.01 * job.goal.pitchTolerance_cents)
        why += QStringLiteral(", as far as these tools can tell (%1 cents, %2 degrees)")
                   .arg(advice.pitchTolerance_cents, 0, 'f', 1)
                   .arg(degrees(advice.plateTolerance_rad), 0, 'f', 2);
    return why + QStringLiteral(".");
}

QString whyOf(const BenchJob& job, const Advice& advice) {
    const NextAct& act = advice.act;
    if (advice.doubt)
        return QStringLiteral(
                   "No guitar that fits the other readings gives this one; most likely it is %1. Read it again, or "
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
    case NextAct::Do::Stretch:
        return settlingWhy(job, advice);
    case NextAct::Do::Done:
        return doneWhy(job, advice);
    case NextAct::Do::Leave:
        return leftWhy(job, advice);
    case NextAct::Do::Stuck:
        return QStringLiteral("This set has no stable float at any claw position of this guitar.");
    }
    return {};
}

QJsonObject quantiles(const Quantiles& q) {
    return {{QStringLiteral("p10"), q.p10}, {QStringLiteral("p50"), q.p50}, {QStringLiteral("p90"), q.p90}};
}

QJsonObject learnedValue(const Estimate& guitar, Eigen::Index at, double size) {
    return {{QStringLiteral("offset"), guitar.at.guitar.value[at] * size},
            {QStringLiteral("sd"), guitar.guitarDeviation[at] * size}};
}

QJsonObject learnedJson(const BenchJob& job, const Estimate& guitar) {
    const EstimatorOptions options;
    QJsonObject learned;
    for (Eigen::Index k = 0; k < learnedCount; ++k) {
        const auto quantity = static_cast<Learned>(k);
        const bool length = QByteArray(learnedName(quantity)).endsWith("Mm");
        learned[QLatin1String(learnedName(quantity))] =
            learnedValue(guitar, k, priorDeviation(options, quantity) / (length ? metresPerMm : 1.0));
    }
    QJsonObject stiffness, mass;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        stiffness[nameOf(job, i)] = learnedValue(guitar, stiffnessIndex(i), options.stringStiffness);
        mass[nameOf(job, i)] = learnedValue(guitar, massIndex(i), options.stringMass);
    }
    learned[QStringLiteral("stringStiffnessShare")] = stiffness;
    learned[QStringLiteral("stringMassShare")] = mass;
    learned[QStringLiteral("tunerCents")] = guitar.noise.tuner_cents;
    learned[QStringLiteral("gapMm")] = guitar.noise.gap_m / metresPerMm;
    learned[QStringLiteral("angleDeg")] = degrees(guitar.noise.angle_rad);
    return learned;
}

} // namespace

QJsonObject adviceJson(const BenchJob& job, bool withOutlook) {
    const Advice advice = advise(job);
    QJsonObject json{{QStringLiteral("action"), actionOf(job, advice)},
                     {QStringLiteral("rule"), QLatin1String(advice.rule)},
                     {QStringLiteral("why"), whyOf(job, advice)},
                     {QStringLiteral("learned"), learnedJson(job, advice.guitar)}};
    if (withOutlook) {
        const RemainingWork left = remainingWork(job, advice);
        json[QStringLiteral("outlook")] = QJsonObject{{QStringLiteral("passes"), quantiles(left.passes)},
                                                      {QStringLiteral("clawVisits"), quantiles(left.clawVisits)},
                                                      {QStringLiteral("minutes"), quantiles(left.minutes)}};
    }
    return json;
}

} // namespace flenzo
