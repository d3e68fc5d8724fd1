// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/random_stream.h"
#include "core/log/bench_job.h"
#include "core/planning/uncertainty.h"
#include "core/simulation/bench_guitar.h"

namespace flenzo {

/// A guitar of the program's own mechanics that differs from its nominal rig in ways nobody is told. Departures are
/// normal, cut at twice the spread; with the old set it stood as the real one did. New strings start roughly 200 to 400
/// cents low. With `WorkMethod::stretch` they are unsettled. Its pivot sticks as its rig says.
///
/// Noise depends on the seed and on how many events went before only, so the same question gets the same answer.
class SimulatedGuitar : public BenchGuitar {
public:
    SimulatedGuitar(const BenchJob& job, const UncertaintyModel& spread, std::uint32_t seed);
    /// One that is what `rig` says and is as `state` says.
    SimulatedGuitar(const Rig& rig, State state, std::vector<Settling> settling, const UncertaintyModel& spread,
                    std::uint32_t seed);

    Event perform(const NextAct& act) override;
    [[nodiscard]] double reading_cents(std::size_t string) const override;
    [[nodiscard]] double angle_rad() const override { return state_.angle_rad; }

    /// Plays an event that a technician logged; what was read off it is taken back to what it was, noise apart.
    void follow(const Event& event) override;
    void follow(const std::vector<Event>& log);
    /// What a technician with this guitar on the bench enters after doing `act`. The guitar itself does not change: the
    /// answer has to be followed.
    [[nodiscard]] Event answer(const NextAct& act) const;
    /// Puts it as work that no log tells of has left it.
    void stand(State state) { state_ = std::move(state); }

    [[nodiscard]] const Rig& rig() const { return rig_; }
    [[nodiscard]] const State& state() const { return state_; }
    [[nodiscard]] const std::vector<Settling>& settling() const { return settling_; }

private:
    [[nodiscard]] double typed_cents(std::size_t string, RandomStream& noise) const;
    void restring(std::size_t string);

    Rig rig_;
    UncertaintyModel spread_;
    std::uint32_t seed_, followed_ = 0;
    State state_;
    std::vector<Settling> settling_; ///< empty: settled
};

} // namespace flenzo
