// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/bench/taking.h"

#include "core/statics/pitch.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

bool isRead(const Job& job, std::size_t string) {
    return std::any_of(job.log.begin(), job.log.end(), [string](const Event& event) {
        return (event.turnsString() && event.string == string) ||
               std::any_of(event.readings_cents.begin(), event.readings_cents.end(),
                           [string](const auto& reading) { return reading.first == string; });
    });
}

/// How far from what is believed of it a string may read and be taken for itself.
double strangeFrom_cents(const Derived& derived, std::size_t string, const TakingOptions& options) {
    return options.strange_cents +
           options.strangeDeviations * derived.advice.guitar.readingDeviation_cents[static_cast<Eigen::Index>(string)];
}

bool asksFor(const NextAct& next, std::size_t string) {
    return next.what == NextAct::Do::Read &&
           std::find(next.strings.begin(), next.strings.end(), string) != next.strings.end();
}

} // namespace

double nearEnough_cents(const Derived& derived, const TakingOptions& options) {
    return derived.advice.passes < 1.0 ? options.firstPass_cents
                                       : std::max(options.later_cents, derived.advice.pitchTolerance_cents);
}

Taken takenAs(const Job& job, const Derived& derived, const HeardReading& heard, const TakingOptions& options) {
    Taken out;
    out.string = heard.string;
    const double exact = cents(heard.pitch_Hz, job.rig.strings[out.string].target_Hz);
    out.cents = std::round(exact / options.least_cents) * options.least_cents;
    const NextAct& next = derived.next();
    const double believed = derived.now().readings_cents[out.string];
    const double fromBelief = std::abs(out.cents - believed);
    const bool asked = next.aim.string == out.string && !derived.advice.doubt;
    out.event = Event::read(out.string, out.cents);
    if (next.what == NextAct::Do::Tune && asked) {
        if (std::abs(out.cents - next.aim.cents) <= nearEnough_cents(derived, options)) {
            out.event = tunedTo(derived, out.cents);
        } else {
            out.how = fromBelief < options.same_cents + 2.0 * heard.deviation_cents ? Taken::How::Known
                                                                                    : Taken::How::OnTheWay;
        }
    } else if (next.what == NextAct::Do::Stretch && asked) {
        out.event = Event::tuned(out.string, out.cents);
        out.event.kind = Event::Kind::Stretched;
        out.event.from_cents = believed;
    } else if (isRead(job, out.string) && fromBelief > strangeFrom_cents(derived, out.string, options)) {
        out.how = Taken::How::Asks;
    } else if (!asksFor(next, out.string) && isRead(job, out.string) && fromBelief < options.same_cents) {
        out.how = Taken::How::Known;
    }
    out.event.pitchDeviation_cents = heard.deviation_cents;
    return out;
}

} // namespace flenzo
