// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/question.h"

#include <array>

namespace flenzo {

const char* suspectName(Question::Suspect suspect) {
    constexpr std::array<const char*, 10> names{"reversed", "notDone", "twice", "exchanged", "otherString",
                                                "moved",    "block",   "new",   "again",     "time"};
    return names[static_cast<std::size_t>(suspect)];
}

std::vector<Event> answered(std::vector<Event> log, const Question& question, bool yes) {
    if (question.event >= log.size())
        return log;
    const auto at = log.begin() + static_cast<std::ptrdiff_t>(question.event);
    if (!yes) {
        at->confirmed = true;
        return log;
    }
    log.insert(log.erase(at), question.mend.begin(), question.mend.end());
    return log;
}

} // namespace flenzo
