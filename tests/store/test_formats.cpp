// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/guitar/catalogue.h"
#include "domain/job/edits.h"
#include "domain/job/job.h"
#include "store/catalogue_files.h"
#include "store/files.h"
#include "store/job_json.h"
#include "store/rig_json.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QTemporaryDir>
#include <QTest>
#include <algorithm>

using namespace flenzo;

namespace {

Job sampleJob() {
    Job job = newJob();
    job.guitar = QStringLiteral("Tidewater");
    job.owner = QStringLiteral("Someone Invented");
    job.measured = {QStringLiteral("bridge.rearGap")};
    job.simulatedSeed = 41;
    job.log = {Event::read(0, -250.5), Event::readGap(0.00412), Event::claw({1.25, 1.25}), Event::tuned(0, 123.4)};
    job.log.back().aim_cents = 123.9;
    job.log.back().at = "2026-11-24T10:00:00";
    Event block;
    block.kind = Event::Kind::Block;
    block.block = {Block::Kind::Rear, radians(1.5)};
    job.log.push_back(block);
    Event turn;
    turn.kind = Event::Kind::Turn;
    turn.to = Orientation::Playing;
    turn.note = "held on the knee";
    job.log.push_back(turn);
    Event uneven;
    uneven.kind = Event::Kind::Claw;
    uneven.turns = {0.5, 0.25};
    job.log.push_back(uneven);
    return job;
}

QJsonObject with(QJsonObject json, const char* key, const QJsonValue& value) {
    json[QLatin1String(key)] = value;
    return json;
}

RigString stringOf(double gauge_m, double core_m) {
    RigString string;
    string.wire = {gauge_m, core_m};
    return string;
}

} // namespace

class TestFormats : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aJobSurvivesItsFile() {
        const Job job = sampleJob();
        const Result<Job> read = jobFromJson(QJsonDocument::fromJson(jobBytes(job)).object());
        QVERIFY2(read.ok(), read.ok() ? "" : qPrintable(read.fault().sentence()));
        const Job& back = read.value();
        QCOMPARE(back.guitar, job.guitar);
        QCOMPARE(back.log.size(), job.log.size());
        for (std::size_t e = 0; e < job.log.size(); ++e)
            QVERIFY2(jobToJson(back).value(QLatin1String("log")).toArray().at(static_cast<int>(e)) ==
                         jobToJson(job).value(QLatin1String("log")).toArray().at(static_cast<int>(e)),
                     qPrintable(QString::number(e)));
        QCOMPARE(back.measured, job.measured);
        QVERIFY(back.simulatedSeed == job.simulatedSeed);
        QCOMPARE(back.onPicks, job.onPicks);
        QCOMPARE(back.offPicks, job.offPicks);
        QVERIFY(back.method == job.method);
        // Written once more it is the same to the letter.
        QCOMPARE(jobBytes(back), jobBytes(job));
    }

    void unknownMembersSurvive() {
        QJsonObject json = jobToJson(sampleJob());
        json[QLatin1String("shopCat")] = QStringLiteral("asleep on the bench");
        QJsonObject rig = json.value(QLatin1String("rig")).toObject();
        rig[QLatin1String("paint")] = QStringLiteral("worn");
        QJsonArray strings = rig.value(QLatin1String("strings")).toArray();
        strings[0] = with(strings.at(0).toObject(), "age", 3);
        rig[QLatin1String("strings")] = strings;
        json[QLatin1String("rig")] = rig;
        QJsonArray log = json.value(QLatin1String("log")).toArray();
        log[0] = with(log.at(0).toObject(), "mood", QStringLiteral("patient"));
        json[QLatin1String("log")] = log;
        const Result<Job> read = jobFromJson(json);
        QVERIFY(read.ok());
        Job job = read.value();
        job.owner = QStringLiteral("Another");
        job.log.push_back(Event::tuned(1, 3.0));
        const QJsonObject back = jobToJson(job);
        QCOMPARE(back.value(QLatin1String("shopCat")).toString(), QStringLiteral("asleep on the bench"));
        QCOMPARE(back.value(QLatin1String("owner")).toString(), QStringLiteral("Another"));
        QCOMPARE(back.value(QLatin1String("rig"))[QLatin1String("paint")].toString(), QStringLiteral("worn"));
        QCOMPARE(back.value(QLatin1String("rig"))[QLatin1String("strings")][0][QLatin1String("age")].toInt(), 3);
        QCOMPARE(back.value(QLatin1String("log"))[0][QLatin1String("mood")].toString(), QStringLiteral("patient"));
        QCOMPARE(back.value(QLatin1String("log")).toArray().size(), log.size() + 1);
    }

    void theDocumentedMinimumIsEnough() {
        QJsonObject json = jobToJson(sampleJob());
        const QJsonObject bare{{QStringLiteral("format"), QStringLiteral("flenzo-job")},
                               {QStringLiteral("version"), 1},
                               {QStringLiteral("rig"), json.value(QLatin1String("rig"))},
                               {QStringLiteral("log"), QJsonArray{}}};
        const Result<Job> read = jobFromJson(bare);
        QVERIFY2(read.ok(), read.ok() ? "" : qPrintable(read.fault().sentence()));
        QCOMPARE(read.value().off.size(), read.value().rig.strings.size());
        QCOMPARE(read.value().method.order.size(), std::size_t{6});
        QVERIFY(!read.value().wasLevel);
    }

    void faultsNameTheField_data() {
        QTest::addColumn<QString>("key");
        QTest::addColumn<QJsonValue>("value");
        QTest::addColumn<QString>("field");
        QTest::newRow("other format") << "format" << QJsonValue(QStringLiteral("x")) << "format";
        QTest::newRow("newer") << "version" << QJsonValue(2) << "version";
        QTest::newRow("rig is text") << "rig" << QJsonValue(QStringLiteral("x")) << "rig";
        QTest::newRow("log is a number") << "log" << QJsonValue(3) << "log";
        QTest::newRow("event without a kind") << "log" << QJsonValue(QJsonArray{QJsonObject{}}) << "log[0].event";
        QTest::newRow("event of a strange kind")
            << "log" << QJsonValue(QJsonArray{QJsonObject{{QStringLiteral("event"), QStringLiteral("sneezed")}}})
            << "log[0].event";
        QTest::newRow("string not there")
            << "log"
            << QJsonValue(QJsonArray{QJsonObject{{QStringLiteral("event"), QStringLiteral("tuned")},
                                                 {QStringLiteral("string"), QStringLiteral("9")},
                                                 {QStringLiteral("toCents"), 1}}})
            << "log[0].string";
        QTest::newRow("reading beyond sense")
            << "log"
            << QJsonValue(QJsonArray{QJsonObject{{QStringLiteral("event"), QStringLiteral("read")},
                                                 {QStringLiteral("cents"), QJsonObject{{QStringLiteral("6"), 1e9}}}}})
            << "log[0].cents.6";
        QTest::newRow("order with a gap")
            << "method" << QJsonValue(QJsonObject{{QStringLiteral("order"), QJsonArray{QStringLiteral("6")}}})
            << "method.order";
        QTest::newRow("reference pitch") << "referencePitchHz" << QJsonValue(44) << "referencePitchHz";
        QTest::newRow("old set too small")
            << "change" << QJsonValue(QJsonObject{{QStringLiteral("offStrings"), QJsonArray{}}}) << "change.offStrings";
    }
    void faultsNameTheField() {
        QFETCH(QString, key);
        QFETCH(QJsonValue, value);
        QFETCH(QString, field);
        const Result<Job> read = jobFromJson(with(jobToJson(sampleJob()), key.toUtf8().constData(), value));
        QVERIFY(!read.ok());
        QCOMPARE(read.fault().field, field);
        QVERIFY(read.fault().whatIsWrong().size() > 10);
    }

    /// Whatever number in a sound file is replaced by nonsense: refused or read, never a crash or a lasting NaN.
    void everyNumberSpoiled() {
        const QByteArray sound = jobBytes(sampleJob());
        int refused = 0, tried = 0;
        for (qsizetype at = sound.indexOf(": "); at >= 0; at = sound.indexOf(": ", at + 1)) {
            if (!isdigit(sound.at(at + 2)) && sound.at(at + 2) != '-')
                continue;
            qsizetype end = at + 2;
            while (end < sound.size() &&
                   (isalnum(sound.at(end)) || sound.at(end) == '.' || sound.at(end) == '-' || sound.at(end) == '+'))
                ++end;
            for (const char* nonsense : {"-1e307", "1e307", "null", "\"three\"", "[]"}) {
                QByteArray spoiled = sound;
                spoiled.replace(at + 2, end - at - 2, nonsense);
                ++tried;
                refused += jobFromJson(QJsonDocument::fromJson(spoiled).object()).ok() ? 0 : 1;
            }
        }
        QVERIFY(tried > 300);
        QCOMPARE(refused, tried);
    }

    void rigsGoRoundWithTheirUnits() {
        for (const char* name : {"case-001.json", "case-004.json"}) {
            const Result<QJsonObject> json =
                readJsonFile(QStringLiteral(FLENZO_SOURCE_DIR "/tests/data/reference/") + QLatin1String(name));
            QVERIFY(json.ok());
            const QJsonObject rigJson = json.value().value(QLatin1String("rig")).toObject();
            const Result<Rig> rig = rigFromJson(rigJson, {});
            QVERIFY(rig.ok());
            const Result<Rig> again = rigFromJson(rigToJson(rig.value()), {});
            QVERIFY(again.ok());
            QVERIFY(std::abs(again.value().strings[0].scale_m - rig.value().strings[0].scale_m) < 1e-12);
            QCOMPARE(rigToJson(again.value()), rigToJson(rig.value()));
        }
    }

    /// Files keep the names of their parts, whatever the screen calls them.
    void aJobsPartsAreFoundByTheirNames() {
        QJsonObject json = jobToJson(newJob());
        for (const char* part : {"rig", "goal", "method", "change", "card", "work", "log"})
            QVERIFY2(json.contains(QLatin1String(part)), part);
        json[QLatin1String("goal")] = QJsonObject{{QStringLiteral("angleDeg"), 0.1},
                                                  {QStringLiteral("angleTolDeg"), 0.4},
                                                  {QStringLiteral("pitchTolCents"), 3.5}};
        const Goal goal = jobFromJson(json).value().goal;
        QVERIFY(std::abs(degrees(goal.angle_rad) - 0.1) < 1e-9 && goal.pitchTolerance_cents == 3.5);
        QVERIFY(std::abs(degrees(goal.angleTolerance_rad) - 0.4) < 1e-9);
    }

    void theCatalogueHoldsWhatItPromises() {
        const Result<Catalogue> read = bundledCatalogue();
        QVERIFY2(read.ok(), read.ok() ? "" : qPrintable(read.fault().sentence()));
        const Catalogue& catalogue = read.value();
        double thinnest = 1.0, thickestPlain = 0.0, thinnestWound = 1.0, thickest = 0.0;
        for (const CatalogueString& string : catalogue.strings) {
            const double gauge = string.wire.gauge_m / metresPerThou;
            if (string.wire.isWound()) {
                QVERIFY2(string.wire.core_m < 0.75 * string.wire.gauge_m, qPrintable(string.id));
                thinnestWound = std::min(thinnestWound == 1.0 ? 1e9 : thinnestWound, gauge);
                thickest = std::max(thickest, gauge);
            } else {
                thinnest = std::min(thinnest == 1.0 ? 1e9 : thinnest, gauge);
                thickestPlain = std::max(thickestPlain, gauge);
            }
        }
        QCOMPARE(std::lround(thinnest), 7L);
        QCOMPARE(std::lround(thickestPlain), 26L);
        QCOMPARE(std::lround(thinnestWound), 17L);
        QCOMPARE(std::lround(thickest), 135L);
        for (std::size_t n = 4; n <= 12; ++n) {
            QVERIFY2(!catalogue.setsFor(n).empty(), qPrintable(QString::number(n)));
            QVERIFY2(!catalogue.tuningsFor(n).empty(), qPrintable(QString::number(n)));
        }
        for (const CatalogueSet& set : catalogue.sets)
            for (const QString& item : set.items)
                QVERIFY2(catalogue.stringById(item), qPrintable(set.name + item));
    }

    void ownEntriesComeFirstAndMassesOverride() {
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("own.json"));
        QVERIFY(readOwnCatalogue(file).ok()); // absent is empty
        OwnCatalogue own;
        own.tunings.push_back({QStringLiteral("mine"),
                               {QStringLiteral("C2"), QStringLiteral("G2"), QStringLiteral("C3"), QStringLiteral("F3"),
                                QStringLiteral("A3"), QStringLiteral("D4")}});
        own.unitMass_kgpm[QStringLiteral("plain-10")] = 0.000405;
        QVERIFY(!writeOwnCatalogue(file, own));
        const Result<OwnCatalogue> back = readOwnCatalogue(file);
        QVERIFY(back.ok());
        const Catalogue catalogue = flenzo::with(bundledCatalogue().value(), back.value());
        QCOMPARE(catalogue.tuningsFor(6).front()->name, QStringLiteral("mine"));
        QCOMPARE(*catalogue.stringById(QStringLiteral("plain-10"))->wire.unitMass_kgpm, 0.000405);
        QVERIFY(!writeFile(file, "{\"format\":\"flenzo-own-catalogue\",\"version\":1,\"tunings\":[{\"name\":\"x\","
                                 "\"notes\":[\"H9\"]}],\"sets\":[],\"unitMassKgPerM\":{}}"));
        QVERIFY(!readOwnCatalogue(file).ok());
    }

    void whatEveryFamilyHasSurvivesAFile() {
        Job job = newJob();
        Bridge& bridge = job.rig.bridge;
        bridge.family = Family::SixScrews;
        bridge.assist = CentringAssist{radians(0.5), 0.7, 3.0};
        bridge.friction = {0.21, 0.13, 0.004};
        job.rig.neckElevation_rad = radians(12.0);
        job.rig.springs[1].aside_m = 0.006;
        RigString& string = job.rig.strings[2];
        string.finePerTurn_m = 0.0004;
        string.fineAt_turns = 1.5;
        string.clampLift_m = 0.0008;
        string.nutBreak_rad = radians(14.0);
        job.goal.deckLoad_Nm = 0.4;
        job.method.stretch = true;
        job.springsBefore.assign(4, job.rig.springs[0]);
        Prior prior;
        prior.mean[1] = 0.25;
        prior.covariance(1, 1) = 0.5;
        prior = prior.forStrings({stringOf(0.0005, 0.0), stringOf(0.0008, 0.0004)});
        prior.mean[stiffnessIndex(0)] = -0.4;
        prior.covariance(massIndex(1), 0) = prior.covariance(0, massIndex(1)) = 0.3;
        job.prior = prior;
        const Result<Job> read = jobFromJson(jobToJson(job));
        QVERIFY2(read.ok(), read.ok() ? "" : qPrintable(read.fault().sentence()));
        QCOMPARE(read.value().rig.bridge.family, Family::SixScrews);
        QVERIFY(std::abs(read.value().rig.bridge.assist->preload_Nm - 0.7) < 1e-12);
        QVERIFY(std::abs(read.value().rig.bridge.friction.nut - 0.21) < 1e-12);
        QVERIFY(std::abs(read.value().rig.neckElevation_rad - radians(12.0)) < 1e-9);
        QVERIFY(std::abs(read.value().rig.springs[1].aside_m - 0.006) < 1e-12);
        QVERIFY(std::abs(read.value().rig.strings[2].fineAt_turns - 1.5) < 1e-12);
        QVERIFY(std::abs(read.value().rig.strings[2].nutBreak_rad - radians(14.0)) < 1e-9);
        QVERIFY(read.value().method.stretch && read.value().goal.deckLoad_Nm == 0.4);
        QCOMPARE(read.value().springsBefore.size(), std::size_t{4});
        QVERIFY(read.value().prior && read.value().prior->mean.isApprox(prior.mean) &&
                read.value().prior->covariance.isApprox(prior.covariance));
        const Prior next = read.value().prior->forStrings({stringOf(0.0005, 0.0), stringOf(0.0008, 0.0)});
        QVERIFY(std::abs(next.mean[stiffnessIndex(0)] + 0.4) < 1e-12 && std::abs(next.covariance(1, 1) - 0.5) < 1e-12);
        QCOMPARE(next.covariance(massIndex(1), 0), 0.0); // plain now: another make
        job.rig.bridge = Bridge{};
        job.rig.bridge.family = Family::Fixed;
        job.rig.springs.clear();
        job.springsBefore.clear();
        const Result<Job> fixed = jobFromJson(jobToJson(job));
        QVERIFY(fixed.ok() && !fixed.value().rig.bridge.has().moves());
    }

    void toolsAreKeptAndChecked() {
        Job job = newJob();
        QVERIFY(!jobToJson(job).contains(QLatin1String("tools")));
        job.tools.tuner_cents = 1.0;
        job.tools.gap_m = 1.5e-4;
        const QJsonObject told = jobToJson(job).value(QLatin1String("tools")).toObject();
        QCOMPARE(told.size(), 2);
        QCOMPARE(told.value(QLatin1String("gapMm")).toDouble(), 0.15);
        const Result<Job> back = jobFromJson(jobToJson(job));
        QVERIFY(back.ok() && back.value().tools == job.tools);
        for (const char* name : {"tunerCents", "gapMm", "angleDeg", "pegCents"})
            for (const QJsonValue& bad : {QJsonValue(0.0), QJsonValue(-1.0), QJsonValue(1e6), QJsonValue("fine")}) {
                const Result<Job> read =
                    jobFromJson(with(jobToJson(newJob()), "tools", QJsonObject{{QString::fromLatin1(name), bad}}));
                QVERIFY2(!read.ok(), name);
                QCOMPARE(read.fault().field, QStringLiteral("tools.") + QLatin1String(name));
            }
    }

    /// Files of the time when five quantities were learned, in deviations of other sizes.
    void whatWasLearnedEarlierStillCounts() {
        QJsonObject learned;
        const std::vector<std::pair<Learned, double>> earlier{{Learned::SpringRate, 0.15},
                                                              {Learned::InitialTension, 0.30},
                                                              {Learned::HookDepth, 0.001},
                                                              {Learned::StringHeight, 0.001},
                                                              {Learned::ClawLead, 0.05}};
        for (std::size_t k = 0; k < earlier.size(); ++k) {
            QJsonArray row{0.0, 0.0, 0.0, 0.0, 0.0};
            row[static_cast<qsizetype>(k)] = 0.25;
            learned[QLatin1String(learnedName(earlier[k].first))] =
                QJsonObject{{QStringLiteral("mean"), 0.8}, {QStringLiteral("covariance"), row}};
        }
        const QJsonObject string{{QStringLiteral("gaugeMm"), 0.5},
                                 {QStringLiteral("stiffness"), -0.4},
                                 {QStringLiteral("stiffnessDeviation"), 0.6},
                                 {QStringLiteral("mass"), 0.1},
                                 {QStringLiteral("massDeviation"), 0.9}};
        learned[QLatin1String("strings")] = QJsonArray{string};
        const Result<Job> read = jobFromJson(with(jobToJson(newJob()), "learned", learned));
        QVERIFY2(read.ok(), read.ok() ? "" : qPrintable(read.fault().sentence()));
        const Prior& prior = *read.value().prior;
        QVERIFY(prior.mean[stiffnessIndex(0)] == -0.4 &&
                std::abs(prior.covariance(massIndex(0), massIndex(0)) - 0.81) < 1e-12);
        const auto physical = [&](Learned quantity) {
            return prior.mean[static_cast<Eigen::Index>(quantity)] * priorDeviation(EstimatorOptions(), quantity);
        };
        QVERIFY(std::abs(physical(Learned::SpringRate) - 0.8 * 0.15) < 1e-12);
        QVERIFY(std::abs(physical(Learned::HookDepth) - 0.8 * 0.001) < 1e-12);
        QCOMPARE(physical(Learned::Setback), 0.0); // nobody had learned it
        QVERIFY(std::abs(prior.covariance(0, 0) * std::pow(priorDeviation({}, Learned::SpringRate) / 0.15, 2) - 0.25) <
                1e-9);
        QCOMPARE(prior.covariance(4, 4), 1.0);
        QVERIFY(jobFromJson(jobToJson(read.value())).ok());
    }

    void whatWasLearnedMustBePossible() {
        Job job = newJob();
        job.prior = Prior{};
        job.prior->covariance(0, 0) = -1.0;
        const Result<Job> read = jobFromJson(jobToJson(job));
        QVERIFY(!read.ok());
        QCOMPARE(read.fault().field, QStringLiteral("learned"));
    }
};

QTEST_APPLESS_MAIN(TestFormats)
#include "test_formats.moc"
