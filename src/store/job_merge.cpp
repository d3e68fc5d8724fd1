// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/job_merge.h"

#include "store/job_json.h"

#include <QJsonArray>
#include <QJsonObject>
#include <QSet>
#include <utility>

namespace flenzo {

namespace {

/// What a list has besides `base`, all of which it still has in its order; nothing where it lost some of that.
std::optional<QList<QJsonValue>> addedTo(const QJsonArray& base, const QJsonArray& list) {
    QList<QJsonValue> added;
    qsizetype found = 0;
    for (const QJsonValue entry : list)
        if (found < base.size() && entry == base.at(found))
            ++found;
        else
            added.append(entry);
    return found == base.size() ? std::optional(added) : std::nullopt;
}

/// Adding to a list is no conflict: mine go among theirs where their times belong. What both added alike was mine
/// already, in a commit whose answer never came.
std::optional<QJsonArray> mergedLists(const QJsonArray& base, const QJsonArray& mine, const QJsonArray& theirs) {
    auto here = addedTo(base, mine), there = addedTo(base, theirs);
    if (!here || !there)
        return std::nullopt;
    const auto at = [](const QJsonValue& entry) { return entry.toObject().value(QLatin1String("at")).toString(); };
    QJsonArray all = theirs;
    for (const QJsonValue& entry : std::as_const(*here)) {
        if (there->removeOne(entry))
            continue;
        qsizetype place = all.size();
        while (place > 0 && at(all.at(place - 1)) > at(entry))
            --place;
        all.insert(place, entry);
    }
    return all;
}

QJsonValue merged(const QJsonValue& base, const QJsonValue& mine, const QJsonValue& theirs, const QString& path,
                  QStringList& conflicts) {
    if (mine == theirs || mine == base)
        return theirs;
    if (theirs == base)
        return mine;
    if (mine.isObject() && theirs.isObject()) {
        QJsonObject out;
        const QJsonObject a = base.toObject(), b = mine.toObject(), c = theirs.toObject();
        QStringList keys = a.keys() + b.keys() + c.keys();
        keys.removeDuplicates();
        for (const QString& key : keys) {
            const QJsonValue value = merged(a.value(key), b.value(key), c.value(key),
                                            path.isEmpty() ? key : path + QLatin1Char('.') + key, conflicts);
            if (!value.isUndefined())
                out[key] = value;
        }
        return out;
    }
    if (mine.isArray() && theirs.isArray())
        if (const auto list = mergedLists(base.toArray(), mine.toArray(), theirs.toArray()))
            return *list;
    conflicts.append(path);
    return theirs;
}

/// As it comes back from a logbook, so that a rounding on the way there is no change.
QJsonObject asKept(const Job& job) {
    const QJsonObject json = jobToJson(job);
    const Result<Job> read = jobFromJson(json);
    return read.ok() ? jobToJson(read.value()) : json;
}

} // namespace

MergedJob mergeJobs(const Job& base, const Job& mine, const Job& theirs) {
    MergedJob out{theirs, false, false, {}};
    const QJsonObject here = asKept(mine), there = asKept(theirs);
    const QJsonObject json = merged(asKept(base), here, there, QString(), out.conflicts).toObject();
    out.hasMine = json != there;
    out.hasTheirs = json != here;
    if (!out.conflicts.isEmpty())
        return out;
    Result<Job> job = out.hasTheirs ? jobFromJson(json) : Result<Job>(mine);
    if (job.ok())
        out.job = std::move(job).value();
    else
        out.conflicts.append(job.fault().field.isEmpty() ? QStringLiteral("log") : job.fault().field);
    return out;
}

} // namespace flenzo
