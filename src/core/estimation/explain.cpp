// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/estimation/explain.h"

#include "core/estimation/doubtful_acts.h"

#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

/// One thing more that is taken for so.
struct Candidate {
    std::optional<Assumed::Move> move;
    std::optional<Assumed::Wrong> wrong;
    double saves_nats = 0.0; ///< at most
};

Assumed with(Assumed assumed, const Candidate& one) {
    if (one.move) {
        assumed.moves.push_back(*one.move);
        // What it explains was no wrong reading.
        std::erase_if(assumed.wrongs, [&](const Assumed::Wrong& wrong) {
            return wrong.string == one.move->string && wrong.event >= one.move->event;
        });
    }
    if (one.wrong)
        assumed.wrongs.push_back(*one.wrong);
    return assumed;
}

class Explanation {
public:
    Explanation(const BenchJob& job, const EstimatorOptions& options, Estimate& found)
        : job_(job), options_(options), found_(found) {}

    void make() {
        found_.question = impossibleEntry(job_.log);
        if (options_.assumeRounds > 0)
            takeBack();
        const std::optional<Question> act = bestAct();
        const double cost_nats = found_.cost_nats;
        for (int round = 0; round < options_.assumeRounds && assumeOne(); ++round)
            continue;
        if (act && !found_.question && cost_nats - act->better_nats <= found_.cost_nats - options_.askBetter_nats)
            found_.question = act;
        if (tried_) {
            const std::optional<Question> question = found_.question;
            const std::optional<Rival> rival = found_.rival;
            found_ = estimateAssuming(job_, found_.assumed, &found_, options_);
            found_.question = question;
            found_.rival = rival;
        }
        found_.modelInDoubt = isInDoubt();
    }

private:
    /// What is as likely without it is not taken for so any more: wrong readings must be able to come back.
    void takeBack() {
        const auto drop = [&](auto Assumed::*list) {
            for (std::size_t k = (found_.assumed.*list).size(); k-- > 0;) {
                if ((found_.assumed.*list)[k].event + recentEvents < job_.log.size())
                    continue;
                Assumed less = found_.assumed;
                (less.*list).erase((less.*list).begin() + static_cast<std::ptrdiff_t>(k));
                Estimate other = triedAssuming(job_, less, found_);
                if (other.cost_nats < found_.cost_nats) {
                    other.question = found_.question;
                    found_ = std::move(other);
                    tried_ = true;
                }
            }
        };
        drop(&Assumed::wrongs);
        drop(&Assumed::moves);
    }

    /// The act that was most likely not as typed, with all that the other way saves beyond its price.
    std::optional<Question> bestAct() {
        std::optional<Question> best;
        // A stabiliser strains every rest about its centre, whatever was done.
        if (options_.recentActs == 0 || job_.rig.bridge.assist)
            return best;
        for (Question& question : doubtfulActs(job_, found_)) {
            BenchJob mended = job_;
            mended.log = answered(job_.log, question, true);
            Assumed assumed = found_.assumed;
            const auto shift = [&](auto& list) {
                for (auto& one : list)
                    if (one.event > question.event || (one.event == question.event && question.mend.size() > 1))
                        one.event += question.mend.size() - 1;
            };
            shift(assumed.moves);
            shift(assumed.wrongs);
            const Estimate other = triedAssuming(mended, assumed, found_, question.event);
            question.better_nats = found_.cost_nats - other.cost_nats - priceOf(question);
            if (question.suspect == Question::Suspect::Moved && question.turns != 0.0) {
                const std::size_t visit = other.line.rests[other.line.restAfter[question.event + 1]].claw;
                question.turns = other.at.claw[visit].mean() - other.at.claw[visit - 1].mean();
                // In sixteenths, as a hand would have turned it.
                constexpr double step_turns = 1.0 / 16.0;
                question.turns = step_turns * std::round(question.turns / step_turns);
                question.mend.front().turns = ClawTurns().plus(question.turns);
            }
            if (question.suspect == Question::Suspect::Moved && question.mend.front().kind == Event::Kind::Claw &&
                std::abs(question.turns) < options_.leastUnwritten_turns)
                continue; // nobody turns so little without meaning to
            if (question.better_nats > leastBetter(question) && (!best || question.better_nats > best->better_nats))
                best = std::move(question);
        }
        return best;
    }

    /// "Anything may have happened" frees every string and the claw, so it costs what all of them would alone.
    [[nodiscard]] double priceOf(const Question& question) const {
        const bool anything = question.suspect == Question::Suspect::Moved && question.turns == 0.0;
        const double strings = static_cast<double>(job_.rig.strings.size());
        return options_.actPrice_nats + (anything ? 0.5 * options_.movedPrice_nats * strings : 0.0);
    }

    /// What nobody did must be plainer than that something was done otherwise.
    [[nodiscard]] double leastBetter(const Question& question) const {
        const double least = options_.strained_nats + options_.askBetter_nats;
        return question.suspect == Question::Suspect::Moved   ? 2.0 * least
               : question.suspect == Question::Suspect::Block ? 5.0 * least
                                                              : least;
    }

    [[nodiscard]] std::vector<Candidate> candidates() const {
        std::vector<Candidate> list;
        const auto& observations = found_.line.observations;
        std::vector<double> saved(observations.size());
        for (std::size_t o = 0; o < observations.size(); ++o)
            saved[o] = costOf(found_.residuals[o]);
        for (std::size_t o = 0; o < observations.size(); ++o) {
            const Observation& made = observations[o];
            if (made.confirmed || made.event + recentEvents < job_.log.size() ||
                std::abs(found_.residuals[o].inDeviations) < options_.suspect)
                continue;
            const bool pitch = made.kind == Observation::Kind::Pitch;
            if (!made.wrong && saved[o] > options_.wrongPrice_nats &&
                std::abs(found_.residuals[o].inDeviations) >= options_.doubtFrom)
                list.push_back(
                    {std::nullopt, Assumed::Wrong{made.event, pitch ? made.string : Assumed::Wrong::plate}, saved[o]});
            if (pitch && !made.afterAct)
                list.push_back({Assumed::Move{made.event, made.string}, std::nullopt, savedByMove(o, saved)});
        }
        std::erase_if(list, [&](const Candidate& one) {
            return one.saves_nats < (one.move ? options_.movedPrice_nats : options_.wrongPrice_nats);
        });
        std::stable_sort(list.begin(), list.end(),
                         [](const Candidate& a, const Candidate& b) { return a.saves_nats > b.saves_nats; });
        list.resize(std::min(list.size(), static_cast<std::size_t>(options_.mostCandidates)));
        return list;
    }
    /// A string that moved explains its own readings about then, and what the plate made of it.
    [[nodiscard]] double savedByMove(std::size_t o, const std::vector<double>& saved) const {
        const auto& observations = found_.line.observations;
        double nats = 0.0;
        for (std::size_t k = 0; k < observations.size(); ++k)
            if (observations[k].kind == Observation::Kind::Pitch && observations[k].stretch == observations[o].stretch)
                nats += saved[k];
        const std::size_t rest = observations[o].rest;
        return nats + std::max(0.0, found_.strain_nats[rest] - saved[o]);
    }
    [[nodiscard]] double costOf(const Residual& residual) const {
        const double at2 = options_.robustAt * options_.robustAt;
        return 0.5 * at2 * std::log1p(residual.inDeviations * residual.inDeviations / at2);
    }

    /// The likeliest of them; whether anything is.
    bool assumeOne() {
        std::optional<Estimate> best;
        std::optional<Candidate> second;
        double second_nats = found_.cost_nats;
        const auto noteRival = [&](const Candidate& one, double nats) {
            second = one;
            second_nats = nats;
        };
        std::optional<Candidate> chosen;
        for (const Candidate& one : candidates()) {
            Estimate other = triedAssuming(job_, with(found_.assumed, one), found_);
            if (other.cost_nats < (best ? best->cost_nats : found_.cost_nats)) {
                if (chosen)
                    noteRival(*chosen, best->cost_nats);
                chosen = one;
                best = std::move(other);
            } else if (!second || other.cost_nats < second_nats) {
                noteRival(one, other.cost_nats);
            }
        }
        const double here_nats = best ? best->cost_nats : found_.cost_nats;
        if (second && second_nats - here_nats < options_.rivalWithin_nats) {
            const std::size_t event = second->move ? second->move->event : second->wrong->event;
            const std::size_t string = second->move ? second->move->string : second->wrong->string;
            found_.rival = Rival{event, std::nullopt, second_nats - here_nats};
            if (string != Assumed::Wrong::plate)
                found_.rival->string = string;
        }
        if (!best)
            return false;
        const std::optional<Question> question = found_.question;
        const std::optional<Rival> rival = found_.rival;
        found_ = std::move(*best);
        tried_ = true;
        found_.question = question;
        found_.rival = rival;
        return true;
    }

    /// A figure far from any that such a guitar has, or readings that nothing explains.
    [[nodiscard]] bool isInDoubt() const {
        constexpr double most = 4.0, strained_nats = 25.0;
        for (const Learned quantity : {Learned::SpringRate, Learned::InitialTension, Learned::HookDepth,
                                       Learned::StringHeight, Learned::Setback, Learned::ClawLead})
            if (std::abs(found_.at.guitar.value[static_cast<Eigen::Index>(quantity)]) > most)
                return true;
        return found_.strain_nats.back() > strained_nats;
    }

    static constexpr std::size_t recentEvents = 40;
    const BenchJob& job_;
    const EstimatorOptions& options_;
    Estimate& found_;
    bool tried_ = false; ///< what is found was only tried so far: neither noise nor doubts are worked out
};

} // namespace

void explain(const BenchJob& job, const EstimatorOptions& options, Estimate& found) {
    Explanation(job, options, found).make();
}

} // namespace flenzo
