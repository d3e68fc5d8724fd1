// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/faults.h"
#include "domain/base/names.h"
#include "store/fields.h"

#include <QStringList>

namespace flenzo {

/// A member that holds one of the names; missing is the fallback, anything else a fault that lists them.
template <class T, std::size_t n>
T readNamed(Fields& fields, const char* member, const Named<T> (&names)[n], T fallback) {
    const QString text = fields.text(member, 40, nameOf(names, fallback));
    if (const auto value = named(names, text))
        return *value;
    QStringList all;
    for (const Named<T>& entry : names)
        all.append(QLatin1Char('"') + QLatin1String(entry.name) + QLatin1Char('"'));
    fields.box().put(faults::notOneOf, fields.pathOf(QLatin1String(member)), {all.join(QStringLiteral(", "))});
    return fallback;
}

} // namespace flenzo
