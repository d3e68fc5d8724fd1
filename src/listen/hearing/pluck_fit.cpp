// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/pluck_fit.h"

#include "core/base/units.h"

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

using std::numbers::pi;
constexpr double logPerCent = 1.0 / centsPerNeper;
constexpr int leastPeriods = 4, leastFrames = 5;
constexpr double overlap = 2.5;    ///< frames that tell as much as one that shares nothing with another
constexpr double slowShare = 0.15; ///< of an interfering sound's power that passes for a slope

double square(double x) {
    return x * x;
}

/// By how many cents partial n moves with B.
double centsPerStretch(int n, double stretch) {
    return 0.5 * (n * n / (1.0 + stretch * n * n) - 1.0 / (1.0 + stretch)) / logPerCent;
}

} // namespace

PluckFit::PluckFit(double rate_Hz, const HearingOptions& options)
    : options_(options), rate_Hz_(rate_Hz), window_(static_cast<std::size_t>(options.longestFrame_s * rate_Hz) + 2),
      partials_(mostPartials) {}

/// Amplitude and phase of one partial, frame by frame, against its predicted frequency.
void PluckFit::demodulate(std::span<const double> sound, Partial& partial) {
    const double step = 2.0 * pi * partial.frequency_Hz / rate_Hz_;
    const double dc = std::cos(step), ds = std::sin(step);
    double sum = 0.0;
    for (int j = 0; j < frames_; ++j) {
        const std::size_t from = static_cast<std::size_t>(j) * hop_;
        double c = std::cos(step * static_cast<double>(from)), s = -std::sin(step * static_cast<double>(from));
        double re = 0.0, im = 0.0;
        for (std::size_t k = 0; k < length_; ++k) {
            const double value = window_[k] * sound[from + k];
            re += value * c;
            im += value * s;
            const double next = c * dc + s * ds;
            s = s * dc - c * ds;
            c = next;
        }
        double phase = std::atan2(im, re);
        if (j > 0)
            phase += 2.0 * pi * std::round((partial.phase[j - 1] - phase) / (2.0 * pi));
        partial.phase[j] = phase;
        partial.level[j] = std::hypot(re, im);
        sum += partial.level[j];
    }
    partial.amplitude = sum / frames_;
}

void PluckFit::follow(std::span<const double> sound, const Series& series) {
    const double periods = std::max<double>(leastPeriods, std::round(options_.frame_s * series.first_Hz));
    length_ = std::min(static_cast<std::size_t>(std::lround(periods / series.first_Hz * rate_Hz_)), window_.size());
    hop_ = std::max<std::size_t>(1, length_ / 4);
    if (sound.size() >= length_)
        hop_ = std::max(hop_, (sound.size() - length_) / (mostFrames - 1) + 1);
    frames_ = sound.size() < length_ ? 0 : static_cast<int>((sound.size() - length_) / hop_) + 1;
    count_ = 0;
    if (frames_ < leastFrames)
        return;
    for (std::size_t k = 0; k < length_; ++k)
        window_[k] = (1.0 - std::cos(2.0 * pi * (static_cast<double>(k) + 0.5) / static_cast<double>(length_))) /
                     static_cast<double>(length_);
    const double highest_Hz = std::min(4600.0, 0.42 * rate_Hz_);
    double loudest = 0.0;
    for (int n = 1; n <= mostPartials; ++n) {
        const double frequency_Hz = series.first_Hz * partialRatio(n, series.stretch);
        if (frequency_Hz > highest_Hz)
            break;
        Partial& partial = partials_[count_];
        partial.n = n;
        partial.frequency_Hz = frequency_Hz;
        demodulate(sound, partial);
        loudest = std::max(loudest, partial.amplitude);
        ++count_;
    }
    constexpr double faintest = 3e-3;
    count_ = static_cast<std::size_t>(
        std::remove_if(partials_.begin(), partials_.begin() + static_cast<long>(count_),
                       [&](const Partial& partial) { return partial.amplitude < faintest * loudest; }) -
        partials_.begin());
}

/// Slope, bend and sway: polynomials of the frames' numbers, each of length 1 and square to the others.
void PluckFit::shapePaths() {
    for (int j = 0; j < frames_; ++j) {
        const double x = j - 0.5 * (frames_ - 1);
        shapes_[0][j] = x;
        shapes_[1][j] = x * x;
        shapes_[2][j] = x * x * x;
    }
    for (std::size_t k = 0; k < orders; ++k) {
        auto now = shapes_[k].head(frames_);
        now -= now.mean();
        for (std::size_t before = 0; before < k; ++before)
            now -= (now * shapes_[before].head(frames_)).sum() * shapes_[before].head(frames_);
        now /= std::sqrt(now.square().sum());
    }
}

/// What each partial says alone: how its path slopes, bends and sways, in cents times seconds, and how sure that is.
void PluckFit::describe() {
    double loudest = 0.0;
    for (std::size_t p = 0; p < count_; ++p)
        loudest = std::max(loudest, partials_[p].amplitude);
    const double below = std::pow(10.0, -options_.interference_dB / 20.0);
    for (std::size_t p = 0; p < count_; ++p) {
        Partial& partial = partials_[p];
        const double perCent = 2.0 * pi * partial.frequency_Hz * logPerCent; // radians a second
        auto path = partial.phase.head(frames_);
        path = (path - path.mean()) / perCent;
        double left = path.square().sum();
        for (std::size_t k = 0; k < orders; ++k) {
            partial.shape[k] = (path * shapes_[k].head(frames_)).sum();
            left -= square(partial.shape[k]);
        }
        const double other = square(std::min(1.0, below * loudest / partial.amplitude));
        partial.variance = overlap * std::max(0.0, left) / std::max(1, frames_ - 4) +
                           0.5 * other * slowShare * frames_ / square(perCent);
    }
}

/// Pitch, stretch and glide that all partials agree on, for a glide that dies away in `glideFor_s`; none at 0.
PluckFit::Glide PluckFit::together(double age_s, double glideFor_s) {
    const double step_s = static_cast<double>(hop_) / rate_Hz_;
    const double begin_s = age_s + 0.5 * static_cast<double>(length_) / rate_Hz_;
    std::array<double, orders> ofGlide{};
    const double ofPitch = step_s * std::sqrt((square(frames_) - 1.0) * frames_ / 12.0);
    if (glideFor_s > 0.0)
        for (std::size_t k = 0; k < orders; ++k)
            for (int j = 0; j < frames_; ++j)
                ofGlide[k] -= shapes_[k][j] * glideFor_s * std::exp(-(begin_s + j * step_s) / glideFor_s);
    Glide out;
    const double robust = options_.robustPartials;
    const double least = square(0.5 * options_.floor_cents * ofPitch);
    const double usual = (options_.usualStretch - stretchAt_) / options_.stretchSpread;
    Eigen::Vector3d at = Eigen::Vector3d::Zero();
    constexpr int rounds = 6;
    for (int round = 0; round < rounds; ++round) {
        Eigen::Matrix3d normal = Eigen::Vector3d(0.0, 1.0, 1.0).asDiagonal(); // a usual stretch, a small glide
        Eigen::Vector3d right(0.0, usual, 0.0);
        double squares = 0.0, count = 0.0;
        out.cost = square(at[1] - usual) + square(at[2]);
        for (std::size_t p = 0; p < count_; ++p) {
            Partial& partial = partials_[p];
            const double perStretch = centsPerStretch(partial.n, stretchAt_) * options_.stretchSpread;
            const double variance = partial.variance + least;
            for (std::size_t k = 0; k < orders; ++k) {
                const double pitch = k == 0 ? ofPitch : 0.0;
                const Eigen::Vector3d row(pitch, pitch * perStretch, ofGlide[k] * options_.glide_cents);
                const double off = partial.shape[k] - row.dot(at);
                const double doubt = round == 0 ? 1.0 : 1.0 / (1.0 + square(off / robust) / variance);
                normal += doubt / variance * row * row.transpose();
                right += doubt / variance * partial.shape[k] * row;
                out.cost += square(robust) * std::log1p(square(off / robust) / variance);
                if (k > 0)
                    continue;
                partial.weight = doubt * square(ofPitch) / variance;
                squares += doubt / variance * square(off);
                count += doubt;
            }
        }
        at = normal.ldlt().solve(right);
        const double inflate = std::max(1.0, squares / std::max(1.0, count - 2.0));
        out.variance_cents2 = inflate * normal.inverse()(0, 0);
    }
    out.pitch_cents = at[0];
    out.stretch = at[1] * options_.stretchSpread;
    out.glide_cents = at[2] * options_.glide_cents;
    return out;
}

/// Whether the latest part still moves when the glide is taken out: all partials together, and how far they differ.
void PluckFit::drift(double age_s, double glideFor_s, double glide_cents, FittedPluck& out) {
    const double step_s = static_cast<double>(hop_) / rate_Hz_,
                 begin_s = age_s + 0.5 * static_cast<double>(length_) / rate_Hz_;
    constexpr double part_s = 0.36;
    const int used = std::clamp(static_cast<int>(part_s / step_s), leastFrames, frames_), first = frames_ - used;
    const double middle = 0.5 * (used - 1), curve = (square(used) - 1.0) / 12.0;
    double spread = 0.0, bends = 0.0;
    for (int j = 0; j < used; ++j) {
        spread += square(j - middle);
        bends += square(square(j - middle) - curve);
    }
    double weights = 0.0, squares = 0.0, mean = 0.0, meanSlope = 0.0, weights2 = 0.0;
    for (int round = 0; round < 2; ++round) // the mean, then how far they differ
        for (std::size_t p = 0; p < count_; ++p) {
            const Partial& partial = partials_[p];
            double average = 0.0, slope = 0.0, bend = 0.0;
            const auto path = [&](int j) {
                const double glide =
                    glideFor_s > 0.0 ? -glideFor_s * std::exp(-(begin_s + (first + j) * step_s) / glideFor_s) : 0.0;
                return partial.phase[first + j] - glide_cents * glide;
            };
            for (int j = 0; j < used; ++j)
                average += path(j) / used;
            for (int j = 0; j < used; ++j) {
                slope += (j - middle) * (path(j) - average);
                bend += (square(j - middle) - curve) * (path(j) - average);
            }
            slope = slope / spread / step_s;
            bend = 2.0 * bend / bends / square(step_s);
            if (round == 0) {
                weights += partial.weight;
                weights2 += square(partial.weight);
                mean += partial.weight * bend;
                meanSlope += partial.weight * (slope - partialOff_cents(partial, out));
            } else {
                squares += partial.weight * square(bend - mean / weights);
            }
        }
    const double independent = std::max(1.0, square(weights) / weights2);
    out.drift_centsPerS = mean / weights;
    out.driftDeviation_centsPerS = independent > 1.5 ? std::sqrt(squares / weights / (independent - 1.0)) : 0.0;
    out.latest_cents = meanSlope / weights + 0.5 * out.drift_centsPerS * used * step_s;
}

double PluckFit::partialOff_cents(const Partial& partial, const FittedPluck& out) {
    return (std::log(out.first_Hz * partialRatio(partial.n, out.stretch) / partial.frequency_Hz)) / logPerCent;
}

double PluckFit::decay_dBps() const {
    double first = 0.0, last = 0.0;
    const int share = std::max(1, frames_ / 3);
    for (std::size_t p = 0; p < count_; ++p) {
        first += partials_[p].level.head(share).square().mean();
        last += partials_[p].level.segment(frames_ - share, share).square().mean();
    }
    const double apart_s = static_cast<double>(hop_) * (frames_ - share) / rate_Hz_;
    return apart_s > 0.0 ? 10.0 * std::log10(first / std::max(1e-30, last)) / apart_s : 0.0;
}

FittedPluck PluckFit::fit(std::span<const double> sound, double age_s, const Series& series, bool glides) {
    FittedPluck out;
    Series now = series;
    Glide best;
    double bestFor_s = 0.0;
    for (int round = 0; round < 2; ++round) {
        follow(sound, now);
        if (frames_ < leastFrames || count_ == 0)
            return out;
        stretchAt_ = now.stretch;
        shapePaths();
        describe();
        // None, or one of four by equal factors.
        const double factor = std::cbrt(options_.longestGlide_s / options_.shortestGlide_s);
        std::array<double, 5> glideTimes_s{0.0, options_.shortestGlide_s};
        for (std::size_t k = 2; k < glideTimes_s.size(); ++k)
            glideTimes_s[k] = factor * glideTimes_s[k - 1];
        std::array<Glide, glideTimes_s.size()> tried;
        const std::size_t count = glides ? tried.size() : 1;
        double least = 0.0;
        for (std::size_t k = 0; k < count; ++k) {
            tried[k] = together(age_s, glideTimes_s[k]);
            if (tried[k].glide_cents < 0.0) // a pluck draws a string sharp, never flat
                tried[k] = tried[0];
            if (k == 0 || tried[k].cost < least) {
                least = tried[k].cost;
                best = tried[k];
                bestFor_s = glideTimes_s[k];
            }
        }
        // Their mean by how likely each is, and what they differ by.
        double weights = 0.0, pitch = 0.0, squares = 0.0;
        for (std::size_t k = 0; k < count; ++k) {
            const double weight = std::exp(-0.5 * (tried[k].cost - least));
            weights += weight;
            pitch += weight * tried[k].pitch_cents;
            squares += weight * (tried[k].variance_cents2 + square(tried[k].pitch_cents));
        }
        pitch /= weights;
        best.variance_cents2 = std::max(best.variance_cents2, squares / weights - square(pitch));
        best.pitch_cents = pitch;
        now.first_Hz *= std::exp(best.pitch_cents * logPerCent);
        now.stretch = std::clamp(now.stretch + best.stretch, 0.0, options_.mostStretch);
    }
    out.first_Hz = now.first_Hz;
    out.stretch = now.stretch;
    out.deviation_cents = std::hypot(options_.floor_cents, std::sqrt(std::max(0.0, best.variance_cents2)));
    out.glide_cents = best.glide_cents;
    if (bestFor_s > 0.0)
        out.glideLeft_cents =
            best.glide_cents * std::exp(-(age_s + static_cast<double>(sound.size()) / rate_Hz_) / bestFor_s);
    out.partials = static_cast<int>(count_);
    out.decay_dBps = decay_dBps();
    drift(age_s, bestFor_s, best.glide_cents, out);
    out.ok = std::isfinite(out.first_Hz) && std::isfinite(out.deviation_cents);
    return out;
}

} // namespace flenzo
