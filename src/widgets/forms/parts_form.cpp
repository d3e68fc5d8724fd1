// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/parts_form.h"

#include "widgets/controls/row_layout.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>

namespace flenzo {

namespace {

constexpr StockWhy whys[] = {StockWhy::Used, StockWhy::Worn, StockWhy::Lost};

} // namespace

PartsForm::PartsForm(AppContext& context, QWidget* parent) : QWidget(parent), context_(context) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* line = new QWidget(this);
    auto* row = new RowLayout(line);
    pieces_ = new QSpinBox(this);
    pieces_->setObjectName(QStringLiteral("partPieces"));
    pieces_->setAccessibleName(tr("Pieces"));
    constexpr int most = 999;
    pieces_->setRange(1, most);
    item_ = new QComboBox(this);
    item_->setObjectName(QStringLiteral("partItem"));
    item_->setAccessibleName(tr("Part from the drawers"));
    item_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    constexpr int letters = 18;
    item_->setMinimumContentsLength(letters);
    why_ = new QComboBox(this);
    why_->setObjectName(QStringLiteral("partWhy"));
    why_->setAccessibleName(tr("Why it is taken"));
    why_->addItems({tr("used"), tr("for a worn one"), tr("for a lost one")});
    auto* take = new QPushButton(tr("Take"), this);
    take->setObjectName(QStringLiteral("takePart"));
    row->addWidget(pieces_);
    row->addWidget(item_);
    row->addWidget(why_);
    row->addWidget(take);
    column->addWidget(line);
    says_ = label(TextRole::Small, this, QStringLiteral("partsSay"));
    says_->setWordWrap(true);
    column->addWidget(says_);
    connect(take, &QPushButton::clicked, this, &PartsForm::take);
    refresh();
    const bool can = context_.session().isKept() && !stock_.isEmpty();
    for (QWidget* each : std::initializer_list<QWidget*>{pieces_, item_, why_, take})
        each->setEnabled(can);
    if (!can)
        says_->setText(tr("What the shop keeps in its drawers is listed under Shop, Stock."));
}

void PartsForm::refresh() {
    const auto& book = context_.session().logbook();
    const Result<Stock> read = book ? book->stock() : Result<Stock>(Stock());
    if (!read.ok()) {
        says_->setText(sentence(book->path(), read.fault()));
        return;
    }
    stock_ = read.value();
    const int at = item_->currentIndex();
    item_->clear();
    for (const StockItem& item : stock_)
        item_->addItem(tr("%1 (%2 there)").arg(item.name).arg(item.pieces));
    item_->setCurrentIndex(std::max(0, at));
    QStringList strung;
    for (const StockMove& move : takenBy(context_.session().job(), stock_))
        strung.append(tr("%1 × %2").arg(-move.pieces).arg(inStock(stock_, move.item)->name));
    if (!strung.isEmpty())
        says_->setText(tr("Taken by itself when the job is finished: %1.").arg(strung.join(QStringLiteral(", "))));
}

void PartsForm::take() {
    const int at = item_->currentIndex();
    if (at < 0 || at >= stock_.size())
        return;
    const StockMove move{stock_.at(at).id, -pieces_->value(), whys[why_->currentIndex()]};
    const auto& session = context_.session();
    if (!context_.accept(session.logbook()->moveStock({move}, session.keptAs().value_or(0))))
        return;
    context_.say(tr("Taken: %1 × %2. Undo does not restock: correct the count under Shop, Stock.")
                     .arg(pieces_->value())
                     .arg(stock_.at(at).name));
    refresh();
}

} // namespace flenzo
