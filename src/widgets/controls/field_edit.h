// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLineEdit>
#include <functional>

namespace flenzo {

/// A field that hands its text on when the user is done with it, and takes back the old one when it is refused.
class FieldEdit : public QLineEdit {
    Q_OBJECT
public:
    /// `commit` returns false to refuse.
    FieldEdit(const QString& name, std::function<bool(const QString&)> commit, QWidget* parent = nullptr);
    /// What is being typed stays, and is measured by this.
    void show(const QString& text);
    void takeBack(); ///< what was typed
    void finish();   ///< hands on what is there, if it is not what was shown
    [[nodiscard]] const QString& shown() const { return shown_; }

private:
    std::function<bool(const QString&)> commit_;
    QString shown_;
    bool finishing_ = false;
};

} // namespace flenzo
