// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
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

} // namespace flenzo
