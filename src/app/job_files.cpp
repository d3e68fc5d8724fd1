// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/job_files.h"

#include "app/window_head.h"
#include "domain/base/faults.h"
#include "store/files.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QMenu>
#include <QMessageBox>

namespace flenzo {

JobFiles::JobFiles(AppContext& context, QWidget* window) : QObject(window), context_(context), window_(window) {}

bool JobFiles::open(const QString& path) {
    bool unread = false;
    const bool replaced = context_.replaceJob([&](Unsaved unsaved) -> std::optional<Fault> {
        const auto fault = context_.session().open(path, unsaved);
        unread = fault && !fault->is(faults::jobNotSaved);
        if (unread)
            context_.complain(tr("%1. The job that was open is untouched.").arg(sentence(path, *fault)));
        return unread ? std::nullopt : fault;
    });
    if (!replaced || unread)
        return false;
    context_.change([&](Preferences& preferences) { remember(preferences, path); });
    Q_EMIT opened();
    return true;
}

bool JobFiles::save(const QString& path) {
    if (const auto fault = context_.session().save(path)) {
        context_.complain(sentence(path, *fault));
        return false;
    }
    context_.change([&](Preferences& preferences) { remember(preferences, path); });
    context_.say(tr("Saved as %1.").arg(path));
    return true;
}

bool JobFiles::mayLeave() {
    const Session& session = context_.session();
    if (!session.isModified())
        return true;
    QMessageBox box(QMessageBox::Question, tr("Not saved"),
                    tr("\"%1\" has changes that are in no file yet.").arg(WindowHead::titleOf(session.job())),
                    QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, window_);
    box.setDefaultButton(QMessageBox::Save);
    const int answer = box.exec();
    return answer == QMessageBox::Save ? askSave(false) : answer == QMessageBox::Discard;
}

void JobFiles::askOpen() {
    const QString path =
        QFileDialog::getOpenFileName(window_, tr("Open a job"), QFileInfo(context_.session().path()).path(),
                                     tr("Jobs (*.flenzo-job);;All files (*)"));
    if (!path.isEmpty())
        open(path);
}

bool JobFiles::askSave(bool newName) {
    const QString ending = QStringLiteral(".flenzo-job");
    QString path = context_.session().path();
    if (path.isEmpty() || newName)
        path = QFileDialog::getSaveFileName(window_, tr("Save the job"),
                                            path.isEmpty() ? context_.session().job().guitar + ending : path,
                                            tr("Jobs (*.flenzo-job)"));
    if (path.isEmpty())
        return false;
    if (QFileInfo(path).suffix().isEmpty())
        path += ending;
    return save(path);
}

void JobFiles::addOpening(std::vector<ActionSpec>& list, const QString& menu) {
    list.push_back({"open", menu, tr("&Open…"), {QKeySequence::Open}, [this] { askOpen(); }});
}

void JobFiles::addSaving(std::vector<ActionSpec>& list, const QString& menu) {
    list.push_back({"save", menu, tr("&Save"), {QKeySequence::Save}, [this] { askSave(false); }});
    list.push_back(
        {"saveAs", menu, tr("Save &as…"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S)}, [this] { askSave(true); }});
}

void JobFiles::fillRecent(QMenu& menu) {
    menu.clear();
    for (const QString& file : context_.preferences().recentFiles)
        menu.addAction(QFileInfo(file).fileName(), this, [this, file] { open(file); })->setToolTip(file);
    menu.setEnabled(!menu.isEmpty());
}

} // namespace flenzo
