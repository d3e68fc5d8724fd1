// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDate>

namespace flenzo {

enum class Sweat { Little, Usual, Much };

/// What wears the strings of a guitar, as its owner tells it.
struct Playing {
    double hoursAWeek = 0.0; ///< 0 where nobody said
    double gigsAWeek = 0.0;  ///< on top of those
    int months = 0;          ///< after which the owner wants new ones whatever was played; 0: as the shop does
    Sweat sweat = Sweat::Usual;
    bool coated = false; ///< the strings that go on
    bool operator==(const Playing&) const = default;
};

/// How long a set lasts. All of it is assumed; change it to what comes back to this shop.
struct DueOptions {
    double life_h = 70.0;              ///< of playing, plain strings, usual sweat
    double gig_h = 4.0;                ///< hours that a gig wears as much as, lights and sweat counted
    double littleSweat = 1.4;          ///< factor of the life
    double muchSweat = 0.5;            ///< factor of the life
    double coatedTimes = 2.5;          ///< factor of the life
    double months = 3.0;               ///< whole; after which a set is due whatever was played
    double coatedMonths = 6.0;         ///< the same for coated strings
    double shownBefore_days = 14.0;    ///< whole; a restring is shown as due this long before
    double checkAfter_days = 1.0;      ///< after the hand-over: does it still drift?
    double checkForgotten_days = 30.0; ///< a check that nobody made is no longer asked for
};

/// When the strings are due again, and what decides it.
struct NextRestring {
    enum class By { Months, Playing };
    QDate on;
    By by = By::Months;
};
/// By months or by playing, whichever comes first; at least a week after the last one.
[[nodiscard]] NextRestring nextRestring(const Playing& playing, const QDate& restrung, const DueOptions& options = {});

} // namespace flenzo
