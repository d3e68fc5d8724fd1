// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/job_sheet.h"

#include "session/models/sheet.h"
#include "widgets/text/convergence.h"
#include "widgets/text/question_words.h"

#include <QBuffer>
#include <QImage>
#include <QPdfWriter>
#include <QPrinter>
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

void drawSheet(QPrinter& printer, const QString& html) {
    QTextDocument document;
    fill(document, html);
    document.print(&printer);
}

} // namespace flenzo
