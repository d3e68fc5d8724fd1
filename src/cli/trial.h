// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/faults.h"

#include <QJsonObject>
#include <QString>

namespace flenzo {

/// One change played by every shop method and by the adviser, for people and for programs.
[[nodiscard]] QString trialTable(ChangeKind kind, const TrialReport& report);
[[nodiscard]] QJsonObject trialJson(ChangeKind kind, const TrialReport& report);
/// What happens at a bench, and how it ended, for people and for programs.
[[nodiscard]] QString faultTable(const QString& title, const std::vector<FaultRow>& rows);
[[nodiscard]] QJsonObject faultJson(const QString& title, const std::vector<FaultRow>& rows);
/// Passes of every player as bars, one panel a player.
[[nodiscard]] QString trialSvg(const QString& title, const TrialReport& report);

} // namespace flenzo
