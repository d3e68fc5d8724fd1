// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/calc_forms.h"

#include "core/setup/fretting.h"
#include "core/statics/pitch.h"
#include "core/statics/readings.h"
#include "domain/base/bundled_words.h"
#include "domain/base/ranges.h"
#include "domain/guitar/caliper.h"
#include "domain/job/edits.h"
#include "domain/methods/method_figures.h"
#include "language/decimal.h"
#include "session/input/quantity.h"
#include "session/input/set_entry.h"
#include "widgets/controls/field_edit.h"
#include "widgets/controls/figure_table.h"
#include "widgets/controls/job_fields.h"
#include "widgets/controls/provenance_icon.h"
#include "widgets/look.h"
#include "widgets/text/lanes.h"
#include "widgets/text/wording.h"

#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

QLabel* wordsUnder(JobForm& form, const char* name) {
    QLabel* words = label(TextRole::Heading, &form, QLatin1String(name));
    words->setWordWrap(true);
    form.rows().addRow(words);
    return words;
}

/// Enters what the form has reckoned, once it was done.
QPushButton* doneButton(JobForm& form, const char* name, const QString& text) {
    auto* button = new QPushButton(text, &form);
    button->setObjectName(QLatin1String(name));
    button->setEnabled(false);
    form.rows().addRow(QString(), button);
    return button;
}

QString nameOf(const RigString& string) {
    return QString::fromStdString(string.name);
}

/// As tall as what it holds: the page scrolls, not the table.
void fitHeight(QTableWidget& table) {
    const int rows = table.verticalHeader()->length() + table.horizontalHeader()->sizeHint().height() + 6;
    table.setMinimumHeight(rows);
    table.setMaximumHeight(rows);
}

} // namespace

CaliperForm::CaliperForm(AppContext& context, QWidget* parent) : JobForm(context, parent) {
    const auto again = [this] { reckon(); };
    thickest_ = number(QStringLiteral("caliper"), tr("caliper, thickest string"), again);
    thinnest_ = number(QStringLiteral("caliperThin"), tr("caliper, thinnest string"), again);
    each_ = number(QStringLiteral("caliperEach"), tr("caliper, every string"), again);
    each_->setPlaceholderText(tr("where no set fits"));
    words_ = wordsUnder(*this, "caliperSays");
    take_ = new QPushButton(tr("Note it as the old set"), this);
    take_->setObjectName(QStringLiteral("takeOldSet"));
    take_->setEnabled(false);
    connect(take_, &QPushButton::clicked, this, &CaliperForm::takeSet);
    rows().addRow(QString(), take_);
}

/// A set measured string by string.
void CaliperForm::reckonEach(QStringList& lines) {
    const Result<CatalogueSet> set =
        parseSet(each_->text(), context_.session().job().rig.strings.size(), context_.catalogue());
    if (!set.ok()) {
        lines.append(set.fault().sentence() + QLatin1Char('.'));
        return;
    }
    set_ = set.value();
    QStringList strings;
    for (const QString& item : set_->items)
        strings.append(bundledWords(context_.catalogue().stringById(item)->label));
    lines.append(tr("Strings: %1.").arg(strings.join(QStringLiteral(" · "))));
}

/// The set between its thickest and its thinnest string, and how far that is from what was measured.
void CaliperForm::reckonOuter(QStringList& lines) {
    std::vector<double> gauges_m;
    for (const QLineEdit* field : {thickest_, thinnest_}) {
        if (field->text().trimmed().isEmpty())
            continue;
        const Result<double> read = parseQuantity(field->text(), Dimension::Gauge, {}, QStringLiteral("caliper"));
        if (!read.ok()) {
            lines.append(read.fault().sentence() + QLatin1Char('.'));
            continue;
        }
        const double gauge_m = read.value();
        gauges_m.push_back(gauge_m);
        const CatalogueString* nearest = nearestString(context_.catalogue(), gauge_m);
        lines.append(tr("%1 mm, %2 thousandths of an inch; nearest string: %3.")
                         .arg(decimal(gauge_m / metresPerMm, 3))
                         .arg(decimal(gauge_m / metresPerThou, 1))
                         .arg(nearest ? bundledWords(nearest->label) : QString()));
    }
    const CatalogueSet* near = gauges_m.size() == 2
                                   ? nearestSet(context_.catalogue(), context_.session().job().rig.strings.size(),
                                                gauges_m.front(), gauges_m.back())
                                   : nullptr;
    if (!near)
        return;
    constexpr double same = 0.01, tooFar = 0.03; // shares of the pull
    const double off = pullOff(context_.catalogue(), *near, gauges_m.front(), gauges_m.back());
    if (std::abs(off) > tooFar) {
        lines.append(tr("No set fits: the nearest, %1, pulls %2 % otherwise. Measure every string and type them above.")
                         .arg(bundledWords(near->name), signedNumber(100.0 * off, 0)));
        return;
    }
    set_ = *near;
    lines.append(
        std::abs(off) < same
            ? tr("Set: %1.").arg(bundledWords(near->name))
            : tr("Nearest set: %1, pull %2 % off.").arg(bundledWords(near->name), signedNumber(100.0 * off, 0)));
}

void CaliperForm::reckon() {
    QStringList lines;
    set_.reset();
    if (each_->text().trimmed().isEmpty())
        reckonOuter(lines);
    else
        reckonEach(lines);
    take_->setEnabled(set_.has_value());
    words_->setText(lines.join(QLatin1Char('\n')));
}

void CaliperForm::takeSet() {
    reckon(); // the catalogue may have changed since the last key
    if (set_)
        edit([this](Job& job) { applySet(job, Side::Off, *set_, context_.catalogue()); });
}

ReliefForm::ReliefForm(AppContext& context, QWidget* parent) : JobForm(context, parent) {
    reliefField(tr("relief as found"), &Work::reliefFound_m)->setObjectName(QStringLiteral("reliefFound"));
    reliefField(tr("relief as it is left"), &Work::reliefLeft_m)->setObjectName(QStringLiteral("reliefLeft"));
    words_ = wordsUnder(*this, "reliefSays");
    follow([this](const Job& job) { say(job.work); });
}

FieldEdit* ReliefForm::reliefField(const QString& title, std::optional<double> Work::*relief) {
    auto* field = new FieldEdit(
        title,
        [this, title, relief](const QString& typed) {
            std::optional<double> value_m;
            if (!typed.trimmed().isEmpty()) {
                const Result<double> read =
                    parseQuantity(typed, Dimension::Length, context_.preferences().units, title, ranges::relief_mm);
                if (!read.ok())
                    return context_.accept(read.fault());
                value_m = read.value();
            }
            edit([&](Job& job) { job.work.*relief = value_m; });
            return true;
        },
        this);
    follow([this, field, relief](const Job& job) {
        const std::optional<double>& value_m = job.work.*relief;
        field->show(value_m ? lengthText(*value_m, context_.preferences().units) : QString());
    });
    add(title, field);
    return field;
}

void ReliefForm::say(const Work& work) {
    const Units& units = context_.preferences().units;
    const QString how =
        tr("At pitch, press the string at fret 1 and where the neck meets the body, or lay a "
           "straightedge on the frets; measure the gap over fret 7. %1 to %2 suits most necks (assumed).")
            .arg(lengthText(0.00015, units), lengthText(0.0003, units));
    const QString turn =
        tr("Too much: tighten the rod a quarter. Too little: loosen it a quarter. Tune, measure again.");
    const QString by = work.reliefFound_m && work.reliefLeft_m
                           ? tr("Changed by %1.").arg(lengthText(*work.reliefLeft_m - *work.reliefFound_m, units))
                           : QString();
    words_->setText((how + QLatin1Char('\n') + turn + QLatin1Char('\n') + by).trimmed());
}

HeightForm::HeightForm(AppContext& context, QWidget* parent) : JobForm(context, parent) {
    const auto again = [this] { reckon(); };
    bassNow_ = number(QStringLiteral("actionBass"), tr("action at fret 12 now, bass side"), again);
    trebleNow_ = number(QStringLiteral("actionTreble"), tr("the same, treble side"), again);
    bassWish_ = number(QStringLiteral("wishBass"), tr("wanted, bass side"), again);
    trebleWish_ = number(QStringLiteral("wishTreble"), tr("wanted, treble side"), again);
    onPosts_ = context.session().job().rig.bridge.has().heightAtPosts;
    lead_ = number(QStringLiteral("postLead"),
                   onPosts_ ? tr("bridge post, mm per turn (assumed)") : tr("screw, mm per turn (assumed)"), again);
    words_ = wordsUnder(*this, "heightSays");
    if (onPosts_) {
        turned_ = doneButton(*this, "postsTurned", tr("The bridge posts are turned so"));
        connect(turned_, &QPushButton::clicked, this, &HeightForm::enterTurned);
    }
    lead_->setText(decimal(usualPostLead_m / metresPerMm));
    const Card& card = context.session().job().card;
    for (const auto& [field, wish_m] :
         {std::pair(bassWish_, card.wishBass_m), std::pair(trebleWish_, card.wishTreble_m)})
        if (wish_m)
            field->setText(lengthText(*wish_m, context.preferences().units));
}

void HeightForm::reckon() {
    const Units& units = context_.preferences().units;
    std::optional<Fault> wrong;
    const auto value = [&](const QLineEdit* field, const Units& typed, const Range& range) -> std::optional<double> {
        if (field->text().trimmed().isEmpty())
            return std::nullopt;
        const Result<double> read =
            parseQuantity(field->text(), Dimension::Length, typed, field->accessibleName(), range);
        if (!read.ok() && !wrong)
            wrong = read.fault();
        return read.ok() ? std::optional(read.value()) : std::nullopt;
    };
    const auto length = [&](const QLineEdit* field) { return value(field, units, ranges::action_mm); };
    const std::optional<double> lead = value(lead_, {}, ranges::postLead_mm);
    const auto& strings = context_.session().job().rig.strings;
    bass_m_ = treble_m_ = 0.0;
    const auto side = [&](const QString& name, const QLineEdit* now, const QLineEdit* wish, double scale_m,
                          double& raise_m) {
        const auto from = length(now), to = length(wish);
        if (!from || !to || !lead)
            return QString();
        raise_m = postRaise_m(*to - *from, 12, scale_m);
        return tr("%1: %2 by %3, %4 turns.")
            .arg(name, raise_m < 0.0 ? tr("lower") : tr("raise"),
                 lengthText(std::abs(raise_m), context_.preferences().units))
            .arg(decimal(std::abs(raise_m) / *lead, 2));
    };
    const QStringList lines{side(onPosts_ ? tr("Bass bridge post") : tr("Bass side"), bassNow_, bassWish_,
                                 strings.front().scale_m, bass_m_),
                            side(onPosts_ ? tr("Treble bridge post") : tr("Treble side"), trebleNow_, trebleWish_,
                                 strings.back().scale_m, treble_m_)};
    const QString said = (lines.first() + QLatin1Char('\n') + lines.last()).trimmed();
    setVoice(words_, wrong ? TextRole::Warn : TextRole::Body);
    words_->setText(wrong            ? wrong->sentence()
                    : said.isEmpty() ? tr("Type what the ruler shows and what is wanted; the turns follow.")
                                     : said);
    if (turned_)
        turned_->setEnabled(!wrong && (bass_m_ != 0.0 || treble_m_ != 0.0));
}

/// What was wanted is now what is there.
void HeightForm::enterTurned() {
    Event event;
    event.kind = Event::Kind::Posts;
    event.bass_m = bass_m_;
    event.treble_m = treble_m_;
    if (!context_.accept(context_.session().append(tr("bridge posts turned"), event)))
        return;
    for (const auto& [now, wish] : {std::pair(bassNow_, bassWish_), std::pair(trebleNow_, trebleWish_)})
        if (!wish->text().trimmed().isEmpty())
            now->setText(wish->text());
    reckon();
}

IntonateForm::IntonateForm(AppContext& context, QWidget* parent) : JobForm(context, parent) {
    const Job& job = context.session().job();
    const auto& strings = job.rig.strings;
    table_ = new QTableWidget(static_cast<int>(strings.size()), 3, this);
    table_->setObjectName(QStringLiteral("intonation"));
    table_->setAccessibleName(tr("Octave fretted against open, cents"));
    table_->setHorizontalHeaderLabels({tr("octave off, ¢"), tr("guess, ¢"), tr("saddle")});
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
    table_->horizontalHeaderItem(0)->setIcon(provenanceIcon(Provenance::Measured));
    table_->horizontalHeaderItem(0)->setToolTip(tr("Stopped at fret 12 against open; plus is sharp"));
    for (const int column : {1, 2})
        table_->horizontalHeaderItem(column)->setIcon(provenanceIcon(Provenance::Calculated));
    QStringList names;
    const std::vector<double>& pulls_N = context.session().derived().report.after_N;
    for (std::size_t i = 0; i < strings.size(); ++i) {
        names.append(wording::stringTitle(strings[i]));
        const double guess = guess_cents_.emplace_back(
            frettingSharp_cents(strings[i], pulls_N[i], usualAction_m, job.card.nut != Nut::Open));
        for (int c = 1; c < 3; ++c) {
            auto* item = new QTableWidgetItem(c == 1 ? decimal(guess, 1) : QString());
            item->setFlags(Qt::ItemIsEnabled);
            table_->setItem(static_cast<int>(i), c, item);
        }
    }
    table_->setVerticalHeaderLabels(names);
    fitHeight(*table_);
    rows().addRow(table_);
    words_ = wordsUnder(*this, "intonationSays");
    words_->setText(hint());
    if (job.rig.bridge.has().motion != Motion::Shaft) {
        moved_ = doneButton(*this, "saddlesMoved", tr("These saddles are moved so"));
        connect(moved_, &QPushButton::clicked, this, &IntonateForm::enterMoved);
    }
    connect(table_, &QTableWidget::itemChanged, this, [this](const QTableWidgetItem* item) {
        if (item->column() == 0)
            reckon();
    });
    connect(table_, &QTableWidget::currentCellChanged, this, [this] { lanesChanged(); });
}

IntonateForm::~IntonateForm() {
    table_->disconnect(this); // it still speaks when it goes, and nobody is there to hear
}

StringLanes IntonateForm::lanes() const {
    StringLanes lanes = namedLanes(context_.session().job(), context_.session().derived());
    for (int row = 0; row < table_->rowCount(); ++row) {
        const auto i = static_cast<std::size_t>(row);
        const QTableWidgetItem* cell = table_->item(row, 0);
        const Result<double> typed = parseQuantity(cell ? cell->text().trimmed() : QString(), Dimension::Cents, {},
                                                   QString(), ranges::octave_cents);
        lanes.lanes[i].read = typed.ok();
        lanes.lanes[i].cents = typed.ok() ? typed.value() : guess_cents_[i];
        lanes.lanes[i].remark = table_->item(row, 2)->text();
    }
    if (table_->currentRow() >= 0)
        lanes.picked = static_cast<std::size_t>(table_->currentRow());
    return lanes;
}

void IntonateForm::pickString(std::size_t string) {
    table_->setCurrentCell(static_cast<int>(string), 0);
    table_->setFocus();
}

bool IntonateForm::hear(const HeardPluck& pluck) {
    const std::size_t string = *pluck.string;
    open_Hz_.resize(context_.session().job().rig.strings.size());
    if (!pluck.harmonic) {
        open_Hz_[string] = pluck.sounded_Hz;
        words_->setText(tr("%1 is heard open; now stop it at fret 12.")
                            .arg(wording::stringTitle(context_.session().job().rig.strings[string])));
        return true;
    }
    if (!open_Hz_[string])
        return false; // what it is off from has not been heard
    constexpr double octave = 2.0;
    table_->setItem(static_cast<int>(string), 0,
                    new QTableWidgetItem(signedNumber(cents(pluck.sounded_Hz, octave * *open_Hz_[string]), 1)));
    return true;
}

QString IntonateForm::hint() const {
    return tr("Read each string open and at fret 12, or pluck both while the program listens. The guess is for an "
              "action of "
              "%1, an assumption.")
        .arg(lengthText(usualAction_m, context_.preferences().units));
}

void IntonateForm::reckon() {
    const Job& job = context_.session().job();
    std::vector<double> all_cents, scales_m;
    std::optional<Fault> wrong;
    away_m_.assign(job.rig.strings.size(), 0.0);
    for (int row = 0; row < table_->rowCount(); ++row) {
        const QTableWidgetItem* cell = table_->item(row, 0);
        const QString typed = cell ? cell->text().trimmed() : QString();
        const Result<double> cents =
            parseQuantity(typed, Dimension::Cents, {}, table_->verticalHeaderItem(row)->text(), ranges::octave_cents);
        if (!cents.ok() && !typed.isEmpty() && !wrong)
            wrong = cents.fault();
        const double scale_m = job.rig.strings[static_cast<std::size_t>(row)].scale_m;
        QString words;
        if (cents.ok()) {
            const double move_m = saddleMove_m(cents.value(), scale_m);
            away_m_[static_cast<std::size_t>(row)] = move_m;
            words = (move_m < 0.0 ? tr("forward %1") : tr("back %1"))
                        .arg(lengthText(std::abs(move_m), context_.preferences().units));
            all_cents.push_back(cents.value());
            scales_m.push_back(scale_m);
        }
        table_->item(row, 2)->setText(words);
    }
    lanesChanged();
    setVoice(words_, wrong ? TextRole::Warn : TextRole::Body);
    words_->setText(wrong ? wrong->sentence() : hint());
    if (moved_)
        moved_->setEnabled(!wrong && std::any_of(away_m_.begin(), away_m_.end(), [](double m) { return m != 0.0; }));
    // One loose piece of wood: its two ends are all there is to move.
    if (job.rig.bridge.has().motion != Motion::Shaft || static_cast<int>(all_cents.size()) < table_->rowCount())
        return;
    const LooseBridge place = placeLooseBridge(all_cents, scales_m);
    const Units& units = context_.preferences().units;
    words_->setText(tr("A loose bridge in one piece: bass end %1, treble end %2 away from the nut.")
                        .arg(lengthText(place.bass_m, units), lengthText(place.treble_m, units)));
}

/// Each string that was off; its octave is to be read anew.
void IntonateForm::enterMoved() {
    const std::vector<double> away_m = away_m_;
    for (std::size_t i = 0; i < away_m.size(); ++i) {
        if (away_m[i] == 0.0)
            continue;
        Event event = Event::ofString(Event::Kind::Saddle, i);
        event.saddle_m = -away_m[i];
        if (!context_.accept(context_.session().append(tr("saddle moved"), event)))
            return;
        table_->setItem(static_cast<int>(i), 0, new QTableWidgetItem);
    }
    reckon();
}

SettleForm::SettleForm(AppContext& context, QWidget* parent) : JobForm(context, parent) {
    auto* pulls = new StretchBox(context, this);
    pulls->setObjectName(QStringLiteral("benchStretches"));
    follow([pulls](const Job&) { pulls->refresh(); });
    rows().addRow(QString(), pulls);
    table_ = new FigureTable({tr("string"), tr("is"), tr("pulls"), tr("last drop"), tr("next drop"), tr("pulls left")},
                             tr("How settled each string is"), this);
    table_->setObjectName(QStringLiteral("settling"));
    table_->markColumn(3, Provenance::Measured);
    for (const int column : {1, 4, 5})
        table_->markColumn(column, Provenance::Calculated);
    rows().addRow(table_);
    connect(&context_.session(), &Session::changed, this, &SettleForm::refresh);
}

void SettleForm::showEvent(QShowEvent* event) {
    JobForm::showEvent(event);
    refresh();
}

void SettleForm::refresh() {
    if (!isVisible())
        return;
    estimates_.drop();
    if (context_.session().job().method.stretch)
        fill(context_.session().derived().advice.guitar.settling);
    else
        estimateBeside();
}

/// New strings settle whether or not the bench asks for pulls.
void SettleForm::estimateBeside() {
    BenchJob stretched = benchJobOf(context_.session().job());
    stretched.method.stretch = true;
    estimates_.ask([stretched](const std::atomic<bool>&) { return estimate(stretched).settling; });
}

void SettleForm::fill(const std::vector<StringSettling>& settling) {
    const Job& job = context_.session().job();
    std::vector<int> pulls(job.rig.strings.size(), 0);
    std::vector<QString> last(job.rig.strings.size(), QStringLiteral("–"));
    for (const Event& event : job.log)
        if (event.kind == Event::Kind::Stretched && event.string < pulls.size()) {
            ++pulls[event.string];
            last[event.string] = centsText(event.to_cents - event.from_cents);
        }
    QList<QStringList> lines;
    for (std::size_t i = 0; i < settling.size() && i < pulls.size(); ++i) {
        const StringSettling& string = settling[i];
        const bool settled = string.needed.p50 == 0;
        lines.append({nameOf(job.rig.strings[i]), settled ? tr("settled") : tr("not settled"),
                      QString::number(pulls[i]), last[i], centsText(-string.nextDrop_cents),
                      wording::rangeText(string.needed.p10, string.needed.p90)});
    }
    table_->show(lines, basePixels(context_.preferences()));
    fitHeight(*table_);
}

} // namespace flenzo
