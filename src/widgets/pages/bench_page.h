// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/bench/entering.h"
#include "domain/job/measuring.h"
#include "paint/string_lanes.h"
#include "widgets/pages/page.h"
#include "widgets/text/step_words.h"

#include <QWidget>

class QBoxLayout;
class QLabel;
class QPushButton;

namespace flenzo {

class BenchViews;
class FittingLabel;
class ListenBar;
class ReadingEntry;
class SceneView;

/// Where the work happens: the act, the number to aim at, the entry field; below it this guitar as one instrument.
class BenchPage : public Page {
    Q_OBJECT
public:
    explicit BenchPage(AppContext& context, QWidget* parent = nullptr);
    void takeFocus();
    [[nodiscard]] int heightForWidth(int width) const override;
    void refresh() override;
    void confirm(); ///< done as asked
    void deny();    ///< no to a question
    /// The bar is under the instrument while the bench is seen.
    void holdListenBar(ListenBar* bar);
    /// The section is covered by the drawer of figures, which has one of its own.
    void setDrawer(bool open);
    /// Little height for the text there is: smaller figures, the views' keys in whoever's menu.
    void setTight(bool tight);
    [[nodiscard]] const BenchViews& views() const { return *views_; }
    /// Fills the page with the act, its number and the entry field, for reading from afar.
    void setBig(bool big);
    /// The step of the job that is done here: its title and caution are over the act. Empty: none.
    void setStep(const StepWords& words);

Q_SIGNALS:
    void actIsOver();      ///< nothing is left to do here, and somebody said done
    void stepBackWanted(); ///< to the step before
    void leaveWanted();    ///< back to where the work is

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildActPanel();
    void showLanes();
    QBoxLayout* buildPlateKeys(QWidget* panel);
    void connectEntry();
    void see(PlateByEye seen);
    void arrange();
    void refreshAct();
    void setWords(QPushButton* button, const QString& words) const;
    void refreshDone(Confirmation confirms);
    void showTaken();
    [[nodiscard]] bool isAsked() const; ///< there is a question with two answers
    void submit();
    void pickNeighbour(int step);

    QWidget* wordsBox_ = nullptr;
    QBoxLayout *actRow_ = nullptr, *answerRow_ = nullptr, *entryRow_ = nullptr;
    bool isBig_ = false, isTight_ = false;
    bool touches_ = false;     ///< there is something to draw of the act
    bool leftIsKnown_ = false; ///< what is said to be left was worked out, for this job
    QString typed_;            ///< last, shown until its advice is there
    StepWords step_;           ///< whose title and caution are over the act
    QLabel *stepTitle_, *caution_;
    QLabel *act_, *figure_, *aside_, *remaining_, *why_;
    FittingLabel* entryFor_;
    ReadingEntry* entry_;
    QPushButton *done_, *no_, *answer_;
    QPushButton* photo_;
    std::vector<QPushButton*> plateKeys_;
    BenchViews* views_;
    StringLanes strings_; ///< as the advice has them
    SceneView* picture_;
    ListenBar* listen_ = nullptr;
    QBoxLayout* column_;
};

} // namespace flenzo
