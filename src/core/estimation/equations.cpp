// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/equations.h"

#include "core/balance/rest.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

namespace flenzo {

Equations::Equations(const BenchJob& job, const EstimatorOptions& options, const Timeline& line,
                     const UnknownsLayout& layout)
    : contacts(line.rests.size(), Contact::Free), job_(job), options_(options), line_(line), layout_(layout),
      model_(job.rig, job.goal, options), residuals_(line.observations.size()),
      row_(Eigen::VectorXd::Zero(layout.size)), isTouched_(static_cast<std::size_t>(layout.size), 0) {
    priorRoot_ = Eigen::MatrixXd::Identity(learnedCount, learnedCount);
    if (job.prior)
        priorRoot_ = Eigen::MatrixXd(Eigen::LLT<Eigen::MatrixXd>(job.prior->covariance).matrixL()).inverse();
    double variance = std::pow(options.pivotFriction_Nm, 2);
    for (std::size_t i = 0; i < job.rig.strings.size() && job.old.wasLevel; ++i) {
        const StringModel string = model_.heldAtPitch(i, oldString(i), job.old.angle_rad);
        variance +=
            std::pow(string.momentBy[StringModel::Z] * options.rememberedPitch_cents, 2) +
            std::pow(string.momentBy[StringModel::Mass] * unitMass_kgpm(oldString(i).wire) * options.stringMass, 2);
    }
    oldBalance_Nm_ = std::sqrt(variance);
}

SetString Equations::oldString(std::size_t index) const {
    if (index < job_.old.strings.size())
        return job_.old.strings[index];
    return {job_.rig.strings[index].wire, job_.rig.strings[index].target_Hz};
}

void Equations::entry(int at, double slope) {
    if (at == UnknownsLayout::none || slope == 0.0)
        return;
    if (!isTouched_[static_cast<std::size_t>(at)]) {
        isTouched_[static_cast<std::size_t>(at)] = 1;
        touched_.push_back(at);
    }
    row_[at] += slope;
}

void Equations::guitarEntry(Learned quantity, double physicalSlope) {
    entry(layout_.guitar + static_cast<int>(quantity), physicalSlope * priorDeviation(options_, quantity));
}

void Equations::clear() {
    for (const int at : touched_) {
        row_[at] = 0.0;
        isTouched_[static_cast<std::size_t>(at)] = 0;
    }
    touched_.clear();
}

/// Takes the row under way into the normal equations; its cost has been counted.
void Equations::finish(double residual, double weight) {
    if (normal_) {
        for (const int a : touched_) {
            const double by = weight * row_[a];
            (*gradient_)[a] += by * residual;
            for (const int b : touched_)
                if (b <= a)
                    normal_->at(a, b) += by * row_[b];
        }
    }
    clear();
}

/// What gives and how fast, worked out once for a solution: a log asks for it thousands of times.
void Equations::setGuitar(const Unknowns& at) {
    model_.setGuitar(at.guitar);
    if (!at.giving.any())
        return;
    const auto& by = at.giving.value;
    const double usualPull = std::log(1.0 / std::min(0.9, 0.55 * job_.habit.pullShare) - 1.0);
    share_ = {1.0 / (1.0 + std::exp(usualPull - options_.pullSpread * by[GivingUnknowns::Pull])),
              std::min(0.5, options_.creepShare * std::exp(options_.shareSpread * by[GivingUnknowns::Elsewhere])),
              std::min(0.5, options_.ownPegShare * std::exp(options_.shareSpread * by[GivingUnknowns::OwnPeg]))};
    for (std::size_t which = 0; which < share_.size(); ++which) {
        kept_[which].resize(line_.restAfter.size() + 1);
        double kept = 1.0;
        for (double& value : kept_[which]) {
            value = kept;
            kept *= 1.0 - share_[which];
        }
    }
    unsettled_m_.resize(job_.rig.strings.size());
    for (std::size_t i = 0; i < unsettled_m_.size(); ++i) {
        const Wire& wire = job_.rig.strings[i].wire;
        const double wraps = wrapsOnPost(wire, job_.habit.wraps) / wrapsOnPost(wire, Wraps::Usual);
        constexpr double seating = 0.4; // of what a string has to give; the rest is in its wraps
        unsettled_m_[i] =
            options_.unsettled_m * (seating + (1.0 - seating) * wraps) *
            std::exp(options_.unsettledSpread * by[GivingUnknowns::ShareCount + static_cast<Eigen::Index>(i)]);
    }
}

/// What is left of all that a string had to give.
double Equations::given(const GivingCounts& counts) const {
    return kept_[GivingUnknowns::Pull][static_cast<std::size_t>(counts.pulls)] *
           kept_[GivingUnknowns::Elsewhere][static_cast<std::size_t>(counts.elsewhere)] *
           kept_[GivingUnknowns::OwnPeg][static_cast<std::size_t>(counts.ownPeg)];
}

double Equations::left_m(const Unknowns& at, std::size_t rest, std::size_t string) const {
    return at.giving.any() ? unsettled_m_[string] * given(line_.rests[rest].given[string]) : 0.0;
}

double Equations::pullShare(const Unknowns& at) const {
    return at.giving.any() ? share_[GivingUnknowns::Pull] : 0.0;
}

double Equations::zAt_cents(const Unknowns& at, std::size_t rest, std::size_t string) const {
    const int stretch = line_.rests[rest].stretch[string];
    if (stretch == RestPoint::none)
        return 0.0;
    const double z = at.z_cents[static_cast<std::size_t>(stretch)];
    if (!at.giving.any())
        return z;
    const double let_m = unsettled_m_[string] * (given(line_.stretches[static_cast<std::size_t>(stretch)].at) -
                                                 given(line_.rests[rest].given[string]));
    return z - model_.zPerMetre_cents(string) * let_m;
}

template <class Add>
void Equations::givenSlopes(const Unknowns& at, std::size_t string, const GivingCounts& counts, double by,
                            const Add& add) const {
    if (!at.giving.any())
        return;
    const double held = by * model_.zPerMetre_cents(string) * unsettled_m_[string] * given(counts);
    add(layout_.giving + GivingUnknowns::ShareCount + static_cast<int>(string), held * options_.unsettledSpread);
    const auto addShare = [&](GivingUnknowns::Share which, int count, double slope) {
        add(layout_.giving + which, -held * count * slope / (1.0 - share_[which]));
    };
    const double pull = share_[GivingUnknowns::Pull];
    addShare(GivingUnknowns::Pull, counts.pulls, options_.pullSpread * pull * (1.0 - pull));
    addShare(GivingUnknowns::Elsewhere, counts.elsewhere, options_.shareSpread * share_[GivingUnknowns::Elsewhere]);
    addShare(GivingUnknowns::OwnPeg, counts.ownPeg, options_.shareSpread * share_[GivingUnknowns::OwnPeg]);
}

template <class Add>
void Equations::zSlopes(const Unknowns& at, std::size_t rest, std::size_t string, double by, const Add& add) const {
    const auto stretch = static_cast<std::size_t>(line_.rests[rest].stretch[string]);
    add(layout_.z[stretch], by);
    givenSlopes(at, string, line_.stretches[stretch].at, -by, add);
    givenSlopes(at, string, line_.rests[rest].given[string], by, add);
}

void Equations::addZSlopes(const Unknowns& at, std::size_t rest, std::size_t string, double by,
                           Eigen::Ref<Eigen::VectorXd> row) const {
    zSlopes(at, rest, string, by, [&](int where, double slope) {
        if (where != UnknownsLayout::none)
            row[where] += slope;
    });
}

ClawTurns Equations::clawAt(const Unknowns& at, std::size_t rest) const {
    return at.claw[line_.rests[rest].claw];
}

State Equations::stateAt(const Unknowns& at, std::size_t rest) const {
    const RestPoint& point = line_.rests[rest];
    State state = bareState(model_.rig());
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i)
        if (point.stretch[i] != RestPoint::none)
            state.rest_m[i] = model_.restLength_m(i, zAt_cents(at, rest, i), point.nutLocked);
    state.claw = clawAt(at, rest);
    state.block = point.block;
    state.orientation = point.orientation;
    state.nutLocked = point.nutLocked;
    state.angle_rad = at.angle_rad[rest];
    return state;
}

void Equations::chooseContacts(const Unknowns& at) {
    setGuitar(at);
    constexpr double most = 2.0; // of the usual one: a solution must not buy its way out with friction
    heldFriction_Nm_ = std::min(model_.rig().bridge.friction.pivot_Nm, most * options_.pivotFriction_Nm);
    if (job_.rig.bridge.family == Family::Fixed)
        return;
    for (std::size_t r = 0; r < contacts.size(); ++r) {
        const Limits limits = limitsOf(model_.rig().bridge, line_.rests[r].block);
        const double angle = at.angle_rad[r];
        const auto momentAt = [&](double there) {
            State state = stateAt(at, r);
            state.angle_rad = there;
            return BalanceEquation(model_.rig(), state).unassisted(there).moment_Nm;
        };
        const auto& assist = model_.rig().bridge.assist;
        constexpr double near_rad = 1e-3;
        contacts[r] = Contact::Free;
        if (limits.high_rad - limits.low_rad < 1e-9 ||
            (angle <= limits.low_rad + near_rad && momentAt(limits.low_rad) < 0.0))
            contacts[r] = Contact::Low;
        else if (angle >= limits.high_rad - near_rad && momentAt(limits.high_rad) > 0.0)
            contacts[r] = Contact::High;
        else if (assist && std::abs(angle - assist->centre_rad) < 2.0 * near_rad &&
                 std::abs(momentAt(assist->centre_rad)) < assist->preload_Nm)
            contacts[r] = Contact::Centred;
    }
}

/// One string's slopes in the coordinates of the unknowns.
template <class Add>
void Equations::stringSlopes(const StringModel::Slopes& slopes, const Unknowns& at, std::size_t rest, std::size_t index,
                             int angleIndex, double by, const Add& add) const {
    add(angleIndex, by * slopes[StringModel::Angle]);
    zSlopes(at, rest, index, by * slopes[StringModel::Z], add);
    const RigString& made = model_.rig().strings[index];
    const int own = layout_.guitar + static_cast<int>(GuitarUnknowns::stiffness(index));
    add(own, by * slopes[StringModel::Stiffness] * axialStiffness_N(made.wire) * options_.stringStiffness);
    add(own + 1, by * slopes[StringModel::Mass] * unitMass_kgpm(made.wire) * options_.stringMass);
    const bool shaft = job_.rig.bridge.family == Family::RollerShaft;
    const auto guitar = [&](Learned quantity, double slope) {
        add(layout_.guitar + static_cast<int>(quantity), slope * priorDeviation(options_, quantity));
    };
    guitar(Learned::StringHeight, by * slopes[StringModel::Height] * (shaft ? turnedPart : 1.0));
    if (!shaft)
        guitar(Learned::Setback, by * slopes[StringModel::Setback]);
}

void Equations::addString(const StringModel::Slopes& slopes, const Unknowns& at, std::size_t rest, std::size_t index,
                          int angleIndex, double by) {
    stringSlopes(slopes, at, rest, index, angleIndex, by, [this](int where, double slope) { entry(where, slope); });
}

void Equations::addReadingSlopes(const Unknowns& at, std::size_t rest, std::size_t string,
                                 Eigen::Ref<Eigen::VectorXd> row) const {
    const StringModel model =
        model_.string(string, at.angle_rad[rest], zAt_cents(at, rest, string), line_.rests[rest].nutLocked);
    stringSlopes(model.readingBy, at, rest, string, layout_.angle[rest], 1.0, [&](int where, double slope) {
        if (where != UnknownsLayout::none)
            row[where] += slope;
    });
}

/// The whole moment at an angle with the strings and the claw of a rest; `by` times its slopes go into the row.
double Equations::addMoment(const Unknowns& at, std::size_t rest, double angle_rad, int angleIndex, double by) {
    const RestPoint& point = line_.rests[rest];
    const auto [gravity_Nm, gravityBy] = model_.rest_Nm(angle_rad, point.orientation);
    if (!normal_) {
        double moment_Nm = gravity_Nm + model_.springs_Nm(angle_rad, clawAt(at, rest));
        for (std::size_t i = 0; i < job_.rig.strings.size(); ++i)
            if (point.stretch[i] != RestPoint::none)
                moment_Nm += model_.figures(i, angle_rad, zAt_cents(at, rest, i), point.nutLocked).moment_Nm;
        return moment_Nm;
    }
    double moment_Nm = gravity_Nm;
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
        if (point.stretch[i] == RestPoint::none)
            continue;
        const StringModel string = model_.string(i, angle_rad, zAt_cents(at, rest, i), point.nutLocked);
        moment_Nm += string.moment_Nm;
        addString(string.momentBy, at, rest, i, angleIndex, by);
    }
    const SpringModel springs = model_.springs(angle_rad, clawAt(at, rest));
    moment_Nm += springs.moment_Nm;
    entry(angleIndex, by * (springs.momentBy[SpringModel::Angle] + gravityBy));
    const bool shaft = job_.rig.bridge.family == Family::RollerShaft;
    guitarEntry(Learned::SpringRate, by * springs.momentBy[SpringModel::Rate]);
    guitarEntry(Learned::InitialTension, by * springs.momentBy[SpringModel::Initial]);
    guitarEntry(Learned::HookDepth, by * springs.momentBy[SpringModel::Hook] * (shaft ? turnedPart : 1.0));
    guitarEntry(Learned::ClawPlace, by * springs.momentBy[SpringModel::Place]);
    guitarEntry(Learned::ClawLead, by * springs.momentBy[SpringModel::Lead] * model_.rig().claw.lead_m);
    entry(layout_.claw[point.claw][0], by * springs.momentBy[SpringModel::Bass]);
    entry(layout_.claw[point.claw][1], by * springs.momentBy[SpringModel::Treble]);
    return moment_Nm;
}

void Equations::balance(const Unknowns& at, std::size_t rest) {
    const RestPoint& point = line_.rests[rest];
    const Limits limits = limitsOf(model_.rig().bridge, point.block);
    if (contacts[rest] != Contact::Free) {
        const auto& assist = model_.rig().bridge.assist;
        const double held = contacts[rest] == Contact::Low    ? limits.low_rad
                            : contacts[rest] == Contact::High ? limits.high_rad
                                                              : assist->centre_rad;
        const double off = (at.angle_rad[rest] - held) / options_.blockAngle_rad;
        cost_ += 0.5 * off * off;
        entry(layout_.angle[rest], 1.0 / options_.blockAngle_rad);
        finish(off, 1.0);
        return;
    }
    const double friction_Nm = model_.rig().bridge.friction.pivot_Nm;
    const bool remembers = point.remembers && rest > 0;
    const double share = rest > 0 ? options_.balanceFrictionShare : options_.firstFrictionShare;
    const double deviation = std::hypot(options_.balance_Nm, share * heldFriction_Nm_);
    double residual = addMoment(at, rest, at.angle_rad[rest], layout_.angle[rest], 1.0 / deviation);
    if (remembers) {
        // What the pivot carries: all that the act would have made at the old angle, or as much as it can.
        const double probe = [&] {
            Skyline* const kept = normal_;
            normal_ = nullptr;
            const double moment = addMoment(at, rest, at.angle_rad[rest - 1], UnknownsLayout::none, 0.0);
            normal_ = kept;
            return moment;
        }();
        if (std::abs(probe) <= friction_Nm) {
            residual -= probe;
            if (normal_)
                std::ignore = addMoment(at, rest, at.angle_rad[rest - 1], layout_.angle[rest - 1], -1.0 / deviation);
        } else {
            const double carried = std::copysign(friction_Nm, probe);
            residual -= carried;
            guitarEntry(Learned::PivotFriction, -carried / deviation);
        }
    }
    residual /= deviation;
    cost_ += 0.5 * residual * residual;
    finish(residual, 1.0);
}

/// The old set was level and in tune: one more rest, before the log.
void Equations::remember(const Unknowns& at) {
    if (layout_.oldAngle == UnknownsLayout::none)
        return;
    const double angle = at.oldAngle_rad;
    double moment_Nm = 0.0, byAngle = 0.0;
    StringModel::Slopes slopes = StringModel::Slopes::Zero();
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
        const StringModel string = model_.heldAtPitch(i, oldString(i), angle);
        moment_Nm += string.moment_Nm;
        slopes += string.momentBy;
    }
    const SpringModel springs = job_.old.springs.empty()
                                    ? model_.springs(angle, job_.rig.claw.turns)
                                    : model_.springsBefore(angle, job_.rig.claw.turns, job_.old.springs);
    const auto [gravity_Nm, gravityBy] = model_.rest_Nm(angle, job_.rig.orientation);
    moment_Nm += springs.moment_Nm + gravity_Nm;
    byAngle = slopes[StringModel::Angle] + springs.momentBy[SpringModel::Angle] + gravityBy;
    const double deviation = oldBalance_Nm_;
    const double residual = moment_Nm / deviation;
    const bool shaft = job_.rig.bridge.family == Family::RollerShaft;
    entry(layout_.oldAngle, byAngle / deviation);
    guitarEntry(Learned::StringHeight, slopes[StringModel::Height] * (shaft ? turnedPart : 1.0) / deviation);
    if (!shaft)
        guitarEntry(Learned::Setback, slopes[StringModel::Setback] / deviation);
    guitarEntry(Learned::SpringRate, springs.momentBy[SpringModel::Rate] / deviation);
    guitarEntry(Learned::InitialTension, springs.momentBy[SpringModel::Initial] / deviation);
    guitarEntry(Learned::HookDepth, springs.momentBy[SpringModel::Hook] * (shaft ? turnedPart : 1.0) / deviation);
    guitarEntry(Learned::ClawPlace, springs.momentBy[SpringModel::Place] / deviation);
    guitarEntry(Learned::ClawLead, springs.momentBy[SpringModel::Lead] * model_.rig().claw.lead_m / deviation);
    cost_ += 0.5 * residual * residual;
    finish(residual, 1.0);
    const double off = (angle - job_.old.angle_rad) / options_.rememberedLevel_rad;
    entry(layout_.oldAngle, 1.0 / options_.rememberedLevel_rad);
    cost_ += 0.5 * off * off;
    finish(off, 1.0);
}

void Equations::observe(const Unknowns& at, std::size_t number) {
    const Observation& made = line_.observations[number];
    Residual& out = residuals_[number];
    if (made.superseded) {
        out = {0.0, 0.0, made.value};
        return;
    }
    double deviation = 1.0;
    if (made.kind == Observation::Kind::Pitch) {
        const double z = zAt_cents(at, made.rest, made.string);
        const bool locked = line_.rests[made.rest].nutLocked;
        const double angle = at.angle_rad[made.rest];
        StringModel string;
        if (normal_)
            string = model_.string(made.string, angle, z, locked);
        out.predicted = normal_ ? string.reading_cents : model_.figures(made.string, angle, z, locked).reading_cents;
        deviation = std::hypot(std::max(options_.leastTuner_cents, noise.tuner_cents),
                               options_.pitchModel * (out.predicted - z));
        if (normal_)
            addString(string.readingBy, at, made.rest, made.string, layout_.angle[made.rest], 1.0 / deviation);
    } else {
        const double angle = at.angle_rad[made.rest];
        const Bridge& bridge = job_.rig.bridge;
        const bool gap = made.kind == Observation::Kind::Gap;
        out.predicted = gap ? bridge.rearGap_m + bridge.rearEdge_m * std::sin(angle) : angle;
        deviation = gap ? noise.gap_m : made.deviation > 0.0 ? made.deviation : noise.angle_rad;
        const bool satisfied = made.closed && out.predicted <= 0.0;
        if (satisfied)
            out.predicted = made.value;
        entry(layout_.angle[made.rest],
              satisfied ? 0.0 : (gap ? bridge.rearEdge_m * std::cos(angle) : 1.0) / deviation);
    }
    const double residual = (out.predicted - made.value) / deviation;
    const double at2 = options_.robustAt * options_.robustAt;
    out.inDeviations = residual;
    out.weight = made.confirmed ? 1.0 : 1.0 / (1.0 + residual * residual / at2);
    // The deviation may differ from angle to angle, so its logarithm is left out: readings do not buy their own doubt.
    cost_ += made.confirmed ? 0.5 * residual * residual : 0.5 * at2 * std::log1p(residual * residual / at2);
    finish(residual, out.weight);
}

/// Of the pull that began a stretch, for a string that gives as usual: what no two pulls are alike by.
double Equations::usualDrop_cents(const Stretch& stretch) const {
    constexpr double share = 0.55;
    return model_.zPerMetre_cents(stretch.string) * options_.unsettled_m * share *
           std::pow(1.0 - share, std::max(0, stretch.at.pulls - 1));
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
        entry(before, -1.0 / deviation);
        break;
    case Stretch::Link::Pulled: {
        const std::size_t rest = stretch.firstRest;
        const double drop = model_.zPerMetre_cents(stretch.string) *
                            (left_m(at, rest - 1, stretch.string) - left_m(at, rest, stretch.string));
        expected = zAt_cents(at, rest - 1, stretch.string) - drop;
        deviation = std::hypot(options_.leastTuner_cents, options_.pullHand * usualDrop_cents(stretch));
        const auto add = [this](int where, double slope) { entry(where, slope); };
        entry(before, -1.0 / deviation);
        givenSlopes(at, stretch.string, line_.stretches[stretch.before].at, 1.0 / deviation, add);
        givenSlopes(at, stretch.string, stretch.at, -1.0 / deviation, add);
        break;
    }
    case Stretch::Link::Locked: {
        const std::size_t rest = stretch.firstRest;
        const StringModel string =
            model_.string(stretch.string, at.angle_rad[rest - 1], zAt_cents(at, rest - 1, stretch.string), false, true);
        expected = string.lockedZ_cents;
        deviation = options_.lockShift_cents;
        if (normal_)
            addString(string.lockedBy, at, rest - 1, stretch.string, layout_.angle[rest - 1], -1.0 / deviation);
        break;
    }
    }
    const double residual = (z - expected) / deviation;
    entry(own, 1.0 / deviation);
    cost_ += 0.5 * residual * residual;
    finish(residual, 1.0);
}

void Equations::turnClaw(const Unknowns& at, std::size_t visit) {
    const ClawTurns& counted = line_.claws[visit].counted;
    const auto screw = [&](double now, double before, double turned, std::size_t which) {
        const double deviation =
            turned == 0.0 ? 1e-4 : std::max(options_.clawHandLeast_turns, options_.clawHand * std::abs(turned));
        const double residual = (now - before - turned) / deviation;
        entry(layout_.claw[visit][which], 1.0 / deviation);
        entry(layout_.claw[visit - 1][which], -1.0 / deviation);
        cost_ += 0.5 * residual * residual;
        finish(residual, 1.0);
    };
    screw(at.claw[visit].bass, at.claw[visit - 1].bass, counted.bass, 0);
    screw(at.claw[visit].treble, at.claw[visit - 1].treble, counted.treble, 1);
}

void Equations::addPriors(const Unknowns& at) {
    Eigen::VectorXd learned = at.guitar.value.head(learnedCount);
    if (job_.prior)
        learned = priorRoot_ * (learned - job_.prior->mean);
    for (Eigen::Index k = 0; k < learnedCount; ++k) {
        for (Eigen::Index j = 0; j < learnedCount; ++j)
            entry(layout_.guitar + static_cast<int>(j), priorRoot_(k, j));
        cost_ += 0.5 * learned[k] * learned[k];
        finish(learned[k], 1.0);
    }
    const auto unit = [&](double value, int index) {
        entry(index, 1.0);
        cost_ += 0.5 * value * value;
        finish(value, 1.0);
    };
    for (Eigen::Index k = learnedCount; k < at.guitar.value.size(); ++k)
        unit(at.guitar.value[k], layout_.guitar + static_cast<int>(k));
    for (Eigen::Index k = 0; k < at.giving.value.size(); ++k)
        unit(at.giving.value[k], layout_.giving + static_cast<int>(k));
}

double Equations::evaluate(const Unknowns& at, Skyline* normal, Eigen::VectorXd* gradient) {
    normal_ = normal;
    gradient_ = gradient;
    cost_ = 0.0;
    if (normal) {
        normal->setZero();
        gradient->setZero(layout_.size);
    }
    setGuitar(at);
    addPriors(at);
    remember(at);
    if (job_.rig.bridge.family != Family::Fixed)
        for (std::size_t r = 0; r < line_.rests.size(); ++r)
            balance(at, r);
    for (std::size_t s = 0; s < line_.stretches.size(); ++s)
        link(at, s);
    for (std::size_t k = 1; k < line_.claws.size(); ++k)
        turnClaw(at, k);
    for (std::size_t o = 0; o < line_.observations.size(); ++o)
        observe(at, o);
    return cost_;
}

} // namespace flenzo
