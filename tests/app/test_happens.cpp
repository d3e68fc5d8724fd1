// SPDX-License-Identifier: GPL-3.0-or-later
// What happens at a bench in mid-job, typed by hand to lock and hand-over on a guitar that is not the program's own.
#include "core/log/clock.h"
#include "domain/work/progress.h"
#include "support/person.h"
#include "widgets/dialogs/job_sheet.h"

#include <QCheckBox>
#include <QDateTime>
#include <QPushButton>

using namespace flenzo;
using namespace flenzo::testing;

class TestHappens : public QObject, protected WindowFixture {
    Q_OBJECT

    std::unique_ptr<IndependentGuitar> guitar_;
    std::unique_ptr<Person> person_;

    /// A guitar with a pivot that sticks, in for a set a step heavier.
    void takeIn(std::uint32_t seed) {
        Job job = newJob();
        job.tools = shop.told();
        for (SetString& old : job.off)
            old.wire.gauge_m *= 0.93;
        for (SetString& old : job.off)
            old.wire.core_m *= 0.93;
        job = withClawFromOldSet(std::move(job));
        Hardships sticking;
        sticking.pivot_Nm = 0.008;
        QVERIFY(!session().addToLogbook(job));
        window_->showWork();
        guitar_ = std::make_unique<IndependentGuitar>(benchJobOf(session().job()), sticking, shop, seed);
        person_ = std::make_unique<Person>(*window_, *guitar_);
    }
    /// Goes on until so, for as long as anybody would.
    void goOnUntil(const std::function<bool()>& so) {
        for (int k = 0; k < 300 && !so() && !QTest::currentTestFailed(); ++k)
            person_->act();
        QVERIFY(so());
    }
    [[nodiscard]] bool isInTune() const { return pegs() >= 6 && derived().next().what == NextAct::Do::Done; }
    [[nodiscard]] int pegs() const {
        const auto& log = session().job().log;
        return static_cast<int>(std::count_if(log.begin(), log.end(), [](const Event& e) { return e.tunes(); }));
    }
    [[nodiscard]] bool inLog(Event::Kind kind) const {
        const auto& log = session().job().log;
        return std::any_of(log.begin(), log.end(), [kind](const Event& e) { return e.kind == kind; });
    }
    /// To lock and hand-over, in tune and level by the truth.
    void finish() {
        goOnUntil([this] { return person_->through(); });
        QCOMPARE(session().job().work.state, JobState::Finished);
        for (std::size_t i = 0; i < 6; ++i)
            QVERIFY2(std::abs(guitar_->reading_cents(i)) < derived().advice.pitchTolerance_cents + 1.5,
                     qPrintable(QString::number(guitar_->reading_cents(i))));
        QVERIFY(std::abs(guitar_->angle_rad()) < derived().advice.plateTolerance_rad + radians(0.12));
    }

    /// What the owner and the next technician are told.
    [[nodiscard]] bool onTheSheet(const char* words) {
        const QString sheet = illustratedSheet(session().job(), derived(), Units{});
        return sheet.contains(QLatin1String("<h2>What happened</h2>")) && sheet.contains(QLatin1String(words));
    }

private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() {
        person_.reset();
        guitar_.reset();
        endShop();
    }

    void aStringSlips() {
        takeIn(71);
        goOnUntil([this] { return isInTune(); });
        guitar_->slip(2, 15.0);
        window_->showBench();
        person_->readAll();
        person_->read(2);
        QVERIFY(derived().next().what != NextAct::Do::Done); // read off twice is off
        finish();
        QVERIFY(person_->asked().empty());
        QVERIFY(onTheSheet("had moved by itself, by"));
    }

    void aSpringGoesIn() {
        takeIn(72);
        goOnUntil([this] { return pegs() >= 3; });
        const std::size_t before = session().job().rig.springs.size();
        window_->showFigures(true);
        QTest::mouseClick(find<QPushButton>("addSpring"), Qt::LeftButton);
        window_->showFigures(false);
        QCOMPARE(session().job().rig.springs.size(), before + 1);
        QVERIFY(inLog(Event::Kind::Springs) && session().job().startRig);
        QCOMPARE(session().job().startRig->springs.size(), before);
        session().undoStack().undo();
        QVERIFY(!inLog(Event::Kind::Springs) && !session().job().startRig);
        session().undoStack().redo();
        guitar_->changeSprings(session().job().rig.springs);
        finish();
        QVERIFY(onTheSheet("4 springs in"));
    }

    void aStringBreaks() {
        takeIn(73);
        goOnUntil([this] { return pegs() >= 4; });
        guitar_->takeOff(5);
        bench().pickString(std::size_t{5});
        window_->actions().find("stringOff")->trigger();
        QVERIFY(inLog(Event::Kind::Off));
        QCOMPARE(derived().next().what, NextAct::Do::String);
        QVERIFY(text("act").startsWith(QLatin1String("Put")));
        // What is off cannot be read.
        const std::size_t entries = session().job().log.size();
        QVERIFY(bench().enter(QStringLiteral("1=-20"), false).has_value());
        QCOMPARE(session().job().log.size(), entries);
        goOnUntil([this] { return inLog(Event::Kind::Strung); });
        finish();
        QVERIFY(onTheSheet("string 1 new"));
    }

    /// Fourteen hours lie between two entries, and every string gave.
    void aNightPasses() {
        takeIn(74);
        goOnUntil([this] { return isInTune(); });
        QVERIFY(!session().edit(QStringLiteral("a night"), [](Job& job) {
            for (Event& event : job.log)
                event.at = QDateTime::fromString(QString::fromStdString(event.at), Qt::ISODate)
                               .addSecs(-14 * 3600)
                               .toString(Qt::ISODate)
                               .toStdString();
        }));
        guitar_->giveOverNight();
        window_->showBench();
        person_->read(0);
        QVERIFY(derived().next().what != NextAct::Do::Done); // one string says nothing of the others
        person_->readAll();
        finish();
    }

    void aWrongSignIsAskedAndMendedWithOneKey() {
        takeIn(75);
        std::optional<std::size_t> wrong;
        person_->slipsTo = [&](const NextAct& act) -> std::optional<NextAct> {
            if (act.what != NextAct::Do::Claw || wrong)
                return std::nullopt;
            wrong = session().job().log.size();
            NextAct other = act;
            other.turns = {-act.turns.bass, -act.turns.treble};
            return other;
        };
        person_->isSo = [&](const Question& question) {
            return question.suspect == Question::Suspect::Reversed && question.event == wrong;
        };
        goOnUntil([this] { return derived().next().what == NextAct::Do::Ask; });
        QVERIFY(wrong.has_value());
        QVERIFY2(text("act").startsWith(QLatin1String("Was that")), qPrintable(text("act")));
        QVERIFY(find<QPushButton>("no")->isVisible());
        const ClawTurns typed = session().job().log[*wrong].turns;
        person_->act();
        QCOMPARE(session().job().log[*wrong].turns.mean(), -typed.mean());
        session().undoStack().undo();
        QCOMPARE(session().job().log[*wrong].turns.mean(), typed.mean());
        session().undoStack().redo();
        finish();
        QCOMPARE(person_->asked().size(), std::size_t{1});
    }

    void newStringsAreStretchedUntilTheySettle() {
        window_->openDemo(0);
        window_->lookAt(StepId::OldSet);
        find<QCheckBox>("stretch")->click();
        QVERIFY(session().job().method.stretch);
        window_->showBench();
        int stretches = 0, acts = 0;
        for (; acts < 200 && session().derived().next().what != NextAct::Do::Done; ++acts) {
            if (session().derived().next().what == NextAct::Do::Stretch) {
                QVERIFY(text("act").contains(QLatin1String("Pull")));
                ++stretches;
            }
            QTest::keyClick(window_.get(), Qt::Key_F9); // the demo guitar answers
        }
        QVERIFY(text("act").startsWith(QLatin1String("In tune")));
        QVERIFY(stretches >= 7);
        for (const StringSettling& string : session().derived().advice.guitar.settling)
            QCOMPARE(string.needed.p50, 0);
    }
};

QTEST_MAIN(TestHappens)
#include "test_happens.moc"
