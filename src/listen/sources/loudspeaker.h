// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAudioFormat>
#include <QByteArray>
#include <QList>
#include <QObject>
#include <memory>

class QAudioSink;
class QIODevice;

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
    ~Loudspeaker() override;
    [[nodiscard]] bool isThere() const { return stream_ != nullptr; }
    /// Queues it behind what is still being played; what is too far behind to be heard in time is dropped.
    void play(const QList<float>& sound);

private:
    void push();
    [[nodiscard]] QByteArray asTheDeviceWants(const QList<float>& sound) const;
    double rate_Hz_;
    QAudioFormat format_;
    std::unique_ptr<QAudioSink> sink_;
    QIODevice* stream_ = nullptr;
    QByteArray waiting_;
};

} // namespace flenzo
