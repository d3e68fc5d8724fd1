// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/desk.h"
#include "widgets/rig_fields.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QFormLayout;
class QLabel;

namespace flenzo {

class FieldEdit;
class FieldTable;

/// The guitar itself: family, geometry, springs and claw, each figure marked measured or assumed.
class RigPage : public QWidget {
    Q_OBJECT
public:
    explicit RigPage(Desk& desk, QWidget* parent = nullptr);
    void refresh();

private:
    struct Row {
        const RigField* field;
        QLabel* name;
        FieldEdit* edit;
        QCheckBox* mark;
    };
    QWidget* buildIdentity();
    void buildKind(QFormLayout* form, QWidget* panel);
    QWidget* buildFigures(const QString& title, const std::vector<const std::vector<RigField>*>& groups);
    QWidget* buildTable(const QString& title, FieldTable* table, QWidget* buttons);
    QWidget* springButtons();
    QWidget* stringButtons();
    void addRow(QFormLayout* form, const RigField& field);
    void setCount(int index);

    Desk& desk_;
    std::vector<Row> rows_;
    FieldEdit *name_, *owner_, *story_;
    QComboBox *kind_, *orientation_, *count_;
    QCheckBox *locked_, *decked_, *assisted_;
    FieldTable *springs_, *strings_;
};

} // namespace flenzo
