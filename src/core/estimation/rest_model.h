// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/timeline.h"

namespace flenzo {

/// What one string does at one angle, as a function of the angle, of its reading at the goal's angle (`z`), and of what
/// is unknown of it. Derivatives stand in the order of `StringModel::Unknown`.
struct StringModel {
    enum Unknown { Angle, Z, Stiffness, Mass, Height, Setback, Count };
    using Slopes = Eigen::Matrix<double, Count, 1>;
    double moment_Nm = 0.0, reading_cents = 0.0, tension_N = 0.0;
    Slopes momentBy = Slopes::Zero(), readingBy = Slopes::Zero();
    double lockedZ_cents = 0.0; ///< z of the same string once the nut has been clamped at this angle
    Slopes lockedBy = Slopes::Zero();
};

/// The same without the derivatives.
struct StringFigures {
    double moment_Nm = 0.0, reading_cents = 0.0;
};

/// The moment of all springs and its derivatives.
struct SpringModel {
    enum Unknown { Angle, Rate, Initial, Hook, Place, Lead, Bass, Treble, Count };
    using Slopes = Eigen::Matrix<double, Count, 1>;
    double moment_Nm = 0.0;
    Slopes momentBy = Slopes::Zero();
};

/// The mechanics of one guitar as the estimator needs them (docs/mechanics.md eq. 24): in the coordinates of its
/// unknowns, with derivatives. Agrees with `BalanceEquation` on the rig corrected alike.
class RestModel {
public:
    RestModel(const Rig& nominal, const Goal& goal, const EstimatorOptions& options);
    void setGuitar(const GuitarUnknowns& guitar);

    /// Plate held at `angle_rad`, string reading `z_cents` at the goal's angle. Slack strings pull nothing, but their
    /// reading goes on falling so that a solver finds its way back.
    /// `wantLocked`: also what it comes to when the nut is clamped.
    [[nodiscard]] StringModel string(std::size_t index, double angle_rad, double z_cents, bool nutLocked,
                                     bool wantLocked = false) const;
    [[nodiscard]] StringFigures figures(std::size_t index, double angle_rad, double z_cents, bool nutLocked) const;
    /// A string of the old set kept at pitch.
    [[nodiscard]] StringModel heldAtPitch(std::size_t index, const SetString& old, double angle_rad) const;
    [[nodiscard]] double springs_Nm(double angle_rad, const ClawTurns& claw) const;
    [[nodiscard]] SpringModel springs(double angle_rad, const ClawTurns& claw) const;
    /// Of the springs there were with the old set, corrected alike.
    [[nodiscard]] SpringModel springsBefore(double angle_rad, const ClawTurns& claw,
                                            const std::vector<Spring>& nominal) const;
    /// Gravity and the centring assist: moment and slope by the angle.
    [[nodiscard]] std::pair<double, double> rest_Nm(double angle_rad, Orientation orientation) const;
    /// z of a string that reads `cents` at an angle.
    [[nodiscard]] double zOfReading_cents(std::size_t index, double cents, double angle_rad, bool nutLocked) const;
    /// Its rest length.
    [[nodiscard]] double restLength_m(std::size_t index, double z_cents, bool nutLocked) const;
    /// Cents by which z falls for a metre of wire that comes out.
    [[nodiscard]] double zPerMetre_cents(std::size_t index) const { return zPerMetre_cents_[index]; }
    [[nodiscard]] const Rig& rig() const { return rig_; }

private:
    [[nodiscard]] SpringModel springsOf(const std::vector<Spring>& corrected, double angle_rad,
                                        const ClawTurns& claw) const;
    Rig nominal_, rig_;
    double goal_rad_;
    const EstimatorOptions& options_;
    GuitarUnknowns guitar_;
    std::vector<double> zPerMetre_cents_;
};

} // namespace flenzo
