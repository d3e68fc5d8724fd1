// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/outlier.h"

#include "core/statics/pitch.h"
#include "core/statics/readings.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// What a wrong reading most likely is.
void explain(const BenchJob& job, const EstimatorOptions& options, Outlier& doubt,
             const std::vector<double>& predicted) {
    const auto fits = [&](double value) { return std::abs(value - doubt.predicted) < options.misread_cents; };
    if (!doubt.string)
        return;
    if (fits(doubt.measured + 1200.0) || fits(doubt.measured - 1200.0))
        doubt.likely = Outlier::Likely::WrongOctave;
    else if (fits(-doubt.measured))
        doubt.likely = Outlier::Likely::WrongSign;
    else if (fits(doubt.measured * 10.0) || fits(doubt.measured / 10.0))
        doubt.likely = Outlier::Likely::SlippedPoint;
    else if (doubt.measured < doubt.predicted)
        doubt.likely = Outlier::Likely::SlippedString;
    const double read_Hz = frequencyAt_Hz(job.rig.strings[*doubt.string].target_Hz, doubt.measured);
    for (std::size_t i = 0; i < predicted.size(); ++i)
        if (i != *doubt.string && std::isfinite(predicted[i]) &&
            std::abs(cents(read_Hz, job.rig.strings[i].target_Hz) - predicted[i]) < options.swapped_cents) {
            doubt.likely = Outlier::Likely::OtherString;
            doubt.otherString = i;
        }
}

bool sameKind(const Observation& a, const Observation& b) {
    return a.kind == b.kind && a.string == b.string;
}

/// Whether a later reading of the same kind has taken its place, or it has been asked for often enough.
bool isSettled(const EstimatorOptions& options, const Timeline& line, std::size_t number) {
    const Observation& made = line.observations[number];
    int reads = 0;
    bool later = false;
    for (std::size_t o = 0; o < line.observations.size(); ++o)
        if (const Observation& other = line.observations[o]; other.rest == made.rest && sameKind(made, other)) {
            ++reads;
            later = later || o > number;
        }
    return later || reads > options.mostChecks;
}

/// Cents, metres or radians: nothing smaller is questioned.
double least(const BenchJob& job, const EstimatorOptions& options, Observation::Kind kind) {
    return kind == Observation::Kind::Pitch ? options.leastDoubt_cents
           : kind == Observation::Kind::Gap ? options.leastDoubt_m
                                            : options.leastDoubt_m / job.rig.bridge.rearEdge_m;
}

} // namespace

std::optional<Outlier> openOutlier(const BenchJob& job, const EstimatorOptions& options, const Timeline& line,
                                   const std::vector<Residual>& residuals, const std::vector<double>& readings_cents) {
    std::optional<Outlier> open;
    for (std::size_t o = 0; o < line.observations.size(); ++o) {
        const Observation& made = line.observations[o];
        const Residual& residual = residuals[o];
        const double deviations = std::abs(residual.inDeviations);
        if (made.rest + 1 != line.rests.size() || made.confirmed || (!made.wrong && deviations < options.doubtFrom) ||
            std::abs(residual.predicted - made.value) < least(job, options, made.kind) ||
            (open && deviations <= open->inDeviations) || isSettled(options, line, o))
            continue;
        Outlier doubt;
        doubt.event = made.event;
        doubt.inDeviations = deviations;
        doubt.measured = made.value;
        doubt.predicted = residual.predicted;
        if (made.kind == Observation::Kind::Pitch)
            doubt.string = made.string;
        if (made.kind == Observation::Kind::Angle) {
            doubt.measured = gapAt_m(line.rigNow().bridge, made.value);
            doubt.predicted = gapAt_m(line.rigNow().bridge, residual.predicted);
        }
        explain(job, options, doubt, readings_cents);
        open = doubt;
    }
    return open;
}

} // namespace flenzo
