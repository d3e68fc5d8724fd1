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

/// Guitars to practise on, and every method compared on guitars like the one in work, played in the background.
class PracticePage : public Page {
    Q_OBJECT
public:
    PracticePage(AppContext& context, const QStringList& guitars, QWidget* parent);
    ~PracticePage() override;
    void refresh() override;

Q_SIGNALS:
    void guitarPicked(int index);

private:
    struct Run; ///< shared with the thread that plays
    QWidget* buildGuitars(const QStringList& guitars);
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
