// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/work/step.h"

namespace flenzo {

namespace {

using H = Hazard;

// The block itself follows from the log, where it is put in and taken out.
constexpr StepSpec specs[] = {
    {StepId::LookOver, "look-over", Phase::Intake, 2.0},
    {StepId::AskOwner, "ask-owner", Phase::Intake, 2.0},
    {StepId::OldSet, "old-set", Phase::Intake, 1.5},
    {StepId::Checks, "checks", Phase::Intake, 4.0},
    {StepId::Plan, "plan", Phase::Plan, 1.0},
    {StepId::Tools, "tools", Phase::Plan, 1.0},
    {StepId::CapsOff, "caps-off", Phase::Strip, 1.0, {H::CapsOff, H::Unlocked}},
    {StepId::ArmOff, "arm-off", Phase::Strip, 0.3, {}, {H::ArmIn}},
    {StepId::BlockIn, "block-in", Phase::Strip, 1.0},
    {StepId::CoverOff, "cover-off", Phase::Strip, 1.0, {H::CoverOff}},
    {StepId::Slacken, "slacken", Phase::Strip, 2.0, {}, {H::TensionOn}},
    {StepId::CutOld, "cut-old", Phase::Strip, 1.0},
    {StepId::TakeOut, "take-out", Phase::Strip, 3.0, {H::InsertsOpen}},
    {StepId::PresetFine, "preset-fine", Phase::Strip, 0.5},
    {StepId::Dust, "dust", Phase::Strip, 2.0},
    {StepId::Frets, "frets", Phase::Strip, 8.0},
    {StepId::OilBoard, "oil-board", Phase::Strip, 7.0},
    {StepId::TightenTuners, "tighten-tuners", Phase::Strip, 1.0},
    {StepId::LayOut, "lay-out", Phase::String, 0.5},
    {StepId::BallEnd, "ball-end", Phase::String, 1.5},
    {StepId::Seat, "seat", Phase::String, 3.0, {}, {H::InsertsOpen}},
    {StepId::Thread, "thread", Phase::String, 1.0},
    {StepId::Wind, "wind", Phase::String, 6.0, {H::TensionOn, H::Unsettled}},
    {StepId::SwapString, "swap", Phase::String, 2.5, {H::TensionOn, H::Unsettled}},
    {StepId::RoughTune, "rough-tune", Phase::Balance, 2.0, {}, {}, true},
    {StepId::BlockOut, "block-out", Phase::Balance, 0.5, {}, {}, true},
    {StepId::Settle, "settle", Phase::Balance, 4.0, {}, {H::Unsettled}, true},
    {StepId::Play, "play", Phase::Balance, 5.0},
    {StepId::Relief, "relief", Phase::Balance, 4.0},
    {StepId::Height, "height", Phase::Balance, 5.0},
    {StepId::Intonate, "intonate", Phase::Balance, 12.0},
    {StepId::Level, "level", Phase::Balance, 2.0, {}, {}, true},
    {StepId::Tune, "tune", Phase::Balance, 4.0, {}, {}, true},
    {StepId::Lock, "lock", Phase::Lock, 1.5, {}, {H::CapsOff, H::Unlocked}},
    {StepId::FineTune, "fine-tune", Phase::Lock, 1.5},
    {StepId::TrimTails, "trim-tails", Phase::String, 1.0},
    {StepId::CloseUp, "close-up", Phase::HandOver, 1.5, {}, {H::CoverOff}},
    {StepId::ArmIn, "arm-in", Phase::HandOver, 0.3, {H::ArmIn}},
    {StepId::ReturnTest, "return-test", Phase::HandOver, 1.5},
    {StepId::HandOver, "hand-over", Phase::HandOver, 2.0},
};
static_assert(std::size(specs) == static_cast<std::size_t>(StepId::Count));

} // namespace

const StepSpec& specOf(StepId id) {
    return specs[static_cast<std::size_t>(id)];
}

bool isBenchWork(const Job& job, StepId id) {
    return id == StepId::RoughTune || id == StepId::Level || id == StepId::Tune || id == StepId::FineTune ||
           (id == StepId::Settle && job.method.stretch);
}

QString Step::name() const {
    const QString plain = QLatin1String(specOf(id).name);
    return string ? plain + QLatin1Char(':') + QString::number(*string) : plain;
}

} // namespace flenzo
