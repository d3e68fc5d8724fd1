// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/act.h"
#include "core/decision/rule_options.h"
#include "core/estimation/estimator.h"
#include "core/log/counts.h"

#include <array>

namespace flenzo {

/// Where plate and strings are believed to be, from their targets, and how surely: what a way to go on is weighed by.
struct Belief {
    double plate_rad = 0.0;
    Eigen::VectorXd z_cents;    ///< with the plate at its target
    Eigen::MatrixXd covariance; ///< of the plate's angle and what every string reads
};

/// One way to go on near the goal: pegs, then perhaps the claw, and what is then expected (docs/mechanics.md eq. 30).
struct PegPlan {
    unsigned set = 0;                            ///< strings to turn, by bit
    double clawTurns = 0.0;                      ///< of both screws' mean
    double offset_cents = 0.0;                   ///< by which the strings turned are left from pitch together
    double plate_rad = 0.0;                      ///< where the plate then rests, from its target
    double price_s = 0.0;                        ///< hands' seconds, now and for what is then likely to be missed
    double odds = 0.0;                           ///< that strings and plate all end inside
    double worst = 0.0;                          ///< largest odds of any of them to be outside
    std::array<float, maxStrings + 1> outside{}; ///< of every string, then the plate
    [[nodiscard]] bool leaves() const { return set == 0 && clawTurns == 0.0; }
};

/// Everything the rules look at, worked out once.
struct Situation {
    Situation(const BenchJob& job, const Estimate& guitar, const AdvisorOptions& options);

    const BenchJob& job;
    const Estimate& guitar;
    const AdvisorOptions& options;
    std::size_t strings;
    Goal goal;   ///< the job's, less the strings that stay off
    Rig nominal; ///< as it is now, with the pitches that are wanted while the nut is as it is
    Rig rig;     ///< the same as learned
    State state; ///< where the guitar is: as believed, or as it was read where that is told otherwise twice
    double cancelled_Nm = 0.0;          ///< moment that the model has left over there
    std::vector<double> readings_cents; ///< from the pitch that is wanted now, as all readings here
    LevelSolution level;                ///< at the goal, from the claw as it is
    ClawStepPolicy hand;
    bool mayFloat = false; ///< a stable float exists, or may for all that is known

    // What is wanted, as far as the tools can tell.
    double pegDeviation_cents = 0.0, pitchTolerance_cents = 0.0, plateTolerance_rad = 0.0;
    bool plateCounts = false; ///< it floats, and somebody can tell where the plate is

    // What was read at this rest.
    struct Readings {
        int count = 0;
        double last = 0.0, lastTwo = 0.0, mean = 0.0; ///< cents or radians; the middle one is a mean
        void add(double value) {
            lastTwo = count > 0 ? 0.5 * (last + value) : value;
            last = value;
            mean += (value - mean) / ++count;
        }
    };
    std::vector<Readings> read;
    Readings plateRead;
    double tuner_cents, look_rad; ///< deviations of one reading, as told, half more at most
    bool fromBench = false;       ///< two readings agree on something else than is believed: they are right
    /// What the readings of one thing at this rest must come to before it may be called done.
    struct Gate {
        const Readings& made;
        double wanted, tolerance, deviation, deviations; ///< deviation of one reading, and how many it may be beyond
        int mostReads;                                   ///< after which what is still not inside is outside
        /// The last two are of one thing.
        [[nodiscard]] bool agree() const;
        /// They agree, and the last, the last two and all of them are inside.
        [[nodiscard]] bool isOpen() const;
        /// Readings that agree keep it shut.
        [[nodiscard]] bool isShutForGood() const;
        /// Nothing agrees yet on either.
        [[nodiscard]] bool wantsOneMore() const;

    private:
        [[nodiscard]] bool lets(double value, int readings) const;
    };
    /// Of every string, then of the plate.
    [[nodiscard]] Gate gateOf(std::size_t which) const;
    [[nodiscard]] std::vector<std::size_t> gates() const; ///< all that must be open: strings, and last the plate
    [[nodiscard]] bool gateIsOpen() const;
    [[nodiscard]] std::vector<std::size_t> readOnceMore() const; ///< strings, and last the plate
    /// Readings scatter by more than twice what the tools were told to.
    [[nodiscard]] bool toolsScatter() const;
    [[nodiscard]] std::optional<Question> question() const;
    [[nodiscard]] std::optional<std::size_t> missingString() const; ///< off, and nobody said that it stays off

    // Where it is (linear around the target).
    double home_rad = 0.0; ///< where the plate will be: its goal, or where this claw or spring lets it rest in tune
                           ///< or, before the nut is locked, where it goes from to its goal
    Belief belief;
    Eigen::VectorXd zDeviation_cents;
    Eigen::VectorXd centsPerRad; ///< of every string at its pitch, with the plate at its target
    Eigen::VectorXd momentPerCent_Nm;
    Eigen::VectorXd pull_N, mostPull_N; ///< what every string pulls, and no act may bring it beyond
    double stiffness_NmPerRad = 1.0;
    double momentPerTurn_Nm = 0.0;
    double friction_Nm = 0.0, deadBand_rad = 0.0; ///< what the pivot can hold
    double carried_Nm = 0.0;                      ///< and what it holds now

    // What has been done.
    bool allEverRead = false, plateEverRead = false;
    std::vector<int> reads; ///< of each string, then the plate, at this rest, made for their own sake
    int plateReads = 0;
    int fullReads = 0;        ///< of everything that can be read, at this rest
    bool afterClaw = false;   ///< at this rest, and not all has been read since
    bool afterChange = false; ///< the same after springs, posts, a string, or who knows what
    double turnedSinceRead = 0.0;
    std::vector<std::size_t> tuned; ///< in the pass under way
    Counts spent;                   ///< since something last happened to the guitar, or from the start
    int farClawVisits = 0;          ///< before the first pass was full
    bool clawTurnedBack = false;
    /// What the tuner is to say of a string in the end, as the nut is now.
    [[nodiscard]] double wanted_cents(std::size_t string) const {
        return state.nutLocked || string >= goal.lead_cents.size() ? 0.0 : goal.lead_cents[string];
    }
    [[nodiscard]] bool isOn(std::size_t string) const { return state.unstretchedLength_m[string] > 0.0; }
    [[nodiscard]] bool allReadHere() const { return fullReads > 0; }
    [[nodiscard]] bool isTuned(std::size_t string) const;
    /// Some string misses its pitch plainly wherever the plate is within its tolerance.
    [[nodiscard]] bool isFar() const;
    /// All strings sound near enough to pitch that pulling or judging them means something.
    [[nodiscard]] bool nearPitch() const;
    /// Strings, and last the plate, that may be outside or not and have not been read as often as they may.
    [[nodiscard]] std::vector<std::size_t> worthReading() const;
    /// What leaving everything as it is comes to, and the cheapest way to go on. Worked out when first asked.
    [[nodiscard]] const PegPlan& leaving() const;
    [[nodiscard]] const PegPlan& cheapest() const;
    /// The strings that a way turns, in the shop's order, and the z to leave one of them at.
    [[nodiscard]] std::vector<std::size_t> pegsOf(const PegPlan& plan) const;
    [[nodiscard]] double target_cents(const PegPlan& plan, std::size_t string) const {
        return plan.offset_cents - centsPerRad[static_cast<Eigen::Index>(string)] * plan.plate_rad;
    }
    /// What is best next: the cheapest way, or first to read what has not been read here or may well be outside, where
    /// what that is expected to change is worth its seconds.
    enum class Way { Leave, Act, Read };
    [[nodiscard]] Way way() const;

private:
    mutable std::optional<PegPlan> leaving_, cheapest_;
    mutable std::optional<Way> way_;
    [[nodiscard]] std::size_t lastHappened() const;
    void gather();
    void believeBench();
    void look();
    void findHome();
    void count();
    void judgeFloat();
};

} // namespace flenzo
