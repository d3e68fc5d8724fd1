// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/devices/qt_devices.h"

#include <QAudioDevice>
#include <QAudioSink>
#include <QAudioSource>
#include <QMediaDevices>
#include <algorithm>
#include <cmath>
#include <cstring>

namespace flenzo {

namespace {

constexpr qint64 buffer_us = 200'000;

QAudioDevice inputNamed(const QByteArray& id) {
    for (const QAudioDevice& device : QMediaDevices::audioInputs())
        if (device.id() == id)
            return device;
    return QMediaDevices::defaultAudioInput();
}

/// What this device gives without being converted twice: floats where it can.
QAudioFormat inputFormatOf(const QAudioDevice& device) {
    QAudioFormat format = device.preferredFormat();
    for (const QAudioFormat::SampleFormat wanted : {QAudioFormat::Float, QAudioFormat::Int16}) {
        format.setSampleFormat(wanted);
        if (device.isFormatSupported(format))
            return format;
    }
    return device.preferredFormat();
}

/// One channel of that rate where the device takes it, else its own rate and channels.
QAudioFormat outputFormatOf(const QAudioDevice& device, double rate_Hz) {
    QAudioFormat wanted = device.preferredFormat();
    wanted.setSampleRate(static_cast<int>(std::lround(rate_Hz)));
    wanted.setChannelCount(1);
    for (const auto sample : {QAudioFormat::Float, QAudioFormat::Int16}) {
        wanted.setSampleFormat(sample);
        if (device.isFormatSupported(wanted))
            return wanted;
    }
    QAudioFormat own = device.preferredFormat();
    if (own.sampleFormat() != QAudioFormat::Float)
        own.setSampleFormat(QAudioFormat::Int16);
    return own;
}

class QtInput : public InputStream {
public:
    QtInput(const QAudioDevice& device, const QAudioFormat& format) : format_(format), source_(device, format) {
        source_.setBufferSize(format_.bytesForDuration(buffer_us));
        stream_ = source_.start();
        if (!stream_)
            return;
        QObject::connect(stream_, &QIODevice::readyRead, &source_, [this] { read(); });
        QObject::connect(&source_, &QAudioSource::stateChanged, &source_, [this](QAudio::State state) {
            if (state == QAudio::StoppedState && source_.error() != QAudio::NoError && failed)
                failed(SourceFault::Vanished);
        });
    }
    ~QtInput() override {
        source_.disconnect(); // stopping is no failure
        source_.stop();
    }
    [[nodiscard]] bool runs() const { return stream_ != nullptr; }
    [[nodiscard]] double rate_Hz() const override { return format_.sampleRate(); }
    [[nodiscard]] qsizetype channels() const override { return format_.channelCount(); }

private:
    void read() {
        left_ += stream_->readAll();
        const qsizetype frame = format_.bytesPerFrame(), sample = format_.bytesPerSample();
        const qsizetype whole = left_.size() / frame * frame;
        QList<float> out;
        out.reserve(whole / sample);
        for (qsizetype at = 0; at < whole; at += sample)
            out.append(format_.normalizedSampleValue(left_.constData() + at));
        left_.remove(0, whole);
        if (!out.isEmpty() && heard)
            heard(out);
    }
    QAudioFormat format_;
    QAudioSource source_;
    QIODevice* stream_ = nullptr;
    QByteArray left_; ///< the beginning of a frame whose end has not come yet
};

class QtOutput : public OutputStream {
public:
    QtOutput(const QAudioDevice& device, const QAudioFormat& format) : format_(format), sink_(device, format) {
        sink_.setBufferSize(format_.bytesForDuration(buffer_us));
        stream_ = sink_.start();
    }
    ~QtOutput() override { sink_.stop(); }
    [[nodiscard]] bool runs() const { return stream_ != nullptr; }
    [[nodiscard]] double rate_Hz() const override { return format_.sampleRate(); }
    [[nodiscard]] qsizetype room() const override { return sink_.bytesFree() / format_.bytesPerFrame(); }
    qsizetype write(const float* samples, qsizetype count) override {
        QByteArray out(count * format_.bytesPerFrame(), 0);
        char* to = out.data();
        for (qsizetype k = 0; k < count; ++k) {
            const float value = std::clamp(samples[k], -1.0F, 1.0F);
            const auto whole = static_cast<qint16>(std::lround(32767.0F * value));
            for (int channel = 0; channel < format_.channelCount(); ++channel, to += format_.bytesPerSample())
                format_.sampleFormat() == QAudioFormat::Float ? std::memcpy(to, &value, sizeof value)
                                                              : std::memcpy(to, &whole, sizeof whole);
        }
        return std::max<qint64>(0, stream_->write(out)) / format_.bytesPerFrame();
    }

private:
    QAudioFormat format_;
    QAudioSink sink_;
    QIODevice* stream_ = nullptr;
};

} // namespace

QList<SoundInput> QtDevices::inputs() const {
    QList<SoundInput> out;
    for (const QAudioDevice& device : QMediaDevices::audioInputs())
        out.append({device.id(), device.description()});
    return out;
}

std::unique_ptr<InputStream> QtDevices::listen(const QByteArray& id, SourceFault& why) const {
    const QAudioDevice device = inputNamed(id);
    why = SourceFault::NoInput;
    if (device.isNull())
        return nullptr;
    const QAudioFormat format = inputFormatOf(device);
    if (format.sampleRate() < 8000 || format.channelCount() < 1) {
        why = SourceFault::NoFormat;
        return nullptr;
    }
    auto stream = std::make_unique<QtInput>(device, format);
    if (!stream->runs())
        return nullptr;
    return stream;
}

std::unique_ptr<OutputStream> QtDevices::speak(double rate_Hz) const {
    const QAudioDevice device = QMediaDevices::defaultAudioOutput();
    if (device.isNull())
        return nullptr;
    auto stream = std::make_unique<QtOutput>(device, outputFormatOf(device, rate_Hz));
    if (!stream->runs())
        return nullptr;
    return stream;
}

} // namespace flenzo
