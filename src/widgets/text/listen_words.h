// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/listening/listening.h"
#include "widgets/text/wording.h"

namespace flenzo::wording {

/// What is heard right now, in large type: few words.
[[nodiscard]] QString heard(const Listening& listening, const Job& job);
/// Why a source gives no sound, and what to do.
[[nodiscard]] QString whyNoSound(SourceFault why);
/// An act as it is said aloud: signs and symbols as words.
[[nodiscard]] QString spoken(const ActWords& words);

} // namespace flenzo::wording
