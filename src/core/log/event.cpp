// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/event.h"

namespace flenzo {

Event Event::read(std::size_t string, double cents) {
    Event event;
    event.readings_cents = {{string, cents}};
    return event;
}

Event Event::readGap(double gap) {
    Event event;
    event.gap_m = gap;
    return event;
}

Event Event::tuned(std::size_t string, double to) {
    Event event;
    event.kind = Kind::Tuned;
    event.string = string;
    event.to_cents = to;
    return event;
}

Event Event::claw(ClawTurns turns) {
    Event event;
    event.kind = Kind::Claw;
    event.turns = turns;
    return event;
}

Event Event::ofString(Kind kind, std::size_t string) {
    Event event;
    event.kind = kind;
    event.string = string;
    return event;
}

} // namespace flenzo
