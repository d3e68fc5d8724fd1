// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/decision/rules.h"

#include "core/decision/rule_acts.h"
#include "core/log/logged_passes.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

using Do = NextAct::Do;

// --- What happened ---------------------------------------------------------------------------------------------------

bool isAsked(const Situation& now) {
    return now.guitar.question.has_value();
}
/// Before a float is given up: what the model says of a guitar that it does not understand is worth nothing.
bool isModelInDoubt(const Situation& now) {
    return !now.mayFloat && now.allEverRead && now.guitar.modelInDoubt && now.question().has_value();
}
bool isMissing(const Situation& now) {
    return now.missingString().has_value();
}
NextAct putOn(const Situation& now) {
    NextAct act = plain(now, Do::String);
    const std::size_t string = *now.missingString();
    act.aim = aimAt(now, string, 0.0);
    return act;
}
bool isChanged(const Situation& now) {
    return now.afterChange;
}
/// What is held to have moved, or could as well be explained otherwise, on the word of one reading, or whose last two
/// readings do not agree: one more tells.
std::optional<std::size_t> undecided(const Situation& now) {
    const std::size_t here = now.guitar.line.rests.size() - 1;
    const auto open = [&](std::size_t string, int most) {
        return now.isOn(string) && now.read[string].count > 0 && now.read[string].count < most;
    };
    for (const Stretch& stretch : now.guitar.line.stretches)
        if (stretch.link == Stretch::Link::Moved && stretch.lastRest == here && open(stretch.string, 2))
            return stretch.string;
    const auto& rival = now.guitar.rival;
    if (rival && rival->string && rival->event >= now.guitar.line.rests.back().firstEvent &&
        open(*rival->string, now.options.mostReads))
        return rival->string;
    for (const std::size_t which : now.gates())
        if (const Situation::Gate gate = now.gateOf(which); !gate.agree() && gate.made.count < gate.mostReads)
            return which;
    return std::nullopt;
}
bool isUndecided(const Situation& now) {
    return undecided(now).has_value();
}
NextAct decide(const Situation& now) {
    return readStrings(now, {*undecided(now)});
}

// --- Whether there is a float at all ---------------------------------------------------------------------------------

bool cannotFloat(const Situation& now) {
    return !now.mayFloat && !(now.allReadHere() && now.gateIsOpen());
}
template <Do what> NextAct plainly(const Situation& now) {
    return plain(now, what);
}

// --- Readings --------------------------------------------------------------------------------------------------------

bool isDoubted(const Situation& now) {
    return now.guitar.open.has_value();
}
NextAct checkDoubted(const Situation& now) {
    NextAct act = plain(now, Do::Read);
    if (now.guitar.open->string)
        act.strings = {*now.guitar.open->string};
    else
        act.gap = true;
    return act;
}

bool tunesExactly(const Situation& now) {
    return !now.job.method.aims;
}
bool mayGoOn(const Situation& now) {
    const double patience = now.job.method.aims ? 1.0 : now.options.exactPatience;
    return now.spent.passes < patience * now.options.lastPass &&
           now.spent.clawVisits < patience * now.options.lastVisit;
}
bool isUnread(const Situation& now) {
    return !now.allEverRead || (now.plateCounts && !now.plateEverRead);
}

/// A shop that turns little and looks goes on at the claw without reading the strings.
bool looksOn(const Situation& now) {
    return now.hand.looks() && now.turnedSinceRead != 0.0 && now.plateCounts &&
           now.hand.atOneGo_turns(std::abs(now.level.moreTurns)) < std::abs(now.level.moreTurns);
}
NextAct look(const Situation& now) {
    NextAct act = plain(now, Do::Read);
    act.gap = true;
    return act;
}
bool isAfterClaw(const Situation& now) {
    return now.afterClaw &&
           !(now.hand.looks() && now.plateReads > 0 && std::abs(now.level.moreTurns) > now.options.looksOn_turns);
}

// --- Over a block ----------------------------------------------------------------------------------------------------

bool blockWantsClaw(const Situation& now) {
    return now.state.block && clawIsWrong(now) && now.tuned.empty() && !now.afterClaw;
}
/// A string just tuned is left in peace unless it is plainly off: its peg is no finer than this.
std::optional<std::size_t> blockedString(const Situation& now) {
    for (const bool again : {false, true})
        for (const std::size_t string : stringsInOrder(now))
            if (now.isTuned(string) == again &&
                std::abs(now.belief.z_cents[static_cast<Eigen::Index>(string)]) >
                    (again ? now.options.blockAgainShare : now.options.blockShare) * now.pitchTolerance_cents)
                return string;
    return std::nullopt;
}
bool blockWantsPeg(const Situation& now) {
    return now.state.block && blockedString(now).has_value();
}
NextAct tuneBlocked(const Situation& now) {
    return tuneTo(now, *blockedString(now), 0.0);
}
bool isBlocked(const Situation& now) {
    return now.state.block.has_value();
}

// --- Exactly to pitch, round after round -----------------------------------------------------------------------------

bool isOffExactly(const Situation& now, std::size_t string, double least_cents) {
    const double reading = now.readings_cents[string];
    const bool sharpByFeel = now.spent.passes <= 1.0 && now.job.method.firstSharp_cents > 0.0 &&
                             string == now.job.method.order.front() && !now.tuned.empty() && reading > 0.0;
    return !sharpByFeel && !(std::abs(reading) <= least_cents);
}
std::optional<std::size_t> exactString(const Situation& now, bool again) {
    const double inner_cents = now.options.exactShare * now.pitchTolerance_cents;
    for (const double least_cents :
         {now.job.method.backChecks ? now.options.exactCoarse_cents : inner_cents, inner_cents})
        for (const std::size_t string : stringsInOrder(now)) {
            const bool skip = now.job.method.backChecks ? !now.tuned.empty() && now.tuned.back() == string
                                                        : !again && now.isTuned(string);
            if (!skip && isOffExactly(now, string, least_cents) && tuneExactly(now, string, 0.0).what == Do::Tune)
                return string; // nobody is sent to a fine tuner that has ended
        }
    return std::nullopt;
}

bool exactDone(const Situation& now) {
    return tunesExactly(now) && now.allReadHere() && now.leaving().odds >= now.options.doneOdds && now.gateIsOpen();
}
/// Level is judged as the trade does: while far, or with everything near pitch.
bool exactClaw(const Situation& now) {
    const auto worst = [&now] {
        double most = 0.0;
        for (const double reading : now.readings_cents)
            most = std::max(most, std::isfinite(reading) ? std::abs(reading) : 0.0);
        return most;
    };
    const bool off = std::abs(now.belief.plate_rad) > now.options.exactPlate * now.plateTolerance_rad ||
                     std::abs(now.level.moreTurns) >= now.options.looksOn_turns;
    return tunesExactly(now) && clawIsWrong(now) && off && now.tuned.empty() &&
           (worst() < now.options.exactCoarse_cents || worst() > now.options.exactFarClaw_cents) &&
           now.spent.passes < now.options.exactPatience * now.options.lastPass;
}
bool exactPeg(const Situation& now) {
    return tunesExactly(now) && mayGoOn(now) && exactString(now, now.allReadHere()).has_value();
}
NextAct tuneNextExactly(const Situation& now) {
    const std::size_t string = *exactString(now, now.allReadHere());
    const bool firstSharp = now.spent.pegTurns == 0 && string == now.job.method.order.front();
    return tuneExactly(now, string, firstSharp ? now.job.method.firstSharp_cents : 0.0);
}
bool exactRead(const Situation& now) {
    return tunesExactly(now) && !now.allReadHere();
}

// --- Stretching ------------------------------------------------------------------------------------------------------

/// Every round costs a pass, so once begun near pitch it takes in all strings, each as often as a pull is worth it.
std::optional<std::size_t> givingString(const Situation& now) {
    const std::vector<Event>& log = now.job.log;
    const bool begun = !log.empty() && log.back().kind == Event::Kind::Stretched;
    if (!now.job.method.stretch || !(begun || now.nearPitch() || now.state.block))
        return std::nullopt;
    for (const std::size_t string : stringsInOrder(now))
        if (string < now.guitar.settling.size() && now.guitar.settling[string].needed.p50 > 0 &&
            now.guitar.settling[string].fit.drops < now.options.mostPulls &&
            now.readings_cents[string] > -now.options.worthPulling_cents)
            return string;
    return std::nullopt;
}
bool givesStill(const Situation& now) {
    return givingString(now).has_value() && (now.tuned.empty() || now.tuned.size() >= now.strings || now.allReadHere());
}
NextAct pull(const Situation& now) {
    NextAct act = plain(now, Do::Stretch);
    const std::size_t string = *givingString(now);
    act.aim = aimAt(now, string, 0.0);
    return act;
}

// --- Far: the pass ---------------------------------------------------------------------------------------------------

bool atTheClaw(const Situation& now) {
    for (auto event = now.job.log.rbegin(); event != now.job.log.rend(); ++event)
        if (event->kind != Event::Kind::Read)
            return event->kind == Event::Kind::Claw;
    return false;
}
bool loadIsWrong(const Situation& now) {
    if (!hasClaw(now.nominal) || now.goal.deckLoad_Nm <= 0.0)
        return false;
    State state = now.level.state;
    state.claw = now.state.claw;
    const EquilibriumAtPitch asIs = equilibriumAtPitch(now.guitar.rig, state, now.goal);
    const double load_Nm = -asIs.rest.moment_Nm;
    return asIs.rest.kind != EquilibriumKind::RearStop || load_Nm < now.options.leastLoad * now.goal.deckLoad_Nm ||
           load_Nm > now.options.mostLoad * now.goal.deckLoad_Nm;
}
bool farClaw(const Situation& now) {
    const bool missing = loadIsWrong(now) || (now.isFar() && clawIsWrong(now) &&
                                              std::abs(now.level.moreTurns) >= now.options.farClaw_turns);
    const bool goesOn = now.hand.looks() && atTheClaw(now);
    return missing && mayGoOn(now) && now.tuned.empty() && (goesOn || now.farClawVisits < now.options.farClawVisits);
}

/// The tilt on which the strings tuned in this pass agree, as far as the plate may be off.
double agreedTilt_rad(const Situation& now) {
    if (!now.plateCounts)
        return 0.0;
    double sum = 0.0, weight = 1.0 / std::pow(now.options.plateShare * now.plateTolerance_rad, 2);
    for (const std::size_t string : now.tuned) {
        const auto i = static_cast<Eigen::Index>(string);
        const double w = 1.0 / (1.0 + std::pow(now.zDeviation_cents[i], 2));
        sum -= w * now.centsPerRad[i] * now.belief.z_cents[i];
        weight += w * now.centsPerRad[i] * now.centsPerRad[i];
    }
    return sum / weight;
}
double passTarget_cents(const Situation& now, std::size_t string) {
    return -now.centsPerRad[static_cast<Eigen::Index>(string)] * agreedTilt_rad(now);
}
/// The first string by the shop's order whose aim spares all strings; the first one as far as it may go, where none
/// does.
NextAct sparing(const std::vector<std::size_t>& strings, const auto& tune) {
    const NextAct first = tune(strings.front());
    if (first.spared)
        for (const std::size_t string : strings)
            if (NextAct other = tune(string); !other.spared) {
                if (first.spared->by != Spared::By::FineTuner) { // that one is only left for last
                    other.spared = first.spared;
                    other.spared->by = Spared::By::OtherString;
                }
                return other;
            }
    return first;
}
std::vector<std::size_t> passStrings(const Situation& now) {
    std::vector<std::size_t> list;
    for (const std::size_t string : stringsInOrder(now))
        if (!now.isTuned(string) &&
            std::abs(now.belief.z_cents[static_cast<Eigen::Index>(string)] - passTarget_cents(now, string)) >
                now.options.passShare * now.pitchTolerance_cents)
            list.push_back(string);
    return list;
}
NextAct tuneInPass(const Situation& now) {
    return sparing(passStrings(now),
                   [&](std::size_t string) { return tuneTo(now, string, passTarget_cents(now, string)); });
}
/// Whether a look at the plate would tell plainly more of it than is known.
bool wantsLook(const Situation& now) {
    if (!now.plateCounts || now.tuned.empty() || now.plateReads > 0)
        return false;
    const double sure = now.guitar.angleDeviation_rad(), allowed = now.options.checkAngleShare * now.plateTolerance_rad;
    const double look = now.plateTolerance_rad / now.options.tellPlate; // at the worst what one look tells
    const double after = 1.0 / std::sqrt(1.0 / (sure * sure) + 1.0 / (look * look));
    return sure > allowed && after < now.options.checkGain * sure;
}
/// Plucked before its peg is touched, a string tells how far the plate has gone since: better than any gauge.
bool wantsPluck(const Situation& now, std::size_t string) {
    return now.reads[string] == 0 &&
           now.guitar.readingDeviation_cents[static_cast<Eigen::Index>(string)] > now.options.checkString_cents;
}
bool farPeg(const Situation& now) {
    return now.isFar() && mayGoOn(now) && !passStrings(now).empty();
}
bool farCheck(const Situation& now) {
    return farPeg(now) && !now.job.log.empty() && (wantsLook(now) || wantsPluck(now, tuneInPass(now).aim.string));
}
NextAct checkBeforePeg(const Situation& now) {
    NextAct act = plain(now, Do::Read);
    act.gap = wantsLook(now);
    if (const std::size_t string = tuneInPass(now).aim.string; wantsPluck(now, string))
        act.strings = {string};
    return act;
}
// --- Near: weighing --------------------------------------------------------------------------------------------------

bool nearUnread(const Situation& now) {
    return !now.allReadHere();
}
bool nearPeg(const Situation& now) {
    return !tunesExactly(now) && mayGoOn(now) && now.cheapest().set != 0 && now.way() == Situation::Way::Act;
}
NextAct tuneCheapest(const Situation& now) {
    const PegPlan& plan = now.cheapest();
    return sparing(now.pegsOf(plan),
                   [&](std::size_t string) { return tuneTo(now, string, now.target_cents(plan, string)); });
}
bool nearClaw(const Situation& now) {
    return mayGoOn(now) && now.cheapest().clawTurns != 0.0 && now.way() == Situation::Way::Act;
}
NextAct turnCheapest(const Situation& now) {
    return turnClaw(now, now.cheapest().clawTurns);
}
bool gateIsShut(const Situation& now) {
    return now.allReadHere() && !now.gateIsOpen() && !now.readOnceMore().empty();
}
NextAct readShut(const Situation& now) {
    return readStrings(now, now.readOnceMore());
}
/// Nothing more can be made of readings that scatter far more than the tools were said to.
bool contradict(const Situation& now) {
    return now.toolsScatter();
}
bool isDone(const Situation& now) {
    return now.gateIsOpen() && now.allReadHere() && now.way() == Situation::Way::Leave;
}
bool readOnceMore(const Situation& now) {
    return now.way() == Situation::Way::Read && !now.worthReading().empty();
}
/// Only what may well be outside.
NextAct readWorth(const Situation& now) {
    return readStrings(now, now.worthReading());
}
bool always(const Situation&) {
    return true;
}

} // namespace

const std::vector<Rule>& rules() {
    static const std::vector<Rule> table{
        {"asked", isAsked, plainly<Do::Ask>},
        {"string-off", isMissing, putOn},
        {"model-doubt", isModelInDoubt, plainly<Do::Ask>},
        {"no-float", cannotFloat, plainly<Do::Stuck>},
        {"doubted", isDoubted, checkDoubted},
        {"undecided", isUndecided, decide},
        {"unread", isUnread, readAll},
        {"changed", isChanged, readAll},
        {"claw-look", looksOn, look},
        {"block-claw", blockWantsClaw, clawAtOnce},
        {"block-peg", blockWantsPeg, tuneBlocked},
        {"stretch", givesStill, pull},
        {"block-out", isBlocked, takeBlockOut},
        {"after-claw", isAfterClaw, readAll},
        {"exact-done", exactDone, plainly<Do::Done>},
        {"exact-claw", exactClaw, clawAtOnce},
        {"exact-peg", exactPeg, tuneNextExactly},
        {"exact-read", exactRead, readAll},
        {"far-claw", farClaw, clawAtOnce},
        {"far-check", farCheck, checkBeforePeg},
        {"far-peg", farPeg, tuneInPass},
        {"near-peg", nearPeg, tuneCheapest},
        {"near-claw", nearClaw, turnCheapest},
        {"near-read", nearUnread, readAll},
        {"done", isDone, plainly<Do::Done>},
        {"gate-shut", gateIsShut, readShut},
        {"near-read-again", readOnceMore, readWorth},
        {"contradict", contradict, plainly<Do::Leave>},
        {"enough", always, plainly<Do::Leave>},
    };
    return table;
}

const Rule* ruleNamed(const std::string& id) {
    for (const Rule& rule : rules())
        if (id == rule.id)
            return &rule;
    return nullptr;
}

const Rule& ruleFor(const Situation& now) {
    return *std::find_if(rules().begin(), rules().end(), [&](const Rule& rule) { return rule.applies(now); });
}

} // namespace flenzo
