// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QStackedLayout;
class QTableWidget;
class QTabWidget;

namespace flenzo {

class SceneView;

/// The shop's guitars and jobs: searched as one types, opened, begun anew from the last set-up, compared.
class ShopPage : public QWidget {
    Q_OBJECT
public:
    ShopPage(AppContext& context, QWidget* parent);
    void takeFocus();
    void refresh();
    /// Jobs, due, stock or times.
    void showTab(const QString& name);
    [[nodiscard]] QString tab() const; ///< the name of the one that is shown

Q_SIGNALS:
    void jobOpened();
    void newGuitarWanted();
    void trialWanted(); ///< a simulated guitar, for somebody who has none at hand
    void demoWanted();  ///< the demo shop, into an empty one

private:
    QWidget* buildEmpty();
    QWidget* buildList();
    void showExample();
    [[nodiscard]] std::optional<qint64> picked(int behind = 0) const;
    void refreshHistory();
    [[nodiscard]] Result<QList<JobRow>> found(const Logbook& book) const;
    void sayUnread(const Fault& fault);
    void openPicked();
    void openJob(qint64 id);
    void repeatPicked();
    void repeat(qint64 id);
    QWidget* buildTabs();
    void compare();
    void takeOutPicked(); ///< once it was asked for again
    void takeOut(const QList<qint64>& jobs);
    bool eventFilter(QObject* watched, QEvent* event) override;

    AppContext& context_;
    QStackedLayout* pages_;
    QTabWidget* tabs_;
    SceneView* example_;
    QLineEdit* search_;
    QComboBox* filter_;
    QTableWidget* table_;
    QLabel *count_, *history_, *file_;
    QPushButton *open_, *repeat_, *compare_, *takeOut_;
};

} // namespace flenzo
