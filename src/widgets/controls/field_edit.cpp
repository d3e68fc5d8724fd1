// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/field_edit.h"

namespace flenzo {

FieldEdit::FieldEdit(const QString& name, std::function<bool(const QString&)> commit, QWidget* parent)
    : QLineEdit(parent), commit_(std::move(commit)) {
    setAccessibleName(name);
    connect(this, &QLineEdit::editingFinished, this, &FieldEdit::finish);
}

void FieldEdit::show(const QString& text) {
    const bool isTypedIn = hasFocus() && !finishing_ && this->text() != shown_;
    shown_ = text;
    if (isTypedIn)
        return;
    if (this->text() != text)
        takeBack();
    else if (!hasFocus())
        setCursorPosition(0); // a long one shows its beginning
}

void FieldEdit::takeBack() {
    setText(shown_);
    setCursorPosition(0);
}

void FieldEdit::finish() {
    if (finishing_ || text() == shown_)
        return;
    finishing_ = true; // showing a complaint may take the focus and finish a second time
    const QString typed = text();
    if (!commit_(typed))
        takeBack();
    else if (text() == typed)
        shown_ = typed; // it comes back in its own words a moment later
    finishing_ = false;
}

} // namespace flenzo
