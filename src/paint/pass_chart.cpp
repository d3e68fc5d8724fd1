// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/pass_chart.h"

#include "paint/format.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(PassChart)
};

/// Straight about 0, by tenfold steps further out.
double bent(double cents) {
    constexpr double straight_cents = 10.0;
    return std::asinh(cents / straight_cents);
}

class Chart {
public:
    Chart(const PassReadings& readings, const QSizeF& size, double textScale)
        : readings_(readings), font_(13.0 * textScale) {
        scene_.size = size;
        most_ = std::max(10.0, 2.0 * readings.tolerance_cents);
        for (const PassReadings::Line& line : readings.lines)
            for (const auto& cents : line.cents)
                most_ = std::max(most_, std::abs(cents.value_or(0.0)));
        plot_ = QRectF(font_ * 5.0, font_ * 1.4, size.width() - font_ * 7.0, size.height() - font_ * 3.6);
    }
    Scene make() {
        scale();
        for (const PassReadings::Line& line : readings_.lines)
            draw(line);
        names();
        describe();
        return std::move(scene_);
    }

private:
    [[nodiscard]] QPointF at(std::size_t column, double cents) const {
        const double steps = std::max(1.0, static_cast<double>(readings_.columns.size()) - 1.0);
        return {plot_.left() + plot_.width() * static_cast<double>(column) / steps,
                plot_.center().y() - plot_.height() / 2.0 * bent(cents) / bent(most_)};
    }

    void scale() {
        const double tolerance = readings_.tolerance_cents;
        scene_.area(QRectF(at(0, tolerance), QPointF(plot_.right(), at(0, -tolerance).y())), ColourRole::FocusSoft).id =
            QStringLiteral("tolerance");
        for (const double cents : {0.0, 10.0, 100.0, 1000.0})
            for (const double tick : {cents, -cents})
                if (std::abs(tick) <= most_) {
                    const double y = at(0, tick).y();
                    scene_.line({{plot_.left(), y}, {plot_.right(), y}}, ColourRole::Rule, 1.0);
                    scene_.text({plot_.left() - font_ * 0.6, y}, signedNumber(tick, 0), ColourRole::Quiet, font_,
                                Qt::AlignRight | Qt::AlignVCenter);
                }
        scene_.text({font_ * 0.4, font_ * 0.7}, Words::tr("cents"), ColourRole::Quiet, font_,
                    Qt::AlignLeft | Qt::AlignVCenter);
        for (qsizetype c = 0; c < readings_.columns.size(); ++c)
            scene_.text({at(static_cast<std::size_t>(c), 0.0).x(), plot_.bottom() + font_ * 1.3}, readings_.columns[c],
                        ColourRole::Quiet, font_, Qt::AlignHCenter | Qt::AlignVCenter);
    }
    void draw(const PassReadings::Line& line) {
        QPolygonF points;
        for (std::size_t c = 0; c < line.cents.size(); ++c)
            if (line.cents[c])
                points.append(at(c, *line.cents[c]));
        if (points.isEmpty())
            return;
        Mark& mark = scene_.line(points, ColourRole::Strings, 1.6);
        mark.id = QStringLiteral("string-") + line.name;
        mark.tip = Words::tr("String %1").arg(line.name);
        constexpr double half = 2.5;
        for (const QPointF& point : points)
            scene_.area(QRectF(point - QPointF(half, half), QSizeF(2 * half, 2 * half)), ColourRole::Strings);
    }
    /// Where a column holds the strings furthest apart.
    [[nodiscard]] std::size_t widestColumn() const {
        std::size_t widest = 0;
        double most = -1.0;
        for (std::size_t c = 0; c < static_cast<std::size_t>(readings_.columns.size()); ++c) {
            double top = 1e9, bottom = -1e9;
            for (const PassReadings::Line& line : readings_.lines)
                if (c < line.cents.size() && line.cents[c]) {
                    top = std::min(top, at(c, *line.cents[c]).y());
                    bottom = std::max(bottom, at(c, *line.cents[c]).y());
                }
            if (bottom - top > most) {
                most = bottom - top;
                widest = c;
            }
        }
        return widest;
    }
    /// Beside the points, moved apart as far as they have to be.
    void names() {
        const std::size_t column = widestColumn();
        std::vector<std::pair<QPointF, QString>> places;
        for (const PassReadings::Line& line : readings_.lines)
            if (column < line.cents.size() && line.cents[column])
                places.emplace_back(at(column, *line.cents[column]), line.name);
        std::stable_sort(places.begin(), places.end(),
                         [](const auto& a, const auto& b) { return a.first.y() < b.first.y(); });
        const double apart = font_ * 1.05;
        double free_y = plot_.top();
        for (const auto& [point, name] : places) {
            const QPointF middle(point.x() + font_ * 0.95, std::max(free_y, point.y()));
            free_y = middle.y() + apart;
            scene_.area(QRectF(middle - QPointF(font_, apart) / 2.0, QSizeF(font_, apart)), ColourRole::Sheet);
            scene_.text(middle, name, ColourRole::Text, font_, Qt::AlignCenter).id = QStringLiteral("name-") + name;
        }
    }
    void describe() {
        QStringList worst;
        for (std::size_t c = 0; c < static_cast<std::size_t>(readings_.columns.size()); ++c) {
            double most = 0.0;
            for (const PassReadings::Line& line : readings_.lines)
                if (c < line.cents.size())
                    most = std::max(most, std::abs(line.cents[c].value_or(0.0)));
            worst.append(
                Words::tr("%1: %2 cents").arg(readings_.columns[static_cast<qsizetype>(c)]).arg(most, 0, 'f', 1));
        }
        scene_.description =
            Words::tr("Readings pass by pass; the worst string at ") + worst.join(QStringLiteral(", "));
    }

    const PassReadings& readings_;
    double font_, most_ = 10.0;
    QRectF plot_;
    Scene scene_;
};

} // namespace

Scene buildPassChart(const PassReadings& readings, const QSizeF& size, double textScale) {
    return Chart(readings, size, textScale).make();
}

} // namespace flenzo
