// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/job_exchange.h"

#include "app/stoppable_progress.h"
#include "store/exchange.h"
#include "store/files.h"
#include "widgets/dialogs/job_sheet.h"

#include <QFileDialog>
#include <QFileInfo>

namespace flenzo {

JobExchange::JobExchange(AppContext& context, QWidget* window) : QObject(window), context_(context), window_(window) {}

std::optional<Fault> JobExchange::exportSheet(const QString& path) {
    const Session& session = context_.session();
    const QString html = illustratedSheet(session.job(), session.derived(), context_.preferences().units);
    const bool pdf = QFileInfo(path).suffix().toLower() == QLatin1String("pdf");
    // Drawn into memory first: a full disk then leaves the old file as it was.
    return writeFile(path, pdf ? sheetPdf(html, session.job().guitar) : html.toUtf8());
}

void JobExchange::previewSheet() {
    const Session& session = context_.session();
    const auto write = [this](const QString& path) {
        if (context_.accept(exportSheet(path)))
            context_.say(tr("Saved as %1.").arg(path));
    };
    auto* dialog = new SheetDialog(illustratedSheet(session.job(), session.derived(), context_.preferences().units),
                                   session.job().guitar, write, window_);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->show();
}

bool JobExchange::importGuitar(const QString& path) {
    const Result<int> count = importFile(*context_.session().logbook(), path);
    if (!count.ok()) {
        context_.complain(sentence(path, count.fault()));
        return false;
    }
    context_.say(tr("%n jobs came in.", nullptr, count.value()));
    Q_EMIT imported();
    return true;
}

void JobExchange::askImport() {
    const QString path = QFileDialog::getOpenFileName(window_, tr("Import"), QString(),
                                                      tr("Guitars and jobs (*.flenzo-guitar *.flenzo-job)"));
    if (!path.isEmpty())
        importGuitar(path);
}

void JobExchange::askExport() {
    Session& session = context_.session();
    const QString path = QFileDialog::getSaveFileName(
        window_, tr("Export the guitar"),
        QString(session.job().guitar).replace(QLatin1Char('/'), QLatin1Char('-')) + QStringLiteral(".flenzo-guitar"));
    if (path.isEmpty())
        return;
    const Result<qint64> guitar = session.logbook()->guitarOf(*session.keptAs());
    context_.accept(guitar.ok() ? exportGuitar(*session.logbook(), guitar.value(), path) : guitar.fault());
}

void JobExchange::exportTables() {
    const QString folder = QFileDialog::getExistingDirectory(window_, tr("Folder for jobs.csv and events.csv"));
    if (folder.isEmpty())
        return;
    const Logbook& book = *context_.session().logbook();
    const Result<int> count = book.jobCount();
    if (!count.ok()) {
        context_.accept(count.fault());
        return;
    }
    StoppableProgress progress(tr("Writing the tables"), tr("Stop"), count.value(), window_);
    if (context_.accept(exportCsv(book, folder, std::ref(progress))))
        context_.say(tr("Written to %1.").arg(folder));
}

void JobExchange::addActions(std::vector<ActionSpec>& list, const QString& menu) {
    const auto isOpen = [this] { return context_.session().logbook() != nullptr; };
    list.push_back({"sheet", menu, tr("&Job sheet…"), {QKeySequence::Print}, [this] { previewSheet(); }});
    list.push_back({"import", menu, tr("&Import a guitar or job…"), {}, [this] { askImport(); }, isOpen});
    list.push_back({"exportGuitar",
                    menu,
                    tr("&Export this guitar with its history…"),
                    {},
                    [this] { askExport(); },
                    [this] { return context_.session().isKept(); }});
    list.push_back({"exportCsv", menu, tr("Export everything as &tables…"), {}, [this] { exportTables(); }, isOpen});
}

} // namespace flenzo
