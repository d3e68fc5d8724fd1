// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"
#include "widgets/pages/job_page.h"

#include <QBoxLayout>
#include <QFrame>
#include <QTimer>

namespace flenzo {

/// The jobs of the shop that are open at once: the one in front, and those behind it, each at its own step, with its
/// own clock and timer. A timer rings whichever job is in front.
class AtHand : public QObject {
    Q_OBJECT
public:
    /// `page` shows the one in front; it may be another one after the language has changed.
    AtHand(AppContext& context, std::function<JobPage*()> page, QObject* parent);
    struct One {
        qint64 id = 0;
        QString guitar, act;
        std::optional<JobPage::View> view; ///< as it was left; nothing yet for one that was never behind
        [[nodiscard]] std::optional<qint64> soaks_s() const; ///< that are left
    };
    [[nodiscard]] AppContext& context() const { return context_; }
    [[nodiscard]] const std::vector<One>& jobs() const { return jobs_; }
    [[nodiscard]] bool isFront(const One& one) const;
    void step(int by);     ///< the next one comes to the front, or the one before
    void bring(qint64 id); ///< to the front; an unsaved job is asked about first
    void putAside();       ///< the one in front; it stays in the shop
    void tick();           ///< every second: timers, and where the work is

Q_SIGNALS:
    void changed();
    void brought(); ///< another one is in front

private:
    void follow();
    void leave();
    void forgetOtherShop();
    void makeRoom();
    [[nodiscard]] std::vector<One>::iterator find(qint64 id);

    AppContext& context_;
    std::function<JobPage*()> page_;
    std::vector<One> jobs_;
    std::weak_ptr<Logbook> book_; ///< that their numbers are of
    qint64 front_ = 0;
    QTimer timer_;
};

/// What is at hand, a button for each in one row, where there is more than one.
class HandStrip : public QFrame {
    Q_OBJECT
public:
    HandStrip(AtHand& hand, QWidget* parent);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void refresh();
    [[nodiscard]] QString words(const AtHand::One& one) const;
    AtHand& hand_;
    QHBoxLayout* row_;
};

} // namespace flenzo
