// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/sources/loudspeaker.h"

#include <QProcess>

namespace flenzo {

/// Says acts aloud and sounds short tones, for hands that are on the guitar. Nothing is started before it is wanted,
/// and where the desktop has no voice or no output nothing is heard. Words are said by a process of their own.
class Voice : public QObject {
    Q_OBJECT
public:
    explicit Voice(QObject* parent = nullptr);
    ~Voice() override;
    /// Whether this desktop has a voice at all; asked of the process that would speak.
    [[nodiscard]] static bool isInstalled();
    void say(const QString& words); ///< what was being said is broken off
    void sound(Tone tone);
    void soundPitch(double pitch_Hz); ///< to tune to

Q_SIGNALS:
    void said(const QString& words);
    void sounded(flenzo::Tone tone);
    void pitchSounded(double pitch_Hz);

private:
    void play(const QList<float>& sound);

    QProcess speaker_;
    std::unique_ptr<Loudspeaker> loudspeaker_;
};

} // namespace flenzo
