// SPDX-License-Identifier: GPL-3.0-or-later
// Exercises: that they can be solved, what each fault shows, what hurts, and files with nonsense.
#include "domain/base/faults.h"
#include "domain/practice/practice_run.h"
#include "store/exercise_json.h"
#include "store/logbook.h"
#include "support/practice.h"

#include <QJsonArray>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

using Do = PracticeAct::Do;

Exercise named(const char* name) {
    return exerciseNamed(QLatin1String(name)).value();
}

constexpr std::size_t theString = 2;

PracticeGuitar guitarWith(Defect fault, const char* exercise = "what-is-wrong", std::uint32_t seed = 5) {
    return PracticeGuitar(benchJobOf(named(exercise).job), still(), fault, theString, seed);
}

/// Tuned round and round until it stays.
void tuneRound(PracticeGuitar& guitar, int rounds = 12) {
    for (int round = 0; round < rounds; ++round)
        for (std::size_t i = 0; i < guitar.rig().strings.size(); ++i)
            guitar.perform(simple(Do::Tune, i, 0.0));
}
double worst(const PracticeGuitar& guitar) {
    double most = 0.0;
    for (std::size_t i = 0; i < guitar.rig().strings.size(); ++i)
        most = std::max(most, std::abs(guitar.reading_cents(i)));
    return most;
}

} // namespace

class TestPractice : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyExerciseCanBeSolved_data() {
        QTest::addColumn<QString>("name");
        for (const Exercise& exercise : bundledExercises().value())
            QTest::newRow(qPrintable(exercise.name)) << exercise.name;
    }
    void everyExerciseCanBeSolved() {
        QFETCH(QString, name);
        const Exercise exercise = exerciseNamed(name).value();
        QVERIFY(!exercise.title.isEmpty() && !exercise.story.isEmpty() && !exercise.task.isEmpty());
        for (std::uint32_t seed = 71; seed < 75; ++seed) {
            const PracticeRun run = adviserAt(exercise, seed);
            const PracticeScore score = run.score();
            QVERIFY2(score.passed && score.points >= 80,
                     qPrintable(QStringLiteral("seed %1: %2 points, %3 cents, %4 degrees, %5 passes")
                                    .arg(seed)
                                    .arg(score.points)
                                    .arg(score.worst_cents)
                                    .arg(score.plate_deg)
                                    .arg(score.passes)));
        }
    }
    void theLadderIsALadder() {
        const QList<Exercise> all = bundledExercises().value();
        QVERIFY(all.size() >= 11);
        QSet<QString> names;
        for (qsizetype k = 0; k < all.size(); ++k) {
            QVERIFY(k == 0 || all[k].rung >= all[k - 1].rung);
            names.insert(all[k].name);
        }
        QCOMPARE(names.size(), all.size());
    }
    void theSameActsAreTheSameRun() {
        const PracticeRun once = adviserAt(named("full-set-up"), 9), again = adviserAt(named("full-set-up"), 9);
        QCOMPARE(once.acts(), again.acts());
        QVERIFY(once.score() == again.score() && once.job().log == again.job().log);
        QVERIFY(adviserAt(named("full-set-up"), 10).job().log != once.job().log);
        const PracticeRun part = replayed(once, 7);
        QCOMPARE(part.acts(), once.acts().mid(0, 7));
        QVERIFY(!part.isOver());
    }

    // --- clumsy hands ---

    /// Once round, exactly to pitch, the claw left alone: not home, and said so.
    void onceRoundIsNotHome() {
        PracticeRun run(named("gauge-step"), 3);
        QVERIFY(!run.act(simple(Do::Unblock)));
        for (std::size_t i = 0; i < run.job().rig.strings.size(); ++i)
            QVERIFY(!run.act(simple(Do::Tune, i, 0.0)));
        QVERIFY(!run.act(simple(Do::Done)));
        const PracticeScore score = run.score();
        QVERIFY(!score.passed && !score.inTune && score.worst_cents > 10.0 && score.hurts.isEmpty());
        QVERIFY(score.points < 60);
        QJsonObject old = scoreToJson(score); // as it was written until it was called in tune
        QVERIFY(!old.take(QLatin1String("inTune")).toBool(true));
        old.insert(QLatin1String("home"), true);
        QVERIFY(scoreFromJson(old).inTune);
        QVERIFY(run.act(simple(Do::Read))); // it is over
    }
    void whatHurtsIsNoted() {
        PracticeRun run(named("full-set-up"), 3);
        QVERIFY(!run.act(simple(Do::Dive)));
        QVERIFY(!run.act(simple(Do::Lock)));
        QVERIFY(!run.act(simple(Do::Posts, std::nullopt, 0.0005)));
        QVERIFY(!run.act(simple(Do::TakeOff, 0)));
        QVERIFY(run.act(simple(Do::Tune, 0, 0.0))); // it is off
        const QList<Hurt> hurts = run.score().hurts;
        for (const Hurt hurt :
             {Hurt::DivedUnlocked, Hurt::LockedUnsettled, Hurt::PostsUnderTension, Hurt::CutUnderTension})
            QVERIFY2(hurts.contains(hurt), qPrintable(hurtName(hurt)));
        PracticeRun sharp(named("fresh-strings"), 3);
        QVERIFY(!sharp.act(simple(Do::Tune, sharp.job().rig.strings.size() - 1, 700.0)));
        QVERIFY(sharp.score().hurts.contains(Hurt::TooSharp));
        PracticeRun blocked(named("blocked-aims"), 3);
        QVERIFY(!blocked.act(simple(Do::Done)));
        QVERIFY(blocked.score().hurts.contains(Hurt::BlockLeftIn) && !blocked.score().passed);
        PracticeRun dived(named("blocked-aims"), 3); // the job warns of it at the return test, so practice does
        QVERIFY(!dived.act(simple(Do::Dive)));
        QVERIFY(dived.score().hurts.contains(Hurt::BlockLeftIn));
    }
    void thatWhichCostMostIsNamed() {
        PracticeRun run(named("sunk"), 3);
        QVERIFY(!run.costliestAct());
        QVERIFY(!run.act(claw(-1.0, -1.0)));
        QVERIFY(!run.act(claw(6.0, 6.0))); // the wrong way
        QCOMPARE(*run.costliestAct(), 1);
    }
    void guessesAreKnownLater() {
        PracticeRun run(named("drop-tuning"), 3);
        QCOMPARE(*run.askedBefore(Do::Claw), PracticeAct::Guess::ClawTurns);
        PracticeAct guess = simple(Do::Guess);
        guess.amount = 1.0;
        QVERIFY(!run.act(guess));
        QVERIFY(!run.askedBefore(Do::Claw) && run.guesses().last().was);
        const double missing = *run.guesses().last().was;
        QVERIFY(!run.act(claw(1.0, 1.0)));
        guess.guess = PracticeAct::Guess::LowestString;
        guess.amount = -30.0;
        QVERIFY(!run.act(guess));
        QVERIFY(!run.guesses().last().was);
        for (std::size_t i = 0; i < run.job().rig.strings.size(); ++i)
            QVERIFY(!run.act(simple(Do::Tune, i, 0.0)));
        QVERIFY(run.guesses().last().was && *run.guesses().last().error() != 0.0);
        guess.guess = PracticeAct::Guess::ClawTurns;
        QVERIFY(!run.act(guess));
        QVERIFY(std::abs(*run.guesses().last().was - (missing - 1.0)) < 0.15); // the turn that was made is gone
    }
    /// Nothing is known of a string that is not there when the pass ends: no figure is made up for it.
    void aGuessOnAStringThatIsOffStaysOpen() {
        PracticeRun run(named("drop-tuning"), 3);
        PracticeAct guess = simple(Do::Guess, std::nullopt, -30.0);
        guess.guess = PracticeAct::Guess::LowestString;
        QVERIFY(!run.act(guess));
        QVERIFY(!run.act(simple(Do::TakeOff, 0)));
        QVERIFY(!run.act(simple(Do::Done)));
        QVERIFY(!run.guesses().last().error());
    }
    void springsAreWhole() {
        PracticeRun run(named("spring-count"), 3);
        for (const double count : {0.0, -1.0, 2.5, static_cast<double>(maxSprings) + 1.0})
            QVERIFY(run.act(simple(Do::Springs, std::nullopt, count))->is(faults::springsAreWhole));
        QVERIFY(run.acts().isEmpty());
        QVERIFY(!run.act(simple(Do::Springs, std::nullopt, 4.0)));
        QVERIFY(!run.act(simple(Do::Inspect)));
        QCOMPARE(*run.seen().springs, 4);
        QCOMPARE(run.job().rig.springs.size(), 4U);
    }
    void aWrongDiagnosisCosts() {
        PracticeRun run(named("what-is-wrong"), 3);
        PracticeAct said = simple(Do::Diagnose, run.hiddenString());
        said.fault = run.hiddenFault() == Defect::NeckLoose ? Defect::WornEdge : Defect::NeckLoose;
        QVERIFY(!run.act(said));
        QCOMPARE(run.score().wrongDiagnoses, 1);
        QVERIFY(!run.score().found);
        said.fault = run.hiddenFault();
        QVERIFY(!run.act(said));
        QVERIFY(run.score().found);
    }

    // --- what each fault shows ---

    void aSoundGuitarStaysWhereItIsPut() {
        PracticeGuitar guitar = guitarWith(Defect::None);
        tuneRound(guitar);
        QVERIFY2(worst(guitar) < 3.0, qPrintable(QString::number(worst(guitar))));
    }
    void aBlockLeftInHoldsThePlate() {
        PracticeGuitar guitar = guitarWith(Defect::BlockLeftIn);
        const double before = guitar.state().angle_rad;
        guitar.perform(claw(2.0, 2.0));
        guitar.perform(simple(Do::Tune, 0, 0.0));
        QCOMPARE(guitar.state().angle_rad, before);
        QVERIFY(guitar.perform(simple(Do::Inspect)).blocked);
        guitar.perform(simple(Do::Unblock));
        QVERIFY(guitar.state().angle_rad != before && guitar.fault() == Defect::None);
    }
    void aSlippingStringFallsWheneverItIsTurned() {
        PracticeGuitar guitar = guitarWith(Defect::SlipsAtPost);
        tuneRound(guitar);
        guitar.perform(simple(Do::Tune, theString, 0.0));
        QVERIFY(guitar.reading_cents(theString) < -8.0);
        const double held = guitar.reading_cents(theString);
        guitar.perform(simple(Do::Read));
        QCOMPARE(guitar.reading_cents(theString), held); // and only then
        guitar.mend();
        guitar.perform(simple(Do::Tune, theString, 0.0));
        QVERIFY(std::abs(guitar.reading_cents(theString)) < 0.5);
    }
    void aLooseInsertSlipsWithTheArm() {
        PracticeGuitar guitar = guitarWith(Defect::InsertLoose, "full-set-up");
        tuneRound(guitar);
        guitar.perform(simple(Do::Tune, theString, 0.0));
        QVERIFY(std::abs(guitar.reading_cents(theString)) < 1.0); // the peg does not make it
        const double other = guitar.reading_cents(theString + 1);
        guitar.perform(simple(Do::Dive));
        QVERIFY(guitar.reading_cents(theString) - guitar.reading_cents(theString + 1) < -8.0 - std::abs(other));
    }
    void aWornEdgeComesBackDifferently() {
        const auto apart = [](Defect fault) {
            PracticeGuitar guitar = guitarWith(fault);
            tuneRound(guitar);
            guitar.perform(simple(Do::Dive));
            const double dived = guitar.reading_cents(0);
            guitar.perform(simple(Do::PullUp));
            return guitar.reading_cents(0) - dived;
        };
        QVERIFY2(apart(Defect::WornEdge) > 3.0 * std::abs(apart(Defect::None)),
                 qPrintable(QString::number(apart(Defect::WornEdge))));
    }
    void aHangingStringIsFlatAfterADiveAlone() {
        PracticeGuitar guitar = guitarWith(Defect::HangsAtNut);
        tuneRound(guitar);
        guitar.perform(simple(Do::Dive));
        QVERIFY(guitar.reading_cents(theString) < guitar.reading_cents(theString + 1) - 5.0);
        guitar.perform(simple(Do::PullUp));
        QVERIFY(std::abs(guitar.reading_cents(theString) - guitar.reading_cents(theString + 1)) < 5.0);
    }
    void wrongStringsAreSeenByTheCaliper() {
        const Rig told = named("what-is-wrong").job.rig;
        PracticeGuitar swapped = guitarWith(Defect::SwappedStrings);
        QCOMPARE(*swapped.perform(simple(Do::Caliper, theString)).gauge_m, told.strings[theString + 1].wire.gauge_m);
        QCOMPARE(*swapped.perform(simple(Do::Caliper, theString + 1)).gauge_m, told.strings[theString].wire.gauge_m);
        PracticeGuitar heavy = guitarWith(Defect::WrongGauge);
        QVERIFY(*heavy.perform(simple(Do::Caliper, theString)).gauge_m > 1.1 * told.strings[theString].wire.gauge_m);
        heavy.mend();
        QCOMPARE(*heavy.perform(simple(Do::Caliper, theString)).gauge_m, told.strings[theString].wire.gauge_m);
    }
    void clawAndSpringsAreSeenFromBehind() {
        const auto seen = [](Defect fault) { return guitarWith(fault).perform(simple(Do::Inspect)); };
        QVERIFY(seen(Defect::ClawCrooked).claw->bass - seen(Defect::ClawCrooked).claw->treble > 2.0);
        QCOMPARE(seen(Defect::None).claw->bass, seen(Defect::None).claw->treble);
        QCOMPARE(*seen(Defect::SpringOff).springs, *seen(Defect::None).springs - 1);
        PracticeGuitar off = guitarWith(Defect::SpringOff), on = guitarWith(Defect::None);
        QVERIFY(off.state().angle_rad > on.state().angle_rad); // fewer springs, further forward
    }
    void aLooseNeckLetsAllStringsFall() {
        PracticeGuitar guitar = guitarWith(Defect::NeckLoose);
        tuneRound(guitar);
        const double before = guitar.reading_cents(0), other = guitar.reading_cents(4);
        for (int k = 0; k < 4; ++k)
            guitar.perform(simple(Do::Wiggle));
        QCOMPARE(guitar.reading_cents(0), before); // nothing pulls at it
        guitar.perform(simple(Do::Dive));
        QVERIFY(guitar.reading_cents(0) < before - 3.0 && guitar.reading_cents(4) < other - 3.0);
    }
    void aTurnedCapSlipsOnceItIsClamped() {
        PracticeGuitar guitar = guitarWith(Defect::CapTurned, "full-set-up");
        tuneRound(guitar);
        const double before = guitar.reading_cents(theString);
        PracticeGuitar sound = guitarWith(Defect::None, "full-set-up");
        tuneRound(sound);
        const double soundBefore = sound.reading_cents(theString);
        guitar.perform(simple(Do::Lock));
        sound.perform(simple(Do::Lock));
        const double fell = guitar.reading_cents(theString) - before;
        QVERIFY(fell < sound.reading_cents(theString) - soundBefore - 8.0);
        QVERIFY(guitar.reading_cents(theString + 1) < sound.reading_cents(theString + 1) - 8.0);
    }

    /// Named and mended, every guitar comes home like a sound one.
    void whatIsMendedIsSound_data() {
        QTest::addColumn<int>("fault");
        for (int k = 1; k < static_cast<int>(Defect::Count); ++k)
            QTest::newRow(qPrintable(faultName(static_cast<Defect>(k)))) << k;
    }
    void whatIsMendedIsSound() {
        QFETCH(int, fault);
        const auto what = static_cast<Defect>(fault);
        const bool caps = what == Defect::CapTurned || what == Defect::InsertLoose;
        PracticeGuitar guitar = guitarWith(what, caps ? "full-set-up" : "what-is-wrong");
        QCOMPARE(guitar.fault(), what);
        guitar.mend();
        QCOMPARE(guitar.fault(), Defect::None);
        tuneRound(guitar, 20);
        QVERIFY2(worst(guitar) < 3.0, qPrintable(QString::number(worst(guitar))));
        guitar.perform(simple(Do::Wiggle));
        const double before = guitar.reading_cents(theString);
        guitar.perform(simple(Do::Dive));
        guitar.perform(simple(Do::PullUp));
        guitar.perform(simple(Do::Wiggle));
        QVERIFY(std::abs(guitar.reading_cents(theString) - before) < 0.5);
        const PracticeSight behind = guitar.perform(simple(Do::Inspect));
        QVERIFY(!behind.blocked && std::abs(behind.claw->bass - behind.claw->treble) < 1e-9);
        QCOMPARE(*behind.springs,
                 static_cast<int>(named(caps ? "full-set-up" : "what-is-wrong").job.rig.springs.size()));
    }
    /// A spring that was hooked on again before anybody said that it was off is not hooked on twice.
    void aSpringIsPutBackOnce() {
        PracticeGuitar guitar = guitarWith(Defect::SpringOff);
        const std::size_t all = named("what-is-wrong").job.rig.springs.size();
        guitar.perform(simple(Do::Springs, std::nullopt, static_cast<double>(all)));
        guitar.mend();
        QCOMPARE(guitar.rig().springs.size(), all);
    }
    void faultsAreDrawnBySeed() {
        const Exercise exercise = named("what-is-wrong");
        QSet<QString> seen;
        for (std::uint32_t seed = 0; seed < 80; ++seed) {
            const PracticeRun run(exercise, seed);
            QVERIFY(exercise.faults.contains(run.hiddenFault()));
            QVERIFY(run.hiddenString() + 1 < exercise.job.rig.strings.size() || run.hiddenString() == 0);
            seen.insert(faultName(run.hiddenFault()));
        }
        QCOMPARE(seen.size(), exercise.faults.size()); // each of them comes
        QCOMPARE(PracticeRun(named("sunk"), 3).hiddenFault(), Defect::None);
    }
    /// The way home is the same whichever act it is begun again from, and it leads home.
    void everyBeginningIsPartOfTheWhole() {
        const PracticeRun whole = adviserAt(named("gauge-step"), 12);
        QVERIFY(whole.distances_cents().last() < 4.0 && whole.distances_cents().first() > 40.0);
        QCOMPARE(whole.distances_cents().size(), whole.acts().size() + 1);
        QCOMPARE(whole.entries().last(), static_cast<qsizetype>(whole.job().log.size()));
        for (qsizetype k = 0; k < whole.acts().size(); k += 7) {
            const PracticeRun part = replayed(whole, k);
            QCOMPARE(part.distances_cents(), whole.distances_cents().mid(0, k + 1));
            QCOMPARE(part.entries(), whole.entries().mid(0, k + 1));
            QVERIFY(part.score().minutes <= whole.score().minutes + 1e-9);
            QVERIFY(!part.score().passed); // it was not handed over
        }
    }

    // --- files ---

    void actsComeBack() {
        const PracticeRun run = adviserAt(named("full-set-up"), 4);
        const auto back = actsFromJson(actsToJson(run.acts(), run.job().rig), run.job().rig);
        QVERIFY(back.ok());
        PracticeRun again(run.exercise(), 4);
        for (const PracticeAct& act : back.value())
            QVERIFY(!again.act(act));
        QCOMPARE(again.score().points, run.score().points);
        QVERIFY(scoreFromJson(scoreToJson(run.score())).hurts == run.score().hurts);
    }
    void nonsenseIsNamed_data() {
        QTest::addColumn<QJsonObject>("change");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* name, const QJsonObject& change, const char* says) {
            QTest::newRow(name) << change << QString::fromLatin1(says);
        };
        row("another format", {{QStringLiteral("format"), QStringLiteral("flenzo-job")}}, "format");
        row("a newer version", {{QStringLiteral("version"), 9}}, "version");
        row("no name", {{QStringLiteral("name"), QString()}}, "name");
        row("no guitar", {{QStringLiteral("demo"), QStringLiteral("grand-piano")}}, "job");
        row("a rung of text", {{QStringLiteral("rung"), QStringLiteral("first")}}, "rung");
        row("an unknown fault", {{QStringLiteral("faults"), QJsonArray{QStringLiteral("haunted")}}}, "slipsAtPost");
        row("an unknown question", {{QStringLiteral("asks"), QJsonArray{QStringLiteral("weather")}}}, "lowestString");
        row("a par of nothing", {{QStringLiteral("par"), QJsonObject{{QStringLiteral("passes"), -1.0}}}}, "par.passes");
        row("an act on no string",
            {{QStringLiteral("begun"), QJsonArray{QJsonObject{{QStringLiteral("do"), QStringLiteral("tune")},
                                                              {QStringLiteral("string"), QStringLiteral("99")},
                                                              {QStringLiteral("cents"), 0}}}}},
            "begun[0].string");
        row("an act of no kind",
            {{QStringLiteral("begun"), QJsonArray{QJsonObject{{QStringLiteral("do"), QStringLiteral("sing")}}}}},
            "begun[0].do");
        row("half a spring", {{QStringLiteral("springs"), 2.5}}, "springs must be a whole number from 1 to 8");
        row("no spring", {{QStringLiteral("springs"), 0}}, "springs must be a whole number");
    }
    void nonsenseIsNamed() {
        QFETCH(QJsonObject, change);
        QFETCH(QString, says);
        QJsonObject json{{QStringLiteral("format"), QStringLiteral("flenzo-exercise")},
                         {QStringLiteral("version"), 1},
                         {QStringLiteral("name"), QStringLiteral("mine")},
                         {QStringLiteral("demo"), QStringLiteral("paper-kite")}};
        QVERIFY(exerciseFromJson(json).ok());
        for (auto each = change.begin(); each != change.end(); ++each)
            json[each.key()] = each.value();
        const Result<Exercise> read = exerciseFromJson(json);
        QVERIFY(!read.ok());
        QVERIFY2(read.fault().sentence().contains(says, Qt::CaseInsensitive), qPrintable(read.fault().sentence()));
    }
    void recordsAreKept() {
        const QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("shop.flenzo-logbook"));
        const PracticeRun run = adviserAt(named("fresh-strings"), 4);
        {
            const auto book = Logbook::open(path).value();
            PracticeRecord record{
                QStringLiteral("Åsa"), run.exercise().name,    4, QDateTime::currentDateTimeUtc(), run.score(), {0.5},
                {-12.0, 3.0},          QByteArrayLiteral("{}")};
            QVERIFY(!book->addPractice(record));
            record.apprentice = QStringLiteral("Ben");
            QVERIFY(!book->addPractice(record));
        }
        const auto book = Logbook::open(path).value();
        const QList<PracticeRecord> hers = book->practice(QStringLiteral("Åsa")).value();
        QCOMPARE(hers.size(), 1);
        QCOMPARE(hers.front().score.points, run.score().points);
        QCOMPARE(hers.front().guessErrors_cents, (QList<double>{-12.0, 3.0}));
        QCOMPARE(book->practice(QString()).value().size(), 2);
        QCOMPARE(book->jobCount().value(), 0); // no real guitar is touched by it
    }
};

QTEST_GUILESS_MAIN(TestPractice)
#include "test_practice.moc"
