// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/input/entry.h"

#include "core/base/units.h"
#include "core/statics/note.h"
#include "core/statics/pitch.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "session/input/quantity.h"

#include <QRegularExpression>
#include <cmath>

namespace flenzo {

namespace {

Result<double> inRange(double value_cents) {
    if (value_cents >= ranges::reading_cents.least && value_cents <= ranges::reading_cents.most)
        return value_cents;
    return Fault{faults::readingTooFar, QStringLiteral("reading"), {QString::number(std::lround(value_cents))}};
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
    static const QRegularExpression claw(QStringLiteral("^claw\\s*=?\\s*(.*?)\\s*(bass|treble)?$"),
                                         QRegularExpression::CaseInsensitiveOption);
    if (const auto match = claw.match(parts.rest.trimmed()); match.hasMatch()) {
        parts.claw = true;
        parts.rest = match.captured(1);
        parts.bass = match.captured(2).toLower() != QLatin1String("treble");
        parts.treble = match.captured(2).toLower() != QLatin1String("bass");
        return parts;
    }
    // The word in full: A alone is a note.
    static const QRegularExpression angle(QStringLiteral("^(?:(?:angle|eye)\\s*=?\\s*(.+?)|(.+?))\\s*(°|deg)?$"),
                                          QRegularExpression::CaseInsensitiveOption);
    if (const auto match = angle.match(parts.rest); match.capturedLength(1) > 0 || match.capturedLength(3) > 0) {
        parts.angle = true;
        parts.byEye = parts.rest.startsWith(QLatin1String("eye"), Qt::CaseInsensitive);
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
    const QString trimmed = text.trimmed(), field = QStringLiteral("reading");
    if (Result<double> plain = parseQuantity(trimmed, Dimension::Cents, {}, field); plain.ok())
        return plain;
    if (const Result<double> hertz = parseQuantity(trimmed, Dimension::Frequency, {}, field);
        hertz.ok() && hertz.value() > 0.0)
        return cents(hertz.value(), context.target_Hz);
    if (const auto value = noteCents(trimmed, context); value && std::isfinite(*value))
        return *value;
    return Fault{faults::noReading, field, {trimmed}};
}

Result<double> parseCents(const QString& text, const EntryContext& context) {
    const Result<double> offset = parseOffset_cents(text, context);
    return offset.ok() ? inRange(offset.value()) : offset;
}

Result<double> parseAngle_rad(const QString& text) {
    constexpr double most_deg = 30.0;
    const QString field = QStringLiteral("angle");
    Result<double> angle_rad = parseQuantity(text, Dimension::Angle, {}, field);
    if (angle_rad.ok() && std::abs(angle_rad.value()) > radians(most_deg))
        return Fault{faults::angleTooFar, field};
    return angle_rad;
}

Result<double> valueOf(const EntryParts& parts, const EntryContext& context) {
    if (parts.gap)
        return parseQuantity(parts.rest, Dimension::Length, {context.inches, false}, QStringLiteral("gap"),
                             ranges::gap_mm);
    if (parts.claw)
        return parseQuantity(parts.rest, Dimension::Turns, {}, QStringLiteral("claw"), ranges::clawStep_turns);
    return parts.angle ? parseAngle_rad(parts.rest) : parseCents(parts.rest, context);
}

} // namespace flenzo
