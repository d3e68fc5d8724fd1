// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/convergence_chart.h"

#include "core/base/units.h"
#include "language/decimal.h"
#include "language/figures.h"
#include "paint/cents_scale.h"
#include "paint/provenance.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct ConvergenceChartWords {
    Q_DECLARE_TR_FUNCTIONS(Convergence)
};

using Point = Convergence::Point;
using Act = Convergence::Act;

QString centsWords(double cents) {
    const QString size = decimal(std::abs(cents), 1);
    return std::abs(cents) < 0.05 ? ConvergenceChartWords::tr("at pitch")
           : cents > 0.0          ? ConvergenceChartWords::tr("sharp %1 cents").arg(size)
                                  : ConvergenceChartWords::tr("flat %1 cents").arg(size);
}

class Chart {
public:
    Chart(const Convergence& way, const QSizeF& size, double textScale) : way_(way), font_(13.0 * textScale) {
        scene_.size = size;
        const bool plate = !way.plate_deg.empty();
        // The plate's two ends are before the scale, in whatever language.
        const auto longest = std::max(forward().size(), sunk().size());
        const double left = std::max(font_ * 3.6, font_ * (0.6 + 0.55 * static_cast<double>(longest)));
        const double width = std::max(40.0, size.width() - left - font_ * 2.6);
        const double foot = font_ * 1.9, top = font_ * 1.7;
        const double high = std::max(40.0, size.height() - top - foot);
        const double track = plate ? std::max(font_ * 2.6, high * 0.24) : 0.0;
        strings_ = QRectF(left, top, width, high - track - (plate ? font_ * 1.3 : 0.0));
        plate_ = QRectF(left, top + high - track, width, track);
        most_ = std::max(12.0, 2.5 * way.tolerance_cents);
        for (const auto& line : way.strings)
            for (const auto& point : line.cents)
                most_ = std::max(most_, point ? std::abs(point->value) : 0.0);
        mostTilt_ = std::max(1.0, 2.5 * way.tolerance_deg);
        for (const auto& point : way.plate_deg)
            mostTilt_ = std::max(mostTilt_, point ? std::abs(point->value) : 0.0);
        span_ = std::max(1.0, static_cast<double>(way.acts.size()) - 1.0 + way.mostActs);
    }

    Scene make() {
        scale();
        clawMarks();
        forecast();
        for (std::size_t i = 0; i < way_.strings.size(); ++i)
            if (way_.asked != i)
                drawString(i);
        if (way_.asked && *way_.asked < way_.strings.size())
            drawString(*way_.asked); // above the others
        if (!way_.plate_deg.empty())
            drawPlate();
        names();
        describe();
        return std::move(scene_);
    }

private:
    [[nodiscard]] static QString forward() { return ConvergenceChartWords::tr("fwd"); }
    [[nodiscard]] static QString sunk() { return ConvergenceChartWords::tr("sunk"); }
    [[nodiscard]] double now() const { return std::max(0.0, static_cast<double>(way_.acts.size()) - 1.0); }
    [[nodiscard]] double xAt(double act) const { return strings_.left() + strings_.width() * act / span_; }
    [[nodiscard]] double yAt(double cents) const {
        return strings_.center().y() -
               strings_.height() / 2.0 * bent(cents, straight_cents) / bent(most_, straight_cents);
    }
    [[nodiscard]] double tiltAt(double deg) const {
        constexpr double straight_deg = 0.5;
        return plate_.center().y() - plate_.height() / 2.0 * bent(deg, straight_deg) / bent(mostTilt_, straight_deg);
    }

    void scale() {
        scene_
            .area(QRectF(QPointF(strings_.left(), yAt(way_.tolerance_cents)),
                         QPointF(strings_.right(), yAt(-way_.tolerance_cents))),
                  ColourRole::FocusSoft)
            .id = QStringLiteral("tolerance");
        double free_y = -1e9; // ticks keep a line apart
        std::vector<double> ticks;
        for (const double cents : {1000.0, 300.0, 100.0, 30.0, 10.0, 0.0, -10.0, -30.0, -100.0, -300.0, -1000.0})
            if (std::abs(cents) <= most_)
                ticks.push_back(cents);
        for (const double tick : ticks) {
            const double y = yAt(tick);
            scene_.line({{strings_.left(), y}, {strings_.right(), y}}, ColourRole::Rule, 1.0);
            const bool zero = tick == 0.0;
            if (!zero &&
                (y - strings_.top() < font_ * 0.8 || y - free_y < font_ * 1.1 || std::abs(y - yAt(0.0)) < font_ * 1.1))
                continue;
            free_y = y;
            scene_.text({strings_.left() - font_ * 0.5, y}, signedNumber(tick, 0), ColourRole::Quiet, font_,
                        Qt::AlignRight | Qt::AlignVCenter);
        }
        scene_.text({font_ * 0.5, font_ * 0.9}, ConvergenceChartWords::tr("cents from pitch"), ColourRole::Quiet, font_,
                    Qt::AlignLeft | Qt::AlignVCenter);
        const double bottom = scene_.size.height() - font_ * 0.9;
        const double x = xAt(now());
        scene_.line({{x, strings_.top()}, {x, std::max(strings_.bottom(), plate_.bottom())}}, ColourRole::Text, 1.0)
            .id = QStringLiteral("now");
        const bool right = x > scene_.size.width() * 0.7;
        scene_.text({x + (right ? -4.0 : 4.0), bottom}, ConvergenceChartWords::tr("now"), ColourRole::Text, font_,
                    (right ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
        if (x - strings_.left() > font_ * 6.0)
            scene_.text({strings_.left(), bottom}, ConvergenceChartWords::tr("start"), ColourRole::Quiet, font_,
                        Qt::AlignLeft | Qt::AlignVCenter);
        if (way_.likelyActs > 0.0 && strings_.right() - x > font_ * 12.0) {
            const QString words = ConvergenceChartWords::tr("about %1 acts to come").arg(std::ceil(way_.likelyActs));
            const double wide = font_ * (1.1 + 0.56 * static_cast<double>(words.size()));
            textWithProvenance(scene_, {strings_.right() - wide, bottom}, Provenance::Calculated, words,
                               ColourRole::Forecast, font_);
        }
    }

    void clawMarks() {
        for (std::size_t a = 0; a < way_.acts.size(); ++a) {
            if (way_.acts[a].kind != Act::Kind::Claw)
                continue;
            // Between strings and plate, where no word is; what is above the strings is said there.
            const double x = xAt(static_cast<double>(a)), y = strings_.bottom() + font_ * 0.1, half = font_ * 0.45;
            Mark& stem = scene_.line({{x, strings_.top()}, {x, y}}, ColourRole::Springs, 1.4);
            stem.dashed = true;
            Mark& mark = scene_.area(QPolygonF{{x - half, y + 2.0 * half}, {x + half, y + 2.0 * half}, {x, y}},
                                     ColourRole::Springs);
            mark.id = QStringLiteral("claw-%1").arg(a);
            mark.tip = way_.acts[a].words;
        }
    }

    /// From how far the strings are now into what is allowed.
    void forecast() {
        if (way_.mostActs <= 0.0 || way_.acts.empty())
            return;
        double up = way_.tolerance_cents, down = -way_.tolerance_cents;
        for (const auto& line : way_.strings)
            if (!line.cents.empty() && line.cents.back()) {
                up = std::max(up, line.cents.back()->value);
                down = std::min(down, line.cents.back()->value);
            }
        constexpr int steps = 16;
        QPolygonF band;
        const auto edge = [&](double from, double to, double acts, int s) {
            const double share = static_cast<double>(s) / steps;
            return QPointF(xAt(now() + acts * share), yAt(to + (from - to) * std::pow(1.0 - share, 2.0)));
        };
        for (int s = 0; s <= steps; ++s)
            band.append(edge(up, way_.tolerance_cents, way_.mostActs, s));
        for (int s = steps; s >= 0; --s)
            band.append(edge(down, -way_.tolerance_cents, way_.mostActs, s));
        Mark& mark = scene_.area(band, ColourRole::FocusSoft, ColourRole::Forecast, 1.2);
        mark.dashed = true;
        mark.id = QStringLiteral("forecast");
        mark.tip = ConvergenceChartWords::tr("Forecast: about %1 acts, at most %2 in 9 of 10 cases")
                       .arg(std::ceil(way_.likelyActs))
                       .arg(std::ceil(way_.mostActs));
    }

    void drawString(std::size_t i) {
        const Convergence::Line& line = way_.strings[i];
        QPolygonF points;
        for (std::size_t a = 0; a < line.cents.size(); ++a)
            if (line.cents[a])
                points.append({xAt(static_cast<double>(a)), yAt(line.cents[a]->value)});
        if (points.isEmpty())
            return;
        const bool asked = way_.asked == i;
        Mark& mark = scene_.line(points, ColourRole::Strings, asked ? 3.0 : 1.4);
        mark.id = QStringLiteral("string-") + line.name;
        const double half = asked ? 4.0 : 2.6;
        for (std::size_t a = 0; a < line.cents.size(); ++a) {
            if (!line.cents[a] || !line.cents[a]->read)
                continue;
            const QPointF at(xAt(static_cast<double>(a)), yAt(line.cents[a]->value));
            Mark& point =
                scene_.area(QRectF(at - QPointF(half, half), QSizeF(2 * half, 2 * half)), ColourRole::Strings);
            point.id = QStringLiteral("read-%1-%2").arg(line.name).arg(a);
            point.tip = ConvergenceChartWords::tr("String %1: %2, checked after: %3")
                            .arg(line.name, centsWords(line.cents[a]->value), way_.acts[a].words);
        }
    }

    void drawPlate() {
        scene_.area(QRectF(QPointF(plate_.left(), tiltAt(way_.tolerance_deg)),
                           QPointF(plate_.right(), tiltAt(-way_.tolerance_deg))),
                    ColourRole::FocusSoft);
        for (const double edge : {plate_.top(), tiltAt(0.0), plate_.bottom()})
            scene_.line({{plate_.left(), edge}, {plate_.right(), edge}}, ColourRole::Rule, 1.0);
        const double small = font_ * 0.92;
        scene_.text({plate_.left() - font_ * 0.4, plate_.top() + small * 0.5}, forward(), ColourRole::Quiet, small,
                    Qt::AlignRight | Qt::AlignVCenter);
        scene_.text({plate_.left() - font_ * 0.4, plate_.bottom() - small * 0.5}, sunk(), ColourRole::Quiet, small,
                    Qt::AlignRight | Qt::AlignVCenter);
        QPolygonF points;
        for (std::size_t a = 0; a < way_.plate_deg.size(); ++a)
            if (way_.plate_deg[a])
                points.append({xAt(static_cast<double>(a)), tiltAt(way_.plate_deg[a]->value)});
        scene_.line(points, ColourRole::MetalEdge, 2.4).id = QStringLiteral("plate");
        for (std::size_t a = 0; a < way_.plate_deg.size(); ++a) {
            if (!way_.plate_deg[a] || !way_.plate_deg[a]->read)
                continue;
            const QPointF at(xAt(static_cast<double>(a)), tiltAt(way_.plate_deg[a]->value));
            const double r = 4.5;
            Mark& point =
                scene_.area(QPolygonF{at + QPointF(0, -r), at + QPointF(r, 0), at + QPointF(0, r), at + QPointF(-r, 0)},
                            ColourRole::Text);
            point.id = QStringLiteral("plate-%1").arg(a);
            point.tip = ConvergenceChartWords::tr("%1, measured after: %2")
                            .arg(plateText(radians(way_.plate_deg[a]->value)), way_.acts[a].words);
        }
    }

    /// At the right end of the lines, moved apart as far as they have to be.
    void names() {
        std::vector<std::pair<double, QString>> places;
        for (const Convergence::Line& line : way_.strings)
            if (!line.cents.empty() && line.cents.back())
                places.emplace_back(yAt(line.cents.back()->value), line.name);
        std::stable_sort(places.begin(), places.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
        if (places.empty())
            return;
        const double apart = std::min(font_ * 1.02, strings_.height() / static_cast<double>(places.size()));
        double free_y = strings_.top();
        std::vector<double> ys;
        for (const auto& place : places)
            free_y = ys.emplace_back(std::max(free_y, place.first)) + apart;
        // Whoever was pushed beyond the end pushes the others back.
        double limit = strings_.bottom();
        for (std::size_t k = ys.size(); k-- > 0;) {
            ys[k] = std::min(ys[k], limit);
            limit = ys[k] - apart;
        }
        const double x = xAt(now()) + font_ * 0.8;
        for (std::size_t k = 0; k < ys.size(); ++k) {
            Mark& name =
                scene_.text({x, ys[k]}, places[k].second, ColourRole::Text, font_, Qt::AlignHCenter | Qt::AlignVCenter);
            name.id = QStringLiteral("name-") + places[k].second;
            name.bold = way_.asked && way_.strings[*way_.asked].name == places[k].second;
        }
    }

    void describe() {
        double first = 0.0, last = 0.0;
        for (const auto& line : way_.strings) {
            const auto known = [](const auto& point) { return point.has_value(); };
            const auto start = std::find_if(line.cents.begin(), line.cents.end(), known);
            if (start == line.cents.end())
                continue;
            first = std::max(first, std::abs((*start)->value));
            last = std::max(last, line.cents.back() ? std::abs(line.cents.back()->value) : 0.0);
        }
        QStringList said{ConvergenceChartWords::tr(
                             "Progress to pitch, %1 acts so far. Furthest string at the start %2 cents, now %3 cents.")
                             .arg(way_.acts.empty() ? 0 : way_.acts.size() - 1)
                             .arg(decimal(first, 1))
                             .arg(decimal(last, 1))};
        if (!way_.plate_deg.empty() && way_.plate_deg.back())
            said.append(ConvergenceChartWords::tr("Now: %1.").arg(plateText(radians(way_.plate_deg.back()->value))));
        if (way_.likelyActs > 0.0)
            said.append(ConvergenceChartWords::tr("About %1 acts to come.").arg(std::ceil(way_.likelyActs)));
        scene_.description = said.join(QLatin1Char(' '));
    }

    const Convergence& way_;
    double font_, most_ = 10.0, mostTilt_ = 1.0, span_ = 1.0;
    QRectF strings_, plate_;
    Scene scene_;
};

} // namespace

Scene buildConvergence(const Convergence& way, const QSizeF& size, double textScale) {
    return Chart(way, size, textScale).make();
}

} // namespace flenzo
