// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/conflict_words.h"

#include "store/job_json.h"
#include "widgets/text/convergence.h"

#include <QCoreApplication>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>

namespace flenzo {

namespace {

struct ConflictWords {
    Q_DECLARE_TR_FUNCTIONS(ConflictWords)
};

struct Named {
    const char *path, *words;
};

/// Parts of a job and their names; a longer path is before the one it begins with.
constexpr Named names[] = {
    {"guitar", QT_TRANSLATE_NOOP("ConflictWords", "guitar")},
    {"owner", QT_TRANSLATE_NOOP("ConflictWords", "owner")},
    {"reason", QT_TRANSLATE_NOOP("ConflictWords", "what it came in for")},
    {"log", QT_TRANSLATE_NOOP("ConflictWords", "the log")},
    {"rig.strings", QT_TRANSLATE_NOOP("ConflictWords", "strings that go on")},
    {"rig.springs", QT_TRANSLATE_NOOP("ConflictWords", "springs")},
    {"rig.claw", QT_TRANSLATE_NOOP("ConflictWords", "claw")},
    {"rig.bridge", QT_TRANSLATE_NOOP("ConflictWords", "bridge")},
    {"rig", QT_TRANSLATE_NOOP("ConflictWords", "figures of the guitar")},
    {"measured", QT_TRANSLATE_NOOP("ConflictWords", "which figures are measured")},
    {"learned", QT_TRANSLATE_NOOP("ConflictWords", "what the guitar taught before")},
    {"shopLearned", QT_TRANSLATE_NOOP("ConflictWords", "what the shop's guitars taught")},
    {"slackStartCents", QT_TRANSLATE_NOOP("ConflictWords", "where strings nobody read begin, cents")},
    {"goal", QT_TRANSLATE_NOOP("ConflictWords", "target")},
    {"change.onSet", QT_TRANSLATE_NOOP("ConflictWords", "set that goes on")},
    {"change.onTuning", QT_TRANSLATE_NOOP("ConflictWords", "tuning")},
    {"change", QT_TRANSLATE_NOOP("ConflictWords", "old set")},
    {"referencePitchHz", QT_TRANSLATE_NOOP("ConflictWords", "reference pitch, Hz")},
    {"tools", QT_TRANSLATE_NOOP("ConflictWords", "what is measured with")},
    {"method", QT_TRANSLATE_NOOP("ConflictWords", "way of working")},
    {"pace", QT_TRANSLATE_NOOP("ConflictWords", "usual minutes")},
    {"card.photos", QT_TRANSLATE_NOOP("ConflictWords", "photos of the guitar")},
    {"card", QT_TRANSLATE_NOOP("ConflictWords", "card of the guitar")},
    {"work.ownersNote", QT_TRANSLATE_NOOP("ConflictWords", "note for the owner")},
    {"work.technician", QT_TRANSLATE_NOOP("ConflictWords", "who works on it")},
    {"work.records", QT_TRANSLATE_NOOP("ConflictWords", "steps done")},
    {"work.ticks", QT_TRANSLATE_NOOP("ConflictWords", "what was ticked off")},
    {"work.parts", QT_TRANSLATE_NOOP("ConflictWords", "parts used")},
    {"work.offer", QT_TRANSLATE_NOOP("ConflictWords", "quote")},
    {"work.promised", QT_TRANSLATE_NOOP("ConflictWords", "promised by")},
    {"work.notBefore", QT_TRANSLATE_NOOP("ConflictWords", "not before")},
    {"work.due", QT_TRANSLATE_NOOP("ConflictWords", "due again")},
    {"work.state", QT_TRANSLATE_NOOP("ConflictWords", "state of the job")},
    {"work", QT_TRANSLATE_NOOP("ConflictWords", "record of the work")},
};

constexpr int lastEntries = 6; ///< of a log that are shown

QString logText(const Job& job) {
    QStringList lines{ConflictWords::tr("%n entries", nullptr, static_cast<int>(job.log.size()))};
    const std::size_t first = job.log.size() > lastEntries ? job.log.size() - lastEntries : 0;
    for (std::size_t e = first; e < job.log.size(); ++e)
        lines.append(actWords(job.log[e], job.rig));
    return lines.join(QLatin1Char('\n'));
}

/// One entry of a list a line, one member of an object a line, without the signs of the file.
QString plain(const QJsonValue& value) {
    QStringList lines;
    if (value.isArray()) {
        for (const QJsonValue entry : value.toArray())
            lines.append(plain(entry).replace(QLatin1Char('\n'), QLatin1String(", ")));
        return lines.join(QLatin1Char('\n'));
    }
    if (!value.isObject())
        return value.toVariant().toString();
    const QJsonObject object = value.toObject();
    for (auto member = object.begin(); member != object.end(); ++member)
        lines.append(QStringLiteral("%1: %2").arg(
            member.key(), plain(member.value()).replace(QLatin1Char('\n'), QLatin1String(", "))));
    return lines.join(QLatin1Char('\n'));
}

} // namespace

QString conflictTitle(const QString& path) {
    for (const Named& named : names) {
        const QLatin1String known(named.path);
        if (!path.startsWith(known))
            continue;
        const QString title = ConflictWords::tr(named.words);
        const QString within = path.mid(known.size()).remove(QLatin1Char('.'));
        return within.isEmpty() ? title : QStringLiteral("%1 (%2)").arg(title, within);
    }
    return path;
}

QString conflictText(const Job& job, const QString& path) {
    if (path == QLatin1String("log"))
        return logText(job);
    QJsonValue value = jobToJson(job);
    for (const QString& member : path.split(QLatin1Char('.')))
        value = value.toObject().value(member);
    return plain(value);
}

} // namespace flenzo
