// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/day_panel.h"

#include "language/decimal.h"
#include "paint/day_picture.h"
#include "widgets/controls/row_layout.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"

#include <QApplication>
#include <QBoxLayout>
#include <QCheckBox>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QPushButton>
#include <QSpinBox>
#include <QTableWidget>
#include <algorithm>
#include <cmath>
#include <numeric>

namespace flenzo {

namespace {

enum DayColumn { Guitar, Begins, Done, Left, Promised, NotBefore, ColumnCount };

double hourOf(const QDateTime& moment, const QDate& day) {
    return static_cast<double>(QDateTime(day, QTime(0, 0)).secsTo(moment)) / 3600.0;
}

/// "17:20", or with its day where that is another one.
QString shortMoment(const QDateTime& moment, const QDate& today) {
    const QString time = moment.toString(QStringLiteral("HH:mm"));
    return moment.date() == today ? time
                                  : DayPanel::tr("%1 %2, %3")
                                        .arg(QLocale().dayName(moment.date().dayOfWeek(), QLocale::ShortFormat),
                                             QLocale().toString(moment.date(), QLocale::ShortFormat), time);
}

/// What somebody does at one go, however it was cut to fit between breaks.
std::vector<DaySlot> joined(const std::vector<DaySlot>& slots) {
    std::vector<DaySlot> whole;
    for (const DaySlot& slot : slots) {
        const auto before = std::find_if(whole.begin(), whole.end(), [&](const DaySlot& other) {
            return other.person == slot.person && other.job == slot.job && other.to_min == slot.from_min;
        });
        if (before == whole.end()) {
            whole.push_back(slot);
        } else {
            before->to_min = slot.to_min;
            before->task = slot.task;
        }
    }
    return whole;
}

QString waitText(WaitFor what) {
    switch (what) {
    case WaitFor::Oil:
        return DayPanel::tr("then the oil stays on");
    case WaitFor::Settling:
        return DayPanel::tr("then the strings rest over night");
    default:
        return {};
    }
}

} // namespace

DayPanel::DayPanel(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(10, 8, 10, 8);
    column->setSpacing(8);
    verdict_ = label(TextRole::Act, this, QStringLiteral("dayVerdict"));
    verdict_->setWordWrap(true);
    column->addWidget(verdict_);
    auto* head = new QHBoxLayout;
    const auto button = [&](const QString& text, const char* name, int days) {
        auto* made = new QPushButton(text, this);
        made->setObjectName(QLatin1String(name));
        connect(made, &QPushButton::clicked, this, [this, days] { step(days); });
        return made;
    };
    before_ = button(tr("Day &before"), "dayBefore", -1);
    after_ = button(tr("Day &after"), "dayAfter", 1);
    day_ = label(TextRole::Body, this, QStringLiteral("dayShown"));
    head->addWidget(day_, 1);
    head->addWidget(before_);
    head->addWidget(after_);
    column->addLayout(head);
    picture_ = new SceneView(this);
    picture_->setObjectName(QStringLiteral("dayPicture"));
    picture_->setAccessibleName(tr("The day, a lane for each person"));
    picture_->setMinimumHeight(static_cast<int>(9.0 * basePixels(context_.preferences())));
    column->addWidget(picture_, 2);
    table_ = new QTableWidget(0, ColumnCount, this);
    table_->setObjectName(QStringLiteral("dayJobs"));
    table_->setAccessibleName(tr("Jobs in hand, in the order in which they are begun"));
    table_->setHorizontalHeaderLabels(
        {tr("Guitar"), tr("Begun at"), tr("Done at"), tr("Left, min"), tr("Promised by"), tr("Not before")});
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->verticalHeader()->hide();
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(Guitar, QHeaderView::Stretch);
    table_->installEventFilter(this);
    column->addWidget(table_, 3);
    how_ = label(TextRole::Small, this, QStringLiteral("dayHow"));
    how_->setWordWrap(true);
    column->addWidget(how_);
    column->addWidget(buildHours());
    connect(table_, &QTableWidget::cellChanged, this, &DayPanel::noteTyped);
    connect(table_, &QTableWidget::cellDoubleClicked, this, [this](int row, int cell) {
        if (const JobAhead* job = cell < Promised ? jobAt(row) : nullptr)
            Q_EMIT openWanted(job->row.id);
    });
    connect(&context_.shop(), &ShopMemory::dayArrived, this, &DayPanel::show);
    connect(&context_.session(), &Session::identityChanged, this, &DayPanel::refreshWhenSeen);
    connect(&context_.session(), &Session::changed, this, &DayPanel::refreshWhenSeen);
    constexpr int minute_ms = 60000;
    minute_.setInterval(minute_ms);
    connect(&minute_, &QTimer::timeout, this, &DayPanel::refreshWhenSeen);
}

void DayPanel::hideEvent(QHideEvent*) {
    growStale();
    minute_.stop();
}

QWidget* DayPanel::buildHours() {
    auto* box = new QWidget(this);
    auto* row = new RowLayout(box);
    auto* title = new QLabel(tr("O&pen"), box);
    open_ = new QLineEdit(box);
    open_->setObjectName(QStringLiteral("dayHours"));
    open_->setAccessibleName(tr("When the shop is open"));
    open_->setToolTip(tr("From when to when, as in 9:00-12:30, 13:30-18:00"));
    open_->setMinimumWidth(static_cast<int>(15.0 * basePixels(context_.preferences())));
    title->setBuddy(open_);
    row->addWidget(title);
    row->addWidget(open_);
    connect(open_, &QLineEdit::editingFinished, this, &DayPanel::saveHours);
    for (int day = 0; day < 7; ++day) {
        auto* tick = new QCheckBox(QLocale().dayName(day + 1, QLocale::ShortFormat), box);
        tick->setObjectName(QStringLiteral("weekday%1").arg(day + 1));
        tick->setAccessibleName(tr("open on %1").arg(QLocale().dayName(day + 1)));
        connect(tick, &QCheckBox::clicked, this, &DayPanel::saveHours);
        weekdays_[static_cast<std::size_t>(day)] = tick;
        row->addWidget(tick);
    }
    auto* who = new QLabel(tr("P&eople"), box);
    people_ = new QSpinBox(box);
    people_->setObjectName(QStringLiteral("dayPeople"));
    people_->setAccessibleName(tr("How many people work"));
    people_->setRange(1, mostPeople);
    who->setBuddy(people_);
    row->addWidget(who);
    row->addWidget(people_);
    connect(people_, &QSpinBox::valueChanged, this, &DayPanel::saveHours);
    return box;
}

void DayPanel::showHours() {
    const QSignalBlocker quiet(people_);
    if (!open_->hasFocus())
        open_->setText(hoursText(hours_.hours));
    people_->setValue(hours_.people);
    for (std::size_t day = 0; day < 7; ++day)
        weekdays_[day]->setChecked(hours_.days[day]);
}

void DayPanel::saveHours() {
    const auto& book = context_.session().logbook();
    const auto typed = parseHours(open_->text());
    if (!typed.ok()) {
        Fault fault = typed.fault();
        fault.field = tr("the shop's hours");
        context_.accept(fault);
        return;
    }
    ShopHours hours{typed.value(), {}, people_->value()};
    for (std::size_t day = 0; day < 7; ++day)
        hours.days[day] = weekdays_[day]->isChecked();
    if (hours == hours_ || !book || !context_.accept(saveShopHours(*book, hours)))
        return;
    refresh();
}

void DayPanel::refresh() {
    const auto& book = context_.session().logbook();
    const Result<ShopHours> hours = book ? shopHours(*book) : Result<ShopHours>(ShopHours());
    if (!hours.ok()) {
        context_.accept(hours.fault());
        return;
    }
    hours_ = hours.value();
    showHours();
    minute_.start();
    context_.shop().planDays(hours_, QDateTime::currentDateTime());
    if (!context_.shop().days() && context_.shop().isPlanning())
        verdict_->setText(tr("Laying out the day…"));
}

const LaidOut* DayPanel::days() const {
    const auto& days = context_.shop().days();
    return days && days->ok() ? &days->value() : nullptr;
}

void DayPanel::show() {
    const auto& arrived = context_.shop().days();
    if (!isVisible() || !arrived)
        return;
    const LaidOut* laid = days();
    picture_->setVisible(laid != nullptr);
    table_->setVisible(laid != nullptr);
    if (!laid) {
        Fault fault = arrived->fault();
        fault.field = tr("The shop's hours");
        setVoice(verdict_, TextRole::Warn);
        verdict_->setText(fault.sentence() + QLatin1Char('.'));
        return;
    }
    bool late = false;
    for (std::size_t j = 0; j < laid->jobs.size(); ++j)
        late = late || laid->isLate(j);
    setVoice(verdict_, late ? TextRole::Warn : TextRole::Act);
    verdict_->setText(verdict(*laid));
    constexpr double worthSaying = 20.0; // further than that the bounds say little
    const double more =
        100.0 * (static_cast<double>(laid->plan.cost) / static_cast<double>(std::max(1L, laid->plan.bound)) - 1.0);
    how_->setText(
        (laid->plan.proven || more < 1.0 ? tr("No other order keeps more promises or is done sooner.")
         : more < worthSaying ? tr("No order is better than this one by more than %1 % (promises and time until done).")
                                    .arg(decimal(more, 0))
                              : tr("Another order may be a little better still.")) +
        QLatin1Char(' ') +
        tr("Minutes are the shop's own of earlier jobs, or assumed. Type over when a job is promised, or before "
           "when nothing can be done on it: 17:00, 2026-03-31, or both."));
    showTable(*laid);
    if (!shown_.isValid() || shown_ < laid->from.date())
        shown_ = laid->plan.slots.empty() ? laid->from.date() : laid->at(laid->plan.slots.front().from_min).date();
    showPicture();
}

/// What is to be known in the morning: what will be late, else what comes first.
QString DayPanel::verdict(const LaidOut& laid) const {
    if (laid.jobs.empty())
        return tr("No job is in hand.");
    QStringList late;
    for (std::size_t j = 0; j < laid.jobs.size(); ++j)
        if (laid.isLate(j))
            late.append(tr("%1: done %2, promised %3")
                            .arg(laid.jobs[j].row.guitar, shortMoment(laid.at(laid.plan.done_min[j]), laid.from.date()),
                                 shortMoment(laid.jobs[j].promised, laid.from.date())));
    constexpr qsizetype mostNamed = 3;
    if (!late.isEmpty())
        return tr("Late as it is laid out, tell the owner: %1").arg(late.mid(0, mostNamed).join(QStringLiteral("; "))) +
               (late.size() > mostNamed ? tr("; and %1 more.").arg(late.size() - mostNamed) : QStringLiteral("."));
    const auto first = laid.plan.slots.empty() ? nullptr : &laid.plan.slots.front();
    return first ? tr("First %1, at %2. Every promise can be kept.")
                       .arg(laid.jobs[first->job].row.guitar, shortMoment(laid.at(first->from_min), laid.from.date()))
                 : tr("Nothing is left to do by hand.");
}

/// In a cell of the table.
bool DayPanel::isTyping() const {
    QWidget* focus = QApplication::focusWidget();
    return qobject_cast<QLineEdit*>(focus) && table_->isAncestorOf(focus);
}

/// The job of a row, however the days have been laid out since the table was filled; nothing where it is gone.
const JobAhead* DayPanel::jobAt(int row) const {
    const LaidOut* laid = days();
    const QTableWidgetItem* item = row < 0 ? nullptr : table_->item(row, Guitar);
    if (!laid || !item)
        return nullptr;
    const qint64 id = item->data(Qt::UserRole).toLongLong();
    const auto found =
        std::find_if(laid->jobs.begin(), laid->jobs.end(), [id](const JobAhead& job) { return job.row.id == id; });
    return found == laid->jobs.end() ? nullptr : &*found;
}

void DayPanel::showTable(const LaidOut& laid) {
    if (isTyping())
        return; // it stays
    std::vector<int> begins(laid.jobs.size(), std::numeric_limits<int>::max());
    for (const DaySlot& slot : laid.plan.slots)
        begins[slot.job] = std::min(begins[slot.job], slot.from_min);
    std::vector<std::size_t> order(laid.jobs.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return begins[a] < begins[b]; });
    const QSignalBlocker quiet(table_);
    table_->setRowCount(static_cast<int>(order.size()));
    table_->verticalHeader()->setDefaultSectionSize(static_cast<int>(basePixels(context_.preferences()) * 1.9));
    const QDate today = laid.from.date();
    for (int r = 0; r < table_->rowCount(); ++r) {
        const std::size_t j = order[static_cast<std::size_t>(r)];
        const JobAhead& job = laid.jobs[j];
        const double left = std::accumulate(job.pieces.begin(), job.pieces.end(), 0.0,
                                            [](double sum, const PieceAhead& piece) { return sum + piece.hands_min; });
        const bool begun = begins[j] != std::numeric_limits<int>::max();
        const QString cells[] = {job.row.guitar,
                                 begun ? shortMoment(laid.at(begins[j]), today) : QString(),
                                 shortMoment(laid.at(laid.plan.done_min[j]), today),
                                 decimal(left, 0),
                                 momentShown(job.promised),
                                 momentShown(job.notBefore)};
        for (int c = 0; c < ColumnCount; ++c) {
            auto* item = new QTableWidgetItem(cells[c]);
            item->setToolTip(c == Guitar ? job.row.owner : cells[c]);
            item->setData(Qt::UserRole, job.row.id);
            if (c < Promised)
                item->setFlags(item->flags() & ~Qt::ItemIsEditable);
            if (c == Done && laid.isLate(j)) {
                item->setForeground(context_.preferences().theme()[ColourRole::Warn]);
                item->setText(tr("%1, late").arg(cells[c]));
            }
            table_->setItem(r, c, item);
        }
    }
}

void DayPanel::step(int by) {
    const LaidOut* laid = days();
    if (!laid)
        return;
    QDate day = shown_;
    constexpr int furthest = 60;
    for (int k = 0; k < furthest; ++k) {
        day = day.addDays(by);
        if (day < laid->from.date())
            return;
        if (hours_.days[static_cast<std::size_t>(day.dayOfWeek() - 1)])
            break;
    }
    shown_ = day;
    showPicture();
}

void DayPanel::showPicture() {
    const LaidOut* laid = days();
    if (!laid)
        return;
    day_->setText(QLocale().toString(shown_, QLocale::LongFormat));
    before_->setEnabled(shown_ > laid->from.date());
    DayPicture picture;
    picture.people = laid->problem.people;
    picture.empty = tr("Nothing is laid out for this day.");
    picture.from_h = hourOf(QDateTime(shown_, hours_.hours.front().first), shown_);
    picture.to_h = hourOf(QDateTime(shown_, hours_.hours.back().second), shown_);
    for (std::size_t k = 1; k < hours_.hours.size(); ++k)
        picture.closed.append({hourOf(QDateTime(shown_, hours_.hours[k - 1].second), shown_),
                               hourOf(QDateTime(shown_, hours_.hours[k].first), shown_)});
    if (laid->from.date() == shown_)
        picture.now_h = hourOf(laid->from, shown_);
    for (const DaySlot& slot : joined(laid->plan.slots)) {
        const QDateTime from = laid->at(slot.from_min), to = laid->at(slot.to_min);
        if (from.date() != shown_)
            continue;
        const JobAhead& job = laid->jobs[slot.job];
        const bool waits = laid->problem.jobs[slot.job].tasks[slot.task].wait_min > 0;
        QString tip =
            tr("%1 to %2: %3")
                .arg(from.toString(QStringLiteral("HH:mm")), to.toString(QStringLiteral("HH:mm")), job.row.guitar);
        if (waits)
            for (const PieceAhead& piece : job.pieces)
                if (static_cast<int>(std::ceil(piece.wait_min)) ==
                    laid->problem.jobs[slot.job].tasks[slot.task].wait_min)
                    tip += QStringLiteral(", ") + waitText(piece.waitFor);
        picture.pieces.append(
            {slot.person, hourOf(from, shown_), hourOf(to, shown_), job.row.guitar, laid->isLate(slot.job), tip});
    }
    picture_->show([picture, scale = context_.preferences().scale()](
                       const QSizeF& size) { return buildDayPicture(picture, size, scale); },
                   context_.preferences());
}

void DayPanel::noteTyped(int row, int column) {
    const JobAhead* found = column < Promised ? nullptr : jobAt(row);
    if (!found)
        return;
    const JobAhead job = *found; // the days may be laid out anew while it is noted
    auto moment = parseMoment(table_->item(row, column)->text(), QDateTime::currentDateTime(), hours_);
    if (!moment.ok()) {
        Fault fault = moment.fault();
        fault.field = table_->horizontalHeaderItem(column)->text();
        context_.accept(fault);
        const QSignalBlocker quiet(table_);
        table_->item(row, column)->setText(momentShown(column == Promised ? job.promised : job.notBefore));
        return;
    }
    QDateTime Work::*const which = column == Promised ? &Work::promised : &Work::notBefore;
    Session& session = context_.session();
    const bool open = session.keptAs() == job.row.id;
    const auto fault = open ? session.edit(column == Promised ? tr("promise") : tr("not before"),
                                           [&](Job& changed) { changed.work.*which = moment.value(); })
                            : noteMoment(*session.logbook(), job.row.id, which, moment.value());
    context_.accept(fault);
    refresh();
}

bool DayPanel::eventFilter(QObject* watched, QEvent* event) {
    if (watched == table_ && event->type() == QEvent::KeyPress && !isTyping()) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        const JobAhead* job = jobAt(table_->currentRow());
        if ((key == Qt::Key_Return || key == Qt::Key_Enter) && job) {
            Q_EMIT openWanted(job->row.id);
            return true;
        }
        if (key == Qt::Key_Delete && table_->currentItem() && table_->currentColumn() >= Promised) {
            table_->currentItem()->setText(QString());
            return true;
        }
    }
    return Page::eventFilter(watched, event);
}

} // namespace flenzo
