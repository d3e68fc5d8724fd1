// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/units.h"
#include "core/log/clock.h"
#include "core/statics/pitch.h"
#include "core/statics/readings.h"
#include "domain/base/faults.h"
#include "domain/base/moment.h"
#include "domain/job/edits.h"
#include "domain/job/movement.h"
#include "session/bench/bench_entry.h"
#include "session/document/demo.h"
#include "session/input/string_entry.h"
#include "session/models/pass_sheet.h"
#include "store/catalogue_files.h"
#include "store/files.h"
#include "store/job_json.h"
#include "support/bench.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>

using namespace flenzo;

class TestSession : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    int folders_ = 0;
    QString freshFolder() { return dir_.filePath(QStringLiteral("recovery%1").arg(++folders_)); }

private Q_SLOTS:
    void whatWasTypedIsShownAsTyped() {
        BenchJob job = testing::changeJob(0.93);
        job.log = {Event::read(0, -250.0), Event::read(3, -12.5), Event::readGap(0.004), Event::tuned(1, 5.0)};
        const Estimate guitar = estimate(job);
        const std::vector<TrackedState> states = trackedStates(job, guitar);
        QCOMPARE(states.size(), std::size_t{5});
        const TrackedState& read = states[3];
        QVERIFY(read.measured[0] && read.measured[3] && !read.measured[1]);
        QCOMPARE(read.shown_cents(0), -250.0);
        QVERIFY(std::abs(gapAt_m(job.rig.bridge, read.shownAngle_rad(job.rig.bridge)) - 0.004) < 1e-12);
        QCOMPARE(read.shown(job.rig.bridge).angle_rad, read.shownAngle_rad(job.rig.bridge));
        const TrackedState& tuned = states[4]; // an act makes readings old
        QVERIFY(!tuned.measured[0] && tuned.measured[1] && tuned.everRead[0] && !tuned.angleMeasured());
        QCOMPARE(tuned.shown_cents(1), 5.0);
        job.log = {Event::readGap(0.0)}; // closed: the plate is there or lower
        QVERIFY(!trackedStates(job, estimate(job)).back().angleMeasured());
    }

    void everyEditCanBeUndoneAndRedone() {
        Session session(freshFolder());
        BenchEntry bench(session);
        session.start(demoJob(0).value(), {});
        const Catalogue catalogue = bundledCatalogue().value();
        std::vector<QByteArray> states{jobBytes(session.job())};
        const auto keep = [&] { states.push_back(jobBytes(session.job())); };
        QVERIFY(!bench.enter(QStringLiteral("gap 4.1"), false));
        keep();
        QVERIFY(!bench.enter(QStringLiteral("3=-12"), false));
        keep();
        QVERIFY(!session.edit(QStringLiteral("tuning"),
                              [&](Job& job) { applyTuning(job, Side::On, *catalogue.tuningsFor(7).back()); }));
        keep();
        QVERIFY(!session.edit(QStringLiteral("gap"), [](Job& job) { job.rig.bridge.rearGap_m = 0.005; }));
        keep();
        QVERIFY(!bench.letSimulationAnswer());
        keep();
        for (std::size_t s = states.size() - 1; s-- > 0;) {
            session.undoStack().undo();
            QCOMPARE(jobBytes(session.job()), states[s]);
        }
        for (std::size_t s = 1; s < states.size(); ++s) {
            session.undoStack().redo();
            QCOMPARE(jobBytes(session.job()), states[s]);
        }
    }

    void refusedEditsChangeNothing() {
        Session session(freshFolder());
        BenchEntry bench(session);
        const QByteArray before = jobBytes(session.job());
        QVERIFY(session.edit(QStringLiteral("pitch"), [](Job& job) { job.rig.strings[0].target_Hz = 900.0; }));
        QVERIFY(session.edit(QStringLiteral("stops"), [](Job& job) { job.rig.bridge.rearStop_rad = 1.0; }));
        QVERIFY(session.edit(QStringLiteral("old pitch"), [](Job& job) { job.off[0].target_Hz = 900.0; }));
        QVERIFY(bench.enter(QStringLiteral("abc"), false));
        QVERIFY(bench.enter(QStringLiteral("77=1"), false));
        QCOMPARE(jobBytes(session.job()), before);
        QCOMPARE(session.undoStack().count(), 0);
    }

    void aReadingFourSemitonesOffIsQuestioned() {
        Session session(freshFolder());
        BenchEntry bench(session);
        session.start(demoJob(0).value(), {});
        QCOMPARE(session.derived().next().what, NextAct::Do::Tune);
        const double aim = session.derived().next().aim.cents;
        const auto count = session.job().log.size();
        const auto fault = bench.enter(QString::number(aim - 400.0), false);
        QVERIFY(fault.has_value());
        QVERIFY(fault->whatIsWrong().contains(QLatin1String("4.0 semitones")));
        QCOMPARE(session.job().log.size(), count);
        QVERIFY(!bench.enter(QString::number(aim - 400.0) + QLatin1Char('!'), false));
        QCOMPARE(session.job().log.size(), count + 1);
        QVERIFY(session.job().log.back().confirmed);
        QVERIFY(bench.enter(QStringLiteral("gap 40"), false)); // beyond the stops
    }

    void aTypedReadingAnswersTheAct() {
        Session session(freshFolder());
        BenchEntry bench(session);
        session.start(demoJob(0).value(), {});
        const std::size_t asked = session.derived().next().aim.string;
        QCOMPARE(bench.pickedString(), std::optional(asked));
        QVERIFY(!bench.enter(QString::number(session.derived().next().aim.cents, 'f', 1), false));
        QCOMPARE(session.job().log.back().kind, Event::Kind::Tuned);
        QCOMPARE(session.job().log.back().string, asked);
        QVERIFY(session.job().log.back().aim_cents.has_value());
        bench.pickString(0);
        QVERIFY(!bench.enter(QStringLiteral("25"), false));
        QCOMPARE(session.job().log.back().kind, Event::Kind::Read);
        bench.pickGap();
        QVERIFY(!bench.enter(QStringLiteral("4.11"), false));
        QVERIFY(session.job().log.back().gap_m.has_value());
    }

    void anAngleIsReadLikeAGap() {
        QTemporaryDir dir;
        Session session(dir.path());
        BenchEntry bench(session);
        session.start(demoJob(0).value(), QString());
        const std::size_t before = session.job().log.size();
        QVERIFY(!bench.enter(QStringLiteral("angle -0.8!"), false));
        QCOMPARE(session.job().log.size(), before + 1);
        QVERIFY(std::abs(*session.job().log.back().angle_rad - radians(-0.8)) < 1e-12);
        QVERIFY(session.derived().now().angleMeasured());
        QVERIFY(!bench.enter(QStringLiteral("eye 0.4°!"), false)); // an eye is no gauge, whatever the shop has
        QVERIFY(session.job().log.back().angleDeviation_rad > radians(0.5));
        bench.pickGap();
        QVERIFY(!bench.enter(QStringLiteral("-0.7°!"), false)); // picked for the gap, an angle is still an angle
        QVERIFY(session.job().log.back().angle_rad.has_value());
        session.start(demoJob(4).value(), QString(), Unsaved::Discard); // a roller shaft
        QVERIFY(bench.enter(QStringLiteral("angle 1"), false).has_value());
    }

    void aClawTurnedOtherwiseThanAskedIsEnteredAsItWas() {
        Session session(freshFolder());
        BenchEntry bench(session);
        session.start(demoJob(1).value(), {});
        const double before = session.derived().now().state.claw.mean();
        QVERIFY(!bench.enter(QStringLiteral("claw 3/4"), false));
        QVERIFY((session.job().log.back().turns == ClawTurns{0.75, 0.75}));
        QVERIFY(bench.enter(QStringLiteral("claw 0"), false)); // nothing was turned
        bench.pickGap();                                       // a claw is a claw, whatever is picked
        QVERIFY(!bench.enter(QStringLiteral("claw -1/4 treble"), false));
        QVERIFY((session.job().log.back().turns == ClawTurns{0.0, -0.25}));
        QVERIFY(session.derived().now().state.claw.mean() > before + 0.3);
        session.undoStack().undo();
        QVERIFY((session.job().log.back().turns == ClawTurns{0.75, 0.75}));
        session.start(demoJob(4).value(), QString(), Unsaved::Discard); // a roller shaft
        const auto fault = bench.enter(QStringLiteral("claw 1"), false);
        QVERIFY(fault && fault->is(faults::noClaw));
    }

    void theNextAimFollowsTheReadingNotThePlan() {
        Session session(freshFolder());
        BenchEntry bench(session);
        session.start(demoJob(1).value(), {});
        for (int i = 0; i < 30 && session.derived().next().what != NextAct::Do::Tune; ++i)
            QVERIFY(!bench.letSimulationAnswer());
        const double aim = session.derived().next().aim.cents;
        const std::size_t before = session.job().log.size();
        const auto nextAim = [&session, &bench] { // what is asked to be plucked first is plucked
            for (int i = 0; i < 4 && session.derived().next().what == NextAct::Do::Read; ++i)
                if (bench.letSimulationAnswer())
                    break;
            return session.derived().next().aim.cents;
        };
        QVERIFY(!bench.enter(QString::number(aim, 'f', 1), false));
        const double asPlanned = nextAim();
        while (session.job().log.size() > before)
            session.undoStack().undo();
        QVERIFY(std::abs(session.derived().next().aim.cents - aim) < 0.1); // however it was come by
        QVERIFY(!bench.enter(QString::number(aim + 40.0, 'f', 1), false));
        QVERIFY(std::abs(nextAim() - asPlanned) > 2.0);
    }

    void theSheetShowsWhatWasReadAndWhatIsToCome() {
        Session session(freshFolder());
        session.start(demoJob(0).value(), {});
        const auto columns = buildPassSheet(session.job(), session.derived());
        QCOMPARE(columns.front().kind, SheetColumn::Kind::Start);
        QCOMPARE(columns.back().kind, SheetColumn::Kind::Forecast);
        const auto now = std::find_if(columns.begin(), columns.end(),
                                      [](const SheetColumn& c) { return c.kind == SheetColumn::Kind::Now; });
        QVERIFY(now != columns.end());
        int next = 0;
        for (const SheetCell& cell : now->cells)
            next += cell.next ? 1 : 0;
        QCOMPARE(next, 1);
        for (const SheetColumn& column : columns) {
            QCOMPARE(column.cells.size(), session.job().rig.strings.size() + 1);
            for (const SheetCell& cell : column.cells)
                QCOMPARE(cell.kind == SheetCell::Kind::Forecast, column.kind == SheetColumn::Kind::Forecast);
        }
        PassSheetModel model;
        model.show(session.job(), session.derived());
        QCOMPARE(model.columnCount(), static_cast<int>(columns.size()));
        const QString said = model.data(model.index(0, 0), Qt::AccessibleTextRole).toString();
        QVERIFY2(said.contains(QLatin1String("measured")), qPrintable(said));
    }

    void everyDemoOpens() {
        const QStringList names = demoNames();
        QVERIFY(names.size() >= 3);
        bool seven = false, stuck = false;
        for (int i = 0; i < names.size(); ++i) {
            const Result<Job> job = demoJob(i);
            QVERIFY2(job.ok(), job.ok() ? "" : qPrintable(job.fault().sentence()));
            const Derived derived = derive(job.value());
            seven = seven || job.value().rig.strings.size() == 7;
            stuck = stuck || derived.next().what == NextAct::Do::Stuck;
            QVERIFY(!job.value().reason.isEmpty());
        }
        QVERIFY(seven && stuck);
        QVERIFY(!demoJob(99).ok());
    }

    void savedJobsComeBack() {
        Session session(freshFolder());
        BenchEntry bench(session);
        session.start(demoJob(0).value(), {});
        QVERIFY(!bench.letSimulationAnswer());
        QVERIFY(session.isModified());
        const QString path = dir_.filePath(QStringLiteral("saved.flenzo-job"));
        QVERIFY(!session.save(path));
        QVERIFY(!session.isModified());
        const QByteArray before = jobBytes(session.job());
        session.start(newJob(), {});
        QVERIFY(!session.open(path));
        QCOMPARE(jobBytes(session.job()), before);
    }

    void aFailedOpenLeavesTheOpenJob() {
        Session session(freshFolder());
        session.start(demoJob(0).value(), {});
        const QByteArray before = jobBytes(session.job());
        const QString path = dir_.filePath(QStringLiteral("broken.flenzo-job"));
        QVERIFY(!writeFile(path, "{\"format\":\"flenzo-job\",\"version\":99}"));
        QVERIFY(session.open(path));
        QVERIFY(session.open(dir_.filePath(QStringLiteral("absent"))));
        QCOMPARE(jobBytes(session.job()), before);
    }

    void aCrashLosesNothing() {
        const QString folder = freshFolder();
        QByteArray before;
        {
            Session session(folder);
            BenchEntry bench(session);
            session.start(demoJob(0).value(), QStringLiteral("/somewhere/night.flenzo-job"));
            QVERIFY(!bench.letSimulationAnswer());
            before = jobBytes(session.job());
            // What a killed process leaves: its copy, without anyone holding the lock.
            const QDir dir(folder);
            for (const QString& name : dir.entryList({QStringLiteral("*.flenzo-job")}, QDir::Files))
                QVERIFY(QFile::copy(dir.filePath(name), dir.filePath(QStringLiteral("dead.flenzo-job"))));
        }
        Session next(folder);
        auto leftover = next.recovery().leftover();
        QVERIFY(leftover.has_value());
        QCOMPARE(jobBytes(leftover->job), before);
        QCOMPARE(leftover->path, QStringLiteral("/somewhere/night.flenzo-job"));
        next.recovery().discard(*leftover);
        QVERIFY(!next.recovery().leftover());
    }

    /// Another job takes the place of a changed one only where somebody was asked.
    void aChangedJobIsNotLeftUnasked() {
        const QString file = dir_.filePath(QStringLiteral("other.flenzo-job"));
        QVERIFY(!writeFile(file, jobBytes(demoJob(1).value())));
        const auto book = Logbook::open(dir_.filePath(QStringLiteral("asked.flenzo-logbook"))).value();
        const qint64 id = book->add(demoJob(2).value()).value();
        const Recovery::Leftover left{dir_.filePath(QStringLiteral("left.flenzo-job")), demoJob(1).value(), QString(),
                                      std::nullopt};
        const std::function<std::optional<Fault>(Session&, Unsaved)> ways[] = {
            [](Session& s, Unsaved u) { return s.start(newJob(), QString(), u); },
            [](Session& s, Unsaved u) { return s.addToLogbook(newJob(), u); },
            [id](Session& s, Unsaved u) { return s.openKept(id, u); },
            [&file](Session& s, Unsaved u) { return s.open(file, u); },
            [&left](Session& s, Unsaved u) { return s.restore(left, u); }};
        for (const auto& way : ways) {
            Session session(freshFolder());
            BenchEntry bench(session);
            session.setLogbook(book);
            QVERIFY(!session.start(demoJob(0).value(), QString()));
            QVERIFY(!bench.letSimulationAnswer());
            const QByteArray open = jobBytes(session.job());
            const int kept = book->jobCount().value();
            const auto fault = way(session, Unsaved::Refuse);
            QVERIFY(fault && fault->is(faults::jobNotSaved));
            QCOMPARE(jobBytes(session.job()), open);
            QVERIFY(session.isModified() && session.undoStack().canUndo());
            QCOMPARE(book->jobCount().value(), kept);
            QVERIFY(!way(session, Unsaved::Discard));
            QVERIFY(jobBytes(session.job()) != open);
        }
    }

    /// What a crash left behind is in no file when it is open again: leaving it asks, and its copy stays until then.
    void aRestoredJobIsNotSavedYet() {
        const QString folder = freshFolder(), file = folder + QStringLiteral("/dead.flenzo-job");
        QDir().mkpath(folder);
        Job job = demoJob(0).value();
        job.log.push_back(Event::read(0, -3.0));
        QVERIFY(!writeFile(file, jobBytes(job)));
        Session session(folder);
        QVERIFY(!session.restore(*session.recovery().leftover()));
        QVERIFY(session.isModified());
        QVERIFY(!QFile::exists(file));
        QCOMPARE(QDir(folder).entryList({QStringLiteral("*.flenzo-job")}).size(), 1); // its own by now
        QVERIFY(!session.edit(QStringLiteral("name"), [](Job& changed) { changed.guitar += QLatin1Char('x'); }));
        session.undoStack().undo();
        QVERIFY(session.isModified()); // where it began is in no file either
        QVERIFY(!session.save(dir_.filePath(QStringLiteral("restored.flenzo-job"))));
        QVERIFY(!session.isModified());
        QVERIFY(QDir(folder).entryList({QStringLiteral("*.flenzo-job")}).isEmpty());
        QVERIFY(!session.edit(QStringLiteral("name"), [](Job& changed) { changed.guitar += QLatin1Char('x'); }));
        session.undoStack().undo(); // what the file has is not offered again
        QVERIFY(QDir(folder).entryList({QStringLiteral("*.flenzo-job")}).isEmpty());
    }

    void aDamagedCopyIsSetAside() {
        const QString folder = freshFolder();
        QDir().mkpath(folder);
        QVERIFY(!writeFile(folder + QStringLiteral("/x.flenzo-job"), "{half"));
        Session session(folder);
        QVERIFY(!session.recovery().leftover());
        QVERIFY(QFile::exists(folder + QStringLiteral("/x.flenzo-job.damaged")));
    }

    void anOrderlyEndLeavesNoCopy() {
        const QString folder = freshFolder();
        {
            Session session(folder);
            BenchEntry bench(session);
            session.start(demoJob(0).value(), {});
            QVERIFY(!bench.letSimulationAnswer());
            QCOMPARE(QDir(folder).entryList({QStringLiteral("*.flenzo-job")}).size(), 1);
        }
        QCOMPARE(QDir(folder).entryList({QStringLiteral("*.flenzo-job")}).size(), 0);
    }

    void theNumberOfStringsChangesSoundly() {
        const Catalogue catalogue = bundledCatalogue().value();
        for (std::size_t n = 4; n <= 12; ++n) {
            Job job = newJob();
            QVERIFY(!setStringCount(job, n, catalogue));
            QCOMPARE(job.rig.strings.size(), n);
            QCOMPARE(job.off.size(), n);
            const Derived derived = derive(withClawFromOldSet(job));
            QVERIFY(derived.report.after_N.size() == n);
            const Result<Job> back = jobFromJson(jobToJson(job));
            QVERIFY2(back.ok(), back.ok() ? "" : qPrintable(back.fault().sentence()));
        }
        Job begun = newJob();
        begun.log.push_back(Event::read(0, 1.0));
        QVERIFY(setStringCount(begun, 7, catalogue));
        QVERIFY(setStringCount(begun, 13, catalogue));
    }

    /// The second time round as well: nobody types a string's name before each figure.
    void plainNumbersGoToTheStringAskedNext() {
        Session session(freshFolder());
        BenchEntry bench(session);
        session.start(newJob(), {});
        for (int round = 1; round <= 2; ++round) {
            if (round == 2) { // the claw has been turned: all is read once more
                Event turn;
                turn.kind = Event::Kind::Claw;
                turn.turns = {0.5, 0.5};
                QVERIFY(!session.append(QStringLiteral("claw"), turn));
            }
            for (std::size_t string = 0; string < 6; ++string) {
                QCOMPARE(session.derived().next().what, NextAct::Do::Read);
                QVERIFY(bench.pickedString() == std::optional(string));
                const double typed =
                    round == 1 ? -200.0 - static_cast<double>(string) : session.derived().now().readings_cents[string];
                QVERIFY(!bench.enter(QString::number(typed, 'f', 1), false));
                const Event& event = session.job().log.back();
                QCOMPARE(event.readings_cents.size(), std::size_t{1});
                QCOMPARE(event.readings_cents.front().first, string);
            }
            QVERIFY(bench.gapPicked());
            const double gap_m =
                gapAt_m(session.job().rig.bridge, session.derived().now().shownAngle_rad(session.job().rig.bridge));
            QVERIFY(!bench.enter(QString::number(std::max(0.0, gap_m) / metresPerMm, 'f', 1), false));
            QVERIFY(session.job().log.back().gap_m.has_value());
        }
    }

    /// What the technician insists on is believed, but not what no file may hold.
    void insistingDoesNotMakeTheImpossible() {
        Session session(freshFolder());
        BenchEntry bench(session);
        session.start(newJob(), {});
        for (const char* text : {"gap 100!", "gap 45 in!"}) {
            const auto fault = bench.enter(QString::fromLatin1(text), false);
            QVERIFY2(fault && fault->whatIsWrong().size() > 20, text);
        }
        QVERIFY(session.job().log.empty());
        QVERIFY(bench.enter(QStringLiteral("gap 40"), false)); // beyond the stops: asked
        QVERIFY(!bench.enter(QStringLiteral("gap 40!"), false));
        QVERIFY(jobFromJson(jobToJson(session.job())).ok());
    }

    void aNewTargetIsAnEventAndOldReadingsStay() {
        Session session(freshFolder());
        BenchEntry bench(session);
        session.start(newJob(), {});
        QVERIFY(!bench.enter(QStringLiteral("6=-12"), false));
        const double heard_Hz = frequencyAt_Hz(session.job().rig.strings[0].target_Hz, -12.0);
        QVERIFY(!session.edit(QStringLiteral("A4"), [](Job& job) { setReferencePitch(job, 432.0); }));
        QCOMPARE(session.job().log.size(), std::size_t{2});
        QCOMPARE(session.job().log.back().kind, Event::Kind::Retarget);
        QCOMPARE(session.job().log.front().readings_cents.front().second, -12.0); // as typed
        const double believed = session.derived().now().readings_cents[0];
        QVERIFY(std::abs(believed - cents(heard_Hz, session.job().rig.strings[0].target_Hz)) < 0.5);
        session.undoStack().undo();
        QCOMPARE(session.job().log.size(), std::size_t{1});
        QVERIFY(std::abs(session.derived().now().readings_cents[0] + 12.0) < 0.5);
    }

    void anEditedClawStays() {
        Session session(freshFolder());
        session.start(newJob(), {});
        QVERIFY(session.job().wasLevel);
        QVERIFY(!session.edit(QStringLiteral("claw"), [](Job& job) { job.rig.claw.turns = {1.5, 1.5}; }));
        QVERIFY(session.job().rig.claw.turns == (ClawTurns{1.5, 1.5}));
        QVERIFY(!session.edit(QStringLiteral("spring"), [](Job& job) { job.rig.springs[0].rate_Npm *= 1.1; }));
        QVERIFY(session.job().rig.claw.turns == (ClawTurns{1.5, 1.5}));
    }

    /// Tightening one string tips the plate forward and flattens the others, by the plate alone; the claw does the
    /// opposite. The parts make the whole.
    void whyAStringMovedIsSaid() {
        QTemporaryDir dir;
        Session session(dir.path());
        session.start(demoJob(0).value(), QString());
        QVERIFY(lastMovement(session.job(), session.derived()).has_value()); // the demo has been tuned
        Event tuned = Event::tuned(6, 40.0);
        tuned.confirmed = true;
        QVERIFY(!session.append(QStringLiteral("tune"), tuned));
        const auto fell = lastMovement(session.job(), session.derived());
        QVERIFY(fell && fell->string != 6);
        QVERIFY2(fell->cents() < -1.0 && fell->tilt_rad > 0.0 && fell->plate_cents < 0.0,
                 qPrintable(QString::number(fell->cents())));
        QVERIFY(std::abs(fell->own_cents) < 0.2 * std::abs(fell->plate_cents));
        QVERIFY(!session.append(QStringLiteral("claw"), Event::claw({0.5, 0.5})));
        const auto rose = lastMovement(session.job(), session.derived());
        QVERIFY(rose && rose->cents() > 1.0 && rose->tilt_rad < 0.0);
        session.start(newJob(), QString(), Unsaved::Discard);
        QVERIFY(!lastMovement(session.job(), session.derived()));
        QVERIFY(!session.append(QStringLiteral("read"), Event::read(0, -3.0)));
        QVERIFY(!lastMovement(session.job(), session.derived())); // a reading moves nothing
    }

    /// The bench says "A#2 -6": who types -6 means that, who types 94 means cents from the target, and a note is a
    /// note.
    void whatTheTunerShowsMayBeTypedAsItIs() {
        QTemporaryDir dir;
        Session session(dir.path());
        BenchEntry bench(session);
        session.start(demoJob(0).value(), QString());
        const NextAct next = session.derived().next();
        QVERIFY(next.what == NextAct::Do::Tune && next.aim.cents > 60.0 && next.aim.cents < 130.0);
        const double off = next.aim.cents - 100.0; // from the semitone above
        for (const QString& typed : {QString::number(off, 'f', 1), QString::number(next.aim.cents, 'f', 1)}) {
            QVERIFY(!bench.enter(typed, false));
            QVERIFY2(std::abs(session.job().log.back().to_cents - next.aim.cents) < 0.1, qPrintable(typed));
            session.undoStack().undo();
        }
        QVERIFY(!bench.enter(QStringLiteral("A2+80"), false));
        QVERIFY(std::abs(session.job().log.back().to_cents - 80.0) < 0.01);
    }

    void familiesKeepWhatWasMeasured() {
        Job job = newJob();
        const double deep_rad = job.rig.bridge.rearStop_rad;
        setFamily(job, Family::DoubleLockingFlush);
        const double shallow_rad = job.rig.bridge.rearStop_rad;
        QVERIFY(shallow_rad > deep_rad);
        setFamily(job, Family::Fixed);
        setFamily(job, Family::DoubleLockingFlush);
        QCOMPARE(job.rig.bridge.rearStop_rad, shallow_rad);
        setFamily(job, Family::Fixed);
        setFamily(job, Family::DoubleLocking);
        QCOMPARE(job.rig.bridge.rearStop_rad, deep_rad);
        job.rig.bridge.mass_kg = 0.31;
        job.rig.springs[1].rate_Npm = 2222.0;
        job.measured = {QStringLiteral("bridge.mass"), QStringLiteral("springs.rate")};
        job.prior = Prior();
        job.shopPrior = ShopPrior{Prior(), 4};
        setFamily(job, Family::DoubleLocking);
        QVERIFY(job.prior && job.shopPrior);
        setFamily(job, Family::DoubleLockingFlush);
        QVERIFY(!job.prior && !job.shopPrior); // what was learned of another kind
        QCOMPARE(job.rig.bridge.mass_kg, 0.31);
        QCOMPARE(job.rig.springs[1].rate_Npm, 2222.0);
    }

    /// Entries say how far the clock on the wall is from UTC; behind those of an old file, which do not, new ones do
    /// not either, for the two could not be compared.
    void momentsAreOfOneClock() {
        QVERIFY(hasZone(nowText().toStdString()));
        QVERIFY(std::abs(*secondsOf(nowText().toStdString()) -
                         static_cast<double>(QDateTime::currentSecsSinceEpoch())) < 60.0);
        QVERIFY(hasZone("2026-03-02T10:08:30Z") && hasZone("2026-03-02T10:08-03:30"));
        QVERIFY(!hasZone("2026-03-02T10:08:30") && !hasZone("yesterday"));
        QCOMPARE(*secondsOf("2026-03-02T10:08:30+01:00"), *secondsOf("2026-03-02T09:08:30Z"));
        QVERIFY(!hasZone(nowAfter(QStringLiteral("2026-03-02T10:08:30")).toStdString()));
        const QString ahead = QStringLiteral("2126-03-02T10:08:30+01:00"); // a clock that was put back
        QCOMPARE(nowAfter(ahead), ahead);
        Session session(freshFolder());
        QVERIFY(!session.start(newJob(), {}));
        QVERIFY(!session.append(QStringLiteral("read"), Event::read(0, -20.0)));
        QVERIFY(hasZone(session.job().log.back().at));
        Job older = newJob();
        older.log = {Event::read(0, -20.0), Event::read(1, -20.0)};
        older.log[0].at = "2026-03-02T10:08:30"; // an entry without any follows
        QVERIFY(!session.start(older, {}, Unsaved::Discard));
        QVERIFY(!session.append(QStringLiteral("read"), Event::read(2, -20.0)));
        QVERIFY(!session.job().log.back().at.empty() && !hasZone(session.job().log.back().at));
    }

    /// A doubt speaks in the unit in which lengths are typed.
    void doubtsSpeakInches() {
        Session session(freshFolder());
        BenchEntry bench(session);
        session.start(newJob(), {});
        const auto fault = bench.enter(QStringLiteral("gap 1.5"), true);
        QVERIFY(fault && fault->whatIsWrong().contains(QStringLiteral("1.500 in")));
        const auto metric = bench.enter(QStringLiteral("gap 40"), false);
        QVERIFY(metric && metric->whatIsWrong().contains(QStringLiteral("40.00 mm")));
    }

    void theReferencePitchMovesNotesOnly() {
        Job job = newJob();
        QVERIFY(!setPitch(job, Side::On, 0, QStringLiteral("80 Hz")));
        const double noted = job.rig.strings[1].target_Hz;
        setReferencePitch(job, 432.0);
        QVERIFY(std::abs(job.rig.strings[0].target_Hz - 80.0) < 1e-9);
        QVERIFY(std::abs(job.rig.strings[1].target_Hz - noted * 432.0 / 440.0) < 1e-9);
        for (const char* bare : {"80", "82,4", "82.4", " 82,4 "})
            QVERIFY2(setPitch(job, Side::On, 0, QString::fromLatin1(bare)), bare); // cents or hertz?
        QVERIFY(std::abs(job.rig.strings[0].target_Hz - 80.0) < 1e-9);
        QVERIFY(setPitch(job, Side::On, 0, QStringLiteral("none")));
    }
};

QTEST_GUILESS_MAIN(TestSession)
#include "test_session.moc"
