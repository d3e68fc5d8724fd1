// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/spectrum.h"

#include <algorithm>
#include <cmath>
#include <fftw3.h>
#include <mutex>
#include <numbers>

namespace flenzo {

namespace {

/// Plans are made one at a time, whatever the thread.
std::mutex& planning() {
    static std::mutex mutex;
    return mutex;
}

} // namespace

struct Spectrum::Plan {
    double* in;
    fftw_complex* out;
    fftw_plan plan;
};

Spectrum::Spectrum(std::size_t size) : size_(size), plan_(std::make_unique<Plan>()), power_(size / 2 + 1, 0.0) {
    const std::lock_guard lock(planning());
    plan_->in = fftw_alloc_real(size);
    plan_->out = fftw_alloc_complex(size / 2 + 1);
    plan_->plan = fftw_plan_dft_r2c_1d(static_cast<int>(size), plan_->in, plan_->out, FFTW_ESTIMATE);
}

Spectrum::~Spectrum() {
    const std::lock_guard lock(planning());
    fftw_destroy_plan(plan_->plan);
    fftw_free(plan_->in);
    fftw_free(plan_->out);
}

void Spectrum::take(std::span<const double> sound) {
    const std::size_t n = std::min(sound.size(), size_);
    const double step = 2.0 * std::numbers::pi / static_cast<double>(std::max<std::size_t>(1, n));
    // The window by turning a pointer round: a cosine a sample would cost more than the transform.
    double c = std::cos(0.5 * step), s = std::sin(0.5 * step);
    const double dc = std::cos(step), ds = std::sin(step);
    for (std::size_t k = 0; k < n; ++k) {
        plan_->in[k] = sound[k] * (0.5 - 0.5 * c);
        const double next = c * dc - s * ds;
        s = s * dc + c * ds;
        c = next;
    }
    std::fill(plan_->in + n, plan_->in + size_, 0.0);
    fftw_execute(plan_->plan);
    const double scale = std::pow(4.0 / static_cast<double>(std::max<std::size_t>(1, n)), 2);
    for (std::size_t k = 0; k < power_.size(); ++k)
        power_[k] = scale * (plan_->out[k][0] * plan_->out[k][0] + plan_->out[k][1] * plan_->out[k][1]);
}

} // namespace flenzo
