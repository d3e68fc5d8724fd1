// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/gecode_planner.h"

#include <algorithm>
#include <array>
#include <chrono>
#include <gecode/int.hh>
#include <gecode/search.hh>
#include <memory>
#include <random>

namespace flenzo {

namespace {

using Clock = std::chrono::steady_clock;

/// A task of the problem by one number.
struct Place {
    std::size_t job = 0, task = 0;
};

/// Branches as somebody lays out a day: the task that can begin first begins, of several the most urgent; or it is put
/// off until something else has taken its time. Complete for costs that no task raises by being earlier.
class BeginOrPutOff : public Gecode::Brancher {
public:
    static void post(Gecode::Home home, const Gecode::IntVarArgs& begin, const std::vector<int>& hands,
                     const std::vector<int>& urgency) {
        Gecode::ViewArray<Gecode::Int::IntView> views(home, begin);
        (void)new (home) BeginOrPutOff(home, views, hands, urgency);
    }
    [[nodiscard]] bool status(const Gecode::Space&) const override {
        for (int k = 0; k < begin_.size(); ++k)
            if (!begin_[k].assigned())
                return true;
        return false;
    }
    const Gecode::Choice* choice(Gecode::Space&) override {
        int next = none, earliest = Gecode::Int::Limits::max, soonest = Gecode::Int::Limits::max;
        for (int k = 0; k < begin_.size(); ++k) {
            if (begin_[k].assigned())
                continue;
            if (isPutOff(k)) {
                soonest = std::min(soonest, begin_[k].min() + (*hands_)[at(k)]);
                continue;
            }
            if (begin_[k].min() < earliest ||
                (begin_[k].min() == earliest && (*urgency_)[at(k)] < (*urgency_)[at(next)])) {
                next = k;
                earliest = begin_[k].min();
            }
        }
        // Nothing is left that could take the time of what was put off: it may as well have been done.
        if (next == none || soonest <= earliest)
            return new Pick(*this, 1, none, 0);
        return new Pick(*this, 2, next, earliest);
    }
    const Gecode::Choice* choice(const Gecode::Space&, Gecode::Archive& archive) override {
        int task = 0, from = 0;
        archive >> task >> from;
        return new Pick(*this, task == none ? 1 : 2, task, from);
    }
    Gecode::ExecStatus commit(Gecode::Space& home, const Gecode::Choice& choice, unsigned int alternative) override {
        const auto& pick = static_cast<const Pick&>(choice);
        if (pick.task == none)
            return Gecode::ES_FAILED;
        if (alternative == 0)
            return Gecode::me_failed(begin_[pick.task].eq(home, pick.from)) ? Gecode::ES_FAILED : Gecode::ES_OK;
        putOff_[pick.task] = pick.from;
        return Gecode::ES_OK;
    }
    Gecode::Actor* copy(Gecode::Space& home) override { return new (home) BeginOrPutOff(home, *this); }
    std::size_t dispose(Gecode::Space& home) override {
        (void)Brancher::dispose(home);
        return sizeof(*this);
    }

private:
    static constexpr int none = -1;
    struct Pick : Gecode::Choice {
        int task, from;
        Pick(const BeginOrPutOff& by, unsigned int alternatives, int which, int when)
            : Choice(by, alternatives), task(which), from(when) {}
        void archive(Gecode::Archive& archive) const override {
            Choice::archive(archive);
            archive << task << from;
        }
    };
    BeginOrPutOff(Gecode::Home home, Gecode::ViewArray<Gecode::Int::IntView>& begin, const std::vector<int>& hands,
                  const std::vector<int>& urgency)
        : Brancher(home), begin_(begin), putOff_(static_cast<Gecode::Space&>(home).alloc<int>(begin.size())),
          hands_(&hands), urgency_(&urgency) {
        std::fill_n(putOff_, begin.size(), none);
    }
    BeginOrPutOff(Gecode::Space& home, BeginOrPutOff& other)
        : Brancher(home, other), putOff_(home.alloc<int>(other.begin_.size())), hands_(other.hands_),
          urgency_(other.urgency_) {
        begin_.update(home, other.begin_);
        std::copy_n(other.putOff_, begin_.size(), putOff_);
    }
    [[nodiscard]] static std::size_t at(int k) { return static_cast<std::size_t>(k); }
    [[nodiscard]] bool isPutOff(int k) const { return putOff_[k] == begin_[k].min(); }

    Gecode::ViewArray<Gecode::Int::IntView> begin_;
    int* putOff_; ///< the time at which each was put off
    const std::vector<int>*hands_, *urgency_;
};

/// Where every task begins, and what that costs.
class DaySpace : public Gecode::Space {
public:
    DaySpace(const DayProblem& problem, const std::vector<Place>& places, const std::vector<int>& hands_min,
             const std::vector<int>& urgency)
        : problem_(&problem), begin_(*this, static_cast<int>(places.size()), 0, Calendar(problem.hours).last_min()),
          cost_(*this, 0, Gecode::Int::Limits::max) {
        Gecode::IntArgs hands(static_cast<int>(places.size())), one(static_cast<int>(places.size()));
        for (int k = 0; k < begin_.size(); ++k) {
            const Place& place = places[static_cast<std::size_t>(k)];
            const DayJob& job = problem.jobs[place.job];
            hands[k] = job.tasks[place.task].hands_min;
            one[k] = 1;
            keepToHours(k, hands[k]);
            if (place.task == 0)
                Gecode::rel(*this, begin_[k], Gecode::IRT_GQ, job.from_min);
            else {
                const DayTask& before = job.tasks[place.task - 1];
                follow(k - 1, k, before.hands_min + before.wait_min);
            }
        }
        Gecode::cumulative(*this, std::max(1, problem.people), begin_, hands, one);
        addCost(places);
        BeginOrPutOff::post(*this, begin_, hands_min, urgency);
        Gecode::branch(*this, cost_, Gecode::INT_VAL_MIN());
    }
    DaySpace(DaySpace& other) : Space(other), problem_(other.problem_) {
        begin_.update(*this, other.begin_);
        cost_.update(*this, other.cost_);
    }
    Space* copy() override { return new DaySpace(*this); }
    void constrain(const Space& best) override {
        Gecode::rel(*this, cost_, Gecode::IRT_LE, static_cast<const DaySpace&>(best).cost_.val());
    }
    void cheaperThan(long cost) {
        Gecode::rel(*this, cost_, Gecode::IRT_LE, static_cast<int>(std::min<long>(cost, Gecode::Int::Limits::max)));
    }
    void fix(int k, int begin_min) { Gecode::rel(*this, begin_[k], Gecode::IRT_EQ, begin_min); }
    [[nodiscard]] int begin_min(int k) const { return begin_[k].val(); }

private:
    void keepToHours(int k, int hands_min) {
        std::vector<std::array<int, 2>> may;
        for (const OpenHours& open : problem_->hours)
            if (open.to_min - hands_min >= open.from_min)
                may.push_back({open.from_min, open.to_min - hands_min});
        if (may.empty()) {
            fail();
            return;
        }
        const auto ranges = std::make_unique<int[][2]>(may.size());
        for (std::size_t r = 0; r < may.size(); ++r) {
            ranges[r][0] = may[r][0];
            ranges[r][1] = may[r][1];
        }
        Gecode::dom(*this, begin_[k], Gecode::IntSet(ranges.get(), static_cast<int>(may.size())));
    }
    /// `b` begins no sooner than so many minutes after `a`.
    void follow(int a, int b, int after_min) {
        Gecode::linear(*this, Gecode::IntArgs({1, -1}), Gecode::IntVarArgs() << begin_[b] << begin_[a], Gecode::IRT_GQ,
                       after_min);
    }
    void addCost(const std::vector<Place>& places) {
        Gecode::IntVarArgs sum;
        Gecode::IntArgs weights;
        int constant = 0;
        for (int k = 0; k < begin_.size(); ++k) {
            const Place& place = places[static_cast<std::size_t>(k)];
            const DayJob& job = problem_->jobs[place.job];
            if (place.task + 1 < job.tasks.size())
                continue;
            const int after = job.tasks.back().hands_min + job.tasks.back().wait_min;
            sum << begin_[k];
            weights << 1;
            constant += after;
            if (!job.promised_min)
                continue;
            const Gecode::IntVar late(*this, 0, Gecode::Int::Limits::max / static_cast<int>(2 * perLate));
            Gecode::linear(*this, Gecode::IntArgs({1, -1}), Gecode::IntVarArgs() << late << begin_[k], Gecode::IRT_GQ,
                           after - *job.promised_min);
            sum << late;
            weights << static_cast<int>(perLate);
        }
        sum << cost_;
        weights << -1;
        Gecode::linear(*this, weights, sum, Gecode::IRT_LQ, -constant);
    }

    const DayProblem* problem_;
    Gecode::IntVarArray begin_;
    Gecode::IntVar cost_;
};

/// Ends a search that failed so often, when the time is up, or when nobody wants its answer any more.
class Limit : public Gecode::Search::Stop {
public:
    Limit(Clock::time_point until, const std::atomic<bool>& giveUp, unsigned long fails)
        : until_(until), giveUp_(giveUp), fails_(fails) {}
    bool stop(const Gecode::Search::Statistics& so, const Gecode::Search::Options&) override {
        return so.fail > fails_ || giveUp_ || Clock::now() > until_;
    }

private:
    Clock::time_point until_;
    const std::atomic<bool>& giveUp_;
    unsigned long fails_;
};

class Search {
public:
    Search(const DayProblem& problem, DayPlan best) : problem_(problem), best_(std::move(best)) {
        for (std::size_t j = 0; j < problem.jobs.size(); ++j)
            for (std::size_t t = 0; t < problem.jobs[j].tasks.size(); ++t) {
                places_.push_back({j, t});
                hands_.push_back(problem.jobs[j].tasks[t].hands_min);
                constexpr int unpromised = 99999;
                urgency_.push_back(std::min(unpromised, problem.jobs[j].promised_min.value_or(unpromised)));
            }
    }
    [[nodiscard]] const DayPlan& best() const { return best_; }

    /// The plan with all but `free` jobs as they are, if there is a cheaper one. True when the search came to its end.
    bool improve(const std::vector<bool>& free, Limit& limit) {
        auto space = std::make_unique<DaySpace>(problem_, places_, hands_, urgency_);
        std::vector<int> begins(places_.size());
        for (const DaySlot& slot : best_.slots)
            begins[placeOf(slot)] = slot.from_min;
        for (std::size_t k = 0; k < places_.size(); ++k)
            if (!free[places_[k].job])
                space->fix(static_cast<int>(k), begins[k]);
        space->cheaperThan(best_.cost);
        Gecode::Search::Options options;
        options.threads = 1.0;
        options.stop = &limit;
        Gecode::BAB<DaySpace> search(space.get(), options);
        while (const std::unique_ptr<DaySpace> found{search.next()})
            take(*found);
        return !search.stopped();
    }

private:
    [[nodiscard]] std::size_t placeOf(const DaySlot& slot) const {
        std::size_t place = slot.task;
        for (std::size_t j = 0; j < slot.job; ++j)
            place += problem_.jobs[j].tasks.size();
        return place;
    }
    void take(const DaySpace& found) {
        std::vector<DaySlot> slots;
        for (std::size_t k = 0; k < places_.size(); ++k) {
            const int from = found.begin_min(static_cast<int>(k));
            const DayTask& task = problem_.jobs[places_[k].job].tasks[places_[k].task];
            slots.push_back({places_[k].job, places_[k].task, 0, from, from + task.hands_min});
        }
        DayPlan plan = planOf(problem_, std::move(slots));
        if (plan.cost < best_.cost)
            best_ = std::move(plan);
    }

    const DayProblem& problem_;
    DayPlan best_;
    std::vector<Place> places_;
    std::vector<int> hands_, urgency_;
};

/// Some jobs that come close after one another, for those stand in each other's way.
std::vector<bool> neighbourhood(const DayPlan& plan, std::size_t jobs, std::size_t size, std::mt19937& random) {
    std::vector<bool> free(jobs, false);
    std::size_t chosen = 0, at = std::uniform_int_distribution<std::size_t>(0, plan.slots.size() - 1)(random);
    for (std::size_t tries = 0; chosen < std::min(size, jobs) && tries < 4 * plan.slots.size(); ++tries) {
        if (!free[plan.slots[at].job]) {
            free[plan.slots[at].job] = true;
            ++chosen;
        }
        at = (at + 1 + random() % 3) % plan.slots.size();
    }
    return free;
}

} // namespace

DayPlan GecodePlanner::improved(const DayProblem& problem, const DayPlan& from, int longest_ms,
                                const std::atomic<bool>& giveUp) const {
    if (from.proven || from.slots.empty())
        return from;
    const auto until = Clock::now() + std::chrono::milliseconds(longest_ms);
    Search search(problem, from);
    constexpr unsigned long wholeFails = 20000, partFails = 300;
    Limit whole(Clock::now() + std::chrono::milliseconds(longest_ms / 3), giveUp, wholeFails);
    const std::size_t jobs = problem.jobs.size();
    if (search.improve(std::vector<bool>(jobs, true), whole)) {
        DayPlan best = search.best();
        best.proven = true;
        best.bound = best.cost;
        return best;
    }
    std::mt19937 random(20261202);
    while (Clock::now() < until && !giveUp && !search.best().proven) {
        Limit part(until, giveUp, partFails);
        search.improve(neighbourhood(search.best(), jobs, 5 + random() % 4, random), part);
    }
    return search.best();
}

} // namespace flenzo
