// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>

namespace flenzo {

/// Seconds since 1970 of an ISO 8601 time such as 2026-03-02T10:08:30, with or without seconds, `Z` or an offset.
/// Without one it is the shop's clock, which is compared with itself only. Nothing where it is none.
[[nodiscard]] std::optional<double> secondsOf(const std::string& iso);
/// Whether such a time says how far it is from UTC.
[[nodiscard]] bool hasZone(const std::string& iso);

} // namespace flenzo
