// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/decision/act.h"
#include "core/log/event.h"

namespace flenzo {

/// A guitar that exists only in the program, with somebody at it who does what is asked and enters what the tools say.
class BenchGuitar {
public:
    BenchGuitar() = default;
    BenchGuitar(const BenchGuitar&) = delete;
    BenchGuitar& operator=(const BenchGuitar&) = delete;
    virtual ~BenchGuitar() = default;
    /// Does `act` and says what was entered; an empty reading when there is nothing to do.
    virtual Event perform(const NextAct& act) = 0;
    /// Something done to it that nobody asked for here: a block put in or out, the nut clamped.
    virtual void follow(const Event& event) = 0;
    /// The truth, which nobody at the bench sees.
    [[nodiscard]] virtual double reading_cents(std::size_t string) const = 0;
    [[nodiscard]] virtual double angle_rad() const = 0;
};

} // namespace flenzo
