// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/rest_model.h"

#include "core/statics/geometry.h"
#include "core/statics/pitch.h"

#include <ceres/jet.h>
#include <cmath>

namespace flenzo {

namespace {

/// A value with its derivatives by `N` unknowns: written once, every formula below is its own analytic derivative.
template <int N> using Dual = ceres::Jet<double, N>;

template <class T> struct Reached { T length_m, slope; };

/// From a point fixed in the bridge to one fixed in the guitar, `apart` being their distance at angle 0 (eq. 8).
template <class T>
Reached<T> reach(const T& x, const T& y, const T& apartX, const T& apartY, const T& sine, const T& cosine,
                 double aside_m = 0.0) {
    const T placeX = x * cosine + y * sine, placeY = y * cosine - x * sine;
    const T alongX = apartX + x - placeX, alongY = apartY + y - placeY;
    const T length_m = sqrt(alongX * alongX + alongY * alongY + aside_m * aside_m);
    return {length_m, (alongY * placeX - alongX * placeY) / length_m};
}

/// The plate's angle as a number of either kind.
template <class T> struct Tilt { T angle, sine, cosine; };

Tilt<double> tiltBy(const Turned& turned, double) {
    return {turned.angle_rad, turned.sine, turned.cosine};
}

/// `Angle` stands first among the unknowns of strings and of springs.
template <int N> Tilt<Dual<N>> tiltBy(const Turned& turned, Dual<N>) {
    Tilt<Dual<N>> out{Dual<N>(turned.angle_rad, 0), Dual<N>(turned.sine), Dual<N>(turned.cosine)};
    out.sine.v[0] = turned.cosine;
    out.cosine.v[0] = -turned.sine;
    return out;
}

template <class T> struct Path { T speaking_m, path_m, slope; };

/// T (1 + T/EA) = 4 mu0 L^2 f^2 (eq. 6).
template <class T> T pullForPitch(const T& stiffness, const T& mass, const T& speaking, const T& frequency) {
    const T square = 2.0 * speaking * frequency;
    const T wanted = mass * square * square;
    return stiffness * 0.5 * (sqrt(1.0 + 4.0 * wanted / stiffness) - 1.0);
}

/// One string of one guitar, for plain numbers or for numbers with their derivatives, and what does not depend on where
/// the plate is.
template <class T> struct Strung {
    Family family = Family::KnifeEdge;
    double scale_m = 0.0, nutDrop_m = 0.0, tails_m = 0.0, target_Hz = 0.0;
    T height, setback, stiffness, mass;
    Path<T> home;

    [[nodiscard]] Path<T> path(const Tilt<T>& tilt) const {
        if (family == Family::RollerShaft)
            return {T(scale_m), T(scale_m + tails_m) - height * tilt.angle, -height};
        if (family == Family::Fixed)
            return {T(scale_m), T(scale_m + tails_m), T(0.0)};
        const Reached<T> speaking = reach(setback, height, T(scale_m), T(-nutDrop_m), tilt.sine, tilt.cosine);
        return {speaking.length_m, speaking.length_m + tails_m, speaking.slope};
    }
    [[nodiscard]] T pullAtHome(const T& z) const {
        return pullForPitch(stiffness, mass, home.speaking_m, T(target_Hz * exp(z * (1.0 / centsPerNeper))));
    }
    /// What the string pulls, plate held along `here`.
    [[nodiscard]] T pull(const Path<T>& here, const T& z) const {
        return (stiffness + pullAtHome(z)) * here.path_m / home.path_m - stiffness;
    }
    [[nodiscard]] T reading(const T& pull, const T& speaking) const {
        // Far below a newton nothing sounds; the logarithm goes on so that a solver can come back.
        const T heard = pull > 1.0 ? pull : T(exp(pull - 1.0));
        return centsPerNeper * (0.5 * log(heard * (1.0 + heard / stiffness) / (mass * speaking * speaking)) -
                                std::log(2.0 * target_Hz));
    }
};

template <class T> T unknown(double value, [[maybe_unused]] int which) {
    if constexpr (std::is_same_v<T, double>)
        return value;
    else
        return T(value, which);
}

template <class T> Strung<T> strung(const Rig& rig, std::size_t index, bool nutLocked, double goal_rad) {
    const RigString& string = rig.strings[index];
    Strung<T> out;
    out.family = rig.bridge.family;
    out.scale_m = string.scale_m;
    out.nutDrop_m = string.nutDrop_m;
    out.tails_m = tails_m(string, nutLocked);
    out.target_Hz = string.target_Hz;
    out.height = unknown<T>(out.family == Family::RollerShaft ? rig.bridge.shaftRadius_m : string.saddle_m.y(),
                            StringModel::Height);
    out.setback = unknown<T>(string.saddle_m.x(), StringModel::Setback);
    out.stiffness = unknown<T>(axialStiffness_N(string.wire), StringModel::Stiffness);
    out.mass = unknown<T>(unitMass_kgpm(string.wire), StringModel::Mass);
    const Turned home(goal_rad);
    out.home = out.path({T(goal_rad), T(home.sine), T(home.cosine)});
    return out;
}

using StringDual = Dual<StringModel::Count>;

} // namespace

/// Every string with its nut open and locked.
struct RestModel::Prepared {
    std::array<std::vector<Strung<double>>, 2> plain;
    std::array<std::vector<Strung<StringDual>>, 2> dual;
};

RestModel::RestModel(const Rig& nominal, const Goal& goal, const EstimatorOptions& options)
    : nominal_(nominal), goal_rad_(goal.angle_rad), options_(options), guitar_(nominal.strings.size()),
      prepared_(std::make_unique<Prepared>()) {
    prepare();
    for (std::size_t i = 0; i < nominal.strings.size(); ++i) {
        constexpr double step_cents = 5.0;
        const double flat_m = unstretchedLength_m(i, -step_cents, nominal.nutLocked),
                     at_m = unstretchedLength_m(i, 0.0, nominal.nutLocked);
        zPerMetre_cents_.push_back(step_cents / (flat_m - at_m));
    }
}

RestModel::~RestModel() = default;

void RestModel::setGuitar(const GuitarUnknowns& guitar) {
    if (guitar.value == guitar_.value)
        return;
    guitar_ = guitar;
    prepare();
}

void RestModel::prepare() {
    rig_ = correctedRig(nominal_, options_, guitar_);
    for (const bool locked : {false, true}) {
        prepared_->plain[locked].clear();
        prepared_->dual[locked].clear();
        for (std::size_t i = 0; i < rig_.strings.size(); ++i) {
            prepared_->plain[locked].push_back(strung<double>(rig_, i, locked, goal_rad_));
            prepared_->dual[locked].push_back(strung<StringDual>(rig_, i, locked, goal_rad_));
        }
    }
}

StringModel RestModel::figures(std::size_t index, const Turned& plate, double z_cents, bool nutLocked) const {
    const Strung<double>& string = prepared_->plain[nutLocked][index];
    const Path<double> here = string.path(tiltBy(plate, 0.0));
    const double pull_N = string.pull(here, z_cents);
    StringModel out;
    out.moment_Nm = pull_N > 0.0 ? -pull_N * here.slope : 0.0;
    out.reading_cents = string.reading(pull_N, here.speaking_m);
    return out;
}

StringModel RestModel::string(std::size_t index, const Turned& plate, double z_cents, bool nutLocked) const {
    using D = StringDual;
    const Strung<D>& string = prepared_->dual[nutLocked][index];
    const Path<D> here = string.path(tiltBy(plate, D()));
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

ClampedString RestModel::clamped(std::size_t index, const Turned& plate, double z_cents) const {
    using D = StringDual;
    const Strung<D>&open = prepared_->dual[false][index], &locked = prepared_->dual[true][index];
    const Tilt<D> tilt = tiltBy(plate, D());
    const D pull = open.pull(open.path(tilt), D(z_cents, StringModel::Z));
    if (!(pull.a > 0.0))
        return {};
    const D unstretched =
        open.stiffness * locked.path(tilt).path_m / (open.stiffness + pull) - clampedWire_m(rig_.strings[index]);
    const D atHome = open.stiffness * (locked.home.path_m - unstretched) / unstretched;
    const D z = locked.reading(atHome, locked.home.speaking_m);
    return {z.a, z.v};
}

StringModel RestModel::heldAtPitch(std::size_t index, const SetString& old, double angle_rad) const {
    using D = StringDual;
    const Path<D> here = prepared_->dual[false][index].path(tiltBy(Turned(angle_rad), D()));
    const D pull = pullForPitch(D(axialStiffness_N(old.wire)), D(unitMass_kgpm(old.wire), StringModel::Mass),
                                here.speaking_m, D(old.target_Hz * exp(D(0.0, StringModel::Z) / centsPerNeper)));
    const D moment = -pull * here.slope;
    StringModel out;
    out.moment_Nm = moment.a;
    out.momentBy = moment.v;
    return out;
}

double RestModel::springs_Nm(const Turned& plate, const ClawTurns& claw) const {
    double sum = 0.0;
    for (const Spring& spring : rig_.springs) {
        if (rig_.bridge.family == Family::RollerShaft) {
            const double squeeze = spring.free_m - spring.seat_m + spring.lever_m * plate.angle_rad;
            sum -= squeeze > 0.0 ? (spring.initial_N + spring.rate_Npm * squeeze) * spring.lever_m : 0.0;
            continue;
        }
        const Reach drawn = link(spring.hook_m, anchorAt_m(spring, rig_.claw, claw), spring.aside_m).at(plate);
        const double stretch = drawn.length_m - spring.free_m;
        sum -= stretch > 0.0 ? (spring.initial_N + spring.rate_Npm * stretch) * drawn.slope : 0.0;
    }
    return sum;
}

SpringModel RestModel::springs(const Turned& plate, const ClawTurns& claw) const {
    return springsOf(rig_.springs, plate, claw);
}

SpringModel RestModel::springsBefore(const Turned& plate, const ClawTurns& claw,
                                     const std::vector<Spring>& nominal) const {
    std::vector<Spring> corrected = nominal;
    correctSprings(corrected, rig_.bridge.family, options_, guitar_);
    return springsOf(corrected, plate, claw);
}

SpringModel RestModel::springsOf(const std::vector<Spring>& corrected, const Turned& plate,
                                 const ClawTurns& claw) const {
    using D = Dual<SpringModel::Count>;
    const bool shaft = rig_.bridge.family == Family::RollerShaft;
    const Tilt<D> tilt = tiltBy(plate, D());
    const D bass(claw.bass, SpringModel::Bass), treble(claw.treble, SpringModel::Treble),
        lead(rig_.claw.lead_m, SpringModel::Lead);
    D sum(0.0);
    for (const Spring& spring : corrected) {
        // Rate and initial tension are scaled by unknown shares, so their derivative is the figure itself.
        D rate(spring.rate_Npm), initial(spring.initial_N);
        rate.v[SpringModel::Rate] = spring.rate_Npm;
        initial.v[SpringModel::Initial] = spring.initial_N;
        if (shaft) {
            const D lever(spring.lever_m, SpringModel::Hook);
            const D squeeze = spring.free_m - spring.seat_m + lever * tilt.angle;
            if (squeeze.a > 0.0)
                sum -= (initial + rate * squeeze) * lever;
            continue;
        }
        D hookY(spring.hook_m.y(), SpringModel::Hook);
        D place(spring.anchor_m.x() - spring.hook_m.x(), SpringModel::Place);
        place += lead * (bass * (1.0 - spring.slot) + treble * spring.slot);
        const Reached<D> drawn = reach(D(spring.hook_m.x()), hookY, place, D(spring.anchor_m.y() - spring.hook_m.y()),
                                       tilt.sine, tilt.cosine, spring.aside_m);
        const D stretch = drawn.length_m - spring.free_m;
        if (stretch.a > 0.0)
            sum -= (initial + rate * stretch) * drawn.slope;
    }
    return {sum.a, sum.v};
}

std::pair<double, double> RestModel::rest_Nm(const Turned& plate, Orientation orientation) const {
    const Bridge& bridge = rig_.bridge;
    const Eigen::Vector2d weight_N =
        bridge.mass_kg * standardGravity_mps2 * gravityDirection(orientation, rig_.neckElevation_rad);
    const double along = weight_N.dot(bridge.centreOfMass_m);
    const double across = weight_N.x() * bridge.centreOfMass_m.y() - weight_N.y() * bridge.centreOfMass_m.x();
    double moment = across * plate.cosine - along * plate.sine;
    double slope = -along * plate.cosine - across * plate.sine;
    if (bridge.assist) {
        const double away = plate.angle_rad - bridge.assist->centre_rad;
        moment -= std::copysign(bridge.assist->preload_Nm, away) + bridge.assist->rate_NmPerRad * away;
        slope -= bridge.assist->rate_NmPerRad;
    }
    return {moment, slope};
}

double RestModel::zOfReading_cents(std::size_t index, double cents, double angle_rad, bool nutLocked) const {
    const Strung<double>& string = prepared_->plain[nutLocked][index];
    const Path<double> here = string.path(tiltBy(Turned(angle_rad), 0.0));
    const double pull =
        pullForPitch(string.stiffness, string.mass, here.speaking_m, frequencyAt_Hz(string.target_Hz, cents));
    const double pullHome = (string.stiffness + pull) * string.home.path_m / here.path_m - string.stiffness;
    return string.reading(pullHome, string.home.speaking_m);
}

double RestModel::unstretchedLength_m(std::size_t index, double z_cents, bool nutLocked) const {
    const Strung<double>& string = prepared_->plain[nutLocked][index];
    return string.stiffness * string.home.path_m / (string.stiffness + string.pullAtHome(z_cents));
}

} // namespace flenzo
