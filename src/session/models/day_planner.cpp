// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/models/day_planner.h"

#include "modules/module.h"

#include <QObject>

namespace flenzo {

const DayPlanner* dayPlanner() {
    static const DayPlanner* const found = qobject_cast<DayPlanner*>(moduleNamed(QStringLiteral("flenzo-day")));
    return found;
}

} // namespace flenzo
