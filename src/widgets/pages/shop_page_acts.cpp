// SPDX-License-Identifier: GPL-3.0-or-later
// What is done with the jobs that are chosen in the list.
#include "domain/job/compare.h"
#include "domain/work/workflow.h"
#include "session/document/demo_shop.h"
#include "widgets/pages/shop_page.h"

#include <QLabel>
#include <QMessageBox>
#include <QPushButton>
#include <QTableWidget>

namespace flenzo {

namespace {
constexpr int mostNamed = 400; ///< letters of the guitars that are asked about
}

void ShopPage::openPicked() {
    const auto id = picked();
    if (id && context_.replaceJob([&](Unsaved unsaved) { return context_.session().openKept(*id, unsaved); }))
        Q_EMIT jobOpened();
}

void ShopPage::repeatPicked() {
    if (const auto id = picked())
        repeat(*id);
}

void ShopPage::repeat(qint64 id) {
    const Result<Job> last = context_.session().logbook()->job(id);
    if (!last.ok()) {
        context_.accept(last.fault());
        return;
    }
    Job next = repeated(last.value(), derive(last.value()));
    next.work.usualMinutes = context_.shopSays(this).usualMinutes;
    if (context_.replaceJob([&](Unsaved unsaved) { return context_.session().keep(next, unsaved); }))
        Q_EMIT jobOpened();
}

void ShopPage::compare() {
    const auto id = picked();
    const auto guitar = picked(1);
    if (!id || !guitar)
        return;
    const auto read = context_.session().logbook()->jobsOf(*guitar);
    if (!read.ok()) {
        context_.accept(read.fault());
        return;
    }
    const QList<JobRow>& jobs = read.value();
    for (qsizetype k = 0; k + 1 < jobs.size(); ++k)
        if (jobs.at(k).id == *id || k + 2 == jobs.size()) {
            const Result<Job> later = context_.session().logbook()->job(jobs.at(k).id);
            const Result<Job> earlier = context_.session().logbook()->job(jobs.at(k + 1).id);
            if (later.ok() && earlier.ok())
                history_->setText(differencesOf(earlier.value(), later.value()).join(QLatin1Char('\n')));
            return;
        }
}

void ShopPage::takeOutPicked() {
    QList<qint64> jobs;
    QStringList guitars;
    for (const QModelIndex& row : table_->selectionModel()->selectedRows()) {
        jobs.append(row.data(Qt::UserRole).toLongLong());
        guitars.append(row.data().toString());
    }
    if (jobs.isEmpty() || !takeOut_->isEnabled())
        return;
    auto* box = new QMessageBox(QMessageBox::Warning, tr("Take out of the shop"),
                                tr("Take %n jobs out of the shop? Logs, notes and steps go with them; only a backup or "
                                   "an exported guitar brings them back.",
                                   nullptr, static_cast<int>(jobs.size())),
                                QMessageBox::NoButton, this);
    box->setInformativeText(guitars.join(QLatin1Char('\n')).left(mostNamed));
    box->setObjectName(QStringLiteral("takeOutBox"));
    box->setAttribute(Qt::WA_DeleteOnClose);
    QPushButton* yes = box->addButton(tr("Take out"), QMessageBox::DestructiveRole);
    yes->setObjectName(QStringLiteral("takeOutYes"));
    box->setDefaultButton(box->addButton(tr("Keep"), QMessageBox::RejectRole));
    connect(yes, &QPushButton::clicked, this, [this, jobs] { takeOut(jobs); });
    box->open();
}

void ShopPage::takeOut(const QList<qint64>& jobs) {
    Session& session = context_.session();
    if (!context_.accept(session.logbook()->remove(jobs)))
        return;
    if (session.isKept() && jobs.contains(*session.keptAs()))
        session.start(newJob(), QString());
    if (context_.accept(clearDemoStock(*session.logbook())))
        context_.say(tr("%n jobs left the shop.", nullptr, static_cast<int>(jobs.size())));
    takeFocus();
}

} // namespace flenzo
