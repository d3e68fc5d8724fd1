// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/fault.h"

#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace flenzo {

/// What the database said, under a code of ours.
[[nodiscard]] Fault faultOf(const FaultCode& code, const QSqlError& error);
/// A file that is no database, or holds what none can, is damaged; any other failure is of the disk or of permissions.
[[nodiscard]] Fault readFaultOf(const QSqlError& error);
/// Runs a statement with its values in order. Text is never NULL in this file, so a null string goes in as an empty
/// one.
bool run(QSqlQuery& query, const QString& statement, const QVariantList& values = {});

} // namespace flenzo
