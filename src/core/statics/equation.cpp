// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/equation.h"

#include "core/statics/pitch.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

WeightMoment weightMoment(const Rig& rig, Orientation orientation) {
    const Eigen::Vector2d weight_N =
        rig.bridge.mass_kg * standardGravity_mps2 * gravityDirection(orientation, rig.neckElevation_rad);
    const Eigen::Vector2d& centre_m = rig.bridge.centreOfMass_m;
    return {weight_N.dot(centre_m), weight_N.x() * centre_m.y() - weight_N.y() * centre_m.x()};
}

Moment assistMoment(const CentringAssist& assist, double angle_rad) {
    if (angle_rad == assist.centre_rad)
        return {};
    const double away_rad = angle_rad - assist.centre_rad;
    return {-std::copysign(assist.preload_Nm, away_rad) - assist.rate_NmPerRad * away_rad, -assist.rate_NmPerRad};
}

BalanceEquation::BalanceEquation(const Rig& rig, const State& state)
    : stringCount_(std::min(rig.strings.size(), maxStrings)), springCount_(std::min(rig.springs.size(), maxSprings)),
      motion_(rig.bridge.has().motion), shaftRadius_m_(rig.bridge.shaftRadius_m),
      weight_(weightMoment(rig, state.orientation)), assist_(rig.bridge.assist) {
    for (std::size_t i = 0; i < stringCount_; ++i) {
        const RigString& string = rig.strings[i];
        StringTerm& term = strings_[i];
        term.unitMass_kgpm = unitMass_kgpm(string.wire);
        term.stiffness_N = axialStiffness_N(string.wire);
        term.tails_m = tails_m(string, state.nutLocked);
        term.scale_m = string.scale_m;
        term.link = link(string.saddle_m, nutPoint_m(string));
        setRest(i, i < state.unstretchedLength_m.size() ? state.unstretchedLength_m[i] : 0.0);
    }
    for (std::size_t j = 0; j < springCount_; ++j) {
        const Spring& spring = rig.springs[j];
        springs_[j] = {spring.rate_Npm, spring.initial_N, spring.free_m, spring.seat_m, spring.lever_m, {}};
    }
    setClaw(rig, state.claw);
}

void BalanceEquation::holdAtPitch(std::size_t string, double frequency_Hz) {
    strings_[string].mode = Mode::AtPitch;
    strings_[string].value = frequency_Hz;
}

void BalanceEquation::setRest(std::size_t string, double unstretchedLength_m) {
    StringTerm& term = strings_[string];
    term.mode = unstretchedLength_m > 0.0 ? Mode::Elastic : Mode::Off;
    term.value = unstretchedLength_m;
    term.pullPerMetre = unstretchedLength_m > 0.0 ? term.stiffness_N / unstretchedLength_m : 0.0;
}

void BalanceEquation::setClaw(const Rig& rig, const ClawTurns& turns) {
    for (std::size_t j = 0; j < springCount_; ++j)
        springs_[j].link =
            link(rig.springs[j].hook_m, anchorAt_m(rig.springs[j], rig.claw, turns), rig.springs[j].aside_m);
}

Reach BalanceEquation::speaking(const StringTerm& term, const Turned& turned) const {
    if (motion_ != Motion::KnifeEdge)
        return {term.scale_m, 0.0, 0.0};
    return term.link.at(turned);
}

Reach BalanceEquation::path(const StringTerm& term, const Reach& speaking, const Turned& turned) const {
    if (motion_ == Motion::Shaft)
        return windingOff(term.scale_m + term.tails_m, shaftRadius_m_, turned);
    return {speaking.length_m + term.tails_m, speaking.slope, speaking.curve};
}

BalanceEquation::Tension BalanceEquation::tension(const StringTerm& term, const Reach& speaking,
                                                  const Reach& path) const {
    switch (term.mode) {
    case Mode::Off:
        return {};
    case Mode::Elastic: {
        const double stretch_m = path.length_m - term.value;
        if (stretch_m <= 0.0)
            return {};
        return {term.pullPerMetre * stretch_m, term.pullPerMetre * path.slope};
    }
    case Mode::AtPitch: {
        const double pull_N = tensionForPitch_N(term.unitMass_kgpm, term.stiffness_N, speaking.length_m, term.value);
        const double perMetre = 8.0 * term.unitMass_kgpm * speaking.length_m * term.value * term.value /
                                (1.0 + 2.0 * pull_N / term.stiffness_N);
        return {pull_N, perMetre * speaking.slope};
    }
    }
    return {};
}

Reach BalanceEquation::springReach(const SpringTerm& term, const Turned& turned) const {
    if (motion_ == Motion::Shaft)
        return windingOff(term.seat_m, term.lever_m, turned);
    return term.link.at(turned);
}

double BalanceEquation::pull_N(const SpringTerm& term, double length_m) const {
    if (motion_ == Motion::Shaft)
        return -strainForce_N(term.initial_N, term.rate_Npm, term.free_m - length_m);
    return strainForce_N(term.initial_N, term.rate_Npm, length_m - term.free_m);
}

Moment BalanceEquation::stringMoment(const StringTerm& term, const Turned& turned) const {
    const Reach length = speaking(term, turned);
    const Reach whole = path(term, length, turned);
    const Tension pull = tension(term, length, whole);
    return {-pull.tension_N * whole.slope, -pull.slope_NPerRad * whole.slope - pull.tension_N * whole.curve};
}

Moment BalanceEquation::springMoment(const SpringTerm& term, const Turned& turned) const {
    const Reach reach = springReach(term, turned);
    const double force_N = pull_N(term, reach.length_m);
    if (force_N == 0.0)
        return {};
    return {-force_N * reach.slope, -term.rate_Npm * reach.slope * reach.slope - force_N * reach.curve};
}

Moment BalanceEquation::assisted(double angle_rad) const {
    return assist_ ? assistMoment(*assist_, angle_rad) : Moment{};
}

Moment BalanceEquation::unassisted(double angle_rad) const {
    const Turned turned(angle_rad);
    Moment sum = weight_.at(turned);
    sum.moment_Nm += extraMoment_Nm_;
    const auto add = [&sum](const Moment& part) {
        sum.moment_Nm += part.moment_Nm;
        sum.slope_NmPerRad += part.slope_NmPerRad;
    };
    for (std::size_t i = 0; i < stringCount_; ++i)
        if (strings_[i].mode != Mode::Off)
            add(stringMoment(strings_[i], turned));
    for (std::size_t j = 0; j < springCount_; ++j)
        add(springMoment(springs_[j], turned));
    return sum;
}

Moment BalanceEquation::at(double angle_rad) const {
    Moment sum = unassisted(angle_rad);
    const Moment assist = assisted(angle_rad);
    sum.moment_Nm += assist.moment_Nm;
    sum.slope_NmPerRad += assist.slope_NmPerRad;
    return sum;
}

MomentParts BalanceEquation::parts(double angle_rad) const {
    const Turned turned(angle_rad);
    MomentParts parts;
    for (std::size_t i = 0; i < stringCount_; ++i)
        parts.strings_Nm += stringMoment(strings_[i], turned).moment_Nm;
    for (std::size_t j = 0; j < springCount_; ++j)
        parts.springs_Nm += springMoment(springs_[j], turned).moment_Nm;
    parts.gravity_Nm = weight_.at(turned).moment_Nm;
    parts.extra_Nm = extraMoment_Nm_;
    parts.assist_Nm = assisted(angle_rad).moment_Nm;
    return parts;
}

double BalanceEquation::tension_N(std::size_t string, double angle_rad) const {
    const Turned turned(angle_rad);
    const StringTerm& term = strings_[string];
    const Reach length = speaking(term, turned);
    return tension(term, length, path(term, length, turned)).tension_N;
}

double BalanceEquation::springForce_N(std::size_t spring, double angle_rad) const {
    return std::abs(pull_N(springs_[spring], springReach(springs_[spring], Turned(angle_rad)).length_m));
}

double BalanceEquation::frequency_Hz(std::size_t string, double angle_rad) const {
    const Turned turned(angle_rad);
    const StringTerm& term = strings_[string];
    const Reach length = speaking(term, turned);
    const double pull_N = tension(term, length, path(term, length, turned)).tension_N;
    return pitch_Hz(term.unitMass_kgpm, term.stiffness_N, length.length_m, pull_N);
}

double BalanceEquation::centsPerRadian(std::size_t string, double angle_rad) const {
    const Turned turned(angle_rad);
    const StringTerm& term = strings_[string];
    const Reach length = speaking(term, turned);
    const Tension pull = tension(term, length, path(term, length, turned));
    if (pull.tension_N <= 0.0)
        return 0.0;
    const double strain = pull.tension_N / term.stiffness_N;
    const double fromTension = 0.5 * pull.slope_NPerRad / pull.tension_N * (1.0 + 2.0 * strain) / (1.0 + strain);
    return centsPerNeper * (fromTension - length.slope / length.length_m);
}

double BalanceEquation::unstretchedForPitch_m(std::size_t string, double frequency_Hz, double angle_rad) const {
    const Turned turned(angle_rad);
    const StringTerm& term = strings_[string];
    const Reach length = speaking(term, turned);
    const double pull_N = tensionForPitch_N(term.unitMass_kgpm, term.stiffness_N, length.length_m, frequency_Hz);
    return term.stiffness_N * path(term, length, turned).length_m / (term.stiffness_N + pull_N);
}

double BalanceEquation::momentPerCent_Nm(std::size_t string, double frequency_Hz, double angle_rad) const {
    const Turned turned(angle_rad);
    const StringTerm& term = strings_[string];
    const Reach length = speaking(term, turned);
    const double pull_N = tensionForPitch_N(term.unitMass_kgpm, term.stiffness_N, length.length_m, frequency_Hz);
    const double strain = pull_N / term.stiffness_N;
    const double perCent_N = 2.0 * pull_N * (1.0 + strain) / (1.0 + 2.0 * strain) / centsPerNeper;
    return -perCent_N * path(term, length, turned).slope;
}

} // namespace flenzo
