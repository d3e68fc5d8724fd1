// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/coupling.h"
#include "domain/base/fault.h"

#include <QJsonObject>
#include <QStringList>

namespace flenzo {

/// Everything `flenzo-cli solve` prints: the keys of `expect` in docs/formats.md.
[[nodiscard]] QJsonObject solve(const Rig& rig, const Order& order);

/// Reads "6,5,4" or a JSON list against the rig's names; the fault's field is `order`.
[[nodiscard]] Result<Order> orderFromNames(const Rig& rig, const QStringList& names);

} // namespace flenzo
