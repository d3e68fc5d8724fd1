// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/input/entry.h"

#include "core/base/units.h"
#include "core/statics/note.h"
#include "core/statics/pitch.h"

#include <QRegularExpression>
#include <cmath>

namespace flenzo {

namespace {

Fault notUnderstood(const QString& text) {
    return {"reading",
            "\"" + text.toStdString() +
                "\" is not understood; type cents like -12.5, a frequency like 82.4 Hz, or a note like E2+12"};
}

Result<double> inRange(double value_cents) {
    if (!std::isfinite(value_cents) || value_cents < -2400.0 || value_cents > 1200.0)
        return Fault{"reading",
                     "is " + std::to_string(std::lround(value_cents)) +
                         " cents from the target, further than any string on its way; check octave and string"};
    return value_cents;
}

std::optional<double> noteCents(const QString& text, const EntryContext& context) {
    static const QRegularExpression shape(QStringLiteral("^([A-Ga-g])([#b]?)(\\d?)\\s*([+-].*)?$"));
    const auto match = shape.match(QString(text).replace(QChar(0x2212), QLatin1Char('-')).trimmed());
    if (!match.hasMatch())
        return std::nullopt;
    const QString octave = match.captured(3);
    const QString name = match.captured(1).toUpper() + match.captured(2);
    auto midi = parseNote((name + (octave.isEmpty() ? QStringLiteral("4") : octave)).toStdString());
    if (!midi)
        return std::nullopt;
    const double extra = match.captured(4).isEmpty() ? 0.0 : parseNumber(match.captured(4)).value_or(std::nan(""));
    double base = cents(noteFrequency_Hz(*midi, context.a4_Hz), context.target_Hz);
    if (octave.isEmpty())
        base -= 1200.0 * std::round(base / 1200.0);
    return base + extra;
}

} // namespace

std::optional<double> parseNumber(QString text) {
    text = text.trimmed();
    text.replace(QChar(0x2212), QLatin1Char('-')).replace(QLatin1Char(','), QLatin1Char('.'));
    bool ok = false;
    const double value = text.toDouble(&ok);
    return ok && std::isfinite(value) ? std::optional(value) : std::nullopt;
}

EntryParts splitEntry(const QString& text) {
    EntryParts parts;
    parts.rest = text.trimmed();
    if (parts.rest.endsWith(QLatin1Char('!'))) {
        parts.insist = true;
        parts.rest.chop(1);
    }
    static const QRegularExpression gap(QStringLiteral("^g(ap)?\\s*=?\\s*(?=[\\d.,])"),
                                        QRegularExpression::CaseInsensitiveOption);
    if (const auto match = gap.match(parts.rest); match.hasMatch()) {
        parts.gap = true;
        parts.rest = parts.rest.mid(match.capturedLength());
        return parts;
    }
    // The word in full: A alone is a note.
    static const QRegularExpression angle(QStringLiteral("^(?:angle\\s*=?\\s*(.+?)|(.+?))\\s*(°|deg)?$"),
                                          QRegularExpression::CaseInsensitiveOption);
    if (const auto match = angle.match(parts.rest); match.capturedLength(1) > 0 || match.capturedLength(3) > 0) {
        parts.angle = true;
        parts.rest = match.captured(1) + match.captured(2);
        return parts;
    }
    if (const qsizetype equals = parts.rest.indexOf(QLatin1Char('=')); equals > 0) {
        parts.string = parts.rest.left(equals).trimmed();
        parts.rest = parts.rest.mid(equals + 1);
    }
    return parts;
}

Result<double> parseOffset_cents(const QString& text, const EntryContext& context) {
    const QString trimmed = text.trimmed();
    if (const auto plain = parseNumber(trimmed))
        return *plain;
    static const QRegularExpression hertz(QStringLiteral("^(.*\\S)\\s*hz$"), QRegularExpression::CaseInsensitiveOption);
    if (const auto match = hertz.match(trimmed); match.hasMatch())
        if (const auto value = parseNumber(match.captured(1)); value && *value > 0.0)
            return cents(*value, context.target_Hz);
    static const QRegularExpression centsSign(QStringLiteral("^(.*\\S)\\s*(c|ct|cents?|¢)$"));
    if (const auto match = centsSign.match(trimmed); match.hasMatch())
        if (const auto value = parseNumber(match.captured(1)))
            return *value;
    if (const auto value = noteCents(trimmed, context); value && std::isfinite(*value))
        return *value;
    return notUnderstood(trimmed);
}

Result<double> parseCents(const QString& text, const EntryContext& context) {
    const Result<double> offset = parseOffset_cents(text, context);
    return offset.ok() ? inRange(offset.value()) : offset;
}

Result<double> parseAngle_rad(const QString& text) {
    constexpr double most_deg = 30.0;
    const auto degrees = parseNumber(text);
    if (!degrees)
        return Fault{"angle", "\"" + text.toStdString() + "\" is no angle; type degrees like 0.3° or angle -0.3"};
    if (std::abs(*degrees) > most_deg)
        return Fault{"angle",
                     "is further than any plate goes; it is read against the top, in degrees, forward positive"};
    return radians(*degrees);
}

Result<double> parseLength_m(const QString& text, bool inches) {
    static const QRegularExpression shape(
        QStringLiteral("^\\s*([-+\\d.,\\x{2212}]+)\\s*(mm|cm|in|inch|\"|″|thou|mil)?\\s*$"));
    const auto match = shape.match(text);
    const auto value = match.hasMatch() ? parseNumber(match.captured(1)) : std::nullopt;
    if (!value)
        return Fault{"length", "\"" + text.toStdString() + "\" is no length; type it like 4.2 mm, 0.165 in or 10 thou"};
    const QString unit = match.captured(2);
    if (unit == QLatin1String("mm") || (unit.isEmpty() && !inches))
        return *value * metresPerMm;
    if (unit == QLatin1String("cm"))
        return *value * 0.01;
    if (unit == QLatin1String("thou") || unit == QLatin1String("mil"))
        return *value * metresPerThou;
    return *value * 0.0254;
}

} // namespace flenzo
