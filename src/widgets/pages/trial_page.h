// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/simulation/trial.h"
#include "widgets/pages/page.h"

#include <QWidget>
#include <memory>

class QLabel;
class QProgressBar;
class QPushButton;
class QSpinBox;
class QThread;
class QTimer;

namespace flenzo {

class FigureTable;
class SceneView;

/// What the readings taught of this guitar, and a trial of every habit on guitars like it, played in the background.
class TrialPage : public Page {
    Q_OBJECT
public:
    explicit TrialPage(AppContext& context, QWidget* parent = nullptr);
    ~TrialPage() override;
    void refresh() override;

private:
    struct Run; ///< shared with the thread that plays
    QWidget* buildLearned();
    QWidget* buildTrial();
    void refreshLearned();
    void showReport();
    void start();
    void stop();
    void poll();
    void finish();

    FigureTable* learned_;
    QLabel *learnedNote_, *said_;
    SceneView* chart_;
    QSpinBox* guitars_;
    QPushButton *start_, *stop_;
    QProgressBar* progress_;
    QTimer* timer_;
    std::shared_ptr<Run> run_;
    QThread* thread_ = nullptr;
    TrialReport report_;
};

} // namespace flenzo
