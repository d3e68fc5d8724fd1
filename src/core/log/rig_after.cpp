// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/rig_after.h"

#include "core/log/clock.h"
#include "core/operations/acts.h"

#include <array>

namespace flenzo {

namespace {

void moveSaddle(RigString& string, double towardsNut_m) {
    string.saddle_m.x() += towardsNut_m;
    string.scale_m -= towardsNut_m;
}

} // namespace

Rig rigAfter(Rig rig, const Event& event) {
    switch (event.kind) {
    case Event::Kind::Springs:
        rig.springs = event.springs;
        break;
    case Event::Kind::Strung:
        if (event.wire && event.string < rig.strings.size())
            rig.strings[event.string].wire = *event.wire;
        break;
    case Event::Kind::Posts:
        return raisePosts(rig, event.bass_m, event.treble_m);
    case Event::Kind::Saddle:
        if (event.string < rig.strings.size())
            moveSaddle(rig.strings[event.string], event.saddle_m);
        break;
    default:
        break;
    }
    return rig;
}

Rig rigAfter(Rig rig, const std::vector<Event>& log) {
    for (const Event& event : log)
        if (event.changesRig())
            rig = rigAfter(std::move(rig), event);
    return rig;
}

bool isOnAfter(const std::vector<Event>& log, std::size_t string) {
    for (auto event = log.rbegin(); event != log.rend(); ++event)
        if (event->string == string && (event->kind == Event::Kind::Off || event->kind == Event::Kind::Strung))
            return event->kind == Event::Kind::Strung;
    return true;
}

std::optional<Impossible> impossibleIn(const std::vector<Event>& log) {
    enum class On { AsAtFirst, New, Off };
    std::array<On, maxStrings> strings{};
    std::optional<double> before_s;
    using What = Impossible::What;
    for (std::size_t e = 0; e < log.size(); ++e) {
        const Event& event = log[e];
        if (const auto now_s = secondsOf(event.at)) {
            if (before_s && *now_s < *before_s && !event.confirmed)
                return Impossible{What::TimeGoesBack, e, 0};
            before_s = now_s;
        }
        if (event.kind == Event::Kind::Springs && event.springs.size() > maxSprings)
            return Impossible{What::TooManySprings, e, 0};
        if (event.kind == Event::Kind::Read)
            for (const auto& reading : event.readings_cents)
                if (strings.at(reading.first) == On::Off && !event.confirmed)
                    return Impossible{What::IsOff, e, reading.first};
        if (!event.isOfString())
            continue;
        On& on = strings.at(event.string);
        const bool strung = event.kind == Event::Kind::Strung, off = event.kind == Event::Kind::Off;
        if (!event.confirmed && (strung ? on == On::New : on == On::Off)) // what somebody stands by is asked no more
            return Impossible{strung ? What::StrungTwice : off ? What::OffTwice : What::IsOff, e, event.string};
        if (off)
            on = On::Off;
        else if (strung || on == On::Off)
            on = On::New;
    }
    return std::nullopt;
}

} // namespace flenzo
