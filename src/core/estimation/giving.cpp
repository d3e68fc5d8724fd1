// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/giving.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

GivingModel::GivingModel(const BenchJob& job, const EstimatorOptions& options, const Timeline& line,
                         const UnknownsLayout& layout)
    : job_(job), options_(options), first_(layout.giving), line_(line), wires_(line.pieces) {
    for (const Stretch& stretch : line.stretches)
        wires_[stretch.piece] = &line.rigAt(stretch.firstRest).strings[stretch.string].wire;
}

void GivingModel::set(const GivingUnknowns& by) {
    if (!by.any())
        return;
    const auto& value = by.value;
    const double usualPull = std::log(1.0 / std::min(0.9, options_.pullShare * job_.method.pullShare) - 1.0);
    share_ = {1.0 / (1.0 + std::exp(usualPull - options_.pullSpread * value[GivingUnknowns::Pull])),
              std::min(0.5, options_.creepShare * std::exp(options_.shareSpread * value[GivingUnknowns::Elsewhere])),
              std::min(0.5, options_.ownPegShare * std::exp(options_.shareSpread * value[GivingUnknowns::OwnPeg]))};
    for (std::size_t which = 0; which < share_.size(); ++which) {
        kept_[which].resize(line_.restAfter.size() + 1);
        double kept = 1.0;
        for (double& left : kept_[which]) {
            left = kept;
            kept *= 1.0 - share_[which];
        }
    }
    unsettled_m_.resize(wires_.size());
    for (std::size_t i = 0; i < unsettled_m_.size(); ++i) {
        const Wire& wire = *wires_[i];
        const double wraps = wrapsOnPost(wire, job_.method.wraps) / wrapsOnPost(wire, Wraps::Usual);
        unsettled_m_[i] =
            options_.unsettled_m * (options_.seatingShare + (1.0 - options_.seatingShare) * wraps) *
            std::exp(options_.unsettledSpread * value[GivingUnknowns::ShareCount + static_cast<Eigen::Index>(i)]);
    }
}

double GivingModel::left_m(std::size_t piece, const GivingCounts& counts) const {
    if (!any())
        return 0.0;
    const auto kept = [this](GivingUnknowns::Share which, int count) {
        return kept_[which][static_cast<std::size_t>(count)];
    };
    return unsettled_m_[piece] * kept(GivingUnknowns::Pull, counts.pulls) *
           kept(GivingUnknowns::Elsewhere, counts.elsewhere) * kept(GivingUnknowns::OwnPeg, counts.ownPeg);
}

void GivingModel::addLeft(NormalRow& row, std::size_t piece, const GivingCounts& counts, double by) const {
    if (!any())
        return;
    const double left = by * left_m(piece, counts);
    row.add(first_ + GivingUnknowns::ShareCount + static_cast<int>(piece), left * options_.unsettledSpread);
    const auto addShare = [&](GivingUnknowns::Share which, int count, double slope) {
        row.add(first_ + which, -left * count * slope / (1.0 - share_[which]));
    };
    const double pull = share_[GivingUnknowns::Pull];
    addShare(GivingUnknowns::Pull, counts.pulls, options_.pullSpread * pull * (1.0 - pull));
    addShare(GivingUnknowns::Elsewhere, counts.elsewhere, options_.shareSpread * share_[GivingUnknowns::Elsewhere]);
    addShare(GivingUnknowns::OwnPeg, counts.ownPeg, options_.shareSpread * share_[GivingUnknowns::OwnPeg]);
}

double GivingModel::usualDrop_m(const GivingCounts& counts) const {
    return options_.unsettled_m * options_.pullShare *
           std::pow(1.0 - options_.pullShare, std::max(0, counts.pulls - 1));
}

} // namespace flenzo
