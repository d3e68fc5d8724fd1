// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/range.h"
#include "domain/job/edits.h"
#include "session/input/quantity.h"
#include "widgets/pages/page.h"

#include <QWidget>
#include <functional>

class QBoxLayout;
class QLabel;
class QTableView;

namespace flenzo {

class ChangeModel;
class FieldEdit;
class SetPicker;
class StretchBox;

/// Which set and tuning come off, which go on, and the pitch they are tuned by.
class ChangePage : public Page {
    Q_OBJECT
public:
    explicit ChangePage(AppContext& context, QWidget* parent = nullptr);
    void refresh() override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void arrange();
    template <typename Dialog> void openOver();
    QWidget* buildSide(Side side, const QString& title);
    QWidget* buildPitch();
    FieldEdit* quantityEdit(const QString& title, Dimension dimension, const Range& range,
                            const std::function<void(Job&, double)>& set, QWidget* panel);
    [[nodiscard]] QString nameFor(const QString& title, const QString& proposed);
    void saveSet();
    void saveTuning();
    void saveMasses();

    QBoxLayout* panels_;
    ChangeModel* model_;
    QTableView* table_;
    SetPicker* pickers_[2];
    StretchBox* stretch_;
    FieldEdit *reference_, *slack_;
    QLabel *sums_, *verdict_, *reason_;
};

} // namespace flenzo
