// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/guitar/card.h"

namespace flenzo {

QStringList screwGroups() {
    return {QStringLiteral("caps"),  QStringLiteral("saddle clamps"), QStringLiteral("saddles"),
            QStringLiteral("posts"), QStringLiteral("truss rod"),     QStringLiteral("cover")};
}

} // namespace flenzo
