// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"

#include <optional>

namespace flenzo {

/// The strings of a guitar, a lane each: where each is against its target, where it is to go, where it came from.
struct StringLanes {
    enum class Turn { None, Tighter, Looser };
    struct Lane {
        QString name, note;               ///< "5", "A2"
        std::optional<double> cents;      ///< as typed or heard, else as calculated; nothing: not known, or off
        bool read = false;                ///< somebody read it, else it is calculated
        std::optional<double> aim_cents;  ///< what it is to be tuned to in this pass
        std::vector<double> before_cents; ///< where it was, the latest last
        std::optional<double> live_cents; ///< where it sounds now, while somebody listens
        QString remark;                   ///< a small line under the figure: how old it is, what to do about it
        double gauge_m = 0.0;
        bool off = false;
        Turn turn = Turn::None; ///< its peg, in the act that is asked for
    };
    std::vector<Lane> lanes;           ///< as the job has them, the thickest first
    std::optional<std::size_t> asked;  ///< the string of the act
    std::optional<std::size_t> picked; ///< whose reading is typed
    double tolerance_cents = 2.0;
    double nearAim_cents = 2.0; ///< half width of the gate at an aim
    bool pegs = true;           ///< which way to turn is drawn at each lane's end
};

/// On the way from `from` to `to`, of the same guitar: every place that both know, so far along.
[[nodiscard]] StringLanes between(const StringLanes& from, const StringLanes& to, double share);

/// All lanes at equal heights, whatever their number; one scale for all, straight near the targets and bent further
/// out, the tolerance a band across them at least eight pixels wide. Each lane is an area `lane-N`, N from 0.
[[nodiscard]] Scene buildStringLanes(const StringLanes& strings, const QSizeF& size, double textScale);

/// The lane at a point of that scene.
[[nodiscard]] std::optional<std::size_t> laneAt(const Scene& scene, const QPointF& at);

} // namespace flenzo
