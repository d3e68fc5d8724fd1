// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/sources/sound_devices.h"

#include <QObject>

namespace flenzo {

/// Where sound comes from: an input device, a file, a simulated guitar.
class SoundSource : public QObject {
    Q_OBJECT
public:
    explicit SoundSource(QObject* parent = nullptr) : QObject(parent) {}
    /// False when there is no sound to be had; `failed` says why.
    virtual bool start() = 0;
    virtual void stop() = 0;
    [[nodiscard]] virtual double rate_Hz() const = 0;
    [[nodiscard]] virtual qsizetype channels() const { return 1; }
    /// Whether it can wait until what it gave was heard; a device cannot.
    [[nodiscard]] virtual bool waits() const { return false; }
    /// Whether it hears whichever guitar is before it.
    [[nodiscard]] virtual bool isLive() const { return false; }

Q_SIGNALS:
    void heard(const QList<float>& frames); ///< interleaved, full scale at 1
    void failed(flenzo::SourceFault why);
    void ended();
};

} // namespace flenzo
