// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLayout>
#include <memory>
#include <vector>

namespace flenzo {

/// Widgets beside each other, in as many rows as their width needs; the widest one sets how narrow it can be.
class RowLayout : public QLayout {
    Q_OBJECT
public:
    explicit RowLayout(QWidget* parent);
    ~RowLayout() override;
    void addItem(QLayoutItem* item) override;
    [[nodiscard]] int count() const override { return static_cast<int>(items_.size()); }
    [[nodiscard]] QLayoutItem* itemAt(int index) const override;
    QLayoutItem* takeAt(int index) override;
    [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;
    [[nodiscard]] QSize sizeHint() const override; ///< all in one row
    [[nodiscard]] QSize minimumSize() const override;
    void setGeometry(const QRect& place) override;

private:
    /// The height it takes; with `moves` the widgets go there.
    int arrange(const QRect& place, bool moves) const;
    std::vector<std::unique_ptr<QLayoutItem>> items_;
};

} // namespace flenzo
