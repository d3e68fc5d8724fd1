// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/event_json.h"

#include "core/base/rounding.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "store/rig_json.h"

#include <cmath>

namespace flenzo {

namespace {

struct KindName {
    Event::Kind kind;
    const char* name;
};
constexpr KindName kindNames[] = {
    {Event::Kind::Read, "read"},       {Event::Kind::Tuned, "tuned"},     {Event::Kind::Claw, "claw"},
    {Event::Kind::Block, "block"},     {Event::Kind::Unblock, "unblock"}, {Event::Kind::Stretched, "stretched"},
    {Event::Kind::Lock, "lock"},       {Event::Kind::Fine, "fine"},       {Event::Kind::Turn, "turn"},
    {Event::Kind::Off, "off"},         {Event::Kind::Wiggle, "wiggle"},   {Event::Kind::Retarget, "retarget"},
    {Event::Kind::Springs, "springs"}, {Event::Kind::Strung, "strung"},   {Event::Kind::Posts, "posts"},
    {Event::Kind::Saddle, "saddle"},   {Event::Kind::Slipped, "slipped"}, {Event::Kind::Disturbed, "disturbed"},
};
struct BlockName {
    Block::Kind kind;
    const char* name;
};
constexpr BlockName blockNames[] = {
    {Block::Kind::Rear, "rear"}, {Block::Kind::Front, "front"}, {Block::Kind::Captive, "captive"}};

std::size_t readString(Fields& fields, const Rig& rig) {
    const QString name = fields.text("string", 8);
    if (const auto string = stringNamed(rig, name.toStdString()))
        return *string;
    fields.box().put(faults::namesNoString, fields.pathOf(QStringLiteral("string")), {name});
    return 0;
}

void readReadings(Event& event, Fields& fields, const Rig& rig) {
    if (fields.has("cents")) {
        const QJsonObject cents = fields.object("cents");
        Fields inner(cents, fields.pathOf(QStringLiteral("cents")), fields.box());
        for (const QString& name : cents.keys()) {
            const auto string = stringNamed(rig, name.toStdString());
            if (!string) {
                fields.box().put(faults::namesNoString, inner.pathOf(name), {name});
                continue;
            }
            event.readings_cents.emplace_back(*string, inner.number(name, ranges::reading_cents));
        }
    }
    if (fields.has("gapMm"))
        event.gap_m = fields.number("gapMm", ranges::gap_mm) * metresPerMm;
    if (fields.has("angleDeg"))
        event.angle_rad = radians(fields.number("angleDeg", ranges::angle_deg));
    event.angleDeviation_rad = radians(fields.number("angleDevDeg", ranges::angleDeviation_deg, 0.0));
}

void readBlock(Event& event, Fields& fields) {
    event.estimated = fields.flag("estimated", false);
    const QString kind = fields.text("kind", 20);
    bool known = false;
    for (const BlockName& entry : blockNames)
        if (kind == QLatin1String(entry.name)) {
            event.block.kind = entry.kind;
            known = true;
        }
    if (!known)
        fields.box().put(faults::notOneOf, fields.pathOf(QStringLiteral("kind")),
                         {QStringLiteral("rear, front, captive")});
    event.block.angle_rad = radians(fields.number("angleDeg", ranges::angle_deg));
}

void readTargets(Event& event, Fields& fields, const Rig& rig) {
    const QJsonObject from = fields.object("fromHz"), to = fields.object("toHz");
    Fields before(from, fields.pathOf(QStringLiteral("fromHz")), fields.box());
    Fields after(to, fields.pathOf(QStringLiteral("toHz")), fields.box());
    for (const QString& name : from.keys()) {
        const auto string = stringNamed(rig, name.toStdString());
        if (!string) {
            fields.box().put(faults::namesNoString, before.pathOf(name), {name});
            continue;
        }
        event.retargeted.push_back(
            {*string, before.number(name, ranges::target_Hz), after.number(name, ranges::target_Hz)});
    }
}

void readByKind(Event& event, Fields& fields, const Rig& rig) {
    switch (event.kind) {
    case Event::Kind::Read:
        readReadings(event, fields, rig);
        break;
    case Event::Kind::Stretched:
        event.from_cents = fields.number("fromCents", ranges::reading_cents, 0.0);
        [[fallthrough]];
    case Event::Kind::Tuned:
    case Event::Kind::Fine:
        event.string = readString(fields, rig);
        event.to_cents = fields.number("toCents", ranges::reading_cents);
        if (fields.has("aimCents"))
            event.aim_cents = fields.number("aimCents", ranges::reading_cents);
        break;
    case Event::Kind::Off:
    case Event::Kind::Slipped:
        event.string = readString(fields, rig);
        break;
    case Event::Kind::Strung:
        event.string = readString(fields, rig);
        if (fields.has("gaugeMm"))
            event.wire = wireFromJson(fields);
        break;
    case Event::Kind::Springs:
        if (!fields.has("springs"))
            fields.box().put(faults::missing, fields.pathOf(QStringLiteral("springs")));
        event.springs = springsFromJson(fields, "springs", rig.bridge.has().motion);
        break;
    case Event::Kind::Posts: {
        const double both = fields.number("mm", ranges::postTurn_mm, 0.0);
        event.bass_m = fields.number("bassMm", ranges::postTurn_mm, both) * metresPerMm;
        event.treble_m = fields.number("trebleMm", ranges::postTurn_mm, both) * metresPerMm;
        break;
    }
    case Event::Kind::Saddle:
        event.string = readString(fields, rig);
        event.saddle_m = fields.number("mm", ranges::saddleMove_mm) * metresPerMm;
        break;
    case Event::Kind::Claw: {
        event.estimated = fields.flag("estimated", false);
        const double both = fields.number("turns", ranges::clawStep_turns, 0.0);
        event.turns = {fields.number("bassTurns", ranges::clawStep_turns, both),
                       fields.number("trebleTurns", ranges::clawStep_turns, both)};
        break;
    }
    case Event::Kind::Block:
        readBlock(event, fields);
        break;
    case Event::Kind::Turn:
        if (const auto to = orientationNamed(fields.text("to", 20)))
            event.to = *to;
        else
            fields.box().put(faults::notOneOf, fields.pathOf(QStringLiteral("to")),
                             {QStringLiteral("flat, playing, upright, face-down")});
        break;
    case Event::Kind::Retarget:
        readTargets(event, fields, rig);
        break;
    case Event::Kind::Unblock:
    case Event::Kind::Lock:
    case Event::Kind::Wiggle:
    case Event::Kind::Disturbed:
        break;
    }
}

void writeReadings(QJsonObject& json, const Event& event, const Rig& rig) {
    QJsonObject cents;
    for (const auto& [string, reading] : event.readings_cents)
        cents[QString::fromStdString(rig.strings[string].name)] = reading;
    json[QLatin1String("cents")] = cents;
    if (event.gap_m)
        json[QLatin1String("gapMm")] = tidy(*event.gap_m / metresPerMm);
    if (event.angle_rad)
        json[QLatin1String("angleDeg")] = tidy(degrees(*event.angle_rad));
    if (event.angleDeviation_rad > 0.0)
        json[QLatin1String("angleDevDeg")] = tidy(degrees(event.angleDeviation_rad));
}

} // namespace

Event eventFromJson(Fields fields, const Rig& rig) {
    Event event;
    const QString name = fields.text("event", 20);
    bool known = false;
    for (const KindName& entry : kindNames)
        if (name == QLatin1String(entry.name)) {
            event.kind = entry.kind;
            known = true;
        }
    if (!known) {
        fields.box().put(faults::noSuchEvent, fields.pathOf(QStringLiteral("event")), {name});
        return event;
    }
    readByKind(event, fields, rig);
    event.pitchDeviation_cents = fields.number("devCents", ranges::pitchDeviation_cents, 0.0);
    event.confirmed = fields.flag("confirmed", false);
    event.at = fields.text("at", 40).toStdString();
    event.note = fields.text("note", 4000).toStdString();
    return event;
}

namespace {

/// The members that only events of its kind have.
void writeByKind(QJsonObject& json, const Event& event, const Rig& rig) {
    const auto name = [&] { return QString::fromStdString(rig.strings[event.string].name); };
    switch (event.kind) {
    case Event::Kind::Read:
        writeReadings(json, event, rig);
        break;
    case Event::Kind::Stretched:
        json[QLatin1String("fromCents")] = event.from_cents;
        [[fallthrough]];
    case Event::Kind::Tuned:
    case Event::Kind::Fine:
        json[QLatin1String("string")] = name();
        json[QLatin1String("toCents")] = event.to_cents;
        if (event.aim_cents)
            json[QLatin1String("aimCents")] = *event.aim_cents;
        break;
    case Event::Kind::Off:
    case Event::Kind::Slipped:
        json[QLatin1String("string")] = name();
        break;
    case Event::Kind::Strung:
        json[QLatin1String("string")] = name();
        if (event.wire)
            wireToJson(*event.wire, json);
        break;
    case Event::Kind::Springs:
        json[QLatin1String("springs")] = springsToJson(event.springs, rig.bridge.has().motion, {});
        break;
    case Event::Kind::Posts:
        if (event.bass_m == event.treble_m) {
            json[QLatin1String("mm")] = tidy(event.bass_m / metresPerMm);
            break;
        }
        json[QLatin1String("bassMm")] = tidy(event.bass_m / metresPerMm);
        json[QLatin1String("trebleMm")] = tidy(event.treble_m / metresPerMm);
        break;
    case Event::Kind::Saddle:
        json[QLatin1String("string")] = name();
        json[QLatin1String("mm")] = tidy(event.saddle_m / metresPerMm);
        break;
    case Event::Kind::Claw:
        if (event.estimated)
            json[QLatin1String("estimated")] = true;
        json[QLatin1String("turns")] = event.turns.mean();
        if (event.turns.bass != event.turns.treble) {
            json[QLatin1String("bassTurns")] = event.turns.bass;
            json[QLatin1String("trebleTurns")] = event.turns.treble;
        }
        break;
    case Event::Kind::Block:
        for (const BlockName& entry : blockNames)
            if (entry.kind == event.block.kind)
                json[QLatin1String("kind")] = QLatin1String(entry.name);
        json[QLatin1String("angleDeg")] = tidy(degrees(event.block.angle_rad));
        if (event.estimated)
            json[QLatin1String("estimated")] = true;
        break;
    case Event::Kind::Turn:
        json[QLatin1String("to")] = orientationName(event.to);
        break;
    case Event::Kind::Retarget: {
        QJsonObject from, to;
        for (const Retargeted& change : event.retargeted) {
            from[QString::fromStdString(rig.strings[change.string].name)] = change.from_Hz;
            to[QString::fromStdString(rig.strings[change.string].name)] = change.to_Hz;
        }
        json[QLatin1String("fromHz")] = from;
        json[QLatin1String("toHz")] = to;
        break;
    }
    case Event::Kind::Unblock:
    case Event::Kind::Lock:
    case Event::Kind::Wiggle:
    case Event::Kind::Disturbed:
        break;
    }
}

} // namespace

QJsonObject eventToJson(const Event& event, const Rig& rig) {
    QJsonObject json;
    for (const KindName& entry : kindNames)
        if (entry.kind == event.kind)
            json[QLatin1String("event")] = QLatin1String(entry.name);
    writeByKind(json, event, rig);
    if (event.pitchDeviation_cents > 0.0)
        json[QLatin1String("devCents")] = event.pitchDeviation_cents;
    if (event.confirmed)
        json[QLatin1String("confirmed")] = true;
    if (!event.at.empty())
        json[QLatin1String("at")] = QString::fromStdString(event.at);
    if (!event.note.empty())
        json[QLatin1String("note")] = QString::fromStdString(event.note);
    return json;
}

std::optional<Fault> unreadable(const Event& event, const Rig& rig) {
    FaultBox box;
    std::ignore = eventFromJson(Fields(eventToJson(event, rig), QString(), box), rig);
    return box.empty() ? std::nullopt : std::optional<Fault>(box.fault());
}

} // namespace flenzo
