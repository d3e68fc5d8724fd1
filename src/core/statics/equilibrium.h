// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/equation.h"

namespace flenzo {

/// The angles the bridge may take: stops and block together.
struct Limits {
    double low_rad = 0.0;
    double high_rad = 0.0;
    bool lowIsBlock = false;
    bool highIsBlock = false;
};
[[nodiscard]] Limits limitsOf(const Bridge& bridge, const std::optional<Block>& block);

/// How the bridge came to rest.
enum class EquilibriumKind {
    Free,        ///< moments balance
    RearStop,    ///< springs win: the plate lies on its rear stop
    ForwardStop, ///< strings win: it leans on its forward stop
    Blocked,     ///< a block carries the difference
    Centred,     ///< the centring assist holds what is left at its centre
    Fixed,       ///< the bridge does not move
    SpringEdge,  ///< balanced by part of a spring's initial tension: the spring is about to come loose
    NotFound     ///< the budget of evaluations was used up; the angle is the last one tried
};

struct Equilibrium {
    EquilibriumKind kind = EquilibriumKind::NotFound;
    double angle_rad = 0.0;
    double moment_Nm = 0.0;          ///< what is left: under 1e-9 when Free, else carried by stop, block or assist
    double stiffness_NmPerRad = 0.0; ///< K = -dM/dangle there
    int evaluations = 0;             ///< of the moment
    /// Small pulls on a string do not move the bridge.
    [[nodiscard]] bool isHeld() const { return kind != EquilibriumKind::Free && kind != EquilibriumKind::SpringEdge; }
};

/// Where the bridge comes to rest when it is let go at `start_rad` and moves, slowly, the way the moment pushes it:
/// the first balanced angle in that direction, or the limit. Newton from the start while the steps stay small and
/// the balance stable; otherwise a scan of that side that no narrow well escapes, then a bracketed root.
[[nodiscard]] Equilibrium findEquilibrium(const BalanceEquation& equation, const Limits& limits, double start_rad);

} // namespace flenzo
