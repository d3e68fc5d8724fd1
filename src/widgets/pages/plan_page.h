// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/tools.h"
#include "widgets/pages/page.h"

class QBoxLayout;
class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTabWidget;

namespace flenzo {

class FigureTable;
class MethodTable;
class SceneView;

/// The whole plan of a change: what changes, what it takes and how sure that is, the methods with what each costs, the
/// aims, and what would happen with the claw left alone.
class PlanPage : public Page {
    Q_OBJECT
public:
    explicit PlanPage(AppContext& context, QWidget* parent = nullptr);
    void refresh() override;
    void finish(); ///< waits until the methods are priced; for tests and pictures

Q_SIGNALS:
    void methodsToCompare();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    struct ToolRow {
        QComboBox* box;
        int (*chosen)(const Tools&);
    };
    QWidget* buildWhat();
    QWidget* buildTakes();
    QWidget* buildTools();
    QWidget* buildTables();
    QWidget* buildFoot();
    void arrange();
    void refreshHead();
    void refreshPictures();
    void refreshTables();
    void showWays(bool wanted);
    void showOffer();
    void saveRate();
    void saveOffer(); ///< with the job, for its sheet
    [[nodiscard]] QString rateText() const;

    QBoxLayout *halves_, *pictures_, *foot_;
    QLabel *verdict_, *reason_, *claw_, *turns_, *screws_, *sum_, *offer_, *toolsNote_;
    QLabel *aimsNote_, *aloneNote_, *waysNote_;
    FigureTable *aims_, *alone_, *passes_, *ways_;
    SceneView *bars_, *section_, *screwsPicture_;
    QLineEdit* rate_;
    QPushButton* saveOffer_;
    std::optional<Offer> offered_;
    QString rateHere_; ///< where there is no logbook to keep it in
    QTabWidget* tabs_;
    int waysTab_ = 0;
    bool waysShown_ = false;
    MethodTable* methods_;
    std::vector<ToolRow> tools_;
};

} // namespace flenzo
