// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/fitting_label.h"

namespace flenzo {

FittingLabel::FittingLabel(QWidget* parent) : QLabel(parent) {
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
}

void FittingLabel::setTexts(const QStringList& longestFirst) {
    texts_ = longestFirst;
    setToolTip(texts_.value(0));
    fit();
}

void FittingLabel::fit() {
    for (const QString& text : texts_) {
        setText(text);
        if (fontMetrics().horizontalAdvance(text) <= width())
            return;
    }
}

void FittingLabel::resizeEvent(QResizeEvent* event) {
    QLabel::resizeEvent(event);
    fit();
}

} // namespace flenzo
