// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QByteArray>
#include <QList>
#include <QString>

namespace flenzo::testing {

/// One reader of the program, given any bytes. Returns what it broke of its word, or nothing: what is accepted is
/// written and read again to the same, what is refused has a sentence and leaves nothing behind.
struct Reader {
    QString name;
    bool json = false; ///< what it reads is a JSON object
    QString (*read)(const QByteArray& bytes) = nullptr;
};

[[nodiscard]] const QList<Reader>& readers();

} // namespace flenzo::testing
