// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/random_stream.h"
#include "listen/hearing/pluck_listener.h"
#include "listen/hearing/plucked_string.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <string>
#include <vector>

namespace flenzo::testing {

// Sounds a bench may hear, with what is true of them.

enum class Sound {
    Clean,
    Hum,
    Harmonic,
    SmallMicrophone,
    Ringing,
    Beating,
    Peg,
    Again,
    InTurn,
    Clipped,
    Silence,
    Noise,
    Speech,
    Knocks,
    Rattle,
    Sweep,
    Chord
};
inline const std::vector<std::pair<Sound, const char*>>& sounds() {
    static const std::vector<std::pair<Sound, const char*>> all{{Sound::Clean, "clean"},
                                                                {Sound::Hum, "mains hum"},
                                                                {Sound::Harmonic, "harmonic"},
                                                                {Sound::SmallMicrophone, "small microphone"},
                                                                {Sound::Ringing, "others ringing"},
                                                                {Sound::Beating, "two polarisations"},
                                                                {Sound::Peg, "peg turned"},
                                                                {Sound::Again, "again after 0.8 s"},
                                                                {Sound::InTurn, "strings in turn"},
                                                                {Sound::Clipped, "clipped"},
                                                                {Sound::Silence, "silence"},
                                                                {Sound::Noise, "noise"},
                                                                {Sound::Speech, "speech"},
                                                                {Sound::Knocks, "knocks"},
                                                                {Sound::Rattle, "rattle"},
                                                                {Sound::Sweep, "sweep"},
                                                                {Sound::Chord, "chord"}};
    return all;
}
inline bool hasPlucks(Sound sound) {
    return sound < Sound::Silence;
}

struct TruePluck {
    double at_s = 0.0, first_Hz = 0.0, steady_s = 0.0; ///< steady: after which it may be read
    std::size_t string = 0;
};
struct SoundCase {
    double rate_Hz = 48000.0;
    std::vector<float> sound;
    std::vector<TruePluck> plucks;
    Expected expected; ///< as the job has it
};

class SoundMaker {
public:
    SoundMaker(Sound kind, std::uint32_t seed) : kind_(kind), random_(seed, 3), seed_(seed) {}
    SoundCase make();

private:
    double between(double low, double high) { return random_.between(low, high); }
    void instrument();
    void pluck(double at_s, std::size_t string, double share = 1.0);
    void again(double at_s, std::size_t string);
    void ring(std::size_t string, double share, bool withIt);
    void noise(double amplitude);
    void hum(double amplitude, double from_s);
    void highPass(double cut_Hz);
    void speech();
    void sweep();
    void bursts(int count, double first_s, double apart_s, double low_Hz, double high_Hz);
    void noPlucks();

    Sound kind_;
    RandomStream random_;
    std::uint32_t seed_, plucked_ = 0;
    double loudness_ = 0.25;
    SoundCase out_;
    std::vector<double> truth_Hz_, stretch_;
};

inline void SoundMaker::instrument() {
    static const std::vector<std::vector<double>> tunings{
        {82.407, 110.0, 146.832, 195.998, 246.942, 329.628},
        {61.735, 82.407, 110.0, 146.832, 195.998, 246.942, 329.628},
        {61.735, 82.407, 110.0, 146.832, 184.997, 246.942},
        {46.249, 61.735, 82.407, 110.0, 146.832, 195.998, 246.942, 329.628},
        {73.416, 98.0, 130.81, 174.61, 220.0, 293.66},
        {51.913, 69.296, 92.499, 123.471}};
    const auto& tuning = tunings[static_cast<std::size_t>(between(0.0, 5.999))];
    // Where the log has them last: new strings are far off.
    const double off = between(0.0, 1.0) < 0.3 ? -between(100.0, 400.0) : between(-40.0, 40.0);
    out_.expected.count = tuning.size();
    for (std::size_t s = 0; s < tuning.size(); ++s) {
        out_.expected.first_Hz[s] = tuning[s] * std::exp2((off + between(-15.0, 15.0)) / 1200.0);
        const double truth = tuning[s] * std::exp2((off + between(-35.0, 35.0)) / 1200.0);
        truth_Hz_.push_back(truth);
        stretch_.push_back(std::exp(between(std::log(2e-5), std::log(2.5e-4))));
    }
}

inline void SoundMaker::pluck(double at_s, std::size_t string, double share) {
    PluckedString sounds;
    sounds.first_Hz = truth_Hz_[string];
    sounds.stretch = stretch_[string];
    // A hand that plucks once more does so about as hard.
    sounds.amplitude = share * (kind_ == Sound::Again ? loudness_ * between(0.75, 1.3) : between(0.12, 0.4));
    sounds.pluckedAt = between(0.08, 0.3);
    sounds.fades_s = between(2.5, 9.0);
    sounds.glide_cents = std::exp(between(std::log(0.5), std::log(18.0)));
    sounds.glideFor_s = between(0.07, 0.3);
    TruePluck truth{at_s, sounds.first_Hz, at_s, string};
    if (kind_ == Sound::Beating) {
        sounds.other_cents = between(1.0, 8.0) * (between(0.0, 1.0) < 0.5 ? -1.0 : 1.0);
        sounds.otherShare = between(0.15, 0.6);
    }
    if (kind_ == Sound::Harmonic) {
        sounds.touched = 0.5;
        sounds.pluckedAt = between(0.08, 0.2);
    }
    if (kind_ == Sound::Peg) {
        sounds.turned_cents = between(15.0, 80.0) * (between(0.0, 1.0) < 0.3 ? -1.0 : 1.0);
        sounds.turnFrom_s = between(0.05, 0.3);
        sounds.turnFor_s = between(0.8, 2.4);
        sounds.fades_s = between(5.0, 9.0);
        // Within two cents of where it ends.
        truth.steady_s =
            at_s + sounds.turnFrom_s + 0.25 * sounds.turnFor_s * std::log(std::abs(sounds.turned_cents) / 2.0);
    }
    addPluck(out_.sound, out_.rate_Hz, at_s, sounds, seed_ * 31 + ++plucked_);
    if (share == 1.0)
        out_.plucks.push_back(truth);
}

/// The plectrum that plucks a string stops most of what it still sounds.
inline void SoundMaker::again(double at_s, std::size_t string) {
    const auto from = static_cast<std::size_t>(at_s * out_.rate_Hz);
    const double left = between(0.0, 1.0) < 0.3 ? 1.0 : between(0.0, 0.4); // three in ten ring on
    for (std::size_t k = from; k < out_.sound.size(); ++k)
        out_.sound[k] *=
            static_cast<float>(left + (1.0 - left) * std::exp(-static_cast<double>(k - from) / (0.004 * out_.rate_Hz)));
    pluck(at_s, string);
}

/// Another string that sounds along: since before the take began, or set going by the pluck itself.
inline void SoundMaker::ring(std::size_t string, double share, bool withIt) {
    if (withIt) {
        pluck(0.7, string, share);
        return;
    }
    const auto earlier = static_cast<std::size_t>(0.5 * out_.rate_Hz);
    std::vector<float> mine(out_.sound.size(), 0.0F);
    mine.resize(mine.size() + earlier, 0.0F);
    std::swap(mine, out_.sound);
    pluck(0.0, string, share);
    std::swap(mine, out_.sound);
    for (std::size_t k = 0; k < out_.sound.size(); ++k)
        out_.sound[k] += mine[k + earlier];
}

inline void SoundMaker::noise(double amplitude) {
    for (float& sample : out_.sound)
        sample += static_cast<float>(random_.normal(amplitude));
}

inline void SoundMaker::hum(double amplitude, double from_s) {
    const double mains = between(0.0, 1.0) < 0.5 ? 50.0 : 60.0;
    const auto from = static_cast<std::size_t>(from_s * out_.rate_Hz);
    for (const int n : {1, 2, 3, 5, 7}) {
        const double phase = between(0.0, 6.28), level = amplitude / n;
        for (std::size_t k = from; k < out_.sound.size(); ++k)
            out_.sound[k] += static_cast<float>(
                level * std::sin(2.0 * std::numbers::pi * n * mains * static_cast<double>(k) / out_.rate_Hz + phase));
    }
}

/// Two poles, as a small capsule falls off.
inline void SoundMaker::highPass(double cut_Hz) {
    const double w = std::tan(std::numbers::pi * cut_Hz / out_.rate_Hz), q = 0.7071, norm = 1.0 / (1.0 + w / q + w * w);
    double x1 = 0.0, x2 = 0.0, y1 = 0.0, y2 = 0.0;
    for (float& sample : out_.sound) {
        const double x = sample;
        const double y =
            norm * (x - 2.0 * x1 + x2) - 2.0 * norm * (w * w - 1.0) * y1 - norm * (1.0 - w / q + w * w) * y2;
        x2 = x1;
        x1 = x;
        y2 = y1;
        y1 = y;
        sample = static_cast<float>(y);
    }
}

/// Voiced syllables whose pitch wanders, with two resonances.
inline void SoundMaker::speech() {
    double at = 0.4;
    while (at < 3.0) {
        const double length = between(0.15, 0.45), pitch = between(95.0, 220.0), bend = between(-250.0, 250.0);
        const double one = between(300.0, 800.0), two = between(900.0, 2300.0);
        std::vector<double> phase(30, 0.0);
        const auto from = static_cast<std::size_t>(at * out_.rate_Hz),
                   count = static_cast<std::size_t>(length * out_.rate_Hz);
        for (std::size_t k = 0; k < count && from + k < out_.sound.size(); ++k) {
            const double t = static_cast<double>(k) / out_.rate_Hz;
            const double f = pitch * std::exp2(bend * (t - 0.5 * length) / 1200.0 + 0.01 * std::sin(35.0 * t));
            const double rise = std::min({1.0, t / 0.03, (length - t) / 0.05});
            double value = 0.0;
            for (std::size_t n = 1; n < phase.size() && f * static_cast<double>(n) < 4000.0; ++n) {
                phase[n] += 2.0 * std::numbers::pi * f * static_cast<double>(n) / out_.rate_Hz;
                const double fn = f * static_cast<double>(n);
                value += std::sin(phase[n]) / static_cast<double>(n) *
                         (0.2 + 1.0 / (1.0 + std::pow((fn - one) / 90.0, 2)) +
                          0.7 / (1.0 + std::pow((fn - two) / 130.0, 2)));
            }
            out_.sound[from + k] += static_cast<float>(0.15 * rise * value);
        }
        at += length + between(0.02, 0.25);
    }
}

inline void SoundMaker::sweep() {
    const double from_Hz = between(70.0, 200.0), rate = between(0.15, 0.6); // octaves a second
    double phase = 0.0;
    for (std::size_t k = static_cast<std::size_t>(0.5 * out_.rate_Hz); k < out_.sound.size(); ++k) {
        const double t = static_cast<double>(k) / out_.rate_Hz - 0.5;
        phase += 2.0 * std::numbers::pi * from_Hz * std::exp2(rate * t) / out_.rate_Hz;
        out_.sound[k] +=
            static_cast<float>(0.2 * (std::sin(phase) + 0.5 * std::sin(2.0 * phase) + 0.3 * std::sin(3.0 * phase)));
    }
}

/// Short noises through a resonance that fade fast: knocks, the clicks of a winder.
inline void SoundMaker::bursts(int count, double first_s, double apart_s, double low_Hz, double high_Hz) {
    for (int b = 0; b < count; ++b) {
        const auto from = static_cast<std::size_t>((first_s + b * apart_s * between(0.9, 1.1)) * out_.rate_Hz);
        for (int mode = 0; mode < 4; ++mode) {
            const double f = between(low_Hz, high_Hz), fades = between(0.01, 0.06), level = between(0.05, 0.3);
            for (std::size_t k = from; k < out_.sound.size(); ++k) {
                const double t = static_cast<double>(k - from) / out_.rate_Hz;
                if (t > 0.5)
                    break;
                out_.sound[k] += static_cast<float>(level * std::exp(-t / fades) *
                                                    std::sin(2.0 * std::numbers::pi * f * t + b + mode));
            }
        }
    }
}

inline void SoundMaker::noPlucks() {
    switch (kind_) {
    case Sound::Noise:
        noise(0.1);
        break;
    case Sound::Speech:
        speech();
        break;
    case Sound::Knocks:
        bursts(4, 0.5, 0.7, 80.0, 900.0);
        break;
    case Sound::Rattle:
        bursts(40, 0.4, 0.065, 700.0, 3500.0);
        break;
    case Sound::Sweep:
        sweep();
        break;
    case Sound::Chord:
        for (std::size_t s = 0; s < std::min<std::size_t>(4, truth_Hz_.size()); ++s)
            pluck(0.7 + 0.012 * static_cast<double>(s), s);
        out_.plucks.clear();
        break;
    default:
        hum(0.05, 0.8); // switched on
        break;
    }
}

inline SoundCase SoundMaker::make() {
    static constexpr double rates_Hz[] = {8000, 11025, 16000, 22050, 32000, 44100, 48000, 96000};
    out_.rate_Hz = rates_Hz[static_cast<std::size_t>(between(0.0, 7.999))];
    const double length_s = kind_ == Sound::InTurn ? 8.5 : kind_ == Sound::Peg ? 4.6 : 3.2;
    out_.sound.assign(static_cast<std::size_t>(length_s * out_.rate_Hz), 0.0F);
    instrument();
    const auto any = [&] {
        return static_cast<std::size_t>(between(0.0, static_cast<double>(truth_Hz_.size()) - 0.001));
    };
    const std::size_t string = any();
    loudness_ = between(0.12, 0.4);
    if (kind_ == Sound::Again)
        for (int k = 0; k < 3; ++k)
            again(0.6 + 0.8 * k, string);
    else if (kind_ == Sound::InTurn)
        for (std::size_t s = 0; s < truth_Hz_.size(); ++s)
            pluck(0.6 + 0.95 * static_cast<double>(s), s);
    else if (hasPlucks(kind_))
        pluck(0.7, string);
    else
        noPlucks();
    if (kind_ == Sound::Ringing)
        for (int k = 0; k < 2; ++k)
            if (const std::size_t other = any(); other != string)
                ring(other, std::pow(10.0, -between(12.0, 20.0) / 20.0), between(0.0, 1.0) < 0.5);
    if (kind_ == Sound::Hum)
        hum(between(0.01, 0.06), 0.0);
    if (kind_ == Sound::SmallMicrophone) {
        highPass(between(150.0, 200.0));
        double power = 0.0;
        const auto from = static_cast<std::size_t>(0.75 * out_.rate_Hz),
                   to = static_cast<std::size_t>(1.25 * out_.rate_Hz);
        for (std::size_t k = from; k < to; ++k)
            power += out_.sound[k] * out_.sound[k] / static_cast<double>(to - from);
        noise(std::sqrt(power) * std::pow(10.0, -between(15.0, 25.0) / 20.0));
    } else if (kind_ != Sound::Silence) {
        noise(2e-4);
    }
    if (kind_ == Sound::Clipped)
        for (float& sample : out_.sound)
            sample = std::clamp(4.0F * sample, -0.8F, 0.8F);
    return std::move(out_);
}

inline SoundCase soundCase(Sound kind, std::uint32_t seed) {
    return SoundMaker(kind, seed).make();
}

/// What was heard of one case.
struct HeardCase {
    std::vector<HeardPluck> readings;
    int found = 0, plucks = 0, wrong = 0; ///< wrong: another string, twice the same pluck, where nothing was, too early
    std::vector<double> errors_cents, deviations_cents, delays_s;
};

inline HeardCase hear(const SoundCase& what, const HearingOptions& options = {}, std::size_t block = 512) {
    HeardCase out;
    PluckListener listener(what.rate_Hz, options);
    listener.expect(what.expected);
    std::vector<bool> taken(what.plucks.size(), false);
    out.plucks = static_cast<int>(what.plucks.size());
    for (std::size_t from = 0; from < what.sound.size(); from += block) {
        listener.feed(std::span(what.sound).subspan(from, std::min(block, what.sound.size() - from)));
        while (const auto reading = listener.next()) {
            out.readings.push_back(*reading);
            std::size_t which = what.plucks.size();
            for (std::size_t p = 0; p < what.plucks.size(); ++p)
                if (what.plucks[p].at_s < reading->at_s)
                    which = p;
            if (which == what.plucks.size() || taken[which] || reading->string != what.plucks[which].string ||
                reading->at_s < what.plucks[which].steady_s) {
                ++out.wrong;
                continue;
            }
            taken[which] = true;
            ++out.found;
            out.errors_cents.push_back(1200.0 * std::log2(reading->first_Hz / what.plucks[which].first_Hz));
            out.deviations_cents.push_back(reading->deviation_cents);
            out.delays_s.push_back(reading->at_s - what.plucks[which].at_s);
        }
    }
    return out;
}

} // namespace flenzo::testing
