// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

#include <cstdint>

namespace flenzo {

/// The steps of the work, in no more than one order a job. Files keep their names (`stepName`).
enum class StepId : std::uint8_t {
    LookOver,
    AskOwner,
    OldSet,
    Checks,
    Plan,
    Tools,
    CapsOff,
    ArmOff,
    BlockIn,
    CoverOff,
    Slacken,
    CutOld,
    TakeOut,
    PresetFine,
    Dust,
    Frets,
    OilBoard,
    TightenTuners,
    LayOut,
    BallEnd,
    Seat,
    Thread,
    Wind,
    SwapString,
    RoughTune,
    BlockOut,
    Settle,
    Play,
    Relief,
    Height,
    Intonate,
    Level,
    Tune,
    Lock,
    FineTune,
    TrimTails,
    CloseUp,
    ArmIn,
    ReturnTest,
    HandOver,
    Count
};

/// The parts of a job, in the order of the work.
enum class Phase : std::uint8_t { Intake, Plan, Strip, String, Balance, Lock, HandOver, Count };

/// States that can hurt a person or the guitar.
enum class Hazard : std::uint8_t {
    TensionOn,
    BlockIn,
    CapsOff,
    InsertsOpen,
    Unsettled,
    Unlocked,
    CoverOff,
    ArmIn,
    Count
};
class Hazards {
public:
    constexpr Hazards() = default;
    constexpr Hazards(std::initializer_list<Hazard> hazards) {
        for (const Hazard hazard : hazards)
            bits_ |= bit(hazard);
    }
    [[nodiscard]] constexpr bool has(Hazard hazard) const { return (bits_ & bit(hazard)) != 0U; }
    constexpr void set(Hazard hazard, bool on) { bits_ = on ? bits_ | bit(hazard) : bits_ & ~bit(hazard); }
    constexpr void add(const Hazards& more) { bits_ |= more.bits_; }
    constexpr void remove(const Hazards& gone) { bits_ &= ~gone.bits_; }
    bool operator==(const Hazards&) const = default;

private:
    static constexpr unsigned bit(Hazard hazard) { return 1U << static_cast<unsigned>(hazard); }
    unsigned bits_ = 0;
};

/// What is fixed of a step.
struct StepSpec {
    StepId id;
    const char* name;       ///< as in files
    Phase phase;            ///< the earliest it belongs to; it never goes back to one before (`phasesOf`)
    double minutes;         ///< an assumption until a shop's own records replace it
    Hazards sets = {};      ///< begin when it is done
    Hazards clears = {};    ///< end when it is done
    bool byAdviser = false; ///< the adviser leads it, and knows what is left of it
};
[[nodiscard]] const StepSpec& specOf(StepId id);
/// Whether the step is done by reading and turning, as the adviser leads it.
[[nodiscard]] bool isBenchWork(const Job& job, StepId id);

/// One step of one job; a guitar restrung string by string has one `SwapString` for each.
struct Step {
    StepId id = StepId::LookOver;
    std::optional<std::size_t> string;
    double minutes = 0.0;
    [[nodiscard]] QString name() const; ///< "swap:3"
    bool operator==(const Step&) const = default;
};

} // namespace flenzo
