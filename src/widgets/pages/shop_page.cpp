// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/shop_page.h"

#include "domain/base/bundled_words.h"
#include "domain/base/faults.h"
#include "domain/job/compare.h"
#include "domain/methods/method_figures.h"
#include "domain/work/workflow.h"
#include "paint/first_start.h"
#include "session/document/demo_shop.h"
#include "store/guitar_code.h"
#include "widgets/controls/later_panel.h"
#include "widgets/controls/row_layout.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/pages/day_panel.h"
#include "widgets/pages/due_panel.h"
#include "widgets/pages/held_panel.h"
#include "widgets/pages/stock_panel.h"
#include "widgets/pages/times_panel.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QMessageBox>
#include <QPushButton>
#include <QStackedLayout>
#include <QTabWidget>
#include <QTableWidget>

namespace flenzo {

namespace {

enum Filter { All, OnBench, Waiting, Finished, Due };

QString stateWords(const JobRow& row) {
    switch (row.state) {
    case JobState::Waiting:
        return ShopPage::tr("waiting");
    case JobState::OnBench:
        return ShopPage::tr("on the bench");
    case JobState::Finished:
        return ShopPage::tr("finished");
    }
    return {};
}

JobFilter filterOf(int index, const QString& words) {
    JobFilter filter;
    filter.words = words;
    filter.handOn = QDate::currentDate();
    if (index == OnBench)
        filter.state = JobState::OnBench;
    else if (index == Waiting)
        filter.state = JobState::Waiting;
    else if (index == Finished)
        filter.state = JobState::Finished;
    else if (index == Due)
        filter.dueBy = QDate::currentDate().addDays(static_cast<qint64>(DueOptions().shownBefore_days));
    return filter;
}

constexpr int mostNamed = 400; ///< letters of the guitars that are asked about

} // namespace

ShopPage::ShopPage(AppContext& context, QWidget* parent) : QWidget(parent), context_(context) {
    pages_ = new QStackedLayout(this);
    pages_->addWidget(buildEmpty());
    pages_->addWidget(buildTabs());
    const auto refreshIfSeen = [this] {
        if (isVisible())
            refresh();
    };
    connect(&context_.session(), &Session::identityChanged, this, refreshIfSeen);
    connect(&context_.session(), &Session::changed, this, refreshIfSeen);
    refresh();
}

QWidget* ShopPage::buildTabs() {
    tabs_ = new QTabWidget(this);
    tabs_->setObjectName(QStringLiteral("shopTabs"));
    QWidget* jobs = buildList();
    jobs->setObjectName(QStringLiteral("jobsPanel"));
    tabs_->addTab(jobs, tr("&Jobs in hand and done"));
    const auto later = [this](const char* name, const QString& title, LaterPanel::Make make) {
        auto* panel = new LaterPanel(std::move(make), tabs_);
        panel->setObjectName(QLatin1String(name));
        tabs_->addTab(panel, title);
    };
    later("dayPanel", tr("D&ay"), [this](QWidget* parent) {
        auto* day = new DayPanel(context_, parent);
        connect(day, &DayPanel::openWanted, this, &ShopPage::openJob);
        return day;
    });
    later("duePanel", tr("D&ue"), [this](QWidget* parent) {
        auto* due = new DuePanel(context_, parent);
        connect(due, &DuePanel::repeatWanted, this, &ShopPage::repeat);
        return due;
    });
    later("stockPanel", tr("S&tock"), [this](QWidget* parent) { return new StockPanel(context_, parent); });
    later("timesPanel", tr("T&imes"), [this](QWidget* parent) { return new TimesPanel(context_, parent); });
    later("heldPanel", tr("Did it &hold?"), [this](QWidget* parent) { return new HeldPanel(context_, parent); });
    return tabs_;
}

void ShopPage::showTab(const QString& name) {
    if (auto* tab = findChild<QWidget*>(name))
        tabs_->setCurrentWidget(tab);
}

QString ShopPage::tab() const {
    return tabs_->currentWidget()->objectName();
}

void ShopPage::showExample() {
    example_->show(
        [scale = context_.preferences().scale()](const QSizeF& size) { return buildFirstStart(size, scale); },
        context_.preferences());
}

QWidget* ShopPage::buildEmpty() {
    auto* page = new QWidget(this);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(60, 32, 60, 32);
    QLabel* title = label(TextRole::Act, page);
    title->setText(tr("No guitars yet"));
    QLabel* words = label(TextRole::Body, page, QStringLiteral("emptyShop"));
    words->setWordWrap(true);
    words->setText(
        tr("Put the first one on the bench. A bridge, a number of strings and what goes on are enough to begin: "
           "everything not known yet has a usual figure, marked as assumed, and the readings correct it. Each "
           "step, reading and note is kept at once; nothing has to be saved."));
    auto* first = new QPushButton(tr("Put a guitar on the bench"), page);
    first->setObjectName(QStringLiteral("firstGuitar"));
    connect(first, &QPushButton::clicked, this, &ShopPage::newGuitarWanted);
    auto* demo = new QPushButton(tr("Look round the demo shop"), page);
    demo->setObjectName(QStringLiteral("openDemoShop"));
    auto* trial = new QPushButton(tr("Try it on a guitar that answers"), page);
    trial->setObjectName(QStringLiteral("tryGuitar"));
    trial->setToolTip(tr("A simulated guitar just strung: some two minutes until it is in tune"));
    connect(trial, &QPushButton::clicked, this, &ShopPage::trialWanted);
    demo->setToolTip(tr("Six invented guitars that answer by themselves; they can be deleted later"));
    connect(demo, &QPushButton::clicked, this, &ShopPage::demoWanted);
    auto* buttons = new QWidget(page); // one below the other where there is little room
    auto* row = new RowLayout(buttons);
    row->addWidget(first);
    row->addWidget(trial);
    row->addWidget(demo);
    example_ = new SceneView(page);
    example_->setObjectName(QStringLiteral("shopExample"));
    example_->setAccessibleName(tr("What the program does, in three steps"));
    column->addWidget(title);
    column->addWidget(words);
    column->addSpacing(12);
    column->addWidget(buttons);
    column->addSpacing(16);
    column->addWidget(example_, 1);
    return page;
}

QWidget* ShopPage::buildList() {
    auto* page = new QWidget(this);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(10, 8, 10, 8);
    auto* top = new QHBoxLayout;
    search_ = new QLineEdit(page);
    search_->setObjectName(QStringLiteral("search"));
    search_->setPlaceholderText(tr("Search guitar, owner, set, tuning, reason or the code of a card"));
    search_->setAccessibleName(tr("Search"));
    search_->setClearButtonEnabled(true);
    search_->installEventFilter(this);
    filter_ = new QComboBox(page);
    filter_->setObjectName(QStringLiteral("filter"));
    filter_->setAccessibleName(tr("Which jobs"));
    filter_->addItems({tr("all jobs"), tr("on the bench"), tr("waiting"), tr("finished"), tr("due within two weeks")});
    count_ = label(TextRole::Small, page, QStringLiteral("jobCount"));
    top->addWidget(search_, 1);
    top->addWidget(filter_);
    top->addWidget(count_);
    column->addLayout(top);
    table_ = new QTableWidget(0, 7, page);
    table_->setObjectName(QStringLiteral("jobs"));
    table_->setAccessibleName(tr("Jobs"));
    table_->setHorizontalHeaderLabels(
        {tr("Guitar"), tr("Owner"), tr("Goes on"), tr("Tuning"), tr("State"), tr("Received"), tr("Due")});
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->verticalHeader()->hide();
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Interactive);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    table_->installEventFilter(this);
    column->addWidget(table_, 1);
    QVBoxLayout* inside = nullptr;
    QFrame* panel = titledPanel(page, tr("This guitar before"), inside);
    history_ = label(TextRole::Body, panel, QStringLiteral("history"));
    history_->setWordWrap(true);
    inside->addWidget(history_);
    column->addWidget(panel);
    auto* buttons = new QWidget(page);
    auto* row = new RowLayout(buttons);
    const auto button = [&](const QString& text, const char* name, void (ShopPage::*run)()) {
        auto* made = new QPushButton(text, buttons);
        made->setObjectName(QLatin1String(name));
        connect(made, &QPushButton::clicked, this, run);
        row->addWidget(made);
        return made;
    };
    open_ = button(tr("Go on  (Enter)"), "openJob", &ShopPage::openPicked);
    repeat_ = button(tr("Repeat this set-up"), "repeatJob", &ShopPage::repeatPicked);
    compare_ = button(tr("Compare"), "compareJob", &ShopPage::compare);
    compare_->setToolTip(tr("With the job before on the same guitar"));
    takeOut_ = button(tr("Delete…"), "takeOutJob", &ShopPage::takeOutPicked);
    takeOut_->setToolTip(tr("The chosen jobs leave the shop (Delete)"));
    button(tr("New guitar"), "newGuitar", &ShopPage::newGuitarWanted);
    file_ = label(TextRole::Small, buttons, QStringLiteral("logbookFile"));
    row->addWidget(file_);
    column->addWidget(buttons);
    connect(search_, &QLineEdit::textChanged, this, &ShopPage::refresh);
    connect(filter_, &QComboBox::activated, this, &ShopPage::refresh);
    connect(table_, &QTableWidget::itemSelectionChanged, this, &ShopPage::refreshHistory);
    connect(table_, &QTableWidget::cellDoubleClicked, this, &ShopPage::openPicked);
    return page;
}

void ShopPage::takeFocus() {
    refresh();
    if (pages_->currentIndex() == 1 && tabs_->currentIndex() == 0)
        search_->setFocus();
}

void ShopPage::refresh() {
    const auto& book = context_.session().logbook();
    const Result<int> count = book ? book->jobCount() : Result<int>(0);
    const bool empty = count.ok() && count.value() == 0;
    pages_->setCurrentIndex(empty ? 0 : 1);
    if (empty) {
        showExample();
        return;
    }
    const Result<QList<JobRow>> read = found(*book);
    if (!count.ok() || !read.ok()) {
        sayUnread(count.ok() ? read.fault() : count.fault());
        return;
    }
    const QList<JobRow>& rows = read.value();
    const auto keep = picked();
    const QSignalBlocker quiet(table_);
    table_->verticalHeader()->setDefaultSectionSize(static_cast<int>(basePixels(context_.preferences()) * 1.9));
    table_->setRowCount(static_cast<int>(rows.size()));
    int chosen = rows.isEmpty() ? -1 : 0;
    for (int r = 0; r < rows.size(); ++r) {
        const JobRow& row = rows.at(r);
        const QString cells[] = {row.guitar.isEmpty() ? tr("(no name yet)") : row.guitar,
                                 row.owner,
                                 bundledWords(row.setName),
                                 bundledWords(row.tuning),
                                 stateWords(row),
                                 row.received.toString(Qt::ISODate),
                                 row.due.isValid() ? row.due.toString(Qt::ISODate) : QString()};
        for (int c = 0; c < 7; ++c) {
            auto* item = new QTableWidgetItem(cells[c]);
            item->setToolTip(c == 0 ? bundledWords(row.reason) : cells[c]);
            item->setData(Qt::UserRole, row.id);
            item->setData(Qt::UserRole + 1, row.guitarId);
            table_->setItem(r, c, item);
        }
        if (keep && *keep == row.id)
            chosen = r;
    }
    table_->resizeColumnsToContents();
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    if (chosen >= 0)
        table_->selectRow(chosen);
    count_->setText(rows.size() < 200 ? tr("%1 of %2").arg(rows.size()).arg(count.value())
                                      : tr("the first 200 of %1").arg(count.value()));
    file_->setText(book->readOnly() ? tr("read only") : QString());
    file_->setToolTip(book->readOnly() ? sentence(book->path(), *book->whyReadOnly()) : QString());
    refreshHistory();
}

/// A guitar by the code on its card, or what has the words.
Result<QList<JobRow>> ShopPage::found(const Logbook& book) const {
    const auto code = readCode(search_->text());
    if (!code)
        return book.jobs(filterOf(filter_->currentIndex(), search_->text()));
    const Result<qint64> guitar = guitarOfCode(book, *code);
    return guitar.ok() ? book.jobsOf(guitar.value()) : Result<QList<JobRow>>(guitar.fault());
}

/// A shop that cannot be read is not an empty one.
void ShopPage::sayUnread(const Fault& fault) {
    table_->setRowCount(0);
    count_->clear();
    for (QPushButton* button : {open_, repeat_, compare_, takeOut_})
        button->setEnabled(false);
    const bool card = fault.is(faults::codeOfOtherShop) || fault.is(faults::codeOfNoJob);
    history_->setText((card ? fault.sentence() : sentence(context_.session().logbook()->path(), fault)) +
                      QLatin1Char('.'));
}

std::optional<qint64> ShopPage::picked(int behind) const {
    const int row = table_->currentRow();
    if (row < 0 || !table_->item(row, 0))
        return std::nullopt;
    return table_->item(row, 0)->data(Qt::UserRole + behind).toLongLong();
}

void ShopPage::refreshHistory() {
    const auto guitar = picked(1);
    for (QPushButton* button : {open_, repeat_, compare_})
        button->setEnabled(guitar.has_value());
    takeOut_->setEnabled(guitar && !context_.session().logbook()->readOnly());
    if (!guitar) {
        history_->setText(tr("Nothing found. Clear the search or choose all jobs."));
        return;
    }
    QStringList lines;
    const auto read = context_.session().logbook()->jobsOf(*guitar);
    if (!read.ok()) {
        sayUnread(read.fault());
        return;
    }
    const QList<JobRow>& jobs = read.value();
    constexpr int most = 4;
    for (const JobRow& row : jobs.mid(0, most))
        lines.append(tr("%1: %2, %3; %4, %n entries in its log", nullptr, row.entries)
                         .arg((row.received.isValid() ? row.received : row.changed.date()).toString(Qt::ISODate),
                              row.setName.isEmpty() ? tr("own set") : bundledWords(row.setName),
                              row.tuning.isEmpty() ? tr("own tuning") : bundledWords(row.tuning), stateWords(row)));
    if (jobs.size() > most)
        lines.append(tr("and %1 more").arg(jobs.size() - most));
    compare_->setEnabled(jobs.size() > 1);
    history_->setText(lines.join(QLatin1Char('\n')));
}

bool ShopPage::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Return || key == Qt::Key_Enter) {
            openPicked();
            return true;
        }
        if (watched == table_ && key == Qt::Key_Delete) {
            takeOutPicked();
            return true;
        }
        if (watched == search_ && (key == Qt::Key_Down || key == Qt::Key_Up)) {
            const int row = table_->currentRow() + (key == Qt::Key_Down ? 1 : -1);
            if (row >= 0 && row < table_->rowCount())
                table_->selectRow(row);
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

void ShopPage::openPicked() {
    if (const auto id = picked())
        openJob(*id);
}

void ShopPage::openJob(qint64 id) {
    if (context_.replaceJob([&](Unsaved unsaved) { return context_.session().openKept(id, unsaved); }))
        Q_EMIT jobOpened();
}

void ShopPage::repeatPicked() {
    if (const auto id = picked())
        repeat(*id);
}

void ShopPage::repeat(qint64 id) {
    const Result<Job> last = context_.session().logbook()->job(id);
    if (!last.ok()) {
        context_.accept(last.fault());
        return;
    }
    Job next = repeated(last.value(), derive(last.value()));
    next.work.usualMinutes = context_.shopSays(this).usualMinutes;
    if (context_.replaceJob([&](Unsaved unsaved) { return context_.session().addToLogbook(next, unsaved); }))
        Q_EMIT jobOpened();
}

void ShopPage::compare() {
    const auto id = picked();
    const auto guitar = picked(1);
    if (!id || !guitar)
        return;
    const auto read = context_.session().logbook()->jobsOf(*guitar);
    if (!read.ok()) {
        context_.accept(read.fault());
        return;
    }
    const QList<JobRow>& jobs = read.value();
    for (qsizetype k = 0; k + 1 < jobs.size(); ++k)
        if (jobs.at(k).id == *id || k + 2 == jobs.size()) {
            const Result<Job> later = context_.session().logbook()->job(jobs.at(k).id);
            const Result<Job> earlier = context_.session().logbook()->job(jobs.at(k + 1).id);
            if (later.ok() && earlier.ok())
                history_->setText(differencesOf(earlier.value(), later.value()).join(QLatin1Char('\n')));
            return;
        }
}

void ShopPage::takeOutPicked() {
    QList<qint64> jobs;
    QStringList guitars;
    for (const QModelIndex& row : table_->selectionModel()->selectedRows()) {
        jobs.append(row.data(Qt::UserRole).toLongLong());
        guitars.append(row.data().toString());
    }
    if (jobs.isEmpty() || !takeOut_->isEnabled())
        return;
    auto* box = new QMessageBox(QMessageBox::Warning, tr("Delete jobs"),
                                tr("Delete %n jobs? Logs, notes and steps go with them; only a backup or an exported "
                                   "guitar brings them back.",
                                   nullptr, static_cast<int>(jobs.size())),
                                QMessageBox::NoButton, this);
    box->setInformativeText(guitars.join(QLatin1Char('\n')).left(mostNamed));
    box->setObjectName(QStringLiteral("takeOutBox"));
    box->setAttribute(Qt::WA_DeleteOnClose);
    QPushButton* yes = box->addButton(tr("Delete"), QMessageBox::DestructiveRole);
    yes->setObjectName(QStringLiteral("takeOutYes"));
    box->setDefaultButton(box->addButton(tr("Cancel"), QMessageBox::RejectRole));
    connect(yes, &QPushButton::clicked, this, [this, jobs] { takeOut(jobs); });
    box->open();
}

void ShopPage::takeOut(const QList<qint64>& jobs) {
    Session& session = context_.session();
    if (!context_.accept(session.logbook()->remove(jobs)))
        return;
    if (session.isKept() && jobs.contains(*session.keptAs()))
        session.start(newJob(), QString());
    if (context_.accept(clearDemoStock(*session.logbook())))
        context_.say(tr("%n jobs deleted.", nullptr, static_cast<int>(jobs.size())));
    takeFocus();
}

} // namespace flenzo
