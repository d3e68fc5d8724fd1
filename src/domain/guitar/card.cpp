// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/guitar/card.h"

#include <QCoreApplication>
#include <utility>

namespace flenzo {

QStringList screwGroups() {
    return {QStringLiteral("caps"),  QStringLiteral("saddle clamps"), QStringLiteral("saddles"),
            QStringLiteral("posts"), QStringLiteral("truss rod"),     QStringLiteral("cover")};
}

QStringList wearingParts(const Card& card, const FamilyTraits& has) {
    QStringList parts{QStringLiteral("saddles")};
    if (card.nut == Nut::Caps)
        parts << QStringLiteral("caps") << QStringLiteral("bolts");
    if (has.clampsAtSaddle)
        parts << QStringLiteral("inserts");
    if (has.heightAtPosts)
        parts << QStringLiteral("edges");
    if (has.moves())
        parts << QStringLiteral("springs");
    return parts;
}

QString wearingPartName(const QString& part) {
    static constexpr std::pair<const char*, const char*> parts[] = {
        {"saddles", QT_TRANSLATE_NOOP("Card", "saddles")},
        {"caps", QT_TRANSLATE_NOOP("Card", "nut caps")},
        {"bolts", QT_TRANSLATE_NOOP("Card", "bolts of the nut")},
        {"inserts", QT_TRANSLATE_NOOP("Card", "inserts")},
        {"edges", QT_TRANSLATE_NOOP("Card", "knife edges or bridge posts")},
        {"springs", QT_TRANSLATE_NOOP("Card", "springs")}};
    for (const auto& [name, words] : parts)
        if (part == QLatin1String(name))
            return QCoreApplication::translate("Card", words);
    return part;
}

} // namespace flenzo
