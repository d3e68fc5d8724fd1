// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/pass_sheet.h"

#include "core/base/fractions.h"

#include "core/statics/note.h"
#include "core/statics/readings.h"
#include "language/decimal.h"

#include <cmath>

namespace flenzo {

namespace {

constexpr int forecastsShown = 3;

struct Tolerances {
    const Goal& goal;
    const Advice& advice;
    [[nodiscard]] bool pitch(double off_cents) const { return std::abs(off_cents) <= goal.pitchTolerance_cents; }
    [[nodiscard]] bool reading(std::size_t string, double cents) const {
        return pitch(cents - advice.wanted_cents[string]);
    }
    [[nodiscard]] bool plate(double angle_rad) const {
        return std::abs(angle_rad - advice.wantedAngle_rad) <= goal.angleTolerance_rad;
    }
};

SheetCell cellOf(double value, bool measured, bool within) {
    SheetCell cell;
    cell.kind = measured ? SheetCell::Kind::Measured : SheetCell::Kind::Computed;
    if (std::isfinite(value))
        cell.reading_cents = value;
    cell.within = within;
    return cell;
}

SheetColumn trackedColumn(SheetColumn::Kind kind, const TrackedState& tracked, const Bridge& bridge,
                          const Tolerances& tolerances) {
    SheetColumn column{kind, 0, 0.0, {}};
    for (std::size_t i = 0; i < tracked.readings_cents.size(); ++i)
        column.cells.push_back(
            cellOf(tracked.shown_cents(i), tracked.measured[i], tolerances.reading(i, tracked.shown_cents(i))));
    const double plate_rad = tracked.shownAngle_rad(bridge);
    column.cells.push_back(cellOf(degrees(plate_rad), tracked.angleMeasured(), tolerances.plate(plate_rad)));
    return column;
}

SheetColumn passColumn(const Job& job, const LoggedPass& pass, int number, const TrackedState& after,
                       const Tolerances& tolerances) {
    SheetColumn column{SheetColumn::Kind::Pass, number, 0.0, std::vector<SheetCell>(job.rig.strings.size() + 1)};
    for (const std::size_t e : pass.events) {
        const Event& event = job.log[e];
        SheetCell& cell = column.cells[event.string];
        cell = cellOf(event.to_cents, true, false);
        cell.aim_cents = event.aim_cents;
        cell.within = event.aim_cents && tolerances.pitch(event.to_cents - *event.aim_cents);
    }
    const double plate_rad = after.shownAngle_rad(job.rig.bridge);
    column.cells.back() = cellOf(degrees(plate_rad), after.angleMeasured(), tolerances.plate(plate_rad));
    return column;
}

SheetColumn forecastColumn(const Rig& rig, const Pass& pass, int number, const Tolerances& tolerances) {
    SheetColumn column{SheetColumn::Kind::Forecast, number, 0.0, {}};
    const std::vector<double> readings = readings_cents(rig, pass.after);
    for (std::size_t i = 0; i < readings.size(); ++i)
        column.cells.push_back(cellOf(readings[i], false, tolerances.reading(i, readings[i])));
    column.cells.push_back(cellOf(degrees(pass.after.angle_rad), false, tolerances.plate(pass.after.angle_rad)));
    for (const Aim& aim : pass.aims)
        column.cells[aim.string].aim_cents = aim.cents;
    for (SheetCell& cell : column.cells)
        cell.kind = SheetCell::Kind::Forecast;
    return column;
}

/// Turns of the claw as the hand counted them, not as they were learned to have been.
double countedTurns(const std::vector<Event>& log, std::size_t from, std::size_t to) {
    double turns = 0.0;
    for (std::size_t e = from; e < to; ++e)
        if (log[e].kind == Event::Kind::Claw)
            turns += log[e].turns.mean();
    return turns;
}

/// The start is what was read before the first peg or screw was turned.
std::size_t startStanding(const Job& job) {
    std::size_t index = 0;
    while (index < job.log.size() && job.log[index].kind == Event::Kind::Read)
        ++index;
    return index;
}

} // namespace

std::vector<SheetColumn> buildPassSheet(const Job& job, const Derived& derived) {
    const Tolerances tolerances{job.goal, derived.advice};
    std::vector<SheetColumn> columns;
    const std::size_t start = startStanding(job);
    if (start < job.log.size())
        columns.push_back(
            trackedColumn(SheetColumn::Kind::Start, derived.standings[start], job.rig.bridge, tolerances));
    const std::vector<LoggedPass> passes = passesOf(job.log);
    std::size_t counted = 0;
    for (const LoggedPass& pass : passes) {
        const TrackedState& after = derived.standings[pass.events.back() + 1];
        columns.push_back(passColumn(job, pass, static_cast<int>(&pass - passes.data()) + 1, after, tolerances));
        columns.back().claw_turns = countedTurns(job.log, counted, pass.events.back());
        counted = pass.events.back();
    }
    columns.push_back(trackedColumn(SheetColumn::Kind::Now, derived.now(), job.rig.bridge, tolerances));
    SheetColumn& now = columns.back();
    now.claw_turns = countedTurns(job.log, counted, job.log.size());
    const NextAct& next = derived.next();
    if (next.what == NextAct::Do::Tune) {
        now.cells[next.aim.string].next = true;
        now.cells[next.aim.string].aim_cents = next.aim.cents;
    } else if (next.what == NextAct::Do::Read) {
        for (const std::size_t string : next.strings)
            now.cells[string].next = true;
        now.cells.back().next = next.gap;
    }
    const bool goesOn = !derived.tuned.empty() && derived.outlook.clawVisits == 0;
    int number = static_cast<int>(passes.size()) + (goesOn ? 0 : 1);
    for (std::size_t p = 0; p < derived.outlook.passes.size() && p < forecastsShown; ++p)
        columns.push_back(forecastColumn(derived.rig(), derived.outlook.passes[p], number++, tolerances));
    return columns;
}

QString columnTitle(const SheetColumn& column) {
    return column.kind == SheetColumn::Kind::Start  ? PassSheetModel::tr("start")
           : column.kind == SheetColumn::Kind::Pass ? PassSheetModel::tr("pass %1").arg(column.number)
                                                    : PassSheetModel::tr("end");
}

void PassSheetModel::show(const Job& job, const Derived& derived) {
    beginResetModel();
    columns_ = buildPassSheet(job, derived);
    rows_.clear();
    for (const RigString& string : job.rig.strings)
        rows_.append(QStringLiteral("%1  %2").arg(
            QString::fromStdString(string.name),
            QString::fromStdString(noteName(nearestNote(string.target_Hz, job.referencePitch_Hz).midi))));
    rows_.append(job.rig.bridge.has().hasClaw() ? tr("plate") : tr("arm"));
    endResetModel();
}

int PassSheetModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int PassSheetModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(columns_.size());
}

QVariant PassSheetModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid())
        return {};
    const SheetColumn& column = columns_[static_cast<std::size_t>(index.column())];
    const SheetCell& cell = column.cells[static_cast<std::size_t>(index.row())];
    if (role == CellRole)
        return QVariant::fromValue(cell);
    if (role == ColumnKindRole)
        return static_cast<int>(column.kind);
    if (role != Qt::AccessibleTextRole && role != Qt::ToolTipRole)
        return {};
    const bool plate = index.row() == rowCount() - 1;
    const QString unit = plate ? tr("degrees") : tr("cents");
    QStringList parts;
    if (cell.aim_cents)
        parts.append(tr("aim %1 cents").arg(decimal(*cell.aim_cents, 1)));
    if (cell.reading_cents) {
        const QString value = QStringLiteral("%1 %2").arg(decimal(*cell.reading_cents, plate ? 2 : 1)).arg(unit);
        parts.append(cell.kind == SheetCell::Kind::Measured   ? tr("measured %1").arg(value)
                     : cell.kind == SheetCell::Kind::Forecast ? tr("forecast %1").arg(value)
                                                              : tr("calculated %1").arg(value));
    }
    return parts.join(QStringLiteral(", "));
}

QVariant PassSheetModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (role != Qt::DisplayRole)
        return {};
    if (orientation == Qt::Vertical)
        return rows_.at(section);
    const SheetColumn& column = columns_[static_cast<std::size_t>(section)];
    const QString claw = column.claw_turns == 0.0 ? QString()
                                                  : (column.claw_turns > 0.0 ? tr("\ntighten %1") : tr("\nloosen %1"))
                                                        .arg(QString::fromStdString(inSixteenths(column.claw_turns)));
    switch (column.kind) {
    case SheetColumn::Kind::Start:
        return tr("start");
    case SheetColumn::Kind::Pass:
        return tr("pass %1").arg(column.number) + claw;
    case SheetColumn::Kind::Now:
        return tr("now") + claw;
    case SheetColumn::Kind::Forecast:
        return tr("pass %1\nto come").arg(column.number);
    }
    return {};
}

int PassSheetModel::nowColumn() const {
    for (std::size_t c = 0; c < columns_.size(); ++c)
        if (columns_[c].kind == SheetColumn::Kind::Now)
            return static_cast<int>(c);
    return 0;
}

} // namespace flenzo
