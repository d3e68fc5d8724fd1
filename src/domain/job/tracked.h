// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/estimator.h"

namespace flenzo {

/// The guitar after one event: what the whole log makes of it, and apart from that what was typed.
struct TrackedState {
    State state;
    std::vector<double> readings_cents; ///< believed
    std::vector<bool> measured;         ///< read, or tuned, with nothing done to the guitar since
    std::vector<double> typed_cents;    ///< what was last typed of a measured string
    std::vector<bool> everRead;
    std::optional<double> typedGap_m, typedAngle_rad; ///< of the plate, with nothing done since
    [[nodiscard]] bool angleMeasured() const { return typedAngle_rad || (typedGap_m && *typedGap_m > 0.0); }
    /// What to show of a string: what somebody typed, else what is believed.
    [[nodiscard]] double shown_cents(std::size_t string) const {
        return measured[string] ? typed_cents[string] : readings_cents[string];
    }
    /// The same of the plate.
    [[nodiscard]] double shownAngle_rad(const Bridge& bridge) const;
    /// The state to draw: the plate as somebody measured it, where somebody did.
    [[nodiscard]] State shown(const Bridge& bridge) const;
};

/// The state after every event and before the first.
[[nodiscard]] std::vector<TrackedState> trackedStates(const BenchJob& job, const Estimate& guitar,
                                                      const EstimatorOptions& options = {});

} // namespace flenzo
