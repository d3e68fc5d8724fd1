// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QByteArray>
#include <QList>
#include <QString>
#include <QtPlugin>
#include <functional>
#include <memory>

namespace flenzo {

/// Why a source gives no sound.
enum class SourceFault { NoInput, NoFormat, Vanished };

/// One input of this machine, as the desktop names it, and what it is told by.
struct SoundInput {
    QByteArray id;
    QString name;
};

/// An input that runs; it stops when this goes.
class InputStream {
public:
    virtual ~InputStream() = default;
    [[nodiscard]] virtual double rate_Hz() const = 0;
    [[nodiscard]] virtual qsizetype channels() const = 0;
    std::function<void(const QList<float>&)> heard; ///< interleaved, full scale at 1
    std::function<void(SourceFault)> failed;        ///< after it ran
};

/// An output that runs; it stops when this goes.
class OutputStream {
public:
    virtual ~OutputStream() = default;
    [[nodiscard]] virtual double rate_Hz() const = 0;
    /// How many samples it takes now.
    [[nodiscard]] virtual qsizetype room() const = 0;
    /// The same in every channel, full scale at 1; no more than there is room for. Returns how many it took.
    virtual qsizetype write(const float* samples, qsizetype count) = 0;
};

/// The desktop's sound: a module of its own (src/listen/devices), loaded when sound is first wanted, for the libraries
/// that it brings are a tenth of the program's start.
class SoundDevices {
public:
    virtual ~SoundDevices() = default;
    [[nodiscard]] virtual QList<SoundInput> inputs() const = 0;
    /// Empty id: the desktop's own choice. Nothing when there is no sound to be had; `why` says the reason.
    [[nodiscard]] virtual std::unique_ptr<InputStream> listen(const QByteArray& id, SourceFault& why) const = 0;
    /// The usual output at this rate where it has it. Nothing where there is none.
    [[nodiscard]] virtual std::unique_ptr<OutputStream> speak(double rate_Hz) const = 0;
};

/// Nothing where the module is not installed: then there are no inputs and nothing is heard.
[[nodiscard]] const SoundDevices* soundDevices();
[[nodiscard]] QList<SoundInput> soundInputs();

} // namespace flenzo

#define FLENZO_SOUND_DEVICES "org.flenzo.SoundDevices"
Q_DECLARE_INTERFACE(flenzo::SoundDevices, FLENZO_SOUND_DEVICES)
