// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/shop/held.h"
#include "widgets/pages/page.h"

class QLabel;

namespace flenzo {

class FigureTable;

/// Whether guitars stay as they leave: what the shop's readings at the hand-over, at the check and at the next visit
/// say together, and nothing where chance would do as much.
class HeldPanel : public Page {
    Q_OBJECT
public:
    HeldPanel(AppContext& context, QWidget* parent);
    void refresh() override;

protected:
    void hideEvent(QHideEvent*) override { growStale(); }

private:
    void show();

    QLabel *says_, *findings_, *guitars_;
    FigureTable* sets_;
};

/// A finding in one sentence, with how sure its size is.
[[nodiscard]] QString findingText(const HeldFinding& finding);

} // namespace flenzo
