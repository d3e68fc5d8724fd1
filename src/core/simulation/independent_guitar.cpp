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

constexpr double rearmost = -0.12, foremost = 0.24;

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

IndependentGuitar::IndependentGuitar(const BenchJob& job, const Hardships& hard, const BenchTools& tools,
                                     std::uint32_t seed)
    : random_(seed), hard_(hard), tools_(tools), scale_(job.rig.strings.front().scale_m) {
    const auto about = [this](double value, double share) { return value * (1.0 + share * noise(1.0)); };
    const auto between = [this](double low, double high) {
        return boost::random::uniform_real_distribution<double>(low, high)(random_);
    };
    const double higher_m = 0.0008 * noise(1.0), further_m = 0.0007 * noise(1.0);
    for (const RigString& string : job.rig.strings) {
        String made{};
        made.stiffness_N = about(axialStiffness_N(string.wire), 0.03);
        made.mass_kgpm = about(unitMass_kgpm(string.wire), 0.008);
        made.tail_m = (job.rig.nutLocked ? 0.0 : string.nutTail_m) + string.saddleTail_m;
        made.height_m = string.saddle_m.y() + higher_m;
        made.back_m = string.saddle_m.x() + further_m;
        made.target_Hz = string.target_Hz;
        made.mostHeld_cents = hard.nutHolds_cents > 0.0 ? between(0.0, hard.nutHolds_cents) : 0.0;
        if (hard.stringsGive) {
            made.gives_m = 8e-5 * std::exp(0.6 * noise(1.0));
            made.pullShare = between(0.4, 0.7);
            made.creepShare = 0.03 * std::exp(0.5 * noise(1.0));
        }
        strings_.push_back(made);
    }
    rate_ = about(job.rig.springs.front().rate_Npm, 0.12);
    initial_ = about(job.rig.springs.front().initial_N, 0.25);
    springs_ = static_cast<double>(job.rig.springs.size());
    hook_ = -job.rig.springs.front().hook_m.y() - 0.0012 * noise(1.0);
    lead_ = about(job.rig.claw.lead_m, 0.04);
    pivot_Nm_ = hard.pivot_Nm > 0.0 ? hard.pivot_Nm * std::exp(0.4 * noise(1.0)) : 0.0;
    weight_Nm_ = job.rig.bridge.mass_kg * standardGravity_mps2 * -job.rig.bridge.centreOfMass_m.x();
    rearEdge_ = job.rig.bridge.rearEdge_m;
    rearGap_ = job.rig.bridge.rearGap_m;
    balanceOldSet(job);
    for (String& string : strings_)
        string.unstretchedLength_m =
            restFor(string, string.target_Hz * std::exp2(between(-400.0, -200.0) / 1200.0), 0.0);
    comeToRest();
}

double IndependentGuitar::noise(double deviation) {
    boost::random::normal_distribution<double> normal;
    return deviation * std::clamp(normal(random_), -2.5, 2.5);
}

/// From the nut to a saddle carried by a plate that may roll on its edge.
double IndependentGuitar::length(const String& s, double angle) const {
    const double forward =
        -hard_.rollingEdge_m * std::sin(angle) + s.back_m * (std::cos(angle) - 1.0) + s.height_m * std::sin(angle);
    const double up = s.height_m * (std::cos(angle) - 1.0) - s.back_m * std::sin(angle);
    return std::hypot(scale_ - forward, up);
}

double IndependentGuitar::pull(const String& s, double angle) const {
    if (s.unstretchedLength_m <= 0.0)
        return 0.0;
    const double strain = (length(s, angle) + s.tail_m) / s.unstretchedLength_m - 1.0;
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

double IndependentGuitar::springPull(double angle) const {
    const double drawn = drawn0_ + hook_ * std::sin(angle) + lead_ * claw_;
    return drawn > 0.0 ? springs_ * (initial_ + rate_ * drawn * (1.0 + hard_.springsStiffen * drawn)) : 0.0;
}

/// Positive tips the plate forward.
double IndependentGuitar::moment(double angle) const {
    constexpr double step = 1e-5;
    double sum = -springPull(angle) * hook_ * std::cos(angle) - weight_Nm_ * std::cos(angle);
    for (const String& s : strings_)
        sum -= pull(s, angle) * (length(s, angle + step) - length(s, angle - step)) / (2.0 * step);
    return sum;
}

/// Comes to rest, but for what the pivot holds; a nut that holds strings back passes on what the plate took or gave.
void IndependentGuitar::comeToRest() {
    if (held_) {
        angle_ = *held_;
        return;
    }
    double low = rearmost, high = foremost;
    for (int k = 0; k < 44; ++k) {
        const double middle = 0.5 * (low + high);
        (moment(middle) > 0.0 ? low : high) = middle;
    }
    const double rest = 0.5 * (low + high), before = angle_;
    const double stiff = std::abs(moment(rest + 1e-4) - moment(rest - 1e-4)) / 2e-4;
    const double held = pivot_Nm_ / std::max(1.0, stiff);
    angle_ = std::clamp(angle_, rest - held, rest + held);
    for (String& s : strings_) {
        if (s.mostHeld_cents <= 0.0 || s.unstretchedLength_m <= 0.0)
            continue;
        const double moved_cents = 1200.0 * std::log2(pitch(s, angle_) / pitch(s, before));
        const double behind = s.tail_m / (scale_ + s.tail_m);
        s.held_cents = std::clamp(s.held_cents + behind * moved_cents, -s.mostHeld_cents, s.mostHeld_cents);
    }
}

bool IndependentGuitar::floatsInTune() const {
    IndependentGuitar const& self = *this;
    const auto momentInTune = [&self](double angle) {
        double sum = -self.springPull(angle) * self.hook_ * std::cos(angle) - self.weight_Nm_ * std::cos(angle);
        constexpr double step = 1e-5;
        for (const String& s : self.strings_) {
            const double pull_N = 4.0 * s.mass_kgpm * std::pow(self.length(s, angle) * s.target_Hz, 2);
            sum -= pull_N * (self.length(s, angle + step) - self.length(s, angle - step)) / (2.0 * step);
        }
        return sum;
    };
    return momentInTune(1e-3) < momentInTune(-1e-3);
}

double IndependentGuitar::reading_cents(std::size_t i) const {
    return 1200.0 * std::log2(pitch(strings_[i], angle_) / strings_[i].target_Hz) + strings_[i].held_cents;
}

double IndependentGuitar::typed_cents(std::size_t i) {
    return roundedTo(reading_cents(i) + noise(tools_.tuner_cents), tools_.tunerStep_cents);
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

void IndependentGuitar::hear(const Event& event) {
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
        hear(event);
        return event;
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
        event.angle_rad = roundedTo(angle_ + noise(tools_.angle_rad), tools_.angleStep_rad);
    else if (act.gap)
        event.gap_m =
            std::max(0.0, roundedTo(rearGap_ + rearEdge_ * std::sin(angle_) + noise(tools_.gap_m), tools_.gapStep_m));
    return event;
}

/// With the set that comes off at pitch the plate stood level at the claw as it was.
void IndependentGuitar::balanceOldSet(const BenchJob& job) {
    double strings_Nm = 0.0;
    for (std::size_t i = 0; i < strings_.size(); ++i) {
        const SetString& old = job.old.strings[i];
        const double stiffness_N = axialStiffness_N(old.wire);
        const double square = 4.0 * scale_ * scale_ * unitMass_kgpm(old.wire) * old.target_Hz * old.target_Hz;
        double pull_N = square;
        for (int k = 0; k < 20; ++k)
            pull_N = square / (1.0 + pull_N / stiffness_N);
        strings_Nm += pull_N * (strings_[i].height_m - hard_.rollingEdge_m);
    }
    const double wanted_N = (strings_Nm - weight_Nm_) / hook_ / springs_ - initial_;
    double low = -0.05, high = 0.2;
    for (int k = 0; k < 60; ++k) {
        const double drawn = 0.5 * (low + high);
        (rate_ * drawn * (1.0 + hard_.springsStiffen * drawn) < wanted_N ? low : high) = drawn;
    }
    claw_ = job.rig.claw.turns.mean();
    drawn0_ = 0.5 * (low + high) - lead_ * claw_;
}

} // namespace flenzo
