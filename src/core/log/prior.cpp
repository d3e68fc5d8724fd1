// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/prior.h"

#include <array>
#include <cmath>

namespace flenzo {

namespace {

bool isSameMake(const Wire& a, const Wire& b) {
    constexpr double same_m = 1e-7;
    return std::abs(a.gauge_m - b.gauge_m) < same_m && std::abs(a.core_m - b.core_m) < same_m;
}

} // namespace

const char* learnedName(Learned quantity) {
    constexpr std::array<const char*, learnedCount> names{"springRateShare", "initialTensionShare", "hookDepthMm",
                                                          "stringHeightMm",  "setbackMm",           "clawPlaceMm",
                                                          "clawLeadShare",   "pivotFrictionShare"};
    return names[static_cast<std::size_t>(quantity)];
}

Prior Prior::forStrings(const std::vector<RigString>& strings) const {
    Prior out;
    const Eigen::Index size = stiffnessIndex(strings.size());
    out.mean = Eigen::VectorXd::Zero(size);
    out.covariance = Eigen::MatrixXd::Identity(size, size);
    std::vector<Eigen::Index> kept; // the unknowns that stay; a string keeps its place, so they have the same numbers
    for (Eigen::Index k = 0; k < learnedCount; ++k)
        kept.push_back(k);
    for (std::size_t i = 0; i < strings.size(); ++i) {
        const Wire& wire = strings[i].wire;
        out.makes.push_back({wire.gauge_m, wire.core_m});
        if (i < makes.size() && isSameMake(makes[i], wire))
            kept.insert(kept.end(), {stiffnessIndex(i), massIndex(i)});
    }
    out.mean(kept) = mean(kept);
    out.covariance(kept, kept) = covariance(kept, kept);
    return out;
}

} // namespace flenzo
