// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/estimation/rest_model.h"
#include "core/estimation/skyline.h"
#include "core/estimation/unknowns.h"

namespace flenzo {

/// How noisy the shop's tools are held to be (standard deviations).
struct Noise {
    double tuner_cents = 0.6, gap_m = 6e-5, angle_rad = 0.0035;
};

/// What carries the plate at a rest besides strings and springs.
enum class Contact { Free, Low, High, Centred };

/// One observation against the solution.
struct Residual {
    double inDeviations = 0.0; ///< predicted less observed
    double weight = 1.0;       ///< what it still counts, 1 for an honest one
    double predicted = 0.0;    ///< cents, metres, radians
};

/// All equations of one log (docs/mechanics.md eq. 25): observations, the balance at every rest with the pivot's
/// memory, links from stretch to stretch and visit to visit, and what was known before. Their weighted sum of squares
/// is twice the cost; robust ones count by Cauchy's function.
class Equations {
public:
    Equations(const BenchJob& job, const EstimatorOptions& options, const Timeline& line, const UnknownsLayout& layout);

    Noise noise;
    std::vector<Contact> contacts; ///< by rest; `chooseContacts` makes them fit a solution

    void chooseContacts(const Unknowns& at);
    /// The cost; with `normal` also the Gauss-Newton matrix and with `gradient` the slope of the cost.
    double evaluate(const Unknowns& at, Skyline* normal, Eigen::VectorXd* gradient);
    [[nodiscard]] const std::vector<Residual>& residuals() const { return residuals_; }
    [[nodiscard]] const RestModel& model() const { return model_; }

    /// z of a string at a rest, what it has given since its stretch began taken off.
    [[nodiscard]] double zAt_cents(const Unknowns& at, std::size_t rest, std::size_t string) const;
    [[nodiscard]] ClawTurns clawAt(const Unknowns& at, std::size_t rest) const;
    /// Wire the string still has to give at a rest (m), and what the next pull lets go of it (share).
    [[nodiscard]] double left_m(const Unknowns& at, std::size_t rest, std::size_t string) const;
    [[nodiscard]] double pullShare(const Unknowns& at) const;
    /// The guitar at a rest as the mechanics know it.
    [[nodiscard]] State stateAt(const Unknowns& at, std::size_t rest) const;
    void setGuitar(const Unknowns& at);
    /// Adds to `row` how z at a rest answers to every unknown, each times `by`.
    void addZSlopes(const Unknowns& at, std::size_t rest, std::size_t string, double by,
                    Eigen::Ref<Eigen::VectorXd> row) const;

    /// The same of what the string reads there.
    void addReadingSlopes(const Unknowns& at, std::size_t rest, std::size_t string,
                          Eigen::Ref<Eigen::VectorXd> row) const;

private:
    void entry(int at, double slope);
    void guitarEntry(Learned quantity, double physicalSlope);
    void clear();
    void finish(double residual, double weight);
    double addMoment(const Unknowns& at, std::size_t rest, double angle_rad, int angleIndex, double by);
    template <class Add>
    void stringSlopes(const StringModel::Slopes& slopes, const Unknowns& at, std::size_t rest, std::size_t index,
                      int angleIndex, double by, const Add& add) const;
    void addString(const StringModel::Slopes& slopes, const Unknowns& at, std::size_t rest, std::size_t index,
                   int angleIndex, double by);
    template <class Add>
    void givenSlopes(const Unknowns& at, std::size_t string, const GivingCounts& counts, double by,
                     const Add& add) const;
    template <class Add>
    void zSlopes(const Unknowns& at, std::size_t rest, std::size_t string, double by, const Add& add) const;
    void balance(const Unknowns& at, std::size_t rest);
    void remember(const Unknowns& at);
    void observe(const Unknowns& at, std::size_t number);
    void link(const Unknowns& at, std::size_t stretch);
    void turnClaw(const Unknowns& at, std::size_t visit);
    void addPriors(const Unknowns& at);
    [[nodiscard]] SetString oldString(std::size_t index) const;
    [[nodiscard]] double given(const GivingCounts& counts) const;
    [[nodiscard]] double usualDrop_cents(const Stretch& stretch) const;

    const BenchJob& job_;
    const EstimatorOptions& options_;
    const Timeline& line_;
    const UnknownsLayout& layout_;
    RestModel model_;
    Eigen::MatrixXd priorRoot_;
    std::array<double, GivingUnknowns::ShareCount> share_{};
    std::array<std::vector<double>, GivingUnknowns::ShareCount> kept_; ///< by how often: powers of what a share leaves
    std::vector<double> unsettled_m_;                                  ///< of each string, from the start
    double heldFriction_Nm_ = 0.0; ///< by which the balance is weighed: learned with it, it would shrink to nothing
    double oldBalance_Nm_ = 1.0;   ///< deviation of the balance with the old set
    std::vector<Residual> residuals_;
    // The row under way.
    Eigen::VectorXd row_;
    std::vector<int> touched_;
    std::vector<char> isTouched_;
    Skyline* normal_ = nullptr;
    Eigen::VectorXd* gradient_ = nullptr;
    double cost_ = 0.0;
};

} // namespace flenzo
