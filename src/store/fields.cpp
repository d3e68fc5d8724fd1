// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/fields.h"

#include "domain/base/faults.h"

#include <QJsonArray>
#include <cmath>

namespace flenzo {

void FaultBox::put(const FaultCode& code, const QString& field, const QStringList& arguments) {
    if (!fault_)
        fault_ = Fault{code, field, arguments};
}

QString Fields::pathOf(const QString& name) const {
    return path_.isEmpty() ? name : path_ + QLatin1Char('.') + name;
}

double Fields::checked(const QJsonValue& value, const QString& field, const Range& range) {
    if (!value.isDouble()) {
        box_.put(value.isUndefined() ? faults::numberMissing : faults::notNumber, field);
        return range.least;
    }
    const double number = value.toDouble();
    if (!std::isfinite(number) || number < range.least || number > range.most) {
        box_.put(faults::numberOutOfRange, field,
                 {QString::number(number), QString::number(range.least), QString::number(range.most), reasonOf(range)});
        return range.least;
    }
    return number;
}

double Fields::number(const QString& name, const Range& range) {
    return checked(object_.value(name), pathOf(name), range);
}

double Fields::number(const QString& name, const Range& range, double fallback) {
    return has(name) ? number(name, range) : fallback;
}

Eigen::Vector2d Fields::point(const QString& name, const Range& range) {
    const QJsonValue value = object_.value(name);
    const QJsonArray pair = value.toArray();
    if (pair.size() != 2) {
        box_.put(faults::notPair, pathOf(name));
        return {0.0, 0.0};
    }
    const QString field = pathOf(name);
    return {checked(pair.at(0), field + QStringLiteral("[0]"), range),
            checked(pair.at(1), field + QStringLiteral("[1]"), range)};
}

Fields Fields::part(const QString& name) {
    return {has(name) ? object(name) : QJsonObject(), pathOf(name), box_};
}

std::vector<Fields> Fields::entries(const QString& name, qsizetype most) {
    std::vector<Fields> list;
    if (!has(name))
        return list;
    const QJsonArray values = array(name, most);
    for (qsizetype i = 0; i < values.size(); ++i) {
        const QString path = QStringLiteral("%1[%2]").arg(pathOf(name)).arg(i);
        if (!values.at(i).isObject())
            box_.put(faults::notObject, path);
        list.emplace_back(values.at(i).toObject(), path, box_);
    }
    return list;
}

QStringList Fields::texts(const QString& name, qsizetype most, qsizetype longest) {
    QStringList list;
    if (!has(name))
        return list;
    for (const QJsonValue value : array(name, most)) {
        if (!value.isString() || value.toString().size() > longest)
            box_.put(faults::notText, QStringLiteral("%1[%2]").arg(pathOf(name)).arg(list.size()),
                     {QString::number(longest)});
        list.append(value.toString());
    }
    return list;
}

std::vector<double> Fields::numbers(const QString& name, qsizetype most, const Range& range) {
    std::vector<double> list;
    if (!has(name))
        return list;
    for (const QJsonValue value : array(name, most))
        list.push_back(checked(value, QStringLiteral("%1[%2]").arg(pathOf(name)).arg(list.size()), range));
    return list;
}

QString Fields::text(const QString& name, qsizetype longest, const QString& fallback) {
    const QJsonValue value = object_.value(name);
    if (value.isUndefined())
        return fallback;
    if (!value.isString() || value.toString().size() > longest) {
        box_.put(faults::notText, pathOf(name), {QString::number(longest)});
        return fallback;
    }
    return value.toString();
}

QDate Fields::date(const QString& name) {
    const QString written = text(name, 20);
    const QDate date = QDate::fromString(written, Qt::ISODate);
    if (!written.isEmpty() && !date.isValid())
        box_.put(faults::notDate, pathOf(name));
    return date;
}

QDateTime Fields::moment(const QString& name) {
    const QString written = text(name, 40);
    const QDateTime moment = QDateTime::fromString(written, Qt::ISODate);
    if (!written.isEmpty() && !moment.isValid())
        box_.put(faults::notMoment, pathOf(name));
    return moment.toLocalTime();
}

bool Fields::flag(const QString& name, bool fallback) {
    const QJsonValue value = object_.value(name);
    if (!value.isUndefined() && !value.isBool())
        box_.put(faults::notFlag, pathOf(name));
    return value.toBool(fallback);
}

QJsonObject Fields::object(const QString& name) {
    const QJsonValue value = object_.value(name);
    if (!value.isObject())
        box_.put(value.isUndefined() ? faults::missing : faults::notObject, pathOf(name));
    return value.toObject();
}

QJsonArray Fields::array(const QString& name, qsizetype most) {
    const QJsonValue value = object_.value(name);
    if (!value.isArray())
        box_.put(value.isUndefined() ? faults::missing : faults::notList, pathOf(name));
    else if (value.toArray().size() > most) {
        box_.put(faults::tooMany, pathOf(name), {QString::number(value.toArray().size()), QString::number(most)});
        return {};
    }
    return value.toArray();
}

} // namespace flenzo
