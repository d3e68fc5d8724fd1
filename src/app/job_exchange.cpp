// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/job_exchange.h"

#include "app/stoppable_progress.h"
#include "domain/base/faults.h"
#include "domain/shop/case_card.h"
#include "paint/code_picture.h"
#include "session/models/card_sheet.h"
#include "store/exchange.h"
#include "store/files.h"
#include "store/guitar_code.h"
#include "widgets/dialogs/case_card.h"
#include "widgets/dialogs/job_sheet.h"

#include <QBuffer>
#include <QFileDialog>
#include <QFileInfo>

namespace flenzo {

JobExchange::JobExchange(AppContext& context, QWidget* window) : QObject(window), context_(context), window_(window) {
    connect(&context_, &AppContext::cardWanted, this, &JobExchange::previewCard);
}

std::optional<Fault> JobExchange::exportSheet(const QString& path) {
    const Session& session = context_.session();
    const QString html = illustratedSheet(session.job(), session.derived(), context_.preferences().units);
    const bool pdf = QFileInfo(path).suffix().toLower() == QLatin1String("pdf");
    // Drawn into memory first: a full disk then leaves the old file as it was.
    return writeFile(path, pdf ? sheetPdf(html, session.job().guitar) : html.toUtf8());
}

void JobExchange::show(Paper paper) {
    paper.complain = [this](const Fault& fault) { context_.accept(fault); };
    auto* dialog = new PaperDialog(std::move(paper), window_);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->show();
}

void JobExchange::written(const QString& path, const std::optional<Fault>& fault) {
    if (context_.accept(fault))
        context_.say(tr("Saved as %1.").arg(path));
}

void JobExchange::previewSheet() {
    const Session& session = context_.session();
    const QString html = illustratedSheet(session.job(), session.derived(), context_.preferences().units);
    show({tr("Job sheet"),
          session.job().guitar,
          {QPageSize(QPageSize::A4)},
          false,
          tr("PDF (*.pdf);;HTML (*.html)"),
          [html](QPrinter& printer) { drawSheet(printer, html); },
          [this](const QString& path, const QPageSize&) { written(path, exportSheet(path)); },
          {}});
}

Result<QString> JobExchange::cardHtml() {
    Session& session = context_.session();
    const std::optional<CaseCard> card =
        caseCardOf(session.job(), session.derived().advice.guitar, context_.catalogue());
    if (!card)
        return Fault{faults::noCardUnbalanced, tr("the strings")};
    CardCode code;
    if (const auto job = session.keptAs(); job && session.logbook()) {
        const Result<GuitarCode> made = codeOf(*session.logbook(), *job);
        if (context_.accept(made.ok() ? std::nullopt : std::optional(made.fault()))) { // else the card goes without
            constexpr int module_px = 8;
            QBuffer png(&code.png);
            codePicture(codeDigits(made.value()), module_px).save(&png, "PNG");
            code.text = codeText(made.value());
        }
    }
    return caseCardHtml(session.job(), *card, context_.preferences().units, code);
}

std::optional<Fault> JobExchange::exportCard(const QString& path, const QPageSize& size) {
    const Result<QString> html = cardHtml();
    if (!html.ok())
        return html.fault();
    const QString& title = context_.session().job().guitar;
    const bool svg = QFileInfo(path).suffix().toLower() == QLatin1String("svg");
    return writeFile(path, svg ? cardSvg(html.value(), title, size) : cardPdf(html.value(), title, size));
}

void JobExchange::previewCard() {
    const Result<QString> html = cardHtml();
    if (!html.ok()) {
        context_.accept(html.fault());
        return;
    }
    show({tr("Card for the case"),
          context_.session().job().guitar,
          {cardSize(false), cardSize(true)},
          true,
          tr("PDF (*.pdf);;SVG (*.svg)"),
          [html = html.value()](QPrinter& printer) { drawCard(printer, html); },
          [this](const QString& path, const QPageSize& size) { written(path, exportCard(path, size)); },
          {}});
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
    list.push_back(
        {"caseCard", menu, tr("&Card for the case…"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_P)}, [this] {
             previewCard();
         }});
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
