// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "support/sounds.h"

#include <complex>

namespace flenzo::testing {

// The same bench by another hand: most of the listener was made before it and knows nothing of it; what waits for
// glides, palms, cut tops and chords was chosen on seeds from 91000 on. Partials fade in two stages, each at its own
// rate, a pickup and a plectrum take some away, the noise is pink, a body knocks at the pluck.

enum class BenchSound {
    Clean,
    SlowingHand, ///< the peg slows down as it nears its aim, then is still for a second or so, then a hand mutes
    Harmonic,
    Beating,
    SmallMicrophone,
    Clipped,
    PalmMuted,
    Distorted,
    SomebodyTalks, ///< 20 dB below the string
    Chord,
    Room ///< speech, knocks and a winder, and no string
};
inline const std::vector<std::pair<BenchSound, const char*>>& benchSounds() {
    static const std::vector<std::pair<BenchSound, const char*>> all{{BenchSound::Clean, "clean"},
                                                                     {BenchSound::SlowingHand, "slowing hand"},
                                                                     {BenchSound::Harmonic, "harmonic"},
                                                                     {BenchSound::Beating, "two polarisations"},
                                                                     {BenchSound::SmallMicrophone, "small microphone"},
                                                                     {BenchSound::Clipped, "clipped"},
                                                                     {BenchSound::PalmMuted, "palm-muted"},
                                                                     {BenchSound::Distorted, "distorted"},
                                                                     {BenchSound::SomebodyTalks, "somebody talks"},
                                                                     {BenchSound::Chord, "chord"},
                                                                     {BenchSound::Room, "room"}};
    return all;
}

class BenchSoundMaker {
public:
    BenchSoundMaker(BenchSound kind, std::uint32_t seed) : kind_(kind), random_(seed, 11) {}

    SoundCase make() {
        static constexpr double rates_Hz[] = {16000, 44100, 48000};
        out_.rate_Hz = rates_Hz[static_cast<std::size_t>(between(0.0, 2.999))];
        instrument();
        std::size_t string = any();
        while (kind_ == BenchSound::Harmonic && octaveIsAnother(string))
            string = any();
        const double at_s = between(0.5, 0.9);
        out_.sound.assign(static_cast<std::size_t>((kind_ == BenchSound::SlowingHand ? 6.0 : 3.4) * out_.rate_Hz),
                          0.0F);
        if (kind_ == BenchSound::Chord)
            chord(at_s);
        else if (kind_ != BenchSound::Room)
            pluck(at_s, string);
        if (kind_ == BenchSound::Room)
            talk(0.3);
        if (kind_ == BenchSound::SomebodyTalks)
            talk(0.1 * loudest());
        if (kind_ == BenchSound::Room)
            winder();
        colour();
        return std::move(out_);
    }

private:
    double between(double low, double high) { return random_.between(low, high); }
    bool odds(double share) { return between(0.0, 1.0) < share; }
    std::size_t any() { return static_cast<std::size_t>(between(0.0, static_cast<double>(truth_Hz_.size()) - 0.001)); }

    void instrument() {
        static const std::vector<std::vector<int>> tunings{{40, 45, 50, 55, 59, 64},
                                                           {38, 45, 50, 55, 59, 64},
                                                           {39, 44, 49, 54, 58, 63},
                                                           {35, 40, 45, 50, 55, 59, 64},
                                                           {36, 43, 48, 53, 57, 62}};
        const auto& tuning = tunings[static_cast<std::size_t>(between(0.0, 4.999))];
        const double off = odds(0.25) ? -between(60.0, 380.0) : between(-30.0, 30.0);
        out_.expected.count = tuning.size();
        for (std::size_t s = 0; s < tuning.size(); ++s) {
            const double note_Hz = 440.0 * std::exp2((tuning[s] - 69) / 12.0);
            out_.expected.first_Hz[s] = note_Hz * std::exp2((off + between(-12.0, 12.0)) / 1200.0);
            truth_Hz_.push_back(note_Hz * std::exp2((off + between(-30.0, 30.0)) / 1200.0));
        }
    }

    /// Nobody can tell such a string's harmonic from the other string.
    [[nodiscard]] bool octaveIsAnother(std::size_t string) const {
        return std::any_of(truth_Hz_.begin(), truth_Hz_.end(), [&](double other_Hz) {
            return std::abs(std::log2(other_Hz / truth_Hz_[string]) - 1.0) < 0.08;
        });
    }

    struct Path { ///< of the pitch, in cents from where it ends
        double glide_cents = 0.0, glideFor_s = 0.1, turn_cents = 0.0, from_s = 0.0, for_s = 1.0, slows = 4.0;
        [[nodiscard]] double at(double t) const {
            const double x = std::clamp((t - from_s) / for_s, 0.0, 1.0);
            const double left = (std::exp(-slows * x) - std::exp(-slows)) / (1.0 - std::exp(-slows));
            return glide_cents * std::exp(-t / glideFor_s) - turn_cents * left;
        }
    };

    void pluck(double at_s, std::size_t string) {
        Path path;
        path.glide_cents = std::pow(between(0.0, 1.0), 2.0) * 14.0;
        path.glideFor_s = between(0.06, 0.25);
        TruePluck truth{at_s, truth_Hz_[string], at_s, string};
        double until_s = 1e9;
        if (kind_ == BenchSound::SlowingHand) {
            path.turn_cents = between(8.0, 70.0) * (odds(0.25) ? -1.0 : 1.0);
            path.from_s = between(0.05, 0.4);
            path.for_s = between(1.0, 3.0);
            path.slows = between(3.0, 6.0);
            until_s = path.from_s + path.for_s + between(0.7, 1.5);
            while (std::abs(path.at(truth.steady_s - at_s) -
                            path.glide_cents * std::exp(-(truth.steady_s - at_s) / path.glideFor_s)) > 1.5)
                truth.steady_s += 0.005;
        }
        sound(at_s, truth.first_Hz, path, between(0.1, 0.35), until_s);
        if (kind_ == BenchSound::Beating)
            sound(at_s, truth.first_Hz * std::exp2(between(1.0, 8.0) * (odds(0.5) ? -1.0 : 1.0) / 1200.0), path,
                  level_ * between(0.15, 0.6), until_s);
        out_.plucks.push_back(truth);
    }

    void chord(double at_s) {
        const std::size_t count = truth_Hz_.size(), few = 2 + static_cast<std::size_t>(between(0.0, 3.999));
        std::size_t first = any();
        const double apart_s = between(0.004, 0.03);
        for (std::size_t k = 0; k < std::min(few, count); ++k, first = (first + 1) % count)
            sound(at_s + apart_s * static_cast<double>(k), truth_Hz_[first], Path{}, between(0.15, 0.25), 1e9);
    }

    /// One string: what plectrum, pickup and string leave of each partial, fading fast at first, slower later.
    void sound(double at_s, double first_Hz, const Path& path, double level, double until_s) {
        level_ = level;
        const bool harmonic = kind_ == BenchSound::Harmonic, muted = kind_ == BenchSound::PalmMuted;
        const double stretch = std::exp(between(std::log(1.5e-5), std::log(3e-4)));
        const double plectrum = between(0.06, 0.22), pickup = between(0.05, 0.25), soft = between(2.0, 8.0);
        const double slow_s = muted ? between(0.05, 0.25) : between(1.2, 4.0), fast_s = between(0.15, 0.5);
        const double fastShare = between(0.2, 0.6), damping = muted ? between(0.02, 0.1) : between(0.001, 0.01);
        const auto from = static_cast<std::size_t>(at_s * out_.rate_Hz);
        for (int n = harmonic ? 2 : 1; n <= 40; n += harmonic ? 2 : 1) {
            const double ratio = partialRatio(n, stretch), f = first_Hz * ratio;
            if (f > 0.45 * out_.rate_Hz || f > 7000.0)
                break;
            const double share = level / n * std::abs(std::sin(n * std::numbers::pi * plectrum)) / plectrum * 0.3 *
                                 std::abs(std::sin(n * std::numbers::pi * pickup)) * 2.0 /
                                 (1.0 + std::pow(n / soft, 2.0)) * between(0.6, 1.4);
            const double slower = 1.0 / slow_s + damping * n * n, faster = slower + 1.0 / fast_s;
            const auto loud = [&](double t) {
                const double hand = t > until_s ? std::exp(-(t - until_s) / 0.03) : 1.0;
                return share * hand * std::min(1.0, t / 0.002) *
                       ((1.0 - fastShare) * std::exp(-slower * t) + fastShare * std::exp(-faster * t));
            };
            // Pitch and loudness are worked out anew every few samples.
            constexpr std::size_t few = 16;
            auto turning = std::polar(1.0, between(0.0, 6.28));
            for (std::size_t k = from; k < out_.sound.size(); k += few) {
                const double t = static_cast<double>(k - from) / out_.rate_Hz, later = t + few / out_.rate_Hz;
                if (slower * t > 14.0)
                    break;
                const auto step =
                    std::polar(1.0, 2.0 * std::numbers::pi * f * std::exp2(path.at(t) / 1200.0) / out_.rate_Hz);
                double loudNow = loud(t);
                const double grows = (loud(later) - loudNow) / few;
                for (std::size_t m = k; m < std::min(k + few, out_.sound.size()); ++m, loudNow += grows) {
                    turning *= step;
                    out_.sound[m] += static_cast<float>(loudNow * turning.imag());
                }
            }
        }
        for (std::size_t k = from; k < std::min(out_.sound.size(), from + 4000); ++k) { // the plectrum, the body
            const double t = static_cast<double>(k - from) / out_.rate_Hz;
            out_.sound[k] +=
                static_cast<float>(level * (0.15 * random_.normal(1.0) * std::exp(-t / 0.004) +
                                            0.1 * std::sin(2.0 * std::numbers::pi * 187.0 * t) * std::exp(-t / 0.02)));
        }
    }

    [[nodiscard]] double loudest() const {
        double most = 1e-6;
        for (const float sample : out_.sound)
            most = std::max(most, std::abs(static_cast<double>(sample)));
        return most;
    }

    /// A voice that comes to `level`: a source of wandering pitch through a resonance that moves.
    void talk(double level) {
        std::vector<float> string(out_.sound.size(), 0.0F);
        std::swap(string, out_.sound);
        double phase = 0.0, pitch_Hz = between(85.0, 230.0), y1 = 0.0, y2 = 0.0, centre_Hz = 600.0, left_s = 0.0;
        bool voiced = false;
        const double r = std::exp(-std::numbers::pi * 90.0 / out_.rate_Hz);
        for (float& sample : out_.sound) {
            left_s -= 1.0 / out_.rate_Hz;
            if (left_s <= 0.0) {
                voiced = !voiced || odds(0.4);
                left_s = voiced ? between(0.06, 0.3) : between(0.03, 0.3);
                centre_Hz = between(350.0, 1800.0);
                pitch_Hz = std::clamp(pitch_Hz * std::exp2(between(-0.25, 0.25)), 80.0, 300.0);
            }
            pitch_Hz *= 1.0 + random_.normal(2e-4);
            phase = std::fmod(phase + pitch_Hz / out_.rate_Hz, 1.0);
            const double turns = 2.0 * std::numbers::pi * centre_Hz / out_.rate_Hz;
            const double y =
                (voiced ? phase - 0.5 : random_.normal(0.03)) + 2.0 * r * std::cos(turns) * y1 - r * r * y2;
            y2 = y1;
            y1 = y;
            sample = static_cast<float>(y);
        }
        const double scale = level / loudest();
        for (std::size_t k = 0; k < string.size(); ++k)
            out_.sound[k] = string[k] + static_cast<float>(scale * out_.sound[k]);
    }

    void winder() {
        for (double at = between(0.3, 0.8); at < 3.0; at += between(0.05, 0.16)) {
            const auto from = static_cast<std::size_t>(at * out_.rate_Hz);
            const double level = between(0.03, 0.3), f = between(300.0, 2600.0), fades_s = between(0.004, 0.04);
            for (std::size_t k = from; k < std::min(out_.sound.size(), from + 6000); ++k) {
                const double t = static_cast<double>(k - from) / out_.rate_Hz;
                out_.sound[k] += static_cast<float>(level * std::exp(-t / fades_s) *
                                                    (std::sin(2.0 * std::numbers::pi * f * t) + random_.normal(0.4)));
            }
        }
    }

    /// What microphone, amplifier and converter make of it.
    void colour() {
        const double peak = loudest();
        double hiss = between(1e-4, 8e-4);
        if (kind_ == BenchSound::SmallMicrophone) {
            const double pole = std::exp(-2.0 * std::numbers::pi * between(130.0, 200.0) / out_.rate_Hz);
            for (int twice = 0; twice < 2; ++twice) {
                double x1 = 0.0, y = 0.0;
                for (float& sample : out_.sound) {
                    y = pole * (y + sample - x1);
                    x1 = sample;
                    sample = static_cast<float>(y);
                }
            }
            hiss = 0.16 * peak * std::pow(10.0, -between(12.0, 22.0) / 20.0);
        }
        if (kind_ == BenchSound::Distorted) { // a valve's curve, not quite even
            const double gain = between(4.0, 40.0) / peak;
            for (float& sample : out_.sound)
                sample = static_cast<float>(0.4 * (std::tanh(gain * sample + 0.2) - std::tanh(0.2)));
        }
        pink(hiss);
        if (kind_ == BenchSound::Clipped) {
            const double gain = between(2.0, 6.0) / peak;
            for (float& sample : out_.sound)
                sample = static_cast<float>(std::clamp(gain * sample, -1.0, 1.0));
        }
    }

    /// The sum of noises that change ever more seldom.
    void pink(double level) {
        double rows[5] = {};
        for (std::size_t k = 0; k < out_.sound.size(); ++k) {
            double sum = 0.0;
            for (int r = 0; r < 5; ++r) {
                if (k % (std::size_t{1} << (2 * r)) == 0)
                    rows[r] = random_.normal(0.45);
                sum += rows[r];
            }
            out_.sound[k] += static_cast<float>(level * sum);
        }
    }

    BenchSound kind_;
    RandomStream random_;
    SoundCase out_;
    std::vector<double> truth_Hz_;
    double level_ = 0.2;
};

inline SoundCase soundCase(BenchSound kind, std::uint32_t seed) {
    return BenchSoundMaker(kind, seed).make();
}

} // namespace flenzo::testing
