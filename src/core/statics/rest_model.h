// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/geometry.h"

#include <array>
#include <vector>

namespace flenzo {

/// What one string does at one angle, as a function of the angle, of its reading at the goal's angle (`z`), and of what
/// is unknown of it. Derivatives are in the order of `StringModel::Unknown`.
struct StringModel {
    enum Unknown { Angle, Z, Stiffness, Mass, Height, Setback, Count };
    using Slopes = Eigen::Matrix<double, Count, 1>;
    double moment_Nm = 0.0, reading_cents = 0.0;
    Slopes momentBy = Slopes::Zero(), readingBy = Slopes::Zero();
};

/// What a string's z comes to when something happens to its path: the nut is clamped, the posts are turned.
struct CarriedString {
    double z_cents = 0.0;
    StringModel::Slopes by = StringModel::Slopes::Zero();
};

/// The moment of all springs and its derivatives.
struct SpringModel {
    enum Unknown { Angle, Rate, Initial, Hook, Place, Lead, Bass, Treble, Count };
    using Slopes = Eigen::Matrix<double, Count, 1>;
    double moment_Nm = 0.0;
    Slopes momentBy = Slopes::Zero();
};

/// The mechanics of one guitar as a function of what may be unknown of it (docs/mechanics.md eq. 24), with derivatives.
/// Agrees with `BalanceEquation` on the same rig.
class RestModel {
public:
    RestModel(const Rig& rig, double goal_rad);
    ~RestModel();
    /// The same guitar with other figures.
    void setRig(const Rig& rig);

    /// Plate held at an angle, string reading `z_cents` at the goal's angle. Slack strings pull nothing, but their
    /// reading goes on falling so that a solver finds its way back.
    [[nodiscard]] StringModel string(std::size_t index, const Turned& plate, double z_cents, bool nutLocked) const;
    /// An open string whose nut is clamped at this angle.
    [[nodiscard]] CarriedString clamped(std::size_t index, const Turned& plate, double z_cents) const;
    /// An open or locked string whose length stays while the guitar around it becomes that of `to`.
    [[nodiscard]] CarriedString carried(std::size_t index, double z_cents, bool nutLocked, const RestModel& to) const;
    /// Another wire in a string's place, kept at a pitch.
    [[nodiscard]] StringModel heldAtPitch(std::size_t index, const Wire& wire, double frequency_Hz,
                                          double angle_rad) const;
    [[nodiscard]] SpringModel springs(const Turned& plate, const ClawTurns& claw) const {
        return springs(plate, claw, rig_.springs);
    }
    /// Other springs in their place.
    [[nodiscard]] SpringModel springs(const Turned& plate, const ClawTurns& claw,
                                      const std::vector<Spring>& springs) const;
    /// Gravity and the centring assist: moment and slope by the angle.
    [[nodiscard]] std::pair<double, double> rest_Nm(const Turned& plate, Orientation orientation) const;
    /// z of a string that reads `cents` at an angle.
    [[nodiscard]] double zOfReading_cents(std::size_t index, double cents, double angle_rad, bool nutLocked) const;
    /// Cents by which z falls when all of the string grows by a share against the guitar.
    [[nodiscard]] double zPerStrain_cents(std::size_t index, bool nutLocked) const;
    /// Its rest length.
    [[nodiscard]] double unstretchedLength_m(std::size_t index, double z_cents, bool nutLocked) const;
    /// Cents by which z falls for a metre of wire that comes out, of the rig there was first.
    [[nodiscard]] double zPerMetre_cents(std::size_t index) const { return zPerMetre_cents_[index]; }
    [[nodiscard]] const Rig& rig() const { return rig_; }

private:
    struct Strung;
    double goal_rad_;
    Rig rig_;
    std::array<std::vector<Strung>, 2> strung_; ///< with the nut open and locked
    std::vector<double> zPerMetre_cents_;
};

} // namespace flenzo
