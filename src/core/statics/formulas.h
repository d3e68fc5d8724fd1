// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>

/// The mechanics' formulas, written once: for plain numbers, and for numbers that carry their derivatives by unknowns
/// (`T`). `Tilt` has the plate's `angle_rad`, `sine` and `cosine` in numbers that T can be multiplied by.
namespace flenzo {

/// A length that changes with the bridge angle, and its derivative (m, m/rad).
template <class T> struct SlopeOf { T length_m = T(0.0), slope = T(0.0); };
/// The same with the second derivative (m/rad2).
template <class T> struct ReachOf { T length_m = T(0.0), slope = T(0.0), curve = T(0.0); };

/// The distance between a point P fixed in the bridge and a point N fixed in the guitar, as a function of the angle
/// (eq. 8): |N - P|^2 = squares - 2 N.P, and N.P is a sine wave of the angle.
template <class T> struct LinkOf {
    T squares_m2 = T(0.0), cosine_m2 = T(0.0), sine_m2 = T(0.0);
    template <class Tilt> [[nodiscard]] SlopeOf<T> slopeAt(const Tilt& tilt) const {
        using std::sqrt;
        const T along = cosine_m2 * tilt.cosine + sine_m2 * tilt.sine;
        const T length_m = sqrt(squares_m2 - 2.0 * along);
        return {length_m, (cosine_m2 * tilt.sine - sine_m2 * tilt.cosine) / length_m};
    }
    template <class Tilt> [[nodiscard]] ReachOf<T> at(const Tilt& tilt) const {
        const auto [length_m, slope] = slopeAt(tilt);
        const T along = cosine_m2 * tilt.cosine + sine_m2 * tilt.sine;
        return {length_m, slope, (along - slope * slope) / length_m};
    }
};

/// From (x, y) in the bridge to (toX, toY) in the guitar, `aside` apart across the strings, as a slanted spring's ends.
/// Each of them a T, or a plain number where it has no derivative.
template <class T, class X, class Y, class ToX, class ToY>
[[nodiscard]] LinkOf<T> linkBetween(const X& x, const Y& y, const ToX& toX, const ToY& toY, double aside_m) {
    return {T(toX * toX + toY * toY + (x * x + y * y) + aside_m * aside_m), T(toX * x + toY * y), T(toX * y - toY * x)};
}

/// What winds off a shaft of that radius: a length at angle 0, less by the radius for every radian.
template <class T, class Tilt>
[[nodiscard]] ReachOf<T> windingOff(const T& length_m, const T& radius_m, const Tilt& tilt) {
    return {length_m - radius_m * tilt.angle_rad, -radius_m, T(0.0)};
}

/// Tension that sounds a frequency on a speaking length, for a wire that thins as it stretches: the positive root of
/// T (1 + T/EA) = 4 mu0 L^2 f^2 (eq. 6). The textbook root loses digits for stiff strings; this form of it does not.
template <class T>
[[nodiscard]] T tensionAt_N(const T& unitMass_kgpm, const T& stiffness_N, const T& length_m, const T& frequency_Hz) {
    using std::sqrt;
    const T wave = length_m * frequency_Hz;
    const T linear_N = 4.0 * unitMass_kgpm * wave * wave;
    return 2.0 * linear_N / (1.0 + sqrt(1.0 + 4.0 * linear_N / stiffness_N));
}

/// (2 f)^2 of a string under tension (eq. 5).
template <class T>
[[nodiscard]] T doublePitchSquared(const T& unitMass_kgpm, const T& stiffness_N, const T& length_m,
                                   const T& tension_N) {
    return tension_N * (1.0 + tension_N / stiffness_N) / (unitMass_kgpm * length_m * length_m);
}

/// Force of a spring that is strained by `by_m`, drawn or squeezed; none where it is loose (eq. 12).
template <class T> [[nodiscard]] T strainForce_N(const T& initial_N, const T& rate_Npm, const T& by_m) {
    return by_m > 0.0 ? T(initial_N + rate_Npm * by_m) : T(0.0);
}

} // namespace flenzo
