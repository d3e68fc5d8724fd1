// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/question_words.h"

#include "language/decimal.h"
#include "language/figures.h"
#include "widgets/text/convergence.h"

#include <QCoreApplication>
#include <cmath>

namespace flenzo::wording {

namespace {

struct QuestionWords {
    Q_DECLARE_TR_FUNCTIONS(QuestionWords)
};

using Suspect = Question::Suspect;

/// "at 10:42", or nothing where nobody wrote the time down.
QString clockOf(const Event& event) {
    const QString at = QString::fromStdString(event.at);
    return at.size() >= 16 ? at.mid(11, 5) : QString();
}

QString title(const Job& job, const std::optional<std::size_t>& string) {
    return stringTitle(job.rig.strings[string.value_or(0)]);
}

QString movedWords(const Job& job, const MovedString& one) {
    const QString string = title(job, one.string), by = decimal(std::abs(one.cents), 0);
    const QString after = one.event > 0 ? clockOf(job.log[one.event - 1]) : QString();
    if (one.cents > 0.0)
        return after.isEmpty()
                   ? QuestionWords::tr("%1 rose by %2 cents by itself. A knock at its peg?").arg(string, by)
                   : QuestionWords::tr("%1 rose by %2 cents after %3. A knock at its peg?").arg(string, by, after);
    return after.isEmpty() ? QuestionWords::tr("%1 slipped by %2 cents. At its string post or clamp?").arg(string, by)
                           : QuestionWords::tr("%1 slipped by %2 cents after %3. At its string post or clamp?")
                                 .arg(string, by, after);
}

/// What the entry says, and when it was made.
QString entryWords(const Job& job, const Question& question) {
    const Event& event = job.log[question.event];
    const QString words = actWords(event, job.rig), at = clockOf(event);
    return at.isEmpty() ? QuestionWords::tr("Entered: %1.").arg(words)
                        : QuestionWords::tr("Entered at %1: %2.").arg(at, words);
}

QString sentence(const Job& job, const Question& question) {
    const double turns = job.log[question.event].turns.mean();
    switch (question.suspect) {
    case Suspect::Reversed:
        return turns > 0.0 ? QuestionWords::tr("Was that loosen, not tighten?")
                           : QuestionWords::tr("Was that tighten, not loosen?");
    case Suspect::NotDone:
        return QuestionWords::tr("Was that not done?");
    case Suspect::Twice:
        return QuestionWords::tr("Was the claw turned twice as far?");
    case Suspect::Exchanged:
        return QuestionWords::tr("Did %1 and %2 change places?")
            .arg(title(job, question.string), title(job, question.other));
    case Suspect::OtherString:
        return QuestionWords::tr("Was that the peg of %1?").arg(title(job, question.other));
    case Suspect::Moved:
        if (question.turns > 0.0)
            return QuestionWords::tr("Was the claw tightened %1 turn without an entry?").arg(turnsText(question.turns));
        if (question.turns < 0.0)
            return QuestionWords::tr("Was the claw loosened %1 turn without an entry?").arg(turnsText(question.turns));
        return QuestionWords::tr("Was something changed without an entry?");
    case Suspect::Block:
        return QuestionWords::tr("Is a block in?");
    case Suspect::New:
        return QuestionWords::tr("Is a new %1 on?").arg(title(job, question.string));
    case Suspect::Again:
        return QuestionWords::tr("Was that entered twice?");
    case Suspect::Time:
        return QuestionWords::tr("Is the time of that entry wrong?");
    }
    return {};
}

/// Why it is asked, and what to look at.
QString reason(const Job& job, const Question& question) {
    switch (question.suspect) {
    case Suspect::Block:
        return QuestionWords::tr("The plate does not move although the strings do. Look behind it and under its rear.");
    case Suspect::New:
        return QuestionWords::tr("It was entered as off.");
    case Suspect::Again:
        return QuestionWords::tr("The entry before says the same.");
    case Suspect::Time:
        return QuestionWords::tr("It is earlier than the entry before it.");
    case Suspect::Moved:
        if (question.turns == 0.0)
            return hasClaw(job.rig)
                       ? QuestionWords::tr("The readings do not fit what was entered. Count the springs and see what "
                                           "they hook on; look for a block, a caught arm, a string that is off, a "
                                           "plate on its stop.")
                       : QuestionWords::tr("The readings do not fit what was entered. Look at the spring, the arm, the "
                                           "loose bridge, and for a string that is off.");
        [[fallthrough]];
    default:
        return QuestionWords::tr("The readings since then say so.");
    }
}

} // namespace

ActWords questionAct(const Job& job, const Question& question) {
    ActWords words;
    words.act = sentence(job, question);
    words.figure = QStringLiteral("?");
    words.aside = entryWords(job, question) + QLatin1Char(' ') + reason(job, question);
    words.entry = QuestionWords::tr("Space: yes, N: no");
    return words;
}

Answers answersTo(const Job& job, const Advice& advice) {
    if (!advice.question)
        return {QuestionWords::tr("String is on  (Space)"), QuestionWords::tr("Go on without it  (N)")};
    const double turns = job.log[advice.question->event].turns.mean();
    if (advice.question->suspect == Suspect::Reversed)
        return turns > 0.0 ? Answers{QuestionWords::tr("Yes, loosen  (Space)"), QuestionWords::tr("No, tighten  (N)")}
                           : Answers{QuestionWords::tr("Yes, tighten  (Space)"), QuestionWords::tr("No, loosen  (N)")};
    return {QuestionWords::tr("Yes  (Space)"), QuestionWords::tr("No, as entered  (N)")};
}

QString whatMoved(const Job& job, const Derived& derived) {
    const Estimate& guitar = derived.advice.guitar;
    constexpr double least_cents = 3.0;
    const auto moved = movedByThemselves(guitar);
    for (auto one = moved.rbegin(); one != moved.rend(); ++one) {
        const auto& stretch = guitar.line.rests.back().stretch[one->string];
        const bool still = stretch != RestPoint::none &&
                           guitar.line.stretches[static_cast<std::size_t>(stretch)].link == Stretch::Link::Moved;
        if (!still || std::abs(one->cents) < least_cents)
            continue;
        return movedWords(job, *one);
    }
    if (!guitar.line.gaps.empty() && guitar.line.gaps.back().rest + 1 == guitar.line.rests.size()) {
        const double strain = guitar.at.strain.back();
        constexpr double plain = 1.0;
        if (strain > plain)
            return QuestionWords::tr("All strings are flatter than before the break: the guitar is warmer.");
        if (strain < -plain)
            return QuestionWords::tr("All strings are sharper than before the break: the guitar is colder.");
    }
    return {};
}

QStringList whatHappened(const Job& job, const Derived& derived) {
    QStringList lines;
    const std::vector<MovedString> moved = movedByThemselves(derived.advice.guitar);
    for (std::size_t e = 0; e < job.log.size(); ++e) {
        const QString at = clockOf(job.log[e]) + QLatin1Char(' ');
        for (const MovedString& one : moved)
            if (one.event == e)
                lines.append((at + QuestionWords::tr("%1 had moved by itself, by %2")
                                       .arg(title(job, one.string), centsText(one.cents)))
                                 .trimmed());
        if (job.log[e].happens())
            lines.append((at + actWords(job.log[e], job.rig)).trimmed());
    }
    return lines;
}

} // namespace flenzo::wording
