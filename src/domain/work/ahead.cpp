// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/ahead.h"

#include "domain/work/progress.h"
#include "domain/work/route.h"

#include <algorithm>

namespace flenzo {

namespace {

bool restsOverNight(const Job& job) {
    return job.work.wants("overnight");
}

} // namespace

std::vector<PieceAhead> workAhead(const Job& job, const Derived& derived) {
    const Progress progress = progressOf(job, derived);
    std::vector<PieceAhead> pieces(1);
    const auto wait = [&](double minutes, WaitFor what) {
        pieces.back().wait_min = minutes;
        pieces.back().waitFor = what;
        pieces.emplace_back();
    };
    for (qsizetype k = 0; k < progress.steps.size(); ++k) {
        if (progress.states[k] != StepState::Open)
            continue;
        const Step& step = progress.steps[k];
        pieces.back().hands_min += step.minutes;
        if (step.id == StepId::OilBoard)
            wait(oilStays_min, WaitFor::Oil);
        if (step.id == StepId::Settle && restsOverNight(job))
            wait(settlesOverNight_min, WaitFor::Settling);
    }
    if (pieces.back().hands_min <= 0.0)
        pieces.pop_back();
    return pieces;
}

QDateTime notBefore(const Job& job) {
    QDateTime until = job.work.notBefore;
    if (!restsOverNight(job))
        return until;
    const QString settle = QLatin1String(specOf(StepId::Settle).name);
    if (saidOf(job, settle).state != StepState::Done)
        return until;
    for (const StepRecord& record : job.work.records)
        if (record.step == settle && record.what == StepRecord::What::Done) {
            const QDateTime rested =
                QDateTime::fromString(record.at, Qt::ISODate).addSecs(static_cast<qint64>(60.0 * settlesOverNight_min));
            if (rested.isValid() && (!until.isValid() || rested > until))
                until = rested;
        }
    return until;
}

} // namespace flenzo
