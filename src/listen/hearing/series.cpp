// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/series.h"

#include "core/base/units.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace flenzo {

double partialRatio(int n, double stretch) {
    return n * std::sqrt((1.0 + stretch * n * n) / (1.0 + stretch));
}

Series octaveDown(const Series& harmonic) {
    Series out = harmonic;
    out.stretch = 0.25 * harmonic.stretch;
    out.first_Hz = harmonic.first_Hz / partialRatio(2, out.stretch);
    return out;
}

void Peaks::find(std::span<const double> power, std::span<const double> before, double bin_Hz, double fresh) {
    count_ = 0;
    constexpr double lowest_Hz = 30.0, highest_Hz = 4700.0, range = 1e-5;
    const auto from = static_cast<std::size_t>(lowest_Hz / bin_Hz);
    const std::size_t to = std::min(power.size() - 2, static_cast<std::size_t>(highest_Hz / bin_Hz));
    const double least =
        range * *std::max_element(power.begin() + static_cast<long>(from), power.begin() + static_cast<long>(to));
    for (std::size_t k = std::max<std::size_t>(2, from); k < to; ++k) {
        const double here = power[k];
        if (here <= least || here < power[k - 1] || here <= power[k + 1])
            continue;
        const double old = std::max({before[k - 1], before[k], before[k + 1]});
        if (here < fresh * old)
            continue;
        // A parabola through the logarithms.
        const double a = std::log(power[k - 1] + 1e-30), b = std::log(here), c = std::log(power[k + 1] + 1e-30);
        const double bend = a - 2.0 * b + c, off = bend < 0.0 ? std::clamp(0.5 * (a - c) / bend, -0.5, 0.5) : 0.0;
        const Peak peak{(static_cast<double>(k) + off) * bin_Hz,
                        std::sqrt(fresh > 0.0 ? std::max(0.0, here - old) : here)};
        if (count_ < most) {
            peaks_[count_++] = peak;
            continue;
        }
        Peak& weakest = *std::min_element(peaks_.begin(), peaks_.end(),
                                          [](const Peak& x, const Peak& y) { return x.amplitude < y.amplitude; });
        if (weakest.amplitude < peak.amplitude)
            weakest = peak;
    }
    std::sort(peaks_.begin(), peaks_.begin() + static_cast<long>(count_),
              [](const Peak& x, const Peak& y) { return x.frequency_Hz < y.frequency_Hz; });
}

double Peaks::amplitude() const {
    return std::accumulate(peaks_.begin(), peaks_.begin() + static_cast<long>(count_), 0.0,
                           [](double sum, const Peak& peak) { return sum + peak.amplitude; });
}

double Peaks::power() const {
    return std::accumulate(peaks_.begin(), peaks_.begin() + static_cast<long>(count_), 0.0,
                           [](double sum, const Peak& peak) { return sum + peak.amplitude * peak.amplitude; });
}

void Peaks::remove(const Series& series) {
    const auto isPartial = [&series](const Peak& peak) {
        const int about = std::max(1, static_cast<int>(std::lround(peak.frequency_Hz / series.first_Hz)));
        for (int n = std::max(1, about - 2); n <= about + 1; ++n)
            if (std::abs(peak.frequency_Hz - series.first_Hz * partialRatio(n, series.stretch)) <
                std::max(3.0, 0.012 * peak.frequency_Hz))
                return true;
        return false;
    };
    count_ = static_cast<std::size_t>(
        std::remove_if(peaks_.begin(), peaks_.begin() + static_cast<long>(count_), isPartial) - peaks_.begin());
}

namespace {

/// Follows one series up the peaks: what it finds moves pitch and stretch for the next partial.
class Follow {
public:
    Follow(std::span<const Peak> peaks, const HearingOptions& options) : peaks_(peaks), options_(options) {
        for (const Peak& peak : peaks)
            whole_ += peak.amplitude;
    }

    [[nodiscard]] Series from(double first_Hz) const {
        // Weighted least squares of ln(f / n) on the pitch and on how it stretches with n squared.
        double w = 0.0, wx = 0.0, wxx = 0.0, wy = 0.0, wxy = 0.0;
        Series series{first_Hz, options_.usualStretch, 0.0, 0};
        const double prior = 1.0 / (options_.stretchSpread * options_.stretchSpread);
        double found = 0.0;
        for (int n = 1; n <= options_.mostPartials; ++n) {
            const double wanted_Hz = series.first_Hz * partialRatio(n, series.stretch);
            const Peak* peak = nearest(wanted_Hz);
            if (!peak)
                break;
            const double off = std::abs(centsPerNeper * std::log(peak->frequency_Hz / wanted_Hz));
            // Near the bottom a few Hz are many cents; far up the stretch is not known yet.
            const double allowed = std::min(90.0, 14.0 + 1.6 * centsPerNeper / wanted_Hz + 2.0 * n);
            if (off > allowed)
                continue;
            found += peak->amplitude;
            ++series.partials;
            const double x = 0.5 * (n * n - 1.0), y = std::log(peak->frequency_Hz / n / first_Hz);
            const double weight = peak->amplitude * n * n; // the same error in Hz is fewer cents further up
            w += weight;
            wx += weight * x;
            wxx += weight * x * x;
            wy += weight * y;
            wxy += weight * x * y;
            // ln(f_n / n) = ln f_1 + x B, with B held near what is usual.
            const double scale = w * 1e-6; // a pitch known to a cent or so, in the units of the weights
            const double a = wxx + scale * prior, b = wxy + scale * prior * options_.usualStretch;
            const double det = w * a - wx * wx;
            if (det > 0.0) {
                series.stretch = std::clamp((w * b - wx * wy) / det, 0.0, options_.mostStretch);
                series.first_Hz = first_Hz * std::exp((wy - wx * series.stretch) / w);
            }
        }
        series.explained = whole_ > 0.0 ? found / whole_ : 0.0;
        return series;
    }

private:
    [[nodiscard]] const Peak* nearest(double frequency_Hz) const {
        const auto above = std::lower_bound(peaks_.begin(), peaks_.end(), frequency_Hz,
                                            [](const Peak& peak, double at) { return peak.frequency_Hz < at; });
        if (above == peaks_.begin())
            return peaks_.empty() ? nullptr : &peaks_.front();
        const auto below = above - 1;
        if (above == peaks_.end())
            return frequency_Hz > 1.1 * below->frequency_Hz ? nullptr : &*below;
        return above->frequency_Hz - frequency_Hz < frequency_Hz - below->frequency_Hz ? &*above : &*below;
    }

    std::span<const Peak> peaks_;
    const HearingOptions& options_;
    double whole_ = 0.0;
};

bool isExpected(double first_Hz, const Expected& expected, double most_cents) {
    for (std::size_t s = 0; s < expected.count; ++s)
        for (const double octave : {1.0, 2.0})
            if (std::abs(centsPerNeper * std::log(first_Hz / (octave * expected.first_Hz[s]))) < most_cents)
                return true;
    if (expected.asked < expected.count && std::abs(centsPerNeper * std::log(first_Hz / expected.aim_Hz)) < most_cents)
        return true;
    return expected.count == 0;
}

} // namespace

std::optional<Series> seriesOf(std::span<const Peak> peaks, const Expected& expected, const HearingOptions& options) {
    // Candidates: the strongest peaks as one of the first partials of something.
    constexpr std::size_t strongest = 10;
    std::array<std::size_t, Peaks::most> order{};
    for (std::size_t k = 0; k < peaks.size(); ++k)
        order[k] = k;
    const std::size_t used = std::min(strongest, peaks.size());
    std::partial_sort(order.begin(), order.begin() + static_cast<long>(used),
                      order.begin() + static_cast<long>(peaks.size()),
                      [&](std::size_t a, std::size_t b) { return peaks[a].amplitude > peaks[b].amplitude; });
    const Follow follow(peaks, options);
    constexpr int asPartial = 9;
    std::array<Series, strongest * asPartial> found{};
    std::size_t count = 0;
    double best = 0.0;
    for (std::size_t k = 0; k < used; ++k)
        for (int n = 1; n <= asPartial; ++n) {
            const double first_Hz = peaks[order[k]].frequency_Hz / partialRatio(n, options.usualStretch);
            if (first_Hz < options.lowest_Hz || first_Hz > options.highest_Hz ||
                !isExpected(first_Hz, expected, options.mostOff_cents))
                continue;
            const Series series = follow.from(first_Hz);
            best = std::max(best, series.explained);
            found[count++] = series;
        }
    if (best < options.explained)
        return std::nullopt;
    const Series& most = *std::max_element(found.begin(), found.begin() + static_cast<long>(count),
                                           [](const Series& a, const Series& b) { return a.explained < b.explained; });
    // A low string holds a high one that is its third or fourth partial; alone it would not give that so much.
    const auto needed = [&](const Series& series) {
        const double times = series.first_Hz / most.first_Hz, whole = std::round(times);
        return best * (whole > 2.0 && std::abs(times - whole) < 0.02 * whole ? options.asGoodFar : options.asGood);
    };
    const Series* highest = nullptr;
    for (std::size_t k = 0; k < count; ++k)
        if (found[k].explained >= needed(found[k]) &&
            (!highest || found[k].first_Hz > 1.02 * highest->first_Hz ||
             (found[k].first_Hz > 0.98 * highest->first_Hz && found[k].explained > highest->explained)))
            highest = &found[k];
    const int least = highest->first_Hz > 250.0 ? 2 : 3;
    return highest->partials >= least ? std::optional(*highest) : std::nullopt;
}

} // namespace flenzo
