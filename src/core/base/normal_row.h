// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/skyline.h"

namespace flenzo {

/// Takes equations one by one into the cost, the Gauss-Newton matrix and the gradient: the row under way is filled with
/// `add` and closed with `finish`.
class NormalRow {
public:
    explicit NormalRow(int unknowns);
    /// Begins a new sum in these.
    void begin(Skyline& normal, Eigen::VectorXd& gradient);
    /// Adds a slope of the residual under way; an unknown below 0 does not exist.
    void add(int unknown, double slope) {
        if (unknown < 0 || slope == 0.0)
            return;
        const auto at = static_cast<std::size_t>(unknown);
        if (!isTouched_[at]) {
            isTouched_[at] = 1;
            touched_.push_back(unknown);
        }
        row_[unknown] += slope;
    }
    /// Half the residual's square is its cost.
    void finish(double residual) { finish(residual, 1.0, 0.5 * residual * residual); }
    void finish(double residual, double weight, double cost);
    /// Takes in what only costs.
    void addCost(double cost) { cost_ += cost; }
    /// The slopes added so far, which belong to no equation.
    [[nodiscard]] Eigen::VectorXd take();
    [[nodiscard]] double cost() const { return cost_; }

private:
    void clear();
    Eigen::VectorXd row_;
    std::vector<int> touched_;
    std::vector<char> isTouched_;
    Skyline* normal_ = nullptr;
    Eigen::VectorXd* gradient_ = nullptr;
    double cost_ = 0.0;
};

} // namespace flenzo
