// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/work/workflow.h"
#include "widgets/desk.h"

#include <QElapsedTimer>
#include <QWidget>

class QFrame;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QTimer;
class QVBoxLayout;

namespace flenzo {

class SceneView;

/// The job step by step: one act at a time, what is dangerous now, what comes next and how much is left.
class JobPage : public QWidget {
    Q_OBJECT
public:
    JobPage(Desk& desk, QWidget* parent);
    void takeFocus();
    /// Fills the page with the act alone, for reading from afar.
    void setBig(bool big);
    [[nodiscard]] bool isBig() const { return big_; }

Q_SIGNALS:
    void benchWanted();
    void finderWanted();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* buildStep();
    QWidget* buildAsk();
    QWidget* buildButtons();
    void refresh();
    void refreshList(const QList<Step>& steps, const std::optional<Step>& current);
    void refreshHazards();
    void refreshWords(const std::optional<Step>& current);
    void refreshPicture(const std::optional<Step>& current);
    void refreshForm(const std::optional<Step>& current);
    void say(WorkEvent event, const QString& text = {});
    void ask(WorkEvent event, const QString& question);
    void takePhoto();
    void tick();

    Desk& desk_;
    bool big_ = false;
    QListWidget* list_;
    QFrame* ask_;
    QLabel *phase_, *act_, *why_, *figures_, *tools_, *caution_, *doneWhen_, *left_, *question_, *clock_;
    std::vector<QLabel*> hazards_;
    QLineEdit* reason_;
    QPushButton *done_, *bench_;
    QVBoxLayout* formPlace_;
    SceneView* picture_;
    QWidget* form_ = nullptr;
    QString formFor_;
    WorkEvent asked_ = WorkEvent::Skip;
    QElapsedTimer since_;
    QTimer* timer_;
};

} // namespace flenzo
