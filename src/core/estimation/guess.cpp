// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/guess.h"

#include "core/operations/slide.h"
#include "core/statics/pitch.h"
#include "core/statics/readings.h"

#include <algorithm>

namespace flenzo {

std::optional<double> measuredAngle_rad(const Timeline& line, std::size_t rest) {
    double sum = 0.0;
    int count = 0;
    for (const Observation& made : line.observations)
        if (made.rest == rest && made.kind != Observation::Kind::Pitch && !made.closed && !made.wrong) {
            sum += made.kind == Observation::Kind::Angle ? made.value
                                                         : angleOfGap_rad(line.rigAt(rest).bridge, made.value);
            ++count;
        }
    return count > 0 ? std::optional<double>(sum / count) : std::nullopt;
}

namespace {

class Guess {
public:
    Guess(const BenchJob& job, const Timeline& line, const Equations& equations, Unknowns& at)
        : job_(job), line_(line), equations_(equations), at_(at) {}

    /// Strings that began another stretch at a rest that is known already (slipped, or on again), and strings read for
    /// the first time in theirs, begin where they were read: from far off a robust solution would take the reading for
    /// a slip.
    void beginUnread(std::size_t known) {
        while (at_.z_cents.size() < line_.stretches.size() &&
               line_.stretches[at_.z_cents.size()].firstRest < at_.angle_rad.size())
            at_.z_cents.push_back(line_.stretches[at_.z_cents.size()].typed_cents);
        std::vector<bool> seen(at_.z_cents.size(), false);
        bool plateSeen = false;
        for (std::size_t o = 0; o < line_.observations.size(); ++o) {
            const Observation& made = line_.observations[o];
            if (made.rest >= at_.angle_rad.size() || made.wrong)
                continue;
            if (made.kind != Observation::Kind::Pitch) {
                if (o >= known && !plateSeen && !made.closed)
                    at_.angle_rad[made.rest] = *measuredAngle_rad(line_, made.rest);
                plateSeen = true;
                continue;
            }
            if (o >= known && !seen[made.stretch])
                at_.z_cents[made.stretch] = equations_.model(made.rest).zOfReading_cents(
                    made.string, made.value, at_.angle_rad[made.rest], line_.rests[made.rest].nutLocked);
            seen[made.stretch] = true;
        }
    }

    /// The plate slides from where it was as the model so far has it; strings read right after an act begin at their
    /// reading.
    void beginRest(std::size_t rest) {
        const RestPoint& point = line_.rests[rest];
        const RestModel& model = equations_.model(rest);
        at_.angle_rad.push_back(rest > 0 ? at_.angle_rad[rest - 1] : job_.goal.angle_rad);
        beginClaw(rest);
        const std::vector<std::size_t> fresh = beginStretches(rest);
        const State state = equations_.stateAt(at_, rest);
        BalanceEquation equation(model.rig(), state);
        std::vector<const Observation*> read;
        for (const Observation& made : line_.observations)
            if (made.rest == rest && made.kind == Observation::Kind::Pitch && !made.wrong &&
                std::find(fresh.begin(), fresh.end(), made.string) != fresh.end()) {
                read.push_back(&made);
                equation.holdAtPitch(made.string, frequencyAt_Hz(job_.rig.strings[made.string].target_Hz, made.value));
            }
        beginAngle(rest, equation);
        for (const Observation* made : read)
            at_.z_cents[made->stretch] =
                model.zOfReading_cents(made->string, made->value, at_.angle_rad.back(), point.nutLocked);
    }

private:
    void beginClaw(std::size_t rest) {
        while (at_.claw.size() < line_.claws.size() && at_.claw.size() <= line_.rests[rest].claw) {
            ClawTurns turns = at_.claw.empty() ? job_.rig.claw.turns : at_.claw.back();
            turns.bass += line_.claws[at_.claw.size()].counted.bass;
            turns.treble += line_.claws[at_.claw.size()].counted.treble;
            at_.claw.push_back(turns);
        }
    }

    /// The strings whose stretches begin here.
    std::vector<std::size_t> beginStretches(std::size_t rest) {
        std::vector<std::size_t> fresh;
        for (std::size_t s = at_.z_cents.size(); s < line_.stretches.size() && line_.stretches[s].firstRest == rest;
             ++s) {
            const Stretch& stretch = line_.stretches[s];
            at_.z_cents.push_back(stretch.typed_cents);
            fresh.push_back(stretch.string);
            switch (stretch.link) {
            case Stretch::Link::Locked:
                at_.z_cents.back() = equations_.model(rest)
                                         .clamped(stretch.string, Turned(at_.angle_rad[rest]),
                                                  equations_.zAt_cents(at_, rest - 1, stretch.string))
                                         .z_cents;
                break;
            case Stretch::Link::Carried:
            case Stretch::Link::Loosened:
                at_.z_cents.back() = equations_.model(rest - 1)
                                         .carried(stretch.string, equations_.zAt_cents(at_, rest - 1, stretch.string),
                                                  line_.rests[rest].nutLocked, equations_.model(rest))
                                         .z_cents;
                break;
            case Stretch::Link::Slipped:
            case Stretch::Link::Moved:
            case Stretch::Link::Waited:
                at_.z_cents.back() = equations_.zAt_cents(at_, rest - 1, stretch.string);
                break;
            case Stretch::Link::None:
            case Stretch::Link::Pulled:
                break;
            }
        }
        return fresh;
    }

    /// The plate is where a gauge saw it first, or slides there from where it was.
    void beginAngle(std::size_t rest, const BalanceEquation& equation) {
        const Bridge& bridge = equations_.model(rest).rig().bridge;
        const RestPoint& point = line_.rests[rest];
        double& angle = at_.angle_rad.back();
        const auto seen = measuredAngle_rad(line_, rest);
        const bool first = rest == 0 || line_.observations.empty() || line_.observations.front().rest >= rest;
        if (seen && first) {
            angle = *seen;
            return;
        }
        const Equilibrium found =
            slide(equation, limitsOf(bridge, point.block), angle, bridge.friction.pivot_Nm, point.remembers);
        const bool closed = std::any_of(line_.observations.begin(), line_.observations.end(),
                                        [&](const Observation& o) { return o.rest == rest && o.closed; });
        const bool lost = first && !closed && found.isHeld() && !point.block && found.kind != EquilibriumKind::Centred;
        if (found.kind != EquilibriumKind::NotFound && !lost)
            angle = found.angle_rad;
    }

    const BenchJob& job_;
    const Timeline& line_;
    const Equations& equations_;
    Unknowns& at_;
};

} // namespace

void bringIn(const BenchJob& job, const Timeline& line, const Equations& equations, std::size_t known, Unknowns& at) {
    Guess guess(job, line, equations, at);
    at.strain.resize(line.gaps.size(), 0.0);
    guess.beginUnread(known);
    while (at.angle_rad.size() < line.rests.size())
        guess.beginRest(at.angle_rad.size());
}

} // namespace flenzo
