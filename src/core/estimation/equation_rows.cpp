// SPDX-License-Identifier: GPL-3.0-or-later
// What was seen, what was done and what was known before, one equation each.
#include "core/estimation/equations.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

/// The old set was level and in tune: one more rest, before the log.
void Equations::remember(const Unknowns& at) {
    if (layout_.oldAngle == UnknownsLayout::none)
        return;
    const Turned plate(at.oldAngle_rad);
    auto [sum_Nm, angleSlope] = model_.rest_Nm(plate, job_.rig.orientation);
    StringModel::Slopes slopes = StringModel::Slopes::Zero();
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
        const SetString old = oldString(i);
        const StringModel string = model_.heldAtPitch(i, old.wire, old.target_Hz, at.oldAngle_rad);
        sum_Nm += string.moment_Nm;
        slopes += string.momentBy;
    }
    const SpringModel springs = model_.springs(plate, job_.rig.claw.turns, oldSprings_);
    sum_Nm += springs.moment_Nm;
    angleSlope += slopes[StringModel::Angle] + springs.momentBy[SpringModel::Angle];
    const double by = 1.0 / oldBalance_Nm_;
    row_.add(layout_.oldAngle, by * angleSlope);
    guitarEntry(Learned::StringHeight, by * slopes[StringModel::Height] * (isShaft() ? turnedPart : 1.0));
    if (!isShaft())
        guitarEntry(Learned::Setback, by * slopes[StringModel::Setback]);
    addSprings(springs, by);
    row_.finish(by * sum_Nm);
    row_.add(layout_.oldAngle, 1.0 / options_.rememberedLevel_rad);
    row_.finish((at.oldAngle_rad - job_.old.angle_rad) / options_.rememberedLevel_rad);
}

/// Predicts a pitch; its deviation.
double Equations::observePitch(const Unknowns& at, const Observation& made, Residual& out) {
    const StringModel& string = here_.strings[made.string];
    out.predicted = string.reading_cents;
    const double tilted_cents = out.predicted - zAt_cents(at, made.rest, made.string);
    const double tuner_cents = made.deviation > 0.0 ? made.deviation : noise.tuner_cents;
    const double deviation =
        std::hypot(std::max(options_.leastTuner_cents, tuner_cents), options_.pitchModel * tilted_cents);
    addString(string.readingBy, made.rest, made.string, layout_.angle[made.rest], 1.0 / deviation);
    return deviation;
}

double Equations::observePlate(const Observation& made, Residual& out) {
    const Bridge& bridge = job_.rig.bridge;
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
    if (made.superseded) {
        out = {0.0, 0.0, made.value};
        return;
    }
    const double deviation =
        made.kind == Observation::Kind::Pitch ? observePitch(at, made, out) : observePlate(made, out);
    const double residual = (out.predicted - made.value) / deviation;
    const double square = residual * residual, at2 = options_.robustAt * options_.robustAt;
    out.inDeviations = residual;
    out.weight = made.confirmed ? 1.0 : 1.0 / (1.0 + square / at2);
    // The deviation may differ from angle to angle, so its logarithm is left out: readings do not buy their own doubt.
    row_.finish(residual, out.weight, made.confirmed ? 0.5 * square : 0.5 * at2 * std::log1p(square / at2));
}

void Equations::link(const Unknowns& at, std::size_t number) {
    const Stretch& stretch = line_.stretches[number];
    const int own = layout_.z[number], before = layout_.z[stretch.before];
    const double z = at.z_cents[number];
    double expected = 0.0, deviation = options_.retunedString_cents;
    switch (stretch.link) {
    case Stretch::Link::None:
        expected = stretch.typed_cents;
        if (stretch.firstRest == 0)
            deviation = options_.unreadString_cents;
        break;
    case Stretch::Link::Slipped:
        expected = at.z_cents[stretch.before];
        deviation = options_.slipped_cents;
        row_.add(before, -1.0 / deviation);
        break;
    case Stretch::Link::Pulled: {
        const std::size_t rest = stretch.firstRest;
        const double perMetre = model_.zPerMetre_cents(stretch.string);
        expected = zAt_cents(at, rest - 1, stretch.string) -
                   perMetre * (left_m(rest - 1, stretch.string) - left_m(rest, stretch.string));
        deviation =
            std::hypot(options_.leastTuner_cents, options_.pullHand * perMetre * giving_.usualDrop_m(stretch.at));
        row_.add(before, -1.0 / deviation);
        giving_.addLeft(row_, stretch.string, line_.stretches[stretch.before].at, perMetre / deviation);
        giving_.addLeft(row_, stretch.string, stretch.at, -perMetre / deviation);
        break;
    }
    case Stretch::Link::Locked: {
        const std::size_t rest = stretch.firstRest - 1;
        const ClampedString string =
            model_.clamped(stretch.string, Turned(at.angle_rad[rest]), zAt_cents(at, rest, stretch.string));
        expected = string.z_cents;
        deviation = options_.lockShift_cents;
        addString(string.by, rest, stretch.string, layout_.angle[rest], -1.0 / deviation);
        break;
    }
    }
    row_.add(own, 1.0 / deviation);
    row_.finish((z - expected) / deviation);
}

void Equations::turnClaw(const Unknowns& at, std::size_t visit) {
    const ClawTurns& counted = line_.claws[visit].counted;
    const auto screw = [&](double now, double before, double turned, std::size_t which) {
        const double deviation =
            turned == 0.0 ? 1e-4
                          : std::max(options_.clawTurnErrorLeast_turns, options_.clawTurnError * std::abs(turned));
        row_.add(layout_.claw[visit][which], 1.0 / deviation);
        row_.add(layout_.claw[visit - 1][which], -1.0 / deviation);
        row_.finish((now - before - turned) / deviation);
    };
    screw(at.claw[visit].bass, at.claw[visit - 1].bass, counted.bass, 0);
    screw(at.claw[visit].treble, at.claw[visit - 1].treble, counted.treble, 1);
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
