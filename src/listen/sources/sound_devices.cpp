// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/sources/sound_devices.h"

#include <QCoreApplication>
#include <QPluginLoader>

namespace flenzo {

const SoundDevices* soundDevices() {
    // Where it was built, beside the program; where it is installed, with what belongs to the program alone.
    static const SoundDevices* const found = []() -> const SoundDevices* {
        for (const char* place : {"/", "/" FLENZO_MODULES "/"}) {
            QPluginLoader loader(QCoreApplication::applicationDirPath() + QLatin1String(place) +
                                 QStringLiteral("flenzo-sound"));
            if (const auto* devices = qobject_cast<SoundDevices*>(loader.instance()))
                return devices;
        }
        return nullptr;
    }();
    return found;
}

QList<SoundInput> soundInputs() {
    return soundDevices() ? soundDevices()->inputs() : QList<SoundInput>();
}

} // namespace flenzo
