// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/rig.h"
#include "store/fields.h"

#include <QJsonArray>

namespace flenzo {

/// Reads a `flenzo-rig` (docs/formats.md), version 1. Faults name the path of the field, behind `path`.
[[nodiscard]] Result<Rig> rigFromJson(const QJsonObject& json, const QString& path);

/// Writes a rig over `base`, so that members this version does not know survive.
[[nodiscard]] QJsonObject rigToJson(const Rig& rig, QJsonObject base = {});

/// What a string is made of, among the members of a string or of an event.
[[nodiscard]] Wire wireFromJson(Fields& fields);
void wireToJson(const Wire& wire, QJsonObject& json);
[[nodiscard]] RigString stringFromJson(Fields& fields, Motion motion);
[[nodiscard]] QJsonObject stringToJson(const RigString& string, Motion motion, QJsonObject base = {});

/// A list of springs under a name, as in a rig; each written over the element that stood in its place.
[[nodiscard]] std::vector<Spring> springsFromJson(Fields& top, const char* name, Motion motion);
[[nodiscard]] QJsonArray springsToJson(const std::vector<Spring>& springs, Motion motion, const QJsonArray& old);

[[nodiscard]] QString orientationName(Orientation orientation);
[[nodiscard]] std::optional<Orientation> orientationNamed(const QString& name);

/// Refuses another format's document and one of a newer version, with the reason.
void checkHead(Fields& fields, const char* format, int newest);

} // namespace flenzo
