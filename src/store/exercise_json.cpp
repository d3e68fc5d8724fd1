// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/exercise_json.h"

#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "store/bundled.h"
#include "store/files.h"
#include "store/job_json.h"
#include "store/names.h"

#include <QDir>
#include <QFileInfo>
#include <algorithm>

namespace flenzo {

namespace {

using Do = PracticeAct::Do;

constexpr Named<Do> doNames[] = {
    {Do::Read, "read"},         {Do::Measure, "measure"}, {Do::Look, "look"},     {Do::Caliper, "caliper"},
    {Do::Inspect, "inspect"},   {Do::Tune, "tune"},       {Do::Turn, "turn"},     {Do::Claw, "claw"},
    {Do::Springs, "springs"},   {Do::Stretch, "stretch"}, {Do::Wiggle, "wiggle"}, {Do::Block, "block"},
    {Do::Unblock, "unblock"},   {Do::Lock, "lock"},       {Do::Dive, "dive"},     {Do::PullUp, "pullUp"},
    {Do::Posts, "posts"},       {Do::TakeOff, "takeOff"}, {Do::PutOn, "putOn"},   {Do::Guess, "guess"},
    {Do::Diagnose, "diagnose"}, {Do::Done, "done"}};
constexpr Named<PracticeAct::Guess> guessNames[] = {{PracticeAct::Guess::ClawTurns, "clawTurns"},
                                                    {PracticeAct::Guess::LowestString, "lowestString"}};
constexpr qsizetype mostActs = 5000;
constexpr double mm = metresPerMm;

std::optional<std::size_t> stringOf(Fields& fields, const Rig& rig) {
    if (!fields.has(QStringLiteral("string")))
        return std::nullopt;
    const QString name = fields.text(QStringLiteral("string"), 20);
    const auto string = stringNamed(rig, name.toStdString());
    if (!string)
        fields.box().put(faults::noSuchString, fields.pathOf(QStringLiteral("string")));
    return string;
}

int springsOf(Fields& fields, const char* name) {
    const QLatin1String field(name);
    const double count = fields.number(field, ranges::springCount);
    if (count < 1.0 || count != std::floor(count))
        fields.box().put(faults::springsAreWhole, fields.pathOf(field), {QString::number(maxSprings)});
    return static_cast<int>(count);
}

Defect faultOf(const QString& name, const QString& path, FaultBox& box) {
    if (const auto fault = faultNamed(name))
        return *fault;
    QStringList all;
    for (int k = 0; k < static_cast<int>(Defect::Count); ++k)
        all.append(QLatin1Char('"') + faultName(static_cast<Defect>(k)) + QLatin1Char('"'));
    box.put(faults::notOneOf, path, {all.join(QStringLiteral(", "))});
    return Defect::None;
}

PracticeAct actOf(Fields fields, const Rig& rig) {
    PracticeAct act;
    act.what = readNamed(fields, "do", doNames, Do::Read);
    act.string = stringOf(fields, rig);
    const auto number = [&fields](const char* name, const Range& range) {
        return fields.number(QLatin1String(name), range);
    };
    switch (act.what) {
    case Do::Tune:
        act.cents = number("cents", ranges::reading_cents);
        break;
    case Do::Turn:
        act.amount = number("turns", ranges::clawStep_turns);
        break;
    case Do::Claw:
        if (fields.has(QStringLiteral("turns")))
            act.turns.bass = act.turns.treble = number("turns", ranges::clawStep_turns);
        else
            act.turns = {number("bass", ranges::clawStep_turns), number("treble", ranges::clawStep_turns)};
        break;
    case Do::Springs:
        act.amount = springsOf(fields, "count");
        break;
    case Do::Block:
        act.amount = mm * number("mm", ranges::gap_mm);
        break;
    case Do::Posts:
        act.amount = mm * number("mm", ranges::practicePost_mm);
        break;
    case Do::Guess:
        act.guess = readNamed(fields, "what", guessNames, PracticeAct::Guess::ClawTurns);
        act.amount = number("value", ranges::guess);
        break;
    case Do::Diagnose:
        act.fault =
            faultOf(fields.text(QStringLiteral("fault"), 40), fields.pathOf(QStringLiteral("fault")), fields.box());
        break;
    default:
        break;
    }
    return act;
}

QList<PracticeAct> actsIn(Fields& fields, const char* name, const Rig& rig) {
    QList<PracticeAct> acts;
    for (const Fields& one : fields.entries(QLatin1String(name), mostActs))
        acts.append(actOf(one, rig));
    return acts;
}

/// The guitar of a demo by name, or one that is here.
Result<Job> guitarOf(Fields& fields) {
    const QString demo = fields.text(QStringLiteral("demo"), 60);
    QJsonObject json;
    if (!demo.isEmpty() && !demo.contains(QLatin1Char('/'))) {
        const Result<QJsonObject> read = readJsonFile(QStringLiteral(":/flenzo/demo/%1.flenzo-job").arg(demo));
        if (read.ok())
            json = read.value();
    } else if (fields.has(QStringLiteral("job"))) {
        json = fields.object(QStringLiteral("job"));
    }
    if (json.isEmpty())
        return Fault{faults::exerciseWithoutGuitar, QStringLiteral("job")};
    const Result<Job> job = jobFromJson(json);
    if (!job.ok()) {
        Fault inside = job.fault();
        inside.field.prepend(QStringLiteral("job."));
        return inside;
    }
    Job guitar = withClawFromOldSet(job.value());
    guitar.log.clear();
    guitar.prior.reset();
    guitar.simulatedSeed.reset();
    guitar.work.records.clear();
    return guitar;
}

} // namespace

Result<Exercise> exerciseFromJson(const QJsonObject& json) {
    openBundledData();
    FaultBox box;
    Fields fields(json, QString(), box);
    checkHead(fields, "flenzo-exercise", 1);
    constexpr qsizetype wordsLength = 2000, nameLength = 80;
    Exercise out;
    out.name = fields.text(QStringLiteral("name"), nameLength);
    out.title = fields.text(QStringLiteral("title"), nameLength, out.name);
    out.story = fields.text(QStringLiteral("story"), wordsLength);
    out.task = fields.text(QStringLiteral("task"), wordsLength);
    out.rung = static_cast<int>(fields.number(QStringLiteral("rung"), ranges::rung, 1.0));
    if (out.name.isEmpty())
        box.put(faults::missing, QStringLiteral("name"));
    const Result<Job> guitar = guitarOf(fields);
    if (!box.empty())
        return box.fault();
    if (!guitar.ok())
        return guitar.fault();
    out.job = guitar.value();
    out.begun = actsIn(fields, "begun", out.job.rig);
    for (const QString& name : fields.texts(QStringLiteral("asks"), 2, nameLength)) {
        const auto guess = named(guessNames, name);
        if (!guess)
            box.put(faults::notOneOf, QStringLiteral("asks"), {QStringLiteral("\"clawTurns\", \"lowestString\"")});
        else
            out.asks.append(*guess);
    }
    for (const QString& name :
         fields.texts(QStringLiteral("faults"), static_cast<qsizetype>(Defect::Count), nameLength))
        out.faults.append(faultOf(name, QStringLiteral("faults"), box));
    if (fields.has(QStringLiteral("springs")))
        out.springs = springsOf(fields, "springs");
    out.newStrings = fields.flag(QStringLiteral("newStrings"), true);
    out.endsLocked = fields.flag(QStringLiteral("endsLocked"), false);
    Fields par = fields.part(QStringLiteral("par"));
    out.parPasses = par.number(QStringLiteral("passes"), ranges::parPasses, out.parPasses);
    out.parVisits = static_cast<int>(par.number(QStringLiteral("clawVisits"), ranges::parVisits, out.parVisits));
    out.parMinutes = par.number(QStringLiteral("minutes"), ranges::parMinutes, out.parMinutes);
    if (fields.has(QStringLiteral("clockMin")))
        out.clock_min = fields.number(QStringLiteral("clockMin"), ranges::parMinutes);
    if (!box.empty())
        return box.fault();
    return out;
}

Result<QList<PracticeAct>> actsFromJson(const QJsonObject& json, const Rig& rig) {
    FaultBox box;
    Fields fields(json, QString(), box);
    checkHead(fields, "flenzo-acts", 1);
    QList<PracticeAct> acts = actsIn(fields, "acts", rig);
    if (!box.empty())
        return box.fault();
    return acts;
}

QJsonObject actsToJson(const QList<PracticeAct>& acts, const Rig& rig) {
    QJsonArray list;
    for (const PracticeAct& act : acts) {
        QJsonObject one{{QStringLiteral("do"), nameOf(doNames, act.what)}};
        if (act.string)
            one[QLatin1String("string")] = QString::fromStdString(rig.strings[*act.string].name);
        if (act.what == Do::Tune)
            one[QLatin1String("cents")] = act.cents;
        if (act.what == Do::Turn)
            one[QLatin1String("turns")] = act.amount;
        if (act.what == Do::Claw) {
            one[QLatin1String("bass")] = act.turns.bass;
            one[QLatin1String("treble")] = act.turns.treble;
        }
        if (act.what == Do::Springs)
            one[QLatin1String("count")] = act.amount;
        if (act.what == Do::Block || act.what == Do::Posts)
            one[QLatin1String("mm")] = act.amount / mm;
        if (act.what == Do::Guess) {
            one[QLatin1String("what")] = nameOf(guessNames, act.guess);
            one[QLatin1String("value")] = act.amount;
        }
        if (act.what == Do::Diagnose)
            one[QLatin1String("fault")] = faultName(act.fault);
        list.append(one);
    }
    return {{QStringLiteral("format"), QStringLiteral("flenzo-acts")},
            {QStringLiteral("version"), 1},
            {QStringLiteral("acts"), list}};
}

QJsonObject scoreToJson(const PracticeScore& score) {
    QJsonArray hurts;
    for (const Hurt hurt : score.hurts)
        hurts.append(hurtName(hurt));
    const auto tidied = [](double value) { return std::round(value * 1e3) / 1e3; };
    return {{QStringLiteral("points"), score.points},
            {QStringLiteral("passed"), score.passed},
            {QStringLiteral("inTune"), score.inTune},
            {QStringLiteral("inTime"), score.inTime},
            {QStringLiteral("passes"), tidied(score.passes)},
            {QStringLiteral("clawVisits"), score.clawVisits},
            {QStringLiteral("minutes"), tidied(score.minutes)},
            {QStringLiteral("acts"), score.acts},
            {QStringLiteral("worstCents"), tidied(score.worst_cents)},
            {QStringLiteral("plateDeg"), tidied(score.plate_deg)},
            {QStringLiteral("hadFault"), score.hadFault},
            {QStringLiteral("found"), score.found},
            {QStringLiteral("wrongDiagnoses"), score.wrongDiagnoses},
            {QStringLiteral("hurts"), hurts}};
}

PracticeScore scoreFromJson(const QJsonObject& json) {
    PracticeScore score;
    score.points = json.value(QLatin1String("points")).toInt();
    score.passed = json.value(QLatin1String("passed")).toBool();
    score.inTune = json.value(QLatin1String(json.contains(QLatin1String("home")) ? "home" : "inTune")).toBool();
    score.inTime = json.value(QLatin1String("inTime")).toBool(true);
    score.passes = json.value(QLatin1String("passes")).toDouble();
    score.clawVisits = json.value(QLatin1String("clawVisits")).toInt();
    score.minutes = json.value(QLatin1String("minutes")).toDouble();
    score.acts = json.value(QLatin1String("acts")).toInt();
    score.worst_cents = json.value(QLatin1String("worstCents")).toDouble();
    score.plate_deg = json.value(QLatin1String("plateDeg")).toDouble();
    score.hadFault = json.value(QLatin1String("hadFault")).toBool();
    score.found = json.value(QLatin1String("found")).toBool(true);
    score.wrongDiagnoses = json.value(QLatin1String("wrongDiagnoses")).toInt();
    const QJsonArray hurts = json.value(QLatin1String("hurts")).toArray();
    for (int k = 0; k < static_cast<int>(Hurt::Count); ++k)
        if (hurts.contains(hurtName(static_cast<Hurt>(k))))
            score.hurts.append(static_cast<Hurt>(k));
    return score;
}

Result<QList<Exercise>> bundledExercises() {
    openBundledData();
    QList<Exercise> all;
    const QDir folder(QStringLiteral(":/flenzo/exercises"));
    for (const QString& file : folder.entryList({QStringLiteral("*.flenzo-exercise")}, QDir::Files, QDir::Name)) {
        const Result<QJsonObject> json = readJsonFile(folder.filePath(file));
        const Result<Exercise> read = json.ok() ? exerciseFromJson(json.value()) : Result<Exercise>(json.fault());
        if (!read.ok())
            return read.fault();
        all.append(read.value());
    }
    std::stable_sort(all.begin(), all.end(), [](const Exercise& a, const Exercise& b) { return a.rung < b.rung; });
    return all;
}

Result<Exercise> exerciseNamed(const QString& nameOrPath) {
    if (QFileInfo::exists(nameOrPath)) {
        const Result<QJsonObject> json = readJsonFile(nameOrPath);
        return json.ok() ? exerciseFromJson(json.value()) : Result<Exercise>(json.fault());
    }
    const Result<QList<Exercise>> all = bundledExercises();
    if (!all.ok())
        return all.fault();
    QStringList names;
    for (const Exercise& exercise : all.value()) {
        if (exercise.name == nameOrPath)
            return exercise;
        names.append(exercise.name);
    }
    return Fault{faults::noSuchExercise, QString(), {names.join(QStringLiteral(", "))}};
}

} // namespace flenzo
