// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/guitar/catalogue.h"
#include "session/bench/bench_entry.h"
#include "session/models/shop_memory.h"
#include "widgets/preferences.h"

#include <QObject>

namespace flenzo {

/// What every page works on: the session, the catalogue, the user's preferences, and one place to say things.
class AppContext : public QObject {
    Q_OBJECT
public:
    AppContext(Session& session, BenchEntry& bench, Catalogue bundled, const QString& ownCatalogueFile,
               QObject* parent = nullptr);

    [[nodiscard]] Session& session() { return session_; }
    [[nodiscard]] BenchEntry& bench() { return bench_; }
    [[nodiscard]] ShopMemory& shop() { return shop_; }
    /// What the shop's jobs say now. Where that takes more than half a second its progress is shown over `window`, and
    /// somebody may go on without: with what was known before. Lets other events through, so whoever asks reads the job
    /// after it.
    [[nodiscard]] const ShopSays& shopSays(QWidget* window);
    [[nodiscard]] const Preferences& preferences() const { return preferences_; }
    void setPreferences(const Preferences& preferences);
    /// Changes some of them, and the look with them.
    void change(const std::function<void(Preferences&)>& change);
    [[nodiscard]] const Catalogue& catalogue() const { return catalogue_; }
    [[nodiscard]] const OwnCatalogue& own() const { return own_; }
    /// Keeps it on disk, or says why not and changes nothing.
    void setOwn(const OwnCatalogue& own);

    /// Says what was found at the start, once somebody listens.
    void sayWhatWasFound();
    /// Shows the fault, if there is one. True when there was none.
    bool accept(const std::optional<Fault>& fault);
    /// Puts another job in the open one's place by `open`. Where that would lose something it is asked first whether it
    /// may; false where it may not, or where `open` fails, which is shown.
    bool replaceJob(const std::function<std::optional<Fault>(Unsaved)>& open);
    /// Who asks, and saves what is to be saved.
    void askBeforeLeaving(std::function<bool()> mayLeave) { mayLeave_ = std::move(mayLeave); }
    [[nodiscard]] bool mayLeave() const { return !mayLeave_ || mayLeave_(); }
    void say(const QString& sentence) { Q_EMIT said(sentence, false); }
    void complain(const QString& sentence) { Q_EMIT said(sentence, true); }

Q_SIGNALS:
    void preferencesChanged();
    void catalogueChanged();
    void said(const QString& sentence, bool complaint);
    void cardWanted(); ///< for the case of the open guitar

private:
    Session& session_;
    BenchEntry& bench_;
    ShopMemory shop_;
    std::function<bool()> mayLeave_;
    Preferences preferences_;
    Catalogue bundled_, catalogue_;
    OwnCatalogue own_;
    QString ownFile_;
    std::optional<Fault> ownFault_; ///< why the own catalogue could not be read; it was put aside
};

} // namespace flenzo
