// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/choose_strings_dialog.h"

#include "domain/base/faults.h"
#include "domain/job/edits.h"
#include "language/decimal.h"
#include "language/figures.h"
#include "widgets/controls/figure_table.h"
#include "widgets/controls/row_layout.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QButtonGroup>
#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>
#include <climits>
#include <cmath>
#include <set>

namespace flenzo {

namespace {

constexpr double leastForBoth = 74.0; ///< width of the dialog, in base sizes
const QString nothing = QStringLiteral("–");

QString percentOf(double share) {
    return QStringLiteral("%1 %").arg(decimal(100.0 * share, 0));
}

/// "+8 %" of what was.
QString percentMore(double share) {
    return signedNumber(100.0 * (share - 1.0), 0) + QStringLiteral(" %");
}

/// "tighten 1 3/16", "loosen 1/4", "no turn"; a sixteenth of one screw is the least that anybody turns.
QString clawText(double more_turns) {
    if (std::abs(more_turns) <= ClawStepPolicy::finest_turns)
        return ChooseStringsDialog::tr("no turn");
    return (more_turns > 0.0 ? ChooseStringsDialog::tr("tighten %1") : ChooseStringsDialog::tr("loosen %1"))
        .arg(turnsText(std::abs(more_turns)));
}

} // namespace

ChooseStringsDialog::ChooseStringsDialog(AppContext& context, QWidget* parent) : QDialog(parent), context_(context) {
    setWindowTitle(tr("Choose strings"));
    setObjectName(QStringLiteral("chooseStrings"));
    auto* column = new QVBoxLayout(this);
    column->setSpacing(8);
    column->addWidget(buildWishes());
    words_ = label(TextRole::Body, this, QStringLiteral("wishWords"));
    words_->setWordWrap(true);
    column->addWidget(words_);
    verdict_ = label(TextRole::Act, this, QStringLiteral("choiceVerdict"));
    verdict_->setWordWrap(true);
    column->addWidget(verdict_);
    strings_ =
        new FigureTable({tr("String"), tr("Comes off"), tr("Planned"), tr("Chosen"), tr("Of breaking"), tr("Bend")},
                        tr("The chosen set, string by string"), this);
    strings_->setObjectName(QStringLiteral("chosenStrings"));
    tables_ = new QHBoxLayout;
    tables_->addWidget(strings_, 20);
    guitar_ = new FigureTable({tr("All strings at pitch"), tr("As it came"), tr("Planned"), tr("Chosen")},
                              tr("What each set does to the guitar"), this);
    guitar_->setObjectName(QStringLiteral("chosenGuitar"));
    tables_->addWidget(guitar_, 13);
    column->addLayout(tables_, 1);
    QLabel* hint = label(TextRole::Small, this);
    hint->setText(
        tr("Calculated for this guitar as it is known now. Bend: sideways at the twelfth fret for a whole step, "
           "the bridge giving way. The arm's half step: at the pivot, all strings on the mean. "
           "Drop: the lowest string alone, a whole step."));
    hint->setWordWrap(true);
    column->addWidget(hint);
    auto* buttons = new QDialogButtonBox(this);
    putOn_ = new QPushButton(tr("Plan this set"), buttons);
    putOn_->setObjectName(QStringLiteral("planChosen"));
    putOn_->setProperty("primary", true);
    buttons->addButton(putOn_, QDialogButtonBox::AcceptRole);
    buttons->addButton(new QPushButton(tr("Close"), buttons), QDialogButtonBox::RejectRole);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(buttons, &QDialogButtonBox::accepted, this, &ChooseStringsDialog::putOn);
    column->addWidget(buttons);
    connect(&context_.session(), &Session::changed, this, &ChooseStringsDialog::choose);
    choose();
    const double base = basePixels(context_.preferences());
    const QSize most = parent ? parent->size() : QSize(INT_MAX, INT_MAX);
    const double high = most.width() > leastForBoth * base ? 38.0 : 46.0;
    resize(QSize(static_cast<int>(82.0 * base), static_cast<int>(high * base)).boundedTo(most));
}

/// Side by side where there is room.
void ChooseStringsDialog::resizeEvent(QResizeEvent* event) {
    tables_->setDirection(width() > leastForBoth * basePixels(context_.preferences()) ? QBoxLayout::LeftToRight
                                                                                      : QBoxLayout::TopToBottom);
    QDialog::resizeEvent(event);
}

QWidget* ChooseStringsDialog::buildWishes() {
    auto* box = new QWidget(this);
    auto* row = new RowLayout(box);
    wishes_ = new QButtonGroup(this);
    const auto wish = [&](Wish id, const QString& text, const char* name) {
        auto* button = new QPushButton(text, box);
        button->setObjectName(QLatin1String(name));
        button->setCheckable(true);
        button->setAutoDefault(false);
        wishes_->addButton(button, id);
        row->addWidget(button);
        return button;
    };
    wish(KeepBalance, tr("&Keep the balance"), "wishBalance")->setChecked(true);
    wish(EqualPull, tr("&Every string alike"), "wishEqual");
    wish(SamePull, tr("&Pulls as before"), "wishPull");
    const bool moves = context_.session().job().rig.bridge.has().moves();
    wish(Arm, tr("&Arm softer or stiffer by"), "wishArm")->setEnabled(moves);
    arm_ = new QSpinBox(box);
    arm_->setEnabled(moves);
    arm_->setObjectName(QStringLiteral("armPercent"));
    arm_->setAccessibleName(tr("Stiffness of the arm, against the guitar as it came"));
    arm_->setRange(-60, 100);
    arm_->setSingleStep(5);
    arm_->setValue(-5);
    arm_->setSuffix(QStringLiteral(" %"));
    row->addWidget(arm_);
    wish(Like, tr("As &on"), "wishLike");
    others_ = new QComboBox(box);
    others_->setObjectName(QStringLiteral("otherGuitar"));
    others_->setAccessibleName(tr("Guitar whose pulls are wished"));
    others_->setMaximumWidth(static_cast<int>(18.0 * basePixels(context_.preferences())));
    row->addWidget(others_);
    drawersOnly_ = new QCheckBox(tr("only from the &drawers"), box);
    drawersOnly_->setObjectName(QStringLiteral("drawersOnly"));
    drawersOnly_->setToolTip(tr("Single strings that lie in the shop's stock"));
    row->addWidget(drawersOnly_);
    fillOthers();
    connect(others_, &QComboBox::activated, this, &ChooseStringsDialog::pickOther);
    connect(drawersOnly_, &QCheckBox::toggled, this, &ChooseStringsDialog::choose);
    connect(wishes_, &QButtonGroup::idClicked, this, [this](int id) {
        if (id == Like && !other_)
            pickOther(others_->currentIndex());
        else
            choose();
    });
    connect(arm_, &QSpinBox::valueChanged, this, [this] {
        wishes_->button(Arm)->setChecked(true);
        choose();
    });
    return box;
}

/// The shop's guitars, each once, by its latest job; not the one that is open.
void ChooseStringsDialog::fillOthers() {
    const auto& book = context_.session().logbook();
    const Result<QList<JobRow>> rows = book ? book->jobs({}) : Result<QList<JobRow>>(QList<JobRow>());
    std::set<qint64> seen;
    if (rows.ok())
        for (const JobRow& row : rows.value())
            if (row.guitar != context_.session().job().guitar && seen.insert(row.guitarId).second)
                others_->addItem(row.guitar, row.id);
    wishes_->button(Like)->setEnabled(others_->count() > 0);
    others_->setEnabled(others_->count() > 0);
}

void ChooseStringsDialog::pickOther(int row) {
    wishes_->button(Like)->setChecked(true);
    other_.reset();
    const auto& book = context_.session().logbook();
    const Result<Job> read =
        book ? book->job(others_->itemData(row).toLongLong()) : Result<Job>(Fault{faults::jobNotSaved, {}});
    if (!read.ok()) {
        context_.accept(read.fault());
    } else {
        other_ = figuresPlanned(read.value(), guitarNow(estimate(benchJobOf(read.value()))));
    }
    choose();
}

Stock ChooseStringsDialog::stock() {
    const auto& book = context_.session().logbook();
    const Result<Stock> read = book ? book->stock() : Result<Stock>(Stock());
    if (!read.ok())
        context_.accept(read.fault());
    return read.ok() ? read.value() : Stock();
}

QString ChooseStringsDialog::wishWords() const {
    const bool claw = hasClaw(context_.session().job().rig);
    switch (wishes_->checkedId()) {
    case EqualPull:
        return claw ? tr("All strings pull alike, as nearly as they are sold, and no claw turn.")
                    : tr("All strings pull alike, as nearly as they are sold, and the bridge rests where it should.");
    case SamePull:
        return tr("Pulls as before, as nearly as strings are sold, whatever else that takes.");
    case Like:
        return tr("Pulls as on the other guitar, as nearly as strings are sold, whatever else that takes.");
    case Arm:
        return tr("The arm so much softer or stiffer than it was, with pulls as near to the old ones as that leaves.");
    default:
        return claw
                   ? tr("No claw turn in the planned tuning, with pulls as near to the old ones as that leaves.")
                   : tr("The bridge rests where it should in the planned tuning, with pulls as near to the old ones as "
                        "that leaves.");
    }
}

FeelWish ChooseStringsDialog::feel() const {
    const int wish = wishes_->checkedId();
    FeelWish feel;
    feel.keepsBalance = wish == KeepBalance || wish == EqualPull;
    feel.equalPull = wish == EqualPull;
    if (wish == Arm)
        feel.armShare = 1.0 + arm_->value() / 100.0;
    if (wish == Like)
        feel.likes = other_;
    return feel;
}

void ChooseStringsDialog::choose() {
    words_->setText(wishWords());
    const Job& job = context_.session().job();
    const Rig& guitar = context_.session().derived().rig();
    if (guitar.strings.size() != job.off.size())
        return; // what follows from another number of strings is on its way
    const auto refuse = [this](const QString& words) {
        setVoice(verdict_, TextRole::Warn);
        verdict_->setText(words);
        for (QWidget* each : std::initializer_list<QWidget*>{strings_, guitar_})
            each->hide();
        putOn_->setEnabled(false);
    };
    if (wishes_->checkedId() == Like && (!other_ || other_->level.tensions_N.size() != guitar.strings.size())) {
        refuse(other_ ? tr("That guitar has another number of strings. Choose one with %1.").arg(guitar.strings.size())
                      : tr("Choose a guitar to follow."));
        return;
    }
    const std::optional<Stock> drawers = drawersOnly_->isChecked() ? std::optional(stock()) : std::nullopt;
    proposal_ = proposeSet(job, context_.session().derived().advice.guitar, context_.catalogue(), feel(),
                           drawers ? &*drawers : nullptr);
    if (proposal_.strings.empty()) {
        QString why = whyNone(proposal_).sentence() + QLatin1Char('.');
        refuse(why.replace(0, 1, why.front().toUpper()));
        return;
    }
    setVoice(verdict_, TextRole::Act);
    strings_->setVisible(true);
    guitar_->setVisible(true);
    const bool isPlanned = withWires(job.rig, proposal_.wires) == job.rig;
    putOn_->setEnabled(!isPlanned);
    verdict_->setText(verdict() + (isPlanned ? QLatin1Char(' ') + tr("It is the one that is planned.") : QString()));
    showStrings();
    showGuitar();
}

/// What the set comes to, and where the wish is not met, what hinders it.
QString ChooseStringsDialog::verdict() const {
    const Rig& guitar = proposal_.guitar;
    const ChosenSet& choice = proposal_.choice;
    const SetFigures &before = proposal_.before, &chosen = proposal_.chosen;
    QString words;
    if (!hasClaw(guitar))
        words = tr("In all %1.").arg(forceText(chosen.pull_N, context_.preferences().units));
    else if (!chosen.level.balanced())
        words = tr("No claw within its reach holds this set; other springs first.");
    else if (std::abs(chosen.clawMore_turns) <= ClawStepPolicy::finest_turns)
        words = tr("This set needs no claw turn.");
    else
        words = tr("Claw: %1 turns.").arg(clawText(chosen.clawMore_turns));
    if (const auto wished = feel().armShare; wished && before.level.balanced() && chosen.level.balanced()) {
        const double reached = chosen.level.stiffness_NmPerRad / before.level.stiffness_NmPerRad;
        constexpr double met = 0.01;
        words += QLatin1Char(' ') +
                 (std::abs(reached - *wished) <= met
                      ? tr("The arm is as wished.")
                      : tr("Strings alone bring the arm to %1 only; other springs do more.").arg(percentMore(reached)));
    }
    const bool missed = feel().keepsBalance && std::abs(chosen.clawMore_turns) > 2.0 * ClawStepPolicy::finest_turns;
    if (missed && !choice.atTheEnd.empty()) {
        QStringList names;
        for (const std::size_t string : choice.atTheEnd)
            names.append(QString::fromStdString(guitar.strings[string].name));
        words +=
            QLatin1Char(' ') +
            tr("Nothing sold comes nearer: the gauges for string %1 end there.").arg(names.join(QStringLiteral(", ")));
    }
    if (choice.status == SetStatus::Good)
        words += QLatin1Char(' ') + tr("There may be one that comes nearer still.");
    return words;
}

void ChooseStringsDialog::showStrings() {
    const SetProposal& of = proposal_;
    const Job& job = context_.session().job();
    const Units& units = context_.preferences().units;
    const auto cell = [&](const Wire& wire, double pull_N) {
        return gaugeText(wire.gauge_m, units) + QStringLiteral("   ") + forceText(pull_N, units);
    };
    QList<QStringList> rows;
    for (std::size_t i = 0; i < of.wires.size(); ++i) {
        const RigString& string = of.guitar.strings[i];
        const bool bends = i < of.chosen.bend_N.size() && of.chosen.bend_N[i] > 0.0;
        rows.append({QString::fromStdString(string.name), cell(job.off[i].wire, of.before.level.tensions_N[i]),
                     cell(string.wire, of.planned.level.tensions_N[i]),
                     cell(of.wires[i], of.chosen.level.tensions_N[i]), percentOf(of.chosen.ofBreaking[i]),
                     bends ? forceText(of.chosen.bend_N[i], units) : nothing});
    }
    strings_->show(rows, basePixels(context_.preferences()));
}

void ChooseStringsDialog::showGuitar() {
    const Units& units = context_.preferences().units;
    const LevelSolution& before = proposal_.before.level;
    QList<QStringList> rows;
    const auto row = [&](const QString& title, const auto& text) {
        rows.append({title, text(proposal_.before), text(proposal_.planned), text(proposal_.chosen)});
    };
    const auto ifBalanced = [](const auto& text) {
        return [text](const SetFigures& of) { return of.level.balanced() ? text(of) : nothing; };
    };
    row(tr("Pull"), [&](const SetFigures& of) { return forceText(of.pull_N, units); });
    if (hasClaw(proposal_.guitar)) {
        row(tr("Claw"), ifBalanced([](const SetFigures& of) { return clawText(of.clawMore_turns); }));
        row(tr("Springs that hold it"),
            [](const SetFigures& of) { return of.springs == 0 ? tr("none do") : QString::number(of.springs); });
    }
    row(tr("Arm, against before"), ifBalanced([&](const SetFigures& of) {
            return before.balanced() ? percentMore(of.level.stiffness_NmPerRad / before.stiffness_NmPerRad) : nothing;
        }));
    row(tr("Arm, a half step down"), ifBalanced([](const SetFigures& of) {
            return of.armHalfStep_Nm > 0.0 ? momentText(of.armHalfStep_Nm) : tr("beyond its stop");
        }));
    row(tr("Float, N·m/rad"),
        ifBalanced([](const SetFigures& of) { return decimal(of.level.floatStiffness_NmPerRad, 1); }));
    row(tr("Range upwards"), ifBalanced([](const SetFigures& of) { return degreesText(of.rangeUp_rad); }));
    row(tr("Drop moves others"), ifBalanced([](const SetFigures& of) {
            return of.dropMovesOthers_cents ? centsText(*of.dropMovesOthers_cents) : nothing;
        }));
    row(tr("Left after a pass"), ifBalanced([](const SetFigures& of) { return percentOf(of.passFactor); }));
    guitar_->show(rows, basePixels(context_.preferences()));
}

void ChooseStringsDialog::putOn() {
    CatalogueSet set;
    for (const CatalogueString* string : proposal_.strings)
        set.items.append(string->id);
    const auto& sets = context_.catalogue().sets;
    const auto known =
        std::find_if(sets.begin(), sets.end(), [&](const CatalogueSet& other) { return other.items == set.items; });
    if (known != sets.end())
        set.name = known->name;
    if (context_.accept(context_.session().edit(tr("choose strings"),
                                                [&](Job& job) { applySet(job, Side::On, set, context_.catalogue()); })))
        accept();
}

} // namespace flenzo
