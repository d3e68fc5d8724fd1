// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/practice_bench.h"

#include "domain/base/bundled_words.h"
#include "domain/base/ranges.h"
#include "language/decimal.h"
#include "paint/section.h"
#include "session/input/quantity.h"
#include "widgets/controls/provenance_icon.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/text/convergence.h"
#include "widgets/text/practice_words.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QGridLayout>
#include <QHeaderView>
#include <QInputDialog>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTabWidget>
#include <QTableWidget>
#include <algorithm>
#include <cmath>

namespace flenzo {

using Do = PracticeAct::Do;

/// A thing to do: its words, its key (unknown: a shortcut of the window), and what it needs.
struct PracticeBench::Key {
    Do what;
    const char* name;
    const char* words;
    Qt::Key key;
    bool (*isFor)(const Job& job) = [](const Job&) { return true; };
};

namespace {

bool hasClawOf(const Job& job) {
    return hasClaw(job.rig);
}
bool hasArmOf(const Job& job) {
    return job.rig.bridge.has().moves();
}
bool hasCapsOf(const Job& job) {
    return job.card.nut != Nut::Open && !job.rig.nutLocked;
}

/// The number that has to be typed for it, if one has.
std::optional<Dimension> numberFor(Do what) {
    switch (what) {
    case Do::Tune:
        return Dimension::Cents;
    case Do::Turn:
    case Do::Claw:
        return Dimension::Turns;
    case Do::Block:
    case Do::Posts:
        return Dimension::Length;
    case Do::Springs:
        return Dimension::Number;
    default:
        return std::nullopt;
    }
}

} // namespace

PracticeBench::PracticeBench(AppContext& context, QWidget* parent) : QWidget(parent), context_(context) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 8, 8, 8);
    column->setSpacing(8);
    auto* panel = new QFrame(this);
    panel->setProperty("panel", true);
    auto* words = new QVBoxLayout(panel);
    task_ = label(TextRole::Body, panel, QStringLiteral("practiceTask"));
    says_ = label(TextRole::Act, panel, QStringLiteral("practiceSays"));
    counts_ = label(TextRole::Small, panel, QStringLiteral("practiceCounts"));
    for (QLabel* each : {task_, says_, counts_}) {
        each->setWordWrap(true);
        words->addWidget(each);
    }
    column->addWidget(panel);
    auto* middle = middle_ = new QHBoxLayout;
    picture_ = new SceneView(this);
    picture_->setObjectName(QStringLiteral("practiceSide"));
    picture_->setAccessibleName(tr("The bridge, as seen from the side"));
    picture_->setMinimumHeight(static_cast<int>(basePixels(context.preferences()) * 11.0));
    middle->addWidget(picture_, 1);
    readings_ = new QTableWidget(0, 3, this);
    readings_->setObjectName(QStringLiteral("practiceReadings"));
    readings_->setAccessibleName(tr("Reading of each string"));
    readings_->setHorizontalHeaderLabels({tr("string"), tr("reading, ¢"), tr("acts ago")});
    readings_->horizontalHeaderItem(1)->setIcon(provenanceIcon(Provenance::Measured));
    readings_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    readings_->verticalHeader()->hide();
    readings_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    readings_->setSelectionBehavior(QAbstractItemView::SelectRows);
    readings_->setSelectionMode(QAbstractItemView::SingleSelection);
    readings_->setFocusPolicy(Qt::NoFocus);
    way_ = new SceneView(this);
    way_->setObjectName(QStringLiteral("practiceWay"));
    way_->setAccessibleName(tr("Progress to pitch, as checked"));
    companions_ = new QTabWidget(this);
    companions_->setObjectName(QStringLiteral("practiceCompanions"));
    companions_->addTab(readings_, tr("Rea&dings"));
    companions_->addTab(way_, tr("&Progress"));
    companions_->setFocusPolicy(Qt::NoFocus);
    middle->addWidget(companions_, 1);
    connect(companions_, &QTabWidget::currentChanged, this, &PracticeBench::refreshWay);
    column->addLayout(middle, 1);
    auto* row = new QHBoxLayout;
    entry_ = new QLineEdit(this);
    entry_->setObjectName(QStringLiteral("practiceEntry"));
    entry_->setAccessibleName(tr("Cents, turns or a length for what is done next"));
    entry_->setPlaceholderText(tr("cents for the picked string, then Enter"));
    entry_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    entry_->installEventFilter(this);
    hint_ = label(TextRole::Small, this);
    hint_->setText(
        tr("Up and Down pick the string. Type a number, then a key: Enter tunes to so many cents, T and J turn "
           "the claw by so many turns. After a space a unit can be typed; then Alt and the key."));
    hint_->setWordWrap(true);
    row->addWidget(entry_, 2);
    row->addWidget(hint_, 3);
    column->addLayout(row);
    grid_ = new QGridLayout;
    grid_->setSpacing(6);
    buildKeys(*grid_);
    column->addLayout(grid_);
    askNumber_ = [this](const QString& question) {
        return QInputDialog::getText(this, tr("Your estimate first"), question);
    };
    askFault_ = [this]() -> std::optional<Defect> {
        QStringList titles;
        for (int k = 0; k < static_cast<int>(Defect::Count); ++k)
            titles.append(wording::faultTitle(static_cast<Defect>(k)));
        bool ok = false;
        const QString said = QInputDialog::getItem(
            this, tr("What is wrong?"), tr("For a string fault, select the string first."), titles, 0, false, &ok);
        return ok ? std::optional(static_cast<Defect>(titles.indexOf(said))) : std::nullopt;
    };
}

void PracticeBench::buildKeys(QGridLayout& grid) {
    static const Key keys[] = {{Do::Tune, "tune", QT_TR_NOOP("Tune to… (Enter)"), Qt::Key_Return},
                               {Do::Turn, "turn", QT_TR_NOOP("Turn the peg… (Q)"), Qt::Key_Q},
                               {Do::Read, "read", QT_TR_NOOP("Check it (R)"), Qt::Key_R},
                               {Do::Read, "readAll", QT_TR_NOOP("Check all (A)"), Qt::Key_A},
                               {Do::Measure, "measure", QT_TR_NOOP("Measure the gap (G)"), Qt::Key_G, hasClawOf},
                               {Do::Look, "look", QT_TR_NOOP("Look from the side (V)"), Qt::Key_V, hasArmOf},
                               {Do::Claw, "tighten", QT_TR_NOOP("Tighten the claw… (T)"), Qt::Key_T, hasClawOf},
                               {Do::Claw, "loosen", QT_TR_NOOP("Loosen the claw… (J)"), Qt::Key_J, hasClawOf},
                               {Do::Claw, "bass", QT_TR_NOOP("Bass screw alone… (Y)"), Qt::Key_Y, hasClawOf},
                               {Do::Stretch, "stretch", QT_TR_NOOP("Pull the string (P)"), Qt::Key_P},
                               {Do::Wiggle, "wiggle", QT_TR_NOOP("Arm to and fro (W)"), Qt::Key_W, hasArmOf},
                               {Do::Dive, "dive", QT_TR_NOOP("Dive (D)"), Qt::Key_D, hasArmOf},
                               {Do::PullUp, "pullUp", QT_TR_NOOP("Pull up (U)"), Qt::Key_U, hasArmOf},
                               {Do::Block, "block", QT_TR_NOOP("Block in, how thick… (B)"), Qt::Key_B, hasClawOf},
                               {Do::Unblock, "unblock", QT_TR_NOOP("Block out (O)"), Qt::Key_O, hasClawOf},
                               {Do::Lock, "lock", QT_TR_NOOP("Lock the nut (K)"), Qt::Key_K, hasCapsOf},
                               {Do::Inspect, "inspect", QT_TR_NOOP("Look at the springs (I)"), Qt::Key_I, hasClawOf},
                               {Do::Springs, "springs", QT_TR_NOOP("Springs in… (H)"), Qt::Key_H, hasClawOf},
                               {Do::Caliper, "caliper", QT_TR_NOOP("Caliper (C)"), Qt::Key_C},
                               {Do::Posts, "posts", QT_TR_NOOP("Raise bridge posts… (M)"), Qt::Key_M, hasClawOf},
                               {Do::TakeOff, "takeOff", QT_TR_NOOP("Take the string off (X)"), Qt::Key_X},
                               {Do::PutOn, "putOn", QT_TR_NOOP("Put it on (N)"), Qt::Key_N},
                               {Do::Diagnose, "diagnose", QT_TR_NOOP("Say what is wrong (F2)"), Qt::Key_unknown},
                               {Do::Done, "done", QT_TR_NOOP("Hand it over (Ctrl+Enter)"), Qt::Key_unknown}};
    int k = 0;
    for (const Key& key : keys) {
        auto* button = new QPushButton(tr(key.words), this);
        button->setObjectName(QStringLiteral("practice-") + QLatin1String(key.name));
        button->setFocusPolicy(Qt::TabFocus);
        button->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed); // they share what width there is
        grid.addWidget(button, k / 6, k % 6);
        keys_.emplace_back(&key, button);
        ++k;
        connect(button, &QPushButton::clicked, this, [this, &key] { take(key); });
    }
}

/// Only what this guitar has a use for, in rows that fit.
void PracticeBench::arrangeKeys() {
    const double seen = seenWidth(*this, context_.preferences());
    const int columns = std::clamp(static_cast<int>(seen / 14.0), 1, 6);
    constexpr double besideEachOther = 44.0;
    middle_->setDirection(seen < besideEachOther ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    int k = 0;
    for (const auto& [key, button] : keys_) {
        grid_->removeWidget(button);
        const bool shown = run_ && key->isFor(run_->job());
        button->setVisible(shown);
        if (!shown)
            continue;
        grid_->addWidget(button, k / columns, k % columns);
        ++k;
    }
}

void PracticeBench::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrangeKeys();
}

void PracticeBench::begin(PracticeRun run) {
    run_ = std::make_unique<PracticeRun>(std::move(run));
    task_->setText(
        QStringLiteral("%1 – %2").arg(bundledWords(run_->exercise().title), bundledWords(run_->exercise().task)));
    readings_->setRowCount(static_cast<int>(run_->job().rig.strings.size()));
    readings_->selectRow(0);
    arrangeKeys();
    refresh();
}

void PracticeBench::pick(std::size_t string) {
    if (static_cast<int>(string) < readings_->rowCount())
        readings_->selectRow(static_cast<int>(string));
}

void PracticeBench::takeFocus() {
    entry_->setFocus();
}

void PracticeBench::takeNamed(const QString& name) {
    for (const auto& [key, button] : keys_)
        if (name == QLatin1String(key->name) && run_ && key->isFor(run_->job()))
            take(*key);
}

std::size_t PracticeBench::picked() const {
    return static_cast<std::size_t>(std::max(0, readings_->currentRow()));
}

bool PracticeBench::eventFilter(QObject* watched, QEvent* event) {
    const bool claims = event->type() == QEvent::ShortcutOverride;
    if (watched != entry_ || (event->type() != QEvent::KeyPress && !claims) || !run_)
        return QWidget::eventFilter(watched, event);
    const auto* pressed = static_cast<QKeyEvent*>(event);
    if (claims) { // with something typed Alt and a letter is an act before it is a menu
        const bool act = pressed->modifiers() == Qt::AltModifier && !entry_->text().isEmpty();
        event->setAccepted(act);
        return act;
    }
    if (pressed->modifiers() & Qt::ControlModifier)
        return false;
    const int key = pressed->key() == Qt::Key_Enter ? Qt::Key_Return : pressed->key();
    if (key == Qt::Key_Up || key == Qt::Key_Down) {
        const int rows = readings_->rowCount();
        readings_->selectRow((readings_->currentRow() + (key == Qt::Key_Down ? 1 : rows - 1)) % rows);
        return true;
    }
    if (key == Qt::Key_Escape) {
        entry_->text().isEmpty() ? Q_EMIT left() : entry_->clear();
        return true;
    }
    // A unit is typed after a space, so letters are letters there.
    const QString typed = entry_->text();
    const bool isUnit = !typed.isEmpty() && (typed.back().isSpace() || typed.back().isLetter());
    if (isUnit && key >= Qt::Key_A && key <= Qt::Key_Z && !(pressed->modifiers() & Qt::AltModifier))
        return false;
    for (const auto& [each, button] : keys_)
        if (each->key == key && each->isFor(run_->job())) {
            take(*each);
            return true;
        }
    return false;
}

/// What is typed becomes what is done, or a sentence says what is missing.
std::optional<PracticeAct> PracticeBench::made(const Key& key) {
    const Do what = key.what;
    const QLatin1String way(key.name); // several keys do one thing in different ways
    PracticeAct act;
    act.what = what;
    const bool ofString = what == Do::Tune || what == Do::Turn || what == Do::Stretch || what == Do::Caliper ||
                          what == Do::TakeOff || what == Do::PutOn || what == Do::Diagnose ||
                          (what == Do::Read && way != QLatin1String("readAll"));
    if (ofString)
        act.string = picked();
    const std::optional<Dimension> dimension = numberFor(what);
    if (!dimension)
        return act;
    const Result<double> number =
        parseQuantity(entry_->text(), *dimension, context_.preferences().units, tr("what is typed"));
    if (!number.ok()) {
        context_.accept(number.fault());
        return std::nullopt;
    }
    act.cents = act.amount = number.value();
    if (what == Do::Claw) {
        const double by = way == QLatin1String("loosen") ? -number.value() : number.value();
        act.turns = {by, way == QLatin1String("bass") ? 0.0 : by};
    }
    return act;
}

/// Judgement before knowledge: true when it went on.
bool PracticeBench::guessFirst(Do what) {
    const auto guess = run_->askedBefore(what);
    if (!guess)
        return true;
    const bool ofClaw = *guess == PracticeAct::Guess::ClawTurns;
    const QString typed =
        askNumber_(ofClaw ? tr("How many turns are missing at the claw? Tighter is positive.")
                          : tr("When this pass is over, where will the lowest string be? Cents, flat is negative."));
    if (typed.trimmed().isEmpty())
        return false;
    const Result<double> said = parseQuantity(typed, ofClaw ? Dimension::Turns : Dimension::Cents,
                                              context_.preferences().units, tr("the guess"), ranges::guess);
    if (!said.ok())
        return context_.accept(said.fault());
    PracticeAct act;
    act.what = Do::Guess;
    act.guess = *guess;
    act.amount = said.value();
    return context_.accept(run_->act(act));
}

void PracticeBench::take(const Key& key) {
    if (!run_ || run_->isOver())
        return;
    std::optional<PracticeAct> act = made(key);
    if (!act)
        return;
    if (!context_.accept(run_->refusal(*act))) {
        entry_->selectAll();
        return;
    }
    if (!guessFirst(key.what))
        return;
    if (key.what == Do::Diagnose) {
        const auto fault = askFault_();
        if (!fault)
            return;
        act->fault = *fault;
    }
    if (!context_.accept(run_->act(*act)))
        return;
    entry_->clear();
    if (run_->isOver())
        Q_EMIT finished();
    else
        refresh();
}

void PracticeBench::refresh() {
    if (!run_)
        return;
    says_->setText(wording::practiceSight(*run_, context_.preferences().units));
    const PracticeScore score = run_->score();
    const QString clock =
        run_->exercise().clock_min ? tr(" of %1").arg(decimal(*run_->exercise().clock_min, 0)) : QString();
    counts_->setText(tr("Acts %1, passes %2, visits to the claw %3, minutes %4%5")
                         .arg(score.acts)
                         .arg(decimal(score.passes, 1))
                         .arg(score.clawVisits)
                         .arg(decimal(score.minutes, 0))
                         .arg(clock));
    refreshReadings();
    refreshWay();
    refreshPicture();
}

void PracticeBench::refreshReadings() {
    const Job& job = run_->job();
    const std::size_t strings = job.rig.strings.size();
    readings_->verticalHeader()->setDefaultSectionSize(static_cast<int>(basePixels(context_.preferences()) * 1.9));
    readings_->setMinimumHeight(readings_->verticalHeader()->length() + readings_->horizontalHeader()->height() + 6);
    std::vector<std::optional<double>> read(strings);
    std::vector<qsizetype> at(strings, 0);
    const QList<qsizetype>& entries = run_->entries();
    for (qsizetype act = 0; act < entries.size(); ++act)
        for (qsizetype e = act == 0 ? 0 : entries[act - 1]; e < entries[act]; ++e) {
            const Event& event = job.log[static_cast<std::size_t>(e)];
            for (const auto& [string, cents] : event.readings_cents) {
                read[string] = cents;
                at[string] = act;
            }
            if (event.turnsString()) {
                read[event.string] = event.to_cents;
                at[event.string] = act;
            }
        }
    for (std::size_t i = 0; i < strings; ++i) {
        const int row = static_cast<int>(i);
        const qsizetype ago = entries.size() - 1 - at[i];
        const QStringList cells{wording::stringTitle(job.rig.strings[i]),
                                !run_->isOn(i) ? tr("off")
                                : read[i]      ? signedNumber(*read[i], 1)
                                               : QString(),
                                read[i] && ago > 0 ? QString::number(ago) : QString()};
        for (int column = 0; column < cells.size(); ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            item->setTextAlignment((column == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
            readings_->setItem(row, column, item);
        }
    }
}

void PracticeBench::refreshWay() {
    if (!run_ || companions_->currentWidget() != way_)
        return;
    way_->show([way = wayRead(run_->job()), scale = context_.preferences().textScale](
                   const QSizeF& size) { return buildConvergence(way, size, scale); },
               context_.preferences());
}

/// Drawn from the last look: no figures, for the eye has none.
void PracticeBench::refreshPicture() {
    const Job& job = run_->job();
    std::optional<double> looked_rad;
    for (const Event& event : job.log)
        if (event.angle_rad)
            looked_rad = event.angle_rad;
    SectionValues values{
        job.rig, bareState(job.rig), job.goal, context_.preferences().units, false, context_.preferences().textScale,
        {}};
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        values.state.unstretchedLength_m[i] = job.rig.strings[i].scale_m;
    values.state.angle_rad = looked_rad.value_or(job.goal.angle_rad);
    values.bare = true;
    const QString words = looked_rad ? QString() : tr("Not looked at yet: drawn level");
    picture_->show(
        [values, words](const QSizeF& size) {
            Scene scene = buildSection(values, size);
            scene.description = words.isEmpty() ? PracticeBench::tr("The bridge, as seen from the side") : words;
            if (!words.isEmpty())
                scene.text({12.0, size.height() - 12.0}, words, ColourRole::Quiet,
                           std::min(13.0 * values.textScale,
                                    (size.width() - 24.0) / (0.58 * static_cast<double>(words.size()))),
                           Qt::AlignLeft | Qt::AlignVCenter);
            return scene;
        },
        context_.preferences());
}

} // namespace flenzo
