// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/own_sets_dialog.h"

#include "widgets/look.h"

#include <QBoxLayout>
#include <QDialogButtonBox>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QSignalBlocker>
#include <algorithm>

namespace flenzo {

OwnSetsDialog::OwnSetsDialog(AppContext& context, QWidget* parent) : QDialog(parent), context_(context) {
    setWindowTitle(tr("Own sets and tunings"));
    auto* column = new QVBoxLayout(this);
    setLayout(column);
    sets_ = list("ownSetList", tr("Sets"));
    tunings_ = list("ownTuningList", tr("Tunings"));
    QLabel* hint = label(TextRole::Small, this);
    hint->setText(tr("F2 or a double click renames. Jobs keep the name that they were made with."));
    hint->setWordWrap(true);
    column->addWidget(hint);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    auto* drop = buttons->addButton(tr("Delete"), QDialogButtonBox::ActionRole);
    drop->setObjectName(QStringLiteral("deleteOwn"));
    drop->setAutoDefault(false);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(drop, &QPushButton::clicked, this, [this] {
        if (sets_->currentRow() >= 0)
            remove(&OwnCatalogue::sets, sets_->currentRow());
        else if (tunings_->currentRow() >= 0)
            remove(&OwnCatalogue::tunings, tunings_->currentRow());
    });
    column->addWidget(buttons);
    connect(sets_, &QListWidget::itemChanged, this,
            [this](QListWidgetItem* item) { rename(&OwnCatalogue::sets, sets_, sets_->row(item)); });
    connect(tunings_, &QListWidget::itemChanged, this,
            [this](QListWidgetItem* item) { rename(&OwnCatalogue::tunings, tunings_, tunings_->row(item)); });
    // One choice in both lists, so that it is plain what is deleted.
    connect(sets_, &QListWidget::itemPressed, this, [this] { tunings_->setCurrentRow(-1); });
    connect(tunings_, &QListWidget::itemPressed, this, [this] { sets_->setCurrentRow(-1); });
    connect(&context_, &AppContext::catalogueChanged, this, &OwnSetsDialog::fill);
    fill();
    resize(420, 460);
}

QListWidget* OwnSetsDialog::list(const char* name, const QString& title) {
    auto* column = static_cast<QVBoxLayout*>(layout());
    QLabel* heading = label(TextRole::Heading, this);
    heading->setText(title);
    column->addWidget(heading);
    auto* made = new QListWidget(this);
    made->setObjectName(QLatin1String(name));
    made->setAccessibleName(title);
    made->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
    column->addWidget(made, 1);
    return made;
}

void OwnSetsDialog::fill() {
    const QSignalBlocker quietSets(sets_), quietTunings(tunings_);
    const auto show = [](QListWidget* list, const QString& name, const QStringList& tip) {
        auto* item = new QListWidgetItem(name, list);
        item->setFlags(item->flags() | Qt::ItemIsEditable);
        item->setToolTip(tip.join(QLatin1Char(' ')));
    };
    sets_->clear();
    tunings_->clear();
    for (const CatalogueSet& set : context_.own().sets)
        show(sets_, set.name, set.items);
    for (const CatalogueTuning& tuning : context_.own().tunings)
        show(tunings_, tuning.name, tuning.notes);
}

template <class T> void OwnSetsDialog::rename(std::vector<T> OwnCatalogue::*which, const QListWidget* list, int row) {
    OwnCatalogue own = context_.own();
    const QString name = list->item(row)->text().trimmed();
    std::vector<T>& kept = own.*which;
    const bool isThere = std::any_of(kept.begin(), kept.end(), [&](const T& one) { return one.name == name; });
    if (isThere && kept[static_cast<std::size_t>(row)].name != name)
        context_.say(tr("\"%1\" is there already.").arg(name));
    if (!name.isEmpty() && !isThere) {
        kept[static_cast<std::size_t>(row)].name = name;
        context_.setOwn(own);
    }
    fill(); // what is kept: a name that was refused is taken back
}

template <class T> void OwnSetsDialog::remove(std::vector<T> OwnCatalogue::*which, int row) {
    OwnCatalogue own = context_.own();
    (own.*which).erase((own.*which).begin() + row);
    context_.setOwn(own);
}

} // namespace flenzo
