// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/faults.h"

#include <QString>
#include <optional>

namespace flenzo {

/// What somebody typed into the one entry field of the bench.
struct Entry {
    enum class Kind { Cents, Gap, Angle, Claw };
    Kind kind = Kind::Cents;
    std::optional<QString> string;   ///< "4 = 12": for another string than the one asked for
    double value = 0.0;              ///< cents, metres of gap, radians, or turns of the claw, tightened positive
    bool bass = true, treble = true; ///< claw screws that were turned
    bool byEye = false;              ///< an angle that was seen, not measured
    bool insist = false;             ///< ended with "!": the technician stands by it
};

/// How a typed reading turns into cents for one string.
struct EntryContext {
    double target_Hz = 440.0;
    double a4_Hz = 440.0;
    bool inches = false; ///< unit of a gap typed without one
};

/// "12.3", "-4", "82.9 Hz", "E2+12", "B1", "4=-3.1", "gap 4.2", "gap 0.16 in", "0.3°", "angle -0.3", "eye -0.3", "claw
/// 1 1/2", "claw -1/4 bass", with "!" to insist. A note without octave takes the octave nearest to the target. Faults
/// say how to write it. `contextOf` answers for a string name, or for the string asked for when the name is empty;
/// nothing if unknown.
template <class ContextOf> Result<Entry> parseEntry(const QString& text, const ContextOf& contextOf);

/// Any pitch in cents from the target; `parseCents` refuses those that no string on its way reads.
[[nodiscard]] Result<double> parseOffset_cents(const QString& text, const EntryContext& context);
[[nodiscard]] Result<double> parseCents(const QString& text, const EntryContext& context);
[[nodiscard]] Result<double> parseAngle_rad(const QString& text); ///< degrees, as an angle gauge on the plate shows
/// Splits "4 = 12!" into its parts; `rest` is what is left to read.
struct EntryParts {
    std::optional<QString> string;
    QString rest;
    bool gap = false;
    bool angle = false, byEye = false;
    bool claw = false, bass = true, treble = true;
    bool insist = false;
};
[[nodiscard]] EntryParts splitEntry(const QString& text);
/// What is left, as metres of gap, radians, turns or cents.
[[nodiscard]] Result<double> valueOf(const EntryParts& parts, const EntryContext& context);

template <class ContextOf> Result<Entry> parseEntry(const QString& text, const ContextOf& contextOf) {
    const EntryParts parts = splitEntry(text);
    Entry entry;
    entry.insist = parts.insist;
    entry.string = parts.string;
    const std::optional<EntryContext> context = contextOf(parts.string.value_or(QString()));
    if (!context)
        return Fault{faults::readingOfNoString, QStringLiteral("reading"), {*parts.string}};
    entry.kind = parts.gap     ? Entry::Kind::Gap
                 : parts.angle ? Entry::Kind::Angle
                 : parts.claw  ? Entry::Kind::Claw
                               : Entry::Kind::Cents;
    entry.byEye = parts.byEye;
    entry.bass = parts.bass;
    entry.treble = parts.treble;
    const Result<double> value = valueOf(parts, *context);
    if (!value.ok())
        return value.fault();
    entry.value = value.value();
    return entry;
}

} // namespace flenzo
