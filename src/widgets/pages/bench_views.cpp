// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/bench_views.h"

#include "core/base/units.h"
#include "domain/job/movement.h"
#include "language/decimal.h"
#include "paint/moment_chart.h"
#include "paint/movement_picture.h"
#include "widgets/app_context.h"
#include "widgets/controls/lane_view.h"
#include "widgets/controls/live_section.h"
#include "widgets/controls/pass_sheet_view.h"
#include "widgets/controls/scene_view.h"
#include "widgets/forms/calc_forms.h"
#include "widgets/look.h"
#include "widgets/text/convergence.h"
#include "widgets/text/section_now.h"

#include <QBoxLayout>
#include <QPushButton>
#include <algorithm>
#include <utility>

namespace flenzo {

BenchViews::BenchViews(AppContext& context, QWidget* parent) : QStackedWidget(parent), context_(context) {
    setObjectName(QStringLiteral("benchViews"));
    instrument_ = buildInstrument();
    way_ = new SceneView(this);
    way_->setObjectName(QStringLiteral("convergence"));
    way_->setAccessibleName(tr("Progress to pitch"));
    auto* sheet = new QWidget(this); // it is as high as its rows
    auto* inSheet = new QVBoxLayout(sheet);
    inSheet->setContentsMargins(0, 0, 0, 0);
    sheet_ = new PassSheetView(context_, sheet);
    inSheet->addWidget(sheet_, 1);
    inSheet->addStretch();
    QWidget* why = buildWhy();
    for (SceneView* picture : {way_, chart_, movement_})
        picture->setMinimumSize(60, 60); // they take what there is
    for (QWidget* view : {instrument_, static_cast<QWidget*>(way_), sheet, why})
        addWidget(view);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
    keys_ = {{nullptr, way_}, {nullptr, sheet}, {nullptr, why}, {}};
    buildKeys(parent);
}

/// The bridge from the side, and beside it every string in its lane.
QWidget* BenchViews::buildInstrument() {
    auto* both = new QWidget(this);
    auto* row = instrumentRow_ = new QHBoxLayout(both);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    section_ = new LiveSection(both);
    section_->setObjectName(QStringLiteral("section"));
    section_->setAccessibleName(tr("Side section of the bridge"));
    lanes_ = new LaneView(both);
    lanes_->setObjectName(QStringLiteral("lanes"));
    lanes_->setAccessibleName(tr("Strings"));
    row->addWidget(section_, 44);
    row->addWidget(lanes_, 56);
    for (SceneView* picture : std::initializer_list<SceneView*>{section_, lanes_}) {
        picture->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
        connect(picture, &SceneView::pressed, this, &BenchViews::isLeft);
    }
    connect(section_, &LiveSection::platePressed, this, [this] {
        if (hasClaw(context_.session().job().rig))
            context_.bench().pickGap();
    });
    connect(section_, &LiveSection::plateDragged, this, [this](double angle_rad) {
        if (hasClaw(context_.session().job().rig))
            Q_EMIT told(QStringLiteral("eye %1°").arg(decimal(degrees(angle_rad), 1)));
    });
    connect(section_, &LiveSection::clawDragged, this, [this](double turns) {
        Q_EMIT told(turns == 0.0 ? QString()
                                 : QStringLiteral("claw %1").arg((turns < 0.0 ? QStringLiteral("-") : QString()) +
                                                                 turnsText(turns)));
    });
    connect(lanes_, &LaneView::lanePicked, this, [this](std::size_t string) { context_.bench().pickString(string); });
    return both;
}

/// Why the guitar does as it does: what holds the plate, and what the last act moved.
QWidget* BenchViews::buildWhy() {
    auto* why = new QWidget(this);
    auto* row = new QHBoxLayout(why);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    chart_ = new SceneView(why);
    chart_->setObjectName(QStringLiteral("momentChart"));
    chart_->setAccessibleName(tr("Moment chart"));
    movement_ = new SceneView(why);
    movement_->setObjectName(QStringLiteral("movement"));
    movement_->setAccessibleName(tr("What the last act moved"));
    row->addWidget(chart_, 1);
    row->addWidget(movement_, 1);
    return why;
}

/// One key each; the same key, or Escape, brings the instrument back. They stay where the page hides the views.
void BenchViews::buildKeys(QWidget* page) {
    keyRow_ = new QBoxLayout(QBoxLayout::LeftToRight);
    keyRow_->setSpacing(8);
    auto* views = new QHBoxLayout;
    views->setSpacing(8);
    keyRow_->addLayout(views);
    const std::pair<QString, const char*> keys[] = {{tr("&Progress"), "viewProgress"},
                                                    {tr("P&asses"), "viewPasses"},
                                                    {tr("Wh&y"), "viewWhy"},
                                                    {tr("Se&ttling"), "viewSettling"}};
    for (std::size_t k = 0; k < keys_.size(); ++k) {
        auto* button = keys_[k].button = new QPushButton(keys[k].first, page);
        button->setObjectName(QLatin1String(keys[k].second));
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        connect(button, &QPushButton::clicked, this, [this, k](bool on) { bringUp(on ? keys_[k].view : instrument_); });
        views->addWidget(button);
    }
    constexpr int apart = 16; // from what listening has
    views->addSpacing(apart);
    views->addStretch();
}

void BenchViews::bringUp(QWidget* view) {
    setCurrentWidget(view);
    for (const Key& key : keys_)
        key.button->setChecked(key.view == view);
    sheet_->refresh();
    Q_EMIT isLeft();
}

bool BenchViews::showInstrument() {
    if (currentWidget() == instrument_)
        return false;
    bringUp(instrument_);
    return true;
}

void BenchViews::showLanes(const StringLanes& lanes) {
    lanes_->showLanes(lanes, context_.preferences());
}

void BenchViews::coverSection(bool covered) {
    section_->setHidden(covered);
}

std::vector<QPushButton*> BenchViews::keys() const {
    std::vector<QPushButton*> lead;
    for (const Key& key : keys_)
        if (key.view)
            lead.push_back(key.button);
    return lead;
}

void BenchViews::arrange(int pageWidth, bool tight) {
    const double base = basePixels(context_.preferences());
    for (const Key& key : keys_)
        key.button->setVisible(key.view && !tight);
    // One below the other where they do not fit beside each other: such a page scrolls anyway.
    const bool below = !tight && pageWidth < 40.0 * base;
    instrumentRow_->setDirection(below ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    const auto strings = static_cast<double>(context_.session().job().rig.strings.size());
    constexpr double leastLane = 0.63, head = 1.6; // lanes that the scale's words are as high as
    const double lanes = base * (tight ? leastLane * (head + strings) : 1.7 + 1.15 * strings);
    const double section = tight ? lanes : base * 9.0;
    for (QWidget* picture : std::initializer_list<QWidget*>{section_, lanes_})
        picture->setMinimumWidth(tight ? static_cast<int>(8.0 * base) : 0); // none: as wide as they would like
    section_->setMinimumHeight(static_cast<int>(section));
    lanes_->setMinimumHeight(static_cast<int>(lanes));
    setMinimumHeight(static_cast<int>(section_->isHidden() ? lanes
                                      : below              ? section + lanes + 8.0
                                                           : std::max(section, lanes)));
}

void BenchViews::refresh() {
    const Job& job = context_.session().job();
    const Derived& derived = context_.session().derived();
    const double scale = context_.preferences().scale();
    SectionValues values = sectionNow(job, derived, context_.preferences());
    if (const auto after_rad = angleAfterNext_rad(job, derived))
        values.outlines.push_back({*after_rad, tr("after this act")});
    section_->showRig(values, context_.preferences());
    chart_->show([values](const QSizeF& size) { return buildMomentChart(values, size); }, context_.preferences());
    way_->show(
        [way = convergenceOf(job, derived), scale](const QSizeF& size) { return buildConvergence(way, size, scale); },
        context_.preferences());
    movement_->show(
        [moved = movedStrings(job, derived), scale](const QSizeF& size) { return buildMovement(moved, size, scale); },
        context_.preferences());
    sheet_->refresh();
    refreshSettling();
}

/// With new strings a fourth view: how settled each of them is.
void BenchViews::refreshSettling() {
    Key& key = keys_.back();
    const bool wanted = context_.session().job().method.stretch;
    if (wanted && !key.view) {
        key.view = new SettleForm(context_, this);
        addWidget(key.view);
    } else if (!wanted && key.view) {
        if (currentWidget() == key.view)
            bringUp(instrument_);
        removeWidget(key.view);
        key.view->deleteLater();
        key.view = nullptr;
    }
}

void BenchViews::resizeEvent(QResizeEvent* event) {
    QStackedWidget::resizeEvent(event);
    sheet_->refresh();
}

} // namespace flenzo
