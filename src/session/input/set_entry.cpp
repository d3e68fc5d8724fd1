// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/input/set_entry.h"

#include "core/base/units.h"
#include "domain/base/faults.h"
#include "session/input/quantity.h"

#include <QRegularExpression>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double thickestPlain_thou = 20.5; ///< above it a string is sold wound unless its letter says plain
constexpr double nearEnough = 0.02;         ///< share by which a gauge may differ from the catalogue's

struct Typed {
    double gauge_m = 0.0;
    char build = 0; ///< 0: not said
};

/// A comma is a decimal sign where it is between digits and something else parts the gauges.
QStringList gaugesIn(QString text) {
    static const QRegularExpression parts(QStringLiteral("[\\s;/|\\-\u2013]+|,\\s+"));
    const QStringList found = text.split(parts, Qt::SkipEmptyParts);
    if (found.size() == 1 && found.first().count(QLatin1Char(',')) > 1)
        return found.first().split(QLatin1Char(','), Qt::SkipEmptyParts);
    return found;
}

std::optional<Typed> typedString(QString word) {
    static const QString builds = QStringLiteral("pwfns");
    Typed typed;
    if (const QChar last = word.back().toLower(); builds.contains(last) && word.size() > 1) {
        typed.build = last.toLatin1();
        word.chop(1);
    }
    const Result<double> gauge_m = parseQuantity(word, Dimension::Gauge, {}, QStringLiteral("set"));
    if (!gauge_m.ok())
        return std::nullopt;
    typed.gauge_m = gauge_m.value();
    return typed;
}

QLatin1String idStart(const Typed& typed) {
    switch (typed.build) {
    case 'p':
        return QLatin1String("plain-");
    case 'f':
        return QLatin1String("flat-wound-");
    case 'n':
        return QLatin1String("pure-nickel-");
    case 's':
        return QLatin1String("stainless-");
    case 'w':
        return QLatin1String("nickel-plated-");
    default:
        return typed.gauge_m <= thickestPlain_thou * metresPerThou ? QLatin1String("plain-")
                                                                   : QLatin1String("nickel-plated-");
    }
}

const CatalogueString* stringFor(const Catalogue& catalogue, const Typed& typed) {
    const QLatin1String start = idStart(typed);
    const CatalogueString* nearest = nullptr;
    double least = nearEnough;
    for (const CatalogueString& entry : catalogue.strings) {
        if (!entry.id.startsWith(start))
            continue;
        const double off = std::abs(std::log(entry.wire.gauge_m / typed.gauge_m));
        if (off <= least) {
            nearest = &entry;
            least = off;
        }
    }
    return nearest;
}

} // namespace

Result<CatalogueSet> parseSet(const QString& text, std::size_t strings, const Catalogue& catalogue) {
    const QString field = QStringLiteral("set");
    const QStringList words = gaugesIn(text.trimmed());
    if (static_cast<std::size_t>(words.size()) != strings)
        return Fault{faults::setCount, field, {QString::number(words.size()), QString::number(strings)}};
    CatalogueSet set;
    std::vector<double> gauges_m;
    for (const QString& word : words) {
        const std::optional<Typed> typed = typedString(word);
        const CatalogueString* entry = typed ? stringFor(catalogue, *typed) : nullptr;
        if (!entry)
            return Fault{faults::setString, field, {word}};
        set.items.append(entry->id);
        gauges_m.push_back(entry->wire.gauge_m);
    }
    if (gauges_m.front() < gauges_m.back())
        std::reverse(set.items.begin(), set.items.end());
    set.name = words.join(QLatin1Char(' ')); // as it was typed
    for (const CatalogueSet& known : catalogue.sets)
        if (known.items == set.items)
            set.name = known.name;
    return set;
}

} // namespace flenzo
