// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/base/fault.h"

#include <QCoreApplication>

namespace flenzo {

namespace {

/// Fields that are words; those of files are paths and stay as they are.
[[maybe_unused]] constexpr const char* fieldWords[] = {
    QT_TRANSLATE_NOOP("FaultField", "act"),
    QT_TRANSLATE_NOOP("FaultField", "angle"),
    QT_TRANSLATE_NOOP("FaultField", "backup"),
    QT_TRANSLATE_NOOP("FaultField", "block"),
    QT_TRANSLATE_NOOP("FaultField", "caliper"),
    QT_TRANSLATE_NOOP("FaultField", "demo"),
    QT_TRANSLATE_NOOP("FaultField", "export"),
    QT_TRANSLATE_NOOP("FaultField", "folder"),
    QT_TRANSLATE_NOOP("FaultField", "gap"),
    QT_TRANSLATE_NOOP("FaultField", "job"),
    QT_TRANSLATE_NOOP("FaultField", "length"),
    QT_TRANSLATE_NOOP("FaultField", "logbook"),
    QT_TRANSLATE_NOOP("FaultField", "photo"),
    QT_TRANSLATE_NOOP("FaultField", "recording"),
    QT_TRANSLATE_NOOP("FaultField", "pitch"),
    QT_TRANSLATE_NOOP("FaultField", "reading"),
    QT_TRANSLATE_NOOP("FaultField", "reason"),
    QT_TRANSLATE_NOOP("FaultField", "springs"),
    QT_TRANSLATE_NOOP("FaultField", "step"),
    QT_TRANSLATE_NOOP("FaultField", "string"),
    QT_TRANSLATE_NOOP("FaultField", "strings"),
    QT_TRANSLATE_NOOP("FaultField", "tuning"),
    QT_TRANSLATE_NOOP("FaultField", "claw"),
    QT_TRANSLATE_NOOP("FaultField", "warning"),
    QT_TRANSLATE_NOOP("FaultField", "simulated guitar"),
};

} // namespace

QString Fault::whatIsWrong() const {
    QString words = QCoreApplication::translate("Fault", code_->sentence);
    // All at once, for an argument may hold a percent sign; four are the most that any sentence has.
    switch (arguments.size()) {
    case 0:
        return words;
    case 1:
        return words.arg(arguments[0]);
    case 2:
        return words.arg(arguments[0], arguments[1]);
    case 3:
        return words.arg(arguments[0], arguments[1], arguments[2]);
    default:
        return words.arg(arguments[0], arguments[1], arguments[2], arguments[3]);
    }
}

QString Fault::sentence() const {
    if (field.isEmpty())
        return whatIsWrong();
    return QCoreApplication::translate("FaultField", field.toUtf8().constData()) + QLatin1Char(' ') + whatIsWrong();
}

QString sentence(const QString& path, const Fault& fault) {
    return path + QStringLiteral(": ") + fault.sentence();
}

} // namespace flenzo
