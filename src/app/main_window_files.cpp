// SPDX-License-Identifier: GPL-3.0-or-later
// Jobs from files, and those of the demo.
#include "app/main_window.h"

#include "domain/base/faults.h"
#include "session/document/demo.h"
#include "store/files.h"
#include "widgets/pages/job_page.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QMessageBox>

namespace flenzo {

bool MainWindow::openFile(const QString& path) {
    bool unread = false;
    const bool opened = context_->replaceJob([&](Unsaved unsaved) -> std::optional<Fault> {
        const auto fault = session_.open(path, unsaved);
        unread = fault && !fault->is(faults::jobNotSaved);
        if (unread)
            showMessage(tr("%1. The job that was open is untouched.").arg(sentence(path, *fault)), true);
        return unread ? std::nullopt : fault;
    });
    if (!opened || unread)
        return false;
    change([&](Preferences& preferences) { remember(preferences, path); });
    showWork();
    return true;
}

bool MainWindow::saveFile(const QString& path) {
    if (const auto fault = session_.save(path)) {
        showMessage(sentence(path, *fault), true);
        return false;
    }
    change([&](Preferences& preferences) { remember(preferences, path); });
    showMessage(tr("Saved as %1.").arg(path), false);
    return true;
}

void MainWindow::openDemo(int index) {
    const Result<Job> job = demoJob(index);
    if (!job.ok()) {
        showMessage(sentence(tr("demo"), job.fault()), true);
        return;
    }
    if (!context_->replaceJob([&](Unsaved unsaved) { return session_.start(job.value(), QString(), unsaved); }))
        return;
    showWork();
    if (session_.derived().next().what == NextAct::Do::Stuck)
        steps_->lookAt(StepId::Plan); // where the ways out are
}

bool MainWindow::leaveJob() {
    if (!session_.isModified())
        return true;
    QMessageBox box(QMessageBox::Question, tr("Not saved"),
                    tr("\"%1\" has changes that are in no file yet.").arg(guitar_->text()),
                    QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, this);
    box.setDefaultButton(QMessageBox::Save);
    const int answer = box.exec();
    return answer == QMessageBox::Save ? askSave(false) : answer == QMessageBox::Discard;
}

void MainWindow::restoreLeftover() {
    if (!leaveJob())
        return;
    banner_->hide();
    const bool ofThisShop =
        leftover_->place && session_.logbook() && session_.logbook()->path() == leftover_->place->logbook;
    const auto fault = ofThisShop ? session_.comeBackWith(*leftover_, Unsaved::Discard)
                                  : session_.restore(*leftover_, Unsaved::Discard);
    if (!session_.conflict())
        context_->accept(fault);
    showWork();
}

void MainWindow::askOpen() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a job"), QFileInfo(session_.path()).path(),
                                                      tr("Jobs (*.flenzo-job);;All files (*)"));
    if (!path.isEmpty())
        openFile(path);
}

bool MainWindow::askSave(bool newName) {
    QString path = session_.path();
    if (path.isEmpty() || newName)
        path = QFileDialog::getSaveFileName(
            this, tr("Save the job"), path.isEmpty() ? session_.job().guitar + QStringLiteral(".flenzo-job") : path,
            tr("Jobs (*.flenzo-job)"));
    if (path.isEmpty())
        return false;
    if (QFileInfo(path).suffix().isEmpty())
        path += QStringLiteral(".flenzo-job");
    return saveFile(path);
}

} // namespace flenzo
