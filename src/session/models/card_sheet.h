// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/display_units.h"
#include "domain/shop/case_card.h"

#include <QByteArray>

namespace flenzo {

/// What stands on a card besides its figures.
struct CardCode {
    QString text;   ///< as people read it; empty where the job is kept nowhere
    QByteArray png; ///< the same as a picture
};

/// A guitar's card as one HTML page without outside parts; sizes follow the page's own.
[[nodiscard]] QString caseCardHtml(const Job& job, const CaseCard& card, const Units& units, const CardCode& code);

/// "E2", "E2 +3": what a tuner shows.
[[nodiscard]] QString tunerNote(double target_Hz, double off_cents, double a4_Hz);

} // namespace flenzo
