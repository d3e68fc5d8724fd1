// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document/latest_answer.h"
#include "session/models/day.h"
#include "session/models/shop_says.h"

#include <QTimer>

namespace flenzo {

/// What the shop's jobs say, read beside the window over a connection of its own and kept until one changes.
class ShopMemory : public QObject {
    Q_OBJECT
public:
    explicit ShopMemory(QObject* parent = nullptr);

    /// The logbook by its full address; empty: none is open, and none is read any more. Waits for what is under way.
    void setPlace(const QString& place);
    /// Reads what has changed since; `arrived` follows.
    void refresh();
    /// The same in a quiet moment: not while a window is built or a job opened.
    void refreshSoon() { soon_.start(); }
    /// Until a refresh has arrived what is said may be of before.
    [[nodiscard]] bool isBusy() const { return answers_.isBusy(); }
    /// As last read; nothing yet where nothing could be.
    [[nodiscard]] const ShopSays& says() const { return says_; }
    [[nodiscard]] bool isKnown() const { return known_; }
    [[nodiscard]] const std::optional<Fault>& fault() const { return fault_; } ///< of the last reading
    /// Lays out the days from that moment on; `dayArrived` follows.
    void planDays(const ShopHours& hours, const QDateTime& now);
    [[nodiscard]] const std::optional<Result<LaidOut>>& days() const { return days_; } ///< as laid out last
    [[nodiscard]] bool isPlanning() const { return planning_.isBusy(); }
    void finishDays() { planning_.finish(); }
    void finish() { answers_.finish(); } ///< waits for what is under way; for tests and pictures

Q_SIGNALS:
    void arrived();
    void dayArrived();

private:
    void take(const Result<ShopSays>& says);

    QString place_;
    QTimer soon_;
    ShopSays says_;
    bool known_ = false;
    std::optional<Fault> fault_;
    std::shared_ptr<ShopReader> reader_; ///< of the place; only the work uses it
    std::shared_ptr<AheadReader> ahead_; ///< likewise
    std::optional<Result<LaidOut>> days_;
    LatestAnswer<Result<LaidOut>> planning_{this, [this](const Result<LaidOut>& days) {
                                                days_ = days;
                                                Q_EMIT dayArrived();
                                            }};
    LatestAnswer<Result<ShopSays>> answers_{this, [this](const Result<ShopSays>& says) { take(says); }};
};

} // namespace flenzo
