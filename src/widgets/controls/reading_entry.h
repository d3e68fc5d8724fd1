// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/measuring.h"

#include <QLineEdit>

namespace flenzo {

/// The bench's field: what is typed is a reading, and while it is empty its keys are what a hand says without a mouse.
class ReadingEntry : public QLineEdit {
    Q_OBJECT
public:
    using QLineEdit::QLineEdit;
    void setAsked(bool asked) { isAsked_ = asked; }           ///< a question with two answers is open: N means no
    void setPlateAsked(bool asked) { isPlateAsked_ = asked; } ///< S, L and F say how the plate is

Q_SIGNALS:
    void submitted();
    void confirmed();
    void denied();
    void plateSeen(flenzo::PlateByEye seen);
    void stepBackWanted();
    void neighbourWanted(int step); ///< the next string (1) or the one before (-1)
    void leaveWanted();             ///< Escape in an empty field

protected:
    bool event(QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    bool takeWhileEmpty(const QKeyEvent& event);

    bool isAsked_ = false, isPlateAsked_ = false;
};

} // namespace flenzo
