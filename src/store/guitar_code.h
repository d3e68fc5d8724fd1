// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

namespace flenzo {

/// The code on a card in a guitar's case: digits only, so that a scanner that types comes through on every keyboard.
/// It holds a number of the shop, one of its jobs, and two digits by which a misread one is noticed.
struct GuitarCode {
    qint64 shop = 0, job = 0;
    bool operator==(const GuitarCode&) const = default;
};
[[nodiscard]] QString codeDigits(const GuitarCode& code);
/// In groups of four, as people read it.
[[nodiscard]] QString codeText(const GuitarCode& code);
/// What was typed or scanned; spaces and dashes do not matter. Nothing where it is no code.
[[nodiscard]] std::optional<GuitarCode> readCode(const QString& text);

/// The code of a job of this logbook. The shop's number is drawn when it is first wanted.
[[nodiscard]] Result<GuitarCode> codeOf(Logbook& book, qint64 job);
/// The guitar that a code is of; a fault where it is of another shop, or its job is no longer there.
[[nodiscard]] Result<qint64> guitarOfCode(const Logbook& book, const GuitarCode& code);

} // namespace flenzo
