// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/sources/loudspeaker.h"

#include <QAudioDevice>
#include <QAudioSink>
#include <QMediaDevices>
#include <QTimer>
#include <algorithm>
#include <cmath>
#include <cstring>
#include <numbers>

namespace flenzo {

namespace {

constexpr int buffer_ms = 200, tick_ms = 20, mostWaiting_ms = 2000;

} // namespace

QList<float> toneOf(Tone tone, double rate_Hz) {
    // Above the strings, so that none is taken for a pluck: one, two rising, two falling.
    constexpr double low_Hz = 1320.0, high_Hz = 1760.0, each_s = 0.09, level = 0.2;
    const QList<double> notes_Hz = tone == Tone::Taken    ? QList<double>{high_Hz}
                                   : tone == Tone::InTune ? QList<double>{low_Hz, high_Hz}
                                                          : QList<double>{high_Hz, low_Hz};
    const auto count = static_cast<int>(each_s * rate_Hz);
    QList<float> out;
    for (const double note_Hz : notes_Hz)
        for (int k = 0; k < count; ++k) {
            const double t = k / rate_Hz, edge = std::sin(std::numbers::pi * k / count);
            out.append(static_cast<float>(level * edge * std::sin(2.0 * std::numbers::pi * note_Hz * t)));
        }
    return out;
}

QList<float> pitchTone(double pitch_Hz, double rate_Hz) {
    constexpr double length_s = 2.0, fade_s = 0.05, level = 0.25;
    constexpr double overtones[] = {1.0, 0.6, 0.4, 0.25};
    const auto count = static_cast<int>(length_s * rate_Hz);
    QList<float> out;
    out.reserve(count);
    for (int k = 0; k < count; ++k) {
        const double t = k / rate_Hz, edge = std::min({1.0, t / fade_s, (length_s - t) / fade_s});
        double value = 0.0, number = 1.0;
        for (const double share : overtones) {
            if (number * pitch_Hz < rate_Hz / 2.0)
                value += share * std::sin(2.0 * std::numbers::pi * number * pitch_Hz * t);
            number += 1.0;
        }
        out.append(static_cast<float>(level * edge * value));
    }
    return out;
}

Loudspeaker::Loudspeaker(double rate_Hz, QObject* parent) : QObject(parent), rate_Hz_(rate_Hz) {
    const QAudioDevice device = QMediaDevices::defaultAudioOutput();
    if (device.isNull())
        return;
    format_ = device.preferredFormat();
    QAudioFormat wanted = format_;
    wanted.setSampleRate(static_cast<int>(std::lround(rate_Hz)));
    wanted.setChannelCount(1);
    for (const auto sample : {QAudioFormat::Float, QAudioFormat::Int16}) {
        wanted.setSampleFormat(sample);
        if (device.isFormatSupported(wanted)) {
            format_ = wanted;
            break;
        }
    }
    if (format_.sampleFormat() != QAudioFormat::Float)
        format_.setSampleFormat(QAudioFormat::Int16);
    sink_ = std::make_unique<QAudioSink>(device, format_);
    sink_->setBufferSize(format_.bytesForDuration(qint64{1000} * buffer_ms));
    stream_ = sink_->start();
    if (!stream_)
        return;
    auto* timer = new QTimer(this);
    connect(timer, &QTimer::timeout, this, &Loudspeaker::push);
    timer->start(tick_ms);
}

Loudspeaker::~Loudspeaker() {
    if (sink_)
        sink_->stop();
}

/// In the device's rate, the same in every channel.
QByteArray Loudspeaker::asTheDeviceWants(const QList<float>& sound) const {
    const double step = rate_Hz_ / format_.sampleRate();
    const auto frames = static_cast<qsizetype>(static_cast<double>(sound.size()) / step);
    QByteArray out(frames * format_.bytesPerFrame(), 0);
    char* to = out.data();
    for (qsizetype f = 0; f < frames; ++f) {
        const double at = static_cast<double>(f) * step;
        const auto left = std::min(static_cast<qsizetype>(at), sound.size() - 1),
                   right = std::min(left + 1, sound.size() - 1);
        const auto share = static_cast<float>(at - static_cast<double>(left));
        const float value = std::clamp(sound[left] + share * (sound[right] - sound[left]), -1.0F, 1.0F);
        for (int channel = 0; channel < format_.channelCount(); ++channel, to += format_.bytesPerSample()) {
            const auto whole = static_cast<qint16>(std::lround(32767.0F * value));
            format_.sampleFormat() == QAudioFormat::Float ? std::memcpy(to, &value, sizeof value)
                                                          : std::memcpy(to, &whole, sizeof whole);
        }
    }
    return out;
}

void Loudspeaker::play(const QList<float>& sound) {
    if (!stream_ || sound.isEmpty() || waiting_.size() > format_.bytesForDuration(qint64{1000} * mostWaiting_ms))
        return;
    waiting_ += asTheDeviceWants(sound);
    push();
}

void Loudspeaker::push() {
    const qsizetype room = std::min<qsizetype>(sink_->bytesFree(), waiting_.size());
    if (room <= 0)
        return;
    const qint64 written =
        stream_->write(waiting_.constData(), room / format_.bytesPerFrame() * format_.bytesPerFrame());
    waiting_.remove(0, std::max<qint64>(0, written));
}

} // namespace flenzo
