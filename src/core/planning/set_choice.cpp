// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/planning/set_choice.h"

#include "core/statics/equation.h"

#include <algorithm>
#include <cmath>
#include <glpk.h>
#include <limits>
#include <memory>

namespace flenzo {

namespace {

// What each part of a wish weighs against the squared share by which a string's pull is off, mean of all strings:
// squared, so that each gives way a little and none by much.
constexpr double perTurn = 20.0;      ///< of the claw, beyond the finest that it is turned by
constexpr double perArmShare = 4.0;   ///< of the arm's stiffness
constexpr double beyondReach = 400.0; ///< a turn that the screws do not have

/// What one wire on one string adds to the balance at the goal's angle, the string at its pitch.
struct Share {
    double pull_N = 0.0, moment_Nm = 0.0, stiffness_NmPerRad = 0.0, ofBreaking = 0.0;
};

/// The guitar without strings, by the claw's turns from where it stands.
class Bare {
public:
    Bare(const Rig& rig, const Goal& goal)
        : rig_(rig), goal_(goal), state_(bareState(rig)), hasClaw_(flenzo::hasClaw(rig)) {
        const Moment here = at(0.0);
        // Sums of what the strings add that need no turn.
        balance_Nm_ = -here.moment_Nm - goal.deckLoad_Nm;
        stiffness_NmPerRad_ = -here.slope_NmPerRad;
        if (hasClaw_) {
            constexpr double small = 0.25;
            const Moment more = at(small), less = at(-small);
            perTurn_Nm_ = (less.moment_Nm - more.moment_Nm) / (2.0 * small);
            stiffer_ = (less.slope_NmPerRad - more.slope_NmPerRad) / (2.0 * small);
        }
    }
    [[nodiscard]] Share share(std::size_t string, const Wire& wire) const {
        Rig one = rig_;
        one.strings[string].wire = wire;
        BalanceEquation equation(one, state_);
        const double angle = goal_.angle_rad, target_Hz = one.strings[string].target_Hz;
        const double without = equation.at(angle).slope_NmPerRad;
        equation.setRest(string, equation.unstretchedForPitch_m(string, target_Hz, angle));
        const double pull_N = equation.tension_N(string, angle);
        return {pull_N, equation.parts(angle).strings_Nm, without - equation.at(angle).slope_NmPerRad,
                pull_N / breakingTension_N(wire)};
    }
    /// What a sum of moments is off by, in turns of the claw; on a shaft in the strings' whole moment.
    [[nodiscard]] double perUnit_Nm() const {
        const double usable = hasClaw_ ? perTurn_Nm_ : balance_Nm_;
        return std::abs(usable) > 1e-9 ? usable : 1.0;
    }
    [[nodiscard]] bool canBalance() const { return rig_.bridge.has().moves(); }
    [[nodiscard]] double balance_Nm() const { return balance_Nm_; }
    [[nodiscard]] double stiffness_NmPerRad() const { return stiffness_NmPerRad_; }
    [[nodiscard]] double stiffer_NmPerRad() const { return stiffer_; } ///< a turn
    /// What nobody turns the claw for.
    [[nodiscard]] double dead_turns() const { return hasClaw_ ? ClawStepPolicy::finest_turns : 0.0; }
    [[nodiscard]] double looser_turns() const {
        return hasClaw_ ? std::max(0.0, rig_.claw.turns.mean() - rig_.claw.least_turns) : 1.0;
    }
    [[nodiscard]] double tighter_turns() const {
        return hasClaw_ ? std::max(0.0, rig_.claw.most_turns - rig_.claw.turns.mean()) : 1.0;
    }

private:
    [[nodiscard]] Moment at(double more_turns) const {
        BalanceEquation equation(rig_, state_);
        equation.setClaw(rig_, rig_.claw.turns.plus(more_turns));
        return equation.unassisted(goal_.angle_rad);
    }
    Rig rig_;
    Goal goal_;
    State state_;
    bool hasClaw_;
    double balance_Nm_ = 0.0, stiffness_NmPerRad_ = 0.0, perTurn_Nm_ = 0.0, stiffer_ = 0.0;
};

/// What each string is to pull.
std::vector<double> wishedPull_N(const Rig& rig, const Bare& bare, const SetWish& wish) {
    std::vector<double> pull_N = wish.pull_N;
    double levers_m = 0.0, mean_N = 0.0;
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        const Share on = bare.share(i, rig.strings[i].wire);
        levers_m += on.moment_Nm / on.pull_N;
        if (pull_N.size() <= i)
            pull_N.push_back(on.pull_N);
        mean_N += pull_N[i] / static_cast<double>(rig.strings.size());
    }
    if (wish.equalPull)
        pull_N.assign(pull_N.size(), wish.keepsBalance && bare.canBalance() ? bare.balance_Nm() / levers_m : mean_N);
    return pull_N;
}

bool bears(const Share& share, const SetWish& wish) {
    return share.ofBreaking <= wish.mostOfBreaking;
}

bool mayBe(const Share& share, double wished_N, const SetWish& wish) {
    return bears(share, wish) && std::abs(share.pull_N / wished_N - 1.0) <= wish.furthestPull;
}

double offPull(double pull_N, double wished_N, std::size_t strings) {
    const double off = pull_N / wished_N - 1.0;
    return off * off / static_cast<double>(strings);
}

/// An integer programme, made column by column and row by row.
class Programme {
public:
    Programme() : problem_(glp_create_prob(), glp_delete_prob) { glp_set_obj_dir(problem_.get(), GLP_MIN); }
    int column(double least, double most, double cost, bool whole = false) {
        const int made = glp_add_cols(problem_.get(), 1);
        const bool bounded = std::isfinite(most);
        glp_set_col_bnds(problem_.get(), made, bounded ? (least < most ? GLP_DB : GLP_FX) : GLP_LO, least,
                         bounded ? most : 0.0);
        glp_set_obj_coef(problem_.get(), made, cost);
        if (whole)
            glp_set_col_kind(problem_.get(), made, GLP_BV);
        return made;
    }
    struct Term {
        int column;
        double by;
    };
    void row(const std::vector<Term>& terms, double least, double most) {
        const int made = glp_add_rows(problem_.get(), 1);
        const bool low = std::isfinite(least), high = std::isfinite(most);
        glp_set_row_bnds(problem_.get(), made,
                         low && high ? (least < most ? GLP_DB : GLP_FX)
                         : low       ? GLP_LO
                                     : GLP_UP,
                         low ? least : 0.0, high ? most : 0.0);
        std::vector<int> columns{0}; // counted from one
        std::vector<double> values{0.0};
        for (const Term& term : terms) {
            columns.push_back(term.column);
            values.push_back(term.by);
        }
        glp_set_mat_row(problem_.get(), made, static_cast<int>(terms.size()), columns.data(), values.data());
    }
    enum class Found { Best, Good, Late, Nothing };
    /// `bound` becomes the least that any answer can cost.
    Found solve(double longest_s, double& bound) {
        glp_term_out(GLP_OFF);
        glp_iocp how;
        glp_init_iocp(&how);
        how.presolve = GLP_ON;
        how.msg_lev = GLP_MSG_OFF;
        how.tm_lim = std::max(1, static_cast<int>(1000.0 * longest_s));
        how.cb_func = [](glp_tree* tree, void* into) {
            if (const int best = glp_ios_best_node(tree); best != 0)
                *static_cast<double*>(into) = glp_ios_node_bound(tree, best);
        };
        how.cb_info = &bound;
        const int ended = glp_intopt(problem_.get(), &how);
        const int status = glp_mip_status(problem_.get());
        if (ended == GLP_ENOPFS || status == GLP_NOFEAS)
            return Found::Nothing;
        if (status == GLP_OPT)
            bound = cost();
        return status == GLP_OPT ? Found::Best : status == GLP_FEAS ? Found::Good : Found::Late;
    }
    [[nodiscard]] double cost() const { return glp_mip_obj_val(problem_.get()); }
    [[nodiscard]] double value(int column) const { return glp_mip_col_val(problem_.get(), column); }

private:
    std::unique_ptr<glp_prob, void (*)(glp_prob*)> problem_;
};

constexpr double none = std::numeric_limits<double>::infinity();

/// A sum that is to be `wished`, and what it costs to miss it by more than `dead`, up to `most` either way dearer
/// beyond.
void addDistance(Programme& programme, std::vector<Programme::Term> sum, double wished, double dead, double cost,
                 double mostUnder, double mostOver) {
    for (const auto& [sign, most] : {std::pair{1.0, mostUnder}, std::pair{-1.0, mostOver}}) {
        sum.push_back({programme.column(0.0, std::max(0.0, most - dead), cost), sign});
        if (std::isfinite(most))
            sum.push_back({programme.column(0.0, none, cost + beyondReach), sign});
    }
    programme.row(sum, wished - dead, wished + dead);
}

/// One string's choices, as far as they may be chosen.
struct Choices {
    std::vector<std::size_t> offered; ///< which of those offered
    std::vector<Share> shares;
    std::vector<int> columns;
    /// 0 where it may not be chosen; columns are counted from one.
    [[nodiscard]] int columnOf(std::size_t which) const {
        const auto found = std::find(offered.begin(), offered.end(), which);
        return found == offered.end() ? 0 : columns[static_cast<std::size_t>(found - offered.begin())];
    }
};

std::vector<std::size_t> pickedAtTheEnd(const std::vector<Choices>& choices, const std::vector<std::size_t>& picked) {
    std::vector<std::size_t> found;
    for (std::size_t i = 0; i < choices.size(); ++i) {
        const auto [least, most] =
            std::minmax_element(choices[i].shares.begin(), choices[i].shares.end(),
                                [](const Share& a, const Share& b) { return a.pull_N < b.pull_N; });
        const double pull_N = choices[i].shares[picked[i]].pull_N;
        if (pull_N <= least->pull_N || pull_N >= most->pull_N)
            found.push_back(i);
    }
    return found;
}

} // namespace

ChosenSet chooseSet(const Rig& rig, const Goal& goal, const Offered& offered, const SetWish& wish,
                    const std::vector<FewPieces>& few) {
    const Bare bare(rig, goal);
    const std::vector<double> wished_N = wishedPull_N(rig, bare, wish);
    const std::size_t strings = rig.strings.size();
    ChosenSet chosen;
    Programme programme;
    std::vector<Choices> choices(strings);
    std::vector<Programme::Term> turns, arm;
    for (std::size_t i = 0; i < strings; ++i) {
        chosen.string = i;
        Choices& here = choices[i];
        std::vector<Programme::Term> one;
        chosen.status = offered[i].empty() ? SetStatus::NothingOffered : SetStatus::NothingBears;
        for (std::size_t k = 0; k < offered[i].size(); ++k) {
            const Share share = bare.share(i, offered[i][k]);
            if (bears(share, wish))
                chosen.status = SetStatus::NothingNear;
            if (!mayBe(share, wished_N[i], wish))
                continue;
            const int column = programme.column(0.0, 1.0, offPull(share.pull_N, wished_N[i], strings), true);
            here.offered.push_back(k);
            here.shares.push_back(share);
            here.columns.push_back(column);
            one.push_back({column, 1.0});
            const double units = share.moment_Nm / bare.perUnit_Nm();
            turns.push_back({column, units});
            if (wish.arm_NmPerRad)
                arm.push_back(
                    {column, (share.stiffness_NmPerRad + bare.stiffer_NmPerRad() * units) / *wish.arm_NmPerRad});
        }
        if (one.empty())
            return chosen;
        programme.row(one, 1.0, 1.0);
    }
    chosen.string = 0;
    const double still = bare.balance_Nm() / bare.perUnit_Nm(); // units of moment that need no turn
    if (bare.canBalance())
        addDistance(programme, turns, still, bare.dead_turns(), wish.keepsBalance ? perTurn : 0.0, bare.looser_turns(),
                    bare.tighter_turns());
    if (wish.arm_NmPerRad) {
        const double fixed = bare.stiffness_NmPerRad() - bare.stiffer_NmPerRad() * still;
        addDistance(programme, arm, 1.0 - fixed / *wish.arm_NmPerRad, 0.0, perArmShare, none, none);
    }
    for (const FewPieces& one : few) {
        std::vector<Programme::Term> taken;
        for (const auto& [string, which] : one.places)
            if (const int column = choices[string].columnOf(which))
                taken.push_back({column, 1.0});
        programme.row(taken, -none, one.pieces);
    }
    switch (programme.solve(wish.longest_s, chosen.bound)) {
    case Programme::Found::Nothing:
        chosen.status = SetStatus::TooFewPieces;
        return chosen;
    case Programme::Found::Late:
        chosen.status = SetStatus::Late;
        return chosen;
    case Programme::Found::Good:
        chosen.status = SetStatus::Good;
        break;
    case Programme::Found::Best:
        chosen.status = SetStatus::Best;
        break;
    }
    chosen.cost = programme.cost();
    std::vector<std::size_t> picked;
    for (const Choices& here : choices) {
        const auto found = std::find_if(here.columns.begin(), here.columns.end(),
                                        [&](int column) { return programme.value(column) > 0.5; });
        picked.push_back(static_cast<std::size_t>(found - here.columns.begin()));
        chosen.picks.push_back(here.offered[picked.back()]);
    }
    chosen.atTheEnd = pickedAtTheEnd(choices, picked);
    return chosen;
}

std::vector<Wire> wiresOf(const Offered& offered, const ChosenSet& chosen) {
    std::vector<Wire> set;
    for (std::size_t i = 0; i < chosen.picks.size(); ++i)
        set.push_back(offered[i][chosen.picks[i]]);
    return set;
}

double distanceFromWish(const Rig& rig, const Goal& goal, const std::vector<Wire>& set, const SetWish& wish) {
    const Bare bare(rig, goal);
    const std::vector<double> wished_N = wishedPull_N(rig, bare, wish);
    double cost = 0.0, moment_Nm = 0.0, stiffness = bare.stiffness_NmPerRad();
    for (std::size_t i = 0; i < set.size(); ++i) {
        const Share share = bare.share(i, set[i]);
        if (!mayBe(share, wished_N[i], wish))
            return none;
        moment_Nm += share.moment_Nm;
        stiffness += share.stiffness_NmPerRad;
        cost += offPull(share.pull_N, wished_N[i], set.size());
    }
    const double turns = (moment_Nm - bare.balance_Nm()) / bare.perUnit_Nm();
    if (bare.canBalance()) {
        const double reach = turns > 0.0 ? bare.tighter_turns() : bare.looser_turns(), dead = bare.dead_turns();
        cost += (wish.keepsBalance ? perTurn : 0.0) * std::max(0.0, std::abs(turns) - dead) +
                beyondReach * std::max(0.0, std::abs(turns) - std::max(dead, reach));
    }
    if (wish.arm_NmPerRad)
        cost += perArmShare * std::abs((stiffness + bare.stiffer_NmPerRad() * turns) / *wish.arm_NmPerRad - 1.0);
    return cost;
}

std::vector<Wire> wiresOf(const Rig& rig) {
    std::vector<Wire> wires;
    for (const RigString& string : rig.strings)
        wires.push_back(string.wire);
    return wires;
}

Rig withWires(Rig rig, const std::vector<Wire>& set) {
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        rig.strings[i].wire = set[i];
    return rig;
}

} // namespace flenzo
