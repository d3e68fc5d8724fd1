// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/practice/practice_act.h"
#include "domain/job/job.h"
#include "session/input/quantity.h"

#include <Qt>
#include <optional>
#include <vector>

namespace flenzo {

/// What can be touched on the guitar somebody practises on.
enum class PracticeThing { Peg, Tuner, String, Claw, Springs, Block, Arm, Posts, Nut, Ruler };
/// Whether its acts are done to the picked string.
[[nodiscard]] constexpr bool isOfAString(PracticeThing thing) {
    return thing <= PracticeThing::String;
}

/// An act: what it is done to (nothing: to the whole), its words, its key (unknown: a shortcut of the window), and what
/// it needs.
struct PracticeKey {
    PracticeAct::Do what;
    std::optional<PracticeThing> thing;
    const char* name;
    const char* words; ///< to be translated
    Qt::Key key;
    bool (*isFor)(const Job& job) = [](const Job&) { return true; };
    [[nodiscard]] QString title() const;
};
[[nodiscard]] const std::vector<PracticeKey>& practiceKeys();
/// The number that has to be typed for an act, if one has.
[[nodiscard]] std::optional<Dimension> numberFor(PracticeAct::Do what);

/// Something to touch, and the marks of the picture that show it.
struct PracticeThingSpec {
    PracticeThing thing;
    const char* name;
    const char* words; ///< to be translated
    const char* marks; ///< how their names begin; empty: it is not in the picture
    [[nodiscard]] QString title() const;
};
[[nodiscard]] const std::vector<PracticeThingSpec>& practiceThings();

} // namespace flenzo
