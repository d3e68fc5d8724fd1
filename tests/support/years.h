// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

#include <QDateTime>
#include <algorithm>
#include <cmath>
#include <random>

namespace flenzo::testing {

/// Years of a shop with known truth: guitars that come a few times a year, rooms that are damp in summer and dry in
/// winter, tuners that tell a cent.
struct Truth {
    double settling_cents = 0.0; ///< of all strings in the first day
    double perPercent = 0.0;     ///< cents
    QString worseSet;            ///< changes twice as much
    int wanderer = -1;           ///< guitar of which one string goes flat
    double wander_cents = 0.0;
};

inline std::vector<Job> years(const Truth& truth, std::mt19937& random, int guitars = 16, int visits = 7) {
    const auto normal = [&](double deviation) { return std::normal_distribution<double>(0.0, deviation)(random); };
    const QStringList sets{QStringLiteral("Six, 9 to 42"), QStringLiteral("Six, 10 to 46"),
                           QStringLiteral("Six, 11 to 49")};
    const QStringList ways{QStringLiteral("along"), QStringLiteral("hard")};
    std::vector<Job> jobs;
    for (int guitar = 0; guitar < guitars; ++guitar) {
        const double nature = std::exp(normal(0.4)); // some change more than others, whatever is on them
        std::vector<double> before;                  // as it left
        double dampBefore = 0.0;
        QDateTime at = QDateTime(QDate(2020, 1, 10), QTime(15, 0)).addDays(guitar * 11);
        for (int visit = 0; visit < visits; ++visit) {
            Job job;
            job.guitar = QStringLiteral("Guitar %1").arg(guitar);
            job.owner = QStringLiteral("Owner");
            job.onPicks.setName = sets[guitar % 3];
            job.work.methods[QStringLiteral("stretching")] = ways[(guitar / 3) % 2];
            const double summer = std::sin(2.0 * M_PI * at.date().dayOfYear() / 365.0 - 1.6);
            const double damp = 45.0 + 15.0 * summer + normal(4.0);
            const auto look = [&](HeldReading::When when, const std::vector<double>& cents, double humidity) {
                HeldReading read{when, at.toString(Qt::ISODate), {}, 21.0 + normal(1.0), humidity};
                for (const double one : cents)
                    read.cents.push_back(std::round(one + normal(0.7)));
                job.work.held.append(read);
            };
            if (!before.empty()) {
                const double worse = job.onPicks.setName == truth.worseSet ? 2.5 : 1.0;
                const double all = worse * nature * normal(4.0) + truth.perPercent * (damp - dampBefore);
                std::vector<double> now = before;
                for (std::size_t i = 0; i < now.size(); ++i)
                    now[i] += all + worse * nature * normal(2.0);
                if (guitar == truth.wanderer)
                    now[2] += truth.wander_cents;
                look(HeldReading::When::CameIn, now, damp);
            }
            at = at.addSecs(7200);
            std::vector<double> left(6);
            for (double& one : left)
                one = normal(0.8);
            look(HeldReading::When::Left, left, damp);
            at = at.addDays(1);
            std::vector<double> next = left;
            const double all = truth.settling_cents + normal(1.0);
            for (double& one : next)
                one += all + normal(0.8);
            look(HeldReading::When::Later, next, damp);
            before = next;
            dampBefore = damp;
            jobs.push_back(job);
            at = at.addDays(80 + static_cast<int>(random() % 60));
        }
    }
    std::shuffle(jobs.begin(), jobs.end(), random);
    return jobs;
}

} // namespace flenzo::testing
