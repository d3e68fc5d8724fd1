// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/actions.h"
#include "widgets/desk.h"

#include <QMainWindow>
#include <memory>

class QFrame;
class QLabel;
class QMenu;
class QStackedWidget;
class QToolButton;

namespace flenzo {

class BenchPage;

/// Where the program keeps its own files.
struct ShellPaths {
    QString recoveryFolder;
    QString settingsFile;
    QString ownCatalogueFile;
};
[[nodiscard]] ShellPaths defaultPaths();

/// The window: arranges the pages, holds the actions, opens and saves.
class Shell : public QMainWindow {
    Q_OBJECT
public:
    enum Page { Guitar, Change, Answer, Bench, Trial, Help, PageCount };
    Shell(const ShellPaths& paths, Catalogue catalogue);
    ~Shell() override;

    [[nodiscard]] Desk& desk() { return *desk_; }
    void showPage(Page page);
    [[nodiscard]] Page page() const;
    bool openFile(const QString& path);
    bool saveFile(const QString& path);
    void openDemo(int index);
    void offerRecovery(); ///< shows the banner if a crash left a job behind
    [[nodiscard]] QString message() const;
    /// A block of a typed thickness under the plate's rear edge.
    std::optional<Fault> putBlock(const QString& thickness, const Bridge& bridge);
    [[nodiscard]] const Actions& actions() const { return *actions_; }

protected:
    void closeEvent(QCloseEvent* event) override;

private:
    QWidget* buildHead();
    QWidget* buildRail();
    QWidget* buildMessage();
    QWidget* buildRecoveryBanner();
    void buildMenus();
    std::vector<ActionSpec> specs();
    void addFileActions(std::vector<ActionSpec>& list);
    void addBenchActions(std::vector<ActionSpec>& list);
    void addGuitarStateActions(std::vector<ActionSpec>& list, const QString& menu);
    void addViewActions(std::vector<ActionSpec>& list);
    void refresh();
    void refreshRecent();
    void change(const std::function<void(Preferences&)>& change);
    void showMessage(const QString& sentence, bool complaint);
    bool leaveJob(); ///< asks about unsaved work; false to stay
    void askOpen();
    bool askSave(bool newName);
    void about();
    void askBlock();

    ShellPaths paths_;
    Session session_;
    Desk* desk_;
    std::unique_ptr<Actions> actions_;
    QStackedWidget* stack_;
    BenchPage* bench_;
    std::vector<QToolButton*> rail_;
    QLabel *guitar_, *story_, *simulated_, *blocked_, *tension_, *message_;
    QFrame *messageFrame_, *banner_;
    QMenu* recent_ = nullptr;
    std::optional<Recovery::Leftover> leftover_;
};

} // namespace flenzo
