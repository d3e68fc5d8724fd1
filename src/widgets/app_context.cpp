// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/app_context.h"

#include "store/catalogue_files.h"
#include "store/files.h"

namespace flenzo {

AppContext::AppContext(Session& session, Catalogue bundled, const QString& ownCatalogueFile, QObject* parent)
    : QObject(parent), session_(session), bundled_(std::move(bundled)), catalogue_(bundled_),
      ownFile_(ownCatalogueFile) {
    const Result<OwnCatalogue> own = readOwnCatalogue(ownFile_);
    if (own.ok())
        own_ = own.value();
    catalogue_ = with(bundled_, own_);
}

void AppContext::setPreferences(const Preferences& preferences) {
    if (preferences == preferences_)
        return;
    preferences_ = preferences;
    Q_EMIT preferencesChanged();
}

void AppContext::setOwn(const OwnCatalogue& own) {
    if (const auto fault = writeOwnCatalogue(ownFile_, own)) {
        Q_EMIT said(sentence(ownFile_, *fault), true);
        return;
    }
    own_ = own;
    catalogue_ = with(bundled_, own_);
    Q_EMIT catalogueChanged();
}

bool AppContext::accept(const std::optional<Fault>& fault) {
    if (!fault)
        return true;
    QString words = QString::fromStdString(fault->field + (fault->field.empty() ? "" : " ") + fault->what);
    words[0] = words[0].toUpper();
    Q_EMIT said(words + QLatin1Char('.'), true);
    return false;
}

} // namespace flenzo
