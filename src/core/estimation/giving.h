// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/normal_row.h"
#include "core/estimation/unknowns.h"

namespace flenzo {

/// How far new strings have given at every point of a log (docs/mechanics.md eq. 29): what each had to give, and what a
/// pull, an act elsewhere and an act on its own peg leave of it.
class GivingModel {
public:
    GivingModel(const BenchJob& job, const EstimatorOptions& options, const Timeline& line,
                const UnknownsLayout& layout);
    /// Works out what a log asks for thousands of times.
    void set(const GivingUnknowns& by);
    [[nodiscard]] bool any() const { return !unsettled_m_.empty(); }
    /// Wire that a piece of it still has to give (m); 0 where nobody stretches.
    [[nodiscard]] double left_m(std::size_t piece, const GivingCounts& counts) const;
    /// What the next pull lets go of it (share).
    [[nodiscard]] double pullShare() const { return any() ? share_[GivingUnknowns::Pull] : 0.0; }
    /// Of the pull that makes `counts`, a string that gives as usual: what no two pulls are alike by (m).
    [[nodiscard]] double usualDrop_m(const GivingCounts& counts) const;

    /// Adds the slopes of `by` times `left_m` by every unknown.
    void addLeft(NormalRow& row, std::size_t piece, const GivingCounts& counts, double by) const;

private:
    const BenchJob& job_;
    const EstimatorOptions& options_;
    int first_; ///< of its unknowns
    const Timeline& line_;
    std::vector<const Wire*> wires_; ///< of each piece
    std::array<double, GivingUnknowns::ShareCount> share_{};
    std::array<std::vector<double>, GivingUnknowns::ShareCount> kept_; ///< by how often: powers of what a share leaves
    std::vector<double> unsettled_m_;                                  ///< of each piece of wire, from the start
};

} // namespace flenzo
