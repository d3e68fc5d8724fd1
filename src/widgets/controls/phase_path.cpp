// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/phase_path.h"

#include "widgets/look.h"
#include "widgets/text/step_words.h"

#include <QBoxLayout>
#include <QPainter>
#include <algorithm>

namespace flenzo {

PhaseButton::PhaseButton(const QString& title, QWidget* parent) : QAbstractButton(parent) {
    setText(title);
    setFocusPolicy(Qt::TabFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void PhaseButton::show(int done, int steps, bool isHere, bool isShown, const Preferences& preferences) {
    done_ = done;
    steps_ = steps;
    isHere_ = isHere;
    isShown_ = isShown;
    theme_ = &preferences.theme();
    base_ = basePixels(preferences);
    high_ = isLow(*this, preferences) ? 1.9 : 2.2;
    setEnabled(steps > 0);
    const QString count = tr("%1 of %2 steps done").arg(done).arg(steps);
    setAccessibleName(isHere ? tr("%1, the work is here, %2").arg(text(), count)
                             : QStringLiteral("%1, %2").arg(text(), count));
    setToolTip(steps > 0 ? count : tr("Nothing of this on this job"));
    updateGeometry();
    update();
}

QSize PhaseButton::sizeHint() const {
    return {static_cast<int>(base_ * 6.0), static_cast<int>(base_ * high_)};
}

QSize PhaseButton::minimumSizeHint() const {
    return {static_cast<int>(base_ * 2.4), static_cast<int>(base_ * high_)};
}

void PhaseButton::paintEvent(QPaintEvent*) {
    if (!theme_)
        return;
    const Theme& theme = *theme_;
    QPainter painter(this);
    const double bar = base_ * 0.36, high = height();
    const QRectF room(0.0, 0.0, width() - base_ * 0.4, high);
    if (isShown_ || underMouse())
        painter.fillRect(room, theme[isShown_ ? ColourRole::Sheet : ColourRole::FocusSoft]);
    QFont words = font();
    words.setBold(isHere_);
    painter.setFont(words);
    painter.setPen(
        theme[isEnabled() && (isHere_ || isShown_ || done_ < steps_) ? ColourRole::Text : ColourRole::Quiet]);
    const QRectF line = room.adjusted(base_ * 0.3, 0.0, -base_ * 0.1, -bar - base_ * 0.15);
    painter.drawText(line, Qt::AlignLeft | Qt::AlignVCenter,
                     QFontMetricsF(words).elidedText(text(), Qt::ElideRight, line.width()));
    const QRectF whole(room.left(), high - bar, room.width(), bar);
    painter.fillRect(whole, theme[ColourRole::Rule]);
    const bool through = steps_ > 0 && done_ == steps_;
    if (steps_ > 0)
        painter.fillRect(QRectF(whole.left(), whole.top(), whole.width() * done_ / steps_, bar),
                         theme[through ? ColourRole::Goal : ColourRole::Focus]);
    if (isHere_) { // a notch, so that it is told without colour
        const double share = steps_ > 0 ? static_cast<double>(done_) / steps_ : 0.0;
        const double x =
            std::clamp(whole.left() + whole.width() * share, whole.left() + base_ * 0.42, whole.right() - base_ * 0.42);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(Qt::NoPen);
        painter.setBrush(theme[ColourRole::Text]);
        const double notch = base_ * 0.42;
        painter.drawPolygon(
            QPolygonF{{x, high - bar * 0.35}, {x - notch, high - bar - notch}, {x + notch, high - bar - notch}});
    }
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(theme[ColourRole::Focus], 2.0));
        painter.drawRect(room.adjusted(1.0, 1.0, -1.0, -1.0));
    }
}

PhasePath::PhasePath(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Phases of the job"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    for (std::size_t p = 0; p < buttons_.size(); ++p) {
        const auto phase = static_cast<Phase>(p);
        buttons_[p] = new PhaseButton(phaseTitle(phase), this);
        buttons_[p]->setObjectName(QStringLiteral("phase%1").arg(p));
        connect(buttons_[p], &QAbstractButton::clicked, this, [this, phase] { Q_EMIT picked(phase); });
        row->addWidget(buttons_[p]);
    }
}

void PhasePath::show(const States& states, Phase here, Phase shown, const Preferences& preferences) {
    for (std::size_t p = 0; p < buttons_.size(); ++p)
        buttons_[p]->show(states[p].done, states[p].steps, here == static_cast<Phase>(p),
                          shown == static_cast<Phase>(p), preferences);
}

} // namespace flenzo
