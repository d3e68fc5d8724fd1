// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/decimator.h"
#include "listen/hearing/flat_tops.h"
#include "listen/hearing/onsets.h"
#include "listen/hearing/pluck_fit.h"

#include <array>
#include <optional>
#include <span>

namespace flenzo {

/// One reading: a pluck whose pitch has settled. Computed from what was heard up to `at_s` and nothing later.
struct HeardPluck {
    double at_s = 0.0, plucked_s = 0.0; ///< since the stream began
    double first_Hz = 0.0;              ///< the string's first partial
    double sounded_Hz = 0.0;            ///< the first partial that sounded: of a string stopped or touched, its own
    double deviation_cents = 0.0;
    bool harmonic = false;             ///< touched at the twelfth fret, taken an octave down
    std::optional<std::size_t> string; ///< of those expected; nothing where none is
};

/// What is heard right now.
struct HearingNow {
    enum class State { Quiet, Struck, Settling, Taken, Unsure };
    State state = State::Quiet;
    double level_dBFS = -200.0;
    double first_Hz = 0.0; ///< of the string that sounds, while it moves; 0: nothing is known
    std::optional<std::size_t> string;
};

/// Hears one stream of sound: finds plucks, follows each until its pitch has settled, and says it once. Plain samples
/// in, readings out; nothing is allocated after it was made, nothing that comes later changes what was said.
class PluckListener {
public:
    explicit PluckListener(double rate_Hz, const HearingOptions& options = {});
    /// Where each string was heard last, in the job's order; strings of 0 Hz are off. None: any pitch is taken.
    void expect(const Expected& expected) { expected_ = expected; }
    /// One channel. Samples that are no numbers count as silence.
    void feed(std::span<const float> sound);
    /// The next reading that has not been asked for yet.
    [[nodiscard]] std::optional<HeardPluck> next();
    [[nodiscard]] const HearingNow& now() const { return now_; }
    [[nodiscard]] double heard_s() const { return static_cast<double>(fed_) / inRate_Hz_; }

private:
    struct Candidate {
        double at_s = 0.0;
        bool moved = false;
        double loudest_dBFS = -200.0;
        bool dies = false;    ///< under a palm: what there is to hear is over before a free string would be looked at
        bool clipped = false; ///< too loud for its scale: it seems not to fade
        bool again = false;   ///< the string that sounded was plucked once more; once told it stays so
        int misses = 0;
        double heard_Hz = 0.0; ///< where the string was when it was looked at last; it keeps its name on its way
        std::optional<std::size_t> string = std::nullopt;
        bool harmonic = false;
    };
    struct Judged {
        std::optional<HeardPluck> pluck;
        bool steady = false, fades = false;
    };
    void hop();
    void begin(double at_s);
    void follow();
    [[nodiscard]] Judged judge(double age_s);
    [[nodiscard]] std::optional<Series> coarse(double age_s);
    [[nodiscard]] bool isChord(const Series& series);
    [[nodiscard]] static bool isAnother(const std::optional<Series>& fresh, const Series& sounding);
    struct Grown {
        double share = 0.0; ///< of a series' amplitude that lies in partials which have grown since before the pluck
        double times = 0.0; ///< the amplitude of before
    };
    [[nodiscard]] Grown grownSince(const Series& series, double bin_Hz) const;
    void nameString(HeardPluck& pluck, Series& series);
    [[nodiscard]] double offFrom_cents(std::size_t string, double heard_Hz) const;
    void publish(const HeardPluck& pluck);
    /// The latest `count` samples that ended `ago` samples before now.
    [[nodiscard]] std::span<const double> past(std::size_t count, std::size_t ago) const;

    static constexpr std::size_t queued = 8;
    const HearingOptions options_;
    double inRate_Hz_;
    FlatTops tops_;
    Decimator decimator_;
    Onsets onsets_;
    Spectrum spectrum_, before_;
    Peaks peaks_, wholePeaks_; ///< what is new, or all there is where the same string was plucked again
    PluckFit fit_;
    Expected expected_;
    std::vector<double> ring_; ///< twice as long as what is kept, so that it is always in one row
    std::size_t kept_, at_ = 0, sinceHop_ = 0;
    std::uint64_t fed_ = 0, samples_ = 0;
    std::optional<Candidate> candidate_;
    double last_Hz_ = 0.0; ///< of the reading before
    int hops_ = 0;
    HearingNow now_;
    std::array<HeardPluck, queued> queue_{};
    std::size_t first_ = 0, waiting_ = 0;
};

} // namespace flenzo
