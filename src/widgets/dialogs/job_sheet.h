// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/display_units.h"
#include "domain/job/derived.h"

#include <QDialog>
#include <functional>
#include <memory>

class QPrinter;
class QTextDocument;

namespace flenzo {

/// The whole sheet with its picture, one HTML page without outside parts.
[[nodiscard]] QString illustratedSheet(const Job& job, const Derived& derived, const Units& units);
/// The same on pages, as PDF.
[[nodiscard]] QByteArray sheetPdf(const QString& html, const QString& title);

/// The sheet as its pages will be; from here it is printed or kept.
class SheetDialog : public QDialog {
    Q_OBJECT
public:
    /// `keep` is asked to write the file the user names.
    SheetDialog(const QString& html, const QString& title, std::function<void(const QString&)> keep,
                QWidget* parent = nullptr);
    ~SheetDialog() override;

private:
    void print();
    void askWhere(const QString& title);
    std::unique_ptr<QTextDocument> document_;
    std::unique_ptr<QPrinter> printer_;
    std::function<void(const QString&)> keep_;
};

} // namespace flenzo
