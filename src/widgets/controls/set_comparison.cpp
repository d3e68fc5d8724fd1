// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/set_comparison.h"

#include "domain/shop/quote.h"
#include "language/decimal.h"
#include "language/figures.h"
#include "widgets/look.h"
#include "widgets/text/wording.h"

#include <QHeaderView>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

const QString nothing = QStringLiteral("–");

/// Without its unit, which the head of the table has.
QString bare(const QString& figure) {
    return figure.section(QLatin1Char(' '), 0, 0);
}

QString percentOf(double share) {
    return QStringLiteral("%1 %").arg(decimal(100.0 * share, 0));
}

} // namespace

QString percentMoreText(double share) {
    return signedNumber(100.0 * (share - 1.0), 0) + QStringLiteral(" %");
}

QString clawTurnText(double more_turns) {
    if (std::abs(more_turns) <= ClawStepPolicy::finest_turns)
        return SetComparison::tr("no turn");
    return (more_turns > 0.0 ? SetComparison::tr("tighten %1") : SetComparison::tr("loosen %1"))
        .arg(turnsText(std::abs(more_turns)));
}

SetComparison::SetComparison(AppContext& context, QWidget* parent)
    : FigureTable({QString()}, tr("Sets side by side"), parent), context_(context) {
    setWordWrap(false);
    const double base = basePixels(context_.preferences());
    setMinimumHeight(static_cast<int>(20.0 * base)); // a dozen lines in sight
    horizontalHeader()->setMinimumSectionSize(static_cast<int>(9.0 * base));
}

void SetComparison::compare(const Rig& guitar, const QList<SetColumn>& columns, const Stock& stock) {
    guitar_ = guitar;
    columns_ = columns;
    stock_ = stock;
    costs_.clear();
    const Units& units = context_.preferences().units;
    const QString force = units.poundForce ? QStringLiteral("lbf") : QStringLiteral("N");
    QStringList headers{
        tr("Gauge %1, pull %2, bend %2").arg(units.inches ? QStringLiteral("in") : QStringLiteral("mm"), force)};
    std::vector<Job> tried;
    for (const SetColumn& column : columns) {
        headers.append(column.title);
        if (column.tried)
            tried.push_back(*column.tried);
    }
    setHeaders(headers);
    played_.ask([tried](const auto& up) {
        QList<MethodCost> costs;
        for (const Job& job : tried)
            if (!up)
                costs.append(Costs(job).asChosen());
        return costs;
    });
    fill();
}

void SetComparison::finish() {
    played_.finish();
}

void SetComparison::fill() {
    const Units& units = context_.preferences().units;
    QList<QStringList> rows;
    const auto row = [&](const QString& title, const auto& text) {
        QStringList cells{title};
        for (const SetColumn& column : columns_)
            cells.append(text(column));
        rows.append(cells);
    };
    const auto figure = [&](const QString& title, const auto& text) {
        row(title,
            [&](const SetColumn& column) { return column.figures.level.balanced() ? text(column.figures) : nothing; });
    };
    for (std::size_t i = 0; i < guitar_.strings.size(); ++i)
        row(QString::fromStdString(guitar_.strings[i].name), [&](const SetColumn& of) {
            if (i >= of.wires.size())
                return nothing;
            const bool bends = i < of.figures.bend_N.size() && of.figures.bend_N[i] > 0.0;
            return QStringLiteral("%1   %2   %3")
                .arg(bare(gaugeText(of.wires[i].gauge_m, units)),
                     bare(forceText(of.figures.level.tensions_N[i], units)),
                     bends ? bare(forceText(of.figures.bend_N[i], units)) : nothing);
        });
    row(tr("All strings"), [&](const SetColumn& of) { return forceText(of.figures.pull_N, units); });
    row(tr("Of breaking load"), [](const SetColumn& of) {
        return percentOf(*std::max_element(of.figures.ofBreaking.begin(), of.figures.ofBreaking.end()));
    });
    if (hasClaw(guitar_)) {
        figure(tr("Claw"), [](const SetFigures& of) { return clawTurnText(of.clawMore_turns); });
        row(tr("Springs that hold it"), [](const SetColumn& of) {
            return of.figures.springs == 0 ? tr("none do") : QString::number(of.figures.springs);
        });
    }
    const LevelSolution& before = columns_.front().figures.level;
    figure(tr("Arm, against before"), [&](const SetFigures& of) {
        return before.balanced() ? percentMoreText(of.level.stiffness_NmPerRad / before.stiffness_NmPerRad) : nothing;
    });
    figure(tr("Arm, a half step down"), [](const SetFigures& of) {
        return of.armHalfStep_Nm > 0.0 ? momentText(of.armHalfStep_Nm) : tr("beyond its stop");
    });
    figure(tr("Float, N·m/rad"), [](const SetFigures& of) { return decimal(of.level.floatStiffness_NmPerRad, 1); });
    figure(tr("Range upwards"), [](const SetFigures& of) { return degreesText(of.rangeUp_rad); });
    figure(tr("Drop: others move"),
           [](const SetFigures& of) { return of.drop ? centsText(of.drop->movesOthers_cents) : nothing; });
    figure(tr("Drop: on a stop"),
           [](const SetFigures& of) { return of.drop ? momentText(of.drop->onStop_Nm) : nothing; });
    if (std::any_of(guitar_.strings.begin(), guitar_.strings.end(),
                    [](const RigString& string) { return string.finePerTurn_m > 0.0; }))
        figure(tr("Drop: fine tuner"), [](const SetFigures& of) {
            return !of.drop ? nothing
                   : of.drop->fineFree_turns > of.drop->fineThere_turns
                       ? tr("%1 of %2 turns")
                             .arg(decimal(of.drop->fineFree_turns, 1), decimal(of.drop->fineThere_turns, 1))
                       : tr("%1 turns").arg(decimal(of.drop->fineFree_turns, 1));
        });
    figure(tr("Left after a pass"), [](const SetFigures& of) { return percentOf(of.passFactor); });
    qsizetype played = 0;
    QStringList passes{tr("Passes")}, minutes{tr("Minutes, whole job")};
    for (const SetColumn& column : columns_) {
        const MethodCost* cost = column.tried && played < costs_.size() ? &costs_.at(played++) : nullptr;
        const bool ends = cost && column.figures.level.status == LevelStatus::Found;
        const QString none = column.tried && costs_.isEmpty() ? QStringLiteral("…") : nothing;
        passes.append(ends ? wording::rangeText(std::ceil(cost->passes.p10), std::ceil(cost->passes.p90)) : none);
        minutes.append(ends ? wording::rangeText(std::round(cost->minutes.p10), std::round(cost->minutes.p90)) : none);
    }
    rows << passes << minutes;
    row(tr("Price of the strings"), [&](const SetColumn& of) {
        const auto price = of.tried ? stringsPrice_minor(*of.tried, stock_) : std::nullopt;
        return price ? moneyText(*price, {}) : nothing;
    });
    show(rows, 0.8 * basePixels(context_.preferences())); // more lines than other tables have
}

} // namespace flenzo
