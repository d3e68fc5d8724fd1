// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/due_panel.h"

#include "domain/base/bundled_words.h"
#include "domain/base/faults.h"
#include "domain/base/moment.h"
#include "domain/base/ranges.h"
#include "paint/season_chart.h"
#include "session/input/held_entry.h"
#include "store/files.h"
#include "widgets/controls/row_layout.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QClipboard>
#include <QFileDialog>
#include <QGuiApplication>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QTableWidget>
#include <tuple>

namespace flenzo {

namespace {

constexpr int weeksAhead = 26, mostGuitars = 60;

QString whenWords(const QDate& on, const QDate& today) {
    const qint64 days = today.daysTo(on);
    return days == 0  ? DuePanel::tr("today")
           : days < 0 ? DuePanel::tr("%n days ago", nullptr, static_cast<int>(-days))
                      : DuePanel::tr("in %n days", nullptr, static_cast<int>(days));
}

} // namespace

DuePanel::DuePanel(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 8, 8, 8);
    column->setSpacing(8);
    table_ = new QTableWidget(0, 6, this);
    table_->setObjectName(QStringLiteral("dueTable"));
    table_->setAccessibleName(tr("What is due"));
    table_->setHorizontalHeaderLabels({tr("When"), tr("Day"), tr("What"), tr("Guitar"), tr("Owner"), tr("Set")});
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->verticalHeader()->hide();
    table_->horizontalHeader()->setSectionResizeMode(3, QHeaderView::Stretch);
    column->addWidget(table_, 3);
    reminder_ = label(TextRole::Body, this, QStringLiteral("reminder"));
    reminder_->setWordWrap(true);
    reminder_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    column->addWidget(reminder_);
    column->addWidget(buildButtons());
    season_ = new SceneView(this);
    season_->setObjectName(QStringLiteral("season"));
    season_->setAccessibleName(tr("The season: weeks across, guitars down"));
    auto* scroll = new QScrollArea(this);
    scroll->setWidget(season_);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    column->addWidget(scroll, 4);
    connect(table_, &QTableWidget::itemSelectionChanged, this, &DuePanel::refreshPicked);
    connect(&context_.session(), &Session::identityChanged, this, &DuePanel::refreshWhenSeen);
}

QWidget* DuePanel::buildButtons() {
    auto* box = new QWidget(this);
    auto* row = new RowLayout(box);
    const auto button = [&](const QString& text, const char* name, const auto& run) {
        auto* made = new QPushButton(text, box);
        made->setObjectName(QLatin1String(name));
        connect(made, &QPushButton::clicked, this, run);
        row->addWidget(made);
        return made;
    };
    begin_ = button(tr("Begin this restring"), "beginRestring", [this] {
        if (const DueEntry* entry = picked())
            Q_EMIT repeatWanted(entry->job.id);
    });
    holds_ = button(tr("It holds"), "checkHolds", [this] { note(true); });
    drifts_ = button(tr("It drifts"), "checkDrifts", [this] { note(false); });
    copy_ = button(tr("Copy the reminder"), "copyReminder",
                   [this] { QGuiApplication::clipboard()->setText(reminder_->text()); });
    button(tr("Save as calendar…"), "saveCalendar", [this] { askCalendar(); });
    const auto field = [&](const char* name, const QString& title, const QString& hint, double wide) {
        auto* made = new QLineEdit(box);
        made->setObjectName(QLatin1String(name));
        made->setAccessibleName(title);
        made->setToolTip(title);
        made->setPlaceholderText(hint);
        made->setMaximumWidth(static_cast<int>(wide * basePixels(context_.preferences())));
        row->addWidget(made);
        return made;
    };
    readings_ = field("checkReadings", tr("Every string as it is now, cents, thickest first; it need not be told"),
                      tr("readings now"), 16.0);
    temperature_ = field("checkTemperature", tr("Temperature of the room"), QStringLiteral("°C"), 5.0);
    humidity_ = field("checkHumidity", tr("Humidity of the room"), QStringLiteral("%"), 5.0);
    return box;
}

const DueEntry* DuePanel::picked() const {
    const int row = table_->currentRow();
    return row >= 0 && row < entries_.size() ? &entries_.at(row) : nullptr;
}

void DuePanel::refresh() {
    const auto& book = context_.session().logbook();
    if (!book)
        return;
    const QDate today = QDate::currentDate();
    const Result<QList<DueEntry>> read = dueList(*book, today);
    entries_ = read.ok() ? read.value() : QList<DueEntry>();
    if (!read.ok())
        context_.accept(read.fault());
    const int at = std::max(0, table_->currentRow());
    const QSignalBlocker quiet(table_);
    table_->verticalHeader()->setDefaultSectionSize(static_cast<int>(basePixels(context_.preferences()) * 1.9));
    table_->setRowCount(static_cast<int>(entries_.size()));
    for (int row = 0; row < entries_.size(); ++row) {
        const DueEntry& entry = entries_.at(row);
        const QString cells[] = {whenWords(entry.on, today),
                                 entry.on.toString(Qt::ISODate),
                                 entry.what == DueEntry::What::Restring ? tr("restring") : tr("check: does it drift?"),
                                 entry.job.guitar.isEmpty() ? tr("(no name yet)") : entry.job.guitar,
                                 entry.job.owner,
                                 bundledWords(entry.job.setName)};
        for (int c = 0; c < 6; ++c)
            table_->setItem(row, c, new QTableWidgetItem(cells[c]));
    }
    table_->resizeColumnsToContents();
    table_->horizontalHeader()->setSectionResizeMode(3, QHeaderView::Stretch);
    if (!entries_.isEmpty())
        table_->selectRow(std::min(at, static_cast<int>(entries_.size()) - 1));
    refreshPicked();
    refreshSeason();
}

void DuePanel::refreshPicked() {
    const DueEntry* entry = picked();
    const bool check = entry && entry->what == DueEntry::What::Check;
    const bool writes = context_.session().logbook() && !context_.session().logbook()->readOnly();
    begin_->setEnabled(entry && !check && writes);
    holds_->setEnabled(check && writes);
    drifts_->setEnabled(check && writes);
    for (QLineEdit* each : {readings_, temperature_, humidity_})
        each->setEnabled(check && writes);
    copy_->setEnabled(entry);
    reminder_->setText(entry ? reminderFor(*entry)
                             : tr("Nothing is due. A guitar comes here when its job is finished: a day later to see "
                                  "whether it drifts, and again before its strings are worn."));
}

void DuePanel::refreshSeason() {
    const auto& book = context_.session().logbook();
    Season season;
    season.today = QDate::currentDate();
    const Result<QList<DueEntry>> ahead = restringsAhead(*book, season.today, season.weeksAhead);
    std::optional<Fault> wrong = ahead.ok() ? std::nullopt : std::optional(ahead.fault());
    const QList<DueEntry> entries = ahead.ok() ? ahead.value().mid(0, mostGuitars) : QList<DueEntry>();
    for (const DueEntry& entry : entries) {
        Season::Guitar guitar{entry.job.guitar.isEmpty() ? tr("(no name yet)") : entry.job.guitar, {}, entry.on};
        const Result<QList<JobRow>> jobs = book->jobsOf(entry.job.guitarId);
        if (!jobs.ok() && !wrong)
            wrong = jobs.fault();
        for (const JobRow& job : jobs.ok() ? jobs.value() : QList<JobRow>())
            if (job.state == JobState::Finished)
                guitar.strung.prepend(job.received.isValid() ? job.received : job.changed.date());
        season.guitars.append(guitar);
    }
    context_.accept(wrong);
    const double scale = context_.preferences().scale();
    season_->setMinimumHeight(static_cast<int>(seasonHeight(season, scale)));
    season_->show([season, scale](const QSizeF& size) { return buildSeason(season, size, scale); },
                  context_.preferences());
}

void DuePanel::note(bool holds) {
    const DueEntry* entry = picked();
    if (!entry)
        return;
    // The job on the bench is the session's to change.
    if (context_.session().keptAs() == entry->job.id) {
        context_.say(tr("This job is open; close it or note it there."));
        return;
    }
    const Result<std::optional<HeldReading>> read = typedReadings(entry->job.id);
    if (!read.ok()) {
        context_.accept(read.fault());
        return;
    }
    if (!context_.accept(
            noteCheck(*context_.session().logbook(), entry->job.id, holds, QDateTime::currentDateTime(), read.value())))
        return;
    for (QLineEdit* each : {readings_, temperature_, humidity_})
        each->clear();
    refresh();
}

/// What the strings read, where it was told.
Result<std::optional<HeldReading>> DuePanel::typedReadings(qint64 id) const {
    if (readings_->text().trimmed().isEmpty())
        return std::optional<HeldReading>();
    const Result<Job> job = context_.session().logbook()->job(id);
    if (!job.ok())
        return job.fault();
    const Result<std::vector<double>> cents = parseHeld(readings_->text(), job.value().rig.strings.size());
    if (!cents.ok())
        return Fault{faults::notHeldReadings, tr("The readings"), cents.fault().arguments};
    HeldReading read{HeldReading::When::Later, nowText(), cents.value(), {}, {}};
    for (const auto& [field, range, into] : {std::tuple(temperature_, ranges::room_C, &read.temperature_C),
                                             {humidity_, ranges::humidity_percent, &read.humidity_percent}}) {
        QString text = field->text().trimmed();
        if (text.isEmpty())
            continue;
        bool isNumber = false;
        const double value = text.replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&isNumber);
        if (!isNumber || value < range.least || value > range.most)
            return Fault{faults::outOfRange,
                         field->accessibleName(),
                         {QString::number(range.least), QString::number(range.most), reasonOf(range)}};
        *into = value;
    }
    return std::optional(read);
}

std::optional<Fault> DuePanel::exportCalendar(const QString& path) {
    const Result<QList<DueEntry>> ahead =
        restringsAhead(*context_.session().logbook(), QDate::currentDate(), weeksAhead);
    if (!ahead.ok())
        return ahead.fault();
    return writeFile(path, calendarOf(ahead.value(), QDateTime::currentDateTimeUtc()));
}

void DuePanel::askCalendar() {
    const QString path = QFileDialog::getSaveFileName(this, tr("Save as calendar"), QStringLiteral("restrings.ics"),
                                                      tr("Calendar (*.ics)"));
    if (path.isEmpty())
        return;
    if (const auto fault = exportCalendar(path))
        Q_EMIT context_.said(sentence(path, *fault), true);
    else
        context_.say(tr("Written to %1.").arg(path));
}

} // namespace flenzo
