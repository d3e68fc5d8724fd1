// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/warnings.h"
#include "widgets/app_context.h"

#include <QFrame>
#include <array>

class QBoxLayout;
class QLabel;
class QPushButton;

namespace flenzo {

class FittingLabel;

/// What is always in sight above the pages: whose guitar it is, what can hurt now, whether the server is away.
class WindowHead : public QFrame {
    Q_OBJECT
public:
    WindowHead(AppContext& context, QWidget* parent);
    /// Nothing of the job can hurt while somebody practises.
    void refresh(bool isPractising);
    void fit(); ///< into the window there is
    [[nodiscard]] static QString titleOf(const Job& job);

Q_SIGNALS:
    void conflictWanted(); ///< two benches' versions are to be compared

private:
    void refreshHazards();
    void refreshAway();

    AppContext& context_;
    bool isPractising_ = false;
    QBoxLayout *rows_, *title_;
    FittingLabel* guitar_;
    QLabel *reason_, *simulated_;
    std::array<QLabel*, static_cast<std::size_t>(Hazard::Count)> hazards_{};
    QPushButton* away_;
};

} // namespace flenzo
