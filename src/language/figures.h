// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/display_units.h"

#include <QString>

namespace flenzo {

/// "+12.3" or "−12.3" with a true minus; "0.0" carries no sign.
[[nodiscard]] QString signedNumber(double value, int decimals);
[[nodiscard]] QString centsText(double value_cents); ///< "+12.3 ¢"
[[nodiscard]] QString degreesText(double angle_rad); ///< "−0.42°"
/// "plate sunk 0.42°", "plate forward 0.42°" or "plate level".
[[nodiscard]] QString plateText(double angle_rad);
[[nodiscard]] QString lengthText(double length_m, const Units& units);
[[nodiscard]] QString forceText(double force_N, const Units& units);
[[nodiscard]] QString momentText(double moment_Nm);
[[nodiscard]] QString hertzText(double frequency_Hz);
/// ".046 in" or "1.168 mm".
[[nodiscard]] QString gaugeText(double gauge_m, const Units& units);
/// Whole turns and sixteenths in lowest terms, without sign: "2 1/4", "3/16", "0".
[[nodiscard]] QString turnsText(double turns);

} // namespace flenzo
