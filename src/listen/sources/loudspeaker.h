// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/sources/sound_devices.h"

#include <QObject>

namespace flenzo {

/// Short tones that say what became of a pluck without a look at the screen.
enum class Tone { Taken, Doubted, InTune };
/// One of them as sound: full scale at 1.
[[nodiscard]] QList<float> toneOf(Tone tone, double rate_Hz);

/// Two seconds of a pitch to tune to, with overtones by which a small loudspeaker lets low strings be heard.
[[nodiscard]] QList<float> pitchTone(double pitch_Hz, double rate_Hz);

/// The desktop's usual output. Where there is none, nothing is heard and nothing fails.
class Loudspeaker : public QObject {
    Q_OBJECT
public:
    /// Sound of that rate, one channel, is what it will be given.
    explicit Loudspeaker(double rate_Hz, QObject* parent = nullptr);
    [[nodiscard]] bool isThere() const { return stream_ != nullptr; }
    /// Queues it behind what is still being played; what is too far behind to be heard in time is dropped.
    void play(const QList<float>& sound);

private:
    void push();
    [[nodiscard]] QList<float> inItsRate(const QList<float>& sound) const;
    double rate_Hz_;
    std::unique_ptr<OutputStream> stream_;
    QList<float> waiting_; ///< in the output's rate
};

} // namespace flenzo
