// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/step_words.h"

#include "domain/methods.h"
#include "widgets/text/step_figures.h"
#include "widgets/text/wording.h"

#include <QCoreApplication>

namespace flenzo {

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(StepWords)
};

/// The plain words of a step; what depends on the guitar is added by `stepWords`.
struct Plain {
    StepId id;
    const char *title, *act, *why, *tools, *keys, *caution, *doneWhen;
};

constexpr const char* eyes =
    QT_TRANSLATE_NOOP("StepWords", "Eyes: string ends whip and spring back. Wear glasses, turn the face away.");

// `keys` names the screw group of the card whose key is wanted.
constexpr Plain plains[] = {
    {StepId::LookOver, QT_TRANSLATE_NOOP("StepWords", "Look it over"),
     QT_TRANSLATE_NOOP("StepWords", "Look the guitar over and fill in its card"),
     QT_TRANSLATE_NOOP("StepWords", "Bridge, nut and tuners decide which steps this job has."), "", "",
     QT_TRANSLATE_NOOP(
         "StepWords",
         "Loose posts, cracks or wood lifted around the posts: stop, and refer it to a professional repairer."),
     QT_TRANSLATE_NOOP("StepWords", "the card says what this guitar is")},
    {StepId::AskOwner, QT_TRANSLATE_NOOP("StepWords", "Ask the owner"),
     QT_TRANSLATE_NOOP("StepWords", "Ask how it is played and what is wished for"),
     QT_TRANSLATE_NOOP("StepWords",
                       "Much vibrato, big bends or a wish for other action changes tuning, locking and height."),
     "", "", "", QT_TRANSLATE_NOOP("StepWords", "wishes and extras are noted")},
    {StepId::OldSet, QT_TRANSLATE_NOOP("StepWords", "Old set and target"),
     QT_TRANSLATE_NOOP("StepWords", "Note what comes off and what goes on"),
     QT_TRANSLATE_NOOP("StepWords", "The difference in pull decides how much claw work there is."),
     QT_TRANSLATE_NOOP("StepWords", "caliper"), "",
     QT_TRANSLATE_NOOP("StepWords",
                       "A caliper in millimetres and one in inches look alike: see that the unit is right."),
     QT_TRANSLATE_NOOP("StepWords", "both sets and tunings stand on the change page")},
    {StepId::Checks, QT_TRANSLATE_NOOP("StepWords", "Check before"),
     QT_TRANSLATE_NOOP("StepWords", "Check it with the old strings on and measure the gap"),
     QT_TRANSLATE_NOOP("StepWords",
                       "Loose neck screws, worn edges or a crooked claw are blamed on the new strings later."),
     QT_TRANSLATE_NOOP("StepWords", "ruler, feeler or card"), "",
     QT_TRANSLATE_NOOP("StepWords", "A truss rod that does not turn easily is work for a professional repairer."),
     QT_TRANSLATE_NOOP("StepWords",
                       "strings are centred, screws snug, claw parallel; gap, action and readings are noted")},
    {StepId::Plan, QT_TRANSLATE_NOOP("StepWords", "Agree the plan"),
     QT_TRANSLATE_NOOP("StepWords", "Choose how this job is done"),
     QT_TRANSLATE_NOOP("StepWords",
                       "Each way costs passes, minutes or risk on this guitar; the house's ways stand chosen."),
     "", "", "", QT_TRANSLATE_NOOP("StepWords", "ways, claw turns and minutes are agreed")},
    {StepId::Tools, QT_TRANSLATE_NOOP("StepWords", "Lay out tools"),
     QT_TRANSLATE_NOOP("StepWords", "Lay out everything before the first screw"),
     QT_TRANSLATE_NOOP("StepWords", "A bridge with no strings on it is no place to start looking for a key."),
     QT_TRANSLATE_NOOP("StepWords", "winder, heavy cutters, tuner with cents, block, head rest, caliper, ruler, tray, "
                                    "cloths, spare single strings"),
     "",
     QT_TRANSLATE_NOOP("StepWords",
                       "A drill as winder turns backwards, catches hair and fingers, and is too fast near pitch."),
     QT_TRANSLATE_NOOP("StepWords", "all is within reach")},
    {StepId::CapsOff, QT_TRANSLATE_NOOP("StepWords", "Unlock the nut"),
     QT_TRANSLATE_NOOP("StepWords", "Unlock the nut and lay the caps out in order"),
     QT_TRANSLATE_NOOP("StepWords",
                       "A clamped string cannot be slackened; a cap in another place sits on another groove."),
     "", QT_TRANSLATE_NOOP("StepWords", "caps"),
     QT_TRANSLATE_NOOP("StepWords",
                       "A bolt that does not give: do not force it, ease it with a drop of oil or refer it."),
     QT_TRANSLATE_NOOP("StepWords", "caps and bolts lie in their order and the right way round")},
    {StepId::ArmOff, QT_TRANSLATE_NOOP("StepWords", "Arm off"),
     QT_TRANSLATE_NOOP("StepWords", "Take the arm off, or turn it clear of the strings"),
     QT_TRANSLATE_NOOP("StepWords", "An arm under a string or against the bench pushes the bridge about."), "", "", "",
     QT_TRANSLATE_NOOP("StepWords", "nothing touches the arm")},
    {StepId::BlockIn, QT_TRANSLATE_NOOP("StepWords", "Block in"),
     QT_TRANSLATE_NOOP("StepWords", "Push the arm down and let the plate settle on its block"),
     QT_TRANSLATE_NOOP("StepWords", "Once the strings go, springs alone would pull the bridge under."),
     QT_TRANSLATE_NOOP("StepWords", "block, padded"), "",
     QT_TRANSLATE_NOOP("StepWords",
                       "A battery as block: its ends never against metal. The block clears clamp screws and tuners."),
     QT_TRANSLATE_NOOP("StepWords", "slackening one string does not move the plate")},
    {StepId::CoverOff, QT_TRANSLATE_NOOP("StepWords", "Back cover off"),
     QT_TRANSLATE_NOOP("StepWords", "Turn the guitar over and take the back cover off"),
     QT_TRANSLATE_NOOP("StepWords", "Claw and springs are behind it."), QT_TRANSLATE_NOOP("StepWords", "screwdriver"),
     QT_TRANSLATE_NOOP("StepWords", "cover"),
     QT_TRANSLATE_NOOP("StepWords", "Tape open inserts before turning over. Lay it on a soft, clean cloth."),
     QT_TRANSLATE_NOOP("StepWords", "the claw is in sight")},
    {StepId::Slacken, QT_TRANSLATE_NOOP("StepWords", "Slacken"),
     QT_TRANSLATE_NOOP("StepWords", "Slacken every string until it hangs loose"),
     QT_TRANSLATE_NOOP("StepWords", "Tension leaves evenly and nothing jumps."),
     QT_TRANSLATE_NOOP("StepWords", "winder"), "", eyes, QT_TRANSLATE_NOOP("StepWords", "no string sounds any more")},
    {StepId::CutOld, QT_TRANSLATE_NOOP("StepWords", "Cut the old strings"),
     QT_TRANSLATE_NOOP("StepWords", "Cut each string in the middle"),
     QT_TRANSLATE_NOOP("StepWords", "No bent end has to be dragged through the hardware."),
     QT_TRANSLATE_NOOP("StepWords", "heavy cutters"), "",
     QT_TRANSLATE_NOOP("StepWords",
                       "Never cut under tension. Coil the ends at once: they go into fingers, feet and bins."),
     QT_TRANSLATE_NOOP("StepWords", "every string is in two")},
    {StepId::TakeOut, QT_TRANSLATE_NOOP("StepWords", "Take them out"),
     QT_TRANSLATE_NOOP("StepWords", "Unwind the posts, open the saddles and lift the strings out"),
     QT_TRANSLATE_NOOP("StepWords",
                       "Half a turn to two turns of a clamp are enough; a screw that comes out loses its insert."),
     "", QT_TRANSLATE_NOOP("StepWords", "saddle clamps"),
     QT_TRANSLATE_NOOP("StepWords", "A string that sticks is backed out, never forced."),
     QT_TRANSLATE_NOOP("StepWords", "no old string is left and every insert lies in its saddle")},
    {StepId::PresetFine, QT_TRANSLATE_NOOP("StepWords", "Preset fine tuners"),
     QT_TRANSLATE_NOOP("StepWords", "Set the fine tuners to their preset"),
     QT_TRANSLATE_NOOP("StepWords", "After locking they are all there is to tune with."), "", "", "",
     QT_TRANSLATE_NOOP("StepWords", "all stand at the same preset")},
    {StepId::Dust, QT_TRANSLATE_NOOP("StepWords", "Dust"),
     QT_TRANSLATE_NOOP("StepWords", "Wipe the dust from under the strings"),
     QT_TRANSLATE_NOOP("StepWords", "It is never this easy again."), QT_TRANSLATE_NOOP("StepWords", "cloth, brush"), "",
     "", QT_TRANSLATE_NOOP("StepWords", "top and board are clean")},
    {StepId::Frets, QT_TRANSLATE_NOOP("StepWords", "Polish frets"),
     QT_TRANSLATE_NOOP("StepWords", "Mask the pickups, guard the board and polish the frets"),
     QT_TRANSLATE_NOOP("StepWords", "Filings on a pickup's magnets stay there for good."),
     QT_TRANSLATE_NOOP("StepWords", "0000 wool, tape, fret guard"), "",
     QT_TRANSLATE_NOOP("StepWords", "Do not breathe the filings: mask, and wipe before unmasking."),
     QT_TRANSLATE_NOOP("StepWords", "frets shine and the tape took the filings along")},
    {StepId::OilBoard, QT_TRANSLATE_NOOP("StepWords", "Oil the board"),
     QT_TRANSLATE_NOOP("StepWords", "Put a few drops of oil on the board, wait, wipe it dry"),
     QT_TRANSLATE_NOOP("StepWords", "Dry wood shrinks from its frets; wet wood swells."),
     QT_TRANSLATE_NOOP("StepWords", "board oil, cloth"), "",
     QT_TRANSLATE_NOOP("StepWords", "Air the room. Oily rags lie flat to dry, they can catch fire in a heap."),
     QT_TRANSLATE_NOOP("StepWords", "the board is dry to the touch")},
    {StepId::TightenTuners, QT_TRANSLATE_NOOP("StepWords", "Tuner nuts"),
     QT_TRANSLATE_NOOP("StepWords", "Snug the nuts of the tuners"),
     QT_TRANSLATE_NOOP("StepWords", "A tuner that moves in its hole is a string that goes flat."),
     QT_TRANSLATE_NOOP("StepWords", "adjustable spanner"), "", "",
     QT_TRANSLATE_NOOP("StepWords", "no tuner can be moved by hand")},
    {StepId::LayOut, QT_TRANSLATE_NOOP("StepWords", "Lay out the set"),
     QT_TRANSLATE_NOOP("StepWords", "Lay the new strings out by gauge"),
     QT_TRANSLATE_NOOP("StepWords", "Two strings may share a packet, and two alike are easily swapped."),
     QT_TRANSLATE_NOOP("StepWords", "caliper"), "", eyes,
     QT_TRANSLATE_NOOP("StepWords", "every string lies at its place")},
    {StepId::BallEnd, QT_TRANSLATE_NOOP("StepWords", "Ball ends"),
     QT_TRANSLATE_NOOP("StepWords", "Cut each ball end off, twist and all"),
     QT_TRANSLATE_NOOP("StepWords", "The clamp wants plain, straight string."),
     QT_TRANSLATE_NOOP("StepWords", "heavy cutters"), "", eyes,
     QT_TRANSLATE_NOOP("StepWords", "every end is clean and straight")},
    {StepId::Seat, QT_TRANSLATE_NOOP("StepWords", "Seat the strings"),
     QT_TRANSLATE_NOOP("StepWords", "Seat each string and secure it at the bridge"),
     QT_TRANSLATE_NOOP("StepWords", "A string that is crooked, high or perched on an edge pops out at pitch."), "",
     QT_TRANSLATE_NOOP("StepWords", "saddle clamps"),
     QT_TRANSLATE_NOOP("StepWords",
                       "Snug until it stops by itself and a slight nudge more: an over-tight clamp breaks the saddle."),
     QT_TRANSLATE_NOOP("StepWords", "a firm pull moves none of them")},
    {StepId::Thread, QT_TRANSLATE_NOOP("StepWords", "Through nut and guides"),
     QT_TRANSLATE_NOOP("StepWords", "Lead each string into its slot, under bar and tree"),
     QT_TRANSLATE_NOOP("StepWords", "A string on the wrong side of a screw crosses its neighbour."), "", "", "",
     QT_TRANSLATE_NOOP("StepWords", "every string lies in its own slot")},
    {StepId::Wind, QT_TRANSLATE_NOOP("StepWords", "Wind"),
     QT_TRANSLATE_NOOP("StepWords", "Wind each string with its slack, only until taut"),
     QT_TRANSLATE_NOOP("StepWords", "Wraps hold the string; more than needed only has more to settle."),
     QT_TRANSLATE_NOOP("StepWords", "winder"), "", eyes,
     QT_TRANSLATE_NOOP("StepWords", "all strings are taut and the windings lie neat")},
    {StepId::SwapString, QT_TRANSLATE_NOOP("StepWords", "Change one string"),
     QT_TRANSLATE_NOOP("StepWords", "Change this string and bring it back to pitch"),
     QT_TRANSLATE_NOOP("StepWords", "With one string off the bridge hardly moves."),
     QT_TRANSLATE_NOOP("StepWords", "winder, heavy cutters"), QT_TRANSLATE_NOOP("StepWords", "saddle clamps"), eyes,
     QT_TRANSLATE_NOOP("StepWords", "the string is at pitch and the others were touched up")},
    {StepId::RoughTune, QT_TRANSLATE_NOOP("StepWords", "Rough tune"),
     QT_TRANSLATE_NOOP("StepWords", "Bring all strings up from below, coarsely"),
     QT_TRANSLATE_NOOP("StepWords", "The first round only has to get near; the last does the rest."),
     QT_TRANSLATE_NOOP("StepWords", "tuner"), "",
     QT_TRANSLATE_NOOP("StepWords", "Check the octave: a string tuned an octave up breaks."),
     QT_TRANSLATE_NOOP("StepWords", "every string is within half a tone")},
    {StepId::BlockOut, QT_TRANSLATE_NOOP("StepWords", "Block out"),
     QT_TRANSLATE_NOOP("StepWords", "Tip the bridge forward and pull the block"),
     QT_TRANSLATE_NOOP("StepWords", "Now strings and springs meet."), "", "",
     QT_TRANSLATE_NOOP("StepWords", "Hold the arm: the bridge may jump."),
     QT_TRANSLATE_NOOP("StepWords", "the bridge floats free")},
    {StepId::Settle, QT_TRANSLATE_NOOP("StepWords", "Stretch and settle"),
     QT_TRANSLATE_NOOP("StepWords", "Stretch every string along its whole length"),
     QT_TRANSLATE_NOOP("StepWords", "What is in the windings comes out now or on stage."), "", "",
     QT_TRANSLATE_NOOP("StepWords", "Never pull in one place: a kink there ruins the string."),
     QT_TRANSLATE_NOOP("StepWords", "a stretch no longer drops the pitch")},
    {StepId::Play, QT_TRANSLATE_NOOP("StepWords", "Play it in"),
     QT_TRANSLATE_NOOP("StepWords", "Bend every string a whole tone and play a while"),
     QT_TRANSLATE_NOOP("StepWords", "What still gives does so before the caps close."), "", "", "",
     QT_TRANSLATE_NOOP("StepWords", "it holds its pitch through bends")},
    {StepId::Level, QT_TRANSLATE_NOOP("StepWords", "Level"),
     QT_TRANSLATE_NOOP("StepWords", "Bring the plate level with the claw"),
     QT_TRANSLATE_NOOP("StepWords", "Only a settled bridge at pitch tells the truth."),
     QT_TRANSLATE_NOOP("StepWords", "screwdriver for the claw, gauge or ruler"), "", "",
     QT_TRANSLATE_NOOP("StepWords", "the gap is what level asks for")},
    {StepId::Height, QT_TRANSLATE_NOOP("StepWords", "Height"),
     QT_TRANSLATE_NOOP("StepWords", "Set the height on the posts, equally"),
     QT_TRANSLATE_NOOP("StepWords", "Height moves pitch and level, so it comes before the last passes."),
     QT_TRANSLATE_NOOP("StepWords", "ruler"), QT_TRANSLATE_NOOP("StepWords", "posts"),
     QT_TRANSLATE_NOOP("StepWords",
                       "Turn posts only with the tension off or as their maker's kind allows; edges wear."),
     QT_TRANSLATE_NOOP("StepWords", "action is as wished on both sides")},
    {StepId::Intonate, QT_TRANSLATE_NOOP("StepWords", "Intonate"),
     QT_TRANSLATE_NOOP("StepWords", "Set each saddle so that the octave is true"),
     QT_TRANSLATE_NOOP("StepWords", "A locking saddle has to be slack to move: do it before the last passes."),
     QT_TRANSLATE_NOOP("StepWords", "tuner"), QT_TRANSLATE_NOOP("StepWords", "saddles"), "",
     QT_TRANSLATE_NOOP("StepWords", "open and fretted octave agree")},
    {StepId::Tune, QT_TRANSLATE_NOOP("StepWords", "Tune to done"),
     QT_TRANSLATE_NOOP("StepWords", "Tune to the aims until every string and the plate are home"),
     QT_TRANSLATE_NOOP("StepWords", "The program foresees what each string does to the others."),
     QT_TRANSLATE_NOOP("StepWords", "tuner"), "", "", QT_TRANSLATE_NOOP("StepWords", "the bench says done")},
    {StepId::Lock, QT_TRANSLATE_NOOP("StepWords", "Lock the nut"),
     QT_TRANSLATE_NOOP("StepWords", "Close the caps in their order"),
     QT_TRANSLATE_NOOP("StepWords", "From here only the fine tuners tune."), "", QT_TRANSLATE_NOOP("StepWords", "caps"),
     QT_TRANSLATE_NOOP(
         "StepWords",
         "Natural stop and a nudge: a stripped bolt cannot be undone. Caps too tight break strings at the nut."),
     QT_TRANSLATE_NOOP("StepWords", "the pitch moved no further than the fine tuners reach")},
    {StepId::FineTune, QT_TRANSLATE_NOOP("StepWords", "Fine tune"),
     QT_TRANSLATE_NOOP("StepWords", "Tune with the fine tuners, held as it is played"),
     QT_TRANSLATE_NOOP("StepWords", "On its back it reads differently."), QT_TRANSLATE_NOOP("StepWords", "tuner"), "",
     "", QT_TRANSLATE_NOOP("StepWords", "every string is in tune in playing position")},
    {StepId::TrimTails, QT_TRANSLATE_NOOP("StepWords", "Trim tails"),
     QT_TRANSLATE_NOOP("StepWords", "Trim the tails at the posts"),
     QT_TRANSLATE_NOOP("StepWords", "Long ends scratch hands and lacquer."), QT_TRANSLATE_NOOP("StepWords", "cutters"),
     "", eyes, QT_TRANSLATE_NOOP("StepWords", "no end stands out")},
    {StepId::CloseUp, QT_TRANSLATE_NOOP("StepWords", "Cover on"),
     QT_TRANSLATE_NOOP("StepWords", "Put the back cover on"),
     QT_TRANSLATE_NOOP("StepWords", "Springs and dust keep apart."), QT_TRANSLATE_NOOP("StepWords", "screwdriver"),
     QT_TRANSLATE_NOOP("StepWords", "cover"), "", QT_TRANSLATE_NOOP("StepWords", "all screws are in")},
    {StepId::ArmIn, QT_TRANSLATE_NOOP("StepWords", "Arm in"), QT_TRANSLATE_NOOP("StepWords", "Put the arm in"),
     QT_TRANSLATE_NOOP("StepWords", "The test wants it."), "", "", "",
     QT_TRANSLATE_NOOP("StepWords", "the arm sits and swings as the owner likes it")},
    {StepId::ReturnTest, QT_TRANSLATE_NOOP("StepWords", "Return to pitch"),
     QT_TRANSLATE_NOOP("StepWords", "Dive, pull up and bend, reading before and after"),
     QT_TRANSLATE_NOOP("StepWords", "What hangs at nut, saddle or pivot shows now."),
     QT_TRANSLATE_NOOP("StepWords", "tuner"), "", "",
     QT_TRANSLATE_NOOP("StepWords", "every string comes back within tolerance")},
    {StepId::HandOver, QT_TRANSLATE_NOOP("StepWords", "Hand over"),
     QT_TRANSLATE_NOOP("StepWords", "Write the owner's note and the next due date"),
     QT_TRANSLATE_NOOP("StepWords", "Same gauge next time saves the balance."), "", "", "",
     QT_TRANSLATE_NOOP("StepWords", "sheet, parts and follow-ups are written")},
};
static_assert(std::size(plains) == static_cast<std::size_t>(StepId::Count));

/// What a chosen way makes of a step's act.
struct Turn {
    StepId step;
    const char *topic, *option, *act;
};
constexpr Turn turns[] = {
    {StepId::BallEnd, "ballEnd", "reversed",
     QT_TRANSLATE_NOOP("StepWords", "Cut each string at the bridge end, the ball stays at the headstock")},
    {StepId::CapsOff, "capOrder", "any",
     QT_TRANSLATE_NOOP("StepWords", "Unlock the nut and put caps and bolts in one tray")},
    {StepId::CapsOff, "caps", "loosened",
     QT_TRANSLATE_NOOP("StepWords", "Loosen the caps until the strings slide, and leave them on")},
    {StepId::Lock, "capOrder", "any", QT_TRANSLATE_NOOP("StepWords", "Close the caps, the right way round")},
    {StepId::Thread, "caps", "loosened",
     QT_TRANSLATE_NOOP("StepWords", "Lead each string under its loosened cap, under bar and tree")},
    {StepId::Frets, "boardCare", "wool",
     QT_TRANSLATE_NOOP("StepWords", "Mask the pickups and polish frets and board with wool, along the neck")},
    {StepId::Wind, "winding", "over",
     QT_TRANSLATE_NOOP("StepWords", "Wind each string: first turn over the tail, the rest under it, only until taut")},
    {StepId::Wind, "winding", "under",
     QT_TRANSLATE_NOOP("StepWords", "Wind each string with every turn under the last, only until taut")},
    {StepId::Wind, "winding", "tie",
     QT_TRANSLATE_NOOP("StepWords", "Tie each string round itself at its post and take up the slack, only until taut")},
    {StepId::Settle, "stretching", "hard",
     QT_TRANSLATE_NOOP("StepWords", "Stretch every string hard along its whole length")},
    {StepId::Settle, "stretching", "ends",
     QT_TRANSLATE_NOOP("StepWords", "Press every string down behind nut and saddle, not in between")},
    {StepId::BlockOut, "blockOut", "each", QT_TRANSLATE_NOOP("StepWords", "Take the block out for good")},
    {StepId::RoughTune, "blockOut", "each",
     QT_TRANSLATE_NOOP("StepWords", "Bring each string up; block out for a look after each, then in again")},
    {StepId::RoughTune, "levelWhen", "each",
     QT_TRANSLATE_NOOP("StepWords", "Bring the strings up one by one and look along the plate after each")},
    {StepId::RoughTune, "stretchWhen", "each",
     QT_TRANSLATE_NOOP("StepWords", "Bring each string up from below and stretch it before the next")},
    {StepId::Level, "clawSlack", "slackened",
     QT_TRANSLATE_NOOP("StepWords", "Slacken by a tone, turn the claw, and come up again")},
    {StepId::FineTune, "finalTune", "bench",
     QT_TRANSLATE_NOOP("StepWords", "Tune with the fine tuners on the bench, leaving the offset below")},
};

QString toolsOf(const Plain& plain, const Card& card) {
    QStringList tools;
    if (*plain.tools != '\0')
        tools.append(Words::tr(plain.tools));
    if (*plain.keys != '\0') {
        const QString size = card.keys.value(QLatin1String(plain.keys));
        tools.append(size.isEmpty() ? Words::tr("key for the %1 (size not noted yet)").arg(Words::tr(plain.keys))
                                    : Words::tr("%1 for the %2").arg(size, Words::tr(plain.keys)));
    }
    return tools.join(QStringLiteral(", "));
}

} // namespace

StepWords stepWords(const Job& job, const Derived& derived, const Step& step, const Units& units) {
    const Plain& plain = plains[static_cast<std::size_t>(step.id)];
    StepWords words;
    words.title = Words::tr(plain.title);
    words.act = Words::tr(plain.act);
    words.why = Words::tr(plain.why);
    words.tools = toolsOf(plain, job.card);
    words.caution = Words::tr(plain.caution);
    words.doneWhen = Words::tr(plain.doneWhen);
    words.figures = stepFigures(job, derived, step, units);
    if (step.string) {
        const QString title = wording::stringTitle(job.rig.strings[*step.string]);
        words.title = Words::tr("Change %1").arg(title);
        words.act = Words::tr("Change %1 and bring it back to pitch").arg(title);
    }
    for (const Turn& turn : turns)
        if (turn.step == step.id && isChosen(job, turn.topic, turn.option))
            words.act = Words::tr(turn.act);
    if (job.rig.bridge.family == Family::RollerShaft && step.id == StepId::Slacken)
        words.caution =
            Words::tr("The shaft's spring falls out when all tension goes: keep one string on where you can. ") +
            words.caution;
    return words;
}

QString phaseTitle(Phase phase) {
    static const char* const titles[] = {
        QT_TRANSLATE_NOOP("StepWords", "Intake"),   QT_TRANSLATE_NOOP("StepWords", "Plan"),
        QT_TRANSLATE_NOOP("StepWords", "Strip"),    QT_TRANSLATE_NOOP("StepWords", "String"),
        QT_TRANSLATE_NOOP("StepWords", "Balance"),  QT_TRANSLATE_NOOP("StepWords", "Lock"),
        QT_TRANSLATE_NOOP("StepWords", "Hand over")};
    return Words::tr(titles[static_cast<std::size_t>(phase)]);
}

QString hazardWords(Hazard hazard) {
    static const char* const words[] = {
        QT_TRANSLATE_NOOP("StepWords", "tension on"), QT_TRANSLATE_NOOP("StepWords", "BLOCK IN"),
        QT_TRANSLATE_NOOP("StepWords", "caps off"),   QT_TRANSLATE_NOOP("StepWords", "INSERTS OPEN"),
        QT_TRANSLATE_NOOP("StepWords", "unsettled"),  QT_TRANSLATE_NOOP("StepWords", "unlocked"),
        QT_TRANSLATE_NOOP("StepWords", "cover off"),  QT_TRANSLATE_NOOP("StepWords", "arm in")};
    return Words::tr(words[static_cast<std::size_t>(hazard)]);
}

} // namespace flenzo
