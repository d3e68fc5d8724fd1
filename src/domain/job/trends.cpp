// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/trends.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <map>

namespace flenzo {

namespace {

struct TrendsWords {
    Q_DECLARE_TR_FUNCTIONS(Trends)
};

constexpr int seenTwice = 2;
constexpr double comesBack_cents = 3.0;

/// What to look at where strings break there again and again.
QString lookAt(BreakPlace place) {
    switch (place) {
    case BreakPlace::Saddle:
        return TrendsWords::tr("Look for a burr or a sharp edge on that saddle.");
    case BreakPlace::BallEnd:
        return TrendsWords::tr("Look for a sharp edge where the ball end seats.");
    case BreakPlace::Nut:
        return TrendsWords::tr("Look at its place in the nut: a burr, or a slot too narrow.");
    case BreakPlace::StringPost:
        return TrendsWords::tr("Look at the hole of the string post: a burr; bend the string less tightly.");
    case BreakPlace::Between:
        return TrendsWords::tr("Look at the frets under it: a burr at a fret's end.");
    case BreakPlace::NotSaid:
        break;
    }
    return {};
}

double median(std::vector<double> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

/// What each string was off after dive and pull-up beyond what all were off: that is its own, not the bridge's.
std::vector<double> own_cents(const ReturnTest& test) {
    std::vector<double> worst(test.before_cents.size(), 0.0);
    for (const std::vector<double>* after : {&test.afterDive_cents, &test.afterPull_cents}) {
        if (after->size() != worst.size() || worst.empty())
            continue;
        std::vector<double> off;
        for (std::size_t i = 0; i < worst.size(); ++i)
            off.push_back((*after)[i] - test.before_cents[i]);
        const double common = median(off);
        for (std::size_t i = 0; i < worst.size(); ++i)
            worst[i] = std::abs(off[i] - common) > std::abs(worst[i]) ? off[i] - common : worst[i];
    }
    return worst;
}

} // namespace

QString breakPlaceName(BreakPlace place) {
    switch (place) {
    case BreakPlace::Saddle:
        return TrendsWords::tr("at the saddle");
    case BreakPlace::BallEnd:
        return TrendsWords::tr("at the ball end");
    case BreakPlace::Between:
        return TrendsWords::tr("between nut and saddle");
    case BreakPlace::Nut:
        return TrendsWords::tr("at the nut");
    case BreakPlace::StringPost:
        return TrendsWords::tr("at the string post");
    case BreakPlace::NotSaid:
        break;
    }
    return TrendsWords::tr("not said where");
}

QStringList trendsOf(const std::vector<Job>& jobs) {
    std::map<std::pair<std::string, BreakPlace>, int> breaks;
    std::map<std::string, std::pair<int, int>> returns; // by string: not back, tested
    for (const Job& job : jobs) {
        const auto& strings = job.rig.strings;
        if (job.work.broken && *job.work.broken < strings.size() && job.work.brokeAt != BreakPlace::NotSaid)
            ++breaks[{strings[*job.work.broken].name, job.work.brokeAt}];
        if (job.work.returns.isEmpty())
            continue;
        const std::vector<double> off = own_cents(job.work.returns.last().test); // what was left, not what was mended
        for (std::size_t i = 0; i < off.size() && i < strings.size(); ++i) {
            auto& [not_back, tested] = returns[strings[i].name];
            ++tested;
            not_back += std::abs(off[i]) > comesBack_cents;
        }
    }
    QStringList found;
    for (const auto& [where, times] : breaks)
        if (times >= seenTwice)
            found.append(TrendsWords::tr("String %1 broke %2, %n times.", nullptr, times)
                             .arg(QString::fromStdString(where.first), breakPlaceName(where.second)) +
                         QLatin1Char(' ') + lookAt(where.second));
    for (const auto& [name, seen] : returns)
        if (seen.first >= seenTwice && 2 * seen.first > seen.second)
            found.append(TrendsWords::tr("String %1 did not come back from the arm in %2 of %3 jobs. Look at its "
                                         "place in the nut, its saddle and how it is held.")
                             .arg(QString::fromStdString(name))
                             .arg(seen.first)
                             .arg(seen.second));
    return found;
}

} // namespace flenzo
