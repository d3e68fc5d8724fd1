// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/first_answer_form.h"

#include "domain/job/measuring.h"
#include "domain/job/trends.h"
#include "paint/bridge_mark.h"
#include "paint/section.h"
#include "session/input/quantity.h"
#include "widgets/controls/job_fields.h"
#include "widgets/controls/scene_view.h"
#include "widgets/controls/set_picker.h"
#include "widgets/look.h"
#include "widgets/text/section_now.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QButtonGroup>
#include <QComboBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QToolButton>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

QIcon markOf(const FamilyTraits& has, const QSize& size, const Preferences& preferences) {
    QPixmap pixels(size);
    QPainter painter(&pixels);
    paint(painter, buildBridgeMark(has, size), preferences.theme());
    painter.end();
    return QIcon(pixels);
}

QWidget* titled(const QString& title, QWidget* inside, QWidget* parent) {
    auto* box = new QWidget(parent);
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    QLabel* heading = label(TextRole::Heading, box);
    heading->setText(title);
    column->addWidget(heading);
    column->addWidget(inside);
    return box;
}

} // namespace

FirstAnswerForm::FirstAnswerForm(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addWidget(buildNames());
    column->addWidget(titled(tr("1  Which bridge is it?"), buildBridges(), this));
    auto* row = halves_ = new QHBoxLayout;
    row->setSpacing(24);
    auto* questions = new QVBoxLayout;
    questions->addWidget(titled(tr("2  Which strings come off, which go on?"), buildStrings(), this));
    questions->addWidget(new OldLevelForm(context, tr("3  In tune on the old strings, the plate is"), this));
    questions->addStretch();
    row->addLayout(questions, 5);
    row->addWidget(buildAnswer(), 6);
    column->addLayout(row, 1);
    connect(&context_.session(), &Session::remainingChanged, this, &FirstAnswerForm::refreshWhenSeen);
}

QWidget* FirstAnswerForm::buildNames() {
    auto* box = new QWidget(this);
    auto* row = names_ = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    const auto field = [&](const char* objectName, const QString& name, QString Job::*member) {
        auto* edit = new JobText(context_, name, member, box);
        edit->setObjectName(QLatin1String(objectName));
        edit->setAccessibleName(name);
        edit->setMinimumWidth(80);
        auto* pair = new QHBoxLayout;
        pair->addWidget(new QLabel(name, box));
        pair->addWidget(edit, 1);
        row->addLayout(pair, member == &Job::reason ? 2 : 1);
        return edit;
    };
    name_ = field("cardGuitar", tr("guitar"), &Job::guitar);
    owner_ = field("cardOwner", tr("owner"), &Job::owner);
    reason_ = field("cardReason", tr("reason for the job"), &Job::reason);
    return box;
}

QWidget* FirstAnswerForm::buildBridges() {
    auto* box = new QWidget(this);
    tiles_ = new QGridLayout(box);
    tiles_->setContentsMargins(0, 0, 0, 0);
    kinds_ = new QButtonGroup(this);
    for (std::size_t k = 0; k < families.size(); ++k) {
        const QString name = familyName(families[k].family);
        auto* cell = new QWidget(box);
        auto* column = new QVBoxLayout(cell);
        column->setContentsMargins(0, 0, 0, 0);
        auto* tile = new QToolButton(cell);
        QLabel* words = label(TextRole::Small, cell);
        words->setText(QStringLiteral("%1  %2").arg(k + 1).arg(name));
        words->setWordWrap(true);
        words->setAlignment(Qt::AlignHCenter | Qt::AlignTop);
        column->addWidget(tile);
        column->addWidget(words, 1);
        tile->setObjectName(QStringLiteral("kind%1").arg(k));
        tile->setProperty("tile", true);
        tile->setAccessibleName(name);
        tile->setCheckable(true);
        tile->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        tile->setFocusPolicy(Qt::StrongFocus);
        tile->installEventFilter(this);
        kinds_->addButton(tile, static_cast<int>(k));
        bridges_.append(tile);
    }
    connect(kinds_, &QButtonGroup::idClicked, this, &FirstAnswerForm::chooseBridge);
    return box;
}

QWidget* FirstAnswerForm::buildStrings() {
    auto* box = new QWidget(this);
    auto* form = new QFormLayout(box);
    form->setContentsMargins(0, 0, 0, 0);
    count_ = new StringCountBox(context_, box);
    count_->setObjectName(QStringLiteral("firstCount"));
    off_ = new SetPicker(context_, Side::Off, tr("comes off"), box);
    on_ = new SetPicker(context_, Side::On, tr("goes on"), box);
    changed_ = new QComboBox(box);
    changed_->setObjectName(QStringLiteral("changedStrings"));
    changed_->setAccessibleName(tr("Strings that are changed"));
    connect(changed_, &QComboBox::activated, this, &FirstAnswerForm::chooseChanged);
    auto* which = new QHBoxLayout;
    which->addWidget(count_, 1);
    which->addWidget(new QLabel(tr("change"), box));
    which->addWidget(changed_, 2);
    brokeAt_ = new QComboBox(box);
    brokeAt_->setObjectName(QStringLiteral("brokeAt"));
    brokeAt_->setAccessibleName(tr("Where it broke"));
    connect(brokeAt_, &QComboBox::activated, this, &FirstAnswerForm::chooseBreakPlace);
    which->addWidget(brokeAt_, 2);
    form->addRow(tr("number"), which);
    form->addRow(tr("comes off"), off_);
    form->addRow(tr("goes on"), on_);
    return box;
}

QWidget* FirstAnswerForm::buildAnswer() {
    auto* panel = new QFrame(this);
    panel->setProperty("panel", true);
    auto* column = new QVBoxLayout(panel);
    auto* top = answer_ = new QHBoxLayout;
    act_ = label(TextRole::Act, panel, QStringLiteral("firstAct"));
    act_->setWordWrap(true);
    turns_ = label(TextRole::Figure, panel, QStringLiteral("firstTurns"));
    top->addWidget(act_, 3);
    top->addWidget(turns_, 1);
    column->addLayout(top);
    sum_ = label(TextRole::Heading, panel, QStringLiteral("firstSum"));
    assumed_ = label(TextRole::Small, panel, QStringLiteral("firstAssumed"));
    for (QLabel* each : {sum_, assumed_}) {
        each->setWordWrap(true);
        column->addWidget(each);
    }
    section_ = new SceneView(panel);
    section_->setObjectName(QStringLiteral("firstSection"));
    section_->setAccessibleName(tr("Side section of the bridge"));
    column->addWidget(section_, 1);
    return panel;
}

void FirstAnswerForm::arrangeBridges() {
    const double seen = seenWidth(*this, context_.preferences());
    const bool narrow = seen < 58.0;
    names_->setDirection(narrow ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    halves_->setDirection(narrow ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    const bool tight = seen < 75.0; // turns in sixteenths do not fit beside what to do with them
    answer_->setDirection(tight ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    constexpr double tile = 9.6, margins = 3.2;
    const int wanted = std::clamp(static_cast<int>((seen - margins) / tile), 2, static_cast<int>(bridges_.size()));
    if (wanted == columns_)
        return;
    columns_ = wanted;
    for (int k = 0; k < bridges_.size(); ++k)
        tiles_->addWidget(bridges_[k]->parentWidget(), k / wanted, k % wanted);
}

void FirstAnswerForm::resizeEvent(QResizeEvent* event) {
    Page::resizeEvent(event);
    arrangeBridges();
}

/// Digits and arrows choose a bridge while the keyboard is among them.
bool FirstAnswerForm::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress)
        return Page::eventFilter(watched, event);
    const int key = static_cast<QKeyEvent*>(event)->key(), count = static_cast<int>(bridges_.size());
    int at = kinds_->checkedId();
    if (key >= Qt::Key_1 && key < Qt::Key_1 + count)
        at = key - Qt::Key_1;
    else if (key == Qt::Key_Right || key == Qt::Key_Down)
        at = (at + 1) % count;
    else if (key == Qt::Key_Left || key == Qt::Key_Up)
        at = (at + count - 1) % count;
    else
        return Page::eventFilter(watched, event);
    chooseBridge(at);
    bridges_[at]->setFocus();
    return true;
}

void FirstAnswerForm::chooseBridge(int kind) {
    chooseFamily(context_, static_cast<Family>(kind), this);
    refresh();
}

void FirstAnswerForm::chooseChanged(int index) {
    const auto broken = index > 0 ? std::optional(static_cast<std::size_t>(index) - 1) : std::nullopt;
    context_.accept(context_.session().edit(tr("strings to change"), [&](Job& job) { setBroken(job, broken); }));
    refresh();
}

void FirstAnswerForm::chooseBreakPlace(int index) {
    const auto place = static_cast<BreakPlace>(brokeAt_->itemData(index).toInt());
    context_.accept(context_.session().edit(tr("where it broke"), [place](Job& job) { job.work.brokeAt = place; }));
    refresh();
}

/// Where a string of this guitar can break.
void FirstAnswerForm::refreshBreakPlaces() {
    const Job& job = context_.session().job();
    brokeAt_->setVisible(job.work.broken.has_value());
    brokeAt_->clear();
    for (const BreakPlace place : breakPlaces)
        if (place != BreakPlace::StringPost || job.card.tuners != Tuners::AtBridge)
            brokeAt_->addItem(breakPlaceName(place), static_cast<int>(place));
    brokeAt_->setCurrentIndex(brokeAt_->findData(static_cast<int>(job.work.brokeAt)));
}

/// Thickest first, as everywhere.
void FirstAnswerForm::refreshChanged() {
    const Job& job = context_.session().job();
    changed_->clear();
    changed_->addItem(tr("all strings"));
    for (const RigString& string : job.rig.strings)
        changed_->addItem(tr("only %1, which broke").arg(wording::stringTitle(string)));
    changed_->setCurrentIndex(job.work.broken ? static_cast<int>(*job.work.broken) + 1 : 0);
}

void FirstAnswerForm::refresh() {
    for (JobText* words : {name_, owner_, reason_})
        words->refresh();
    count_->refresh();
    off_->refresh();
    on_->refresh();
    refreshChanged();
    refreshBreakPlaces();
    refreshBridges();
    refreshAnswer();
    arrangeBridges();
}

void FirstAnswerForm::refreshBridges() {
    const double base = basePixels(context_.preferences());
    const QString look = QStringLiteral("%1 %2").arg(base).arg(context_.preferences().dark);
    if (look != drawnFor_) {
        drawnFor_ = look;
        const QSize size(static_cast<int>(base * 8.8), static_cast<int>(base * 5.1));
        for (int k = 0; k < bridges_.size(); ++k) {
            bridges_[k]->setIconSize(size);
            bridges_[k]->setIcon(markOf(families[static_cast<std::size_t>(k)], size, context_.preferences()));
        }
        columns_ = 0;
    }
    bridges_[static_cast<int>(context_.session().job().rig.bridge.family)]->setChecked(true);
}

void FirstAnswerForm::refreshAnswer() {
    const Job& job = context_.session().job();
    const Derived& derived = context_.session().derived();
    const LevelSolution& level = derived.report.level;
    const bool found = level.status == LevelStatus::Found, claw = hasClaw(job.rig);
    const double turns = level.moreTurns;
    act_->setText(wording::clawHeadline(derived, context_.preferences().units));
    turns_->setText(found && claw && wording::turnsClaw(turns) ? turnsText(turns) : QString());
    turns_->setVisible(!turns_->text().isEmpty());
    sum_->setText(found ? wording::outlook(derived) : wording::stuck(level));
    assumed_->setText(tr("Calculated. Figures nobody measured are assumed (%1 measured so far); the readings correct "
                         "them. Plus or minus %2 turns.")
                          .arg(job.measured.size())
                          .arg(turnsText(std::max(derived.uncertainty.claw_turns, 1.0 / 16))));
    SectionValues values = sectionNow(job, derived, context_.preferences());
    section_->setMinimumHeight(static_cast<int>(basePixels(context_.preferences()) * 8.5));
    section_->show([values](const QSizeF& size) { return buildSection(values, size); }, context_.preferences());
}

OldLevelForm::OldLevelForm(AppContext& context, const QString& title, QWidget* parent)
    : QWidget(parent), context_(context), group_(new QButtonGroup(this)) {
    auto* rows = new QVBoxLayout(this);
    rows->setContentsMargins(0, 0, 0, 0);
    rows->setSpacing(4);
    auto* question = new QHBoxLayout;
    QLabel* heading = label(TextRole::Heading, this);
    heading->setText(title);
    question->addWidget(heading);
    rows->addLayout(question);
    auto* row = new QHBoxLayout;
    rows->addLayout(row);
    const std::pair<QString, const char*> answers[] = {{tr("&level"), "oldLevel"},
                                                       {tr("&sunk"), "oldSunk"},
                                                       {tr("&forward"), "oldForward"},
                                                       {tr("on the &body"), "oldOnBody"},
                                                       {tr("not &known"), "oldUnknown"}};
    for (int a = 0; a < static_cast<int>(std::size(answers)); ++a) {
        auto* button = new QPushButton(answers[a].first, this);
        button->setObjectName(QLatin1String(answers[a].second));
        button->setCheckable(true);
        group_->addButton(button, a);
        row->addWidget(button);
    }
    angle_ = new FieldEdit(
        tr("plate angle with the old set"),
        [this](const QString& typed) {
            const Result<double> value = parsePlateAngle(typed, context_.session().job().rig.bridge,
                                                         tr("plate angle with the old set"), ranges::oldAngle_deg);
            if (value.ok())
                say(true, value.value());
            return value.ok() || context_.accept(value.fault());
        },
        this);
    angle_->setObjectName(QStringLiteral("oldAngle"));
    angle_->setToolTip(tr("Or as an angle, forward positive; or as the gap under the rear edge with its unit: 4.2 mm"));
    angle_->setMinimumWidth(80);
    angle_->setMaximumWidth(160);
    row->addStretch();
    question->addWidget(angle_);
    question->addStretch();
    connect(group_, &QButtonGroup::idClicked, this, [this](int answer) {
        const PlateByEye seen[] = {PlateByEye::Level, PlateByEye::Sunk, PlateByEye::Forward};
        if (answer == NotKnown)
            say(false, 0.0);
        else
            say(true,
                answer == OnBody ? context_.session().job().rig.bridge.rearStop_rad : angleSeen_rad(seen[answer]));
    });
    connect(&context_.session(), &Session::changed, this, &OldLevelForm::follow);
    follow();
}

void OldLevelForm::say(bool known, double angle_rad) {
    context_.accept(context_.session().edit(tr("old balance"), [&](Job& job) {
        job.wasLevel = known;
        job.oldAngle_rad = angle_rad;
    }));
}

void OldLevelForm::follow() {
    const Job& job = context_.session().job();
    const double least_rad = radians(0.05);
    const Answer answer = !job.wasLevel                           ? NotKnown
                          : liesOnStop(job.rig, job.oldAngle_rad) ? OnBody
                          : job.oldAngle_rad < -least_rad         ? Sunk
                          : job.oldAngle_rad > least_rad          ? Forward
                                                                  : Level;
    group_->button(answer)->setChecked(true);
    angle_->show(job.wasLevel ? degreesText(job.oldAngle_rad) : QString());
    setVisible(hasClaw(job.rig)); // others have no plate
}

} // namespace flenzo
