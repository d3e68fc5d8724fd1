// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/troubleshooting.h"

#include <QCoreApplication>
#include <algorithm>
#include <limits>

namespace flenzo {

namespace {

using On = bool (*)(const Job&);

/// Which guitars a mishap can happen to.
namespace on {
bool claw(const Job& job) {
    return job.rig.bridge.has().hasClaw();
}
bool moves(const Job& job) {
    return job.rig.bridge.has().moves();
}
bool floating(const Job& job) {
    return floats(job.rig, job.goal);
}
bool shaft(const Job& job) {
    return job.rig.bridge.has().motion == Motion::Shaft;
}
bool fixed(const Job& job) {
    return !job.rig.bridge.has().moves();
}
bool looseBridge(const Job& job) {
    return !job.rig.bridge.has().hasClaw();
}
bool onPosts(const Job& job) {
    return job.rig.bridge.has().heightAtPosts;
}
bool onScrews(const Job& job) {
    return job.rig.bridge.has().onScrews;
}
bool onScrewsOrHeadless(const Job& job) {
    return claw(job) && !onPosts(job);
}
bool clamps(const Job& job) {
    return job.rig.bridge.has().clampsAtSaddle;
}
bool ballEnds(const Job& job) {
    return !job.rig.bridge.has().clampsAtSaddle;
}
bool throughBlock(const Job& job) {
    return job.rig.bridge.has().isFulcrum();
}
bool headless(const Job& job) {
    return job.card.tuners == Tuners::AtBridge;
}
bool pegs(const Job& job) {
    return job.card.tuners != Tuners::AtBridge;
}
bool slotted(const Job& job) {
    return job.card.tuners == Tuners::Slotted;
}
bool caps(const Job& job) {
    return job.card.nut == Nut::Caps;
}
bool locks(const Job& job) {
    return job.card.nut != Nut::Open;
}
bool openNut(const Job& job) {
    return moves(job) && job.card.nut == Nut::Open;
}
bool locksOnPosts(const Job& job) {
    return locks(job) && onPosts(job);
}
bool bar(const Job& job) {
    return job.card.retainerBar;
}
bool fine(const Job& job) {
    return hasFineTuners(job) && pegs(job);
}
} // namespace on

struct Entry {
    const char *symptom, *cause, *remedy, *prevention;
    QList<Phase> at; ///< the likeliest first
    On on;           ///< none: any guitar
    std::optional<StepId> figures;
};

const Entry entries[] = {
    {QT_TRANSLATE_NOOP("Troubleshooting", "The bridge sinks or drops off its bridge posts when strings come off"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was not blocked."),
     QT_TRANSLATE_NOOP(
         "Troubleshooting",
         "Loosen both claw screws or push the arm down, put the knife edges back on the bridge posts, block, go on."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Block before the first string goes slack, or change one string at a time."),
     {Phase::Strip},
     on::onPosts,
     StepId::BlockIn},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The bridge sinks into the body when strings come off"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was not blocked."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Push the arm down or loosen both claw screws, put the block in, go on."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Block before the first string goes slack, or change one string at a time."),
     {Phase::Strip},
     on::onScrewsOrHeadless,
     StepId::BlockIn},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A spring has jumped off"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It went slack and unhooked."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Loosen both claw screws. Safety glasses on, hook it with pliers, face out "
                                          "of its line. Then turn the claw back."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Keep some tension on, or push the arm down and block first."),
     {Phase::Strip, Phase::Balance},
     on::claw,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The spring under the arm has fallen out"),
     QT_TRANSLATE_NOOP("Troubleshooting", "All tension was gone."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Hold the shaft, press the arm up, seat the spring in its cup, then bring one string up."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Keep one string on, always."),
     {Phase::Strip, Phase::Balance},
     on::shaft,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The loose bridge has moved"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It is held by the strings alone, and all were slack."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Put it on its marks; without marks: octave of the outer strings against fret 12."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Mark its place before the first string goes slack."),
     {Phase::Strip, Phase::String, Phase::Balance},
     on::looseBridge,
     StepId::Intonate},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The tailpiece has fallen"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It is held by the strings alone."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lift it on with two strings in, bring those up first."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Hold it, or change one string at a time."),
     {Phase::Strip, Phase::String},
     on::fixed,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "One string off: all the others are out of tune"),
     QT_TRANSLATE_NOOP("Troubleshooting", "They share one bridge."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Leave them: they return once all strings are tuned."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Judge nothing before all are on."),
     {Phase::String, Phase::Strip},
     on::claw,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string pings and goes flat, or pops out"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was not on the bottom, or the clamp is loose or crooked."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Slacken, reseat it straight and to the bottom, clamp until it stops, pull to test."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Pull every string by hand before tuning."),
     {Phase::Balance, Phase::String},
     on::clamps,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string pings and goes flat at the bridge"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The ball end sits on an edge or is off its pin."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Slacken, seat the ball end, pull to test."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Pull every string by hand before tuning."),
     {Phase::Balance, Phase::String},
     on::ballEnds,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string slips at its string post"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Too few wraps."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Rewind with one wrap more, first wrap over the string end."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Leave the slack shown; keep the string tight while winding."),
     {Phase::Balance, Phase::String},
     on::pegs,
     StepId::Wind},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string slips in its head clamp"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The clamp was closed beside the string, or too lightly."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Slacken at the bridge, straighten the string in the clamp, close it, pull to test."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Draw it tight at fret 1 before the clamp closes."),
     {Phase::Balance, Phase::String},
     on::headless,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A bridge tuner runs out before pitch"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The string had slack in it when it was clamped."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Unwind the tuner, open the clamp, draw the string tight at fret 1, clamp again."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Start with the tuner almost unwound."),
     {Phase::Balance, Phase::String},
     on::headless,
     StepId::PresetFine},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string breaks while it is tuned"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Wrong octave, wrong string in that place, or a kink."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Take the pieces out, measure the next string, watch the octave."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Measure with a caliper; check the octave in the first pass."),
     {Phase::Balance, Phase::String},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Strings break at the same place again and again"),
     QT_TRANSLATE_NOOP("Troubleshooting", "A burr, a sharp edge or a narrow slot there."),
     QT_TRANSLATE_NOOP("Troubleshooting", "At the saddle: inspect its edge. At the nut: its slot. At the far end: the "
                                          "hole it goes through. Do not file: send it to a repairer."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Note where each string breaks."),
     {Phase::Balance, Phase::Intake, Phase::HandOver},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string breaks at the nut"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Caps too tight, or a cap the wrong way round."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Fit a new string, inspect the cap, do not file."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Caps in their order; tighten until they stop, then slightly more."),
     {Phase::Lock, Phase::HandOver},
     on::caps,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A saddle clamp broke, or a bolt turns without biting"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was forced."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Replace insert, bolt or saddle. Do not reuse the damaged part."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Tighten until it stops, then slightly more."),
     {Phase::String, Phase::Lock, Phase::Strip},
     on::clamps,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A claw screw turns without biting"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Its hole in the wood is worn out."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Stop. A repairer plugs the hole; longer screws split the body."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Leave thread in the wood; use a tip that fills the slot."),
     {Phase::Balance, Phase::Intake},
     on::claw,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A screwdriver slips out of a claw screw"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Its tip is too small or worn."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Stop before the slot is gone; take a tip that fills it."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lay the right tip out before the job."),
     {Phase::Balance},
     on::claw,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "An insert is missing"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The guitar was turned over with clamps open."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Look under the bench with a lamp, shake the guitar over a tray; take a spare."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Tape them, or do not turn it over."),
     {Phase::Strip, Phase::String, Phase::Balance},
     on::clamps,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A saddle came out with its string"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Its screw was out, or the string stuck in it."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Lay it in its place at once, screw in as far as before: compare with its neighbours."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Loosen the clamp, not the saddle screw; do one at a time."),
     {Phase::Strip},
     on::clamps,
     StepId::Intonate},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The hole for a string cannot be seen"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Too little light, or the part is turned away."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Hold a lamp low, turn the part until light shows through."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Keep a lamp at hand."),
     {Phase::String},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The plate is forward after the change"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The new strings pull more."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Tighten both claw screws as shown."),
     QT_TRANSLATE_NOOP("Troubleshooting", "See the plan before the strings come off."),
     {Phase::Balance},
     on::floating,
     StepId::Level},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The plate has sunk after the change"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The new strings pull less."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Loosen both claw screws as shown."),
     QT_TRANSLATE_NOOP("Troubleshooting", "See the plan before the strings come off."),
     {Phase::Balance},
     on::floating,
     StepId::Level},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Tuning never ends"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Each string moves the bridge and flattens the others."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Tune each string to its aim, so that all end at pitch."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Aims from the first pass on."),
     {Phase::Balance},
     on::moves,
     StepId::Tune},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The lowest string falls by semitones while the others come up"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The bridge comes forward under the rising pull."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Let it fall; its aim says how sharp it has to be."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Do not chase it."),
     {Phase::Balance},
     on::floating,
     StepId::Tune},
    {QT_TRANSLATE_NOOP("Troubleshooting", "One plain string never holds"),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "It is the stiffest for its tension: bridge movement changes this string most."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Tune it last and to its aim; check that it does not slip."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Settle it well."),
     {Phase::Balance, Phase::Lock},
     on::moves,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A new string is flat again after minutes"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It still stretches."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Stretch it along its whole length, tune, repeat until a stretch no longer drops it."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Stretch before the last pass."),
     {Phase::Balance},
     nullptr,
     StepId::Settle},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Old strings feel stiff and will not tune true"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Dirt and wear make them uneven along their length."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Fit a new set."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Note the date of each set."),
     {Phase::Intake, Phase::Balance},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Out of tune again after locking"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was not settled."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Unlock, stretch, tune, lock again."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lock only when stretches change nothing."),
     {Phase::Lock, Phase::HandOver, Phase::Balance},
     on::locks,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Locking pulls the strings sharp"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Strings are off the floor of their slots."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Press them down with the retainer bar. What locking still adds, the aims leave out before."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Strings on the floor before the caps close."),
     {Phase::Lock, Phase::HandOver},
     on::caps,
     StepId::Lock},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string is hard under the retainer bar"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The bar is screwed down too far."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Loosen it until strings rest on the nut's floor and no more."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Set it with strings at pitch."),
     {Phase::String, Phase::Balance, Phase::HandOver},
     on::bar,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A fine tuner is at its end"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was not preset, or the pitch had moved far."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Unlock, preset, tune at the pegs, lock again."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Preset fine tuners before tuning at the pegs."),
     {Phase::Lock, Phase::HandOver},
     on::fine,
     StepId::PresetFine},
    {QT_TRANSLATE_NOOP("Troubleshooting", "All strings are sharp when the block comes out"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The block held the plate forward."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Go on: the next pass brings them down."),
     QT_TRANSLATE_NOOP("Troubleshooting", "A neutral block, or aims under the block."),
     {Phase::Balance, Phase::Strip},
     on::floating,
     StepId::BlockIn},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The bridge does not move at all"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The block is still in."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lift the rear edge, draw it out."),
     QT_TRANSLATE_NOOP("Troubleshooting", "The strip at the top says so while it is in."),
     {Phase::Balance, Phase::HandOver},
     on::floating,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string buzzes against something at the bridge"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The arm is under it, or two are crossed under the retainer bar."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Slacken, lead it anew."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Look along the strings before tension."),
     {Phase::String, Phase::Balance, Phase::HandOver},
     on::bar,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Octaves are lost: which note is it?"),
     QT_TRANSLATE_NOOP("Troubleshooting", "A slack string can sound an octave low or high."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Compare with a tone, or with fret 12 of the string beside it; come up from slack."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Come up from below, one string after the other."),
     {Phase::Balance, Phase::String},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The tuner shows a wrong note on a thin string"),
     QT_TRANSLATE_NOOP("Troubleshooting", "An overtone or another string rings along."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Mute the others, pluck softly over fret 12."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Pluck with the thumb, near the neck."),
     {Phase::Balance},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The string end is too short to wind, or coils up long"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Cut before it was measured, or slack by guess."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Too short: another string. Too long: trim."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Leave the slack shown."),
     {Phase::String, Phase::HandOver},
     on::pegs,
     StepId::Wind},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string is too short to reach its saddle"),
     QT_TRANSLATE_NOOP("Troubleshooting", "All were cut to one length."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Another string: this one serves nowhere else."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Each string has its own length: hold one to its string post first."),
     {Phase::String},
     on::clamps,
     StepId::BallEnd},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string post broke at its slot"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Old slotted string posts break at a tight bend."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Replace the peg, or send it to a repairer."),
     QT_TRANSLATE_NOOP("Troubleshooting", "End to the bottom, bend it once, wind slowly."),
     {Phase::String},
     on::slotted,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A bend in the string over one fret"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was pulled in one place."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Replace it; a kink does not go away."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Stretch along the whole length."),
     {Phase::Balance},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Saddles are grooved by wound strings"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Years of wear."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "A shallow groove: smooth and centred it may stay. A deep one: replace the saddle."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Note wear at every change."),
     {Phase::Strip, Phase::Intake},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A string sticks in the sustain block"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was forced, or its winding caught."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Back it out, push from the front with a thicker offcut."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Never force."),
     {Phase::Strip, Phase::String},
     on::throughBlock,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Scratches in the lacquer"),
     QT_TRANSLATE_NOOP("Troubleshooting", "A bent end was dragged over it."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Polish by hand, or send it to a repairer."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Cut in the middle, clip string ends, take ends off by hand."),
     {Phase::Strip, Phase::String, Phase::HandOver},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Filings on the pickups"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Wool without tape."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lift them with tape, again and again."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Tape pickups first, wipe up filings before peeling."),
     {Phase::Strip, Phase::HandOver},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Returns flat after a dive"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It hangs at the nut: the string does not slide all the way back."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "A slight pull-up shows it. Graphite in the slot, then check angle and wraps."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Less angle, less friction, neat wraps."),
     {Phase::HandOver, Phase::Balance},
     on::openNut,
     StepId::ReturnTest},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Returns sharp or flat with the nut locked"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It hangs at saddle, edge or pivot."),
     QT_TRANSLATE_NOOP("Troubleshooting", "A drop of lubricant at the edges; then inspect edges, springs and inserts."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Never turn bridge posts under full tension."),
     {Phase::HandOver, Phase::Balance},
     on::locksOnPosts,
     StepId::ReturnTest},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Returns differently each time"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Worn edges, or something is loose."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Send it to a professional repairer."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Never turn bridge posts under full tension."),
     {Phase::HandOver, Phase::Balance},
     on::onPosts,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Returns differently each time, on screws"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Pivot screws uneven or their edge worn."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Inspect the pivot screws: all at one height, none pressing the plate down. Worn: a repairer."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Leave pivot screws as they are."),
     {Phase::HandOver, Phase::Balance},
     on::onScrews,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Everything is off by about a whole step"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The balance was made for another set or tuning."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Rebalance: the plan shows the turns."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Note set and tuning on the card."),
     {Phase::Intake, Phase::Balance, Phase::HandOver},
     on::floating,
     StepId::Level},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The gauge does not fit any set"),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Millimetres and thousandths were mixed up, or it is a set of somebody's own."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Measure every string; type the set string by string."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Write the unit with the figure."),
     {Phase::Intake, Phase::String},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Two neighbouring strings feel wrong"),
     QT_TRANSLATE_NOOP("Troubleshooting", "They were swapped."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Measure, slacken, swap."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lay the set out by gauge."),
     {Phase::String, Phase::Balance},
     nullptr,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "A cap has cut into a string"),
     QT_TRANSLATE_NOOP("Troubleshooting", "It was on the wrong way round or in another place."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Right place, ridge along the strings; replace a gouged cap."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Lay caps out in order."),
     {Phase::Lock, Phase::Strip},
     on::caps,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "Pitch drifts over days though all is locked"),
     QT_TRANSLATE_NOOP("Troubleshooting", "Neck screws loose, or the neck still moves."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Snug the screws, tune again; a neck that moves is for a repairer."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Check the screws at intake."),
     {Phase::HandOver, Phase::Intake},
     on::locks,
     std::nullopt},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The neck has bowed after the change"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The new strings pull more."),
     QT_TRANSLATE_NOOP("Troubleshooting",
                       "Relief first: quarter turns of the truss rod, never forced; then height, octaves, tuning."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Measure relief before and after."),
     {Phase::Balance, Phase::HandOver},
     nullptr,
     StepId::Relief},
    {QT_TRANSLATE_NOOP("Troubleshooting", "The arm is too high"),
     QT_TRANSLATE_NOOP("Troubleshooting", "The spring is too long for this set."),
     QT_TRANSLATE_NOOP("Troubleshooting", "A shorter spring; never cut it or bend the arm."),
     QT_TRANSLATE_NOOP("Troubleshooting", "Choose the spring by the plan."),
     {Phase::Balance},
     on::shaft,
     std::nullopt},
};

} // namespace

QList<Mishap> mishaps(const Job& job, Phase at, const QString& words) {
    const auto tr = [](const char* text) { return QCoreApplication::translate("Troubleshooting", text); };
    QList<Mishap> found;
    for (const Entry& entry : entries) {
        if (entry.on && !entry.on(job))
            continue;
        Mishap mishap{tr(entry.symptom),    tr(entry.cause), tr(entry.remedy),
                      tr(entry.prevention), entry.at,        entry.figures};
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
