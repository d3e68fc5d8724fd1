// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/recordings.h"

#include "domain/base/faults.h"
#include "store/files.h"

#include <QtEndian>
#include <algorithm>
#include <cmath>
#include <cstring>
#include <memory>
#include <sndfile.h>

namespace flenzo {

namespace {

constexpr qint64 largestFile_bytes = qint64{512} * 1024 * 1024;
constexpr sf_count_t mostSamples = sf_count_t{1} << 28;

Fault aboutSound(const FaultCode& code, const QStringList& arguments = {}) {
    return {code, QString(), arguments};
}

/// A file in memory, as libsndfile speaks to one.
struct Memory {
    QByteArray bytes;
    sf_count_t at = 0;

    static sf_count_t length(void* user) { return static_cast<Memory*>(user)->bytes.size(); }
    static sf_count_t seek(sf_count_t offset, int whence, void* user) {
        auto& self = *static_cast<Memory*>(user);
        const sf_count_t from = whence == SEEK_CUR ? self.at : whence == SEEK_END ? self.bytes.size() : 0;
        self.at = std::max<sf_count_t>(0, from + offset);
        return self.at;
    }
    static sf_count_t read(void* to, sf_count_t count, void* user) {
        auto& self = *static_cast<Memory*>(user);
        const sf_count_t there = std::clamp<sf_count_t>(self.bytes.size() - self.at, 0, count);
        std::memcpy(to, self.bytes.constData() + self.at, static_cast<std::size_t>(there));
        self.at += there;
        return there;
    }
    static sf_count_t write(const void* from, sf_count_t count, void* user) {
        auto& self = *static_cast<Memory*>(user);
        self.bytes.resize(std::max<qsizetype>(self.bytes.size(), self.at + count));
        std::memcpy(self.bytes.data() + self.at, from, static_cast<std::size_t>(count));
        self.at += count;
        return count;
    }
    static sf_count_t tell(void* user) { return static_cast<Memory*>(user)->at; }
};

std::unique_ptr<SNDFILE, int (*)(SNDFILE*)> opened(Memory& memory, int mode, SF_INFO& info) {
    SF_VIRTUAL_IO speak{Memory::length, Memory::seek, Memory::read, Memory::write, Memory::tell};
    return {sf_open_virtual(&speak, mode, &info, &memory), sf_close};
}

constexpr quint32 unknown = 0xffffffff; // in the place of a length: by a program that wrote as it recorded

/// Whether the part of a WAV file that holds the sound says that it goes on beyond the file's end.
bool lacksSound(const QByteArray& file) {
    for (qint64 at = 12; file.startsWith("RIFF") && at + 8 <= file.size();) {
        const quint32 length = qFromLittleEndian<quint32>(file.constData() + at + 4);
        if (file.mid(at, 4) == "data")
            return length != unknown && at + 8 + length > file.size() + 1; // the last byte may be padding
        at += 8 + qint64{length} + length % 2;
    }
    return false;
}

/// Files in chunks say in their head how long they are; one that was cut short still says so.
bool isCutShort(const QByteArray& file) {
    if (file.size() < 12)
        return false;
    const char* head = file.constData();
    const quint32 said = file.startsWith("RIFF")   ? qFromLittleEndian<quint32>(head + 4)
                         : file.startsWith("FORM") ? qFromBigEndian<quint32>(head + 4)
                                                   : 0;
    return (said != unknown && qint64{said} + 8 > file.size() + 1) || lacksSound(file);
}

} // namespace

Result<Recording> recordingFrom(const QByteArray& file) {
    Memory memory{file, 0};
    SF_INFO info{};
    const auto sound = opened(memory, SFM_READ, info);
    if (isCutShort(file))
        return aboutSound(faults::soundCutShort);
    if (!sound)
        return aboutSound(faults::notSound);
    if (info.samplerate < leastRate_Hz || info.samplerate > mostRate_Hz)
        return aboutSound(faults::soundRate);
    if (info.channels < 1 || info.channels > mostChannels)
        return aboutSound(faults::soundChannels, {QString::number(mostChannels)});
    if (info.frames <= 0)
        return aboutSound(faults::noSound);
    if (info.frames > mostSamples / info.channels)
        return aboutSound(faults::soundTooLong);
    Recording out{static_cast<double>(info.samplerate), static_cast<std::size_t>(info.channels), {}};
    constexpr sf_count_t piece = 1 << 16; // what a head claims is believed only as it comes
    for (sf_count_t done = 0; done < info.frames;) {
        const std::size_t from = out.samples.size();
        out.samples.resize(from + static_cast<std::size_t>(std::min(piece, info.frames - done)) * out.channels);
        const sf_count_t came =
            sf_readf_float(sound.get(), out.samples.data() + from, std::min(piece, info.frames - done));
        if (came <= 0)
            return aboutSound(faults::soundCutShort);
        done += came;
        out.samples.resize(from + static_cast<std::size_t>(came) * out.channels);
    }
    // A click or two may be silence; a file full of them is damaged.
    constexpr std::size_t fewOf = 100;
    std::size_t lost = 0;
    for (float& sample : out.samples)
        if (!std::isfinite(sample)) {
            sample = 0.0F;
            ++lost;
        }
    if (lost > out.samples.size() / fewOf)
        return aboutSound(faults::soundNoNumbers);
    return out;
}

Result<Recording> readRecording(const QString& path) {
    const Result<QByteArray> bytes = readFile(path, largestFile_bytes);
    return bytes.ok() ? recordingFrom(bytes.value()) : Result<Recording>(bytes.fault());
}

QByteArray wavBytes(const Recording& recording) {
    Memory memory;
    SF_INFO info{};
    info.samplerate = static_cast<int>(std::lround(recording.rate_Hz));
    info.channels = static_cast<int>(recording.channels);
    info.format = SF_FORMAT_WAV | SF_FORMAT_FLOAT;
    if (const auto sound = opened(memory, SFM_WRITE, info);
        !sound || sf_writef_float(sound.get(), recording.samples.data(), static_cast<sf_count_t>(recording.frames())) !=
                      static_cast<sf_count_t>(recording.frames()))
        return {};
    return memory.bytes;
}

QString recordingEndings() {
    return QStringLiteral("*.wav *.flac *.ogg *.oga *.opus *.aif *.aiff *.au *.caf");
}

} // namespace flenzo
