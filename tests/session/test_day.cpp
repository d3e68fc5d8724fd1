// SPDX-License-Identifier: GPL-3.0-or-later
// A day of three benches on one server, each a program of its own: random jobs, one bench killed, the server restarted.
// Run by tools/with-postgres.
#include "session/document/session.h"
#include "support/place.h"

#include <QFile>
#include <QMap>
#include <QProcess>
#include <QRandomGenerator>
#include <QTest>
#include <random>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

constexpr int benches = 3, jobs = 8, acts = 120;
constexpr int patience_ms = 20000;

void wait_ms(int duration_ms) {
    QElapsedTimer timer;
    timer.start();
    while (timer.elapsed() < duration_ms)
        QCoreApplication::processEvents(QEventLoop::AllEvents, 5);
}

/// One bench: opens jobs at random, enters notes that say who made them and which one, takes strings from the drawer,
/// and says each on its output once it was accepted. What the server had not seen when it ended is handed in first.
int work(const QString& place, const QString& name, const QString& folder, unsigned seed) {
    std::mt19937 random(seed);
    Session session(folder);
    QElapsedTimer patience;
    patience.start();
    while (!session.logbook() && patience.elapsed() < patience_ms) {
        if (auto book = Logbook::open(place, name); book.ok())
            session.setLogbook(book.value());
        else
            wait_ms(100);
    }
    if (!session.logbook())
        return 3;
    QFile out;
    if (!out.open(stdout, QIODevice::WriteOnly))
        return 4;
    const auto settle = [&] { // what excludes itself cannot come up here: everybody only adds
        patience.restart();
        while (session.isAway() && patience.elapsed() < patience_ms)
            wait_ms(20);
        if (session.conflict())
            std::fprintf(stderr, "%s: conflict in %s\n", qPrintable(name),
                         qPrintable(session.conflict()->fields.join(QLatin1Char(' '))));
        else if (session.isAway())
            std::fprintf(stderr, "%s: away\n", qPrintable(name));
        return !session.isAway();
    };
    while (const auto leftover = session.recovery().leftover()) {
        if (!leftover->place)
            return 5;
        (void)session.comeBackWith(*leftover);
        if (!settle())
            return 6;
    }
    out.write("begun\n");
    out.flush();
    for (int k = 0; k < acts; ++k) {
        if ((random() % 4 == 0 && !session.isAway()) || !session.isKept()) {
            if (!settle())
                return 7;
            if (session.openKept(1 + static_cast<qint64>(random() % jobs))) {
                wait_ms(200); // the server is away just now
                --k;
                continue;
            }
        }
        Event event = Event::read(random() % 6, -1.0 * k);
        event.confirmed = true;
        event.at = QDateTime::currentDateTime().toString(Qt::ISODateWithMs).toStdString();
        event.note = QStringLiteral("%1 %2 %3").arg(name).arg(seed).arg(k).toStdString();
        if (const auto fault = session.append(QStringLiteral("read"), event)) {
            std::fprintf(stderr, "%s: %s\n", qPrintable(name), qPrintable(fault->sentence()));
            return 8;
        }
        out.write(QByteArray::fromStdString(event.note) + '\n');
        out.flush();
        wait_ms(static_cast<int>(random() % 12));
    }
    return settle() ? 0 : 9;
}

} // namespace

class TestDay : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    QString place_;
    QStringList said_;

    std::unique_ptr<QProcess> begin(int bench, unsigned seed) {
        auto process = std::make_unique<QProcess>();
        process->setProcessChannelMode(QProcess::ForwardedErrorChannel);
        process->start(QCoreApplication::applicationFilePath(),
                       {QStringLiteral("--bench"), place_, QStringLiteral("bench%1").arg(bench),
                        dir_.filePath(QStringLiteral("bench%1").arg(bench)), QString::number(seed)});
        return process;
    }
    void hear(QProcess& process) {
        while (process.canReadLine())
            said_.append(QString::fromUtf8(process.readLine()).trimmed());
    }

private Q_SLOTS:
    void nothingIsLostOrDoubled() {
        if (testServer().isEmpty())
            QSKIP("run by tools/with-postgres");
        place_ = newDatabase();
        {
            const auto book = Logbook::open(place_, QStringLiteral("Owner")).value();
            for (int k = 0; k < jobs; ++k) {
                Job job = newJob();
                job.guitar = QStringLiteral("Guitar %1").arg(k);
                QVERIFY(book->add(job).ok());
            }
        }
        std::vector<std::unique_ptr<QProcess>> running;
        for (int bench = 0; bench < benches; ++bench)
            running.push_back(begin(bench, static_cast<unsigned>(100 + bench)));
        const auto hearUntil = [&](qsizetype lines) {
            QElapsedTimer timer;
            timer.start();
            while (said_.size() < lines && timer.elapsed() < patience_ms) {
                for (const auto& process : running) {
                    process->waitForReadyRead(5);
                    hear(*process);
                }
            }
            return said_.size() >= lines;
        };
        QVERIFY(hearUntil(60));
        running[1]->kill(); // SIGKILL
        QVERIFY(running[1]->waitForFinished());
        hear(*running[1]);
        QVERIFY(hearUntil(said_.size() + 30));
        QVERIFY(controlServer(QStringLiteral("kill"))); // without a chance to say goodbye
        QVERIFY(hearUntil(said_.size() + 10));          // and they work on
        running[1] = begin(1, 201);                     // the killed one comes back to find no server
        QVERIFY(controlServer(QStringLiteral("start")));
        for (const auto& process : running) {
            while (process->state() != QProcess::NotRunning && process->waitForReadyRead(patience_ms))
                hear(*process);
            process->waitForFinished(patience_ms);
            hear(*process);
            QCOMPARE(process->exitCode(), 0);
        }
        QMap<QString, int> there;
        const auto book = Logbook::open(place_, QStringLiteral("Owner")).value();
        for (const JobRow& row : book->jobs({}).value()) {
            const Job job = book->job(row.id).value();
            QCOMPARE(static_cast<int>(job.log.size()), row.entries);
            for (const Event& event : job.log)
                ++there[QString::fromStdString(event.note)];
        }
        int lost = 0, doubled = 0, entries = 0;
        for (const QString& note : std::as_const(said_))
            if (note != QLatin1String("begun"))
                lost += there.contains(note) ? 0 : 1;
        for (const int times : std::as_const(there)) {
            doubled += times > 1 ? 1 : 0;
            ++entries;
        }
        std::printf("%d entries of three benches, %d lost, %d doubled\n", entries, lost, doubled);
        QCOMPARE(lost, 0);
        QCOMPARE(doubled, 0);
        QVERIFY(entries >= (benches - 1) * acts + acts);
    }
};

int main(int argc, char** argv) {
    QCoreApplication app(argc, argv);
    if (argc > 5 && QByteArray(argv[1]) == "--bench")
        return work(QString::fromLocal8Bit(argv[2]), QString::fromLocal8Bit(argv[3]), QString::fromLocal8Bit(argv[4]),
                    QByteArray(argv[5]).toUInt());
    TestDay test;
    return QTest::qExec(&test, argc, argv);
}

#include "test_day.moc"
