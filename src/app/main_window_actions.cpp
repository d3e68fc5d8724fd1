// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/help_page.h"
#include "app/languages.h"
#include "app/main_window.h"

#include "domain/base/faults.h"
#include "domain/work/warnings.h"
#include "session/document/demo.h"
#include "session/input/quantity.h"
#include "store/recordings.h"
#include "widgets/pages/bench_page.h"
#include "widgets/pages/job_page.h"
#include "widgets/pages/listen_bar.h"
#include "widgets/pages/practice_bench.h"
#include "widgets/pages/practice_page.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QMenu>
#include <QMenuBar>
#include <QMessageBox>
#include <algorithm>
#include <cmath>

namespace flenzo {

void MainWindow::addFileActions(std::vector<ActionSpec>& list) {
    const QString file = tr("&Job");
    list.push_back({"new", file, tr("&New guitar"), {QKeySequence::New}, [this] { newGuitar(); }});
    list.push_back({"open", file, tr("&Open…"), {QKeySequence::Open}, [this] { askOpen(); }});
    list.push_back({"save", file, tr("&Save"), {QKeySequence::Save}, [this] { askSave(false); }});
    list.push_back(
        {"saveAs", file, tr("Save &as…"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S)}, [this] { askSave(true); }});
    list.push_back({"keepInShop",
                    file,
                    tr("&Keep in the shop"),
                    {},
                    [this] {
                        if (context_->accept(session_.keepOpenJob()))
                            showMessage(tr("Kept in the shop."), false);
                    },
                    [this] { return session_.logbook() && !session_.logbook()->readOnly() && !session_.isKept(); }});
    list.push_back({"find", file, tr("&Find…"), {QKeySequence::Find}, [this] {
                        if (page() != Help)
                            showPage(Shop);
                        else
                            help_->takeFocus();
                    }});
    list.push_back({"quit", file, tr("&Quit"), {QKeySequence(Qt::CTRL | Qt::Key_Q)}, [this] { close(); }});
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

void MainWindow::addGuitarStateActions(std::vector<ActionSpec>& list, const QString& menu) {
    const auto blocked = [this] { return session_.derived().now().state.block.has_value(); };
    list.push_back({"blockIn",
                    menu,
                    tr("Put a &block in…"),
                    {QKeySequence(Qt::CTRL | Qt::Key_B)},
                    [this] { askBlock(); },
                    [blocked] { return !blocked(); }});
    list.push_back({"blockOut",
                    menu,
                    tr("Take the block &out"),
                    {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_B)},
                    [this] {
                        Event event;
                        event.kind = Event::Kind::Unblock;
                        context_->accept(session_.append(tr("take block out"), event));
                    },
                    blocked});
    const auto ofString = [this](Event::Kind kind, const QString& words) {
        context_->accept(bench_.happened(words, kind));
    };
    list.push_back(
        {"stringOff", menu, tr("String &off or broken"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_X)}, [ofString] {
             ofString(Event::Kind::Off, tr("string off"));
         }});
    list.push_back(
        {"stringOn", menu, tr("&New string on"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N)}, [this, ofString] {
             if (const auto off = derivedMissing())
                 context_->accept(session_.append(tr("string on"), Event::ofString(Event::Kind::Strung, *off)));
             else
                 ofString(Event::Kind::Strung, tr("string on"));
         }});
    list.push_back(
        {"slipped", menu, tr("String has &slipped"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_L)}, [ofString] {
             ofString(Event::Kind::Slipped, tr("string slipped"));
         }});
    list.push_back({"disturbed", menu, tr("Something was &moved or knocked"), {}, [this] {
                        Event event;
                        event.kind = Event::Kind::Disturbed;
                        context_->accept(session_.append(tr("something moved"), event));
                    }});
    list.push_back({"posts", menu, tr("Bridge &posts were turned…"), {}, [this] { askPosts(); }});
    list.push_back({"saddle", menu, tr("Sa&ddle was moved…"), {}, [this] { askSaddle(); }});
    const QString turned[] = {tr("Lay it &flat"), tr("Hold it as &played"), tr("Hang it &upright"),
                              tr("Turn it face do&wn")};
    static const char* const ids[] = {"turnFlat", "turnPlaying", "turnUpright", "turnFaceDown"};
    for (int o = 0; o < 4; ++o)
        list.push_back({ids[o], menu, turned[o], {}, [this, o] { turnGuitar(static_cast<Orientation>(o)); }});
}

void MainWindow::turnGuitar(Orientation to) {
    Event event;
    event.kind = Event::Kind::Turn;
    event.to = to;
    if (spillsInserts(session_.job(), session_.derived(), to)) {
        const QString why = QInputDialog::getText(
            this, tr("Inserts are open"),
            tr("Saddle inserts are open and fall out when the guitar is turned over. Tape them first.\n"
               "To go on all the same, say why:"));
        if (why.trimmed().isEmpty())
            return;
        event.note = why.trimmed().toStdString();
    }
    context_->accept(session_.append(tr("turn the guitar"), event));
}

std::optional<std::size_t> MainWindow::derivedMissing() const {
    const NextAct& next = session_.derived().next();
    return next.what == NextAct::Do::String ? std::optional(next.aim.string) : std::nullopt;
}

/// A length typed with its direction by sign; nothing where the dialog was left.
std::optional<Result<double>> MainWindow::askMove(const QString& title, const QString& question) {
    bool ok = false;
    const QString typed = QInputDialog::getText(this, title, question, QLineEdit::Normal, QString(), &ok);
    if (!ok)
        return std::nullopt;
    return parseQuantity(typed, Dimension::Length, context_->preferences().units, title);
}

void MainWindow::askPosts() {
    const auto moved = askMove(tr("Bridge posts were turned"),
                               tr("Raised by (a minus sign: lowered), the same on both posts.\n"
                                  "Strings slack first: posts that are turned under tension wear their edges."));
    if (!moved)
        return;
    if (!moved->ok()) {
        context_->accept(moved->fault());
        return;
    }
    Event event;
    event.kind = Event::Kind::Posts;
    event.bass_m = event.treble_m = moved->value();
    context_->accept(session_.append(tr("posts turned"), event));
}

void MainWindow::askSaddle() {
    const auto string = bench_.pickedString();
    if (!string) {
        context_->accept(Fault{faults::noStringPicked, QStringLiteral("string")});
        return;
    }
    const auto moved =
        askMove(tr("Saddle was moved"), tr("Towards the nut by (a minus sign: away from it), with its string slack"));
    if (!moved)
        return;
    if (!moved->ok()) {
        context_->accept(moved->fault());
        return;
    }
    Event event = Event::ofString(Event::Kind::Saddle, *string);
    event.saddle_m = moved->value();
    context_->accept(session_.append(tr("saddle moved"), event));
}

void MainWindow::askBlock() {
    bool ok = false;
    const QString typed = QInputDialog::getText(
        this, tr("Put a block in"),
        tr("Thickness under the rear edge; level is %1")
            .arg(lengthText(session_.derived().neutralBlock_m, context_->preferences().units)),
        QLineEdit::Normal, lengthText(session_.derived().neutralBlock_m, context_->preferences().units), &ok);
    if (!ok)
        return;
    const Result<double> thickness =
        parseQuantity(typed, Dimension::Length, context_->preferences().units, QStringLiteral("block"));
    context_->accept(thickness.ok() ? bench_.putBlock(thickness.value()) : std::optional(thickness.fault()));
}

void MainWindow::addBenchActions(std::vector<ActionSpec>& list) {
    const QString bench = tr("&Bench");
    list.push_back(
        {"done", bench, tr("&Done, next"), {QKeySequence(Qt::CTRL | Qt::Key_Return)}, [this] { steps_->confirm(); }});
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
    list.push_back({"gap", bench, tr("Next reading is the &gap"), {QKeySequence(Qt::CTRL | Qt::Key_G)}, [this] {
                        showBench();
                        bench_.pickGap();
                    }});
    addGuitarStateActions(list, bench);
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
        {"toWork", view, tr("Where the &work is"), {QKeySequence(Qt::ALT | Qt::Key_Home)}, [this] { showWork(); }});
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
    list.push_back({"dark",
                    view,
                    tr("&Dark bench"),
                    {QKeySequence(Qt::CTRL | Qt::Key_D)},
                    [this] { change([](Preferences& p) { p.dark = !p.dark; }); },
                    {},
                    [this] { return context_->preferences().dark; }});
    list.push_back({"labels",
                    view,
                    tr("&Name the parts"),
                    {QKeySequence(Qt::CTRL | Qt::Key_L)},
                    [this] { change([](Preferences& p) { p.labels = !p.labels; }); },
                    {},
                    [this] { return context_->preferences().labels; }});
    list.push_back({"inches",
                    view,
                    tr("Lengths in &inches"),
                    {QKeySequence(Qt::CTRL | Qt::Key_I)},
                    [this] { change([](Preferences& p) { p.units.inches = !p.units.inches; }); },
                    {},
                    [this] { return context_->preferences().units.inches; }});
    list.push_back({"pounds",
                    view,
                    tr("Forces in &pounds"),
                    {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_I)},
                    [this] { change([](Preferences& p) { p.units.poundForce = !p.units.poundForce; }); },
                    {},
                    [this] { return context_->preferences().units.poundForce; }});
    list.push_back({"larger",
                    view,
                    tr("&Larger text"),
                    {QKeySequence(Qt::CTRL | Qt::Key_Plus), QKeySequence(Qt::CTRL | Qt::Key_Equal)},
                    [this] { change([](Preferences& p) { p.textScale = std::min(2.0, p.textScale + 0.25); }); },
                    [this] { return context_->preferences().textScale < 2.0; }});
    list.push_back({"smaller",
                    view,
                    tr("&Smaller text"),
                    {QKeySequence(Qt::CTRL | Qt::Key_Minus)},
                    [this] { change([](Preferences& p) { p.textScale = std::max(1.0, p.textScale - 0.25); }); },
                    [this] { return context_->preferences().textScale > 1.0; }});
    list.push_back({"big",
                    view,
                    tr("Act &fills the screen"),
                    {QKeySequence(Qt::Key_F11)},
                    [this] { setBig(!isBig_); },
                    {},
                    [this] { return isBig_; }});
    addLanguageActions(list);
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

void MainWindow::addLanguageActions(std::vector<ActionSpec>& list) {
    static const char* const ids[] = {"languageDesktop", "language1", "language2", "language3",
                                      "language4",       "language5", "language6", "language7"};
    QStringList codes = languages();
    codes.prepend(QString());
    for (qsizetype k = 0; k < std::min<qsizetype>(codes.size(), std::size(ids)); ++k)
        list.push_back({ids[k],
                        tr("&View"),
                        codes[k].isEmpty() ? tr("Language of the desktop") : languageTitle(codes[k]),
                        {},
                        [this, code = codes[k]] { // once this action is over: it goes as well
                            QMetaObject::invokeMethod(
                                this, [this, code] { speak(code); }, Qt::QueuedConnection);
                        },
                        {},
                        [this, code = codes[k]] { return context_->preferences().language == code; }});
}

bool MainWindow::isPractising() const {
    return page() == Practice && practice_->isPractising();
}

/// While somebody practises nothing may touch the job that is open: what would, does the same to the guitar that is
/// practised on, or nothing.
void MainWindow::leadToPractice(std::vector<ActionSpec>& list) {
    struct Led {
        const char* id;
        const char* key; ///< of the practice bench; none: nothing to do there
    };
    static constexpr Led led[] = {
        {"undo", nullptr},        {"redo", nullptr},         {"answer", nullptr},   {"listen", nullptr},
        {"listenFile", nullptr},  {"listenPause", nullptr},  {"turnFlat", nullptr}, {"turnPlaying", nullptr},
        {"turnUpright", nullptr}, {"turnFaceDown", nullptr}, {"blockIn", "block"},  {"blockOut", "unblock"},
        {"stringOff", "takeOff"}, {"gap", "measure"},        {"done", "done"},      {"finder", "diagnose"}};
    const auto lead = [this](ActionSpec& spec, const std::function<void()>& there) {
        spec.enabled = [this, usual = spec.enabled, used = static_cast<bool>(there)] {
            return isPractising() ? used : !usual || usual();
        };
        if (there)
            spec.run = [this, usual = spec.run, there] { isPractising() ? there() : usual(); };
    };
    for (ActionSpec& spec : list) {
        for (const Led& each : led)
            if (qstrcmp(each.id, spec.id) == 0)
                lead(spec, each.key ? std::function<void()>(
                                          [this, key = each.key] { practice_->bench().takeNamed(QLatin1String(key)); })
                                    : nullptr);
        if (QByteArrayView(spec.id).startsWith("string") && spec.menu.isEmpty())
            lead(spec, [this, digit = spec.id[6] - '0'] {
                if (const auto string =
                        stringNamed(practice_->bench().run()->job().rig, std::to_string(digit == 0 ? 10 : digit)))
                    practice_->bench().pick(*string);
            });
    }
}

std::vector<ActionSpec> MainWindow::specs() {
    std::vector<ActionSpec> list;
    addFileActions(list);
    addShopActions(list);
    addBenchActions(list);
    addViewActions(list);
    leadToPractice(list);
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
    refreshRecent();
}

void MainWindow::refreshRecent() {
    if (!recent_)
        return;
    recent_->clear();
    for (const QString& file : context_->preferences().recentFiles)
        recent_->addAction(QFileInfo(file).fileName(), this, [this, file] { openFile(file); })->setToolTip(file);
    recent_->setEnabled(!recent_->isEmpty());
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
