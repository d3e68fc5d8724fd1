// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/timeline.h"

#include "core/statics/pitch.h"

#include <algorithm>

namespace flenzo {

namespace {

class Builder {
public:
    explicit Builder(const BenchJob& job) : job_(job), strings_(job.rig.strings.size()) {
        RestPoint start;
        start.remembers = false;
        start.nutLocked = job.rig.nutLocked;
        start.orientation = job.rig.orientation;
        start.stretch.fill(RestPoint::none);
        line_.claws.push_back({});
        line_.rests.push_back(start);
        for (std::size_t i = 0; i < strings_; ++i)
            begin(i, Stretch::Link::None, job.slackStart_cents);
        line_.restAfter.push_back(0);
    }

    void take(std::size_t number) {
        const Event& event = job_.log[number];
        event_ = number;
        switch (event.kind) {
        case Event::Kind::Read:
            read(event);
            break;
        case Event::Kind::Retarget:
            break;
        default:
            if (event.string < strings_)
                act(event);
            break;
        }
        line_.restAfter.push_back(line_.rests.size() - 1);
    }
    Timeline take() { return std::move(line_); }

private:
    RestPoint& now() { return line_.rests.back(); }

    void begin(std::size_t string, Stretch::Link link, double typed_cents) {
        RestPoint& rest = now();
        Stretch stretch;
        stretch.string = string;
        stretch.firstRest = stretch.lastRest = line_.rests.size() - 1;
        stretch.link = rest.stretch[string] == RestPoint::none ? Stretch::Link::None : link;
        stretch.before = static_cast<std::size_t>(std::max(0, rest.stretch[string]));
        stretch.typed_cents = typed_cents;
        stretch.at = rest.given[string];
        rest.stretch[string] = static_cast<int>(line_.stretches.size());
        line_.stretches.push_back(stretch);
    }

    void observe(Observation::Kind kind, double value, const Event& event) {
        Observation made;
        made.kind = kind;
        made.value = value;
        made.rest = line_.rests.size() - 1;
        made.event = event_;
        made.confirmed = event.confirmed;
        line_.observations.push_back(made);
    }
    void observePitch(std::size_t string, double cents, const Event& event, bool afterAct) {
        const double against_cents = cents + retargeted_cents(job_, event_, string);
        if (now().stretch[string] == RestPoint::none)
            begin(string, Stretch::Link::None, against_cents); // it was read, so it is on again
        observe(Observation::Kind::Pitch, against_cents, event);
        line_.observations.back().string = string;
        line_.observations.back().deviation = event.pitchDeviation_cents;
        line_.observations.back().afterAct = afterAct;
        line_.observations.back().stretch = static_cast<std::size_t>(now().stretch[string]);
    }

    void read(const Event& event) {
        for (const auto& [string, cents] : event.readings_cents) {
            if (string >= strings_)
                continue;
            if (event.confirmed && now().stretch[string] != RestPoint::none)
                begin(string, Stretch::Link::Slipped, cents + retargeted_cents(job_, event_, string));
            observePitch(string, cents, event, false);
        }
        if (!hasClaw(job_.rig))
            return;
        if (event.gap_m) {
            observe(Observation::Kind::Gap, *event.gap_m, event);
            line_.observations.back().closed = *event.gap_m <= 0.0;
        }
        if (event.angle_rad) {
            observe(Observation::Kind::Angle, *event.angle_rad, event);
            line_.observations.back().deviation = event.angleDeviation_rad;
        }
    }

    void act(const Event& event) {
        if (event.kind == Event::Kind::Stretched && now().stretch[event.string] != RestPoint::none)
            observePitch(event.string, event.from_cents, event, true);
        RestPoint next = now();
        next.firstEvent = event_ + 1;
        next.remembers = event.kind != Event::Kind::Wiggle;
        line_.rests.push_back(next);
        letGive(event);
        switch (event.kind) {
        case Event::Kind::Tuned:
        case Event::Kind::Fine:
        case Event::Kind::Stretched: {
            const bool pulled = event.kind == Event::Kind::Stretched;
            begin(event.string, pulled ? Stretch::Link::Pulled : Stretch::Link::None,
                  event.to_cents + retargeted_cents(job_, event_, event.string));
            observePitch(event.string, event.to_cents, event, true);
            break;
        }
        case Event::Kind::Claw:
            now().claw = line_.claws.size();
            line_.claws.push_back({event.turns, line_.rests.size() - 1});
            break;
        case Event::Kind::Block:
            now().block = event.block;
            break;
        case Event::Kind::Unblock:
            now().block.reset();
            break;
        case Event::Kind::Lock:
            lock();
            break;
        case Event::Kind::Turn:
            now().orientation = event.to;
            break;
        case Event::Kind::Off:
            now().stretch[event.string] = RestPoint::none;
            break;
        default:
            break;
        }
    }

    void lock() {
        if (now().nutLocked)
            return;
        now().nutLocked = true;
        for (std::size_t i = 0; i < strings_; ++i)
            if (now().stretch[i] != RestPoint::none)
                begin(i, Stretch::Link::Locked, 0.0);
    }

    void letGive(const Event& event) {
        for (std::size_t i = 0; i < strings_; ++i) {
            GivingCounts& given = now().given[i];
            const bool own = event.turnsString() && event.string == i;
            if (own && event.kind == Event::Kind::Stretched)
                ++given.pulls;
            else if (own)
                ++given.ownPeg;
            else
                ++given.elsewhere;
        }
    }

    const BenchJob& job_;
    std::size_t strings_, event_ = 0;
    Timeline line_;
};

} // namespace

double retargeted_cents(const BenchJob& job, std::size_t event, std::size_t string) {
    for (std::size_t e = event + 1; e < job.log.size(); ++e)
        if (job.log[e].kind == Event::Kind::Retarget)
            for (const Retargeted& change : job.log[e].retargeted)
                if (change.string == string)
                    return cents(change.from_Hz, job.rig.strings[string].target_Hz);
    return 0.0;
}

Timeline timelineOf(const BenchJob& job) {
    Builder builder(job);
    for (std::size_t e = 0; e < job.log.size(); ++e)
        builder.take(e);
    Timeline line = builder.take();
    for (std::size_t r = 0; r < line.rests.size(); ++r)
        for (const int stretch : line.rests[r].stretch)
            if (stretch != RestPoint::none)
                line.stretches[static_cast<std::size_t>(stretch)].lastRest = r;
    for (Observation& made : line.observations)
        made.superseded = made.kind == Observation::Kind::Pitch &&
                          line.rests[made.rest].stretch[made.string] != static_cast<int>(made.stretch);
    return line;
}

} // namespace flenzo
