// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shots.h"

#include "app/main_window.h"
#include "domain/workflow.h"
#include "session/document/demo.h"
#include "widgets/look.h"
#include "widgets/pages/listen_bar.h"
#include "widgets/pages/plan_page.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QDeadlineTimer>
#include <QDir>
#include <QEventLoop>
#include <QPixmap>
#include <QPushButton>
#include <QSpinBox>
#include <cmath>
#include <cstdio>
#include <tuple>

namespace flenzo {

namespace {

bool shoot(MainWindow& window, const QString& file) {
    if (auto* plan = window.findChild<PlanPage*>())
        plan->finish();
    // A long form asks for its room only once it is laid out, and its page then once more.
    for (int round = 0; round < 4; ++round)
        QCoreApplication::processEvents();
    window.context().session().finishRemaining(); // so that no picture says it is still being worked out
    QCoreApplication::processEvents();            // and what it says is laid out
    if (window.grab().save(file, "PNG"))
        return true;
    std::fprintf(stderr, "%s: could not be written; choose another folder\n", qPrintable(file));
    return false;
}

/// A trial that has been played, small enough to be quick.
bool shootTrial(MainWindow& window, const QDir& dir) {
    window.showPage(MainWindow::Practice);
    window.findChild<QSpinBox*>(QStringLiteral("trialGuitars"))->setValue(24);
    auto* start = window.findChild<QPushButton*>(QStringLiteral("startTrial"));
    start->click();
    while (!start->isEnabled())
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 200);
    return shoot(window, dir.filePath(QStringLiteral("practice.png")));
}

/// Goes on to a step of the job in the logbook, passing over what warns.
void goTo(Session& session, StepId wanted) {
    const QString now = QDateTime::currentDateTime().toString(Qt::ISODate);
    for (int k = 0; k < 100 && currentStep(session.job(), session.derived()) &&
                    currentStep(session.job(), session.derived())->id != wanted;
         ++k)
        session.edit(QStringLiteral("step"), [&](Job& job) {
            if (apply(job, session.derived(), WorkEvent::Done, {}, now))
                std::ignore = apply(job, session.derived(), WorkEvent::Overrule, QStringLiteral("shown"), now);
        });
}

bool shootJob(MainWindow& window, const QDir& dir) {
    Session& session = window.context().session();
    Result<Job> demo = demoJob(0);
    if (!demo.ok())
        return false;
    Job job = demo.value();
    job.log.clear(); // from the beginning
    bool ok = true;
    if (session.logbook())
        ok = !session.keep(job);
    else
        session.start(job, QString());
    for (const auto& [step, name] : {std::pair{StepId::LookOver, "intake.png"},
                                     {StepId::OldSet, "intake-sets.png"},
                                     {StepId::Plan, "plan.png"},
                                     {StepId::Tools, "plan-tools.png"},
                                     {StepId::BlockIn, "strip-block.png"},
                                     {StepId::Slacken, "strip-slacken.png"},
                                     {StepId::Wind, "string-wind.png"},
                                     {StepId::Lock, "lock.png"},
                                     {StepId::ReturnTest, "hand-over.png"}}) {
        goTo(session, step);
        window.showWork();
        ok = ok && shoot(window, dir.filePath(QLatin1String(name)));
    }
    return ok;
}

/// The demo guitar's peg on its way, as it is heard.
bool shootListening(MainWindow& window, const QString& file) {
    ListenBar& bar = *window.findChild<ListenBar*>();
    bar.hearSimulated();
    const auto isOnItsWay = [&bar] {
        constexpr double near_cents = 25.0;
        const auto off = bar.listening().fromAim_cents();
        return off && std::abs(*off) < near_cents && bar.listening().state() == Listening::State::Settling;
    };
    const QDeadlineTimer patience(std::chrono::minutes(1));
    while (bar.listening().isOn() && !isOnItsWay() && !patience.hasExpired())
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 50);
    const bool ok = shoot(window, file);
    bar.toggle();
    return ok;
}

void finish(Session& session) {
    constexpr int enough = 200;
    for (int i = 0; i < enough && session.derived().next().what != NextAct::Do::Done; ++i)
        session.letSimulationAnswer();
}

} // namespace

bool takeShots(MainWindow& window, const QString& folder) {
    if (!QDir().mkpath(folder)) {
        std::fprintf(stderr, "%s: cannot be made; choose another folder\n", qPrintable(folder));
        return false;
    }
    const QDir dir(folder);
    const auto here = [&](const char* name) { return shoot(window, dir.filePath(QLatin1String(name))); };
    window.resize(1280, 800);
    window.show();
    window.showPage(MainWindow::Shop);
    bool ok = here("shop.png") && shootJob(window, dir);
    window.openDemo(0);
    window.showBench();
    ok = ok && here("balance.png") && shootListening(window, dir.filePath(QStringLiteral("balance-listening.png")));
    window.showFigures(true);
    ok = ok && here("figures.png");
    window.showFigures(false);
    window.showPage(MainWindow::Help);
    ok = ok && here("help.png");
    Preferences dark = window.context().preferences();
    dark.dark = true;
    const Preferences light = window.context().preferences();
    applyLook(dark);
    window.context().setPreferences(dark);
    window.showBench();
    ok = ok && here("balance-dark.png");
    applyLook(light);
    window.context().setPreferences(light);
    finish(window.context().session());
    window.showBench();
    ok = ok && here("balance-done.png");
    window.openDemo(3);
    ok = ok && here("plan-no-float.png");
    window.openDemo(4);
    window.showBench();
    ok = ok && here("balance-shaft.png");
    window.openDemo(0);
    return ok && shootTrial(window, dir);
}

} // namespace flenzo
