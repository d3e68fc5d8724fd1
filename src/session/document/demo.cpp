// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/demo.h"

#include "core/simulation/simulated_guitar.h"
#include "domain/base/faults.h"
#include "domain/base/moment.h"
#include "domain/job/derived.h"
#include "domain/job/edits.h"
#include "domain/methods/methods.h"
#include "domain/work/workflow.h"
#include "store/bundled.h"
#include "store/files.h"
#include "store/job_json.h"

#include <QCoreApplication>
#include <QStringList>

namespace flenzo {

namespace {

struct DemoWords {
    Q_DECLARE_TR_FUNCTIONS(Demo)
};

struct Demo {
    const char* file;
    const char* name;
};
constexpr Demo demos[] = {{"night-ferry", "Night Ferry, seven strings"},
                          {"long-meadow", "Long Meadow, baritone"},
                          {"paper-kite", "Paper Kite, fulcrum in D"},
                          {"loose-hinge", "Loose Hinge, no stable float"},
                          {"slow-lantern", "Slow Lantern, archtop with a roller shaft"},
                          {"short-wire", "Short Wire, headless multi-scale"}};

} // namespace

QStringList demoNames() {
    QStringList names;
    for (const Demo& demo : demos)
        names.append(QLatin1String(demo.name));
    return names;
}

Result<Job> demoJob(int index) {
    if (index < 0 || index >= static_cast<int>(std::size(demos)))
        return Fault{faults::noSuchDemo, QStringLiteral("demo")};
    openBundledData();
    const Result<QJsonObject> json =
        readJsonFile(QStringLiteral(":/flenzo/demo/%1.flenzo-job").arg(QLatin1String(demos[index].file)));
    if (!json.ok())
        return json.fault();
    const Result<Job> read = jobFromJson(json.value());
    if (!read.ok())
        return read.fault();
    Job job = withClawFromOldSet(read.value());
    // How far it is played belongs to the demo, not to the job.
    const int answers = job.raw.take(QLatin1String("answersPlayed")).toInt();
    if (!job.simulatedSeed)
        return job;
    SimulatedGuitar guitar(benchJobOf(job), UncertaintyModel(), *job.simulatedSeed);
    for (int a = 0; a < answers; ++a) {
        const NextAct next = advise(benchJobOf(job)).act;
        if (next.what == NextAct::Do::Done || next.what == NextAct::Do::Stuck || next.what == NextAct::Do::Leave)
            break;
        job.log.push_back(guitar.answer(next));
        guitar.follow(job.log.back());
    }
    return job;
}

Job trialJob(const Catalogue& catalogue) {
    constexpr std::uint32_t itsOwn = 20261;
    Job job = firstJob(catalogue);
    const auto sets = catalogue.setsFor(job.rig.strings.size());
    if (sets.size() > 2) // another one goes on, so that there is something to balance
        applySet(job, Side::On, *sets[2], catalogue);
    job.guitar = DemoWords::tr("Guitar that answers");
    job.simulatedSeed = itsOwn;
    chooseMethod(job, QStringLiteral("blockOut"), QStringLiteral("before"));
    job.method.stretch = false;
    for (const Step& step : stepsOf(job)) {
        if (step.id == StepId::RoughTune)
            break;
        job.work.records.append({step.name(), StepRecord::What::Done, QString(), nowText()});
    }
    return job;
}

} // namespace flenzo
