// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/unknowns.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// One local unknown while the order is made: where its number goes, and the rests in which it counts.
struct Local {
    int* number;
    std::size_t born, dies;
};

void meet(std::vector<int>& first, int a, int b) {
    if (a == UnknownsLayout::none || b == UnknownsLayout::none)
        return;
    int& earliest = first[static_cast<std::size_t>(std::max(a, b))];
    earliest = std::min(earliest, std::min(a, b));
}

} // namespace

bool stringsGive(const BenchJob& job) {
    return job.method.stretch || std::any_of(job.log.begin(), job.log.end(),
                                             [](const Event& event) { return event.kind == Event::Kind::Stretched; });
}

UnknownsLayout::UnknownsLayout(const BenchJob& job, const Timeline& line)
    : angle(line.rests.size(), none), z(line.stretches.size(), none), claw(line.claws.size(), {none, none}) {
    std::vector<Local> locals;
    if (job.old.wasLevel && hasClaw(job.rig))
        locals.push_back({&oldAngle, 0, 0});
    if (job.rig.bridge.family != Family::Fixed)
        for (std::size_t r = 0; r < angle.size(); ++r)
            locals.push_back({&angle[r], r, r + 1});
    for (std::size_t s = 0; s < z.size(); ++s)
        locals.push_back({&z[s], line.stretches[s].firstRest, line.stretches[s].lastRest});
    for (std::size_t k = 1; k < claw.size(); ++k) {
        const std::size_t dies = k + 1 < claw.size() ? line.claws[k + 1].rest : line.rests.size();
        for (std::size_t screw = 0; screw < 2; ++screw)
            locals.push_back({&claw[k][screw], line.claws[k].rest, dies});
    }
    std::stable_sort(locals.begin(), locals.end(), [](const Local& a, const Local& b) { return a.dies < b.dies; });
    for (const Local& local : locals)
        *local.number = size++;
    const int border = size;
    guitar = size;
    size += static_cast<int>(GuitarUnknowns(job.rig.strings.size()).value.size());
    giving = size;
    if (stringsGive(job))
        size += GivingUnknowns::ShareCount + static_cast<int>(job.rig.strings.size());
    first.resize(static_cast<std::size_t>(size));
    for (int i = 0; i < size; ++i)
        first[static_cast<std::size_t>(i)] = i < border ? i : 0;
    for (std::size_t r = 0; r < line.rests.size(); ++r) {
        std::vector<int> here{angle[r], r > 0 ? angle[r - 1] : none};
        for (const int stretch : line.rests[r].stretch)
            if (stretch != RestPoint::none)
                here.push_back(z[static_cast<std::size_t>(stretch)]);
        here.push_back(claw[line.rests[r].claw][0]);
        here.push_back(claw[line.rests[r].claw][1]);
        for (const int a : here)
            for (const int b : here)
                meet(first, a, b);
    }
    for (std::size_t k = 2; k < claw.size(); ++k)
        for (std::size_t screw = 0; screw < 2; ++screw)
            meet(first, claw[k][screw], claw[k - 1][screw]);
    for (std::size_t s = 0; s < z.size(); ++s)
        if (const Stretch& stretch = line.stretches[s]; stretch.link != Stretch::Link::None) {
            meet(first, z[s], z[stretch.before]);
            if (stretch.firstRest > 0)
                meet(first, z[s], angle[stretch.firstRest - 1]);
        }
}

Unknowns UnknownsLayout::plus(const Unknowns& to, const Eigen::VectorXd& step) const {
    Unknowns out = to;
    const auto add = [&](double& value, int at) {
        if (at != none)
            value += step[at];
    };
    add(out.oldAngle_rad, oldAngle);
    for (std::size_t r = 0; r < angle.size(); ++r)
        add(out.angle_rad[r], angle[r]);
    for (std::size_t s = 0; s < z.size(); ++s)
        add(out.z_cents[s], z[s]);
    for (std::size_t k = 1; k < claw.size(); ++k) {
        add(out.claw[k].bass, claw[k][0]);
        add(out.claw[k].treble, claw[k][1]);
    }
    out.guitar.value += step.segment(guitar, out.guitar.value.size());
    if (out.giving.any())
        out.giving.value += step.segment(giving, out.giving.value.size());
    return out;
}

double UnknownsLayout::sizeOf(const Eigen::VectorXd& step) const {
    constexpr double cents = 2.5, turned_rad = 0.00087, turns = 0.05;
    double largest = step.tail(size - guitar).cwiseAbs().maxCoeff();
    const auto count = [&](int at, double unit) {
        if (at != none)
            largest = std::max(largest, std::abs(step[at]) / unit);
    };
    for (const int at : angle)
        count(at, turned_rad);
    for (const int at : z)
        count(at, cents);
    for (const auto& screws : claw)
        for (const int at : screws)
            count(at, turns);
    return largest;
}

} // namespace flenzo
