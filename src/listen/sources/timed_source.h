// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/plucked_string.h"
#include "listen/hearing/recording.h"
#include "listen/sources/sound_source.h"

#include <QTimer>
#include <vector>

namespace flenzo {

/// A source that makes its sound itself, as fast as it would be heard or, for tests, faster.
class TimedSource : public SoundSource {
    Q_OBJECT
public:
    explicit TimedSource(QObject* parent = nullptr);
    bool start() override;
    void stop() override { timer_.stop(); }
    [[nodiscard]] bool waits() const override { return true; }
    /// As fast as it can be heard: for tests.
    void setHurried(bool hurried) { timer_.setInterval(hurried ? 0 : tick_ms); }

protected:
    /// The next piece; empty: at its end.
    virtual QList<float> next(double seconds) = 0;

private:
    void tick();
    static constexpr int tick_ms = 20;
    QTimer timer_;
};

/// Plays a file.
class RecordingSource : public TimedSource {
    Q_OBJECT
public:
    explicit RecordingSource(Recording recording, QObject* parent = nullptr)
        : TimedSource(parent), recording_(std::move(recording)) {}
    [[nodiscard]] double rate_Hz() const override { return recording_.rate_Hz; }
    [[nodiscard]] qsizetype channels() const override { return static_cast<qsizetype>(recording_.channels); }

protected:
    QList<float> next(double seconds) override;

private:
    Recording recording_;
    std::size_t at_ = 0;
};

/// Strings of a guitar that exists only in the program, plucked one by one.
class SimulatedSource : public TimedSource {
    Q_OBJECT
public:
    explicit SimulatedSource(std::uint32_t seed, QObject* parent = nullptr);
    [[nodiscard]] double rate_Hz() const override { return 24000.0; }
    /// Plucked now; what still sounds is stopped by the hand.
    void pluck(const PluckedString& string);
    /// Time that has been made since the start.
    [[nodiscard]] double made_s() const { return made_s_; }

Q_SIGNALS:
    void made(double seconds);

protected:
    QList<float> next(double seconds) override;

private:
    std::vector<float> ahead_;
    std::uint32_t seed_, plucked_ = 0;
    double made_s_ = 0.0;
};

} // namespace flenzo
