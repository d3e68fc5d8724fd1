// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/troubleshooting_dialog.h"

#include "domain/job/trends.h"
#include "domain/work/route.h"
#include "widgets/look.h"
#include "widgets/text/step_figures.h"

#include <QBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>

namespace flenzo {

TroubleshootingDialog::TroubleshootingDialog(AppContext& context, QWidget* parent)
    : QDialog(parent), context_(context) {
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
    trends_ = label(TextRole::Heading, this, QStringLiteral("finderTrends"));
    trends_->setWordWrap(true);
    column->addWidget(trends_);
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
    figures_ = line(TextRole::Body, "finderFigures");
    prevention_ = line(TextRole::Body, "finderPrevention");
    QLabel* refer = line(TextRole::Small, "finderRefer");
    refer->setText(
        tr("Cracks, anything loose in the wood, a stuck truss rod, mains power: stop, and send it to a professional "
           "repairer. Local rules come first."));
    connect(&context_.shop(), &ShopMemory::arrived, this, &TroubleshootingDialog::showTrends);
    connect(search_, &QLineEdit::textChanged, this, &TroubleshootingDialog::refresh);
    connect(list_, &QListWidget::currentRowChanged, this, &TroubleshootingDialog::showPicked);
    resize(680, 560);
}

void TroubleshootingDialog::showFor(Phase phase) {
    phase_ = phase;
    search_->clear();
    context_.shop().refresh();
    showTrends();
    refresh();
    show();
    raise();
    search_->setFocus();
}

void TroubleshootingDialog::refresh() {
    found_ = mishaps(context_.session().job(), phase_, search_->text());
    list_->clear();
    for (const Mishap& mishap : found_)
        list_->addItem(mishap.symptom);
    list_->setCurrentRow(found_.isEmpty() ? -1 : 0);
    showPicked();
}

/// What this guitar's jobs say together, as far as they are read by now.
void TroubleshootingDialog::showTrends() {
    const Job& job = context_.session().job();
    std::vector<Job> jobs = testedBefore(context_.shop().says(), job);
    jobs.push_back(job);
    trends_->setText(trendsOf(jobs).join(QLatin1Char('\n')));
    trends_->setVisible(!trends_->text().isEmpty());
}

/// What this guitar's step says of it, where this job has that step.
QString TroubleshootingDialog::figuresOf(const Mishap& mishap) const {
    const Job& job = context_.session().job();
    for (const Step& step : stepsOf(job))
        if (step.id == mishap.figures)
            return stepFigures(job, context_.session().derived(), step, context_.preferences().units);
    return {};
}

void TroubleshootingDialog::showPicked() {
    const int row = list_->currentRow();
    const bool any = row >= 0 && row < found_.size();
    cause_->setText(any ? tr("Cause: %1").arg(found_.at(row).cause) : tr("Nothing fits these words; try fewer."));
    remedy_->setText(any ? found_.at(row).remedy : QString());
    figures_->setText(any ? figuresOf(found_.at(row)) : QString());
    figures_->setVisible(!figures_->text().isEmpty());
    prevention_->setText(any ? tr("Next time: %1").arg(found_.at(row).prevention) : QString());
}

} // namespace flenzo
