// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/bench_page.h"

#include "paint/moment_chart.h"
#include "widgets/controls/pass_sheet_view.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStyle>

namespace flenzo {

BenchPage::BenchPage(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(10, 8, 10, 8);
    column->setSpacing(8);
    column->addWidget(buildActPanel());
    auto* pictures = new QHBoxLayout;
    pictures->setSpacing(8);
    section_ = new SceneView(this);
    section_->setObjectName(QStringLiteral("section"));
    section_->setAccessibleName(tr("Side section of the bridge"));
    chart_ = new SceneView(this);
    chart_->setObjectName(QStringLiteral("momentChart"));
    chart_->setAccessibleName(tr("Moment chart"));
    pictures->addWidget(section_, 60);
    pictures->addWidget(chart_, 40);
    column->addLayout(pictures, 1);
    sheet_ = new PassSheetView(context_, this);
    column->addWidget(sheet_, 1);
    const auto actChanged = [this] { isVisible() ? refreshAct() : refreshWhenSeen(); };
    connect(&context_.session(), &Session::remainingChanged, this, actChanged);
    connect(&context_.session(), &Session::pickChanged, this, actChanged);
    connect(&context_.session(), &Session::deriving, this, &BenchPage::showTaken);
}

QWidget* BenchPage::buildActPanel() {
    auto* panel = new QFrame(this);
    panel->setProperty("panel", true);
    auto* row = actRow_ = new QHBoxLayout(panel);
    row->setContentsMargins(18, 8, 18, 8);
    row->setSpacing(16);
    auto* words = new QVBoxLayout;
    words->setSpacing(2);
    act_ = label(TextRole::Act, panel, QStringLiteral("act"));
    act_->setWordWrap(true);
    aside_ = label(TextRole::Body, panel, QStringLiteral("aside"));
    aside_->setWordWrap(true);
    remaining_ = label(TextRole::Small, panel, QStringLiteral("outlook"));
    remaining_->setWordWrap(true);
    words->addStretch();
    words->addWidget(act_);
    words->addWidget(aside_);
    words->addWidget(remaining_);
    why_ = label(TextRole::Small, panel, QStringLiteral("whyItMoved"));
    why_->setWordWrap(true);
    words->addWidget(why_);
    words->addStretch();
    figure_ = label(TextRole::Figure, panel, QStringLiteral("figure"));
    figure_->setAlignment(Qt::AlignCenter);
    auto* entryBox = new QVBoxLayout;
    entryBox->setSpacing(4);
    entryFor_ = label(TextRole::Small, panel, QStringLiteral("entryFor"));
    entry_ = new QLineEdit(panel);
    entry_->setObjectName(QStringLiteral("entry"));
    entry_->setAccessibleName(tr("Reading"));
    entry_->setMaximumWidth(260);
    entry_->installEventFilter(this);
    auto* buttons = new QHBoxLayout;
    done_ = new QPushButton(tr("Done  (Space)"), panel);
    done_->setObjectName(QStringLiteral("done"));
    done_->setFocusPolicy(Qt::TabFocus);
    answer_ = new QPushButton(tr("Let it answer  (F9)"), panel);
    answer_->setObjectName(QStringLiteral("answer"));
    answer_->setToolTip(tr("The simulated guitar does what is asked and reads it off"));
    answer_->setFocusPolicy(Qt::TabFocus);
    buttons->addWidget(done_);
    buttons->addWidget(answer_);
    entryBox->addStretch();
    entryBox->addWidget(entryFor_);
    entryBox->addWidget(entry_);
    entryBox->addLayout(buttons);
    entryBox->addStretch();
    answerRow_ = new QHBoxLayout;
    answerRow_->setSpacing(12);
    answerRow_->addWidget(figure_, 1);
    answerRow_->addLayout(entryBox, 0);
    picture_ = new SceneView(panel);
    picture_->setObjectName(QStringLiteral("actPicture"));
    picture_->setAccessibleName(tr("What to touch"));
    row->addLayout(words, 10);
    row->addWidget(picture_, 3);
    row->addLayout(answerRow_, 11);
    connect(entry_, &QLineEdit::returnPressed, this, &BenchPage::submit);
    connect(done_, &QPushButton::clicked, this, &BenchPage::confirm);
    connect(answer_, &QPushButton::clicked, this,
            [this] { context_.accept(context_.session().letSimulationAnswer()); });
    return panel;
}

void BenchPage::takeFocus() {
    entry_->setFocus();
}

void BenchPage::setBig(bool big) {
    for (QWidget* picture : std::initializer_list<QWidget*>{section_, chart_, sheet_})
        picture->setVisible(!big);
    auto* column = static_cast<QBoxLayout*>(layout());
    column->setStretch(0, big ? 1 : 0);
    column->setStretch(1, big ? 0 : 1); // a row of hidden pictures still takes its share
    isBig_ = big;
    answerRow_->setDirection(big ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    arrange();
    for (QLabel* words : {act_, figure_}) {
        words->setProperty("big", big);
        words->style()->unpolish(words);
        words->style()->polish(words);
    }
}

/// The act's words stand beside the figure where they have room, else above it.
void BenchPage::arrange() {
    constexpr double roomForPicture = 72.0; // in base sizes; below it the words need the place
    picture_->setVisible(touches_ && (isBig_ || width() >= roomForPicture * basePixels(context_.preferences())));
    const bool narrow = width() < 55.0 * basePixels(context_.preferences());
    // As high as the words beside it, so that the pass sheet keeps its rows.
    picture_->setMinimumSize((QSizeF(120.0, 104.0) * context_.preferences().textScale).toSize());
    picture_->setMaximumHeight(isBig_ ? QWIDGETSIZE_MAX : picture_->minimumHeight());
    const int aside = narrow ? 6 : 18;
    actRow_->setContentsMargins(aside, 8, aside, 8);
    answerRow_->setSpacing(narrow ? 4 : 12);
    actRow_->setDirection(isBig_ || narrow ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
}

void BenchPage::refresh() {
    arrange();
    const double scale = context_.preferences().textScale;
    refreshAct();
    const Job& job = context_.session().job();
    const Derived& derived = context_.session().derived();
    // By value: a picture that is only resized shows what the words beside it say.
    const SectionValues values{derived.rig(),
                               derived.now().shown(job.rig.bridge),
                               job.goal,
                               context_.preferences().units,
                               derived.now().angleMeasured(),
                               scale};
    section_->show([values](const QSizeF& size) { return buildSection(values, size); }, context_.preferences());
    chart_->show([values](const QSizeF& size) { return buildMomentChart(values, size); }, context_.preferences());
    sheet_->refresh();
}

void BenchPage::refreshAct() {
    const Session& session = context_.session();
    const Derived& derived = session.derived();
    wording::ActWords words = wording::act(session.job(), derived, context_.preferences().units);
    const auto picked = session.pickedString();
    const bool asked = derived.next().what == NextAct::Do::Tune && picked == derived.next().aim.string;
    if (picked && !asked)
        words.entry = tr("reading of %1").arg(wording::stringTitle(session.job().rig.strings[*picked]));
    if (session.gapPicked())
        words.entry = tr("gap under the rear edge, %1").arg(context_.preferences().units.inches ? tr("in") : tr("mm"));
    const ActPicture touched = wording::actPicture(session.job(), derived);
    touches_ = touched.kind != ActPicture::Kind::None;
    arrange();
    picture_->show([touched, scale = context_.preferences().textScale](
                       const QSizeF& size) { return buildActPicture(touched, size, scale); },
                   context_.preferences());
    act_->setText(words.act);
    figure_->setText(words.figure);
    aside_->setText(words.aside);
    entryFor_->setText(words.entry);
    remaining_->setText(wording::outlook(derived));
    const QString why = wording::whyItMoved(session.job(), derived);
    why_->setText(why);
    why_->setVisible(!why.isEmpty());
    setVoice(act_, TextRole::Act);
    const auto what = derived.next().what;
    done_->setText(derived.advice.doubt ? tr("It is right  (Space)") : tr("Done  (Space)"));
    const bool onlyThePlate =
        what == NextAct::Do::Read && derived.next().strings.empty() && !derived.advice.plateEverRead;
    if (onlyThePlate)
        done_->setText(tr("Cannot be measured here  (Space)"));
    done_->setEnabled(derived.advice.doubt || what == NextAct::Do::Claw || what == NextAct::Do::Tune ||
                      what == NextAct::Do::Unblock || onlyThePlate);
    answer_->setVisible(session.job().simulatedSeed.has_value());
    answer_->setEnabled(what != NextAct::Do::Done && what != NextAct::Do::Stuck && what != NextAct::Do::Leave);
}

/// What was typed is on disk; what it means is still being worked out, and nothing of before stands beside it.
void BenchPage::showTaken() {
    act_->setText(typed_.isEmpty() ? tr("Taken.") : tr("Taken: %1").arg(typed_));
    aside_->setText(tr("Working out what follows…"));
    figure_->setText(QStringLiteral("…"));
    remaining_->clear();
    why_->clear();
    done_->setEnabled(false);
    answer_->setEnabled(false);
}

void BenchPage::submit() {
    if (entry_->text().trimmed().isEmpty()) {
        context_.say(tr("Type a reading first: cents like −12.5, a frequency like 82.4 Hz, or a note like E2+12."));
        return;
    }
    typed_ = entry_->text().trimmed();
    if (context_.accept(context_.session().enter(entry_->text(), context_.preferences().units.inches)))
        entry_->clear();
    else
        entry_->selectAll();
}

void BenchPage::confirm() {
    typed_.clear();
    context_.accept(context_.session().confirmAct());
    entry_->setFocus();
}

void BenchPage::pickNeighbour(int step) {
    const int rows = static_cast<int>(context_.session().job().rig.strings.size()) + 1;
    const int now = context_.session().gapPicked() ? rows - 1
                                                   : static_cast<int>(context_.session().pickedString().value_or(
                                                         step > 0 ? static_cast<std::size_t>(rows) - 1 : 0));
    const int next = (now + step + rows) % rows;
    if (next == rows - 1)
        context_.session().pickGap();
    else
        context_.session().pickString(static_cast<std::size_t>(next));
}

bool BenchPage::eventFilter(QObject* watched, QEvent* event) {
    const bool empty = entry_->text().isEmpty();
    // A line edit takes undo for itself even when it has nothing to undo; on the bench it means the last act.
    if (watched == entry_ && empty && event->type() == QEvent::ShortcutOverride) {
        event->ignore();
        return true;
    }
    if (watched != entry_ || event->type() != QEvent::KeyPress)
        return QWidget::eventFilter(watched, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    if (empty && (key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo))) {
        event->ignore();
        return true;
    }
    if (key->key() == Qt::Key_PageDown || (key->key() == Qt::Key_Space && empty)) {
        confirm();
        return true;
    }
    if (key->key() == Qt::Key_Up || key->key() == Qt::Key_Down) {
        pickNeighbour(key->key() == Qt::Key_Down ? 1 : -1);
        return true;
    }
    if (key->key() == Qt::Key_Escape) {
        entry_->clear();
        context_.session().pickString(std::nullopt);
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

void BenchPage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrange();
    sheet_->refresh();
}

} // namespace flenzo
