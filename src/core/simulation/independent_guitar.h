// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/bench_job.h"
#include "core/simulation/bench_guitar.h"

#include <boost/random/mersenne_twister.hpp>

namespace flenzo {

/// What makes a guitar harder than a laboratory's.
struct Hardships {
    double pivot_Nm = 0.0;       ///< that the edge holds
    double rollingEdge_m = 0.0;  ///< radius of the edge the plate rolls on
    double springsStiffen = 0.0; ///< share by which their rate grows for a metre drawn
    double stringsStiffen = 0.0; ///< of their modulus by strain (negative: soften)
    double nutHolds_cents = 0.0; ///< most that a nut holds a string back
    bool stringsGive = false;    ///< new strings let go while one works
    double springsUnlike = 0.0;  ///< share by which one spring's rate differs from the next one's
    double neckGives_mpN = 0.0;  ///< by which the neck comes up for what the strings pull
    double oldLevel_rad = 0.0;   ///< by which the old set was not quite level
    double outliers = 0.0;       ///< share of all readings that miss three times as far
};

/// How the shop reads and turns (standard deviations), and what it types.
struct BenchTools {
    double tuner_cents = 0.5, gap_m = 4e-5, angle_rad = 0.0, peg_cents = 0.8; ///< `angle_rad` above 0: no gap, a look
    double tunerStep_cents = 0.1, gapStep_m = 1e-5, angleStep_rad = 0.0;
    /// As the job tells them.
    [[nodiscard]] Tools told() const;
    /// Worse than that by a factor, the same steps.
    [[nodiscard]] BenchTools worse(double by) const;
};

/// A guitar of another model than the program's, written without its mechanics: lengths by distance, moments by
/// differences, rests by bisection. Knife edges with springs at a claw, on stops and with a stabiliser too, and roller
/// shafts over a spring. The adviser is tried on it.
class IndependentGuitar : public BenchGuitar {
public:
    /// `job` says what it was made to be; every part differs from that by its own amount.
    IndependentGuitar(const BenchJob& job, const Hardships& hard, const BenchTools& tools, std::uint32_t seed);

    Event perform(const NextAct& act) override;
    /// Knows of blocks and of the nut.
    void follow(const Event& event) override;
    [[nodiscard]] double reading_cents(std::size_t string) const override;
    [[nodiscard]] double angle_rad() const override { return angle_; }
    // What happens to it, asked for or not.
    void slip(std::size_t string, double cents);
    void warm(double strain); ///< strings grow by this share against the guitar
    void giveOverNight();     ///< each string 2 to 7 cents
    void turnClaw(double turns);
    void changeSprings(const std::vector<Spring>& springs); ///< those that stay are what they were
    void takeOff(std::size_t string);
    void putOn(std::size_t string); ///< a new one of the same wire
    void raisePosts(double by_m);
    void hold(std::optional<double> angle_rad); ///< on a block

    /// With every string at pitch the plate hovers where it is wanted at some claw position.
    [[nodiscard]] bool floatsInTune() const;

private:
    struct String {
        double stiffness_N, mass_kgpm, tail_m, height_m, back_m, target_Hz, unstretchedLength_m = 0.0;
        double held_cents = 0.0, mostHeld_cents = 0.0;
        double gives_m = 0.0, pullShare = 0.0, creepShare = 0.0;
        double drop_m = 0.0; ///< by which its nut lies lower
    };
    struct OneSpring {
        double rate_Npm, initial_N;
    };
    [[nodiscard]] double length(const String& string, double angle) const; ///< of the speaking part
    [[nodiscard]] double path(const String& string, double angle) const;
    [[nodiscard]] double pull(const String& string, double angle) const;
    [[nodiscard]] double pitch(const String& string, double angle) const;
    [[nodiscard]] double restFor(String string, double wanted_Hz, double angle) const;
    [[nodiscard]] double springMoment(double angle) const;
    [[nodiscard]] double moment(double angle) const;
    [[nodiscard]] double momentInTune(double angle) const;
    [[nodiscard]] double restOf(double preload_Nm) const;
    void comeToRest();
    void comeToRestOnce();
    void tune(std::size_t string, double wanted_cents);
    void letGive(std::size_t own, bool ownPeg);
    void string(std::size_t number, const RigString& made);
    void balanceOldSet(const BenchJob& job);
    double noise(double deviation);
    double misread(double deviation);
    double typed_cents(std::size_t string);
    void clampNut();

    boost::random::mt19937 random_;
    std::optional<double> held_; ///< angle at which a block keeps the plate
    Hardships hard_;
    BenchTools tools_;
    Rig made_; ///< what it was made to be
    std::vector<String> strings_;
    std::vector<OneSpring> springs_;
    double scale_, rateShare_ = 1.0, initialShare_ = 1.0, hook_ = 0.0, lead_ = 0.0, weight_Nm_ = 0.0;
    double shaft_ = 0.0, lever_ = 0.0, higher_m_ = 0.0, further_m_ = 0.0, neck_m_ = 0.0;
    double rearEdge_ = 0.0, rearGap_ = 0.0, drawn0_ = 0.0, claw_ = 0.0, angle_ = 0.0, pivot_Nm_ = 0.0;
};

} // namespace flenzo
