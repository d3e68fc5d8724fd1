// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/message_bar.h"

#include "widgets/look.h"

#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QStyle>

namespace flenzo {

MessageBar::MessageBar(QWidget* parent) : QFrame(parent) {
    setObjectName(QStringLiteral("message"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 6, 8, 6);
    words_ = label(TextRole::Body, this, QStringLiteral("messageText"));
    words_->setWordWrap(true);
    words_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    auto* hideIt = new QPushButton(tr("Close"), this);
    connect(hideIt, &QPushButton::clicked, this, &QWidget::hide);
    row->addWidget(words_, 1);
    row->addWidget(hideIt);
    hide();
}

void MessageBar::say(const QString& sentence, bool complaint) {
    words_->setText(sentence);
    setProperty("alarm", complaint);
    style()->polish(this);
    show();
}

QString MessageBar::sentence() const {
    return isHidden() ? QString() : words_->text();
}

} // namespace flenzo
