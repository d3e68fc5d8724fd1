// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/workflow.h"
#include "widgets/pages/page.h"

#include <QWidget>

class QFrame;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace flenzo {

class FittingLabel;
class StepClock;
class StepPanel;

/// The job step by step: one act at a time, what is dangerous now, what comes next and how much is left.
class JobPage : public Page {
    Q_OBJECT
public:
    JobPage(AppContext& context, QWidget* parent);
    void takeFocus();
    /// Fills the page with the act alone, for reading from afar.
    void setBig(bool big);
    [[nodiscard]] bool isBig() const;

Q_SIGNALS:
    void benchWanted();
    void troubleshootingWanted();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* buildAsk();
    QWidget* buildButtons();
    void refresh() override;
    void refreshList(const QList<Step>& steps, const std::optional<Step>& current);
    void refreshHazards();
    void say(WorkEvent event, const QString& text = {});
    void ask(WorkEvent event, const QString& question);
    void takePhoto();

    QListWidget* list_;
    QFrame* ask_;
    FittingLabel* left_;
    QLabel* question_;
    std::vector<QLabel*> hazards_;
    QLineEdit* reason_;
    QPushButton *done_, *bench_;
    StepClock* clock_;
    StepPanel* step_;
    WorkEvent asked_ = WorkEvent::Skip;
};

} // namespace flenzo
