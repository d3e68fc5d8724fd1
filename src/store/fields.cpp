// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/fields.h"

#include <QJsonArray>
#include <cmath>

namespace flenzo {

void FaultBox::put(const QString& field, const QString& what) {
    if (!fault_)
        fault_ = Fault{field.toStdString(), what.toStdString()};
}

QString Fields::pathOf(const QString& name) const {
    return path_.isEmpty() ? name : path_ + QLatin1Char('.') + name;
}

double Fields::checked(const QJsonValue& value, const QString& field, const Range& range) {
    if (!value.isDouble()) {
        box_.put(field, value.isUndefined() ? QStringLiteral("is missing; give a number")
                                            : QStringLiteral("must be a number"));
        return range.least;
    }
    const double number = value.toDouble();
    if (!std::isfinite(number) || number < range.least || number > range.most) {
        box_.put(field, QStringLiteral("is %1 but must lie between %2 and %3: %4")
                            .arg(number)
                            .arg(range.least)
                            .arg(range.most)
                            .arg(QLatin1String(range.reason)));
        return range.least;
    }
    return number;
}

double Fields::number(const char* name, const Range& range) {
    return checked(object_.value(QLatin1String(name)), pathOf(QLatin1String(name)), range);
}

double Fields::number(const char* name, const Range& range, double fallback) {
    return has(name) ? number(name, range) : fallback;
}

Eigen::Vector2d Fields::point(const char* name, const Range& range) {
    const QJsonValue value = object_.value(QLatin1String(name));
    const QJsonArray pair = value.toArray();
    if (pair.size() != 2) {
        box_.put(pathOf(QLatin1String(name)), QStringLiteral("must be a pair [x, y]"));
        return {0.0, 0.0};
    }
    const QString field = pathOf(QLatin1String(name));
    return {checked(pair.at(0), field + QStringLiteral("[0]"), range),
            checked(pair.at(1), field + QStringLiteral("[1]"), range)};
}

QString Fields::text(const char* name, qsizetype longest, const QString& fallback) {
    const QJsonValue value = object_.value(QLatin1String(name));
    if (value.isUndefined())
        return fallback;
    if (!value.isString() || value.toString().size() > longest) {
        box_.put(pathOf(QLatin1String(name)), QStringLiteral("must be text of at most %1 characters").arg(longest));
        return fallback;
    }
    return value.toString();
}

bool Fields::flag(const char* name, bool fallback) {
    const QJsonValue value = object_.value(QLatin1String(name));
    if (!value.isUndefined() && !value.isBool())
        box_.put(pathOf(QLatin1String(name)), QStringLiteral("must be true or false"));
    return value.toBool(fallback);
}

QJsonObject Fields::object(const char* name) {
    const QJsonValue value = object_.value(QLatin1String(name));
    if (!value.isObject())
        box_.put(pathOf(QLatin1String(name)),
                 value.isUndefined() ? QStringLiteral("is missing") : QStringLiteral("must be an object"));
    return value.toObject();
}

QJsonArray Fields::array(const char* name, qsizetype most) {
    const QJsonValue value = object_.value(QLatin1String(name));
    if (!value.isArray())
        box_.put(pathOf(QLatin1String(name)),
                 value.isUndefined() ? QStringLiteral("is missing") : QStringLiteral("must be a list"));
    else if (value.toArray().size() > most) {
        box_.put(pathOf(QLatin1String(name)),
                 QStringLiteral("has %1 entries; at most %2 are possible").arg(value.toArray().size()).arg(most));
        return {};
    }
    return value.toArray();
}

} // namespace flenzo
