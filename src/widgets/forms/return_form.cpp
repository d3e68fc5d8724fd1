// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/return_form.h"

#include "core/statics/pitch.h"
#include "domain/base/moment.h"
#include "domain/base/ranges.h"
#include "domain/work/workflow.h"
#include "session/input/quantity.h"
#include "widgets/look.h"
#include "widgets/text/lanes.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

QString namesOf(const Job& job, const std::vector<std::size_t>& strings) {
    QStringList names;
    for (const std::size_t string : strings)
        names.append(QString::fromStdString(job.rig.strings[string].name));
    return names.join(QStringLiteral(", "));
}

QString causeWords(const QString& which, ReturnCause cause) {
    switch (cause) {
    case ReturnCause::Returns:
        return ReturnForm::tr("Every string comes back.");
    case ReturnCause::NutOrSaddle:
        return ReturnForm::tr("Hangs at nut or saddle: string %1. Graphite, break angle, wraps.").arg(which);
    case ReturnCause::Saddle:
        return ReturnForm::tr("Hangs at its saddle: string %1. Look for a worn or dirty saddle.").arg(which);
    case ReturnCause::Pivot:
        return ReturnForm::tr("The knife edges or bridge posts hang: a professional repairer should look at them.");
    case ReturnCause::Slip:
        return ReturnForm::tr("Slips at clamp or string post: string %1. Reseat it.").arg(which);
    case ReturnCause::NotSettled:
        return ReturnForm::tr("The strings are not settled yet: stretch and tune once more.");
    case ReturnCause::Mixed:
        break;
    }
    return which.isEmpty()
               ? ReturnForm::tr("The plate does not come back. Look for something that rubs on it.")
               : ReturnForm::tr("More than one thing hangs or slips: string %1. Take them one by one.").arg(which);
}

/// With how sure that is, where another cause is nearly as likely.
QString verdictWords(const Job& job, const ReturnVerdict& verdict) {
    const QString words = causeWords(namesOf(job, verdict.strings), verdict.cause);
    constexpr double sure = 0.9;
    return verdict.odds >= sure ? words
                                : ReturnForm::tr("%1 Likely, not sure (%2 in 10): do the test once more.")
                                      .arg(words)
                                      .arg(static_cast<int>(std::lround(10.0 * verdict.odds)));
}

} // namespace

ReturnForm::ReturnForm(AppContext& context, QWidget* parent) : QWidget(parent), context_(context) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 6, 0, 0);
    const auto& strings = context_.session().job().rig.strings;
    const Job& job = context_.session().job();
    // What rests on its stop cannot be pulled up.
    const int columns = job.rig.bridge.has().divesOnly || job.goal.deckLoad_Nm > 0.0 ? 2 : 3;
    table_ = new QTableWidget(static_cast<int>(strings.size()), columns, this);
    table_->setObjectName(QStringLiteral("returnTable"));
    table_->setAccessibleName(tr("Return to pitch, cents"));
    table_->setHorizontalHeaderLabels(
        QStringList{tr("before"), tr("after a dive"), tr("after a pull-up")}.mid(0, columns));
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    QStringList rows;
    for (const RigString& string : strings)
        rows.append(wording::stringTitle(string));
    table_->setVerticalHeaderLabels(rows);
    table_->setMinimumHeight(table_->verticalHeader()->length() + table_->horizontalHeader()->sizeHint().height() + 6);
    verdict_ = label(TextRole::Heading, this, QStringLiteral("returnVerdict"));
    verdict_->setText(whatNext());
    verdict_->setWordWrap(true);
    save_ = new QPushButton(tr("Save these readings with the job"), this);
    save_->setObjectName(QStringLiteral("saveReturn"));
    save_->setEnabled(false);
    column->addWidget(table_);
    column->addWidget(verdict_);
    column->addWidget(save_);
    if (!job.work.returns.isEmpty())
        showLast(job.work.returns.last().test);
    connect(table_, &QTableWidget::itemChanged, this, &ReturnForm::judge);
    connect(table_, &QTableWidget::currentCellChanged, this, [this] { lanesChanged(); });
    connect(save_, &QPushButton::clicked, this, &ReturnForm::save);
}

ReturnForm::~ReturnForm() {
    table_->disconnect(this); // it still speaks when it goes, and nobody is there to hear
}

/// As it was saved with the job, to go on from.
void ReturnForm::showLast(const ReturnTest& test) {
    const std::vector<double>* const columns[] = {&test.before_cents, &test.afterDive_cents, &test.afterPull_cents};
    for (int c = 0; c < table_->columnCount(); ++c)
        for (int row = 0; row < std::min(table_->rowCount(), static_cast<int>(columns[c]->size())); ++row)
            table_->setItem(row, c,
                            new QTableWidgetItem(QString::number((*columns[c])[static_cast<std::size_t>(row)])));
    judge();
    save_->setEnabled(false);
}

QString ReturnForm::typedAt(int row, int column) const {
    const QTableWidgetItem* item = table_->item(row, column);
    return item ? item->text().trimmed() : QString();
}

int ReturnForm::openColumn() const {
    for (int column = 0; column < table_->columnCount(); ++column)
        for (int row = 0; row < table_->rowCount(); ++row)
            if (typedAt(row, column).isEmpty())
                return column;
    return table_->columnCount();
}

bool ReturnForm::hear(const HeardPluck& pluck) {
    const int column = openColumn();
    if (column == table_->columnCount() || pluck.harmonic)
        return false;
    const std::size_t string = *pluck.string;
    const double heard_cents = cents(pluck.first_Hz, context_.session().job().rig.strings[string].target_Hz);
    table_->setItem(static_cast<int>(string), column, new QTableWidgetItem(signedNumber(heard_cents, 1)));
    return true;
}

StringLanes ReturnForm::lanes() const {
    StringLanes lanes = namedLanes(context_.session().job(), context_.session().derived());
    for (int row = 0; row < table_->rowCount(); ++row) {
        StringLanes::Lane& lane = lanes.lanes[static_cast<std::size_t>(row)];
        lane.read = true;
        for (int column = 0; column < table_->columnCount(); ++column) {
            const Result<double> cents =
                parseQuantity(typedAt(row, column), Dimension::Cents, {}, QString(), ranges::reading_cents);
            if (!cents.ok())
                continue;
            if (lane.cents)
                lane.before_cents.push_back(*lane.cents);
            lane.cents = cents.value();
        }
    }
    if (table_->currentRow() >= 0)
        lanes.picked = static_cast<std::size_t>(table_->currentRow());
    return lanes;
}

void ReturnForm::pickString(std::size_t string) {
    table_->setCurrentCell(static_cast<int>(string), std::min(openColumn(), table_->columnCount() - 1));
    table_->setFocus();
}

std::optional<ReturnTest> ReturnForm::typed(std::optional<Fault>* wrong) const {
    ReturnTest test;
    bool whole = true;
    for (int row = 0; row < table_->rowCount(); ++row) {
        std::vector<double>* const columns[] = {&test.before_cents, &test.afterDive_cents, &test.afterPull_cents};
        for (int c = 0; c < table_->columnCount(); ++c) {
            const QString text = typedAt(row, c);
            const QString cell =
                tr("%1, %2").arg(table_->verticalHeaderItem(row)->text(), table_->horizontalHeaderItem(c)->text());
            const Result<double> cents = parseQuantity(text, Dimension::Cents, {}, cell, ranges::reading_cents);
            if (!cents.ok() && !text.isEmpty() && wrong && !*wrong)
                *wrong = cents.fault();
            whole = whole && cents.ok();
            columns[c]->push_back(cents.ok() ? cents.value() : 0.0);
        }
    }
    if (table_->columnCount() < 3)
        test.afterPull_cents = test.before_cents;
    return whole ? std::optional(test) : std::nullopt;
}

QString ReturnForm::whatNext() const {
    switch (openColumn()) {
    case 0:
        return tr("Type or pluck every string as it is, before the arm is touched.");
    case 1:
        return tr("Now one dive, the arm left alone; then type or pluck every string.");
    default:
        return tr("Now one pull-up, the arm left alone; then type or pluck every string.");
    }
}

void ReturnForm::judge() {
    std::optional<Fault> wrong;
    const auto test = typed(&wrong);
    save_->setEnabled(test.has_value());
    lanesChanged();
    const Job& job = context_.session().job();
    const Derived& derived = context_.session().derived();
    const double reading_cents = derived.advice.guitar.noise.tuner_cents;
    verdict_->setText(wrong  ? wrong->sentence()
                      : test ? verdictWords(job, judgeReturn(*test, derived.rig(), derived.now().state, reading_cents))
                             : whatNext());
}

void ReturnForm::save() {
    const auto test = typed(nullptr);
    if (!test)
        return;
    const QString words = verdict_->text();
    const QString now = nowText();
    std::optional<Fault> fault;
    const auto refused = context_.session().edit(tr("return test"), [&](Job& changed) {
        changed.work.returns.append({now, *test});
        if (changed.work.returns.size() > mostReturns)
            changed.work.returns.removeFirst();
        fault = apply(changed, context_.session().derived(), WorkEvent::Note, words, now);
    });
    if (context_.accept(fault ? fault : refused))
        save_->setEnabled(false);
}

} // namespace flenzo
