// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/workflow.h"
#include "widgets/controls/step_clock.h"
#include "widgets/pages/page.h"

class QBoxLayout;
class QFrame;
class QLabel;
class QLineEdit;
class QPushButton;
class QScrollArea;
class QStackedWidget;

namespace flenzo {

class BenchPage;
class FittingLabel;
class ListenBar;
class PhasePath;
class StepList;
class StepPanel;

/// Everything about one guitar, in the order of the work: the seven phases, the step where the work is with all it
/// needs, the bench where readings lead, the guitar's figures beside it. The step follows the log; any other can be
/// looked at, and one key leads back.
class JobPage : public Page {
    Q_OBJECT
public:
    JobPage(AppContext& context, QWidget* parent);
    void takeFocus();
    void focusWork(); ///< the first field of the step
    [[nodiscard]] ListenBar& listenBar() { return *listen_; }
    /// Shows another step of this job, ahead or behind; nothing is done by looking.
    void lookAt(StepId step);
    /// The bench, whatever the step.
    void showBench();
    /// Back to the step where the work is.
    void goToWork();
    [[nodiscard]] bool isAtBench() const;
    void confirm(); ///< the act on the bench, or the step, is done as asked
    /// The step on the screen; none when the job is finished.
    [[nodiscard]] std::optional<Step> shownStep() const;
    void showFigures(bool shown); ///< the guitar's figures beside the step
    [[nodiscard]] bool figuresShown() const;
    /// What is looked at and since when, for a page that goes on in another's place.
    struct View {
        std::optional<Step> looked;
        bool benchWanted = false, figures = false;
        StepClock::Times times;
    };
    [[nodiscard]] View view() const;
    void goOnFrom(const View& view);
    [[nodiscard]] StepClock& clock() { return *clock_; }
    /// Fills the page with the act alone, for reading from afar.
    void setBig(bool big);
    [[nodiscard]] bool isBig() const { return isBig_; }

Q_SIGNALS:
    void troubleshootingWanted();
    void methodsToCompare();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* buildTop();
    QWidget* buildAsk();
    QWidget* buildButtons();
    /// Whether readings lead at that step, so that the bench is its place.
    void refresh() override;
    void refreshPath(const Progress& progress);
    void refreshList(const Progress& progress);
    void refreshLeft(const Progress& progress);
    void refreshListening(bool bench, const std::optional<Step>& shown);
    void arrange();
    void fitBar();
    void say(WorkEvent event, const QString& text = {});
    void ask(WorkEvent event, const QString& question);
    void takePhoto();
    void look(const Step& step);
    void lookAtPhase(Phase phase);
    void lookBeside(int by);

    PhasePath* path_;
    QBoxLayout* bottom_;
    StepList* list_;
    QFrame *ask_, *panel_;
    FittingLabel* left_;
    QLabel *question_, *looking_;
    QLineEdit* reason_;
    QPushButton *done_, *toWork_, *skip_, *note_, *photo_, *toBench_, *figuresButton_, *more_;
    std::vector<QPushButton*> spare_; ///< in a menu where there is no room
    StepClock* clock_;
    QStackedWidget* work_; ///< the step's own panel, or the bench
    StepPanel* step_;
    BenchPage* bench_;
    ListenBar* listen_; ///< under the act of the bench, or of a step that is filled by plucking
    QScrollArea* figures_;
    WorkEvent asked_ = WorkEvent::Skip;
    std::optional<Step> looked_, current_;
    bool benchWanted_ = false, benchKeyWanted_ = true, isBig_ = false, isTight_ = false;
    bool leftIsKnown_ = false; ///< what is there was worked out, for this job
};

} // namespace flenzo
