// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/practice_keys.h"

#include <QCoreApplication>

namespace flenzo {

using Do = PracticeAct::Do;

namespace {

struct PracticeKeysWords {
    Q_DECLARE_TR_FUNCTIONS(PracticeKeys)
};

bool hasClawOf(const Job& job) {
    return hasClaw(job.rig);
}
bool hasArmOf(const Job& job) {
    return job.rig.bridge.has().moves();
}
bool hasCapsOf(const Job& job) {
    return job.card.nut != Nut::Open && !job.rig.nutLocked;
}

} // namespace

QString PracticeKey::title() const {
    return PracticeKeysWords::tr(words);
}

QString PracticeThingSpec::title() const {
    return PracticeKeysWords::tr(words);
}

std::optional<Dimension> numberFor(Do what) {
    switch (what) {
    case Do::Tune:
        return Dimension::Cents;
    case Do::Turn:
    case Do::Claw:
        return Dimension::Turns;
    case Do::Block:
    case Do::Posts:
        return Dimension::Length;
    case Do::Springs:
        return Dimension::Number;
    default:
        return std::nullopt;
    }
}

const std::vector<PracticeKey>& practiceKeys() {
    using T = PracticeThing;
    static const std::vector<PracticeKey> list{
        {Do::Tune, T::Peg, "tune", QT_TRANSLATE_NOOP("PracticeKeys", "Tune to… (Enter)"), Qt::Key_Return},
        {Do::Turn, T::Peg, "turn", QT_TRANSLATE_NOOP("PracticeKeys", "Turn the peg… (Q)"), Qt::Key_Q},
        {Do::Read, T::Tuner, "read", QT_TRANSLATE_NOOP("PracticeKeys", "Check it (R)"), Qt::Key_R},
        {Do::Read, T::Tuner, "readAll", QT_TRANSLATE_NOOP("PracticeKeys", "Check all (A)"), Qt::Key_A},
        {Do::Stretch, T::String, "stretch", QT_TRANSLATE_NOOP("PracticeKeys", "Pull the string (P)"), Qt::Key_P},
        {Do::Caliper, T::Ruler, "caliper", QT_TRANSLATE_NOOP("PracticeKeys", "Caliper (C)"), Qt::Key_C},
        {Do::TakeOff, T::String, "takeOff", QT_TRANSLATE_NOOP("PracticeKeys", "Take the string off (X)"), Qt::Key_X},
        {Do::PutOn, T::String, "putOn", QT_TRANSLATE_NOOP("PracticeKeys", "Put it on (N)"), Qt::Key_N},
        {Do::Claw, T::Claw, "tighten", QT_TRANSLATE_NOOP("PracticeKeys", "Tighten the claw… (T)"), Qt::Key_T,
         hasClawOf},
        {Do::Claw, T::Claw, "loosen", QT_TRANSLATE_NOOP("PracticeKeys", "Loosen the claw… (J)"), Qt::Key_J, hasClawOf},
        {Do::Claw, T::Claw, "bass", QT_TRANSLATE_NOOP("PracticeKeys", "Bass screw alone… (Y)"), Qt::Key_Y, hasClawOf},
        {Do::Inspect, T::Springs, "inspect", QT_TRANSLATE_NOOP("PracticeKeys", "Look at the springs (I)"), Qt::Key_I,
         hasClawOf},
        {Do::Springs, T::Springs, "springs", QT_TRANSLATE_NOOP("PracticeKeys", "Springs in… (H)"), Qt::Key_H,
         hasClawOf},
        {Do::Block, T::Block, "block", QT_TRANSLATE_NOOP("PracticeKeys", "Block in, how thick… (B)"), Qt::Key_B,
         hasClawOf},
        {Do::Unblock, T::Block, "unblock", QT_TRANSLATE_NOOP("PracticeKeys", "Block out (O)"), Qt::Key_O, hasClawOf},
        {Do::Wiggle, T::Arm, "wiggle", QT_TRANSLATE_NOOP("PracticeKeys", "Arm to and fro (W)"), Qt::Key_W, hasArmOf},
        {Do::Dive, T::Arm, "dive", QT_TRANSLATE_NOOP("PracticeKeys", "Dive (D)"), Qt::Key_D, hasArmOf},
        {Do::PullUp, T::Arm, "pullUp", QT_TRANSLATE_NOOP("PracticeKeys", "Pull up (U)"), Qt::Key_U, hasArmOf},
        {Do::Posts, T::Posts, "posts", QT_TRANSLATE_NOOP("PracticeKeys", "Raise bridge posts… (M)"), Qt::Key_M,
         hasClawOf},
        {Do::Lock, T::Nut, "lock", QT_TRANSLATE_NOOP("PracticeKeys", "Lock the nut (K)"), Qt::Key_K, hasCapsOf},
        {Do::Measure, T::Ruler, "measure", QT_TRANSLATE_NOOP("PracticeKeys", "Measure the gap (G)"), Qt::Key_G,
         hasClawOf},
        {Do::Look, T::Ruler, "look", QT_TRANSLATE_NOOP("PracticeKeys", "Look from the side (V)"), Qt::Key_V, hasArmOf},
        {Do::Diagnose, std::nullopt, "diagnose", QT_TRANSLATE_NOOP("PracticeKeys", "Say what is wrong (F2)"),
         Qt::Key_unknown},
        {Do::Done, std::nullopt, "done", QT_TRANSLATE_NOOP("PracticeKeys", "Hand it over (Ctrl+Enter)"),
         Qt::Key_unknown}};
    return list;
}

const std::vector<PracticeThingSpec>& practiceThings() {
    static const std::vector<PracticeThingSpec> list{
        {PracticeThing::Peg, "peg", QT_TRANSLATE_NOOP("PracticeKeys", "Peg"), ""},
        {PracticeThing::Tuner, "tuner", QT_TRANSLATE_NOOP("PracticeKeys", "Tuner"), ""},
        {PracticeThing::String, "string", QT_TRANSLATE_NOOP("PracticeKeys", "String"), "string-"},
        {PracticeThing::Claw, "claw", QT_TRANSLATE_NOOP("PracticeKeys", "Claw"), "claw"},
        {PracticeThing::Springs, "springs", QT_TRANSLATE_NOOP("PracticeKeys", "Springs"), "spring-"},
        {PracticeThing::Block, "block", QT_TRANSLATE_NOOP("PracticeKeys", "Block"), "sustain-block"},
        {PracticeThing::Arm, "arm", QT_TRANSLATE_NOOP("PracticeKeys", "Arm"), "arm"},
        {PracticeThing::Posts, "posts", QT_TRANSLATE_NOOP("PracticeKeys", "Bridge posts"), "post"},
        {PracticeThing::Nut, "nut", QT_TRANSLATE_NOOP("PracticeKeys", "Nut"), ""},
        {PracticeThing::Ruler, "ruler", QT_TRANSLATE_NOOP("PracticeKeys", "Ruler, caliper, eye"), "plate"}};
    return list;
}

} // namespace flenzo
