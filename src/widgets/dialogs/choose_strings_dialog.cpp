// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/choose_strings_dialog.h"

#include "domain/base/bundled_words.h"
#include "domain/base/faults.h"
#include "domain/job/edits.h"
#include "language/decimal.h"
#include "language/figures.h"
#include "session/input/set_entry.h"
#include "widgets/controls/row_layout.h"
#include "widgets/controls/set_comparison.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QButtonGroup>
#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSpinBox>
#include <algorithm>
#include <climits>
#include <cmath>
#include <set>

namespace flenzo {

namespace {

/// Springs that go in with the set.
QString springsText(const SetProposal& of) {
    const bool stiffer = of.springs.rateShare > 1.0;
    const QString percent = decimal(100.0 * std::abs(of.springs.rateShare - 1.0), 0);
    QString words;
    if (of.springs.springs != of.guitar.springs.size())
        words =
            ChooseStringsDialog::tr("%1 springs instead of %2").arg(of.springs.springs).arg(of.guitar.springs.size());
    if (of.springs.rateShare != 1.0)
        words += (words.isEmpty() ? QString() : QStringLiteral(", ")) +
                 (stiffer ? ChooseStringsDialog::tr("springs stiffer by %1 %")
                          : ChooseStringsDialog::tr("springs softer by %1 %"))
                     .arg(percent);
    if (std::abs(of.packing_m) > 5e-5)
        words += QStringLiteral(", ") + (of.packing_m > 0.0 ? ChooseStringsDialog::tr("longer or packed by %1 mm")
                                                            : ChooseStringsDialog::tr("shorter by %1 mm"))
                                            .arg(decimal(std::abs(of.packing_m) * 1e3, 1));
    return words;
}

} // namespace

ChooseStringsDialog::ChooseStringsDialog(AppContext& context, QWidget* parent) : QDialog(parent), context_(context) {
    setWindowTitle(tr("Choose strings"));
    setObjectName(QStringLiteral("chooseStrings"));
    readStock();
    // With large text there is more than a screen holds: it scrolls, and the buttons stay in sight.
    auto* area = new QScrollArea(this);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setFocusPolicy(Qt::NoFocus);
    auto* page = new QWidget(area);
    area->setWidget(page);
    auto* column = new QVBoxLayout(page);
    column->setSpacing(8);
    column->addWidget(buildWishes());
    column->addWidget(buildSources());
    words_ = label(TextRole::Body, this, QStringLiteral("wishWords"));
    words_->setWordWrap(true);
    column->addWidget(words_);
    verdict_ = label(TextRole::Act, this, QStringLiteral("choiceVerdict"));
    verdict_->setWordWrap(true);
    column->addWidget(verdict_);
    table_ = new SetComparison(context_, this);
    table_->setObjectName(QStringLiteral("setComparison"));
    QSizePolicy room = table_->sizePolicy();
    room.setRetainSizeWhenHidden(true);
    table_->setSizePolicy(room);
    column->addWidget(table_, 1);
    QLabel* hint = label(TextRole::Small, this);
    hint->setText(tr(
        "Calculated for this guitar as it is known now. Bend: sideways at the twelfth fret for a whole step, "
        "the bridge giving way. The arm's half step: at the pivot, all strings on the mean. "
        "Drop: the lowest string alone, a whole step; where a stop keeps the arm from going back, the others stay."));
    hint->setWordWrap(true);
    column->addWidget(hint);
    auto* buttons = new QDialogButtonBox(this);
    const auto button = [&](const QString& text, const char* name) {
        auto* made = new QPushButton(text, buttons);
        made->setObjectName(QLatin1String(name));
        made->setAutoDefault(false); // Return belongs to the gauges that are typed
        buttons->addButton(made, QDialogButtonBox::ActionRole);
        return made;
    };
    putBeside_ = button(tr("Plan t&he one beside"), "planBeside");
    putOn_ = button(tr("Plan the &chosen set"), "planChosen");
    putOn_->setProperty("primary", true);
    auto* close = new QPushButton(tr("Close"), buttons);
    close->setAutoDefault(false);
    buttons->addButton(close, QDialogButtonBox::RejectRole);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(putOn_, &QPushButton::clicked, this, [this] {
        plan(tr("choose strings"), [this](Job& job) { flenzo::putOn(job, proposal_, context_.catalogue()); });
    });
    connect(putBeside_, &QPushButton::clicked, this, [this] {
        if (const auto set = setBeside(nullptr))
            plan(tr("set"), [&](Job& job) { applySet(job, Side::On, *set, context_.catalogue()); });
    });
    auto* whole = new QVBoxLayout(this);
    whole->addWidget(area, 1);
    whole->addWidget(buttons);
    connect(&context_.session(), &Session::changed, this, &ChooseStringsDialog::choose);
    choose();
    const double base = basePixels(context_.preferences());
    const QSize most = parent ? parent->size() : QSize(INT_MAX, INT_MAX);
    resize(QSize(static_cast<int>(82.0 * base), static_cast<int>(60.0 * base)).boundedTo(most));
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
    fillOthers();
    connect(others_, &QComboBox::activated, this, &ChooseStringsDialog::pickOther);
    connect(wishes_, &QButtonGroup::idClicked, this, [this](int id) {
        if (id == Like && !other_)
            pickFirstAlike();
        else
            choose();
    });
    connect(arm_, &QSpinBox::valueChanged, this, [this] {
        wishes_->button(Arm)->setChecked(true);
        choose();
    });
    return box;
}

/// Where strings and springs may come from, and which set is looked at beside.
QWidget* ChooseStringsDialog::buildSources() {
    auto* box = new QWidget(this);
    auto* row = new RowLayout(box);
    springsToo_ = new QCheckBox(tr("other &springs too"), box);
    springsToo_->setObjectName(QStringLiteral("springsToo"));
    springsToo_->setToolTip(tr("Up to two fewer or more, softer or stiffer by a fifth"));
    springsToo_->setEnabled(context_.session().job().rig.bridge.has().moves());
    drawersOnly_ = new QCheckBox(tr("only from the &drawers"), box);
    drawersOnly_->setObjectName(QStringLiteral("drawersOnly"));
    drawersOnly_->setToolTip(tr("Sets and single strings that lie in the shop's stock"));
    for (QCheckBox* check : {springsToo_, drawersOnly_}) {
        connect(check, &QCheckBox::toggled, this, &ChooseStringsDialog::choose);
        row->addWidget(check);
    }
    auto* title = new QLabel(tr("&Beside:"), box);
    beside_ = new QComboBox(box);
    beside_->setObjectName(QStringLiteral("setBeside"));
    beside_->setAccessibleName(tr("A set to look at beside the chosen one"));
    beside_->setEditable(true);
    beside_->setInsertPolicy(QComboBox::NoInsert);
    beside_->setCompleter(nullptr);
    beside_->setToolTip(tr("Choose a set, or type its gauges: 9 11 16 24 32 42, or 0.23 0.28 … in millimetres"));
    beside_->lineEdit()->setPlaceholderText(tr("choose, or type gauges"));
    beside_->setMinimumWidth(static_cast<int>(16.0 * basePixels(context_.preferences())));
    title->setBuddy(beside_);
    row->addWidget(title);
    row->addWidget(beside_);
    fillSets();
    connect(beside_, &QComboBox::activated, this, &ChooseStringsDialog::choose);
    connect(beside_->lineEdit(), &QLineEdit::editingFinished, this, &ChooseStringsDialog::choose);
    return box;
}

void ChooseStringsDialog::fillSets() {
    for (const CatalogueSet* set : context_.catalogue().setsFor(context_.session().job().rig.strings.size())) {
        const StockItem* lies = inStock(stock_, setItemOf(set->name));
        const QString name = bundledWords(set->name);
        beside_->addItem(lies && lies->pieces > 0 ? tr("%1  (%2 in the drawers)").arg(name).arg(lies->pieces) : name,
                         set->name);
    }
    beside_->setCurrentIndex(-1);
}

/// The set that is to stand beside; nothing where none is wanted, or what was typed is none, which `fault` hears.
std::optional<CatalogueSet> ChooseStringsDialog::setBeside(QString* fault) const {
    const QString typed = beside_->currentText().trimmed();
    if (typed.isEmpty())
        return std::nullopt;
    const std::size_t strings = context_.session().job().rig.strings.size();
    if (const int row = beside_->findText(typed); row >= 0)
        for (const CatalogueSet* set : context_.catalogue().setsFor(strings))
            if (set->name == beside_->itemData(row).toString())
                return *set;
    const Result<CatalogueSet> set = parseSet(typed, strings, context_.catalogue());
    if (set.ok())
        return set.value();
    if (fault)
        *fault = set.fault().sentence();
    return std::nullopt;
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

/// The guitar that changed last of those with as many strings.
void ChooseStringsDialog::pickFirstAlike() {
    const std::size_t strings = context_.session().job().rig.strings.size();
    for (int row = 0; row < others_->count(); ++row) {
        others_->setCurrentIndex(row);
        pickOther(row);
        if (!other_ || other_->wires.size() == strings)
            return;
    }
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
        const Rig guitar = guitarNow(estimate(benchJobOf(read.value())));
        other_ = Other{read.value().guitar, wiresOf(guitar), figuresPlanned(read.value(), guitar)};
    }
    choose();
}

void ChooseStringsDialog::readStock() {
    const auto& book = context_.session().logbook();
    const Result<Stock> read = book ? book->stock() : Result<Stock>(Stock());
    if (read.ok())
        stock_ = read.value();
    else
        context_.accept(read.fault());
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
        return springsToo_->isChecked()
                   ? tr("Its twin: pulls and arm as on the other guitar, with the strings and springs that come "
                        "nearest.")
                   : tr("Pulls as on the other guitar, as nearly as strings are sold, whatever else that takes.");
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
    if (wish == Like && other_)
        feel.likes = other_->figures;
    feel.springsToo = springsToo_->isChecked();
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
        table_->hide();
        putOn_->setEnabled(false);
    };
    putBeside_->setEnabled(false);
    if (wishes_->checkedId() == Like && (!other_ || other_->wires.size() != guitar.strings.size())) {
        refuse(other_ ? tr("That guitar has another number of strings. Choose one with %1.").arg(guitar.strings.size())
                      : tr("Choose a guitar to follow."));
        return;
    }
    proposal_ = proposeSet(job, context_.session().derived().advice.guitar, context_.catalogue(), feel(),
                           drawersOnly_->isChecked() ? &stock_ : nullptr);
    if (proposal_.strings.empty()) {
        QString why = whyNone(proposal_).sentence() + QLatin1Char('.');
        refuse(why.replace(0, 1, why.front().toUpper()));
        return;
    }
    setVoice(verdict_, TextRole::Act);
    table_->setVisible(true);
    const Rig chosen = withProposal(job.rig, proposal_);
    const bool isPlanned = chosen == job.rig;
    putOn_->setEnabled(!isPlanned);
    verdict_->setText(verdict() + (isPlanned ? QLatin1Char(' ') + tr("It is the one that is planned.") : QString()));
    compare();
}

void ChooseStringsDialog::compare() {
    const Job& job = context_.session().job();
    const Rig& guitar = proposal_.guitar;
    const auto tried = [&](const std::function<void(Job&)>& change) {
        Job other = job;
        change(other);
        return other;
    };
    std::vector<Wire> off;
    for (const SetString& string : job.off)
        off.push_back(string.wire);
    QList<SetColumn> columns{{tr("As it came"), off, proposal_.before, std::nullopt},
                             {tr("Planned"), wiresOf(guitar), proposal_.planned, job},
                             {tr("Chosen"), proposal_.wires, proposal_.chosen,
                              tried([&](Job& other) { flenzo::putOn(other, proposal_, context_.catalogue()); })}};
    QString fault;
    if (const auto set = setBeside(&fault)) {
        const Job with = tried([&](Job& other) { applySet(other, Side::On, *set, context_.catalogue()); });
        const std::vector<Wire> wires = wiresOf(with.rig);
        const bool byName = beside_->findText(beside_->currentText().trimmed()) >= 0;
        columns.append({byName ? bundledWords(set->name) : tr("Beside"), wires,
                        figuresPlanned(job, withWires(guitar, wires)), with});
        putBeside_->setEnabled(with.rig != job.rig);
    }
    if (!fault.isEmpty())
        verdict_->setText(verdict_->text() + QLatin1Char(' ') + tr("Beside: %1.").arg(fault));
    if (wishes_->checkedId() == Like && other_)
        columns.append({other_->name, other_->wires, other_->figures, std::nullopt});
    table_->compare(guitar, columns, stock_);
}

/// What the set comes to, and where the wish is not met, what hinders it.
QString ChooseStringsDialog::verdict() const {
    const Rig& guitar = proposal_.guitar;
    const ChosenSet& choice = proposal_.choice;
    const SetFigures& chosen = proposal_.chosen;
    QString words;
    if (const QString springs = springsText(proposal_); !springs.isEmpty())
        words = tr("With %1.").arg(springs) + QLatin1Char(' ');
    if (!hasClaw(guitar))
        words += tr("In all %1.").arg(forceText(chosen.pull_N, context_.preferences().units));
    else if (!chosen.level.balanced())
        words += tr("No claw within its reach holds this set; other springs first.");
    else if (std::abs(chosen.clawMore_turns) <= ClawStepPolicy::finest_turns)
        words += tr("This set needs no claw turn.");
    else
        words += tr("Claw: %1 turns.").arg(clawTurnText(chosen.clawMore_turns));
    words += armVerdict();
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

/// Whether the arm is what was wished of it, and of a twin what no string or spring changes.
QString ChooseStringsDialog::armVerdict() const {
    const SetFigures& chosen = proposal_.chosen;
    if (!proposal_.wish.arm_NmPerRad || !chosen.level.balanced())
        return {};
    constexpr double met = 0.02;
    const double reached = chosen.level.stiffness_NmPerRad / *proposal_.wish.arm_NmPerRad;
    const bool follows = wishes_->checkedId() == Like;
    QString words(QLatin1Char(' '));
    if (std::abs(reached - 1.0) <= met)
        words += tr("The arm is as wished.");
    else if (follows)
        words += tr("Its arm stays %1 from the other's.").arg(percentMoreText(reached));
    else if (!proposal_.before.level.balanced())
        return {};
    else
        words += (springsToo_->isChecked() ? tr("Strings and springs bring the arm to %1 only.")
                                           : tr("Strings alone bring the arm to %1 only; other springs do more."))
                     .arg(percentMoreText(chosen.level.stiffness_NmPerRad / proposal_.before.level.stiffness_NmPerRad));
    constexpr double same_rad = radians(0.3);
    if (const double less = follows ? other_->figures.rangeUp_rad - chosen.rangeUp_rad : 0.0; std::abs(less) > same_rad)
        words += QLatin1Char(' ') +
                 (less > 0.0 ? tr("It goes up %1 less than the other: that is its recess, no string changes it.")
                             : tr("It goes up %1 further than the other: that is its recess, no string changes it."))
                     .arg(degreesText(std::abs(less)));
    return words;
}

void ChooseStringsDialog::plan(const QString& what, const std::function<void(Job&)>& change) {
    if (context_.accept(context_.session().edit(what, change)))
        accept();
}

} // namespace flenzo
