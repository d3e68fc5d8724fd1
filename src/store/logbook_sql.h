// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/time_limit.h"

#include <QSqlQuery>
#include <QVariant>

namespace flenzo {

/// Runs a statement with its values in order. Text is never NULL in a logbook, so a null string goes in as an empty
/// one; and a zero character, at which a server would cut it, as the sign for what cannot be shown. Blocks until it is
/// answered; a server that does not within the limit is gone (time_limit.h).
bool run(QSqlQuery& query, const QString& statement, const QVariantList& values = {},
         std::chrono::milliseconds limit = answersWithin);

} // namespace flenzo
