// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/job_sheet.h"

#include "session/models/sheet.h"
#include "widgets/text/convergence.h"
#include "widgets/text/question_words.h"

#include <QBoxLayout>
#include <QBuffer>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QImage>
#include <QPdfWriter>
#include <QPrintDialog>
#include <QPrintPreviewWidget>
#include <QPrinter>
#include <QPushButton>
#include <QTextDocument>

namespace flenzo {

namespace {

/// The progress of a job as a picture for paper, in the program's own typeface.
QByteArray progressPng(const Job& job, const Derived& derived) {
    constexpr int width = 640, height = 320, fine = 2; // twice the screen's pixels: it is printed
    QImage image(width * fine, height * fine, QImage::Format_RGB32);
    image.setDevicePixelRatio(fine);
    QPainter painter(&image);
    painter.setFont(QFont(QStringLiteral("B612")));
    paint(painter, buildConvergence(convergenceOf(job, derived), QSizeF(width, height), 1.0), benchLight());
    painter.end();
    QByteArray png;
    QBuffer buffer(&png);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "PNG");
    return png;
}

/// Sizes on paper are points: those of the screen's pixels would be specks to a printer.
void fill(QTextDocument& document, const QString& html) {
    QFont font(QStringLiteral("B612"));
    font.setPointSizeF(9.0);
    document.setDefaultFont(font);
    document.setHtml(html);
}

} // namespace

QString illustratedSheet(const Job& job, const Derived& derived, const Units& units) {
    return jobSheetHtml(job, derived, units, progressPng(job, derived), wording::whatHappened(job, derived));
}

QByteArray sheetPdf(const QString& html, const QString& title) {
    QBuffer pdf;
    pdf.open(QIODevice::WriteOnly);
    QTextDocument document;
    fill(document, html);
    QPdfWriter writer(&pdf);
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setTitle(title);
    document.print(&writer);
    return pdf.data();
}

SheetDialog::SheetDialog(const QString& html, const QString& title, std::function<void(const QString&)> keep,
                         QWidget* parent)
    : QDialog(parent), document_(std::make_unique<QTextDocument>()),
      printer_(std::make_unique<QPrinter>(QPrinter::HighResolution)), keep_(std::move(keep)) {
    setObjectName(QStringLiteral("sheetPreview"));
    setWindowTitle(tr("Job sheet"));
    fill(*document_, html);
    printer_->setPageSize(QPageSize(QPageSize::A4));
    printer_->setDocName(title);
    auto* column = new QVBoxLayout(this);
    auto* pages = new QPrintPreviewWidget(printer_.get(), this);
    pages->setObjectName(QStringLiteral("sheetPages"));
    pages->setAccessibleName(tr("Pages of the job sheet"));
    connect(pages, &QPrintPreviewWidget::paintRequested, this, [this](QPrinter* to) { document_->print(to); });
    pages->fitToWidth();
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    QPushButton* print = buttons->addButton(tr("&Print…"), QDialogButtonBox::ActionRole);
    print->setObjectName(QStringLiteral("printSheet"));
    QPushButton* file = buttons->addButton(tr("&Save as PDF or HTML…"), QDialogButtonBox::ActionRole);
    file->setObjectName(QStringLiteral("keepSheet"));
    connect(print, &QPushButton::clicked, this, &SheetDialog::print);
    connect(file, &QPushButton::clicked, this, [this, title] { askWhere(title); });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::close);
    column->addWidget(pages, 1);
    column->addWidget(buttons);
    resize(900, 720);
}

SheetDialog::~SheetDialog() = default;

void SheetDialog::print() {
    QPrintDialog dialog(printer_.get(), this);
    if (dialog.exec() == QDialog::Accepted)
        document_->print(printer_.get());
}

void SheetDialog::askWhere(const QString& title) {
    const QString path = QFileDialog::getSaveFileName(this, tr("Save the job sheet"), title + QStringLiteral(".pdf"),
                                                      tr("PDF (*.pdf);;HTML (*.html)"));
    if (!path.isEmpty())
        keep_(path);
}

} // namespace flenzo
