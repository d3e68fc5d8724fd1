// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/derived.h"
#include "language/figures.h"
#include "paint/act_picture.h"

#include <QString>

/// Sentences the screens share. All of them read the derived figures and nothing else.
namespace flenzo::wording {

struct ActWords {
    QString act;    ///< one short imperative sentence
    QString figure; ///< the number to aim at
    QString aside;  ///< note and hertz, or why
    QString entry;  ///< what the entry field wants
};
[[nodiscard]] ActWords act(const Job& job, const Derived& derived, const Units& units);
/// What the last act did to the string it moved most without touching it, and by what; empty where nothing moved.
[[nodiscard]] QString whyItMoved(const Job& job, const Derived& derived);
/// What the hand touches in the next act.
[[nodiscard]] ActPicture actPicture(const Job& job, const Derived& derived);
[[nodiscard]] QString outlook(const Derived& derived);
[[nodiscard]] QString rangeText(double low, double high); ///< "2 to 4", or one figure
[[nodiscard]] QString clawTurn(double turns);             ///< "Tighten both claw screws 2 1/4 turns"
[[nodiscard]] QString clawTurn(const ClawTurns& turns);   ///< the same, or each screw by itself
/// What the whole job asks of the claw, for the head of a page; its turns stand beside it.
[[nodiscard]] QString clawHeadline(const Derived& derived, const Units& units);
[[nodiscard]] bool turnsClaw(double turns);        ///< no less than the finest turn of one screw
[[nodiscard]] QString clawDirection(double turns); ///< "clockwise" with its meaning
[[nodiscard]] QString verdict(const ChangeReport& report);
[[nodiscard]] QString verdictReason(const ChangeReport& report, const Units& units);
[[nodiscard]] QString wayOut(const Alternative& way); ///< "one more spring, 5 in all"
[[nodiscard]] QString shortfall(const Shortfall& shortfall, const Units& units);
[[nodiscard]] QString inTune(const Derived& derived, const Units& units); ///< where a bridge without a claw rests
/// Where the plate is when every string is brought to pitch on the claw as it is, and what level would take.
[[nodiscard]] QString atPitch(const Rig& rig, const EquilibriumAtPitch& landing, const LevelSolution& level);
[[nodiscard]] QString stuck(const LevelSolution& level); ///< why no balance, and what helps
[[nodiscard]] QString leftAlone(const Job& job, const ChangeReport& report);
[[nodiscard]] QString noteOf(double frequency_Hz, double a4_Hz); ///< "B1 +12 ¢"
[[nodiscard]] QString stringTitle(const RigString& string);

} // namespace flenzo::wording
