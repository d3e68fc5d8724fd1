// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/changes.h"

#include "core/log/rig_after.h"

namespace flenzo {

namespace {

/// What was corrected on the guitar as it is now was as wrong at the first entry.
void correct(Rig& start, const Rig& before, const Rig& after) {
    const double gap_m = after.bridge.rearGap_m - before.bridge.rearGap_m;
    const double startGap_m = start.bridge.rearGap_m;
    start.bridge = after.bridge;
    start.bridge.rearGap_m = startGap_m + gap_m;
    start.claw = after.claw;
    start.orientation = after.orientation;
    start.neckElevation_rad = after.neckElevation_rad;
    start.nutLocked = after.nutLocked;
    for (std::size_t i = 0; i < start.strings.size(); ++i) {
        const RigString &was = before.strings[i], &is = after.strings[i];
        RigString now = is;
        now.wire = start.strings[i].wire;
        now.scale_m = start.strings[i].scale_m + (is.scale_m - was.scale_m);
        now.saddle_m = start.strings[i].saddle_m + (is.saddle_m - was.saddle_m);
        now.nutDrop_m = start.strings[i].nutDrop_m + (is.nutDrop_m - was.nutDrop_m);
        start.strings[i] = now;
    }
}

bool sameWires(const Rig& a, const Rig& b) {
    for (std::size_t i = 0; i < a.strings.size(); ++i)
        if (a.strings[i].wire.gauge_m != b.strings[i].wire.gauge_m ||
            a.strings[i].wire.core_m != b.strings[i].wire.core_m)
            return false;
    return true;
}

} // namespace

void addEntry(Job& job, Event event) {
    if (event.changesRig()) {
        if (!job.startRig)
            job.startRig = job.rig;
        job.rig = rigAfter(std::move(job.rig), event);
    }
    job.log.push_back(std::move(event));
}

void setLog(Job& job, std::vector<Event> log) {
    const Rig start = job.startRig.value_or(job.rig);
    job.log = std::move(log);
    const bool changes = std::any_of(job.log.begin(), job.log.end(), [](const Event& one) { return one.changesRig(); });
    job.rig = rigAfter(start, job.log);
    job.startRig = changes ? std::optional<Rig>(start) : std::nullopt;
}

void noteChanges(const Job& before, Job& after, const std::string& at) {
    const std::size_t strings = before.rig.strings.size();
    if (before.log.empty() || after.log != before.log || after.rig == before.rig || after.rig.strings.size() != strings)
        return;
    const bool springs = after.rig.springs.size() != before.rig.springs.size();
    const bool wires = !sameWires(after.rig, before.rig);
    if (!after.startRig && !springs && !wires)
        return; // a figure corrected on a guitar that nothing has happened to
    const Rig wanted = after.rig;
    Rig start = before.startRig.value_or(before.rig);
    correct(start, before.rig, wanted);
    if (!springs && start.springs.size() == wanted.springs.size())
        start.springs = wanted.springs;
    std::vector<Event> log = before.log;
    if (!springs) // corrected springs are those of the last change
        for (auto event = log.rbegin(); event != log.rend(); ++event)
            if (event->kind == Event::Kind::Springs) {
                event->springs = wanted.springs;
                break;
            }
    const auto add = [&](Event event) {
        event.at = at;
        log.push_back(std::move(event));
    };
    if (springs) {
        Event event;
        event.kind = Event::Kind::Springs;
        event.springs = wanted.springs;
        add(event);
    }
    for (std::size_t i = 0; i < strings && wires; ++i)
        if (!(wanted.strings[i].wire == before.rig.strings[i].wire)) {
            Event event = Event::ofString(Event::Kind::Strung, i);
            event.wire = wanted.strings[i].wire;
            add(event);
        }
    after.startRig = start;
    setLog(after, std::move(log));
}

} // namespace flenzo
