// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/step.h"

#include <QWidget>

class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace flenzo {

/// The user guide with its pictures, the glossary and the keys, shipped with the program; it opens at the place that
/// fits a step.
class HelpPage : public QWidget {
    Q_OBJECT
public:
    explicit HelpPage(QWidget* parent = nullptr);
    /// The place for a step of the job; nothing: the job is finished.
    void openFor(const std::optional<Step>& step);
    /// The heading that is shown now.
    [[nodiscard]] QString place() const;
    void takeFocus(); ///< the search field

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void open(int row);
    void find(bool backwards);
    void fill();

    QListWidget* places_;
    QTextBrowser* text_;
    QLineEdit* search_;
    QString document_; ///< file shown
    int drawnFor_ = 0;
};

} // namespace flenzo
