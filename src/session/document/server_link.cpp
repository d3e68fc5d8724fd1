// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/server_link.h"

#include "store/logbook_sql.h"

#include <QSqlQuery>
#include <QtConcurrentRun>

namespace flenzo {

ServerLink::ServerLink(std::shared_ptr<Logbook> book) : book_(std::move(book)) {
    connect(&timer_, &QTimer::timeout, this, &ServerLink::ask);
    connect(&reaching_, &QFutureWatcher<bool>::finished, this, [this] {
        if (!up_ && reaching_.result())
            reach();
    });
    timer_.start(asksEvery);
}

ServerLink::~ServerLink() {
    reaching_.waitForFinished();
}

void ServerLink::ask() {
    if (!up_) {
        if (!reaching_.isRunning())
            reaching_.setFuture(QtConcurrent::run(serverAnswers, book_->backend().fullAddress()));
        return;
    }
    QSqlQuery query(book_->database());
    if (!run(query, QStringLiteral("SELECT 1")))
        lost();
}

void ServerLink::lost() {
    if (std::exchange(up_, false))
        Q_EMIT down();
}

std::optional<Fault> ServerLink::reach() {
    if (auto fault = book_->backend().open())
        return fault;
    if (!std::exchange(up_, true))
        Q_EMIT up();
    return std::nullopt;
}

} // namespace flenzo
