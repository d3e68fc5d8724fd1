// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/sources/device_source.h"

#include <utility>

namespace flenzo {

DeviceSource::DeviceSource(QByteArray id, QObject* parent) : SoundSource(parent), id_(std::move(id)) {}

bool DeviceSource::start() {
    SourceFault why = SourceFault::NoInput;
    stream_ = soundDevices() ? soundDevices()->listen(id_, why) : nullptr;
    if (!stream_) {
        Q_EMIT failed(why);
        return false;
    }
    stream_->heard = [this](const QList<float>& frames) { Q_EMIT heard(frames); };
    stream_->failed = [this](SourceFault fault) { Q_EMIT failed(fault); };
    return true;
}

} // namespace flenzo
