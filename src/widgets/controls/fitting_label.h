// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>

namespace flenzo {

/// Says the longest of its texts that has room; the last one is shortened where even that has none.
class FittingLabel : public QLabel {
    Q_OBJECT
public:
    explicit FittingLabel(QWidget* parent = nullptr);
    void setTexts(const QStringList& longestFirst);
    [[nodiscard]] QSize sizeHint() const override; ///< with room for the longest
    [[nodiscard]] QSize minimumSizeHint() const override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void fit();
    QStringList texts_;
};

} // namespace flenzo
