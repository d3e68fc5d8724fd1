// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"

#include <QDialog>
#include <QPageSize>
#include <functional>
#include <memory>
#include <vector>

class QPrintPreviewWidget;
class QPrinter;

namespace flenzo {

/// What is to go onto paper.
struct Paper {
    QString name;                        ///< of what it is, as the window's title says it
    QString title;                       ///< of this one; proposed as its file's name
    std::vector<QPageSize> sizes;        ///< that it may have, the first one first
    bool wholePage = false;              ///< it has its own margins
    QString files;                       ///< what it can be saved as, as a file dialog wants that
    std::function<void(QPrinter&)> draw; ///< onto the page as the printer has it
    /// Writes the file that the user names, on paper of that size.
    std::function<void(const QString& path, const QPageSize& size)> save;
    std::function<void(const Fault&)> complain;
};

/// Pages as they will be; from here they are printed or kept.
class PaperDialog : public QDialog {
    Q_OBJECT
public:
    explicit PaperDialog(Paper paper, QWidget* parent = nullptr);
    ~PaperDialog() override;
    void printTo(QPrinter& printer); ///< says so where the printer does not take it

private:
    void setSize(std::size_t which);
    void print();
    void askWhere();

    Paper paper_;
    std::size_t size_ = 0;
    std::unique_ptr<QPrinter> printer_;
    QPrintPreviewWidget* pages_;
};

} // namespace flenzo
