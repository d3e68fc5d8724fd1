// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/models/due_list.h"
#include "widgets/pages/page.h"

class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace flenzo {

class SceneView;

/// Which guitars are due and which want a look after the hand-over, and the season around today.
class DuePanel : public Page {
    Q_OBJECT
public:
    DuePanel(AppContext& context, QWidget* parent);
    void refresh() override;
    /// Writes the restrings ahead as a calendar; the fault says why not.
    std::optional<Fault> exportCalendar(const QString& path);

Q_SIGNALS:
    void repeatWanted(qint64 job);

protected:
    void hideEvent(QHideEvent*) override { growStale(); }

private:
    QWidget* buildButtons();
    void refreshSeason();
    void refreshPicked();
    [[nodiscard]] const DueEntry* picked() const;
    void note(bool holds);
    [[nodiscard]] Result<std::optional<HeldReading>> typedReadings(qint64 id) const;
    void askCalendar();

    QList<DueEntry> entries_;
    QTableWidget* table_;
    QLabel* reminder_;
    QPushButton *begin_, *holds_, *drifts_, *copy_;
    QLineEdit *readings_, *temperature_, *humidity_; ///< of a check
    SceneView* season_;
};

} // namespace flenzo
