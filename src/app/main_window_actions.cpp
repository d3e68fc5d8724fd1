// SPDX-License-Identifier: GPL-3.0-or-later
// What a user can do in the window, and its menus.
#include "app/main_window.h"

#include "app/at_hand.h"
#include "app/guitar_acts.h"
#include "app/help_page.h"
#include "app/job_exchange.h"
#include "app/job_files.h"
#include "app/languages.h"
#include "app/practice_lead.h"
#include "app/shop_place.h"
#include "session/document/demo.h"
#include "session/input/quantity.h"
#include "store/recordings.h"
#include "widgets/pages/bench_page.h"
#include "widgets/pages/job_page.h"
#include "widgets/pages/listen_bar.h"

#include <QFileDialog>
#include <QMenu>
#include <QMenuBar>
#include <QMessageBox>
#include <algorithm>

namespace flenzo {

void MainWindow::addFileActions(std::vector<ActionSpec>& list) {
    const QString file = tr("&Job");
    list.push_back({"new", file, tr("&New guitar"), {QKeySequence::New}, [this] { newGuitar(); }});
    files_->addOpening(list, file);
    files_->addSaving(list, file);
    list.push_back({"addToShop",
                    file,
                    tr("Sa&ve in the shop"),
                    {},
                    [this] {
                        if (context_->accept(session_.addOpenJob()))
                            context_->say(tr("Saved in the shop."));
                    },
                    [this] { return session_.logbook() && !session_.logbook()->readOnly() && !session_.isKept(); }});
    list.push_back({"find", file, tr("&Find…"), {QKeySequence::Find}, [this] {
                        if (page() != Help)
                            showPage(Shop);
                        else
                            help_->takeFocus();
                    }});
    list.push_back({"quit", file, tr("&Quit"), {QKeySequence(Qt::CTRL | Qt::Key_Q)}, [this] { close(); }});
}

void MainWindow::addEditActions(std::vector<ActionSpec>& list) {
    const QString edit = tr("&Edit");
    list.push_back({"undo",
                    edit,
                    tr("&Undo"),
                    {QKeySequence::Undo},
                    [this] { session_.undoStack().undo(); },
                    [this] { return session_.undoStack().canUndo(); }});
    list.push_back({"redo",
                    edit,
                    tr("&Redo"),
                    {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)},
                    [this] { session_.undoStack().redo(); },
                    [this] { return session_.undoStack().canRedo(); }});
}

void MainWindow::addBenchActions(std::vector<ActionSpec>& list) {
    const QString bench = tr("&Bench");
    list.push_back(
        {"done", bench, tr("&Done, next"), {QKeySequence(Qt::CTRL | Qt::Key_Return)}, [this] { steps_->confirm(); }});
    const auto several = [this] { return hand_->jobs().size() > 1; };
    list.push_back({"nextJob",
                    bench,
                    tr("&Next open job"),
                    {QKeySequence(Qt::Key_F3)},
                    [this] { hand_->step(1); },
                    [this] { return !hand_->jobs().empty(); }});
    list.push_back({"jobBefore",
                    bench,
                    tr("Open job &before"),
                    {QKeySequence(Qt::SHIFT | Qt::Key_F3)},
                    [this] { hand_->step(-1); },
                    several});
    list.push_back({"putAside",
                    bench,
                    tr("Put this job &aside"),
                    {QKeySequence(Qt::CTRL | Qt::Key_F3)},
                    [this] { hand_->putAside(); },
                    several});
    list.push_back({"answer",
                    bench,
                    tr("Let the simulated guitar &answer"),
                    {QKeySequence(Qt::Key_F9)},
                    [this] { context_->accept(bench_.letSimulationAnswer()); },
                    [this] { return session_.job().simulatedSeed.has_value(); }});
    list.push_back({"listen", bench, tr("&Listen to the strings"), {QKeySequence(Qt::Key_F8)}, [this] {
                        if (page() != Work || !steps_->listenBar().isVisible())
                            showBench();
                        steps_->listenBar().toggle();
                    }});
    list.push_back({"listenFile", bench, tr("Listen to a &recording…"), {}, [this] {
                        const QString path = QFileDialog::getOpenFileName(this, tr("Listen to a recording"), QString(),
                                                                          tr("Sound (%1)").arg(recordingEndings()));
                        if (path.isEmpty())
                            return;
                        showBench();
                        steps_->listenBar().hearFile(path);
                    }});
    list.push_back({"listenPause", bench, tr("&Pause listening"), {QKeySequence(Qt::Key_F7)}, [this] {
                        steps_->listenBar().togglePause();
                    }});
    list.push_back({"tone", bench, tr("Sound the &tone to tune to"), {QKeySequence(Qt::CTRL | Qt::Key_T)}, [this] {
                        steps_->listenBar().soundAim();
                    }});
    list.push_back({"gap", bench, tr("Next reading is the &gap"), {QKeySequence(Qt::CTRL | Qt::Key_G)}, [this] {
                        showBench();
                        bench_.pickGap();
                    }});
    guitarActs_->addActions(list, bench);
    static const char* const ids[] = {"string0", "string1", "string2", "string3", "string4",
                                      "string5", "string6", "string7", "string8", "string9"};
    for (int digit = 0; digit <= 9; ++digit)
        list.push_back({ids[digit],
                        QString(),
                        tr("String %1").arg(digit == 0 ? 10 : digit),
                        {QKeySequence(static_cast<int>(Qt::CTRL) | (Qt::Key_0 + digit))},
                        [this, digit] {
                            showBench();
                            bench_.pickString(stringNamed(session_.job().rig, std::to_string(digit == 0 ? 10 : digit)));
                        }});
}

void MainWindow::addViewActions(std::vector<ActionSpec>& list) {
    const QString view = tr("&View");
    static const char* const ids[] = {"pageShop", "pageJob", "pagePractice"};
    const QString names[] = {tr("&Shop"), tr("&Job"), tr("&Practice")};
    for (int page = Shop; page <= Practice; ++page)
        list.push_back({ids[page],
                        view,
                        names[page],
                        {QKeySequence(static_cast<int>(Qt::ALT) | (Qt::Key_1 + page))},
                        [this, page] { showPage(static_cast<Page>(page)); }});
    list.push_back(
        {"toWork", view, tr("Go to c&urrent step"), {QKeySequence(Qt::ALT | Qt::Key_Home)}, [this] { showWork(); }});
    list.push_back({"toBench", view, tr("&Bench and back"), {QKeySequence(Qt::Key_F6)}, [this] {
                        page() == Work && steps_->isAtBench() ? showWork() : showBench();
                    }});
    list.push_back({"figures",
                    view,
                    tr("Guitar's &figures"),
                    {QKeySequence(Qt::Key_F4)},
                    [this] { showFigures(page() != Work || !steps_->figuresShown()); },
                    {},
                    [this] { return steps_->figuresShown(); }});
    addLookActions(list, view);
    addLanguageActions(list, view);
}

void MainWindow::addLookActions(std::vector<ActionSpec>& list, const QString& menu) {
    list.push_back({"dark",
                    menu,
                    tr("&Dark bench"),
                    {QKeySequence(Qt::CTRL | Qt::Key_D)},
                    [this] { context_->change([](Preferences& p) { p.dark = !p.dark; }); },
                    {},
                    [this] { return context_->preferences().dark; }});
    list.push_back({"labels",
                    menu,
                    tr("&Name the parts"),
                    {QKeySequence(Qt::CTRL | Qt::Key_L)},
                    [this] { context_->change([](Preferences& p) { p.labels = !p.labels; }); },
                    {},
                    [this] { return context_->preferences().labels; }});
    list.push_back({"inches",
                    menu,
                    tr("Lengths in &inches"),
                    {QKeySequence(Qt::CTRL | Qt::Key_I)},
                    [this] { context_->change([](Preferences& p) { p.units.inches = !p.units.inches; }); },
                    {},
                    [this] { return context_->preferences().units.inches; }});
    list.push_back({"pounds",
                    menu,
                    tr("Forces in &pounds"),
                    {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_I)},
                    [this] { context_->change([](Preferences& p) { p.units.poundForce = !p.units.poundForce; }); },
                    {},
                    [this] { return context_->preferences().units.poundForce; }});
    list.push_back(
        {"larger",
         menu,
         tr("&Larger text"),
         {QKeySequence(Qt::CTRL | Qt::Key_Plus), QKeySequence(Qt::CTRL | Qt::Key_Equal)},
         [this] { context_->change([](Preferences& p) { p.textScale = std::min(2.0, p.textScale + 0.25); }); },
         [this] { return context_->preferences().scale() < 2.0; }});
    list.push_back(
        {"smaller",
         menu,
         tr("&Smaller text"),
         {QKeySequence(Qt::CTRL | Qt::Key_Minus)},
         [this] { context_->change([](Preferences& p) { p.textScale = std::max(1.0, p.textScale - 0.25); }); },
         [this] { return context_->preferences().textScale > 1.0; }});
    list.push_back({"big",
                    menu,
                    tr("Act &fills the screen"),
                    {QKeySequence(Qt::Key_F11)},
                    [this] { setBig(!isBig_); },
                    {},
                    [this] { return isBig_; }});
}

void MainWindow::addHelpActions(std::vector<ActionSpec>& list) {
    const QString help = tr("&Help");
    list.push_back(
        {"finder", help, tr("What went &wrong?"), {QKeySequence(Qt::Key_F2)}, [this] { showTroubleshooting(); }});
    list.push_back({"help", help, tr("&How it works"), {QKeySequence(Qt::Key_F1)}, [this] {
                        const auto step = steps_->shownStep();
                        showPage(Help);
                        help_->openFor(step);
                    }});
    list.push_back({"about", help, tr("&About Flenzo"), {}, [this] { about(); }});
}

void MainWindow::addLanguageActions(std::vector<ActionSpec>& list, const QString& menu) {
    static const char* const ids[] = {"languageDesktop", "language1", "language2", "language3",
                                      "language4",       "language5", "language6", "language7"};
    QStringList codes = languages();
    codes.prepend(QString());
    for (qsizetype k = 0; k < std::min<qsizetype>(codes.size(), std::size(ids)); ++k)
        list.push_back({ids[k],
                        menu,
                        codes[k].isEmpty() ? tr("Language of the desktop") : languageTitle(codes[k]),
                        {},
                        [this, code = codes[k]] { // once this action is over: it goes as well
                            QMetaObject::invokeMethod(
                                this, [this, code] { speak(code); }, Qt::QueuedConnection);
                        },
                        {},
                        [this, code = codes[k]] { return context_->preferences().language == code; }});
}

std::vector<ActionSpec> MainWindow::specs() {
    std::vector<ActionSpec> list;
    addFileActions(list);
    addEditActions(list);
    const QString shop = tr("&Shop");
    exchange_->addActions(list, shop);
    place_->addActions(list, shop);
    addBenchActions(list);
    addViewActions(list);
    addHelpActions(list);
    leadToPractice(
        list, [this] { return isPractising(); }, [this]() -> PracticePage& { return practice(); });
    return list;
}

void MainWindow::buildMenus() {
    QMenu* menu = nullptr;
    for (std::size_t i = 0; i < actions_->specs().size(); ++i) {
        const QString& name = actions_->specs()[i].menu;
        if (name.isEmpty())
            continue;
        if (!menu || menu->title() != name)
            menu = menuBar()->addMenu(name);
        menu->addAction(actions_->at(i));
        if (qstrcmp(actions_->specs()[i].id, "open") == 0) {
            recent_ = menu->addMenu(tr("&Recent jobs"));
            QMenu* demos = menu->addMenu(tr("&Demo shop"));
            const QStringList names = demoNames();
            for (int d = 0; d < names.size(); ++d)
                demos->addAction(names.at(d), this, [this, d] { openDemo(d); });
        }
    }
    files_->fillRecent(*recent_);
}

void MainWindow::about() {
    QMessageBox::about(
        this, tr("About Flenzo"),
        tr("<h3>Flenzo %1</h3><p>The balance of floating vibrato bridges: claw turns, aims and passes for people who "
           "restring and set up guitars.</p><p>Free software under the GNU General Public License, version 3 or later; "
           "it comes without any warranty. Built with Qt, Eigen, Boost and CLI11. Typeface: B612, SIL Open Font "
           "Licence.</p><p>What it says rests on a model and on your readings. Where work can hurt you or the guitar, "
           "local rules and a professional repairer go before it.</p>")
            .arg(QLatin1String(FLENZO_VERSION)));
}

} // namespace flenzo
