// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/main_window.h"
#include "store/catalogue_files.h"

#include <QDir>
#include <QTest>
#include <memory>

namespace flenzo::testing {

/// Everything a window keeps, in one folder of a test.
inline ShellPaths pathsIn(const QString& folder) {
    const QDir dir(folder);
    return {dir.filePath(QStringLiteral("recovery")), dir.filePath(QStringLiteral("flenzo.ini")),
            dir.filePath(QStringLiteral("own.json")), dir.filePath(QStringLiteral("shop.flenzo-logbook"))};
}

/// A window on the shop of that folder, active so that it hears keys; nothing if it does not come.
inline std::unique_ptr<MainWindow> windowOn(const QString& folder) {
    auto window = std::make_unique<MainWindow>(pathsIn(folder), bundledCatalogue().value());
    window->openShop();
    window->resize(1280, 800);
    window->show();
    window->activateWindow();
    return QTest::qWaitForWindowActive(window.get()) ? std::move(window) : nullptr;
}

} // namespace flenzo::testing
