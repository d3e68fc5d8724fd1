// SPDX-License-Identifier: GPL-3.0-or-later
// What the ways to go on near the goal cost, in seconds of the shop's pace: pegs, then perhaps the claw, or reading
// first.
#include "core/decision/situation.h"

#include <algorithm>
#include <bit>
#include <boost/math/special_functions/erf.hpp>
#include <cmath>
#include <limits>
#include <numbers>

namespace flenzo {

namespace {

constexpr double never_s = std::numeric_limits<double>::max();

/// Odds that a normal quantity lies outside plus or minus `tolerance`.
double oddsOutside(double mean, double variance, double tolerance) {
    const double scale = std::sqrt(2.0 * std::max(1e-18, variance));
    constexpr double far = 6.0; // of these: beyond is nothing, and slow to work out
    const auto beyond = [&](double by) { return by > far * scale ? 0.0 : std::erfc(by / scale); };
    return 0.5 * (beyond(tolerance - mean) + beyond(tolerance + mean));
}

bool isIn(unsigned set, Eigen::Index string) {
    return (set >> string & 1U) != 0;
}

/// What reading these strings, and the plate if `n` is among them, takes.
double readingTime_s(const Situation& now, const std::vector<std::size_t>& what) {
    const Pace& pace = now.job.pace;
    double time_s = 0.0;
    for (const std::size_t which : what)
        time_s += which < now.strings ? pace.pluck_s : pace.look_s + 2.0 * pace.turnTo_s;
    return time_s;
}

std::vector<std::size_t> unreadHere(const Situation& now, int times) {
    std::vector<std::size_t> list;
    for (std::size_t i = 0; i < now.strings; ++i)
        if (now.isOn(i) && now.reads[i] < times)
            list.push_back(i);
    if (now.plateCounts && now.plateReads < times)
        list.push_back(now.strings);
    return list;
}

/// Where strings and plate end, linear around the present rest.
class Weighing {
public:
    Weighing(const Situation& now, const Belief& belief)
        : now_(now), belief_(belief), n_(static_cast<Eigen::Index>(now.strings)),
          unread_s_(readingTime_s(now, unreadHere(now, 1))),
          full_s_(readingTime_s(now, unreadHere(now, std::numeric_limits<int>::max()))) {}

    /// `offset_cents`: the strings turned are left this far from pitch together, inside their tolerance, to lead the
    /// plate where the claw's steps cannot. What comes to `most_s` is not followed further.
    [[nodiscard]] PegPlan plan(unsigned set, double clawTurns, double offset_cents, double most_s = never_s) const {
        // The plate after it: every peg goes where its string will be in tune with the plate as it then is.
        double moved_Nm = now_.momentPerTurn_Nm * clawTurns, byPlate_Nm = 0.0, pegs_rad2 = 0.0;
        for (Eigen::Index i = 0; i < n_; ++i)
            if (isIn(set, i)) {
                const double m = now_.momentPerCent_Nm[i];
                moved_Nm += m * (offset_cents - belief_.z_cents[i]);
                byPlate_Nm -= m * now_.centsPerRad[i];
                // Pegs that miss move the plate as well.
                pegs_rad2 += std::pow(m * now_.pegDeviation_cents / now_.stiffness_NmPerRad, 2);
            }
        const double whole = now_.stiffness_NmPerRad - byPlate_Nm;
        PegPlan out;
        out.set = set;
        out.clawTurns = clawTurns;
        out.offset_cents = offset_cents;
        out.plate_rad = slidesTo_rad(moved_Nm, whole);
        const double went = out.plate_rad - belief_.plate_rad;
        // A pivot that sticks keeps the plate from small moves and leaves it anywhere within its band after large ones.
        // What the strings turned leave of its stiffness is a small difference, and known as much less well.
        const double missed =
            now_.options.drift * went * now_.stiffness_NmPerRad / std::max(0.05 * now_.stiffness_NmPerRad, whole);
        const double stuck = now_.options.stickShare * std::min(now_.deadBand_rad, std::abs(went));
        const double hand_rad = now_.options.clawHand * now_.momentPerTurn_Nm * clawTurns / now_.stiffness_NmPerRad;
        if (whole <= 0.0 && set != 0)
            out.price_s = never_s; // retuned together with these strings the plate would run away
        else
            judge(out, missed * missed + stuck * stuck + pegs_rad2 + hand_rad * hand_rad, most_s);
        return out;
    }

    /// What the acts of a way take at least, with the reading after them.
    [[nodiscard]] double least_s(unsigned set, bool claw) const {
        const Pace& pace = now_.job.pace;
        return set == 0 && !claw
                   ? now_.options.readingShare * unread_s_
                   : pace.tune_s * std::popcount(set) + (claw ? now_.options.visitShare * pace.claw_s : 0.0) +
                         now_.options.readingShare * full_s_;
    }

    /// Turns that bring the plate where the strings that are not turned are most nearly in tune, inside its tolerance,
    /// with the strings of a set tuned to that.
    [[nodiscard]] double homeTurns(unsigned set) const {
        if (!now_.plateCounts || now_.momentPerTurn_Nm == 0.0)
            return 0.0;
        const double pitch2 = 1.0 / (now_.pitchTolerance_cents * now_.pitchTolerance_cents);
        double moved_Nm = 0.0, whole = now_.stiffness_NmPerRad, sum = 0.0;
        double weight = 1.0 / (now_.plateTolerance_rad * now_.plateTolerance_rad);
        for (Eigen::Index i = 0; i < n_; ++i) {
            const double m = now_.momentPerCent_Nm[i], c = now_.centsPerRad[i], z = belief_.z_cents[i];
            if (isIn(set, i)) {
                moved_Nm -= m * z;
                whole += m * c;
            } else if (now_.isOn(static_cast<std::size_t>(i))) {
                sum -= pitch2 * c * z;
                weight += pitch2 * c * c;
            }
        }
        const double plate = std::clamp(sum / weight, -now_.plateTolerance_rad, now_.plateTolerance_rad);
        // The pivot holds back whatever comes.
        const double forward = plate > belief_.plate_rad ? 1.0 : -1.0;
        return (whole * plate - now_.stiffness_NmPerRad * belief_.plate_rad - moved_Nm - now_.carried_Nm +
                forward * now_.friction_Nm) /
               now_.momentPerTurn_Nm;
    }

private:
    /// The odds of everything to end inside, and what it costs where it does not: another round.
    void judge(PegPlan& out, double moves_rad2, double most_s) const {
        const Pace& pace = now_.job.pace;
        const double peg2 =
            std::pow(now_.pegDeviation_cents, 2) + std::pow(now_.options.pegTuner * now_.guitar.noise.tuner_cents, 2);
        const double acts_s = least_s(out.set, out.clawTurns != 0.0);
        double missed_s = 0.0;
        out.odds = 1.0;
        out.price_s = never_s;
        const auto count = [&](Eigen::Index which, double outside, double price_s) {
            out.outside[static_cast<std::size_t>(which)] = static_cast<float>(outside);
            missed_s += outside * price_s;
            out.odds *= 1.0 - outside;
            out.worst = std::max(out.worst, outside);
            return acts_s + missed_s < most_s;
        };
        if (now_.plateCounts &&
            !count(n_, oddsOutside(out.plate_rad, belief_.covariance(0, 0) + moves_rad2, now_.plateTolerance_rad),
                   now_.options.missedPlate * static_cast<double>(n_) * pace.tune_s))
            return;
        for (Eigen::Index i = 0; i < n_; ++i)
            if (now_.isOn(static_cast<std::size_t>(i))) {
                const double c = now_.centsPerRad[i];
                const bool turned = isIn(out.set, i);
                const double outside = oddsOutside(
                    turned ? out.offset_cents : belief_.z_cents[i] + c * out.plate_rad,
                    (turned ? peg2 : belief_.covariance(1 + i, 1 + i)) + c * c * moves_rad2, now_.pitchTolerance_cents);
                if (!count(i, outside, now_.options.missedString * pace.tune_s))
                    return;
            }
        out.price_s = acts_s + missed_s + now_.options.readingShare * (1.0 - out.odds) * full_s_;
    }
    /// Where the plate ends when `moved_Nm` is added to what the pivot carries already: the strings turned follow it,
    /// so it meets `whole` instead of its own stiffness, and the pivot lets go only beyond its friction.
    [[nodiscard]] double slidesTo_rad(double moved_Nm, double whole) const {
        const double least = 0.05 * now_.stiffness_NmPerRad;
        const auto end = [&](double held_Nm) {
            return (now_.stiffness_NmPerRad * belief_.plate_rad + moved_Nm + now_.carried_Nm - held_Nm) /
                   std::max(least, whole);
        };
        return std::max(end(now_.friction_Nm), std::min(end(-now_.friction_Nm), belief_.plate_rad));
    }

    const Situation& now_;
    const Belief& belief_;
    Eigen::Index n_;
    double unread_s_, full_s_; ///< what reading takes: all that has not been read here, and everything
};

/// The strings most off at first, so that few sets of many strings still hold the likely ones.
std::vector<unsigned> setsOf(const Situation& now) {
    constexpr std::size_t allSets = 8;
    std::vector<unsigned> sets;
    unsigned off = 0;
    std::vector<std::size_t> byOff;
    for (std::size_t i = 0; i < now.strings; ++i)
        if (now.isOn(i) && !(!now.job.log.empty() && now.job.log.back().tunes() && now.job.log.back().string == i))
            byOff.push_back(i); // a peg just turned is no finer
        else
            off |= 1U << i;
    if (now.strings <= allSets) {
        for (unsigned set = 0; set < 1U << now.strings; ++set)
            if ((set & off) == 0)
                sets.push_back(set);
        std::stable_sort(sets.begin(), sets.end(), [](unsigned a, unsigned b) {
            return std::popcount(a) < std::popcount(b); // what is found early spares the others
        });
        return sets;
    }
    std::sort(byOff.begin(), byOff.end(), [&](std::size_t a, std::size_t b) {
        return std::abs(now.readings_cents[a]) > std::abs(now.readings_cents[b]);
    });
    const auto bit = [](std::size_t string) { return 1U << string; };
    unsigned grown = 0;
    sets.push_back(0);
    for (const std::size_t string : byOff)
        sets.push_back(grown |= bit(string));
    for (const std::size_t i : byOff)
        for (const std::size_t j : byOff)
            if (i <= j)
                sets.push_back(bit(i) | bit(j));
    return sets;
}

/// Takes the cheapest way with one set in place of `best` where it is cheaper.
void considerSet(const Situation& now, const Weighing& weighing, unsigned set, PegPlan& best) {
    if (weighing.least_s(set, set == 0) >= best.price_s)
        return;
    const double step = now.hand.step_turns;
    const double offset = now.options.lead * now.pitchTolerance_cents;
    const double home = weighing.homeTurns(set);
    for (const double off : {0.0, -offset, offset}) {
        if (off != 0.0 && set == 0)
            continue;
        const auto consider = [&](double turns) {
            if ((set == 0 && turns == 0.0) || weighing.least_s(set, turns != 0.0) >= best.price_s)
                return;
            if (const PegPlan plan = weighing.plan(set, turns, off, best.price_s); plan.price_s < best.price_s)
                best = plan;
        };
        consider(0.0);
        if (!now.plateCounts || std::abs(home) < now.options.leastClaw * step)
            continue;
        for (int k = -1; k <= 1; ++k)
            if (const double turns = step * (std::round(home / step) + k); turns != 0.0)
                consider(turns);
    }
}

/// The cheapest way that is cheaper than `best`.
PegPlan cheapestPlan(const Situation& now, const Weighing& weighing, const std::vector<unsigned>& sets, PegPlan best) {
    for (const unsigned set : sets)
        considerSet(now, weighing, set, best);
    return best;
}

/// What is believed after reading something: one draw of each of its innovations, in deviations.
void read(const Situation& now, Belief& belief, std::size_t which, double drawn) {
    const Eigen::Index n = static_cast<Eigen::Index>(now.strings), at = static_cast<Eigen::Index>(which);
    const Eigen::Index own = at < n ? 1 + at : 0;
    const double noise = at < n ? now.tuner_cents : now.look_rad;
    const Eigen::VectorXd gain = belief.covariance.col(own);
    const double variance = gain[own] + noise * noise;
    const Eigen::VectorXd moves = gain * (drawn / std::sqrt(variance));
    belief.plate_rad += moves[0];
    belief.z_cents += moves.tail(n) - now.centsPerRad * moves[0];
    belief.covariance -= gain * gain.transpose() / variance;
}

/// What is expected to be left after reading: evenly spread draws, the same whenever it is asked.
double expectedAfter_s(const Situation& now, const std::vector<std::size_t>& what) {
    constexpr int draws = 8;
    const std::vector<unsigned> sets = setsOf(now);
    double sum_s = 0.0;
    for (int draw = 0; draw < draws; ++draw) {
        Belief belief = now.belief;
        for (std::size_t k = 0; k < what.size(); ++k) {
            const double share = std::fmod((draw + 0.5) * (2.0 * static_cast<double>(k) + 1.0) / draws, 1.0);
            read(now, belief, what[k], std::numbers::sqrt2 * boost::math::erf_inv(2.0 * share - 1.0));
        }
        const Weighing weighing(now, belief);
        PegPlan leave = weighing.plan(0, 0.0, 0.0);
        leave.price_s -= weighing.least_s(0, false); // it has been read then
        sum_s += cheapestPlan(now, weighing, sets, leave).price_s;
    }
    return sum_s / draws;
}

} // namespace

const PegPlan& Situation::leaving() const {
    if (!leaving_)
        leaving_ = Weighing(*this, belief).plan(0, 0.0, 0.0);
    return *leaving_;
}

std::vector<std::size_t> Situation::worthReading() const {
    std::vector<std::size_t> list;
    for (std::size_t k = 0; k <= strings; ++k)
        if (const double outside = leaving().outside[k];
            outside > options.worthReading && outside < 1.0 - options.worthReading && reads[k] < options.mostReads)
            list.push_back(k);
    return list;
}

const PegPlan& Situation::cheapest() const {
    if (!cheapest_) {
        PegPlan leave = leaving();
        if (leave.worst >= options.outsideOdds) // then leaving is no way
            leave.price_s = never_s;
        cheapest_ = cheapestPlan(*this, Weighing(*this, belief), setsOf(*this), leave);
    }
    return *cheapest_;
}

Situation::Way Situation::way() const {
    if (way_)
        return *way_;
    const std::vector<std::size_t> what = allReadHere() ? worthReading() : unreadHere(*this, 1);
    const bool readsFirst =
        !what.empty() &&
        ((cheapest().leaves() && (!allReadHere() || cheapest().odds < options.doneOdds)) ||
         options.readingShare * readingTime_s(*this, what) + expectedAfter_s(*this, what) < cheapest().price_s);
    way_ = readsFirst ? Way::Read : cheapest().leaves() ? Way::Leave : Way::Act;
    return *way_;
}

std::vector<std::size_t> Situation::pegsOf(const PegPlan& plan) const {
    std::vector<std::size_t> pegs;
    for (const std::size_t string : job.method.order)
        if (isIn(plan.set, static_cast<Eigen::Index>(string)))
            pegs.push_back(string);
    return pegs;
}

} // namespace flenzo
