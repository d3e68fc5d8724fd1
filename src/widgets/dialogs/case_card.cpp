// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/case_card.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QPainter>
#include <QPdfWriter>
#include <QPrinter>
#include <QSvgGenerator>
#include <QTextDocument>

namespace flenzo {

namespace {

constexpr int fine_dpi = 600; ///< the document's own unit: type can then be a little larger or smaller
constexpr double margin_mm = 5.0, codeHeight_mm = 18.0;
constexpr int largestType = 40, smallestType = 18; // in quarters of a point

int fine(double length_mm) {
    return qRound(length_mm / 25.4 * fine_dpi);
}

/// As large as fits onto one page.
void fit(QTextDocument& document, QString html, const QPageSize& size) {
    html.replace(QStringLiteral("height='CODE'"), QStringLiteral("height='%1'").arg(fine(codeHeight_mm)));
    document.setDocumentMargin(fine(margin_mm));
    for (int quarters = largestType; quarters >= smallestType; --quarters) {
        QFont font(QStringLiteral("B612"));
        const int type = qRound(quarters / 4.0 / 72.0 * fine_dpi);
        font.setPixelSize(type);
        document.setDefaultFont(font);
        document.setDefaultStyleSheet(QStringLiteral("p, h2, ol, table { margin-top: %1px; margin-bottom: 0px; } "
                                                     "ol { -qt-list-indent: 0; margin-left: %2px; }")
                                          .arg(type / 3)
                                          .arg(type * 3 / 2));
        QString sized = html;
        sized.replace(QStringLiteral("cellpadding='4'"), QStringLiteral("cellpadding='%1'").arg(type / 4))
            .replace(QStringLiteral("border='1'"), QStringLiteral("border='%1'").arg(qMax(1, fine_dpi / 150)));
        document.setHtml(sized);
        document.setPageSize(QSizeF(size.sizePixels(fine_dpi)));
        if (document.pageCount() == 1)
            return;
    }
}

/// Draws with one unit of the document as so many of the device's dots.
void draw(QPaintDevice& onto, QTextDocument& document) {
    QPainter painter(&onto);
    painter.scale(onto.logicalDpiX() / double(fine_dpi), onto.logicalDpiY() / double(fine_dpi));
    document.drawContents(&painter);
}

} // namespace

QPageSize cardSize(bool large) {
    return QPageSize(large ? QPageSize::A5 : QPageSize::A6);
}

QByteArray cardPdf(const QString& html, const QString& title, const QPageSize& size) {
    QBuffer pdf;
    pdf.open(QIODevice::WriteOnly);
    QPdfWriter writer(&pdf);
    writer.setPageSize(size);
    writer.setPageMargins(QMarginsF());
    writer.setResolution(fine_dpi);
    writer.setTitle(title);
    QTextDocument document;
    fit(document, html, size);
    draw(writer, document);
    return pdf.data();
}

QByteArray cardSvg(const QString& html, const QString& title, const QPageSize& size) {
    QBuffer svg;
    svg.open(QIODevice::WriteOnly);
    QSvgGenerator generator;
    generator.setOutputDevice(&svg);
    generator.setTitle(title);
    generator.setResolution(fine_dpi);
    generator.setSize(size.sizePixels(fine_dpi));
    generator.setViewBox(QRect(QPoint(), size.sizePixels(fine_dpi)));
    QTextDocument document;
    fit(document, html, size);
    draw(generator, document);
    return svg.data();
}

void drawCard(QPrinter& printer, const QString& html) {
    QTextDocument document;
    fit(document, html, printer.pageLayout().pageSize());
    draw(printer, document);
}

} // namespace flenzo
