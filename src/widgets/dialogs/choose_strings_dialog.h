// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/shop/strings_sold.h"
#include "widgets/app_context.h"

#include <QDialog>

class QBoxLayout;
class QButtonGroup;
class QCheckBox;
class QComboBox;
class QLabel;
class QPushButton;
class QSpinBox;

namespace flenzo {

class FigureTable;

/// Which set: a wish, the set of what is sold that comes nearest to it, and what it does to the guitar beside the
/// strings that come off and those that are planned. What is chosen goes on as one step that can be undone.
class ChooseStringsDialog : public QDialog {
    Q_OBJECT
public:
    ChooseStringsDialog(AppContext& context, QWidget* parent);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    enum Wish { KeepBalance, EqualPull, SamePull, Arm, Like };
    QWidget* buildWishes();
    void fillOthers();
    void pickOther(int row);
    [[nodiscard]] Stock stock();
    [[nodiscard]] FeelWish feel() const;
    [[nodiscard]] QString wishWords() const;
    void choose();
    void showStrings();
    void showGuitar();
    [[nodiscard]] QString verdict() const;
    void putOn();

    AppContext& context_;
    SetProposal proposal_;
    QButtonGroup* wishes_;
    QSpinBox* arm_;
    QComboBox* others_; ///< guitars to follow
    QCheckBox* drawersOnly_;
    std::optional<SetFigures> other_; ///< of the guitar that is followed
    QLabel *words_, *verdict_;
    QBoxLayout* tables_;
    FigureTable *strings_, *guitar_;
    QPushButton* putOn_;
};

} // namespace flenzo
