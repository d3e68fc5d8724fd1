// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/sources/device_source.h"

#include <QAudioDevice>
#include <QAudioSource>
#include <QMediaDevices>
#include <utility>

namespace flenzo {

namespace {

QAudioDevice deviceNamed(const QByteArray& id) {
    for (const QAudioDevice& device : QMediaDevices::audioInputs())
        if (device.id() == id)
            return device;
    return QMediaDevices::defaultAudioInput();
}

/// What this device gives without being converted twice: floats where it can.
QAudioFormat formatOf(const QAudioDevice& device) {
    QAudioFormat format = device.preferredFormat();
    for (const QAudioFormat::SampleFormat wanted : {QAudioFormat::Float, QAudioFormat::Int16}) {
        format.setSampleFormat(wanted);
        if (device.isFormatSupported(format))
            return format;
    }
    return device.preferredFormat();
}

} // namespace

QList<SoundInput> soundInputs() {
    QList<SoundInput> out;
    for (const QAudioDevice& device : QMediaDevices::audioInputs())
        out.append({device.id(), device.description()});
    return out;
}

DeviceSource::DeviceSource(QByteArray id, QObject* parent) : SoundSource(parent), id_(std::move(id)) {}

DeviceSource::~DeviceSource() {
    DeviceSource::stop();
}

bool DeviceSource::start() {
    const QAudioDevice device = deviceNamed(id_);
    if (device.isNull()) {
        Q_EMIT failed(SourceFault::NoInput);
        return false;
    }
    format_ = formatOf(device);
    if (format_.sampleRate() < 8000 || format_.channelCount() < 1) {
        Q_EMIT failed(SourceFault::NoFormat);
        return false;
    }
    source_ = std::make_unique<QAudioSource>(device, format_);
    constexpr int buffer_ms = 200;
    source_->setBufferSize(format_.bytesForDuration(qint64{1000} * buffer_ms));
    stream_ = source_->start();
    if (!stream_) {
        source_.reset();
        Q_EMIT failed(SourceFault::NoInput);
        return false;
    }
    connect(stream_, &QIODevice::readyRead, this, &DeviceSource::read);
    connect(source_.get(), &QAudioSource::stateChanged, this, [this](QAudio::State state) {
        if (state == QAudio::StoppedState && source_ && source_->error() != QAudio::NoError)
            Q_EMIT failed(SourceFault::Vanished);
    });
    return true;
}

void DeviceSource::stop() {
    if (!source_)
        return;
    source_->disconnect(this);
    source_->stop();
    source_.reset();
    stream_ = nullptr;
    left_.clear();
}

void DeviceSource::read() {
    left_ += stream_->readAll();
    const qsizetype frame = format_.bytesPerFrame(), sample = format_.bytesPerSample();
    const qsizetype whole = left_.size() / frame * frame;
    QList<float> out;
    out.reserve(whole / sample);
    for (qsizetype at = 0; at < whole; at += sample)
        out.append(format_.normalizedSampleValue(left_.constData() + at));
    left_.remove(0, whole);
    if (!out.isEmpty())
        Q_EMIT heard(out);
}

} // namespace flenzo
