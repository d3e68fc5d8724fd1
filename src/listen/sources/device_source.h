// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/sources/sound_source.h"

namespace flenzo {

/// A microphone or a sound card's input.
class DeviceSource : public SoundSource {
    Q_OBJECT
public:
    /// Empty: the desktop's own choice.
    explicit DeviceSource(QByteArray id, QObject* parent = nullptr);
    ~DeviceSource() override;
    bool start() override;
    void stop() override;
    [[nodiscard]] double rate_Hz() const override { return stream_ ? stream_->rate_Hz() : 0.0; }
    [[nodiscard]] qsizetype channels() const override { return stream_ ? stream_->channels() : 0; }
    [[nodiscard]] bool isLive() const override { return true; }

private:
    QByteArray id_;
    std::unique_ptr<InputStream> stream_;
};

} // namespace flenzo
