// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/job_form.h"

#include "widgets/controls/field_edit.h"

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

void JobForm::follow(const std::function<void(const Job&)>& show) {
    const auto now = [this, show] { show(context_.session().job()); };
    connect(&context_.session(), &Session::deriving, this, now);
    connect(&context_.session(), &Session::changed, this, now);
    now();
}

void JobForm::flag(const QString& name, const QString& title, const Get<bool>& get, const Set<bool>& set) {
    auto* box = new QCheckBox(title, this);
    box->setObjectName(name);
    follow([box, get](const Job& job) { box->setChecked(get(job)); });
    connect(box, &QCheckBox::clicked, this, [this, set](bool on) { edit([&](Job& job) { set(job, on); }); });
    layout_->addRow(QString(), box);
}

void JobForm::line(const QString& name, const QString& title, const Get<QString>& get, const Set<const QString&>& set) {
    typed(name, title, get, [set](Job& job, const QString& text) {
        set(job, text);
        return std::optional<Fault>();
    });
}

void JobForm::typed(const QString& name, const QString& title, const Get<QString>& get,
                    const std::function<std::optional<Fault>(Job&, const QString&)>& take) {
    auto* field = new FieldEdit(
        title,
        [this, take](const QString& text) {
            Job tried = context_.session().job();
            if (const auto fault = take(tried, text.trimmed()))
                return context_.accept(fault);
            return context_.accept(
                context_.session().edit(tr("card"), [&](Job& job) { (void)take(job, text.trimmed()); }));
        },
        this);
    field->setObjectName(name);
    follow([field, get](const Job& job) {
        constexpr int longest = 200;
        const QString now = get(job);
        field->setMaxLength(std::max(longest, static_cast<int>(now.size()))); // it ends where one sees it end
        field->show(now);
    });
    add(title, field);
}

void JobForm::told(const QString& name, const QString& title, double most, int decimals, const QString& unsaid,
                   const Get<double>& get, const Set<double>& set, double least) {
    auto* box = new AsTyped(this);
    box->setObjectName(name);
    constexpr double below = 0.1; // the place of what is unsaid
    box->setRange(least > below ? least - below : 0.0, most);
    box->setDecimals(decimals);
    box->setSpecialValueText(unsaid);
    box->setKeyboardTracking(false);
    box->setButtonSymbols(QAbstractSpinBox::NoButtons); // it is typed, or stepped with the arrow keys
    auto* typed = box->findChild<QLineEdit*>();
    follow([box, typed, get](const Job& job) {
        if (box->hasFocus() && typed->isModified())
            return; // what is being typed stays
        const QSignalBlocker quiet(box);
        box->setValue(get(job));
    });
    connect(box, &QDoubleSpinBox::valueChanged, this, [this, typed, set](double value) {
        typed->setModified(false);
        edit([&](Job& job) { set(job, value); });
    });
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
