// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/sources/sound_source.h"

#include <QAudioFormat>
#include <QByteArray>
#include <QStringList>
#include <memory>

class QAudioSource;
class QIODevice;

namespace flenzo {

/// The inputs of this machine, as the desktop names them, and what each is told by.
struct SoundInput {
    QByteArray id;
    QString name;
};
[[nodiscard]] QList<SoundInput> soundInputs();

/// A microphone or a sound card's input.
class DeviceSource : public SoundSource {
    Q_OBJECT
public:
    /// Empty: the desktop's own choice.
    explicit DeviceSource(QByteArray id, QObject* parent = nullptr);
    ~DeviceSource() override;
    bool start() override;
    void stop() override;
    [[nodiscard]] double rate_Hz() const override { return format_.sampleRate(); }
    [[nodiscard]] qsizetype channels() const override { return format_.channelCount(); }

private:
    void read();
    QByteArray id_;
    QAudioFormat format_;
    std::unique_ptr<QAudioSource> source_;
    QIODevice* stream_ = nullptr;
    QByteArray left_; ///< the beginning of a frame whose end has not come yet
};

} // namespace flenzo
