// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/listen.h"

#include "core/statics/note.h"
#include "core/statics/pitch.h"
#include "listen/hearing/expect.h"
#include "listen/hearing/hear_recording.h"

#include <QJsonArray>
#include <cmath>

namespace flenzo {

namespace {

double inParts(double value, double perUnit) {
    return std::round(value * perUnit) / perUnit;
}

QJsonObject readingJson(const HeardPluck& pluck, const std::optional<BenchJob>& job, double a4_Hz) {
    QJsonObject json{{QStringLiteral("atS"), inParts(pluck.at_s, 1e3)},
                     {QStringLiteral("hz"), inParts(pluck.first_Hz, 1e5)},
                     {QStringLiteral("devCents"), inParts(pluck.deviation_cents, 1e3)}};
    if (job && pluck.string) {
        const RigString& string = job->rig.strings[*pluck.string];
        json[QLatin1String("string")] = QString::fromStdString(string.name);
        json[QLatin1String("cents")] = inParts(cents(pluck.first_Hz, string.target_Hz), 1e4);
    } else {
        const Note note = nearestNote(pluck.first_Hz, a4_Hz);
        json[QLatin1String("note")] = QString::fromStdString(noteName(note.midi));
        json[QLatin1String("cents")] = inParts(note.cents, 1e4);
    }
    return json;
}

} // namespace

QJsonObject heardJson(const Recording& recording, const std::optional<Job>& job, double a4_Hz,
                      const HearingOptions& options) {
    std::optional<BenchJob> bench;
    Expected expected;
    if (job) {
        bench = benchJobOf(*job);
        expected = expectedOf(*bench, estimate(*bench));
    }
    QJsonArray readings;
    for (const HeardPluck& pluck : hearRecording(recording, expected, options))
        readings.append(readingJson(pluck, bench, a4_Hz));
    return {{QStringLiteral("readings"), readings}};
}

} // namespace flenzo
