// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/plan_page.h"

#include "core/planning/spring_choice.h"
#include "domain/base/faults.h"
#include "domain/job/measuring.h"
#include "domain/methods/methods.h"
#include "domain/shop/quote.h"
#include "paint/act_picture.h"
#include "paint/pull_bars.h"
#include "paint/section.h"
#include "widgets/controls/figure_table.h"
#include "widgets/controls/scene_view.h"
#include "widgets/forms/method_table.h"
#include "widgets/look.h"
#include "widgets/text/plan_tables.h"
#include "widgets/text/section_now.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTabWidget>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

QFrame* panelIn(QWidget* parent) {
    auto* panel = new QFrame(parent);
    panel->setProperty("panel", true);
    return panel;
}

/// A table under its note.
QWidget* tablePanel(QWidget* parent, QLabel** note, FigureTable* table) {
    auto* panel = new QWidget(parent);
    auto* column = new QVBoxLayout(panel);
    if (note) {
        *note = label(TextRole::Body, panel);
        (*note)->setWordWrap(true);
        column->addWidget(*note);
    }
    column->addWidget(table, 1);
    return panel;
}

/// "1 3/4 turns, that is 7 quarter turns" or with sixteenths where quarters do not do.
QString inQuarters(double turns) {
    const int sixteenths = static_cast<int>(std::lround(std::abs(turns) * 16.0));
    const int quarters = sixteenths / 4, rest = sixteenths % 4;
    const QString whole =
        quarters == 1 ? PlanPage::tr("1 quarter turn") : PlanPage::tr("%1 quarter turns").arg(quarters);
    return rest == 0 ? whole : PlanPage::tr("%1 and %2").arg(whole, turnsText(rest / 16.0));
}

} // namespace

PlanPage::PlanPage(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* row = halves_ = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    auto* verdict = new QVBoxLayout;
    verdict->setSpacing(8);
    verdict->addWidget(buildWhat(), 1);
    verdict->addWidget(buildTakes());
    auto* choices = new QVBoxLayout;
    choices->setSpacing(8);
    choices->addWidget(buildTables(), 1);
    choices->addWidget(buildFoot());
    row->addLayout(verdict, 2);
    row->addLayout(choices, 3);
    connect(methods_, &MethodTable::pricing, this,
            [this] { sum_->setText(tr("Working out what each method costs on this guitar…")); });
    connect(methods_, &MethodTable::pricedAnew, this, &PlanPage::showOffer);
    connect(&context_.session(), &Session::remainingChanged, this, &PlanPage::refreshWhenSeen);
}

/// What changes: pull by pull, and where it would leave the plate.
QWidget* PlanPage::buildWhat() {
    QFrame* panel = panelIn(this);
    auto* column = new QVBoxLayout(panel);
    verdict_ = label(TextRole::Heading, panel, QStringLiteral("verdict"));
    reason_ = label(TextRole::Body, panel, QStringLiteral("reason"));
    for (QLabel* each : {verdict_, reason_}) {
        each->setWordWrap(true);
        column->addWidget(each);
    }
    auto* pictures = pictures_ = new QHBoxLayout;
    bars_ = new SceneView(panel);
    bars_->setObjectName(QStringLiteral("pullBars"));
    bars_->setAccessibleName(tr("Pull of the strings, before and after"));
    section_ = new SceneView(panel);
    section_->setObjectName(QStringLiteral("planSection"));
    section_->setAccessibleName(tr("Side section: the plate now, if the claw is left alone, and level"));
    pictures->addWidget(bars_, 1);
    pictures->addWidget(section_, 1);
    for (SceneView* picture : {bars_, section_})
        picture->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored); // they take what is left
    column->addLayout(pictures, 1);
    return panel;
}

/// What it takes: claw, passes, minutes, price, and how sure that is.
QWidget* PlanPage::buildTakes() {
    QFrame* panel = panelIn(this);
    auto* column = new QVBoxLayout(panel);
    column->setSpacing(4);
    auto* top = new QHBoxLayout;
    top->setSpacing(16);
    claw_ = label(TextRole::Act, panel, QStringLiteral("clawSentence"));
    claw_->setWordWrap(true);
    turns_ = label(TextRole::Figure, panel, QStringLiteral("turns"));
    turns_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    screwsPicture_ = new SceneView(panel);
    screwsPicture_->setObjectName(QStringLiteral("planScrews"));
    screwsPicture_->setAccessibleName(tr("The two claw screws"));
    column->addWidget(claw_);
    top->addWidget(turns_);
    top->addWidget(screwsPicture_);
    top->addStretch();
    column->addLayout(top);
    screws_ = label(TextRole::Small, panel, QStringLiteral("screws"));
    sum_ = label(TextRole::Heading, panel, QStringLiteral("planSum"));
    offer_ = label(TextRole::Body, panel, QStringLiteral("offer"));
    toolsNote_ = label(TextRole::Body, panel, QStringLiteral("toolsNote"));
    for (QLabel* each : {screws_, sum_, offer_}) {
        each->setWordWrap(true);
        column->addWidget(each);
    }
    toolsNote_->setWordWrap(true);
    column->addWidget(toolsNote_);
    column->addStretch();
    return panel;
}

/// What pitch and level are measured with on this job; it decides how sure the program may be.
QWidget* PlanPage::buildTools() {
    auto* box = new QWidget(this);
    auto* form = new QFormLayout(box);
    const auto row = [&](const char* name, const QString& title, const QList<MeasuringTool>& list,
                         int (*now)(const Tools&), void (*choose)(Tools&, int)) {
        auto* combo = new QComboBox(box);
        combo->setObjectName(QLatin1String(name));
        combo->setAccessibleName(title);
        for (const MeasuringTool& tool : list)
            combo->addItem(tool.title());
        connect(combo, &QComboBox::activated, this, [this, choose](int index) {
            context_.accept(
                context_.session().edit(tr("measuring"), [&](Job& changed) { choose(changed.tools, index); }));
        });
        form->addRow(title, combo);
        tools_.push_back({combo, now});
    };
    const Job& job = context_.session().job();
    row("toolTuner", tr("Pitch is read with"), tunersInUse(), tunerOf, chooseTuner);
    if (floats(job.rig, job.goal))
        row("toolLevel", tr("Level is judged by"), levelTools(), levelToolOf, chooseLevelTool);
    rate_ = new QLineEdit(box);
    rate_->setObjectName(QStringLiteral("labourRate"));
    rate_->setAccessibleName(tr("Labour rate an hour"));
    rate_->setPlaceholderText(tr("none: no price is offered"));
    connect(rate_, &QLineEdit::editingFinished, this, &PlanPage::saveRate);
    form->addRow(tr("Labour, an hour"), rate_);
    saveOffer_ = new QPushButton(tr("Put the offer on the job sheet"), box);
    saveOffer_->setObjectName(QStringLiteral("saveOffer"));
    saveOffer_->hide();
    connect(saveOffer_, &QPushButton::clicked, this, &PlanPage::saveOffer);
    form->addRow(QString(), saveOffer_);
    return box;
}

QWidget* PlanPage::buildTables() {
    tabs_ = new QTabWidget(this);
    tabs_->setObjectName(QStringLiteral("planTabs"));
    methods_ = new MethodTable(context_, tabs_);
    aims_ = new FigureTable({tr("string"), tr("tune to"), tr("±"), tr("hertz"), tr("that is")}, tr("Aims"), this);
    aims_->setObjectName(QStringLiteral("aims"));
    for (int column = 1; column < aims_->columnCount(); ++column)
        aims_->markColumn(column, Provenance::Calculated);
    ways_ = new FigureTable({tr("change"), tr("claw"), tr("claw left"), tr("float"), tr("arm"), tr("pass leaves")},
                            tr("Other springs"), this);
    ways_->setObjectName(QStringLiteral("ways"));
    alone_ = new FigureTable({tr("string"), tr("after one pass")}, tr("Claw left alone"), this);
    passes_ = new FigureTable({tr("figure"), tr("value")}, tr("Passes and balance"), this);
    passes_->setObjectName(QStringLiteral("passFigures"));
    for (FigureTable* two : {alone_, passes_})
        two->markColumn(1, Provenance::Calculated);
    for (int column = 1; column < ways_->columnCount(); ++column)
        ways_->markColumn(column, Provenance::Calculated);
    tabs_->addTab(methods_, tr("&Methods"));
    tabs_->addTab(buildTools(), tr("&Tools and rate"));
    tabs_->addTab(tablePanel(this, &aimsNote_, aims_), tr("A&ims"));
    tabs_->addTab(tablePanel(this, &aloneNote_, alone_), tr("C&law left alone"));
    tabs_->addTab(tablePanel(this, nullptr, passes_), tr("Fi&gures"));
    waysTab_ = tabs_->addTab(tablePanel(this, &waysNote_, ways_), tr("S&prings"));
    const auto tall = static_cast<int>(basePixels(context_.preferences()) * 14.0);
    tabs_->setMinimumHeight(tall);
    return tabs_;
}

QWidget* PlanPage::buildFoot() {
    auto* box = new QWidget(this);
    auto* row = foot_ = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    if (context_.session().logbook()) {
        auto* save = new QPushButton(tr("Save as shop defaults"), box);
        save->setObjectName(QStringLiteral("saveHouse"));
        save->setToolTip(tr("Methods and tools as chosen here become the beginning of every new job"));
        connect(save, &QPushButton::clicked, this, [this] {
            const Job& job = context_.session().job();
            if (context_.accept(context_.session().logbook()->setSetting(
                    QStringLiteral("house"), shopDefaultsOf(job) + QLatin1Char('\n') + toolLines(job.tools))))
                context_.say(tr("New jobs begin with these methods and tools."));
        });
        row->addWidget(save);
    }
    auto* compare = new QPushButton(tr("Compare methods…"), box);
    compare->setObjectName(QStringLiteral("compareMethods"));
    compare->setToolTip(tr("Plays them on simulated guitars like this one"));
    connect(compare, &QPushButton::clicked, this, &PlanPage::methodsToCompare);
    row->addWidget(compare);
    row->addStretch();
    return box;
}

void PlanPage::resizeEvent(QResizeEvent* event) {
    Page::resizeEvent(event);
    arrange();
}

/// What it comes to and what can be chosen are beside each other where there is room, and so are the pictures.
void PlanPage::arrange() {
    const double seen = seenWidth(*this, context_.preferences());
    const bool below = seen < 66.0;
    halves_->setDirection(below ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    pictures_->setDirection(seen < 36.0 ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    foot_->setDirection(seen < 40.0 ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
}

void PlanPage::finish() {
    methods_->finish();
}

void PlanPage::refresh() {
    arrange();
    refreshHead();
    refreshPictures();
    refreshTables();
    const Job& job = context_.session().job();
    for (const ToolRow& row : tools_)
        row.box->setCurrentIndex(row.chosen(job.tools));
    const QString note = toolsNote(job);
    toolsNote_->setText(note);
    toolsNote_->setVisible(!note.isEmpty());
    if (!rate_->hasFocus())
        rate_->setText(rateText());
    showOffer();
}

QString PlanPage::rateText() const {
    const auto& book = context_.session().logbook();
    const Result<QString> kept = book ? book->setting(QStringLiteral("labourRate")) : Result<QString>(rateHere_);
    return kept.ok() ? kept.value() : QString();
}

/// A number, and the shop's own word for its money.
void PlanPage::saveRate() {
    const QString typed = rate_->text().trimmed();
    if (typed == rateText())
        return;
    if (const auto rate = moneyOf(typed); !typed.isEmpty() && (!rate || rate->minor == 0)) {
        context_.accept(Fault{faults::noRate, tr("labour, an hour"), {typed}});
        rate_->setText(rateText());
        return;
    }
    rateHere_ = typed;
    if (const auto& book = context_.session().logbook())
        context_.accept(book->setSetting(QStringLiteral("labourRate"), typed));
    else
        Q_EMIT context_.said(tr("There is no logbook to keep the rate in; it holds until the program is closed."),
                             false);
    showOffer();
}

void PlanPage::showOffer() {
    const std::optional<PricedPlan>& plan = methods_->priced();
    const bool offered = context_.session().derived().report.level.status == LevelStatus::Found;
    sum_->setVisible(offered); // nothing is promised of what cannot float
    offer_->setVisible(offered);
    if (!plan)
        return;
    const double least_min = std::round(plan->now.minutes.p10), most_min = std::round(plan->now.minutes.p90);
    sum_->setText(tr("As chosen: %1 passes, %2 min in all")
                      .arg(wording::rangeText(std::ceil(plan->now.passes.p10), std::ceil(plan->now.passes.p90)),
                           wording::rangeText(least_min, most_min)));
    const QString sure = tr("It is right for about 8 of 10 guitars; minutes are partly assumed.");
    offered_.reset();
    if (const auto rate = moneyOf(rateText())) {
        const auto& book = context_.session().logbook();
        const Result<Stock> stock = book ? book->stock() : Result<Stock>(Stock());
        offered_ = offerFor(context_.session().job(), plan->now.minutes, *rate, stock.ok() ? stock.value() : Stock());
    }
    saveOffer_->setVisible(offered_.has_value());
    saveOffer_->setEnabled(offered_ && context_.session().job().work.offer != offered_);
    offer_->setText(!offered_                   ? sure
                    : offered_->parts_minor > 0 ? tr("Labour and parts %1. %2").arg(offerText(*offered_), sure)
                                                : tr("Labour %1. %2").arg(offerText(*offered_), sure));
}

void PlanPage::saveOffer() {
    if (offered_)
        context_.accept(context_.session().edit(tr("offer"), [this](Job& job) { job.work.offer = offered_; }));
    showOffer();
}

void PlanPage::refreshPictures() {
    const Job& job = context_.session().job();
    const Derived& derived = context_.session().derived();
    const Preferences& preferences = context_.preferences();
    PullBars pulls;
    pulls.units = preferences.units;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        pulls.bars.push_back(
            {QString::fromStdString(job.rig.strings[i].name), derived.report.before_N[i], derived.report.after_N[i]});
    bars_->show([pulls, scale = preferences.scale()](const QSizeF& size) { return buildPullBars(pulls, size, scale); },
                preferences);
    SectionValues values = sectionNow(job, derived, preferences);
    if (hasClaw(job.rig) && derived.report.level.status == LevelStatus::Found)
        values.outlines.push_back({derived.report.alone.stable ? derived.report.alone.state.angle_rad
                                                               : derived.report.aloneFirst.after.angle_rad,
                                   tr("claw left alone")});
    section_->show([values](const QSizeF& size) { return buildSection(values, size); }, preferences);
    ActPicture screws;
    screws.kind = ActPicture::Kind::Claw;
    screws.leftHanded = job.card.leftHanded;
    const double turns = std::round(derived.report.level.moreTurns * 16.0) / 16.0;
    screws.turns = {turns, turns};
    screwsPicture_->setVisible(hasClaw(job.rig) && derived.report.level.status == LevelStatus::Found &&
                               std::abs(turns) > 0.0);
    screwsPicture_->show(
        [screws, scale = preferences.scale()](const QSizeF& size) { return buildActPicture(screws, size, scale); },
        preferences);
    const QSize room(static_cast<int>(96 * preferences.scale()), static_cast<int>(84 * preferences.scale()));
    screwsPicture_->setFixedSize(room);
    for (SceneView* picture : {bars_, section_})
        picture->setMinimumHeight(static_cast<int>(110 * preferences.scale()));
}

void PlanPage::refreshHead() {
    const Derived& derived = context_.session().derived();
    const ChangeReport& report = derived.report;
    const bool found = report.level.status == LevelStatus::Found;
    const double turns = report.level.moreTurns, spread = derived.uncertainty.claw_turns;
    verdict_->setText(wording::verdict(report));
    setVoice(verdict_, found ? TextRole::Heading : TextRole::Warn);
    reason_->setText(wording::verdictReason(report, context_.preferences().units));
    reason_->setVisible(!found || !hasClaw(context_.session().job().rig)); // else bars and claw say it
    claw_->setText(wording::clawHeadline(derived, context_.preferences().units));
    if (found && !hasClaw(context_.session().job().rig)) {
        turns_->clear();
        screws_->setText(
            !context_.session().job().rig.bridge.has().moves()
                ? tr("There is no spring and no claw: nothing moves when a string is tuned.")
                : tr("There is no claw to turn: what can be changed is the spring, never its length by cutting and "
                     "never the arm by bending."));
        return;
    }
    const bool nothing = !wording::turnsClaw(turns);
    turns_->setText(!found ? tr("stop") : turnsText(turns));
    screws_->setText(
        !found    ? QString()
        : nothing ? tr("Plus or minus %1 turns, as far as the assumed figures are known")
                        .arg(turnsText(std::max(spread, 1.0 / 16)))
                  : tr("%1: %2 on each screw. Plus or minus %3 turns, as far as the assumed figures are "
                       "known.")
                        .arg(wording::clawDirection(turns), inQuarters(turns), turnsText(std::max(spread, 1.0 / 16))));
}

void PlanPage::refreshTables() {
    const Job& job = context_.session().job();
    const Derived& derived = context_.session().derived();
    const Units& units = context_.preferences().units;
    const double base = basePixels(context_.preferences());
    const wording::PlanTable aims = wording::aimsTable(job, derived);
    aims_->show(aims.rows, base);
    aimsNote_->setText(aims.note);
    const wording::PlanTable alone = wording::leftAloneTable(job, derived.report);
    alone_->show(alone.rows, base);
    aloneNote_->setText(alone.note);
    passes_->show(wording::planFiguresTable(job, derived, units).rows, base);
    const wording::PlanTable ways = wording::waysTable(job, derived, units);
    ways_->setColumnCount(static_cast<int>(ways.headers.size()));
    ways_->setHorizontalHeaderLabels(ways.headers);
    ways_->show(ways.rows, base);
    waysNote_->setText(ways.note);
    showWays(!ways.rows.isEmpty());
}

/// Where there is no comfortable float, what helps comes before how it is done.
void PlanPage::showWays(bool wanted) {
    const bool first = wanted && !waysShown_;
    waysShown_ = wanted;
    tabs_->setTabVisible(waysTab_, wanted);
    tabs_->setTabText(waysTab_, context_.session().derived().shortfall ? tr("&What helps") : tr("S&prings"));
    if (first && context_.session().derived().report.level.status != LevelStatus::Found)
        tabs_->setCurrentIndex(waysTab_);
}

} // namespace flenzo
