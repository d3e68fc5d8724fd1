// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/adviser.h"
#include "core/log/counts.h"
#include "core/simulation/bench_guitar.h"
#include "support/rigs.h"

#include <algorithm>
#include <cmath>

namespace flenzo::testing {

/// A six-string whose old set was thinner (a share under 1) or thicker; the claw stands as that set needed it.
inline BenchJob changeJob(double oldShare, std::size_t springs = 3) {
    BenchJob job;
    job.rig = sixString();
    job.rig.springs.resize(springs, job.rig.springs[1]);
    job.old = {scaledSet(job.rig, oldShare)};
    if (const auto claw = clawBefore(job.rig, job.old))
        job.rig.claw.turns = *claw;
    job.method.order = orderOf(OrderKind::LowToHigh, 6);
    return job;
}

/// A reading of every string and the gap at once.
inline Event fullReading(const std::vector<double>& cents, double gap_m) {
    Event event = Event::readGap(gap_m);
    for (std::size_t i = 0; i < cents.size(); ++i)
        event.readings_cents.emplace_back(i, cents[i]);
    return event;
}

inline NextAct readAct(std::size_t strings, bool gap = true) {
    NextAct act;
    for (std::size_t i = 0; i < strings; ++i)
        act.strings.push_back(i);
    act.gap = gap;
    return act;
}

/// How a job ended that was played by the adviser alone, from the log as a person leaves it.
struct Ended {
    Advice advice;
    std::vector<Event> log;
    Counts counts;
    double worst_cents = 0.0, plate_deg = 0.0;
    int questions = 0;
};

inline bool isOver(const NextAct& act) {
    return act.what == NextAct::Do::Done || act.what == NextAct::Do::Stuck || act.what == NextAct::Do::Leave ||
           act.what == NextAct::Do::Ask;
}

/// `enter` may change what is entered (a slip, pieces of a reading); it gets the event and appends to the log.
template <class Enter> Ended playOn(BenchJob job, BenchGuitar& guitar, int most, const Enter& enter) {
    Ended end;
    end.advice = advise(job);
    for (int act = 0; act < most && !isOver(end.advice.act); ++act) {
        end.questions += end.advice.doubt ? 1 : 0;
        enter(job.log, guitar.perform(end.advice.act));
        const Estimate known = std::move(end.advice.guitar);
        end.advice = advise(job, &known);
    }
    end.log = job.log;
    end.counts = countsOf(job.log, job.rig.strings.size(), job.pace);
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        end.worst_cents = std::max(end.worst_cents, std::abs(guitar.reading_cents(i)));
    end.plate_deg = degrees(std::abs(guitar.angle_rad() - job.goal.angle_rad));
    return end;
}
inline Ended playOn(BenchJob job, BenchGuitar& guitar, int most = 300) {
    return playOn(std::move(job), guitar, most,
                  [](std::vector<Event>& log, Event event) { log.push_back(std::move(event)); });
}

/// The same log with every reading in pieces of one figure each.
inline std::vector<Event> inPieces(const std::vector<Event>& log) {
    std::vector<Event> out;
    for (const Event& event : log) {
        if (event.kind != Event::Kind::Read) {
            out.push_back(event);
            continue;
        }
        for (const auto& [string, cents] : event.readings_cents)
            out.push_back(Event::read(string, cents));
        if (event.gap_m || event.angle_rad) {
            Event plate = event;
            plate.readings_cents.clear();
            out.push_back(plate);
        }
    }
    return out;
}

inline double quantile(std::vector<double> values, double share) {
    std::sort(values.begin(), values.end());
    return values.empty()
               ? 0.0
               : values[static_cast<std::size_t>(std::lround(share * static_cast<double>(values.size() - 1)))];
}

} // namespace flenzo::testing
