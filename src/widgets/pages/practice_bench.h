// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/practice/practice_run.h"
#include "widgets/app_context.h"
#include "widgets/pages/practice_keys.h"

#include <QWidget>
#include <functional>
#include <memory>

class QBoxLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;

namespace flenzo {

class LaneView;
class SceneView;

/// An exercise under way: nobody advises. The instrument of the bench without aims: the guitar as the eye sees it from
/// the side, each string in its lane as it was read and how long ago. What would be touched is picked, in the picture
/// or by its name, and shows the two or three acts it allows; the key of an act does it whatever is picked.
class PracticeBench : public QWidget {
    Q_OBJECT
public:
    PracticeBench(AppContext& context, QWidget* parent);
    void begin(PracticeRun run);
    [[nodiscard]] const PracticeRun* run() const { return run_.get(); }
    /// Gives a guess as it would be typed when it is asked for; for tests. Empty: it was not given.
    using AskNumber = std::function<QString(const QString& question)>;
    void setAskNumber(AskNumber ask) { askNumber_ = std::move(ask); }
    using AskFault = std::function<std::optional<Defect>()>;
    void setAskFault(AskFault ask) { askFault_ = std::move(ask); }
    void refresh();
    /// Whether an exercise is begun and not handed over.
    [[nodiscard]] bool isUnderWay() const { return run_ && !run_->isOver(); }
    /// Does what the key of that name does; for the window's own shortcuts, which mean the same on the bench.
    void takeNamed(const QString& name);
    void pick(std::size_t string);
    void takeFocus();
    [[nodiscard]] std::size_t pickedString() const { return string_; }
    void showProgress(bool shown); ///< in place of the instrument

Q_SIGNALS:
    void finished();
    void left(); ///< for now: it can be gone on with

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildPanel();
    QWidget* buildInstrument();
    QWidget* buildThings();
    void arrange();
    void pickThing(PracticeThing thing);
    void touch(const QPointF& at); ///< in the picture
    /// Does one thing to the string that is picked, with the number that is typed.
    void take(const PracticeKey& key);
    [[nodiscard]] std::optional<PracticeAct> made(const PracticeKey& key);
    /// Judgement before knowledge: what is expected is typed in the field before `act` is done.
    void askGuess(PracticeAct::Guess guess, const PracticeAct& act);
    bool enterGuess(const QString& typed, PracticeAct::Guess guess);
    void answerGuess();
    void finishAct(PracticeAct act);
    void refreshThings();
    void refreshPicture();
    void refreshLanes();
    void refreshWay();

    AppContext& context_;
    std::unique_ptr<PracticeRun> run_;
    std::size_t string_ = 0;
    PracticeThing thing_ = PracticeThing::Peg;
    QLabel *task_, *says_, *counts_, *hint_;
    LaneView* lanes_;
    SceneView *picture_, *way_;
    QStackedWidget* views_;
    QWidget* instrument_;
    QLineEdit* entry_;
    QPushButton* progress_;
    QBoxLayout *middle_, *panelRow_;
    std::vector<std::pair<const PracticeKey*, QPushButton*>> keys_;
    std::vector<std::pair<const PracticeThingSpec*, QPushButton*>> things_;
    struct Asked {
        PracticeAct::Guess guess;
        PracticeAct act; ///< that waits for it
    };
    std::optional<Asked> asked_;
    AskNumber askNumber_;
    AskFault askFault_;
};

} // namespace flenzo
