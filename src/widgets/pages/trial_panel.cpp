// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/trial_panel.h"

#include "language/decimal.h"
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

} // namespace

struct TrialPanel::Run {
    TrialSetup setup;
    TrialReport report;
    std::atomic<bool> cancel{false};
    std::atomic<int> done{0};
    std::atomic<bool> ready{false}; ///< the report is whole
};

TrialPanel::TrialPanel(AppContext& context, QWidget* parent) : Page(context, parent), timer_(new QTimer(this)) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(8, 8, 8, 8);
    row->setSpacing(8);
    row->addWidget(buildTrial());
    timer_->setInterval(pollMs);
    connect(timer_, &QTimer::timeout, this, &TrialPanel::poll);
}

TrialPanel::~TrialPanel() {
    stop();
    if (thread_)
        thread_->wait();
}

QWidget* TrialPanel::buildTrial() {
    QVBoxLayout* column = nullptr;
    QFrame* panel = titledPanel(this, tr("Compare methods on guitars like the one in work"), column);
    auto* row = new QHBoxLayout;
    row->addWidget(new QLabel(tr("simulated guitars"), panel));
    guitars_ = new QSpinBox(panel);
    guitars_->setObjectName(QStringLiteral("trialGuitars"));
    guitars_->setAccessibleName(tr("How many simulated guitars"));
    guitars_->setRange(1, 5000);
    guitars_->setValue(40);
    row->addWidget(guitars_);
    start_ = new QPushButton(tr("Compare"), panel);
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
    chart_->setAccessibleName(tr("Passes by each method and by the adviser"));
    column->addWidget(chart_, 1);
    connect(start_, &QPushButton::clicked, this, &TrialPanel::start);
    connect(stop_, &QPushButton::clicked, this, &TrialPanel::stop);
    return panel;
}

void TrialPanel::refresh() {
    showReport();
}

void TrialPanel::showReport() {
    const double scale = context_.preferences().scale();
    chart_->show([this, scale](const QSizeF& size) { return buildTrialChart(report_, size, scale); },
                 context_.preferences());
}

void TrialPanel::start() {
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
    thread_ = QThread::create([run = run_] {
        run->report = runTrial(run->setup);
        run->ready = true;
    });
    connect(thread_, &QThread::finished, this, &TrialPanel::finish);
    thread_->start(QThread::LowPriority);
    timer_->start();
}

void TrialPanel::stop() {
    if (run_)
        run_->cancel = true;
}

void TrialPanel::poll() {
    if (run_)
        progress_->setValue(run_->done);
}

void TrialPanel::finish() {
    if (!run_->ready)
        return;
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
            ? tr("None of these guitars has a stable float with this set: the plan has the ways out.")
            : tr("%1 of %2 guitars have a stable float. The forecast given at the start held on %3 % of them.")
                  .arg(report_.stable)
                  .arg(report_.guitars)
                  .arg(decimal(100.0 * report_.coverage, 0)));
    showReport();
}

} // namespace flenzo
