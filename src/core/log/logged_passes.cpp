// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/logged_passes.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

bool contains(const std::vector<std::size_t>& list, std::size_t value) {
    return std::find(list.begin(), list.end(), value) != list.end();
}

} // namespace

std::vector<std::size_t> tunedInThisPass(const std::vector<Event>& log, std::size_t strings) {
    std::vector<std::size_t> tuned, read;
    for (const Event& event : log) {
        if (event.kind == Event::Kind::Read) {
            for (const auto& reading : event.readings_cents)
                if (!contains(read, reading.first))
                    read.push_back(reading.first);
            if (read.size() >= strings)
                tuned.clear();
            continue;
        }
        read.clear();
        if (event.kind == Event::Kind::Claw)
            tuned.clear();
        if (event.tunes()) {
            if (!tuned.empty() && tuned.back() == event.string)
                tuned.pop_back(); // the peg in hand turned once more
            else if (contains(tuned, event.string))
                tuned.clear();
            tuned.push_back(event.string);
            read.push_back(event.string); // what the tuner said of it still holds
        }
    }
    return tuned;
}

std::vector<LoggedPass> passesOf(const std::vector<Event>& log) {
    std::vector<LoggedPass> passes;
    std::vector<std::size_t> tuned;
    for (std::size_t i = 0; i < log.size(); ++i) {
        if (log[i].kind == Event::Kind::Claw)
            tuned.clear();
        if (!log[i].tunes())
            continue;
        const bool again = !tuned.empty() && tuned.back() == log[i].string;
        if (tuned.empty() || (!again && contains(tuned, log[i].string))) {
            passes.emplace_back();
            tuned.clear();
        }
        if (!again)
            tuned.push_back(log[i].string);
        passes.back().events.push_back(i);
    }
    return passes;
}

bool clawTurnedBack(const std::vector<Event>& log, double step_turns) {
    double later = 0.0;
    for (auto event = log.rbegin(); event != log.rend(); ++event) {
        if (event->kind != Event::Kind::Claw)
            continue;
        const double mean = event->turns.mean();
        if (std::abs(mean) > 1.01 * step_turns)
            return false;
        if (later != 0.0)
            return later * mean < 0.0;
        later = mean;
    }
    return false;
}

} // namespace flenzo
