// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/logbook.h"

#include <QCoreApplication>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QUrl>
#include <QUuid>
#include <cstdlib>

namespace flenzo::testing {

/// The server that `tools/with-postgres` runs, if this test was started by it.
inline QString testServer() {
    return qEnvironmentVariable("FLENZO_TEST_SERVER");
}
/// Tells that server to `stop`, `kill` or `start`, and waits until it has.
inline bool controlServer(const QString& what) {
    // Not by QProcess: a child that shares memory for a moment blinds the thread sanitizer for good.
    return std::system(qPrintable(qEnvironmentVariable("FLENZO_TEST_SERVER_CONTROL") + QLatin1Char(' ') + what)) == 0;
}

/// Runs a statement behind the program's back, at a place or, for a server, at another database of it.
inline QString behind(const QString& place, const QString& statement) {
    QString said;
    {
        const QUrl url(place);
        const bool server = isServerAddress(place);
        QSqlDatabase base = QSqlDatabase::addDatabase(server ? QStringLiteral("QPSQL") : QStringLiteral("QSQLITE"),
                                                      QStringLiteral("behind"));
        base.setDatabaseName(server ? url.path().mid(1) : place);
        if (server) {
            base.setHostName(url.host());
            base.setPort(url.port());
            base.setUserName(url.userName());
            base.setPassword(url.password());
        }
        QSqlQuery query(base.open() ? base : QSqlDatabase());
        if (!base.isOpen())
            said = base.lastError().text();
        else if (server && !query.exec(QStringLiteral("SET search_path TO flenzo, public")))
            said = query.lastError().text();
        else if (!query.exec(statement))
            said = query.lastError().text();
    }
    QSqlDatabase::removeDatabase(QStringLiteral("behind"));
    return said;
}

/// A new database on the test's server; its address.
inline QString newDatabase() {
    const QString name = QStringLiteral("t") + QUuid::createUuid().toString(QUuid::Id128);
    const QString said = behind(testServer(), QStringLiteral("CREATE DATABASE ") + name);
    if (!said.isEmpty())
        qFatal("%s", qPrintable(said));
    QUrl url(testServer());
    url.setPath(QLatin1Char('/') + name);
    return url.toString();
}

/// Another bench gives a job's guitar another name.
inline bool renameBeside(const QString& place, qint64 id, const QString& name) {
    const auto book = Logbook::open(place, QStringLiteral("Door")).value();
    KeptJob kept = book->kept(id).value();
    Job after = kept.job;
    after.guitar = name;
    return !book->save(id, kept.job, after, kept.revision);
}

/// Where a test keeps its logbook: a file in its folder, or, under `tools/with-postgres`, a database of its own.
inline QString newPlace(const QTemporaryDir& dir) {
    return testServer().isEmpty() ? dir.filePath(QStringLiteral("shop.flenzo-logbook")) : newDatabase();
}

} // namespace flenzo::testing
