// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/rest_model.h"

#include "core/bridge/geometry.h"
#include "core/strings/pitch.h"

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

/// The constants of one string.
struct StringFacts {
    double scale_m, nutDrop_m, tails_m, unitMass_kgpm, target_Hz, shaftRadius_m;
    Family family;
    double clampedWire_m;
};

template <class T> struct Path { T speaking_m, path_m, slope; };

template <class T>
Path<T> pathOf(const StringFacts& string, const T& height, const T& setback, const T& angle, double tails_m) {
    if (string.family == Family::RollerShaft)
        return {T(string.scale_m), T(string.scale_m + tails_m) - height * angle, -height};
    if (string.family == Family::Fixed)
        return {T(string.scale_m), T(string.scale_m + tails_m), T(0.0)};
    const Reached<T> speaking =
        reach(setback, height, T(string.scale_m), T(-string.nutDrop_m), T(sin(angle)), T(cos(angle)));
    return {speaking.length_m, speaking.length_m + tails_m, speaking.slope};
}

/// T (1 + T/EA) = 4 mu0 L^2 f^2 (eq. 6).
template <class T> T pullForPitch(const T& stiffness, const T& mass, const T& speaking, const T& frequency) {
    const T square = 2.0 * speaking * frequency;
    const T wanted = mass * square * square;
    return stiffness * 0.5 * (sqrt(1.0 + 4.0 * wanted / stiffness) - 1.0);
}

template <class T> T centsOf(const T& pull, const T& stiffness, const T& mass, const T& speaking, double target_Hz) {
    // Far below a newton nothing sounds; the logarithm goes on so that a solver can come back.
    const T heard = pull > 1.0 ? pull : T(exp(pull - 1.0));
    return centsPerNeper * (0.5 * log(heard * (1.0 + heard / stiffness) / mass) - log(2.0 * speaking * target_Hz));
}

StringFacts factsOf(const Rig& rig, std::size_t index, bool nutLocked) {
    const RigString& string = rig.strings[index];
    return {string.scale_m,   string.nutDrop_m,         tails_m(string, nutLocked), unitMass_kgpm(string.wire),
            string.target_Hz, rig.bridge.shaftRadius_m, rig.bridge.family,          clampedWire_m(string)};
}

} // namespace

RestModel::RestModel(const Rig& nominal, const Goal& goal, const EstimatorOptions& options)
    : nominal_(nominal), rig_(nominal), goal_rad_(goal.angle_rad), options_(options), guitar_(nominal.strings.size()) {
    setGuitar(guitar_);
    for (std::size_t i = 0; i < nominal.strings.size(); ++i) {
        constexpr double step_cents = 5.0;
        const double flat_m = restLength_m(i, -step_cents, nominal.nutLocked),
                     at_m = restLength_m(i, 0.0, nominal.nutLocked);
        zPerMetre_cents_.push_back(step_cents / (flat_m - at_m));
    }
}

void RestModel::setGuitar(const GuitarUnknowns& guitar) {
    guitar_ = guitar;
    rig_ = correctedRig(nominal_, options_, guitar);
}

namespace {

/// What a string pulls and reads, for plain numbers or for numbers with their derivatives.
template <class T> struct Sounding { T pull, moment, reading; };
template <class T>
Sounding<T> sounding(const StringFacts& facts, const T& angle, const T& z, const T& height, const T& setback,
                     const T& stiffness, const T& mass, double goal_rad) {
    const Path<T> home = pathOf(facts, height, setback, T(goal_rad), facts.tails_m);
    const Path<T> here = pathOf(facts, height, setback, angle, facts.tails_m);
    const T wanted_Hz = facts.target_Hz * exp(z * (1.0 / centsPerNeper));
    const T pullHome = pullForPitch(stiffness, mass, home.speaking_m, wanted_Hz);
    const T pull = (stiffness + pullHome) * here.path_m / home.path_m - stiffness;
    return {pull, -pull * here.slope, centsOf(pull, stiffness, mass, here.speaking_m, facts.target_Hz)};
}

} // namespace

StringFigures RestModel::figures(std::size_t index, double angle_rad, double z_cents, bool nutLocked) const {
    const StringFacts facts = factsOf(rig_, index, nutLocked);
    const RigString& string = rig_.strings[index];
    const double height = facts.family == Family::RollerShaft ? facts.shaftRadius_m : string.saddle_m.y();
    const Sounding<double> sounds = sounding(facts, angle_rad, z_cents, height, string.saddle_m.x(),
                                             axialStiffness_N(string.wire), facts.unitMass_kgpm, goal_rad_);
    return {sounds.pull > 0.0 ? sounds.moment : 0.0, sounds.reading};
}

StringModel RestModel::string(std::size_t index, double angle_rad, double z_cents, bool nutLocked,
                              bool wantLocked) const {
    using D = Dual<StringModel::Count>;
    const StringFacts facts = factsOf(rig_, index, nutLocked);
    const RigString& string = rig_.strings[index];
    const bool shaft = facts.family == Family::RollerShaft;
    const D angle(angle_rad, StringModel::Angle), z(z_cents, StringModel::Z);
    const D height(shaft ? facts.shaftRadius_m : string.saddle_m.y(), StringModel::Height);
    const D setback(string.saddle_m.x(), StringModel::Setback);
    D stiffness(axialStiffness_N(string.wire), StringModel::Stiffness), mass(facts.unitMass_kgpm, StringModel::Mass);
    const Sounding<D> sounds = sounding(facts, angle, z, height, setback, stiffness, mass, goal_rad_);
    const D& pull = sounds.pull;
    StringModel out;
    out.tension_N = std::max(0.0, pull.a);
    if (pull.a > 0.0) {
        out.moment_Nm = sounds.moment.a;
        out.momentBy = sounds.moment.v;
    }
    out.reading_cents = sounds.reading.a;
    out.readingBy = sounds.reading.v;
    if (wantLocked && !nutLocked && pull.a > 0.0) {
        const double tails = tails_m(string, true);
        const Path<D> clamped = pathOf(facts, height, setback, angle, tails);
        const Path<D> clampedHome = pathOf(facts, height, setback, D(goal_rad_), tails);
        const D unstretched = stiffness * clamped.path_m / (stiffness + pull) - facts.clampedWire_m;
        const D lockedHome = stiffness * (clampedHome.path_m - unstretched) / unstretched;
        const D locked = centsOf(lockedHome, stiffness, mass, clampedHome.speaking_m, facts.target_Hz);
        out.lockedZ_cents = locked.a;
        out.lockedBy = locked.v;
    }
    return out;
}

StringModel RestModel::heldAtPitch(std::size_t index, const SetString& old, double angle_rad) const {
    using D = Dual<StringModel::Count>;
    StringFacts facts = factsOf(rig_, index, false);
    const bool shaft = facts.family == Family::RollerShaft;
    const D angle(angle_rad, StringModel::Angle), z(0.0, StringModel::Z);
    const D height(shaft ? facts.shaftRadius_m : rig_.strings[index].saddle_m.y(), StringModel::Height);
    const D setback(rig_.strings[index].saddle_m.x(), StringModel::Setback);
    const Path<D> here = pathOf(facts, height, setback, angle, facts.tails_m);
    const D wanted_Hz = old.target_Hz * exp(z * (1.0 / centsPerNeper));
    const D pull = pullForPitch(D(axialStiffness_N(old.wire)), D(unitMass_kgpm(old.wire), StringModel::Mass),
                                here.speaking_m, wanted_Hz);
    const D moment = -pull * here.slope;
    StringModel out;
    out.tension_N = pull.a;
    out.moment_Nm = moment.a;
    out.momentBy = moment.v;
    return out;
}

double RestModel::springs_Nm(double angle_rad, const ClawTurns& claw) const {
    double sum = 0.0;
    for (const Spring& spring : rig_.springs) {
        if (rig_.bridge.family == Family::RollerShaft) {
            const double squeeze = spring.free_m - spring.seat_m + spring.lever_m * angle_rad;
            sum -= squeeze > 0.0 ? (spring.initial_N + spring.rate_Npm * squeeze) * spring.lever_m : 0.0;
            continue;
        }
        const Reach drawn =
            link(spring.hook_m, anchorAt_m(spring, rig_.claw, claw), spring.aside_m).at(Turned(angle_rad));
        const double stretch = drawn.length_m - spring.free_m;
        sum -= stretch > 0.0 ? (spring.initial_N + spring.rate_Npm * stretch) * drawn.slope : 0.0;
    }
    return sum;
}

SpringModel RestModel::springs(double angle_rad, const ClawTurns& claw) const {
    return springsOf(rig_.springs, angle_rad, claw);
}

SpringModel RestModel::springsBefore(double angle_rad, const ClawTurns& claw,
                                     const std::vector<Spring>& nominal) const {
    std::vector<Spring> corrected = nominal;
    correctSprings(corrected, rig_.bridge.family, options_, guitar_);
    return springsOf(corrected, angle_rad, claw);
}

SpringModel RestModel::springsOf(const std::vector<Spring>& corrected, double angle_rad, const ClawTurns& claw) const {
    using D = Dual<SpringModel::Count>;
    const bool shaft = rig_.bridge.family == Family::RollerShaft;
    const D angle(angle_rad, SpringModel::Angle), bass(claw.bass, SpringModel::Bass),
        treble(claw.treble, SpringModel::Treble), lead(rig_.claw.lead_m, SpringModel::Lead);
    const D sine = sin(angle), cosine = cos(angle);
    D sum(0.0);
    for (const Spring& spring : corrected) {
        // Rate and initial tension are scaled by unknown shares, so their derivative is the figure itself.
        D rate(spring.rate_Npm), initial(spring.initial_N);
        rate.v[SpringModel::Rate] = spring.rate_Npm;
        initial.v[SpringModel::Initial] = spring.initial_N;
        if (shaft) {
            const D lever(spring.lever_m, SpringModel::Hook);
            const D squeeze = spring.free_m - spring.seat_m + lever * angle;
            if (squeeze.a > 0.0)
                sum -= (initial + rate * squeeze) * lever;
            continue;
        }
        D hookY(spring.hook_m.y(), SpringModel::Hook);
        D place(spring.anchor_m.x() - spring.hook_m.x(), SpringModel::Place);
        place += lead * (bass * (1.0 - spring.slot) + treble * spring.slot);
        const Reached<D> drawn = reach(D(spring.hook_m.x()), hookY, place, D(spring.anchor_m.y() - spring.hook_m.y()),
                                       sine, cosine, spring.aside_m);
        const D stretch = drawn.length_m - spring.free_m;
        if (stretch.a > 0.0)
            sum -= (initial + rate * stretch) * drawn.slope;
    }
    return {sum.a, sum.v};
}

std::pair<double, double> RestModel::rest_Nm(double angle_rad, Orientation orientation) const {
    const Bridge& bridge = rig_.bridge;
    const Eigen::Vector2d weight_N =
        bridge.mass_kg * standardGravity_mps2 * gravityDirection(orientation, rig_.neckElevation_rad);
    const double along = weight_N.dot(bridge.centreOfMass_m);
    const double across = weight_N.x() * bridge.centreOfMass_m.y() - weight_N.y() * bridge.centreOfMass_m.x();
    double moment = across * std::cos(angle_rad) - along * std::sin(angle_rad);
    double slope = -along * std::cos(angle_rad) - across * std::sin(angle_rad);
    if (bridge.assist) {
        const double away = angle_rad - bridge.assist->centre_rad;
        moment -= std::copysign(bridge.assist->preload_Nm, away) + bridge.assist->rate_NmPerRad * away;
        slope -= bridge.assist->rate_NmPerRad;
    }
    return {moment, slope};
}

double RestModel::zOfReading_cents(std::size_t index, double cents, double angle_rad, bool nutLocked) const {
    const StringFacts facts = factsOf(rig_, index, nutLocked);
    const RigString& string = rig_.strings[index];
    const double height = facts.family == Family::RollerShaft ? facts.shaftRadius_m : string.saddle_m.y();
    const double stiffness = axialStiffness_N(string.wire), setback = string.saddle_m.x();
    const Path<double> here = pathOf(facts, height, setback, angle_rad, facts.tails_m);
    const Path<double> home = pathOf(facts, height, setback, goal_rad_, facts.tails_m);
    const double pull =
        pullForPitch(stiffness, facts.unitMass_kgpm, here.speaking_m, frequencyAt_Hz(facts.target_Hz, cents));
    const double pullHome = (stiffness + pull) * home.path_m / here.path_m - stiffness;
    return centsOf(pullHome, stiffness, facts.unitMass_kgpm, home.speaking_m, facts.target_Hz);
}

double RestModel::restLength_m(std::size_t index, double z_cents, bool nutLocked) const {
    const StringFacts facts = factsOf(rig_, index, nutLocked);
    const RigString& string = rig_.strings[index];
    const double height = facts.family == Family::RollerShaft ? facts.shaftRadius_m : string.saddle_m.y();
    const double stiffness = axialStiffness_N(string.wire);
    const Path<double> home = pathOf(facts, height, string.saddle_m.x(), goal_rad_, facts.tails_m);
    const double pull =
        pullForPitch(stiffness, facts.unitMass_kgpm, home.speaking_m, frequencyAt_Hz(facts.target_Hz, z_cents));
    return stiffness * home.path_m / (stiffness + pull);
}

} // namespace flenzo
