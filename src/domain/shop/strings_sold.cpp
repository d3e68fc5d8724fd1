// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/shop/strings_sold.h"

#include "core/planning/spring_choice.h"
#include "domain/base/faults.h"
#include "domain/job/edits.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace flenzo {

namespace {

bool builtAlike(const Wire& a, const Wire& b) {
    constexpr double same_kgpm3 = 1.0;
    return a.isWound() == b.isWound() &&
           (!a.isWound() || std::abs(a.wrapDensity_kgpm3 - b.wrapDensity_kgpm3) < same_kgpm3);
}

// What speaks against other springs, and against a guitar that does not come to rest, as distances from a wish.
constexpr double otherSprings = 0.004, doesNotRest = 100.0;

/// A set of which at least one lies in the drawers.
struct ReadySet {
    std::vector<const CatalogueString*> strings;
    std::vector<Wire> wires;
};

std::vector<ReadySet> setsInDrawers(const Job& job, const Catalogue& catalogue, const Stock& drawers) {
    std::vector<ReadySet> ready;
    for (const CatalogueSet* set : catalogue.setsFor(job.rig.strings.size())) {
        const StockItem* lies = inStock(drawers, setItemOf(set->name));
        if (!lies || lies->pieces <= 0)
            continue;
        ReadySet one;
        for (const QString& id : set->items)
            if (const CatalogueString* string = catalogue.stringById(id)) {
                one.strings.push_back(string);
                one.wires.push_back(string->wire);
            }
        if (one.wires.size() == job.rig.strings.size())
            ready.push_back(std::move(one));
    }
    return ready;
}

/// The nearest set on these springs.
SetProposal triedWith(const Job& job, SetProposal proposal, const SpringWay& way, const StringsSold& sold,
                      const std::vector<ReadySet>& ready) {
    Rig rig = withSprings(proposal.guitar, way);
    SetWish wish = proposal.wish;
    const bool shaft = rig.bridge.has().moves() && !hasClaw(rig);
    if (shaft && way.rateShare != 1.0)
        wish.keepsBalance = false; // it is packed to rest where it should
    // Where the claw may be turned, the sums are made about where it will be.
    if (const LevelSolution level = levelSolution(rig, bareState(rig), job.goal);
        !wish.keepsBalance && level.balanced())
        rig.claw.turns = level.state.claw;
    const Offered offered = sold.wires();
    proposal.springs = way;
    proposal.choice = chooseSet(rig, job.goal, offered, wish, sold.few);
    for (std::size_t i = 0; i < proposal.choice.picks.size(); ++i)
        proposal.strings.push_back(sold.items[i][proposal.choice.picks[i]]);
    proposal.wires = wiresOf(offered, proposal.choice);
    double cost = proposal.wires.empty() ? std::numeric_limits<double>::infinity() : proposal.choice.cost;
    for (const ReadySet& set : ready)
        if (const double distance = distanceFromWish(rig, job.goal, set.wires, wish); distance < cost) {
            cost = distance;
            proposal.choice = ChosenSet();
            proposal.choice.status = SetStatus::Best;
            proposal.choice.cost = proposal.choice.bound = cost;
            proposal.strings = set.strings;
            proposal.wires = set.wires;
        }
    if (proposal.wires.empty())
        return proposal;
    rig = withWires(rig, proposal.wires);
    if (shaft && way.rateShare != 1.0)
        proposal.packing_m = shimForAngle_m(rig, bareState(rig), job.goal.angle_rad).value_or(0.0);
    proposal.chosen = figuresPlanned(job, withProposal(proposal.guitar, proposal));
    return proposal;
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
    else if (feel.likes && feel.springsToo && feel.likes->level.balanced())
        wish.arm_NmPerRad = feel.likes->level.stiffness_NmPerRad;
    return wish;
}

SetProposal proposeSet(const Job& job, const Estimate& known, const Catalogue& catalogue, const FeelWish& feel,
                       const Stock* drawers) {
    SetProposal proposal;
    proposal.guitar = guitarNow(known);
    proposal.fromDrawers = drawers != nullptr;
    proposal.before = figuresBefore(job, proposal.guitar);
    proposal.planned = figuresPlanned(job, proposal.guitar);
    proposal.wish = wishOf(feel, proposal.before);
    const StringsSold sold = stringsSoldFor(proposal.guitar, catalogue, drawers);
    const std::vector<ReadySet> ready = drawers ? setsInDrawers(job, catalogue, *drawers) : std::vector<ReadySet>();
    const SetProposal none = proposal;
    double least = std::numeric_limits<double>::infinity();
    for (const SpringWay& way : springWays(none.guitar)) {
        const bool asTheyAre = way.springs == none.guitar.springs.size() && way.rateShare == 1.0;
        if (!asTheyAre && !feel.springsToo)
            continue;
        SetProposal tried = triedWith(job, none, way, sold, ready);
        if (tried.wires.empty()) {
            if (asTheyAre)
                proposal.choice = tried.choice;
            continue;
        }
        const double cost = tried.choice.cost + (asTheyAre ? 0.0 : otherSprings) +
                            (tried.chosen.level.status == LevelStatus::Found ? 0.0 : doesNotRest);
        if (cost < least) {
            least = cost;
            proposal = std::move(tried);
        }
    }
    return proposal;
}

Rig withProposal(Rig rig, const SetProposal& proposal) {
    rig = withSprings(withWires(std::move(rig), proposal.wires), proposal.springs);
    for (Spring& spring : rig.springs)
        spring.free_m += proposal.packing_m;
    return rig;
}

void putOn(Job& job, const SetProposal& proposal, const Catalogue& catalogue) {
    CatalogueSet set;
    for (const CatalogueString* string : proposal.strings)
        set.items.append(string->id);
    const auto known = std::find_if(catalogue.sets.begin(), catalogue.sets.end(),
                                    [&](const CatalogueSet& other) { return other.items == set.items; });
    if (known != catalogue.sets.end())
        set.name = known->name;
    applySet(job, Side::On, set, catalogue);
    job.rig.springs = withProposal(job.rig, proposal).springs;
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
