// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/skyline.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

Skyline::Skyline(std::vector<int> first) : first_(std::move(first)) {
    std::ptrdiff_t total = 0;
    for (std::size_t i = 0; i < first_.size(); ++i)
        total += static_cast<std::ptrdiff_t>(i) - first_[i] + 1;
    values_.resize(static_cast<std::size_t>(total));
    factor_.resize(values_.size());
    row_.resize(first_.size());
    factorRow_.resize(first_.size());
    std::ptrdiff_t begin = 0;
    for (std::size_t i = 0; i < first_.size(); ++i) {
        row_[i] = values_.data() + begin - first_[i];
        factorRow_[i] = factor_.data() + begin - first_[i];
        begin += static_cast<std::ptrdiff_t>(i) - first_[i] + 1;
    }
}

void Skyline::setZero() {
    std::fill(values_.begin(), values_.end(), 0.0);
}

bool Skyline::factor(const Eigen::VectorXd& extra) {
    for (int i = 0; i < size(); ++i) {
        const auto row = static_cast<std::size_t>(i);
        double* l = factorRow_[row];
        for (int j = first_[row]; j <= i; ++j) {
            const auto column = static_cast<std::size_t>(j);
            const double* other = factorRow_[column];
            const int from = std::max(first_[row], first_[column]);
            double sum = row_[row][j];
            if (j > from)
                sum -= Eigen::Map<const Eigen::VectorXd>(l + from, j - from)
                           .dot(Eigen::Map<const Eigen::VectorXd>(other + from, j - from));
            if (j < i) {
                l[j] = sum / other[j];
                continue;
            }
            sum += extra[i];
            if (!(sum > 0.0))
                return false;
            l[i] = std::sqrt(sum);
        }
    }
    return true;
}

void Skyline::halfSolve(Eigen::Ref<Eigen::VectorXd> right) const {
    int begin = 0;
    while (begin < size() && right[begin] == 0.0)
        ++begin;
    for (int i = begin; i < size(); ++i) {
        const auto row = static_cast<std::size_t>(i);
        const int from = std::max(begin, first_[row]);
        if (i > from)
            right[i] -=
                Eigen::Map<const Eigen::VectorXd>(factorRow_[row] + from, i - from).dot(right.segment(from, i - from));
        right[i] /= factorRow_[row][i];
    }
}

void Skyline::solve(Eigen::Ref<Eigen::VectorXd> right) const {
    halfSolve(right);
    for (int i = size() - 1; i >= 0; --i) {
        const auto row = static_cast<std::size_t>(i);
        const int from = first_[row];
        right[i] /= factorRow_[row][i];
        if (i > from)
            right.segment(from, i - from) -=
                right[i] * Eigen::Map<const Eigen::VectorXd>(factorRow_[row] + from, i - from);
    }
}

double Skyline::deviation(int unknown) const {
    Eigen::VectorXd unit = Eigen::VectorXd::Unit(size(), unknown);
    halfSolve(unit);
    return unit.norm();
}

Eigen::MatrixXd Skyline::factorFrom(int begin) const {
    Eigen::MatrixXd out = Eigen::MatrixXd::Zero(size() - begin, size() - begin);
    for (int i = begin; i < size(); ++i)
        for (int j = std::max(begin, first_[static_cast<std::size_t>(i)]); j <= i; ++j)
            out(i - begin, j - begin) = factorRow_[static_cast<std::size_t>(i)][j];
    return out;
}

Eigen::VectorXd Skyline::diagonal() const {
    Eigen::VectorXd out(size());
    for (int i = 0; i < size(); ++i)
        out[i] = row_[static_cast<std::size_t>(i)][i];
    return out;
}

} // namespace flenzo
