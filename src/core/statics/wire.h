// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

namespace flenzo {

/// What a string is made of. Plain strings have no core diameter.
/// Validity: gauge 0.1 to 4 mm, core thinner than the gauge. Source: docs/mechanics.md eq. 1 to 4.
struct Wire {
    double gauge_m = 0.0;
    double core_m = 0.0;                                ///< 0 for a plain string
    double wrapDensity_kgpm3 = 7900.0;                  ///< nickel-plated steel unless said otherwise
    std::optional<double> unitMass_kgpm = std::nullopt; ///< measured; overrides the formula
    std::optional<double> stiffness_N = std::nullopt;   ///< measured axial stiffness EA; overrides the formula

    [[nodiscard]] bool isWound() const { return core_m > 0.0; }
    bool operator==(const Wire&) const = default;
};

inline constexpr double steelDensity_kgpm3 = 7850.0;
inline constexpr double steelModulus_Pa = 200e9;
/// Drawn music wire of string gauge breaks at about this stress (thin wire a little above, thick below).
inline constexpr double wireStrength_Pa = 2.6e9;

/// Share of its breaking load beyond which no string is brought on purpose.
inline constexpr double usualMostOfBreaking = 0.8;

/// Mass per metre of the unstretched string (eq. 1, 3).
[[nodiscard]] double unitMass_kgpm(const Wire& wire);
/// Axial stiffness EA: tension per unit strain; the wrap carries none (eq. 2, 4).
[[nodiscard]] double axialStiffness_N(const Wire& wire);
/// Tension at which the core breaks; an assumption, good to about 15 %.
[[nodiscard]] double breakingTension_N(const Wire& wire);

} // namespace flenzo
