// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/job/compare.h"

#include "core/log/counts.h"
#include "domain/base/bundled_words.h"
#include "domain/job/derived.h"
#include "language/decimal.h"

#include <QCoreApplication>

namespace flenzo {

namespace {

struct CompareWords {
    Q_DECLARE_TR_FUNCTIONS(Compare)
};

QString pair(const QString& what, const QString& before, const QString& after) {
    return before == after ? CompareWords::tr("%1: %2 both times").arg(what, before)
                           : CompareWords::tr("%1: %2, then %3").arg(what, before, after);
}

double clawTurned(const Job& job) {
    double turns = 0.0;
    for (const Event& event : job.log)
        if (event.kind == Event::Kind::Claw)
            turns += event.turns.mean();
    return turns;
}

} // namespace

QStringList differencesOf(const Job& earlier, const Job& later) {
    const Derived a = derive(earlier), b = derive(later);
    const Counts before = countsOf(earlier.log, earlier.rig.strings.size(), earlier.pace),
                 after = countsOf(later.log, later.rig.strings.size(), later.pace);
    const auto number = [](double value, int digits) { return decimal(value, digits); };
    const auto name = [](const QString& given) {
        return given.isEmpty() ? CompareWords::tr("own") : bundledWords(given);
    };
    return {pair(CompareWords::tr("Set"), name(earlier.onPicks.setName), name(later.onPicks.setName)),
            pair(CompareWords::tr("Tuning"), name(earlier.onPicks.tuningName), name(later.onPicks.tuningName)),
            pair(CompareWords::tr("Pull of all strings, by the model"),
                 number(a.report.sumAfter_N, 0) + QStringLiteral(" N"),
                 number(b.report.sumAfter_N, 0) + QStringLiteral(" N")),
            pair(CompareWords::tr("Claw turned"), number(clawTurned(earlier), 2), number(clawTurned(later), 2)),
            pair(CompareWords::tr("Passes"), number(before.passes, 1), number(after.passes, 1)),
            pair(CompareWords::tr("Minutes at pegs and claw, by the shop's pace"), number(before.minutes, 0),
                 number(after.minutes, 0))};
}

} // namespace flenzo
