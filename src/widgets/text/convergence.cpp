// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/convergence.h"

#include "core/base/units.h"
#include "domain/job/movement.h"
#include "language/figures.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct ConvergenceWords {
    Q_DECLARE_TR_FUNCTIONS(ActsDone)
};

using Point = Convergence::Point;
using Act = Convergence::Act;

Act::Kind kindOf(const Event& event) {
    return event.kind == Event::Kind::Claw   ? Act::Kind::Claw
           : event.kind == Event::Kind::Read ? Act::Kind::Read
           : event.turnsString()             ? Act::Kind::Peg
                                             : Act::Kind::Other;
}

bool tells(const Event& event, std::size_t string) {
    if (event.turnsString() && event.string == string)
        return true;
    return std::any_of(event.readings_cents.begin(), event.readings_cents.end(),
                       [string](const auto& reading) { return reading.first == string; });
}

} // namespace

QString actWords(const Event& event, const Rig& rig) {
    const auto name = [&] { return QString::fromStdString(rig.strings[event.string].name); };
    const double turns = event.turns.mean();
    switch (event.kind) {
    case Event::Kind::Read:
        return event.readings_cents.empty()
                   ? ConvergenceWords::tr("plate measured")
                   : ConvergenceWords::tr("%n strings checked", nullptr, static_cast<int>(event.readings_cents.size()));
    case Event::Kind::Tuned:
        return ConvergenceWords::tr("string %1 tuned").arg(name());
    case Event::Kind::Fine:
        return ConvergenceWords::tr("string %1 fine-tuned").arg(name());
    case Event::Kind::Stretched:
        return ConvergenceWords::tr("string %1 stretched").arg(name());
    case Event::Kind::Claw:
        return turns >= 0.0 ? ConvergenceWords::tr("claw tightened %1").arg(turnsText(turns))
                            : ConvergenceWords::tr("claw loosened %1").arg(turnsText(turns));
    case Event::Kind::Block:
        return ConvergenceWords::tr("block put in");
    case Event::Kind::Unblock:
        return ConvergenceWords::tr("block taken out");
    case Event::Kind::Lock:
        return ConvergenceWords::tr("nut locked");
    case Event::Kind::Turn:
        return ConvergenceWords::tr("guitar turned");
    case Event::Kind::Off:
        return ConvergenceWords::tr("string %1 off").arg(name());
    case Event::Kind::Wiggle:
        return ConvergenceWords::tr("arm moved to and fro");
    case Event::Kind::Retarget:
        return ConvergenceWords::tr("another pitch wanted");
    case Event::Kind::Springs:
        return ConvergenceWords::tr("%n springs in", nullptr, static_cast<int>(event.springs.size()));
    case Event::Kind::Strung:
        return ConvergenceWords::tr("string %1 new").arg(name());
    case Event::Kind::Posts:
        return event.bass_m + event.treble_m >= 0.0 ? ConvergenceWords::tr("bridge posts raised")
                                                    : ConvergenceWords::tr("bridge posts lowered");
    case Event::Kind::Saddle:
        return ConvergenceWords::tr("saddle %1 moved").arg(name());
    case Event::Kind::Slipped:
        return ConvergenceWords::tr("string %1 slipped").arg(name());
    case Event::Kind::Disturbed:
        return ConvergenceWords::tr("something was moved");
    }
    return {};
}

MovedStrings movedStrings(const Job& job, const Derived& derived) {
    MovedStrings picture;
    const auto moved = movementsOf(job, derived);
    if (!moved)
        return picture;
    picture.act = actWords(moved->act, job.rig);
    picture.tilt_deg = degrees(moved->tilt_rad);
    for (const Movement& string : moved->strings)
        picture.strings.push_back({QString::fromStdString(job.rig.strings[string.string].name), string.plate_cents,
                                   string.own_cents, string.touched});
    return picture;
}

Convergence wayRead(const Job& job) {
    Convergence way;
    way.tolerance_cents = job.goal.pitchTolerance_cents;
    way.tolerance_deg = degrees(job.goal.angleTolerance_rad);
    const bool plate = hasClaw(job.rig) && floats(job.rig, job.goal);
    for (const RigString& string : job.rig.strings)
        way.strings.push_back({QString::fromStdString(string.name), {std::nullopt}});
    way.acts.push_back({ConvergenceWords::tr("start"), Act::Kind::Start});
    if (plate)
        way.plate_deg.push_back(std::nullopt);
    for (const Event& event : job.log) {
        way.acts.push_back({actWords(event, job.rig), kindOf(event)});
        for (auto& string : way.strings)
            string.cents.push_back(std::nullopt);
        for (const auto& [string, cents] : event.readings_cents)
            way.strings[string].cents.back() = Point{cents, true};
        if (event.turnsString())
            way.strings[event.string].cents.back() = Point{event.to_cents, true};
        if (!plate)
            continue;
        std::optional<double> angle_rad = event.angle_rad;
        if (event.gap_m && *event.gap_m > 0.0)
            angle_rad = angleOfGap_rad(job.rig.bridge, *event.gap_m);
        way.plate_deg.push_back(angle_rad ? std::optional(Point{degrees(*angle_rad - job.goal.angle_rad), true})
                                          : std::nullopt);
    }
    return way;
}

Convergence convergenceOf(const Job& job, const Derived& derived) {
    Convergence way;
    way.tolerance_cents = derived.advice.pitchTolerance_cents;
    way.tolerance_deg = degrees(derived.advice.plateTolerance_rad);
    const bool plate = hasClaw(job.rig) && floats(job.rig, job.goal);
    for (const RigString& string : job.rig.strings)
        way.strings.push_back({QString::fromStdString(string.name), {}});
    for (std::size_t a = 0; a < derived.standings.size() && a <= job.log.size(); ++a) {
        const TrackedState& after = derived.standings[a];
        const Event* event = a > 0 ? &job.log[a - 1] : nullptr;
        way.acts.push_back({event ? actWords(*event, job.rig) : ConvergenceWords::tr("start"),
                            event ? kindOf(*event) : Act::Kind::Start});
        for (std::size_t i = 0; i < way.strings.size(); ++i) {
            const double cents = after.shown_cents(i);
            way.strings[i].cents.push_back(after.everRead[i] && std::isfinite(cents)
                                               ? std::optional<Point>({cents, event && tells(*event, i)})
                                               : std::nullopt);
        }
        if (plate) {
            const double off_rad = after.shownAngle_rad(job.rig.bridge) - job.goal.angle_rad;
            const bool read = event && event->kind == Event::Kind::Read && (event->gap_m || event->angle_rad);
            way.plate_deg.push_back(Point{degrees(off_rad), read});
        }
    }
    if (derived.remaining && derived.remaining->played > 0 && derived.next().what != NextAct::Do::Done) {
        const auto strings = static_cast<double>(job.rig.strings.size());
        way.likelyActs = derived.remaining->passes.p50 * strings + derived.remaining->clawVisits.p50;
        way.mostActs = std::max(1.0, derived.remaining->passes.p90 * strings + derived.remaining->clawVisits.p90);
    }
    if (derived.next().what == NextAct::Do::Tune || derived.next().what == NextAct::Do::Stretch)
        way.asked = derived.next().aim.string;
    else if (derived.next().what == NextAct::Do::Read && !derived.next().strings.empty())
        way.asked = derived.next().strings.front();
    return way;
}

} // namespace flenzo
