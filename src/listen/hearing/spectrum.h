// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <span>
#include <vector>

namespace flenzo {

/// Power spectrum of a piece of sound through a Hann window, filled up with silence to `size` samples. Nothing is
/// allocated after it was made. A sine of amplitude a shows about a^2 at its peak.
class Spectrum {
public:
    explicit Spectrum(std::size_t size);
    ~Spectrum();
    Spectrum(const Spectrum&) = delete;
    Spectrum& operator=(const Spectrum&) = delete;
    /// `sound` is at most `size` samples.
    void take(std::span<const double> sound);
    [[nodiscard]] std::span<const double> power() const { return power_; }
    [[nodiscard]] std::size_t size() const { return size_; }

private:
    struct Plan;
    std::size_t size_;
    std::unique_ptr<Plan> plan_;
    std::vector<double> power_;
};

/// One peak of a spectrum.
struct Peak {
    double frequency_Hz = 0.0, amplitude = 0.0;
};

} // namespace flenzo
