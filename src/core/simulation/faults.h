// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/independent_guitar.h"
#include "core/simulation/trial.h"

namespace flenzo {

/// What happens at a bench during or after an honest job, that nobody types or not as it was.
struct BenchFault {
    enum class Kind {
        None,
        Slip,      ///< after it was called done one string slips by `amount` cents, and all is read again twice
        Warm,      ///< three hours later the guitar is 5 K warmer
        Night,     ///< a night later new strings have given
        ClawSign,  ///< the first turn of the claw is typed the other way
        Unwritten, ///< after the first pass the claw is turned by a quarter that nobody writes down
        Spring,    ///< one more spring goes in in mid-job
        Breaks,    ///< a string breaks, and a new one goes on
        Off,       ///< a string comes off and is put on when asked for
        Posts,     ///< the bridge posts are raised by half a millimetre
        Block      ///< a block is in from the start and nobody says so
    };
    const char* name;
    Kind kind = Kind::None;
    double amount = 0.0;
};
[[nodiscard]] const std::vector<BenchFault>& benchFaults();

/// How one such job ended.
struct FaultPlayed {
    bool stable = false;    ///< the guitar has a stable float at all
    bool done = false;      ///< it was called done
    bool wrongly = false;   ///< and was outside the tolerance named, by more than a reading may miss
    bool named = false;     ///< what happened was asked about or said in words
    int falseQuestions = 0; ///< about what was as typed
    int acts = 0;
    double turns = 0.0, minutes = 0.0; ///< peg turns a string
    double worst_cents = 0.0, plate_rad = 0.0;
    const char* rule = "";                            ///< by which it ended
    std::vector<std::pair<Question, bool>> questions; ///< and how they were answered
    std::vector<Event> log;
};

/// One guitar with one fault, played by the adviser; questions are answered with the truth.
[[nodiscard]] FaultPlayed playFault(const BenchJob& job, IndependentGuitar& guitar, const BenchFault& fault,
                                    std::uint32_t seed, const AdvisorOptions& rules = {},
                                    const EstimatorOptions& learning = {});

/// One fault over many guitars that do not share the estimator's beliefs.
struct FaultRow {
    const char* fault = "";
    int guitars = 0;
    double wrongly = 0.0, notDone = 0.0, named = 0.0, asked = 0.0; ///< shares; false questions a job
    Quantiles turns, minutes;
    std::vector<std::uint32_t> bad; ///< seeds that ended wrongly or not at all
};
/// Every fault, by `setup`'s job, tools, options, guitars and seed.
[[nodiscard]] std::vector<FaultRow> runFaults(const TrialSetup& setup, const std::vector<BenchFault>& faults);

} // namespace flenzo
