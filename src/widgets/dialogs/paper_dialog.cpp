// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/paper_dialog.h"

#include "domain/base/faults.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QPrintDialog>
#include <QPrintPreviewWidget>
#include <QPrinter>
#include <QPushButton>

namespace flenzo {

PaperDialog::PaperDialog(Paper paper, QWidget* parent)
    : QDialog(parent), paper_(std::move(paper)), printer_(std::make_unique<QPrinter>(QPrinter::HighResolution)) {
    setObjectName(QStringLiteral("paperPreview"));
    setWindowTitle(paper_.name);
    printer_->setDocName(paper_.title);
    printer_->setFullPage(paper_.wholePage);
    printer_->setPageSize(paper_.sizes.front());
    auto* column = new QVBoxLayout(this);
    pages_ = new QPrintPreviewWidget(printer_.get(), this);
    pages_->setObjectName(QStringLiteral("paperPages"));
    pages_->setAccessibleName(tr("Pages: %1").arg(paper_.name));
    connect(pages_, &QPrintPreviewWidget::paintRequested, this, [this](QPrinter* to) { paper_.draw(*to); });
    pages_->fitToWidth();
    auto* row = new QHBoxLayout;
    if (paper_.sizes.size() > 1) {
        auto* sizes = new QComboBox(this);
        sizes->setObjectName(QStringLiteral("paperSize"));
        sizes->setAccessibleName(tr("Size of the paper"));
        for (const QPageSize& size : paper_.sizes)
            sizes->addItem(size.name());
        connect(sizes, &QComboBox::activated, this, [this](int which) { setSize(static_cast<std::size_t>(which)); });
        row->addWidget(sizes);
    }
    auto* buttons = new QDialogButtonBox(this);
    QPushButton* print = buttons->addButton(tr("&Print…"), QDialogButtonBox::ActionRole);
    print->setObjectName(QStringLiteral("printPaper"));
    QPushButton* file = buttons->addButton(tr("&Save as a file…"), QDialogButtonBox::ActionRole);
    file->setObjectName(QStringLiteral("savePaper"));
    buttons->addButton(tr("Close"), QDialogButtonBox::RejectRole);
    connect(print, &QPushButton::clicked, this, &PaperDialog::print);
    connect(file, &QPushButton::clicked, this, &PaperDialog::askWhere);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::close);
    row->addWidget(buttons, 1);
    column->addWidget(pages_, 1);
    column->addLayout(row);
    resize(900, 720);
}

PaperDialog::~PaperDialog() = default;

void PaperDialog::setSize(std::size_t which) {
    size_ = which;
    printer_->setPageSize(paper_.sizes[which]);
    pages_->updatePreview();
    pages_->fitInView();
}

void PaperDialog::printTo(QPrinter& printer) {
    paper_.draw(printer);
    if (printer.printerState() == QPrinter::Error)
        paper_.complain(Fault{faults::printerFailed, tr("the printer")});
}

void PaperDialog::print() {
    QPrintDialog dialog(printer_.get(), this);
    if (dialog.exec() == QDialog::Accepted)
        printTo(*printer_);
}

void PaperDialog::askWhere() {
    const QString path =
        QFileDialog::getSaveFileName(this, paper_.name, paper_.title + QStringLiteral(".pdf"), paper_.files);
    if (!path.isEmpty())
        paper_.save(path, paper_.sizes[size_]);
}

} // namespace flenzo
