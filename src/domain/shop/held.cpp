// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/shop/held.h"

#include <algorithm>
#include <boost/math/distributions/students_t.hpp>
#include <cmath>
#include <functional>
#include <map>
#include <numeric>
#include <set>

namespace flenzo {

namespace {

constexpr double settlingFor_days = 5.0; ///< after the hand-over; later it is the season
constexpr double falseFindings = 0.05;
constexpr int leastSpans = 6, leastOfSet = 4;
constexpr double tuner_cents2 = 1.0; ///< by which readings of a whole cent vary at least, however alike they were typed
constexpr double least_cents = 0.3;  ///< of an amount whose logarithm is taken: no tuner tells less

double meanOf(const std::vector<double>& values) {
    return std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
}

double varianceOf(const std::vector<double>& values) {
    const double mean = meanOf(values);
    double sum = 0.0;
    for (const double value : values)
        sum += (value - mean) * (value - mean);
    return sum / static_cast<double>(values.size() - 1);
}

double medianOf(std::vector<double> values) {
    if (values.empty())
        return 0.0;
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

/// An effect with its deviation, that is none if only chance is at work.
struct Effect {
    double value = 0.0, deviation = 0.0, freedom = 0.0;
};

HeldFinding toldBy(const Effect& effect) {
    HeldFinding finding;
    const boost::math::students_t distribution(effect.freedom);
    finding.effect = effect.value;
    if (effect.deviation <= 0.0)
        return finding; // nothing varies: nothing can be told
    const double t = std::abs(effect.value) / effect.deviation;
    finding.p = 2.0 * boost::math::cdf(boost::math::complement(distribution, t));
    const double reach = boost::math::quantile(boost::math::complement(distribution, 0.025)) * effect.deviation;
    finding.low = effect.value - reach;
    finding.high = effect.value + reach;
    return finding;
}

Effect ofMean(const std::vector<double>& values, double least_cents2) {
    const auto n = static_cast<double>(values.size());
    return {meanOf(values), std::sqrt(std::max(least_cents2, varianceOf(values)) / n), n - 1.0};
}

/// Welch's: neither of the two has to vary as much as the other. Its freedom is that of the smaller one, for few that
/// happen to be alike would else be believed too soon.
Effect ofDifference(const std::vector<double>& a, const std::vector<double>& b) {
    const double sum = varianceOf(a) / static_cast<double>(a.size()) + varianceOf(b) / static_cast<double>(b.size());
    return {meanOf(a) - meanOf(b), std::sqrt(sum), static_cast<double>(std::min(a.size(), b.size())) - 1.0};
}

/// Of a straight line through the points, which need not scatter alike: some guitars change more than others (White's
/// deviation as MacKinnon and White correct it for few points, HC3).
Effect ofSlope(const std::vector<double>& x, const std::vector<double>& y) {
    const double mx = meanOf(x), my = meanOf(y), n = static_cast<double>(x.size());
    double xx = 0.0, xy = 0.0, spread = 0.0;
    for (std::size_t k = 0; k < x.size(); ++k) {
        xx += (x[k] - mx) * (x[k] - mx);
        xy += (x[k] - mx) * (y[k] - my);
    }
    if (xx <= 0.0)
        return {0.0, 0.0, n - 2.0};
    const double slope = xy / xx;
    for (std::size_t k = 0; k < x.size(); ++k) {
        const double leverage = 1.0 / n + (x[k] - mx) * (x[k] - mx) / xx;
        const double left = (y[k] - my - slope * (x[k] - mx)) / std::max(1e-9, 1.0 - leverage);
        spread += std::pow((x[k] - mx) * left, 2);
    }
    return {slope, std::sqrt(spread) / xx, n - 2.0};
}

double logSize(const HeldSpan& span) {
    return std::log(std::max(least_cents, span.size_cents()));
}

/// Those that chance explains with less than `chance` for all of them together, the surest first.
std::vector<HeldFinding> holm(std::vector<HeldFinding> looked, double chance) {
    std::stable_sort(looked.begin(), looked.end(),
                     [](const HeldFinding& a, const HeldFinding& b) { return a.p < b.p; });
    std::size_t found = 0;
    while (found < looked.size() && looked[found].p <= chance / static_cast<double>(looked.size() - found))
        ++found;
    looked.resize(found);
    return looked;
}

/// Everything that is looked at in a shop, found or not.
class Looked {
public:
    explicit Looked(const std::vector<HeldSpan>& spans) : spans_(spans) {
        settling();
        sets();
        methods();
        season();
        strings();
    }
    /// Those that stand: what is asked of the shop and what is asked of each string have half of the chance each, or
    /// the many strings would drown the few questions of the shop.
    [[nodiscard]] std::vector<HeldFinding> standing() const {
        std::vector<HeldFinding> ofShop, ofStrings;
        for (const HeldFinding& one : all_)
            (one.what == HeldFinding::What::StringWanders ? ofStrings : ofShop).push_back(one);
        std::vector<HeldFinding> found = holm(std::move(ofShop), falseFindings / 2.0);
        for (const HeldFinding& one : holm(std::move(ofStrings), falseFindings / 2.0))
            found.push_back(one);
        return found;
    }

private:
    using Value = std::function<double(const HeldSpan&)>;
    using Which = std::function<bool(const HeldSpan&)>;
    [[nodiscard]] std::vector<double> valuesOf(const Which& which, const Value& value) const {
        std::vector<double> values;
        for (const HeldSpan& span : spans_)
            if (which(span))
                values.push_back(value(span));
        return values;
    }
    /// One value a guitar: what one does time after time is no more than one guitar says.
    [[nodiscard]] std::vector<double> byGuitar(const Which& which, const Value& value) const {
        std::map<QString, std::vector<double>> guitars;
        for (const HeldSpan& span : spans_)
            if (which(span))
                guitars[keyOf(span)].push_back(value(span));
        std::vector<double> values;
        values.reserve(guitars.size());
        for (const auto& [key, of] : guitars)
            values.push_back(meanOf(of));
        return values;
    }
    static QString keyOf(const HeldSpan& span) { return span.owner + QLatin1Char('\n') + span.guitar; }
    void look(HeldFinding::What what, const QString& subject, const Effect& effect, std::size_t spans,
              std::size_t string = 0) {
        HeldFinding finding = toldBy(effect);
        finding.what = what;
        finding.subject = subject;
        finding.spans = static_cast<int>(spans);
        finding.string = string;
        all_.push_back(finding);
    }
    static bool isSettling(const HeldSpan& span) { return span.kind == HeldSpan::Kind::Settling; }
    static bool isHolding(const HeldSpan& span) { return span.kind == HeldSpan::Kind::Holding; }

    void settling() {
        const auto means = byGuitar(isSettling, [](const HeldSpan& span) { return span.mean_cents(); });
        if (means.size() >= leastSpans)
            look(HeldFinding::What::Settles, {}, ofMean(means, tuner_cents2 / 4.0), means.size());
    }
    /// How much those with something change against those without, as a factor.
    void compare(HeldFinding::What what, const QString& subject, const Which& among, const Which& has) {
        const auto with = byGuitar([&](const HeldSpan& span) { return among(span) && has(span); }, logSize);
        const auto without = byGuitar([&](const HeldSpan& span) { return among(span) && !has(span); }, logSize);
        if (with.size() < leastOfSet || without.size() < leastOfSet)
            return;
        look(what, subject, ofDifference(with, without), with.size());
        HeldFinding& found = all_.back();
        for (double HeldFinding::*share : {&HeldFinding::effect, &HeldFinding::low, &HeldFinding::high})
            found.*share = std::exp(found.*share);
    }
    void sets() {
        std::set<QString> names;
        for (const HeldSpan& span : spans_)
            if (isHolding(span) && !span.set.isEmpty())
                names.insert(span.set);
        for (const QString& name : names)
            compare(HeldFinding::What::SetHolds, name, isHolding,
                    [&](const HeldSpan& span) { return span.set == name; });
    }
    void methods() {
        std::map<QString, std::set<QString>> topics;
        for (const HeldSpan& span : spans_)
            for (auto way = span.methods.begin(); way != span.methods.end(); ++way)
                topics[way.key()].insert(way.value());
        for (const auto& [topic, options] : topics)
            for (const QString& option : options) {
                if (options.size() == 2 && option != *options.begin())
                    continue; // it is the other one turned round
                compare(HeldFinding::What::MethodHolds, topic + QLatin1Char('=') + option, isSettling,
                        [&, &name = topic](const HeldSpan& span) { return span.methods.value(name) == option; });
            }
    }
    void season() {
        for (const auto& [what, by] : {std::pair(HeldFinding::What::Damp, &HeldSpan::damper_percent),
                                       {HeldFinding::What::Warm, &HeldSpan::warmer_C}}) {
            const auto told = [by = by](const HeldSpan& span) { return isHolding(span) && (span.*by).has_value(); };
            const auto x = valuesOf(told, [by = by](const HeldSpan& span) { return *(span.*by); });
            const auto y = valuesOf(told, [](const HeldSpan& span) { return span.mean_cents(); });
            if (x.size() >= leastSpans)
                look(what, {}, ofSlope(x, y), x.size());
        }
    }
    void strings() {
        std::map<QString, std::vector<const HeldSpan*>> guitars;
        for (const HeldSpan& span : spans_)
            if (isHolding(span))
                guitars[keyOf(span)].push_back(&span);
        for (const auto& [key, spans] : guitars) {
            const std::size_t strings = spans.front()->change_cents.size();
            if (spans.size() < leastOfSet)
                continue;
            for (std::size_t string = 0; string < strings; ++string) {
                std::vector<double> own;
                for (const HeldSpan* span : spans)
                    if (span->change_cents.size() == strings)
                        own.push_back(span->own_cents(string));
                if (own.size() >= leastOfSet)
                    look(HeldFinding::What::StringWanders, spans.front()->guitar, ofMean(own, tuner_cents2), own.size(),
                         string);
            }
        }
    }

    const std::vector<HeldSpan>& spans_;
    std::vector<HeldFinding> all_;
};

std::optional<double> difference(const std::optional<double>& later, const std::optional<double>& before) {
    return later && before ? std::optional(*later - *before) : std::nullopt;
}

} // namespace

double HeldSpan::mean_cents() const {
    return meanOf(change_cents);
}

double HeldSpan::own_cents(std::size_t string) const {
    // Against the others: a mean that it is part of would follow it.
    const auto n = static_cast<double>(change_cents.size());
    return n < 2.0 ? 0.0 : (change_cents[string] - mean_cents()) * n / (n - 1.0);
}

double HeldSpan::size_cents() const {
    double sum = 0.0;
    for (const double change : change_cents)
        sum += std::abs(change);
    return sum / static_cast<double>(change_cents.size());
}

std::vector<HeldSpan> spansOf(const std::vector<Job>& jobs) {
    struct Look {
        QDateTime at;
        const Job* job;
        const HeldReading* read;
    };
    std::map<QString, std::vector<Look>> guitars;
    for (const Job& job : jobs)
        for (const HeldReading& read : job.work.held)
            if (const QDateTime at = QDateTime::fromString(read.at, Qt::ISODate); at.isValid() && !read.cents.empty())
                guitars[job.owner + QLatin1Char('\n') + job.guitar].push_back({at, &job, &read});
    std::vector<HeldSpan> spans;
    for (auto& [key, looks] : guitars) {
        std::stable_sort(looks.begin(), looks.end(), [](const Look& a, const Look& b) { return a.at < b.at; });
        for (std::size_t k = 1; k < looks.size(); ++k) {
            const Look &before = looks[k - 1], &later = looks[k];
            const bool touched = before.read->when == HeldReading::When::CameIn ||
                                 later.read->when == HeldReading::When::Left ||
                                 before.read->cents.size() != later.read->cents.size();
            if (touched)
                continue; // a restring lies between, or the strings are others
            HeldSpan span;
            span.days = static_cast<double>(before.at.secsTo(later.at)) / 86400.0;
            span.kind = before.read->when == HeldReading::When::Left && span.days <= settlingFor_days
                            ? HeldSpan::Kind::Settling
                            : HeldSpan::Kind::Holding;
            span.guitar = before.job->guitar;
            span.owner = before.job->owner;
            span.set = before.job->onPicks.setName;
            span.methods = before.job->work.methods;
            for (std::size_t i = 0; i < before.read->cents.size(); ++i)
                span.change_cents.push_back(later.read->cents[i] - before.read->cents[i]);
            span.warmer_C = difference(later.read->temperature_C, before.read->temperature_C);
            span.damper_percent = difference(later.read->humidity_percent, before.read->humidity_percent);
            spans.push_back(std::move(span));
        }
    }
    return spans;
}

HeldSays heldOf(const std::vector<HeldSpan>& spans) {
    HeldSays says;
    says.spans = static_cast<int>(spans.size());
    says.findings = Looked(spans).standing();
    std::map<QString, std::vector<const HeldSpan*>> bySet;
    for (const HeldSpan& span : spans)
        bySet[span.set].push_back(&span);
    for (const auto& [name, of] : bySet) {
        std::vector<double> settling, held, days;
        for (const HeldSpan* span : of)
            if (span->kind == HeldSpan::Kind::Settling)
                settling.push_back(span->mean_cents());
            else {
                held.push_back(span->size_cents());
                days.push_back(span->days);
            }
        says.sets.push_back({name, static_cast<int>(settling.size()), static_cast<int>(held.size()), medianOf(settling),
                             medianOf(held), medianOf(days)});
    }
    return says;
}

} // namespace flenzo
