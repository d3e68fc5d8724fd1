// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/practice_bench.h"

#include "domain/base/bundled_words.h"
#include "domain/base/ranges.h"
#include "language/decimal.h"
#include "paint/section.h"
#include "paint/string_lanes.h"
#include "session/input/quantity.h"
#include "widgets/controls/lane_view.h"
#include "widgets/controls/row_layout.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/text/convergence.h"
#include "widgets/text/lanes.h"
#include "widgets/text/practice_words.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QInputDialog>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStackedWidget>
#include <algorithm>
#include <cmath>

namespace flenzo {

using Do = PracticeAct::Do;

namespace {

/// Around every mark whose name begins so; empty where there is none.
QRectF placeOf(const Scene& scene, const QString& begin) {
    QRectF place;
    for (const Mark& mark : scene.marks)
        if (!begin.isEmpty() && mark.id.startsWith(begin))
            place = place.united(mark.points.boundingRect().adjusted(-4.0, -4.0, 4.0, 4.0));
    return place;
}

} // namespace

PracticeBench::PracticeBench(AppContext& context, QWidget* parent) : QWidget(parent), context_(context) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 8, 8, 8);
    column->setSpacing(8);
    column->addWidget(buildPanel());
    views_ = new QStackedWidget(this);
    instrument_ = buildInstrument();
    way_ = new SceneView(views_);
    way_->setObjectName(QStringLiteral("practiceWay"));
    way_->setAccessibleName(tr("Progress to pitch, as checked"));
    views_->addWidget(instrument_);
    views_->addWidget(way_);
    column->addWidget(views_, 1);
    column->addWidget(buildThings());
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

/// The words left; right what is typed and what can be done with what is picked.
QWidget* PracticeBench::buildPanel() {
    auto* panel = new QFrame(this);
    panel->setProperty("panel", true);
    auto* row = panelRow_ = new QHBoxLayout(panel);
    row->setContentsMargins(18, 8, 18, 8);
    row->setSpacing(16);
    auto* words = new QVBoxLayout;
    words->setSpacing(4);
    task_ = label(TextRole::Body, panel, QStringLiteral("practiceTask"));
    says_ = label(TextRole::Act, panel, QStringLiteral("practiceSays"));
    counts_ = label(TextRole::Small, panel, QStringLiteral("practiceCounts"));
    for (QLabel* each : {task_, says_, counts_}) {
        each->setWordWrap(true);
        words->addWidget(each);
    }
    words->addStretch();
    auto* hand = new QVBoxLayout;
    entry_ = new QLineEdit(panel);
    entry_->setObjectName(QStringLiteral("practiceEntry"));
    entry_->setAccessibleName(tr("Cents, turns or a length for what is done next"));
    entry_->installEventFilter(this);
    auto* acts = new QWidget(panel);
    auto* actRow = new RowLayout(acts);
    for (const PracticeKey& key : practiceKeys()) {
        if (!key.thing)
            continue;
        auto* button = new QPushButton(key.title(), acts);
        button->setObjectName(QStringLiteral("practice-") + QLatin1String(key.name));
        button->setFocusPolicy(Qt::TabFocus);
        actRow->addWidget(button);
        keys_.emplace_back(&key, button);
        connect(button, &QPushButton::clicked, this, [this, &key] { take(key); });
    }
    hint_ = label(TextRole::Small, panel);
    hint_->setText(
        tr("Up and Down pick the string. Type a number, then a key: Enter tunes to so many cents, T and J turn "
           "the claw by so many turns. After a space a unit can be typed; then Alt and the key."));
    hint_->setWordWrap(true);
    hand->addWidget(entry_);
    hand->addWidget(acts);
    hand->addWidget(hint_);
    hand->addStretch();
    row->addLayout(words, 1);
    row->addLayout(hand, 1);
    return panel;
}

QWidget* PracticeBench::buildInstrument() {
    auto* both = new QWidget(views_);
    auto* middle = middle_ = new QHBoxLayout(both);
    middle->setContentsMargins(0, 0, 0, 0);
    middle->setSpacing(8);
    picture_ = new SceneView(both);
    picture_->setObjectName(QStringLiteral("practiceSide"));
    picture_->setAccessibleName(tr("The bridge, as seen from the side"));
    lanes_ = new LaneView(both);
    lanes_->setObjectName(QStringLiteral("practiceLanes"));
    lanes_->setAccessibleName(tr("Reading of each string"));
    middle->addWidget(picture_, 44);
    middle->addWidget(lanes_, 56);
    connect(picture_, &SceneView::pressed, this, &PracticeBench::touch);
    connect(lanes_, &LaneView::lanePicked, this, &PracticeBench::pick);
    connect(lanes_, &SceneView::pressed, this, &PracticeBench::takeFocus);
    return both;
}

/// What can be touched, by name; then what is said or done of the whole.
QWidget* PracticeBench::buildThings() {
    auto* box = new QWidget(this);
    auto* row = new RowLayout(box);
    const auto button = [&](const QString& words, const QString& name) {
        auto* made = new QPushButton(words, box);
        made->setObjectName(name);
        made->setFocusPolicy(Qt::TabFocus);
        row->addWidget(made);
        return made;
    };
    for (const PracticeThingSpec& thing : practiceThings()) {
        auto* made = button(thing.title(), QStringLiteral("thing-") + QLatin1String(thing.name));
        made->setCheckable(true);
        things_.emplace_back(&thing, made);
        connect(made, &QPushButton::clicked, this, [this, &thing] { pickThing(thing.thing); });
    }
    progress_ = button(tr("&Progress"), QStringLiteral("practiceProgress"));
    progress_->setCheckable(true);
    connect(progress_, &QPushButton::clicked, this, &PracticeBench::showProgress);
    for (const PracticeKey& key : practiceKeys())
        if (!key.thing) {
            auto* made = button(key.title(), QStringLiteral("practice-") + QLatin1String(key.name));
            keys_.emplace_back(&key, made);
            connect(made, &QPushButton::clicked, this, [this, &key] { take(key); });
        }
    return box;
}

void PracticeBench::arrange() {
    constexpr double besideEachOther = 44.0;
    const bool below = seenWidth(*this, context_.preferences()) < besideEachOther;
    for (QBoxLayout* row : {middle_, panelRow_})
        row->setDirection(below ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    const double base = basePixels(context_.preferences());
    const auto strings = run_ ? static_cast<double>(run_->job().rig.strings.size()) : 6.0;
    picture_->setMinimumHeight(static_cast<int>(9.0 * base));
    lanes_->setMinimumHeight(static_cast<int>(base * (1.7 + 1.15 * strings)));
}

void PracticeBench::pickThing(PracticeThing thing) {
    thing_ = thing;
    refreshThings();
    refreshPicture();
    takeFocus();
}

/// The smallest of the things drawn there.
void PracticeBench::touch(const QPointF& at) {
    std::optional<PracticeThing> touched;
    double least = 0.0;
    for (const auto& [thing, button] : things_) {
        const QRectF place = placeOf(picture_->scene(), QLatin1String(thing->marks));
        const double size = place.width() * place.height();
        if (button->isHidden() || !place.contains(at) || (touched && size >= least))
            continue;
        touched = thing->thing;
        least = size;
    }
    if (touched)
        pickThing(*touched);
    takeFocus();
}

/// What this guitar has, and of what is picked what can be done.
void PracticeBench::refreshThings() {
    if (!run_)
        return;
    const auto possible = [this](const PracticeKey& key) { return key.isFor(run_->job()); };
    for (const auto& [thing, button] : things_) {
        const bool any = std::any_of(
            practiceKeys().begin(), practiceKeys().end(),
            [&, which = thing->thing](const PracticeKey& key) { return key.thing == which && possible(key); });
        button->setVisible(any);
        button->setChecked(thing->thing == thing_);
    }
    for (const auto& [key, button] : keys_)
        button->setVisible(possible(*key) && (!key->thing || key->thing == thing_));
}

void PracticeBench::showProgress(bool shown) {
    views_->setCurrentWidget(shown ? static_cast<QWidget*>(way_) : instrument_);
    progress_->setChecked(shown);
    refreshWay();
    takeFocus();
}

void PracticeBench::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrange();
}

void PracticeBench::begin(PracticeRun run) {
    run_ = std::make_unique<PracticeRun>(std::move(run));
    task_->setText(
        QStringLiteral("%1 – %2").arg(bundledWords(run_->exercise().title), bundledWords(run_->exercise().task)));
    string_ = 0;
    thing_ = PracticeThing::Peg;
    asked_.reset();
    showProgress(false);
    arrange();
    refresh();
}

void PracticeBench::pick(std::size_t string) {
    if (!run_ || string >= run_->job().rig.strings.size())
        return;
    string_ = string;
    if (!isOfAString(thing_))
        thing_ = PracticeThing::Peg;
    refreshThings();
    refreshLanes();
    refreshPicture();
}

void PracticeBench::takeFocus() {
    entry_->setFocus();
}

void PracticeBench::takeNamed(const QString& name) {
    for (const auto& [key, button] : keys_)
        if (name == QLatin1String(key->name) && run_ && key->isFor(run_->job()))
            take(*key);
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
    if (asked_) { // every key belongs to the answer
        if (key == Qt::Key_Return)
            answerGuess();
        else if (key == Qt::Key_Escape) {
            asked_.reset();
            entry_->clear();
            refresh();
        }
        return key == Qt::Key_Return || key == Qt::Key_Escape;
    }
    if (key == Qt::Key_Up || key == Qt::Key_Down) {
        const std::size_t strings = run_->job().rig.strings.size();
        pick((string_ + (key == Qt::Key_Down ? 1 : strings - 1)) % strings);
        return true;
    }
    if (key == Qt::Key_Escape && progress_->isChecked()) {
        showProgress(false);
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
std::optional<PracticeAct> PracticeBench::made(const PracticeKey& key) {
    const Do what = key.what;
    const QLatin1String way(key.name); // several keys do one thing in different ways
    PracticeAct act;
    act.what = what;
    const bool ofString = what == Do::Tune || what == Do::Turn || what == Do::Stretch || what == Do::Caliper ||
                          what == Do::TakeOff || what == Do::PutOn || what == Do::Diagnose ||
                          (what == Do::Read && way != QLatin1String("readAll"));
    if (ofString)
        act.string = string_;
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

void PracticeBench::askGuess(PracticeAct::Guess guess, const PracticeAct& act) {
    const QString question =
        guess == PracticeAct::Guess::ClawTurns
            ? tr("How many turns are missing at the claw? Tighter is positive.")
            : tr("When this pass is over, where will the lowest string be? Cents, flat is negative.");
    if (askNumber_) {
        if (const QString typed = askNumber_(question); !typed.trimmed().isEmpty() && enterGuess(typed, guess))
            finishAct(act);
        return;
    }
    asked_ = Asked{guess, act};
    says_->setText(question);
    entry_->clear();
    entry_->setPlaceholderText(tr("your estimate, then Enter; Escape: not now"));
    takeFocus();
}

bool PracticeBench::enterGuess(const QString& typed, PracticeAct::Guess guess) {
    const bool ofClaw = guess == PracticeAct::Guess::ClawTurns;
    const Result<double> said = parseQuantity(typed, ofClaw ? Dimension::Turns : Dimension::Cents,
                                              context_.preferences().units, tr("the guess"), ranges::guess);
    if (!said.ok())
        return context_.accept(said.fault());
    PracticeAct act;
    act.what = Do::Guess;
    act.guess = guess;
    act.amount = said.value();
    return context_.accept(run_->act(act));
}

void PracticeBench::answerGuess() {
    if (!enterGuess(entry_->text(), asked_->guess)) {
        entry_->selectAll();
        return;
    }
    const PracticeAct act = asked_->act;
    asked_.reset();
    finishAct(act);
}

void PracticeBench::take(const PracticeKey& key) {
    if (!run_ || run_->isOver() || asked_)
        return;
    std::optional<PracticeAct> act = made(key);
    if (!act)
        return;
    if (!context_.accept(run_->refusal(*act))) {
        entry_->selectAll();
        return;
    }
    if (const auto guess = run_->askedBefore(key.what))
        askGuess(*guess, *act);
    else
        finishAct(*act);
}

void PracticeBench::finishAct(PracticeAct act) {
    if (act.what == Do::Diagnose) {
        const auto fault = askFault_();
        if (!fault)
            return;
        act.fault = *fault;
    }
    if (!context_.accept(run_->act(act)))
        return;
    entry_->clear();
    if (run_->isOver())
        Q_EMIT finished();
    else
        refresh();
}

void PracticeBench::refresh() {
    if (!run_ || asked_)
        return;
    entry_->setPlaceholderText(tr("cents for the picked string, then Enter"));
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
    refreshThings();
    refreshLanes();
    refreshWay();
    refreshPicture();
}

void PracticeBench::refreshLanes() {
    lanes_->showLanes(lanesRead(*run_, string_), context_.preferences());
}

void PracticeBench::refreshWay() {
    if (!run_ || views_->currentWidget() != way_)
        return;
    way_->show([way = wayRead(run_->job()), scale = context_.preferences().scale()](
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
        job.rig, bareState(job.rig), job.goal, context_.preferences().units, false, context_.preferences().scale(), {}};
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        values.state.unstretchedLength_m[i] = job.rig.strings[i].scale_m;
    values.state.angle_rad = looked_rad.value_or(job.goal.angle_rad);
    values.bare = true;
    const QString words = looked_rad ? QString() : tr("Not looked at yet: drawn level");
    const auto picked = std::find_if(practiceThings().begin(), practiceThings().end(),
                                     [this](const PracticeThingSpec& thing) { return thing.thing == thing_; });
    picture_->show(
        [values, words, marks = QLatin1String(picked->marks), whole = isOfAString(thing_)](const QSizeF& size) {
            Scene scene = buildSection(values, size);
            const QRectF place = whole ? QRectF() : placeOf(scene, marks);
            if (!place.isEmpty()) {
                QPolygonF frame(place);
                frame.append(frame.first());
                scene.line(frame, ColourRole::Focus, 3.0).id = QStringLiteral("picked");
            }
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
