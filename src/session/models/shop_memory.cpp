// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/shop_memory.h"

namespace flenzo {

namespace {

Result<ShopSays> readThere(const QString& place, ShopReader& reader) {
    const Result<std::shared_ptr<Logbook>> book = Logbook::openToRead(place);
    return book.ok() ? reader.read(*book.value()) : Result<ShopSays>(book.fault());
}

} // namespace

ShopMemory::ShopMemory(QObject* parent) : QObject(parent) {
    constexpr int quiet_ms = 2000;
    soon_.setSingleShot(true);
    soon_.setInterval(quiet_ms);
    connect(&soon_, &QTimer::timeout, this, &ShopMemory::refresh);
}

void ShopMemory::setPlace(const QString& place) {
    answers_.drop();
    planning_.drop();
    answers_.waitForWork(); // its connection closes, so that the file can be moved
    planning_.waitForWork();
    place_ = place;
    says_ = {};
    known_ = false;
    fault_.reset();
    reader_ = std::make_shared<ShopReader>();
    ahead_ = std::make_shared<AheadReader>();
    days_.reset();
    refreshSoon();
}

void ShopMemory::refresh() {
    soon_.stop();
    if (!place_.isEmpty())
        answers_.ask(
            [place = place_, reader = reader_](const std::atomic<bool>&) { return readThere(place, *reader); });
}

void ShopMemory::planDays(const ShopHours& hours, const QDateTime& now) {
    if (place_.isEmpty())
        return;
    planning_.ask([place = place_, reader = ahead_, hours, now](const std::atomic<bool>& up) -> Result<LaidOut> {
        const Result<std::shared_ptr<Logbook>> book = Logbook::openToRead(place);
        if (!book.ok())
            return book.fault();
        const Result<std::vector<JobAhead>> jobs = reader->read(*book.value(), up);
        return jobs.ok() ? layOut(jobs.value(), hours, now, up) : Result<LaidOut>(jobs.fault());
    });
}

void ShopMemory::take(const Result<ShopSays>& says) {
    fault_ = says.ok() ? std::nullopt : std::optional(says.fault());
    if (says.ok()) {
        says_ = says.value();
        known_ = true;
    }
    Q_EMIT arrived();
}

} // namespace flenzo
