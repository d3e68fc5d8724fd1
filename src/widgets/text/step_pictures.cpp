// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/step_pictures.h"

#include "core/operations/acts.h"
#include "core/setup/fretting.h"
#include "domain/methods/method_figures.h"
#include "domain/methods/methods.h"
#include "paint/guitar_plan.h"
#include "paint/section.h"
#include "paint/set_picture.h"
#include "paint/step_diagram.h"
#include "widgets/text/section_now.h"

#include <QCoreApplication>
#include <cmath>

namespace flenzo {

namespace {

using Builder = std::function<Scene(const QSizeF&)>;
using Spot = GuitarPlan::Spot;
using Look = GuitarPlan::StringLook;

struct StepPicturesWords {
    Q_DECLARE_TR_FUNCTIONS(StepPictures)
};

/// Which diagram a step of this guitar has.
std::optional<Diagram> diagramOf(const Job& job, StepId step) {
    const auto when = [](bool wanted, Diagram diagram) { return wanted ? std::optional(diagram) : std::nullopt; };
    switch (step) {
    case StepId::Wind:
    case StepId::SwapString:
        return when(job.card.headstock != Headstock::None,
                    job.card.headstock == Headstock::Split ? Diagram::Split : Diagram::OneSide);
    case StepId::Thread:
        return when(job.card.retainerBar && job.rig.strings.size() > 2, Diagram::Bar);
    case StepId::CapsOff:
    case StepId::Lock:
        return when(job.card.nut == Nut::Caps, Diagram::Caps);
    case StepId::Seat:
    case StepId::TakeOut:
        return when(job.rig.bridge.has().clampsAtSaddle, Diagram::Clamp);
    case StepId::PresetFine:
    case StepId::Intonate:
    case StepId::Height:
        return when(job.rig.bridge.has().clampsAtSaddle, Diagram::Screws);
    case StepId::CoverOff:
    case StepId::CloseUp:
        return when(hasClaw(job.rig), Diagram::Claw);
    default:
        return std::nullopt;
    }
}

/// Places to look at or to work at, in the order of the work.
std::vector<GuitarPlan::Mark> inspected(const FamilyTraits& has) {
    std::vector<GuitarPlan::Mark> spots{
        {Spot::Bridge, has.hasClaw() && has.heightAtPosts
                           ? StepPicturesWords::tr("plate, knife edges and saddles: no wear, no crack")
                       : has.hasClaw() ? StepPicturesWords::tr("plate, pivots and saddles: no wear, no crack")
                                       : StepPicturesWords::tr("bridge and saddles: no wear, no crack")}};
    if (has.heightAtPosts)
        spots.push_back({Spot::Posts, StepPicturesWords::tr("bridge posts: firm in the wood, none leans")});
    spots.push_back({Spot::Fretboard, StepPicturesWords::tr("strings centred over the fretboard, neck screws snug")});
    return spots;
}

std::vector<GuitarPlan::Mark> spotsOf(const Job& job, StepId step) {
    const bool headless = job.card.tuners == Tuners::AtBridge;
    switch (step) {
    case StepId::Checks:
        return inspected(job.rig.bridge.has());
    case StepId::CapsOff:
        return {{Spot::Nut, StepPicturesWords::tr("every clamp at the nut, a turn or two")}};
    case StepId::ArmOff:
        return {{Spot::Arm, StepPicturesWords::tr("arm out, or turned clear of strings and bench")}};
    case StepId::ArmIn:
        return {{Spot::Arm, StepPicturesWords::tr("arm in, it swings without touching the body")}};
    case StepId::Slacken:
        return headless
                   ? std::vector<GuitarPlan::Mark>{{Spot::Bridge, StepPicturesWords::tr(
                                                                      "down at the bridge tuners, a little at each")}}
                   : std::vector<GuitarPlan::Mark>{
                         {Spot::Tuners, StepPicturesWords::tr("down at the pegs, a little at each, round and round")}};
    case StepId::CutOld:
        return {{Spot::Middle, StepPicturesWords::tr("cut in the middle, one at a time, each held on both sides")}};
    case StepId::TakeOut:
        return {{headless ? Spot::Ends : Spot::Tuners,
                 headless ? StepPicturesWords::tr("open here") : StepPicturesWords::tr("unwind here")},
                {Spot::Bridge, StepPicturesWords::tr("out here")}};
    case StepId::Dust:
        return {{Spot::Pickups, StepPicturesWords::tr("round the pickups")},
                {Spot::Bridge, StepPicturesWords::tr("under and behind the bridge")},
                {Spot::Fretboard, StepPicturesWords::tr("along the frets")}};
    case StepId::Frets:
        return {{Spot::Pickups, StepPicturesWords::tr("tape the pickups first")},
                {Spot::Fretboard, StepPicturesWords::tr("fret by fret, the guard on the wood")}};
    case StepId::OilBoard:
        return {{Spot::Fretboard, StepPicturesWords::tr("a few drops, spread, wiped dry")}};
    case StepId::TightenTuners:
        return {{Spot::Tuners, StepPicturesWords::tr("the nut of each peg, snug and no more")}};
    case StepId::Seat:
        return {{Spot::Bridge, StepPicturesWords::tr("ball to the bottom, string in its saddle")}};
    case StepId::Thread:
        return {{Spot::Nut, StepPicturesWords::tr("each string in its own slot")}};
    case StepId::Wind:
    case StepId::SwapString:
        return {{job.card.tuners == Tuners::AtBridge ? Spot::Ends : Spot::Tuners,
                 job.card.tuners == Tuners::AtBridge
                     ? StepPicturesWords::tr("clamp at the nut end, take up at the bridge")
                     : StepPicturesWords::tr("slack as below, then only until taut")}};
    case StepId::PresetFine:
        return {{Spot::Bridge, StepPicturesWords::tr("tuners at the bridge to their preset")}};
    case StepId::Settle:
        return {{Spot::Middle, StepPicturesWords::tr("lift and draw along the whole length, never in one place")}};
    case StepId::Play:
        return {{Spot::Middle, StepPicturesWords::tr("bend each string a whole step, all over the neck")}};
    case StepId::Lock:
        return {{Spot::Nut, StepPicturesWords::tr("clamp each string at the nut")}};
    case StepId::TrimTails:
        return {{Spot::Ends, headless
                                 ? StepPicturesWords::tr("surplus off at the clamps; ends into the sharps tin")
                                 : StepPicturesWords::tr("surplus off at the string posts; ends into the sharps tin")}};
    case StepId::ReturnTest:
        return {{Spot::Arm, job.rig.bridge.has().divesOnly || job.goal.deckLoad_Nm > 0.0
                                ? StepPicturesWords::tr("dive, let go, check")
                                : StepPicturesWords::tr("dive, let go, check; pull up, let go, check")}};
    default:
        return {};
    }
}

/// What a string looks like at a step, as far as it is ticked off.
Look lookOf(const Job& job, StepId step, std::size_t string) {
    const bool one = isChosen(job, "atOnce", "one");
    const auto ticked = [&](const char* act) { return isTicked(job, step, QLatin1String(act), string); };
    switch (step) {
    case StepId::Slacken:
        return ticked("slack") ? Look::Slack : Look::Tight;
    case StepId::CutOld:
        return ticked("cut") ? Look::Cut : Look::Slack;
    case StepId::TakeOut:
        return ticked("out") ? Look::Off : Look::Cut;
    case StepId::Seat:
    case StepId::Thread:
    case StepId::Wind:
        return ticked("taut") ? Look::Tight : Look::Slack;
    case StepId::Dust:
    case StepId::Frets:
    case StepId::OilBoard:
    case StepId::TightenTuners:
    case StepId::PresetFine:
        return one ? Look::Tight : Look::Off;
    default:
        return Look::Tight;
    }
}

Builder planPicture(const Job& job, StepId step, double scale) {
    GuitarPlan plan;
    plan.marks = spotsOf(job, step);
    if (plan.marks.empty())
        return {};
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        plan.strings.push_back(lookOf(job, step, i));
        plan.names.push_back(QString::fromStdString(job.rig.strings[i].name));
    }
    plan.pegs = job.card.tuners == Tuners::AtBridge      ? GuitarPlan::Pegs::AtBridge
                : job.card.headstock == Headstock::Split ? GuitarPlan::Pegs::Split
                                                         : GuitarPlan::Pegs::OneSide;
    plan.arm = job.rig.bridge.has().moves();
    plan.leftHanded = job.card.leftHanded;
    return [plan, scale](const QSizeF& size) { return buildGuitarPlan(plan, size, scale); };
}

/// Alike enough to be mixed up on the bench: less than this share apart, and made alike.
bool areAlike(const Wire& a, const Wire& b) {
    constexpr double share = 0.14;
    return a.isWound() == b.isWound() && std::abs(a.gauge_m - b.gauge_m) < share * std::max(a.gauge_m, b.gauge_m);
}

Builder laidSet(const Job& job, const Preferences& preferences) {
    LaidSet set;
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i) {
        const Wire& wire = job.rig.strings[i].wire;
        set.strings.push_back({QString::fromStdString(job.rig.strings[i].name),
                               gaugeText(wire.gauge_m, preferences.units), wire.gauge_m, wire.isWound(),
                               i + 1 < job.rig.strings.size() && areAlike(wire, job.rig.strings[i + 1].wire)});
    }
    return [set, scale = preferences.scale()](const QSizeF& size) { return buildLaidSet(set, size, scale); };
}

/// The block in its place, and the plate before or after as an outline.
Builder blockPicture(const Job& job, const Derived& derived, StepId step, const Preferences& preferences) {
    SectionValues values = sectionNow(job, derived, preferences);
    if (step == StepId::BlockIn) {
        const State blocked = putBlock(derived.rig(), values.state, {Block::Kind::Captive, blockAngle_rad(job)}).state;
        values.outlines.push_back({values.state.angle_rad, StepPicturesWords::tr("now")});
        values.state = blocked;
        values.angleMeasured = false;
    } else if (values.state.block) {
        values.outlines.push_back(
            {takeBlock(derived.rig(), values.state).state.angle_rad, StepPicturesWords::tr("with the block out")});
    }
    return [values](const QSizeF& size) { return buildSection(values, size); };
}

} // namespace

std::function<Scene(const QSizeF&)> stepPicture(const Job& job, const Derived& derived, const Step& step,
                                                const Preferences& preferences) {
    const double scale = preferences.scale();
    switch (step.id) {
    case StepId::BlockIn:
    case StepId::BlockOut:
        return blockPicture(job, derived, step.id, preferences);
    case StepId::LayOut:
        return laidSet(job, preferences);
    case StepId::BallEnd: {
        BallEnd end;
        end.kind = isChosen(job, "ballEnd", "reversed") ? BallEnd::Kind::Reversed : BallEnd::Kind::CutOff;
        return [end, scale](const QSizeF& size) { return buildBallEnd(end, size, scale); };
    }
    default:
        break;
    }
    if (const std::optional<Diagram> diagram = diagramOf(job, step.id))
        return [kind = *diagram, rig = job.rig, left = job.card.leftHanded, scale](const QSizeF& size) {
            return buildStepDiagram(kind, rig, left, size, scale);
        };
    return planPicture(job, step.id, scale);
}

} // namespace flenzo
