// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/field_edit.h"

namespace flenzo {

FieldEdit::FieldEdit(const QString& name, std::function<bool(const QString&)> commit, QWidget* parent)
    : QLineEdit(parent), commit_(std::move(commit)) {
    setAccessibleName(name);
    connect(this, &QLineEdit::editingFinished, this, &FieldEdit::finish);
}

void FieldEdit::show(const QString& text) {
    shown_ = text;
    if (this->text() != text)
        setText(text);
    setCursorPosition(0);
}

void FieldEdit::finish() {
    if (finishing_ || text() == shown_)
        return;
    finishing_ = true; // showing a complaint may take the focus and finish a second time
    const QString before = shown_;
    if (!commit_(text()))
        show(before);
    finishing_ = false;
}

} // namespace flenzo
