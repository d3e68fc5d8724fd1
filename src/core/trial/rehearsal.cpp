// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/trial/rehearsal.h"

#include "core/balance/readings.h"
#include "core/trial/hidden.h"

namespace flenzo {

namespace {

/// What a technician who knows everything knows: readings count as measured where somebody just took them.
Standing standingOf(const HiddenGuitar& guitar, const std::vector<Event>& log) {
    const std::size_t strings = guitar.rig().strings.size();
    Standing now;
    now.state = guitar.state();
    now.readings_cents = readings_cents(guitar.rig(), now.state);
    now.typed_cents = now.readings_cents;
    now.everRead.assign(strings, true);
    now.angleEverRead = true;
    const bool justRead = !log.empty() && log.back().kind == Event::Kind::Read;
    now.measured.assign(strings, justRead);
    now.inRun.assign(strings, justRead);
    now.gapMeasured = justRead;
    for (auto event = log.rbegin(); event != log.rend() && event->kind == Event::Kind::Read; ++event)
        ++now.readsInRow;
    if (!log.empty() && log.back().turnsString())
        now.measured[log.back().string] = true;
    return now;
}

Known knownOf(const BenchJob& job, const HiddenGuitar& guitar, const std::vector<Event>& log) {
    Known known;
    known.spread = job.spread;
    known.stretching = !log.empty() && log.back().kind == Event::Kind::Stretched;
    known.pegInHand = turnsOfPegInHand(log);
    known.clawTurnedBack = clawTurnedBack(log, clawStep_turns(job.habit));
    known.passes = static_cast<int>(passesOf(log).size());
    for (std::size_t i = 0; i < guitar.settling().size(); ++i) {
        SettlingFit sure{guitar.settling()[i], 0.0, 0.0, 0};
        const double tolerance_m =
            settledWithin_cents(job.goal) * wirePerCent_m(guitar.rig(), guitar.state(), job.goal, i);
        known.stretchesLeft.push_back(stretchesNeeded(sure, tolerance_m).p50);
    }
    return known;
}

} // namespace

Counts rehearse(BenchJob job) {
    const BenchJob asked = job;
    job.spread = {0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0};
    HiddenGuitar guitar(job, 1);
    std::vector<Event> log;
    for (int act = 0; act < rehearsalActs; ++act) {
        const NextAct next = nextAct(guitar.rig(), job.goal, job.habit, standingOf(guitar, log),
                                     tunedInThisPass(log, job.rig.strings.size()), knownOf(asked, guitar, log));
        if (next.what == NextAct::Do::Done || next.what == NextAct::Do::Stuck)
            break;
        log.push_back(guitar.answer(next));
        guitar.hear(log.back());
    }
    return countsOf(log, job.pace);
}

} // namespace flenzo
