// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/fitting_label.h"

#include <algorithm>

namespace flenzo {

FittingLabel::FittingLabel(QWidget* parent) : QLabel(parent) {
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
}

void FittingLabel::setTexts(const QStringList& longestFirst) {
    texts_ = longestFirst;
    setToolTip(texts_.value(0));
    updateGeometry();
    fit();
}

QSize FittingLabel::sizeHint() const {
    return {fontMetrics().horizontalAdvance(texts_.value(0)), QLabel::sizeHint().height()};
}

QSize FittingLabel::minimumSizeHint() const {
    constexpr int least = 6; // letters, so that it can be told
    return {std::min(sizeHint().width(), least * fontMetrics().averageCharWidth()), QLabel::minimumSizeHint().height()};
}

void FittingLabel::fit() {
    for (const QString& text : texts_) {
        setText(text);
        if (fontMetrics().horizontalAdvance(text) <= width())
            return;
    }
    if (!texts_.isEmpty() && width() > 0)
        setText(fontMetrics().elidedText(texts_.last(), Qt::ElideRight, width()));
}

void FittingLabel::resizeEvent(QResizeEvent* event) {
    QLabel::resizeEvent(event);
    fit();
}

} // namespace flenzo
