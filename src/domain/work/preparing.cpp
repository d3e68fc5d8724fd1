// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/preparing.h"

#include "domain/methods/methods.h"
#include "domain/work/progress.h"

#include <QCoreApplication>

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

QString checkWords(const QString& name) {
    static constexpr std::pair<const char*, const char*> words[] = {
        {"centred", QT_TRANSLATE_NOOP("Checks", "strings are centred over the fretboard")},
        {"neck", QT_TRANSLATE_NOOP("Checks", "neck screws are snug")},
        {"claw", QT_TRANSLATE_NOOP("Checks", "the claw is parallel to its wall")},
        {"edges", QT_TRANSLATE_NOOP("Checks", "knife edges and bridge posts are unworn and firm")},
        {"pivots", QT_TRANSLATE_NOOP("Checks", "pivot screws and edge are unworn and firm")},
        {"shaft", QT_TRANSLATE_NOOP("Checks", "the shaft turns freely, its spring is seated")},
        {"pins", QT_TRANSLATE_NOOP("Checks", "ball ends noted, the bridge's place marked")},
        {"floor", QT_TRANSLATE_NOOP("Checks", "every string is on the floor of its slot")},
        {"order", QT_TRANSLATE_NOOP("Checks", "nut caps are in their order and the right way round")}};
    for (const auto& [known, plain] : words)
        if (name == QLatin1String(known))
            return QCoreApplication::translate("Checks", plain);
    return name;
}

QStringList leftUnlooked(const Job& job, StepId step) {
    QStringList left;
    const QString name = QLatin1String(specOf(step).name);
    if (saidOf(job, name).state == StepState::Done)
        for (const QString& check : checksFor(job, step))
            if (!job.work.ticks.value(name).contains(check))
                left.append(checkWords(check));
    return left;
}

} // namespace flenzo
