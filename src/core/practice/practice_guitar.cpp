// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/practice/practice_guitar.h"

#include "core/base/rounding.h"
#include "core/log/acted.h"
#include "core/operations/acts.h"
#include "core/operations/settling.h"
#include "core/operations/slide.h"
#include "core/simulation/simulated_guitar.h"
#include "core/statics/pitch.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

using Do = PracticeAct::Do;

enum PracticeStream : std::uint32_t { StrungStream = 41, FirstActStream = 64 };

// How large a bench knows the symptoms to be; assumptions.
constexpr double slips_m = 3e-4, crooked_turns = 1.5, hangs_cents = 8.0, neckGives_m = 4e-5, worn_Nm = 0.06;
constexpr double heavier = 1.2; ///< gauge of a string that is not what its packet says

bool movesStrings(Do what) {
    return what == Do::Tune || what == Do::Turn || what == Do::Claw || what == Do::Stretch || what == Do::Dive ||
           what == Do::PullUp || what == Do::Unblock || what == Do::Block;
}

} // namespace

bool isOfAString(Defect fault) {
    return fault == Defect::SlipsAtPost || fault == Defect::InsertLoose || fault == Defect::HangsAtNut ||
           fault == Defect::SwappedStrings || fault == Defect::WrongGauge || fault == Defect::CapTurned;
}

PracticeGuitar::PracticeGuitar(const BenchJob& job, const PracticeConditions& conditions, Defect fault,
                               std::size_t string, std::uint32_t seed)
    : conditions_(conditions), nominal_(job.rig), fault_(fault), faultString_(string), seed_(seed) {
    const SimulatedGuitar like(job, conditions.spread, seed);
    rig_ = like.rig();
    rig_.bridge.friction.pivot_Nm = conditions.pivot_Nm;
    hangs_cents_.assign(rig_.strings.size(), 0.0);
    unsettled_m_.assign(rig_.strings.size(), 0.0);
    std::vector<double> from_cents;
    for (std::size_t i = 0; i < rig_.strings.size(); ++i)
        from_cents.push_back(like.reading_cents(i));
    spoil();
    state_ = stringUp(rig_, bareState(rig_), from_cents, 0.0).state;
    if (fault_ == Defect::ClawCrooked) {
        state_.claw.bass += crooked_turns;
        state_.claw.treble -= crooked_turns;
    }
    if (fault_ == Defect::BlockLeftIn)
        state_.block = Block{Block::Kind::Captive, job.goal.angle_rad};
    comeToRest(state_.angle_rad);
    if (!conditions.newStrings)
        return;
    RandomStream random(seed, StrungStream);
    for (std::size_t i = 0; i < rig_.strings.size(); ++i) {
        const Settling usual = usualSettling(rig_.strings[i].wire, job.method.wraps, job.method.pullShare);
        unsettled_m_[i] = usual.left_m * std::exp(random.normal(0.5));
        pullShare_ = usual.share;
    }
}

/// What is wrong with its parts from the start.
void PracticeGuitar::spoil() {
    RigString& one = rig_.strings[faultString_];
    const std::size_t next = std::min(faultString_ + 1, rig_.strings.size() - 1);
    switch (fault_) {
    case Defect::WornEdge:
        rig_.bridge.friction.pivot_Nm = worn_Nm;
        break;
    case Defect::SwappedStrings:
        std::swap(one.wire, rig_.strings[next].wire);
        break;
    case Defect::WrongGauge: {
        const double mass = unitMass_kgpm(one.wire), stiffness = axialStiffness_N(one.wire);
        one.wire.gauge_m *= heavier;
        one.wire.unitMass_kgpm = mass * heavier * heavier;
        one.wire.stiffness_N = stiffness * heavier * heavier;
        break;
    }
    case Defect::SpringOff:
        if (rig_.springs.size() > 1)
            rig_.springs.pop_back();
        break;
    default:
        break;
    }
}

void PracticeGuitar::mend() {
    const std::size_t next = std::min(faultString_ + 1, rig_.strings.size() - 1);
    const auto putOn = [this](std::size_t string) {
        constexpr double slack_cents = -300.0;
        RandomStream noise(seed_, FirstActStream + acts_);
        tune(string, slack_cents, noise);
    };
    const double was_rad = state_.angle_rad;
    switch (fault_) {
    case Defect::BlockLeftIn:
        state_.block.reset();
        break;
    case Defect::WornEdge:
        rig_.bridge.friction.pivot_Nm = conditions_.pivot_Nm;
        break;
    case Defect::SwappedStrings:
        std::swap(rig_.strings[faultString_].wire, rig_.strings[next].wire);
        putOn(faultString_);
        putOn(next);
        break;
    case Defect::WrongGauge:
        rig_.strings[faultString_].wire = nominal_.strings[faultString_].wire;
        putOn(faultString_);
        break;
    case Defect::ClawCrooked:
        state_.claw.bass -= crooked_turns;
        state_.claw.treble += crooked_turns;
        break;
    case Defect::SpringOff:
        if (rig_.springs.size() >= nominal_.springs.size())
            break; // a lone spring never came off, or it has been hooked on again
        rig_.springs.push_back(rig_.springs.back());
        rig_.springs.back().slot = nominal_.springs.back().slot;
        rig_.springs.back().aside_m = nominal_.springs.back().aside_m;
        break;
    default:
        break;
    }
    fault_ = Defect::None;
    hangs_cents_.assign(rig_.strings.size(), 0.0);
    comeToRest(was_rad);
}

void PracticeGuitar::comeToRest(double from_rad, bool remembers) {
    state_ = cameToRest(rig_, std::move(state_), from_rad, remembers);
}

double PracticeGuitar::reading_cents(std::size_t string) const {
    if (state_.unstretchedLength_m[string] <= 0.0)
        return -std::numeric_limits<double>::infinity();
    const double frequency_Hz = BalanceEquation(rig_, state_).frequency_Hz(string, state_.angle_rad);
    return cents(std::max(1e-3, frequency_Hz), rig_.strings[string].target_Hz) + hangs_cents_[string];
}

double PracticeGuitar::read_cents(std::size_t string, RandomStream& noise) const {
    return roundedTo(reading_cents(string) + noise.normal(conditions_.tuner_cents), conditions_.tunerStep_cents);
}

double PracticeGuitar::pullShare(std::size_t string) const {
    if (state_.unstretchedLength_m[string] <= 0.0)
        return 0.0;
    return std::exp(2.0 * reading_cents(string) / centsPerNeper);
}

double PracticeGuitar::breakingShare(std::size_t string) const {
    if (state_.unstretchedLength_m[string] <= 0.0)
        return 0.0;
    return BalanceEquation(rig_, state_).tension_N(string, state_.angle_rad) /
           breakingTension_N(rig_.strings[string].wire);
}

bool PracticeGuitar::isSettled(double within_cents) const {
    for (std::size_t i = 0; i < unsettled_m_.size(); ++i) {
        if (state_.unstretchedLength_m[i] <= 0.0)
            continue;
        State after = state_;
        after.unstretchedLength_m[i] += unsettled_m_[i] * pullShare_;
        const double now_Hz = BalanceEquation(rig_, state_).frequency_Hz(i, state_.angle_rad);
        const double then_Hz = BalanceEquation(rig_, after).frequency_Hz(i, state_.angle_rad);
        if (now_Hz > 0.0 && cents(now_Hz, std::max(1e-3, then_Hz)) > within_cents)
            return false;
    }
    return true;
}

void PracticeGuitar::tune(std::size_t string, double wanted_cents, RandomStream& noise) {
    const double wanted_Hz = frequencyAt_Hz(rig_.strings[string].target_Hz,
                                            wanted_cents - noise.normal(conditions_.peg_cents) - hangs_cents_[string]);
    state_ = turnedTo(rig_, std::move(state_), string, wanted_Hz);
}

void PracticeGuitar::lengthen(std::size_t string, double by_m) {
    if (state_.unstretchedLength_m[string] <= 0.0)
        return;
    const double was_rad = state_.angle_rad;
    state_.unstretchedLength_m[string] += by_m;
    comeToRest(was_rad);
}

/// The arm moves the plate that far and lets it go: it comes back to the near edge of what the pivot holds.
void PracticeGuitar::swing(double to_rad, bool down) {
    if (!rig_.bridge.has().moves())
        return;
    comeToRest(state_.block ? state_.angle_rad : to_rad);
    if (fault_ == Defect::HangsAtNut)
        hangs_cents_[faultString_] = down ? -hangs_cents : 0.0;
}

bool PracticeGuitar::isPair(std::size_t string) const {
    return string == faultString_ || string == faultString_ + 1;
}

/// New strings let go a little with every act, and most when they are pulled.
void PracticeGuitar::give(const PracticeAct& act) {
    for (std::size_t i = 0; i < unsettled_m_.size(); ++i) {
        const bool pulled = act.what == Do::Stretch && act.string == i;
        const double gone_m = unsettled_m_[i] * (pulled ? pullShare_ : conditions_.creepShare);
        if (gone_m <= 0.0)
            continue;
        unsettled_m_[i] -= gone_m;
        lengthen(i, gone_m);
    }
}

/// What the fault does with an act.
void PracticeGuitar::slip(const PracticeAct& act, RandomStream& noise) {
    const bool own = act.string == faultString_;
    const bool arm = act.what == Do::Dive || act.what == Do::PullUp;
    const double size_m = slips_m * noise.between(0.6, 1.2);
    const bool turned = act.what == Do::Tune || act.what == Do::Turn || act.what == Do::Stretch;
    if (fault_ == Defect::SlipsAtPost && !state_.nutLocked && own && turned)
        lengthen(faultString_, size_m);
    if (fault_ == Defect::InsertLoose && ((own && act.what == Do::Stretch) || arm))
        lengthen(faultString_, size_m);
    if (fault_ == Defect::NeckLoose)
        for (std::size_t i = 0; i < rig_.strings.size(); ++i)
            lengthen(i, neckGives_m * (arm ? 3.0 : 1.0) * noise.between(0.7, 1.3));
    if (fault_ == Defect::CapTurned && state_.nutLocked && (act.what == Do::Lock || arm || turned))
        for (std::size_t i = 0; i < rig_.strings.size(); ++i)
            if (isPair(i))
                lengthen(i, size_m * (act.what == Do::Lock ? 1.0 : 0.4));
}

void PracticeGuitar::look(const PracticeAct& act, PracticeSight& out, RandomStream& noise) const {
    switch (act.what) {
    case Do::Read: {
        Event event;
        for (std::size_t i = 0; i < rig_.strings.size(); ++i)
            if (const double read = read_cents(i, noise); (!act.string || act.string == i) && std::isfinite(read))
                event.readings_cents.emplace_back(i, read);
        out.event = event;
        break;
    }
    case Do::Measure: {
        const double gap_m = gapAt_m(rig_.bridge, state_.angle_rad) + noise.normal(conditions_.gap_m);
        out.event = Event::readGap(roundedTo(std::max(0.0, gap_m), conditions_.gapStep_m));
        break;
    }
    case Do::Look: {
        Event event;
        event.angle_rad = state_.angle_rad + noise.normal(conditions_.eye_rad);
        event.angleDeviation_rad = conditions_.eye_rad;
        out.angle_rad = event.angle_rad;
        out.event = event;
        break;
    }
    case Do::Caliper:
        out.gauge_m = rig_.strings[act.string.value_or(0)].wire.gauge_m;
        break;
    case Do::Inspect:
        out.claw = state_.claw;
        out.springs = static_cast<int>(rig_.springs.size());
        out.blocked = state_.block.has_value();
        break;
    default:
        break;
    }
}

std::optional<Event> PracticeGuitar::work(const PracticeAct& act, RandomStream& noise) {
    const std::size_t string = std::min(act.string.value_or(0), rig_.strings.size() - 1);
    const double was_rad = state_.angle_rad;
    Event event;
    event.string = string;
    const auto fromLog = [&](Event::Kind kind) {
        event.kind = kind;
        state_ = acted(rig_, state_, event);
        if (kind != Event::Kind::Wiggle)
            comeToRest(was_rad);
        return event;
    };
    switch (act.what) {
    case Do::Tune:
    case Do::Turn:
        if (state_.unstretchedLength_m[string] <= 0.0)
            return std::nullopt;
        hangs_cents_[string] = 0.0; // turned, it runs
        if (act.what == Do::Tune)
            tune(string, act.cents, noise);
        else
            lengthen(string, -act.amount * conditions_.pegTurn_m);
        event.kind = state_.nutLocked ? Event::Kind::Fine : Event::Kind::Tuned;
        event.to_cents = read_cents(string, noise);
        return event;
    case Do::Claw: {
        event = Event::claw(act.turns);
        const double hand = 1.0 + noise.normal(conditions_.spread.clawTurnError);
        Event turned = Event::claw({act.turns.bass * hand, act.turns.treble * hand});
        state_ = acted(rig_, state_, turned);
        comeToRest(was_rad);
        return event;
    }
    case Do::Stretch:
        event.kind = Event::Kind::Stretched;
        event.from_cents = read_cents(string, noise);
        return event; // what it lets go comes with what every act lets go
    case Do::Wiggle:
        comeToRest(was_rad, false);
        hangs_cents_.assign(rig_.strings.size(), 0.0);
        event.kind = Event::Kind::Wiggle;
        return event;
    case Do::Block:
        event.block = {Block::Kind::Captive, angleOfGap_rad(rig_.bridge, act.amount)};
        return fromLog(Event::Kind::Block);
    case Do::Unblock:
        if (!state_.block)
            return std::nullopt;
        if (fault_ == Defect::BlockLeftIn)
            fault_ = Defect::None;
        return fromLog(Event::Kind::Unblock);
    case Do::Lock:
        return state_.nutLocked ? std::nullopt : std::optional(fromLog(Event::Kind::Lock));
    case Do::Dive:
        swing(rig_.bridge.forwardStop_rad, true);
        return std::nullopt;
    case Do::PullUp:
        swing(rig_.bridge.rearStop_rad, false);
        return std::nullopt;
    case Do::Posts:
        rig_ = raisePosts(rig_, act.amount, act.amount);
        comeToRest(was_rad);
        return std::nullopt;
    case Do::TakeOff:
        return fromLog(Event::Kind::Off);
    case Do::PutOn:
        tune(string, -300.0, noise);
        event.kind = Event::Kind::Tuned;
        event.to_cents = read_cents(string, noise);
        return event;
    case Do::Springs:
        while (static_cast<double>(rig_.springs.size()) > std::max(1.0, act.amount))
            rig_.springs.pop_back();
        while (static_cast<double>(rig_.springs.size()) < std::min(act.amount, static_cast<double>(maxSprings)))
            rig_.springs.push_back(rig_.springs.back());
        comeToRest(was_rad);
        return std::nullopt;
    default:
        return std::nullopt;
    }
}

PracticeSight PracticeGuitar::perform(const PracticeAct& act) {
    RandomStream noise(seed_, FirstActStream + acts_++);
    PracticeSight out;
    look(act, out, noise);
    if (out.event || out.gauge_m || out.claw)
        return out;
    out.event = work(act, noise);
    if (movesStrings(act.what) || act.what == Do::Lock) {
        give(act);
        slip(act, noise);
    }
    if (out.event && out.event->kind == Event::Kind::Stretched)
        out.event->to_cents = read_cents(out.event->string, noise);
    return out;
}

} // namespace flenzo
