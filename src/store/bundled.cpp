// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/bundled.h"

#include <QDir>

// The macro declares a function of the global namespace, so it cannot be inside any other.
static void openData() {
    Q_INIT_RESOURCE(data);
}

void flenzo::openBundledData() {
    openData();
}
