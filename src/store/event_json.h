// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/event.h"
#include "store/fields.h"

namespace flenzo {

/// One entry of a job's log. Strings are named as in the rig.
[[nodiscard]] Event eventFromJson(Fields fields, const Rig& rig);
[[nodiscard]] QJsonObject eventToJson(const Event& event, const Rig& rig);
/// Why an entry could not be read back once it was written; nothing when it could.
[[nodiscard]] std::optional<Fault> unreadable(const Event& event, const Rig& rig);

} // namespace flenzo
