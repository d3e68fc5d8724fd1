// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/practice_page.h"

#include "domain/base/bundled_words.h"
#include "language/decimal.h"
#include "paint/progress_chart.h"
#include "store/exercise_json.h"
#include "store/files.h"
#include "widgets/controls/scene_view.h"
#include "widgets/dialogs/job_sheet.h"
#include "widgets/look.h"
#include "widgets/pages/practice_bench.h"
#include "widgets/pages/practice_result.h"
#include "widgets/pages/trial_panel.h"
#include "widgets/text/practice_words.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QFileDialog>
#include <QJsonDocument>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QRandomGenerator>
#include <QStackedWidget>
#include <QTabWidget>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// How far off a beginner's guesses usually are; assumed, to put turns and cents on one scale.
constexpr double usualOff_turns = 2.0, usualOff_cents = 60.0;

std::optional<double> guessError(const PracticeRecord& record) {
    double sum = 0.0;
    int count = 0;
    const auto add = [&](const QList<double>& errors, double usual) {
        for (const double error : errors) {
            sum += std::min(1.0, std::abs(error) / usual);
            ++count;
        }
    };
    add(record.guessErrors_turns, usualOff_turns);
    add(record.guessErrors_cents, usualOff_cents);
    return count > 0 ? std::optional(sum / count) : std::nullopt;
}

} // namespace

PracticePage::PracticePage(AppContext& context, const QStringList& guitars, QWidget* parent) : Page(context, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    stack_ = new QStackedWidget(this);
    column->addWidget(stack_);
    tabs_ = new QTabWidget(stack_);
    tabs_->setObjectName(QStringLiteral("practiceTabs"));
    tabs_->addTab(buildLadder(guitars), tr("&Ladder"));
    tabs_->addTab(new TrialPanel(context_, tabs_), tr("&Compare methods"));
    bench_ = new PracticeBench(context_, stack_);
    result_ = new PracticeResult(context_, stack_);
    for (QWidget* each : std::initializer_list<QWidget*>{tabs_, bench_, result_})
        stack_->addWidget(each);
    connect(bench_, &PracticeBench::finished, this, &PracticePage::finish);
    connect(bench_, &PracticeBench::left, this, [this] { turnTo(tabs_); });
    connect(result_, &PracticeResult::ladderWanted, this, [this] {
        turnTo(tabs_);
        refreshLadder();
    });
    connect(result_, &PracticeResult::anotherWanted, this,
            [this] { begin(result_->run()->exercise(), QRandomGenerator::global()->generate()); });
    connect(result_, &PracticeResult::againFrom, this, [this](qsizetype act) { show(replayed(*result_->run(), act)); });
}

QWidget* PracticePage::buildLadder(const QStringList& guitars) {
    auto* page = new QWidget(this);
    auto* row = new QHBoxLayout(page);
    row->setContentsMargins(8, 8, 8, 8);
    row->setSpacing(16);
    auto* left = new QVBoxLayout;
    auto* who = new QHBoxLayout;
    who->addWidget(new QLabel(tr("apprentice"), page));
    apprentice_ = new QComboBox(page);
    apprentice_->setObjectName(QStringLiteral("apprentice"));
    apprentice_->setAccessibleName(tr("Who practises"));
    apprentice_->setEditable(true);
    apprentice_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    apprentice_->lineEdit()->setPlaceholderText(tr("a name, so that it is saved"));
    who->addWidget(apprentice_, 1);
    left->addLayout(who);
    list_ = new QListWidget(page);
    list_->setObjectName(QStringLiteral("exercises"));
    list_->setAccessibleName(tr("Exercises, from the easiest"));
    left->addWidget(list_, 1);
    left->addWidget(buildGuitars(guitars));
    row->addLayout(left, 4);
    auto* right = new QVBoxLayout;
    const auto line = [&](TextRole role, const char* name) {
        QLabel* made = label(role, page, QLatin1String(name));
        made->setWordWrap(true);
        right->addWidget(made);
        return made;
    };
    title_ = line(TextRole::Act, "exerciseTitle");
    story_ = line(TextRole::Body, "exerciseStory");
    task_ = line(TextRole::Heading, "exerciseTask");
    best_ = line(TextRole::Small, "exerciseBest");
    auto* buttons = new QHBoxLayout;
    begin_ = new QPushButton(tr("Begin  (Enter)"), page);
    begin_->setObjectName(QStringLiteral("beginExercise"));
    auto* open = new QPushButton(tr("Open an exercise…"), page);
    auto* sheet = new QPushButton(tr("Summary as PDF…"), page);
    sheet->setObjectName(QStringLiteral("practiceSummary"));
    goOn_ = new QPushButton(tr("Go on with the last"), page);
    goOn_->setObjectName(QStringLiteral("goOnWithExercise"));
    goOn_->setToolTip(tr("The exercise that was left, as it was left"));
    goOn_->hide();
    for (QPushButton* each : {begin_, goOn_, open, sheet})
        buttons->addWidget(each);
    buttons->addStretch();
    right->addLayout(buttons);
    progress_ = new SceneView(page);
    progress_->setObjectName(QStringLiteral("practiceProgress"));
    progress_->setAccessibleName(tr("Practice so far"));
    right->addWidget(progress_, 1);
    row->addLayout(right, 6);
    connect(list_, &QListWidget::currentRowChanged, this, &PracticePage::showPicked);
    connect(list_, &QListWidget::itemActivated, begin_, &QPushButton::click);
    connect(begin_, &QPushButton::clicked, this, [this] {
        if (const int at = list_->currentRow(); at >= 0)
            begin(exercises_[at], QRandomGenerator::global()->generate());
    });
    connect(goOn_, &QPushButton::clicked, this, [this] { turnTo(bench_); });
    connect(open, &QPushButton::clicked, this, &PracticePage::askExercise);
    connect(sheet, &QPushButton::clicked, this, &PracticePage::askSummary);
    connect(apprentice_, &QComboBox::currentTextChanged, this, &PracticePage::refreshLadder);
    return page;
}

/// Guitars that answer by themselves, with the adviser at hand.
QWidget* PracticePage::buildGuitars(const QStringList& guitars) {
    auto* box = new QWidget(this);
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    QLabel* words = label(TextRole::Small, box);
    words->setText(tr("Or with the adviser: a simulated guitar as a job of its own. It answers with F9."));
    words->setWordWrap(true);
    column->addWidget(words);
    auto* row = new QHBoxLayout;
    auto* pick = new QComboBox(box);
    pick->setObjectName(QStringLiteral("practiceGuitars"));
    pick->setAccessibleName(tr("Simulated guitars"));
    pick->addItems(guitars);
    pick->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed); // names as long as they like widen no page
    auto* work = new QPushButton(tr("Work on it"), box);
    work->setObjectName(QStringLiteral("practiceWork"));
    row->addWidget(pick, 1);
    row->addWidget(work);
    column->addLayout(row);
    connect(work, &QPushButton::clicked, this, [this, pick] { Q_EMIT guitarPicked(pick->currentIndex()); });
    return box;
}

bool PracticePage::isPractising() const {
    return stack_->currentWidget() == bench_;
}

void PracticePage::turnTo(QWidget* part) {
    stack_->setCurrentWidget(part);
    goOn_->setVisible(bench_->isUnderWay() && !bench_->run()->acts().isEmpty());
    if (part == bench_)
        bench_->takeFocus();
    Q_EMIT practising();
}

QString PracticePage::apprentice() const {
    return apprentice_->currentText().trimmed();
}

/// Once, and not before somebody wants to practise.
void PracticePage::readExercises() {
    if (!exercises_.isEmpty())
        return;
    const Result<QList<Exercise>> all = bundledExercises();
    if (all.ok())
        exercises_ = all.value();
    else
        context_.accept(all.fault());
}

void PracticePage::readRecords() {
    records_.clear();
    if (const auto& book = context_.session().logbook()) {
        const Result<QList<PracticeRecord>> all = book->practice(QString());
        if (all.ok())
            records_ = all.value();
        else
            context_.accept(all.fault());
    }
    QStringList everybody;
    for (const PracticeRecord& record : records_)
        if (!everybody.contains(record.apprentice))
            everybody.append(record.apprentice);
    const QString who = apprentice().isEmpty() && !everybody.isEmpty() ? everybody.last() : apprentice();
    const QSignalBlocker quiet(apprentice_);
    apprentice_->clear();
    apprentice_->addItems(everybody);
    apprentice_->setEditText(who);
}

void PracticePage::refresh() {
    readExercises();
    readRecords();
    refreshLadder();
    if (stack_->currentWidget() == bench_)
        bench_->refresh();
}

void PracticePage::refreshLadder() {
    const QString who = apprentice();
    const QSignalBlocker rows(list_);
    QMap<QString, PracticeScore> best;
    PracticeProgress progress;
    for (const PracticeRecord& record : records_) {
        if (record.apprentice != who)
            continue;
        if (!best.contains(record.exercise) || record.score.points > best[record.exercise].points)
            best[record.exercise] = record.score;
        progress.runs.append(
            {QStringLiteral("%1, %2").arg(record.exercise, record.at.toLocalTime().date().toString(Qt::ISODate)),
             record.score.points, record.score.passed, guessError(record)});
    }
    const int at = std::max(0, list_->currentRow());
    list_->clear();
    for (const Exercise& exercise : exercises_) {
        const auto found = best.find(exercise.name);
        const QString mark = found == best.end() ? QStringLiteral("\u00b7")
                             : found->passed     ? QStringLiteral("\u2713")
                                                 : QStringLiteral("\u2013");
        list_->addItem(
            QStringLiteral("%1  %2  %3%4")
                .arg(mark)
                .arg(exercise.rung)
                .arg(bundledWords(exercise.title), found == best.end() ? QString() : tr("  (%1)").arg(found->points)));
    }
    list_->setCurrentRow(std::min(at, list_->count() - 1));
    progress_->show([progress, scale = context_.preferences().scale()](
                        const QSizeF& size) { return buildProgress(progress, size, scale); },
                    context_.preferences());
    showPicked();
}

void PracticePage::showPicked() {
    const int at = list_->currentRow();
    begin_->setEnabled(at >= 0);
    if (at < 0 || at >= exercises_.size())
        return;
    const Exercise& exercise = exercises_[at];
    title_->setText(bundledWords(exercise.title));
    story_->setText(bundledWords(exercise.story));
    task_->setText(bundledWords(exercise.task));
    best_->setText(tr("A good hand: passes %1, visits to the claw %2, minutes %3. Nobody advises; nothing can break.")
                       .arg(decimal(exercise.parPasses, 1))
                       .arg(exercise.parVisits)
                       .arg(decimal(exercise.parMinutes, 0)));
}

void PracticePage::begin(const Exercise& exercise, std::uint32_t seed) {
    show(PracticeRun(exercise, seed));
}

void PracticePage::show(PracticeRun run) {
    bench_->begin(std::move(run));
    turnTo(bench_);
}

PracticePage::View PracticePage::view() const {
    return {apprentice(), bench_->isUnderWay() ? std::optional(*bench_->run()) : std::nullopt, isPractising()};
}

void PracticePage::goOnFrom(const View& view) {
    apprentice_->setEditText(view.apprentice);
    if (view.run)
        bench_->begin(*view.run);
    turnTo(view.isPractising ? static_cast<QWidget*>(bench_) : tabs_);
}

bool PracticePage::openExercise(const QString& path) {
    const Result<Exercise> read = exerciseNamed(path);
    if (!read.ok()) {
        Q_EMIT context_.said(sentence(path, read.fault()), true);
        return false;
    }
    readExercises();
    exercises_.append(read.value());
    refreshLadder();
    list_->setCurrentRow(static_cast<int>(exercises_.size()) - 1);
    return true;
}

void PracticePage::askExercise() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Open an exercise"), QString(),
                                                      tr("Exercises (*.flenzo-exercise *.json)"));
    if (!path.isEmpty())
        openExercise(path);
}

void PracticePage::showMethods() {
    turnTo(tabs_);
    tabs_->setCurrentIndex(1);
}

void PracticePage::finish() {
    const PracticeRun run = *bench_->run();
    save(run);
    result_->show(run);
    turnTo(result_);
}

/// Kept for a name only; no real guitar is touched by it.
void PracticePage::save(const PracticeRun& run) {
    const auto& book = context_.session().logbook();
    if (apprentice().isEmpty()) {
        context_.say(tr("Not saved: give the apprentice a name on the ladder to save what is practised."));
        return;
    }
    if (!book || book->readOnly()) {
        const QString why = book ? sentence(book->path(), *book->whyReadOnly()) : tr("no shop is open");
        Q_EMIT context_.said(tr("Not saved: %1").arg(why), true);
        return;
    }
    PracticeRecord record;
    record.apprentice = apprentice();
    record.exercise = run.exercise().name;
    record.seed = run.seed();
    record.at = QDateTime::currentDateTimeUtc();
    record.score = run.score();
    record.acts = QJsonDocument(actsToJson(run.acts(), run.job().rig)).toJson(QJsonDocument::Compact);
    for (const Guessed& guess : run.guesses())
        if (const auto error = guess.error())
            (guess.what == PracticeAct::Guess::ClawTurns ? record.guessErrors_turns : record.guessErrors_cents)
                .append(*error);
    context_.accept(book->addPractice(record));
    readRecords();
}

QString PracticePage::summary() const {
    QString rows;
    int passed = 0, runs = 0;
    QSet<QString> done;
    for (const PracticeRecord& record : records_) {
        if (record.apprentice != apprentice())
            continue;
        ++runs;
        if (record.score.passed && !done.contains(record.exercise)) {
            done.insert(record.exercise);
            ++passed;
        }
        rows += QStringLiteral("<tr><td>%1</td><td>%2</td><td align='right'>%3</td><td align='right'>%4</td><td "
                               "align='right'>%5</td><td>%6</td></tr>")
                    .arg(record.at.toLocalTime().date().toString(Qt::ISODate), record.exercise.toHtmlEscaped())
                    .arg(record.score.points)
                    .arg(decimal(record.score.passes, 1))
                    .arg(decimal(record.score.minutes, 0))
                    .arg(record.score.passed ? tr("passed") : QString());
    }
    return QStringLiteral("<html><body><h1>%1</h1><p>%2</p><table cellpadding='4'><tr><th>%3</th><th>%4</th><th>%5</th>"
                          "<th>%6</th><th>%7</th><th></th></tr>%8</table><p>%9</p></body></html>")
        .arg(tr("%1: practice on floating bridges").arg(apprentice().toHtmlEscaped()),
             tr("%1 of %2 exercises passed, in %3 runs.").arg(passed).arg(exercises_.size()).arg(runs), tr("day"),
             tr("exercise"), tr("points"), tr("passes"), tr("minutes"), rows,
             tr("Played on simulated guitars with a sticking pivot, settling strings and coarse tools, nobody "
                "advising."));
}

void PracticePage::askSummary() {
    if (apprentice().isEmpty()) {
        context_.say(tr("Whose? Give the apprentice's name first."));
        return;
    }
    const QString path = QFileDialog::getSaveFileName(this, tr("Summary as PDF"), apprentice() + QStringLiteral(".pdf"),
                                                      tr("PDF (*.pdf)"));
    if (path.isEmpty())
        return;
    if (const auto fault = writeFile(path, sheetPdf(summary(), apprentice())))
        Q_EMIT context_.said(sentence(path, *fault), true);
}

} // namespace flenzo
