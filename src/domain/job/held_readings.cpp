// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/held_readings.h"

#include <algorithm>

namespace flenzo {

std::vector<double> lastReadings_cents(const Job& job) {
    std::vector<std::optional<double>> last(job.rig.strings.size());
    for (const Event& event : job.log) {
        switch (event.kind) {
        case Event::Kind::Read:
            for (const auto& [string, cents] : event.readings_cents)
                if (string < last.size())
                    last[string] = cents;
            break;
        case Event::Kind::Tuned:
        case Event::Kind::Fine:
        case Event::Kind::Stretched:
            if (event.string < last.size())
                last[event.string] = event.to_cents;
            break;
        case Event::Kind::Lock:
        case Event::Kind::Wiggle:
        case Event::Kind::Turn:
            break; // what it shifted is read again where it matters
        default:
            last.assign(last.size(), std::nullopt);
        }
    }
    std::vector<double> cents;
    for (const auto& one : last)
        if (one)
            cents.push_back(*one);
    return cents.size() == last.size() ? cents : std::vector<double>();
}

void addHeld(Work& work, HeldReading read) {
    while (work.held.size() >= mostHeld)
        work.held.removeFirst();
    work.held.append(std::move(read));
}

HeldReading& heldAs(Work& work, HeldReading::When when) {
    const auto last = std::find_if(work.held.rbegin(), work.held.rend(),
                                   [when](const HeldReading& read) { return read.when == when; });
    if (last != work.held.rend())
        return *last;
    addHeld(work, {when, {}, {}, {}, {}});
    return work.held.last();
}

void noteLeft(Job& job, const QString& at) {
    std::vector<double> cents = lastReadings_cents(job);
    if (cents.empty())
        return;
    // One that came back because it drifted leaves a second time; how it left the first time is what it drifted from.
    if (!heldAs(job.work, HeldReading::When::Left).cents.empty())
        addHeld(job.work, {HeldReading::When::Left, {}, {}, {}, {}});
    HeldReading& left = heldAs(job.work, HeldReading::When::Left);
    left.at = at;
    left.cents = std::move(cents);
}

} // namespace flenzo
