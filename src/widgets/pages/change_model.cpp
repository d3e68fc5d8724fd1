// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/change_model.h"

#include "domain/base/bundled_words.h"
#include "domain/base/ranges.h"
#include "language/decimal.h"
#include "session/input/quantity.h"
#include "session/input/string_entry.h"
#include "widgets/text/wording.h"

#include <cmath>

namespace flenzo {

ChangeModel::ChangeModel(AppContext& context, QObject* parent) : QAbstractTableModel(parent), context_(context) {}

void ChangeModel::refresh() {
    beginResetModel();
    endResetModel();
}

int ChangeModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(context_.session().job().rig.strings.size());
}

int ChangeModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

QString ChangeModel::stringText(Side side, std::size_t i) const {
    const Job& job = context_.session().job();
    const StringPick& pick = (side == Side::Off ? job.offPicks : job.onPicks).strings[i];
    const Wire& wire = side == Side::Off ? job.off[i].wire : job.rig.strings[i].wire;
    if (const CatalogueString* entry = context_.catalogue().stringById(pick.item))
        return bundledWords(entry->label);
    return (wire.isWound() ? tr("%1 wound") : tr("%1 plain"))
        .arg(gaugeText(wire.gauge_m, context_.preferences().units));
}

QString ChangeModel::pitchText(Side side, std::size_t i) const {
    const Job& job = context_.session().job();
    const StringPick& pick = (side == Side::Off ? job.offPicks : job.onPicks).strings[i];
    return pick.note.isEmpty() ? hertzText(side == Side::Off ? job.off[i].target_Hz : job.rig.strings[i].target_Hz)
                               : pick.note;
}

QVariant ChangeModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount())
        return {};
    const auto i = static_cast<std::size_t>(index.row());
    const ChangeReport& report = context_.session().derived().report;
    const Units& units = context_.preferences().units;
    if (role == Qt::TextAlignmentRole)
        return static_cast<int>(
            (index.column() == OffString || index.column() == OnString ? Qt::AlignLeft : Qt::AlignRight) |
            Qt::AlignVCenter);
    if (role == Qt::ToolTipRole && index.column() == OnMass)
        return tr("A measured unit mass in grams per metre overrides the formula; empty takes the formula again");
    if (role != Qt::DisplayRole && role != Qt::EditRole)
        return {};
    switch (index.column()) {
    case OffString:
        return stringText(Side::Off, i);
    case OffPitch:
        return pitchText(Side::Off, i);
    case OffTension:
        return forceText(report.before_N[i], units);
    case OnString:
        return stringText(Side::On, i);
    case OnPitch:
        return pitchText(Side::On, i);
    case OnMass: {
        const Wire& wire = context_.session().job().rig.strings[i].wire;
        const QString grams = decimal(unitMass_kgpm(wire) * 1e3, 3);
        if (role == Qt::EditRole)
            return wire.unitMass_kgpm ? grams : QString();
        return wire.unitMass_kgpm ? tr("%1 measured").arg(grams) : tr("%1 calculated").arg(grams);
    }
    case OnTension:
        return forceText(report.after_N[i], units);
    case Difference: {
        const double difference_N = report.after_N[i] - report.before_N[i];
        return signedNumber(units.poundForce ? difference_N / newtonsPerPoundForce : difference_N, 1);
    }
    default:
        return {};
    }
}

bool ChangeModel::setMass(std::size_t i, const QString& text) {
    std::optional<double> mass_kgpm;
    if (!text.trimmed().isEmpty()) {
        const Result<double> read =
            parseQuantity(text, Dimension::UnitMass, {}, tr("unit mass"), ranges::unitMass_kgpm);
        if (!read.ok())
            return context_.accept(read.fault());
        mass_kgpm = read.value();
    }
    return context_.accept(
        context_.session().edit(tr("unit mass"), [&](Job& job) { job.rig.strings[i].wire.unitMass_kgpm = mass_kgpm; }));
}

bool ChangeModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || !index.isValid() || value == data(index, Qt::EditRole))
        return false;
    const auto i = static_cast<std::size_t>(index.row());
    const QString text = value.toString();
    const Side side = index.column() < OnString ? Side::Off : Side::On;
    if (index.column() == OnMass)
        return setMass(i, text);
    if (index.column() == OffString || index.column() == OnString) {
        const Result<const CatalogueString*> found = findString(context_.catalogue(), text);
        if (!found.ok())
            return context_.accept(found.fault());
        return context_.accept(
            context_.session().edit(tr("string"), [&](Job& job) { setString(job, side, i, *found.value()); }));
    }
    std::optional<Fault> fault;
    const auto other = context_.session().edit(tr("pitch"), [&](Job& job) { fault = setPitch(job, side, i, text); });
    return context_.accept(fault ? fault : other);
}

QVariant ChangeModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (role != Qt::DisplayRole)
        return {};
    // Between a change of the number of strings and the reset that follows, views may ask for rows that are gone.
    if (orientation == Qt::Vertical && section >= rowCount())
        return {};
    if (orientation == Qt::Vertical)
        return QString::fromStdString(context_.session().job().rig.strings[static_cast<std::size_t>(section)].name);
    const bool pounds = context_.preferences().units.poundForce;
    switch (section) {
    case OffString:
        return tr("comes off");
    case OffPitch:
        return tr("at");
    case OffTension:
        return tr("pulls");
    case OnString:
        return tr("goes on");
    case OnPitch:
        return tr("to");
    case OnMass:
        return tr("g per m");
    case OnTension:
        return tr("pulls");
    case Difference:
        return pounds ? tr("change, lbf") : tr("change, N");
    default:
        return {};
    }
}

Qt::ItemFlags ChangeModel::flags(const QModelIndex& index) const {
    if (!index.isValid())
        return {};
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    if (index.column() != OffTension && index.column() != OnTension && index.column() != Difference)
        flags |= Qt::ItemIsEditable;
    return flags;
}

} // namespace flenzo
