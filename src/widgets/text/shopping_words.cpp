// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/shopping_words.h"

#include "domain/base/bundled_words.h"
#include "language/figures.h"
#include "widgets/text/wording.h"

#include <QCoreApplication>
#include <cmath>

namespace flenzo::wording {

namespace {

struct ShoppingWords {
    Q_DECLARE_TR_FUNCTIONS(Shopping)
};

QString substituteWords(const Substitute& each) {
    const int percent = static_cast<int>(std::lround(100.0 * std::abs(each.pullShare)));
    QString pull = percent == 0 ? ShoppingWords::tr("%1 pulls the same").arg(each.string->label)
                   : each.pullShare > 0.0
                       ? ShoppingWords::tr("%1 pulls %2 % more").arg(each.string->label).arg(percent)
                       : ShoppingWords::tr("%1 pulls %2 % less").arg(each.string->label).arg(percent);
    if (!each.claw_turns)
        return pull;
    return !turnsClaw(*each.claw_turns) ? ShoppingWords::tr("%1, the claw stays").arg(pull)
           : *each.claw_turns > 0.0 ? ShoppingWords::tr("%1, claw %2 tighter").arg(pull, turnsText(*each.claw_turns))
                                    : ShoppingWords::tr("%1, claw %2 looser").arg(pull, turnsText(*each.claw_turns));
}

} // namespace

QStringList shoppingLines(const QList<ToBuy>& list) {
    QStringList lines;
    for (const ToBuy& each : list) {
        QString line = ShoppingWords::tr("%1 × %2").arg(each.pieces).arg(bundledWords(each.item.name));
        if (each.needed > 0)
            line += ShoppingWords::tr("  (jobs in hand need %1, %2 there)").arg(each.needed).arg(each.item.pieces);
        for (const Substitute& other : each.meanwhile)
            line += QStringLiteral("\n    ") + ShoppingWords::tr("meanwhile: %1").arg(substituteWords(other));
        lines.append(line);
    }
    return lines;
}

} // namespace flenzo::wording
