// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/sources/sound_devices.h"

#include "modules/module.h"

namespace flenzo {

const SoundDevices* soundDevices() {
    static const SoundDevices* const found = qobject_cast<SoundDevices*>(moduleNamed(QStringLiteral("flenzo-sound")));
    return found;
}

QList<SoundInput> soundInputs() {
    return soundDevices() ? soundDevices()->inputs() : QList<SoundInput>();
}

} // namespace flenzo
