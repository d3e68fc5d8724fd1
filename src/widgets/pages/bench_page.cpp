// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/bench_page.h"

#include "widgets/controls/fitting_label.h"
#include "widgets/controls/reading_entry.h"
#include "widgets/controls/scene_view.h"
#include "widgets/dialogs/photo_level_dialog.h"
#include "widgets/look.h"
#include "widgets/pages/bench_views.h"
#include "widgets/pages/listen_bar.h"
#include "widgets/text/lanes.h"
#include "widgets/text/question_words.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <algorithm>
#include <tuple>
#include <utility>

namespace flenzo {

BenchPage::BenchPage(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* column = column_ = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addWidget(buildActPanel());
    views_ = new BenchViews(context_, this);
    column->addWidget(views_, 1);
    column->addLayout(views_->keyRow());
    connect(views_, &BenchViews::told, entry_, &ReadingEntry::setText);
    connect(views_, &BenchViews::isLeft, this, &BenchPage::takeFocus);
    const auto actChanged = [this] { isVisible() ? refreshAct() : refreshWhenSeen(); };
    connect(&context_.session(), &Session::remainingChanged, this, &BenchPage::refreshWhenSeen);
    connect(&context_.bench(), &BenchEntry::pickChanged, this, actChanged);
    connect(&context_.session(), &Session::deriving, this, &BenchPage::showTaken);
    connect(&context_.session(), &Session::started, this, [this] { leftIsKnown_ = false; }); // of another job
}

void BenchPage::holdListenBar(ListenBar* bar) {
    if (!listen_)
        connect(&bar->listening(), &Listening::changed, this, [this] {
            if (isVisible())
                showLanes();
        });
    listen_ = bar;
    if (views_->keyRow()->indexOf(bar) < 0)
        views_->keyRow()->addWidget(bar, 1);
}

/// What was worked out stays while somebody listens; only what sounds is new then.
void BenchPage::showLanes() {
    views_->showLanes(listen_ ? withSound(strings_, listen_->listening()) : strings_);
}

QWidget* BenchPage::buildActPanel() {
    auto* panel = new QFrame(this);
    panel->setProperty("panel", true);
    auto* row = actRow_ = new QHBoxLayout(panel);
    row->setContentsMargins(18, 8, 18, 8);
    row->setSpacing(16);
    // With a least height of its own: wrapped labels would ask for that of a narrow column.
    wordsBox_ = new QWidget(panel);
    auto* words = new QVBoxLayout(wordsBox_);
    words->setContentsMargins(0, 0, 0, 0);
    words->setSpacing(2);
    act_ = label(TextRole::Act, panel, QStringLiteral("act"));
    act_->setWordWrap(true);
    aside_ = label(TextRole::Body, panel, QStringLiteral("aside"));
    aside_->setWordWrap(true);
    remaining_ = label(TextRole::Small, panel, QStringLiteral("outlook"));
    remaining_->setWordWrap(true);
    stepTitle_ = label(TextRole::Small, panel, QStringLiteral("benchStep"));
    caution_ = label(TextRole::Warn, panel, QStringLiteral("benchCaution"));
    for (QLabel* each : {stepTitle_, caution_}) {
        each->setWordWrap(true);
        each->hide();
    }
    words->addStretch();
    words->addWidget(stepTitle_);
    words->addWidget(act_);
    words->addWidget(aside_);
    words->addWidget(caution_);
    words->addWidget(remaining_);
    why_ = label(TextRole::Small, panel, QStringLiteral("whyItMoved"));
    why_->setWordWrap(true);
    words->addWidget(why_);
    words->addStretch();
    figure_ = label(TextRole::Figure, panel, QStringLiteral("figure"));
    figure_->setAlignment(Qt::AlignCenter);
    auto* entryBox = new QVBoxLayout;
    entryBox->setSpacing(4);
    entryFor_ = new FittingLabel(panel);
    entryFor_->setObjectName(QStringLiteral("entryFor"));
    setVoice(entryFor_, TextRole::Small);
    entry_ = new ReadingEntry(panel);
    entry_->setObjectName(QStringLiteral("entry"));
    entry_->setAccessibleName(tr("Reading"));
    entry_->setMaximumWidth(260);
    connectEntry();
    auto* buttons = new QHBoxLayout;
    done_ = new QPushButton(tr("Done  (Space)"), panel);
    done_->setObjectName(QStringLiteral("done"));
    done_->setFocusPolicy(Qt::TabFocus);
    done_->setProperty("primary", true);
    no_ = new QPushButton(panel);
    no_->setObjectName(QStringLiteral("no"));
    no_->setFocusPolicy(Qt::TabFocus);
    answer_ = new QPushButton(panel);
    answer_->setObjectName(QStringLiteral("answer"));
    answer_->setToolTip(tr("Simulate this act and enter its reading"));
    answer_->setFocusPolicy(Qt::TabFocus);
    buttons->addWidget(done_);
    buttons->addWidget(no_);
    buttons->addWidget(answer_);
    entryBox->addStretch();
    entryBox->addWidget(entryFor_);
    entryRow_ = new QVBoxLayout;
    entryRow_->setSpacing(4);
    entryRow_->addWidget(entry_);
    entryRow_->addLayout(buttons);
    entryBox->addLayout(entryRow_);
    entryBox->addLayout(buildPlateKeys(panel));
    entryBox->addStretch();
    answerRow_ = new QHBoxLayout;
    answerRow_->setSpacing(12);
    answerRow_->addWidget(figure_, 1);
    answerRow_->addLayout(entryBox, 0);
    picture_ = new SceneView(panel);
    picture_->setObjectName(QStringLiteral("actPicture"));
    picture_->setAccessibleName(tr("What to touch"));
    row->addWidget(wordsBox_, 13);
    row->addWidget(picture_, 3);
    row->addLayout(answerRow_, 9);
    connect(done_, &QPushButton::clicked, this, &BenchPage::confirm);
    connect(no_, &QPushButton::clicked, this, &BenchPage::deny);
    connect(answer_, &QPushButton::clicked, this, [this] { context_.accept(context_.bench().letSimulationAnswer()); });
    return panel;
}

void BenchPage::connectEntry() {
    connect(entry_, &ReadingEntry::submitted, this, &BenchPage::submit);
    connect(entry_, &ReadingEntry::confirmed, this, &BenchPage::confirm);
    connect(entry_, &ReadingEntry::denied, this, &BenchPage::deny);
    connect(entry_, &ReadingEntry::plateSeen, this, &BenchPage::see);
    connect(entry_, &ReadingEntry::neighbourWanted, this, &BenchPage::pickNeighbour);
    connect(entry_, &ReadingEntry::stepBackWanted, this, &BenchPage::stepBackWanted);
    connect(entry_, &ReadingEntry::leaveWanted, this, [this] {
        if (views_->showInstrument())
            return;
        if (entry_->text().isEmpty())
            Q_EMIT leaveWanted();
        entry_->clear();
        context_.bench().pickString(std::nullopt);
    });
}

/// Level by eye in three keys, or off a photo: shown where the plate is asked for.
QBoxLayout* BenchPage::buildPlateKeys(QWidget* panel) {
    auto* row = new QHBoxLayout;
    const std::tuple<QString, const char*, PlateByEye> keys[] = {
        {tr("Sunk  (S)"), "eyeSunk", PlateByEye::Sunk},
        {tr("Level  (L)"), "eyeLevel", PlateByEye::Level},
        {tr("Forward  (F)"), "eyeForward", PlateByEye::Forward}};
    for (const auto& [words, name, seen] : keys) {
        auto* button = new QPushButton(words, panel);
        button->setObjectName(QLatin1String(name));
        button->setProperty("words", words);
        button->setFocusPolicy(Qt::TabFocus);
        connect(button, &QPushButton::clicked, this, [this, seen = seen] { see(seen); });
        row->addWidget(button);
        plateKeys_.push_back(button);
    }
    photo_ = new QPushButton(tr("Off a side photo…"), panel);
    photo_->setObjectName(QStringLiteral("levelPhoto"));
    photo_->setFocusPolicy(Qt::TabFocus);
    connect(photo_, &QPushButton::clicked, this, [this] {
        auto* dialog = new PhotoLevelDialog(context_, window());
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    row->addWidget(photo_);
    return row;
}

void BenchPage::see(PlateByEye seen) {
    typed_ = seen == PlateByEye::Sunk    ? tr("plate sunk, by eye")
             : seen == PlateByEye::Level ? tr("plate level, by eye")
                                         : tr("plate forward, by eye");
    context_.accept(context_.session().append(tr("look at the plate"), lookedAt(seen)));
    entry_->setFocus();
}

void BenchPage::takeFocus() {
    entry_->setFocus();
}

void BenchPage::setStep(const StepWords& words) {
    step_ = words;
    caution_->setText(words.caution);
    caution_->setVisible(!words.caution.isEmpty());
    arrange();
}

void BenchPage::setDrawer(bool open) {
    views_->coverSection(open);
    arrange();
}

void BenchPage::setBig(bool big) {
    views_->setVisible(!big);
    column_->setStretch(0, big ? 1 : 0);
    isBig_ = big;
    answerRow_->setDirection(big ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    arrange();
    for (QLabel* words : {act_, figure_})
        setDrawn(words, Drawn::Big, big);
}

void BenchPage::setTight(bool tight) {
    if (std::exchange(isTight_, tight) == tight)
        return;
    entryRow_->setDirection(tight ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    for (QWidget* words : std::initializer_list<QWidget*>{act_, figure_, entry_})
        setDrawn(words, Drawn::Tight, tight);
    refreshAct();
}

/// The act's words are beside the figure where they have room, else above it.
void BenchPage::arrange() {
    constexpr double roomForPicture = 72.0; // in base sizes; below it the words need the place
    picture_->setVisible(touches_ && (isBig_ || width() >= roomForPicture * basePixels(context_.preferences())));
    stepTitle_->setVisible(isBig_ && !step_.title.isEmpty()); // else the bar below says it
    const bool narrow = width() < 55.0 * basePixels(context_.preferences());
    // As high as the words beside it, so that the instrument keeps its height.
    picture_->setMinimumSize((QSizeF(120.0, 104.0) * context_.preferences().scale()).toSize());
    const double base = basePixels(context_.preferences());
    const bool roomy = isBig_ || width() >= roomForPicture * base;
    remaining_->setVisible((roomy || narrow) && !isTight_); // else the head says how long it takes
    constexpr double leastForAside = 25.0;                  // of the window's height, in base sizes
    aside_->setVisible(!isTight_ || (plateKeys_.front()->isHidden() &&
                                     window()->height() > leastForAside * basePixels(context_.preferences())));
    // Beside the figure the words take what they need at the width they have; above it the layout knows.
    const int wrapped =
        wordsBox_->layout()->heightForWidth(std::max(wordsBox_->width(), static_cast<int>(20.0 * base)));
    wordsBox_->setMinimumHeight(narrow || isBig_ ? 0 : std::max(wrapped, static_cast<int>(base * 6.0)));
    views_->arrange(width(), isTight_);
    views_->keyRow()->setDirection(narrow ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    stepTitle_->setText(roomy && !step_.doneWhen.isEmpty() ? tr("%1 until %2").arg(step_.title, step_.doneWhen)
                                                           : step_.title);
    why_->setVisible(roomy && !isTight_ && !why_->text().isEmpty());
    picture_->setMaximumHeight(isBig_ ? QWIDGETSIZE_MAX : picture_->minimumHeight());
    if (listen_)
        listen_->setNarrow(narrow);
    const int aside = narrow ? 6 : 18;
    actRow_->setContentsMargins(aside, 8, aside, 8);
    answerRow_->setSpacing(narrow ? 4 : 12);
    actRow_->setDirection(isBig_ || narrow ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
}

/// With the least that the instrument needs, which takes what is left and so has no say in its layout.
int BenchPage::heightForWidth(int width) const {
    return Page::heightForWidth(width) + (views_->isHidden() ? 0 : views_->minimumHeight());
}

void BenchPage::refresh() {
    arrange();
    refreshAct();
    views_->refresh();
    arrange(); // by the views that there are now
}

void BenchPage::refreshAct() {
    const Session& session = context_.session();
    const Derived& derived = session.derived();
    wording::ActWords words = wording::act(session.job(), derived, context_.preferences().units);
    const auto picked = context_.bench().pickedString();
    const bool asked = derived.next().what == NextAct::Do::Tune && picked == derived.next().aim.string;
    if (picked && !asked)
        words.entry = tr("reading of %1").arg(wording::stringTitle(session.job().rig.strings[*picked]));
    if (context_.bench().gapPicked())
        words.entry = tr("gap under the rear edge, %1").arg(context_.preferences().units.inches ? tr("in") : tr("mm"));
    const ActPicture touched = wording::actPicture(session.job(), derived);
    // The lanes show which string and which way; what else is touched is drawn beside the act.
    touches_ = touched.kind == ActPicture::Kind::Claw || touched.kind == ActPicture::Kind::Gap ||
               (isBig_ && touched.kind != ActPicture::Kind::None);
    strings_ = lanesOf(session.job(), derived, picked);
    showLanes();
    picture_->show([touched, scale = context_.preferences().scale()](
                       const QSizeF& size) { return buildActPicture(touched, size, scale); },
                   context_.preferences());
    act_->setText(words.act);
    figure_->setText(words.figure);
    aside_->setText(words.aside);
    entryFor_->setTexts({words.entry});
    const bool over = derived.next().what == NextAct::Do::Done || derived.next().what == NextAct::Do::Leave ||
                      derived.next().what == NextAct::Do::Stuck;
    const bool known = derived.remaining || over;
    setDrawn(remaining_, Drawn::Stale, !known && leftIsKnown_);
    if (known || !leftIsKnown_) // else the last value, until it is worked out
        remaining_->setText(wording::outlook(derived));
    leftIsKnown_ = leftIsKnown_ || known;
    const QString why = wording::whyItMoved(session.job(), derived);
    why_->setText(why);
    setVoice(act_, TextRole::Act);
    const auto what = derived.next().what;
    refreshDone(confirmationOf(derived.advice));
    const bool plate = hasClaw(session.job().rig) &&
                       (context_.bench().gapPicked() || (what == NextAct::Do::Read && derived.next().gap));
    const bool seen = plate && context_.bench().gapPicked();
    entryFor_->setVisible(!isTight_ || !seen); // the keys say it
    for (QPushButton* key : plateKeys_) {
        setWords(key, key->property("words").toString());
        key->setVisible(seen);
    }
    photo_->setVisible(seen && !isTight_);
    entry_->setPlateAsked(seen);
    setWords(answer_, tr("Answer  (F9)"));
    answer_->setVisible(session.job().simulatedSeed.has_value());
    answer_->setEnabled(what != NextAct::Do::Done && what != NextAct::Do::Stuck && what != NextAct::Do::Leave);
    arrange();
}

/// In a low window without the key that does the same.
void BenchPage::setWords(QPushButton* button, const QString& words) const {
    static const QString beforeKey = QStringLiteral("  (");
    button->setText(isTight_ ? words.section(beforeKey, 0, 0) : words);
}

/// The key under Space says what it would confirm.
void BenchPage::refreshDone(Confirmation confirms) {
    const bool over = confirms == Confirmation::NothingIsAsked || confirms == Confirmation::NotOurs;
    setWords(done_, over                                    ? tr("Step done  (Space)")
                    : confirms == Confirmation::Doubted     ? tr("It is right  (Space)")
                    : confirms == Confirmation::PlateUnseen ? tr("Cannot be measured here  (Space)")
                                                            : tr("Done  (Space)"));
    done_->setEnabled(confirms != Confirmation::NeedsReading && confirms != Confirmation::Impossible);
    no_->setVisible(isAsked());
    entry_->setAsked(isAsked());
    if (!isAsked())
        return;
    const Session& session = context_.session();
    const wording::Answers answers = wording::answersTo(session.job(), session.derived().advice);
    setWords(done_, answers.yes);
    setWords(no_, answers.no);
}

/// What was typed is on disk; what it means is still being worked out, and nothing of before is beside it.
void BenchPage::showTaken() {
    act_->setText(typed_.isEmpty() ? tr("Taken.") : tr("Taken: %1").arg(typed_));
    aside_->setText(tr("Working out what follows…"));
    figure_->setText(QStringLiteral("…"));
    setDrawn(remaining_, Drawn::Stale, leftIsKnown_);
    why_->clear();
    done_->setEnabled(false);
    no_->hide();
    answer_->setEnabled(false);
}

bool BenchPage::isAsked() const {
    return confirmationOf(context_.session().derived().advice) == Confirmation::Yes;
}

void BenchPage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrange();
}

void BenchPage::submit() {
    if (entry_->text().trimmed().isEmpty()) {
        if (listen_ && listen_->takeAnyway())
            return;
        context_.say(tr("Type a reading first: cents like −12.5, a frequency like 82.4 Hz, or a note like E2+12."));
        return;
    }
    typed_ = entry_->text().trimmed();
    if (context_.accept(context_.bench().enter(entry_->text(), context_.preferences().units.inches)))
        entry_->clear();
    else
        entry_->selectAll();
}

void BenchPage::confirm() {
    typed_.clear();
    const Confirmation confirms = confirmationOf(context_.session().derived().advice);
    if (confirms == Confirmation::NothingIsAsked || confirms == Confirmation::NotOurs) {
        Q_EMIT actIsOver();
        return;
    }
    context_.accept(context_.bench().confirm());
    entry_->setFocus();
}

void BenchPage::deny() {
    typed_.clear();
    if (isAsked())
        context_.accept(context_.bench().answer(false));
    entry_->setFocus();
}

void BenchPage::pickNeighbour(int step) {
    const int rows = static_cast<int>(context_.session().job().rig.strings.size()) + 1;
    const int now = context_.bench().gapPicked() ? rows - 1
                                                 : static_cast<int>(context_.bench().pickedString().value_or(
                                                       step > 0 ? static_cast<std::size_t>(rows) - 1 : 0));
    const int next = (now + step + rows) % rows;
    if (next == rows - 1)
        context_.bench().pickGap();
    else
        context_.bench().pickString(static_cast<std::size_t>(next));
}

} // namespace flenzo
