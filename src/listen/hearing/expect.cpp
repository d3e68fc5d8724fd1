// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/expect.h"

#include "core/statics/pitch.h"

#include <algorithm>

namespace flenzo {

Expected expectedOf(const BenchJob& job, const Estimate& guitar) {
    Expected out;
    out.count = std::min(job.rig.strings.size(), Expected::most);
    std::vector<bool> read(job.rig.strings.size(), false);
    double first_cents = 0.0, count = 0.0;
    for (const Observation& made : guitar.line.observations)
        if (made.kind == Observation::Kind::Pitch && !read[made.string]) {
            read[made.string] = true;
            first_cents += made.afterAct ? 0.0 : made.value;
            count += made.afterAct ? 0.0 : 1.0;
        }
    const double unread_cents = count > 0.0 ? first_cents / count : 0.0;
    for (std::size_t i = 0; i < out.count; ++i) {
        const bool on = guitar.state.unstretchedLength_m[i] > 0.0;
        out.first_Hz[i] =
            on ? frequencyAt_Hz(job.rig.strings[i].target_Hz, read[i] ? guitar.readings_cents[i] : unread_cents) : 0.0;
    }
    return out;
}

} // namespace flenzo
