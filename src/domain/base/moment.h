// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDateTime>
#include <QString>

namespace flenzo {

/// A moment as files keep it: the clock on the wall with its distance from UTC, "2026-11-30T14:05:02+01:00".
[[nodiscard]] QString momentText(const QDateTime& moment);
/// This moment.
[[nodiscard]] QString nowText();
/// This moment behind an entry made at `last`: never before it, as after a clock was put back; and without a distance
/// from UTC where that has none, for such times are compared with each other only.
[[nodiscard]] QString nowAfter(const QString& last);

} // namespace flenzo
