// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/row_layout.h"

#include <QWidget>
#include <algorithm>

namespace flenzo {

RowLayout::RowLayout(QWidget* parent) : QLayout(parent) {
    setContentsMargins(0, 0, 0, 0);
    setSpacing(6);
}

RowLayout::~RowLayout() = default;

void RowLayout::addItem(QLayoutItem* item) {
    items_.emplace_back(item);
}

QLayoutItem* RowLayout::itemAt(int index) const {
    return index >= 0 && index < count() ? items_[static_cast<std::size_t>(index)].get() : nullptr;
}

QLayoutItem* RowLayout::takeAt(int index) {
    if (index < 0 || index >= count())
        return nullptr;
    QLayoutItem* taken = items_[static_cast<std::size_t>(index)].release();
    items_.erase(items_.begin() + index);
    return taken;
}

int RowLayout::heightForWidth(int width) const {
    return arrange({0, 0, width, 0}, false);
}

QSize RowLayout::sizeHint() const {
    QSize row(0, 0);
    for (const auto& item : items_)
        if (!item->isEmpty()) {
            const QSize wants = item->sizeHint();
            row = {row.width() + (row.isEmpty() ? 0 : spacing()) + wants.width(),
                   std::max(row.height(), wants.height())};
        }
    return row;
}

QSize RowLayout::minimumSize() const {
    QSize least(0, 0);
    for (const auto& item : items_)
        least = least.expandedTo(item->minimumSize());
    return least;
}

void RowLayout::setGeometry(const QRect& place) {
    QLayout::setGeometry(place);
    arrange(place, true);
}

int RowLayout::arrange(const QRect& place, bool moves) const {
    int x = place.x(), y = place.y(), row = 0;
    for (const auto& item : items_) {
        if (item->isEmpty())
            continue;
        const QSize wants = item->sizeHint();
        if (x > place.x() && x + wants.width() > place.right() + 1) {
            x = place.x();
            y += row + spacing();
            row = 0;
        }
        if (moves)
            item->setGeometry({x, y, std::min(wants.width(), place.width()), wants.height()});
        x += wants.width() + spacing();
        row = std::max(row, wants.height());
    }
    return y + row - place.y();
}

} // namespace flenzo
