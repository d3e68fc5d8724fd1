// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/tick_forms.h"

#include "domain/methods/methods.h"
#include "domain/work/preparing.h"
#include "domain/work/progress.h"
#include "domain/work/route.h"
#include "language/figures.h"
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
    const char* name; ///< as files have it
    const char* words;
    ToolKind kind;
};
constexpr TrayTool trayTools[] = {
    {"glasses", QT_TRANSLATE_NOOP("flenzo::TrayForm", "safety glasses"), ToolKind::Glasses},
    {"winder", QT_TRANSLATE_NOOP("flenzo::TrayForm", "winder"), ToolKind::Winder},
    {"cutters", QT_TRANSLATE_NOOP("flenzo::TrayForm", "heavy cutters"), ToolKind::Cutters},
    {"pliers", QT_TRANSLATE_NOOP("flenzo::TrayForm", "pliers for springs"), ToolKind::Pliers},
    {"sharps", QT_TRANSLATE_NOOP("flenzo::TrayForm", "sharps tin for string ends"), ToolKind::Tin},
    {"tuner", QT_TRANSLATE_NOOP("flenzo::TrayForm", "tuner that shows cents"), ToolKind::Tuner},
    {"key caps", QT_TRANSLATE_NOOP("flenzo::TrayForm", "hex key for the nut caps"), ToolKind::HexKey},
    {"key saddle clamps", QT_TRANSLATE_NOOP("flenzo::TrayForm", "hex key for the saddle clamps"), ToolKind::HexKey},
    {"key saddles", QT_TRANSLATE_NOOP("flenzo::TrayForm", "hex key for the saddles"), ToolKind::HexKey},
    {"key posts", QT_TRANSLATE_NOOP("flenzo::TrayForm", "hex key for the bridge posts"), ToolKind::HexKey},
    {"key cover", QT_TRANSLATE_NOOP("flenzo::TrayForm", "screwdriver for the back cover"), ToolKind::Screwdriver},
    {"claw", QT_TRANSLATE_NOOP("flenzo::TrayForm", "screwdriver for the claw"), ToolKind::Screwdriver},
    {"block", QT_TRANSLATE_NOOP("flenzo::TrayForm", "block, padded"), ToolKind::Block},
    {"headRest", QT_TRANSLATE_NOOP("flenzo::TrayForm", "head rest"), ToolKind::HeadRest},
    {"caliper", QT_TRANSLATE_NOOP("flenzo::TrayForm", "caliper"), ToolKind::Caliper},
    {"ruler", QT_TRANSLATE_NOOP("flenzo::TrayForm", "ruler or feeler"), ToolKind::Ruler},
    {"tray", QT_TRANSLATE_NOOP("flenzo::TrayForm", "tray for small parts"), ToolKind::Tray},
    {"cloth", QT_TRANSLATE_NOOP("flenzo::TrayForm", "cloths"), ToolKind::Cloth},
    {"lamp", QT_TRANSLATE_NOOP("flenzo::TrayForm", "lamp"), ToolKind::Lamp},
    {"spares", QT_TRANSLATE_NOOP("flenzo::TrayForm", "spare single strings"), ToolKind::Spares},
    {"wool", QT_TRANSLATE_NOOP("flenzo::TrayForm", "fine wool, tape, fret guard"), ToolKind::Wool},
    {"oil", QT_TRANSLATE_NOOP("flenzo::TrayForm", "fretboard oil"), ToolKind::Oil}};

/// The tool as this guitar's card has it: its block, and of a key the size.
QString toolWords(const Job& job, const TrayTool& tool) {
    const QString name = QLatin1String(tool.name), words = TrayForm::tr(tool.words);
    if (name == QLatin1String("block") && !job.card.block.isEmpty())
        return job.card.block;
    if (!name.startsWith(QLatin1String("key ")))
        return words;
    const QString size = job.card.keys.value(name.section(QLatin1Char(' '), 1));
    return size.isEmpty() ? TrayForm::tr("%1, size not noted").arg(words) : QStringLiteral("%1, %2").arg(words, size);
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
    const Job& job = context.session().job();
    const QStringList needed = toolsFor(job);
    for (const TrayTool& each : trayTools) {
        if (!needed.contains(QLatin1String(each.name)))
            continue;
        QCheckBox* tool = box(QLatin1String(each.name), toolWords(job, each));
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

LookForm::LookForm(AppContext& context, StepId step, QWidget* parent)
    : TickForm(context, QLatin1String(specOf(step).name), parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 8, 0, 8);
    for (const QString& check : checksFor(context.session().job(), step))
        column->addWidget(box(check, checkWords(check)));
    QLabel* honest = label(TextRole::Small, this);
    honest->setWordWrap(true);
    honest->setText(tr("What is not ticked stays on the job sheet as not inspected."));
    column->addWidget(honest);
}

QList<std::pair<QString, QString>> StringTicks::actsOf(const Job& job, StepId step) {
    switch (step) {
    case StepId::Slacken:
        return {{QStringLiteral("slack"), tr("slack")}};
    case StepId::CutOld:
        return {{QStringLiteral("cut"), tr("cut")}};
    case StepId::TakeOut:
        return {{QStringLiteral("out"), tr("out, in the sharps tin")}};
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
    const bool inTurn = old || step == StepId::Seat || step == StepId::Thread || step == StepId::Wind;
    const auto kept = remainingString(job);
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
        if (inTurn && i == kept) {
            auto* stays = label(TextRole::Body, this);
            stays->setText(tr("stays on until the others are taut"));
            grid->addWidget(stays, row, 2, 1, static_cast<int>(acts.size()));
            rows_.append(boxes);
            continue;
        }
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
