// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/sources/loudspeaker.h"

#include <QTimer>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

constexpr int tick_ms = 20;
constexpr double mostWaiting_s = 2.0;

} // namespace

QList<float> toneOf(Tone tone, double rate_Hz) {
    // Above the strings, so that none is taken for a pluck: one, two rising, two falling.
    constexpr double low_Hz = 1320.0, high_Hz = 1760.0, each_s = 0.09, level = 0.2;
    const QList<double> notes_Hz = tone == Tone::Taken    ? QList<double>{high_Hz}
                                   : tone == Tone::InTune ? QList<double>{low_Hz, high_Hz}
                                                          : QList<double>{high_Hz, low_Hz};
    const auto count = static_cast<int>(each_s * rate_Hz);
    QList<float> out;
    for (const double note_Hz : notes_Hz)
        for (int k = 0; k < count; ++k) {
            const double t = k / rate_Hz, edge = std::sin(std::numbers::pi * k / count);
            out.append(static_cast<float>(level * edge * std::sin(2.0 * std::numbers::pi * note_Hz * t)));
        }
    return out;
}

QList<float> pitchTone(double pitch_Hz, double rate_Hz) {
    constexpr double length_s = 2.0, fade_s = 0.05, level = 0.25;
    constexpr double overtones[] = {1.0, 0.6, 0.4, 0.25};
    const auto count = static_cast<int>(length_s * rate_Hz);
    QList<float> out;
    out.reserve(count);
    for (int k = 0; k < count; ++k) {
        const double t = k / rate_Hz, edge = std::min({1.0, t / fade_s, (length_s - t) / fade_s});
        double value = 0.0, number = 1.0;
        for (const double share : overtones) {
            if (number * pitch_Hz < rate_Hz / 2.0)
                value += share * std::sin(2.0 * std::numbers::pi * number * pitch_Hz * t);
            number += 1.0;
        }
        out.append(static_cast<float>(level * edge * value));
    }
    return out;
}

Loudspeaker::Loudspeaker(double rate_Hz, QObject* parent)
    : QObject(parent), rate_Hz_(rate_Hz), stream_(soundDevices() ? soundDevices()->speak(rate_Hz) : nullptr) {
    if (!stream_)
        return;
    auto* timer = new QTimer(this);
    connect(timer, &QTimer::timeout, this, &Loudspeaker::push);
    timer->start(tick_ms);
}

QList<float> Loudspeaker::inItsRate(const QList<float>& sound) const {
    const double step = rate_Hz_ / stream_->rate_Hz();
    const auto count = static_cast<qsizetype>(static_cast<double>(sound.size()) / step);
    QList<float> out;
    out.reserve(count);
    for (qsizetype k = 0; k < count; ++k) {
        const double at = static_cast<double>(k) * step;
        const auto left = std::min(static_cast<qsizetype>(at), sound.size() - 1),
                   right = std::min(left + 1, sound.size() - 1);
        const auto share = static_cast<float>(at - static_cast<double>(left));
        out.append(sound[left] + share * (sound[right] - sound[left]));
    }
    return out;
}

void Loudspeaker::play(const QList<float>& sound) {
    if (!stream_ || sound.isEmpty() || static_cast<double>(waiting_.size()) > mostWaiting_s * stream_->rate_Hz())
        return;
    waiting_ += inItsRate(sound);
    push();
}

void Loudspeaker::push() {
    const qsizetype room = std::min(stream_->room(), waiting_.size());
    if (room > 0)
        waiting_.remove(0, stream_->write(waiting_.constData(), room));
}

} // namespace flenzo
