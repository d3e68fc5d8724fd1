// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/bench_job.h"

namespace flenzo {

/// Where each unknown of one job stands in the vector.
struct LearnedLayout {
    explicit LearnedLayout(const BenchJob& job);
    Eigen::Index strings = 0;
    std::vector<std::size_t> clawEvents; ///< indices into the log
    [[nodiscard]] Eigen::Index stiffness(std::size_t string) const {
        return learnedCount + static_cast<Eigen::Index>(string);
    }
    [[nodiscard]] Eigen::Index hand(std::size_t visit) const {
        return learnedCount + strings + static_cast<Eigen::Index>(visit);
    }
    [[nodiscard]] Eigen::Index size() const {
        return learnedCount + strings + static_cast<Eigen::Index>(clawEvents.size());
    }
};

/// A vector of an earlier state of the same log: visits to the claw since then count as turned as counted.
[[nodiscard]] Eigen::VectorXd extended(const Eigen::VectorXd& known, const LearnedLayout& layout);

/// The physical size of one prior standard deviation of a quantity: shares, metres, turns.
[[nodiscard]] double priorDeviation(const BenchJob& job, Learned quantity);
[[nodiscard]] const char* learnedName(Learned quantity); ///< as in the output of the command line

/// The nominal rig, its old set, and the log with the claw turned as it really was, all corrected by a vector.
[[nodiscard]] Rig corrected(const BenchJob& job, const Eigen::VectorXd& by);
[[nodiscard]] OldSet correctedOld(const BenchJob& job, const Eigen::VectorXd& by);
[[nodiscard]] std::vector<Event> correctedLog(const BenchJob& job, const LearnedLayout& layout,
                                              const Eigen::VectorXd& by);
/// The same in place, on a copy of the job's log.
void correctClaw(std::vector<Event>& log, const BenchJob& job, const LearnedLayout& layout, const Eigen::VectorXd& by);

} // namespace flenzo
