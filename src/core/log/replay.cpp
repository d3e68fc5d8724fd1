// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/replay.h"

#include "core/acts/acts.h"
#include "core/plan/level.h"
#include "core/strings/pitch.h"

#include <cmath>
#include <numeric>

namespace flenzo {

namespace {

/// Readings with nothing done between them are one snapshot, however they were typed; repeated ones are averaged.
struct Snapshot {
    Standing before;
    BalanceEquation equation; ///< of `before`
    std::vector<std::pair<std::size_t, double>> readings_cents = {};
    std::vector<double> angles_rad = {};
    std::vector<int> counts = {};
    bool touches = false; ///< the gap was closed, and no angle was read besides

    void take(const Rig& rig, const Event& event) {
        for (const auto& [string, reading] : event.readings_cents)
            if (string < rig.strings.size())
                add(string, reading);
        if (event.angle_rad)
            angles_rad.push_back(*event.angle_rad);
        if (event.gap_m && *event.gap_m > 0.0)
            angles_rad.push_back(angleOfGap_rad(rig.bridge, *event.gap_m));
        touches = angles_rad.empty() && (touches || event.touches());
    }
    void add(std::size_t string, double cents) {
        counts.resize(before.readings_cents.size(), 0);
        if (++counts[string] == 1) {
            readings_cents.emplace_back(string, cents);
            return;
        }
        for (auto& [known, mean] : readings_cents)
            if (known == string)
                mean += (cents - mean) / counts[string];
    }
    [[nodiscard]] std::optional<double> angle_rad() const {
        if (angles_rad.empty())
            return std::nullopt;
        return std::accumulate(angles_rad.begin(), angles_rad.end(), 0.0) / static_cast<double>(angles_rad.size());
    }
};

/// A plate at a stop with the moment pushing into it: the stop carries the difference, nothing is unexplained.
bool liesOnStop(const Bridge& bridge, double moment_Nm, double angle_rad) {
    constexpr double near_rad = radians(0.25);
    return (moment_Nm < 0.0 && angle_rad < bridge.rearStop_rad + near_rad) ||
           (moment_Nm > 0.0 && angle_rad > bridge.forwardStop_rad - near_rad);
}

Outcome acted(const Rig& rig, const State& state, const Event& event) {
    switch (event.kind) {
    case Event::Kind::Claw:
        return turnClaw(rig, state, event.turns);
    case Event::Kind::Block:
        return putBlock(rig, state, event.block);
    case Event::Kind::Unblock:
        return takeBlock(rig, state);
    case Event::Kind::Lock:
        return lockNut(rig, state);
    case Event::Kind::Turn:
        return turnGuitar(rig, state, event.to);
    case Event::Kind::Off:
        return removeString(rig, state, event.string);
    default:
        return settle(rig, state);
    }
}

/// Plays a log on a model. A fit plays it hundreds of times, so the equation is kept from one event to the next.
class Player {
public:
    Player(const Rig& rig, const State& start) : rig_(rig), equation_(rig, start) {
        now_.state = start;
        now_.everRead.assign(rig.strings.size(), false);
        forgetReadings(true);
    }
    [[nodiscard]] const Standing& now() const { return now_; }

    /// What strings read is computed only if it is wanted.
    void take(const Event& event, bool wanted) {
        if (event.kind == Event::Kind::Read) {
            if (!open_)
                open_.emplace(Snapshot{now_, equation_});
            open_->take(rig_, event);
            if (wanted)
                read();
            return;
        }
        open_.reset();
        if (event.string >= rig_.strings.size())
            return;
        if (event.turnsString()) {
            tunePegOn(equation_, limitsOf(rig_.bridge, now_.state.block), now_.state, event.string,
                      frequencyAt_Hz(rig_.strings[event.string].target_Hz, event.to_cents));
        } else {
            now_.state = acted(rig_, now_.state, event).state;
            equation_ = BalanceEquation(rig_, now_.state);
        }
        forgetReadings(wanted);
        if (event.turnsString()) {
            now_.readings_cents[event.string] = now_.typed_cents[event.string] = event.to_cents;
            now_.measured[event.string] = now_.everRead[event.string] = true;
        }
    }

private:
    void forgetReadings(bool compute) {
        const std::size_t strings = rig_.strings.size();
        if (compute)
            computeReadings();
        else
            now_.readings_cents.assign(strings, 0.0);
        now_.measured.assign(strings, false);
        now_.typed_cents.assign(strings, 0.0);
        now_.inRun.clear();
        now_.gapMeasured = now_.touching = false;
        now_.readsInRow = 0;
    }
    void computeReadings() {
        now_.readings_cents.resize(rig_.strings.size());
        for (std::size_t i = 0; i < now_.readings_cents.size(); ++i)
            now_.readings_cents[i] = cents(equation_.frequency_Hz(i, now_.state.angle_rad), rig_.strings[i].target_Hz);
    }

    /// The snapshot so far, taken as true.
    void read() {
        now_ = open_->before;
        equation_ = open_->equation;
        believe();
        computeReadings();
        now_.inRun.resize(rig_.strings.size(), false);
        for (const auto& [string, reading] : open_->readings_cents) {
            now_.readings_cents[string] = now_.typed_cents[string] = reading;
            now_.measured[string] = now_.everRead[string] = now_.inRun[string] = true;
        }
        now_.gapMeasured = now_.gapMeasured || open_->touches || !open_->angles_rad.empty();
        now_.touching = open_->touches;
        now_.angleEverRead = now_.angleEverRead || now_.gapMeasured;
        ++now_.readsInRow;
    }

    void believe() {
        if (const auto angle = open_->angle_rad(); angle && hasClaw(rig_)) {
            believeAt(*angle);
            return;
        }
        BalanceEquation held = equation_;
        for (const auto& [string, reading] : open_->readings_cents)
            held.holdAtPitch(string, frequencyAt_Hz(rig_.strings[string].target_Hz, reading));
        const Rest rest = findRest(held, limitsOf(rig_.bridge, now_.state.block), now_.state.angle_rad);
        if (open_->touches && hasClaw(rig_)) {
            const double closed_rad = angleOfGap_rad(rig_.bridge, 0.0);
            if (rest.kind != RestKind::NotFound && rest.angle_rad <= closed_rad)
                setRests(rest.angle_rad);
            else
                believeAt(closed_rad);
            return;
        }
        // A guitar that can be read is at rest, so a model that runs away at these pitches is wrong about the moment.
        if (rest.kind == RestKind::ForwardStop || rest.kind == RestKind::RearStop || rest.kind == RestKind::NotFound)
            believeAt(now_.state.angle_rad);
        else
            setRests(rest.angle_rad);
    }

    /// Rest lengths that give the readings at an angle; the extra moment balances the bridge there if nothing else
    /// holds it.
    void believeAt(double angle_rad) {
        setRests(angle_rad);
        const double moment_Nm = equation_.at(angle_rad).moment_Nm;
        if (now_.state.block || liesOnStop(rig_.bridge, moment_Nm, angle_rad))
            return;
        now_.state.extraMoment_Nm -= moment_Nm;
        equation_.addMoment(-moment_Nm);
    }

    void setRests(double angle_rad) {
        for (const auto& [string, reading] : open_->readings_cents) {
            const double rest_m =
                equation_.restForPitch_m(string, frequencyAt_Hz(rig_.strings[string].target_Hz, reading), angle_rad);
            now_.state.rest_m[string] = rest_m;
            equation_.setRest(string, rest_m);
        }
        now_.state.angle_rad = angle_rad;
    }

    const Rig& rig_;
    BalanceEquation equation_; ///< of the present state
    Standing now_;
    std::optional<Snapshot> open_;
};

} // namespace

std::vector<Standing> replay(const Rig& rig, const State& start, const std::vector<Event>& log, ReplayDetail detail) {
    std::vector<Standing> standings(log.size() + 1);
    Player player(rig, start);
    standings.front() = player.now();
    for (std::size_t e = 0; e < log.size(); ++e) {
        const bool readNext = e + 1 < log.size() && log[e + 1].kind == Event::Kind::Read;
        const bool turning = readNext != (log[e].kind == Event::Kind::Read); // a run of readings begins or ends here
        const bool wanted = detail == ReplayDetail::Everything || e + 1 == log.size() || turning;
        player.take(log[e], wanted);
        if (wanted)
            standings[e + 1] = player.now();
    }
    return standings;
}

} // namespace flenzo
