// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/demo.h"
#include "store/catalogue.h"
#include "widgets/bench_page.h"
#include "widgets/look.h"

#include <QApplication>
#include <QPixmap>
#include <QTemporaryDir>
#include <benchmark/benchmark.h>

using namespace flenzo;

namespace {

/// A value dragged: the job edited, all figures derived anew, the whole bench page painted.
void draggedValueRedraws(benchmark::State& run) {
    QTemporaryDir dir;
    Session session(dir.filePath(QStringLiteral("recovery")));
    Desk desk(session, bundledCatalogue().value(), dir.filePath(QStringLiteral("own.json")));
    session.start(demoJob(0).value(), {});
    BenchPage page(desk);
    page.resize(1180, 740);
    QPixmap picture(page.size());
    double gap_m = 0.004;
    for (auto _ : run) {
        gap_m = gap_m > 0.005 ? 0.004 : gap_m + 1e-5;
        session.edit(QStringLiteral("gap"), [gap_m](Job& job) { job.rig.bridge.rearGap_m = gap_m; });
        page.render(&picture);
    }
}
BENCHMARK(draggedValueRedraws)->Unit(benchmark::kMillisecond);

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
