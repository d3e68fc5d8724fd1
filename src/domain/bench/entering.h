// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"
#include "domain/job/derived.h"

namespace flenzo {

/// From where on a typed reading is asked about before it is taken.
struct EnteringOptions {
    /// From what the model expects: no honest reading after a sound start lies further; wrong string, octave or slip.
    double doubtful_cents = 350.0;
    double beyondStops_m = 1e-3; ///< by which a gap may lie outside what the stops let it be: rulers and stops err
};

/// Why the event is not believed as it is; nothing where it is.
[[nodiscard]] std::optional<Fault> doubtAbout(const Job& job, const Derived& derived, const Event& event, bool inches,
                                              const EnteringOptions& options = {});

/// A bare number typed in answer to an aim. The aim is shown by the note a tuner shows, so the number may count from
/// that note as well as from the string's target: whichever lands nearer to the aim.
[[nodiscard]] double asShown_cents(const Job& job, const Aim& aim, double typed_cents);

/// What confirming says at this moment.
enum class Confirmation {
    Doubted,        ///< the doubted reading is right
    Yes,            ///< to what is asked
    Act,            ///< it was done as asked
    PlateUnseen,    ///< nobody here can measure the plate
    NeedsReading,   ///< nothing can be confirmed; a reading is wanted
    NotOurs,        ///< it is left to the technician
    Impossible,     ///< nothing leads there
    NothingIsAsked, ///< all is done
};
[[nodiscard]] Confirmation confirmationOf(const Advice& advice);

/// The act as an event, done as asked; for `Confirmation::Act` and `PlateUnseen`.
[[nodiscard]] Event doneAsAsked(const Derived& derived);

/// A block of that thickness under the plate's rear edge; a fault where the stops do not let the plate go there.
[[nodiscard]] Result<Block> blockOf(const Bridge& bridge, double thickness_m);

} // namespace flenzo
