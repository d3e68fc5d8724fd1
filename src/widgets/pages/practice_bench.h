// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/practice/practice_run.h"
#include "widgets/app_context.h"

#include <QWidget>
#include <functional>
#include <memory>

class QBoxLayout;
class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;
class QTabWidget;

namespace flenzo {

class SceneView;

/// An exercise under way: nobody advises. One key or button for each thing a hand can do; the guitar as the eye sees it
/// from the side, and what was read, as it was read.
class PracticeBench : public QWidget {
    Q_OBJECT
public:
    PracticeBench(AppContext& context, QWidget* parent);
    void begin(PracticeRun run);
    [[nodiscard]] const PracticeRun* run() const { return run_.get(); }
    /// Asks for one number as it is typed, in place of a dialog; for tests. Empty: it was not given.
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

Q_SIGNALS:
    void finished();
    void left(); ///< for now: it can be gone on with

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    struct Key;
    void buildKeys(QGridLayout& grid);
    void arrangeKeys();
    /// Does one thing to the string that is picked, with the number that is typed.
    void take(const Key& key);
    [[nodiscard]] std::optional<PracticeAct> made(const Key& key);
    bool guessFirst(PracticeAct::Do what);
    void refreshPicture();
    void refreshReadings();
    void refreshWay();
    [[nodiscard]] std::size_t picked() const;

    AppContext& context_;
    std::unique_ptr<PracticeRun> run_;
    QLabel *task_, *says_, *counts_, *hint_;
    SceneView *picture_, *way_;
    QTabWidget* companions_;
    QTableWidget* readings_;
    QLineEdit* entry_;
    QBoxLayout* middle_;
    QGridLayout* grid_ = nullptr;
    std::vector<std::pair<const Key*, QPushButton*>> keys_;
    AskNumber askNumber_;
    AskFault askFault_;
};

} // namespace flenzo
