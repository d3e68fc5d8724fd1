// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/random_stream.h"
#include "core/log/bench_job.h"
#include "core/planning/uncertainty.h"
#include "core/practice/practice_act.h"

namespace flenzo {

/// How coarse the tools are and what sticks and gives on a guitar to practise on (standard deviations, steps).
struct PracticeConditions {
    UncertaintyModel spread; ///< of its parts, and the hand at the claw
    double pivot_Nm = 0.006; ///< that the edge holds
    double tuner_cents = 0.4, tunerStep_cents = 0.5, peg_cents = 0.9;
    double gap_m = 5e-5, gapStep_m = 5e-5;
    double eye_rad = 0.003;    ///< by which a look from the side errs
    double creepShare = 0.03;  ///< of what a new string has to give, let go with every act
    bool newStrings = true;    ///< they settle
    double pegTurn_m = 0.0011; ///< wire that one turn of a peg winds up
};

/// What an act showed.
struct PracticeSight {
    std::optional<Event> event;      ///< as it goes into a log; nothing where a log has no word for it
    std::optional<double> angle_rad; ///< of a look: for a picture, not as a figure
    std::optional<double> gauge_m;   ///< of a caliper
    std::optional<ClawTurns> claw;   ///< of an inspection: how far each screw is in, from where the springs just hold
    std::optional<int> springs;      ///< hooked on
    bool blocked = false;            ///< something is under the plate
};

/// A guitar for practice: the program's mechanics with hidden springs, a pivot that sticks, strings that settle, noise
/// of hand and tools, and one fault. Same acts and seed, same guitar. Not all of its faults obey one model: what slips
/// or hangs is an offset that its cause switches on, sized as a bench knows it (assumptions).
class PracticeGuitar {
public:
    PracticeGuitar(const BenchJob& job, const PracticeConditions& conditions, Defect fault, std::size_t string,
                   std::uint32_t seed);
    PracticeSight perform(const PracticeAct& act);
    /// The fault found and mended: strings that were wrong are put on anew, slack.
    void mend();

    [[nodiscard]] Defect fault() const { return fault_; }
    [[nodiscard]] std::size_t faultString() const { return faultString_; }
    // The truth, which nobody at the bench sees.
    [[nodiscard]] const Rig& rig() const { return rig_; }
    [[nodiscard]] const State& state() const { return state_; }
    [[nodiscard]] double reading_cents(std::size_t string) const;
    [[nodiscard]] bool isSettled(double within_cents) const;
    /// A string's pull as a share of that at pitch, and of that at which it breaks.
    [[nodiscard]] double pullShare(std::size_t string) const;
    [[nodiscard]] double breakingShare(std::size_t string) const;

private:
    void spoil();
    void tune(std::size_t string, double wanted_cents, RandomStream& noise);
    void comeToRest(double from_rad, bool remembers = true);
    void lengthen(std::size_t string, double by_m);
    void swing(double to_rad, bool down);
    void give(const PracticeAct& act);
    void slip(const PracticeAct& act, RandomStream& noise);
    [[nodiscard]] bool isPair(std::size_t string) const;
    void look(const PracticeAct& act, PracticeSight& out, RandomStream& noise) const;
    [[nodiscard]] double read_cents(std::size_t string, RandomStream& noise) const;
    std::optional<Event> work(const PracticeAct& act, RandomStream& noise);

    PracticeConditions conditions_;
    Rig rig_, nominal_;
    State state_;
    std::vector<double> unsettled_m_, hangs_cents_;
    double pullShare_ = 0.5;
    Defect fault_;
    std::size_t faultString_;
    std::uint32_t seed_, acts_ = 0;
};

} // namespace flenzo
