// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/result.h"
#include "domain/range.h"

#include <Eigen/Core>
#include <QJsonObject>
#include <QString>
#include <optional>

namespace flenzo {

/// The first thing that was wrong with a document; later ones are not kept, since one remedy at a time is enough.
class FaultBox {
public:
    void put(const QString& field, const QString& what);
    [[nodiscard]] bool empty() const { return !fault_.has_value(); }
    [[nodiscard]] const Fault& fault() const { return *fault_; }

private:
    std::optional<Fault> fault_;
};

/// Reads the members of one JSON object by name, naming the full path of whatever is missing, of the wrong type or out
/// of range. A faulty member yields its fallback, so that reading can go on to the end.
class Fields {
public:
    Fields(const QJsonObject& object, const QString& path, FaultBox& box) : object_(object), path_(path), box_(box) {}

    [[nodiscard]] bool has(const char* name) const { return object_.contains(QLatin1String(name)); }
    double number(const char* name, const Range& range);
    double number(const char* name, const Range& range, double fallback);
    Eigen::Vector2d point(const char* name, const Range& range);
    QString text(const char* name, qsizetype longest, const QString& fallback = {});
    bool flag(const char* name, bool fallback);
    QJsonObject object(const char* name);
    QJsonArray array(const char* name, qsizetype most);
    [[nodiscard]] QString pathOf(const QString& name) const;
    FaultBox& box() { return box_; }

private:
    double checked(const QJsonValue& value, const QString& field, const Range& range);
    const QJsonObject object_;
    QString path_;
    FaultBox& box_;
};

} // namespace flenzo
