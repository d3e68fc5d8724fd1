// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/normal_row.h"

#include <algorithm>

namespace flenzo {

NormalRow::NormalRow(int unknowns)
    : row_(Eigen::VectorXd::Zero(unknowns)), isTouched_(static_cast<std::size_t>(unknowns), 0) {}

void NormalRow::begin(Skyline& normal, Eigen::VectorXd& gradient) {
    normal_ = &normal;
    gradient_ = &gradient;
    cost_ = 0.0;
    normal.setZero();
    gradient.setZero(row_.size());
}

void NormalRow::finish(double residual, double weight, double cost) {
    cost_ += cost;
    for (std::size_t i = 0; i < touched_.size(); ++i) {
        const int a = touched_[i];
        const double by = weight * row_[a];
        (*gradient_)[a] += by * residual;
        for (std::size_t j = 0; j <= i; ++j) {
            const int b = touched_[j];
            normal_->at(std::max(a, b), std::min(a, b)) += by * row_[b];
        }
    }
    clear();
}

Eigen::VectorXd NormalRow::take() {
    Eigen::VectorXd out = row_;
    clear();
    return out;
}

void NormalRow::clear() {
    for (const int at : touched_) {
        row_[at] = 0.0;
        isTouched_[static_cast<std::size_t>(at)] = 0;
    }
    touched_.clear();
}

} // namespace flenzo
