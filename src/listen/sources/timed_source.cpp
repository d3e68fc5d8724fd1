// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/sources/timed_source.h"

#include "core/base/random_stream.h"

#include <algorithm>

namespace flenzo {

namespace {

constexpr double ahead_s = 4.5;

} // namespace

TimedSource::TimedSource(QObject* parent) : SoundSource(parent) {
    timer_.setTimerType(Qt::PreciseTimer);
    timer_.setInterval(tick_ms);
    connect(&timer_, &QTimer::timeout, this, &TimedSource::tick);
}

bool TimedSource::start() {
    timer_.start();
    return true;
}

void TimedSource::tick() {
    const QList<float> piece = next(0.001 * tick_ms);
    if (!piece.isEmpty()) {
        Q_EMIT heard(piece);
        return;
    }
    timer_.stop();
    Q_EMIT ended();
}

QList<float> RecordingSource::next(double seconds) {
    const std::size_t count = std::min(recording_.samples.size() - at_,
                                       static_cast<std::size_t>(seconds * recording_.rate_Hz) * recording_.channels);
    const auto from = recording_.samples.begin() + static_cast<long>(at_);
    at_ += count;
    return {from, from + static_cast<long>(count)};
}

SimulatedSource::SimulatedSource(std::uint32_t seed, QObject* parent)
    : TimedSource(parent), ahead_(static_cast<std::size_t>(ahead_s * 24000.0), 0.0F), seed_(seed) {}

void SimulatedSource::pluck(const PluckedString& string) {
    constexpr float stopped = 0.1F;
    for (float& sample : ahead_)
        sample *= stopped;
    addPluck(ahead_, rate_Hz(), 0.0, string, seed_ + ++plucked_);
}

QList<float> SimulatedSource::next(double seconds) {
    const auto count = static_cast<qsizetype>(seconds * rate_Hz());
    QList<float> out(ahead_.begin(), ahead_.begin() + count);
    constexpr double room = 2e-4;
    RandomStream noise(seed_ + static_cast<std::uint32_t>(made_s_ * 1000.0), 11);
    for (float& sample : out)
        sample += static_cast<float>(noise.normal(room));
    std::move(ahead_.begin() + count, ahead_.end(), ahead_.begin());
    std::fill(ahead_.end() - count, ahead_.end(), 0.0F);
    made_s_ += seconds;
    Q_EMIT made(made_s_);
    return out;
}

} // namespace flenzo
