// SPDX-License-Identifier: GPL-3.0-or-later
// Listening from sound to log: the demo guitar played for the ear, a microphone of a private sound server
// (tools/with-sound), and what becomes of a reading.
#include "session/document/demo.h"
#include "session/document/photos.h"
#include "session/listening/listening.h"
#include "store/job_json.h"
#include "store/recordings.h"
#include "support/listening.h"
#include "widgets/pages/listen_bar.h"

#include <QFile>
#include <QJsonDocument>
#include <QSignalSpy>

using namespace flenzo;
using namespace flenzo::testing;

/// Whole stretches of work that are heard, from a guitar that answers and from recordings.
class TestByEar : public QObject, ListeningFixture {
    Q_OBJECT
private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    /// A guitar that nobody has read, played for the ear from the first pluck to done: no reading is typed.
    void theDemoGuitarIsBroughtHomeByEar() {
        startSimulated();
        QPointer<ListenBar> bar = window_->findChild<ListenBar*>();
        QVERIFY(bar && !bar->listening().isOn());
        bar->hearSimulated(true);
        QVERIFY(bar->listening().isOn());
        QTRY_VERIFY_WITH_TIMEOUT(session().derived().next().what == NextAct::Do::Done, 240000);
        int heard = 0;
        for (const Event& event : job().log) {
            const bool pitch = event.turnsString() || !event.readings_cents.empty();
            QVERIFY(!pitch || event.pitchDeviation_cents > 0.0);
            heard += pitch ? 1 : 0;
        }
        QVERIFY2(heard > 12, qPrintable(QString::number(heard)));
        SimulatedGuitar guitar(benchJobOf(job()), UncertaintyModel(), *job().simulatedSeed);
        guitar.follow(job().log);
        for (std::size_t i = 0; i < job().rig.strings.size(); ++i)
            QVERIFY2(std::abs(guitar.reading_cents(i)) < 4.0, qPrintable(QString::number(guitar.reading_cents(i))));
        const std::size_t size = job().log.size();
        session().undoStack().undo();
        QCOMPARE(job().log.size(), size - 1);
        bar->toggle();
        QVERIFY(!bar->listening().isOn());
        // What a file keeps of it comes back.
        const QByteArray kept = jobBytes(job());
        const QJsonObject json = QJsonDocument::fromJson(kept).object();
        QCOMPARE(jobBytes(jobFromJson(json).value()), kept);
    }

    void aRecordingIsHeard() {
        QVERIFY(!session().addToLogbook(listenJob("listen-single")));
        auto* bar = window_->findChild<ListenBar*>();
        const QString folder = QStringLiteral(FLENZO_SOURCE_DIR "/tests/data/reference/listen/");
        QSignalSpy said(&window_->context(), &AppContext::said);
        bar->hearFile(folder + QStringLiteral("listen-single.truth.json"));
        QVERIFY(!bar->listening().isOn() && said.last().front().toString().contains(QLatin1String("no sound")));
        bar->hearFile(folder + QStringLiteral("listen-single.wav"));
        QTRY_VERIFY_WITH_TIMEOUT(!job().log.empty(), 20000);
        QVERIFY(std::abs(job().log.front().readings_cents.front().second - 13.763) < 0.5);
        QTRY_VERIFY_WITH_TIMEOUT(!bar->listening().isOn(), 20000); // it ends with the recording
    }

    void aRecordingIsKeptWithTheJob() {
        startSimulated();
        auto* bar = window_->findChild<ListenBar*>();
        bar->toggleTake(); // nothing is heard yet
        QVERIFY(!bar->listening().isTaking());
        bar->hearSimulated(true);
        bar->toggleTake();
        QVERIFY(bar->listening().isTaking());
        QTRY_VERIFY_WITH_TIMEOUT(job().log.size() > 2, 30000);
        bar->listening().pause(true);
        bar->toggleTake();
        QVERIFY(!bar->listening().isTaking());
        QCOMPARE(takesOf(job()).size(), 1);
        const QString file = takesOf(job()).front();
        QVERIFY(file.startsWith(attachmentFolder(session().logbook()->path())));
        QVERIFY(readRecording(file).value().length_s() > 1.0);
        bar->toggle();
        const std::size_t size = job().log.size();
        bar->hearRecording(file); // it is shown, and nothing comes of it
        QVERIFY(bar->listening().isOn());
        QTRY_VERIFY_WITH_TIMEOUT(bar->listening().state() == Listening::State::Taken, 30000);
        QCOMPARE(job().log.size(), size);
        bar->toggle();
        QVERIFY(session().logbook()->job(*session().keptAs()).value().work == job().work);
        QVERIFY(QFile::remove(file));
        QSignalSpy said(&window_->context(), &AppContext::said);
        bar->hearRecording(file);
        QVERIFY(said.count() == 1 && said.front().at(1).toBool());
    }
};

QTEST_MAIN(TestByEar)
#include "test_by_ear.moc"
