// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/tick_forms.h"

#include "domain/methods/methods.h"
#include "domain/work/progress.h"
#include "paint/format.h"
#include "paint/tool_glyph.h"
#include "widgets/look.h"
#include "widgets/text/wording.h"

#include <QCheckBox>
#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <tuple>

namespace flenzo {

namespace {

struct TrayTool {
    QString name, words;
    ToolKind kind;
};

QList<TrayTool> keysOf(const Job& job) {
    const bool clamps = job.rig.bridge.has().clampsAtSaddle;
    const QStringList groups = screwGroups();
    enum Group { Caps, Clamps, Saddles, Posts, TrussRod, Cover };
    const std::tuple<Group, QString, bool> needed[] = {
        {Caps, TrayForm::tr("hex key for the nut caps"), job.card.nut == Nut::Caps},
        {Clamps, TrayForm::tr("hex key for the saddle clamps"), clamps},
        {Saddles, TrayForm::tr("hex key for the saddles"),
         clamps && job.work.extras.contains(QStringLiteral("intonate"))},
        {Posts, TrayForm::tr("hex key for the bridge posts"), job.work.extras.contains(QStringLiteral("height"))},
        {Cover, TrayForm::tr("screwdriver for the back cover"), hasClaw(job.rig) && job.card.cavityCover}};
    QList<TrayTool> keys;
    for (const auto& [group, words, wanted] : needed) {
        if (!wanted)
            continue;
        const QString size = job.card.keys.value(groups[group]);
        keys.append(
            {QStringLiteral("key ") + groups[group],
             size.isEmpty() ? TrayForm::tr("%1, size not noted").arg(words) : QStringLiteral("%1, %2").arg(words, size),
             group == Cover ? ToolKind::Screwdriver : ToolKind::HexKey});
    }
    if (hasClaw(job.rig))
        keys.append({QStringLiteral("claw"), TrayForm::tr("screwdriver for the claw"), ToolKind::Screwdriver});
    return keys;
}

QList<TrayTool> toolsOf(const Job& job) {
    QList<TrayTool> tools{{QStringLiteral("winder"), TrayForm::tr("winder"), ToolKind::Winder},
                          {QStringLiteral("cutters"), TrayForm::tr("heavy cutters"), ToolKind::Cutters},
                          {QStringLiteral("tuner"), TrayForm::tr("tuner that shows cents"), ToolKind::Tuner}};
    tools += keysOf(job);
    if (floats(job.rig, job.goal) && isChosen(job, "atOnce", "all"))
        tools.append({QStringLiteral("block"),
                      job.card.block.isEmpty() ? TrayForm::tr("block, padded") : job.card.block, ToolKind::Block});
    tools += {{QStringLiteral("headRest"), TrayForm::tr("head rest"), ToolKind::HeadRest},
              {QStringLiteral("caliper"), TrayForm::tr("caliper"), ToolKind::Caliper},
              {QStringLiteral("ruler"), TrayForm::tr("ruler or feeler"), ToolKind::Ruler},
              {QStringLiteral("tray"), TrayForm::tr("tray for small parts"), ToolKind::Tray},
              {QStringLiteral("cloth"), TrayForm::tr("cloths"), ToolKind::Cloth},
              {QStringLiteral("spares"), TrayForm::tr("spare single strings"), ToolKind::Spares}};
    if (job.work.extras.contains(QStringLiteral("polish")))
        tools.append({QStringLiteral("wool"), TrayForm::tr("fine wool, tape, fret guard"), ToolKind::Wool});
    if (job.work.extras.contains(QStringLiteral("oil")))
        tools.append({QStringLiteral("oil"), TrayForm::tr("fretboard oil"), ToolKind::Oil});
    return tools;
}

QIcon iconOf(ToolKind kind, const Preferences& preferences) {
    const int side = static_cast<int>(std::lround(basePixels(preferences) * 3.4));
    QPixmap pixels(side, side);
    QPainter painter(&pixels);
    paint(painter, buildToolGlyph(kind, QSizeF(side, side)), preferences.theme());
    painter.end();
    return QIcon(pixels);
}

} // namespace

TickForm::TickForm(AppContext& context, const QString& step, QWidget* parent)
    : QWidget(parent), context_(context), step_(step) {
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
    connect(&context_.session(), &Session::changed, this, &TickForm::follow);
}

QCheckBox* TickForm::box(const QString& name, const QString& words) {
    auto* made = new QCheckBox(words, this);
    made->setObjectName(QStringLiteral("tick ") + name);
    made->setProperty("tick", name);
    made->setAccessibleName(words);
    made->setChecked(context_.session().job().work.ticks.value(step_).contains(name));
    connect(made, &QCheckBox::clicked, this, [this, name](bool on) {
        context_.accept(context_.session().edit(tr("tick"), [&](Job& job) {
            QStringList& ticked = job.work.ticks[step_];
            ticked.removeAll(name);
            if (on)
                ticked.append(name);
        }));
    });
    boxes_.append(made);
    return made;
}

void TickForm::follow() {
    const QStringList ticked = context_.session().job().work.ticks.value(step_);
    for (QCheckBox* each : boxes_)
        each->setChecked(ticked.contains(each->property("tick").toString()));
}

TrayForm::TrayForm(AppContext& context, QWidget* parent)
    : TickForm(context, QLatin1String(specOf(StepId::Tools).name), parent) {
    grid_ = new QGridLayout(this);
    grid_->setContentsMargins(0, 8, 0, 8);
    grid_->setHorizontalSpacing(24);
    const int side = static_cast<int>(std::lround(basePixels(context.preferences()) * 3.4));
    for (const TrayTool& each : toolsOf(context.session().job())) {
        QCheckBox* tool = box(each.name, each.words);
        tool->setIcon(iconOf(each.kind, context.preferences()));
        tool->setIconSize({side, side});
        tools_.append(tool);
    }
    arrange();
}

void TrayForm::resizeEvent(QResizeEvent* event) {
    TickForm::resizeEvent(event);
    arrange();
}

void TrayForm::arrange() {
    int widest = 1;
    for (const QCheckBox* tool : tools_)
        widest = std::max(widest, tool->sizeHint().width() + grid_->horizontalSpacing());
    const double seen = seenWidth(*this, context_.preferences()) * basePixels(context_.preferences());
    const int columns = std::clamp(static_cast<int>(seen / widest), 1, 3);
    if (columns == columns_)
        return;
    columns_ = columns;
    for (int k = 0; k < tools_.size(); ++k)
        grid_->addWidget(tools_[k], k / columns, k % columns);
}

LookForm::LookForm(AppContext& context, StepId step, const QList<std::pair<QString, QString>>& things, QWidget* parent)
    : TickForm(context, QLatin1String(specOf(step).name), parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 8, 0, 8);
    for (const auto& [name, words] : things)
        column->addWidget(box(name, words));
}

QList<std::pair<QString, QString>> StringTicks::actsOf(const Job& job, StepId step) {
    switch (step) {
    case StepId::Slacken:
        return {{QStringLiteral("slack"), tr("slack")}};
    case StepId::CutOld:
        return {{QStringLiteral("cut"), tr("cut")}};
    case StepId::TakeOut:
        return {{QStringLiteral("out"), tr("out and binned")}};
    case StepId::BallEnd:
        return {{QStringLiteral("cut"), tr("cut")}};
    case StepId::Seat:
        return {
            {QStringLiteral("seated"), job.rig.bridge.has().clampsAtSaddle ? tr("seated and clamped") : tr("seated")},
            {QStringLiteral("pulled"), tr("pulled by hand")}};
    case StepId::Thread:
        return {{QStringLiteral("threaded"), tr("in its own slot")}};
    case StepId::Wind:
        return {{QStringLiteral("taut"), tr("taut")}};
    case StepId::Settle:
        return {{QStringLiteral("stretched"), tr("stretched")}, {QStringLiteral("holds"), tr("holds its pitch")}};
    case StepId::Play:
        return {{QStringLiteral("bent"), tr("bent a whole step")}};
    case StepId::TrimTails:
        return {{QStringLiteral("trimmed"), tr("trimmed")}};
    default:
        return {};
    }
}

StringTicks::StringTicks(AppContext& context, StepId step, QWidget* parent)
    : TickForm(context, QLatin1String(specOf(step).name), parent) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 8, 0, 8);
    grid->setHorizontalSpacing(18);
    const Job& job = context.session().job();
    const auto acts = actsOf(job, step);
    QLabel* hint = label(TextRole::Small, this);
    hint->setText(tr("The string's number ticks its next box."));
    grid->addWidget(hint, 0, 0, 1, 3 + static_cast<int>(acts.size()));
    const bool old = step == StepId::Slacken || step == StepId::CutOld || step == StepId::TakeOut;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        const Wire& wire = old && i < job.off.size() ? job.off[i].wire : job.rig.strings[i].wire;
        const int row = static_cast<int>(i) + 1;
        auto* name = new QLabel(wording::stringTitle(job.rig.strings[i]), this);
        auto* gauge = label(TextRole::Small, this);
        gauge->setText((wire.isWound() ? tr("%1 wound") : tr("%1 plain"))
                           .arg(gaugeText(wire.gauge_m, context.preferences().units)));
        grid->addWidget(name, row, 0);
        grid->addWidget(gauge, row, 1);
        QList<QCheckBox*> boxes;
        for (int c = 0; c < acts.size(); ++c) {
            QCheckBox* made = box(tickName(acts[c].first, i), acts[c].second);
            made->setAccessibleName(QStringLiteral("%1, %2").arg(name->text(), acts[c].second));
            grid->addWidget(made, row, 2 + c);
            boxes.append(made);
        }
        rows_.append(boxes);
    }
    grid->setColumnStretch(2 + static_cast<int>(acts.size()), 1);
}

bool StringTicks::tick(std::size_t string) {
    if (string >= static_cast<std::size_t>(rows_.size()))
        return false;
    for (QCheckBox* each : rows_[static_cast<qsizetype>(string)])
        if (!each->isChecked()) {
            each->click();
            return true;
        }
    return false;
}

} // namespace flenzo
