// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QElapsedTimer>
#include <QWidget>

class QLabel;
class QPushButton;
class QTimer;

namespace flenzo {

/// How long the step has taken, and a timer that counts down while something soaks.
class StepClock : public QWidget {
    Q_OBJECT
public:
    explicit StepClock(QWidget* parent);
    /// Since when, for a clock that goes on in another's place.
    struct Times {
        QElapsedTimer clock;
        qint64 stepFrom_s = 0, soakUntil_s = 0;
    };
    [[nodiscard]] const Times& times() const { return times_; }
    void goOnFrom(const Times& times);
    void restart(); ///< another step begins; a soak goes on
    void soak(int minutes);
    [[nodiscard]] bool isSoaking() const { return times_.soakUntil_s > 0; }
    /// Looks at the clock as if that much time had gone by since it was made; for tests.
    void lookAt(qint64 elapsed_s);

Q_SIGNALS:
    void soaking(qint64 left_s); ///< every second; 0 while nothing soaks
    void soakIsOver();

private:
    [[nodiscard]] qint64 now_s() const { return times_.clock.elapsed() / 1000; }

    Times times_;
    QTimer* tick_;
    QLabel* words_;
    QPushButton* start_;
};

} // namespace flenzo
