// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/stock_panel.h"

#include "domain/base/bundled_words.h"
#include "domain/base/faults.h"
#include "domain/base/money.h"
#include "domain/base/ranges.h"
#include "session/input/quantity.h"
#include "widgets/controls/row_layout.h"
#include "widgets/look.h"
#include "widgets/text/shopping_words.h"

#include <QBoxLayout>
#include <QClipboard>
#include <QComboBox>
#include <QGuiApplication>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QTableWidget>
#include <cmath>

namespace flenzo {

namespace {

enum Column { Name, Kind, There, Least, Price, ColumnCount };
constexpr qsizetype longestName = 80;

QString kindWords(StockKind kind) {
    switch (kind) {
    case StockKind::Set:
        return StockPanel::tr("set");
    case StockKind::Single:
        return StockPanel::tr("single string");
    case StockKind::Insert:
        return StockPanel::tr("insert");
    case StockKind::Cap:
        return StockPanel::tr("nut cap");
    case StockKind::Bolt:
        return StockPanel::tr("bolt");
    case StockKind::Spring:
        return StockPanel::tr("spring");
    case StockKind::Consumable:
        return StockPanel::tr("consumable");
    }
    return {};
}

QString priceText(qint64 minor) {
    return minor == 0 ? QString() : moneyText(minor, {});
}

} // namespace

StockPanel::StockPanel(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* row = halves_ = new QHBoxLayout(this);
    row->setContentsMargins(8, 8, 8, 8);
    row->setSpacing(16);
    auto* left = new QVBoxLayout;
    table_ = new QTableWidget(0, ColumnCount, this);
    table_->setObjectName(QStringLiteral("stockTable"));
    table_->setAccessibleName(tr("What is in the drawers"));
    table_->setHorizontalHeaderLabels({tr("Part"), tr("Kind"), tr("There"), tr("At least"), tr("Price")});
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->verticalHeader()->hide();
    table_->horizontalHeader()->setSectionResizeMode(Name, QHeaderView::Stretch);
    left->addWidget(table_, 1);
    QLabel* how = label(TextRole::Small, this);
    how->setText(tr("Type over a name, a count, the least there should be, or a price."));
    how->setWordWrap(true);
    left->addWidget(how);
    left->addWidget(buildNew());
    row->addLayout(left, 6);
    QVBoxLayout* inside = nullptr;
    QFrame* panel = titledPanel(this, tr("To buy"), inside);
    list_ = label(TextRole::Body, panel, QStringLiteral("shoppingList"));
    list_->setWordWrap(true);
    list_->setAlignment(Qt::AlignTop);
    list_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    auto* scroll = new QScrollArea(panel);
    scroll->setWidget(list_);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->viewport()->setAutoFillBackground(false);
    list_->setAutoFillBackground(false);
    inside->addWidget(scroll, 1);
    auto* copy = new QPushButton(tr("Copy the list"), panel);
    copy->setObjectName(QStringLiteral("copyShopping"));
    connect(copy, &QPushButton::clicked, this, [this] { QGuiApplication::clipboard()->setText(shopping_); });
    inside->addWidget(copy, 0, Qt::AlignLeft);
    row->addWidget(panel, 4);
    connect(table_, &QTableWidget::cellChanged, this, &StockPanel::change);
    connect(&context_.session(), &Session::identityChanged, this, &StockPanel::refreshWhenSeen);
    connect(&context_.shop(), &ShopMemory::arrived, this, [this] {
        if (!isVisible())
            return;
        context_.accept(context_.shop().fault());
        refreshShopping();
    });
}

void StockPanel::resizeEvent(QResizeEvent* event) {
    Page::resizeEvent(event);
    constexpr double besideEachOther = 52.0; // in base sizes
    halves_->setDirection(seenWidth(*this, context_.preferences()) < besideEachOther ? QBoxLayout::TopToBottom
                                                                                     : QBoxLayout::LeftToRight);
}

QWidget* StockPanel::buildNew() {
    auto* box = new QWidget(this);
    auto* row = new RowLayout(box);
    kind_ = new QComboBox(box);
    kind_->setObjectName(QStringLiteral("newKind"));
    kind_->setAccessibleName(tr("Kind of part"));
    for (int k = 0; k <= static_cast<int>(StockKind::Consumable); ++k)
        kind_->addItem(kindWords(static_cast<StockKind>(k)));
    what_ = new QComboBox(box);
    what_->setObjectName(QStringLiteral("newPart"));
    what_->setAccessibleName(tr("Part that is new in the drawers"));
    what_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    constexpr int letters = 18;
    what_->setMinimumContentsLength(letters);
    auto* put = new QPushButton(tr("Add"), box);
    put->setObjectName(QStringLiteral("addPart"));
    remove_ = new QPushButton(tr("Delete"), box);
    remove_->setObjectName(QStringLiteral("removePart"));
    remove_->setToolTip(tr("The picked part, with its record of what came and went"));
    row->addWidget(kind_);
    row->addWidget(what_);
    row->addWidget(put);
    row->addWidget(remove_);
    const auto offer = [this](const QString& name, const QString& id) { // kept under its name, shown in words
        what_->addItem(bundledWords(name), id);
        what_->setItemData(what_->count() - 1, name, Qt::UserRole + 1);
    };
    const auto choose = [this, offer](int at) {
        const auto kind = static_cast<StockKind>(at);
        what_->clear();
        what_->setEditable(kind != StockKind::Single && kind != StockKind::Set);
        if (kind == StockKind::Single)
            for (const CatalogueString& string : context_.catalogue().strings)
                offer(string.label, string.id);
        if (kind == StockKind::Set)
            for (const CatalogueSet& set : context_.catalogue().sets)
                offer(set.name, setItemOf(set.name));
        if (what_->isEditable())
            what_->lineEdit()->setPlaceholderText(tr("what the shop calls it"));
    };
    connect(kind_, &QComboBox::currentIndexChanged, this, choose);
    connect(put, &QPushButton::clicked, this, &StockPanel::add);
    connect(remove_, &QPushButton::clicked, this, &StockPanel::remove);
    choose(0);
    return box;
}

void StockPanel::refresh() {
    const auto& book = context_.session().logbook();
    if (!book)
        return;
    const Result<Stock> read = book->stock();
    if (!read.ok()) {
        context_.accept(read.fault());
        return;
    }
    stock_ = read.value();
    setEnabled(!book->readOnly());
    refreshTable();
    context_.shop().refresh();
    refreshShopping();
}

void StockPanel::refreshTable() {
    filling_ = true;
    const int at = table_->currentRow();
    table_->verticalHeader()->setDefaultSectionSize(static_cast<int>(basePixels(context_.preferences()) * 1.9));
    table_->setRowCount(static_cast<int>(stock_.size()));
    for (int row = 0; row < stock_.size(); ++row) {
        const StockItem& item = stock_.at(row);
        // What is low is told by a mark, not by colour alone.
        const QString there = QString::number(item.pieces) + (item.isLow() ? tr("  low") : QString());
        const QString cells[] = {bundledWords(item.name), kindWords(item.kind), there, QString::number(item.least),
                                 priceText(item.price_minor)};
        for (int c = 0; c < ColumnCount; ++c) {
            auto* cell = new QTableWidgetItem(cells[c]);
            cell->setTextAlignment((c >= There ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
            if (c == Kind)
                cell->setFlags(cell->flags() & ~Qt::ItemIsEditable);
            table_->setItem(row, c, cell);
        }
    }
    table_->resizeColumnsToContents();
    table_->horizontalHeader()->setSectionResizeMode(Name, QHeaderView::Stretch);
    if (at >= 0 && at < table_->rowCount())
        table_->selectRow(at);
    remove_->setEnabled(!stock_.isEmpty());
    filling_ = false;
}

void StockPanel::refreshShopping() {
    const QList<ToBuy> list =
        stock_.isEmpty() ? QList<ToBuy>() : shoppingList(stock_, context_.catalogue(), context_.shop().says().inHand);
    shopping_ = wording::shoppingLines(list).join(QLatin1Char('\n'));
    list_->setText(!shopping_.isEmpty() ? shopping_
                   : stock_.isEmpty()
                       ? tr("Nothing is in stock yet. Add the sets and single strings the shop keeps, with the least "
                            "there should be: a finished job takes its own, and what runs low is listed here.")
                       : tr("Nothing is low."));
}

/// What was typed over a cell, or the sentence that says why not.
void StockPanel::change(int row, int column) {
    if (filling_ || row >= stock_.size())
        return;
    StockItem item = stock_.at(row);
    const QString typed = table_->item(row, column)->text().trimmed();
    std::optional<Fault> fault;
    const auto whole = [&](const QString& field, const Range& range) -> qint64 {
        const Result<double> read = parseQuantity(typed, Dimension::Number, context_.preferences().units, field, range);
        if (read.ok() && read.value() == std::floor(read.value()))
            return static_cast<qint64>(read.value());
        fault = read.ok() ? Fault{faults::notWholePieces, field} : read.fault();
        return 0;
    };
    if (column == Name && typed.size() > longestName)
        fault = Fault{faults::notText, tr("part"), {QString::number(longestName)}};
    else if (column == Name && !typed.isEmpty())
        item.name = typed;
    else if (column == There)
        item.pieces = whole(tr("there"), ranges::pieces);
    else if (column == Least)
        item.least = whole(tr("at least"), ranges::leastPieces);
    else if (column == Price) {
        const auto money = typed.isEmpty() ? std::optional(Money{}) : moneyOf(typed);
        if (money)
            item.price_minor = money->minor;
        else
            fault = Fault{faults::noPrice, tr("price"), {typed}};
    }
    const auto& book = context_.session().logbook();
    const auto pieces = column == There ? Logbook::Pieces::Counted : Logbook::Pieces::AsTheyAre;
    if (context_.accept(fault ? fault : book->putStock(item, pieces)))
        refresh();
    else
        refreshTable();
}

void StockPanel::add() {
    StockItem item;
    item.kind = static_cast<StockKind>(kind_->currentIndex());
    item.name = what_->isEditable() ? what_->currentText().trimmed() : what_->currentData(Qt::UserRole + 1).toString();
    item.id = what_->isEditable() ? item.name : what_->currentData().toString();
    if (item.name.isEmpty()) {
        context_.accept(Fault{faults::missing, tr("part")});
        return;
    }
    if (item.name.size() > longestName) {
        context_.accept(Fault{faults::notText, tr("part"), {QString::number(longestName)}});
        return;
    }
    if (inStock(stock_, item.id)) {
        context_.accept(Fault{faults::alreadyInStock, tr("part")});
        return;
    }
    item.least = 1;
    if (!context_.accept(context_.session().logbook()->putStock(item)))
        return;
    refresh();
    for (int row = 0; row < stock_.size(); ++row)
        if (stock_.at(row).id == item.id) {
            table_->setCurrentCell(row, There);
            table_->setFocus();
        }
}

void StockPanel::remove() {
    if (const int row = table_->currentRow(); row >= 0 && row < stock_.size())
        if (context_.accept(context_.session().logbook()->removeStock(stock_.at(row).id)))
            refresh();
}

} // namespace flenzo
