// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document/session.h"
#include "support/place.h"

#include <QTemporaryDir>
#include <memory>

namespace flenzo::testing {

constexpr int patience_ms = 20000;

inline Job jobOf(const QString& guitar) {
    Job job = newJob();
    job.guitar = guitar;
    job.owner = QStringLiteral("Owner of ") + guitar;
    return job;
}

inline Event readAt(std::size_t string, double cents, const char* at) {
    Event event = Event::read(string, cents);
    event.at = at;
    event.confirmed = true;
    return event;
}

/// A bench: its connection, its open job and its folder for what the server has not seen.
struct Bench {
    Bench(const QString& place, const QString& name)
        : session(std::make_unique<Session>(dir.filePath(QStringLiteral("recovery")))) {
        auto opened = Logbook::open(place, name);
        if (!opened.ok())
            qFatal("%s", qPrintable(opened.fault().sentence()));
        book = opened.value();
        session->setLogbook(book);
    }
    [[nodiscard]] std::size_t entries() const { return session->job().log.size(); }

    QTemporaryDir dir;
    std::shared_ptr<Logbook> book;
    std::unique_ptr<Session> session;
};

/// Tests of several benches, each on a database of its own; a server that one left stopped is started again.
class BenchesFixture {
protected:
    static void needServer() {
        if (testServer().isEmpty())
            QSKIP("run by tools/with-postgres");
    }
    void begin() { place_ = newDatabase(); }
    static void end() {
        if (QTest::currentTestFailed())
            controlServer(QStringLiteral("start"));
    }

    QString place_;
};

} // namespace flenzo::testing
