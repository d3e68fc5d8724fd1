// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/faults.h"

#include "core/base/quantile.h"
#include "core/base/random_stream.h"
#include "core/log/counts.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <thread>

namespace flenzo {

namespace {

using Kind = BenchFault::Kind;
constexpr int mostFaultActs = 260;

std::string isoTime(double seconds) {
    constexpr long start = 1772445600; // some morning
    const std::chrono::sys_seconds now{std::chrono::seconds(start + static_cast<long>(seconds))};
    const auto day = std::chrono::floor<std::chrono::days>(now);
    const std::chrono::year_month_day date{day};
    const std::chrono::hh_mm_ss time{now - day};
    std::array<char, 64> text{};
    std::snprintf(text.data(), text.size(), "%04d-%02u-%02uT%02ld:%02ld:%02ld", static_cast<int>(date.year()),
                  static_cast<unsigned>(date.month()), static_cast<unsigned>(date.day()),
                  static_cast<long>(time.hours().count()), static_cast<long>(time.minutes().count()),
                  static_cast<long>(time.seconds().count()));
    return text.data();
}

/// Somebody at a guitar to whom something happens.
class Bench {
public:
    Bench(const BenchJob& job, IndependentGuitar& guitar, const BenchFault& fault, std::uint32_t seed)
        : job_(job), guitar_(guitar), fault_(fault), strings_(job.rig.strings.size()),
          string_(
              static_cast<std::size_t>(RandomStream(seed, 901).between(0.0, 0.999) * static_cast<double>(strings_))) {
        job_.log.clear();
        if (fault.kind == Kind::Block)
            guitar_.hold(job.goal.angle_rad);
    }

    FaultPlayed play(const AdvisorOptions& rules, const EstimatorOptions& learning) {
        std::optional<Estimate> known;
        for (; played_.acts < mostFaultActs; ++played_.acts) {
            Advice advice = advise(job_, known ? &*known : nullptr, rules, learning);
            noteMoves(advice.guitar);
            played_.rule = advice.rule;
            if (advice.question) {
                answer(*advice.question);
                known.reset(); // what was solved was another log
                continue;
            }
            const NextAct act = advice.act;
            const bool over =
                act.what == NextAct::Do::Done || act.what == NextAct::Do::Leave || act.what == NextAct::Do::Stuck;
            if (over && !(act.what == NextAct::Do::Done && happensAfter())) {
                judge(advice);
                break;
            }
            known = std::move(advice.guitar);
            if (!over)
                perform(act);
            else
                happenAfter();
        }
        const Counts counts = countsOf(job_.log, strings_, job_.pace);
        played_.turns = counts.passes;
        played_.minutes = counts.minutes;
        played_.log = job_.log;
        return played_;
    }

private:
    void enter(Event event) {
        time_s_ += 20.0;
        event.at = isoTime(time_s_);
        job_.log.push_back(std::move(event));
    }

    void perform(const NextAct& act) {
        Event event = guitar_.perform(act);
        if (fault_.kind == Kind::ClawSign && !at_ && event.kind == Event::Kind::Claw) {
            at_ = job_.log.size();
            event.turns = {-event.turns.bass, -event.turns.treble};
        }
        enter(std::move(event));
        happenDuring();
    }

    [[nodiscard]] int pegs() const {
        return static_cast<int>(
            std::count_if(job_.log.begin(), job_.log.end(), [](const Event& event) { return event.tunes(); }));
    }

    /// Once so many pegs were turned.
    void happenDuring() {
        const int n = static_cast<int>(strings_);
        if (at_ || job_.log.back().kind == Event::Kind::Read)
            return;
        if (fault_.kind == Kind::Unwritten && pegs() >= n) {
            at_ = job_.log.size();
            guitar_.turnClaw(fault_.amount);
        } else if (fault_.kind == Kind::Spring && pegs() >= n / 2) {
            at_ = job_.log.size();
            Event event;
            event.kind = Event::Kind::Springs;
            event.springs = job_.rig.springs;
            event.springs.push_back(event.springs.back());
            guitar_.changeSprings(event.springs);
            enter(event);
        } else if (fault_.kind == Kind::Breaks && pegs() >= n - 1) {
            at_ = job_.log.size();
            guitar_.takeOff(strings_ - 1);
            enter(Event::ofString(Event::Kind::Off, strings_ - 1));
            guitar_.putOn(strings_ - 1);
            enter(Event::ofString(Event::Kind::Strung, strings_ - 1));
        } else if (fault_.kind == Kind::Off && pegs() >= n - 1) {
            at_ = job_.log.size();
            guitar_.takeOff(strings_ - 1);
            enter(Event::ofString(Event::Kind::Off, strings_ - 1));
        } else if (fault_.kind == Kind::Posts && pegs() >= n) {
            at_ = job_.log.size();
            Event event;
            event.kind = Event::Kind::Posts;
            event.bass_m = event.treble_m = fault_.amount;
            guitar_.raisePosts(fault_.amount);
            enter(event);
        }
    }

    [[nodiscard]] bool happensAfter() const {
        return !at_ && (fault_.kind == Kind::Slip || fault_.kind == Kind::Warm || fault_.kind == Kind::Night);
    }
    void happenAfter() {
        at_ = job_.log.size();
        if (fault_.kind == Kind::Slip) {
            guitar_.slip(string_, fault_.amount);
            time_s_ += 60.0;
        } else if (fault_.kind == Kind::Warm) {
            guitar_.warm(fault_.amount);
            time_s_ += 3.0 * 3600.0;
        } else {
            guitar_.giveOverNight();
            time_s_ += 14.0 * 3600.0;
        }
        NextAct all;
        for (std::size_t i = 0; i < strings_; ++i)
            all.strings.push_back(i);
        all.gap = hasClaw(job_.rig);
        enter(guitar_.perform(all));
        enter(guitar_.perform(all));
    }

    /// What a technician who looks would say.
    void answer(const Question& question) {
        const bool yes = isTrue(question);
        played_.named = played_.named || yes;
        played_.falseQuestions += yes ? 0 : 1;
        played_.questions.emplace_back(question, yes);
        job_.log = answered(std::move(job_.log), question, yes);
        mended_ = mended_ || yes;
    }
    [[nodiscard]] bool isTrue(const Question& question) const {
        using Suspect = Question::Suspect;
        if (mended_)
            return false;
        switch (fault_.kind) {
        case Kind::ClawSign:
            return at_ && question.suspect == Suspect::Reversed && question.event == *at_;
        case Kind::Unwritten:
            return at_ && question.suspect == Suspect::Moved &&
                   (question.turns == 0.0 || std::abs(question.turns - fault_.amount) < 0.75 * fault_.amount);
        case Kind::Block:
            return question.suspect == Suspect::Block;
        default:
            return false;
        }
    }
    /// A string that slipped was found where it was.
    void noteMoves(const Estimate& guitar) {
        for (const MovedString& moved : movedByThemselves(guitar))
            if (at_ && moved.event >= *at_ && (fault_.kind != Kind::Slip || moved.string == string_))
                played_.named = true;
        if (at_ && (fault_.kind == Kind::Warm || fault_.kind == Kind::Night) && !guitar.line.gaps.empty())
            played_.named = true;
    }

    void judge(const Advice& advice) {
        constexpr double misread_cents = 1.5, misread_rad = radians(0.1);
        for (std::size_t i = 0; i < strings_; ++i)
            played_.worst_cents = std::max(played_.worst_cents, std::abs(guitar_.reading_cents(i)));
        if (floats(job_.rig, job_.goal) && advice.plateCounts)
            played_.plate_rad = std::abs(guitar_.angle_rad() - job_.goal.angle_rad);
        played_.done = advice.act.what == NextAct::Do::Done;
        played_.wrongly = played_.done && (played_.worst_cents > advice.pitchTolerance_cents + misread_cents ||
                                           played_.plate_rad > advice.plateTolerance_rad + misread_rad);
    }

    BenchJob job_;
    IndependentGuitar& guitar_;
    const BenchFault& fault_;
    std::size_t strings_, string_;
    FaultPlayed played_;
    std::optional<std::size_t> at_; ///< the entry at which it happened
    bool mended_ = false;
    double time_s_ = 0.0;
};

} // namespace

const std::vector<BenchFault>& benchFaults() {
    static const std::vector<BenchFault> all{
        {"honest"},
        {"slips by 4 cents", Kind::Slip, 4.0},
        {"slips by 6 cents", Kind::Slip, 6.0},
        {"slips by 8 cents", Kind::Slip, 8.0},
        {"slips by 12 cents", Kind::Slip, 12.0},
        {"slips by 20 cents", Kind::Slip, 20.0},
        {"5 K warmer", Kind::Warm, 4.2e-5},
        {"a night", Kind::Night},
        {"claw typed the other way", Kind::ClawSign},
        {"a quarter unwritten", Kind::Unwritten, 0.25},
        {"one more spring", Kind::Spring},
        {"a string breaks", Kind::Breaks},
        {"a string is off", Kind::Off},
        {"posts up by 0.5 mm", Kind::Posts, 5e-4},
        {"a block nobody named", Kind::Block},
    };
    return all;
}

FaultPlayed playFault(const BenchJob& job, IndependentGuitar& guitar, const BenchFault& fault, std::uint32_t seed,
                      const AdvisorOptions& rules, const EstimatorOptions& learning) {
    return Bench(job, guitar, fault, seed).play(rules, learning);
}

std::vector<FaultRow> runFaults(const TrialSetup& setup, const std::vector<BenchFault>& faults) {
    const auto guitars = static_cast<std::size_t>(std::max(0, setup.guitars));
    std::vector<FaultPlayed> plays(guitars * faults.size());
    std::vector<std::uint32_t> seeds(plays.size());
    const auto play = [&](std::size_t k) {
        const auto seed = setup.seed * 1000003U + static_cast<std::uint32_t>(k % guitars);
        seeds[k] = seed;
        const BenchJob job = jobOfTrial(setup);
        const auto guitar = independentGuitar(setup, job, seed);
        const bool stable = guitar->floatsInTune();
        if (stable)
            plays[k] = playFault(job, *guitar, faults[k / guitars], seed, setup.rules, setup.learning);
        plays[k].stable = stable;
    };
    playAll(setup, plays.size(), play);
    std::vector<FaultRow> rows;
    for (std::size_t f = 0; f < faults.size(); ++f) {
        FaultRow row;
        row.fault = faults[f].name;
        std::vector<double> turns, minutes;
        for (std::size_t g = f * guitars; g < (f + 1) * guitars; ++g) {
            const FaultPlayed& played = plays[g];
            if (!played.stable)
                continue;
            ++row.guitars;
            row.wrongly += played.wrongly ? 1.0 : 0.0;
            row.notDone += played.done ? 0.0 : 1.0;
            row.named += played.named ? 1.0 : 0.0;
            row.asked += played.falseQuestions;
            turns.push_back(played.turns);
            minutes.push_back(played.minutes);
            if (played.wrongly || !played.done)
                row.bad.push_back(seeds[g]);
        }
        const double all = std::max(1, row.guitars);
        for (double* share : {&row.wrongly, &row.notDone, &row.named, &row.asked})
            *share /= all;
        if (row.guitars > 0) {
            row.turns = {quantile(turns, 0.1), quantile(turns, 0.5), quantile(turns, 0.9)};
            row.minutes = {quantile(minutes, 0.1), quantile(minutes, 0.5), quantile(minutes, 0.9)};
        }
        rows.push_back(std::move(row));
    }
    return rows;
}

} // namespace flenzo
