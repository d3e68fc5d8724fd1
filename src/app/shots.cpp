// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shots.h"

#include "app/main_window.h"
#include "domain/workflow.h"
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

bool shoot(MainWindow& shell, const QString& file) {
    // A long form asks for its room only once it is laid out, and its page then once more.
    for (int round = 0; round < 4; ++round)
        QCoreApplication::processEvents();
    shell.desk().session().finishRemaining(); // so that no picture says it is still being worked out
    QCoreApplication::processEvents();        // and what it says is laid out
    if (shell.grab().save(file, "PNG"))
        return true;
    std::fprintf(stderr, "%s: could not be written; choose another folder\n", qPrintable(file));
    return false;
}

/// A trial that has been played, small enough to be quick.
bool shootTrial(MainWindow& shell, const QDir& dir) {
    shell.showPage(MainWindow::Trial);
    shell.findChild<QSpinBox*>(QStringLiteral("trialGuitars"))->setValue(24);
    auto* start = shell.findChild<QPushButton*>(QStringLiteral("startTrial"));
    start->click();
    while (!start->isEnabled())
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 200);
    return shoot(shell, dir.filePath(QStringLiteral("trial.png")));
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

bool shootJob(MainWindow& shell, const QDir& dir) {
    Session& session = shell.desk().session();
    shell.showPage(MainWindow::JobSteps);
    bool ok = true;
    for (const auto& [step, name] : {std::pair{StepId::LookOver, "job-card.png"},
                                     {StepId::Plan, "job-plan.png"},
                                     {StepId::Slacken, "job-slacken.png"},
                                     {StepId::Wind, "job-wind.png"},
                                     {StepId::Settle, "job-settle.png"},
                                     {StepId::Lock, "job-lock.png"}}) {
        goTo(session, step);
        ok = ok && shoot(shell, dir.filePath(QLatin1String(name)));
    }
    return ok;
}

void finish(Session& session) {
    constexpr int enough = 200;
    for (int i = 0; i < enough && session.derived().next().what != NextAct::Do::Done; ++i)
        session.letSimulationAnswer();
}

} // namespace

bool takeShots(MainWindow& shell, const QString& folder) {
    if (!QDir().mkpath(folder)) {
        std::fprintf(stderr, "%s: cannot be made; choose another folder\n", qPrintable(folder));
        return false;
    }
    const QDir dir(folder);
    const auto view = [&](MainWindow::Page page, const char* name) {
        shell.showPage(page);
        return shoot(shell, dir.filePath(QLatin1String(name)));
    };
    shell.resize(1280, 800);
    shell.show();
    bool ok = view(MainWindow::Shop, "shop.png") && shootJob(shell, dir);
    shell.openDemo(0);
    ok = ok && view(MainWindow::Bench, "bench.png") && view(MainWindow::Answer, "answer.png") &&
         view(MainWindow::Change, "change.png") && view(MainWindow::Guitar, "guitar.png") &&
         view(MainWindow::Help, "help.png");
    Preferences dark = shell.desk().preferences();
    dark.dark = true;
    const Preferences light = shell.desk().preferences();
    applyLook(dark);
    shell.desk().setPreferences(dark);
    ok = ok && view(MainWindow::Bench, "bench-dark.png");
    applyLook(light);
    shell.desk().setPreferences(light);
    finish(shell.desk().session());
    ok = ok && view(MainWindow::Bench, "bench-done.png");
    shell.openDemo(3);
    ok = ok && view(MainWindow::Answer, "answer-no-float.png");
    shell.openDemo(4);
    ok = ok && view(MainWindow::Bench, "bench-shaft.png") && view(MainWindow::Answer, "answer-shaft.png");
    shell.openDemo(0);
    return ok && shootTrial(shell, dir);
}

} // namespace flenzo
