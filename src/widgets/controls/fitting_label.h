// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>

namespace flenzo {

/// Says the longest of its texts that has room; the last one is said whatever the room.
class FittingLabel : public QLabel {
    Q_OBJECT
public:
    explicit FittingLabel(QWidget* parent = nullptr);
    void setTexts(const QStringList& longestFirst);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void fit();
    QStringList texts_;
};

} // namespace flenzo
