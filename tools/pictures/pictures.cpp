// SPDX-License-Identifier: GPL-3.0-or-later
// Renders every main view of the demo shop into a folder, as PNG at 1280x800, for README and user guide.
#include "drawings.h"

#include "app/at_hand.h"
#include "app/languages.h"
#include "app/main_window.h"
#include "app/shop_place.h"
#include "domain/base/moment.h"
#include "domain/work/workflow.h"
#include "session/document/demo.h"
#include "store/bundled.h"
#include "store/catalogue_files.h"
#include "store/exercise_json.h"
#include "widgets/look.h"
#include "widgets/pages/listen_bar.h"
#include "widgets/pages/plan_page.h"
#include "widgets/pages/practice_bench.h"
#include "widgets/pages/practice_page.h"
#include "widgets/pages/shop_page.h"

#include <QApplication>
#include <QDateTime>
#include <QDeadlineTimer>
#include <QDir>
#include <QEventLoop>
#include <QListWidget>
#include <QPainter>
#include <QPixmap>
#include <QTemporaryDir>
#include <cmath>
#include <cstdio>
#include <tuple>

namespace flenzo {

namespace {

QPixmap viewOf(MainWindow& window) {
    if (auto* plan = window.findChild<PlanPage*>())
        plan->finish();
    // A long form asks for its room only once it is laid out, and its page then once more.
    for (int round = 0; round < 4; ++round)
        QCoreApplication::processEvents();
    window.context().shop().finish();
    window.context().session().finishRemaining(); // so that no picture says it is still being worked out
    QCoreApplication::processEvents();            // and what it says is laid out
    return window.grab();
}

bool save(const QPixmap& picture, const QString& file) {
    if (picture.save(file, "PNG"))
        return true;
    std::fprintf(stderr, "%s: could not be written; choose another folder\n", qPrintable(file));
    return false;
}

bool shoot(MainWindow& window, const QString& file) {
    return save(viewOf(window), file);
}

/// What an invented apprentice made of an exercise: so many of the adviser's acts, then handed over.
bool saveRun(Logbook& book, const Exercise& exercise, double share, const QDateTime& at) {
    const PracticeRun whole = adviserAt(exercise, 7);
    PracticeRun run = replayed(whole, static_cast<qsizetype>(share * static_cast<double>(whole.acts().size())));
    PracticeAct done;
    done.what = PracticeAct::Do::Done;
    return !run.act(done) &&
           !book.addPractice({QStringLiteral("Mira"), exercise.name, 7, at, run.score(), {2.2 - 2.0 * share}, {}, {}});
}

/// The ladder with some runs on it, and the bench in the middle of one.
bool shootPractice(MainWindow& window, const QDir& dir) {
    const auto& book = window.context().session().logbook();
    bool ok = true;
    QDateTime at(QDate(2026, 11, 2), QTime(17, 0));
    for (const auto& [name, share] : {std::pair{"fresh-strings", 0.5},
                                      {"fresh-strings", 1.0},
                                      {"gauge-step", 0.4},
                                      {"gauge-step", 0.8},
                                      {"gauge-step", 1.0},
                                      {"drop-tuning", 0.7},
                                      {"drop-tuning", 1.0}}) {
        at = at.addDays(2);
        if (book)
            ok = ok && saveRun(*book, exerciseNamed(QLatin1String(name)).value(), share, at);
    }
    window.showPage(MainWindow::Practice);
    auto& page = *window.findChild<PracticePage*>();
    page.findChild<QListWidget*>(QStringLiteral("exercises"))->setCurrentRow(3);
    page.refresh();
    ok = ok && shoot(window, dir.filePath(QStringLiteral("practice.png")));
    page.bench().setAskNumber([](const QString&) { return QStringLiteral("-2"); });
    PracticeRun run = replayed(adviserAt(exerciseNamed(QStringLiteral("sunk")).value(), 7), 24);
    PracticeAct look;
    look.what = PracticeAct::Do::Look;
    run.act(look);
    page.show(std::move(run));
    return ok && shoot(window, dir.filePath(QStringLiteral("practice-bench.png")));
}

/// Goes on to a step of the job in the logbook, passing over what warns.
void goTo(Session& session, StepId wanted) {
    const QString now = nowText();
    for (int k = 0; k < 100 && currentStep(session.job(), session.derived()) &&
                    currentStep(session.job(), session.derived())->id != wanted;
         ++k)
        session.edit(QStringLiteral("step"), [&](Job& job) {
            if (apply(job, session.derived(), WorkEvent::Done, {}, now))
                std::ignore = apply(job, session.derived(), WorkEvent::Overrule, QStringLiteral("shown"), now);
        });
}

bool shootJob(MainWindow& window, const QDir& dir) {
    Session& session = window.context().session();
    Result<Job> demo = demoJob(0);
    if (!demo.ok())
        return false;
    Job job = demo.value();
    job.log.clear(); // from the beginning
    bool ok = true;
    if (session.logbook())
        ok = !session.addToLogbook(job, Unsaved::Discard);
    else
        session.start(job, QString(), Unsaved::Discard);
    if (window.hand().jobs().size() > 1) { // the one that was open before; the pictures are of one guitar
        window.hand().step(-1);
        window.hand().putAside();
    }
    for (const auto& [step, name] : {std::pair{StepId::LookOver, "intake.png"},
                                     {StepId::Plan, "plan.png"},
                                     {StepId::BlockIn, "strip-block.png"},
                                     {StepId::Wind, "string-wind.png"}}) {
        goTo(session, step);
        window.showWork();
        ok = ok && shoot(window, dir.filePath(QLatin1String(name)));
    }
    return ok;
}

/// The demo guitar's peg on its way, as it is heard.
bool shootListening(MainWindow& window, const QString& file) {
    ListenBar& bar = *window.findChild<ListenBar*>();
    bar.hearSimulated();
    const auto isOnItsWay = [&bar] {
        constexpr double near_cents = 25.0;
        const auto off = bar.listening().fromAim_cents();
        return off && std::abs(*off) < near_cents && bar.listening().state() == Listening::State::Settling;
    };
    const QDeadlineTimer patience(std::chrono::minutes(1));
    while (bar.listening().isOn() && !isOnItsWay() && !patience.hasExpired())
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 50);
    const bool ok = shoot(window, file);
    bar.toggle();
    return ok;
}

/// The bench, the four views of the shop and the practice in the dark theme, on one sheet.
bool shootDark(MainWindow& window, const QString& file) {
    QList<QPixmap> views;
    window.showBench();
    views.append(viewOf(window));
    auto& shop = *window.findChild<ShopPage*>();
    window.showPage(MainWindow::Shop);
    for (const char* const tab : {"jobsPanel", "duePanel", "stockPanel", "timesPanel"}) {
        shop.showTab(QLatin1String(tab));
        views.append(viewOf(window));
    }
    window.showPage(MainWindow::Practice);
    views.append(viewOf(window));
    const QSize half = window.size() * 3 / 4;
    constexpr int gap = 8;
    QPixmap sheet(2 * half.width() + gap, 3 * half.height() + 2 * gap);
    sheet.fill(Qt::transparent);
    QPainter painter(&sheet);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    for (int k = 0; k < views.size(); ++k)
        painter.drawPixmap(QRect(QPoint((k % 2) * (half.width() + gap), (k / 2) * (half.height() + gap)), half),
                           views[k]);
    painter.end();
    return save(sheet, file);
}

/// The guide's drawings of a bridge, in a folder beside the views.
bool draw(const QDir& dir) {
    bool ok = dir.mkpath(QStringLiteral("parts"));
    for (const auto& [scene, name] : {std::pair{bridgeFromTheSide(), "side.png"},
                                      {bridgeFromAbove(), "above.png"},
                                      {bridgeFromBehind(), "behind.png"}}) {
        QPixmap picture(drawingSize);
        QPainter painter(&picture);
        painter.setRenderHint(QPainter::Antialiasing);
        paint(painter, scene, benchLight());
        painter.end();
        ok = ok && save(picture, dir.filePath(QStringLiteral("parts/") + QLatin1String(name)));
    }
    return ok;
}

void finish(Session& session, BenchEntry& bench) {
    constexpr int enough = 200;
    for (int i = 0; i < enough && session.derived().next().what != NextAct::Do::Done; ++i)
        bench.letSimulationAnswer();
}

bool takeAll(MainWindow& window, const QString& folder) {
    if (!QDir().mkpath(folder)) {
        std::fprintf(stderr, "%s: cannot be made; choose another folder\n", qPrintable(folder));
        return false;
    }
    const QDir dir(folder);
    const auto here = [&](const char* name) { return shoot(window, dir.filePath(QLatin1String(name))); };
    window.resize(1280, 800);
    window.show();
    window.showPage(MainWindow::Shop);
    bool ok = draw(dir) && here("shop.png");
    auto& shop = *window.findChild<ShopPage*>();
    for (const auto& [tab, name] :
         {std::pair{"duePanel", "shop-due.png"}, {"stockPanel", "shop-stock.png"}, {"timesPanel", "shop-times.png"}}) {
        shop.showTab(QLatin1String(tab));
        ok = ok && here(name);
    }
    ok = ok && shootJob(window, dir);
    const auto openDemo = [&window](int index) {
        window.context().session().undoStack().setClean(); // nobody is there to be asked
        window.openDemo(index);
    };
    openDemo(0);
    window.showBench();
    ok = ok && here("balance.png") && shootListening(window, dir.filePath(QStringLiteral("balance-listening.png")));
    window.showFigures(true);
    ok = ok && here("figures.png");
    window.showFigures(false);
    window.showPage(MainWindow::Help);
    ok = ok && here("help.png");
    window.context().change([](Preferences& look) { look.dark = true; });
    ok = ok && shootDark(window, dir.filePath(QStringLiteral("dark.png")));
    window.context().change([](Preferences& look) { look.dark = false; });
    finish(window.context().session(), window.context().bench());
    window.showBench();
    ok = ok && here("balance-done.png");
    ok = ok && !window.context().session().edit(QStringLiteral("step"), [](Job& job) {
        job.work.records.append(
            {QLatin1String(specOf(StepId::PresetFine).name), StepRecord::What::Done, QString(), nowText()});
    });
    // The same job goes on: in tune and level before it is locked, locked before it is tested.
    for (const auto& [step, name] : {std::pair{StepId::Lock, "lock.png"}, {StepId::ReturnTest, "hand-over.png"}}) {
        goTo(window.context().session(), step);
        window.showWork();
        ok = ok && here(name);
    }
    openDemo(3);
    ok = ok && here("plan-no-float.png");
    openDemo(0);
    return ok && shootPractice(window, dir);
}

} // namespace

} // namespace flenzo

int main(int argc, char** argv) {
    using namespace flenzo;
    const QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("flenzo"));
    const QStringList arguments = QApplication::arguments();
    const QTemporaryDir scratch; // pictures must not depend on, or touch, what the user has set
    if (arguments.size() != 2 || !scratch.isValid()) {
        std::fputs("usage: flenzo-pictures DIR\n", stderr);
        return 2;
    }
    loadTypeface();
    useLanguage(QStringLiteral("en")); // for singular and plural
    openBundledData();
    const Result<Catalogue> catalogue = bundledCatalogue();
    if (!catalogue.ok()) {
        std::fprintf(stderr, "%s\n", qPrintable(sentence(QStringLiteral("catalogue"), catalogue.fault())));
        return 1;
    }
    const QDir own(scratch.path());
    MainWindow window({own.filePath(QStringLiteral("recovery")), own.filePath(QStringLiteral("flenzo.ini")),
                       own.filePath(QStringLiteral("own.json")), own.filePath(QStringLiteral("demo.flenzo-logbook"))},
                      catalogue.value());
    window.shop().open();
    window.stockWithDemo();
    return takeAll(window, arguments.at(1)) ? 0 : 1;
}
