// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/input/string_entry.h"

#include "core/statics/note.h"
#include "core/statics/pitch.h"
#include "domain/base/bundled_words.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "language/decimal.h"
#include "session/input/entry.h"
#include "session/input/quantity.h"

#include <QRegularExpression>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

const CatalogueString* nearest(const Catalogue& catalogue, double gauge_m, bool wound) {
    const CatalogueString* best = nullptr;
    for (const CatalogueString& string : catalogue.strings)
        if (string.wire.isWound() == wound &&
            (!best || std::abs(string.wire.gauge_m - gauge_m) < std::abs(best->wire.gauge_m - gauge_m) - 1e-12))
            best = &string;
    return best;
}

} // namespace

Result<const CatalogueString*> findString(const Catalogue& catalogue, const QString& text) {
    const QString wanted = text.trimmed();
    for (const CatalogueString& string : catalogue.strings)
        if (string.id == wanted || string.label == wanted || bundledWords(string.label) == wanted)
            return &string;
    static const QRegularExpression shape(
        QStringLiteral("^(.*\\d[.,]?)\\s*(mm|inch|in|\"|thou|mil)?\\s*([pw]?)[a-z]*$"),
        QRegularExpression::CaseInsensitiveOption);
    const auto match = shape.match(wanted);
    const Result<double> gauge =
        parseQuantity(match.captured(1) + match.captured(2), Dimension::Gauge, {}, QStringLiteral("gauge"));
    if (!gauge.ok())
        return gauge.fault().is(faults::noSuchGauge)
                   ? gauge.fault()
                   : Fault{faults::notInCatalogue, QStringLiteral("string"), {wanted}};
    const double gauge_m = gauge.value();
    const QString kind = match.captured(3).toLower();
    const bool wound = kind == QLatin1String("w") || (kind.isEmpty() && gauge_m > 20.5 * metresPerThou);
    const CatalogueString* entry = nearest(catalogue, gauge_m, wound);
    if (!entry || std::abs(entry->wire.gauge_m - gauge_m) > 1.01 * metresPerThou)
        return Fault{faults::outsideCatalogue, QStringLiteral("string"), {decimal(gauge_m / metresPerMm)}};
    return entry;
}

std::optional<Fault> setPitch(Job& job, Side side, std::size_t string, const QString& text) {
    const double target_Hz = targetOf_Hz(job, side, string);
    const Result<double> moved = parseOffset_cents(text, {target_Hz, job.referencePitch_Hz, false});
    // However it is typed, "82,4" too: a bare number would be cents here, and nobody means that of a pitch.
    const bool bare = parseNumber(text).has_value();
    if (bare || !moved.ok())
        return Fault{bare ? faults::pitchNeedsUnit : faults::noReading, QStringLiteral("pitch"),
                     bare ? QStringList() : QStringList{text.trimmed()}};
    const double wanted_Hz = frequencyAt_Hz(target_Hz, moved.value());
    if (wanted_Hz < ranges::target_Hz.least || wanted_Hz > ranges::target_Hz.most)
        return Fault{faults::outOfRange,
                     QStringLiteral("pitch"),
                     {QStringLiteral("15"), QStringLiteral("2000 Hz"), reasonOf(ranges::target_Hz)}};
    const auto midi = parseNote(text.trimmed().toStdString());
    setTarget(job, side, string, wanted_Hz, midi ? QString::fromStdString(noteName(*midi)) : QString());
    return std::nullopt;
}

} // namespace flenzo
