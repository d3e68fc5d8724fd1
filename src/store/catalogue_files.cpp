// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/catalogue_files.h"

#include "core/base/units.h"
#include "core/statics/note.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "store/bundled.h"
#include "store/files.h"
#include "store/rig_json.h"

#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>

namespace flenzo {

namespace {

constexpr qsizetype most = 5000;

CatalogueString stringEntry(Fields fields) {
    CatalogueString entry;
    entry.id = fields.text("id", 60);
    entry.label = fields.text("label", 60);
    entry.wire.gauge_m = fields.number("gaugeMm", ranges::gauge_mm) * metresPerMm;
    if (fields.has("coreMm"))
        entry.wire.core_m = fields.number("coreMm", ranges::core_mm) * metresPerMm;
    entry.wire.wrapDensity_kgpm3 = fields.number("wrapDensityKgPerM3", ranges::wrapDensity_kgpm3, 7900.0);
    return entry;
}

CatalogueTuning tuningEntry(Fields fields) {
    CatalogueTuning tuning{fields.text("name", 100), fields.texts("notes", maxStrings, 8)};
    for (const QString& note : tuning.notes)
        if (!parseNote(note.toStdString()))
            fields.box().put(faults::notNote, fields.pathOf(QStringLiteral("notes")), {note});
    return tuning;
}

CatalogueSet setEntry(Fields fields) {
    return {fields.text("name", 100), fields.texts("strings", maxStrings, 60)};
}

template <class Entry, class Read> std::vector<Entry> entries(Fields& top, const char* key, const Read& read) {
    std::vector<Entry> list;
    if (!top.has(key))
        top.box().put(faults::missing, QLatin1String(key));
    for (const Fields& entry : top.entries(key, most))
        list.push_back(read(entry));
    return list;
}

} // namespace

Result<Catalogue> bundledCatalogue() {
    openBundledData();
    const Result<QJsonObject> json = readJsonFile(QStringLiteral(":/flenzo/catalogue/catalogue.json"));
    if (!json.ok())
        return json.fault();
    FaultBox box;
    Fields top(json.value(), QString(), box);
    checkHead(top, "flenzo-catalogue", 1);
    Catalogue catalogue{entries<CatalogueString>(top, "strings", stringEntry),
                        entries<CatalogueSet>(top, "sets", setEntry),
                        entries<CatalogueTuning>(top, "tunings", tuningEntry)};
    if (!box.empty())
        return box.fault();
    return catalogue;
}

namespace {

Result<OwnCatalogue> ownFromJson(const QJsonObject& json) {
    FaultBox box;
    Fields top(json, QString(), box);
    checkHead(top, "flenzo-own-catalogue", 1);
    OwnCatalogue own;
    own.tunings = entries<CatalogueTuning>(top, "tunings", tuningEntry);
    own.sets = entries<CatalogueSet>(top, "sets", setEntry);
    const QJsonObject masses = top.object("unitMassKgPerM");
    Fields fields(masses, QStringLiteral("unitMassKgPerM"), box);
    for (const QString& id : masses.keys())
        own.unitMass_kgpm[id] = fields.number(id, ranges::unitMass_kgpm);
    if (!box.empty())
        return box.fault();
    return own;
}

} // namespace

Result<OwnCatalogue> readOwnCatalogue(const QString& path) {
    if (!QFileInfo::exists(path))
        return OwnCatalogue{};
    const Result<QJsonObject> json = readJsonFile(path);
    return json.ok() ? ownFromJson(json.value()) : Result<OwnCatalogue>(json.fault());
}

std::optional<Fault> writeOwnCatalogue(const QString& path, const OwnCatalogue& own) {
    QJsonArray tunings, sets;
    for (const CatalogueTuning& tuning : own.tunings)
        tunings.append(QJsonObject{{QStringLiteral("name"), tuning.name},
                                   {QStringLiteral("notes"), QJsonArray::fromStringList(tuning.notes)}});
    for (const CatalogueSet& set : own.sets)
        sets.append(QJsonObject{{QStringLiteral("name"), set.name},
                                {QStringLiteral("strings"), QJsonArray::fromStringList(set.items)}});
    QJsonObject masses;
    for (const auto& [id, mass] : own.unitMass_kgpm)
        masses[id] = mass;
    const QJsonObject json{{QStringLiteral("format"), QStringLiteral("flenzo-own-catalogue")},
                           {QStringLiteral("version"), 1},
                           {QStringLiteral("tunings"), tunings},
                           {QStringLiteral("sets"), sets},
                           {QStringLiteral("unitMassKgPerM"), masses}};
    if (const Result<OwnCatalogue> again = ownFromJson(json); !again.ok())
        return again.fault();
    return writeFile(path, QJsonDocument(json).toJson());
}

} // namespace flenzo
