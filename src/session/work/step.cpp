// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/work/step.h"

namespace flenzo {

namespace {

// Letters: T tension on, B block in, C caps off, I inserts open, U unsettled, L unlocked, V cover off, A arm in.
// The block itself follows from the log, where it is put in and taken out.
constexpr StepSpec specs[] = {
    {StepId::LookOver, "look-over", Phase::Intake, 2.0},
    {StepId::AskOwner, "ask-owner", Phase::Intake, 2.0},
    {StepId::OldSet, "old-set", Phase::Intake, 1.5},
    {StepId::Checks, "checks", Phase::Intake, 4.0},
    {StepId::Plan, "plan", Phase::Intake, 1.0},
    {StepId::Tools, "tools", Phase::Tools, 1.0},
    {StepId::CapsOff, "caps-off", Phase::Unlock, 1.0, "CL"},
    {StepId::ArmOff, "arm-off", Phase::Unlock, 0.3, "", "A"},
    {StepId::BlockIn, "block-in", Phase::Unlock, 1.0},
    {StepId::CoverOff, "cover-off", Phase::Level, 1.0, "V"},
    {StepId::Slacken, "slacken", Phase::OldOff, 2.0, "", "T"},
    {StepId::CutOld, "cut-old", Phase::OldOff, 1.0},
    {StepId::TakeOut, "take-out", Phase::OldOff, 3.0, "I"},
    {StepId::PresetFine, "preset-fine", Phase::OldOff, 0.5},
    {StepId::Dust, "dust", Phase::Clean, 2.0},
    {StepId::Frets, "frets", Phase::Clean, 8.0},
    {StepId::OilBoard, "oil-board", Phase::Clean, 7.0},
    {StepId::TightenTuners, "tighten-tuners", Phase::Clean, 1.0},
    {StepId::LayOut, "lay-out", Phase::NewOn, 0.5},
    {StepId::BallEnd, "ball-end", Phase::NewOn, 1.5},
    {StepId::Seat, "seat", Phase::NewOn, 3.0, "", "I"},
    {StepId::Thread, "thread", Phase::NewOn, 1.0},
    {StepId::Wind, "wind", Phase::NewOn, 6.0, "TU"},
    {StepId::SwapString, "swap", Phase::NewOn, 2.5, "TU"},
    {StepId::RoughTune, "rough-tune", Phase::Tune, 2.0},
    {StepId::BlockOut, "block-out", Phase::Tune, 0.5},
    {StepId::Settle, "settle", Phase::Settle, 4.0, "", "U"},
    {StepId::Play, "play", Phase::Settle, 5.0},
    {StepId::Level, "level", Phase::Level, 2.0},
    {StepId::Height, "height", Phase::Level, 5.0},
    {StepId::Intonate, "intonate", Phase::Level, 12.0},
    {StepId::Tune, "tune", Phase::Level, 4.0},
    {StepId::Lock, "lock", Phase::Lock, 1.5, "", "CL"},
    {StepId::FineTune, "fine-tune", Phase::Lock, 1.5},
    {StepId::TrimTails, "trim-tails", Phase::HandOver, 1.0},
    {StepId::CloseUp, "close-up", Phase::HandOver, 1.5, "", "V"},
    {StepId::ArmIn, "arm-in", Phase::HandOver, 0.3, "A"},
    {StepId::ReturnTest, "return-test", Phase::HandOver, 1.5},
    {StepId::HandOver, "hand-over", Phase::HandOver, 2.0},
};
static_assert(std::size(specs) == static_cast<std::size_t>(StepId::Count));

} // namespace

const StepSpec& specOf(StepId id) {
    return specs[static_cast<std::size_t>(id)];
}

QString Step::name() const {
    const QString plain = QLatin1String(specOf(id).name);
    return string ? plain + QLatin1Char(':') + QString::number(*string) : plain;
}

} // namespace flenzo
