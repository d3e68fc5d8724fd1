// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

class QObject;
class QString;

namespace flenzo {

/// A part of the program that is loaded when it is first wanted: it lies beside the program where that was built, and
/// with what belongs to the program alone where it is installed. Nothing where it is not there. Lives as long as the
/// program.
[[nodiscard]] QObject* moduleNamed(const QString& name);

} // namespace flenzo
