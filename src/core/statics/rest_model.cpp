// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/rest_model.h"

#include "core/statics/equation.h"
#include "core/statics/pitch.h"

#include <ceres/jet.h>
#include <cmath>

namespace flenzo {

namespace {

/// A value with its derivatives by `N` unknowns: written once, every formula below is its own analytic derivative.
template <int N> using Dual = ceres::Jet<double, N>;

/// The plate's angle, with its derivative or held.
template <int N> struct Tilt { Dual<N> angle_rad, sine, cosine; };

/// `Angle` is first among the unknowns of strings and of springs.
template <int N> Tilt<N> tiltBy(const Turned& turned) {
    Tilt<N> out{Dual<N>(turned.angle_rad, 0), Dual<N>(turned.sine), Dual<N>(turned.cosine)};
    out.sine.v[0] = turned.cosine;
    out.cosine.v[0] = -turned.sine;
    return out;
}

using D = Dual<StringModel::Count>;

struct Path {
    D speaking_m, path_m, slope;
};

} // namespace

/// One string, and what of it does not depend on where the plate is.
struct RestModel::Strung {
    Motion motion;
    double scale_m, tails_m, target_Hz;
    D height, setback, stiffness, mass;
    LinkOf<D> overNut; ///< from saddle to nut (eq. 8)
    Path home;

    Strung(const Rig& rig, std::size_t index, bool nutLocked, double goal_rad)
        : motion(rig.bridge.has().motion), scale_m(rig.strings[index].scale_m),
          tails_m(flenzo::tails_m(rig.strings[index], nutLocked)), target_Hz(rig.strings[index].target_Hz) {
        const RigString& string = rig.strings[index];
        height = D(motion == Motion::Shaft ? rig.bridge.shaftRadius_m : string.saddle_m.y(), StringModel::Height);
        setback = D(string.saddle_m.x(), StringModel::Setback);
        stiffness = D(axialStiffness_N(string.wire), StringModel::Stiffness);
        mass = D(unitMass_kgpm(string.wire), StringModel::Mass);
        overNut = linkBetween<D>(setback, height, D(setback + scale_m), D(height - string.nutDrop_m), 0.0);
        const Turned there(goal_rad);
        home = path({D(goal_rad), D(there.sine), D(there.cosine)});
    }
    [[nodiscard]] Path path(const Tilt<StringModel::Count>& tilt) const {
        if (motion == Motion::Shaft) {
            const auto whole = windingOff(D(scale_m + tails_m), height, tilt);
            return {D(scale_m), whole.length_m, whole.slope};
        }
        if (motion == Motion::None)
            return {D(scale_m), D(scale_m + tails_m), D(0.0)};
        const auto here = overNut.slopeAt(tilt);
        return {here.length_m, here.length_m + tails_m, here.slope};
    }
    [[nodiscard]] Path path(const Turned& plate) const { return path(tiltBy<StringModel::Count>(plate)); }
    [[nodiscard]] D pullAtHome(const D& z) const {
        return tensionAt_N(mass, stiffness, home.speaking_m, D(target_Hz * exp(z * (1.0 / centsPerNeper))));
    }
    /// What the string pulls, plate held along `here`.
    [[nodiscard]] D pull(const Path& here, const D& z) const {
        return (stiffness + pullAtHome(z)) * here.path_m / home.path_m - stiffness;
    }
    [[nodiscard]] D reading(const D& pull, const D& speaking) const {
        // Far below a newton nothing sounds; the logarithm goes on so that a solver can come back.
        const D heard = pull > 1.0 ? pull : D(exp(pull - 1.0));
        return centsPerNeper *
               (0.5 * log(doublePitchSquared(mass, stiffness, speaking, heard)) - std::log(2.0 * target_Hz));
    }
};

RestModel::RestModel(const Rig& rig, double goal_rad) : goal_rad_(goal_rad) {
    setRig(rig);
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        constexpr double step_cents = 5.0;
        const double flat_m = unstretchedLength_m(i, -step_cents, rig.nutLocked),
                     at_m = unstretchedLength_m(i, 0.0, rig.nutLocked);
        zPerMetre_cents_.push_back(step_cents / (flat_m - at_m));
    }
}

RestModel::~RestModel() = default;

void RestModel::setRig(const Rig& rig) {
    rig_ = rig;
    for (const bool locked : {false, true}) {
        strung_[locked].clear();
        for (std::size_t i = 0; i < rig_.strings.size(); ++i)
            strung_[locked].emplace_back(rig_, i, locked, goal_rad_);
    }
}

StringModel RestModel::string(std::size_t index, const Turned& plate, double z_cents, bool nutLocked) const {
    const Strung& string = strung_[nutLocked][index];
    const Path here = string.path(plate);
    const D pull = string.pull(here, D(z_cents, StringModel::Z));
    StringModel out;
    if (pull.a > 0.0) {
        const D moment = -pull * here.slope;
        out.moment_Nm = moment.a;
        out.momentBy = moment.v;
    }
    const D reading = string.reading(pull, here.speaking_m);
    out.reading_cents = reading.a;
    out.readingBy = reading.v;
    return out;
}

CarriedString RestModel::clamped(std::size_t index, const Turned& plate, double z_cents) const {
    const Strung &open = strung_[false][index], &locked = strung_[true][index];
    const D pull = open.pull(open.path(plate), D(z_cents, StringModel::Z));
    if (!(pull.a > 0.0))
        return {};
    const D unstretched =
        open.stiffness * locked.path(plate).path_m / (open.stiffness + pull) - clampedWire_m(rig_.strings[index]);
    const D atHome = open.stiffness * (locked.home.path_m - unstretched) / unstretched;
    const D z = locked.reading(atHome, locked.home.speaking_m);
    return {z.a, z.v};
}

CarriedString RestModel::carried(std::size_t index, double z_cents, bool nutLocked, const RestModel& to) const {
    const Strung &here = strung_[nutLocked][index], &there = to.strung_[nutLocked][index];
    const D unstretched =
        here.stiffness * here.home.path_m / (here.stiffness + here.pullAtHome(D(z_cents, StringModel::Z)));
    const D atHome = here.stiffness * (there.home.path_m - unstretched) / unstretched;
    const D z = there.reading(atHome, there.home.speaking_m);
    return {z.a, z.v};
}

double RestModel::zPerStrain_cents(std::size_t index, bool nutLocked) const {
    return zPerMetre_cents_[index] * strung_[nutLocked][index].home.path_m.a;
}

StringModel RestModel::heldAtPitch(std::size_t index, const Wire& wire, double frequency_Hz, double angle_rad) const {
    const Path here = strung_[false][index].path(Turned(angle_rad));
    const D pull = tensionAt_N(D(unitMass_kgpm(wire), StringModel::Mass), D(axialStiffness_N(wire)), here.speaking_m,
                               D(frequency_Hz * exp(D(0.0, StringModel::Z) / centsPerNeper)));
    const D moment = -pull * here.slope;
    StringModel out;
    out.moment_Nm = moment.a;
    out.momentBy = moment.v;
    return out;
}

SpringModel RestModel::springs(const Turned& plate, const ClawTurns& claw, const std::vector<Spring>& springs) const {
    using D = Dual<SpringModel::Count>;
    const bool shaft = rig_.bridge.has().motion == Motion::Shaft;
    const auto tilt = tiltBy<SpringModel::Count>(plate);
    const D lead(rig_.claw.lead_m, SpringModel::Lead);
    const D bass = lead * D(claw.bass, SpringModel::Bass), treble = lead * D(claw.treble, SpringModel::Treble);
    D sum(0.0);
    for (const Spring& spring : springs) {
        // Rate and initial tension are scaled by unknown shares, so their derivative is the figure itself.
        D rate(spring.rate_Npm), initial(spring.initial_N);
        rate.v[SpringModel::Rate] = spring.rate_Npm;
        initial.v[SpringModel::Initial] = spring.initial_N;
        if (shaft) {
            const D lever(spring.lever_m, SpringModel::Hook);
            const auto arm = windingOff(D(spring.seat_m), lever, tilt);
            sum += strainForce_N(initial, rate, D(spring.free_m - arm.length_m)) * arm.slope;
            continue;
        }
        const D hookY(spring.hook_m.y(), SpringModel::Hook);
        D anchorX = spring.anchor_m.x() + (bass * (1.0 - spring.slot) + treble * spring.slot);
        anchorX.v[SpringModel::Place] += 1.0;
        // The hook's depth is unknown, and the claw's with it: springs lie along the plate.
        const D anchorY = hookY + (spring.anchor_m.y() - spring.hook_m.y());
        const auto drawn = linkBetween<D>(spring.hook_m.x(), hookY, anchorX, anchorY, spring.aside_m).slopeAt(tilt);
        sum -= strainForce_N(initial, rate, D(drawn.length_m - spring.free_m)) * drawn.slope;
    }
    return {sum.a, sum.v};
}

std::pair<double, double> RestModel::rest_Nm(const Turned& plate, Orientation orientation) const {
    const Moment weight = weightMoment(rig_, orientation).at(plate);
    const Moment assist = rig_.bridge.assist ? assistMoment(*rig_.bridge.assist, plate.angle_rad) : Moment{};
    return {weight.moment_Nm + assist.moment_Nm, weight.slope_NmPerRad + assist.slope_NmPerRad};
}

double RestModel::zOfReading_cents(std::size_t index, double cents, double angle_rad, bool nutLocked) const {
    const Strung& string = strung_[nutLocked][index];
    const Path here = string.path(Turned(angle_rad));
    const D pull =
        tensionAt_N(string.mass, string.stiffness, here.speaking_m, D(frequencyAt_Hz(string.target_Hz, cents)));
    const D pullHome = (string.stiffness + pull) * string.home.path_m / here.path_m - string.stiffness;
    return string.reading(pullHome, string.home.speaking_m).a;
}

double RestModel::unstretchedLength_m(std::size_t index, double z_cents, bool nutLocked) const {
    const Strung& string = strung_[nutLocked][index];
    return (string.stiffness * string.home.path_m / (string.stiffness + string.pullAtHome(D(z_cents)))).a;
}

} // namespace flenzo
