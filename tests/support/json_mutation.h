// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QJsonArray>
#include <QJsonObject>
#include <random>

namespace flenzo::testing {

/// Something else in place of one value, anywhere in a document.
inline QJsonValue mutated(const QJsonValue& value, std::mt19937& random) {
    const auto pick = [&random](int most) { return std::uniform_int_distribution<int>(0, most - 1)(random); };
    if (value.isObject() && pick(12) != 0) {
        QJsonObject object = value.toObject();
        if (object.isEmpty())
            return object;
        const QString key = object.keys().at(pick(static_cast<int>(object.size())));
        if (pick(8) == 0)
            object.remove(key);
        else
            object[key] = mutated(object.value(key), random);
        return object;
    }
    if (value.isArray() && pick(12) != 0) {
        QJsonArray array = value.toArray();
        if (array.isEmpty())
            return array;
        const int at = pick(static_cast<int>(array.size()));
        if (pick(8) == 0)
            array.removeAt(at);
        else if (pick(8) == 0)
            array.append(array.at(at));
        else
            array[at] = mutated(array.at(at), random);
        return array;
    }
    const QJsonValue others[] = {QJsonValue(),
                                 QJsonValue(true),
                                 QJsonValue(-1),
                                 QJsonValue(0),
                                 QJsonValue(1e300),
                                 QJsonValue(-3.5e-12),
                                 QJsonValue(QStringLiteral("")),
                                 QJsonValue(QStringLiteral("E2")),
                                 QJsonValue(QString(5000, QLatin1Char('x'))),
                                 QJsonValue(QJsonArray{}),
                                 QJsonValue(QJsonObject{}),
                                 QJsonValue(QJsonArray{1, QStringLiteral("2"), QJsonObject{}})};
    return others[pick(static_cast<int>(std::size(others)))];
}

} // namespace flenzo::testing
