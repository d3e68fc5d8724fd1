// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/languages.h"

#include <QCoreApplication>
#include <QDir>
#include <QLocale>
#include <QTranslator>

/// A library's resources have to be asked for, and from outside any namespace.
static void openTranslations() {
    Q_INIT_RESOURCE(translations);
}

namespace flenzo {

namespace {

const QString folder = QStringLiteral(":/flenzo/translations");

/// In the place of the one that was spoken in that role.
void install(const QString& role, const QString& code) {
    delete QCoreApplication::instance()->findChild<QTranslator*>(role);
    auto* translator = new QTranslator(QCoreApplication::instance());
    translator->setObjectName(role);
    if (translator->load(role + code, folder))
        QCoreApplication::installTranslator(translator);
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
    QLocale::setDefault(code.isEmpty() ? QLocale::system() : QLocale(speaks)); // names of months
    install(QStringLiteral("qtbase_"), speaks); // Qt's own words
    install(QStringLiteral("flenzo_"), speaks);
}

} // namespace flenzo
