// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/adviser.h"

#include <algorithm>
#include <cmath>
#include <random>

namespace flenzo::testing {

/// A guitar of another model than the program's: what a checker who never saw the core would write. The plate turns on
/// a round edge, springs stiffen as they are drawn, wound strings stiffen a little with pull, pegs have backlash, the
/// pivot sticks, and every part differs from the nominal rig by its own amount. Only readings come out of it.
class Stranger {
public:
    Stranger(const BenchJob& job, std::uint32_t seed) : dice_(seed), scale_(job.rig.strings.front().scale_m) {
        std::normal_distribution<double> normal;
        const auto about = [&](double value, double share) {
            return value * (1.0 + share * std::clamp(normal(dice_), -2.0, 2.0));
        };
        for (const RigString& string : job.rig.strings) {
            String made;
            const double area_m2 = string.wire.isWound() ? string.wire.core_m * string.wire.core_m
                                                         : string.wire.gauge_m * string.wire.gauge_m;
            made.stiffness_N = about(0.785 * area_m2 * 2.0e11, 0.03);
            made.mass_kgpm = unitMass_kgpm(string.wire);
            made.tail_m = string.nutTail_m + string.saddleTail_m;
            made.arm_m = about(string.saddle_m.y(), 0.03);
            made.back_m = string.saddle_m.x();
            made.target_Hz = string.target_Hz;
            strings_.push_back(made);
        }
        rate_ = about(job.rig.springs.front().rate_Npm, 0.12);
        initial_ = about(job.rig.springs.front().initial_N, 0.2);
        springs_ = static_cast<double>(job.rig.springs.size());
        hook_ = about(-job.rig.springs.front().hook_m.y(), 0.02);
        lead_ = about(job.rig.claw.lead_m, 0.04);
        rearEdge_ = job.rig.bridge.rearEdge_m;
        rearGap_ = job.rig.bridge.rearGap_m;
        balanceOldSet(job);
        for (String& string : strings_)
            string.rest_m = restFor(string, string.target_Hz * std::exp2(-300.0 / 1200.0), 0.0);
        settle();
    }

    [[nodiscard]] double reading_cents(std::size_t i) const {
        return 1200.0 * std::log2(pitch(strings_[i], angle_) / strings_[i].target_Hz);
    }
    [[nodiscard]] double angle_rad() const { return angle_; }

    /// Does what is asked and reads it off with a shaky hand.
    Event answer(const NextAct& act) {
        std::normal_distribution<double> normal;
        Event event;
        if (act.what == NextAct::Do::Tune) {
            const double heard = act.aim.cents + 0.8 * std::clamp(normal(dice_), -2.5, 2.5);
            tune(act.aim.string, heard);
            return Event::tuned(act.aim.string, std::round(10.0 * (heard + 0.4 * normal(dice_))) / 10.0);
        }
        if (act.what == NextAct::Do::Claw) {
            claw_ += act.turns.mean() * (1.0 + 0.03 * normal(dice_));
            settle();
            return Event::claw(act.turns);
        }
        for (const std::size_t string : act.strings)
            event.readings_cents.emplace_back(string,
                                              std::round(10.0 * (reading_cents(string) + 0.5 * normal(dice_))) / 10.0);
        if (act.gap)
            event.gap_m = std::max(0.0, rearGap_ + rearEdge_ * std::sin(angle_) + 4e-5 * normal(dice_));
        return event;
    }

private:
    struct String {
        double stiffness_N, mass_kgpm, tail_m, arm_m, back_m, target_Hz, rest_m = 0.0;
    };

    /// From the nut to a saddle carried by a plate that rolls on an edge of 0.4 mm.
    [[nodiscard]] double length(const String& s, double angle) const {
        constexpr double edge_m = 0.0004;
        const double forward =
            -edge_m * std::sin(angle) + s.back_m * (std::cos(angle) - 1.0) + s.arm_m * std::sin(angle);
        const double up = s.arm_m * (std::cos(angle) - 1.0) - s.back_m * std::sin(angle);
        return std::hypot(scale_ - forward, up);
    }
    [[nodiscard]] double pull(const String& s, double angle) const {
        const double strain = (length(s, angle) + s.tail_m) / s.rest_m - 1.0;
        return strain > 0.0 ? s.stiffness_N * strain * (1.0 + 2.0 * strain) : 0.0;
    }
    [[nodiscard]] double pitch(const String& s, double angle) const {
        return std::sqrt(std::max(1e-3, pull(s, angle)) / s.mass_kgpm) / (2.0 * length(s, angle));
    }
    [[nodiscard]] double restFor(String s, double wanted_Hz, double angle) const {
        double low = 0.9 * (scale_ + s.tail_m), high = scale_ + s.tail_m;
        for (int k = 0; k < 60; ++k) {
            s.rest_m = 0.5 * (low + high);
            (pitch(s, angle) > wanted_Hz ? low : high) = s.rest_m;
        }
        return s.rest_m;
    }
    [[nodiscard]] double springPull(double angle, double claw) const {
        const double drawn = drawn0_ + hook_ * std::sin(angle) + lead_ * claw;
        return drawn > 0.0 ? springs_ * (initial_ + rate_ * drawn * (1.0 + 3.0 * drawn)) : 0.0;
    }
    /// Positive tips the plate forward.
    [[nodiscard]] double moment(double angle) const {
        constexpr double step = 1e-5;
        double sum = -springPull(angle, claw_) * hook_ * std::cos(angle) - 0.018 * std::cos(angle);
        for (const String& s : strings_)
            sum -= pull(s, angle) * (length(s, angle + step) - length(s, angle - step)) / (2.0 * step);
        return sum;
    }
    /// Comes to rest, but for what the pivot holds.
    void settle() {
        constexpr double sticks_Nm = 0.0015;
        double low = -0.12, high = 0.24;
        for (int k = 0; k < 60; ++k) {
            const double middle = 0.5 * (low + high);
            (moment(middle) > 0.0 ? low : high) = middle;
        }
        const double rest = 0.5 * (low + high), stiff = std::abs(moment(rest + 1e-4) - moment(rest - 1e-4)) / 2e-4;
        const double held = sticks_Nm / std::max(1.0, stiff);
        angle_ = std::clamp(angle_, rest - held, rest + held);
    }
    void tune(std::size_t i, double wanted_cents) {
        for (int k = 0; k < 25; ++k) {
            strings_[i].rest_m = restFor(strings_[i], strings_[i].target_Hz * std::exp2(wanted_cents / 1200.0), angle_);
            settle();
        }
    }
    /// With the set that comes off at pitch the plate stood level at the claw as it was.
    void balanceOldSet(const BenchJob& job) {
        double strings_Nm = 0.0;
        for (std::size_t i = 0; i < strings_.size(); ++i) {
            String old = strings_[i];
            const Wire& wire = job.old.strings[i].wire;
            old.mass_kgpm = unitMass_kgpm(wire);
            const double pull_N =
                4.0 * scale_ * scale_ * old.mass_kgpm * job.old.strings[i].target_Hz * job.old.strings[i].target_Hz;
            strings_Nm += pull_N * old.arm_m;
        }
        const double wanted_N = (strings_Nm - 0.018) / hook_ / springs_ - initial_;
        double low = 0.0, high = 0.2;
        for (int k = 0; k < 80; ++k) {
            const double drawn = 0.5 * (low + high);
            (rate_ * drawn * (1.0 + 3.0 * drawn) < wanted_N ? low : high) = drawn;
        }
        claw_ = job.rig.claw.turns.mean();
        drawn0_ = 0.5 * (low + high) - lead_ * claw_;
    }

    std::mt19937 dice_;
    std::vector<String> strings_;
    double scale_, rate_ = 0.0, initial_ = 0.0, springs_ = 0.0, hook_ = 0.0, lead_ = 0.0;
    double rearEdge_ = 0.0, rearGap_ = 0.0, drawn0_ = 0.0, claw_ = 0.0, angle_ = 0.0;
};

} // namespace flenzo::testing
