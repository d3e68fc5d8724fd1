// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/app_context.h"

#include "domain/base/faults.h"
#include "store/catalogue_files.h"
#include "store/files.h"
#include "widgets/look.h"

#include <QEventLoop>
#include <QProgressDialog>
#include <QTimer>

namespace flenzo {

AppContext::AppContext(Session& session, BenchEntry& bench, Catalogue bundled, const QString& ownCatalogueFile,
                       QObject* parent)
    : QObject(parent), session_(session), bench_(bench), bundled_(std::move(bundled)), catalogue_(bundled_),
      ownFile_(ownCatalogueFile) {
    const Result<OwnCatalogue> own = readOwnCatalogue(ownFile_);
    if (own.ok())
        own_ = own.value();
    else
        ownFault_ = own.fault();
    catalogue_ = with(bundled_, own_);
    connect(&session_, &Session::started, &shop_, &ShopMemory::refreshSoon); // so that it is there when it is asked for
}

const ShopSays& AppContext::shopSays(QWidget* window) {
    constexpr int unnoticed_ms = 400;
    if (session_.isAway()) // a server that is away is not asked
        return shop_.says();
    shop_.refresh();
    QEventLoop loop;
    connect(&shop_, &ShopMemory::arrived, &loop, &QEventLoop::quit);
    QTimer::singleShot(unnoticed_ms, &loop, &QEventLoop::quit);
    if (shop_.isBusy())
        loop.exec(QEventLoop::ExcludeUserInputEvents);
    if (!shop_.isBusy())
        return shop_.says();
    QProgressDialog progress(tr("Reading what the shop's jobs say"), tr("Go on without"), 0, 0, window);
    progress.setWindowModality(Qt::WindowModal);
    progress.setMinimumDuration(0);
    connect(&progress, &QProgressDialog::canceled, &loop, &QEventLoop::quit);
    progress.show();
    loop.exec();
    return shop_.says();
}

/// A catalogue that cannot be read, or is of a newer version, is put aside, so that keeping something never
/// overwrites it.
void AppContext::sayWhatWasFound() {
    if (!ownFault_)
        return;
    const Result<QString> aside = setAside(ownFile_);
    if (aside.ok())
        Q_EMIT said(tr("%1. It is now at %2; your own sets and tunings begin anew.")
                        .arg(sentence(ownFile_, *ownFault_), aside.value()),
                    true);
    else
        Q_EMIT said(sentence(ownFile_, aside.fault()), true);
    ownFault_ = aside.ok() ? std::nullopt : std::optional(aside.fault());
}

void AppContext::setPreferences(const Preferences& preferences) {
    if (preferences == preferences_)
        return;
    preferences_ = preferences;
    Q_EMIT preferencesChanged();
}

void AppContext::change(const std::function<void(Preferences&)>& change) {
    Preferences changed = preferences_;
    change(changed);
    if (changed == preferences_)
        return;
    if (changed.dark != preferences_.dark || changed.scale() != preferences_.scale())
        applyLook(changed); // which dresses every widget anew
    setPreferences(changed);
}

void AppContext::setOwn(const OwnCatalogue& own) {
    if (ownFault_) { // still in the way
        Q_EMIT said(sentence(ownFile_, *ownFault_), true);
        return;
    }
    if (const auto fault = writeOwnCatalogue(ownFile_, own)) {
        Q_EMIT said(sentence(ownFile_, *fault), true);
        return;
    }
    own_ = own;
    catalogue_ = with(bundled_, own_);
    Q_EMIT catalogueChanged();
}

bool AppContext::replaceJob(const std::function<std::optional<Fault>(Unsaved)>& open) {
    auto fault = open(Unsaved::Refuse);
    if (fault && fault->is(faults::jobNotSaved) && mayLeave_) {
        if (!mayLeave_())
            return false;
        fault = open(Unsaved::Discard);
    }
    return accept(fault);
}

bool AppContext::accept(const std::optional<Fault>& fault) {
    if (!fault)
        return true;
    QString words = fault->sentence();
    words[0] = words[0].toUpper();
    Q_EMIT said(words + QLatin1Char('.'), true);
    return false;
}

} // namespace flenzo
