// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/equations.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace flenzo {

Equations::Equations(const BenchJob& job, const EstimatorOptions& options, const Timeline& line,
                     const UnknownsLayout& layout)
    : contacts(line.rests.size(), Contact::Free), job_(job), options_(options), line_(line), layout_(layout),
      guitar_(line.makes), giving_(job, options, line, layout), row_(layout.size) {
    beginDescent();
    for (const Version& version : line.versions)
        models_.emplace_back(version.rig, job.goal.angle_rad);
    const Prior prior = priorOf(job, line);
    priorMean_ = prior.mean;
    priorRoot_ =
        prior.covariance.llt().matrixL().solve(Eigen::MatrixXd::Identity(prior.mean.size(), prior.mean.size()));
    double variance = std::pow(options.pivotFriction_Nm, 2);
    for (std::size_t i = 0; i < job.rig.strings.size() && job.old.wasLevel; ++i) {
        const SetString old = oldString(i);
        const StringModel string = models_.front().heldAtPitch(i, old.wire, old.target_Hz, job.old.angle_rad);
        variance += std::pow(string.momentBy[StringModel::Z] * options.rememberedPitch_cents, 2) +
                    std::pow(string.momentBy[StringModel::Mass] * unitMass_kgpm(old.wire) * options.stringMass, 2);
    }
    oldBalance_Nm_ = std::sqrt(variance);
}

Prior priorOf(const BenchJob& job, const Timeline& line) {
    std::vector<RigString> makes = line.rigNow().strings;
    for (const Version& version : line.versions)
        for (std::size_t i = 0; i < version.rig.strings.size(); ++i)
            if (version.make[i] >= makes.size()) // each make but the present ones came in with a version, in order
                makes.push_back(version.rig.strings[i]);
    makes.resize(line.makes, makes.back());
    for (const Version& version : line.versions)
        for (std::size_t i = 0; i < version.rig.strings.size(); ++i)
            makes[version.make[i]] = version.rig.strings[i];
    return job.prior.value_or(Prior()).forStrings(makes);
}

SetString Equations::oldString(std::size_t index) const {
    if (index < job_.old.strings.size())
        return job_.old.strings[index];
    return {job_.rig.strings[index].wire, job_.rig.strings[index].target_Hz};
}

void Equations::guitarEntry(Learned quantity, double physicalSlope) {
    row_.add(layout_.guitar + static_cast<int>(quantity), physicalSlope * priorDeviation(options_, quantity));
}

void Equations::setGuitar(const Unknowns& at) {
    if (guitar_.value != at.guitar.value || oldSprings_.empty()) {
        guitar_ = at.guitar;
        for (std::size_t v = 0; v < models_.size(); ++v)
            models_[v].setRig(correctedRig(line_.versions[v], options_, guitar_));
        oldSprings_ = job_.old.springs.empty() ? job_.rig.springs : job_.old.springs;
        correctSprings(oldSprings_, job_.rig.bridge.has().motion, options_, guitar_);
    }
    giving_.set(at.giving);
}

double Equations::zAt_cents(const Unknowns& at, std::size_t rest, std::size_t string) const {
    const int stretch = line_.rests[rest].stretch[string];
    if (stretch == RestPoint::none)
        return 0.0;
    const double z = at.z_cents[static_cast<std::size_t>(stretch)];
    if (!giving_.any())
        return z;
    const Stretch& one = line_.stretches[static_cast<std::size_t>(stretch)];
    const double let_m = giving_.left_m(one.piece, one.at) - left_m(rest, string);
    return z - model(rest).zPerMetre_cents(string) * let_m;
}

void Equations::addZ(std::size_t rest, std::size_t string, double by) {
    const auto stretch = static_cast<std::size_t>(line_.rests[rest].stretch[string]);
    const double perMetre = by * model(rest).zPerMetre_cents(string);
    const std::size_t piece = line_.stretches[stretch].piece;
    row_.add(layout_.z[stretch], by);
    giving_.addLeft(row_, piece, line_.stretches[stretch].at, -perMetre);
    giving_.addLeft(row_, piece, line_.rests[rest].given[string], perMetre);
}

Eigen::VectorXd Equations::zSlopes(std::size_t rest, std::size_t string) {
    addZ(rest, string, 1.0);
    return row_.take();
}

Eigen::VectorXd Equations::readingSlopes(const Unknowns& at, std::size_t rest, std::size_t string) {
    const StringModel answer = model(rest).string(string, Turned(at.angle_rad[rest]), zAt_cents(at, rest, string),
                                                  line_.rests[rest].nutLocked);
    addString(answer.readingBy, rest, string, layout_.angle[rest], 1.0);
    return row_.take();
}

ClawTurns Equations::clawAt(const Unknowns& at, std::size_t rest) const {
    return at.claw[line_.rests[rest].claw];
}

State Equations::stateAt(const Unknowns& at, std::size_t rest) const {
    const RestPoint& point = line_.rests[rest];
    State state = bareState(model(rest).rig());
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i)
        if (point.stretch[i] != RestPoint::none)
            state.unstretchedLength_m[i] = model(rest).unstretchedLength_m(i, zAt_cents(at, rest, i), point.nutLocked);
    state.claw = clawAt(at, rest);
    state.block = point.block;
    if (point.block && point.blockIsEstimated)
        state.block->angle_rad = at.angle_rad[rest];
    state.orientation = point.orientation;
    state.nutLocked = point.nutLocked;
    state.angle_rad = at.angle_rad[rest];
    return state;
}

Contact Equations::contactOf(const Unknowns& at, std::size_t rest, const Limits& limits) const {
    const double angle = at.angle_rad[rest];
    const auto momentAt = [&](double there) {
        State state = stateAt(at, rest);
        state.angle_rad = there;
        return BalanceEquation(model(rest).rig(), state).unassisted(there).moment_Nm;
    };
    const auto& assist = model(rest).rig().bridge.assist;
    constexpr double near_rad = 1e-3;
    // A plate that touches comes off when the moment there turns, not where its readings would have it.
    const bool low = contacts[rest] == Contact::Low || angle <= limits.low_rad + near_rad;
    const bool high = contacts[rest] == Contact::High || angle >= limits.high_rad - near_rad;
    if (limits.high_rad - limits.low_rad < 1e-9 || (low && momentAt(limits.low_rad) < 0.0))
        return Contact::Low;
    if (high && momentAt(limits.high_rad) > 0.0)
        return Contact::High;
    if (assist && std::abs(angle - assist->centre_rad) < 2.0 * near_rad &&
        std::abs(momentAt(assist->centre_rad)) < assist->preload_Nm)
        return Contact::Centred;
    return Contact::Free;
}

bool Equations::chooseContacts(const Unknowns& at) {
    setGuitar(at);
    const double friction_Nm =
        std::min(modelNow().rig().bridge.friction.pivot_Nm, options_.mostHeldFriction * options_.pivotFriction_Nm);
    bool changed =
        !folded_ && std::abs(friction_Nm - heldFriction_Nm_) > options_.heldFrictionChange * heldFriction_Nm_;
    if (changed)
        heldFriction_Nm_ = friction_Nm;
    for (std::size_t r = folded_ ? folded_->rests() : 0; r < contacts.size() && job_.rig.bridge.has().moves(); ++r) {
        Contact contact = contactOf(at, r, limitsOf(model(r).rig().bridge, line_.rests[r].block));
        // One that only just touches would come off and go back for ever.
        constexpr int mostLifts = 2;
        if (contact == Contact::Free && contacts[r] != Contact::Free && lifted_[r]++ >= mostLifts)
            contact = contacts[r];
        changed = changed || contact != contacts[r];
        contacts[r] = contact;
    }
    return changed;
}

double Equations::heldAngle_rad(Contact contact, const Limits& limits) const {
    return contact == Contact::Low    ? limits.low_rad
           : contact == Contact::High ? limits.high_rad
                                      : modelNow().rig().bridge.assist->centre_rad;
}

/// One string's slopes in the coordinates of the unknowns.
void Equations::addString(const StringModel::Slopes& slopes, std::size_t rest, std::size_t index, int angleIndex,
                          double by) {
    row_.add(angleIndex, by * slopes[StringModel::Angle]);
    addZ(rest, index, by * slopes[StringModel::Z]);
    const Version& version = line_.versions[line_.rests[rest].version];
    const RigString& made = model(rest).rig().strings[index];
    const int own = layout_.guitar + static_cast<int>(stiffnessIndex(version.make[index]));
    row_.add(own, by * slopes[StringModel::Stiffness] * axialStiffness_N(made.wire) * options_.stringStiffness);
    row_.add(own + 1, by * slopes[StringModel::Mass] * unitMass_kgpm(made.wire) * options_.stringMass);
    guitarEntry(Learned::StringHeight, by * slopes[StringModel::Height] * (isShaft() ? turnedPart : 1.0));
    if (!isShaft())
        guitarEntry(Learned::Setback, by * slopes[StringModel::Setback]);
}

void Equations::addSprings(const SpringModel& springs, double by) {
    guitarEntry(Learned::SpringRate, by * springs.momentBy[SpringModel::Rate]);
    guitarEntry(Learned::InitialTension, by * springs.momentBy[SpringModel::Initial]);
    guitarEntry(Learned::HookDepth, by * springs.momentBy[SpringModel::Hook] * (isShaft() ? turnedPart : 1.0));
    guitarEntry(Learned::ClawPlace, by * springs.momentBy[SpringModel::Place]);
    guitarEntry(Learned::ClawLead, by * springs.momentBy[SpringModel::Lead] * modelNow().rig().claw.lead_m);
}

Equations::Turning Equations::turning(const Unknowns& at, std::size_t rest, std::size_t plateOf) const {
    const RestPoint &now = line_.rests[rest], &then = line_.rests[plateOf];
    const RestModel& guitar = model(rest);
    const bool again = plateOf != rest && now.version == then.version; // much is as it was there
    Turning out;
    out.plate = Turned(at.angle_rad[plateOf]);
    std::tie(out.moment_Nm, out.angleSlope) = guitar.rest_Nm(out.plate, now.orientation);
    out.springs = again && now.claw == then.claw ? before_.springs : guitar.springs(out.plate, clawAt(at, rest));
    out.moment_Nm += out.springs.moment_Nm;
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i) {
        if (now.stretch[i] == RestPoint::none)
            continue;
        const bool same =
            again && !giving_.any() && now.stretch[i] == then.stretch[i] && now.nutLocked == then.nutLocked;
        out.strings[i] = same ? before_.strings[i] : guitar.string(i, out.plate, zAt_cents(at, rest, i), now.nutLocked);
        out.moment_Nm += out.strings[i].moment_Nm;
    }
    return out;
}

void Equations::addTurning(const Turning& turning, std::size_t rest, int angleIndex, double by) {
    const RestPoint& point = line_.rests[rest];
    for (std::size_t i = 0; i < job_.rig.strings.size(); ++i)
        if (point.stretch[i] != RestPoint::none)
            addString(turning.strings[i].momentBy, rest, i, angleIndex, by);
    const auto& springs = turning.springs.momentBy;
    row_.add(angleIndex, by * (springs[SpringModel::Angle] + turning.angleSlope));
    row_.add(layout_.claw[point.claw][0], by * springs[SpringModel::Bass]);
    row_.add(layout_.claw[point.claw][1], by * springs[SpringModel::Treble]);
    addSprings(turning.springs, by);
}

void Equations::balance(const Unknowns& at, std::size_t rest) {
    const RestPoint& point = line_.rests[rest];
    const Limits limits = limitsOf(model(rest).rig().bridge, point.block);
    const double share = rest > 0 ? options_.balanceFrictionShare : options_.firstFrictionShare;
    const double deviation = std::hypot(options_.balance_Nm, share * heldFriction_Nm_);
    // With its deviation's logarithm, so that solutions which weigh the balance differently can be compared.
    const double weighed = std::log(deviation / options_.balance_Nm);
    if (contacts[rest] != Contact::Free) {
        const double held = heldAngle_rad(contacts[rest], limits);
        const auto holdAt = [&](double angle, double deviation_rad) {
            row_.add(layout_.angle[rest], 1.0 / deviation_rad);
            const double off = (at.angle_rad[rest] - angle) / deviation_rad;
            row_.finish(off, 1.0, 0.5 * off * off + weighed);
        };
        if (!point.block || !point.blockIsEstimated) {
            holdAt(held, options_.blockAngle_rad);
        } else if (rest == 0 || line_.rests[rest - 1].block != point.block) {
            holdAt(held, options_.blockUnmeasured_rad);
        } else { // as it was held before, wherever that is
            row_.add(layout_.angle[rest - 1], -1.0 / options_.blockAngle_rad);
            holdAt(at.angle_rad[rest - 1], options_.blockAngle_rad);
        }
        return;
    }
    addTurning(here_, rest, layout_.angle[rest], 1.0 / deviation);
    double sum_Nm = here_.moment_Nm;
    if (point.remembers && rest > 0) {
        // What the pivot carries: all that the act would have made at the old angle, or as much as it can.
        const double friction_Nm = model(rest).rig().bridge.friction.pivot_Nm;
        const Turning old = turning(at, rest, rest - 1);
        const double carried_Nm = std::clamp(old.moment_Nm, -friction_Nm, friction_Nm);
        sum_Nm -= carried_Nm;
        if (carried_Nm == old.moment_Nm)
            addTurning(old, rest, layout_.angle[rest - 1], -1.0 / deviation);
        else
            guitarEntry(Learned::PivotFriction, -carried_Nm / deviation);
    }
    const double off = sum_Nm / deviation;
    row_.finish(off, 1.0, 0.5 * off * off + weighed);
}

void Equations::evaluate(const Unknowns& at, Evaluation& out) {
    row_.begin(out.normal, out.gradient);
    out.residuals.resize(line_.observations.size());
    out.strain_nats.assign(line_.rests.size(), 0.0);
    setGuitar(at);
    std::size_t next = 0, first = 0; // readings are in the order of their rests
    if (folded_) {
        addFolded(at, out);
        next = folded_->residuals.size();
        first = folded_->rests() - 1; // its last rest may have been read since
    } else {
        addPriors(at);
        remember(at);
    }
    for (std::size_t r = first; r < line_.rests.size(); ++r) {
        std::swap(here_, before_);
        here_ = turning(at, r, r);
        const double before = row_.cost();
        if (job_.rig.bridge.has().moves() && !(folded_ && r == first))
            balance(at, r);
        for (; next < line_.observations.size() && line_.observations[next].rest == r; ++next)
            observe(at, line_.observations[next], out.residuals[next]);
        out.strain_nats[r] += row_.cost() - before;
    }
    const auto strained = [&](std::size_t rest, const auto& add) {
        const double before = row_.cost();
        add();
        out.strain_nats[rest] += row_.cost() - before;
    };
    for (std::size_t s = folded_ ? folded_->stretches : 0; s < line_.stretches.size(); ++s)
        strained(line_.stretches[s].firstRest, [&] { link(at, s); });
    for (std::size_t k = folded_ ? folded_->claws : 1; k < line_.claws.size(); ++k)
        strained(line_.claws[k].rest, [&] { turnClaw(at, k); });
    for (std::size_t k = folded_ ? folded_->gaps : 0; k < line_.gaps.size(); ++k) {
        row_.add(layout_.strain[k], 1.0);
        row_.finish(at.strain[k]);
    }
    out.cost = row_.cost();
}

} // namespace flenzo
