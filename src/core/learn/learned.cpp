// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/learn/learned.h"

#include <algorithm>

namespace flenzo {

namespace {

/// Shares are kept positive however far a step of the solver goes.
double factor(double share) {
    return std::max(0.05, 1.0 + share);
}

/// A shaft is turned on a lathe: its radius and lever are known far better than a hand-filed hook.
constexpr double turnedPart = 0.3;

struct Correction {
    const BenchJob& job;
    const Eigen::VectorXd& by;
    [[nodiscard]] double of(Learned quantity) const {
        return by[static_cast<Eigen::Index>(quantity)] * priorDeviation(job, quantity);
    }
    void apply(std::vector<Spring>& springs, double lead_m, bool roller) const {
        const double shift_m = of(Learned::ClawPlace) * lead_m;
        for (Spring& spring : springs) {
            spring.rate_Npm *= factor(of(Learned::SpringRate));
            spring.initial_N *= factor(of(Learned::InitialTension));
            if (roller) {
                spring.lever_m += turnedPart * of(Learned::HookDepth);
                continue;
            }
            spring.hook_m.y() += of(Learned::HookDepth);
            spring.anchor_m.y() += of(Learned::HookDepth);
            spring.anchor_m.x() += shift_m;
        }
    }
};

} // namespace

LearnedLayout::LearnedLayout(const BenchJob& job) : strings(static_cast<Eigen::Index>(job.rig.strings.size())) {
    for (std::size_t e = 0; e < job.log.size(); ++e)
        if (job.log[e].kind == Event::Kind::Claw)
            clawEvents.push_back(e);
}

Eigen::VectorXd extended(const Eigen::VectorXd& known, const LearnedLayout& layout) {
    Eigen::VectorXd out = Eigen::VectorXd::Zero(layout.size());
    const Eigen::Index size = std::min(known.size(), out.size());
    out.head(size) = known.head(size);
    return out;
}

double priorDeviation(const BenchJob& job, Learned quantity) {
    switch (quantity) {
    case Learned::SpringRate:
        return job.spread.springRate;
    case Learned::InitialTension:
        return job.spread.initialTension;
    case Learned::HookDepth:
    case Learned::StringHeight:
        return job.spread.arm_m;
    case Learned::ClawLead:
        return job.spread.clawLead;
    case Learned::ClawPlace:
        return job.old.wasLevel ? 4.0 : 0.4; // turns; with the old balance known it is found from that
    case Learned::Count:
        break;
    }
    return 1.0;
}

const char* learnedName(Learned quantity) {
    switch (quantity) {
    case Learned::SpringRate:
        return "springRateShare";
    case Learned::InitialTension:
        return "initialTensionShare";
    case Learned::HookDepth:
        return "hookDepthMm";
    case Learned::StringHeight:
        return "stringHeightMm";
    case Learned::ClawLead:
        return "clawLeadShare";
    case Learned::ClawPlace:
        return "clawPlaceTurns";
    case Learned::Count:
        break;
    }
    return "";
}

Rig corrected(const BenchJob& job, const Eigen::VectorXd& by) {
    const Correction correction{job, by};
    const bool roller = job.rig.bridge.family == Family::RollerShaft;
    Rig rig = job.rig;
    rig.claw.lead_m *= factor(correction.of(Learned::ClawLead));
    correction.apply(rig.springs, rig.claw.lead_m, roller);
    if (roller)
        rig.bridge.shaftRadius_m += turnedPart * correction.of(Learned::StringHeight);
    for (std::size_t i = 0; i < rig.strings.size(); ++i) {
        RigString& string = rig.strings[i];
        string.saddle_m.y() += correction.of(Learned::StringHeight);
        string.wire.stiffness_N = axialStiffness_N(string.wire) *
                                  factor(by[learnedCount + static_cast<Eigen::Index>(i)] * job.spread.stringStiffness);
    }
    return rig;
}

OldSet correctedOld(const BenchJob& job, const Eigen::VectorXd& by) {
    const Correction correction{job, by};
    OldSet old = job.old;
    correction.apply(old.springs, job.rig.claw.lead_m * factor(correction.of(Learned::ClawLead)),
                     job.rig.bridge.family == Family::RollerShaft);
    return old;
}

std::vector<Event> correctedLog(const BenchJob& job, const LearnedLayout& layout, const Eigen::VectorXd& by) {
    std::vector<Event> log = job.log;
    correctClaw(log, job, layout, by);
    return log;
}

void correctClaw(std::vector<Event>& log, const BenchJob& job, const LearnedLayout& layout, const Eigen::VectorXd& by) {
    for (std::size_t v = 0; v < layout.clawEvents.size(); ++v) {
        const ClawTurns& counted = job.log[layout.clawEvents[v]].turns;
        const double hand = factor(by[layout.hand(v)] * job.spread.clawHand);
        log[layout.clawEvents[v]].turns = {counted.bass * hand, counted.treble * hand};
    }
}

} // namespace flenzo
