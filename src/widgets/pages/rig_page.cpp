// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/rig_page.h"

#include "domain/guitar/soundness.h"
#include "domain/job/edits.h"
#include "store/rig_json.h"
#include "widgets/controls/field_edit.h"
#include "widgets/controls/field_table.h"
#include "widgets/controls/job_fields.h"
#include "widgets/controls/learned_panel.h"
#include "widgets/controls/rig_picture.h"
#include "widgets/controls/value_drag.h"
#include "widgets/forms/find_form.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QPushButton>
#include <QStyle>
#include <QTabWidget>
#include <algorithm>

namespace flenzo {

RigPage::RigPage(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 4, 0);
    column->setSpacing(8);
    springs_ = new FieldTable(
        context, springFields(), [](const Job& job) { return job.rig.springs.size(); },
        [](const Job&, std::size_t j) { return tr("spring %1").arg(j + 1); }, tr("Springs"), this);
    springs_->setObjectName(QStringLiteral("springTable"));
    strings_ = new FieldTable(
        context, stringFields(), [](const Job& job) { return job.rig.strings.size(); },
        [](const Job& job, std::size_t i) {
            return tr("string %1").arg(QString::fromStdString(job.rig.strings[i].name));
        },
        tr("String geometry"), this);
    picture_ = new RigPicture(context, this);
    learned_ = new LearnedPanel(context, this);
    advanced_ = new QCheckBox(tr("Also stops, masses, hooks"), this);
    advanced_->setObjectName(QStringLiteral("advanced"));
    connect(advanced_, &QCheckBox::clicked, this, [this](bool on) {
        springs_->showAdvanced(on);
        strings_->showAdvanced(on);
        refresh();
    });
    for (FieldTable* table : {springs_, strings_})
        connect(table, &FieldTable::pointed, picture_, &RigPicture::point);
    column->addWidget(picture_);
    column->addWidget(buildFigures(tr("Figures of this guitar"), {&bridgeFields(), &clawFields(), &goalFields()}));
    column->addWidget(buildTables());
    column->addWidget(advanced_);
    column->addWidget(buildFinding());
    column->addWidget(buildIdentity());
    column->addWidget(learned_);
    column->addStretch();
}

QWidget* RigPage::buildFinding() {
    QVBoxLayout* column = nullptr;
    QFrame* panel = titledPanel(this, tr("Find what cannot be measured"), column);
    find_ = new FindForm(context_, panel);
    column->addWidget(find_);
    return panel;
}

QWidget* RigPage::buildIdentity() {
    QVBoxLayout* column = nullptr;
    QFrame* panel = titledPanel(this, tr("Guitar"), column);
    auto* form = new QFormLayout;
    name_ = new JobText(context_, tr("guitar"), &Job::guitar, panel);
    name_->setObjectName(QStringLiteral("guitarName"));
    owner_ = new JobText(context_, tr("owner"), &Job::owner, panel);
    reason_ = new JobText(context_, tr("reason for the job"), &Job::reason, panel);
    form->addRow(tr("name"), name_);
    form->addRow(tr("owner"), owner_);
    form->addRow(tr("here for"), reason_);
    orientation_ = new QComboBox(panel);
    orientation_->setAccessibleName(tr("How the guitar is held"));
    orientation_->addItems({tr("flat on its back"), tr("playing position"), tr("hanging upright"), tr("face down")});
    connect(orientation_, &QComboBox::activated, this, [this](int index) {
        context_.accept(context_.session().edit(
            tr("orientation"), [index](Job& job) { job.rig.orientation = static_cast<Orientation>(index); }));
    });
    form->addRow(tr("held"), orientation_);
    buildKind(form, panel);
    locked_ = new QCheckBox(tr("nut is locked"), panel);
    connect(locked_, &QCheckBox::clicked, this, [this](bool on) {
        context_.accept(context_.session().edit(tr("nut lock"), [on](Job& job) { job.rig.nutLocked = on; }));
    });
    form->addRow(QString(), locked_);
    column->addLayout(form);
    column->addStretch();
    return panel;
}

void RigPage::buildKind(QFormLayout* form, QWidget* panel) {
    kind_ = new QComboBox(panel);
    kind_->setObjectName(QStringLiteral("bridgeKind"));
    kind_->setAccessibleName(tr("How the bridge is built"));
    for (const FamilyTraits& one : families)
        kind_->addItem(familyName(one.family));
    connect(kind_, &QComboBox::activated, this, [this](int index) {
        chooseFamily(context_, families[static_cast<std::size_t>(index)].family, this);
        refresh();
    });
    for (QComboBox* combo : {orientation_, kind_})
        combo->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    form->addRow(tr("bridge"), kind_);
    decked_ = new QCheckBox(tr("decked: rests on the body"), panel);
    decked_->setObjectName(QStringLiteral("decked"));
    connect(decked_, &QCheckBox::clicked, this, [this](bool on) {
        context_.accept(context_.session().edit(tr("decking"), [on](Job& job) { findDecked(job, on); }));
    });
    form->addRow(QString(), decked_);
    assisted_ = new QCheckBox(tr("has a stabiliser"), panel);
    connect(assisted_, &QCheckBox::clicked, this, [this](bool on) {
        context_.accept(context_.session().edit(tr("stabiliser"), [on](Job& job) { setAssisted(job, on); }));
    });
    form->addRow(QString(), assisted_);
}

void RigPage::addRow(QFormLayout* form, const RigField& field) {
    auto* line = new QHBoxLayout;
    auto* edit = new FieldEdit(
        field.label(),
        [this, &field](const QString& typed) {
            const Result<double> value = field.parse(typed, context_.preferences().units);
            const bool taken = context_.accept(
                value.ok()
                    ? context_.session().edit(field.label(), [&](Job& job) { field.member(job, 0) = value.value(); })
                    : std::optional(value.fault()));
            if (!taken)
                showAsItIs(); // the picture may have followed what is refused now
            return taken;
        },
        this);
    edit->setObjectName(field.key);
    edit->installEventFilter(this);
    line->addWidget(edit, 1);
    QCheckBox* mark = nullptr;
    if (field.marked) {
        mark = new QCheckBox(this);
        mark->setToolTip(tr("Ticked: measured. Otherwise the figure is assumed."));
        mark->setAccessibleName(tr("%1 is measured").arg(field.label()));
        connect(mark, &QCheckBox::clicked, this, [this, &field](bool on) {
            context_.accept(context_.session().edit(tr("mark of %1").arg(field.label()), [&](Job& job) {
                if (on)
                    job.measured.insert(field.key);
                else
                    job.measured.erase(field.key);
            }));
        });
        line->addWidget(mark);
    }
    auto* name = new QLabel(field.label(), this);
    name->setObjectName(QStringLiteral("name of ") + field.key);
    form->addRow(name, line);
    auto* drag = new ValueDrag(name, edit);
    connect(edit, &QLineEdit::textEdited, this, [this, &field](const QString& typed) { tryOut(field, typed); });
    connect(drag, &ValueDrag::stepped, this, [this, &field, edit](int steps) {
        edit->setText(field.stepped(edit->text(), steps, context_.preferences().units));
        edit->setModified(true);
        tryOut(field, edit->text());
    });
    connect(drag, &ValueDrag::let, edit, &FieldEdit::finish);
    connect(drag, &ValueDrag::undone, this, [this, edit] {
        edit->takeBack();
        showAsItIs();
    });
    rows_.push_back({&field, form, line, edit, mark});
}

QWidget* RigPage::buildFigures(const QString& title, const std::vector<const std::vector<RigField>*>& groups) {
    QVBoxLayout* column = nullptr;
    QFrame* panel = titledPanel(this, title, column);
    auto* form = new QFormLayout;
    form->setVerticalSpacing(3);
    QLabel* head = label(TextRole::Small, panel);
    head->setText(tr("dotted: assumed  ·  solid and ticked: measured"));
    head->setAlignment(Qt::AlignRight);
    form->addRow(head);
    heads_.push_back({head, groups});
    for (const auto* group : groups)
        for (const RigField& field : *group)
            addRow(form, field);
    column->addLayout(form);
    column->addStretch();
    return panel;
}

QWidget* RigPage::buildTables() {
    auto* tabs = new QTabWidget(this);
    tabs->setObjectName(QStringLiteral("tables"));
    const auto add = [tabs](const QString& title, FieldTable* table, QWidget* buttons) {
        auto* page = new QWidget(tabs);
        auto* column = new QVBoxLayout(page);
        column->addWidget(table, 1);
        column->addWidget(buttons);
        tabs->addTab(page, title);
    };
    add(tr("&Springs"), springs_, springButtons());
    add(tr("Strings on the bri&dge"), strings_, stringButtons());
    return tabs;
}

QWidget* RigPage::springButtons() {
    auto* box = new QWidget(this);
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    auto* add = new QPushButton(tr("Hook a spring in"), box);
    add->setObjectName(QStringLiteral("addSpring"));
    auto* remove = new QPushButton(tr("Take one out"), box);
    const auto change = [this](const QString& text, std::optional<Fault> (*act)(Job&)) {
        std::optional<Fault> fault;
        const auto other = context_.session().edit(text, [&](Job& job) { fault = act(job); });
        if (context_.accept(fault ? fault : other) && hasClaw(context_.session().job().rig))
            context_.say(tr("Loosen both claw screws before a spring is hooked or unhooked. Safety glasses on, pliers, "
                            "face out of its line."));
    };
    connect(add, &QPushButton::clicked, this, [change] { change(tr("spring in"), addSpring); });
    connect(remove, &QPushButton::clicked, this, [change] { change(tr("spring out"), removeSpring); });
    row->addWidget(add);
    row->addWidget(remove);
    row->addStretch();
    return box;
}

QWidget* RigPage::stringButtons() {
    auto* box = new QWidget(this);
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    count_ = new StringCountBox(context_, box);
    count_->setObjectName(QStringLiteral("stringCount"));
    row->addWidget(count_);
    row->addStretch();
    return box;
}

/// The picture shows where the figure under the keyboard is measured.
bool RigPage::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::FocusIn)
        picture_->point(watched->objectName(), 0);
    return Page::eventFilter(watched, event);
}

void RigPage::showAsItIs() {
    picture_->show(context_.session().job(), context_.session().derived().advice);
}

/// The picture follows the hand at once; everything else waits until the value is meant.
void RigPage::tryOut(const RigField& field, const QString& text) {
    const Result<double> value = field.parse(text, context_.preferences().units);
    if (!value.ok())
        return;
    Job tried = context_.session().job();
    field.member(tried, 0) = value.value();
    if (!contradiction(tried.rig))
        picture_->show(tried, adviseTrying(tried, context_.session().derived().advice.guitar));
}

void RigPage::refresh() {
    const Job& job = context_.session().job();
    for (JobText* words : {name_, owner_, reason_})
        words->refresh();
    orientation_->setCurrentIndex(static_cast<int>(job.rig.orientation));
    locked_->setChecked(job.rig.nutLocked);
    kind_->setCurrentIndex(static_cast<int>(job.rig.bridge.family));
    decked_->setChecked(job.goal.deckLoad_Nm > 0.0);
    assisted_->setChecked(job.rig.bridge.assist.has_value());
    decked_->setVisible(hasClaw(job.rig));
    assisted_->setVisible(hasClaw(job.rig));
    count_->refresh();
    for (const Row& row : rows_) {
        const QString unit = row.field->unit(context_.preferences().units);
        row.edit->show((row.field->text(job, 0, context_.preferences().units) + QLatin1Char(' ') + unit).trimmed());
        const bool assumed = row.field->marked && job.measured.count(row.field->key) == 0;
        if (row.edit->property("assumed").toBool() != assumed) {
            row.edit->setProperty("assumed", assumed);
            row.edit->style()->polish(row.edit);
        }
        row.form->setRowVisible(row.line,
                                row.field->appliesTo(job) && (advanced_->isChecked() || !row.field->advanced));
        const double base = basePixels(context_.preferences());
        const int written = row.edit->fontMetrics().horizontalAdvance(row.edit->text()) + static_cast<int>(1.6 * base);
        row.edit->setMinimumWidth(std::clamp(written, static_cast<int>(6.0 * base), static_cast<int>(12.0 * base)));
        if (row.mark)
            row.mark->setChecked(job.measured.count(row.field->key) > 0);
    }
    for (const Head& head : heads_)
        head.label->setVisible(std::any_of(head.groups.begin(), head.groups.end(), [&](const auto* group) {
            return std::any_of(group->begin(), group->end(),
                               [&](const RigField& field) { return field.marked && field.appliesTo(job); });
        }));
    springs_->refresh();
    strings_->refresh();
    showAsItIs();
    find_->refresh();
    learned_->refresh();
    const auto tall = static_cast<int>(basePixels(context_.preferences()) * 14.0);
    picture_->setMinimumHeight(tall);
    springs_->setMinimumHeight(tall);
    strings_->setMinimumHeight(tall);
}

} // namespace flenzo
