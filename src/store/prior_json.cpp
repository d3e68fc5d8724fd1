// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/prior_json.h"

#include "core/estimation/unknowns.h"
#include "domain/faults.h"
#include "domain/ranges.h"
#include "store/rig_json.h"

#include <Eigen/Cholesky>
#include <algorithm>

namespace flenzo {

namespace {

/// Files hold what was learned of a quantity in deviations of its own, whatever the estimator's are.
struct FiledQuantity {
    Learned quantity;
    double deviation;
    [[nodiscard]] double scale() const { return deviation / priorDeviation(EstimatorOptions(), quantity); }
};
using FiledQuantities = std::vector<FiledQuantity>;
const FiledQuantities& filedQuantities() {
    static const FiledQuantities filed{{Learned::SpringRate, 0.12},  {Learned::InitialTension, 0.25},
                                       {Learned::HookDepth, 0.0012}, {Learned::StringHeight, 0.0008},
                                       {Learned::Setback, 0.0007},   {Learned::ClawPlace, 0.003},
                                       {Learned::ClawLead, 0.04},    {Learned::PivotFriction, 0.8}};
    return filed;
}
/// Before the estimator knew of setback, the claw's place and friction.
const FiledQuantities& earlierQuantities() {
    static const FiledQuantities filed{{Learned::SpringRate, 0.15},
                                       {Learned::InitialTension, 0.30},
                                       {Learned::HookDepth, 0.001},
                                       {Learned::StringHeight, 0.001},
                                       {Learned::ClawLead, 0.05}};
    return filed;
}

void readQuantity(Prior& prior, Fields& learned, const FiledQuantities& filed, const FiledQuantity& quantity) {
    const char* name = learnedName(quantity.quantity);
    Fields fields(learned.object(name), learned.pathOf(QLatin1String(name)), learned.box());
    const auto k = static_cast<Eigen::Index>(quantity.quantity);
    prior.mean[k] = fields.number("mean", ranges::learnedOffset) * quantity.scale();
    const std::vector<double> row = fields.numbers("covariance", learnedCount, ranges::covariance);
    if (row.size() < filed.size())
        fields.box().put(faults::notCovariance, fields.pathOf(QStringLiteral("covariance")));
    for (std::size_t j = 0; j < std::min(row.size(), filed.size()); ++j)
        prior.covariance(k, static_cast<Eigen::Index>(filed[j].quantity)) =
            row[j] * quantity.scale() * filed[j].scale();
}

StringPrior stringPriorFromJson(Fields fields) {
    StringPrior prior;
    prior.gauge_m = fields.number("gaugeMm", ranges::gauge_mm) * metresPerMm;
    if (fields.has("coreMm"))
        prior.core_m = fields.number("coreMm", ranges::core_mm) * metresPerMm;
    prior.stiffness = fields.number("stiffness", ranges::learnedOffset);
    prior.stiffnessDeviation = fields.number("stiffnessDeviation", ranges::learnedDeviation);
    prior.mass = fields.number("mass", ranges::learnedOffset);
    prior.massDeviation = fields.number("massDeviation", ranges::learnedDeviation);
    return prior;
}

QJsonObject stringPriorToJson(const StringPrior& prior) {
    QJsonObject json{{QStringLiteral("gaugeMm"), prior.gauge_m / metresPerMm},
                     {QStringLiteral("stiffness"), prior.stiffness},
                     {QStringLiteral("stiffnessDeviation"), prior.stiffnessDeviation},
                     {QStringLiteral("mass"), prior.mass},
                     {QStringLiteral("massDeviation"), prior.massDeviation}};
    if (prior.core_m > 0.0)
        json[QLatin1String("coreMm")] = prior.core_m / metresPerMm;
    return json;
}

} // namespace

Prior priorFromJson(Fields learned) {
    const FiledQuantities& filed = learned.has(learnedName(Learned::Setback)) ? filedQuantities() : earlierQuantities();
    Prior prior;
    for (const FiledQuantity& quantity : filed)
        readQuantity(prior, learned, filed, quantity);
    for (Fields& string : learned.entries("strings", maxStrings))
        prior.strings.push_back(stringPriorFromJson(string));
    if (Eigen::LLT<Eigen::MatrixXd>(prior.covariance).info() != Eigen::Success)
        learned.box().put(faults::notCovariance, QStringLiteral("learned"));
    return prior;
}

QJsonObject priorToJson(const Prior& prior) {
    QJsonObject json;
    for (const FiledQuantity& quantity : filedQuantities()) {
        const auto k = static_cast<Eigen::Index>(quantity.quantity);
        QJsonArray row;
        for (const FiledQuantity& other : filedQuantities())
            row.append(prior.covariance(k, static_cast<Eigen::Index>(other.quantity)) /
                       (quantity.scale() * other.scale()));
        json[QLatin1String(learnedName(quantity.quantity))] = QJsonObject{
            {QStringLiteral("mean"), prior.mean[k] / quantity.scale()}, {QStringLiteral("covariance"), row}};
    }
    QJsonArray strings;
    for (const StringPrior& string : prior.strings)
        strings.append(stringPriorToJson(string));
    if (!strings.isEmpty())
        json[QLatin1String("strings")] = strings;
    return json;
}

} // namespace flenzo
