// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/independent_guitar.h"
#include "support/window.h"
#include "widgets/pages/job_page.h"

#include <QLabel>
#include <QLineEdit>
#include <QTest>
#include <cmath>
#include <functional>

namespace flenzo::testing {

/// What a shop has: a tuner of whole cents, a ruler, pegs as they are.
inline const BenchTools shop{1.0, 1.5e-4, 0.0, 1.2, 1.0, 1e-4, 0.0};

/// Somebody at a real bench: the guitar is not the program's, the tuner shows whole cents, the gap is read off a ruler,
/// and everything is typed, one figure at a time.
class Person {
public:
    Person(MainWindow& window, BenchGuitar& guitar)
        : window_(window), steps_(*window.findChild<JobPage*>()),
          entry_(*window.findChild<QLineEdit*>(QStringLiteral("entry"))), guitar_(guitar) {}

    [[nodiscard]] const Job& job() const { return window_.context().session().job(); }
    [[nodiscard]] bool through() const { return !currentStep(job(), window_.context().session().derived()); }
    [[nodiscard]] const QStringList& overruled() const { return overruled_; }
    [[nodiscard]] int typed() const { return typed_; }
    [[nodiscard]] const std::vector<std::pair<Question, bool>>& asked() const { return asked_; }
    /// Whether what is asked is so; nothing is unless told.
    std::function<bool(const Question&)> isSo = [](const Question&) { return false; };
    /// What the hand does instead of what is asked, once.
    std::function<std::optional<NextAct>(const NextAct&)> slipsTo;

    /// All strings and the gap, typed unasked, string by string.
    void readAll() {
        for (std::size_t i = 0; i < job().rig.strings.size(); ++i)
            read(i);
        NextAct look;
        look.gap = true;
        type(QStringLiteral("gap %1").arg(*guitar_.perform(look).gap_m * 1e3, 0, 'f', 1));
    }
    void read(std::size_t string) {
        NextAct act;
        act.strings = {string};
        type(QStringLiteral("%1=%2").arg(QString::fromStdString(job().rig.strings[string].name),
                                         number(guitar_.perform(act).readings_cents.front().second)));
    }

    void act() {
        const NextAct next = window_.context().session().derived().next();
        const bool over =
            next.what == NextAct::Do::Done || next.what == NextAct::Do::Stuck || next.what == NextAct::Do::Leave;
        if (steps_.isAtBench() && next.what == NextAct::Do::Ask) {
            answer();
            return;
        }
        if (steps_.isAtBench() && !over)
            atTheBench(next);
        else
            atTheSteps();
    }

private:
    void answer() {
        const Question question = *window_.context().session().derived().advice.question;
        const bool yes = isSo(question);
        asked_.emplace_back(question, yes);
        QTest::keyClick(&entry_, yes ? Qt::Key_Space : Qt::Key_N);
    }
    void atTheBench(NextAct next) {
        if (next.what == NextAct::Do::Read &&
            !next.strings.empty()) { // one string at a time, the one that is asked for
            next.strings = {*window_.context().bench().pickedString()};
            next.gap = false;
        }
        const std::optional<NextAct> instead = slipsTo ? slipsTo(next) : std::nullopt;
        const Event done = guitar_.perform(instead.value_or(next));
        switch (next.what) {
        case NextAct::Do::Claw:
        case NextAct::Do::Unblock:
        case NextAct::Do::String:
            QTest::keyClick(&entry_, Qt::Key_Space);
            break;
        case NextAct::Do::Tune:
        case NextAct::Do::Stretch:
            type(number(done.to_cents));
            break;
        default:
            // Only the figure: the program knows which string it asked for.
            for (const auto& reading : done.readings_cents)
                type(number(reading.second));
            if (done.gap_m)
                type(QString::number(*done.gap_m * 1e3, 'f', 1));
        }
    }
    void atTheSteps() {
        const std::size_t before = job().log.size();
        auto* reason = window_.findChild<QLineEdit*>(QStringLiteral("reason"));
        if (reason->isVisible()) {
            overruled_.append(window_.findChild<QLabel*>(QStringLiteral("question"))->text());
            QTest::keyClicks(reason, QStringLiteral("seen and weighed"));
            QTest::keyClick(reason, Qt::Key_Return);
        } else {
            QTest::keyClick(&steps_, Qt::Key_Space);
        }
        for (std::size_t e = before; e < job().log.size(); ++e)
            guitar_.follow(job().log[e]);
    }
    static QString number(double cents) { return QString::number(std::lround(cents)); }
    void type(const QString& text) {
        const std::size_t before = job().log.size();
        entry_.setFocus();
        QTest::keyClicks(&entry_, text);
        QTest::keyClick(&entry_, Qt::Key_Return);
        if (job().log.size() == before)
            QFAIL(qPrintable(QStringLiteral("\"%1\" was not taken: %2").arg(text, window_.message())));
        ++typed_;
    }

    MainWindow& window_;
    JobPage& steps_;
    QLineEdit& entry_;
    BenchGuitar& guitar_;
    QStringList overruled_;
    std::vector<std::pair<Question, bool>> asked_;
    int typed_ = 0;
};

} // namespace flenzo::testing
