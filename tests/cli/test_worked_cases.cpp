// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/solve.h"
#include "core/statics/level.h"
#include "store/files.h"
#include "store/rig_json.h"

#include <QDir>
#include <QJsonArray>
#include <QTest>
#include <cmath>

using namespace flenzo;

namespace {

QString casesFolder() {
    const QString shared = QStringLiteral(FLENZO_SOURCE_DIR "/../shared/reference");
    return QDir(shared).exists() ? shared : QStringLiteral(FLENZO_SOURCE_DIR "/tests/data/reference");
}

struct Tolerance {
    const char* part;
    double absolute, relative;
};
/// Looked up by the first member of the path that matches.
constexpr Tolerance tolerances[] = {{"tiffness", 0.0, 1e-3}, {"angleDeg", 0.002, 0.0},     {"clawTurns", 0.005, 0.0},
                                    {"sN", 0.01, 0.0},       {"couplingCents", 1e-3, 0.0}, {"passFactor", 1e-3, 0.0},
                                    {"Deg", 0.002, 0.0},     {"Mm", 0.005, 0.0},           {"", 0.05, 0.0}};

double allowed(const QString& path, double expected) {
    for (const Tolerance& tolerance : tolerances)
        if (path.contains(QLatin1String(tolerance.part)))
            return tolerance.absolute + tolerance.relative * std::abs(expected);
    return 0.0;
}

/// Every number the case expects, against ours; missing members count as wrong.
void compare(const QString& path, const QJsonValue& ours, const QJsonValue& expected, QStringList& wrong,
             int& numbers) {
    if (expected.isObject()) {
        const QJsonObject object = expected.toObject();
        for (const QString& key : object.keys())
            compare(path + QLatin1Char('/') + key, ours.toObject().value(key), object.value(key), wrong, numbers);
    } else if (expected.isArray()) {
        const QJsonArray array = expected.toArray();
        for (qsizetype i = 0; i < array.size(); ++i)
            compare(path + QStringLiteral("/%1").arg(i), ours.toArray().at(i), array.at(i), wrong, numbers);
    } else {
        ++numbers;
        if (!ours.isDouble() ||
            !(std::abs(ours.toDouble() - expected.toDouble()) <= allowed(path, expected.toDouble())))
            wrong.append(QStringLiteral("%1: %2, expected %3").arg(path).arg(ours.toDouble()).arg(expected.toDouble()));
    }
}

} // namespace

class TestWorkedCases : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void agree_data() {
        QTest::addColumn<QString>("file");
        const QDir dir(casesFolder());
        for (const QString& name : dir.entryList({QStringLiteral("case-*.json"), QStringLiteral("roller-*.json")}))
            QTest::newRow(qPrintable(name)) << dir.filePath(name);
    }
    void agree() {
        QFETCH(QString, file);
        const Result<QJsonObject> json = readJsonFile(file);
        QVERIFY(json.ok());
        const Result<Rig> rig = rigFromJson(json.value().value(QLatin1String("rig")).toObject(), QStringLiteral("rig"));
        QVERIFY2(rig.ok(), rig.ok() ? "" : qPrintable(rig.fault().sentence()));
        QStringList names;
        for (const QJsonValue& name : json.value().value(QLatin1String("order")).toArray())
            names.append(name.toString());
        if (names.isEmpty())
            for (const RigString& string : rig.value().strings)
                names.append(QString::fromStdString(string.name));
        const Result<Order> order = orderFromNames(rig.value(), names);
        QVERIFY(order.ok());
        QStringList wrong;
        int numbers = 0;
        compare({}, solve(rig.value(), order.value()), json.value().value(QLatin1String("expect")), wrong, numbers);
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(QLatin1Char('\n'))));
        QVERIFY(numbers > (hasClaw(rig.value()) ? 100 : 12));
    }
    void thereAreCases() {
        QVERIFY(QDir(casesFolder()).entryList({QStringLiteral("case-*.json")}).size() >= 6);
        QVERIFY(QDir(casesFolder()).entryList({QStringLiteral("roller-*.json")}).size() >= 2);
    }
};

QTEST_APPLESS_MAIN(TestWorkedCases)
#include "test_worked_cases.moc"
