// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/section_now.h"

namespace flenzo {

SectionValues sectionNow(const Job& job, const Derived& derived, const Preferences& preferences) {
    SectionValues values{derived.rig(),
                         derived.now().shown(job.rig.bridge),
                         job.goal,
                         preferences.units,
                         derived.now().angleMeasured(),
                         preferences.scale(),
                         {}};
    values.labels = preferences.labels;
    return values;
}

} // namespace flenzo
