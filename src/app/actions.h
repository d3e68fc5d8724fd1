// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAction>
#include <QKeySequence>
#include <QList>
#include <functional>
#include <vector>

class QWidget;

namespace flenzo {

/// One thing a user can do: where it is found, how it is called and pressed, when it may run.
struct ActionSpec {
    const char* id;
    QString menu; ///< empty: no menu entry, shortcut only
    QString text;
    QList<QKeySequence> shortcuts;
    std::function<void()> run;
    std::function<bool()> enabled = {}; ///< none: always
    std::function<bool()> checked = {}; ///< none: not checkable
};

/// All actions of the window, by id.
class Actions {
public:
    Actions(QWidget* window, std::vector<ActionSpec> specs);
    ~Actions() { qDeleteAll(actions_); }
    Actions(const Actions&) = delete;
    Actions& operator=(const Actions&) = delete;
    void refresh();
    [[nodiscard]] QAction* find(const char* id) const;
    [[nodiscard]] const std::vector<ActionSpec>& specs() const { return specs_; }
    [[nodiscard]] QAction* at(std::size_t index) const { return actions_[index]; }

private:
    std::vector<ActionSpec> specs_;
    std::vector<QAction*> actions_;
};

} // namespace flenzo
