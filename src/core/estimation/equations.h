// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/normal_row.h"
#include "core/estimation/giving.h"
#include "core/statics/equilibrium.h"
#include "core/statics/rest_model.h"

#include <deque>
#include <memory>

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

/// What the equations make of one solution.
struct Evaluation {
    explicit Evaluation(const UnknownsLayout& layout) : normal(layout.first), gradient(layout.size) {}
    double cost = 0.0;
    Skyline normal; ///< the Gauss-Newton matrix
    Eigen::VectorXd gradient;
    std::vector<Residual> residuals; ///< by observation
    std::vector<double> strain_nats; ///< by rest: what its equations cost above what noise does
};

/// The equations of a log's beginning as straight lines about one solution of it, with all eliminated that ended there:
/// where nothing is doubted any more and little will move, as in a forecast, they need not be worked out anew.
struct Folded {
    UnknownsLayout layout; ///< of what goes on
    Unknowns at;
    double cost = 0.0; ///< there; its second and first derivatives by what goes on
    Eigen::MatrixXd normal;
    Eigen::VectorXd gradient;
    std::vector<Residual> residuals;                ///< by observation that it holds
    std::vector<double> strain_nats;                ///< by rest
    std::vector<Contact> contacts;                  ///< by rest
    std::size_t stretches = 0, claws = 0, gaps = 0; ///< that it holds, from the first
    double heldFriction_Nm = 0.0;
    [[nodiscard]] std::size_t rests() const { return contacts.size(); }
};

/// What is known of the guitar before the log: of its makes of wire those that were learned from.
[[nodiscard]] Prior priorOf(const BenchJob& job, const Timeline& line);

/// All equations of one log (docs/mechanics.md eq. 25): observations, the balance at every rest with the pivot's
/// memory, links from stretch to stretch and visit to visit, and what was known before. Their weighted sum of squares
/// is twice the cost; robust ones count by Cauchy's function.
class Equations {
public:
    Equations(const BenchJob& job, const EstimatorOptions& options, const Timeline& line, const UnknownsLayout& layout);

    Noise noise;
    std::vector<Contact> contacts; ///< by rest

    /// Takes the beginning from there, with a layout from its last rest on. Its contacts and friction stay.
    void foldIn(std::shared_ptr<const Folded> beginning);
    /// Fits contacts and the friction by which the balance is weighed to a solution; whether that changed the
    /// equations.
    bool chooseContacts(const Unknowns& at);
    /// Before another descent: contacts may change anew.
    void beginDescent() { lifted_.assign(contacts.size(), 0); }
    void evaluate(const Unknowns& at, Evaluation& out);
    [[nodiscard]] const RestModel& model(std::size_t rest) const { return models_[line_.rests[rest].version]; }
    [[nodiscard]] const RestModel& modelNow() const { return models_.back(); }
    /// By what the balance is weighed; to be compared, costs must have been weighed alike.
    [[nodiscard]] double heldFriction_Nm() const { return heldFriction_Nm_; }
    void setHeldFriction(double friction_Nm) { heldFriction_Nm_ = friction_Nm; }

    /// z of a string at a rest, what it has given since its stretch began taken off.
    [[nodiscard]] double zAt_cents(const Unknowns& at, std::size_t rest, std::size_t string) const;
    [[nodiscard]] ClawTurns clawAt(const Unknowns& at, std::size_t rest) const;
    /// Wire the string still has to give at a rest (m), and what the next pull lets go of it (share), of the guitar
    /// set last.
    [[nodiscard]] double left_m(std::size_t rest, std::size_t string) const {
        return giving_.left_m(pieceAt(rest, string), line_.rests[rest].given[string]);
    }
    [[nodiscard]] double pullShare() const { return giving_.pullShare(); }
    /// The guitar at a rest as the mechanics know it.
    [[nodiscard]] State stateAt(const Unknowns& at, std::size_t rest) const;
    void setGuitar(const Unknowns& at);
    /// How z of a string at a rest answers to every unknown, and what it reads there.
    [[nodiscard]] Eigen::VectorXd zSlopes(std::size_t rest, std::size_t string);
    [[nodiscard]] Eigen::VectorXd readingSlopes(const Unknowns& at, std::size_t rest, std::size_t string);

private:
    /// All that turns the plate.
    struct Turning {
        Turned plate{0.0};
        std::array<StringModel, maxStrings> strings;
        SpringModel springs;
        double moment_Nm = 0.0, angleSlope = 0.0; ///< the slope is that of gravity and assist alone
    };

    /// Strings and claw of `rest`, plate where it is at `plateOf`: the same rest or the one before.
    [[nodiscard]] Turning turning(const Unknowns& at, std::size_t rest, std::size_t plateOf) const;
    void addTurning(const Turning& turning, std::size_t rest, int angleIndex, double by);
    [[nodiscard]] Contact contactOf(const Unknowns& at, std::size_t rest, const Limits& limits) const;
    [[nodiscard]] double heldAngle_rad(Contact contact, const Limits& limits) const;
    void guitarEntry(Learned quantity, double physicalSlope);
    void addString(const StringModel::Slopes& slopes, std::size_t rest, std::size_t index, int angleIndex, double by);
    void addSprings(const SpringModel& springs, double by);
    void addZ(std::size_t rest, std::size_t string, double by);
    void balance(const Unknowns& at, std::size_t rest);
    void remember(const Unknowns& at);
    void observe(const Unknowns& at, const Observation& made, Residual& out);
    double observePitch(const Unknowns& at, const Observation& made, Residual& out);
    double observePlate(const Observation& made, Residual& out);
    void link(const Unknowns& at, std::size_t stretch);
    void turnClaw(const Unknowns& at, std::size_t visit);
    void addPriors(const Unknowns& at);
    void addFolded(const Unknowns& at, Evaluation& out);
    [[nodiscard]] std::size_t pieceAt(std::size_t rest, std::size_t string) const {
        const int stretch = line_.rests[rest].stretch[string];
        return stretch == RestPoint::none ? string : line_.stretches[static_cast<std::size_t>(stretch)].piece;
    }
    double addWaited(const Unknowns& at, const Stretch& stretch, double& expected_cents);
    [[nodiscard]] SetString oldString(std::size_t index) const;
    [[nodiscard]] bool isShaft() const { return job_.rig.bridge.has().motion == Motion::Shaft; }

    const BenchJob& job_;
    const EstimatorOptions& options_;
    const Timeline& line_;
    const UnknownsLayout& layout_;
    GuitarUnknowns guitar_;
    std::deque<RestModel> models_;   ///< by version of the guitar
    std::vector<Spring> oldSprings_; ///< those there were with the old set, corrected alike
    GivingModel giving_;
    Eigen::VectorXd priorMean_;
    Eigen::MatrixXd priorRoot_;    ///< inverse of the covariance's lower factor
    double heldFriction_Nm_ = 0.0; ///< by which the balance is weighed: learned with it, it would shrink to nothing
    double oldBalance_Nm_ = 1.0;   ///< deviation of the balance with the old set
    std::vector<int> lifted_;      ///< by rest: how often the plate came off in this descent
    NormalRow row_;
    Turning here_, before_; ///< of the rest under way and the one before
    std::shared_ptr<const Folded> folded_;
    Eigen::VectorXi place_; ///< here, of each of its unknowns
};

} // namespace flenzo
