// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/methods/method_figures.h"

#include "core/operations/acts.h"

#include "core/statics/readings.h"
#include "domain/methods/methods.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double forwardBlock_rad = radians(1.5);
/// Above the headstock's face: the nut's slot, and where the string leaves a post with no wraps under it.
constexpr double slot_m = 0.009, firstExit_m = 0.006;
/// A first turn above the hole leaves the post higher by as much.
constexpr double higherExit_m = 0.0015;

} // namespace

double blockAngle_rad(const Job& job) {
    return job.goal.angle_rad + (isChosen(job, "blockHeight", "forward") ? forwardBlock_rad : 0.0);
}

double blockJump_cents(const Job& job, const Rig& rig, const LevelSolution& level) {
    if (!level.balanced() || blockAngle_rad(job) == job.goal.angle_rad)
        return 0.0;
    double worst = 0.0;
    for (const Aim& aim : blockedAims(rig, level, blockAngle_rad(job)))
        worst = std::max(worst, std::abs(aim.cents));
    return worst;
}

AssumedHead headOf(const Job& job) {
    AssumedHead head = assumedHead;
    head.post_m = job.card.head.post_m.value_or(head.post_m);
    head.postSpacing_m = job.card.head.spacing_m.value_or(head.postSpacing_m);
    head.treeAway_m = job.card.head.treeAway_m.value_or(head.treeAway_m);
    head.treeDrop_m = job.card.head.treeDrop_m.value_or(head.treeDrop_m);
    head.insertion_m = job.card.head.clamped_m.value_or(head.insertion_m);
    return head;
}

double wrapsOf(const Job& job, const Wire& wire) {
    const Wraps wraps = wrapsOnThis(job);
    if (wraps != Wraps::Clamped && isChosen(job, "winding", "tie"))
        return 1.5; // the tie holds, not the wraps
    return wrapsOnPost(wire, wraps);
}

SlackRules slackOf(const Job& job, const RigString& string) {
    const AssumedHead head = headOf(job);
    return slackRules(slackFor_m(wrapsOf(job, string.wire), head.post_m, string.wire.gauge_m), string.scale_m,
                      head.postSpacing_m);
}

double nutToPostOf_m(const RigString& string) {
    return string.nutTail_m > 0.0 ? string.nutTail_m : assumedHead.nutToPost_m;
}

double cutLengthOf_m(const Job& job, const RigString& string) {
    const AssumedHead head = headOf(job);
    return cutLength_m(string.scale_m, nutToPostOf_m(string), slackOf(job, string).slack_m,
                       head.insertion_m + head.toSpare_m);
}

double nutAngleOf_rad(const Job& job, const RigString& string) {
    const double exit_m = firstExit_m + (isChosen(job, "nutAngle", "less") ? higherExit_m : 0.0);
    return nutBreak_rad(slot_m, exit_m, wrapsOf(job, string.wire), string.wire.gauge_m, nutToPostOf_m(string));
}

double treeAngle_rad(const Job& job) {
    const AssumedHead head = headOf(job);
    return std::atan(head.treeDrop_m / head.treeAway_m);
}

double finePreset_turns(const Job& job) {
    const double all = job.rig.strings.front().fineTurns;
    if (job.rig.bridge.has().tunersAtBridge)
        return 0.1 * all; // all of a string's slack is still to be taken up
    return isChosen(job, "finePreset", "middle")      ? all / 2.0
           : isChosen(job, "finePreset", "nearlyOut") ? 0.2 * all
                                                      : 0.0;
}

std::vector<double> playingShift_cents(const Rig& rig, const State& now) {
    const std::vector<double> here = readings_cents(rig, now);
    const Outcome held = turnGuitar(rig, now, Orientation::Playing);
    std::vector<double> shift = readings_cents(rig, held.state);
    for (std::size_t i = 0; i < shift.size(); ++i)
        shift[i] -= here[i];
    return shift;
}

} // namespace flenzo
