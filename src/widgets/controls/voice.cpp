// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/voice.h"

#include <QCoreApplication>
#include <QDir>

namespace flenzo {

namespace {

constexpr double toneRate_Hz = 24000.0;
constexpr int patience_ms = 2000;

QString speakerProgram() {
    return QDir(QCoreApplication::applicationDirPath()).filePath(QStringLiteral("flenzo-voice"));
}

} // namespace

Voice::Voice(QObject* parent) : QObject(parent) {
    speaker_.setStandardOutputFile(QProcess::nullDevice());
    speaker_.setStandardErrorFile(QProcess::nullDevice());
}

Voice::~Voice() {
    if (speaker_.state() == QProcess::NotRunning)
        return;
    speaker_.kill(); // it may be waiting for a sound server
    speaker_.waitForFinished(patience_ms);
}

bool Voice::isInstalled() {
    QProcess asked;
    asked.start(speakerProgram(), {QStringLiteral("--check")});
    return asked.waitForFinished(patience_ms) && asked.exitStatus() == QProcess::NormalExit && asked.exitCode() == 0;
}

void Voice::say(const QString& words) {
    Q_EMIT said(words);
    if (speaker_.state() == QProcess::NotRunning)
        speaker_.start(speakerProgram(), {});
    speaker_.write(words.toUtf8() + '\n');
}

void Voice::sound(Tone tone) {
    Q_EMIT sounded(tone);
    play(toneOf(tone, toneRate_Hz));
}

void Voice::soundPitch(double pitch_Hz) {
    Q_EMIT pitchSounded(pitch_Hz);
    play(pitchTone(pitch_Hz, toneRate_Hz));
}

void Voice::play(const QList<float>& sound) {
    if (!loudspeaker_)
        loudspeaker_ = std::make_unique<Loudspeaker>(toneRate_Hz);
    loudspeaker_->play(sound);
}

} // namespace flenzo
