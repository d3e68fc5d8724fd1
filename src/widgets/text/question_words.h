// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"
#include "widgets/text/wording.h"

namespace flenzo::wording {

/// An entry that was likely otherwise, as a question with two answers.
[[nodiscard]] ActWords questionAct(const Job& job, const Question& question);
/// The two answers, on their buttons.
struct Answers {
    QString yes, no;
};
[[nodiscard]] Answers answersTo(const Job& job, const Advice& advice);
/// What moved by itself since the last act, in a sentence with its time; empty where nothing did.
[[nodiscard]] QString whatMoved(const Job& job, const Derived& derived);
/// All that happened to the guitar in this job, as it was entered or found from the readings, a line each.
[[nodiscard]] QStringList whatHappened(const Job& job, const Derived& derived);

} // namespace flenzo::wording
