// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/change_page.h"

#include "domain/base/bundled_words.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "session/input/quantity.h"
#include "widgets/controls/field_edit.h"
#include "widgets/controls/job_fields.h"
#include "widgets/controls/row_layout.h"
#include "widgets/controls/set_picker.h"
#include "widgets/dialogs/choose_strings_dialog.h"
#include "widgets/dialogs/own_sets_dialog.h"
#include "widgets/look.h"
#include "widgets/pages/change_model.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QCompleter>
#include <QFormLayout>
#include <QHeaderView>
#include <QInputDialog>
#include <QLabel>
#include <QPushButton>
#include <QStyledItemDelegate>
#include <QTableView>

namespace flenzo {

namespace {

/// Catalogue strings to choose from, or to type.
class StringDelegate : public QStyledItemDelegate {
public:
    StringDelegate(AppContext& context, QObject* parent) : QStyledItemDelegate(parent), context_(context) {}
    QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem&, const QModelIndex&) const override {
        auto* edit = new QLineEdit(parent);
        edit->setAccessibleName(ChangePage::tr("String or gauge"));
        QStringList labels;
        for (const CatalogueString& string : context_.catalogue().strings)
            labels.append(bundledWords(string.label));
        auto* completer = new QCompleter(labels, edit);
        completer->setFilterMode(Qt::MatchContains);
        completer->setCaseSensitivity(Qt::CaseInsensitive);
        completer->setMaxVisibleItems(12);
        edit->setCompleter(completer);
        return edit;
    }

private:
    AppContext& context_;
};

} // namespace

ChangePage::ChangePage(AppContext& context, QWidget* parent)
    : Page(context, parent), model_(new ChangeModel(context, this)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(10, 8, 10, 8);
    column->setSpacing(8);
    auto* top = panels_ = new QHBoxLayout;
    top->setSpacing(8);
    top->addWidget(buildSide(Side::Off, tr("Comes off")), 1);
    top->addWidget(buildSide(Side::On, tr("Goes on")), 1);
    top->addWidget(buildPitch(), 1);
    column->addLayout(top);
    table_ = new QTableView(this);
    table_->setObjectName(QStringLiteral("changeTable"));
    table_->setAccessibleName(tr("Strings, pitches and tensions"));
    table_->setModel(model_);
    table_->setItemDelegateForColumn(ChangeModel::OffString, new StringDelegate(context, table_));
    table_->setItemDelegateForColumn(ChangeModel::OnString, new StringDelegate(context, table_));
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    for (const int wide : {ChangeModel::OffString, ChangeModel::OnString, ChangeModel::OnMass})
        table_->horizontalHeader()->setSectionResizeMode(wide, QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setHighlightSections(false);
    table_->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::SelectedClicked |
                            QAbstractItemView::EditKeyPressed | QAbstractItemView::AnyKeyPressed);
    table_->setTabKeyNavigation(false);
    column->addWidget(table_, 1);
    auto* foot = new QFrame(this);
    foot->setProperty("panel", true);
    auto* words = new QVBoxLayout(foot);
    verdict_ = label(TextRole::Act, foot, QStringLiteral("changeVerdict"));
    reason_ = label(TextRole::Body, foot);
    reason_->setWordWrap(true);
    sums_ = label(TextRole::Body, foot, QStringLiteral("sums"));
    words->addWidget(verdict_);
    words->addWidget(reason_);
    words->addWidget(sums_);
    column->addWidget(foot);
}

template <typename Dialog> void ChangePage::openOver() {
    auto* dialog = new Dialog(context_, window());
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

QWidget* ChangePage::buildSide(Side side, const QString& title) {
    const auto s = static_cast<std::size_t>(side);
    auto* panel = new QFrame(this);
    panel->setProperty("panel", true);
    auto* column = new QVBoxLayout(panel);
    QLabel* heading = label(TextRole::Heading, panel);
    heading->setText(title);
    column->addWidget(heading);
    pickers_[s] = new SetPicker(context_, side, title, panel);
    column->addWidget(pickers_[s]);
    if (side == Side::On) {
        auto* buttons = new QWidget(panel);
        auto* row = new RowLayout(buttons);
        auto* choose = new QPushButton(tr("Choose strings…"), panel);
        choose->setObjectName(QStringLiteral("openChooseStrings"));
        choose->setToolTip(
            tr("The set, of what is sold, that needs no claw turn in this tuning, or has the feel wished"));
        auto* set = new QPushButton(tr("Save this set…"), panel);
        set->setObjectName(QStringLiteral("saveSet"));
        auto* keep = new QPushButton(tr("Save this tuning…"), panel);
        auto* own = new QPushButton(tr("Own sets…"), panel);
        own->setObjectName(QStringLiteral("ownSets"));
        auto* masses = new QPushButton(tr("Save masses"), panel);
        masses->setToolTip(tr("Measured unit masses become this catalogue's own figures for those strings"));
        connect(choose, &QPushButton::clicked, this, [this] { openOver<ChooseStringsDialog>(); });
        connect(set, &QPushButton::clicked, this, &ChangePage::saveSet);
        connect(own, &QPushButton::clicked, this, [this] { openOver<OwnSetsDialog>(); });
        connect(keep, &QPushButton::clicked, this, &ChangePage::saveTuning);
        connect(masses, &QPushButton::clicked, this, &ChangePage::saveMasses);
        for (QPushButton* button : {choose, set, keep, own, masses})
            row->addWidget(button);
        column->addWidget(buttons);
    }
    column->addStretch();
    return panel;
}

/// What the new strings are tuned by and start from; how they are tuned is chosen at the plan.
QWidget* ChangePage::buildPitch() {
    auto* panel = new QFrame(this);
    panel->setProperty("panel", true);
    auto* column = new QVBoxLayout(panel);
    QLabel* heading = label(TextRole::Heading, panel);
    heading->setText(tr("Pitch and new strings"));
    column->addWidget(heading);
    reference_ =
        quantityEdit(tr("Reference pitch"), Dimension::Frequency, ranges::referencePitch_Hz, setReferencePitch, panel);
    reference_->setObjectName(QStringLiteral("referencePitch"));
    slack_ = quantityEdit(
        tr("New strings start at"), Dimension::Cents, ranges::slackStart_cents,
        [](Job& job, double start_cents) { job.slackStart_cents = start_cents; }, panel);
    auto* form = new QFormLayout;
    form->addRow(tr("A4"), reference_);
    form->addRow(tr("start"), slack_);
    stretch_ = new StretchBox(context_, panel);
    stretch_->setObjectName(QStringLiteral("stretch"));
    form->addRow(QString(), stretch_);
    column->addLayout(form);
    column->addStretch();
    return panel;
}

/// A field for one quantity of the job, refused with its range.
FieldEdit* ChangePage::quantityEdit(const QString& title, Dimension dimension, const Range& range,
                                    const std::function<void(Job&, double)>& set, QWidget* panel) {
    return new FieldEdit(
        title,
        [this, title, dimension, range, set](const QString& text) {
            const Result<double> value = parseQuantity(text, dimension, {}, title, range);
            return context_.accept(
                value.ok() ? context_.session().edit(title.toLower(), [&](Job& job) { set(job, value.value()); })
                           : std::optional<Fault>(value.fault()));
        },
        panel);
}

QString ChangePage::nameFor(const QString& title, const QString& proposed) {
    bool ok = false;
    const QString name = QInputDialog::getText(this, title, tr("Name"), QLineEdit::Normal, proposed, &ok).trimmed();
    return ok ? name : QString();
}

void ChangePage::saveSet() {
    const Job& job = context_.session().job();
    CatalogueSet set;
    for (const StringPick& pick : job.onPicks.strings) {
        if (pick.item.isEmpty()) {
            context_.accept(Fault{faults::setNeedsStrings, QStringLiteral("set")});
            return;
        }
        set.items.append(pick.item);
    }
    set.name = nameFor(tr("Save this set"), job.onPicks.setName);
    if (set.name.isEmpty())
        return;
    OwnCatalogue own = context_.own();
    std::erase_if(own.sets, [&](const CatalogueSet& other) { return other.name == set.name; });
    own.sets.push_back(set);
    context_.setOwn(own);
    context_.accept(context_.session().edit(tr("set"), [&](Job& changed) { changed.onPicks.setName = set.name; }));
}

void ChangePage::saveTuning() {
    CatalogueTuning tuning;
    for (const StringPick& pick : context_.session().job().onPicks.strings) {
        if (pick.note.isEmpty()) {
            context_.accept(Fault{faults::tuningNeedsNotes, QStringLiteral("tuning")});
            return;
        }
        tuning.notes.append(pick.note);
    }
    tuning.name = nameFor(tr("Save this tuning"), {});
    if (tuning.name.isEmpty())
        return;
    OwnCatalogue own = context_.own();
    own.tunings.push_back(tuning);
    context_.setOwn(own);
}

void ChangePage::saveMasses() {
    OwnCatalogue own = context_.own();
    const Job& job = context_.session().job();
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        if (job.rig.strings[i].wire.unitMass_kgpm && !job.onPicks.strings[i].item.isEmpty())
            own.unitMass_kgpm[job.onPicks.strings[i].item] = *job.rig.strings[i].wire.unitMass_kgpm;
    context_.setOwn(own);
    context_.say(tr("Measured unit masses in your catalogue: %1.").arg(own.unitMass_kgpm.size()));
}

void ChangePage::resizeEvent(QResizeEvent* event) {
    Page::resizeEvent(event);
    arrange();
}

void ChangePage::arrange() {
    panels_->setDirection(seenWidth(*this, context_.preferences()) < 56.0 ? QBoxLayout::TopToBottom
                                                                          : QBoxLayout::LeftToRight);
}

void ChangePage::refresh() {
    arrange();
    const Job& job = context_.session().job();
    const ChangeReport& report = context_.session().derived().report;
    const Units& units = context_.preferences().units;
    for (SetPicker* picker : pickers_)
        picker->refresh();
    stretch_->refresh();
    model_->refresh();
    table_->verticalHeader()->setDefaultSectionSize(static_cast<int>(basePixels(context_.preferences()) * 2.3));
    reference_->show(hertzText(job.referencePitch_Hz));
    slack_->show(centsText(job.slackStart_cents));
    verdict_->setText(wording::verdict(report));
    setVoice(verdict_, report.level.status == LevelStatus::Found ? TextRole::Act : TextRole::Warn);
    reason_->setText(wording::verdictReason(report, units));
    sums_->setText(tr("In all %1 before, %2 after.")
                       .arg(forceText(report.sumBefore_N, units), forceText(report.sumAfter_N, units)));
}

} // namespace flenzo
