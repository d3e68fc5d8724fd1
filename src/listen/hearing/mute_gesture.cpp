// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/mute_gesture.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

constexpr double frame_s = 0.01;

} // namespace

MuteGesture::MuteGesture(double rate_Hz, const MuteOptions& options)
    : options_(options), length_(std::max<std::size_t>(1, static_cast<std::size_t>(frame_s * rate_Hz))) {
    levels_.fill(-200.0);
}

bool MuteGesture::feed(std::span<const float> sound) {
    bool done = false;
    for (const float sample : sound) {
        power_ += std::isfinite(sample) ? static_cast<double>(sample) * sample : 0.0;
        if (++at_ < length_)
            continue;
        done = frame(10.0 * std::log10(power_ / static_cast<double>(length_) + 1e-20)) || done;
        at_ = 0;
        power_ = 0.0;
    }
    return done;
}

/// Whether the sound has just fallen as no string falls by itself.
bool MuteGesture::fell(double level_dBFS) {
    const auto frames = std::min(remembered, static_cast<std::size_t>(std::lround(options_.fallFor_s / frame_s)));
    double loudest = -200.0;
    for (std::size_t k = 0; k < frames; ++k)
        loudest = std::max(loudest, levels_[(latest_ + remembered - k) % remembered]);
    if (!sounds_) {
        constexpr double again_dB = 9.0; // what still falls does not begin once more
        least_dBFS_ = std::min(least_dBFS_, level_dBFS);
        sounds_ = level_dBFS > std::max(options_.loudest_dBFS, least_dBFS_ + again_dB);
        rose_s_ = now_s_;
        return false;
    }
    if (level_dBFS > std::max(options_.loudest_dBFS, loudest) - options_.fall_dB)
        return false;
    sounds_ = false;
    least_dBFS_ = level_dBFS;
    return loudest > options_.loudest_dBFS;
}

bool MuteGesture::frame(double level_dBFS) {
    now_s_ += frame_s;
    const bool fall = fell(level_dBFS);
    latest_ = (latest_ + 1) % remembered;
    levels_[latest_] = level_dBFS;
    if (fall) {
        const bool thud = now_s_ - rose_s_ <= options_.thud_s + options_.fallFor_s;
        const double apart_s = now_s_ - first_s_;
        const bool second = second_s_ == never_s && thud && apart_s >= options_.least_s && apart_s <= options_.most_s &&
                            first_s_ - before_s_ >= options_.alone_s;
        if (second) {
            second_s_ = now_s_;
        } else {
            before_s_ = std::max({before_s_, first_s_, second_s_});
            first_s_ = now_s_;
            second_s_ = never_s;
        }
        return false;
    }
    if (second_s_ == never_s || sounds_) {
        if (sounds_ && second_s_ != never_s) { // it goes on: that was no sign
            before_s_ = second_s_;
            first_s_ = second_s_ = never_s;
        }
        return false;
    }
    if (now_s_ - second_s_ < options_.quiet_s)
        return false;
    before_s_ = second_s_;
    first_s_ = second_s_ = never_s;
    return true;
}

} // namespace flenzo
