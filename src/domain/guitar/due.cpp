// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/guitar/due.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace flenzo {

namespace {

/// Playing hours that one set lasts.
double life_h(const Playing& playing, const DueOptions& options) {
    const double sweat = playing.sweat == Sweat::Little ? options.littleSweat
                         : playing.sweat == Sweat::Much ? options.muchSweat
                                                        : 1.0;
    return options.life_h * sweat * (playing.coated ? options.coatedTimes : 1.0);
}

} // namespace

NextRestring nextRestring(const Playing& playing, const QDate& restrung, const DueOptions& options) {
    const double usual = playing.coated ? options.coatedMonths : options.months;
    NextRestring next{restrung.addMonths(playing.months > 0 ? playing.months : static_cast<int>(usual)),
                      NextRestring::By::Months};
    const double week_h = playing.hoursAWeek + options.gig_h * playing.gigsAWeek;
    if (week_h <= 0.0)
        return next;
    constexpr double week_days = 7.0, longest_days = 36500.0;
    const double days = std::clamp(week_days * life_h(playing, options) / week_h, week_days, longest_days);
    if (const QDate played = restrung.addDays(std::llround(days)); played < next.on)
        next = {played, NextRestring::By::Playing};
    return next;
}

} // namespace flenzo
