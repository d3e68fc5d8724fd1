// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shots.h"

#include "app/main_window.h"
#include "domain/workflow.h"
#include "widgets/forms/plan_form.h"
#include "widgets/look.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QEventLoop>
#include <QPixmap>
#include <QPushButton>
#include <QSpinBox>
#include <cstdio>
#include <tuple>

namespace flenzo {

namespace {

bool shoot(MainWindow& window, const QString& file) {
    if (auto* plan = window.findChild<PlanForm*>())
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
    window.showPage(MainWindow::Trial);
    window.findChild<QSpinBox*>(QStringLiteral("trialGuitars"))->setValue(24);
    auto* start = window.findChild<QPushButton*>(QStringLiteral("startTrial"));
    start->click();
    while (!start->isEnabled())
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 200);
    return shoot(window, dir.filePath(QStringLiteral("trial.png")));
}

/// Goes on to a step of the job in the logbook, passing over what warns.
void goTo(Session& session, StepId wanted) {
    const QString now = QDateTime::currentDateTime().toString(Qt::ISODate);
    for (int k = 0; k < 100 && currentStep(session.job()) && currentStep(session.job())->id != wanted; ++k)
        session.edit(QStringLiteral("step"), [&](Job& job) {
            if (apply(job, session.derived(), WorkEvent::Done, {}, now))
                std::ignore = apply(job, session.derived(), WorkEvent::Overrule, QStringLiteral("shown"), now);
        });
}

bool shootJob(MainWindow& window, const QDir& dir) {
    Session& session = window.context().session();
    window.showPage(MainWindow::JobSteps);
    bool ok = true;
    for (const auto& [step, name] : {std::pair{StepId::LookOver, "job-card.png"},
                                     {StepId::Plan, "job-plan.png"},
                                     {StepId::Slacken, "job-slacken.png"},
                                     {StepId::Wind, "job-wind.png"},
                                     {StepId::Settle, "job-settle.png"},
                                     {StepId::Lock, "job-lock.png"}}) {
        goTo(session, step);
        ok = ok && shoot(window, dir.filePath(QLatin1String(name)));
    }
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
    const auto view = [&](MainWindow::Page page, const char* name) {
        window.showPage(page);
        return shoot(window, dir.filePath(QLatin1String(name)));
    };
    window.resize(1280, 800);
    window.show();
    bool ok = view(MainWindow::Shop, "shop.png") && shootJob(window, dir);
    window.openDemo(0);
    ok = ok && view(MainWindow::Bench, "bench.png") && view(MainWindow::Answer, "answer.png") &&
         view(MainWindow::Change, "change.png") && view(MainWindow::Guitar, "guitar.png") &&
         view(MainWindow::Help, "help.png");
    Preferences dark = window.context().preferences();
    dark.dark = true;
    const Preferences light = window.context().preferences();
    applyLook(dark);
    window.context().setPreferences(dark);
    ok = ok && view(MainWindow::Bench, "bench-dark.png");
    applyLook(light);
    window.context().setPreferences(light);
    finish(window.context().session());
    ok = ok && view(MainWindow::Bench, "bench-done.png");
    window.openDemo(3);
    ok = ok && view(MainWindow::Answer, "answer-no-float.png");
    window.openDemo(4);
    ok = ok && view(MainWindow::Bench, "bench-shaft.png") && view(MainWindow::Answer, "answer-shaft.png");
    window.openDemo(0);
    return ok && shootTrial(window, dir);
}

} // namespace flenzo
