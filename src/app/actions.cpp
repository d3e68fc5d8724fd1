// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/actions.h"

#include <QWidget>
#include <cstring>

namespace flenzo {

Actions::Actions(QWidget* window, std::vector<ActionSpec> specs) : specs_(std::move(specs)) {
    for (const ActionSpec& spec : specs_) {
        auto* action = new QAction(spec.text, window);
        action->setObjectName(QLatin1String(spec.id));
        action->setShortcuts(spec.shortcuts);
        action->setCheckable(static_cast<bool>(spec.checked));
        QObject::connect(action, &QAction::triggered, window, spec.run);
        window->addAction(action);
        actions_.push_back(action);
    }
    refresh();
}

void Actions::refresh() {
    for (std::size_t i = 0; i < specs_.size(); ++i) {
        if (specs_[i].enabled)
            actions_[i]->setEnabled(specs_[i].enabled());
        if (specs_[i].checked)
            actions_[i]->setChecked(specs_[i].checked());
    }
}

QAction* Actions::find(const char* id) const {
    for (std::size_t i = 0; i < specs_.size(); ++i)
        if (std::strcmp(specs_[i].id, id) == 0)
            return actions_[i];
    return nullptr;
}

} // namespace flenzo
