// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/bench/entering.h"
#include "domain/job/measuring.h"
#include "widgets/pages/page.h"
#include "widgets/text/step_words.h"

#include <QWidget>

class QBoxLayout;
class QLabel;
class QPushButton;
class QTabWidget;

namespace flenzo {

class SceneView;
class ListenBar;
class PassSheetView;
class ReadingEntry;

/// Where the work happens: the act, the number to aim at, the entry field, section, progress and pass sheet.
class BenchPage : public Page {
    Q_OBJECT
public:
    explicit BenchPage(AppContext& context, QWidget* parent = nullptr);
    void takeFocus();
    void refresh() override;
    void confirm(); ///< done as asked
    void deny();    ///< no to a question
    /// The bar stands under the act while the bench is seen.
    void holdListenBar(ListenBar* bar);
    /// Fills the page with the act, its number and the entry field, for reading from afar.
    void setBig(bool big);
    /// The step of the job that is done here: its title and caution stand over the act. Empty: none.
    void setStep(const StepWords& words);

Q_SIGNALS:
    void actIsOver();      ///< nothing is left to do here, and somebody said done
    void stepBackWanted(); ///< to the step before
    void leaveWanted();    ///< back to where the work is

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildActPanel();
    QWidget* buildCompanion();
    QBoxLayout* buildPlateKeys(QWidget* panel);
    void connectEntry();
    void see(PlateByEye seen);
    void arrange();
    void refreshAct();
    void refreshDone(Confirmation confirms);
    void refreshSettling();
    void showTaken();
    [[nodiscard]] bool isAsked() const; ///< there is a question with two answers
    void submit();
    void pickNeighbour(int step);

    QWidget* wordsBox_ = nullptr;
    QBoxLayout *actRow_ = nullptr, *answerRow_ = nullptr;
    bool isBig_ = false;
    bool touches_ = false; ///< there is something to draw of the act
    QString typed_;        ///< last, shown until its advice is there
    StepWords step_;       ///< whose title and caution stand over the act
    QLabel *stepTitle_, *caution_;
    QLabel *act_, *figure_, *aside_, *entryFor_, *remaining_, *why_;
    ReadingEntry* entry_;
    QPushButton *done_, *no_, *answer_;
    QPushButton* photo_;
    std::vector<QPushButton*> plateKeys_;
    QTabWidget* companion_;
    QWidget* settling_ = nullptr;
    SceneView *section_, *chart_, *way_, *movement_, *picture_;
    PassSheetView* sheet_;
    ListenBar* listen_ = nullptr;
    QBoxLayout* column_;
};

} // namespace flenzo
