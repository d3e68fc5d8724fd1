// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/edits.h"
#include "widgets/app_context.h"

#include <QWidget>

class QComboBox;
class QFormLayout;

namespace flenzo {

/// Set and tuning of one side of the change, chosen from the catalogue.
class SetPicker : public QWidget {
    Q_OBJECT
public:
    SetPicker(AppContext& context, Side side, const QString& title, QWidget* parent);
    void refresh();

private:
    void chooseSet(int index);
    void takeTyped(); ///< a set of one's own, gauge by gauge
    void chooseTuning(int index);

    AppContext& context_;
    Side side_;
    QComboBox *sets_, *tunings_;
    QString shown_; ///< the set, as it is in its field
};

} // namespace flenzo
