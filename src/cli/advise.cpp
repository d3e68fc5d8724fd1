// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/advise.h"

#include "core/simulation/remaining.h"
#include "store/event_json.h"

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
    return QStringLiteral("misread or mistyped");
}

QJsonObject readAction(const BenchJob& job, const NextAct& act) {
    QJsonArray strings;
    for (const std::size_t string : act.strings)
        strings.append(nameOf(job, string));
    return {{QStringLiteral("do"), QStringLiteral("read")},
            {QStringLiteral("strings"), strings},
            {QStringLiteral("gap"), act.gap}};
}

QJsonObject askAction(const BenchJob& job, const Question& question) {
    QJsonArray mend;
    for (const Event& event : question.mend)
        mend.append(eventToJson(event, job.rig));
    return {{QStringLiteral("do"), QStringLiteral("ask")},
            {QStringLiteral("event"), static_cast<int>(question.event)},
            {QStringLiteral("suspect"), QLatin1String(suspectName(question.suspect))},
            {QStringLiteral("mend"), mend}};
}

QString clawWords(double turns) {
    return QStringLiteral("%1 by %2 turns")
        .arg(turns > 0.0 ? QStringLiteral("tightened") : QStringLiteral("loosened"))
        .arg(std::abs(turns), 0, 'f', 2);
}

/// The sentence to be answered with yes or no.
QString questionWords(const BenchJob& job, const Question& question) {
    const Event& entry = job.log[question.event];
    const auto named = [&](const std::optional<std::size_t>& string) { return nameOf(job, string.value_or(0)); };
    switch (question.suspect) {
    case Question::Suspect::Reversed:
        return QStringLiteral("Entry %1: was the claw %2, not %3?")
            .arg(question.event)
            .arg(clawWords(-entry.turns.mean()), clawWords(entry.turns.mean()));
    case Question::Suspect::NotDone:
        return QStringLiteral("Entry %1: was it really done?").arg(question.event);
    case Question::Suspect::Twice:
        return QStringLiteral("Entry %1: was the claw %2, twice what was entered?")
            .arg(question.event)
            .arg(clawWords(2.0 * entry.turns.mean()));
    case Question::Suspect::Exchanged:
        return QStringLiteral("Entry %1: did the readings of strings %2 and %3 change places?")
            .arg(question.event)
            .arg(named(question.string), named(question.other));
    case Question::Suspect::OtherString:
        return QStringLiteral("Entry %1: was it the peg of string %2, not %3?")
            .arg(question.event)
            .arg(named(question.other), named(question.string));
    case Question::Suspect::Moved:
        return question.turns != 0.0
                   ? QStringLiteral("Before entry %1: was the claw %2 without an entry?")
                         .arg(question.event)
                         .arg(clawWords(question.turns))
                   : QStringLiteral("Before entry %1: was something changed without an entry? Look how many springs "
                                    "are in and what they hook on, whether a block is in, the arm is caught, a string "
                                    "is off, or the plate is on its stop.")
                         .arg(question.event);
    case Question::Suspect::Block:
        return QStringLiteral("The plate does not move: is a block in?");
    case Question::Suspect::New:
        return QStringLiteral("Entry %1 is about string %2, which is off: is a new one on?")
            .arg(question.event)
            .arg(named(question.string));
    case Question::Suspect::Again:
        return QStringLiteral("Entry %1 says of string %2 what was said before: was it entered twice?")
            .arg(question.event)
            .arg(named(question.string));
    case Question::Suspect::Time:
        return QStringLiteral("Entry %1 is dated before the one before it: is its time wrong?").arg(question.event);
    }
    return {};
}

QJsonObject actionOf(const BenchJob& job, const Advice& advice) {
    const NextAct& act = advice.act;
    if (advice.question)
        return askAction(job, *advice.question);
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
    case NextAct::Do::String:
        return {{QStringLiteral("do"), QStringLiteral("string")},
                {QStringLiteral("string"), nameOf(job, act.aim.string)}};
    case NextAct::Do::Ask:
        break;
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
    if (advice.contradictory)
        return QStringLiteral("The readings contradict each other: they scatter by %1 cents, and the plate's by %2 mm. "
                              "Check the tools and mute the other strings, then read again.")
            .arg(advice.guitar.noise.tuner_cents, 0, 'f', 1)
            .arg(advice.guitar.noise.gap_m / metresPerMm, 0, 'f', 2);
    QStringList left;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        if (const double off = advice.off_cents(i); std::abs(off) > job.goal.pitchTolerance_cents)
            left.append(QStringLiteral("string %1 %2 cents").arg(nameOf(job, i)).arg(off, 0, 'f', 1));
    const double plate = degrees(advice.guitar.state.angle_rad - advice.wantedAngle_rad);
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

/// What is done otherwise so that no string breaks.
QString insteadWhy(const BenchJob& job, const Spared& spared) {
    const QString would = QStringLiteral("string %1 would come to %2 of its breaking load")
                              .arg(nameOf(job, spared.string))
                              .arg(spared.share, 0, 'f', 2);
    switch (spared.by) {
    case Spared::By::OtherString:
        return QStringLiteral("This string first: %1 otherwise.").arg(would);
    case Spared::By::NotSoFar:
        return QStringLiteral("As far as is safe now: %1 on the whole way.").arg(would);
    case Spared::By::LessClaw:
        return QStringLiteral("Less than is missing: %1 if all were turned at once.").arg(would);
    case Spared::By::First:
        return QStringLiteral("This first: %1 by the act that would follow.").arg(would);
    case Spared::By::FineTuner:
        return QStringLiteral("As far as its fine tuner goes; %1 cents are left for the peg, with the nut open.")
            .arg(std::abs(spared.missing_cents), 0, 'f', 0);
    }
    return {};
}

QString sparedWhy(const BenchJob& job, const Spared& spared) {
    const QString block =
        QStringLiteral(" Or put a block in at level and tune on it: no string then goes beyond its pitch.");
    return insteadWhy(job, spared) + (spared.blockSpares ? block : QString());
}

QString whyOf(const BenchJob& job, const Advice& advice) {
    const NextAct& act = advice.act;
    if (act.spared)
        return sparedWhy(job, *act.spared);
    if (advice.question)
        return questionWords(job, *advice.question);
    if (advice.doubt)
        return QStringLiteral("This contradicts the other readings; most likely it is %1. Read it again, or "
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
    case NextAct::Do::String:
        return QStringLiteral("String %1 is off; put it on, or confirm that the job goes on without it.")
            .arg(nameOf(job, act.aim.string));
    case NextAct::Do::Ask:
        break;
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
    const EstimatorOptions& options = guitar.options;
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

/// What moved by itself, as far as the readings say.
QJsonArray movedJson(const BenchJob& job, const Estimate& guitar) {
    QJsonArray list;
    for (const MovedString& move : movedByThemselves(guitar)) {
        QJsonObject one{{QStringLiteral("event"), static_cast<int>(move.event)},
                        {QStringLiteral("string"), nameOf(job, move.string)},
                        {QStringLiteral("cents"), rounded(move.cents, 0.1)}};
        list.append(one);
    }
    return list;
}

} // namespace

QJsonObject adviceJson(const BenchJob& job, bool withOutlook) {
    const Advice advice = advise(job);
    QJsonObject json{{QStringLiteral("action"), actionOf(job, advice)},
                     {QStringLiteral("rule"), QLatin1String(advice.rule)},
                     {QStringLiteral("why"), whyOf(job, advice)},
                     {QStringLiteral("learned"), learnedJson(job, advice.guitar)}};
    if (const QJsonArray moved = movedJson(job, advice.guitar); !moved.isEmpty())
        json[QStringLiteral("moved")] = moved;
    if (withOutlook) {
        const RemainingWork left = remainingWork(job, advice);
        const bool over = advice.act.what == NextAct::Do::Done || advice.act.what == NextAct::Do::Leave ||
                          advice.act.what == NextAct::Do::Stuck;
        if (over || left.played > 0) // else none of the guitars that the readings allow was finished
            json[QStringLiteral("outlook")] = QJsonObject{{QStringLiteral("passes"), quantiles(left.passes)},
                                                          {QStringLiteral("clawVisits"), quantiles(left.clawVisits)},
                                                          {QStringLiteral("minutes"), quantiles(left.minutes)}};
    }
    return json;
}

} // namespace flenzo
