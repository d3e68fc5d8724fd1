// SPDX-License-Identifier: GPL-3.0-or-later
#include "modules/module.h"

#include <QCoreApplication>
#include <QPluginLoader>

namespace flenzo {

QObject* moduleNamed(const QString& name) {
    for (const char* place : {"/", "/" FLENZO_MODULES "/"}) {
        QPluginLoader loader(QCoreApplication::applicationDirPath() + QLatin1String(place) + name);
        if (QObject* made = loader.instance())
            return made;
    }
    return nullptr;
}

} // namespace flenzo
