// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/lanes.h"

#include "core/log/rig_after.h"
#include "session/listening/listening.h"
#include "session/models/pass_sheet.h"
#include "widgets/text/wording.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct LanesWords {
    Q_DECLARE_TR_FUNCTIONS(Lanes)
};

constexpr std::size_t mostBefore = 4;

StringLanes::Lane laneOf(const Job& job, std::size_t i, bool on) {
    const RigString& string = job.rig.strings[i];
    StringLanes::Lane lane;
    lane.name = QString::fromStdString(string.name);
    lane.note = wording::noteOf(string.target_Hz, job.referencePitch_Hz).section(QLatin1Char(' '), 0, 0);
    lane.gauge_m = string.wire.gauge_m;
    lane.off = !on;
    return lane;
}

/// Where string `i` was after the last acts, without what it is now and what did not move it.
std::vector<double> before_cents(const Derived& derived, std::size_t i) {
    constexpr double same_cents = 1.0;
    std::vector<double> found;
    double later = derived.now().shown_cents(i);
    for (auto at = derived.standings.rbegin(); at != derived.standings.rend() && found.size() < mostBefore; ++at) {
        const double cents = at->shown_cents(i);
        if (!at->everRead[i] || !std::isfinite(cents) || std::abs(cents - later) < same_cents)
            continue;
        found.push_back(cents);
        later = cents;
    }
    std::reverse(found.begin(), found.end());
    return found;
}

/// What the strings are to be tuned to in the pass that comes: the asked one's aim, the others' as forecast; over a
/// block the asked one's alone, for the forecast is of the bridge without it.
void setAims(StringLanes& lanes, const Job& job, const Derived& derived) {
    const NextAct& next = derived.next();
    if (!derived.now().state.block && next.what != NextAct::Do::Done && next.what != NextAct::Do::Leave &&
        next.what != NextAct::Do::Stuck)
        for (const SheetColumn& column : buildPassSheet(job, derived))
            if (column.kind == SheetColumn::Kind::Forecast) {
                for (std::size_t i = 0; i < lanes.lanes.size(); ++i)
                    lanes.lanes[i].aim_cents = column.cells[i].aim_cents;
                break;
            }
    if (next.what == NextAct::Do::Tune)
        lanes.lanes[next.aim.string].aim_cents = next.aim.cents;
}

} // namespace

StringLanes namedLanes(const Job& job, const Derived& derived) {
    StringLanes lanes;
    lanes.tolerance_cents = lanes.nearAim_cents = derived.advice.pitchTolerance_cents;
    lanes.pegs = false;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        lanes.lanes.push_back(laneOf(job, i, isOnAfter(job.log, i)));
    return lanes;
}

StringLanes lanesOf(const Job& job, const Derived& derived, std::optional<std::size_t> picked) {
    StringLanes lanes;
    lanes.picked = picked;
    lanes.tolerance_cents = derived.advice.pitchTolerance_cents;
    lanes.nearAim_cents = derived.advice.pitchTolerance_cents;
    const TrackedState& now = derived.now();
    const NextAct& next = derived.next();
    if (next.what == NextAct::Do::Tune || next.what == NextAct::Do::Stretch)
        lanes.asked = next.aim.string;
    else if (next.what == NextAct::Do::Read && !next.strings.empty())
        lanes.asked = picked ? picked : std::optional(next.strings.front());
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        StringLanes::Lane lane = laneOf(job, i, isOnAfter(job.log, i));
        if (const double cents = now.shown_cents(i); !lane.off && std::isfinite(cents))
            lane.cents = cents;
        lane.read = now.measured[i];
        lane.before_cents = before_cents(derived, i);
        lanes.lanes.push_back(std::move(lane));
    }
    setAims(lanes, job, derived);
    if (next.what == NextAct::Do::Tune) {
        StringLanes::Lane& asked = lanes.lanes[next.aim.string];
        asked.turn =
            asked.cents && *asked.cents > next.aim.cents ? StringLanes::Turn::Looser : StringLanes::Turn::Tighter;
    }
    return lanes;
}

StringLanes withSound(StringLanes lanes, const Listening& listening) {
    using Heard = Listening::State;
    const Heard state = listening.state();
    const bool sounds =
        state == Heard::Struck || state == Heard::Settling || state == Heard::OnTheWay || state == Heard::Asks;
    if (listening.isOn() && !listening.isPaused() && sounds && listening.string() &&
        *listening.string() < lanes.lanes.size())
        lanes.lanes[*listening.string()].live_cents = listening.cents();
    return lanes;
}

StringLanes lanesRead(const PracticeRun& run, std::size_t picked) {
    const Job& job = run.job();
    StringLanes lanes;
    lanes.picked = picked;
    lanes.tolerance_cents = job.goal.pitchTolerance_cents;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        lanes.lanes.push_back(laneOf(job, i, run.isOn(i)));
        lanes.lanes.back().read = true;
    }
    std::vector<qsizetype> at(lanes.lanes.size(), 0);
    const auto put = [&](std::size_t string, double cents, qsizetype act) {
        StringLanes::Lane& lane = lanes.lanes[string];
        if (lane.cents)
            lane.before_cents.push_back(*lane.cents);
        if (lane.before_cents.size() > mostBefore)
            lane.before_cents.erase(lane.before_cents.begin());
        lane.cents = cents;
        at[string] = act;
    };
    const QList<qsizetype>& entries = run.entries();
    for (qsizetype act = 0; act < entries.size(); ++act)
        for (qsizetype e = act == 0 ? 0 : entries[act - 1]; e < entries[act]; ++e) {
            const Event& event = job.log[static_cast<std::size_t>(e)];
            for (const auto& [string, cents] : event.readings_cents)
                put(string, cents, act);
            if (event.turnsString())
                put(event.string, event.to_cents, act);
        }
    for (std::size_t i = 0; i < lanes.lanes.size(); ++i)
        if (const auto ago = static_cast<int>(entries.size() - 1 - at[i]); lanes.lanes[i].cents && ago > 0)
            lanes.lanes[i].remark = LanesWords::tr("%n acts ago", nullptr, ago);
    return lanes;
}

} // namespace flenzo
