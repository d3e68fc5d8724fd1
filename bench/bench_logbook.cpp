// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/logbook.h"
#include "support/place.h"

#include <QCoreApplication>
#include <QTemporaryDir>
#include <benchmark/benchmark.h>

namespace {

using namespace flenzo;

constexpr int jobs = 10000;
constexpr int readingsEach = 100;

/// A shop of many years: 10,000 jobs of 3,000 guitars with a million readings; in a file, or on the server that
/// `tools/with-postgres` runs.
const QString& bigShop() {
    static QTemporaryDir dir;
    static const QString path = testing::newPlace(dir);
    static const bool made = [] {
        const auto book = Logbook::open(path).value();
        static const char* const first[] = {"Grey", "Tall", "Slow", "Low",   "Far",
                                            "Long", "Late", "Half", "Still", "Open"};
        static const char* const second[] = {"Heron", "Gate", "Comet", "Reed", "Lantern",
                                             "Ferry", "Quay", "Ember", "Loft", "Mill"};
        constexpr int atOnce = 500;
        for (int base = 0; base < jobs; base += atOnce) {
            std::vector<Job> batch;
            for (int k = base; k < base + atOnce; ++k) {
                Job job = newJob();
                job.guitar = QStringLiteral("%1 %2 %3")
                                 .arg(QLatin1String(first[k % 10]), QLatin1String(second[k / 10 % 10]))
                                 .arg(k % 3000);
                job.owner = QStringLiteral("Owner %1").arg(k % 1700);
                for (int e = 0; e < readingsEach; ++e)
                    job.log.push_back(Event::read(static_cast<std::size_t>(e % 6), -0.1 * e));
                batch.push_back(std::move(job));
            }
            if (book->addAll(batch))
                return false;
        }
        return true;
    }();
    if (!made)
        qFatal("the big logbook could not be written");
    return path;
}

void openAndList(benchmark::State& run) {
    const QString path = bigShop();
    for (auto _ : run) {
        const auto book = Logbook::open(path).value();
        benchmark::DoNotOptimize(book->jobs({}).value());
    }
}
BENCHMARK(openAndList)->Unit(benchmark::kMillisecond);

void search(benchmark::State& run) {
    const auto book = Logbook::open(bigShop()).value();
    JobFilter filter;
    filter.words = QStringLiteral("heron 17");
    for (auto _ : run)
        benchmark::DoNotOptimize(book->jobs(filter).value());
}
BENCHMARK(search)->Unit(benchmark::kMillisecond);

void commitOfAReading(benchmark::State& run) {
    const auto book = Logbook::open(bigShop()).value();
    const qint64 id = book->jobs({}).value().first().id;
    Job job = book->job(id).value();
    qint64 revision = book->revisionOf(id).value();
    for (auto _ : run) {
        Job after = job;
        after.log.push_back(Event::read(0, -1.0));
        if (book->save(id, job, after, revision))
            run.SkipWithError("not written");
        job = std::move(after);
    }
}
BENCHMARK(commitOfAReading)->Unit(benchmark::kMillisecond)->Iterations(200);

} // namespace

int main(int argc, char** argv) {
    QCoreApplication app(argc, argv);
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
}
