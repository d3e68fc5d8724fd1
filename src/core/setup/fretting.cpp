// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/setup/fretting.h"

#include "core/statics/geometry.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

double fretAt_m(int fret, double scale_m) {
    return scale_m * (1.0 - std::exp2(-fret / 12.0));
}

double postRaise_m(double actionChange_m, int fret, double scale_m) {
    const double at_m = fretAt_m(fret, scale_m);
    return at_m > 0.0 ? actionChange_m * scale_m / at_m : 0.0;
}

double saddleMove_m(double frettedMinusOpen_cents, double scale_m) {
    return frettedMinusOpen_cents * scale_m / centsPerNeper;
}

double frettingSharp_cents(const RigString& string, double tension_N, double action12_m, bool nutLocked) {
    const double stiffness_N = axialStiffness_N(string.wire), half_m = string.scale_m / 2.0;
    if (tension_N <= 0.0)
        return 0.0;
    const double side_m = std::hypot(half_m, action12_m), extra_m = 2.0 * (side_m - half_m);
    const double change_N = stiffness_N * extra_m / (string.scale_m + tails_m(string, nutLocked));
    const double strain = tension_N / stiffness_N;
    const double fromPull = 0.5 * centsPerNeper * change_N / tension_N * (1.0 + 2.0 * strain) / (1.0 + strain);
    return fromPull - centsPerNeper * (side_m - half_m) / half_m;
}

LooseBridge placeLooseBridge(const std::vector<double>& frettedMinusOpen_cents, const std::vector<double>& scale_m) {
    LooseBridge bridge;
    const std::size_t n = std::min(frettedMinusOpen_cents.size(), scale_m.size());
    if (n == 0)
        return bridge;
    // A straight line through what each saddle should move, over its place between the ends: least squares.
    const auto across = [n](std::size_t i) {
        return n > 1 ? static_cast<double>(i) / static_cast<double>(n - 1) - 0.5 : 0.0;
    };
    const auto wanted_m = [&](std::size_t i) { return saddleMove_m(frettedMinusOpen_cents[i], scale_m[i]); };
    double middle_m = 0.0, along = 0.0, squares = 0.0;
    for (std::size_t i = 0; i < n; ++i) {
        middle_m += wanted_m(i) / static_cast<double>(n);
        along += across(i) * wanted_m(i);
        squares += across(i) * across(i);
    }
    const double tilt_m = n > 1 ? along / squares : 0.0;
    bridge.bass_m = middle_m - 0.5 * tilt_m;
    bridge.treble_m = middle_m + 0.5 * tilt_m;
    for (std::size_t i = 0; i < n; ++i)
        bridge.left_cents.push_back((wanted_m(i) - middle_m - across(i) * tilt_m) * centsPerNeper / scale_m[i]);
    return bridge;
}

} // namespace flenzo
