// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/doubtful_acts.h"

#include "core/log/rig_after.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

using Suspect = Question::Suspect;

/// An unwritten turn begun at nothing has no slope to be found by.
constexpr double aQuarter_turns = 0.25;

class Doubts {
public:
    Doubts(const BenchJob& job, const Estimate& found) : job_(job), found_(found), options_(found.options) {}

    std::vector<Question> list() {
        const auto strained = strainedRest();
        if (!strained)
            return {};
        doubtBlock();
        int acts = 0;
        for (std::size_t e = job_.log.size(); e-- > 0 && acts < options_.recentActs;) {
            const Event& event = job_.log[e];
            acts += event.kind != Event::Kind::Read ? 1 : 0;
            if (event.confirmed)
                continue;
            if (event.kind == Event::Kind::Claw)
                doubtClaw(e);
            else if (event.kind == Event::Kind::Read)
                doubtOrder(e);
            else if (event.kind == Event::Kind::Tuned)
                doubtString(e);
        }
        // What was moved shows a little later than it happened.
        const std::size_t worst = *strained;
        for (std::size_t rest = worst - std::min<std::size_t>(1, worst);
             rest < line().rests.size() && rest <= worst + 1; ++rest)
            doubtQuiet(line().rests[rest].firstEvent, rest == worst);
        return std::move(out_);
    }

private:
    [[nodiscard]] const Timeline& line() const { return found_.line; }

    /// The recent rest whose equations cost most beyond what noise does; the latest where the guitar is bent.
    [[nodiscard]] std::optional<std::size_t> strainedRest() const {
        constexpr std::ptrdiff_t recent = 4;
        std::vector<double> left = found_.strain_nats;
        for (double& nats : left)
            nats -= 0.5;
        for (const Observation& made : line().observations)
            left[made.rest] -= 0.5;
        const auto worst = std::max_element(left.end() - std::min(recent, std::ssize(left)), left.end());
        if (*worst > options_.strainedRest_nats)
            return static_cast<std::size_t>(worst - left.begin());
        return isBent() ? std::optional(left.size() - 1) : std::nullopt;
    }

    /// The guitar took on what should have strained the rests.
    [[nodiscard]] bool isBent() const {
        constexpr double much = 2.5;
        const auto& value = found_.at.guitar.value;
        for (Eigen::Index k = 0; k < learnedCount; ++k)
            if (k != static_cast<Eigen::Index>(Learned::PivotFriction) && std::abs(value[k]) > much)
                return true;
        return false;
    }

    Question& ask(Suspect suspect, std::size_t event) {
        Question question;
        question.suspect = suspect;
        question.event = event;
        question.mend = {job_.log[event]};
        out_.push_back(std::move(question));
        return out_.back();
    }

    void doubtClaw(std::size_t e) {
        const ClawTurns typed = job_.log[e].turns;
        if (std::abs(typed.mean()) < 2.0 * aQuarter_turns * 0.25 || job_.log[e].estimated)
            return;
        ask(Suspect::Reversed, e).mend.front().turns = {-typed.bass, -typed.treble};
        ask(Suspect::NotDone, e).mend.clear();
        ask(Suspect::Twice, e).mend.front().turns = {2.0 * typed.bass, 2.0 * typed.treble};
    }

    /// What was expected of every string when it was read there, less what was read; none where it was not.
    [[nodiscard]] const Residual* readingOf(std::size_t e, std::size_t string) const {
        for (std::size_t o = 0; o < line().observations.size(); ++o) {
            const Observation& made = line().observations[o];
            if (made.event == e && made.kind == Observation::Kind::Pitch && made.string == string)
                return &found_.residuals[o];
        }
        return nullptr;
    }

    void doubtOrder(std::size_t e) {
        const auto& readings = job_.log[e].readings_cents;
        const double far = options_.doubtFrom;
        for (std::size_t a = 0; a < readings.size(); ++a)
            for (std::size_t b = a + 1; b < readings.size(); ++b) {
                const Residual *one = readingOf(e, readings[a].first), *other = readingOf(e, readings[b].first);
                if (!one || !other || std::abs(one->inDeviations) < far || std::abs(other->inDeviations) < far ||
                    one->inDeviations * other->inDeviations > 0.0)
                    continue;
                Question& question = ask(Suspect::Exchanged, e);
                auto& mended = question.mend.front().readings_cents;
                std::swap(mended[a].second, mended[b].second);
                question.string = readings[a].first;
                question.other = readings[b].first;
            }
    }

    /// The worst of a string's readings from an event on.
    [[nodiscard]] double worstSince(std::size_t e, std::size_t string) const {
        double worst = 0.0;
        for (std::size_t o = 0; o < line().observations.size(); ++o) {
            const Observation& made = line().observations[o];
            if (made.event >= e && made.kind == Observation::Kind::Pitch && made.string == string)
                worst = std::max(worst, std::abs(found_.residuals[o].inDeviations));
        }
        return worst;
    }

    void doubtString(std::size_t e) {
        const std::size_t own = job_.log[e].string;
        for (const int step : {-1, 1}) {
            const std::size_t other = own + static_cast<std::size_t>(step); // wraps round below the first
            if (other >= job_.rig.strings.size() || !isOnAfter(job_.log, other) ||
                std::max(worstSince(e, own), worstSince(e, other)) < options_.doubtFrom)
                continue;
            Question& question = ask(Suspect::OtherString, e);
            question.mend.front().string = other;
            question.mend.front().aim_cents.reset();
            question.string = own;
            question.other = other;
        }
    }

    /// Before this entry something was moved: the claw, or nobody knows what.
    void doubtQuiet(std::size_t e, bool anything) {
        if (e >= job_.log.size() || job_.log[e].confirmed)
            return;
        const auto before = [&](Event moved, double turns) {
            Question& question = ask(Suspect::Moved, e);
            question.turns = turns;
            question.mend.insert(question.mend.begin(), std::move(moved));
        };
        for (const double turns : {-aQuarter_turns, aQuarter_turns}) {
            Event claw = Event::claw(ClawTurns().plus(turns));
            claw.estimated = true;
            if (hasClaw(job_.rig))
                before(claw, turns);
        }
        if (anything)
            before(Event::ofString(Event::Kind::Disturbed, 0), 0.0);
    }

    /// A plate that nothing moves is on a block.
    void doubtBlock() {
        if (!hasClaw(job_.rig) || job_.log.front().confirmed ||
            std::any_of(job_.log.begin(), job_.log.end(), [](const Event& event) {
                return event.kind == Event::Kind::Block || event.kind == Event::Kind::Unblock;
            }))
            return;
        double least = 1e9, most = -1e9, sum = 0.0;
        int looks = 0;
        for (const Observation& made : line().observations) {
            if (made.kind == Observation::Kind::Pitch)
                continue;
            const double angle = made.kind == Observation::Kind::Angle
                                     ? made.value
                                     : angleOfGap_rad(line().rigAt(made.rest).bridge, made.value);
            least = std::min(least, angle);
            most = std::max(most, angle);
            sum += angle;
            ++looks;
        }
        const double still_rad = 5.0 * found_.noise.gap_m / job_.rig.bridge.rearEdge_m;
        if (looks < 1 || most - least > std::max(still_rad, 2.0 * found_.noise.angle_rad))
            return;
        Event block;
        block.kind = Event::Kind::Block;
        block.block.angle_rad = sum / looks;
        block.estimated = true;
        Question& question = ask(Suspect::Block, 0);
        question.mend.insert(question.mend.begin(), block);
    }

    const BenchJob& job_;
    const Estimate& found_;
    const EstimatorOptions& options_;
    std::vector<Question> out_;
};

} // namespace

std::optional<Question> impossibleEntry(const std::vector<Event>& log) {
    const auto wrong = impossibleIn(log);
    if (!wrong)
        return std::nullopt;
    Question question;
    question.event = wrong->event;
    question.string = wrong->string;
    question.mend = {log[wrong->event]};
    switch (wrong->what) {
    case Impossible::What::StrungTwice:
    case Impossible::What::OffTwice:
        question.suspect = Suspect::Again;
        question.mend.clear();
        break;
    case Impossible::What::IsOff:
        question.suspect = Suspect::New;
        question.mend.insert(question.mend.begin(), Event::ofString(Event::Kind::Strung, wrong->string));
        question.mend.front().at = question.mend.back().at;
        break;
    case Impossible::What::TimeGoesBack:
        question.suspect = Suspect::Time;
        question.mend.front().at.clear();
        break;
    case Impossible::What::TooManySprings:
        question.suspect = Suspect::NotDone;
        question.mend.clear();
        break;
    }
    return question;
}

std::vector<Question> doubtfulActs(const BenchJob& job, const Estimate& found) {
    return job.log.empty() ? std::vector<Question>{} : Doubts(job, found).list();
}

} // namespace flenzo
