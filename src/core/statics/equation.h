// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/geometry.h"
#include "core/statics/state.h"

#include <array>
#include <cstdint>

namespace flenzo {

/// Moment about the pivot and its derivative by the angle. Positive tips the bridge forward.
struct Moment {
    double moment_Nm = 0.0;
    double slope_NmPerRad = 0.0;
};

/// The weight of a bridge as it lies: moment = across cos - along sin.
struct WeightMoment {
    double along_Nm = 0.0, across_Nm = 0.0;
    [[nodiscard]] Moment at(const Turned& turned) const {
        return {across_Nm * turned.cosine - along_Nm * turned.sine,
                -along_Nm * turned.cosine - across_Nm * turned.sine};
    }
};
[[nodiscard]] WeightMoment weightMoment(const Rig& rig, Orientation orientation);
/// Away from its centre; at the centre it holds any moment up to its preload and nothing is said here.
[[nodiscard]] Moment assistMoment(const CentringAssist& assist, double angle_rad);

/// The moments that fight each other at one angle.
struct MomentParts {
    double strings_Nm = 0.0;
    double springs_Nm = 0.0;
    double gravity_Nm = 0.0;
    double extra_Nm = 0.0;
    double assist_Nm = 0.0;
    [[nodiscard]] double sum_Nm() const { return strings_Nm + springs_Nm + gravity_Nm + extra_Nm + assist_Nm; }
};

/// M(angle) of one rig in one state, laid out so that an evaluation allocates nothing (docs/mechanics.md eq. 11 to 15).
///
/// Each string is elastic (fixed rest length), held at a pitch (someone keeps retuning it), or off.
/// Stops and blocks are not in here: they bound the angle (`limitsOf`). A centring assist is in `at` away from its
/// centre; at the centre it can hold any moment up to its preload, which `findEquilibrium` knows.
class BalanceEquation {
public:
    /// Strings elastic at the state's rest lengths. At most `maxStrings` strings and `maxSprings` springs.
    BalanceEquation(const Rig& rig, const State& state);

    void holdAtPitch(std::size_t string, double frequency_Hz);
    void setRest(std::size_t string, double unstretchedLength_m); ///< 0 takes the string off
    void addMoment(double extra_Nm) { extraMoment_Nm_ += extra_Nm; }
    /// Moves every claw anchor; both screws as given.
    void setClaw(const Rig& rig, const ClawTurns& turns);

    [[nodiscard]] Moment at(double angle_rad) const;
    [[nodiscard]] MomentParts parts(double angle_rad) const;
    /// The sum without the centring assist.
    [[nodiscard]] Moment unassisted(double angle_rad) const;
    [[nodiscard]] const std::optional<CentringAssist>& assist() const { return assist_; }

    [[nodiscard]] double tension_N(std::size_t string, double angle_rad) const;
    [[nodiscard]] double springForce_N(std::size_t spring, double angle_rad) const;
    /// 0 when slack or off.
    [[nodiscard]] double frequency_Hz(std::size_t string, double angle_rad) const;
    /// Cents the elastic string gains per radian; 0 when slack or off.
    [[nodiscard]] double centsPerRadian(std::size_t string, double angle_rad) const;
    /// Equilibrium length that gives the string this pitch at this angle.
    [[nodiscard]] double unstretchedForPitch_m(std::size_t string, double frequency_Hz, double angle_rad) const;
    /// Moment the string gains, at this angle, when it is tuned one cent sharper.
    [[nodiscard]] double momentPerCent_Nm(std::size_t string, double frequency_Hz, double angle_rad) const;
    [[nodiscard]] std::size_t stringCount() const { return stringCount_; }
    [[nodiscard]] Motion motion() const { return motion_; }

private:
    enum class Mode : std::uint8_t { Off, Elastic, AtPitch };
    struct StringTerm {
        Mode mode = Mode::Off;
        double value = 0.0;        // rest length (m) or frequency (Hz)
        double pullPerMetre = 0.0; // elastic: EA / rest length
        double unitMass_kgpm = 0.0;
        double stiffness_N = 0.0;
        double tails_m = 0.0;
        double scale_m = 0.0; // roller shaft and fixed bridge: the speaking length
        Link link;
    };
    struct SpringTerm {
        double rate_Npm = 0.0, initial_N = 0.0, free_m = 0.0, seat_m = 0.0, lever_m = 0.0;
        Link link;
    };
    struct Tension {
        double tension_N = 0.0, slope_NPerRad = 0.0;
    };
    [[nodiscard]] Reach speaking(const StringTerm& term, const Turned& turned) const;
    [[nodiscard]] Reach path(const StringTerm& term, const Reach& speaking, const Turned& turned) const;
    [[nodiscard]] Tension tension(const StringTerm& term, const Reach& speaking, const Reach& path) const;
    [[nodiscard]] Reach springReach(const SpringTerm& term, const Turned& turned) const;
    [[nodiscard]] Moment stringMoment(const StringTerm& term, const Turned& turned) const;
    [[nodiscard]] Moment springMoment(const SpringTerm& term, const Turned& turned) const;
    [[nodiscard]] Moment assisted(double angle_rad) const;
    /// Signed pull along the spring's length: a compression spring's is negative; 0 when loose.
    [[nodiscard]] double pull_N(const SpringTerm& term, double length_m) const;

    std::array<StringTerm, maxStrings> strings_;
    std::array<SpringTerm, maxSprings> springs_;
    std::size_t stringCount_ = 0, springCount_ = 0;
    Motion motion_;
    double shaftRadius_m_;
    WeightMoment weight_;
    double extraMoment_Nm_ = 0.0;
    std::optional<CentringAssist> assist_;
};

} // namespace flenzo
