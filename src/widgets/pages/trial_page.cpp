// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/trial_page.h"

#include "paint/trial_chart.h"
#include "widgets/controls/figure_table.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QSpinBox>
#include <QThread>
#include <QTimer>
#include <cmath>

namespace flenzo {

namespace {

constexpr int pollMs = 100;

struct QuantityWords {
    QString name, nominal, learned, left;
};

/// One learned quantity as nominal, learned and what is left uncertain of it, in the user's units.
QuantityWords wordsOf(const BenchJob& job, const Estimate& guitar, Learned quantity, const Units& units) {
    const auto k = static_cast<Eigen::Index>(quantity);
    const double size = priorDeviation(EstimatorOptions(), quantity), offset = guitar.at.guitar.value[k] * size;
    const double left = guitar.guitarDeviation[k] * size;
    const auto share = [&](const QString& name, double nominal, const QString& unit, int decimals) {
        return QuantityWords{name, QStringLiteral("%1 %2").arg(nominal, 0, 'f', decimals).arg(unit),
                             QStringLiteral("%1 %2").arg(nominal * std::exp(offset), 0, 'f', decimals).arg(unit),
                             QStringLiteral("±%1 %").arg(100.0 * left, 0, 'f', 1)};
    };
    const auto length = [&](const QString& name, double nominal_m) {
        return QuantityWords{name, lengthText(nominal_m, units), lengthText(nominal_m + offset, units),
                             QStringLiteral("±%1").arg(lengthText(left, units))};
    };
    const Spring spring = job.rig.springs.empty() ? Spring{} : job.rig.springs.front();
    switch (quantity) {
    case Learned::SpringRate:
        return share(TrialPage::tr("spring rate"), spring.rate_Npm / 1000.0, TrialPage::tr("N/mm"), 3);
    case Learned::InitialTension:
        return share(TrialPage::tr("initial tension"), spring.initial_N, TrialPage::tr("N"), 2);
    case Learned::HookDepth:
        return length(TrialPage::tr("hook depth"), -spring.hook_m.y());
    case Learned::StringHeight:
        return length(TrialPage::tr("string height over the pivot"), job.rig.strings.front().saddle_m.y());
    case Learned::ClawLead:
        return share(TrialPage::tr("claw travel per turn"), job.rig.claw.lead_m / metresPerMm, TrialPage::tr("mm"), 3);
    case Learned::ClawPlace:
        return length(TrialPage::tr("claw's place, from the one counted"), 0.0);
    case Learned::Setback:
        return length(TrialPage::tr("saddles behind the pivot"), -job.rig.strings.front().saddle_m.x());
    case Learned::PivotFriction:
        return share(TrialPage::tr("what the pivot holds"), EstimatorOptions().pivotFriction_Nm * 1000.0,
                     TrialPage::tr("mN m"), 1);
    case Learned::Count:
        break;
    }
    return {};
}

} // namespace

struct TrialPage::Run {
    TrialSetup setup;
    TrialReport report;
    std::atomic<bool> cancel{false};
    std::atomic<int> done{0};
};

TrialPage::TrialPage(AppContext& context, QWidget* parent) : Page(context, parent), timer_(new QTimer(this)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(10, 8, 10, 8);
    column->setSpacing(8);
    column->addWidget(buildLearned(), 5);
    column->addWidget(buildTrial(), 6);
    timer_->setInterval(pollMs);
    connect(timer_, &QTimer::timeout, this, &TrialPage::poll);
}

TrialPage::~TrialPage() {
    stop();
    if (thread_)
        thread_->wait();
}

QWidget* TrialPage::buildLearned() {
    QVBoxLayout* column = nullptr;
    QFrame* panel = titledPanel(this, tr("What the readings taught of this guitar"), column);
    learnedNote_ = label(TextRole::Body, panel, QStringLiteral("learnedNote"));
    learnedNote_->setWordWrap(true);
    column->addWidget(learnedNote_);
    learned_ =
        new FigureTable({tr("quantity"), tr("nominal"), tr("learned"), tr("still uncertain")}, tr("Learned"), this);
    learned_->setObjectName(QStringLiteral("learned"));
    column->addWidget(learned_, 1);
    return panel;
}

QWidget* TrialPage::buildTrial() {
    QVBoxLayout* column = nullptr;
    QFrame* panel = titledPanel(this, tr("Trial on guitars like this one"), column);
    auto* row = new QHBoxLayout;
    row->addWidget(new QLabel(tr("hidden guitars"), panel));
    guitars_ = new QSpinBox(panel);
    guitars_->setObjectName(QStringLiteral("trialGuitars"));
    guitars_->setAccessibleName(tr("How many hidden guitars"));
    guitars_->setRange(1, 5000);
    guitars_->setValue(40);
    row->addWidget(guitars_);
    start_ = new QPushButton(tr("Play the trial"), panel);
    start_->setObjectName(QStringLiteral("startTrial"));
    stop_ = new QPushButton(tr("Stop"), panel);
    stop_->setObjectName(QStringLiteral("stopTrial"));
    stop_->setEnabled(false);
    progress_ = new QProgressBar(panel);
    progress_->setAccessibleName(tr("Progress of the trial"));
    progress_->setTextVisible(false);
    said_ = label(TextRole::Small, panel, QStringLiteral("trialSaid"));
    row->addWidget(start_);
    row->addWidget(stop_);
    row->addWidget(progress_, 1);
    column->addLayout(row);
    column->addWidget(said_);
    chart_ = new SceneView(panel);
    chart_->setObjectName(QStringLiteral("trialChart"));
    chart_->setAccessibleName(tr("Passes by each habit and by the adviser"));
    column->addWidget(chart_, 1);
    connect(start_, &QPushButton::clicked, this, &TrialPage::start);
    connect(stop_, &QPushButton::clicked, this, &TrialPage::stop);
    return panel;
}

void TrialPage::refresh() {
    refreshLearned();
    showReport();
}

void TrialPage::refreshLearned() {
    const BenchJob job = benchJobOf(context_.session().job());
    const Estimate& guitar = context_.session().derived().advice.guitar;
    QList<QStringList> rows;
    if (hasClaw(job.rig))
        for (Eigen::Index k = 0; k < learnedCount; ++k) {
            const QuantityWords words = wordsOf(job, guitar, static_cast<Learned>(k), context_.preferences().units);
            rows.append({words.name, words.nominal, words.learned, words.left});
        }
    const double size = EstimatorOptions().stringStiffness;
    double widest = 0.0, least = 1e9;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        const Eigen::Index at = GuitarUnknowns::stiffness(i);
        widest = std::max(widest, std::abs(guitar.at.guitar.value[at]) * size);
        least = std::min(least, guitar.guitarDeviation[at] * size);
    }
    rows.append({tr("stiffness of single strings"), tr("from gauge and core"),
                 tr("up to %1 % off").arg(100.0 * widest, 0, 'f', 1),
                 QStringLiteral("±%1 %").arg(100.0 * least, 0, 'f', 1)});
    learned_->show(rows, basePixels(context_.preferences()));
    learnedNote_->setText(
        job.log.empty()
            ? tr("Nothing has been read yet: these are the assumed figures and how far guitars usually "
                 "lie from them.")
            : tr("From %1 readings. The next aims and claw turns rest on these figures.").arg(guitar.readings));
}

void TrialPage::showReport() {
    const double scale = context_.preferences().textScale;
    chart_->show([this, scale](const QSizeF& size) { return buildTrialChart(report_, size, scale); },
                 context_.preferences());
}

void TrialPage::start() {
    if (thread_)
        return;
    run_ = std::make_shared<Run>();
    run_->setup.job = benchJobOf(context_.session().job());
    run_->setup.job.log.clear();
    run_->setup.guitars = guitars_->value();
    run_->setup.cancel = &run_->cancel;
    run_->setup.progress = [run = run_.get()](int done) { run->done = done; };
    progress_->setRange(0, guitars_->value() * static_cast<int>(practisedMethods().size() + 1));
    progress_->setValue(0);
    start_->setEnabled(false);
    stop_->setEnabled(true);
    said_->setText(tr("Playing; the window stays free for other work."));
    thread_ = QThread::create([run = run_] { run->report = runTrial(run->setup); });
    connect(thread_, &QThread::finished, this, &TrialPage::finish);
    thread_->start(QThread::LowPriority);
    timer_->start();
}

void TrialPage::stop() {
    if (run_)
        run_->cancel = true;
}

void TrialPage::poll() {
    if (run_)
        progress_->setValue(run_->done);
}

void TrialPage::finish() {
    timer_->stop();
    thread_->deleteLater();
    thread_ = nullptr;
    start_->setEnabled(true);
    stop_->setEnabled(false);
    if (run_->report.cancelled) {
        said_->setText(tr("Stopped. Nothing of it is shown, since half a trial would mislead."));
        progress_->setValue(0);
        return;
    }
    report_ = std::move(run_->report);
    progress_->setValue(progress_->maximum());
    said_->setText(
        report_.stable == 0
            ? tr("None of these guitars has a stable float with this set: see Answer for the ways out.")
            : tr("%1 of %2 guitars have a stable float. The outlook given at the start held on %3 % of them.")
                  .arg(report_.stable)
                  .arg(report_.guitars)
                  .arg(100.0 * report_.coverage, 0, 'f', 0));
    showReport();
}

} // namespace flenzo
