// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/fields.h"

#include <QStringList>
#include <optional>

namespace flenzo {

/// A value of an enumeration and how files call it.
template <class T> struct Named {
    T value;
    const char* name;
};

template <class T, std::size_t n> std::optional<T> named(const Named<T> (&names)[n], const QString& name) {
    for (const Named<T>& entry : names)
        if (name == QLatin1String(entry.name))
            return entry.value;
    return std::nullopt;
}

template <class T, std::size_t n> QString nameOf(const Named<T> (&names)[n], T value) {
    for (const Named<T>& entry : names)
        if (entry.value == value)
            return QLatin1String(entry.name);
    return {};
}

/// A member that holds one of the names; missing is the fallback, anything else a fault that lists them.
template <class T, std::size_t n>
T readNamed(Fields& fields, const char* member, const Named<T> (&names)[n], T fallback) {
    const QString text = fields.text(member, 40, nameOf(names, fallback));
    if (const auto value = named(names, text))
        return *value;
    QStringList all;
    for (const Named<T>& entry : names)
        all.append(QLatin1Char('"') + QLatin1String(entry.name) + QLatin1Char('"'));
    fields.box().put(fields.pathOf(QLatin1String(member)),
                     QStringLiteral("must be one of ") + all.join(QStringLiteral(", ")));
    return fallback;
}

} // namespace flenzo
