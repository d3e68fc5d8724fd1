// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/situation.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <limits>

namespace flenzo {

namespace {

/// Odds that a normal quantity lies outside plus or minus `tolerance`.
double oddsOutside(double mean, double variance, double tolerance) {
    const double scale = std::sqrt(2.0 * std::max(1e-18, variance));
    return 0.5 * (std::erfc((tolerance - mean) / scale) + std::erfc((tolerance + mean) / scale));
}

/// Where strings and plate end, linear around the present rest.
class Weighing {
public:
    explicit Weighing(const Situation& now) : now_(now), n_(static_cast<Eigen::Index>(now.strings)) {}

    /// `offset_cents`: the strings turned are left this far from pitch together, inside their tolerance, to lead the
    /// plate where the claw's steps cannot.
    [[nodiscard]] PegPlan plan(unsigned set, double clawTurns, double offset_cents) const {
        // The plate after it: every peg goes where its string will be in tune with the plate as it then is.
        double moved_Nm = now_.momentPerTurn_Nm * clawTurns, byPlate_Nm = 0.0, most = 0.0;
        for (Eigen::Index i = 0; i < n_; ++i)
            if (set >> i & 1U) {
                const double m = now_.momentPerCent_Nm[i];
                moved_Nm += m * (offset_cents - now_.z_cents[i]);
                byPlate_Nm -= m * now_.centsPerRad[i];
                most = std::max(most, std::abs(now_.z_cents[i]));
            }
        const double whole = now_.stiffness_NmPerRad - byPlate_Nm;
        const double plate = slidesTo_rad(moved_Nm, whole);
        const double went = plate - now_.plate_rad;
        PegPlan out;
        out.clawTurns = clawTurns;
        out.targets_cents = now_.z_cents;
        // A pivot that sticks keeps the plate from small moves and leaves it anywhere within its band after large ones.
        const double missed = now_.options.drift * went;
        const double stuck = now_.options.stickShare * std::min(now_.deadBand_rad, std::abs(went));
        // Pegs that miss move the plate as well.
        double pegs_rad2 = 0.0;
        for (Eigen::Index i = 0; i < n_; ++i)
            if (set >> i & 1U)
                pegs_rad2 += std::pow(now_.momentPerCent_Nm[i] * now_.pegDeviation_cents / now_.stiffness_NmPerRad, 2);
        const double hand_rad = now_.options.clawHand * now_.momentPerTurn_Nm * clawTurns / now_.stiffness_NmPerRad;
        const double moves = missed * missed + stuck * stuck + pegs_rad2 + hand_rad * hand_rad;
        out.odds = 1.0;
        out.outside.assign(now_.strings + 1, 0.0);
        // What has been read so often and still is outside by odds is not a matter of reading.
        const double urgency = now_.urgent ? now_.options.urgency : 1.0;
        const auto count = [&](std::size_t which, double outside, double price) {
            out.outside[which] = outside;
            out.price += outside * price * urgency;
            out.odds *= 1.0 - outside;
            out.worst = std::max(out.worst, outside);
        };
        const double peg2 =
            std::pow(now_.pegDeviation_cents, 2) + std::pow(now_.options.pegTuner * now_.guitar.noise.tuner_cents, 2);
        for (Eigen::Index i = 0; i < n_; ++i) {
            if (!now_.isOn(static_cast<std::size_t>(i)))
                continue;
            const bool turned = (set >> i & 1U) != 0;
            const double c = now_.centsPerRad[i];
            if (turned) {
                out.targets_cents[i] = offset_cents - c * plate;
                out.price += 1.0;
            }
            count(static_cast<std::size_t>(i),
                  oddsOutside(turned ? offset_cents : now_.z_cents[i] + c * plate,
                              (turned ? peg2 : std::pow(now_.guitar.readingDeviation_cents[i], 2)) + c * c * moves,
                              now_.pitchTolerance_cents),
                  now_.options.missedString);
        }
        if (now_.plateCounts)
            count(now_.strings, oddsOutside(plate, now_.guitar.covariance(0, 0) + moves, now_.plateTolerance_rad),
                  now_.options.missedPlate * static_cast<double>(n_));
        if (clawTurns != 0.0)
            out.price += now_.options.visitPrice;
        // Retuned together with these strings the plate would run away.
        if (whole <= 0.0 && set != 0)
            out.price = std::numeric_limits<double>::max();
        for (const std::size_t string : now_.job.method.order)
            if (set >> string & 1U)
                out.pegs.push_back(string);
        return out;
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
            const double m = now_.momentPerCent_Nm[i], c = now_.centsPerRad[i], z = now_.z_cents[i];
            if (set >> i & 1U) {
                moved_Nm -= m * z;
                whole += m * c;
            } else if (now_.isOn(static_cast<std::size_t>(i))) {
                sum -= pitch2 * c * z;
                weight += pitch2 * c * c;
            }
        }
        const double plate = std::clamp(sum / weight, -now_.plateTolerance_rad, now_.plateTolerance_rad);
        // The pivot holds back whatever comes.
        const double forward = plate > now_.plate_rad ? 1.0 : -1.0;
        return (whole * plate - now_.stiffness_NmPerRad * now_.plate_rad - moved_Nm - now_.carried_Nm +
                forward * now_.friction_Nm) /
               now_.momentPerTurn_Nm;
    }

private:
    /// Where the plate ends when `moved_Nm` is added to what the pivot carries already: the strings turned follow it,
    /// so it meets `whole` instead of its own stiffness, and the pivot lets go only beyond its friction.
    [[nodiscard]] double slidesTo_rad(double moved_Nm, double whole) const {
        const double least = 0.05 * now_.stiffness_NmPerRad;
        const auto end = [&](double held_Nm) {
            return (now_.stiffness_NmPerRad * now_.plate_rad + moved_Nm + now_.carried_Nm - held_Nm) /
                   std::max(least, whole);
        };
        return std::max(end(now_.friction_Nm), std::min(end(-now_.friction_Nm), now_.plate_rad));
    }

    const Situation& now_;
    Eigen::Index n_;
};

/// The strings most off at first, so that few sets of many strings still hold the likely ones.
std::vector<unsigned> setsOf(const Situation& now) {
    constexpr std::size_t allSets = 8;
    std::vector<unsigned> sets;
    unsigned off = 0;
    std::vector<std::size_t> byOff;
    for (std::size_t i = 0; i < now.strings; ++i)
        if (now.isOn(i))
            byOff.push_back(i);
        else
            off |= 1U << i;
    if (now.strings <= allSets) {
        for (unsigned set = 0; set < 1U << now.strings; ++set)
            if ((set & off) == 0)
                sets.push_back(set);
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

PegPlan cheapestPlan(const Situation& now) {
    const Weighing weighing(now);
    PegPlan best = now.leaving();
    // Read as often as it may be, and outside by odds: then leaving is no way any more.
    if (now.isReadEnough() && best.worst >= now.options.insideOdds)
        best.price = std::numeric_limits<double>::max();
    const double step = now.hand.step_turns;
    const double offset = now.options.lead * now.pitchTolerance_cents;
    for (const unsigned set : setsOf(now)) {
        const auto pegs = static_cast<double>(std::popcount(set));
        if (pegs >= best.price)
            continue;
        const double home = weighing.homeTurns(set);
        for (const double off : {0.0, -offset, offset}) {
            if (off != 0.0 && set == 0)
                continue;
            const auto consider = [&](double turns) {
                if (pegs + (turns != 0.0 ? now.options.visitPrice : 0.0) >= best.price)
                    return;
                PegPlan plan = weighing.plan(set, turns, off);
                if (plan.price < best.price && !(plan.leaves() && best.price == std::numeric_limits<double>::max()))
                    best = std::move(plan);
            };
            consider(0.0);
            if (!now.plateCounts || std::abs(home) < now.options.leastClaw * step)
                continue;
            for (int k = -1; k <= 1; ++k)
                if (const double turns = step * (std::round(home / step) + k); turns != 0.0)
                    consider(turns);
        }
    }
    return best;
}

} // namespace

const PegPlan& Situation::leaving() const {
    if (!leaving_)
        leaving_ = Weighing(*this).plan(0, 0.0, 0.0);
    return *leaving_;
}

std::vector<std::size_t> Situation::worthReading() const {
    std::vector<std::size_t> list;
    for (std::size_t k = 0; k <= strings; ++k)
        if (leaving().outside[k] > options.worthReading && reads[k] < options.mostReads)
            list.push_back(k);
    return list;
}

const PegPlan& Situation::cheapest() const {
    if (!cheapest_)
        cheapest_ = cheapestPlan(*this);
    return *cheapest_;
}

} // namespace flenzo
