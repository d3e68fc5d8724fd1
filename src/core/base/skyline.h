// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <vector>

namespace flenzo {

/// A symmetric positive matrix of which every row is stored from its first entry to the diagonal. A log gives short
/// rows (an unknown meets only its neighbours in time) and a few long ones (the guitar), and Cholesky's factor keeps to
/// the same places (docs/decisions/0005-skyline.md).
class Skyline {
public:
    /// `first[i]` is the first column of row i that may be filled.
    explicit Skyline(std::vector<int> first);
    Skyline(const Skyline&) = delete; // rows point into the values, which a move takes along
    Skyline& operator=(const Skyline&) = delete;
    Skyline(Skyline&&) = default;
    Skyline& operator=(Skyline&&) = default;
    ~Skyline() = default;
    void setZero();
    double& at(int row, int column) { return row_[static_cast<std::size_t>(row)][column]; }
    [[nodiscard]] int size() const { return static_cast<int>(first_.size()); }
    /// L with L L' = this + diag(extra); false where it is not positive.
    [[nodiscard]] bool factor(const Eigen::VectorXd& extra);
    /// L^-1 times a column, in place: its square is the variance of that combination of unknowns.
    void halfSolve(Eigen::Ref<Eigen::VectorXd> right) const;
    /// Standard deviation of one unknown by the last factor.
    [[nodiscard]] double deviation(int unknown) const;
    /// Solves with the last factor, in place.
    void solve(Eigen::Ref<Eigen::VectorXd> right) const;
    [[nodiscard]] Eigen::VectorXd diagonal() const;
    /// The last factor's rows and columns from one on: it is that of the matrix with what went before eliminated.
    [[nodiscard]] Eigen::MatrixXd factorFrom(int begin) const;

private:
    std::vector<int> first_;
    std::vector<double> values_, factor_;
    std::vector<double*> row_, factorRow_; ///< so that row_[i][j] is entry (i, j)
};

} // namespace flenzo
