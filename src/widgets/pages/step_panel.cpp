// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/step_panel.h"

#include "language/decimal.h"
#include "widgets/controls/lane_view.h"
#include "widgets/controls/photo_strip.h"
#include "widgets/controls/quiet_scroll_bar.h"
#include "widgets/controls/scene_view.h"
#include "widgets/forms/soak_form.h"
#include "widgets/forms/string_form.h"
#include "widgets/forms/tick_forms.h"
#include "widgets/look.h"
#include "widgets/pages/plan_page.h"
#include "widgets/pages/step_forms.h"
#include "widgets/text/lanes.h"
#include "widgets/text/step_pictures.h"
#include "widgets/text/step_words.h"

#include <QBoxLayout>
#include <QLabel>
#include <QScrollArea>
#include <cmath>

namespace flenzo {

namespace {

void showText(QLabel* label, const QString& text) {
    label->setText(text);
    label->setVisible(!text.isEmpty());
}

QString minutesText(double minutes) {
    return decimal(minutes, minutes < 10.0 && minutes != std::round(minutes) ? 1 : 0);
}

QStringList photosOf(const Job& job, const QString& step) {
    QStringList photos;
    for (const StepRecord& record : job.work.records)
        if (record.what == StepRecord::What::Photo && record.step == step)
            photos.append(record.text);
    return photos;
}

} // namespace

StepPanel::StepPanel(AppContext& context, QWidget* parent) : QWidget(parent), context_(context) {
    connect(&context_.session(), &Session::started, this, [this] { ++jobs_; });
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(2, 2, 2, 2);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    // Always there: words that wrap can need it only while it is away, and the two would chase each other for ever.
    scroll->setVerticalScrollBar(new QuietScrollBar(scroll));
    scroll->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn);
    scroll->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored); // it scrolls before the page does
    auto* inside = new QWidget(scroll);
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(20, 12, 20, 12);
    column->setSpacing(8);
    const auto line = [&](TextRole voice, const char* name) {
        QLabel* made = label(voice, inside, QLatin1String(name));
        made->setWordWrap(true);
        QSizePolicy tight = made->sizePolicy(); // the room there is belongs to the work
        tight.setVerticalPolicy(QSizePolicy::Maximum);
        made->setSizePolicy(tight);
        column->addWidget(made);
        return made;
    };
    act_ = line(TextRole::Act, "stepAct");
    why_ = line(TextRole::Body, "stepWhy");
    figures_ = line(TextRole::Heading, "stepFigures");
    tools_ = line(TextRole::Body, "stepTools");
    caution_ = line(TextRole::Warn, "stepCaution");
    auto* body = new QHBoxLayout;
    body->setSpacing(16);
    auto* formSide = new QVBoxLayout;
    formPlace_ = new QVBoxLayout;
    formSide->addLayout(formPlace_, 1);
    photos_ = new PhotoStrip(inside);
    formSide->addWidget(photos_);
    formSide->addStretch(); // a short form leaves its room below it, not between the words above
    body->addLayout(formSide);
    picture_ = new SceneView(inside);
    picture_->setObjectName(QStringLiteral("stepPicture"));
    picture_->setAccessibleName(tr("Picture of the step"));
    lanes_ = new LaneView(inside);
    lanes_->setObjectName(QStringLiteral("stepLanes"));
    lanes_->setAccessibleName(tr("Strings"));
    connect(lanes_, &LaneView::lanePicked, this, [this](std::size_t string) {
        if (StringForm* form = hearing())
            form->pickString(string);
    });
    auto* pictures = new QVBoxLayout;
    pictures->setSpacing(8);
    pictures->addWidget(picture_, 1);
    pictures->addWidget(lanes_, 1);
    body->addLayout(pictures, 4);
    body_ = body;
    column->addLayout(body, 1);
    scroll->setWidget(inside);
    inside->setAutoFillBackground(false);
    scroll->viewport()->setAutoFillBackground(false);
    outer->addWidget(scroll, 1);
    foot_ = new QHBoxLayout; // in sight, however far the step scrolls
    foot_->setContentsMargins(20, 0, 20, 10);
    foot_->setSpacing(16);
    doneWhen_ = label(TextRole::Good, this, QStringLiteral("stepDoneWhen"));
    doneWhen_->setWordWrap(true);
    foot_->addWidget(doneWhen_, 1);
    outer->addLayout(foot_);
}

void StepPanel::addToFoot(QWidget* widget) {
    foot_->addWidget(widget, 0, Qt::AlignRight | Qt::AlignBottom);
}

bool StepPanel::showStep(const std::optional<Step>& step) {
    shown_ = step;
    refreshWords(step);
    const bool another = refreshForm(step);
    refreshPicture(step);
    refreshLanes(step);
    photos_->show(context_.session(), step ? photosOf(context_.session().job(), step->name()) : QStringList());
    return another;
}

void StepPanel::setBig(bool big) {
    big_ = big;
    for (QLabel* words : {act_, figures_})
        setDrawn(words, Drawn::Big, big);
}

bool StepPanel::hasFieldFocus() const {
    return form_ && form_->isAncestorOf(focusWidget());
}

void StepPanel::refreshWords(const std::optional<Step>& step) {
    StepWords words;
    if (step)
        words = stepWords(context_.session().job(), context_.session().derived(), *step, context_.preferences().units);
    else
        words.act = tr("Job finished");
    act_->setText(words.act);
    act_->setToolTip(step ? tr("usually %1 min").arg(minutesText(step->minutes)) : QString());
    showText(why_, big_ ? QString() : words.why);
    showText(figures_, words.figures);
    showText(tools_, words.tools.isEmpty() ? QString() : tr("Tools: %1").arg(words.tools));
    showText(caution_, words.caution);
    showText(doneWhen_, words.doneWhen.isEmpty() ? QString() : tr("Done when %1.").arg(words.doneWhen));
}

/// What a form is built for besides its step: one job, and where it does not choose these itself, one kind of bridge
/// with so many strings; undo or another bench may bring others.
QString StepPanel::formShape(const std::optional<Step>& step) const {
    const Session& session = context_.session();
    const Rig& rig = session.job().rig;
    const QString job = QStringLiteral("%1 %2").arg(jobs_).arg(session.keptAs().value_or(0));
    if (!step || step->id == StepId::LookOver || step->id == StepId::OldSet)
        return job;
    return QStringLiteral("%1 %2 %3").arg(job).arg(rig.strings.size()).arg(static_cast<int>(rig.bridge.family));
}

bool StepPanel::refreshForm(const std::optional<Step>& step) {
    const QString name = (step ? step->name() : QString()) + QLatin1Char(' ');
    const QString identity = name + formShape(step);
    if (identity == formFor_)
        return false;
    const bool sameStep = step && formFor_.startsWith(name);
    formFor_ = identity;
    const QString focused = form_ && focusWidget() ? focusWidget()->objectName() : QString();
    if (form_) {
        form_->hide();
        form_->setParent(nullptr); // nobody finds it any more
        form_->deleteLater();
    }
    form_ = step ? stepForm(step->id, context_, this) : finishedForm(context_, this);
    if (form_) {
        formPlace_->addWidget(form_);
        form_->show(); // now, not when the layout comes round to it: it is filled when it is seen
    }
    if (StringForm* strings = hearing())
        strings->lanesChanged = [this] { refreshLanes(shown_); };
    if (auto* soak = qobject_cast<SoakForm*>(form_))
        connect(soak, &SoakForm::soakWanted, this, &StepPanel::soakWanted);
    if (auto* plan = qobject_cast<PlanPage*>(form_))
        connect(plan, &PlanPage::methodsToCompare, this, &StepPanel::methodsToCompare);
    if (sameStep)
        if (QWidget* again = form_ && !focused.isEmpty() ? form_->findChild<QWidget*>(focused) : nullptr)
            again->setFocus();
    return !sameStep;
}

void StepPanel::refreshPicture(const std::optional<Step>& step) {
    const Session& session = context_.session();
    // What is read of every string is seen in the lanes, not on a drawing.
    const auto builder = step && !hearing()
                             ? stepPicture(session.job(), session.derived(), *step, context_.preferences())
                             : SceneView::Builder();
    picture_->setVisible(static_cast<bool>(builder));
    if (!builder)
        return;
    picture_->setMinimumHeight(static_cast<int>(basePixels(context_.preferences()) * 14.0));
    picture_->show(builder, context_.preferences());
}

/// The strings as the form has read them, or as they are where the step looks at them.
void StepPanel::refreshLanes(const std::optional<Step>& step) {
    const Session& session = context_.session();
    const bool looksAtThem = step && (step->id == StepId::Lock || step->id == StepId::Settle);
    const StringForm* form = hearing();
    const bool wanted = form || looksAtThem;
    const double base = basePixels(context_.preferences());
    lanes_->setVisible(wanted);
    // Beside a form where there is room, else below it; alone the pictures take the whole width.
    const bool pictured = wanted || !picture_->isHidden();
    body_->setStretch(0, form_ ? 3 : 0);
    body_->setStretch(1, pictured ? 4 : 0);
    body_->setDirection(form_ && width() < 58.0 * base ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    if (!wanted)
        return;
    const auto strings = static_cast<double>(session.job().rig.strings.size());
    lanes_->setMinimumHeight(static_cast<int>(base * (1.7 + 1.3 * strings)));
    StringLanes lanes = form ? form->lanes() : lanesOf(session.job(), session.derived(), std::nullopt);
    lanes.pegs = false;
    lanes_->showLanes(lanes, context_.preferences());
}

void StepPanel::showSoak(qint64 left_s) {
    if (auto* soak = qobject_cast<SoakForm*>(form_))
        soak->show(left_s);
}

StringForm* StepPanel::hearing() const {
    return dynamic_cast<StringForm*>(form_);
}

bool StepPanel::tickString(std::size_t string) {
    auto* ticks = qobject_cast<StringTicks*>(form_);
    return ticks && ticks->tick(string);
}

void StepPanel::focusWork() {
    if (!form_)
        return;
    for (QWidget* child : form_->findChildren<QWidget*>())
        if ((child->focusPolicy() & Qt::TabFocus) && child->isVisibleTo(form_)) {
            child->setFocus();
            return;
        }
}

} // namespace flenzo
