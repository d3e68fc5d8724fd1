// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/shop/strings_sold.h"

#include "domain/base/faults.h"

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
    StringsSold sold;
    sold.items.resize(rig.strings.size());
    for (const CatalogueString& item : catalogue.strings) {
        const StockItem* lies = drawers ? inStock(*drawers, item.id) : nullptr;
        if (drawers && (!lies || lies->pieces <= 0))
            continue;
        FewPieces one;
        for (std::size_t i = 0; i < rig.strings.size(); ++i)
            if (builtAlike(item.wire, rig.strings[i].wire)) {
                one.places.emplace_back(i, sold.items[i].size());
                sold.items[i].push_back(&item);
            }
        if (lies && static_cast<qint64>(one.places.size()) > lies->pieces) {
            one.pieces = static_cast<int>(lies->pieces);
            sold.few.push_back(one);
        }
    }
    return sold;
}

Rig guitarNow(const Estimate& known) {
    Rig guitar = known.rig;
    guitar.claw.turns = known.state.claw;
    return guitar;
}

SetFigures figuresPlanned(const Job& job, const Rig& guitar) {
    return figuresOf(guitar, job.goal, job.method.order);
}

SetFigures figuresBefore(const Job& job, const Rig& guitar) {
    const OldSet old = job.oldSet();
    Goal goal = job.goal;
    if (old.wasLevel) {
        goal.angle_rad = old.angle_rad;
        goal.deckLoad_Nm = old.pressed_Nm;
    }
    return figuresOf(asItWas(guitar, old), goal, job.method.order);
}

SetWish wishOf(const FeelWish& feel, const SetFigures& before) {
    SetWish wish;
    wish.keepsBalance = feel.keepsBalance;
    wish.equalPull = feel.equalPull;
    wish.pull_N = (feel.likes ? *feel.likes : before).level.tensions_N;
    if (feel.armShare)
        wish.arm_NmPerRad = *feel.armShare * before.level.stiffness_NmPerRad;
    return wish;
}

SetProposal proposeSet(const Job& job, const Estimate& known, const Catalogue& catalogue, const FeelWish& feel,
                       const Stock* drawers) {
    SetProposal proposal;
    proposal.guitar = guitarNow(known);
    proposal.fromDrawers = drawers != nullptr;
    proposal.before = figuresBefore(job, proposal.guitar);
    proposal.wish = wishOf(feel, proposal.before);
    const StringsSold sold = stringsSoldFor(proposal.guitar, catalogue, drawers);
    const Offered offered = sold.wires();
    proposal.choice = chooseSet(proposal.guitar, job.goal, offered, proposal.wish, sold.few);
    for (std::size_t i = 0; i < proposal.choice.picks.size(); ++i)
        proposal.strings.push_back(sold.items[i][proposal.choice.picks[i]]);
    proposal.wires = wiresOf(offered, proposal.choice);
    proposal.planned = figuresPlanned(job, proposal.guitar);
    if (!proposal.wires.empty())
        proposal.chosen = figuresPlanned(job, withWires(proposal.guitar, proposal.wires));
    return proposal;
}

Fault whyNone(const SetProposal& proposal) {
    const ChosenSet& choice = proposal.choice;
    const QString name = QString::fromStdString(proposal.guitar.strings[choice.string].name);
    const QString field = QStringLiteral("strings");
    const auto percent = [](double share) { return QString::number(std::lround(100.0 * share)); };
    if (proposal.fromDrawers && (choice.status == SetStatus::NothingOffered || choice.status == SetStatus::NothingNear))
        return {faults::nothingInDrawers, field, {name}};
    switch (choice.status) {
    case SetStatus::NothingOffered:
        return {faults::nothingSoldForString, field, {name}};
    case SetStatus::NothingBears:
        return {faults::nothingSoldBears, field, {name, percent(proposal.wish.mostOfBreaking)}};
    case SetStatus::NothingNear:
        return {faults::nothingSoldNear, field, {name, percent(proposal.wish.furthestPull)}};
    case SetStatus::TooFewPieces:
        return {faults::tooFewInDrawers, field};
    default:
        return {faults::choiceTookTooLong, field};
    }
}

} // namespace flenzo
