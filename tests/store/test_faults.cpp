// SPDX-License-Identifier: GPL-3.0-or-later
// Every n-th write, sync, rename and allocation fails in turn, once or from then on, over everything that is written to
// a disk. What is there afterwards is the old or the new, whole.
#include "domain/base/faults.h"
#include "store/exchange.h"
#include "store/files.h"
#include "store/job_json.h"
#include "store/logbook.h"
#include "support/csv.h"
#include "support/place.h"

#include <QDir>
#include <QFile>
#include <QTest>
#include <cerrno>
#include <csignal>
#include <cstdio>
#include <dlfcn.h>
#include <fcntl.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

enum class Call { None, Write, Sync, Rename, Allocate };

// Read by the functions that stand for the system's below, before and after anything else lives.
Call failing = Call::None;
long countdown = 0, seen = 0;
bool onceOnly = false;

bool fails(Call call) {
    if (failing != call)
        return false;
    ++seen;
    --countdown;
    return countdown == 0 || (countdown < 0 && !onceOnly);
}

template <class F> F systems(const char* name) {
    return reinterpret_cast<F>(::dlsym(RTLD_NEXT, name)); // what the next library in line calls so
}

} // namespace

#ifdef __SANITIZE_ADDRESS__
constexpr bool allocationsFail = false; // the sanitizer has malloc to itself
#else
constexpr bool allocationsFail = true;
extern "C" void* __libc_malloc(std::size_t size);
extern "C" void* malloc(std::size_t size) {
    if (fails(Call::Allocate)) {
        errno = ENOMEM;
        return nullptr;
    }
    return __libc_malloc(size);
}
#endif
extern "C" ssize_t write(int file, const void* data, std::size_t size) {
    static const auto real = systems<decltype(&::write)>("write");
    if (file > STDERR_FILENO && fails(Call::Write)) {
        errno = ENOSPC;
        return -1;
    }
    return real(file, data, size);
}
extern "C" ssize_t pwrite64(int file, const void* data, std::size_t size, off64_t at) {
    static const auto real = systems<ssize_t (*)(int, const void*, std::size_t, off64_t)>("pwrite64");
    if (fails(Call::Write)) {
        errno = ENOSPC;
        return -1;
    }
    return real(file, data, size, at);
}
extern "C" ssize_t sendfile64(int to, int from, off64_t* at, std::size_t size) noexcept {
    static const auto real = systems<ssize_t (*)(int, int, off64_t*, std::size_t)>("sendfile64");
    if (fails(Call::Write)) {
        errno = ENOSPC;
        return -1;
    }
    return real(to, from, at, size);
}
extern "C" int fsync(int file) {
    static const auto real = systems<decltype(&::fsync)>("fsync");
    if (fails(Call::Sync)) {
        errno = EIO;
        return -1;
    }
    return real(file);
}
extern "C" int fdatasync(int file) {
    static const auto real = systems<decltype(&::fdatasync)>("fdatasync");
    if (fails(Call::Sync)) {
        errno = EIO;
        return -1;
    }
    return real(file);
}
extern "C" int rename(const char* from, const char* to) noexcept {
    static const auto real = systems<int (*)(const char*, const char*)>("rename");
    if (fails(Call::Rename)) {
        errno = EACCES;
        return -1;
    }
    return real(from, to);
}
extern "C" int renameat2(int fromFolder, const char* from, int toFolder, const char* to, unsigned flags) noexcept {
    static const auto real = systems<int (*)(int, const char*, int, const char*, unsigned)>("renameat2");
    if (fails(Call::Rename)) {
        errno = EACCES;
        return -1;
    }
    return real(fromFolder, from, toFolder, to, flags);
}

namespace {

Job jobOf(const QString& guitar, int readings) {
    Job job = newJob();
    job.guitar = guitar;
    for (int k = 0; k < readings; ++k) {
        Event event = Event::read(static_cast<std::size_t>(k % 6), -1.0 * k);
        event.note = std::string(100, 'n');
        job.log.push_back(event);
    }
    return job;
}

QByteArray contentOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

/// How a deed ended: it said that it was done, that it could not be, or its program ended in it.
enum class End { Done, Refused, Ended };

/// Something that writes: what stands there before, what is done, and whether old or new is found whole afterwards.
struct Deed {
    const char* name;
    void (*prepare)(const QDir& dir);
    bool (*act)(const QDir& dir); ///< true where it says that it was done
    /// What is wrong with what is there after such an end, or nothing.
    QString (*look)(const QDir& dir, End end);
};

const QString bookName = QStringLiteral("shop.flenzo-logbook");

std::shared_ptr<Logbook> bookIn(const QDir& dir) {
    auto book = Logbook::open(dir.filePath(bookName));
    return book.ok() ? book.value() : nullptr;
}
QString soundBook(const QDir& dir, const QString& name, const std::function<QString(Logbook&)>& look) {
    const auto book = Logbook::open(dir.filePath(name));
    if (!book.ok())
        return book.fault().sentence();
    if (const auto fault = book.value()->check())
        return fault->sentence();
    return look(*book.value());
}

// A job file over an older one.
void prepareFile(const QDir& dir) {
    (void)writeFile(dir.filePath(QStringLiteral("one.flenzo-job")), jobBytes(jobOf(QStringLiteral("Old"), 20)));
}
bool writeJobFile(const QDir& dir) {
    return !writeFile(dir.filePath(QStringLiteral("one.flenzo-job")), jobBytes(jobOf(QStringLiteral("New"), 90)));
}
QString lookAtJobFile(const QDir& dir, End end) {
    const QByteArray there = contentOf(dir.filePath(QStringLiteral("one.flenzo-job")));
    const bool isNew = there == jobBytes(jobOf(QStringLiteral("New"), 90));
    if (!isNew && there != jobBytes(jobOf(QStringLiteral("Old"), 20)))
        return QStringLiteral("neither the old nor the new file");
    return end == End::Done && !isNew ? QStringLiteral("said to be written") : QString();
}

// So small a file that a buffer would hold it back until the end.
void prepareSmall(const QDir& dir) {
    (void)writeFile(dir.filePath(QStringLiteral("own.json")), "{\"old\":1}");
}
bool writeSmall(const QDir& dir) {
    return !writeFile(dir.filePath(QStringLiteral("own.json")), "{\"new\":12}");
}
QString lookAtSmall(const QDir& dir, End end) {
    const QByteArray there = contentOf(dir.filePath(QStringLiteral("own.json")));
    return there == "{\"new\":12}" || (there == "{\"old\":1}" && end != End::Done) ? QString()
                                                                                   : QString::fromUtf8(there);
}

// A reading goes into the logbook.
void prepareBook(const QDir& dir) {
    (void)bookIn(dir)->add(jobOf(QStringLiteral("Kept"), 5));
}
bool commit(const QDir& dir) {
    const auto book = bookIn(dir);
    if (!book)
        return false;
    const auto kept = book->kept(1);
    if (!kept.ok())
        return false;
    qint64 revision = kept.value().revision;
    return !book->save(1, kept.value().job, jobOf(QStringLiteral("Kept"), 40), revision);
}
QString lookAtCommit(const QDir& dir, End end) {
    return soundBook(dir, bookName, [end](Logbook& book) {
        const auto job = book.job(1);
        if (!job.ok())
            return job.fault().sentence();
        const std::size_t entries = job.value().log.size();
        return entries == 40 || (entries == 5 && end != End::Done) ? QString()
                                                                   : QStringLiteral("%1 entries").arg(entries);
    });
}

// A guitar with two jobs comes in.
void prepareImport(const QDir& dir) {
    const auto book = bookIn(dir);
    (void)book->addAll({jobOf(QStringLiteral("Guest"), 12), jobOf(QStringLiteral("Guest"), 30)});
    (void)exportGuitar(*book, 1, dir.filePath(QStringLiteral("guest.flenzo-guitar")));
}
bool import(const QDir& dir) {
    const auto book = bookIn(dir);
    return book && importFile(*book, dir.filePath(QStringLiteral("guest.flenzo-guitar"))).ok();
}
QString lookAtImport(const QDir& dir, End end) {
    return soundBook(dir, bookName, [end](Logbook& book) {
        const int jobs = book.jobCount().value();
        return jobs == 4 || (jobs == 2 && end != End::Done) ? QString() : QStringLiteral("%1 jobs").arg(jobs);
    });
}

// A backup.
bool backUp(const QDir& dir) {
    const auto book = bookIn(dir);
    return book && !book->backUp(dir.filePath(QStringLiteral("copy.flenzo-logbook")));
}
QString lookAtBackup(const QDir& dir, End end) {
    const auto one = [](Logbook& book) {
        return book.jobCount().value() == 1 ? QString() : QStringLiteral("not every job");
    };
    if (const QString broken = soundBook(dir, bookName, one); !broken.isEmpty())
        return broken;
    if (end != End::Done)
        return {}; // whoever was told that there is none does not look for it
    return soundBook(dir, QStringLiteral("copy.flenzo-logbook"), one);
}

// A logbook of the version before is brought on.
void prepareOlder(const QDir& dir) {
    prepareBook(dir);
    (void)behind(dir.filePath(bookName), QStringLiteral("ALTER TABLE jobs DROP COLUMN revision"));
    (void)behind(dir.filePath(bookName), QStringLiteral("PRAGMA user_version=3"));
}
bool bringOn(const QDir& dir) {
    return bookIn(dir) != nullptr;
}
QString lookAtBroughtOn(const QDir& dir, End) {
    return soundBook(dir, bookName, [](Logbook& book) {
        const auto job = book.job(1);
        return job.ok() && job.value().log.size() == 5 ? QString() : QStringLiteral("the job is gone");
    });
}

// A backup goes in the place of what is there.
void prepareRestore(const QDir& dir) {
    prepareBook(dir);
    const auto book = bookIn(dir);
    (void)book->backUp(dir.filePath(QStringLiteral("copy.flenzo-logbook")));
    (void)book->add(jobOf(QStringLiteral("Later"), 1));
}
bool restore(const QDir& dir) {
    return setAsideLogbook(dir.filePath(bookName), dir.filePath(QStringLiteral("copy.flenzo-logbook"))).ok();
}
QString lookAtRestored(const QDir& dir, End end) {
    // Whoever sees that it was not done, or a program that was ended in it, still finds the old one, here or aside.
    QStringList books = dir.entryList({QStringLiteral("shop*.flenzo-logbook")}, QDir::Files);
    QList<int> counts;
    for (const QString& name : books) {
        const auto book = Logbook::open(dir.filePath(name));
        if (book.ok() && !book.value()->check() && book.value()->jobCount().ok())
            counts.append(book.value()->jobCount().value());
    }
    if (!counts.contains(2))
        return QStringLiteral("what was there is gone");
    return end != End::Done || counts.contains(1) ? QString() : QStringLiteral("said to be in place");
}

// Both tables, or what was there.
void prepareTables(const QDir& dir) {
    prepareBook(dir);
    (void)exportCsv(*bookIn(dir), dir.filePath(QStringLiteral("tables")));
    const auto book = bookIn(dir);
    (void)book->add(jobOf(QStringLiteral("Second"), 7));
}
bool exportTables(const QDir& dir) {
    const auto book = bookIn(dir);
    return book && !exportCsv(*book, dir.filePath(QStringLiteral("tables")));
}
QString lookAtTables(const QDir& dir, End end) {
    const auto rows = [&](const char* name) {
        const auto table = parseCsv(contentOf(dir.filePath(QLatin1String("tables/") + QLatin1String(name))));
        return table ? table->size() : -1;
    };
    const qsizetype jobs = rows("jobs.csv"), events = rows("events.csv");
    const bool isNew = jobs == 3 && events == 13;
    const bool isOld = jobs == 2 && events == 6;
    const bool whole = (jobs == 2 || jobs == 3) && (events == 6 || events == 13);
    // Each is whole; both together are of one time, unless the program was ended between them.
    const bool fits = end == End::Done ? isNew : end == End::Refused ? isOld : whole;
    return fits ? QString() : QStringLiteral("%1 jobs, %2 events").arg(jobs).arg(events);
}

const Deed deeds[] = {
    {"save", prepareFile, writeJobFile, lookAtJobFile},   {"small save", prepareSmall, writeSmall, lookAtSmall},
    {"commit", prepareBook, commit, lookAtCommit},        {"import", prepareImport, import, lookAtImport},
    {"backup", prepareBook, backUp, lookAtBackup},        {"migration", prepareOlder, bringOn, lookAtBroughtOn},
    {"restore", prepareRestore, restore, lookAtRestored}, {"export", prepareTables, exportTables, lookAtTables}};

struct Outcome {
    bool done = false, ended = false; ///< said to be done; the program was ended by it
    long calls = 0;                   ///< that were seen
    [[nodiscard]] End end() const { return done ? End::Done : ended ? End::Ended : End::Refused; }
};

/// In a process of its own, for an allocation that fails may end it.
Outcome actFailing(const Deed& deed, const QDir& dir, Call call, long at, bool once) {
    int pipes[2];
    if (::pipe(pipes) != 0)
        qFatal("no pipe");
    std::fflush(nullptr);
    const pid_t child = ::fork();
    if (child == 0) {
        for (const int signal : {SIGABRT, SIGSEGV, SIGBUS, SIGILL, SIGFPE})
            ::signal(signal, SIG_DFL); // the test's own handler draws a picture of every one
        const int nowhere = ::open("/dev/null", O_WRONLY);
        ::dup2(nowhere, STDERR_FILENO);
        countdown = at;
        onceOnly = once;
        seen = 0;
        failing = call;
        bool done = false;
        try {
            done = deed.act(dir);
        } catch (const std::bad_alloc&) {
        }
        failing = Call::None;
        const long said[2] = {done ? 1L : 0L, seen};
        (void)!systems<decltype(&::write)>("write")(pipes[1], said, sizeof said);
        ::_exit(0);
    }
    ::close(pipes[1]);
    long said[2] = {0, 0};
    const bool whole = ::read(pipes[0], said, sizeof said) == sizeof said;
    ::close(pipes[0]);
    int status = 0;
    ::waitpid(child, &status, 0);
    return {whole && said[0] != 0, !whole, said[1]};
}

} // namespace

class TestFaults : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void oldOrNewNeverNeither_data() {
        QTest::addColumn<int>("deed");
        QTest::addColumn<int>("call");
        const std::pair<Call, const char*> calls[] = {
            {Call::Write, "write"}, {Call::Sync, "sync"}, {Call::Rename, "rename"}, {Call::Allocate, "allocation"}};
        for (int d = 0; d < static_cast<int>(std::size(deeds)); ++d)
            for (const auto& [call, name] : calls)
                if (call != Call::Allocate || allocationsFail)
                    QTest::newRow(
                        qPrintable(QStringLiteral("%1, %2").arg(QLatin1String(deeds[d].name), QLatin1String(name))))
                        << d << static_cast<int>(call);
    }
    void oldOrNewNeverNeither() {
        QFETCH(int, deed);
        QFETCH(int, call);
        const Deed& each = deeds[deed];
        const Call kind = static_cast<Call>(call);
        const auto inFresh = [&](const std::function<void(const QDir&)>& use) {
            const QTemporaryDir dir;
            each.prepare(QDir(dir.path()));
            use(QDir(dir.path()));
        };
        long calls = 0;
        inFresh([&](const QDir& dir) {
            const Outcome undisturbed = actFailing(each, dir, kind, -1, true);
            QVERIFY(undisturbed.done);
            QCOMPARE(each.look(dir, End::Done), QString());
            calls = undisturbed.calls;
        });
        // Writes, syncs and renames each; of allocations, which are tens of thousands, as many as there is time for.
        constexpr long mostTried = 40;
        const long stride = kind == Call::Allocate ? std::max(1L, calls / mostTried) : 1;
        int tried = 0, refused = 0, ended = 0;
        for (long at = 1; at <= calls; at += stride)
            for (const bool once : {true, false}) {
                inFresh([&](const QDir& dir) {
                    const Outcome outcome = actFailing(each, dir, kind, at, once);
                    ++tried;
                    refused += outcome.done || outcome.ended ? 0 : 1;
                    ended += outcome.ended ? 1 : 0;
                    const QString wrong = each.look(dir, outcome.end());
                    QVERIFY2(wrong.isEmpty(), qPrintable(QStringLiteral("%1 of %2: %3").arg(at).arg(calls).arg(wrong)));
                });
                if (QTest::currentTestFailed())
                    return;
            }
        std::printf("%s, call %d: %ld calls, %d failed in turn, %d refused, %d ended the program\n", each.name, call,
                    calls, tried, refused, ended);
        QVERIFY(kind == Call::Allocate || ended == 0); // a disk is no reason to end
    }
};

QTEST_GUILESS_MAIN(TestFaults)
#include "test_faults.moc"
