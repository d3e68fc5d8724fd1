// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/actions.h"
#include "app/shell_paths.h"
#include "domain/work/step.h"
#include "widgets/app_context.h"

#include <QMainWindow>
#include <memory>

class QMenu;
class QScrollArea;
class QStackedWidget;
class QToolButton;

namespace flenzo {

class GuitarActs;
class HelpPage;
class AtHand;
class JobExchange;
class JobFiles;
class JobPage;
class MessageBar;
class OtherBenches;
class PracticePage;
class RecoveryBanner;
class ShopPage;
class ShopPlace;
class TroubleshootingDialog;
class WindowHead;

/// The window: arranges the pages and holds the actions.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    enum Page { Shop, Work, Practice, Help, PageCount };
    MainWindow(const ShellPaths& paths, Catalogue catalogue);
    ~MainWindow() override;

    [[nodiscard]] AppContext& context() { return *context_; }
    [[nodiscard]] JobFiles& files() { return *files_; }
    [[nodiscard]] ShopPlace& shop() { return *place_; }
    [[nodiscard]] JobExchange& exchange() { return *exchange_; }
    [[nodiscard]] AtHand& hand() { return *hand_; }
    [[nodiscard]] const Actions& actions() const { return *actions_; }
    void showPage(Page page);
    [[nodiscard]] Page page() const;
    void showWork();              ///< the job, at the step where the work is
    void showBench();             ///< the job, at the bench whatever the step
    void lookAt(StepId step);     ///< the job, at another of its steps
    void showFigures(bool shown); ///< the job, with the guitar's figures beside it
    /// A job, a guitar that comes into the shop, or an exercise: by the ending of its name.
    bool openFromDesktop(const QString& path);
    void openDemo(int index);
    void stockWithDemo(); ///< puts the demo guitars and a few finished jobs into an empty logbook
    void newGuitar();
    void tryGuitar();     ///< a simulated one, just strung, at the bench
    void offerRecovery(); ///< shows the banner if a crash left a job behind
    [[nodiscard]] QString message() const;
    /// Speaks another language from now on, with the same job at the same step; empty: the desktop's.
    void speak(const QString& language);

protected:
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void build(); ///< everything that speaks
    void takeDown();
    void connectPages();
    void listenToSession();
    void listenToShop();
    QWidget* buildRail();
    void buildMenus();
    std::vector<ActionSpec> specs();
    void addFileActions(std::vector<ActionSpec>& list);
    void addEditActions(std::vector<ActionSpec>& list);
    void addBenchActions(std::vector<ActionSpec>& list);
    void addViewActions(std::vector<ActionSpec>& list);
    void addLookActions(std::vector<ActionSpec>& list, const QString& menu);
    void addLanguageActions(std::vector<ActionSpec>& list, const QString& menu);
    void addHelpActions(std::vector<ActionSpec>& list);
    void refresh();
    void refreshTitle();
    void refreshShop();
    PracticePage& practice();
    [[nodiscard]] bool isPractising() const;
    std::optional<Fault> begin(Job job, Unsaved unsaved); ///< in the shop, or here while its server is away
    void showTroubleshooting();
    void setBig(bool big);
    void about();

    const QString settingsFile_;
    Session session_;
    BenchEntry bench_{session_};
    AppContext* context_;
    JobFiles* files_;
    ShopPlace* place_;
    OtherBenches* others_;
    JobExchange* exchange_;
    GuitarActs* guitarActs_;
    AtHand* hand_;
    std::unique_ptr<Actions> actions_;
    WindowHead* head_ = nullptr;
    RecoveryBanner* banner_ = nullptr;
    MessageBar* message_ = nullptr;
    QStackedWidget* stack_ = nullptr;
    ShopPage* shop_ = nullptr;
    JobPage* steps_ = nullptr;
    QScrollArea* practiceArea_ = nullptr;
    PracticePage* practice_ = nullptr; ///< none until it is wanted
    HelpPage* help_ = nullptr;
    TroubleshootingDialog* finder_ = nullptr;
    QWidget* railPlace_ = nullptr;
    std::vector<QToolButton*> rail_;
    QMenu* recent_ = nullptr;
    bool isBig_ = false;
    bool answerAwaited_ = false; ///< to the last change of the job
};

} // namespace flenzo
