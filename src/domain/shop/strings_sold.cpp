// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/shop/strings_sold.h"

#include <cmath>

namespace flenzo {

namespace {

bool builtAlike(const Wire& a, const Wire& b) {
    constexpr double same_kgpm3 = 1.0;
    return a.isWound() == b.isWound() &&
           (!a.isWound() || std::abs(a.wrapDensity_kgpm3 - b.wrapDensity_kgpm3) < same_kgpm3);
}

} // namespace

Offered StringsSold::wires() const {
    Offered offered;
    for (const auto& string : items) {
        offered.emplace_back();
        for (const CatalogueString* item : string)
            offered.back().push_back(item->wire);
    }
    return offered;
}

StringsSold stringsSoldFor(const Rig& rig, const Catalogue& catalogue, const Stock* drawers) {
    const auto isThere = [drawers](const CatalogueString& item) {
        const StockItem* lies = drawers ? inStock(*drawers, item.id) : nullptr;
        return !drawers || (lies && lies->pieces > 0);
    };
    StringsSold sold;
    for (const RigString& string : rig.strings) {
        sold.items.emplace_back();
        for (const CatalogueString& item : catalogue.strings)
            if (builtAlike(item.wire, string.wire) && isThere(item))
                sold.items.back().push_back(&item);
    }
    return sold;
}

SetFigures figuresBefore(const Job& job, const Rig& guitar) {
    const Rig before = asItWas(guitar, job.oldSet());
    Goal goal = job.goal;
    if (job.wasLevel)
        goal.angle_rad = job.oldAngle_rad;
    return figuresOf(before, goal, job.method.order);
}

SetWish wishOf(const FeelWish& feel, const SetFigures& before) {
    const SetFigures& like = feel.likes ? *feel.likes : before;
    SetWish wish;
    wish.keepsBalance = feel.keepsBalance;
    wish.equalPull = feel.equalPull;
    wish.pull_N = like.level.tensions_N;
    if (feel.armShare)
        wish.arm_NmPerRad = *feel.armShare * like.level.stiffness_NmPerRad;
    return wish;
}

} // namespace flenzo
