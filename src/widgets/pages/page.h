// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"

#include <QWidget>

namespace flenzo {

/// A page of the window. It is brought up to date while it is seen; what changes meanwhile waits until it is.
class Page : public QWidget {
    Q_OBJECT
public:
    explicit Page(AppContext& context, QWidget* parent = nullptr);

protected:
    virtual void refresh() = 0;
    void refreshWhenSeen();
    void growStale() { stale_ = true; } ///< for what changes behind the session: it is read again when next seen
    void showEvent(QShowEvent* event) override;
    AppContext& context_;

private:
    bool stale_ = true;
};

} // namespace flenzo
