// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/step_words.h"

#include "domain/methods/methods.h"
#include "widgets/text/step_figures.h"
#include "widgets/text/step_table.h"
#include "widgets/text/wording.h"

#include <QCoreApplication>

namespace flenzo {

namespace {

struct StepWordsWords {
    Q_DECLARE_TR_FUNCTIONS(StepWords)
};

/// What a chosen method makes of a step's act.
struct Turn {
    StepId step;
    const char *topic, *option, *act;
};
constexpr Turn turns[] = {
    {StepId::BallEnd, "ballEnd", "reversed",
     QT_TRANSLATE_NOOP("StepWords", "Cut the bridge end, the ball stays at the headstock")},
    {StepId::CapsOff, "capOrder", "any", QT_TRANSLATE_NOOP("StepWords", "Unlock the nut, caps and bolts in one tray")},
    {StepId::CapsOff, "caps", "loosened",
     QT_TRANSLATE_NOOP("StepWords", "Loosen the nut caps until the strings slide")},
    {StepId::Lock, "capOrder", "any", QT_TRANSLATE_NOOP("StepWords", "Tighten the nut caps, the right way round")},
    {StepId::Thread, "caps", "loosened", QT_TRANSLATE_NOOP("StepWords", "Lead each string under its loosened cap")},
    {StepId::Frets, "boardCare", "wool",
     QT_TRANSLATE_NOOP("StepWords", "Tape the pickups, rub frets and fretboard lengthwise")},
    {StepId::Wind, "winding", "over",
     QT_TRANSLATE_NOOP("StepWords", "Wind: first wrap over the string end, then under")},
    {StepId::Wind, "winding", "under", QT_TRANSLATE_NOOP("StepWords", "Wind each string, every wrap under the last")},
    {StepId::Wind, "winding", "tie", QT_TRANSLATE_NOOP("StepWords", "Tie each string at its string post")},
    {StepId::Settle, "stretching", "hard",
     QT_TRANSLATE_NOOP("StepWords", "Stretch every string hard along its whole length")},
    {StepId::Settle, "stretching", "ends",
     QT_TRANSLATE_NOOP("StepWords", "Press every string down behind nut and saddle")},
    {StepId::BlockOut, "blockOut", "each", QT_TRANSLATE_NOOP("StepWords", "Take the block out for good")},
    {StepId::RoughTune, "blockOut", "each",
     QT_TRANSLATE_NOOP("StepWords", "Bring each string up; block out, inspect the plate")},
    {StepId::RoughTune, "levelWhen", "each",
     QT_TRANSLATE_NOOP("StepWords", "Bring strings up singly, look along the plate")},
    {StepId::RoughTune, "stretchWhen", "each", QT_TRANSLATE_NOOP("StepWords", "Bring each string up and stretch it")},
    {StepId::Level, "clawSlack", "slackened",
     QT_TRANSLATE_NOOP("StepWords", "Slacken a whole step, turn the claw, retune")},
    {StepId::FineTune, "finalTune", "bench",
     QT_TRANSLATE_NOOP("StepWords", "Fine-tune on the bench, leaving the offset below")},
};

QString toolsOf(const char* tools, const char* keys, const Card& card) {
    QStringList words;
    if (*tools != '\0')
        words.append(StepWordsWords::tr(tools));
    if (*keys != '\0') {
        const QString size = card.keys.value(QLatin1String(keys));
        words.append(size.isEmpty()
                         ? StepWordsWords::tr("hex key for the %1 (size not noted yet)")
                               .arg(screwGroupWords(QLatin1String(keys)))
                         : StepWordsWords::tr("hex key %1 for the %2").arg(size, screwGroupWords(QLatin1String(keys))));
    }
    return words.join(QStringLiteral(", "));
}

bool isBuilt(const Job& job, Build build) {
    const FamilyTraits& has = job.rig.bridge.has();
    switch (build) {
    case Build::Locking:
        return has.clampsAtSaddle;
    case Build::Fulcrum:
        return has.isFulcrum();
    case Build::Screws:
        return has.onScrews;
    case Build::Headless:
        return has.tunersAtBridge;
    case Build::Shaft:
        return has.motion == Motion::Shaft;
    case Build::Fixed:
        return !has.moves();
    case Build::Decked:
        return has.hasClaw() && job.goal.deckLoad_Nm > 0.0;
    case Build::DivesOnly:
        return has.divesOnly || (has.hasClaw() && job.goal.deckLoad_Nm > 0.0);
    case Build::Assisted:
        return has.hasClaw() && job.rig.bridge.assist.has_value();
    case Build::SlottedPosts:
        return job.card.tuners == Tuners::Slotted;
    }
    return false;
}

} // namespace

StepWords stepWords(const Job& job, const Derived& derived, const Step& step, const Units& units) {
    PlainStepWords plain = plainStepWords(step.id);
    for (const BuildStepWords& build : buildStepWords())
        if (build.id == step.id && isBuilt(job, build.build)) {
            const auto take = [](const char*& words, const char* own) { words = own ? own : words; };
            take(plain.title, build.title);
            take(plain.act, build.act);
            take(plain.why, build.why);
            take(plain.caution, build.caution);
            take(plain.doneWhen, build.doneWhen);
            take(plain.keys, build.keys);
            take(plain.tools, build.tools);
        }
    for (const Turn& turn : turns)
        if (turn.step == step.id && methodTopic(QLatin1String(turn.topic))->appliesTo(job) &&
            isChosen(job, turn.topic, turn.option))
            plain.act = turn.act;
    StepWords words;
    words.title = StepWordsWords::tr(plain.title);
    words.act = StepWordsWords::tr(plain.act);
    words.why = StepWordsWords::tr(plain.why);
    words.tools = toolsOf(plain.tools, plain.keys, job.card);
    words.caution = StepWordsWords::tr(plain.caution);
    words.doneWhen = StepWordsWords::tr(plain.doneWhen);
    words.figures = stepFigures(job, derived, step, units);
    if (step.string) {
        const QString title = wording::stringTitle(job.rig.strings[*step.string]);
        words.title = StepWordsWords::tr("Change %1").arg(title);
        words.act = StepWordsWords::tr("Change %1 and bring it to pitch").arg(title);
    }
    return words;
}

QString stepTitle(const QString& name) {
    for (int id = 0; id < static_cast<int>(StepId::Count); ++id)
        if (name == QLatin1String(specOf(static_cast<StepId>(id)).name))
            return StepWordsWords::tr(plainStepWords(static_cast<StepId>(id)).title);
    return name;
}

QString phaseTitle(Phase phase) {
    static const char* const titles[] = {
        QT_TRANSLATE_NOOP("StepWords", "Intake"),   QT_TRANSLATE_NOOP("StepWords", "Plan"),
        QT_TRANSLATE_NOOP("StepWords", "Strip"),    QT_TRANSLATE_NOOP("StepWords", "String"),
        QT_TRANSLATE_NOOP("StepWords", "Balance"),  QT_TRANSLATE_NOOP("StepWords", "Lock"),
        QT_TRANSLATE_NOOP("StepWords", "Hand over")};
    return StepWordsWords::tr(titles[static_cast<std::size_t>(phase)]);
}

QString screwGroupWords(const QString& name) {
    static constexpr std::pair<const char*, const char*> groups[] = {
        {"caps", QT_TRANSLATE_NOOP("StepWords", "nut caps")},
        {QT_TRANSLATE_NOOP("StepWords", "saddle clamps"), QT_TRANSLATE_NOOP("StepWords", "saddle clamps")},
        {"saddles", QT_TRANSLATE_NOOP("StepWords", "saddles")},
        {QT_TRANSLATE_NOOP("StepWords", "truss rod"), QT_TRANSLATE_NOOP("StepWords", "truss rod")},
        {"posts", QT_TRANSLATE_NOOP("StepWords", "bridge posts")},
        {"cover", QT_TRANSLATE_NOOP("StepWords", "back cover")}};
    for (const auto& [group, words] : groups)
        if (name == QLatin1String(group))
            return StepWordsWords::tr(words);
    return name;
}

QString hazardWords(Hazard hazard) {
    static const char* const words[] = {
        QT_TRANSLATE_NOOP("StepWords", "tension on"),          QT_TRANSLATE_NOOP("StepWords", "BLOCK IN"),
        QT_TRANSLATE_NOOP("StepWords", "NUT UNLOCKED"),        QT_TRANSLATE_NOOP("StepWords", "INSERTS OPEN"),
        QT_TRANSLATE_NOOP("StepWords", "strings not settled"), QT_TRANSLATE_NOOP("StepWords", "NUT UNLOCKED"),
        QT_TRANSLATE_NOOP("StepWords", "back cover off"),      QT_TRANSLATE_NOOP("StepWords", "arm in")};
    return StepWordsWords::tr(words[static_cast<std::size_t>(hazard)]);
}

} // namespace flenzo
