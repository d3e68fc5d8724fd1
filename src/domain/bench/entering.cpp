// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/bench/entering.h"

#include "core/base/units.h"
#include "core/statics/note.h"
#include "core/statics/pitch.h"
#include "domain/base/faults.h"
#include "language/decimal.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

QString typedLength(double length_m, bool inches) {
    return inches ? QStringLiteral("%1 in").arg(decimal(length_m / 0.0254, 3))
                  : QStringLiteral("%1 mm").arg(decimal(length_m * 1e3, 2));
}

std::optional<Fault> doubtAboutPitch(const Job& job, std::size_t string, double got, double expected,
                                     const EnteringOptions& options) {
    if (!(std::abs(got - expected) > options.doubtful_cents))
        return std::nullopt;
    const auto tenths = [](double value) { return decimal(value, 1); };
    return Fault{faults::readingUnlikely,
                 QStringLiteral("reading"),
                 {tenths(got), QString::fromStdString(job.rig.strings[string].name),
                  tenths(std::abs(got - expected) / 100.0), tenths(expected)}};
}

} // namespace

std::optional<Fault> doubtAbout(const Job& job, const Derived& derived, const Event& event, bool inches,
                                const EnteringOptions& options) {
    if (event.tunes())
        return doubtAboutPitch(job, event.string, event.to_cents, event.aim_cents.value_or(0.0), options);
    const TrackedState& tracked = derived.now();
    for (const auto& [string, reading] : event.readings_cents)
        if (tracked.everRead[string])
            if (auto fault = doubtAboutPitch(job, string, reading, tracked.readings_cents[string], options))
                return fault;
    if (!event.gap_m)
        return std::nullopt;
    const Bridge& bridge = job.rig.bridge;
    const double least_m = std::max(0.0, gapAt_m(bridge, bridge.rearStop_rad) - options.beyondStops_m);
    const double most_m = gapAt_m(bridge, bridge.forwardStop_rad) + options.beyondStops_m;
    if (*event.gap_m >= least_m && *event.gap_m <= most_m)
        return std::nullopt;
    return Fault{faults::gapBeyondStops,
                 QStringLiteral("gap"),
                 {typedLength(*event.gap_m, inches), typedLength(least_m, inches), typedLength(most_m, inches)}};
}

double asShown_cents(const Job& job, const Aim& aim, double typed_cents) {
    constexpr double halfSemitone_cents = 50.0; // further off, it is no answer to this note
    const double target_Hz = job.rig.strings[aim.string].target_Hz;
    const Note shown = nearestNote(aim.frequency_Hz, job.referencePitch_Hz);
    const double from_cents = cents(noteFrequency_Hz(shown.midi, job.referencePitch_Hz), target_Hz) + typed_cents;
    const double off_cents = std::abs(from_cents - aim.cents);
    return off_cents < halfSemitone_cents && off_cents < std::abs(typed_cents - aim.cents) ? from_cents : typed_cents;
}

Confirmation confirmationOf(const Advice& advice) {
    if (advice.doubt)
        return Confirmation::Doubted;
    const NextAct& next = advice.act;
    switch (next.what) {
    case NextAct::Do::Ask:
    case NextAct::Do::String:
        return Confirmation::Yes;
    case NextAct::Do::Claw:
    case NextAct::Do::Unblock:
    case NextAct::Do::Tune:
        return Confirmation::Act;
    case NextAct::Do::Read:
        return next.gap && next.strings.empty() && !advice.plateEverRead ? Confirmation::PlateUnseen
                                                                         : Confirmation::NeedsReading;
    case NextAct::Do::Stretch:
        return Confirmation::NeedsReading;
    case NextAct::Do::Leave:
        return Confirmation::NotOurs;
    case NextAct::Do::Stuck:
        return Confirmation::Impossible;
    case NextAct::Do::Done:
        break;
    }
    return Confirmation::NothingIsAsked;
}

Event doneAsAsked(const Derived& derived) {
    const NextAct& next = derived.next();
    if (next.what == NextAct::Do::Claw)
        return Event::claw(next.turns);
    if (next.what == NextAct::Do::Tune)
        return tunedTo(derived, std::round(next.aim.cents * 10.0) / 10.0);
    Event event; // an empty reading: the plate was looked at and could not be measured
    if (next.what == NextAct::Do::Unblock)
        event.kind = Event::Kind::Unblock;
    return event;
}

Result<Block> blockOf(const Bridge& bridge, double thickness_m) {
    constexpr double beyondReach_m = 1e-6; // the edge cannot lift so far: the angle was clamped
    const double angle_rad = angleOfGap_rad(bridge, thickness_m);
    if (thickness_m <= 0.0 || angle_rad < bridge.rearStop_rad || angle_rad > bridge.forwardStop_rad ||
        std::abs(gapAt_m(bridge, angle_rad) - thickness_m) > beyondReach_m)
        return Fault{faults::blockBeyondStops, QStringLiteral("block")};
    return Block{Block::Kind::Captive, angle_rad};
}

} // namespace flenzo
