// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/rig_json.h"

#include "core/statics/pitch.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "domain/guitar/soundness.h"
#include "store/names.h"

#include <QJsonArray>
#include <cmath>

namespace flenzo {

namespace {

constexpr double mm = metresPerMm;

/// Divides lengths for a file without the tail of binary digits that 0.03 m / 0.001 leaves.
double inMm(double length_m) {
    return std::round(length_m / mm * 1e9) / 1e9;
}
double inDeg(double angle_rad) {
    return std::round(degrees(angle_rad) * 1e9) / 1e9;
}
QJsonArray pairMm(const Eigen::Vector2d& point_m) {
    return {inMm(point_m.x()), inMm(point_m.y())};
}

/// What files may say of a bridge's motion or form, each once, in the order of the families.
QStringList namesInFiles(const char* FamilyTraits::*name) {
    QStringList names;
    for (const FamilyTraits& one : families)
        if (!names.contains(QLatin1String(one.*name)))
            names.append(QLatin1String(one.*name));
    return names;
}

/// The family by its two names. The form tells families of one motion apart and is not asked where there is one only.
const FamilyTraits* familyNamed(const QString& motion, const QString& form) {
    const FamilyTraits* first = nullptr;
    for (const FamilyTraits& one : families) {
        if (motion != QLatin1String(one.motionName))
            continue;
        if (form == QLatin1String(one.formName))
            return &one;
        if (!first)
            first = &one;
    }
    return first;
}

void readAssist(Bridge& bridge, Fields& fields) {
    if (!fields.has("centringAssist"))
        return;
    Fields inner(fields.object("centringAssist"), fields.pathOf(QStringLiteral("centringAssist")), fields.box());
    CentringAssist assist;
    assist.centre_rad = radians(inner.number("centreDeg", ranges::angle_deg, 0.0));
    assist.preload_Nm = inner.number("preloadNm", ranges::preload_Nm);
    assist.rate_NmPerRad = inner.number("rateNmPerRad", ranges::assistRate_NmPerRad, 0.0);
    bridge.assist = assist;
}

void readFriction(Friction& friction, Fields& fields) {
    if (!fields.has("friction"))
        return;
    Fields inner(fields.object("friction"), fields.pathOf(QStringLiteral("friction")), fields.box());
    friction.nut = inner.number("nut", ranges::friction, friction.nut);
    friction.saddle = inner.number("saddle", ranges::friction, friction.saddle);
    friction.pivot_Nm = inner.number("pivotNm", ranges::pivot_Nm, friction.pivot_Nm);
}

Bridge bridgeFromJson(Fields fields) {
    Bridge bridge;
    const auto word = [&fields](const char* name, const QStringList& known, const QString& unsaid = {}) {
        const QString said = fields.text(name, 40, unsaid);
        if (!known.contains(said))
            fields.box().put(faults::notOneOf, fields.pathOf(QLatin1String(name)), {known.join(QStringLiteral(", "))});
        return said;
    };
    const QString motion = word("family", namesInFiles(&FamilyTraits::motionName));
    const QString form = word("form", namesInFiles(&FamilyTraits::formName), QLatin1String(families.front().formName));
    if (const FamilyTraits* known = familyNamed(motion, form))
        bridge.family = known->family;
    readAssist(bridge, fields);
    readFriction(bridge.friction, fields);
    if (!bridge.has().moves())
        return bridge;
    bridge.mass_kg = fields.number("massKg", ranges::mass_kg);
    bridge.centreOfMass_m = fields.point("comMm", ranges::place_mm) * mm;
    const Eigen::Vector2d stops = fields.point("stopsDeg", ranges::angle_deg);
    bridge.rearStop_rad = radians(stops.x());
    bridge.forwardStop_rad = radians(stops.y());
    if (bridge.has().hasClaw()) {
        bridge.rearEdge_m = fields.number("rearEdgeMm", ranges::rearEdge_mm) * mm;
        bridge.rearGap_m = fields.number("rearGapMm", ranges::gap_mm) * mm;
    } else {
        bridge.shaftRadius_m = fields.number("shaftMm", ranges::shaft_mm) * mm;
        bridge.armTip_m = fields.number("armTipMm", ranges::arm_mm) * mm;
        bridge.armTipHeight_m = fields.number("armTipHeightMm", ranges::arm_mm) * mm;
    }
    return bridge;
}

Spring springFromJson(Fields fields, Motion motion) {
    Spring spring;
    spring.rate_Npm = fields.number("rateNPerMm", ranges::rate_Npmm) / mm;
    spring.initial_N = fields.number("initialN", ranges::initial_N);
    spring.free_m = fields.number("freeMm", ranges::free_mm) * mm;
    if (motion == Motion::KnifeEdge) {
        spring.hook_m = fields.point("hookMm", ranges::place_mm) * mm;
        spring.anchor_m = fields.point("anchorMm", ranges::place_mm) * mm;
        spring.slot = fields.number("slot", ranges::slot, 0.5);
        spring.aside_m = fields.number("slantMm", ranges::place_mm, 0.0) * mm;
    } else {
        spring.seat_m = fields.number("seatMm", ranges::seat_mm) * mm;
        spring.lever_m = fields.number("leverMm", ranges::lever_mm) * mm;
    }
    return spring;
}

Claw clawFromJson(Fields fields) {
    Claw claw;
    claw.lead_m = fields.number("mmPerTurn", ranges::lead_mm) * mm;
    const double both = fields.number("turns", ranges::turns, 0.0);
    claw.turns = {fields.number("bassTurns", ranges::turns, both), fields.number("trebleTurns", ranges::turns, both)};
    claw.least_turns = fields.number("leastTurns", ranges::turns, claw.least_turns);
    claw.most_turns = fields.number("mostTurns", ranges::turns, claw.most_turns);
    return claw;
}

QJsonObject bridgeToJson(const Bridge& bridge, QJsonObject json) {
    const bool knife = bridge.has().hasClaw();
    json[QLatin1String("family")] = QLatin1String(bridge.has().motionName);
    json[QLatin1String("form")] = QLatin1String(bridge.has().formName);
    json[QLatin1String("friction")] = QJsonObject{{QStringLiteral("nut"), bridge.friction.nut},
                                                  {QStringLiteral("saddle"), bridge.friction.saddle},
                                                  {QStringLiteral("pivotNm"), bridge.friction.pivot_Nm}};
    json.remove(QLatin1String("centringAssist"));
    if (bridge.assist)
        json[QLatin1String("centringAssist")] =
            QJsonObject{{QStringLiteral("centreDeg"), inDeg(bridge.assist->centre_rad)},
                        {QStringLiteral("preloadNm"), bridge.assist->preload_Nm},
                        {QStringLiteral("rateNmPerRad"), bridge.assist->rate_NmPerRad}};
    if (!bridge.has().moves())
        return json;
    json[QLatin1String("massKg")] = bridge.mass_kg;
    json[QLatin1String("comMm")] = pairMm(bridge.centreOfMass_m);
    json[QLatin1String("stopsDeg")] = QJsonArray{inDeg(bridge.rearStop_rad), inDeg(bridge.forwardStop_rad)};
    if (knife) {
        json[QLatin1String("rearEdgeMm")] = inMm(bridge.rearEdge_m);
        json[QLatin1String("rearGapMm")] = inMm(bridge.rearGap_m);
    } else {
        json[QLatin1String("shaftMm")] = inMm(bridge.shaftRadius_m);
        json[QLatin1String("armTipMm")] = inMm(bridge.armTip_m);
        json[QLatin1String("armTipHeightMm")] = inMm(bridge.armTipHeight_m);
    }
    return json;
}

QJsonObject springToJson(const Spring& spring, Motion motion, QJsonObject json) {
    json[QLatin1String("rateNPerMm")] = std::round(spring.rate_Npm * mm * 1e9) / 1e9;
    json[QLatin1String("initialN")] = spring.initial_N;
    json[QLatin1String("freeMm")] = inMm(spring.free_m);
    if (motion == Motion::KnifeEdge) {
        json[QLatin1String("hookMm")] = pairMm(spring.hook_m);
        json[QLatin1String("anchorMm")] = pairMm(spring.anchor_m);
        json[QLatin1String("slot")] = spring.slot;
        json[QLatin1String("slantMm")] = inMm(spring.aside_m);
    } else {
        json[QLatin1String("seatMm")] = inMm(spring.seat_m);
        json[QLatin1String("leverMm")] = inMm(spring.lever_m);
    }
    return json;
}

QJsonObject clawToJson(const Claw& claw, QJsonObject json) {
    json[QLatin1String("mmPerTurn")] = inMm(claw.lead_m);
    json[QLatin1String("turns")] = claw.turns.mean();
    json[QLatin1String("bassTurns")] = claw.turns.bass;
    json[QLatin1String("trebleTurns")] = claw.turns.treble;
    json[QLatin1String("leastTurns")] = claw.least_turns;
    json[QLatin1String("mostTurns")] = claw.most_turns;
    return json;
}

/// Each element of `values` written over the element of the old list that stood in its place.
template <class T, class Write>
QJsonArray listToJson(const std::vector<T>& values, const QJsonArray& old, const Write& write) {
    QJsonArray list;
    for (const T& value : values)
        list.append(write(value, old.at(list.size()).toObject()));
    return list;
}

} // namespace

QString orientationName(Orientation orientation) {
    switch (orientation) {
    case Orientation::Flat:
        return QStringLiteral("flat");
    case Orientation::Playing:
        return QStringLiteral("playing");
    case Orientation::Upright:
        return QStringLiteral("upright");
    case Orientation::FaceDown:
        return QStringLiteral("face-down");
    }
    return {};
}

std::optional<Orientation> orientationNamed(const QString& name) {
    for (const Orientation o : {Orientation::Flat, Orientation::Playing, Orientation::Upright, Orientation::FaceDown})
        if (orientationName(o) == name)
            return o;
    return std::nullopt;
}

std::vector<Spring> springsFromJson(Fields& top, const char* name, Motion motion) {
    std::vector<Spring> springs;
    const QJsonArray list = top.array(name, maxSprings);
    for (qsizetype j = 0; j < list.size(); ++j)
        springs.push_back(
            springFromJson(Fields(list.at(j).toObject(),
                                  top.pathOf(QStringLiteral("%1[%2]").arg(QLatin1String(name)).arg(j)), top.box()),
                           motion));
    return springs;
}

QJsonArray springsToJson(const std::vector<Spring>& springs, Motion motion, const QJsonArray& old) {
    return listToJson(springs, old,
                      [motion](const Spring& s, const QJsonObject& json) { return springToJson(s, motion, json); });
}

void checkHead(Fields& fields, const char* format, int newest) {
    if (fields.text("format", 60) != QLatin1String(format)) {
        fields.box().put(faults::otherFormat, fields.pathOf(QStringLiteral("format")), {QLatin1String(format)});
        return;
    }
    const double version =
        fields.number("version", {1.0, 1e6, QT_TRANSLATE_NOOP("Range", "the version of the format")});
    if (version > newest)
        fields.box().put(faults::newerVersion, fields.pathOf(QStringLiteral("version")),
                         {QString::number(version), QString::number(newest)});
}

Wire wireFromJson(Fields& fields) {
    Wire wire;
    wire.gauge_m = fields.number("gaugeMm", ranges::gauge_mm) * mm;
    if (fields.has("coreMm"))
        wire.core_m = fields.number("coreMm", ranges::core_mm) * mm;
    wire.wrapDensity_kgpm3 = fields.number("wrapDensityKgPerM3", ranges::wrapDensity_kgpm3, 7900.0);
    if (fields.has("unitMassKgPerM"))
        wire.unitMass_kgpm = fields.number("unitMassKgPerM", ranges::unitMass_kgpm);
    if (fields.has("axialStiffnessN"))
        wire.stiffness_N = fields.number("axialStiffnessN", ranges::stiffness_N);
    return wire;
}

void wireToJson(const Wire& wire, QJsonObject& json) {
    const auto optional = [&json](const char* name, bool given, double value) {
        if (given)
            json[QLatin1String(name)] = value;
        else
            json.remove(QLatin1String(name));
    };
    json[QLatin1String("gaugeMm")] = inMm(wire.gauge_m);
    optional("coreMm", wire.isWound(), inMm(wire.core_m));
    optional("wrapDensityKgPerM3", wire.isWound(), wire.wrapDensity_kgpm3);
    optional("unitMassKgPerM", wire.unitMass_kgpm.has_value(), wire.unitMass_kgpm.value_or(0.0));
    optional("axialStiffnessN", wire.stiffness_N.has_value(), wire.stiffness_N.value_or(0.0));
}

RigString stringFromJson(Fields& fields, Motion motion) {
    RigString string;
    string.name = fields.text("name", 8).toStdString();
    string.wire = wireFromJson(fields);
    string.scale_m = fields.number("scaleMm", ranges::scale_mm) * mm;
    if (motion == Motion::KnifeEdge)
        string.saddle_m = fields.point("saddleMm", ranges::place_mm) * mm;
    string.nutDrop_m = fields.number("nutDropMm", ranges::place_mm, 0.0) * mm;
    string.nutTail_m = fields.number("nutTailMm", ranges::tail_mm, 0.0) * mm;
    string.saddleTail_m = fields.number("saddleTailMm", ranges::tail_mm, 0.0) * mm;
    string.target_Hz = fields.number("targetHz", ranges::target_Hz);
    string.finePerTurn_m = fields.number("fineMmPerTurn", ranges::finePerTurn_mm, 0.0) * mm;
    string.fineTurns = fields.number("fineTurns", ranges::fineTurns, string.fineTurns);
    string.fineAt_turns = fields.number("fineAtTurns", ranges::fineTurns, string.fineAt_turns);
    string.clampLift_m = fields.number("clampLiftMm", ranges::lift_mm, 0.0) * mm;
    string.clampHold_m = fields.number("clampHoldMm", ranges::hold_mm, inMm(string.clampHold_m)) * mm;
    string.nutBreak_rad = radians(fields.number("nutBreakDeg", ranges::break_deg, inDeg(string.nutBreak_rad)));
    string.saddleBreak_rad = radians(fields.number("saddleBreakDeg", ranges::break_deg, inDeg(string.saddleBreak_rad)));
    return string;
}

QJsonObject stringToJson(const RigString& string, Motion motion, QJsonObject json) {
    json[QLatin1String("name")] = QString::fromStdString(string.name);
    wireToJson(string.wire, json);
    const auto optional = [&json](const char* name, bool given, double value) {
        if (given)
            json[QLatin1String(name)] = value;
        else
            json.remove(QLatin1String(name));
    };
    json[QLatin1String("scaleMm")] = inMm(string.scale_m);
    if (motion == Motion::KnifeEdge)
        json[QLatin1String("saddleMm")] = pairMm(string.saddle_m);
    optional("nutDropMm", string.nutDrop_m != 0.0, inMm(string.nutDrop_m));
    json[QLatin1String("nutTailMm")] = inMm(string.nutTail_m);
    json[QLatin1String("saddleTailMm")] = inMm(string.saddleTail_m);
    json[QLatin1String("targetHz")] = string.target_Hz;
    optional("fineMmPerTurn", string.finePerTurn_m > 0.0, inMm(string.finePerTurn_m));
    optional("fineTurns", string.finePerTurn_m > 0.0, string.fineTurns);
    optional("fineAtTurns", string.finePerTurn_m > 0.0, string.fineAt_turns);
    optional("clampLiftMm", string.clampLift_m > 0.0, inMm(string.clampLift_m));
    json[QLatin1String("clampHoldMm")] = inMm(string.clampHold_m);
    json[QLatin1String("nutBreakDeg")] = inDeg(string.nutBreak_rad);
    json[QLatin1String("saddleBreakDeg")] = inDeg(string.saddleBreak_rad);
    return json;
}

Result<Rig> rigFromJson(const QJsonObject& json, const QString& path) {
    FaultBox box;
    Fields top(json, path, box);
    checkHead(top, "flenzo-rig", 1);
    if (!box.empty())
        return box.fault();
    Rig rig;
    rig.bridge = bridgeFromJson(Fields(top.object("bridge"), top.pathOf(QStringLiteral("bridge")), box));
    const Motion motion = rig.bridge.has().motion;
    if (motion != Motion::None || top.has("springs"))
        rig.springs = springsFromJson(top, "springs", motion);
    if (motion == Motion::KnifeEdge || top.has("claw"))
        rig.claw = clawFromJson(Fields(top.object("claw"), top.pathOf(QStringLiteral("claw")), box));
    const QJsonArray strings = top.array("strings", maxStrings);
    for (qsizetype i = 0; i < strings.size(); ++i) {
        Fields fields(strings.at(i).toObject(), top.pathOf(QStringLiteral("strings[%1]").arg(i)), box);
        rig.strings.push_back(stringFromJson(fields, motion));
    }
    const QString lying = top.text("orientation", 20, QStringLiteral("flat"));
    if (const auto orientation = orientationNamed(lying))
        rig.orientation = *orientation;
    else
        box.put(faults::notOneOf, top.pathOf(QStringLiteral("orientation")),
                {QStringLiteral("flat, playing, upright, face-down")});
    rig.nutLocked = top.flag("nutLocked", false);
    rig.neckElevation_rad = radians(top.number("neckElevationDeg", ranges::elevation_deg, 0.0));
    if (!box.empty())
        return box.fault();
    if (auto fault = contradiction(rig)) {
        fault->field = top.pathOf(fault->field);
        return *fault;
    }
    return rig;
}

QJsonObject rigToJson(const Rig& rig, QJsonObject json) {
    const Motion motion = rig.bridge.has().motion;
    json[QLatin1String("format")] = QStringLiteral("flenzo-rig");
    json[QLatin1String("version")] = 1;
    json[QLatin1String("bridge")] = bridgeToJson(rig.bridge, json.value(QLatin1String("bridge")).toObject());
    json[QLatin1String("springs")] = springsToJson(rig.springs, motion, json.value(QLatin1String("springs")).toArray());
    if (motion == Motion::KnifeEdge)
        json[QLatin1String("claw")] = clawToJson(rig.claw, json.value(QLatin1String("claw")).toObject());
    json[QLatin1String("strings")] =
        listToJson(rig.strings, json.value(QLatin1String("strings")).toArray(),
                   [motion](const RigString& s, const QJsonObject& old) { return stringToJson(s, motion, old); });
    json[QLatin1String("orientation")] = orientationName(rig.orientation);
    json[QLatin1String("nutLocked")] = rig.nutLocked;
    json[QLatin1String("neckElevationDeg")] = inDeg(rig.neckElevation_rad);
    return json;
}

} // namespace flenzo
