// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/wav_files.h"

#include "domain/base/faults.h"
#include "store/files.h"

namespace flenzo {

namespace {

constexpr qint64 largestWav_bytes = qint64{512} * 1024 * 1024;

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
        return faults::wavTooLong;
    case WavFault::CutShort:
        break;
    }
    return faults::wavCutShort;
}

} // namespace

Result<Wav> wavFromFile(const QString& path) {
    Result<QByteArray> bytes = readFile(path, largestWav_bytes);
    if (!bytes.ok())
        return bytes.fault();
    const QByteArray& file = bytes.value();
    auto read =
        readWav({reinterpret_cast<const std::uint8_t*>(file.constData()), static_cast<std::size_t>(file.size())});
    if (const auto* fault = std::get_if<WavFault>(&read))
        return Fault{codeOf(*fault), QString(),
                     *fault == WavFault::Channels ? QStringList{QString::number(mostWavChannels)} : QStringList()};
    return std::get<Wav>(std::move(read));
}

} // namespace flenzo
