// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/find_form.h"

#include "core/setup/finding.h"
#include "domain/base/ranges.h"
#include "language/decimal.h"
#include "language/figures.h"
#include "widgets/look.h"

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <algorithm>
#include <cmath>

namespace flenzo {

FindForm::FindForm(AppContext& context, QWidget* parent) : JobForm(context, parent) {
    rows().setRowWrapPolicy(QFormLayout::WrapLongRows); // it is in a narrow drawer
    arm_ = build(
        QStringLiteral("Arm"),
        tr("By a luggage scale: hook it to the arm's end and pull square to the arm until the plate just "
           "begins to move."),
        tr("That is what holds the plate"),
        {{QStringLiteral("findForce"), tr("the scale shows")}, {QStringLiteral("findLever"), tr("pivot to arm's end")}},
        &FindForm::reckonArm, &FindForm::takeArm);
    spring_ =
        build(QStringLiteral("Spring"),
              tr("A spring by a luggage scale: unhook it, measure it lying free, then draw it out to two lengths. "
                 "Safety glasses on, face out of its line."),
              tr("All springs are like it"),
              {{QStringLiteral("findFree"), tr("length with no load")},
               {QStringLiteral("findShort"), tr("drawn out to")},
               {QStringLiteral("findShortForce"), tr("the scale shows there")},
               {QStringLiteral("findLong"), tr("drawn out further to")},
               {QStringLiteral("findLongForce"), tr("the scale shows there")}},
              &FindForm::reckonSpring, &FindForm::takeSpring);
    claw_ = build(QStringLiteral("Claw"),
                  tr("By two claw positions: all strings in tune, note the plate; turn both claw screws alike, tune "
                     "all strings again, note the plate again. The further apart, the surer."),
                  tr("The springs are so"),
                  {{QStringLiteral("findFirst"), tr("plate, as an angle or the gap in mm")},
                   {QStringLiteral("findTurns"), tr("both screws, turns (minus: loosened)")},
                   {QStringLiteral("findSecond"), tr("plate then")}},
                  &FindForm::reckonClaw, &FindForm::takeClaw);
    connect(&context.session(), &Session::started, this, &FindForm::clear); // of another guitar
    refresh();
}

FindForm::Routine FindForm::build(const QString& name, const QString& how, const QString& taking,
                                  const std::vector<std::pair<QString, QString>>& fields, void (FindForm::*reckon)(),
                                  void (FindForm::*take)()) {
    Routine routine;
    QLabel* head = label(TextRole::Body, this);
    head->setText(how);
    head->setWordWrap(true);
    rows().addRow(head);
    routine.head = head;
    for (const auto& [field, title] : fields)
        routine.fields.push_back(number(field, title, [this, reckon] { (this->*reckon)(); }));
    routine.words = label(TextRole::Heading, this, QStringLiteral("find%1Says").arg(name));
    routine.words->setWordWrap(true);
    rows().addRow(routine.words);
    routine.take = new QPushButton(taking, this);
    routine.take->setObjectName(QStringLiteral("take") + name);
    routine.take->setEnabled(false);
    connect(routine.take, &QPushButton::clicked, this, take);
    rows().addRow(QString(), routine.take);
    return routine;
}

void FindForm::setShown(const Routine& routine, bool shown) {
    for (QWidget* row : {routine.head, static_cast<QWidget*>(routine.words), static_cast<QWidget*>(routine.take)})
        rows().setRowVisible(row, shown);
    for (QLineEdit* field : routine.fields)
        rows().setRowVisible(field, shown);
}

void FindForm::refresh() {
    const Job& job = context_.session().job();
    const bool claw = hasClaw(job.rig);
    setShown(arm_, claw && (job.rig.bridge.assist || job.goal.deckLoad_Nm > 0.0));
    setShown(spring_, job.rig.bridge.has().moves() && !job.rig.springs.empty());
    setShown(claw_, claw && !job.rig.springs.empty() && floats(job.rig, job.goal));
    reckonArm(); // by the guitar as it is now
    reckonSpring();
    reckonClaw();
}

void FindForm::clear() {
    for (const Routine* routine : {&arm_, &spring_, &claw_})
        for (QLineEdit* field : routine->fields)
            field->clear();
}

std::optional<double> FindForm::value(const QLineEdit* field, Dimension dimension, const Range& range,
                                      QString& said) const {
    if (field->text().trimmed().isEmpty())
        return std::nullopt;
    const Result<double> read =
        parseQuantity(field->text(), dimension, context_.preferences().units, field->accessibleName(), range);
    if (!read.ok() && said.isEmpty())
        said = read.fault().sentence() + QLatin1Char('.');
    return read.ok() ? std::optional(read.value()) : std::nullopt;
}

void FindForm::say(const Routine& routine, const QString& words, bool found) {
    setVoice(routine.words, found || words.isEmpty() ? TextRole::Body : TextRole::Warn);
    routine.words->setText(words);
    routine.take->setEnabled(found);
}

void FindForm::reckonArm() {
    QString said;
    const auto force_N = value(arm_.fields[0], Dimension::Force, ranges::scale_N, said);
    const auto lever_m = value(arm_.fields[1], Dimension::Length, ranges::arm_mm, said);
    if (!force_N || !lever_m)
        return say(arm_, said, false);
    moment_Nm_ = armMoment_Nm(*force_N, *lever_m);
    const Range& range = ranges::preload_Nm;
    const bool fits = moment_Nm_ > range.least && moment_Nm_ <= range.most;
    say(arm_,
        fits ? tr("It is held by %1.").arg(momentText(moment_Nm_))
             : tr("%1 is more than a bridge is held by. Check the force and the length.").arg(momentText(moment_Nm_)),
        fits);
}

void FindForm::takeArm() {
    edit([this](Job& job) {
        if (job.rig.bridge.assist) {
            job.rig.bridge.assist->preload_Nm = moment_Nm_;
            job.measured.insert(QStringLiteral("assist.preload"));
        } else {
            job.goal.deckLoad_Nm = moment_Nm_;
        }
    });
}

void FindForm::reckonSpring() {
    QString said;
    const auto free_m = value(spring_.fields[0], Dimension::Length, ranges::free_mm, said);
    const auto first_m = value(spring_.fields[1], Dimension::Length, ranges::free_mm, said);
    const auto first_N = value(spring_.fields[2], Dimension::Force, ranges::scale_N, said);
    const auto second_m = value(spring_.fields[3], Dimension::Length, ranges::free_mm, said);
    const auto second_N = value(spring_.fields[4], Dimension::Force, ranges::scale_N, said);
    if (!free_m || !first_m || !first_N || !second_m || !second_N)
        return say(spring_, said, false);
    const auto found = springByScale(*first_m, *first_N, *second_m, *second_N, *free_m);
    const bool fits = found && found->rate_Npm / 1000.0 >= ranges::rate_Npmm.least &&
                      found->rate_Npm / 1000.0 <= ranges::rate_Npmm.most && found->initial_N <= ranges::initial_N.most;
    if (!fits)
        return say(spring_, tr("These do not fit one spring: drawn further it must pull more. Measure again."), false);
    rate_Npm_ = found->rate_Npm;
    initial_N_ = found->initial_N;
    const Units& units = context_.preferences().units;
    const QString rate = decimal(rate_Npm_ / shownUnit(Dimension::SpringRate, units), 2) + QLatin1Char(' ') +
                         unitName(Dimension::SpringRate, units);
    say(spring_, tr("Rate %1, initial tension %2.").arg(rate, forceText(initial_N_, units)), true);
}

void FindForm::takeSpring() {
    QString said;
    const auto free_m = value(spring_.fields[0], Dimension::Length, ranges::free_mm, said);
    if (!free_m)
        return;
    edit([&](Job& job) {
        for (Spring& spring : job.rig.springs) {
            spring.rate_Npm = rate_Npm_;
            spring.initial_N = initial_N_;
            spring.free_m = *free_m;
        }
        for (const char* key : {"springs.rate", "springs.initial", "springs.free"})
            job.measured.insert(QLatin1String(key));
    });
}

void FindForm::reckonClaw() {
    const Job& job = context_.session().job();
    QString said;
    const auto plate = [&](const QLineEdit* field) -> std::optional<double> {
        if (field->text().trimmed().isEmpty())
            return std::nullopt;
        const Result<double> read =
            parsePlateAngle(field->text(), job.rig.bridge, field->accessibleName(), ranges::oldAngle_deg);
        if (!read.ok() && said.isEmpty())
            said = read.fault().sentence() + QLatin1Char('.');
        return read.ok() ? std::optional(read.value()) : std::nullopt;
    };
    const auto first_rad = plate(claw_.fields[0]), second_rad = plate(claw_.fields[2]);
    const auto turns = value(claw_.fields[1], Dimension::Turns, ranges::clawStep_turns, said);
    if (!first_rad || !second_rad || !turns)
        return say(claw_, said, false);
    const Derived& derived = context_.session().derived();
    const auto found = rateByTwoClaws(job.rig, derived.now().state, *first_rad, *second_rad, *turns);
    if (!found)
        return say(claw_,
                   tr("No spring explains these two. Tightened, the plate must go back; were all strings in tune both "
                      "times?"),
                   false);
    share_ = *found;
    // What a tenth of a degree, misread, makes of it; past half it tells less than what was assumed.
    constexpr double misread_rad = radians(0.1), tellsNothing = 0.5;
    double most = 0.0;
    for (const double second : {*second_rad - misread_rad, *second_rad + misread_rad}) {
        const auto other = rateByTwoClaws(job.rig, derived.now().state, *first_rad, second, *turns);
        most = std::max(most, other ? std::abs(*other / *found - 1.0) : 1.0);
    }
    if (most > tellsNothing)
        return say(claw_,
                   tr("These two are too near each other: misread by a tenth of a degree, they say something else "
                      "entirely. Turn the claw further."),
                   false);
    const QString spread = decimal(100.0 * most, 0);
    say(claw_,
        share_ < 1.0 ? tr("The springs are %1 % softer than was assumed. A tenth of a degree misread makes %2 %.")
                           .arg(decimal(100.0 * (1.0 - share_), 0), spread)
                     : tr("The springs are %1 % stiffer than was assumed. A tenth of a degree misread makes %2 %.")
                           .arg(decimal(100.0 * (share_ - 1.0), 0), spread),
        true);
}

void FindForm::takeClaw() {
    edit([this](Job& job) {
        for (Spring& spring : job.rig.springs)
            spring.rate_Npm *= share_;
        job.measured.insert(QStringLiteral("springs.rate"));
    });
}

} // namespace flenzo
