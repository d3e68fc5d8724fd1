// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/actions.h"
#include "domain/base/fault.h"
#include "widgets/app_context.h"

#include <QObject>

namespace flenzo {

/// What the Bench menu enters of the guitar itself: block, strings off and on, what slipped or was moved, how it lies.
/// Asks for what has to be known.
class GuitarActs : public QObject {
    Q_OBJECT
public:
    GuitarActs(AppContext& context, QWidget* window);
    void addActions(std::vector<ActionSpec>& list, const QString& menu);

private:
    void askBlock();
    void takeBlockOut();
    void stringOn();
    void askPosts();
    void askSaddle();
    void turn(Orientation to);
    [[nodiscard]] std::optional<double> askMove_m(const QString& title, const QString& question);
    void addTurns(std::vector<ActionSpec>& list, const QString& menu);

    AppContext& context_;
    QWidget* window_;
};

} // namespace flenzo
