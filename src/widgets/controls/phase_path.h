// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/step.h"
#include "widgets/preferences.h"

#include <QAbstractButton>
#include <array>

namespace flenzo {

/// One phase of the way: its name over a bar that fills with the steps done.
class PhaseButton : public QAbstractButton {
    Q_OBJECT
public:
    PhaseButton(const QString& title, QWidget* parent);
    void show(int done, int steps, bool isHere, bool isShown, const Preferences& preferences);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    int done_ = 0, steps_ = 0;
    bool isHere_ = false, isShown_ = false;
    const Theme* theme_ = nullptr;
    double base_ = 15.0, high_ = 2.2;
};

/// The seven phases of a job in a row: how far each is, where the work is, and which one is looked at.
class PhasePath : public QWidget {
    Q_OBJECT
public:
    struct State {
        int done = 0, steps = 0;
    };
    using States = std::array<State, static_cast<std::size_t>(Phase::Count)>;
    explicit PhasePath(QWidget* parent);
    void show(const States& states, Phase here, Phase shown, const Preferences& preferences);

Q_SIGNALS:
    void picked(Phase phase);

private:
    std::array<PhaseButton*, static_cast<std::size_t>(Phase::Count)> buttons_;
};

} // namespace flenzo
