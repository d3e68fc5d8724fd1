// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/pages/page.h"

#include <QWidget>

class QBoxLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace flenzo {

class SceneView;
class PassSheetView;

/// Where the work happens: the act, the number to aim at, the entry field, section, moment chart and pass sheet.
class BenchPage : public Page {
    Q_OBJECT
public:
    explicit BenchPage(AppContext& context, QWidget* parent = nullptr);
    void takeFocus();
    void refresh() override;
    /// Fills the page with the act, its number and the entry field, for reading from afar.
    void setBig(bool big);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildActPanel();
    void arrange();
    void refreshAct();
    void showTaken();
    void submit();
    void confirm();
    void pickNeighbour(int step);

    QBoxLayout *actRow_ = nullptr, *answerRow_ = nullptr;
    bool isBig_ = false;
    bool touches_ = false; ///< there is something to draw of the act
    QString typed_;        ///< last, shown until its advice is there
    QLabel *act_, *figure_, *aside_, *entryFor_, *remaining_, *why_;
    QLineEdit* entry_;
    QPushButton *done_, *answer_;
    SceneView *section_, *chart_, *picture_;
    PassSheetView* sheet_;
};

} // namespace flenzo
