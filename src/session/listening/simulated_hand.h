// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/simulated_guitar.h"
#include "listen/sources/timed_source.h"
#include "session/bench/bench_entry.h"

#include <QPointer>

namespace flenzo {

/// Plays the job's simulated guitar for the ear: plucks what is asked for, turns pegs while the string rings, does claw
/// and gap as asked. What it plays is what the guitar would sound.
class SimulatedHand : public QObject {
    Q_OBJECT
public:
    /// `source` may go before it does.
    SimulatedHand(Session& session, BenchEntry& bench, SimulatedSource* source, QObject* parent = nullptr);

private:
    void listenOn(double made_s);
    void act(const NextAct& next);
    void pluck(const SimulatedGuitar& guitar, std::size_t string, std::optional<double> to_cents);

    Session& session_;
    BenchEntry& bench_;
    QPointer<SimulatedSource> source_;
    double free_s_ = 0.6; ///< when the hand is free for the next pluck
};

} // namespace flenzo
