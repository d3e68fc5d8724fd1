// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/guitar/catalogue.h"
#include "session/document/demo.h"
#include "store/catalogue_files.h"
#include "widgets/look.h"
#include "widgets/pages/bench_page.h"
#include "widgets/pages/rig_page.h"

#include <QApplication>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPixmap>
#include <QTemporaryDir>
#include <benchmark/benchmark.h>

using namespace flenzo;

namespace {

/// The first demo guitar on the desk, with eight events in its log.
struct Shown {
    QTemporaryDir dir;
    Session session{dir.filePath(QStringLiteral("recovery"))};
    BenchEntry bench{session};
    AppContext context{session, bench, bundledCatalogue().value(), dir.filePath(QStringLiteral("own.json"))};
    Shown() { session.start(demoJob(0).value(), {}); }
};

/// A value under the hand on the Guitar page: one arrow key from press to picture, the window painting what changed.
void draggedValueRedraws(benchmark::State& run) {
    Shown shown;
    RigPage page(shown.context);
    page.resize(1180, 740);
    page.show();
    QApplication::processEvents();
    auto* gap = page.findChild<QLineEdit*>(QStringLiteral("bridge.rearGap"));
    int presses = 0;
    for (auto _ : run) {
        QKeyEvent key(QEvent::KeyPress, presses++ / 8 % 2 == 0 ? Qt::Key_Up : Qt::Key_Down, Qt::NoModifier);
        QApplication::sendEvent(gap, &key);
        QApplication::processEvents();
    }
}
BENCHMARK(draggedValueRedraws)->Unit(benchmark::kMillisecond);

/// A value meant: the job edited, the guitar learned anew, all figures derived, the whole bench page painted.
void editedValueRedraws(benchmark::State& run) {
    Shown shown;
    BenchPage page(shown.context);
    page.resize(1180, 740);
    QPixmap picture(page.size());
    double gap_m = 0.004;
    for (auto _ : run) {
        gap_m = gap_m > 0.005 ? 0.004 : gap_m + 1e-5;
        shown.session.edit(QStringLiteral("gap"), [gap_m](Job& job) { job.rig.bridge.rearGap_m = gap_m; });
        page.render(&picture);
    }
}
BENCHMARK(editedValueRedraws)->Unit(benchmark::kMillisecond);

void benchPagePainted(benchmark::State& run) {
    Shown shown;
    BenchPage page(shown.context);
    page.resize(1180, 740);
    QPixmap picture(page.size());
    for (auto _ : run)
        page.render(&picture);
}
BENCHMARK(benchPagePainted)->Unit(benchmark::kMillisecond);

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication app(argc, argv);
    loadTypeface();
    applyLook({});
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
