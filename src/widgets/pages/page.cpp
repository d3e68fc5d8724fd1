// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/page.h"

namespace flenzo {

Page::Page(AppContext& context, QWidget* parent) : QWidget(parent), context_(context) {
    connect(&context_.session(), &Session::changed, this, &Page::refreshWhenSeen);
    connect(&context_, &AppContext::preferencesChanged, this, &Page::refreshWhenSeen);
    connect(&context_, &AppContext::catalogueChanged, this, &Page::refreshWhenSeen);
}

void Page::refreshWhenSeen() {
    stale_ = !isVisible();
    if (!stale_)
        refresh();
}

void Page::showEvent(QShowEvent* event) {
    if (stale_) {
        stale_ = false;
        refresh();
    }
    QWidget::showEvent(event);
}

} // namespace flenzo
