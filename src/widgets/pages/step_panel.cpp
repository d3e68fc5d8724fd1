// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/step_panel.h"

#include "domain/measuring.h"
#include "domain/methods.h"
#include "paint/section.h"
#include "paint/step_diagram.h"
#include "widgets/controls/photo_strip.h"
#include "widgets/controls/scene_view.h"
#include "widgets/forms/step_forms.h"
#include "widgets/look.h"
#include "widgets/text/step_words.h"

#include <QBoxLayout>
#include <QLabel>
#include <QScrollArea>
#include <QStyle>
#include <cmath>

namespace flenzo {

namespace {

/// Which picture a step of this guitar has.
std::optional<Diagram> diagramOf(const Job& job, StepId step) {
    const auto when = [](bool wanted, Diagram diagram) { return wanted ? std::optional(diagram) : std::nullopt; };
    switch (step) {
    case StepId::Wind:
    case StepId::SwapString:
        return when(job.card.headstock != Headstock::None,
                    job.card.headstock == Headstock::Split ? Diagram::Split : Diagram::OneSide);
    case StepId::Thread:
        return when(job.card.retainerBar && job.rig.strings.size() > 2, Diagram::Bar);
    case StepId::CapsOff:
    case StepId::Lock:
        return when(job.card.nut == Nut::Caps, Diagram::Caps);
    case StepId::Seat:
    case StepId::TakeOut:
        return when(clampsAtSaddle(job.rig.bridge), Diagram::Clamp);
    case StepId::PresetFine:
    case StepId::Intonate:
    case StepId::Height:
        return when(clampsAtSaddle(job.rig.bridge), Diagram::Screws);
    case StepId::CoverOff:
    case StepId::Level:
        return when(hasClaw(job.rig), Diagram::Claw);
    default:
        return std::nullopt;
    }
}

void showText(QLabel* label, const QString& text) {
    label->setText(text);
    label->setVisible(!text.isEmpty());
}

QString minutesText(double minutes) {
    return QString::number(minutes, 'f', minutes < 10.0 && minutes != std::round(minutes) ? 1 : 0);
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
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(2, 2, 2, 2);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget(scroll);
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(20, 12, 20, 12);
    column->setSpacing(8);
    const auto line = [&](TextRole voice, const char* name) {
        QLabel* made = label(voice, inside, QLatin1String(name));
        made->setWordWrap(true);
        column->addWidget(made);
        return made;
    };
    phase_ = line(TextRole::Small, "phase");
    act_ = line(TextRole::Act, "stepAct");
    why_ = line(TextRole::Body, "stepWhy");
    figures_ = line(TextRole::Heading, "stepFigures");
    tools_ = line(TextRole::Body, "stepTools");
    caution_ = line(TextRole::Warn, "stepCaution");
    doneWhen_ = line(TextRole::Good, "stepDoneWhen");
    formPlace_ = new QVBoxLayout;
    column->addLayout(formPlace_);
    photos_ = new PhotoStrip(inside);
    column->addWidget(photos_);
    picture_ = new SceneView(inside);
    picture_->setObjectName(QStringLiteral("stepPicture"));
    picture_->setMinimumHeight(220);
    column->addWidget(picture_, 1);
    column->addStretch();
    scroll->setWidget(inside);
    inside->setAutoFillBackground(false);
    scroll->viewport()->setAutoFillBackground(false);
    outer->addWidget(scroll);
}

bool StepPanel::showStep(const std::optional<Step>& step) {
    refreshWords(step);
    const bool another = refreshForm(step);
    refreshPicture(step);
    photos_->show(step ? photosOf(context_.session().job(), step->name()) : QStringList());
    return another;
}

void StepPanel::setBig(bool big) {
    big_ = big;
    for (QLabel* words : {act_, figures_}) {
        words->setProperty("big", big);
        words->style()->unpolish(words);
        words->style()->polish(words);
    }
}

bool StepPanel::hasFieldFocus() const {
    return form_ && form_->isAncestorOf(focusWidget());
}

void StepPanel::refreshWords(const std::optional<Step>& step) {
    StepWords words;
    if (step)
        words = stepWords(context_.session().job(), context_.session().derived(), *step, context_.preferences().units);
    else
        words.act = tr("The job is through");
    showText(phase_,
             step ? tr("%1  \u00b7  usually %2 min").arg(phaseTitle(specOf(step->id).phase), minutesText(step->minutes))
                  : QString());
    act_->setText(words.act);
    showText(why_, big_ ? QString() : words.why);
    showText(figures_, words.figures);
    showText(tools_, words.tools.isEmpty() ? QString() : tr("Tools: %1").arg(words.tools));
    showText(caution_, words.caution);
    showText(doneWhen_, words.doneWhen.isEmpty() ? QString() : tr("Done when %1.").arg(words.doneWhen));
}

bool StepPanel::refreshForm(const std::optional<Step>& step) {
    const QString name = step ? step->name() : QString();
    const QString identity = name + QString::number(context_.session().keptAs().value_or(0));
    if (identity == formFor_)
        return false;
    const bool sameStep = !name.isEmpty() && formFor_.startsWith(name);
    formFor_ = identity;
    const QString focused = form_ && focusWidget() ? focusWidget()->objectName() : QString();
    if (form_) {
        form_->hide();
        form_->deleteLater();
    }
    form_ = step ? stepForm(step->id, context_, this) : nullptr;
    if (form_)
        formPlace_->addWidget(form_);
    if (sameStep)
        if (QWidget* again = form_ && !focused.isEmpty() ? form_->findChild<QWidget*>(focused) : nullptr)
            again->setFocus();
    return !sameStep;
}

void StepPanel::refreshPicture(const std::optional<Step>& step) {
    const StepId id = step ? step->id : StepId::HandOver;
    const bool section = id == StepId::BlockIn || id == StepId::BlockOut || id == StepId::Checks;
    const std::optional<Diagram> diagram = diagramOf(context_.session().job(), id);
    picture_->setVisible(section || diagram);
    if (diagram)
        picture_->show(
            [this, kind = *diagram](const QSizeF& size) {
                const Job& drawn = context_.session().job();
                return buildStepDiagram(kind, drawn.rig, drawn.card.leftHanded, size, context_.preferences().textScale);
            },
            context_.preferences());
    else if (section)
        picture_->show(
            [this](const QSizeF& size) {
                const Session& session = context_.session();
                const TrackedState& now = session.derived().now();
                return buildSection({session.derived().rig(), now.shown(session.job().rig.bridge), session.job().goal,
                                     context_.preferences().units, now.angleMeasured(),
                                     context_.preferences().textScale},
                                    size);
            },
            context_.preferences());
}

} // namespace flenzo
