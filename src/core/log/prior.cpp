// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/prior.h"

#include <cmath>

namespace flenzo {

StringPrior Prior::ofString(std::size_t index, const Wire& wire) const {
    constexpr double same_m = 1e-7;
    if (index < strings.size() && std::abs(strings[index].gauge_m - wire.gauge_m) < same_m &&
        std::abs(strings[index].core_m - wire.core_m) < same_m)
        return strings[index];
    return {};
}

} // namespace flenzo
