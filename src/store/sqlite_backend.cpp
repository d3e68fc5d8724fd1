// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/base/faults.h"
#include "store/files.h"
#include "store/logbook.h"
#include "store/logbook_backend.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QLockFile>
#include <QUrl>

namespace flenzo {

namespace {

constexpr int applicationId = 0x464c4e5a; // "FLNZ"

Fault aboutBook(const FaultCode& code) {
    return {code, QStringLiteral("logbook")};
}

/// WAL lets a second window read while the first writes; FULL has every commit on the disk, not only in its cache.
class SqliteBackend : public LogbookBackend {
public:
    SqliteBackend(const QString& path, std::unique_ptr<QLockFile> lock, bool inUse)
        : LogbookBackend(path), lock_(std::move(lock)), inUse_(inUse) {}

    std::optional<Fault> open() override {
        if (auto fault = connectToFile())
            return fault;
        return prepare(QFileInfo(place_).size() == 0);
    }
    std::optional<Fault> whyReadOnly() const override {
        return lock_ ? std::nullopt : std::optional(aboutBook(inUse_ ? faults::bookInUse : faults::bookNotWritable));
    }
    std::optional<Fault> begin() override {
        QSqlDatabase base = database();
        return base.transaction() ? std::nullopt : std::optional(faultOf(faults::bookNotWritten, base.lastError()));
    }
    void announce(const QString&) override {} // whoever reads beside looks again by itself
    Fault faultOf(const FaultCode& code, const QSqlError& error) const override {
        constexpr const char* damagedCodes[] = {"11", "26"}; // SQLITE_CORRUPT, SQLITE_NOTADB
        const QString said = error.databaseText().isEmpty() ? error.text() : error.databaseText();
        for (const char* const damaged : damagedCodes)
            if (&code == &faults::bookNotRead && error.nativeErrorCode() == QLatin1String(damaged))
                return {faults::bookDamaged, QStringLiteral("logbook"), {said}};
        return {code, QStringLiteral("logbook"), {said}};
    }
    std::optional<Fault> backUp(const Logbook&, const QString& path,
                                const std::function<bool(qint64)>&) const override {
        return copyTo(path);
    }
    std::optional<Fault> check() const override {
        QSqlQuery query(database());
        if (!query.exec(QStringLiteral("PRAGMA integrity_check")) || !query.next())
            return faultOf(faults::bookDamaged, query.lastError());
        const QString said = query.value(0).toString();
        if (said == QLatin1String("ok"))
            return std::nullopt;
        return Fault{faults::bookDamaged, QStringLiteral("logbook"), {said.left(200)}};
    }

    Result<QString> attach(const QString& name, const QByteArray& content) override {
        const QDir folder(attachmentFolder(place_));
        const QString kept = folder.filePath(name);
        if (QFileInfo::exists(kept))
            return kept;
        if (!folder.mkpath(QStringLiteral(".")))
            return Fault{faults::photoNotSaved, QString()};
        if (const auto fault = writeFile(kept, content))
            return *fault;
        return kept;
    }
    QString attachment(const QString& reference) const override {
        // Its own only: a job from elsewhere may name any file of this machine. The folder may have moved since.
        const QString kept = QDir(attachmentFolder(place_)).filePath(QFileInfo(reference).fileName());
        return QFileInfo(kept).isFile() ? kept : QString();
    }
    std::optional<QString> attachmentHere(const QString& reference) const override { return attachment(reference); }
    bool claim(qint64) override { return true; }
    void release(qint64) override {}

private:
    std::optional<Fault> connectToFile() {
        const bool reads = !lock_;
        QSqlDatabase made = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection_);
        // A reader shares a small file with the writer; where it may not make one and nobody writes, it does without.
        const bool alone = reads && !inUse_ && !QFileInfo::exists(place_ + QStringLiteral("-wal"));
        made.setDatabaseName(
            alone ? QUrl::fromLocalFile(place_).toString(QUrl::FullyEncoded) + QStringLiteral("?immutable=1") : place_);
        made.setConnectOptions(QStringLiteral("QSQLITE_BUSY_TIMEOUT=2000") +
                               (reads ? QStringLiteral(";QSQLITE_OPEN_READONLY") : QString()) +
                               (alone ? QStringLiteral(";QSQLITE_OPEN_URI") : QString()));
        return made.open() ? std::nullopt : std::optional(faultOf(faults::bookNotOpened, made.lastError()));
    }

    std::optional<Fault> prepare(bool isNew) {
        QSqlQuery query(database());
        if (!query.exec(QStringLiteral("PRAGMA schema_version")) || !query.next())
            return faultOf(faults::bookNotRead, query.lastError());
        if (lock_) {
            query.exec(QStringLiteral("PRAGMA journal_mode=WAL"));
            query.exec(QStringLiteral("PRAGMA synchronous=FULL"));
        }
        query.exec(QStringLiteral("PRAGMA foreign_keys=ON"));
        query.exec(QStringLiteral("PRAGMA application_id"));
        const int id = query.next() ? query.value(0).toInt() : 0;
        query.exec(QStringLiteral("PRAGMA user_version"));
        const int version = query.next() ? query.value(0).toInt() : 0;
        query.finish(); // or no copy can be made before it is brought on
        const bool isEmpty = id == 0 && version == 0 && database().tables().isEmpty();
        if (version < 0 || (!isNew && id != applicationId && !isEmpty))
            return aboutBook(faults::bookForeign);
        if (version > logbookVersion)
            return aboutBook(faults::bookNewer);
        if (version < logbookVersion) {
            if (!lock_)
                return aboutBook(faults::bookOlderAndInUse);
            if (version > 0)
                if (auto fault = copyTo(backupPath(place_, QDateTime::currentDateTime())))
                    return fault;
            if (auto fault = bringOn(version))
                return fault;
        }
        if (!query.exec(QStringLiteral("SELECT id FROM jobs ORDER BY changed DESC LIMIT 1")))
            return faultOf(faults::bookNotRead, query.lastError());
        return std::nullopt;
    }

    std::optional<Fault> bringOn(int version) {
        if (auto fault = begin())
            return fault;
        QSqlDatabase base = database();
        auto fault = migrate(version, SqlDialect::Sqlite,
                             {QStringLiteral("PRAGMA application_id=%1").arg(applicationId),
                              QStringLiteral("PRAGMA user_version=%1").arg(logbookVersion)});
        if (!fault && !base.commit())
            fault = faultOf(faults::bookNotWritten, base.lastError());
        if (fault)
            base.rollback();
        return fault;
    }

    std::optional<Fault> copyTo(const QString& path) const {
        if (QFileInfo::exists(path))
            return Fault{faults::backupExists, QStringLiteral("backup")};
        QSqlQuery query(database());
        if (!query.prepare(QStringLiteral("VACUUM INTO ?")))
            return faultOf(faults::noBackup, query.lastError());
        query.addBindValue(path);
        if (query.exec())
            return std::nullopt;
        QFile::remove(path);
        return faultOf(faults::noBackup, query.lastError());
    }

    std::unique_ptr<QLockFile> lock_;
    bool inUse_ = false; ///< without a lock: somebody else holds it
};

} // namespace

QString attachmentFolder(const QString& logbookPath) {
    return logbookPath + QStringLiteral(".photos");
}

std::unique_ptr<QLockFile> lockToWrite(const QString& path, bool& inUse) {
    auto lock = std::make_unique<QLockFile>(path + QStringLiteral(".lock"));
    lock->setStaleLockTime(0); // only a process that is gone gives it up
    inUse = false;
    if (!lock->tryLock(0)) {
        inUse = lock->error() == QLockFile::LockFailedError; // otherwise this user may not write there
        lock.reset();
    }
    return lock;
}

Result<std::shared_ptr<LogbookBackend>> sqliteBackend(const QString& path) {
    if (!QDir().mkpath(QFileInfo(path).absolutePath()))
        return aboutBook(faults::bookFolderNotMade);
    bool inUse = false;
    std::unique_ptr<QLockFile> lock = lockToWrite(path, inUse);
    if (QFileInfo(path).size() == 0 && !lock)
        return aboutBook(faults::bookCannotBeMade);
    return std::shared_ptr<LogbookBackend>(new SqliteBackend(path, std::move(lock), inUse));
}

Result<std::shared_ptr<LogbookBackend>> sqliteReader(const QString& path) {
    if (!QFileInfo::exists(path))
        return aboutBook(faults::bookCannotBeMade);
    return std::shared_ptr<LogbookBackend>(new SqliteBackend(path, nullptr, true));
}

} // namespace flenzo
