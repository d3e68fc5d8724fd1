// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"

#include <QDialog>

class QListWidget;
class QListWidgetItem;

namespace flenzo {

/// The sets and tunings that were saved under a name of one's own: renamed in their place, or deleted.
class OwnSetsDialog : public QDialog {
    Q_OBJECT
public:
    OwnSetsDialog(AppContext& context, QWidget* parent);

private:
    QListWidget* list(const char* name, const QString& title);
    void fill();
    template <class T> void rename(std::vector<T> OwnCatalogue::*which, const QListWidget* list, int row);
    template <class T> void remove(std::vector<T> OwnCatalogue::*which, int row);

    AppContext& context_;
    QListWidget *sets_, *tunings_;
};

} // namespace flenzo
