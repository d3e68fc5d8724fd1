// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/planning/alternatives.h"
#include "core/planning/set_choice.h"
#include "core/planning/set_figures.h"
#include "domain/guitar/catalogue.h"
#include "domain/job/job.h"
#include "domain/shop/stock.h"

namespace flenzo {

/// What is sold for each string of a guitar: what is built like the one that is on it, plain for plain and wound for
/// wound with the same wrap.
struct StringsSold {
    std::vector<std::vector<const CatalogueString*>> items;
    std::vector<FewPieces> few; ///< of what lies in the drawers, less than could go on
    [[nodiscard]] Offered wires() const;
};
/// With `drawers` only what lies in them.
[[nodiscard]] StringsSold stringsSoldFor(const Rig& rig, const Catalogue& catalogue, const Stock* drawers = nullptr);

/// The guitar of a job as it is known by now, its claw where it stands.
[[nodiscard]] Rig guitarNow(const Estimate& known);
/// What the strings that a job puts on do to its guitar.
[[nodiscard]] SetFigures figuresPlanned(const Job& job, const Rig& guitar);
/// The guitar as it came in: the strings that come off, at their pitches, on the springs of then.
[[nodiscard]] SetFigures figuresBefore(const Job& job, const Rig& guitar);

/// A wish in the words of the person who has it, against the guitar as it came in.
struct FeelWish {
    bool keepsBalance = true;
    bool equalPull = false;
    std::optional<double> armShare;  ///< 0.85: a seventh softer
    std::optional<SetFigures> likes; ///< pulls as on that guitar, which has as many strings; with `springsToo` its arm
    bool springsToo = false;         ///< other springs may go in
};
[[nodiscard]] SetWish wishOf(const FeelWish& feel, const SetFigures& before);

/// The set nearest to a wish beside the one that comes off and the one that is planned. It names strings of the
/// catalogue that it was made from.
struct SetProposal {
    Rig guitar; ///< now, with the planned strings on it
    SetWish wish;
    ChosenSet choice;
    std::vector<const CatalogueString*> strings; ///< chosen; empty where there is no set, which `whyNone` says
    std::vector<Wire> wires;                     ///< theirs
    SpringWay springs;                           ///< with them; as they are unless others were allowed
    double packing_m = 0.0;                      ///< under the other spring of a shaft
    SetFigures before, planned, chosen;
    bool fromDrawers = false;
};
/// With `drawers` the set is one of those that lie there, or of the single strings there, whichever comes nearer.
[[nodiscard]] SetProposal proposeSet(const Job& job, const Estimate& known, const Catalogue& catalogue,
                                     const FeelWish& feel, const Stock* drawers = nullptr);
[[nodiscard]] Fault whyNone(const SetProposal& proposal);
/// A guitar with what was chosen on it, strings and springs.
[[nodiscard]] Rig withProposal(Rig rig, const SetProposal& proposal);
/// Plans it.
void putOn(Job& job, const SetProposal& proposal, const Catalogue& catalogue);

} // namespace flenzo
