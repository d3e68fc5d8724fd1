// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/learned_panel.h"

#include "language/decimal.h"
#include "session/models/shop_says.h"
#include "widgets/controls/figure_table.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QLabel>
#include <cmath>

namespace flenzo {

namespace {

struct QuantityWords {
    QString name, nominal, learned, left;
};

/// One learned quantity as nominal, learned and what is left uncertain of it, in the user's units.
QuantityWords wordsOf(const BenchJob& job, const Estimate& guitar, Learned quantity, const Units& units) {
    const auto k = static_cast<Eigen::Index>(quantity);
    const double size = priorDeviation(EstimatorOptions(), quantity), offset = guitar.at.guitar.value[k] * size;
    const double left = guitar.guitarDeviation[k] * size;
    const auto share = [&](const QString& name, double nominal, const QString& unit, int decimals) {
        return QuantityWords{name, QStringLiteral("%1 %2").arg(decimal(nominal, decimals)).arg(unit),
                             QStringLiteral("%1 %2").arg(decimal(nominal * std::exp(offset), decimals)).arg(unit),
                             QStringLiteral("±%1 %").arg(decimal(100.0 * left, 1))};
    };
    const auto length = [&](const QString& name, double nominal_m) {
        return QuantityWords{name, lengthText(nominal_m, units), lengthText(nominal_m + offset, units),
                             QStringLiteral("±%1").arg(lengthText(left, units))};
    };
    const Spring spring = job.rig.springs.empty() ? Spring{} : job.rig.springs.front();
    switch (quantity) {
    case Learned::SpringRate:
        return share(LearnedPanel::tr("spring rate"), spring.rate_Npm / 1000.0, LearnedPanel::tr("N/mm"), 3);
    case Learned::InitialTension:
        return share(LearnedPanel::tr("initial tension"), spring.initial_N, LearnedPanel::tr("N"), 2);
    case Learned::HookDepth:
        return length(LearnedPanel::tr("hook depth"), -spring.hook_m.y());
    case Learned::StringHeight:
        return length(LearnedPanel::tr("string height over the pivot"), job.rig.strings.front().saddle_m.y());
    case Learned::ClawLead:
        return share(LearnedPanel::tr("claw travel per turn"), job.rig.claw.lead_m / metresPerMm,
                     LearnedPanel::tr("mm"), 3);
    case Learned::ClawPlace:
        return length(LearnedPanel::tr("claw's place, from the one counted"), 0.0);
    case Learned::Setback:
        return length(LearnedPanel::tr("saddles behind the pivot"), -job.rig.strings.front().saddle_m.x());
    case Learned::PivotFriction:
        return share(LearnedPanel::tr("what the pivot holds"), EstimatorOptions().pivotFriction_Nm * 1000.0,
                     LearnedPanel::tr("mN m"), 1);
    case Learned::Count:
        break;
    }
    return {};
}

} // namespace

LearnedPanel::LearnedPanel(AppContext& context, QWidget* parent) : QFrame(parent), context_(context) {
    setProperty("panel", true);
    auto* column = new QVBoxLayout(this);
    QLabel* heading = label(TextRole::Heading, this);
    heading->setText(tr("What the readings taught of this guitar"));
    column->addWidget(heading);
    note_ = label(TextRole::Body, this, QStringLiteral("learnedNote"));
    note_->setWordWrap(true);
    column->addWidget(note_);
    table_ = new FigureTable({tr("quantity"), tr("nominal"), tr("learned"), tr("uncertain")}, tr("Learned"), this);
    table_->setObjectName(QStringLiteral("learned"));
    table_->markColumn(1, Provenance::Assumed);
    table_->markColumn(2, Provenance::Calculated);
    column->addWidget(table_);
    fromShop_ = new QCheckBox(tr("New guitars begin from the shop's"), this);
    fromShop_->setObjectName(QStringLiteral("fromShop"));
    column->addWidget(fromShop_);
    connect(fromShop_, &QCheckBox::clicked, this, &LearnedPanel::wantShop);
}

/// For the shop, and for this guitar as long as nothing is known of it.
void LearnedPanel::wantShop(bool wanted) {
    const ShopSays& says = context_.shopSays(this);
    const auto& book = context_.session().logbook();
    if (!context_.accept(setBeginsFromShop(*book, wanted)))
        return;
    const Job& job = context_.session().job();
    const auto own = shopPriorFor(*book, says, job.rig.bridge.family);
    if (!own.ok()) {
        context_.accept(own.fault());
        return;
    }
    if (!job.prior && job.log.empty() && job.shopPrior != own.value())
        context_.accept(
            context_.session().edit(tr("shop's guitars"), [&](Job& changed) { changed.shopPrior = own.value(); }));
    refresh();
}

void LearnedPanel::refresh() {
    const BenchJob job = benchJobOf(context_.session().job());
    const Estimate& guitar = context_.session().derived().advice.guitar;
    QList<QStringList> rows;
    if (hasClaw(job.rig))
        for (Eigen::Index k = 0; k < learnedCount; ++k) {
            const QuantityWords words = wordsOf(job, guitar, static_cast<Learned>(k), context_.preferences().units);
            rows.append({words.name, words.nominal, words.learned, words.left});
        }
    const double size = EstimatorOptions().stringStiffness;
    double widest = 0.0, least = 1e9;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        const Eigen::Index at = stiffnessIndex(i);
        widest = std::max(widest, std::abs(guitar.at.guitar.value[at]) * size);
        least = std::min(least, guitar.guitarDeviation[at] * size);
    }
    rows.append({tr("stiffness of single strings"), tr("from gauge and core"),
                 tr("up to %1 % off").arg(decimal(100.0 * widest, 1)),
                 QStringLiteral("±%1 %").arg(decimal(100.0 * least, 1))});
    table_->show(rows, basePixels(context_.preferences()));
    const auto& book = context_.session().logbook();
    fromShop_->setVisible(book != nullptr);
    fromShop_->setEnabled(book && !book->readOnly());
    if (book && !context_.session().isAway()) { // a server that is away is not asked
        const Result<bool> wanted = beginsFromShop(*book);
        fromShop_->setChecked(wanted.ok() && wanted.value());
    }
    const auto& own = context_.session().job().shopPrior;
    const bool fromShop = own && !context_.session().job().prior && job.log.empty();
    note_->setText(
        fromShop
            ? tr("Nothing has been read yet: these are the mean and the spread of %n guitars of this kind that the "
                 "shop finished, drawn towards the usual figures.",
                 nullptr, own->guitars)
        : job.log.empty()
            ? tr("Nothing has been read yet: these are the assumed figures and how far guitars usually "
                 "lie from them.")
            : tr("From %1 readings. The next aims and claw turns rest on these figures.").arg(guitar.readings));
}

} // namespace flenzo
