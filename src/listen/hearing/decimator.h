// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

namespace flenzo {

/// Brings a stream to the rate at which strings are heard, some 11 to 16 kHz, without what would fold down. The mean is
/// taken out as well. Nothing is allocated after it was made.
class Decimator {
public:
    explicit Decimator(double rate_Hz);
    /// True when a sample came out.
    bool feed(double sample, double& out);
    [[nodiscard]] double rate_Hz() const { return rate_Hz_; }

private:
    int factor_, phase_ = 0;
    double rate_Hz_, mean_ = 0.0, meanShare_;
    std::vector<double> taps_, past_; ///< `past_` twice, so that the latest are in one row
    std::size_t at_ = 0;
};

} // namespace flenzo
