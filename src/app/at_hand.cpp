// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/at_hand.h"

#include "domain/work/progress.h"
#include "widgets/look.h"
#include "widgets/text/step_words.h"
#include "widgets/text/wording.h"

#include <QApplication>
#include <QPushButton>
#include <algorithm>

namespace flenzo {

namespace {

constexpr std::size_t mostAtHand = 8;

/// What is to be done at the open job, as briefly as a button takes it.
QString actOf(AppContext& context, const JobPage& page) {
    const Session& session = context.session();
    if (page.isAtBench()) {
        const wording::ActWords words = wording::act(session.job(), session.derived(), context.preferences().units);
        return words.act + QLatin1Char(' ') + words.figure;
    }
    const auto step = currentStep(session.job(), session.derived());
    return step ? stepTitle(step->name()) : AtHand::tr("done");
}

} // namespace

std::optional<qint64> AtHand::One::soaks_s() const {
    if (!view || view->times.soakUntil_s <= 0)
        return std::nullopt;
    return view->times.soakUntil_s - view->times.clock.elapsed() / 1000;
}

AtHand::AtHand(AppContext& context, std::function<JobPage*()> page, QObject* parent)
    : QObject(parent), context_(context), page_(std::move(page)) {
    connect(&context_.session(), &Session::identityChanged, this, &AtHand::follow);
    connect(&context_.session(), &Session::changed, this, &AtHand::follow);
    constexpr int second_ms = 1000;
    timer_.setInterval(second_ms);
    connect(&timer_, &QTimer::timeout, this, &AtHand::tick);
    timer_.start();
}

std::vector<AtHand::One>::iterator AtHand::find(qint64 id) {
    return std::find_if(jobs_.begin(), jobs_.end(), [id](const One& one) { return one.id == id; });
}

bool AtHand::isFront(const One& one) const {
    return context_.session().keptAs() == one.id;
}

/// Notes how the one in front is left.
void AtHand::leave() {
    if (const auto one = find(front_); one != jobs_.end())
        one->view = page_()->view();
}

/// Jobs of another logbook may have the same numbers.
void AtHand::forgetOtherShop() {
    if (book_.lock() == context_.session().logbook())
        return;
    book_ = context_.session().logbook();
    jobs_.clear();
    front_ = 0;
}

/// The one that came first goes, but for those that something soaks on.
void AtHand::makeRoom() {
    if (jobs_.size() < mostAtHand)
        return;
    const auto idle = std::find_if(jobs_.begin(), jobs_.end(), [](const One& one) { return !one.soaks_s(); });
    jobs_.erase(idle == jobs_.end() ? jobs_.begin() : idle);
}

/// Whatever is opened from the shop and not finished is at hand; what is finished or gone is not any more.
void AtHand::follow() {
    if (!page_())
        return; // the window goes
    forgetOtherShop();
    const Session& session = context_.session();
    const qint64 id = session.keptAs().value_or(0);
    auto one = find(id);
    const bool open = id != 0 && session.job().work.state != JobState::Finished;
    if (!open) {
        if (one != jobs_.end())
            jobs_.erase(one);
    } else if (one == jobs_.end()) {
        makeRoom();
        jobs_.push_back({id, {}, {}, {}});
        one = std::prev(jobs_.end());
    }
    if (id != front_) {
        front_ = id;
        if (open && one->view) {
            page_()->goOnFrom(*one->view);
        } else { // the clock of another job is not this one's
            StepClock::Times times;
            times.clock.start();
            page_()->clock().goOnFrom(times);
        }
    }
    if (open) {
        one->guitar = session.job().guitar;
        one->act = actOf(context_, *page_());
    }
    Q_EMIT changed();
}

void AtHand::tick() {
    if (context_.session().keptAs() == front_)
        leave(); // a moment ago at most, however another job is opened
    for (One& one : jobs_)
        if (const auto left = one.soaks_s(); left && *left <= 0 && one.id != front_) {
            one.view->times.soakUntil_s = 0;
            QApplication::beep();
            context_.say(tr("%1: the time is up.").arg(one.guitar));
        }
    if (jobs_.size() > 1)
        Q_EMIT changed();
}

void AtHand::bring(qint64 id) {
    if (context_.session().keptAs() == id)
        return;
    leave();
    if (!context_.replaceJob([&](Unsaved unsaved) { return context_.session().openKept(id, unsaved); })) {
        // A job that another bench took out is not offered again; one that was only asked about stays.
        if (const auto& book = context_.session().logbook(); book && !book->kept(id).ok()) {
            if (const auto gone = find(id); gone != jobs_.end())
                jobs_.erase(gone);
            Q_EMIT changed();
        }
        return;
    }
    Q_EMIT brought();
}

void AtHand::step(int by) {
    forgetOtherShop();
    if (jobs_.empty())
        return;
    const auto count = static_cast<int>(jobs_.size());
    const auto here = find(front_);
    const int at = here == jobs_.end() ? (by > 0 ? -1 : 0) : static_cast<int>(here - jobs_.begin());
    bring(jobs_[static_cast<std::size_t>((at + by + count) % count)].id);
}

void AtHand::putAside() {
    const auto here = find(front_);
    if (here == jobs_.end() || jobs_.size() < 2)
        return;
    const qint64 aside = front_;
    step(1);
    if (front_ == aside)
        return;
    jobs_.erase(find(aside));
    Q_EMIT changed();
}

HandStrip::HandStrip(AtHand& hand, QWidget* parent) : QFrame(parent), hand_(hand), row_(new QHBoxLayout(this)) {
    setObjectName(QStringLiteral("handStrip"));
    row_->setContentsMargins(8, 2, 8, 2);
    row_->setSpacing(4);
    connect(&hand_, &AtHand::changed, this, &HandStrip::refresh);
    refresh();
}

void HandStrip::resizeEvent(QResizeEvent* event) {
    QFrame::resizeEvent(event);
    refresh();
}

/// What matters most first, for the end may be cut: whose it is, what rings soon, what is to be done.
QString HandStrip::words(const AtHand::One& one) const {
    QString guitar = one.guitar.isEmpty() ? tr("(no name yet)") : one.guitar;
    if (hand_.isFront(one))
        return guitar;
    const auto soaks = one.soaks_s();
    return tr("%1: %2").arg(
        guitar,
        (soaks ? tr("soaks %1:%2, ").arg(*soaks / 60).arg(*soaks % 60, 2, 10, QLatin1Char('0')) : QString()) + one.act);
}

void HandStrip::refresh() {
    const std::vector<AtHand::One>& jobs = hand_.jobs();
    constexpr double leastHigh = 44.0; // in base sizes: with less the bench needs all there is, and the keys still lead
    setVisible(jobs.size() > 1 &&
               std::any_of(jobs.begin(), jobs.end(), [&](const AtHand::One& one) { return hand_.isFront(one); }) &&
               window()->height() > leastHigh * basePixels(hand_.context().preferences()));
    auto buttons = findChildren<QPushButton*>(QString(), Qt::FindDirectChildrenOnly);
    while (static_cast<std::size_t>(buttons.size()) < jobs.size()) {
        auto* button = new QPushButton(this);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        button->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        const auto at = static_cast<std::size_t>(buttons.size());
        button->setObjectName(QStringLiteral("hand%1").arg(at));
        connect(button, &QPushButton::clicked, this, [this, at] {
            if (at < hand_.jobs().size())
                hand_.bring(hand_.jobs()[at].id);
            refresh(); // the one in front stays pressed
        });
        row_->addWidget(button);
        buttons.append(button);
    }
    const auto count = std::max<int>(1, static_cast<int>(jobs.size()));
    for (qsizetype k = 0; k < buttons.size(); ++k) {
        const auto at = static_cast<std::size_t>(k);
        buttons[k]->setVisible(at < jobs.size());
        if (at >= jobs.size())
            continue;
        const QString all = words(jobs[at]);
        const QFontMetrics metrics = buttons[k]->fontMetrics();
        const int room = (width() - row_->spacing() * count) / count - 7 * metrics.averageCharWidth();
        const QString seen = metrics.elidedText(all, Qt::ElideRight, std::max(room, 4 * metrics.averageCharWidth()));
        buttons[k]->setText(QString(seen).replace(QLatin1Char('&'), QLatin1String("&&")));
        buttons[k]->setToolTip(all);
        buttons[k]->setAccessibleName(all);
        buttons[k]->setChecked(hand_.isFront(jobs[at]));
    }
}

} // namespace flenzo
