// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/preparing.h"

#include "domain/methods/methods.h"

namespace flenzo {

namespace {

/// What is wanted, of a list of names each with its condition.
QStringList wanted(std::initializer_list<std::pair<const char*, bool>> things) {
    QStringList names;
    for (const auto& [name, when] : things)
        if (when)
            names.append(QLatin1String(name));
    return names;
}

} // namespace

QStringList toolsFor(const Job& job) {
    const bool clamps = job.rig.bridge.has().clampsAtSaddle, claw = hasClaw(job.rig);
    return wanted({{"glasses", true},
                   {"winder", job.card.tuners != Tuners::AtBridge},
                   {"cutters", true},
                   {"pliers", true},
                   {"sharps", true},
                   {"tuner", true},
                   {"key caps", job.card.nut == Nut::Caps},
                   {"key saddle clamps", clamps},
                   {"key saddles", clamps && job.work.wants("intonate")},
                   {"key posts", job.work.wants("height") && job.rig.bridge.has().heightAtPosts},
                   {"key cover", claw && job.card.cavityCover},
                   {"claw", claw},
                   {"block", floats(job.rig, job.goal) && isChosen(job, "atOnce", "all")},
                   {"headRest", true},
                   {"caliper", true},
                   {"ruler", true},
                   {"tray", true},
                   {"cloth", true},
                   {"lamp", true},
                   {"spares", true},
                   {"wool", job.work.wants("polish")},
                   {"oil", job.work.wants("oil")}});
}

QStringList checksFor(const Job& job, StepId step) {
    const FamilyTraits& has = job.rig.bridge.has();
    if (step == StepId::Checks)
        return wanted({{"centred", true},
                       {"neck", true},
                       {"claw", has.hasClaw()},
                       {"edges", has.hasClaw() && !has.onScrews},
                       {"pivots", has.onScrews},
                       {"shaft", has.motion == Motion::Shaft},
                       {"pins", has.motion == Motion::Shaft}});
    if (step == StepId::Lock)
        return wanted({{"floor", true}, {"order", job.card.nut == Nut::Caps}});
    return {};
}

} // namespace flenzo
