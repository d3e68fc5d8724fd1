// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/models/times.h"
#include "widgets/pages/page.h"

class QLabel;

namespace flenzo {

class FigureTable;
class SceneView;

/// Where the shop's minutes go: by step, by person and by method.
class TimesPanel : public Page {
    Q_OBJECT
public:
    TimesPanel(AppContext& context, QWidget* parent);
    void refresh() override;
    void showTimes();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QLabel* says_;
    SceneView* bars_;
    FigureTable *people_, *methods_;
};

} // namespace flenzo
