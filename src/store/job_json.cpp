// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/job_json.h"

#include "core/base/rounding.h"
#include "core/log/rig_after.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "domain/guitar/soundness.h"
#include "domain/job/changes.h"
#include "domain/job/claw_methods.h"
#include "store/card_json.h"
#include "store/event_json.h"
#include "store/names.h"
#include "store/prior_json.h"
#include "store/rig_json.h"
#include "store/work_json.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <array>
#include <cmath>

namespace flenzo {

namespace {

constexpr qsizetype mostEvents = 100000;
constexpr qsizetype nameLength = 200;

Goal goalFromJson(Fields fields) {
    Goal goal;
    goal.angle_rad = radians(fields.number("angleDeg", ranges::angle_deg, 0.0));
    goal.angleTolerance_rad = radians(fields.number("angleTolDeg", ranges::angleTolerance_deg, 0.15));
    goal.pitchTolerance_cents = fields.number("pitchTolCents", ranges::pitchTolerance_cents, 2.0);
    goal.deckLoad_Nm = fields.number("deckLoadNm", ranges::deckLoad_Nm, 0.0);
    return goal;
}

Order orderFromJson(Fields& fields, const Rig& rig) {
    Order order;
    for (const QString& name : fields.texts("order", maxStrings, nameLength))
        if (const auto string = stringNamed(rig, name.toStdString()))
            order.push_back(*string);
    if (std::set<std::size_t>(order.begin(), order.end()).size() != rig.strings.size() ||
        order.size() != rig.strings.size())
        fields.box().put(faults::notEveryString, fields.pathOf(QStringLiteral("order")));
    return order;
}

WorkMethod methodFromJson(Fields fields, const Rig& rig) {
    WorkMethod method;
    method.order = fields.has("order") ? orderFromJson(fields, rig) : orderOf(OrderKind::LowToHigh, rig.strings.size());
    const QString tuning = fields.text("tuning", 20, QStringLiteral("aims"));
    if (tuning != QLatin1String("aims") && tuning != QLatin1String("exact"))
        fields.box().put(faults::notOneOf, fields.pathOf(QStringLiteral("tuning")), {QStringLiteral("aims, exact")});
    method.aims = tuning == QLatin1String("aims");
    method.stretch = fields.flag("stretch", false);
    // Files from before the ways had names say only whether single screws were turned.
    const ClawMethod old = fields.flag("oneScrew", false) ? ClawMethod::EachScrew : ClawMethod::BothScrews;
    method.claw = readNamed(fields, "claw", clawWayNames, old);
    method.wraps = fields.flag("fewWraps", false) ? Wraps::Few : Wraps::Usual;
    method.pullShare = fields.number("pullShare", ranges::pullShare, 1.0);
    method.backChecks = fields.flag("backChecks", false);
    method.firstSharp_cents = fields.number("firstSharpCents", ranges::firstSharp_cents, 0.0);
    return method;
}

Pace paceFromJson(Fields fields, std::size_t strings) {
    Pace pace;
    pace.tune_s = fields.number("tuneMinutes", ranges::minutes, pace.tune_s / 60.0) * 60.0;
    pace.claw_s = fields.number("clawMinutes", ranges::minutes, pace.claw_s / 60.0) * 60.0;
    pace.stretch_s = fields.number("stretchMinutes", ranges::minutes, pace.stretch_s / 60.0) * 60.0;
    pace.look_s = fields.number("lookMinutes", ranges::minutes, pace.look_s / 60.0) * 60.0;
    pace.turnTo_s = fields.number("turnToMinutes", ranges::shortMinutes, pace.turnTo_s / 60.0) * 60.0;
    // Files from before every string had its own time have one for a reading of all of them and the gap.
    if (fields.has("readMinutes") && !fields.has("pluckMinutes"))
        pace.pluck_s = std::max(1.0, (fields.number("readMinutes", ranges::minutes) * 60.0 - pace.look_s) /
                                         static_cast<double>(strings));
    pace.pluck_s = fields.number("pluckMinutes", ranges::shortMinutes, pace.pluck_s / 60.0) * 60.0;
    return pace;
}

StringPick pickFromJson(Fields& fields) {
    return {fields.text("item", nameLength), fields.text("note", 8)};
}

/// Names of one side, and the picks that are in a list of strings.
SidePicks picksFromJson(Fields change, const char* setKey, const char* tuningKey, const QJsonArray& strings,
                        FaultBox& box) {
    SidePicks picks;
    picks.setName = change.text(setKey, nameLength);
    picks.tuningName = change.text(tuningKey, nameLength);
    for (const auto& value : strings) {
        Fields fields(value.toObject(), QStringLiteral("strings"), box);
        picks.strings.push_back(pickFromJson(fields));
    }
    return picks;
}

void readOldSet(Job& job, Fields change, const QJsonArray& offStrings) {
    for (qsizetype i = 0; i < offStrings.size(); ++i) {
        Fields fields(offStrings.at(i).toObject(), change.pathOf(QStringLiteral("offStrings[%1]").arg(i)),
                      change.box());
        const RigString string = stringFromJson(fields, Motion::Shaft);
        job.off.push_back({string.wire, string.target_Hz});
    }
    if (job.off.size() != job.rig.strings.size())
        change.box().put(faults::stringsUnequal, change.pathOf(QStringLiteral("offStrings")),
                         {QString::number(job.rig.strings.size())});
}

void readChange(Job& job, Fields top, const QJsonArray& onStrings) {
    const bool given = top.has("change");
    Fields change = top.part("change");
    job.onPicks = picksFromJson(change, "onSet", "onTuning", onStrings, top.box());
    if (!given) { // a bare job says nothing of the old set: the same strings come off
        for (const RigString& string : job.rig.strings)
            job.off.push_back({string.wire, string.target_Hz});
        job.offPicks = job.onPicks;
        job.wasLevel = false;
        return;
    }
    const QJsonArray offStrings = change.array("offStrings", maxStrings);
    job.offPicks = picksFromJson(change, "offSet", "offTuning", offStrings, top.box());
    readOldSet(job, change, offStrings);
    job.wasLevel = change.flag("wasLevel", true);
    job.oldAngle_rad = radians(change.number("oldAngleDeg", ranges::angle_deg, 0.0));
    if (change.has("offSprings"))
        job.springsBefore = springsFromJson(change, "offSprings", job.rig.bridge.has().motion);
}

Tools toolsFromJson(Fields fields) {
    Tools tools;
    const auto take = [&](std::optional<double>& into, const char* name, const Range& range, double unit) {
        if (fields.has(name))
            into = fields.number(name, range) * unit;
    };
    take(tools.tuner_cents, "tunerCents", ranges::tuner_cents, 1.0);
    take(tools.gap_m, "gapMm", ranges::toolGap_mm, metresPerMm);
    take(tools.angle_rad, "angleDeg", ranges::toolAngle_deg, radiansPerDegree);
    take(tools.peg_cents, "pegCents", ranges::peg_cents, 1.0);
    return tools;
}

QJsonObject toolsToJson(const Tools& tools, QJsonObject json) {
    const auto put = [&](const std::optional<double>& value, const char* name, double unit) {
        if (value)
            json[QLatin1String(name)] = tidy(*value / unit);
        else
            json.remove(QLatin1String(name));
    };
    put(tools.tuner_cents, "tunerCents", 1.0);
    put(tools.gap_m, "gapMm", metresPerMm);
    put(tools.angle_rad, "angleDeg", radiansPerDegree);
    put(tools.peg_cents, "pegCents", 1.0);
    return json;
}

void readLog(Job& job, Fields& top) {
    if (!top.has("log"))
        top.box().put(faults::missing, QStringLiteral("log"));
    Rig now = job.rig;
    for (const Fields& fields : top.entries("log", mostEvents)) {
        job.log.push_back(eventFromJson(fields, job.rig));
        if (!job.log.back().changesRig() || !top.box().empty())
            continue;
        now = rigAfter(std::move(now), job.log.back());
        if (auto fault = contradiction(now)) { // the guitar that an entry leaves must be one
            fault->field = fields.pathOf(fault->field);
            top.box().put(*fault);
        }
    }
}

QJsonArray withPicks(QJsonArray strings, const SidePicks& picks) {
    for (qsizetype i = 0; i < strings.size() && i < static_cast<qsizetype>(picks.strings.size()); ++i) {
        QJsonObject string = strings.at(i).toObject();
        const StringPick& pick = picks.strings[static_cast<std::size_t>(i)];
        string[QLatin1String("item")] = pick.item;
        string[QLatin1String("note")] = pick.note;
        strings[i] = string;
    }
    return strings;
}

QJsonArray offToJson(const Job& job, const QJsonArray& old) {
    QJsonArray list;
    for (std::size_t i = 0; i < job.off.size(); ++i) {
        RigString string = job.rig.strings[i];
        string.wire = job.off[i].wire;
        string.target_Hz = job.off[i].target_Hz;
        list.append(stringToJson(string, Motion::Shaft, old.at(list.size()).toObject()));
    }
    return withPicks(list, job.offPicks);
}

QJsonObject changeToJson(const Job& job, QJsonObject json) {
    json[QLatin1String("onSet")] = job.onPicks.setName;
    json[QLatin1String("onTuning")] = job.onPicks.tuningName;
    json[QLatin1String("offSet")] = job.offPicks.setName;
    json[QLatin1String("offTuning")] = job.offPicks.tuningName;
    json[QLatin1String("offStrings")] = offToJson(job, json.value(QLatin1String("offStrings")).toArray());
    if (job.springsBefore.empty())
        json.remove(QLatin1String("offSprings"));
    else
        json[QLatin1String("offSprings")] = springsToJson(job.springsBefore, job.rig.bridge.has().motion,
                                                          json.value(QLatin1String("offSprings")).toArray());
    json[QLatin1String("wasLevel")] = job.wasLevel;
    json[QLatin1String("oldAngleDeg")] = tidy(degrees(job.oldAngle_rad));
    return json;
}

QJsonObject methodToJson(const Job& job, QJsonObject json) {
    QJsonArray order;
    for (const std::size_t string : job.method.order)
        order.append(QString::fromStdString(job.rig.strings[string].name));
    json[QLatin1String("order")] = order;
    json[QLatin1String("tuning")] = job.method.aims ? QStringLiteral("aims") : QStringLiteral("exact");
    json[QLatin1String("stretch")] = job.method.stretch;
    json[QLatin1String("claw")] = clawWayName(job.method.claw);
    json.remove(QLatin1String("oneScrew")); // a name says it now
    json[QLatin1String("fewWraps")] = job.method.wraps == Wraps::Few;
    json[QLatin1String("pullShare")] = job.method.pullShare;
    json[QLatin1String("backChecks")] = job.method.backChecks;
    json[QLatin1String("firstSharpCents")] = job.method.firstSharp_cents;
    return json;
}

/// Entries that still say what the file said are kept to the letter, unknown members included.
QJsonArray logToJson(const Job& job) {
    const QJsonArray old = job.raw.value(QLatin1String("log")).toArray();
    QJsonArray list;
    for (const Event& event : job.log) {
        const QJsonObject before = old.at(list.size()).toObject();
        FaultBox box;
        const bool same = !before.isEmpty() && eventFromJson(Fields(before, {}, box), job.rig) == event && box.empty();
        list.append(same ? before : eventToJson(event, job.rig));
    }
    return list;
}

/// Members that older files call otherwise, under the names of now.
QJsonObject withNamesOfNow(QJsonObject json) {
    const auto rename = [](QJsonObject& object, const char* before, const char* now) {
        const QString old = QLatin1String(before), name = QLatin1String(now);
        if (object.contains(old) && !object.contains(name))
            object[name] = object.value(old);
        object.remove(old);
    };
    rename(json, "story", "reason");
    rename(json, "habit", "method");
    if (const QJsonValue value = json.value(QLatin1String("work")); value.isObject()) {
        QJsonObject work = value.toObject();
        rename(work, "schools", "methods");
        json[QLatin1String("work")] = work;
    }
    return json;
}

} // namespace

Result<Job> jobFromJson(const QJsonObject& written) {
    const QJsonObject json = withNamesOfNow(written);
    FaultBox box;
    Fields top(json, QString(), box);
    checkHead(top, "flenzo-job", 1);
    if (!box.empty())
        return box.fault();
    const QJsonObject rigJson = top.object("rig");
    if (!box.empty())
        return box.fault();
    const Result<Rig> rig = rigFromJson(rigJson, QStringLiteral("rig"));
    if (!rig.ok())
        return rig.fault();
    Job job;
    job.rig = rig.value();
    job.raw = json;
    job.guitar = top.text("guitar", nameLength);
    job.owner = top.text("owner", nameLength);
    job.reason = top.text("reason", 4000);
    job.goal = goalFromJson(top.part("goal"));
    job.method = methodFromJson(top.part("method"), job.rig);
    job.pace = paceFromJson(top.part("pace"), job.rig.strings.size());
    readChange(job, top, rigJson.value(QLatin1String("strings")).toArray());
    job.referencePitch_Hz = top.number("referencePitchHz", ranges::referencePitch_Hz, 440.0);
    job.slackStart_cents = top.number("slackStartCents", ranges::slackStart_cents, -300.0);
    if (top.has("simulatedSeed"))
        job.simulatedSeed = static_cast<std::uint32_t>(top.number("simulatedSeed", ranges::seed));
    for (const QString& name : top.texts("measured", 1000, nameLength))
        job.measured.insert(name);
    job.card = cardFromJson(top.part("card"));
    job.work = workFromJson(top.part("work"));
    if (job.work.broken && *job.work.broken >= job.rig.strings.size())
        top.box().put(faults::noSuchString, QStringLiteral("work.broken"));
    // Files from before the method knew of wraps have them among the ways.
    if (job.work.methods.take(QStringLiteral("wraps")) == QLatin1String("few"))
        job.method.wraps = Wraps::Few;
    job.tools = toolsFromJson(top.part("tools"));
    if (top.has("learned"))
        job.prior = priorFromJson(top.part("learned"));
    if (top.has("shopLearned")) {
        Fields shop = top.part("shopLearned");
        job.shopPrior = ShopPrior{priorFromJson(shop), static_cast<int>(shop.number("guitars", ranges::guitars))};
    }
    readLog(job, top);
    if (!box.empty())
        return box.fault();
    setLog(job, std::move(job.log)); // the file's rig is the guitar at the first entry
    return job;
}

QJsonObject jobToJson(const Job& job) {
    QJsonObject json = job.raw;
    json[QLatin1String("format")] = QStringLiteral("flenzo-job");
    json[QLatin1String("version")] = 1;
    json[QLatin1String("guitar")] = job.guitar;
    json[QLatin1String("owner")] = job.owner;
    json[QLatin1String("reason")] = job.reason;
    QJsonObject rig = rigToJson(job.startRig.value_or(job.rig), json.value(QLatin1String("rig")).toObject());
    rig[QLatin1String("strings")] = withPicks(rig.value(QLatin1String("strings")).toArray(), job.onPicks);
    json[QLatin1String("rig")] = rig;
    QJsonObject goal = json.value(QLatin1String("goal")).toObject();
    goal[QLatin1String("angleDeg")] = tidy(degrees(job.goal.angle_rad));
    goal[QLatin1String("angleTolDeg")] = tidy(degrees(job.goal.angleTolerance_rad));
    goal[QLatin1String("pitchTolCents")] = job.goal.pitchTolerance_cents;
    goal[QLatin1String("deckLoadNm")] = job.goal.deckLoad_Nm;
    json[QLatin1String("goal")] = goal;
    json[QLatin1String("method")] = methodToJson(job, json.value(QLatin1String("method")).toObject());
    QJsonObject pace = json.value(QLatin1String("pace")).toObject();
    pace[QLatin1String("tuneMinutes")] = tidy(job.pace.tune_s / 60.0);
    pace[QLatin1String("clawMinutes")] = tidy(job.pace.claw_s / 60.0);
    pace[QLatin1String("stretchMinutes")] = tidy(job.pace.stretch_s / 60.0);
    pace[QLatin1String("lookMinutes")] = tidy(job.pace.look_s / 60.0);
    pace[QLatin1String("turnToMinutes")] = tidy(job.pace.turnTo_s / 60.0);
    pace[QLatin1String("pluckMinutes")] = tidy(job.pace.pluck_s / 60.0);
    pace.remove(QLatin1String("readMinutes")); // each string has its own time now
    json[QLatin1String("pace")] = pace;
    json[QLatin1String("change")] = changeToJson(job, json.value(QLatin1String("change")).toObject());
    json[QLatin1String("referencePitchHz")] = job.referencePitch_Hz;
    json[QLatin1String("slackStartCents")] = job.slackStart_cents;
    if (job.simulatedSeed)
        json[QLatin1String("simulatedSeed")] = static_cast<double>(*job.simulatedSeed);
    else
        json.remove(QLatin1String("simulatedSeed"));
    if (const QJsonObject tools = toolsToJson(job.tools, json.value(QLatin1String("tools")).toObject());
        !tools.isEmpty() || json.contains(QLatin1String("tools")))
        json[QLatin1String("tools")] = tools;
    if (job.prior)
        json[QLatin1String("learned")] = priorToJson(*job.prior);
    else
        json.remove(QLatin1String("learned"));
    json.remove(QLatin1String("shopLearned"));
    if (job.shopPrior) {
        QJsonObject shop = priorToJson(job.shopPrior->prior);
        shop[QLatin1String("guitars")] = job.shopPrior->guitars;
        json[QLatin1String("shopLearned")] = shop;
    }
    QJsonArray measured;
    for (const QString& name : job.measured)
        measured.append(name);
    json[QLatin1String("measured")] = measured;
    json[QLatin1String("card")] = cardToJson(job.card);
    json[QLatin1String("work")] = workToJson(job.work);
    json[QLatin1String("log")] = logToJson(job);
    return json;
}

QByteArray jobBytes(const Job& job) {
    return QJsonDocument(jobToJson(job)).toJson();
}

std::optional<Fault> unreadable(const Job& job) {
    const Result<Job> again = jobFromJson(jobToJson(job));
    return again.ok() ? std::nullopt : std::optional(again.fault());
}

} // namespace flenzo
