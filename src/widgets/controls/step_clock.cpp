// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/step_clock.h"

#include "widgets/look.h"

#include <QApplication>
#include <QBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QTimer>

namespace flenzo {

namespace {

QString clockText(qint64 seconds) {
    return QStringLiteral("%1:%2").arg(seconds / 60).arg(seconds % 60, 2, 10, QLatin1Char('0'));
}

} // namespace

StepClock::StepClock(QWidget* parent) : QWidget(parent), tick_(new QTimer(this)) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    words_ = label(TextRole::Small, this, QStringLiteral("stepClock"));
    words_->setToolTip(tr("Time at this step"));
    start_ = new QPushButton(tr("Timer"), this);
    start_->setObjectName(QStringLiteral("soakTimer"));
    start_->setFocusPolicy(Qt::TabFocus);
    start_->setToolTip(tr("Counts down while oil soaks or glue sets, and rings"));
    auto* menu = new QMenu(start_);
    for (const int minutes : {1, 2, 5, 10, 20})
        menu->addAction(tr("%n minutes", nullptr, minutes), this, [this, minutes] { soak(minutes); });
    start_->setMenu(menu);
    row->addWidget(words_);
    row->addWidget(start_);
    times_.clock.start();
    tick_->setInterval(1000);
    connect(tick_, &QTimer::timeout, this, [this] { lookAt(now_s()); });
    tick_->start();
    lookAt(0);
}

void StepClock::goOnFrom(const Times& times) {
    times_ = times;
    lookAt(now_s());
}

void StepClock::restart() {
    times_.stepFrom_s = now_s();
    lookAt(times_.stepFrom_s);
}

void StepClock::soak(int minutes) {
    times_.soakUntil_s = now_s() + qint64{60} * minutes;
    lookAt(now_s());
}

void StepClock::lookAt(qint64 elapsed_s) {
    if (isSoaking() && elapsed_s >= times_.soakUntil_s) {
        times_.soakUntil_s = 0;
        QApplication::beep();
        Q_EMIT soakIsOver();
    }
    const QString step = tr("step %1").arg(clockText(std::max<qint64>(0, elapsed_s - times_.stepFrom_s)));
    Q_EMIT soaking(isSoaking() ? times_.soakUntil_s - elapsed_s : 0);
    words_->setText(isSoaking() ? tr("soaks %1 more  ·  %2").arg(clockText(times_.soakUntil_s - elapsed_s), step)
                                : step);
}

} // namespace flenzo
