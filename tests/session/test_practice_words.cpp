// SPDX-License-Identifier: GPL-3.0-or-later
// Every act, fault and hurt of practice has its words, and so has everything that is heard.
#include "core/statics/pitch.h"
#include "session/document/demo.h"
#include "session/listening/listening.h"
#include "store/exercise_json.h"
#include "widgets/text/listen_words.h"
#include "widgets/text/practice_words.h"

#include <QTemporaryDir>
#include <QTest>

using namespace flenzo;

namespace {

PracticeAct actOf(PracticeAct::Do what) {
    PracticeAct act;
    act.what = what;
    act.string = 1;
    act.cents = -3.0;
    act.amount = what == PracticeAct::Do::Block || what == PracticeAct::Do::Posts ? 0.004 : 2.0;
    act.turns = {1.25, 1.25};
    act.fault = Defect::WornEdge;
    return act;
}

/// A source that is there and says nothing.
class StillSource : public SoundSource {
public:
    bool start() override { return true; }
    void stop() override {}
    [[nodiscard]] double rate_Hz() const override { return 48000.0; }
    void sound(float level, double seconds) {
        constexpr qsizetype piece = 2400;
        for (double t = 0.0; t < seconds; t += piece / rate_Hz()) {
            QList<float> frames;
            for (qsizetype k = 0; k < piece; ++k)
                frames.append(k % 960 < 480 ? level : -level); // 50 Hz
            Q_EMIT heard(frames);
            QCoreApplication::processEvents();
        }
    }
    [[nodiscard]] bool waits() const override { return true; }
};

} // namespace

class TestPracticeWords : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyFaultAndHurtHasItsOwnWords() {
        QStringList said;
        for (int k = 0; k < static_cast<int>(Defect::Count); ++k) {
            const auto fault = static_cast<Defect>(k);
            said.append(wording::faultTitle(fault));
            QCOMPARE(faultNamed(faultName(fault)), std::optional(fault));
        }
        for (int k = 0; k < static_cast<int>(Hurt::Count); ++k)
            said.append(wording::hurtTitle(static_cast<Hurt>(k)));
        QVERIFY(!said.contains(QString()));
        QCOMPARE(QSet<QString>(said.begin(), said.end()).size(), said.size());
        QVERIFY(!faultNamed(QStringLiteral("haunted")));
    }
    void everyActIsToldInAFewWords() {
        const Rig rig = newJob().rig;
        QSet<QString> said;
        for (int k = 0; k <= static_cast<int>(PracticeAct::Do::Done); ++k) {
            const QString words = wording::practiceAct(actOf(static_cast<PracticeAct::Do>(k)), rig, {});
            QVERIFY(!words.isEmpty() && words.size() < 60);
            QVERIFY2(!words.contains(QLatin1String("%")), qPrintable(words));
            said.insert(words);
        }
        QCOMPARE(said.size(), static_cast<int>(PracticeAct::Do::Done) + 1);
        PracticeAct crooked = actOf(PracticeAct::Do::Claw);
        crooked.turns = {-0.5, 0.0};
        QVERIFY(wording::practiceAct(crooked, rig, {}).contains(QLatin1String("bass loosened 1/2")));
    }
    void whatAnActShowedIsSaidInTheUsersUnits() {
        const PracticeAct block = actOf(PracticeAct::Do::Block), posts = actOf(PracticeAct::Do::Posts);
        for (const PracticeAct& act : {block, posts}) {
            QVERIFY(wording::practiceAct(act, newJob().rig, {}).contains(QLatin1String("4.00 mm")));
            QVERIFY(wording::practiceAct(act, newJob().rig, {true, false}).contains(QLatin1String("0.157 in")));
        }
        PracticeRun run(exerciseNamed(QStringLiteral("sunk")).value(), 5);
        const Units inches{true, false};
        const auto says = [&](PracticeAct::Do what, const Units& units) {
            PracticeAct act = actOf(what);
            act.turns = {-0.5, -0.5};
            if (const auto fault = run.act(act))
                return fault->sentence();
            return wording::practiceSight(run, units);
        };
        QVERIFY(wording::practiceSight(run, {}).contains(QLatin1String("Nothing")));
        QVERIFY(says(PracticeAct::Do::Measure, {}).contains(QLatin1String("mm")));
        QVERIFY(says(PracticeAct::Do::Measure, inches).contains(QLatin1String("in")));
        QVERIFY(says(PracticeAct::Do::Caliper, inches).contains(QLatin1String("in")));
        QVERIFY(says(PracticeAct::Do::Inspect, {}).contains(QLatin1String("3 springs")));
        QVERIFY(says(PracticeAct::Do::Read, {}).contains(QLatin1String("String 5 is at")));
        QVERIFY(says(PracticeAct::Do::Tune, {}).contains(QLatin1String("String 5 is at")));
        const QString look = says(PracticeAct::Do::Look, {});
        QVERIFY2(!look.contains(QRegularExpression(QStringLiteral("[0-9]"))),
                 qPrintable(look));                                              // the eye has no figures
        QVERIFY(says(PracticeAct::Do::Lock, {}).contains(QLatin1String("nut"))); // it is open: why not
        PracticeAct done;
        done.what = PracticeAct::Do::Done;
        QVERIFY(!run.act(done));
        const QStringList lines = wording::practiceScore(run, {});
        QVERIFY(lines.first().contains(QLatin1String("not passed")));
        QVERIFY(lines.join(QLatin1Char('\n')).contains(QLatin1String("Not finished")));
    }
    /// What is spoken has words for every sign that stands on the screen.
    void spokenActsHaveNoSigns() {
        for (int demo = 0; demo < demoNames().size(); ++demo) {
            const Job job = demoJob(demo).value();
            const wording::ActWords act = wording::act(job, derive(job), {});
            const QString said = wording::spoken(act);
            QVERIFY2(!said.contains(QRegularExpression(QStringLiteral("[#\u2212+¢°\u2192]"))), qPrintable(said));
            QVERIFY(said.size() > 5 && said.size() < 120);
        }
        const QString said =
            wording::spoken({QStringLiteral("Tune string 6 up to"), QStringLiteral("G#2 \u221239"), {}, {}});
        QCOMPARE(said, QStringLiteral("Tune string 6 up to, G sharp 2 minus 39"));
    }
    void everyFaultOfASourceSaysWhatToDo() {
        QSet<QString> said;
        for (const SourceFault why : {SourceFault::NoInput, SourceFault::NoFormat, SourceFault::Vanished})
            said.insert(wording::whyNoSound(why));
        QCOMPARE(said.size(), 3);
    }
    void silenceAndHumAreTold() {
        const QTemporaryDir dir;
        Session session(dir.path());
        session.start(demoJob(0).value(), QString());
        Listening listening(session);
        auto owned = std::make_unique<StillSource>();
        StillSource* source = owned.get();
        QVERIFY(listening.start(std::move(owned)));
        source->sound(0.0F, 12.0);
        QTRY_VERIFY(listening.isSilent());
        QVERIFY(wording::heard(listening, session.job()).contains(QLatin1String("muted")));
        source->sound(0.05F, 12.0);
        QTRY_VERIFY(listening.onlyHums() && !listening.isSilent());
        QVERIFY(wording::heard(listening, session.job()).contains(QLatin1String("hum")));
        source->sound(1.0F, 0.5);
        QTRY_VERIFY(listening.clips());
        QVERIFY(wording::heard(listening, session.job()).contains(QLatin1String("loud")));
        listening.stop();
        QVERIFY(wording::heard(listening, session.job()).isEmpty() || !listening.isOn());
    }
};

QTEST_MAIN(TestPracticeWords)
#include "test_practice_words.moc"
