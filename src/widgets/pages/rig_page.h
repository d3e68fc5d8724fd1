// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/controls/rig_fields.h"
#include "widgets/pages/page.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QFormLayout;
class QLabel;
class QLayout;

namespace flenzo {

class FieldEdit;
class FieldTable;
class FindForm;
class JobText;
class LearnedPanel;
class RigPicture;
class StringCountBox;

/// The guitar itself beside any step: family, geometry, springs and claw, each figure measured or assumed, the section
/// answering every one of them; the common ones first.
class RigPage : public Page {
    Q_OBJECT
public:
    explicit RigPage(AppContext& context, QWidget* parent = nullptr);
    void refresh() override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    struct Row {
        const RigField* field;
        QFormLayout* form;
        QLayout* line; ///< the row's field in the form
        FieldEdit* edit;
        QCheckBox* mark;
    };
    struct Head { ///< over the boxes to tick
        QLabel* label;
        std::vector<const std::vector<RigField>*> groups;
    };
    QWidget* buildFinding();
    QWidget* buildIdentity();
    void buildKind(QFormLayout* form, QWidget* panel);
    QWidget* buildFigures(const QString& title, const std::vector<const std::vector<RigField>*>& groups);
    QWidget* buildTables();
    QWidget* springButtons();
    QWidget* stringButtons();
    void addRow(QFormLayout* form, const RigField& field);
    void showAsItIs();
    void tryOut(const RigField& field, const QString& text);

    std::vector<Row> rows_;
    std::vector<Head> heads_;
    JobText *name_, *owner_, *reason_;
    StringCountBox* count_;
    QComboBox *kind_, *orientation_;
    QCheckBox *locked_, *decked_, *assisted_, *advanced_;
    FieldTable *springs_, *strings_;
    RigPicture* picture_;
    FindForm* find_;
    LearnedPanel* learned_;
};

} // namespace flenzo
