// SPDX-License-Identifier: GPL-3.0-or-later
// What was seen, what was done and what was known before, one equation each.
#include "core/estimation/equations.h"

#include <algorithm>
#include <cmath>
#include <tuple>

namespace flenzo {

/// The old set was level and in tune: one more rest, before the log.
void Equations::remember(const Unknowns& at) {
    if (layout_.oldAngle == UnknownsLayout::none)
        return;
    const Turned plate(at.oldAngle_rad);
    const RestModel& model = models_.front();
    auto [sum_Nm, angleSlope] = model.rest_Nm(plate, job_.rig.orientation);
    StringModel::Slopes slopes = StringModel::Slopes::Zero();
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
        const SetString old = oldString(i);
        const StringModel string = model.heldAtPitch(i, old.wire, old.target_Hz, at.oldAngle_rad);
        sum_Nm += string.moment_Nm;
        slopes += string.momentBy;
    }
    const SpringModel springs = model.springs(plate, job_.rig.claw.turns, oldSprings_);
    sum_Nm += springs.moment_Nm;
    angleSlope += slopes[StringModel::Angle] + springs.momentBy[SpringModel::Angle];
    if (const auto& assist = job_.rig.bridge.assist) {
        // It would have held whatever its preload holds; which side of its centre is no matter.
        sum_Nm += std::copysign(assist->preload_Nm, at.oldAngle_rad - assist->centre_rad);
        sum_Nm -= std::clamp(sum_Nm, -assist->preload_Nm, assist->preload_Nm);
    }
    sum_Nm += job_.old.pressed_Nm;
    if (sum_Nm != 0.0) {
        const double by = 1.0 / std::hypot(oldBalance_Nm_, job_.old.pressed_Nm); // nobody knows how much it was
        row_.add(layout_.oldAngle, by * angleSlope);
        guitarEntry(Learned::StringHeight, by * slopes[StringModel::Height] * (isShaft() ? turnedPart : 1.0));
        if (!isShaft())
            guitarEntry(Learned::Setback, by * slopes[StringModel::Setback]);
        addSprings(springs, by);
        row_.finish(by * sum_Nm);
    }
    const double level_rad = job_.old.pressed_Nm > 0.0 ? options_.blockAngle_rad : options_.rememberedLevel_rad;
    row_.add(layout_.oldAngle, 1.0 / level_rad);
    row_.finish((at.oldAngle_rad - job_.old.angle_rad) / level_rad);
}

/// Predicts a pitch; its deviation.
double Equations::observePitch(const Unknowns& at, const Observation& made, Residual& out) {
    const StringModel& string = here_.strings[made.string];
    out.predicted = string.reading_cents;
    const double tilted_cents = out.predicted - zAt_cents(at, made.rest, made.string);
    const double tuner_cents = made.deviation > 0.0 ? made.deviation : noise.tuner_cents;
    const double acts = static_cast<double>(made.rest - line_.stretches[made.stretch].firstRest); // since it was tuned
    const double deviation = std::hypot(std::max(options_.leastTuner_cents, tuner_cents),
                                        options_.pitchModel * tilted_cents, options_.walkAct_cents * std::sqrt(acts));
    addString(string.readingBy, made.rest, made.string, layout_.angle[made.rest], 1.0 / deviation);
    return deviation;
}

double Equations::observePlate(const Observation& made, Residual& out) {
    const Bridge& bridge = line_.rigAt(made.rest).bridge;
    const Turned& plate = here_.plate;
    const bool gap = made.kind == Observation::Kind::Gap;
    out.predicted = gap ? bridge.rearGap_m + bridge.rearEdge_m * plate.sine : plate.angle_rad;
    const double deviation = gap ? noise.gap_m : made.deviation > 0.0 ? made.deviation : noise.angle_rad;
    if (made.closed && out.predicted <= 0.0)
        out.predicted = made.value;
    else
        row_.add(layout_.angle[made.rest], (gap ? bridge.rearEdge_m * plate.cosine : 1.0) / deviation);
    return deviation;
}

void Equations::observe(const Unknowns& at, const Observation& made, Residual& out) {
    const double deviation =
        made.kind == Observation::Kind::Pitch ? observePitch(at, made, out) : observePlate(made, out);
    const double residual = (out.predicted - made.value) / deviation;
    if (made.wrong) {
        std::ignore = row_.take();
        out.inDeviations = residual;
        out.weight = 0.0;
        return;
    }
    const double square = residual * residual, at2 = options_.robustAt * options_.robustAt;
    out.inDeviations = residual;
    out.weight = made.confirmed ? 1.0 : 1.0 / (1.0 + square / at2);
    // The deviation may differ from angle to angle, so its logarithm is left out: readings do not buy their own doubt.
    row_.finish(residual, out.weight, made.confirmed ? 0.5 * square : 0.5 * at2 * std::log1p(square / at2));
}

/// After a time alone: the strain that all strings share, and what each did for itself. New strings gave.
double Equations::addWaited(const Unknowns& at, const Stretch& stretch, double& expected_cents) {
    const Gap& gap = line_.gaps[stretch.gap];
    const double strain =
        options_.thermalStrain * std::sqrt(std::min(gap.hours, options_.thermalMost_hours)) *
        model(stretch.firstRest).zPerStrain_cents(stretch.string, line_.rests[stretch.firstRest].nutLocked);
    const double settled_cents =
        options_.settledHour_cents * std::log1p(gap.hours); // less after an act on it, never known beforehand
    expected_cents =
        zAt_cents(at, stretch.firstRest - 1, stretch.string) - strain * at.strain[stretch.gap] - 0.5 * settled_cents;
    const double deviation =
        std::hypot(options_.walkHour_cents * std::sqrt(gap.hours), 0.5 * settled_cents, options_.leastTuner_cents);
    addZ(stretch.firstRest - 1, stretch.string, -1.0 / deviation);
    row_.add(layout_.strain[stretch.gap], strain / deviation);
    return deviation;
}

void Equations::link(const Unknowns& at, std::size_t number) {
    const Stretch& stretch = line_.stretches[number];
    const int own = layout_.z[number], before = layout_.z[stretch.before];
    const std::size_t last = stretch.firstRest > 0 ? stretch.firstRest - 1 : 0;
    double expected = 0.0, deviation = options_.retunedString_cents;
    switch (stretch.link) {
    case Stretch::Link::None:
        expected = stretch.typed_cents;
        if (stretch.firstRest == 0)
            deviation = options_.unreadString_cents;
        break;
    case Stretch::Link::Slipped:
    case Stretch::Link::Moved:
    case Stretch::Link::Loosened:
        expected = at.z_cents[stretch.before];
        deviation = stretch.link == Stretch::Link::Slipped ? options_.slipped_cents
                    : stretch.link == Stretch::Link::Moved ? options_.moved_cents
                                                           : options_.loosened_cents;
        row_.add(before, -1.0 / deviation);
        break;
    case Stretch::Link::Waited:
        deviation = addWaited(at, stretch, expected);
        break;
    case Stretch::Link::Carried: {
        const double z = zAt_cents(at, last, stretch.string);
        const CarriedString string =
            model(last).carried(stretch.string, z, line_.rests[last].nutLocked, model(stretch.firstRest));
        expected = string.z_cents;
        deviation = std::hypot(options_.carried_cents, options_.carriedShare * (expected - z));
        addString(string.by, last, stretch.string, UnknownsLayout::none, -1.0 / deviation);
        break;
    }
    case Stretch::Link::Pulled: {
        const double perMetre = model(stretch.firstRest).zPerMetre_cents(stretch.string);
        expected = zAt_cents(at, last, stretch.string) -
                   perMetre * (left_m(last, stretch.string) - left_m(stretch.firstRest, stretch.string));
        deviation =
            std::hypot(options_.leastTuner_cents, options_.pullHand * perMetre * giving_.usualDrop_m(stretch.at));
        row_.add(before, -1.0 / deviation);
        giving_.addLeft(row_, stretch.piece, line_.stretches[stretch.before].at, perMetre / deviation);
        giving_.addLeft(row_, stretch.piece, stretch.at, -perMetre / deviation);
        break;
    }
    case Stretch::Link::Locked: {
        const CarriedString string =
            model(last).clamped(stretch.string, Turned(at.angle_rad[last]), zAt_cents(at, last, stretch.string));
        expected = string.z_cents;
        deviation = options_.lockShift_cents;
        addString(string.by, last, stretch.string, layout_.angle[last], -1.0 / deviation);
        break;
    }
    }
    row_.add(own, 1.0 / deviation);
    row_.finish((at.z_cents[number] - expected) / deviation);
}

void Equations::turnClaw(const Unknowns& at, std::size_t visit) {
    const ClawPlace& place = line_.claws[visit];
    const auto screw = [&](double now, double before, double turned, std::size_t which) {
        double deviation = turned == 0.0
                               ? 1e-4
                               : std::max(options_.clawTurnErrorLeast_turns, options_.clawTurnError * std::abs(turned));
        if (place.known != ClawPlace::Known::Counted)
            deviation =
                place.known == ClawPlace::Known::Estimated ? options_.clawEstimated_turns : options_.clawUnknown_turns;
        row_.add(layout_.claw[visit][which], 1.0 / deviation);
        row_.add(layout_.claw[visit - 1][which], -1.0 / deviation);
        // A hand that counted wrongly is no reason to believe in another guitar.
        const double off = (now - before - turned) / deviation, square = off * off;
        const double at2 = options_.clawRobustAt * options_.clawRobustAt;
        row_.finish(off, 1.0 / (1.0 + square / at2), 0.5 * at2 * std::log1p(square / at2));
    };
    screw(at.claw[visit].bass, at.claw[visit - 1].bass, place.counted.bass, 0);
    screw(at.claw[visit].treble, at.claw[visit - 1].treble, place.counted.treble, 1);
}

void Equations::addPriors(const Unknowns& at) {
    const Eigen::VectorXd off = priorRoot_ * (at.guitar.value - priorMean_);
    for (Eigen::Index k = 0; k < off.size(); ++k) {
        for (Eigen::Index j = 0; j <= k; ++j)
            row_.add(layout_.guitar + static_cast<int>(j), priorRoot_(k, j));
        row_.finish(off[k]);
    }
    for (Eigen::Index k = 0; k < at.giving.value.size(); ++k) {
        row_.add(layout_.giving + static_cast<int>(k), 1.0);
        row_.finish(at.giving.value[k]);
    }
}

} // namespace flenzo
