// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/step.h"
#include "widgets/app_context.h"

#include <QWidget>

class QCheckBox;
class QGridLayout;

namespace flenzo {

/// Boxes that are ticked off at one step; each tick is in the job at once.
class TickForm : public QWidget {
    Q_OBJECT
public:
    TickForm(AppContext& context, const QString& step, QWidget* parent);

protected:
    /// A box for one thing, named as files call it.
    QCheckBox* box(const QString& name, const QString& words);
    AppContext& context_;

private:
    void follow();
    QString step_;
    QList<QCheckBox*> boxes_;
};

/// The tray: every tool this job needs, drawn, with this guitar's key sizes.
class TrayForm : public TickForm {
    Q_OBJECT
public:
    TrayForm(AppContext& context, QWidget* parent);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void arrange();
    QGridLayout* grid_;
    QList<QCheckBox*> tools_;
    int columns_ = 0;
};

/// What is to be looked at at a step, one a line.
class LookForm : public TickForm {
    Q_OBJECT
public:
    LookForm(AppContext& context, StepId step, QWidget* parent);
};

/// What is done string by string: a row a string, a column an act.
class StringTicks : public TickForm {
    Q_OBJECT
public:
    StringTicks(AppContext& context, StepId step, QWidget* parent);
    /// Ticks the next open box of that string; false where there is none.
    bool tick(std::size_t string);
    /// The acts of such a step, as files name them and as they are said; empty for other steps.
    [[nodiscard]] static QList<std::pair<QString, QString>> actsOf(const Job& job, StepId step);

private:
    QList<QList<QCheckBox*>> rows_;
};

} // namespace flenzo
