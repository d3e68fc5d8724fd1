// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/guitar/soundness.h"
#include "domain/job/derived.h"
#include "domain/job/edits.h"
#include "domain/shop/strings_sold.h"
#include "domain/work/workflow.h"
#include "store/catalogue_files.h"
#include "store/job_json.h"

#include <QSet>
#include <QTest>

using namespace flenzo;

/// Every kind of bridge made into every other, with few and many strings: a sound guitar each time, that can be kept,
/// reckoned with and worked on.
class TestKinds : public QObject {
    Q_OBJECT
    Catalogue catalogue_ = bundledCatalogue().value();

    void isWhole(const Job& job, const QString& what) const {
        const auto wrong = contradiction(job.rig);
        QVERIFY2(!wrong, wrong ? qPrintable(what + wrong->sentence()) : "");
        const auto lost = unreadable(job);
        QVERIFY2(!lost, lost ? qPrintable(what + lost->sentence()) : "");
        const Derived derived = derive(job);
        QVERIFY2(derived.advice.rule[0] != '\0', qPrintable(what));
        QVERIFY2(std::isfinite(derived.now().state.angle_rad), qPrintable(what));
        for (const double pull_N : derived.report.after_N)
            QVERIFY2(pull_N > 5.0 && pull_N < 400.0, qPrintable(what));
        QSet<QString> steps;
        for (const Step& step : stepsOf(job)) {
            QVERIFY2(!steps.contains(step.name()), qPrintable(what + step.name()));
            steps.insert(step.name());
        }
        QVERIFY2(steps.size() > 10, qPrintable(what));
        QCOMPARE(steps.contains(QStringLiteral("preset-fine")), hasFineTuners(job));
        QCOMPARE(!job.rig.bridge.has().moves(), !steps.contains(QStringLiteral("return-test")));
    }

private Q_SLOTS:
    void everyKindBecomesEveryOther_data() {
        QTest::addColumn<int>("from");
        QTest::addColumn<int>("strings");
        for (std::size_t from = 0; from < families.size(); ++from)
            for (const int strings : {4, 6, 7, 12})
                QTest::addRow("%s, %d strings", qPrintable(familyName(static_cast<Family>(from))), strings)
                    << static_cast<int>(from) << strings;
    }
    void everyKindBecomesEveryOther() {
        QFETCH(int, from);
        QFETCH(int, strings);
        Job start = newJob();
        QVERIFY(!setStringCount(start, static_cast<std::size_t>(strings), catalogue_));
        setFamily(start, static_cast<Family>(from));
        isWhole(start, QStringLiteral("as made: "));
        for (const FamilyTraits& one : families) {
            Job job = start;
            setFamily(job, one.family);
            QCOMPARE(job.rig.bridge.family, one.family);
            isWhole(job, familyName(one.family) + QStringLiteral(": "));
            if (hasClaw(job.rig))
                for (const bool decked : {true, false}) {
                    setDecked(job, decked);
                    isWhole(job, familyName(one.family) + QStringLiteral(", decked or not: "));
                }
        }
    }

    /// On every kind of bridge the set that keeps the balance does keep it, by the exact solution, in another tuning.
    void everyKindKeepsItsBalance_data() {
        QTest::addColumn<int>("family");
        for (const FamilyTraits& one : families)
            QTest::addRow("%s", qPrintable(familyName(one.family))) << static_cast<int>(one.family);
    }
    void everyKindKeepsItsBalance() {
        QFETCH(int, family);
        Job job = newJob();
        setFamily(job, static_cast<Family>(family));
        job = withClawFromOldSet(std::move(job));
        for (RigString& string : job.rig.strings)
            string.target_Hz *= std::pow(2.0, -1.0 / 12.0);
        const SetProposal proposal = proposeSet(job, estimate(benchJobOf(job)), catalogue_, {});
        QCOMPARE(proposal.choice.status, SetStatus::Best);
        QVERIFY(proposal.chosen.level.balanced());
        const auto lean = [&](const SetFigures& figures) {
            return std::abs(figures.level.state.angle_rad - job.goal.angle_rad);
        };
        if (hasClaw(job.rig))
            QVERIFY2(std::abs(proposal.chosen.clawMore_turns) < ClawStepPolicy::finest_turns + 0.02,
                     qPrintable(QString::number(proposal.chosen.clawMore_turns)));
        else if (job.rig.bridge.has().moves())
            QVERIFY2(lean(proposal.chosen) < radians(0.3), qPrintable(QString::number(lean(proposal.chosen))));
        for (std::size_t i = 0; i < proposal.wires.size(); ++i)
            QVERIFY(std::abs(proposal.chosen.level.tensions_N[i] / proposal.wish.pull_N[i] - 1.0) < 0.3);
    }

    /// With other springs the arm comes nearer to what is wished than by strings alone, wherever there is an arm.
    void everyKindsArmIsBroughtByItsSprings_data() { everyKindKeepsItsBalance_data(); }
    void everyKindsArmIsBroughtByItsSprings() {
        QFETCH(int, family);
        Job job = newJob();
        setFamily(job, static_cast<Family>(family));
        job = withClawFromOldSet(std::move(job));
        const Estimate known = estimate(benchJobOf(job));
        FeelWish feel;
        feel.keepsBalance = false;
        feel.armShare = 1.2;
        const SetProposal alone = proposeSet(job, known, catalogue_, feel);
        feel.springsToo = true;
        const SetProposal both = proposeSet(job, known, catalogue_, feel);
        if (!job.rig.bridge.has().moves()) {
            QVERIFY(both.wires == alone.wires && both.springs == alone.springs);
            return;
        }
        const auto off = [](const SetProposal& of) {
            return std::abs(of.chosen.level.stiffness_NmPerRad / *of.wish.arm_NmPerRad - 1.0);
        };
        QVERIFY(both.chosen.level.status == LevelStatus::Found);
        QVERIFY2(off(both) < 0.03, qPrintable(QStringLiteral("%1, alone %2").arg(off(both)).arg(off(alone))));
        QVERIFY(off(both) <= off(alone) + 1e-9);
        Job planned = job;
        putOn(planned, both, catalogue_);
        QVERIFY(!contradiction(planned.rig) && !unreadable(planned));
    }
};

QTEST_GUILESS_MAIN(TestKinds)
#include "test_kinds.moc"
