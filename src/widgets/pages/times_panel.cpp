// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/times_panel.h"

#include "domain/methods/methods.h"
#include "language/decimal.h"
#include "language/figures.h"
#include "paint/time_bars.h"
#include "widgets/controls/figure_table.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/text/step_words.h"

#include <QBoxLayout>
#include <QLabel>
#include <QScrollArea>

namespace flenzo {

namespace {

QString tenthsOf(double minutes) {
    return decimal(minutes, 1);
}

QString methodTitle(const MethodTime& method) {
    const MethodTopic* topic = methodTopic(method.topic);
    if (!topic)
        return method.topic;
    for (const MethodOption& option : topic->options)
        if (option.name == method.option)
            return TimesPanel::tr("%1: %2").arg(topic->title(), option.title());
    return topic->title();
}

} // namespace

TimesPanel::TimesPanel(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 8, 8, 8);
    column->setSpacing(8);
    says_ = label(TextRole::Body, this, QStringLiteral("timesSay"));
    says_->setWordWrap(true);
    column->addWidget(says_);
    auto* row = new QHBoxLayout;
    bars_ = new SceneView(this);
    bars_->setObjectName(QStringLiteral("timeBars"));
    bars_->setAccessibleName(tr("Minutes by step"));
    auto* scroll = new QScrollArea(this);
    scroll->setWidget(bars_);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    row->addWidget(scroll, 5);
    auto* right = new QVBoxLayout;
    people_ = new FigureTable({tr("person"), tr("jobs"), tr("median, min")}, tr("Minutes of a job by person"), this);
    people_->setObjectName(QStringLiteral("timesPeople"));
    methods_ = new FigureTable({tr("method"), tr("jobs"), tr("median, min"), tr("saved, min")},
                               tr("Minutes of a job by method"), this);
    methods_->setObjectName(QStringLiteral("timesMethods"));
    right->addWidget(people_, 1);
    right->addWidget(methods_, 2);
    row->addLayout(right, 5);
    column->addLayout(row, 1);
    connect(&context_.session(), &Session::identityChanged, this, &TimesPanel::refreshWhenSeen);
    connect(&context_.shop(), &ShopMemory::arrived, this, [this] {
        if (!isVisible())
            return;
        context_.accept(context_.shop().fault());
        showTimes();
    });
}

/// Where there is little room what was saved goes before what it is the difference of.
void TimesPanel::resizeEvent(QResizeEvent* event) {
    Page::resizeEvent(event);
    constexpr double roomForAll = 52.0; // in base sizes
    const bool narrow = seenWidth(*this, context_.preferences()) < roomForAll;
    methods_->setColumnHidden(1, narrow);
    methods_->setColumnHidden(2, narrow);
}

void TimesPanel::refresh() {
    context_.shop().refresh();
    showTimes();
}

/// What was read last; what has changed since follows.
void TimesPanel::showTimes() {
    const ShopTimes& times = context_.shop().says().times;
    says_->setText(
        !context_.shop().isKnown() && context_.shop().isBusy() ? tr("Reading the records…")
        : times.jobs > 0
            ? tr("From the times in the records of the last %n finished jobs; breaks of an hour and more are "
                 "left out. A method saved what its jobs took less than those done any other way.",
                 nullptr, times.jobs)
            : tr("No finished job tells its times yet. Each step that is done leaves the time it took."));
    TimeBars bars;
    constexpr qsizetype most = 30;
    for (const TimeRow& step : times.steps.mid(0, most))
        bars.bars.append({stepTitle(step.name), step.median_min, step.least_min, step.most_min, step.jobs});
    const double scale = context_.preferences().scale();
    bars_->setMinimumHeight(static_cast<int>(timeBarsHeight(bars, scale)));
    bars_->show([bars, scale](const QSizeF& size) { return buildTimeBars(bars, size, scale); }, context_.preferences());
    QList<QStringList> people, methods;
    for (const TimeRow& person : times.people)
        people.append({person.name.isEmpty() ? tr("not said") : person.name, QString::number(person.jobs),
                       tenthsOf(person.median_min)});
    for (const MethodTime& method : times.methods)
        methods.append({methodTitle(method), QString::number(method.jobs), tenthsOf(method.median_min),
                        signedNumber(method.saved_min(), 1)});
    people_->show(people, basePixels(context_.preferences()));
    methods_->show(methods, basePixels(context_.preferences()));
}

} // namespace flenzo
