// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"
#include "store/logbook_schema.h"

#include <QLockFile>
#include <QObject>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <functional>
#include <memory>
#include <optional>

namespace flenzo {

class Logbook;

/// Where a logbook lies and how it is spoken to: a file of this machine, or a server. What is kept there, and in which
/// statements, is the Logbook's; those are the same for both.
class LogbookBackend : public QObject {
    Q_OBJECT
public:
    ~LogbookBackend() override;
    LogbookBackend(const LogbookBackend&) = delete;
    LogbookBackend& operator=(const LogbookBackend&) = delete;

    [[nodiscard]] const QString& place() const { return place_; }        ///< as the user knows it, without a password
    [[nodiscard]] virtual QString fullAddress() const { return place_; } ///< with its password; never shown or kept
    [[nodiscard]] virtual QString bench() const { return {}; }           ///< how this place is called among several
    [[nodiscard]] QSqlDatabase database() const;

    /// Connects, makes the tables or brings them on. Again after the connection was lost.
    [[nodiscard]] virtual std::optional<Fault> open() = 0;
    [[nodiscard]] virtual std::optional<Fault> whyReadOnly() const = 0; ///< nothing where it writes
    /// A transaction in which no other bench writes.
    [[nodiscard]] virtual std::optional<Fault> begin() = 0;
    /// Tells the other benches, with the commit, what changes: "job 12 4" (its number and revision) or "shop"; or that
    /// a job is open at two: "opened 12".
    virtual void announce(const QString& what) = 0;
    /// What the database said, as a fault of ours; `code` where nothing better is known.
    [[nodiscard]] virtual Fault faultOf(const FaultCode& code, const QSqlError& error) const = 0;
    [[nodiscard]] virtual std::optional<Fault> backUp(const Logbook& book, const QString& path,
                                                      const std::function<bool(qint64)>& goOn) const = 0;
    [[nodiscard]] virtual std::optional<Fault> check() const = 0;

    /// Keeps a photo or recording under its name, once; returns what a job calls it from then on.
    [[nodiscard]] virtual Result<QString> attach(const QString& name, const QByteArray& content) = 0;
    /// A file of this machine with what a job calls so; empty where it is gone.
    [[nodiscard]] virtual QString attachment(const QString& reference) const = 0;
    /// The same without asking a server; nothing where it would have to be.
    [[nodiscard]] virtual std::optional<QString> attachmentHere(const QString& reference) const = 0;

    /// Whether no other bench has the job open; they are asked again when it is released.
    [[nodiscard]] virtual bool claim(qint64 job) = 0;
    virtual void release(qint64 job) = 0;

Q_SIGNALS:
    void told(const QString& what); ///< what another bench announced

protected:
    explicit LogbookBackend(QString place);
    /// Brings tables of a version on to this program's, as one transaction; `finish` writes the version.
    [[nodiscard]] std::optional<Fault> migrate(int version, SqlDialect dialect, const QStringList& finish);

    QString place_, connection_;
};

/// A file; one program writes and others read.
[[nodiscard]] Result<std::shared_ptr<LogbookBackend>> sqliteBackend(const QString& path);
/// The same, only to read, beside the program that writes it.
[[nodiscard]] Result<std::shared_ptr<LogbookBackend>> sqliteReader(const QString& path);
/// The right to write a logbook's file; nothing where another has it (`inUse`) or this user may not.
[[nodiscard]] std::unique_ptr<QLockFile> lockToWrite(const QString& path, bool& inUse);
/// A server's database for several benches; `postgresql://user@host/database`.
[[nodiscard]] Result<std::shared_ptr<LogbookBackend>> postgresBackend(const QString& address, const QString& bench);
/// Whether anything listens at an address; waits for it a few seconds, from any thread.
[[nodiscard]] bool serverAnswers(const QString& address);
[[nodiscard]] bool isServerAddress(const QString& place);

} // namespace flenzo
