// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/troubleshooting.h"
#include "widgets/app_context.h"

#include <QDialog>

class QLabel;
class QLineEdit;
class QListWidget;

namespace flenzo {

/// "What went wrong?": from what is seen to cause, remedy and prevention; what is likely at the present step first.
class TroubleshootingDialog : public QDialog {
    Q_OBJECT
public:
    TroubleshootingDialog(AppContext& context, QWidget* parent);
    void showFor(Phase phase);

private:
    void refresh();
    void showPicked();
    void showTrends();
    [[nodiscard]] QString figuresOf(const Mishap& mishap) const;

    AppContext& context_;
    Phase phase_ = Phase::Intake;
    QList<Mishap> found_;
    QLineEdit* search_;
    QListWidget* list_;
    QLabel *trends_, *cause_, *remedy_, *figures_, *prevention_;
};

} // namespace flenzo
