// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/troubleshooting.h"

#include <QCoreApplication>
#include <algorithm>
#include <limits>

namespace flenzo {

namespace {

struct Entry {
    const char *symptom, *cause, *remedy, *prevention;
    QList<Phase> at; ///< the likeliest first
};

const Entry entries[] = {
    {QT_TRANSLATE_NOOP("Troubleshooting", "The bridge sinks or drops off its bridge posts when strings come off"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was not blocked."),
     QT_TRANSLATE_NOOP(
         "Troubleshooting",
         "Ease the springs or push the arm down, put the knife edges back on the bridge posts, block, go on."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Block before the first string goes slack, or change one string at a time."),
     {Phase::Strip}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A spring has fallen out"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Its tension was lost."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Hook it back with pliers and a cloth, eyes turned away."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Keep some tension on, or push the arm down and block first."),
     {Phase::Strip, Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "One string off upsets all the others"),
     QT_TRANSLATE_NOOP("Troubleshooting", "They share one bridge."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Let them be; they come back with the last string."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Judge nothing before all are on."),
     {Phase::String, Phase::Strip}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string pings and goes flat, or pops out"),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "It was not on the bottom, the clamp is loose or crooked, or the ball sits on an edge."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Slacken, reseat it straight and to the bottom, clamp until it stops, pull to test."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Pull every string by hand before tuning."),
     {Phase::Balance, Phase::String}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string slips at its string post"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Too few wraps."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Rewind with one wrap more, first wrap over the string end."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Slack by the figure, tension while winding."),
     {Phase::Balance, Phase::String}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string breaks while it is tuned"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Wrong octave, wrong string in that place, or a kink."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Take the pieces out, measure the next one's gauge, watch the octave."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Gauge by caliper, first pass with an eye on the octave."),
     {Phase::Balance, Phase::String}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string breaks at the nut"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Caps too tight, or a cap the wrong way round."),
     QT_TRANSLATE_NOOP("Troubleshooting", "New string; file no edge, look at cap and groove."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Caps in their order, natural stop and a nudge."),
     {Phase::Lock, Phase::HandOver}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A saddle clamp broke or a bolt turns round and round"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was forced."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Replace insert, bolt or saddle; do not hope."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Until it stops by itself and a slight nudge."),
     {Phase::String, Phase::Lock, Phase::Strip}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "An insert is missing"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The guitar was turned over with clamps open."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Look under the bench, shake the guitar over a tray; take a spare."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Tape them, or do not turn it over."),
     {Phase::Strip, Phase::String, Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The plate leans forward after the change"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The new strings pull more."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Tighten both claw screws by the figure."),
     QT_TRANSLATE_NOOP("Troubleshooting", "See the plan before the strings come off."),
     {Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The plate has sunk after the change"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The new strings pull less."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Loosen both claw screws by the figure."),
     QT_TRANSLATE_NOOP("Troubleshooting", "See the plan before the strings come off."),
     {Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Tuning never ends"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Each string moves the bridge and flattens the others."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Tune to aims, each string to where it has to be for all to land."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Aims from the first pass on."),
     {Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The lowest string falls by semitones while the others come up"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The bridge comes forward under the rising pull."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Let it fall; its aim says how sharp it has to be."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Do not chase it."),
     {Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "One plain string never holds"),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "The highest stiffness for its tension: it answers most to every move of the plate."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Tune it last and by its aim; see that it does not slip."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Settle it well."),
     {Phase::Balance, Phase::Lock}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Out of tune again after locking"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was not settled."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Unlock, stretch, tune, lock again."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lock only when stretches change nothing."),
     {Phase::Lock, Phase::HandOver, Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Locking pulls the strings sharp"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Strings are off the floor of their slots."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Press them down with the retainer bar; set each flat by its shift before locking."),
     QT_TRANSLATE_NOOP("Troubleshooting", "See the strings on the floor before the caps close."),
     {Phase::Lock, Phase::HandOver}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A fine tuner is at its end"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was not preset, or the pitch had moved far."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Unlock, preset, tune at the pegs, lock again."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Preset before the pegs."),
     {Phase::Lock, Phase::HandOver}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "All strings are sharp when the block comes out"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The plate stood forward on it."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Go on: the next pass brings them down."),
     QT_TRANSLATE_NOOP("Troubleshooting", "A neutral block, or aims under the block."),
     {Phase::Balance, Phase::Strip}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The bridge does not move at all"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The block is still in."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Arm forward, pull it out."),
     QT_TRANSLATE_NOOP("Troubleshooting", "The strip at the top says so while it is in."),
     {Phase::Balance, Phase::HandOver}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string buzzes against something at the bridge"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The arm is under it, or two are crossed under the retainer bar."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Slacken, lead it anew."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Look along the strings before tension."),
     {Phase::String, Phase::Balance, Phase::HandOver}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The string end is too short to wind, or coils up long"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Cut before it was measured, or slack by guess."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Too short: another string. Too long: trim."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Slack by the figure."),
     {Phase::String, Phase::HandOver}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A bend in the string over one fret"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was pulled in one place."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Replace it; a kink does not go away."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Stretch along the whole length."),
     {Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string sticks in the sustain block"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was forced, or its winding caught."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Back it out, push from the front with a thicker offcut."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Never force."),
     {Phase::Strip, Phase::String}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Scratches on headstock or top"),
     QT_TRANSLATE_NOOP("Troubleshooting", "A bent end was dragged over it."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Polish by hand, or refer it."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Cut in the middle, clip string ends, take ends off by hand."),
     {Phase::Strip, Phase::String, Phase::HandOver}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Filings on the pickups"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Wool without tape."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lift them with tape, again and again."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Mask before, wipe before unmasking."),
     {Phase::Strip, Phase::HandOver}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Returns flat after a dive"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It hangs at nut or saddle."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Pull up slightly; graphite in the slot, look at angle and edges."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Less angle, less friction, neat wraps."),
     {Phase::HandOver, Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Returns sharp after a pull-up, or anywhere at random"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Worn knife edges or bridge posts."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Refer it to a professional repairer."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Never turn bridge posts under full tension."),
     {Phase::HandOver, Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Everything is off by about a whole step"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The balance was made for another set or tuning."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Unlock and rebalance."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Note set and tuning on the card."),
     {Phase::Intake, Phase::Balance, Phase::HandOver}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The gauge does not fit any set"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Millimetres and thousandths were mixed up."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Measure two strings and see which set holds both."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Write the unit with the figure."),
     {Phase::Intake, Phase::String}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Two neighbouring strings feel wrong"),
     QT_TRANSLATE_NOOP("Troubleshooting", "They were swapped."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Measure, slacken, swap."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lay the set out by gauge."),
     {Phase::String, Phase::Balance}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A cap has cut into a string"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was on the wrong way round or in another place."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Right place, ridge along the strings; a gouged cap is replaced."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lay caps out in order."),
     {Phase::Lock, Phase::Strip}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Pitch drifts over days though all is locked"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Neck screws loose, or the neck still moves."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Snug the screws, tune again; a neck that moves is for a repairer."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Check the screws at intake."),
     {Phase::HandOver, Phase::Intake}},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The arm is too high on a roller shaft"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The spring is too long for this set."),
     QT_TRANSLATE_NOOP("Troubleshooting", "A shorter spring; never cut it or bend the arm."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Choose the spring by the plan."),
     {Phase::Balance}},
};

} // namespace

QList<Mishap> mishaps(Phase at, const QString& words) {
    const auto tr = [](const char* text) { return QCoreApplication::translate("Troubleshooting", text); };
    QList<Mishap> found;
    for (const Entry& entry : entries) {
        Mishap mishap{tr(entry.symptom), tr(entry.cause), tr(entry.remedy), tr(entry.prevention), entry.at};
        const QString all = mishap.symptom + QLatin1Char(' ') + mishap.cause + QLatin1Char(' ') + mishap.remedy;
        const QStringList wanted = words.split(QLatin1Char(' '), Qt::SkipEmptyParts);
        if (std::all_of(wanted.begin(), wanted.end(),
                        [&](const QString& word) { return all.contains(word, Qt::CaseInsensitive); }))
            found.append(mishap);
    }
    std::stable_sort(found.begin(), found.end(), [at](const Mishap& a, const Mishap& b) {
        const auto rank = [at](const Mishap& m) {
            const auto place = m.likelyAt.indexOf(at);
            return place < 0 ? std::numeric_limits<qsizetype>::max() : place;
        };
        return rank(a) < rank(b);
    });
    return found;
}

} // namespace flenzo
