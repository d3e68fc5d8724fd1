// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/set_picker.h"

#include "domain/base/bundled_words.h"
#include "session/input/set_entry.h"

#include <QComboBox>
#include <QFormLayout>
#include <QLineEdit>
#include <algorithm>

namespace flenzo {

SetPicker::SetPicker(AppContext& context, Side side, const QString& title, QWidget* parent)
    : QWidget(parent), context_(context), side_(side) {
    auto* form = new QFormLayout(this);
    form->setContentsMargins(0, 0, 0, 0);
    sets_ = new QComboBox(this);
    sets_->setObjectName(side == Side::Off ? QStringLiteral("offSet") : QStringLiteral("onSet"));
    sets_->setAccessibleName(tr("Set: %1").arg(title));
    tunings_ = new QComboBox(this);
    tunings_->setObjectName(side == Side::Off ? QStringLiteral("offTuning") : QStringLiteral("onTuning"));
    tunings_->setAccessibleName(tr("Tuning: %1").arg(title));
    // A set that no list has is typed in the same field.
    sets_->setEditable(true);
    sets_->setInsertPolicy(QComboBox::NoInsert);
    sets_->setCompleter(nullptr);
    sets_->setToolTip(tr("Choose a set, or type its gauges: 9 11 16 24 32 42, or 0.23 0.28 … in millimetres"));
    sets_->lineEdit()->setAccessibleName(sets_->accessibleName());
    sets_->lineEdit()->setPlaceholderText(tr("choose, or type gauges"));
    connect(sets_->lineEdit(), &QLineEdit::editingFinished, this, &SetPicker::takeTyped);
    for (QComboBox* combo : {sets_, tunings_}) {
        combo->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        combo->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    }
    form->addRow(tr("set"), sets_);
    form->addRow(tr("tuning"), tunings_);
    connect(sets_, &QComboBox::activated, this, &SetPicker::chooseSet);
    connect(tunings_, &QComboBox::activated, this, &SetPicker::chooseTuning);
    refresh();
}

void SetPicker::chooseSet(int index) {
    const auto sets = context_.catalogue().setsFor(context_.session().job().rig.strings.size());
    const int which = sets_->itemData(index).toInt();
    if (which < 0 || which >= static_cast<int>(sets.size()))
        return;
    const CatalogueSet& set = *sets[static_cast<std::size_t>(which)];
    context_.accept(
        context_.session().edit(tr("set"), [&](Job& job) { applySet(job, side_, set, context_.catalogue()); }));
    refresh();
}

void SetPicker::takeTyped() {
    const Job& job = context_.session().job();
    const QString typed = sets_->lineEdit()->text().trimmed();
    if (typed == shown_ || sets_->findText(typed) >= 0)
        return; // chosen, or as it was
    if (typed.isEmpty()) {
        sets_->lineEdit()->setText(shown_);
        return;
    }
    const Result<CatalogueSet> set = parseSet(typed, job.rig.strings.size(), context_.catalogue());
    const auto take = [&](Job& changed) { applySet(changed, side_, set.value(), context_.catalogue()); };
    if (!context_.accept(set.ok() ? context_.session().edit(tr("set"), take) : std::optional(set.fault()))) {
        if (!sets_->hasFocus())
            sets_->lineEdit()->setText(shown_); // else it stays to be corrected
        return;
    }
    sets_->lineEdit()->setModified(false);
    refresh();
}

void SetPicker::chooseTuning(int index) {
    const auto tunings = context_.catalogue().tuningsFor(context_.session().job().rig.strings.size());
    const int which = tunings_->itemData(index).toInt();
    if (which < 0 || which >= static_cast<int>(tunings.size()))
        return;
    const CatalogueTuning& tuning = *tunings[static_cast<std::size_t>(which)];
    context_.accept(context_.session().edit(tr("tuning"), [&](Job& job) { applyTuning(job, side_, tuning); }));
    refresh();
}

namespace {

/// The list with what is chosen at its own place, so that the arrow keys go on from there; a choice of one's own
/// before it.
void fill(QComboBox& box, const QStringList& names, const QStringList& titles, const QString& chosen) {
    box.clear();
    const auto at = static_cast<int>(names.indexOf(chosen));
    if (at < 0)
        box.addItem(chosen.isEmpty() ? SetPicker::tr("own choice") : bundledWords(chosen), -1);
    for (int k = 0; k < titles.size(); ++k)
        box.addItem(titles[k], k);
    box.setCurrentIndex(std::max(0, at));
}

} // namespace

void SetPicker::refresh() {
    const Job& job = context_.session().job();
    const SidePicks& picks = side_ == Side::Off ? job.offPicks : job.onPicks;
    QStringList sets, setTitles, tunings, titles;
    for (const CatalogueSet* set : context_.catalogue().setsFor(job.rig.strings.size())) {
        sets.append(set->name);
        setTitles.append(bundledWords(set->name));
    }
    for (const CatalogueTuning* tuning : context_.catalogue().tuningsFor(job.rig.strings.size())) {
        tunings.append(tuning->name);
        titles.append(QStringLiteral("%1  (%2)").arg(bundledWords(tuning->name), tuning->notes.join(QLatin1Char(' '))));
    }
    if (sets_->lineEdit()->isModified() && sets_->hasFocus())
        return; // what is being typed stays
    fill(*sets_, sets, setTitles, picks.setName);
    fill(*tunings_, tunings, titles, picks.tuningName);
    shown_ = sets_->currentText();
}

} // namespace flenzo
