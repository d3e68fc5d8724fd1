// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/move.h"

#include "store/logbook_copy.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <cstdio>

namespace flenzo {

std::optional<QString> moveShop(const QString& from, const QString& to) {
    int argc = 1;
    char name[] = "flenzo-cli";
    char* argv[] = {name, nullptr};
    const QCoreApplication app(argc, argv); // the drivers of databases are plugins
    if (!isServerAddress(from) && !QFileInfo::exists(from))
        return from + QStringLiteral(": does not exist");
    const auto source = Logbook::open(from);
    if (!source.ok())
        return sentence(withoutPassword(from), source.fault());
    const auto target = Logbook::open(to);
    if (!target.ok())
        return sentence(withoutPassword(to), target.fault());
    const Result<qint64> rows = rowsIn(*source.value());
    if (!rows.ok())
        return sentence(withoutPassword(from), rows.fault());
    if (const auto fault = copyLogbook(*source.value(), *target.value()))
        return sentence(withoutPassword(to), *fault);
    std::printf("%lld rows went from %s to %s; %s is as it was\n", static_cast<long long>(rows.value()),
                qPrintable(withoutPassword(from)), qPrintable(withoutPassword(to)), qPrintable(withoutPassword(from)));
    return std::nullopt;
}

} // namespace flenzo
