// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/base/faults.h"
#include "domain/job/edits.h"
#include "session/bench/bench_entry.h"
#include "session/document/demo.h"
#include "session/input/string_entry.h"
#include "store/bundled.h"
#include "store/catalogue_files.h"
#include "store/job_json.h"

#include <QJsonDocument>
#include <QJsonObject>
#include <QTemporaryDir>
#include <QTest>
#include <random>

using namespace flenzo;

namespace {

using Random = std::mt19937;

int oneOf(Random& random, std::size_t count) {
    return std::uniform_int_distribution<int>(0, static_cast<int>(count) - 1)(random);
}

/// What people, cats and other alphabets type.
QString typed(Random& random) {
    const QStringList texts{QStringLiteral("gap 100!"),    QStringLiteral("gap 4.0"),
                            QStringLiteral("gap -3"),      QStringLiteral("gap 1e9!"),
                            QStringLiteral("g 0"),         QStringLiteral("2 1/4"),
                            QStringLiteral("-12,5"),       QStringLiteral("6=-2400!"),
                            QStringLiteral("1=1200!"),     QStringLiteral("3=5000!"),
                            QStringLiteral("4=E2+12!"),    QStringLiteral("5=0.001Hz!"),
                            QStringLiteral("angle 29.9!"), QStringLiteral("-90°!"),
                            QStringLiteral("струна=3"),    QStringLiteral("9999999999999999999"),
                            QStringLiteral("=!"),          QString(5000, QLatin1Char('7')),
                            QStringLiteral("2=3")};
    return texts.at(oneOf(random, static_cast<std::size_t>(texts.size())));
}

QString name(Random& random) {
    const QStringList names{QString(),
                            QStringLiteral("Grünes Häuschen"),
                            QStringLiteral("ギター"),
                            QStringLiteral("гитара \"три\"\n<b>"),
                            QString(5000, QChar(0x00e9)),
                            QString(201, QLatin1Char('x')),
                            QStringLiteral("\U0001F3B8")};
    return names.at(oneOf(random, static_cast<std::size_t>(names.size())));
}

double number(Random& random) {
    const double numbers[] = {0.0, 1e-3, -1e-3, 0.3, -0.3, 4.0, -60.0, 61.0, 1e9, std::nan(""), 1.0 / 0.0};
    return numbers[oneOf(random, std::size(numbers))];
}

/// One change of whatever a page, a step or an import may touch.
void change(Job& job, Random& random, const Catalogue& catalogue) {
    const auto any = [&random](auto& list) -> auto& {
        return list[static_cast<std::size_t>(oneOf(random, list.size()))];
    };
    switch (oneOf(random, 22)) {
    case 0:
        job.guitar = name(random);
        break;
    case 1:
        job.owner = name(random);
        break;
    case 2:
        job.reason = name(random);
        break;
    case 3:
        job.card.notes = name(random);
        break;
    case 4:
        job.onPicks.tuningName = name(random);
        break;
    case 5:
        job.card.keys[name(random)] = name(random);
        break;
    case 6:
        job.work.ownersNote = name(random);
        break;
    case 7:
        job.work.methods[name(random)] = name(random);
        break;
    case 8:
        job.rig.claw.turns.bass = 30.0 * number(random);
        break;
    case 9:
        any(job.rig.strings).scale_m = number(random);
        break;
    case 10:
        any(job.rig.strings).wire.gauge_m = number(random) * 1e-3;
        break;
    case 11:
        any(job.rig.strings).name = name(random).toStdString();
        break;
    case 12:
        job.goal.angle_rad = number(random);
        break;
    case 13:
        job.goal.pitchTolerance_cents = number(random);
        break;
    case 14:
        job.tools.gap_m = number(random) * 1e-3;
        break;
    case 15:
        job.referencePitch_Hz = 440.0 + number(random);
        break;
    case 16:
        job.oldAngle_rad = number(random);
        break;
    case 17:
        job.work.usualMinutes[QStringLiteral("tune")] = number(random);
        break;
    case 18:
        job.card.clampShift_cents = {number(random)};
        break;
    case 19:
        std::ignore = setPitch(job, Side::On, 0, name(random));
        break;
    case 20:
        setFamily(job, any(families).family);
        break;
    default:
        std::ignore = setStringCount(job, 4 + static_cast<std::size_t>(oneOf(random, 9)), catalogue);
    }
}

Event anyEvent(Random& random, std::size_t strings) {
    Event event;
    event.string = static_cast<std::size_t>(oneOf(random, strings));
    event.kind = static_cast<Event::Kind>(oneOf(random, 12));
    event.to_cents = 100.0 * number(random);
    event.from_cents = 100.0 * number(random);
    event.turns = {number(random), number(random)};
    event.block = {Block::Kind::Captive, number(random)};
    if (event.kind == Event::Kind::Read)
        event.gap_m = number(random) * 1e-3;
    event.note = name(random).toStdString();
    event.confirmed = true;
    return event;
}

} // namespace

/// What the program accepts it can read again, from a file and from the logbook; what it refuses changes nothing.
class TestAccepted : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void whateverIsAcceptedIsReadAgain_data() {
        QTest::addColumn<int>("demo");
        for (int demo = 0; demo < static_cast<int>(demoNames().size()); ++demo)
            QTest::addRow("guitar %d", demo) << demo;
    }
    void whateverIsAcceptedIsReadAgain() {
        QFETCH(int, demo);
        const Catalogue catalogue = bundledCatalogue().value();
        Random random(static_cast<unsigned>(900 + demo));
        QTemporaryDir dir;
        Session session(dir.path());
        BenchEntry bench(session);
        session.setLogbook(Logbook::open(dir.filePath(QStringLiteral("shop.flenzo-logbook"))).value());
        Job job = demoJob(demo).value();
        if (demo % 2 == 0)
            job.log.clear(); // the number of strings may change then
        QVERIFY(!session.addToLogbook(job));
        int accepted = 0, refused = 0;
        for (int k = 0; k < 60; ++k) {
            const QByteArray before = jobBytes(session.job());
            const std::size_t strings = session.job().rig.strings.size();
            std::optional<Fault> fault;
            switch (oneOf(random, 3)) {
            case 0:
                fault = session.edit(QStringLiteral("edit"), [&](Job& edited) { change(edited, random, catalogue); });
                break;
            case 1:
                fault = bench.enter(typed(random), oneOf(random, 2) == 0);
                break;
            default:
                fault = session.append(QStringLiteral("event"), anyEvent(random, strings));
            }
            (fault ? refused : accepted)++;
            if (fault)
                QCOMPARE(jobBytes(session.job()), before);
            const QByteArray now = jobBytes(session.job());
            const Result<Job> file = jobFromJson(QJsonDocument::fromJson(now).object());
            QVERIFY2(file.ok(), file.ok() ? "" : qPrintable(file.fault().sentence()));
            QCOMPARE(jobBytes(file.value()), now);
            const Result<Job> book = session.logbook()->job(*session.keptAs());
            QVERIFY2(book.ok(), book.ok() ? "" : qPrintable(book.fault().sentence()));
            QCOMPARE(jobToJson(book.value())[QLatin1String("log")], jobToJson(session.job())[QLatin1String("log")]);
        }
        QVERIFY2(accepted > 5 && refused > 5, qPrintable(QStringLiteral("%1 %2").arg(accepted).arg(refused)));
    }

    void theRefusalNamesFieldAndRemedy() {
        QTemporaryDir dir;
        Session session(dir.path());
        BenchEntry bench(session);
        session.start(demoJob(0).value(), QString());
        const auto gap = bench.enter(QStringLiteral("gap 100!"), false);
        QVERIFY(gap && gap->is(faults::outOfRange) && gap->field == QLatin1String("gap"));
        const auto notes =
            session.edit(QStringLiteral("notes"), [](Job& job) { job.card.notes = QString(5000, QLatin1Char('n')); });
        QVERIFY(notes && notes->is(faults::notText) && notes->field == QLatin1String("card.notes"));
        const auto claw = session.edit(QStringLiteral("claw"), [](Job& job) { job.rig.claw.turns.bass = 200.0; });
        QVERIFY(claw && claw->is(faults::numberOutOfRange));
    }

    void namesInOtherAlphabetsComeBack() {
        Job job = demoJob(0).value();
        job.log.clear();
        job.guitar = QStringLiteral("Лебедь");
        job.rig.strings.back().name = "Ω";
        job.card.keys[QStringLiteral("κλειδί")] = QStringLiteral("3 mm");
        job.work.usualMinutes[QStringLiteral("паз")] = 4.0;
        job.work.reliefFound_m = 0.0003;
        job.work.reliefLeft_m = -0.0001;
        job.work.broken = 2;
        job.card.head = {0.006, 0.04, std::nullopt, 0.003, 0.035, std::nullopt};
        job.card.clawDepth = {0.012, 0.0125};
        job.card.feel = ArmFeel::Softer;
        job.work.brokeAt = BreakPlace::StringPost;
        job.card.replaced[QStringLiteral("caps")] = QDate(2026, 11, 30);
        job.log = {Event::read(job.rig.strings.size() - 1, -4.0)};
        QVERIFY(!unreadable(job));
        const Job again = jobFromJson(jobToJson(job)).value();
        QCOMPARE(again.log, job.log);
        QCOMPARE(again.card.keys, job.card.keys);
        QCOMPARE(again.work.usualMinutes, job.work.usualMinutes);
        QCOMPARE(again.work.broken, job.work.broken);
        QCOMPARE(again.work.brokeAt, job.work.brokeAt);
        QCOMPARE(again.card.feel, job.card.feel);
        QVERIFY(std::abs(*again.card.clawDepth.treble_m - 0.0125) < 1e-12);
        QVERIFY(std::abs(*again.card.head.treeAway_m - 0.035) < 1e-12 && !again.card.head.treeDrop_m);
        QVERIFY(std::abs(*again.work.reliefLeft_m - *job.work.reliefLeft_m) < 1e-12);
        QVERIFY(std::abs(*again.card.head.post_m - 0.006) < 1e-12 && !again.card.head.spacing_m);
        QCOMPARE(again.card.replaced, job.card.replaced);
        QJsonObject wrong = jobToJson(job), card = wrong[QLatin1String("card")].toObject();
        card[QLatin1String("replaced")] = QJsonObject{{QStringLiteral("caps"), QStringLiteral("yesterday")}};
        wrong[QLatin1String("card")] = card;
        QVERIFY(jobFromJson(wrong).fault().is(faults::notDate)); // not dropped in silence
        Job none = job;
        none.work.broken = job.rig.strings.size(); // a string that the guitar does not have
        QVERIFY(unreadable(none)->is(faults::noSuchString));
    }

    /// Files of before hold the claw's depth as somebody wrote it down.
    void aDepthInWordsBecomesFiguresOrANote_data() {
        QTest::addColumn<QString>("words");
        QTest::addColumn<double>("bass_mm");
        QTest::addColumn<double>("treble_mm");
        QTest::newRow("both") << QStringLiteral("12 / 12.5 mm") << 12.0 << 12.5;
        QTest::newRow("comma") << QStringLiteral("12,5 mm; 13 mm") << 12.5 << 13.0;
        QTest::newRow("one") << QStringLiteral("11.5") << 11.5 << 11.5;
        QTest::newRow("words") << QStringLiteral("two fingers") << 0.0 << 0.0;
    }
    void aDepthInWordsBecomesFiguresOrANote() {
        QFETCH(QString, words);
        QFETCH(double, bass_mm);
        QFETCH(double, treble_mm);
        QJsonObject json = jobToJson(demoJob(0).value()), card = json[QLatin1String("card")].toObject();
        card.remove(QLatin1String("clawDepthBassMm"));
        card.remove(QLatin1String("clawDepthTrebleMm"));
        card[QLatin1String("clawDepth")] = words;
        card[QLatin1String("notes")] = QStringLiteral("rough fret ends");
        json[QLatin1String("card")] = card;
        const Card read = jobFromJson(json).value().card;
        if (bass_mm == 0.0) {
            QVERIFY(!read.clawDepth.bass_m && !read.clawDepth.treble_m);
            QCOMPARE(read.notes, QStringLiteral("rough fret ends\ntwo fingers"));
            return;
        }
        QVERIFY(std::abs(*read.clawDepth.bass_m - bass_mm * metresPerMm) < 1e-12);
        QVERIFY(std::abs(*read.clawDepth.treble_m - treble_mm * metresPerMm) < 1e-12);
        QCOMPARE(read.notes, QStringLiteral("rough fret ends"));
    }

    void anOwnCatalogueIsNeverWrittenSoThatItCannotBeRead() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("own.json"));
        OwnCatalogue own;
        own.tunings = {{QStringLiteral("Drop"), {QStringLiteral("D2")}}};
        QVERIFY(!writeOwnCatalogue(path, own));
        own.tunings.push_back({QString(101, QLatin1Char('y')), {QStringLiteral("E2")}});
        const auto fault = writeOwnCatalogue(path, own);
        QVERIFY(fault && fault->is(faults::notText) && fault->field == QLatin1String("tunings[1].name"));
        QCOMPARE(readOwnCatalogue(path).value().tunings.size(), std::size_t(1));
    }
};

QTEST_GUILESS_MAIN(TestAccepted)
#include "test_accepted.moc"
