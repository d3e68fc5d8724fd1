// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/job_form.h"

#include <QDoubleSpinBox>
#include <QLineEdit>
#include <algorithm>

namespace flenzo {

namespace {

/// Shows a number with as many digits as it was typed with.
class AsTyped : public QDoubleSpinBox {
public:
    using QDoubleSpinBox::QDoubleSpinBox;
    [[nodiscard]] QString textFromValue(double value) const override {
        return locale().toString(value, 'f', QLocale::FloatingPointShortest);
    }
};

} // namespace

JobForm::JobForm(AppContext& context, QWidget* parent)
    : QWidget(parent), context_(context), layout_(new QFormLayout(this)) {
    layout_->setContentsMargins(0, 6, 0, 0);
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed); // a long form scrolls, it is not squeezed
}

void JobForm::edit(const std::function<void(Job&)>& change) {
    context_.accept(context_.session().edit(tr("card"), change));
}

void JobForm::add(const QString& title, QWidget* field) {
    field->setAccessibleName(title);
    layout_->addRow(title, field);
}

void JobForm::flag(const QString& name, const QString& title, bool now, const std::function<void(Job&, bool)>& set) {
    auto* box = new QCheckBox(title, this);
    box->setObjectName(name);
    box->setChecked(now);
    connect(box, &QCheckBox::clicked, this, [this, set](bool on) { edit([&](Job& job) { set(job, on); }); });
    layout_->addRow(QString(), box);
}

void JobForm::line(const QString& name, const QString& title, const QString& now,
                   const std::function<void(Job&, const QString&)>& set) {
    constexpr int longest = 200;
    auto* field = new QLineEdit(this);
    field->setMaxLength(std::max(longest, static_cast<int>(now.size()))); // it ends where one sees it end
    field->setText(now);
    field->setObjectName(name);
    connect(field, &QLineEdit::editingFinished, this,
            [this, field, set] { edit([&](Job& job) { set(job, field->text().trimmed()); }); });
    add(title, field);
}

void JobForm::told(const QString& name, const QString& title, double now, double most, int decimals,
                   const QString& unsaid, const std::function<void(Job&, double)>& set) {
    auto* box = new AsTyped(this);
    box->setObjectName(name);
    box->setRange(0.0, most);
    box->setDecimals(decimals);
    box->setSpecialValueText(unsaid);
    box->setValue(now);
    box->setKeyboardTracking(false);
    connect(box, &QDoubleSpinBox::valueChanged, this,
            [this, set](double value) { edit([&](Job& job) { set(job, value); }); });
    add(title, box);
}

QLineEdit* JobForm::number(const QString& name, const QString& title, const std::function<void()>& changed) {
    auto* field = new QLineEdit(this);
    field->setObjectName(name);
    connect(field, &QLineEdit::textChanged, this, changed);
    add(title, field);
    return field;
}

} // namespace flenzo
