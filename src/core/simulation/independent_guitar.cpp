// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/independent_guitar.h"

#include "core/base/rounding.h"
#include <algorithm>
#include <boost/random/normal_distribution.hpp>
#include <boost/random/uniform_real_distribution.hpp>
#include <cmath>
#include <limits>

namespace flenzo {

namespace {

constexpr double freely = 0.24; ///< further than any plate goes

double uniform(boost::random::mt19937& random, double low, double high) {
    return boost::random::uniform_real_distribution<double>(low, high)(random);
}

} // namespace

Tools BenchTools::told() const {
    Tools tools;
    tools.tuner_cents = tuner_cents;
    tools.peg_cents = peg_cents;
    if (angle_rad > 0.0)
        tools.angle_rad = angle_rad;
    else
        tools.gap_m = gap_m;
    return tools;
}

BenchTools BenchTools::worse(double by) const {
    BenchTools tools = *this;
    tools.tuner_cents *= by;
    tools.gap_m *= by;
    tools.angle_rad *= by;
    tools.peg_cents *= by;
    return tools;
}

IndependentGuitar::IndependentGuitar(const BenchJob& job, const Hardships& hard, const BenchTools& tools,
                                     std::uint32_t seed)
    : random_(seed), hard_(hard), tools_(tools), made_(job.rig), scale_(job.rig.strings.front().scale_m) {
    const auto about = [this](double value, double share) { return value * (1.0 + share * noise(1.0)); };
    const bool shaft = made_.bridge.has().motion == Motion::Shaft;
    higher_m_ = (shaft ? 0.0002 : 0.0008) * noise(1.0);
    further_m_ = 0.0007 * noise(1.0);
    strings_.resize(made_.strings.size());
    for (std::size_t i = 0; i < strings_.size(); ++i)
        string(i, made_.strings[i]);
    rateShare_ = about(1.0, 0.12);
    initialShare_ = about(1.0, 0.25);
    hook_ = made_.springs.empty() ? 0.04 : -made_.springs.front().hook_m.y() - 0.0012 * noise(1.0);
    lead_ = about(made_.claw.lead_m, 0.04);
    pivot_Nm_ = hard.pivot_Nm > 0.0 ? hard.pivot_Nm * std::exp(0.4 * noise(1.0)) : 0.0;
    weight_Nm_ = made_.bridge.mass_kg * standardGravity_mps2 * -made_.bridge.centreOfMass_m.x();
    rearEdge_ = made_.bridge.rearEdge_m;
    rearGap_ = made_.bridge.rearGap_m;
    shaft_ = made_.bridge.shaftRadius_m + higher_m_;
    changeSprings(made_.springs);
    if (shaft) {
        lever_ = made_.springs.empty() ? 0.0 : about(made_.springs.front().lever_m, 0.01);
    } else {
        const std::vector<Spring> now = made_.springs;
        if (!job.old.springs.empty())
            changeSprings(job.old.springs);
        balanceOldSet(job);
        changeSprings(now);
    }
    for (String& one : strings_)
        one.unstretchedLength_m =
            restFor(one, one.target_Hz * std::exp2(uniform(random_, -400.0, -200.0) / 1200.0), 0.0);
    comeToRest();
}

/// A string of this make, none quite like the next.
void IndependentGuitar::string(std::size_t number, const RigString& of) {
    const auto about = [this](double value, double share) { return value * (1.0 + share * noise(1.0)); };
    String& one = strings_[number];
    one.stiffness_N = about(axialStiffness_N(of.wire), 0.03);
    one.mass_kgpm = about(unitMass_kgpm(of.wire), 0.008);
    one.tail_m = (made_.nutLocked ? 0.0 : of.nutTail_m) + of.saddleTail_m;
    one.height_m = of.saddle_m.y() + higher_m_;
    one.back_m = of.saddle_m.x() + further_m_;
    one.target_Hz = of.target_Hz;
    one.mostHeld_cents = hard_.nutHolds_cents > 0.0 ? uniform(random_, 0.0, hard_.nutHolds_cents) : 0.0;
    if (hard_.stringsGive) {
        one.gives_m = 8e-5 * std::exp(0.6 * noise(1.0));
        one.pullShare = uniform(random_, 0.4, 0.7);
        one.creepShare = 0.03 * std::exp(0.5 * noise(1.0));
    }
}

double IndependentGuitar::noise(double deviation) {
    boost::random::normal_distribution<double> normal;
    return deviation * std::clamp(normal(random_), -2.5, 2.5);
}

/// Now and then a reading misses further than readings do.
double IndependentGuitar::misread(double deviation) {
    const bool far = hard_.outliers > 0.0 && uniform(random_, 0.0, 1.0) < hard_.outliers;
    return noise(far ? 3.0 * deviation : deviation);
}

/// From the nut to a saddle carried by a plate that may roll on its edge; a shaft leaves it as it is.
double IndependentGuitar::length(const String& s, double angle) const {
    if (made_.bridge.has().motion == Motion::Shaft)
        return scale_ - neck_m_;
    const double forward =
        -hard_.rollingEdge_m * std::sin(angle) + s.back_m * (std::cos(angle) - 1.0) + s.height_m * std::sin(angle);
    const double up = s.height_m * (std::cos(angle) - 1.0) - s.back_m * std::sin(angle) + s.drop_m;
    return std::hypot(scale_ - forward - neck_m_, up);
}

double IndependentGuitar::path(const String& s, double angle) const {
    const bool shaft = made_.bridge.has().motion == Motion::Shaft;
    return length(s, angle) + s.tail_m - (shaft ? shaft_ * angle : 0.0);
}

double IndependentGuitar::pull(const String& s, double angle) const {
    if (s.unstretchedLength_m <= 0.0)
        return 0.0;
    const double strain = path(s, angle) / s.unstretchedLength_m - 1.0;
    return strain > 0.0 ? s.stiffness_N * strain * (1.0 + hard_.stringsStiffen * strain) : 0.0;
}

double IndependentGuitar::pitch(const String& s, double angle) const {
    const double pull_N = std::max(1e-3, pull(s, angle));
    return std::sqrt(pull_N / (s.mass_kgpm / (1.0 + pull_N / s.stiffness_N))) / (2.0 * length(s, angle));
}

double IndependentGuitar::restFor(String s, double wanted_Hz, double angle) const {
    double low = 0.9 * (scale_ + s.tail_m), high = 1.02 * (scale_ + s.tail_m);
    for (int k = 0; k < 52; ++k) {
        s.unstretchedLength_m = 0.5 * (low + high);
        (pitch(s, angle) > wanted_Hz ? low : high) = s.unstretchedLength_m;
    }
    return s.unstretchedLength_m;
}

/// What the springs turn the plate back with.
double IndependentGuitar::springMoment(double angle) const {
    double sum = 0.0;
    if (made_.bridge.has().motion == Motion::Shaft) {
        for (std::size_t k = 0; k < springs_.size(); ++k) {
            const Spring& of = made_.springs[k];
            const double squeezed = of.free_m - of.seat_m + lever_ * angle;
            if (squeezed > 0.0)
                sum += (springs_[k].initial_N + springs_[k].rate_Npm * squeezed) * lever_;
        }
        return sum;
    }
    const double drawn = drawn0_ + hook_ * std::sin(angle) + lead_ * claw_;
    if (drawn > 0.0)
        for (const OneSpring& one : springs_)
            sum +=
                (one.initial_N + one.rate_Npm * drawn * (1.0 + hard_.springsStiffen * drawn)) * hook_ * std::cos(angle);
    return sum;
}

/// Positive tips the plate forward. Without the stabiliser.
double IndependentGuitar::moment(double angle) const {
    constexpr double step = 1e-5;
    double sum = -springMoment(angle) - weight_Nm_ * std::cos(angle);
    for (const String& s : strings_)
        sum -= pull(s, angle) * (path(s, angle + step) - path(s, angle - step)) / (2.0 * step);
    return sum;
}

/// Where all that turns it is as large as what the stabiliser and the stops hold against it.
double IndependentGuitar::restOf(double preload_Nm) const {
    const auto& assist = made_.bridge.assist;
    double low = std::max(-freely, made_.bridge.rearStop_rad), high = std::min(freely, made_.bridge.forwardStop_rad);
    for (int k = 0; k < 44; ++k) {
        const double middle = 0.5 * (low + high);
        double sum = moment(middle);
        if (assist) {
            const double away = middle - assist->centre_rad;
            sum -= (away > 0.0 ? preload_Nm : -preload_Nm) + assist->rate_NmPerRad * away;
        }
        (sum > 0.0 ? low : high) = middle;
    }
    return 0.5 * (low + high);
}

/// The neck comes up for what the strings pull, which makes them slacker in turn.
void IndependentGuitar::comeToRest() {
    const double before = angle_;
    for (int k = 0; k < (hard_.neckGives_mpN > 0.0 ? 4 : 1); ++k) {
        if (hard_.neckGives_mpN > 0.0) {
            double sum_N = 0.0;
            for (const String& s : strings_)
                sum_N += pull(s, angle_);
            constexpr double usual_N = 450.0;
            neck_m_ = hard_.neckGives_mpN * (sum_N - usual_N);
        }
        angle_ = before;
        comeToRestOnce();
    }
}

/// Comes to rest, but for what the pivot holds; a nut that holds strings back passes on what the plate took or gave.
void IndependentGuitar::comeToRestOnce() {
    if (held_) {
        angle_ = *held_;
        return;
    }
    const double before = angle_;
    const double rest = restOf(made_.bridge.assist ? made_.bridge.assist->preload_Nm : 0.0);
    const double stiff = std::abs(moment(rest + 1e-4) - moment(rest - 1e-4)) / 2e-4;
    const double held = pivot_Nm_ / std::max(1.0, stiff);
    angle_ = std::clamp(angle_, rest - held, rest + held);
    angle_ = std::clamp(angle_, made_.bridge.rearStop_rad, made_.bridge.forwardStop_rad);
    if (made_.bridge.assist && std::abs(rest - made_.bridge.assist->centre_rad) < 1e-6)
        angle_ = rest; // its stop is harder than any friction
    for (String& s : strings_) {
        if (s.mostHeld_cents <= 0.0 || s.unstretchedLength_m <= 0.0)
            continue;
        const double moved_cents = 1200.0 * std::log2(pitch(s, angle_) / pitch(s, before));
        const double behind = s.tail_m / (scale_ + s.tail_m);
        s.held_cents = std::clamp(s.held_cents + behind * moved_cents, -s.mostHeld_cents, s.mostHeld_cents);
    }
}

double IndependentGuitar::momentInTune(double angle) const {
    double sum = -springMoment(angle) - weight_Nm_ * std::cos(angle);
    constexpr double step = 1e-5;
    for (const String& s : strings_) {
        const double pull_N = 4.0 * s.mass_kgpm * std::pow(length(s, angle) * s.target_Hz, 2);
        sum -= pull_N * (path(s, angle + step) - path(s, angle - step)) / (2.0 * step);
    }
    return sum;
}

bool IndependentGuitar::floatsInTune() const {
    return made_.bridge.assist || momentInTune(1e-3) < momentInTune(-1e-3);
}

double IndependentGuitar::reading_cents(std::size_t i) const {
    if (strings_[i].unstretchedLength_m <= 0.0)
        return 0.0;
    return 1200.0 * std::log2(pitch(strings_[i], angle_) / strings_[i].target_Hz) + strings_[i].held_cents;
}

double IndependentGuitar::typed_cents(std::size_t i) {
    return roundedTo(reading_cents(i) + misread(tools_.tuner_cents), tools_.tunerStep_cents);
}

void IndependentGuitar::tune(std::size_t i, double wanted_cents) {
    String& s = strings_[i];
    const bool up = wanted_cents > reading_cents(i);
    for (int k = 0; k < 25; ++k) {
        s.held_cents = up ? -s.mostHeld_cents : s.mostHeld_cents;
        const double before = angle_;
        s.unstretchedLength_m = restFor(s, s.target_Hz * std::exp2((wanted_cents - s.held_cents) / 1200.0), angle_);
        comeToRest();
        s.held_cents = up ? -s.mostHeld_cents : s.mostHeld_cents;
        if (std::abs(angle_ - before) < 1e-9)
            break;
    }
}

void IndependentGuitar::letGive(std::size_t own, bool ownPeg) {
    for (std::size_t i = 0; i < strings_.size(); ++i) {
        String& s = strings_[i];
        const double let_m = s.gives_m * s.creepShare * (i == own && ownPeg ? 3.0 : 1.0);
        s.gives_m -= let_m;
        if (s.unstretchedLength_m > 0.0)
            s.unstretchedLength_m += let_m;
    }
}

void IndependentGuitar::slip(std::size_t i, double by_cents) {
    String& s = strings_[i];
    s.unstretchedLength_m = restFor(s, pitch(s, angle_) * std::exp2(-by_cents / 1200.0), angle_);
    comeToRest();
}

void IndependentGuitar::warm(double strain) {
    for (String& s : strings_)
        s.unstretchedLength_m *= 1.0 + strain;
    comeToRest();
}

void IndependentGuitar::giveOverNight() {
    for (String& s : strings_)
        if (s.unstretchedLength_m > 0.0)
            s.unstretchedLength_m =
                restFor(s, pitch(s, angle_) * std::exp2(-uniform(random_, 2.0, 7.0) / 1200.0), angle_);
    comeToRest();
}

void IndependentGuitar::turnClaw(double turns) {
    claw_ += turns;
    comeToRest();
}

void IndependentGuitar::changeSprings(const std::vector<Spring>& springs) {
    for (std::size_t k = springs_.size(); k < springs.size(); ++k)
        springs_.push_back({springs[k].rate_Npm * rateShare_ * (1.0 + hard_.springsUnlike * noise(1.0)),
                            springs[k].initial_N * initialShare_});
    springs_.resize(springs.size());
    made_.springs = springs;
    if (!strings_.empty() && strings_.front().unstretchedLength_m > 0.0)
        comeToRest();
}

void IndependentGuitar::takeOff(std::size_t i) {
    strings_[i].unstretchedLength_m = 0.0;
    comeToRest();
}

void IndependentGuitar::putOn(std::size_t i) {
    string(i, made_.strings[i]);
    String& s = strings_[i];
    s.unstretchedLength_m = restFor(s, s.target_Hz * std::exp2(uniform(random_, -400.0, -200.0) / 1200.0), angle_);
    comeToRest();
}

void IndependentGuitar::raisePosts(double by_m) {
    for (String& s : strings_)
        s.drop_m += by_m;
    rearGap_ += by_m;
    comeToRest();
}

void IndependentGuitar::hold(std::optional<double> angle_rad) {
    held_ = angle_rad;
    comeToRest();
}

void IndependentGuitar::follow(const Event& event) {
    if (event.kind == Event::Kind::Block)
        held_ = event.block.angle_rad;
    else if (event.kind == Event::Kind::Unblock)
        held_.reset();
    else if (event.kind == Event::Kind::Lock)
        clampNut();
    comeToRest();
}

/// The wire behind the nut no longer stretches along; the clamp draws each string a little sharp.
void IndependentGuitar::clampNut() {
    constexpr double mostShift_cents = 3.0;
    for (String& s : strings_) {
        const double shift = boost::random::uniform_real_distribution<double>(0.0, mostShift_cents)(random_);
        const double wanted_Hz = pitch(s, angle_) * std::exp2(shift / 1200.0);
        s.tail_m = 0.0;
        s.held_cents = s.mostHeld_cents = 0.0;
        s.unstretchedLength_m = restFor(s, wanted_Hz, angle_);
    }
}

Event IndependentGuitar::perform(const NextAct& act) {
    Event event;
    switch (act.what) {
    case NextAct::Do::Tune:
        if (hard_.stringsGive)
            letGive(act.aim.string, true);
        tune(act.aim.string, act.aim.cents + noise(tools_.peg_cents));
        event = Event::tuned(act.aim.string, typed_cents(act.aim.string));
        event.aim_cents = act.aim.cents;
        return event;
    case NextAct::Do::Claw:
        if (hard_.stringsGive)
            letGive(strings_.size(), false);
        claw_ += act.turns.mean() * (1.0 + noise(0.03));
        comeToRest();
        return Event::claw(act.turns);
    case NextAct::Do::Unblock:
        event.kind = Event::Kind::Unblock;
        follow(event);
        return event;
    case NextAct::Do::String:
        putOn(act.aim.string);
        return Event::ofString(Event::Kind::Strung, act.aim.string);
    case NextAct::Do::Stretch: {
        event.kind = Event::Kind::Stretched;
        event.string = act.aim.string;
        event.from_cents = typed_cents(event.string);
        letGive(event.string, false);
        String& s = strings_[event.string];
        const double let_m = s.gives_m * s.pullShare * (1.0 + noise(0.12));
        s.gives_m -= let_m;
        s.unstretchedLength_m += let_m;
        comeToRest();
        event.to_cents = typed_cents(event.string);
        return event;
    }
    default:
        break;
    }
    for (const std::size_t string : act.strings)
        event.readings_cents.emplace_back(string, typed_cents(string));
    if (act.gap && tools_.angle_rad > 0.0)
        event.angle_rad = roundedTo(angle_ + misread(tools_.angle_rad), tools_.angleStep_rad);
    else if (act.gap)
        event.gap_m =
            std::max(0.0, roundedTo(rearGap_ + rearEdge_ * std::sin(angle_) + misread(tools_.gap_m), tools_.gapStep_m));
    return event;
}

/// With the set that comes off at pitch the plate was level, or nearly, at the claw as it was; a decked one was pressed
/// down, some little and some much.
void IndependentGuitar::balanceOldSet(const BenchJob& job) {
    const bool pressed = job.old.pressed_Nm > 0.0;
    const double at = pressed ? job.old.angle_rad : job.old.angle_rad + noise(hard_.oldLevel_rad);
    const double load_Nm = pressed ? job.old.pressed_Nm * std::exp(0.5 * noise(1.0)) : 0.0;
    double wanted_Nm = load_Nm - weight_Nm_ * std::cos(at);
    constexpr double step = 1e-5;
    for (std::size_t i = 0; i < strings_.size(); ++i) {
        const SetString old = i < job.old.strings.size() ? job.old.strings[i]
                                                         : SetString{made_.strings[i].wire, made_.strings[i].target_Hz};
        const double stiffness_N = axialStiffness_N(old.wire);
        const double square = 4.0 * unitMass_kgpm(old.wire) * std::pow(length(strings_[i], at) * old.target_Hz, 2);
        double pull_N = square;
        for (int k = 0; k < 20; ++k)
            pull_N = square / (1.0 + pull_N / stiffness_N);
        wanted_Nm -= pull_N * (path(strings_[i], at + step) - path(strings_[i], at - step)) / (2.0 * step);
    }
    claw_ = made_.claw.turns.mean();
    double low = -0.05, high = 0.2;
    for (int k = 0; k < 60; ++k) {
        const double drawn = 0.5 * (low + high);
        drawn0_ = drawn - hook_ * std::sin(at) - lead_ * claw_;
        (springMoment(at) < wanted_Nm ? low : high) = drawn;
    }
}

} // namespace flenzo
