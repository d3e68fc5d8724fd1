// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/prior.h"
#include "store/fields.h"

namespace flenzo {

/// What was learned of a guitar, as files hold it: in deviations of the format's own (docs/formats.md).
[[nodiscard]] Prior priorFromJson(Fields learned);
[[nodiscard]] QJsonObject priorToJson(const Prior& prior);

} // namespace flenzo
