// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstddef>

namespace flenzo {

/// How a bridge moves: about a knife edge or fulcrum against claw springs, about a shaft against a spring under the
/// arm, or not at all. The mechanics ask nothing else of a family.
enum class Motion { KnifeEdge, Shaft, None };

/// The families of bridges, each a row of `families`.
enum class Family { DoubleLocking, DoubleLockingFlush, TwoPosts, SixScrews, Headless, RollerShaft, Fixed };

/// What a bridge of one family has. Everything that depends on the kind of bridge - figures that are preset, steps,
/// words, warnings, pictures, files - reads it here; no other place asks which family it is.
struct FamilyTraits {
    Family family;
    const char* motionName; ///< in files
    const char* formName;   ///< in files; tells families of one motion apart
    const char* shortName;  ///< on the command line
    Motion motion = Motion::KnifeEdge;
    bool clampsAtSaddle = false; ///< no ball end is wanted, and fine tuners sit behind the saddles
    bool opensAtNut = false;     ///< the nut stays open in play: friction and break angle there matter
    bool tunersAtBridge = false; ///< no pegs; strings are clamped at the head for good
    bool onScrews = false;       ///< the plate tips on screws, not on two posts
    bool heightAtPosts = false;  ///< its posts set the action; else its saddles or the bridge do
    bool divesOnly = false;      ///< lies on the top and cannot be pulled up, so it is never decked
    double saddleTail_m = 0.0;   ///< saddle to ball end, nominal
    double finePerTurn_m = 0.0;  ///< wire that one turn of a fine tuner takes in, nominal; 0: has none

    [[nodiscard]] constexpr bool moves() const { return motion != Motion::None; } ///< has an arm
    [[nodiscard]] constexpr bool hasClaw() const { return motion == Motion::KnifeEdge; }
    /// With all tension gone its spring falls out, so a string stays on or the shaft is held.
    [[nodiscard]] constexpr bool keepsOneString() const { return motion == Motion::Shaft; }
    /// A plate on a fulcrum whose strings run through the block to an open nut.
    [[nodiscard]] constexpr bool isFulcrum() const { return hasClaw() && opensAtNut; }
};

inline constexpr std::array<FamilyTraits, 7> families{{
    {.family = Family::DoubleLocking,
     .motionName = "knife-edge",
     .formName = "double-locking",
     .shortName = "two-locks",
     .clampsAtSaddle = true,
     .heightAtPosts = true,
     .finePerTurn_m = 0.0004},
    {.family = Family::DoubleLockingFlush,
     .motionName = "knife-edge",
     .formName = "double-locking-flush",
     .shortName = "flush",
     .clampsAtSaddle = true,
     .heightAtPosts = true,
     .divesOnly = true,
     .finePerTurn_m = 0.0004},
    // Through the block the tail is about as long as the block is deep.
    {.family = Family::TwoPosts,
     .motionName = "knife-edge",
     .formName = "two-post",
     .shortName = "two-posts",
     .opensAtNut = true,
     .heightAtPosts = true,
     .saddleTail_m = 0.042},
    {.family = Family::SixScrews,
     .motionName = "knife-edge",
     .formName = "six-screw",
     .shortName = "six-screws",
     .opensAtNut = true,
     .onScrews = true,
     .saddleTail_m = 0.042},
    {.family = Family::Headless,
     .motionName = "knife-edge",
     .formName = "headless",
     .shortName = "headless",
     .tunersAtBridge = true,
     .finePerTurn_m = 0.0008},
    {.family = Family::RollerShaft,
     .motionName = "roller-shaft",
     .formName = "two-post",
     .shortName = "roller",
     .motion = Motion::Shaft,
     .opensAtNut = true,
     .saddleTail_m = 0.12},
    {.family = Family::Fixed,
     .motionName = "fixed",
     .formName = "two-post",
     .shortName = "fixed",
     .motion = Motion::None,
     .opensAtNut = true,
     .saddleTail_m = 0.03},
}};

[[nodiscard]] constexpr const FamilyTraits& traitsOf(Family family) {
    return families[static_cast<std::size_t>(family)];
}

static_assert([] {
    for (std::size_t k = 0; k < families.size(); ++k)
        if (families[k].family != static_cast<Family>(k))
            return false;
    return true;
}());

} // namespace flenzo
