// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advise/prospect.h"

#include "core/base/dice.h"
#include "core/learn/learned.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr int samples = 100;
constexpr int mostPasses = 15;
// Found from trials: what one pass leaves on a string, in shares of the peg's own error, before and after the guitar is
// known, and how far inside the pitch tolerance a reading has to be to call it done.
constexpr double firstPass = 2.0;
constexpr double laterPass = 0.86;
constexpr double calledDone = 0.64;
constexpr double plateShare = 0.45;
/// What is still unknown of the claw's place when the strings come near pitch.
constexpr double lateSurprise_turns = 0.05;
constexpr double rereadShare = 0.6;  ///< readings beyond one, per pass
constexpr double repeatShare = 0.15; ///< pegs turned a second time at once

/// One guitar that the log allows: how claw, strings and plate trade against each other near the goal.
struct Trade {
    double moreTurns = 0.0;
    double centsPerTurn = 0.0; ///< of all strings together
    double centsOfPlate = 0.0; ///< all strings together that move the plate by what it may be off
    bool found = false;
};

Trade tradeOf(const Rig& rig, const State& now, const Goal& goal) {
    const Level level = levelSolution(rig, now, goal);
    Trade trade;
    trade.found = level.status == LevelStatus::Found;
    trade.moreTurns = level.moreTurns;
    if (!trade.found || !hasClaw(rig))
        return trade;
    const BalanceEquation equation(rig, level.state);
    double perCent_Nm = 0.0;
    for (std::size_t i = 0; i < rig.strings.size(); ++i)
        perCent_Nm += equation.momentPerCent_Nm(i, rig.strings[i].target_Hz, goal.angle_rad);
    State turned = level.state;
    turned.claw = turned.claw.plus(1.0);
    const double perTurn_Nm =
        std::abs(BalanceEquation(rig, turned).at(goal.angle_rad).moment_Nm - equation.at(goal.angle_rad).moment_Nm);
    trade.centsPerTurn = perTurn_Nm / std::abs(perCent_Nm);
    const double allowed_rad = plateShare * goal.angleTolerance_rad;
    trade.centsOfPlate = allowed_rad * std::max(0.0, level.floatStiffness_NmPerRad) / std::abs(perCent_Nm);
    return trade;
}

struct Home {
    int passes = 0, clawVisits = 0, looks = 0, stretches = 0;
};

/// Rounds of stretching that a string needs and the pulls in them: a round ends for it when it has fallen too far.
struct Rounds {
    int rounds = 0, pulls = 0;
};
Rounds roundsOf(const StringSettling& string, Dice& dice) {
    Rounds out;
    const StretchCount& needed = string.needed;
    const double spread = std::max(1.0, (needed.p90 - needed.p10) / 2.56);
    const int pulls = static_cast<int>(std::lround(std::max(0.0, needed.p50 + dice.normal(spread))));
    double drop_cents = string.nextDrop_cents * std::exp(dice.normal(string.fit.leftDeviation)), fallen_cents = 0.0;
    for (; out.pulls < pulls; ++out.pulls, drop_cents *= 1.0 - string.fit.now.share) {
        if (out.pulls == 0 || fallen_cents > worthPulling_cents) {
            ++out.rounds;
            fallen_cents = 0.0;
        }
        fallen_cents += drop_cents;
    }
    return out;
}

/// Adds the passes that stretching costs: one a round, of which the first would have been made anyway.
void addStretching(Home& home, const Advice& advice, Dice& dice) {
    int rounds = 0;
    for (const StringSettling& string : advice.settling) {
        const Rounds one = roundsOf(string, dice);
        rounds = std::max(rounds, one.rounds);
        home.stretches += one.pulls;
    }
    home.passes += std::max(0, rounds - 1);
}

/// Brings one guitar home: claw first, then passes until every peg happens to land inside its window.
class Homecoming {
public:
    Homecoming(const BenchJob& job, const Advice& advice, const Trade& trade, Dice& dice)
        : job_(job), advice_(advice), trade_(trade), dice_(dice), more_turns_(trade.moreTurns) {}

    Home bring() {
        const bool near = !passesOf(job_.log).empty(), atClaw = advice_.act.what == NextAct::Do::Claw;
        if (atClaw) {
            ++home_.clawVisits;
            more_turns_ -= advice_.act.turns.mean() * (1.0 + dice_.normal(job_.spread.clawHand));
        }
        if (near || atClaw)
            mendClaw(atClaw && advice_.act.hand.atOneGo_turns(more_turns_) != more_turns_);
        for (home_.passes = 1; home_.passes < mostPasses; ++home_.passes) {
            const bool first = home_.passes == 1 && !near;
            if (passLands(first ? firstPass : laterPass))
                break;
            if (first) {
                more_turns_ += dice_.normal(lateSurprise_turns);
                mendClaw(false);
            }
        }
        addStretching(home_, advice_, dice_);
        return home_;
    }

private:
    /// As the adviser has it: single screws where both together can do no more and the plate would show it.
    [[nodiscard]] double step_turns() const {
        const double step = advice_.act.hand.step_turns, left = std::abs(more_turns_);
        const bool between = left < worthAStep * step && left * trade_.centsPerTurn > trade_.centsOfPlate;
        return between ? ClawHand::finest_turns : step;
    }
    /// `there`: somebody is still at the claw from the turn before.
    void mendClaw(bool there) {
        while (hasClaw(job_.rig) && std::abs(more_turns_) > worthAStep * step_turns()) {
            (there ? home_.looks : home_.clawVisits) += 1;
            const double wanted = advice_.act.hand.atOneGo_turns(more_turns_), step = step_turns();
            there = wanted != more_turns_;
            more_turns_ -= std::round(wanted / step) * step;
        }
    }
    [[nodiscard]] bool passLands(double left) {
        const double tolerance = job_.goal.pitchTolerance_cents;
        const double offset = std::max(0.0, std::abs(more_turns_) * trade_.centsPerTurn - trade_.centsOfPlate);
        const double window = std::max(0.45 * tolerance, calledDone * tolerance - 0.5 * offset);
        bool all = true;
        for (std::size_t i = 0; i < job_.rig.strings.size(); ++i)
            all = std::abs(dice_.normal(left * job_.spread.peg_cents)) < window && all;
        return all;
    }

    const BenchJob& job_;
    const Advice& advice_;
    const Trade& trade_;
    Dice& dice_;
    double more_turns_;
    Home home_;
};

Quantiles quantilesOf(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    const auto at = [&](double share) {
        return values[static_cast<std::size_t>(std::lround(share * static_cast<double>(values.size() - 1)))];
    };
    return {at(0.1), at(0.5), at(0.9)};
}

double minutesOf(const BenchJob& job, const Home& home) {
    const double strings = static_cast<double>(job.rig.strings.size());
    return (home.passes * (strings * (1.0 + repeatShare) * job.pace.tune_s + (1.0 + rereadShare) * job.pace.read_s) +
            home.clawVisits * (job.pace.claw_s + job.pace.read_s) + 2.0 * home.looks * job.pace.look_s +
            home.stretches * job.pace.stretch_s) /
           60.0;
}

} // namespace

Prospect prospectOf(const BenchJob& job, const Advice& advice) {
    Prospect prospect;
    if (advice.act.what == NextAct::Do::Done || advice.act.what == NextAct::Do::Stuck)
        return prospect;
    const LearnedLayout layout(job);
    const Eigen::MatrixXd axes = advice.fit.covariance.llt().matrixL();
    std::vector<double> passes, claws, minutes;
    for (int s = 0; s < samples; ++s) {
        Dice dice(0x5eedU, static_cast<std::uint32_t>(s));
        Eigen::VectorXd draw(axes.rows());
        for (Eigen::Index k = 0; k < draw.size(); ++k)
            draw[k] = dice.normal(1.0);
        const Rig rig = corrected(job, extended(advice.fit.mean + axes * draw, layout));
        const Trade trade = tradeOf(rig, advice.now.state, job.goal);
        if (!trade.found)
            continue;
        const Home home = Homecoming(job, advice, trade, dice).bring();
        passes.push_back(home.passes);
        claws.push_back(home.clawVisits);
        minutes.push_back(minutesOf(job, home));
    }
    if (passes.empty())
        return prospect;
    prospect.passes = quantilesOf(std::move(passes));
    prospect.clawVisits = quantilesOf(std::move(claws));
    prospect.minutes = quantilesOf(std::move(minutes));
    return prospect;
}

} // namespace flenzo
