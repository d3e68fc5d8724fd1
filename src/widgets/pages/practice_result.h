// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/practice/practice_run.h"
#include "widgets/app_context.h"

#include <QWidget>
#include <memory>

class QLabel;
class QListWidget;
class QPushButton;

namespace flenzo {

class SceneView;

/// What a run was worth: points and what they come from, its way beside the adviser's on the same guitar, and every act
/// with what it moved.
class PracticeResult : public QWidget {
    Q_OBJECT
public:
    PracticeResult(AppContext& context, QWidget* parent);
    void show(const PracticeRun& run);
    [[nodiscard]] const PracticeRun* run() const { return run_.get(); }
    void finishAdviser() { playing_.finish(); } ///< waits until the adviser has played; for tests and pictures
    [[nodiscard]] const PracticeRun* adviser() const { return adviser_.get(); }

Q_SIGNALS:
    void againFrom(qsizetype act); ///< the same guitar, after so many acts
    void anotherWanted();          ///< the same exercise, another guitar
    void ladderWanted();

private:
    void showWay(SceneView& view, const PracticeRun& run, const QString& title);
    void showAdviser(const PracticeRun& adviser);
    void explain();
    AppContext& context_;
    std::unique_ptr<PracticeRun> run_, adviser_;
    QLabel *points_, *lines_, *why_, *adviserWords_;
    SceneView *yours_, *advised_;
    QListWidget* acts_;
    LatestAnswer<PracticeRun> playing_{this, [this](const PracticeRun& adviser) { showAdviser(adviser); }};
};

} // namespace flenzo
