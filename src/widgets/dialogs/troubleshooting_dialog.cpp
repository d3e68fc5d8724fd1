// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/troubleshooting_dialog.h"

#include "widgets/look.h"

#include <QBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>

namespace flenzo {

TroubleshootingDialog::TroubleshootingDialog(QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("What went wrong?"));
    setObjectName(QStringLiteral("finder"));
    auto* column = new QVBoxLayout(this);
    search_ = new QLineEdit(this);
    search_->setObjectName(QStringLiteral("finderSearch"));
    search_->setPlaceholderText(tr("What is seen or heard; likely ones for this step first"));
    search_->setAccessibleName(tr("Symptom"));
    list_ = new QListWidget(this);
    list_->setObjectName(QStringLiteral("finderList"));
    list_->setAccessibleName(tr("Symptoms"));
    column->addWidget(search_);
    column->addWidget(list_, 1);
    const auto line = [&](TextRole voice, const char* name) {
        QLabel* made = label(voice, this, QLatin1String(name));
        made->setWordWrap(true);
        column->addWidget(made);
        return made;
    };
    cause_ = line(TextRole::Body, "finderCause");
    remedy_ = line(TextRole::Heading, "finderRemedy");
    prevention_ = line(TextRole::Body, "finderPrevention");
    QLabel* refer = line(TextRole::Small, "finderRefer");
    refer->setText(
        tr("Cracks, loose posts, stuck truss rods, mains-powered work: stop, and refer it to a professional."));
    connect(search_, &QLineEdit::textChanged, this, &TroubleshootingDialog::refresh);
    connect(list_, &QListWidget::currentRowChanged, this, &TroubleshootingDialog::showPicked);
    resize(680, 560);
}

void TroubleshootingDialog::showFor(Phase phase) {
    phase_ = phase;
    search_->clear();
    refresh();
    show();
    raise();
    search_->setFocus();
}

void TroubleshootingDialog::refresh() {
    found_ = mishaps(phase_, search_->text());
    list_->clear();
    for (const Mishap& mishap : found_)
        list_->addItem(mishap.symptom);
    list_->setCurrentRow(found_.isEmpty() ? -1 : 0);
    showPicked();
}

void TroubleshootingDialog::showPicked() {
    const int row = list_->currentRow();
    const bool any = row >= 0 && row < found_.size();
    cause_->setText(any ? tr("Cause: %1").arg(found_.at(row).cause) : tr("Nothing fits these words; try fewer."));
    remedy_->setText(any ? found_.at(row).remedy : QString());
    prevention_->setText(any ? tr("Next time: %1").arg(found_.at(row).prevention) : QString());
}

} // namespace flenzo
