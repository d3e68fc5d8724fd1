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

class SceneView;

/// Every method compared on guitars like the one in work, played in the background.
class TrialPanel : public Page {
    Q_OBJECT
public:
    TrialPanel(AppContext& context, QWidget* parent);
    ~TrialPanel() override;
    void refresh() override;

private:
    struct Run; ///< shared with the thread that plays
    QWidget* buildTrial();
    void showReport();
    void start();
    void stop();
    void poll();
    void finish();

    QLabel* said_;
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
