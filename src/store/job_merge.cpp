// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/job_merge.h"

#include "core/log/clock.h"
#include "store/job_json.h"

#include <QJsonArray>
#include <QJsonObject>
#include <QSet>
#include <utility>

namespace flenzo {

namespace {

struct Added {
    QList<QJsonValue> entries;
    qsizetype lastCommon = 0; ///< behind which of the list's entries the common ones end
};

/// What a list has besides `base`, all of which it still has in its order; nothing where it lost some of that.
std::optional<Added> addedTo(const QJsonArray& base, const QJsonArray& list) {
    Added added;
    qsizetype found = 0;
    for (qsizetype k = 0; k < list.size(); ++k)
        if (found < base.size() && list.at(k) == base.at(found)) {
            ++found;
            added.lastCommon = k + 1;
        } else {
            added.entries.append(list.at(k));
        }
    return found == base.size() ? std::optional(added) : std::nullopt;
}

/// When an entry was made; nothing where it does not say so.
std::optional<double> madeAt_s(const QJsonValue& entry) {
    return secondsOf(entry.toObject().value(QLatin1String("at")).toString().toStdString());
}

/// Adding to a list is no conflict: mine go among theirs where their times belong, but behind what both had seen and in
/// my order, whatever the clocks say. What both added alike was mine already, in a commit whose answer never came.
std::optional<QJsonArray> mergedLists(const QJsonArray& base, const QJsonArray& mine, const QJsonArray& theirs) {
    auto here = addedTo(base, mine), there = addedTo(base, theirs);
    if (!here || !there)
        return std::nullopt;
    QJsonArray all = theirs;
    qsizetype least = there->lastCommon;
    for (const QJsonValue& entry : std::as_const(here->entries)) {
        if (there->entries.removeOne(entry)) {
            for (qsizetype k = least; k < all.size(); ++k)
                if (all.at(k) == entry) {
                    least = k + 1;
                    break;
                }
            continue;
        }
        const auto mine_s = madeAt_s(entry);
        qsizetype place = all.size();
        while (mine_s && place > least && madeAt_s(all.at(place - 1)).value_or(*mine_s) > *mine_s)
            --place;
        all.insert(place, entry);
        least = place + 1;
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
QJsonObject asStored(const Job& job) {
    const QJsonObject json = jobToJson(job);
    const Result<Job> read = jobFromJson(json);
    return read.ok() ? jobToJson(read.value()) : json;
}

} // namespace

MergedJob mergeJobs(const Job& base, const Job& mine, const Job& theirs) {
    MergedJob out{theirs, false, false, {}};
    const QJsonObject here = asStored(mine), there = asStored(theirs);
    const QJsonObject json = merged(asStored(base), here, there, QString(), out.conflicts).toObject();
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
