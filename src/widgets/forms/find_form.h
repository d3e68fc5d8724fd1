// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/input/quantity.h"
#include "widgets/forms/job_form.h"

#include <optional>

class QLabel;
class QPushButton;

namespace flenzo {

/// Figures that nobody can measure straight away, found: by a luggage scale at the arm's end, by the same scale at a
/// spring, by two claw positions. Each becomes a figure of the guitar, marked measured, when its button says so.
class FindForm : public JobForm {
    Q_OBJECT
public:
    FindForm(AppContext& context, QWidget* parent);
    void refresh(); ///< shows what this guitar has, and what the fields come to on it

private:
    /// One routine: its fields, what they come to, and what takes it over.
    struct Routine {
        QWidget* head = nullptr;
        std::vector<QLineEdit*> fields;
        QLabel* words = nullptr;
        QPushButton* take = nullptr;
    };
    Routine build(const QString& name, const QString& how, const QString& taking,
                  const std::vector<std::pair<QString, QString>>& fields, void (FindForm::*reckon)(),
                  void (FindForm::*take)());
    /// The field's value in SI; nothing while it is empty or wrong, which `said` then says.
    std::optional<double> value(const QLineEdit* field, Dimension dimension, const Range& range, QString& said) const;
    static void say(const Routine& routine, const QString& words, bool found);
    void setShown(const Routine& routine, bool shown);
    void clear();
    void reckonArm();
    void reckonSpring();
    void reckonClaw();
    void takeArm();
    void takeSpring();
    void takeClaw();

    Routine arm_, spring_, claw_;
    double moment_Nm_ = 0.0, rate_Npm_ = 0.0, initial_N_ = 0.0, share_ = 1.0;
};

} // namespace flenzo
