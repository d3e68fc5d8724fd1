// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <span>

namespace flenzo {

/// When a hand that falls on the strings means something. Change a field for a room or a hand that is known to differ.
struct MuteOptions {
    double fall_dB = 18.0; ///< within `fallFor_s`: no string fades so fast by itself
    double fallFor_s = 0.15;
    double loudest_dBFS = -50.0; ///< what falls must have been louder than this
    double thud_s = 0.22;        ///< the longest that the second fall may have sounded
    double least_s = 0.20;       ///< between the two
    double most_s = 0.60;
    double quiet_s = 0.50; ///< after the second
    double alone_s = 1.20; ///< before the first without another: no rattle
};

/// Hears all strings muted twice: a fall of the sound that no string makes by itself, soon after it a second thud, and
/// quiet. That is how both hands on a guitar say "pause".
class MuteGesture {
public:
    explicit MuteGesture(double rate_Hz, const MuteOptions& options = {});
    /// One channel; true when the gesture has just been completed.
    [[nodiscard]] bool feed(std::span<const float> sound);

private:
    [[nodiscard]] bool frame(double level_dBFS);
    [[nodiscard]] bool fell(double level_dBFS);
    static constexpr std::size_t remembered = 32; ///< frames
    static constexpr double never_s = -1e9;
    MuteOptions options_;
    std::size_t length_, at_ = 0;
    double power_ = 0.0, now_s_ = 0.0;
    std::array<double, remembered> levels_{};
    std::size_t latest_ = 0;
    double rose_s_ = 0.0; ///< when what sounds began
    bool sounds_ = false;
    double least_dBFS_ = -200.0;                                         ///< since it fell last
    double before_s_ = never_s, first_s_ = never_s, second_s_ = never_s; ///< falls
};

} // namespace flenzo
