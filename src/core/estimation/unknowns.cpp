// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/unknowns.h"

#include <algorithm>

namespace flenzo {

namespace {

/// One local unknown while the order is made: where its number goes, what of it is plain to see, and the rests in which
/// it counts.
struct Local {
    int* number;
    double unit;
    std::size_t born, dies;
};

} // namespace

bool stringsGive(const BenchJob& job) {
    return job.method.stretch || std::any_of(job.log.begin(), job.log.end(),
                                             [](const Event& event) { return event.kind == Event::Kind::Stretched; });
}

GivingUnknowns::GivingUnknowns(const BenchJob& job, const Timeline& line) {
    if (stringsGive(job))
        value.setZero(ShareCount + static_cast<Eigen::Index>(line.pieces));
}

UnknownsLayout::UnknownsLayout(const BenchJob& job, const Timeline& line, std::size_t from)
    : angle(line.rests.size(), none), z(line.stretches.size(), none), claw(line.claws.size(), {none, none}),
      strain(line.gaps.size(), none) {
    constexpr double cents = 2.5, turned_rad = 0.00087, turns = 0.05;
    std::vector<Local> locals;
    if (job.old.wasLevel && hasClaw(job.rig))
        locals.push_back({&oldAngle, turned_rad, 0, 0});
    if (job.rig.bridge.has().moves())
        for (std::size_t r = 0; r < angle.size(); ++r)
            locals.push_back({&angle[r], turned_rad, r, r + 1});
    for (std::size_t s = 0; s < z.size(); ++s)
        locals.push_back({&z[s], cents, line.stretches[s].firstRest, line.stretches[s].lastRest});
    for (std::size_t k = 1; k < claw.size(); ++k) {
        const std::size_t dies = k + 1 < claw.size() ? line.claws[k + 1].rest : line.rests.size();
        for (std::size_t screw = 0; screw < 2; ++screw)
            locals.push_back({&claw[k][screw], turns, line.claws[k].rest, dies});
    }
    for (std::size_t k = 0; k < strain.size(); ++k)
        locals.push_back({&strain[k], 1.0, line.gaps[k].rest, line.gaps[k].rest});
    std::erase_if(locals, [from](const Local& one) { return one.dies < from; });
    std::stable_sort(locals.begin(), locals.end(), [](const Local& a, const Local& b) { return a.dies < b.dies; });
    for (const Local& local : locals) {
        *local.number = size++;
        // It meets whatever was still there when it came, and what it took the place of.
        const auto met = std::lower_bound(locals.begin(), locals.end(), local.born,
                                          [](const Local& other, std::size_t born) { return other.dies + 1 < born; });
        first.push_back(static_cast<int>(met - locals.begin()));
    }
    guitar = size;
    size += static_cast<int>(GuitarUnknowns(line.makes).value.size());
    giving = size;
    size += static_cast<int>(GivingUnknowns(job, line).value.size());
    first.resize(static_cast<std::size_t>(size), 0); // the guitar meets all
    unit.setOnes(size);
    for (const Local& local : locals)
        unit[*local.number] = local.unit;
}

namespace {

/// Calls with the number and the value of every unknown that a layout has.
template <class Solution, class Call>
void forEachUnknown(const UnknownsLayout& layout, Solution& of, const Call& call) {
    const auto visit = [&](int at, auto& value) {
        if (at != UnknownsLayout::none)
            call(at, value);
    };
    visit(layout.oldAngle, of.oldAngle_rad);
    for (std::size_t r = 0; r < layout.angle.size(); ++r)
        visit(layout.angle[r], of.angle_rad[r]);
    for (std::size_t s = 0; s < layout.z.size(); ++s)
        visit(layout.z[s], of.z_cents[s]);
    for (std::size_t k = 1; k < layout.claw.size(); ++k) {
        visit(layout.claw[k][0], of.claw[k].bass);
        visit(layout.claw[k][1], of.claw[k].treble);
    }
    for (std::size_t k = 0; k < layout.strain.size(); ++k)
        visit(layout.strain[k], of.strain[k]);
    for (int k = layout.guitar; k < layout.giving; ++k)
        visit(k, of.guitar.value[k - layout.guitar]);
    for (int k = layout.giving; k < layout.size; ++k)
        visit(k, of.giving.value[k - layout.giving]);
}

} // namespace

Eigen::VectorXd UnknownsLayout::valuesOf(const Unknowns& from) const {
    Eigen::VectorXd values(size);
    forEachUnknown(*this, from, [&](int at, double value) { values[at] = value; });
    return values;
}

Unknowns UnknownsLayout::plus(const Unknowns& to, const Eigen::VectorXd& step) const {
    Unknowns out = to;
    forEachUnknown(*this, out, [&](int at, double& value) { value += step[at]; });
    return out;
}

} // namespace flenzo
