// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/actions.h"
#include "domain/work/step.h"
#include "widgets/app_context.h"

#include <QFutureWatcher>
#include <QMainWindow>
#include <QTimer>
#include <array>
#include <memory>

class QBoxLayout;
class QFrame;
class QLabel;
class QMenu;
class QPushButton;
class QStackedWidget;
class QToolButton;

namespace flenzo {

class HelpPage;
class PracticePage;
class TroubleshootingDialog;
class JobPage;
class ShopPage;
struct ServerChoice;

/// Where the program keeps its own files.
struct ShellPaths {
    QString recoveryFolder;
    QString settingsFile;
    QString ownCatalogueFile;
    QString logbookFile;
    QString server = {}; ///< the shop's logbook is there instead; an address that may hold a password
    QString bench = {};  ///< how this one is called among several
};
[[nodiscard]] ShellPaths defaultPaths();

/// The window: arranges the pages, holds the actions, opens and saves.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    enum Page { Shop, Work, Practice, Help, PageCount };
    MainWindow(const ShellPaths& paths, Catalogue catalogue);
    ~MainWindow() override;

    [[nodiscard]] AppContext& context() { return *context_; }
    void showPage(Page page);
    [[nodiscard]] Page page() const;
    void showWork();              ///< the job, at the step where the work is
    void showBench();             ///< the job, at the bench whatever the step
    void lookAt(StepId step);     ///< the job, at another of its steps
    void showFigures(bool shown); ///< the job, with the guitar's figures beside it
    bool openFile(const QString& path);
    /// A job, a guitar that comes into the shop, or an exercise: by the ending of its name.
    bool openFromDesktop(const QString& path);
    bool saveFile(const QString& path);
    void openDemo(int index);
    /// Opens the shop's logbook and goes on with the job that was open; a damaged one is reported and left alone.
    void openShop();
    /// Puts a damaged logbook aside and the newest backup, if there is one, in its place.
    void replaceDamaged();
    void stockWithDemo(); ///< puts the demo guitars and a few finished jobs into an empty logbook
    void newGuitar();
    void chooseServer(); ///< asks where several benches keep their logbook
    /// Goes to a server, with what this machine's logbook holds where that is wanted.
    std::optional<Fault> useServer(const ServerChoice& choice);
    void useOwnFile();
    std::optional<Fault> exportSheet(const QString& path); ///< PDF or HTML by the name's ending
    void offerRecovery();                                  ///< shows the banner if a crash left a job behind
    [[nodiscard]] QString message() const;
    /// Speaks another language from now on, with the same job at the same step; empty: the desktop's.
    void speak(const QString& language);
    [[nodiscard]] const Actions& actions() const { return *actions_; }

protected:
    void closeEvent(QCloseEvent* event) override;

private:
    void build(); ///< everything that speaks
    void takeDown();
    void listenToSession();
    QWidget* buildHead();
    QWidget* buildRail();
    QWidget* buildMessage();
    QWidget* buildRecoveryBanner();
    void buildMenus();
    std::vector<ActionSpec> specs();
    void leadToPractice(std::vector<ActionSpec>& list);
    [[nodiscard]] bool isPractising() const;
    void addFileActions(std::vector<ActionSpec>& list);
    void addShopActions(std::vector<ActionSpec>& list);
    void addExchangeActions(std::vector<ActionSpec>& list, const QString& menu);
    void addBenchActions(std::vector<ActionSpec>& list);
    void addGuitarStateActions(std::vector<ActionSpec>& list, const QString& menu);
    void addViewActions(std::vector<ActionSpec>& list);
    void addLanguageActions(std::vector<ActionSpec>& list);
    void refresh();
    void refreshTitle();
    void refreshHazards();
    [[nodiscard]] static QString titleOf(const Job& job);
    void refreshRecent();
    void change(const std::function<void(Preferences&)>& change);
    void showMessage(const QString& sentence, bool complaint);
    bool leaveJob(); ///< asks about unsaved work; false to stay
    void restoreLeftover();
    std::optional<Fault> begin(Job job, Unsaved unsaved); ///< in the shop, or here while its server is away
    void askOpen();
    bool askSave(bool newName);
    void about();
    void askBlock();
    void askPosts();
    void askSaddle();
    [[nodiscard]] std::optional<Result<double>> askMove(const QString& title, const QString& question);
    [[nodiscard]] std::optional<std::size_t> derivedMissing() const; ///< a string that the next act wants on
    void showTroubleshooting();
    void previewSheet();
    void backUp();
    void closeShop();
    void restore();
    bool importGuitar(const QString& path);
    void exportEverything();
    void setBig(bool big);
    void turnGuitar(Orientation to); ///< asks for a reason where inserts would fall out
    void offerBackup(const QString& why);
    [[nodiscard]] QString place() const;
    [[nodiscard]] QString shopName() const;   ///< for sentences: no password
    [[nodiscard]] QString backupStem() const; ///< the file beside which backups lie
    void listenToBenches();
    void waitForServer();
    void showConflict();
    void lookAtClock();
    std::optional<Fault> moveShop(const Logbook& from, Logbook& to);
    void refreshBenches();

    ShellPaths paths_;
    Session session_;
    BenchEntry bench_{session_};
    AppContext* context_;
    std::unique_ptr<Actions> actions_;
    QStackedWidget* stack_;
    PracticePage* practice_;
    HelpPage* help_;
    ShopPage* shop_;
    JobPage* steps_;
    QBoxLayout* headRows_ = nullptr;
    QWidget* railPlace_ = nullptr;
    bool isBig_ = false;
    TroubleshootingDialog* finder_ = nullptr;
    std::vector<QToolButton*> rail_;
    QLabel *guitar_, *story_, *simulated_, *message_;
    std::array<QLabel*, static_cast<std::size_t>(Hazard::Count)> hazards_{};
    QFrame *messageFrame_, *banner_;
    QPushButton* away_ = nullptr;
    bool answerAwaited_ = false; ///< to the last change of the job
    QTimer shopNotices_;
    QFutureWatcher<bool> reaching_;
    QMenu* recent_ = nullptr;
    std::optional<Recovery::Leftover> leftover_;
};

} // namespace flenzo
