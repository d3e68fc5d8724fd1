// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/independent_guitar.h"
#include "core/simulation/simulated_guitar.h"
#include "support/person.h"
#include "widgets/forms/method_table.h"

#include <QComboBox>
#include <QPushButton>
#include <QToolButton>
#include <memory>

namespace flenzo::testing {

/// A job from an empty shop on, typed by hand.
class TypedJobFixture : protected WindowFixture {
protected:
    void choose(const char* combo, int downs) {
        auto* box = find<QComboBox>(combo);
        QVERIFY2(box, combo);
        box->setFocus();
        for (int k = 0; k < downs; ++k)
            QTest::keyClick(box, Qt::Key_Down);
    }
    /// The three questions, answered for a guitar that gets a set two steps heavier.
    void takeIn(int kind, int strings) {
        QTest::mouseClick(find<QPushButton>("firstGuitar"), Qt::LeftButton);
        QTest::keyClicks(window_->focusWidget(), QStringLiteral("Seventh Landing"));
        auto* tile = find<QToolButton>("kind0");
        tile->setFocus();
        QTest::keyClick(tile, static_cast<Qt::Key>(Qt::Key_1 + kind));
        choose("firstCount", strings - 6);
        const double before = session().derived().report.sumAfter_N;
        choose("offSet", 1);
        choose("onSet", 2);
        QVERIFY(session().derived().report.sumAfter_N > before);
        QCOMPARE(session().job().rig.strings.size(), static_cast<std::size_t>(strings));
        QCOMPARE(static_cast<int>(session().job().rig.bridge.family), kind);
    }
    /// What the shop has to measure with, and how the strings come off.
    void agree(bool oneByOne) {
        while (currentStep(session().job(), derived())->id != StepId::Plan)
            QTest::keyClick(&work(), Qt::Key_Space);
        choose("toolTuner", 3);
        if (find<QComboBox>("toolLevel"))
            choose("toolLevel", 2);
        QCOMPARE(*session().job().tools.tuner_cents, 1.0);
        auto* table = window_->findChild<MethodTable*>();
        table->finish();
        QVERIFY(table->priced());
        if (oneByOne)
            table->choose(QStringLiteral("atOnce"), QStringLiteral("one"));
        QTest::keyClick(&work(), Qt::Key_Space);
        QCOMPARE(currentStep(session().job(), derived())->id, StepId::Tools);
    }

    /// From an empty shop to hand-over by keys, with what a shop has, on a guitar that is not the program's own.
    void wholeJob(int kind, int strings, bool oneByOne, bool independent) {
        takeIn(kind, strings);
        agree(oneByOne);
        const BenchJob bench = benchJobOf(session().job());
        Hardships sticking;
        sticking.pivot_Nm = 0.008;
        UncertaintyModel coarse;
        coarse.tuner_cents = 0.8;
        coarse.peg_cents = 1.0;
        std::unique_ptr<BenchGuitar> guitar;
        if (independent)
            guitar = std::make_unique<IndependentGuitar>(bench, sticking, shop, 31);
        else
            guitar = std::make_unique<SimulatedGuitar>(bench, coarse, 31);
        Person person(*window_, *guitar);
        for (int k = 0; k < 500 && !person.through() && !QTest::currentTestFailed(); ++k)
            person.act();
        QVERIFY(person.through());
        QCOMPARE(person.job().work.state, JobState::Finished);
        QVERIFY(person.typed() > 12);
        QVERIFY2(person.overruled().isEmpty(), qPrintable(person.overruled().join(QLatin1Char('|'))));
        QCOMPARE(derived().next().what, NextAct::Do::Done);
        const Counts counts = countsOf(person.job().log, person.job().rig.strings.size(), person.job().pace);
        QVERIFY2(counts.passes <= 4.0, qPrintable(QString::number(counts.passes)));
        for (std::size_t i = 0; i < person.job().rig.strings.size(); ++i)
            QVERIFY2(std::abs(guitar->reading_cents(i)) < derived().advice.pitchTolerance_cents + 1.5,
                     qPrintable(QString::number(guitar->reading_cents(i))));
        if (independent)
            QVERIFY(std::abs(guitar->angle_rad()) < derived().advice.plateTolerance_rad + radians(0.12));
        QVERIFY(text("finishedSum").contains(QLatin1String("Passes")));
    }
};

} // namespace flenzo::testing
