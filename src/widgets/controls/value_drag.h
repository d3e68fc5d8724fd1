// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QPoint>

class QLabel;
class QLineEdit;

namespace flenzo {

/// Lets a figure be stepped: arrow keys in its field, or its name dragged sideways. Shift steps ten times as far.
class ValueDrag : public QObject {
    Q_OBJECT
public:
    ValueDrag(QLabel* name, QLineEdit* edit);

Q_SIGNALS:
    void stepped(int steps);
    void let();    ///< the hand is off: what is in the field is meant
    void undone(); ///< Escape: what stood there before is meant

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    bool dragged(QEvent* event);
    QLabel* name_;
    QLineEdit* edit_;
    QPoint from_;
    int done_ = 0;
    bool held_ = false;
};

} // namespace flenzo
