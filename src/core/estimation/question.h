// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/event.h"

namespace flenzo {

/// Something in the log that was likely not so, to be asked with two answers: yes puts `mend` in the place of the
/// entry, no marks the entry as confirmed.
struct Question {
    enum class Suspect {
        Reversed,    ///< the claw was turned the other way
        NotDone,     ///< it was not turned
        Twice,       ///< it was turned twice
        Exchanged,   ///< two readings changed places
        OtherString, ///< another string's peg was turned
        Moved,       ///< before this reading something was moved that nobody typed
        Block,       ///< a block is in
        New,         ///< a new string went on
        Again,       ///< it was entered twice
        Time         ///< its time is wrong
    };
    Suspect suspect = Suspect::Moved;
    std::size_t event = 0; ///< the entry, from 0
    std::optional<std::size_t> string, other;
    double turns = 0.0;      ///< Moved: of the claw, where that is what explains it; 0: nobody knows what
    std::vector<Event> mend; ///< takes the entry's place
    double better_nats = 0.0;
    bool operator==(const Question&) const = default;
};
/// As in the output of the command line.
[[nodiscard]] const char* suspectName(Question::Suspect suspect);

/// The log with the answer in it.
[[nodiscard]] std::vector<Event> answered(std::vector<Event> log, const Question& question, bool yes);

} // namespace flenzo
