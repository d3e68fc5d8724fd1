// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/preferences.h"

#include <QFileInfo>
#include <QSettings>
#include <algorithm>
#include <cmath>

namespace flenzo {

Preferences loadPreferences(const QString& iniFile) {
    const QSettings settings(iniFile, QSettings::IniFormat);
    Preferences preferences;
    preferences.units.inches = settings.value(QStringLiteral("inches"), false).toBool();
    preferences.units.poundForce = settings.value(QStringLiteral("poundForce"), false).toBool();
    preferences.dark = settings.value(QStringLiteral("dark"), false).toBool();
    preferences.labels = settings.value(QStringLiteral("labels"), false).toBool();
    const double scale = settings.value(QStringLiteral("textScale"), 1.0).toDouble();
    preferences.textScale = scale >= 1.0 && scale <= 2.0 ? scale : 1.0;
    preferences.language = settings.value(QStringLiteral("language")).toString();
    preferences.listenInput = settings.value(QStringLiteral("listenInput")).toString();
    const double clock_ppm = settings.value(QStringLiteral("clockPpm"), 0.0).toDouble();
    preferences.clock_ppm = std::abs(clock_ppm) <= mostClock_ppm ? clock_ppm : 0.0;
    preferences.listenKnown = settings.value(QStringLiteral("listenKnown"), false).toBool();
    preferences.speaks = settings.value(QStringLiteral("speaks"), false).toBool();
    preferences.tones = settings.value(QStringLiteral("tones"), false).toBool();
    preferences.server = settings.value(QStringLiteral("server")).toString();
    preferences.bench = settings.value(QStringLiteral("bench")).toString();
    preferences.recentFiles = settings.value(QStringLiteral("recentFiles")).toStringList().mid(0, mostRecentFiles);
    return preferences;
}

void savePreferences(const QString& iniFile, const Preferences& preferences) {
    QSettings settings(iniFile, QSettings::IniFormat);
    settings.setValue(QStringLiteral("inches"), preferences.units.inches);
    settings.setValue(QStringLiteral("poundForce"), preferences.units.poundForce);
    settings.setValue(QStringLiteral("dark"), preferences.dark);
    settings.setValue(QStringLiteral("labels"), preferences.labels);
    settings.setValue(QStringLiteral("textScale"), preferences.textScale);
    settings.setValue(QStringLiteral("language"), preferences.language);
    settings.setValue(QStringLiteral("listenInput"), preferences.listenInput);
    settings.setValue(QStringLiteral("clockPpm"), preferences.clock_ppm);
    settings.setValue(QStringLiteral("listenKnown"), preferences.listenKnown);
    settings.setValue(QStringLiteral("speaks"), preferences.speaks);
    settings.setValue(QStringLiteral("tones"), preferences.tones);
    settings.setValue(QStringLiteral("server"), preferences.server);
    settings.setValue(QStringLiteral("bench"), preferences.bench);
    settings.setValue(QStringLiteral("recentFiles"), preferences.recentFiles);
}

void remember(Preferences& preferences, const QString& file) {
    const QString whole = QFileInfo(file).absoluteFilePath();
    preferences.recentFiles.removeAll(whole);
    preferences.recentFiles.prepend(whole);
    preferences.recentFiles = preferences.recentFiles.mid(0, mostRecentFiles);
}

} // namespace flenzo
