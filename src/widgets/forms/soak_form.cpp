// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/soak_form.h"

#include "widgets/look.h"

#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace flenzo {

SoakForm::SoakForm(AppContext&, QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 8, 0, 8);
    left_ = label(TextRole::Figure, this, QStringLiteral("soakLeft"));
    column->addWidget(left_);
    auto* row = new QHBoxLayout;
    for (const int minutes : {2, 5, 10, 20}) {
        auto* start = new QPushButton(tr("%n minutes", nullptr, minutes), this);
        start->setObjectName(QStringLiteral("soak%1").arg(minutes));
        connect(start, &QPushButton::clicked, this, [this, minutes] { Q_EMIT soakWanted(minutes); });
        row->addWidget(start);
    }
    row->addStretch();
    column->addLayout(row);
    column->addStretch();
    show(0);
}

void SoakForm::show(qint64 left_s) {
    left_->setText(left_s > 0 ? QStringLiteral("%1:%2").arg(left_s / 60).arg(left_s % 60, 2, 10, QLatin1Char('0'))
                              : QStringLiteral("\u2013:\u2013\u2013"));
}

} // namespace flenzo
