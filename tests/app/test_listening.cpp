// SPDX-License-Identifier: GPL-3.0-or-later
// Listening from sound to log: the demo guitar played for the ear, a microphone of a private sound server
// (tools/with-sound), and what becomes of a reading.
#include "core/statics/pitch.h"
#include "listen/sources/device_source.h"
#include "session/document/demo.h"
#include "session/document/photos.h"
#include "session/listening/listening.h"
#include "store/files.h"
#include "store/job_json.h"
#include "store/recordings.h"
#include "support/listening.h"
#include "widgets/controls/scene_view.h"
#include "widgets/dialogs/listen_dialog.h"
#include "widgets/pages/listen_bar.h"
#include "widgets/text/listen_words.h"

#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QSignalSpy>
#include <QTableWidget>
#include <algorithm>
#include <cstdlib>
#include <thread>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

/// Fails at once, or after a piece of sound.
class BrokenSource : public SoundSource {
public:
    explicit BrokenSource(bool later) : later_(later) {}
    bool start() override {
        if (!later_)
            Q_EMIT failed(SourceFault::NoInput);
        else
            QMetaObject::invokeMethod(
                this,
                [this] {
                    Q_EMIT heard(QList<float>(480, 0.0F));
                    Q_EMIT failed(SourceFault::Vanished);
                },
                Qt::QueuedConnection);
        return later_;
    }
    void stop() override {}
    [[nodiscard]] double rate_Hz() const override { return 48000.0; }

private:
    bool later_;
};

/// A microphone: it hears whatever is played before it, and goes on.
class Microphone : public SoundSource {
public:
    bool start() override { return true; }
    void stop() override {}
    [[nodiscard]] double rate_Hz() const override { return 24000.0; }
    [[nodiscard]] bool isLive() const override { return true; }
    [[nodiscard]] bool waits() const override { return true; }
    void hears(const std::vector<float>& sound) {
        constexpr std::size_t piece = 480;
        for (std::size_t from = 0; from + piece <= sound.size(); from += piece)
            Q_EMIT heard(QList<float>(sound.begin() + static_cast<std::ptrdiff_t>(from),
                                      sound.begin() + static_cast<std::ptrdiff_t>(from + piece)));
    }
};

/// What a hand does before a microphone: plucks, and a palm that falls on the strings.
class Sounds {
public:
    static constexpr double rate_Hz = 24000.0;
    explicit Sounds(double seconds) : sound_(static_cast<std::size_t>(seconds * rate_Hz), 0.0F) {}
    Sounds& pluck(double at_s, double first_Hz) {
        PluckedString string;
        string.first_Hz = first_Hz;
        addPluck(sound_, rate_Hz, at_s, string, static_cast<std::uint32_t>(50.0 * at_s));
        return *this;
    }
    Sounds& mute(double at_s) {
        for (auto k = static_cast<std::size_t>(at_s * rate_Hz); k < sound_.size(); ++k) {
            const double t = static_cast<double>(k) / rate_Hz - at_s;
            sound_[k] = static_cast<float>(sound_[k] * std::exp(-t / 0.012) +
                                           0.12 * std::exp(-t / 0.02) * std::sin(2.0 * 3.14159265 * 140.0 * t));
        }
        return *this;
    }
    Sounds& tone(double frequency_Hz) {
        for (std::size_t k = 0; k < sound_.size(); ++k)
            sound_[k] += static_cast<float>(
                0.1 * std::sin(2.0 * 3.14159265358979 * frequency_Hz * static_cast<double>(k) / rate_Hz));
        return *this;
    }
    [[nodiscard]] const std::vector<float>& sound() const { return sound_; }
    [[nodiscard]] std::unique_ptr<SoundSource> source() const {
        auto made = std::make_unique<RecordingSource>(Recording{rate_Hz, 1, sound_});
        made->setHurried(true);
        return made;
    }

private:
    std::vector<float> sound_;
};

/// A pluck of a string so many cents from its target.
HeardPluck pluckOf(const Job& job, std::size_t string, double cents) {
    HeardPluck pluck;
    pluck.first_Hz = pluck.sounded_Hz = frequencyAt_Hz(job.rig.strings[string].target_Hz, cents);
    pluck.deviation_cents = 0.2;
    pluck.string = string;
    return pluck;
}

/// The same as the bench takes it.
HeardReading readingOf(const Job& job, std::size_t string, double cents) {
    return {string, frequencyAt_Hz(job.rig.strings[string].target_Hz, cents), 0.2};
}

} // namespace

class TestListening : public QObject, ListeningFixture {
    Q_OBJECT

private Q_SLOTS:
    void init() { beginShop(); }
    void cleanup() { endShop(); }

    void whatIsHeardIsSaidAndShown() {
        startSimulated();
        auto* bar = window_->findChild<ListenBar*>();
        QVERIFY(find<QPushButton>("listenSimulated"));
        bar->hearSimulated(true);
        QTRY_VERIFY_WITH_TIMEOUT(bar->listening().state() == Listening::State::Taken, 20000);
        QVERIFY2(text("listenSays").contains(QLatin1String("taken")), qPrintable(text("listenSays")));
        QVERIFY(find<SceneView>("listenPicture")->scene().find(QStringLiteral("level")));
        bar->togglePause();
        QVERIFY(bar->listening().isPaused());
        const std::size_t size = job().log.size();
        QSignalSpy time(&bar->listening(), &Listening::changed);
        QTRY_VERIFY_WITH_TIMEOUT(time.count() > 100, 20000); // some seconds of sound
        QCOMPARE(job().log.size(), size);
        bar->toggle();
    }

    void anInputThatIsNotThereOrGoesIsSaid() {
        startSimulated();
        auto* bar = window_->findChild<ListenBar*>();
        QSignalSpy said(&window_->context(), &AppContext::said);
        QVERIFY(!bar->listening().start(std::make_unique<BrokenSource>(false)));
        QVERIFY(!bar->listening().isOn());
        const auto wasSaid = [&said](const char* words) {
            return std::any_of(said.begin(), said.end(), [words](const QList<QVariant>& one) {
                return one.front().toString().contains(QLatin1String(words));
            });
        };
        QVERIFY(wasSaid("plug in a microphone"));
        const std::size_t size = job().log.size();
        QVERIFY(bar->listening().start(std::make_unique<BrokenSource>(true)));
        QTRY_VERIFY(!bar->listening().isOn());
        QVERIFY(wasSaid("Everything heard is kept"));
        QCOMPARE(job().log.size(), size);
        bar->hearSimulated(true); // and it goes on when there is sound again
        QTRY_VERIFY_WITH_TIMEOUT(job().log.size() > size, 20000);
    } // the window goes while it listens

    void aMicrophoneIsHeard() {
        if (!qEnvironmentVariableIsSet("PULSE_SERVER"))
            QSKIP("run by tools/with-sound");
        const Job example = listenJob("listen-triple");
        QVERIFY(!session().addToLogbook(example));
        Listening listening(session());
        QSignalSpy took(&listening, &Listening::tookReading);
        QTRY_VERIFY_WITH_TIMEOUT(!soundInputs().isEmpty(), 10000);
        const QList<SoundInput> inputs = soundInputs();
        const auto microphone = std::find_if(inputs.begin(), inputs.end(),
                                             [](const SoundInput& input) { return input.id.contains("microphone"); });
        QVERIFY(microphone != inputs.end());
        QVERIFY(listening.start(std::make_unique<DeviceSource>(microphone->id)));
        QSignalSpy sounds(&listening, &Listening::changed);
        QTRY_VERIFY_WITH_TIMEOUT(sounds.count() > 10, 20000); // it runs
        const std::jthread player([] { // no QProcess: its child shares memory and blinds the thread sanitizer
            std::ignore = std::system("paplay --device=strings '" FLENZO_SOURCE_DIR
                                      "/tests/data/reference/listen/listen-triple.wav'");
        });
        QTRY_VERIFY_WITH_TIMEOUT(took.count() >= 1, 30000);
        const Event& first = job().log.front();
        QCOMPARE(job().rig.strings[first.readings_cents.front().first].name, std::string("3"));
        QVERIFY2(std::abs(first.readings_cents.front().second + 13.357) < 1.0,
                 qPrintable(QString::number(first.readings_cents.front().second)));
        listening.stop();
    }

    // --- hands free ---

    void mutingTwicePausesAndGoesOn() {
        std::ignore = tuning();
        Listening listening(session());
        QList<bool> pauses;
        connect(&listening, &Listening::changed, this, [&] {
            if (listening.isOn() && (pauses.isEmpty() || pauses.last() != listening.isPaused()))
                pauses.append(listening.isPaused());
        });
        QVERIFY(listening.start(Sounds(6.0).pluck(0.3, 110.0).mute(1.4).mute(1.8).mute(4.2).mute(4.6).source()));
        QTRY_VERIFY_WITH_TIMEOUT(!listening.isOn(), 30000);
        QCOMPARE(pauses, (QList<bool>{false, true, false}));
    }

    /// Listening goes with the guitar in front: its strings are named, its log takes the reading.
    void theOneInFrontIsHeard() {
        const auto put = [this](const QString& guitar, double factor) {
            Job made = demoJob(0).value();
            made.guitar = guitar;
            made.log.clear();
            for (auto& string : made.rig.strings)
                string.target_Hz *= factor;
            return book().add(made).value();
        };
        const qint64 low = put(QStringLiteral("Blue Heron"), 0.8), high = put(QStringLiteral("Night Ferry"), 1.0);
        const auto bring = [this](qint64 id) {
            QVERIFY(!session().openKept(id));
            window_->showWork();
            window_->lookAt(StepId::Tune);
        };
        bring(low);
        auto* bar = window_->findChild<ListenBar*>();
        auto source = std::make_unique<Microphone>();
        Microphone* microphone = source.get();
        QVERIFY(bar->listening().start(std::move(source)));
        bar->toggleTake();
        const auto pluck = [&](double off_cents, std::size_t string = 2) {
            const double first_Hz = frequencyAt_Hz(job().rig.strings[string].target_Hz, off_cents);
            microphone->hears(Sounds(2.5).pluck(0.4, first_Hz).sound());
            QCoreApplication::processEvents();
        };
        pluck(-3.0);
        QCOMPARE(job().log.size(), std::size_t(1));
        bring(high);
        QVERIFY(bar->listening().isOn() && !bar->listening().isTaking() && !bar->listening().string());
        QCOMPARE(takesOf(book().job(low).value()).size(), 1); // what was recorded stays with the guitar it is of
        pluck(-5.0);
        QCOMPARE(job().log.size(), std::size_t(1));
        const Event& there = job().log.front();
        QCOMPARE(there.readings_cents.front().first, std::size_t(2));
        QVERIFY(std::abs(there.readings_cents.front().second + 5.0) < 0.5);
        QCOMPARE(book().job(low).value().log.size(), std::size_t(1));
        window_->lookAt(StepId::HandOver); // where nothing that is heard is shown
        pluck(-4.0);
        QCOMPARE(job().log.size(), std::size_t(1));
        bar->listening().pause(true);
        bring(low);
        QVERIFY(bar->listening().isPaused());
        bar->listening().pause(false);
        pluck(-6.0, 3);
        QCOMPARE(book().job(low).value().log.size(), std::size_t(2));
        // Where it is not wanted it is seen to be on, and F8 stops it without leading away.
        window_->lookAt(StepId::HandOver);
        QVERIFY(bar->isVisible() && text("listenSays").contains(QLatin1String("nothing is taken")));
        window_->actions().find("listen")->trigger();
        QVERIFY(!bar->listening().isOn() && !bar->isVisible());
        QCOMPARE(work().shownStep()->id, StepId::HandOver);
        // What is played goes with the guitar it is of.
        window_->lookAt(StepId::Tune);
        QVERIFY(bar->listening().start(Sounds(6.0).pluck(0.3, 110.0).source()));
        bring(high);
        QVERIFY(!bar->listening().isOn());
    }

    void anActIsSaidAloudAndToned() {
        startSimulated();
        auto* bar = window_->findChild<ListenBar*>();
        QSignalSpy said(&bar->voice(), &Voice::said), sounded(&bar->voice(), &Voice::sounded);
        bar->hearSimulated(true);
        QTRY_VERIFY_WITH_TIMEOUT(job().log.size() > 1, 30000);
        QCOMPARE(said.count() + sounded.count(), 0); // off unless asked
        window_->context().change([](Preferences& loud) { loud.speaks = loud.tones = true; });
        const std::size_t size = job().log.size();
        QTRY_VERIFY_WITH_TIMEOUT(job().log.size() > size + 2, 30000);
        QVERIFY(said.count() > 0 && sounded.count() > 0);
        for (const QList<QVariant>& one : said)
            QVERIFY2(!one.front().toString().contains(QRegularExpression(QStringLiteral("[#\u2212¢]"))),
                     qPrintable(one.front().toString()));
        bar->toggle();
        QVERIFY(!toneOf(Tone::Doubted, 24000.0).isEmpty());
    }

    /// Told apart without looking: how many, and whether they rise. None lasts long enough to be taken for a string.
    void tonesAreShortAndDiffer() {
        constexpr double rate_Hz = 24000.0;
        const QList<float> taken = toneOf(Tone::Taken, rate_Hz), inTune = toneOf(Tone::InTune, rate_Hz),
                           doubted = toneOf(Tone::Doubted, rate_Hz);
        QCOMPARE(inTune.size(), 2 * taken.size());
        QCOMPARE(doubted.size(), inTune.size());
        QVERIFY(inTune != doubted);
        const auto crossings = [](const QList<float>& sound, qsizetype from, qsizetype to) {
            int count = 0;
            for (qsizetype k = from + 1; k < to; ++k)
                count += (sound[k] > 0.0F) != (sound[k - 1] > 0.0F) ? 1 : 0;
            return count;
        };
        const qsizetype half = taken.size(), whole = 2 * half;
        QVERIFY(crossings(inTune, half, whole) > crossings(inTune, 0, half));
        QVERIFY(crossings(doubted, half, whole) < crossings(doubted, 0, half));
        for (const QList<float>& tone : {taken, inTune, doubted}) {
            QVERIFY(static_cast<double>(tone.size()) / rate_Hz < 0.25);
            QVERIFY(std::abs(tone.first()) < 0.01F && std::abs(tone.last()) < 0.01F); // no click at its ends
            PluckListener listener(rate_Hz);
            std::vector<float> heard(static_cast<std::size_t>(2.0 * rate_Hz), 0.0F);
            std::copy(tone.begin(), tone.end(), heard.begin() + 12000);
            listener.feed(heard);
            QVERIFY(!listener.next());
        }
    }
    /// First use: no input, a string that is named, and a clock that is measured; none of it goes into the log.
    void listeningIsSetUpOnce() {
        startSimulated();
        QVERIFY(!window_->context().preferences().listenKnown);
        Listening listening(session());
        const double open_Hz = job().rig.strings[2].target_Hz;
        std::function<std::unique_ptr<SoundSource>()> next = [] { return std::make_unique<BrokenSource>(false); };
        ListenDialog dialog(window_->context(), listening, window_.get(), [&](const QByteArray&) { return next(); });
        dialog.show();
        auto* says = dialog.findChild<QLabel*>(QStringLiteral("listenDialogSays"));
        auto* inputs = dialog.findChild<QComboBox*>(QStringLiteral("listenInput"));
        auto* measure = dialog.findChild<QPushButton*>(QStringLiteral("measureClock"));
        QVERIFY2(says->text().contains(QLatin1String("plug in a microphone")), qPrintable(says->text()));
        QVERIFY(!measure->isEnabled());
        next = [open_Hz] { return Sounds(2.5).pluck(0.4, open_Hz * 0.99).source(); };
        Q_EMIT inputs->activated(0);
        QVERIFY2(says->text().contains(QLatin1String("Pluck one string")), qPrintable(says->text()));
        QStringList named;
        connect(&listening, &Listening::changed, &dialog, [&] {
            if (listening.state() == Listening::State::Taken)
                named.append(says->text());
        });
        QTRY_VERIFY_WITH_TIMEOUT(!named.isEmpty(), 20000);
        QTRY_VERIFY_WITH_TIMEOUT(!listening.isOn(), 20000);
        QVERIFY2(named.last().contains(wording::stringTitle(job().rig.strings[2])), qPrintable(named.last()));
        QVERIFY(job().log.empty());
        constexpr double ppm = 58.0;
        next = [] { return Sounds(9.0).tone(440.0 / (1.0 + 1e-6 * ppm)).source(); };
        Q_EMIT inputs->activated(0);
        QTest::mouseClick(measure, Qt::LeftButton);
        QTRY_VERIFY_WITH_TIMEOUT(window_->context().preferences().clock_ppm != 0.0, 30000);
        QVERIFY(std::abs(window_->context().preferences().clock_ppm - ppm) < 1.0);
        auto* clock = dialog.findChild<QLineEdit*>(QStringLiteral("clockCents"));
        QVERIFY2(clock->text().startsWith(QLatin1String("+0.1")), qPrintable(clock->text()));
        auto* clockSays = dialog.findChild<QLabel*>(QStringLiteral("clockSays"));
        QVERIFY(clockSays->text().contains(QLatin1String("fast")));
        const auto typed = [clock](const char* text) {
            clock->setFocus();
            clock->selectAll();
            QTest::keyClicks(clock, QLatin1String(text));
            QTest::keyClick(clock, Qt::Key_Return);
        };
        const double measured_ppm = window_->context().preferences().clock_ppm;
        QTest::keyClick(clock, Qt::Key_Return); // walked through, it stays what was measured
        QCOMPARE(window_->context().preferences().clock_ppm, measured_ppm);
        typed("40");
        QVERIFY2(clockSays->text().contains(QLatin1String("must lie between")), qPrintable(clockSays->text()));
        QVERIFY(std::abs(window_->context().preferences().clock_ppm - ppm) < 1.0);
        typed("-0.25");
        QVERIFY2(clock->text().contains(QLatin1String("0.250")), qPrintable(clock->text()));
        typed("-0.2");
        QVERIFY(std::abs(window_->context().preferences().clock_ppm + 115.5) < 1.0);
        dialog.accept();
        QVERIFY(window_->context().preferences().listenKnown && !listening.isOn());
        QVERIFY(std::abs(loadPreferences(pathsIn(dir_->path()).settingsFile).clock_ppm + 115.5) < 1.0);
    }

    void theReturnTestIsFilledByPlucking() {
        startSimulated();
        window_->lookAt(StepId::ReturnTest);
        auto* bar = window_->findChild<ListenBar*>();
        auto* table = find<QTableWidget>("returnTable");
        QVERIFY(bar->isVisible() && table &&
                text("returnVerdict").contains(QLatin1String("before the arm is touched")));
        const std::size_t strings = job().rig.strings.size(), size = job().log.size();
        for (int column = 0; column < 3; ++column) {
            QVERIFY(table->item(0, column) == nullptr);
            for (std::size_t i = 0; i < strings; ++i)
                bar->listening().hear(pluckOf(job(), i, column == 1 && i == 1 ? -6.0 : 0.3));
        }
        QCOMPARE(table->item(1, 1)->text(), signedNumber(-6.0, 1));
        QVERIFY(find<QPushButton>("saveReturn")->isEnabled());
        QCOMPARE(job().log.size(), size);              // a form, not the log
        bar->listening().hear(pluckOf(job(), 0, 9.0)); // all is there
        QCOMPARE(bar->listening().state(), Listening::State::Unsure);
    }

    void intonationIsHeardOpenAndStopped() {
        startSimulated();
        QVERIFY(!session().edit(QStringLiteral("extras"),
                                [](Job& changed) { changed.work.extras.insert(QStringLiteral("intonate")); }));
        window_->lookAt(StepId::Intonate);
        auto* bar = window_->findChild<ListenBar*>();
        auto* table = find<QTableWidget>("intonation");
        HeardPluck stopped = pluckOf(job(), 1, 1.0);
        stopped.harmonic = true;
        stopped.sounded_Hz = 2.0 * pluckOf(job(), 1, 5.0).first_Hz;
        bar->listening().hear(stopped);
        QVERIFY(table->item(1, 0) == nullptr); // of what it is off from nobody has heard
        bar->listening().hear(pluckOf(job(), 1, 1.0));
        QVERIFY(text("intonationSays").contains(QLatin1String("fret 12")));
        bar->listening().hear(stopped);
        QCOMPARE(table->item(1, 0)->text(), signedNumber(4.0, 1));
        QVERIFY(table->item(1, 2)->text().startsWith(QLatin1String("back")));
    }

    // --- what becomes of a reading ---------------------------------------------------------------------------------

    void aStringNearItsAimIsTuned() {
        const Job before = tuning();
        const NextAct& next = derived().next();
        const Taken there = takenAs(before, derived(), readingOf(before, next.aim.string, next.aim.cents + 1.0));
        QCOMPARE(there.how, Taken::How::Takes);
        QCOMPARE(there.event.kind, Event::Kind::Tuned);
        QCOMPARE(*there.event.aim_cents, next.aim.cents);
        QCOMPARE(there.event.pitchDeviation_cents, 0.2);
        const double believed = derived().now().readings_cents[next.aim.string];
        QCOMPARE(takenAs(before, derived(), readingOf(before, next.aim.string, 0.5 * (believed + next.aim.cents))).how,
                 Taken::How::OnTheWay);
        QCOMPARE(takenAs(before, derived(), readingOf(before, next.aim.string, believed + 1.0)).how, Taken::How::Known);
    }
    /// Once the nut is clamped the pegs reach no further than that.
    void withTheNutLockedItIsTheFineTuner() {
        std::ignore = tuning();
        Derived locked = derived();
        QCOMPARE(tunedTo(locked, 1.0).kind, Event::Kind::Tuned);
        locked.standings.back().state.nutLocked = true;
        QCOMPARE(tunedTo(locked, 1.0).kind, Event::Kind::Fine);
        const Aim& aim = locked.next().aim;
        QCOMPARE(takenAs(job(), locked, readingOf(job(), aim.string, aim.cents)).event.kind, Event::Kind::Fine);
    }
    /// How far off is strange follows from how sure the belief is.
    void aBeliefThatIsUnsureIsNotDefended() {
        const Job before = tuning();
        const std::size_t other = derived().next().aim.string == 0 ? 1 : 0;
        const HeardReading pluck = readingOf(before, other, derived().now().readings_cents[other] + 150.0);
        Derived unsure = derived();
        unsure.advice.guitar.readingDeviation_cents.setConstant(60.0);
        QCOMPARE(takenAs(before, unsure, pluck).how, Taken::How::Takes);
    }
    void anotherJobIsNotListenedTo() {
        startSimulated();
        auto* bar = window_->findChild<ListenBar*>();
        bar->hearSimulated(true);
        QVERIFY(bar->listening().isOn());
        startSimulated(); // another guitar on the bench
        QVERIFY(!bar->listening().isOn());
        QVERIFY(job().log.empty());
    }
    /// What cannot be put into the log is said, and is not in it.
    void aReadingThatCannotBeKeptIsSaid() {
        startSimulated();
        auto* bar = window_->findChild<ListenBar*>();
        onTheLogbook("CREATE TRIGGER full BEFORE UPDATE ON jobs BEGIN SELECT RAISE(ABORT, 'full'); END");
        QSignalSpy refused(&bar->listening(), &Listening::refused);
        bar->hearSimulated(true);
        QTRY_VERIFY_WITH_TIMEOUT(refused.count() > 0, 20000);
        QVERIFY(job().log.empty());
        bar->toggle();
    }
    void anotherStringIsRead() {
        const Job before = tuning();
        const std::size_t other = derived().next().aim.string == 0 ? 1 : 0;
        const double believed = derived().now().readings_cents[other];
        const Taken read = takenAs(before, derived(), readingOf(before, other, believed + 20.0));
        QCOMPARE(read.how, Taken::How::Takes);
        QCOMPARE(read.event.kind, Event::Kind::Read);
        QCOMPARE(takenAs(before, derived(), readingOf(before, other, believed + 150.0)).how, Taken::How::Asks);
    }
    void aCloserAimIsWantedLater() {
        std::ignore = tuning();
        Derived later = derived();
        const double first = nearEnough_cents(later);
        later.advice.passes = 1.5;
        QVERIFY(nearEnough_cents(later) < first);
    }

private:
    /// A job at which the next act is to tune a string.
    Job tuning() {
        startSimulated();
        for (int k = 0; k < 8 && derived().next().what != NextAct::Do::Tune; ++k)
            std::ignore = bench().letSimulationAnswer();
        return job();
    }
};

QTEST_MAIN(TestListening)
#include "test_listening.moc"
