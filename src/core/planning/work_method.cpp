// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/work_method.h"

#include <algorithm>
#include <numeric>

namespace flenzo {

Order orderOf(OrderKind kind, std::size_t strings) {
    Order order(strings);
    std::iota(order.begin(), order.end(), std::size_t{0});
    if (kind == OrderKind::HighToLow)
        std::reverse(order.begin(), order.end());
    if (kind == OrderKind::OuterPairs)
        for (std::size_t k = 0; k < strings; ++k)
            order[k] = k % 2 == 0 ? k / 2 : strings - 1 - k / 2;
    return order;
}

OrderKind kindOf(const Order& order) {
    for (const OrderKind kind : {OrderKind::LowToHigh, OrderKind::HighToLow, OrderKind::OuterPairs})
        if (order == orderOf(kind, order.size()))
            return kind;
    return OrderKind::Own;
}

} // namespace flenzo
