// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell_paths.h"

#include <QStandardPaths>

namespace flenzo {

ShellPaths defaultPaths() {
    const QString data = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
    const QString config = QStandardPaths::writableLocation(QStandardPaths::AppConfigLocation);
    return {data + QStringLiteral("/recovery"), config + QStringLiteral("/flenzo.ini"),
            data + QStringLiteral("/own-catalogue.json"), data + QStringLiteral("/shop.flenzo-logbook")};
}

} // namespace flenzo
