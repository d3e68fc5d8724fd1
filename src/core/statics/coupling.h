// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/state.h"

#include <Eigen/Core>
#include <cstddef>
#include <vector>

namespace flenzo {

/// The order in which a pass goes over the strings: indices in document order, each at most once.
using Order = std::vector<std::size_t>;

/// C(j, i): cents that string j moves when peg i is turned until string i itself reads one cent sharper (eq. 19).
/// `state` must be at rest, every string sounding. A bridge that a stop, block or assist holds couples nothing.
[[nodiscard]] Eigen::MatrixXd coupling(const Rig& rig, const State& state);

/// Spectral radius of one pass in `order`: the share of the error that survives it (eq. 20). 0 for fewer than two
/// strings.
[[nodiscard]] double passFactor(const Eigen::MatrixXd& coupling, const Order& order);

} // namespace flenzo
