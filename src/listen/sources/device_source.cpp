// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/sources/device_source.h"

#include <QCoreApplication>
#include <QPointer>
#include <utility>

namespace flenzo {

DeviceSource::DeviceSource(QByteArray id, QObject* parent) : SoundSource(parent), id_(std::move(id)) {}

DeviceSource::~DeviceSource() {
    DeviceSource::stop();
}

bool DeviceSource::start() {
    SourceFault why = SourceFault::NoInput;
    stream_ = soundDevices() ? soundDevices()->listen(id_, why) : nullptr;
    if (!stream_) {
        Q_EMIT failed(why);
        return false;
    }
    // What it says last may come when nobody listens any more.
    const QPointer<DeviceSource> self(this);
    stream_->heard = [self](const QList<float>& frames) {
        if (self && self->stream_)
            Q_EMIT self->heard(frames);
    };
    stream_->failed = [self](SourceFault fault) {
        if (self && self->stream_)
            Q_EMIT self->failed(fault);
    };
    return true;
}

/// Stopped by what it said, it is still speaking: it goes once it has spoken.
void DeviceSource::stop() {
    if (stream_)
        QMetaObject::invokeMethod(
            QCoreApplication::instance(), [gone = std::shared_ptr<InputStream>(std::move(stream_))] {},
            Qt::QueuedConnection);
}

} // namespace flenzo
