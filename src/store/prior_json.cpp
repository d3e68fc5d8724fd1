// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/prior_json.h"

#include "core/estimation/unknowns.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "store/rig_json.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <array>
#include <cmath>

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

/// Where a string's two are, as files name them. Their deviations are the estimator's own.
struct FiledString {
    const char *mean, *deviation, *covariance;
    Eigen::Index (*index)(std::size_t);
};
constexpr std::array<FiledString, 2> filedStrings{
    {{"stiffness", "stiffnessDeviation", "stiffnessCovariance", stiffnessIndex},
     {"mass", "massDeviation", "massCovariance", massIndex}}};

/// In file order: the quantities, then the strings' own; by what a figure of the file is multiplied.
double scaleOf(Eigen::Index index) {
    return index < learnedCount ? filedQuantities()[static_cast<std::size_t>(index)].scale() : 1.0;
}

/// Files of before what the strings share with the guitar have the deviation alone.
void readString(Prior& prior, std::size_t string, Fields fields) {
    Wire& make = prior.makes[string];
    make.gauge_m = fields.number("gaugeMm", ranges::gauge_mm) * metresPerMm;
    if (fields.has("coreMm"))
        make.core_m = fields.number("coreMm", ranges::core_mm) * metresPerMm;
    for (const FiledString& filed : filedStrings) {
        const Eigen::Index k = filed.index(string);
        prior.mean[k] = fields.number(filed.mean, ranges::learnedOffset);
        if (!fields.has(filed.covariance)) {
            prior.covariance(k, k) = std::pow(fields.number(filed.deviation, ranges::learnedDeviation), 2);
            continue;
        }
        const std::vector<double> row = fields.numbers(filed.covariance, k + 1, ranges::covariance);
        if (row.size() != static_cast<std::size_t>(k) + 1)
            fields.box().put(faults::notCovariance, fields.pathOf(QLatin1String(filed.covariance)));
        else
            for (Eigen::Index j = 0; j <= k; ++j)
                prior.covariance(k, j) = prior.covariance(j, k) = row[static_cast<std::size_t>(j)] * scaleOf(j);
    }
}

QJsonObject stringToJson(const Prior& prior, std::size_t string) {
    QJsonObject json{{QStringLiteral("gaugeMm"), prior.makes[string].gauge_m / metresPerMm}};
    if (prior.makes[string].core_m > 0.0)
        json[QLatin1String("coreMm")] = prior.makes[string].core_m / metresPerMm;
    for (const FiledString& filed : filedStrings) {
        const Eigen::Index k = filed.index(string);
        json[QLatin1String(filed.mean)] = prior.mean[k];
        QJsonArray row;
        for (Eigen::Index j = 0; j <= k; ++j)
            row.append(prior.covariance(k, j) / scaleOf(j));
        json[QLatin1String(filed.covariance)] = row;
    }
    return json;
}

} // namespace

Prior priorFromJson(Fields learned) {
    const FiledQuantities& filed = learned.has(learnedName(Learned::Setback)) ? filedQuantities() : earlierQuantities();
    Prior prior;
    for (const FiledQuantity& quantity : filed)
        readQuantity(prior, learned, filed, quantity);
    std::vector<Fields> strings = learned.entries("strings", maxStrings);
    prior.makes.resize(strings.size());
    const Eigen::Index size = stiffnessIndex(strings.size());
    const Eigen::MatrixXd guitar = prior.covariance;
    prior.mean.conservativeResizeLike(Eigen::VectorXd::Zero(size));
    prior.covariance = Eigen::MatrixXd::Identity(size, size);
    prior.covariance.topLeftCorner(learnedCount, learnedCount) = guitar;
    for (std::size_t i = 0; i < strings.size(); ++i)
        readString(prior, i, std::move(strings[i]));
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
    for (std::size_t i = 0; i < prior.makes.size(); ++i)
        strings.append(stringToJson(prior, i));
    if (!strings.isEmpty())
        json[QLatin1String("strings")] = strings;
    return json;
}

} // namespace flenzo
