// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/shop/strings_sold.h"
#include "widgets/app_context.h"

#include <QDialog>

class QButtonGroup;
class QCheckBox;
class QComboBox;
class QLabel;
class QPushButton;
class QSpinBox;

namespace flenzo {

class SetComparison;

/// Which set: a wish, the set of what is sold that comes nearest to it, and what it does to the guitar beside the
/// strings that come off, those that are planned, one by name and those of another guitar. What is chosen goes on as
/// one step that can be undone.
class ChooseStringsDialog : public QDialog {
    Q_OBJECT
public:
    ChooseStringsDialog(AppContext& context, QWidget* parent);

private:
    enum Wish { KeepBalance, EqualPull, SamePull, Arm, Like };
    /// Another guitar of the shop, as it is planned.
    struct Other {
        QString name;
        std::vector<Wire> wires;
        SetFigures figures;
    };
    QWidget* buildWishes();
    QWidget* buildSources();
    void fillOthers();
    void fillSets();
    void pickOther(int row);
    void pickFirstAlike();
    void readStock();
    [[nodiscard]] FeelWish feel() const;
    [[nodiscard]] QString wishWords() const;
    [[nodiscard]] std::optional<CatalogueSet> setBeside(QString* fault) const;
    void choose();
    void compare();
    [[nodiscard]] QString verdict() const;
    [[nodiscard]] QString armVerdict() const;
    void plan(const QString& what, const std::function<void(Job&)>& change);

    AppContext& context_;
    Stock stock_; ///< when the dialog was opened
    SetProposal proposal_;
    QButtonGroup* wishes_;
    QSpinBox* arm_;
    QComboBox* others_; ///< guitars to follow
    QComboBox* beside_; ///< a set by name, or typed
    QCheckBox *springsToo_, *drawersOnly_;
    std::optional<Other> other_; ///< that is followed
    QLabel *words_, *verdict_;
    SetComparison* table_;
    QPushButton *putOn_, *putBeside_;
};

} // namespace flenzo
