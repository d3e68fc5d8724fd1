// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/pluck_listener.h"

#include "core/base/units.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double kept_s = 2.2;
constexpr double coarse_s = 0.40, beforePluck_s = 0.035;
constexpr int hopsApart = 3; ///< of two looks at a pluck

std::size_t spectrumSize(double rate_Hz) {
    std::size_t size = 1024;
    while (static_cast<double>(size) < 1.2 * coarse_s * rate_Hz)
        size *= 2;
    return size;
}

} // namespace

PluckListener::PluckListener(double rate_Hz, const HearingOptions& options)
    : options_(options), inRate_Hz_(rate_Hz), tops_(rate_Hz), decimator_(rate_Hz),
      onsets_(decimator_.rate_Hz(), options), spectrum_(spectrumSize(decimator_.rate_Hz())),
      before_(spectrumSize(decimator_.rate_Hz())), fit_(decimator_.rate_Hz(), options),
      kept_(static_cast<std::size_t>(kept_s * decimator_.rate_Hz())) {
    ring_.assign(2 * kept_, 0.0);
}

std::span<const double> PluckListener::past(std::size_t count, std::size_t ago) const {
    const std::size_t end = at_ + kept_ - std::min(ago, kept_);
    return {ring_.data() + (end - std::min(count, end)), std::min(count, end)};
}

void PluckListener::feed(std::span<const float> sound) {
    for (const float sample : sound) {
        ++fed_;
        tops_.feed(sample);
        double out = 0.0;
        if (!decimator_.feed(std::isfinite(sample) ? std::clamp(static_cast<double>(sample), -8.0, 8.0) : 0.0, out))
            continue;
        // at_ is where the next sample goes in the second half; the first half repeats it.
        ring_[at_] = ring_[at_ + kept_] = out;
        at_ = (at_ + 1) % kept_;
        ++samples_;
        if (++sinceHop_ == onsets_.hop()) {
            sinceHop_ = 0;
            hop();
        }
    }
}

std::optional<HeardPluck> PluckListener::next() {
    if (waiting_ == 0)
        return std::nullopt;
    const HeardPluck out = queue_[first_];
    first_ = (first_ + 1) % queued;
    --waiting_;
    return out;
}

void PluckListener::hop() {
    const auto ago_s = onsets_.look(past(onsets_.frame(), 0));
    now_.level_dBFS = onsets_.level_dBFS();
    if (ago_s)
        begin(std::max(0.0, heard_s() - *ago_s));
    ++hops_;
    if (candidate_ && hops_ % hopsApart == 0)
        follow();
}

/// A new pluck; one before it that was not sure yet is left unsaid.
void PluckListener::begin(double at_s) {
    if (candidate_) {
        const double age_s = at_s - candidate_->at_s;
        constexpr double sameStrike_s = 0.09;
        if (age_s < sameStrike_s)
            return;
    }
    candidate_ = Candidate{};
    candidate_->at_s = at_s;
    now_.state = HearingNow::State::Struck;
    now_.first_Hz = 0.0;
    now_.string.reset();
}

std::optional<Series> PluckListener::coarse(double age_s) {
    const double rate_Hz = decimator_.rate_Hz();
    const auto count = static_cast<std::size_t>(std::clamp(age_s - options_.from_s, 0.1, coarse_s) * rate_Hz);
    spectrum_.take(past(count, 0));
    const auto ago = static_cast<std::size_t>((age_s + beforePluck_s) * rate_Hz);
    before_.take(ago + count < kept_ && ago + count < samples_ ? past(count, ago) : std::span<const double>());
    const double bin_Hz = rate_Hz / static_cast<double>(spectrum_.size());
    peaks_.find(spectrum_.power(), before_.power(), bin_Hz, options_.fresh);
    const std::optional<Series> fresh = seriesOf(peaks_.all(), expected_, options_);
    if (last_Hz_ <= 0.0)
        return fresh;
    // The string that sounds already, plucked once more, has few partials that are new, but some of it has grown. Where
    // nothing has, and what is new is no other string, nobody plucked: somebody spoke, or two polarisations swell.
    wholePeaks_.find(spectrum_.power(), before_.power(), bin_Hz, 0.0);
    const std::optional<Series> whole = seriesOf(wholePeaks_.all(), expected_, options_);
    constexpr double same_cents = 40.0;
    if (!whole || std::abs(centsPerNeper * std::log(whole->first_Hz / last_Hz_)) > same_cents)
        return fresh;
    const Grown grown = grownSince(*whole, bin_Hz);
    const bool isNew = peaks_.amplitude() >= options_.newShare * wholePeaks_.amplitude() && isAnother(fresh, *whole);
    if (isNew && grown.share <= options_.grownShare)
        return fresh;
    candidate_->again |= grown.share > options_.grownAtAll || grown.times > options_.fading;
    if (!candidate_->again)
        return std::nullopt;
    peaks_ = wholePeaks_;
    return whole;
}

/// Whether what the series leaves makes another string that is not much softer.
bool PluckListener::isChord(const Series& series) {
    const double amplitude = peaks_.amplitude(), power = peaks_.power();
    peaks_.remove(series);
    // A soft string with many partials has amplitude, a dull one power; another string has both.
    const double times = std::sqrt(peaks_.amplitude() / std::max(1e-20, amplitude - peaks_.amplitude()) *
                                   peaks_.power() / std::max(1e-20, power - peaks_.power()));
    return times > options_.chordShare && seriesOf(peaks_.all(), expected_, options_);
}

/// Whether what is new is plainly another string and no part of the one that sounds.
bool PluckListener::isAnother(const std::optional<Series>& fresh, const Series& sounding) {
    constexpr double plain = 0.75, near = 0.01;
    constexpr int enough = 4;
    if (!fresh || fresh->explained < plain || fresh->partials < enough)
        return false;
    const double times = fresh->first_Hz / sounding.first_Hz;
    return times < 1.0 - near || std::abs(times - std::round(times)) > near * times;
}

PluckListener::Grown PluckListener::grownSince(const Series& series, double bin_Hz) const {
    constexpr double grown = 1.3; // times the power
    double share = 0.0, all = 1e-20, old = 1e-20;
    for (int n = 1; n <= options_.mostPartials; ++n) {
        const double at_Hz = series.first_Hz * partialRatio(n, series.stretch);
        const auto bin = static_cast<std::size_t>(std::lround(at_Hz / bin_Hz));
        if (bin < 1 || bin + 2 >= spectrum_.power().size())
            break;
        const auto largest = [bin](std::span<const double> power) {
            return std::max({power[bin - 1], power[bin], power[bin + 1]});
        };
        const double now = largest(spectrum_.power()), before = largest(before_.power());
        all += std::sqrt(now);
        old += std::sqrt(before);
        if (now > grown * before)
            share += std::sqrt(now);
    }
    return {share / all, all / old};
}

/// From where that string was last, or from its aim while its peg is in hand.
double PluckListener::offFrom_cents(std::size_t string, double heard_Hz) const {
    const auto off = [heard_Hz](double expected_Hz) {
        return std::abs(centsPerNeper * std::log(heard_Hz / expected_Hz));
    };
    const double last = off(expected_.first_Hz[string]);
    return string == expected_.asked ? std::min(last, off(expected_.aim_Hz)) : last;
}

/// The string that was heard last nearest to this, as it is or as its harmonic at the twelfth fret. One that sounds
/// keeps its name while its peg takes it past others.
void PluckListener::nameString(HeardPluck& pluck, Series& series) {
    constexpr double onItsWay_cents = 120.0; // between two looks
    const Series lower = octaveDown(series);
    const bool follows = candidate_->moved && candidate_->string &&
                         std::abs(centsPerNeper * std::log(series.first_Hz / candidate_->heard_Hz)) < onItsWay_cents;
    if (follows) {
        pluck.string = candidate_->string;
        pluck.harmonic = candidate_->harmonic;
    } else {
        double least = 1e9;
        for (std::size_t s = 0; s < expected_.count; ++s) {
            if (expected_.first_Hz[s] <= 0.0)
                continue;
            for (const bool octave : {false, true}) {
                const double off = offFrom_cents(s, octave ? lower.first_Hz : series.first_Hz);
                const double price = off + (octave ? options_.octaveUp_cents : 0.0);
                if (off < options_.mostOff_cents && price < least) {
                    least = price;
                    pluck.harmonic = octave;
                    pluck.string = s;
                }
            }
        }
    }
    candidate_->heard_Hz = series.first_Hz;
    candidate_->string = pluck.string;
    candidate_->harmonic = pluck.harmonic;
    if (pluck.harmonic)
        series = lower;
}

PluckListener::Judged PluckListener::judge(double age_s) {
    Judged out;
    const std::optional<Series> series = coarse(age_s);
    if (!series || isChord(*series) || (age_s > options_.late_s && series->explained < options_.explainedLate))
        return out;
    if (candidate_->dies && (series->explained < options_.explainedMuted || series->partials < options_.partialsMuted))
        return out; // knocks die as fast, and so do syllables
    const double rate_Hz = decimator_.rate_Hz();
    constexpr double shorter = 0.7; // once it has moved, no more than must be has to be steady
    const double span_s = std::min(age_s - options_.from_s, options_.span_s * (candidate_->moved ? shorter : 1.0));
    const bool glides = age_s < options_.glideUntil_s && !candidate_->moved;
    const FittedPluck fitted =
        fit_.fit(past(static_cast<std::size_t>(span_s * rate_Hz), 0), age_s - span_s, *series, glides);
    if (!fitted.ok)
        return out;
    HeardPluck pluck;
    pluck.at_s = heard_s();
    pluck.plucked_s = candidate_->at_s;
    pluck.deviation_cents = fitted.deviation_cents;
    Series heard{fitted.first_Hz, fitted.stretch, series->explained, fitted.partials};
    if (candidate_->moved) { // where it is now, not where it was on the way
        heard.first_Hz *= std::exp(fitted.latest_cents / centsPerNeper);
        pluck.deviation_cents = std::hypot(pluck.deviation_cents, options_.homing_s * fitted.drift_centsPerS);
    }
    pluck.sounded_Hz = heard.first_Hz;
    nameString(pluck, heard);
    pluck.first_Hz = heard.first_Hz;
    if (expected_.count > 0 && !pluck.string)
        return out;
    const double flat = (candidate_->moved ? options_.flatAfterPeg_centsPerS : options_.flat_centsPerS) +
                        2.0 * fitted.driftDeviation_centsPerS;
    out.fades = fitted.decay_dBps > options_.decay_dBps || candidate_->clipped;
    out.steady = std::abs(fitted.drift_centsPerS) < flat && fitted.glide_cents <= options_.mostGlide_cents &&
                 fitted.glideLeft_cents < options_.mostAhead_cents && out.fades &&
                 fitted.decay_dBps < (candidate_->dies ? options_.mostDecayMuted_dBps : options_.mostDecay_dBps);
    if (!candidate_->dies && // too short a look to tell
        (std::abs(fitted.drift_centsPerS) > 4.0 * flat || fitted.glide_cents > options_.mostGlide_cents))
        candidate_->moved = true;
    now_.first_Hz = pluck.first_Hz * (candidate_->moved ? 1.0 : std::exp(fitted.latest_cents / centsPerNeper));
    now_.string = pluck.string;
    out.pluck = pluck;
    return out;
}

void PluckListener::follow() {
    const double age_s = heard_s() - candidate_->at_s;
    candidate_->loudest_dBFS = std::max(candidate_->loudest_dBFS, onsets_.level_dBFS());
    candidate_->dies = age_s < options_.earliest_s && age_s > options_.earliestMuted_s &&
                       onsets_.level_dBFS() < candidate_->loudest_dBFS - options_.muted_dB;
    if (age_s < options_.earliest_s && !candidate_->dies)
        return;
    if (age_s > options_.forget_s || onsets_.level_dBFS() < options_.floor_dBFS) {
        candidate_.reset();
        now_.state = HearingNow::State::Quiet;
        return;
    }
    candidate_->clipped |= tops_.areMany();
    const double before_Hz = candidate_->heard_Hz;
    const Judged judged = judge(age_s);
    // A hum or a sweep never fades: looking at it on and on would cost more than all strings.
    if (!judged.pluck || (age_s > options_.late_s && !judged.fades)) {
        now_.state = HearingNow::State::Unsure;
        if (!candidate_->dies && ++candidate_->misses > options_.patience)
            candidate_.reset();
        return;
    }
    now_.state = HearingNow::State::Settling;
    const double late = std::clamp((age_s - options_.earliest_s) / (options_.latest_s - options_.earliest_s), 0.0, 1.0);
    const double sure = candidate_->dies ? options_.sureMuted_cents
                                         : options_.sureEarly_cents *
                                               std::pow(options_.sureLate_cents / options_.sureEarly_cents, late);
    if (!judged.steady || judged.pluck->deviation_cents > sure)
        return;
    // What dies so fast might be anything: it must say the same twice.
    if (candidate_->dies &&
        (judged.pluck->harmonic || before_Hz <= 0.0 ||
         std::abs(centsPerNeper * std::log(candidate_->heard_Hz / before_Hz)) > options_.agreeMuted_cents))
        return;
    HeardPluck said = *judged.pluck;
    said.deviation_cents *= options_.honesty * (candidate_->clipped || candidate_->dies ? options_.clippedTimes : 1.0);
    for (double* pitch_Hz : {&said.first_Hz, &said.sounded_Hz}) // a fast clock makes every pitch look low
        *pitch_Hz *= 1.0 + 1e-6 * options_.calibration_ppm;
    publish(said);
    candidate_.reset();
    now_.state = HearingNow::State::Taken;
}

void PluckListener::publish(const HeardPluck& pluck) {
    if (waiting_ == queued) { // nobody asks; the oldest goes
        first_ = (first_ + 1) % queued;
        --waiting_;
    }
    queue_[(first_ + waiting_) % queued] = pluck;
    ++waiting_;
    if (pluck.string)
        expected_.first_Hz[*pluck.string] = pluck.first_Hz;
    last_Hz_ = pluck.harmonic ? 2.0 * pluck.first_Hz : pluck.first_Hz;
}

} // namespace flenzo
