// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/clock.h"

#include <chrono>
#include <cstdio>

namespace flenzo {

std::optional<double> secondsOf(const std::string& iso) {
    int year = 0, month = 0, day = 0, hour = 0, minute = 0, end = 0;
    if (std::sscanf(iso.c_str(), "%4d-%2d-%2dT%2d:%2d%n", &year, &month, &day, &hour, &minute, &end) < 5)
        return std::nullopt;
    const std::chrono::year_month_day date{std::chrono::year(year), std::chrono::month(static_cast<unsigned>(month)),
                                           std::chrono::day(static_cast<unsigned>(day))};
    if (month < 1 || day < 1 || !date.ok() || hour < 0 || hour > 24 || minute < 0 || minute > 59)
        return std::nullopt;
    double second = 0.0;
    int more = 0;
    const char* rest = iso.c_str() + end;
    if (std::sscanf(rest, ":%lf%n", &second, &more) == 1)
        rest += more;
    double offset_s = 0.0;
    int hours = 0, minutes = 0;
    char sign = '+';
    if (std::sscanf(rest, "%c%2d:%2d", &sign, &hours, &minutes) == 3 && (sign == '+' || sign == '-'))
        offset_s = (sign == '+' ? 60.0 : -60.0) * (60 * hours + minutes);
    const auto days = std::chrono::sys_days(date).time_since_epoch().count();
    return 86400.0 * static_cast<double>(days) + 3600.0 * hour + 60.0 * minute + second - offset_s;
}

bool hasZone(const std::string& iso) {
    const std::size_t time = iso.find('T');
    return time != std::string::npos && iso.find_first_of("Z+-", time) != std::string::npos;
}

} // namespace flenzo
