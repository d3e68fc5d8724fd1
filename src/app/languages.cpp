// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/languages.h"

#include <QCoreApplication>
#include <QDir>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>

/// A library's resources have to be asked for, and from outside any namespace.
static void openTranslations() {
    Q_INIT_RESOURCE(translations);
}

namespace flenzo {

namespace {

const QString folder = QStringLiteral(":/flenzo/translations");

void install(const QString& file, const QString& from) {
    auto* translator = new QTranslator(QCoreApplication::instance());
    if (translator->load(file, from))
        QCoreApplication::installTranslator(translator);
    else
        delete translator;
}

} // namespace

QStringList languages() {
    openTranslations();
    QStringList codes;
    for (const QString& file : QDir(folder).entryList({QStringLiteral("flenzo_*.qm")}))
        codes.append(file.section(QLatin1Char('_'), 1).section(QLatin1Char('.'), 0, 0));
    return codes;
}

QString languageTitle(const QString& code) {
    return QLocale(code).nativeLanguageName();
}

void useLanguage(const QString& code) {
    QString speaks = code.isEmpty() ? QLocale::system().name().section(QLatin1Char('_'), 0, 0) : code;
    if (!languages().contains(speaks))
        speaks = QStringLiteral("en");
    if (!code.isEmpty())
        QLocale::setDefault(QLocale(speaks)); // its names of months; otherwise the desktop's
    install(QStringLiteral("qtbase_") + speaks, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    install(QStringLiteral("flenzo_") + speaks, folder);
}

} // namespace flenzo
