// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/wire.h"

#include <QString>
#include <QStringList>
#include <map>
#include <optional>
#include <vector>

namespace flenzo {

/// A generic string: no maker, only how it is built. Cores of wound strings are assumptions until measured.
struct CatalogueString {
    QString id;    ///< "plain-10", "nickel-plated-46"
    QString label; ///< ".010 plain", ".046 nickel-plated wound"
    Wire wire;
};

struct CatalogueSet {
    QString name;
    QStringList items; ///< ids, thickest first
};

struct CatalogueTuning {
    QString name;
    QStringList notes; ///< thickest first
};

/// What ships with the program, and what the user added to it.
struct Catalogue {
    std::vector<CatalogueString> strings;
    std::vector<CatalogueSet> sets;
    std::vector<CatalogueTuning> tunings;

    [[nodiscard]] const CatalogueString* stringById(const QString& id) const;
    [[nodiscard]] std::vector<const CatalogueSet*> setsFor(std::size_t strings) const;
    [[nodiscard]] std::vector<const CatalogueTuning*> tuningsFor(std::size_t strings) const;
};

/// The user's additions: tunings and sets of their own, unit masses they measured (by string id).
struct OwnCatalogue {
    std::vector<CatalogueTuning> tunings;
    std::vector<CatalogueSet> sets;
    std::map<QString, double> unitMass_kgpm;
};

/// Adds the user's own to it: own entries come first, measured masses override the formula.
[[nodiscard]] Catalogue with(Catalogue catalogue, const OwnCatalogue& own);

} // namespace flenzo
