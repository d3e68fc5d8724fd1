// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advise/next_act.h"
#include "core/log/bench_job.h"
#include "core/settle/settling.h"

#include <cstdint>

namespace flenzo {

/// A guitar that exists only in the program and differs from its nominal rig in ways nobody is told. Departures are
/// normal, cut at twice the spread; with the old set it stood as the real one did. New strings start roughly 200 to 400
/// cents low. With `Habit::stretch` they are unsettled.
///
/// Noise depends on the seed and on how many events went before only, so the same question gets the same answer.
class HiddenGuitar {
public:
    HiddenGuitar(const BenchJob& job, std::uint32_t seed);

    /// Plays an event that a technician logged; what was read off it is taken back to what it was, noise apart.
    void hear(const Event& event);
    void hear(const std::vector<Event>& log);
    /// What a technician with this guitar on the bench enters after doing `act`; an empty reading when there is nothing
    /// to do. The guitar itself does not change: the answer has to be heard.
    [[nodiscard]] Event answer(const NextAct& act) const;

    /// Puts it as work that no log tells of has left it.
    void stand(State state) { state_ = std::move(state); }

    [[nodiscard]] const Rig& rig() const { return rig_; }
    [[nodiscard]] const State& state() const { return state_; }
    [[nodiscard]] const std::vector<Settling>& settling() const { return settling_; }

private:
    Rig rig_;
    Spread spread_;
    std::uint32_t seed_, heard_ = 0;
    State state_;
    std::vector<Settling> settling_; ///< empty: settled
};

} // namespace flenzo
