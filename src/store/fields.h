// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"
#include "domain/base/range.h"

#include <Eigen/Core>
#include <QDate>
#include <QDateTime>
#include <QJsonArray>
#include <QJsonObject>
#include <QString>
#include <optional>
#include <vector>

namespace flenzo {

/// The first thing that was wrong with a document; later ones are not kept, since one remedy at a time is enough.
class FaultBox {
public:
    void put(const FaultCode& code, const QString& field, const QStringList& arguments = {});
    void put(const Fault& fault) {
        if (!fault_)
            fault_ = fault;
    }
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

    [[nodiscard]] bool has(const QString& name) const { return object_.contains(name); }
    double number(const QString& name, const Range& range);
    double number(const QString& name, const Range& range, double fallback);
    Eigen::Vector2d point(const QString& name, const Range& range);
    QString text(const QString& name, qsizetype longest, const QString& fallback = {});
    /// ISO 8601; none where it is missing or empty.
    QDate date(const QString& name);
    QDateTime moment(const QString& name); ///< with its offset from UTC, or in UTC
    bool flag(const QString& name, bool fallback);
    QJsonObject object(const QString& name);
    QJsonArray array(const QString& name, qsizetype most);
    /// An object that may be missing; empty then.
    Fields part(const QString& name);
    /// Members of a list, each of which must be an object, or may be missing as a whole.
    std::vector<Fields> entries(const QString& name, qsizetype most);
    QStringList texts(const QString& name, qsizetype most, qsizetype longest);
    std::vector<double> numbers(const QString& name, qsizetype most, const Range& range);
    [[nodiscard]] QStringList names() const { return object_.keys(); }
    [[nodiscard]] QString pathOf(const QString& name) const;
    FaultBox& box() { return box_; }

private:
    double checked(const QJsonValue& value, const QString& field, const Range& range);
    const QJsonObject object_;
    QString path_;
    FaultBox& box_;
};

} // namespace flenzo
