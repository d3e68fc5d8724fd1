// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/listen.h"

#include "core/statics/note.h"
#include "core/statics/pitch.h"
#include "domain/faults.h"
#include "listen/hearing/expect.h"
#include "listen/hearing/hear_wav.h"

#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <cmath>

namespace flenzo {

namespace {

constexpr qint64 largest_bytes = qint64{1} << 29;

const FaultCode& codeOf(WavFault fault) {
    switch (fault) {
    case WavFault::NotWav:
        return faults::notWav;
    case WavFault::NoFormat:
        return faults::wavWithoutFormat;
    case WavFault::Encoding:
        return faults::wavEncoding;
    case WavFault::Bits:
        return faults::wavBits;
    case WavFault::Rate:
        return faults::wavRate;
    case WavFault::Channels:
        return faults::wavChannels;
    case WavFault::NoSound:
        return faults::wavWithoutSound;
    case WavFault::TooLong:
        return faults::fileTooLarge;
    case WavFault::CutShort:
        break;
    }
    return faults::wavCutShort;
}

Fault whole(const FaultCode& code, const QStringList& figures = {}) {
    return Fault{code, QString(), figures};
}

double rounded(double value, double perUnit) {
    return std::round(value * perUnit) / perUnit;
}

QJsonObject readingJson(const HeardPluck& pluck, const std::optional<BenchJob>& job, double a4_Hz) {
    QJsonObject json{{QStringLiteral("atS"), rounded(pluck.at_s, 1e3)},
                     {QStringLiteral("hz"), rounded(pluck.first_Hz, 1e5)},
                     {QStringLiteral("devCents"), rounded(pluck.deviation_cents, 1e3)}};
    if (job && pluck.string) {
        const RigString& string = job->rig.strings[*pluck.string];
        json[QLatin1String("string")] = QString::fromStdString(string.name);
        json[QLatin1String("cents")] = rounded(cents(pluck.first_Hz, string.target_Hz), 1e4);
    } else {
        const Note note = nearestNote(pluck.first_Hz, a4_Hz);
        json[QLatin1String("note")] = QString::fromStdString(noteName(note.midi));
        json[QLatin1String("cents")] = rounded(note.cents, 1e4);
    }
    return json;
}

} // namespace

Result<Wav> wavFromFile(const QString& path) {
    QFile file(path);
    if (QFileInfo(path).isDir())
        return whole(faults::isFolder);
    if (!file.open(QIODevice::ReadOnly))
        return whole(faults::cannotBeRead, {file.errorString()});
    if (file.size() > largest_bytes)
        return whole(faults::fileTooLarge);
    const QByteArray bytes = file.readAll();
    auto read =
        readWav({reinterpret_cast<const std::uint8_t*>(bytes.constData()), static_cast<std::size_t>(bytes.size())});
    if (const auto* fault = std::get_if<WavFault>(&read))
        return whole(codeOf(*fault),
                     *fault == WavFault::Channels ? QStringList{QString::number(mostWavChannels)} : QStringList());
    return std::get<Wav>(std::move(read));
}

QJsonObject heardJson(const Wav& wav, const std::optional<Job>& job, double a4_Hz) {
    std::optional<BenchJob> bench;
    Expected expected;
    if (job) {
        bench = benchJobOf(*job);
        expected = expectedOf(*bench, estimate(*bench));
    }
    QJsonArray readings;
    for (const HeardPluck& pluck : hearWav(wav, expected))
        readings.append(readingJson(pluck, bench, a4_Hz));
    return {{QStringLiteral("readings"), readings}};
}

} // namespace flenzo
