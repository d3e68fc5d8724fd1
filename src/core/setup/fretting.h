// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/rig.h"

#include <vector>

namespace flenzo {

/// Action and intonation (PHYSICS sections 3 and 11; eq. 39 and 40). Lengths in metres.

/// Distance of a fret from the nut.
[[nodiscard]] double fretAt_m(int fret, double scale_m);
/// How far a post is raised for a wanted change of the action at a fret.
[[nodiscard]] double postRaise_m(double actionChange_m, int fret, double scale_m);

/// How far the saddle moves away from the nut for a reading at fret 12: fretted minus open, positive = fretted sharp.
[[nodiscard]] double saddleMove_m(double frettedMinusOpen_cents, double scale_m);
/// What fretting at 12 adds by stretching the string down to the fret: a first guess from gauge, pull and action,
/// before anything is read. Bending stiffness is left out, so thick plain strings read sharper than this.
[[nodiscard]] double frettingSharp_cents(const RigString& string, double tension_N, double action12_m, bool nutLocked);

/// A loose bridge as one straight piece: where to push its bass and treble end (away from the nut), and what each
/// string is then still off.
struct LooseBridge {
    double bass_m = 0.0, treble_m = 0.0;
    std::vector<double> left_cents;
};
/// Readings at fret 12 per string, bass side first; `scale_m` likewise. Least squares over the strings.
[[nodiscard]] LooseBridge placeLooseBridge(const std::vector<double>& frettedMinusOpen_cents,
                                           const std::vector<double>& scale_m);

} // namespace flenzo
