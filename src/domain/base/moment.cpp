// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/base/moment.h"

#include "core/log/clock.h"

namespace flenzo {

QString momentText(const QDateTime& moment) {
    const QDateTime local = moment.toLocalTime();
    return local.toOffsetFromUtc(local.offsetFromUtc()).toString(Qt::ISODate);
}

QString nowText() {
    return momentText(QDateTime::currentDateTime());
}

QString nowAfter(const QString& last) {
    const bool zoned = last.isEmpty() || hasZone(last.toStdString());
    const QString now = zoned ? nowText() : QDateTime::currentDateTime().toString(Qt::ISODate);
    const auto last_s = secondsOf(last.toStdString()), now_s = secondsOf(now.toStdString());
    return last_s && now_s && *now_s < *last_s ? last : now;
}

} // namespace flenzo
