// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/step_words.h"

#include "domain/methods.h"
#include "widgets/text/step_figures.h"
#include "widgets/text/wording.h"

#include <QCoreApplication>

namespace flenzo {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("StepWords", text);
}

/// The plain words of a step; what depends on the guitar is added by `stepWords`.
struct Plain {
    StepId id;
    const char *title, *act, *why, *tools, *keys, *caution, *doneWhen;
};

constexpr const char* eyes = "Eyes: string ends whip and spring back. Wear glasses, turn the face away.";

// `keys` names the screw group of the card whose key is wanted.
constexpr Plain plains[] = {
    {StepId::LookOver, "Look it over", "Look the guitar over and fill in its card",
     "Bridge, nut and tuners decide which steps this job has.", "", "",
     "Loose posts, cracks or wood lifted around the posts: stop, and refer it to a professional repairer.",
     "the card says what this guitar is"},
    {StepId::AskOwner, "Ask the owner", "Ask how it is played and what is wished for",
     "Much vibrato, big bends or a wish for other action changes tuning, locking and height.", "", "", "",
     "wishes and extras are noted"},
    {StepId::OldSet, "Old set and target", "Note what comes off and what goes on",
     "The difference in pull decides how much claw work there is.", "caliper", "",
     "A caliper in millimetres and one in inches look alike: see that the unit is right.",
     "both sets and tunings stand on the change page"},
    {StepId::Checks, "Check before", "Check it with the old strings on and measure the gap",
     "Loose neck screws, worn edges or a crooked claw are blamed on the new strings later.", "ruler, feeler or card",
     "", "A truss rod that does not turn easily is work for a professional repairer.",
     "strings are centred, screws snug, claw parallel; gap, action and readings are noted"},
    {StepId::Plan, "Agree the plan", "Choose how this job is done",
     "Each way costs passes, minutes or risk on this guitar; the house's ways stand chosen.", "", "", "",
     "ways, claw turns and minutes are agreed"},
    {StepId::Tools, "Lay out tools", "Lay out everything before the first screw",
     "A bridge with no strings on it is no place to start looking for a key.",
     "winder, heavy cutters, tuner with cents, block, head rest, caliper, ruler, tray, cloths, spare single strings",
     "", "A drill as winder turns backwards, catches hair and fingers, and is too fast near pitch.",
     "all is within reach"},
    {StepId::CapsOff, "Unlock the nut", "Unlock the nut and lay the caps out in order",
     "A clamped string cannot be slackened; a cap in another place sits on another groove.", "", "caps",
     "A bolt that does not give: do not force it, ease it with a drop of oil or refer it.",
     "caps and bolts lie in their order and the right way round"},
    {StepId::ArmOff, "Arm off", "Take the arm off, or turn it clear of the strings",
     "An arm under a string or against the bench pushes the bridge about.", "", "", "", "nothing touches the arm"},
    {StepId::BlockIn, "Block in", "Push the arm down and let the plate settle on its block",
     "Once the strings go, springs alone would pull the bridge under.", "block, padded", "",
     "A battery as block: its ends never against metal. The block clears clamp screws and tuners.",
     "slackening one string does not move the plate"},
    {StepId::CoverOff, "Back cover off", "Turn the guitar over and take the back cover off",
     "Claw and springs are behind it.", "screwdriver", "cover",
     "Tape open inserts before turning over. Lay it on a soft, clean cloth.", "the claw is in sight"},
    {StepId::Slacken, "Slacken", "Slacken every string until it hangs loose",
     "Tension leaves evenly and nothing jumps.", "winder", "", eyes, "no string sounds any more"},
    {StepId::CutOld, "Cut the old strings", "Cut each string in the middle",
     "No bent end has to be dragged through the hardware.", "heavy cutters", "",
     "Never cut under tension. Coil the ends at once: they go into fingers, feet and bins.", "every string is in two"},
    {StepId::TakeOut, "Take them out", "Unwind the posts, open the saddles and lift the strings out",
     "Half a turn to two turns of a clamp are enough; a screw that comes out loses its insert.", "", "saddle clamps",
     "A string that sticks is backed out, never forced.", "no old string is left and every insert lies in its saddle"},
    {StepId::PresetFine, "Preset fine tuners", "Set the fine tuners to their preset",
     "After locking they are all there is to tune with.", "", "", "", "all stand at the same preset"},
    {StepId::Dust, "Dust", "Wipe the dust from under the strings", "It is never this easy again.", "cloth, brush", "",
     "", "top and board are clean"},
    {StepId::Frets, "Polish frets", "Mask the pickups, guard the board and polish the frets",
     "Filings on a pickup's magnets stay there for good.", "0000 wool, tape, fret guard", "",
     "Do not breathe the filings: mask, and wipe before unmasking.", "frets shine and the tape took the filings along"},
    {StepId::OilBoard, "Oil the board", "Put a few drops of oil on the board, wait, wipe it dry",
     "Dry wood shrinks from its frets; wet wood swells.", "board oil, cloth", "",
     "Air the room. Oily rags lie flat to dry, they can catch fire in a heap.", "the board is dry to the touch"},
    {StepId::TightenTuners, "Tuner nuts", "Snug the nuts of the tuners",
     "A tuner that moves in its hole is a string that goes flat.", "adjustable spanner", "", "",
     "no tuner can be moved by hand"},
    {StepId::LayOut, "Lay out the set", "Lay the new strings out by gauge",
     "Two strings may share a packet, and two alike are easily swapped.", "caliper", "", eyes,
     "every string lies at its place"},
    {StepId::BallEnd, "Ball ends", "Cut each ball end off, twist and all", "The clamp wants plain, straight string.",
     "heavy cutters", "", eyes, "every end is clean and straight"},
    {StepId::Seat, "Seat the strings", "Seat each string and secure it at the bridge",
     "A string that is crooked, high or perched on an edge pops out at pitch.", "", "saddle clamps",
     "Snug until it stops by itself and a slight nudge more: an over-tight clamp breaks the saddle.",
     "a firm pull moves none of them"},
    {StepId::Thread, "Through nut and guides", "Lead each string into its slot, under bar and tree",
     "A string on the wrong side of a screw crosses its neighbour.", "", "", "", "every string lies in its own slot"},
    {StepId::Wind, "Wind", "Wind each string with its slack, only until taut",
     "Wraps hold the string; more than needed only has more to settle.", "winder", "", eyes,
     "all strings are taut and the windings lie neat"},
    {StepId::SwapString, "Change one string", "Change this string and bring it back to pitch",
     "With one string off the bridge hardly moves.", "winder, heavy cutters", "saddle clamps", eyes,
     "the string is at pitch and the others were touched up"},
    {StepId::RoughTune, "Rough tune", "Bring all strings up from below, coarsely",
     "The first round only has to get near; the last does the rest.", "tuner", "",
     "Check the octave: a string tuned an octave up breaks.", "every string is within half a tone"},
    {StepId::BlockOut, "Block out", "Tip the bridge forward and pull the block", "Now strings and springs meet.", "",
     "", "Hold the arm: the bridge may jump.", "the bridge floats free"},
    {StepId::Settle, "Stretch and settle", "Stretch every string along its whole length",
     "What is in the windings comes out now or on stage.", "", "",
     "Never pull in one place: a kink there ruins the string.", "a stretch no longer drops the pitch"},
    {StepId::Play, "Play it in", "Bend every string a whole tone and play a while",
     "What still gives does so before the caps close.", "", "", "", "it holds its pitch through bends"},
    {StepId::Level, "Level", "Bring the plate level with the claw", "Only a settled bridge at pitch tells the truth.",
     "screwdriver for the claw, gauge or ruler", "", "", "the gap is what level asks for"},
    {StepId::Height, "Height", "Set the height on the posts, equally",
     "Height moves pitch and level, so it comes before the last passes.", "ruler", "posts",
     "Turn posts only with the tension off or as their maker's kind allows; edges wear.",
     "action is as wished on both sides"},
    {StepId::Intonate, "Intonate", "Set each saddle so that the octave is true",
     "A locking saddle has to be slack to move: do it before the last passes.", "tuner", "saddles", "",
     "open and fretted octave agree"},
    {StepId::Tune, "Tune to done", "Tune to the aims until every string and the plate are home",
     "The program foresees what each string does to the others.", "tuner", "", "", "the bench says done"},
    {StepId::Lock, "Lock the nut", "Close the caps in their order", "From here only the fine tuners tune.", "", "caps",
     "Natural stop and a nudge: a stripped bolt cannot be undone. Caps too tight break strings at the nut.",
     "the pitch moved no further than the fine tuners reach"},
    {StepId::FineTune, "Fine tune", "Tune with the fine tuners, held as it is played",
     "On its back it reads differently.", "tuner", "", "", "every string is in tune in playing position"},
    {StepId::TrimTails, "Trim tails", "Trim the tails at the posts", "Long ends scratch hands and lacquer.", "cutters",
     "", eyes, "no end stands out"},
    {StepId::CloseUp, "Cover on", "Put the back cover on", "Springs and dust keep apart.", "screwdriver", "cover", "",
     "all screws are in"},
    {StepId::ArmIn, "Arm in", "Put the arm in", "The test wants it.", "", "", "",
     "the arm sits and swings as the owner likes it"},
    {StepId::ReturnTest, "Return to pitch", "Dive, pull up and bend, reading before and after",
     "What hangs at nut, saddle or pivot shows now.", "tuner", "", "", "every string comes back within tolerance"},
    {StepId::HandOver, "Hand over", "Write the owner's note and the next due date",
     "Same gauge next time saves the balance.", "", "", "", "sheet, parts and follow-ups are written"},
};
static_assert(std::size(plains) == static_cast<std::size_t>(StepId::Count));

/// What a chosen way makes of a step's act.
struct Turn {
    StepId step;
    const char *topic, *option, *act;
};
constexpr Turn turns[] = {
    {StepId::BallEnd, "ballEnd", "reversed", "Cut each string at the bridge end, the ball stays at the headstock"},
    {StepId::CapsOff, "capOrder", "any", "Unlock the nut and put caps and bolts in one tray"},
    {StepId::CapsOff, "caps", "loosened", "Loosen the caps until the strings slide, and leave them on"},
    {StepId::Lock, "capOrder", "any", "Close the caps, the right way round"},
    {StepId::Thread, "caps", "loosened", "Lead each string under its loosened cap, under bar and tree"},
    {StepId::Frets, "boardCare", "wool", "Mask the pickups and polish frets and board with wool, along the neck"},
    {StepId::Wind, "winding", "over", "Wind each string: first turn over the tail, the rest under it, only until taut"},
    {StepId::Wind, "winding", "under", "Wind each string with every turn under the last, only until taut"},
    {StepId::Wind, "winding", "tie", "Tie each string round itself at its post and take up the slack, only until taut"},
    {StepId::Settle, "stretching", "hard", "Stretch every string hard along its whole length"},
    {StepId::Settle, "stretching", "ends", "Press every string down behind nut and saddle, not in between"},
    {StepId::BlockOut, "blockOut", "each", "Take the block out for good"},
    {StepId::RoughTune, "blockOut", "each", "Bring each string up; block out for a look after each, then in again"},
    {StepId::RoughTune, "levelWhen", "each", "Bring the strings up one by one and look along the plate after each"},
    {StepId::RoughTune, "stretchWhen", "each", "Bring each string up from below and stretch it before the next"},
    {StepId::Level, "clawSlack", "slackened", "Slacken by a tone, turn the claw, and come up again"},
    {StepId::FineTune, "finalTune", "bench", "Tune with the fine tuners on the bench, leaving the offset below"},
};

QString toolsOf(const Plain& plain, const Card& card) {
    QStringList tools;
    if (*plain.tools != '\0')
        tools.append(tr(plain.tools));
    if (*plain.keys != '\0') {
        const QString size = card.keys.value(QLatin1String(plain.keys));
        tools.append(size.isEmpty() ? tr("key for the %1 (size not noted yet)").arg(tr(plain.keys))
                                    : tr("%1 for the %2").arg(size, tr(plain.keys)));
    }
    return tools.join(QStringLiteral(", "));
}

} // namespace

StepWords stepWords(const Job& job, const Derived& derived, const Step& step, const Units& units) {
    const Plain& plain = plains[static_cast<std::size_t>(step.id)];
    StepWords words;
    words.title = tr(plain.title);
    words.act = tr(plain.act);
    words.why = tr(plain.why);
    words.tools = toolsOf(plain, job.card);
    words.caution = tr(plain.caution);
    words.doneWhen = tr(plain.doneWhen);
    words.figures = stepFigures(job, derived, step, units);
    if (step.string) {
        const QString title = wording::stringTitle(job.rig.strings[*step.string]);
        words.title = tr("Change %1").arg(title);
        words.act = tr("Change %1 and bring it back to pitch").arg(title);
    }
    for (const Turn& turn : turns)
        if (turn.step == step.id && isChosen(job, turn.topic, turn.option))
            words.act = tr(turn.act);
    if (job.rig.bridge.family == Family::RollerShaft && step.id == StepId::Slacken)
        words.caution = tr("The shaft's spring falls out when all tension goes: keep one string on where you can. ") +
                        words.caution;
    return words;
}

QString phaseTitle(Phase phase) {
    static const char* const titles[] = {"Intake", "Tools",          "Unlock and block", "Old strings off",
                                         "Clean",  "New strings on", "Rough tuning",     "Settle",
                                         "Level",  "Lock",           "Hand over"};
    return tr(titles[static_cast<std::size_t>(phase)]);
}

QString hazardWords(Hazard hazard) {
    static const char* const words[] = {"tension on", "BLOCK IN", "caps off",  "INSERTS OPEN",
                                        "unsettled",  "unlocked", "cover off", "arm in"};
    return tr(words[static_cast<std::size_t>(hazard)]);
}

} // namespace flenzo
