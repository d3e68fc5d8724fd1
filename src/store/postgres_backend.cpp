// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/base/faults.h"
#include "modules/module.h"
#include "store/files.h"
#include "store/logbook.h"
#include "store/logbook_backend.h"
#include "store/logbook_copy.h"
#include "store/logbook_sql.h"
#include "store/server_reach.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QRegularExpression>
#include <QSqlDriver>
#include <QStandardPaths>
#include <QUrl>
#include <QUrlQuery>
#include <algorithm>

namespace flenzo {

namespace {

constexpr int defaultPort = 5432;
constexpr int patience_ms = 3000; ///< for a server to answer at all
/// No bench waits long for one that writes, and one that falls silent in the middle of it is given up by the server,
/// so that the others can write.
constexpr const char* patience[] = {"SET lock_timeout TO 1500", "SET idle_in_transaction_session_timeout TO 15000",
                                    "SET tcp_keepalives_idle TO 5", "SET tcp_keepalives_interval TO 2",
                                    "SET tcp_keepalives_count TO 3"};
/// Of the locks of this program on a server: one for whoever writes, others for open jobs.
constexpr int writersLock = 0x464c4e5a, jobsLock = 0x464c4e5b;
constexpr const char* channel = "flenzo";
constexpr const char* schemaName = "flenzo";
constexpr const char* passedOn[] = {"sslmode", "sslrootcert"};

Fault aboutServer(const FaultCode& code, const QStringList& arguments = {}) {
    return {code, QStringLiteral("logbook"), arguments};
}

struct Address {
    QString host, database, user, password, options;
    int port = defaultPort;
    QString shown; ///< without the password
};

Result<Address> addressOf(const QString& text) {
    const QUrl url(text, QUrl::StrictMode);
    Address address;
    const QUrlQuery query(url);
    address.host = query.hasQueryItem(QStringLiteral("host"))
                       ? query.queryItemValue(QStringLiteral("host"), QUrl::FullyDecoded)
                       : url.host();
    address.database = url.path().mid(1);
    if (!url.isValid() || address.host.isEmpty() || address.database.isEmpty() ||
        address.database.contains(QLatin1Char('/')))
        return aboutServer(faults::serverAddress);
    address.port = url.port(defaultPort);
    address.user = url.userName(QUrl::FullyDecoded);
    address.password = url.password(QUrl::FullyDecoded);
    address.shown = url.toString(QUrl::RemovePassword);
    // A host that has vanished is noticed within seconds, not by the system's quarter of an hour.
    address.options = QStringLiteral("connect_timeout=3;tcp_user_timeout=3000;keepalives_idle=3;keepalives_interval=1;"
                                     "keepalives_count=3;application_name=flenzo");
    for (const auto& item : query.queryItems(QUrl::FullyDecoded)) {
        const QString key = item.first, value = item.second;
        if (key == QLatin1String("host"))
            continue;
        const bool known = std::any_of(std::begin(passedOn), std::end(passedOn),
                                       [&key](const char* each) { return key == QLatin1String(each); });
        if (!known || value.contains(QLatin1Char(';')) || value.contains(QLatin1Char(' ')))
            return aboutServer(faults::serverAddress);
        address.options += QLatin1Char(';') + key + QLatin1Char('=') + value;
    }
    return address;
}

/// Whether anything listens there: what is away is told apart from what refuses. Without the module the driver finds
/// out, and waits for a name as long as the system does.
bool answers(const Address& address) {
    static const ServerReach* const reach = qobject_cast<ServerReach*>(moduleNamed(QStringLiteral("flenzo-server")));
    return !reach || reach->answers(address.host, address.port, patience_ms);
}

class PostgresBackend : public LogbookBackend {
public:
    PostgresBackend(Address address, QString full, QString bench)
        : LogbookBackend(address.shown), address_(std::move(address)), full_(std::move(full)),
          bench_(std::move(bench)) {}

    QString fullAddress() const override { return full_; }
    QString bench() const override { return bench_; }

    std::optional<Fault> open() override {
        if (!QSqlDatabase::isDriverAvailable(QStringLiteral("QPSQL")))
            return aboutServer(faults::serverDriverMissing);
        if (database().isValid())
            database().close();
        else
            QSqlDatabase::addDatabase(QStringLiteral("QPSQL"), connection_);
        QSqlDatabase base = database();
        base.setHostName(address_.host);
        base.setPort(address_.port);
        base.setDatabaseName(address_.database);
        base.setUserName(address_.user);
        base.setPassword(address_.password);
        base.setConnectOptions(address_.options);
        if (!answers(address_))
            return aboutServer(faults::serverNotReached);
        if (!base.open()) // its own sentence is last, after the name of the server
            return aboutServer(faults::serverRefused,
                               {saidIn(base.lastError()).section(QLatin1Char(':'), -1).trimmed()});
        if (auto fault = prepare())
            return fault;
        if (!claimed_.isEmpty()) { // the lock went with the connection that was lost
            const QList<qint64> again = std::exchange(claimed_, {});
            for (const qint64 job : again)
                (void)claim(job);
        }
        connect(base.driver(), &QSqlDriver::notification, this, &PostgresBackend::passOn, Qt::UniqueConnection);
        return base.driver()->subscribeToNotification(QLatin1String(channel))
                   ? std::nullopt
                   : std::optional(faultOf(faults::bookNotRead, base.lastError()));
    }

    std::optional<Fault> whyReadOnly() const override {
        return reads_ ? std::optional(aboutServer(faults::bookNotWritable)) : std::nullopt;
    }

    std::optional<Fault> begin() override {
        QSqlDatabase base = database();
        const TimeLimit within(base.driver());
        if (!base.transaction())
            return faultOf(faults::bookNotWritten, base.lastError());
        // One bench writes at a time, as with a file: a count that is read is still so when it is written.
        QSqlQuery query(base);
        if (run(query, QStringLiteral("SELECT pg_advisory_xact_lock(%1)").arg(writersLock)))
            return std::nullopt;
        const Fault fault = faultOf(faults::bookNotWritten, query.lastError());
        base.rollback();
        return fault;
    }

    void announce(const QString& what) override {
        QSqlQuery query(database());
        run(query, QStringLiteral("SELECT pg_notify(?, ?)"), {QLatin1String(channel), what});
    }

    Fault faultOf(const FaultCode& code, const QSqlError& error) const override {
        const QString state = error.nativeErrorCode();
        // Without a state nothing came back; the classes 08 and 57P and 25P03 are a connection or server that ends,
        // 55P03 one that is busy with another bench for long.
        if (state.isEmpty() || state.startsWith(QLatin1String("08")) || state.startsWith(QLatin1String("25P03")) ||
            state.startsWith(QLatin1String("55P03")) || state.startsWith(QLatin1String("57P")))
            return aboutServer(faults::serverAway);
        if (state.startsWith(QLatin1String("53")))
            return aboutServer(faults::serverFull, {saidIn(error)});
        if (state == QLatin1String("42501"))
            return aboutServer(faults::bookNotWritable);
        return aboutServer(&code == &faults::bookNotRead ? faults::serverNotRead : faults::serverNotWritten,
                           {saidIn(error)});
    }

    std::optional<Fault> backUp(const Logbook& book, const QString& path,
                                const std::function<bool(qint64)>& goOn) const override {
        if (QFileInfo::exists(path))
            return Fault{faults::backupExists, QStringLiteral("backup")};
        std::optional<Fault> fault;
        {
            auto copy = Logbook::open(path);
            fault = copy.ok() ? copyLogbook(book, *copy.value(), goOn) : std::optional(copy.fault());
        }
        if (fault)
            QFile::remove(path);
        return fault;
    }

    /// The server minds its own pages; here every table is read once.
    std::optional<Fault> check() const override {
        QSqlQuery query(database());
        for (const LogbookTable& table : logbookTables())
            if (!run(query, QStringLiteral("SELECT COUNT(*) FROM ") + table.name, {}, answersInBulkWithin))
                return faultOf(faults::bookNotRead, query.lastError());
        return std::nullopt;
    }

    Result<QString> attach(const QString& name, const QByteArray& content) override {
        QSqlQuery query(database());
        if (!run(query,
                 QStringLiteral("INSERT INTO attachments (name, content) VALUES (?, ?) ON CONFLICT (name) DO NOTHING"),
                 {name, content}, answersInBulkWithin))
            return faultOf(faults::bookNotWritten, query.lastError());
        return name;
    }

    QString attachment(const QString& reference) const override {
        if (const auto here = attachmentHere(reference))
            return *here;
        QString file = cache().filePath(reference);
        QSqlQuery query(database());
        if (!run(query, QStringLiteral("SELECT content FROM attachments WHERE name=?"), {reference},
                 answersInBulkWithin) ||
            !query.next() || !cache().mkpath(QStringLiteral(".")) || writeFile(file, query.value(0).toByteArray()))
            return {};
        return file;
    }

    std::optional<QString> attachmentHere(const QString& reference) const override {
        static const QRegularExpression ours(QStringLiteral("^[0-9a-f]{20}\\.[^/.]{0,8}$"));
        if (!ours.match(reference).hasMatch())
            return QString();
        const QString file = cache().filePath(reference);
        return QFileInfo::exists(file) ? std::optional(file) : std::nullopt;
    }

    bool claim(qint64 job) override {
        if (claimed_.contains(job)) // again after a reconnect: the server counts, and would have to be told as often
            return true;
        QSqlQuery query(database());
        const bool alone =
            run(query,
                QStringLiteral("SELECT pg_try_advisory_lock(%1, %2)").arg(jobsLock).arg(static_cast<int>(job))) &&
            query.next() && query.value(0).toBool();
        if (alone)
            claimed_.append(job);
        return alone;
    }
    void release(qint64 job) override {
        if (claimed_.removeAll(job) == 0)
            return;
        QSqlQuery query(database());
        run(query, QStringLiteral("SELECT pg_advisory_unlock(%1, %2)").arg(jobsLock).arg(static_cast<int>(job)));
    }

private:
    static QString saidIn(const QSqlError& error) {
        return (error.databaseText().isEmpty() ? error.text() : error.databaseText()).simplified().left(200);
    }

    /// Where what was fetched stays: its name tells its content, so it never changes.
    [[nodiscard]] QDir cache() const {
        const QByteArray place = QCryptographicHash::hash(place_.toUtf8(), QCryptographicHash::Sha256).toHex().left(16);
        return {QStandardPaths::writableLocation(QStandardPaths::CacheLocation) + QStringLiteral("/server-") +
                QString::fromLatin1(place)};
    }

    void passOn(const QString&, QSqlDriver::NotificationSource source, const QVariant& payload) {
        if (source != QSqlDriver::SelfSource)
            Q_EMIT told(payload.toString());
    }

    /// The tables of this program are in a schema of their own, so that the database may serve others too.
    std::optional<Fault> prepare() {
        QSqlQuery query(database());
        const auto one = [&query](const QString& statement) -> std::optional<QVariant> {
            if (!run(query, statement) || !query.next())
                return std::nullopt;
            return query.value(0);
        };
        const auto encoding = one(QStringLiteral("SHOW server_encoding"));
        if (!encoding)
            return faultOf(faults::bookNotRead, query.lastError());
        if (encoding->toString() != QLatin1String("UTF8"))
            return aboutServer(faults::serverEncoding, {encoding->toString()});
        for (const char* setting : patience)
            if (!run(query, QLatin1String(setting)))
                return faultOf(faults::bookNotRead, query.lastError());
        if (!run(query, QStringLiteral("SET search_path TO %1").arg(QLatin1String(schemaName))))
            return faultOf(faults::bookNotRead, query.lastError());
        const auto there =
            one(QStringLiteral("SELECT to_regclass('%1.logbook') IS NOT NULL").arg(QLatin1String(schemaName)));
        if (!there)
            return faultOf(faults::bookNotRead, query.lastError());
        int version = 0;
        if (there->toBool()) {
            const auto found = one(QStringLiteral("SELECT version FROM logbook"));
            if (!found)
                return faultOf(faults::bookNotRead, query.lastError());
            version = found->toInt();
        }
        if (version < 0)
            return aboutServer(faults::bookForeign);
        if (version > logbookVersion)
            return aboutServer(faults::bookNewer);
        if (version < logbookVersion)
            if (auto fault = bringOn())
                return fault;
        const auto writes = one(QStringLiteral("SELECT has_table_privilege('jobs', 'UPDATE')"));
        if (!writes)
            return faultOf(faults::bookNotRead, query.lastError());
        reads_ = !writes->toBool();
        return std::nullopt;
    }

    std::optional<Fault> bringOn() {
        if (auto fault = begin())
            return fault;
        QSqlDatabase base = database();
        QSqlQuery query(base);
        std::optional<Fault> fault;
        int version = 0; // read again: another bench may have brought it on while this one waited for the lock
        for (const QString& statement :
             {QStringLiteral("CREATE SCHEMA IF NOT EXISTS %1").arg(QLatin1String(schemaName)),
              QStringLiteral("CREATE TABLE IF NOT EXISTS logbook (version BIGINT NOT NULL)"),
              QStringLiteral("SELECT version FROM logbook")})
            if (!fault && !run(query, statement))
                fault = faultOf(faults::bookNotWritten, query.lastError());
        if (!fault && query.next())
            version = query.value(0).toInt();
        if (!fault)
            fault = migrate(version, SqlDialect::Postgres,
                            {QStringLiteral("DELETE FROM logbook"),
                             QStringLiteral("INSERT INTO logbook VALUES (%1)").arg(logbookVersion)});
        const TimeLimit within(base.driver(), answersInBulkWithin);
        if (!fault && !base.commit())
            fault = faultOf(faults::bookNotWritten, base.lastError());
        if (fault)
            base.rollback();
        return fault;
    }

    Address address_;
    QString full_, bench_;
    bool reads_ = false;
    QList<qint64> claimed_;
};

} // namespace

bool isServerAddress(const QString& place) {
    return place.startsWith(QLatin1String("postgresql://")) || place.startsWith(QLatin1String("postgres://"));
}

QString withoutPassword(const QString& place) {
    return isServerAddress(place) ? QUrl(place).toString(QUrl::RemovePassword) : place;
}

bool serverAnswers(const QString& address) {
    const Result<Address> read = addressOf(address);
    return read.ok() && answers(read.value());
}

Result<std::shared_ptr<LogbookBackend>> postgresBackend(const QString& address, const QString& bench) {
    Result<Address> read = addressOf(address);
    if (!read.ok())
        return read.fault();
    return std::shared_ptr<LogbookBackend>(new PostgresBackend(std::move(read).value(), address, bench));
}

} // namespace flenzo
