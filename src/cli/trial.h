// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/trial.h"

#include <QJsonObject>
#include <QString>

namespace flenzo {

/// One change played by every habit and by the adviser, for people and for programs.
[[nodiscard]] QString trialTable(ChangeKind kind, const TrialReport& report);
[[nodiscard]] QJsonObject trialJson(ChangeKind kind, const TrialReport& report);
/// Passes of every player as bars, one panel a player.
[[nodiscard]] QString trialSvg(const QString& title, const TrialReport& report);

} // namespace flenzo
