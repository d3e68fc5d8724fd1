// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/models/day.h"
#include "widgets/pages/page.h"

#include <QTimer>

class QCheckBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;
class QTableWidget;

namespace flenzo {

class SceneView;

/// The jobs in hand laid out over the shop's hours: what comes next, what waits meanwhile, and what will be done later
/// than it was promised. Laid out anew whenever a job changes, and as time goes by.
class DayPanel : public Page {
    Q_OBJECT
public:
    DayPanel(AppContext& context, QWidget* parent);
    void refresh() override;

Q_SIGNALS:
    void openWanted(qint64 job);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void hideEvent(QHideEvent*) override;

private:
    QWidget* buildHours();
    void showHours();
    void saveHours();
    void show();
    void showTable(const LaidOut& days);
    void showPicture();
    void step(int days);
    void noteTyped(int row, int column);
    [[nodiscard]] QString verdict(const LaidOut& days) const;
    [[nodiscard]] const LaidOut* days() const;
    [[nodiscard]] bool isTyping() const;
    [[nodiscard]] const JobAhead* jobAt(int row) const;

    ShopHours hours_;
    QDate shown_;     ///< day of the picture
    QTimer minute_;   ///< time goes by while it is looked at
    QLineEdit* open_; ///< from when to when
    QSpinBox* people_;
    std::array<QCheckBox*, 7> weekdays_{};
    QLabel *verdict_, *day_, *how_;
    QPushButton *before_, *after_;
    SceneView* picture_;
    QTableWidget* table_;
};

} // namespace flenzo
