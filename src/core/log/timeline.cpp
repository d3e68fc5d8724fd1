// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/timeline.h"

#include "core/log/clock.h"
#include "core/log/rig_after.h"
#include "core/statics/pitch.h"

#include <algorithm>

namespace flenzo {

namespace {

/// Shorter than this nobody left the guitar alone.
constexpr double pause_s = 600.0, secondsPerHour = 3600.0;

class Builder {
public:
    Builder(const BenchJob& job, const Assumed& assumed)
        : job_(job), assumed_(assumed), strings_(job.rig.strings.size()) {
        RestPoint start;
        start.remembers = false;
        start.nutLocked = job.rig.nutLocked;
        start.orientation = job.rig.orientation;
        start.stretch.fill(RestPoint::none);
        line_.versions.push_back({job.rig, {}});
        line_.claws.push_back({});
        line_.rests.push_back(start);
        for (std::size_t i = 0; i < strings_; ++i) {
            line_.versions.front().make[i] = piece_[i] = i;
            begin(i, Stretch::Link::None, job.slackStart_cents);
        }
        line_.makes = line_.pieces = strings_;
        line_.restAfter.push_back(0);
    }

    void take(std::size_t number) {
        const Event& event = job_.log[number];
        event_ = number;
        wait(event);
        moveByThemselves();
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
    Timeline take() {
        callByString();
        return std::move(line_);
    }

private:
    RestPoint& now() { return line_.rests.back(); }
    [[nodiscard]] bool isOn(std::size_t string) { return now().stretch[string] != RestPoint::none; }

    RestPoint& nextRest(std::size_t eventsBefore) {
        RestPoint next = now();
        next.firstEvent = eventsBefore;
        next.remembers = true;
        line_.rests.push_back(next);
        return now();
    }

    void begin(std::size_t string, Stretch::Link link, double typed_cents) {
        RestPoint& rest = now();
        Stretch stretch;
        stretch.string = string;
        stretch.firstRest = stretch.lastRest = line_.rests.size() - 1;
        stretch.link = rest.stretch[string] == RestPoint::none ? Stretch::Link::None : link;
        stretch.before = static_cast<std::size_t>(std::max(0, rest.stretch[string]));
        stretch.typed_cents = typed_cents;
        stretch.at = rest.given[string];
        stretch.piece = piece_[string];
        stretch.gap = line_.gaps.empty() ? 0 : line_.gaps.size() - 1;
        rest.stretch[string] = static_cast<int>(line_.stretches.size());
        line_.stretches.push_back(stretch);
    }
    void beginAll(Stretch::Link link) {
        for (std::size_t i = 0; i < strings_; ++i)
            if (isOn(i))
                begin(i, link, 0.0);
    }

    /// Left alone for a while, strings and body changed their temperature and new strings gave.
    void wait(const Event& event) {
        const auto now_s = secondsOf(event.at);
        if (now_s && before_s_ && *now_s - *before_s_ >= pause_s) {
            line_.gaps.push_back({(*now_s - *before_s_) / secondsPerHour, line_.rests.size()});
            nextRest(event_);
            beginAll(Stretch::Link::Waited);
        }
        if (now_s)
            before_s_ = now_s;
    }
    void moveByThemselves() {
        bool moved = false;
        for (const Assumed::Move& move : assumed_.moves)
            if (move.event == event_ && move.string < strings_ && isOn(move.string)) {
                if (!moved)
                    nextRest(event_);
                moved = true;
                begin(move.string, Stretch::Link::Moved, 0.0);
            }
    }

    Observation& observe(Observation::Kind kind, double value, const Event& event, std::size_t string) {
        Observation made;
        made.kind = kind;
        made.value = value;
        made.rest = line_.rests.size() - 1;
        made.event = event_;
        made.confirmed = event.confirmed;
        made.wrong = !event.confirmed && std::find(assumed_.wrongs.begin(), assumed_.wrongs.end(),
                                                   Assumed::Wrong{event_, string}) != assumed_.wrongs.end();
        line_.observations.push_back(made);
        return line_.observations.back();
    }
    void observePitch(std::size_t string, double cents, const Event& event, bool afterAct) {
        const double against_cents = cents + retargeted_cents(job_, event_, string);
        if (!isOn(string))
            begin(string, Stretch::Link::None, against_cents); // it was read, so it is on again
        Observation& made = observe(Observation::Kind::Pitch, against_cents, event, string);
        made.string = string;
        made.deviation = event.pitchDeviation_cents;
        made.afterAct = afterAct;
        made.stretch = static_cast<std::size_t>(now().stretch[string]);
    }

    void read(const Event& event) {
        const auto known = [&](const auto& reading) { return reading.first < strings_ && isOn(reading.first); };
        if (event.confirmed && std::any_of(event.readings_cents.begin(), event.readings_cents.end(), known)) {
            nextRest(event_); // it is so: whatever moved, moved before it was read
            for (const auto& [string, cents] : event.readings_cents)
                if (string < strings_ && isOn(string))
                    begin(string, Stretch::Link::Slipped, cents + retargeted_cents(job_, event_, string));
        }
        for (const auto& [string, cents] : event.readings_cents)
            if (string < strings_)
                observePitch(string, cents, event, false);
        if (!hasClaw(job_.rig))
            return;
        if (event.gap_m)
            observe(Observation::Kind::Gap, *event.gap_m, event, Assumed::Wrong::plate).closed = *event.gap_m <= 0.0;
        if (event.angle_rad)
            observe(Observation::Kind::Angle, *event.angle_rad, event, Assumed::Wrong::plate).deviation =
                event.angleDeviation_rad;
    }

    void act(const Event& event) {
        if (event.kind == Event::Kind::Stretched && isOn(event.string))
            observePitch(event.string, event.from_cents, event, true);
        nextRest(event_ + 1).remembers = event.kind != Event::Kind::Wiggle && event.kind != Event::Kind::Disturbed;
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
            visitClaw(event.turns, event.estimated ? ClawPlace::Known::Estimated : ClawPlace::Known::Counted);
            break;
        case Event::Kind::Block:
            now().block = event.block;
            now().blockIsEstimated = event.estimated;
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
        case Event::Kind::Slipped:
            if (isOn(event.string))
                begin(event.string, Stretch::Link::Slipped, 0.0);
            break;
        case Event::Kind::Disturbed:
            visitClaw({}, ClawPlace::Known::Unknown);
            beginAll(Stretch::Link::Slipped);
            break;
        default:
            change(event);
            break;
        }
    }

    void visitClaw(const ClawTurns& turns, ClawPlace::Known known) {
        now().claw = line_.claws.size();
        line_.claws.push_back({turns, line_.rests.size() - 1, known});
    }

    /// Another guitar from here on.
    void change(const Event& event) {
        if (!event.changesRig())
            return;
        Version next = line_.versions.back();
        next.rig = rigAfter(std::move(next.rig), event);
        if (event.kind == Event::Kind::Strung && event.wire &&
            !(line_.versions.back().rig.strings[event.string].wire == *event.wire))
            next.make[event.string] = line_.makes++;
        line_.versions.push_back(std::move(next));
        now().version = line_.versions.size() - 1;
        switch (event.kind) {
        case Event::Kind::Springs: // none is quite like another, and nobody hooks one without touching the claw
            visitClaw({}, ClawPlace::Known::Estimated);
            break;
        case Event::Kind::Strung:
            piece_[event.string] = line_.pieces++;
            now().stretch[event.string] = RestPoint::none;
            now().given[event.string] = {};
            begin(event.string, Stretch::Link::None, job_.slackStart_cents);
            break;
        case Event::Kind::Posts:
            beginAll(Stretch::Link::Carried);
            break;
        default:
            if (isOn(event.string))
                begin(event.string, Stretch::Link::Loosened, 0.0);
            break;
        }
    }

    void lock() {
        if (now().nutLocked)
            return;
        now().nutLocked = true;
        beginAll(Stretch::Link::Locked);
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

    /// What is on now is called by its string's number: the two change places.
    static void swapNumbers(std::size_t& number, std::size_t a, std::size_t b) {
        number = number == a ? b : number == b ? a : number;
    }
    void callByString() {
        for (std::size_t i = 0; i < strings_; ++i) {
            const std::size_t piece = piece_[i], make = line_.versions.back().make[i];
            for (Stretch& stretch : line_.stretches)
                swapNumbers(stretch.piece, piece, i);
            for (std::size_t& other : piece_)
                swapNumbers(other, piece, i);
            for (Version& version : line_.versions)
                for (std::size_t k = 0; k < strings_; ++k)
                    swapNumbers(version.make[k], make, i);
        }
    }

    const BenchJob& job_;
    const Assumed& assumed_;
    std::size_t strings_, event_ = 0;
    std::array<std::size_t, maxStrings> piece_{};
    std::optional<double> before_s_;
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

Timeline timelineOf(const BenchJob& job, const Assumed& assumed) {
    Builder builder(job, assumed);
    for (std::size_t e = 0; e < job.log.size(); ++e)
        builder.take(e);
    Timeline line = builder.take();
    for (std::size_t r = 0; r < line.rests.size(); ++r)
        for (const int stretch : line.rests[r].stretch)
            if (stretch != RestPoint::none)
                line.stretches[static_cast<std::size_t>(stretch)].lastRest = r;
    return line;
}

} // namespace flenzo
