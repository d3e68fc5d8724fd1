// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

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
    [[nodiscard]] Offered wires() const;
};
/// With `drawers` only what lies in them.
[[nodiscard]] StringsSold stringsSoldFor(const Rig& rig, const Catalogue& catalogue, const Stock* drawers = nullptr);

/// The guitar as it came in: the strings that come off, at their pitches, on the springs of then. `guitar` is the
/// job's, as it is known by now.
[[nodiscard]] SetFigures figuresBefore(const Job& job, const Rig& guitar);

/// A wish in the words of the person who has it, against the guitar as it came in.
struct FeelWish {
    bool keepsBalance = true;
    bool equalPull = false;
    std::optional<double> armShare;  ///< 0.85: a seventh softer
    std::optional<SetFigures> likes; ///< pulls and arm as on that guitar, which has as many strings
};
[[nodiscard]] SetWish wishOf(const FeelWish& feel, const SetFigures& before);

} // namespace flenzo
