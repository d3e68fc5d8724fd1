// SPDX-License-Identifier: GPL-3.0-or-later
// A log's beginning as straight lines about a solution of it, with all eliminated that ended there.
#include "core/estimation/equations.h"
#include "core/estimation/estimator.h"

#include <algorithm>

namespace flenzo {

std::size_t Estimate::foldedFrom() const {
    return folded ? folded->rests() - 1 : 0;
}

std::shared_ptr<const Folded> folded(const BenchJob& job, const Estimate& found) {
    const Timeline& line = found.line;
    const UnknownsLayout layout(job, line, found.foldedFrom());
    Equations equations(job, found.options, line, layout);
    equations.noise = found.noise;
    equations.setHeldFriction(found.heldFriction_Nm);
    if (found.folded)
        equations.foldIn(found.folded);
    equations.chooseContacts(found.at);
    Evaluation rows(layout);
    equations.evaluate(found.at, rows);
    if (!rows.normal.factor(Eigen::VectorXd::Constant(layout.size, 1e-12)))
        return nullptr;
    const UnknownsLayout left(job, line, line.rests.size() - 1);
    const int ended = layout.size - left.size;
    const Eigen::MatrixXd root = rows.normal.factorFrom(ended);
    rows.normal.halfSolve(rows.gradient);
    const double saved = 0.5 * rows.gradient.head(ended).squaredNorm();
    return std::make_shared<Folded>(Folded{left, found.at, rows.cost - saved, root * root.transpose(),
                                           root * rows.gradient.tail(left.size), std::move(rows.residuals),
                                           std::move(rows.strain_nats), equations.contacts, line.stretches.size(),
                                           line.claws.size(), line.gaps.size(), equations.heldFriction_Nm()});
}

void Equations::foldIn(std::shared_ptr<const Folded> beginning) {
    folded_ = std::move(beginning);
    std::copy(folded_->contacts.begin(), folded_->contacts.end(), contacts.begin());
    heldFriction_Nm_ = folded_->heldFriction_Nm;
    // Where each of its unknowns is here: by a solution whose values are their numbers.
    Unknowns numbered;
    numbered.guitar.value.setZero(layout_.giving - layout_.guitar);
    numbered.giving.value.setZero(layout_.size - layout_.giving);
    numbered.angle_rad.resize(layout_.angle.size());
    numbered.z_cents.resize(layout_.z.size());
    numbered.claw.resize(layout_.claw.size());
    numbered.strain.resize(layout_.strain.size());
    numbered = layout_.plus(numbered, Eigen::VectorXd::LinSpaced(layout_.size, 0.0, layout_.size - 1.0));
    place_ = folded_->layout.valuesOf(numbered).array().round().cast<int>();
}

/// The beginning where the solution is now: its cost is a parabola.
void Equations::addFolded(const Unknowns& at, Evaluation& out) {
    const Eigen::VectorXd by = folded_->layout.valuesOf(at) - folded_->layout.valuesOf(folded_->at);
    const Eigen::VectorXd slope = folded_->normal * by;
    for (Eigen::Index i = 0; i < place_.size(); ++i) {
        out.gradient[place_[i]] += folded_->gradient[i] + slope[i];
        for (Eigen::Index j = 0; j <= i; ++j)
            out.normal.at(std::max(place_[i], place_[j]), std::min(place_[i], place_[j])) += folded_->normal(i, j);
    }
    row_.addCost(folded_->cost + by.dot(folded_->gradient + 0.5 * slope));
    std::copy(folded_->residuals.begin(), folded_->residuals.end(), out.residuals.begin());
    std::copy(folded_->strain_nats.begin(), folded_->strain_nats.end(), out.strain_nats.begin());
}

} // namespace flenzo
