// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/method_table.h"

#include "domain/job/measuring.h"
#include "language/figures.h"
#include "widgets/controls/provenance_icon.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QProgressBar>
#include <QPromise>
#include <QTimer>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr int wholeProgress = 100, quietFor_ms = 500;
enum Column { TopicColumn, MethodColumn, PassesColumn, MinutesColumn, RiskColumn };
constexpr int topicRole = Qt::UserRole, optionRole = Qt::UserRole + 1, whyRole = Qt::UserRole + 2;

QString moreText(double difference, double least, int decimals) {
    return std::abs(difference) > least ? signedNumber(difference, decimals) : QString();
}
QString passesText(const MethodCost& cost, const MethodCost& now) {
    return moreText(cost.passes.p50 - now.passes.p50, 0.05, 1);
}
QString minutesText(const MethodCost& cost, const MethodCost& now) {
    return moreText(cost.minutes.p50 - now.minutes.p50, 0.5, 0);
}

bool costsTime(const PricedTopic& priced, const MethodCost& now) {
    return std::any_of(priced.prices.begin(), priced.prices.end(), [&](const MethodCost& cost) {
        return !passesText(cost, now).isEmpty() || !minutesText(cost, now).isEmpty();
    });
}

} // namespace

MethodTable::MethodTable(AppContext& context, QWidget* parent) : QWidget(parent), context_(context) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    progress_ = new QProgressBar(this);
    progress_->setRange(0, wholeProgress);
    progress_->setAccessibleName(tr("Pricing the methods"));
    progress_->hide();
    column->addWidget(progress_);
    tree_ = new QTreeWidget(this);
    tree_->setObjectName(QStringLiteral("methods"));
    tree_->setAccessibleName(tr("Methods and what they cost on this guitar"));
    tree_->setHeaderLabels({tr("topic"), tr("method"), tr("passes"), tr("minutes"), tr("risk")});
    for (const int figures : {PassesColumn, MinutesColumn})
        tree_->headerItem()->setIcon(figures, provenanceIcon(Provenance::Calculated));
    tree_->setRootIsDecorated(true);
    tree_->setExpandsOnDoubleClick(false); // each of its clicks does already
    tree_->setAlternatingRowColors(false);
    tree_->header()->setSectionResizeMode(QHeaderView::ResizeToContents);
    tree_->header()->setStretchLastSection(false);
    tree_->header()->setSectionResizeMode(MethodColumn, QHeaderView::Stretch); // shortened before the page scrolls
    tree_->header()->setSectionResizeMode(RiskColumn, QHeaderView::Stretch);
    tree_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    tree_->installEventFilter(this);
    tree_->setToolTip(tr("Enter or a click on a method chooses it; passes and minutes are against the plan as it is"));
    column->addWidget(tree_, 1);
    why_ = label(TextRole::Body, this, QStringLiteral("methodWhy"));
    why_->setWordWrap(true);
    column->addWidget(why_);
    connect(tree_, &QTreeWidget::itemClicked, this, &MethodTable::take);
    connect(tree_, &QTreeWidget::currentItemChanged, this, &MethodTable::showWhy);
    connect(tree_, &QTreeWidget::itemExpanded, this, [this](const QTreeWidgetItem* opened) {
        for (int row = 0; row < tree_->topLevelItemCount(); ++row) // one at a time, so that the others stay in sight
            if (tree_->topLevelItem(row) != opened)
                tree_->topLevelItem(row)->setExpanded(false);
    });
    connect(&context_.session(), &Session::changed, this, &MethodTable::followJob);
}

void MethodTable::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    followJob();
}

/// A table that nobody sees waits.
void MethodTable::followJob() {
    if (!isVisible())
        return;
    Job now = context_.session().job();
    now.log.clear(); // a plan is priced from its beginning
    now.card = Card();
    Work work;
    work.methods = now.work.methods;
    now.work = work;
    now.raw = QJsonObject();
    now.guitar = now.owner = now.reason = QString();
    if (now == pricedFor_)
        return;
    pricedFor_ = std::move(now);
    price();
}

void MethodTable::price() {
    Q_EMIT pricing();
    prices_.ask([job = context_.session().job(), bar = progress_](const std::atomic<bool>& up) {
        return pricedPlan(job, [&](double share) {
            QMetaObject::invokeMethod(bar, "setValue", Qt::QueuedConnection,
                                      Q_ARG(int, static_cast<int>(share * wholeProgress)));
            return !up;
        });
    });
    QTimer::singleShot(quietFor_ms, progress_, [this] { progress_->setVisible(prices_.isBusy()); });
}

void MethodTable::showPrices(const std::optional<PricedPlan>& plan) {
    progress_->hide();
    if (!plan)
        return;
    plan_ = plan;
    QStringList names;
    for (const PricedTopic& priced : plan_->topics)
        names.append(priced.topic->name);
    if (names != shown_) {
        shown_ = names;
        fill();
    } else {
        for (const PricedTopic& priced : plan_->topics)
            fillTopic(*topicRow(priced.topic->name), priced);
    }
    Q_EMIT pricedAnew();
}

QTreeWidgetItem* MethodTable::topicRow(const QString& topic) const {
    for (int row = 0; row < tree_->topLevelItemCount(); ++row)
        if (tree_->topLevelItem(row)->data(0, topicRole).toString() == topic)
            return tree_->topLevelItem(row);
    return nullptr;
}

/// What a method risks has a column where there is room, else only its line.
void MethodTable::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    constexpr double roomForRisk = 54.0; // in base sizes
    tree_->setColumnHidden(RiskColumn, width() < roomForRisk * basePixels(context_.preferences()));
}

/// Why the way is chosen that the keyboard is at, in a line of its own.
void MethodTable::showWhy() {
    const QTreeWidgetItem* at = tree_->currentItem();
    why_->setText(at ? at->data(0, whyRole).toString() : QString());
}

/// What costs time on this guitar comes first; a line each, and the first is unfolded.
void MethodTable::fill() {
    tree_->clear();
    for (const bool dear : {true, false})
        for (const PricedTopic& priced : plan_->topics) {
            if (costsTime(priced, plan_->now) != dear)
                continue;
            auto* row = new QTreeWidgetItem(tree_);
            row->setData(0, topicRole, priced.topic->name);
            for (const MethodOption& option : priced.topic->options) {
                auto* child = new QTreeWidgetItem(row);
                child->setData(0, topicRole, priced.topic->name);
                child->setData(0, optionRole, option.name);
            }
            fillTopic(*row, priced);
        }
    if (QTreeWidgetItem* first = tree_->topLevelItem(0)) {
        first->setExpanded(true);
        tree_->setCurrentItem(first);
    }
}

void MethodTable::fillTopic(QTreeWidgetItem& row, const PricedTopic& priced) {
    const QString chosen = chosenMethod(context_.session().job(), priced.topic->name);
    QFont bold = tree_->font();
    bold.setBold(true);
    row.setText(TopicColumn, priced.topic->title());
    for (qsizetype k = 0; k < priced.topic->options.size(); ++k) {
        const MethodOption& option = priced.topic->options[k];
        QTreeWidgetItem& child = *row.child(static_cast<int>(k));
        const bool isChosen = option.name == chosen;
        const QString mark = isChosen ? QStringLiteral("\u2713 ") : QStringLiteral("\u00b7 ");
        const QStringList cells{
            QString(), mark + option.title(), isChosen ? QString() : passesText(priced.prices[k], plan_->now),
            isChosen ? QString() : minutesText(priced.prices[k], plan_->now), priced.prices[k].risk};
        const QString why = priced.prices[k].risk.isEmpty()
                                ? tr("%1: %2.").arg(option.title(), option.reason())
                                : tr("%1: %2 (%3).").arg(option.title(), option.reason(), priced.prices[k].risk);
        child.setData(0, whyRole, why);
        for (int c = 0; c < cells.size(); ++c) {
            child.setText(c, cells[c]);
            child.setToolTip(c, why);
            child.setTextAlignment(c, (c == PassesColumn || c == MinutesColumn ? Qt::AlignRight : Qt::AlignLeft) |
                                          Qt::AlignVCenter);
        }
        child.setFont(MethodColumn, isChosen ? bold : tree_->font());
        if (!isChosen)
            continue;
        row.setText(MethodColumn, option.title());
        row.setFont(MethodColumn, bold);
        row.setText(RiskColumn, priced.prices[k].risk);
        row.setData(0, whyRole, why);
        for (int c = 0; c <= RiskColumn; ++c)
            row.setToolTip(c, why);
    }
    sayOthers(row, priced, chosen);
    showWhy();
}

/// On a topic's own line what its cheapest other way would add.
void MethodTable::sayOthers(QTreeWidgetItem& row, const PricedTopic& priced, const QString& chosen) const {
    const MethodCost* cheapest = nullptr;
    for (qsizetype k = 0; k < priced.topic->options.size(); ++k)
        if (priced.topic->options[k].name != chosen &&
            (!cheapest || priced.prices[k].minutes.p50 < cheapest->minutes.p50))
            cheapest = &priced.prices[k];
    const auto other = [](const QString& text) { return text.isEmpty() ? text : tr("other %1").arg(text); };
    row.setText(PassesColumn, cheapest ? other(passesText(*cheapest, plan_->now)) : QString());
    row.setText(MinutesColumn, cheapest ? other(minutesText(*cheapest, plan_->now)) : QString());
    for (const int column : {PassesColumn, MinutesColumn})
        row.setTextAlignment(column, Qt::AlignRight | Qt::AlignVCenter);
}

void MethodTable::choose(const QString& topic, const QString& option) {
    context_.accept(context_.session().edit(tr("method"), [&](Job& job) { chooseMethod(job, topic, option); }));
    if (QTreeWidgetItem* row = topicRow(topic); row && plan_)
        for (const PricedTopic& priced : plan_->topics)
            if (priced.topic->name == topic)
                fillTopic(*row, priced); // the mark follows at once, the prices when they are known
}

void MethodTable::take(QTreeWidgetItem* item) {
    const QString option = item->data(0, optionRole).toString();
    if (option.isEmpty())
        item->setExpanded(!item->isExpanded());
    else
        choose(item->data(0, topicRole).toString(), option);
}

bool MethodTable::eventFilter(QObject* watched, QEvent* event) {
    if (watched != tree_ || event->type() != QEvent::KeyPress)
        return QWidget::eventFilter(watched, event);
    const int key = static_cast<QKeyEvent*>(event)->key();
    if ((key == Qt::Key_Return || key == Qt::Key_Enter || key == Qt::Key_Space) && tree_->currentItem()) {
        take(tree_->currentItem());
        return true; // else it would mean that the step is done
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace flenzo
