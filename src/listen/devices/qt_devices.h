// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/sources/sound_devices.h"

#include <QObject>

namespace flenzo {

/// The desktop's sound by Qt Multimedia.
class QtDevices : public QObject, public SoundDevices {
    Q_OBJECT
    Q_PLUGIN_METADATA(IID FLENZO_SOUND_DEVICES)
    Q_INTERFACES(flenzo::SoundDevices)
public:
    [[nodiscard]] QList<SoundInput> inputs() const override;
    [[nodiscard]] std::unique_ptr<InputStream> listen(const QByteArray& id, SourceFault& why) const override;
    [[nodiscard]] std::unique_ptr<OutputStream> speak(double rate_Hz) const override;
};

} // namespace flenzo
