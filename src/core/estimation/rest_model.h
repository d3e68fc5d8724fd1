// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/guitar.h"
#include "core/log/timeline.h"
#include "core/statics/geometry.h"

#include <memory>

namespace flenzo {

/// What one string does at one angle, as a function of the angle, of its reading at the goal's angle (`z`), and of what
/// is unknown of it. Derivatives stand in the order of `StringModel::Unknown`.
struct StringModel {
    enum Unknown { Angle, Z, Stiffness, Mass, Height, Setback, Count };
    using Slopes = Eigen::Matrix<double, Count, 1>;
    double moment_Nm = 0.0, reading_cents = 0.0;
    Slopes momentBy = Slopes::Zero(), readingBy = Slopes::Zero();
};

/// What a string's z comes to when the nut is clamped.
struct ClampedString {
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

/// The mechanics of one guitar as the estimator needs them (docs/mechanics.md eq. 24): in the coordinates of its
/// unknowns, with derivatives. Agrees with `BalanceEquation` on the rig corrected alike.
class RestModel {
public:
    RestModel(const Rig& nominal, const Goal& goal, const EstimatorOptions& options);
    ~RestModel();
    void setGuitar(const GuitarUnknowns& guitar);

    /// Plate held at an angle, string reading `z_cents` at the goal's angle. Slack strings pull nothing, but their
    /// reading goes on falling so that a solver finds its way back.
    [[nodiscard]] StringModel string(std::size_t index, const Turned& plate, double z_cents, bool nutLocked) const;
    /// The same without the slopes.
    [[nodiscard]] StringModel figures(std::size_t index, const Turned& plate, double z_cents, bool nutLocked) const;
    /// An open string whose nut is clamped at this angle.
    [[nodiscard]] ClampedString clamped(std::size_t index, const Turned& plate, double z_cents) const;
    /// A string of the old set kept at pitch.
    [[nodiscard]] StringModel heldAtPitch(std::size_t index, const SetString& old, double angle_rad) const;
    [[nodiscard]] double springs_Nm(const Turned& plate, const ClawTurns& claw) const;
    [[nodiscard]] SpringModel springs(const Turned& plate, const ClawTurns& claw) const;
    /// Of the springs there were with the old set, corrected alike.
    [[nodiscard]] SpringModel springsBefore(const Turned& plate, const ClawTurns& claw,
                                            const std::vector<Spring>& nominal) const;
    /// Gravity and the centring assist: moment and slope by the angle.
    [[nodiscard]] std::pair<double, double> rest_Nm(const Turned& plate, Orientation orientation) const;
    /// z of a string that reads `cents` at an angle.
    [[nodiscard]] double zOfReading_cents(std::size_t index, double cents, double angle_rad, bool nutLocked) const;
    /// Its rest length.
    [[nodiscard]] double unstretchedLength_m(std::size_t index, double z_cents, bool nutLocked) const;
    /// Cents by which z falls for a metre of wire that comes out.
    [[nodiscard]] double zPerMetre_cents(std::size_t index) const { return zPerMetre_cents_[index]; }
    [[nodiscard]] const Rig& rig() const { return rig_; }

private:
    struct Prepared;
    void prepare();
    [[nodiscard]] SpringModel springsOf(const std::vector<Spring>& corrected, const Turned& plate,
                                        const ClawTurns& claw) const;
    Rig nominal_, rig_;
    double goal_rad_;
    const EstimatorOptions& options_;
    GuitarUnknowns guitar_;
    std::unique_ptr<Prepared> prepared_;
    std::vector<double> zPerMetre_cents_;
};

} // namespace flenzo
