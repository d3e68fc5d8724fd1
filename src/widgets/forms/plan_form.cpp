// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/plan_form.h"

#include "domain/measuring.h"
#include "widgets/look.h"
#include "widgets/text/wording.h"

#include <QLabel>
#include <QProgressBar>
#include <QPromise>
#include <QPushButton>
#include <QTimer>
#include <QtConcurrent>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

using Priced = std::optional<PricedPlan>;
constexpr int wholeProgress = 100, quietFor_ms = 500;

/// What a way adds to the job as it is chosen now, without its risk.
QStringList timeOf(const MethodCost& cost, const MethodCost& now) {
    QStringList parts;
    if (const double passes = cost.passes.p50 - now.passes.p50; std::abs(passes) > 0.05)
        parts.append(PlanForm::tr("%1 passes").arg(signedNumber(passes, 1)));
    if (const double minutes = cost.minutes.p50 - now.minutes.p50; std::abs(minutes) > 0.5)
        parts.append(PlanForm::tr("%1 min").arg(signedNumber(minutes, 0)));
    return parts;
}

bool costsTime(const PricedTopic& priced, const MethodCost& now) {
    return std::any_of(priced.prices.begin(), priced.prices.end(),
                       [&](const MethodCost& cost) { return !timeOf(cost, now).isEmpty(); });
}

void priceInBackground(QPromise<Priced>& promise, const Job& job) {
    promise.setProgressRange(0, wholeProgress);
    promise.addResult(pricedPlan(job, [&promise](double share) {
        promise.setProgressValue(static_cast<int>(share * wholeProgress));
        return !promise.isCanceled();
    }));
}

} // namespace

PlanForm::PlanForm(AppContext& context, QWidget* parent) : JobForm(context, parent) {
    sum_ = label(TextRole::Heading, this, QStringLiteral("planSum"));
    progress_ = new QProgressBar(this);
    progress_->setRange(0, wholeProgress);
    progress_->hide();
    rows().addRow(sum_);
    rows().addRow(progress_);
    addTools();
    topics_ = new QWidget(this);
    rows().addRow(topics_);
    addKeep();
    connect(&context_.session(), &Session::changed, this, &PlanForm::followJob);
    connect(&watcher_, &QFutureWatcherBase::progressValueChanged, progress_, &QProgressBar::setValue);
    connect(&watcher_, &QFutureWatcherBase::finished, this, &PlanForm::showPrices);
    followJob();
}

PlanForm::~PlanForm() {
    watcher_.cancel();
    watcher_.waitForFinished();
}

void PlanForm::finish() {
    watcher_.waitForFinished();
    QCoreApplication::sendPostedEvents(&watcher_);
}

void PlanForm::addHeading(const QString& text) {
    QLabel* words = label(TextRole::Small, this);
    words->setText(text);
    rows().addRow(words);
}

/// What pitch and level are measured with on this job; it decides how sure the program may be.
void PlanForm::addTools() {
    addHeading(tr("What this guitar is measured with"));
    const auto row = [this](const char* name, const QString& title, const QList<MeasuringTool>& list,
                            int (*now)(const Tools&), void (*choose)(Tools&, int)) {
        auto* box = new QComboBox(this);
        box->setObjectName(QLatin1String(name));
        for (const MeasuringTool& tool : list)
            box->addItem(tool.title);
        connect(box, &QComboBox::activated, this,
                [this, choose](int index) { edit([&](Job& changed) { choose(changed.tools, index); }); });
        add(title, box);
        tools_.push_back({box, now});
    };
    const Job& job = context_.session().job();
    row("toolTuner", tr("pitch is read with a"), tunersInUse(), tunerOf, chooseTuner);
    if (floats(job.rig, job.goal))
        row("toolLevel", tr("level is judged by"), levelTools(), levelToolOf, chooseLevelTool);
    row("toolPeg", tr("a string is left"), pegHands(), pegHandOf, choosePegHand);
    toolsNote_ = label(TextRole::Body, this, QStringLiteral("toolsNote"));
    toolsNote_->setWordWrap(true);
    rows().addRow(toolsNote_);
}

void PlanForm::addKeep() {
    if (!context_.session().logbook())
        return;
    auto* keep = new QPushButton(tr("Keep these ways and tools as shop defaults"), this);
    keep->setObjectName(QStringLiteral("keepHouse"));
    connect(keep, &QPushButton::clicked, this, [this] {
        const Job& job = context_.session().job();
        if (context_.accept(context_.session().logbook()->setSetting(
                QStringLiteral("house"), shopDefaultsOf(job) + QLatin1Char('\n') + toolLines(job.tools))))
            context_.say(tr("New jobs begin with these ways and tools."));
    });
    rows().addRow(QString(), keep);
}

/// What the costs follow from, apart from the guitar.
QString PlanForm::chosen() const {
    const Job& job = context_.session().job();
    return shopDefaultsOf(job) + chosenMethod(job, QStringLiteral("bridge")) + toolLines(job.tools);
}

void PlanForm::followJob() {
    const Job& job = context_.session().job();
    for (const ToolRow& row : tools_)
        row.box->setCurrentIndex(row.chosen(job.tools));
    const QString note = toolsNote(job);
    toolsNote_->setText(note);
    toolsNote_->setVisible(!note.isEmpty());
    if (const QString now = chosen(); now != pricedFor_) {
        pricedFor_ = now;
        price();
    }
}

void PlanForm::price() {
    watcher_.cancel(); // the latest question wins
    sum_->setText(tr("Working out what each way costs on this guitar…"));
    watcher_.setFuture(QtConcurrent::run(priceInBackground, context_.session().job()));
    QTimer::singleShot(quietFor_ms, progress_, [this] { progress_->setVisible(watcher_.isRunning()); });
}

void PlanForm::showPrices() {
    progress_->hide();
    if (watcher_.isCanceled() || watcher_.future().resultCount() == 0 || !watcher_.result())
        return;
    const PricedPlan plan = *watcher_.result();
    sum_->setText(tr("As chosen: %1 passes, %2 min in all (minutes partly assumed)")
                      .arg(wording::rangeText(std::ceil(plan.now.passes.p10), std::ceil(plan.now.passes.p90)),
                           wording::rangeText(std::round(plan.now.minutes.p10), std::round(plan.now.minutes.p90))));
    QStringList names;
    for (const PricedTopic& priced : plan.topics)
        names.append(priced.topic->name);
    if (names != topicNames_) {
        topicNames_ = names;
        showTopics(plan);
    }
    for (const PricedTopic& priced : plan.topics)
        showTopic(*topics_->findChild<QComboBox*>(QStringLiteral("school-") + priced.topic->name), priced, plan.now);
}

/// What costs time here comes first.
void PlanForm::showTopics(const PricedPlan& plan) {
    auto* fresh = new QWidget(this);
    auto* list = new QFormLayout(fresh);
    list->setContentsMargins(0, 0, 0, 0);
    for (const bool dear : {true, false}) {
        QLabel* words = label(TextRole::Small, fresh);
        words->setText(dear ? tr("Ways that change passes or minutes on this guitar")
                            : tr("Ways that change risk or manner only"));
        list->addRow(words);
        for (const PricedTopic& priced : plan.topics) {
            if (costsTime(priced, plan.now) != dear)
                continue;
            auto* box = new QComboBox(fresh);
            constexpr int leastLetters = 24;
            box->setObjectName(QStringLiteral("school-") + priced.topic->name);
            box->setAccessibleName(priced.topic->title);
            box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
            box->setMinimumContentsLength(leastLetters);
            connect(box, &QComboBox::activated, this, [this, box, name = priced.topic->name] {
                const QString way = box->currentData().toString();
                edit([&](Job& changed) { chooseMethod(changed, name, way); });
            });
            list->addRow(priced.topic->title, box);
        }
    }
    delete rows().replaceWidget(topics_, fresh);
    topics_->deleteLater();
    topics_->hide();
    topics_ = fresh;
    topics_->show();
}

void PlanForm::showTopic(QComboBox& box, const PricedTopic& priced, const MethodCost& now) {
    const QList<MethodOption>& options = priced.topic->options;
    for (qsizetype k = 0; k < options.size(); ++k) {
        QStringList parts = timeOf(priced.prices[k], now);
        if (!priced.prices[k].risk.isEmpty())
            parts.append(priced.prices[k].risk);
        const QString price = parts.join(QStringLiteral(", "));
        const QString text = price.isEmpty() ? options[k].title : options[k].title + QStringLiteral(" – ") + price;
        const int row = static_cast<int>(k);
        if (row == box.count())
            box.addItem(text, options[k].name);
        box.setItemText(row, text);
        box.setItemData(row, options[k].reason, Qt::ToolTipRole);
    }
    box.setCurrentIndex(box.findData(chosenMethod(context_.session().job(), priced.topic->name)));
}

} // namespace flenzo
