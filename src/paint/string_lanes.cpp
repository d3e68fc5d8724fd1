// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/string_lanes.h"

#include "language/figures.h"
#include "paint/cents_scale.h"
#include "paint/circle.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct StringLanesWords {
    Q_DECLARE_TR_FUNCTIONS(StringLanes)
};

using Lane = StringLanes::Lane;

const QString laneId = QStringLiteral("lane-%1");

/// What a lane says to a pointer and to a screen reader.
QString wordsOf(const Lane& lane) {
    if (lane.off)
        return StringLanesWords::tr("String %1 is off").arg(lane.name);
    if (!lane.cents)
        return StringLanesWords::tr("String %1, %2: not read yet").arg(lane.name, lane.note);
    const QString cents = centsText(*lane.cents);
    if (!lane.aim_cents)
        return (lane.read ? StringLanesWords::tr("String %1, %2: %3, measured")
                          : StringLanesWords::tr("String %1, %2: %3, calculated"))
            .arg(lane.name, lane.note, cents);
    return (lane.read ? StringLanesWords::tr("String %1, %2: %3, measured; aim %4")
                      : StringLanesWords::tr("String %1, %2: %3, calculated; aim %4"))
        .arg(lane.name, lane.note, cents, centsText(*lane.aim_cents));
}

class Lanes {
public:
    Lanes(const StringLanes& strings, const QSizeF& size, double textScale) : v_(strings), font_(15.0 * textScale) {
        scene_.size = size;
        constexpr double headRows = 1.6; // of the scale's words, where they are no larger than the lanes'
        const auto count = static_cast<double>(std::max<std::size_t>(1, v_.lanes.size()));
        const double each = size.height() / (count + headRows);
        words_ = std::min(font_, each * 0.7); // never higher than its lane
        head_ = words_ * 1.7;
        high_ = (size.height() - head_ - 4.0) / count;
        left_ = words_ * 5.0;
        end_ = size.width() - words_ * (v_.pegs ? 2.9 : 0.9);
        right_ = std::max(left_ + 40.0, end_ - words_ * 4.7);
        most_ = 300.0;
        for (const Lane& lane : v_.lanes)
            for (const std::optional<double>& cents : {lane.cents, lane.aim_cents, lane.live_cents})
                most_ = std::max(most_, cents ? std::abs(*cents) : 0.0);
        most_ = std::min(most_, 1200.0);
    }

    Scene make() {
        for (std::size_t i = 0; i < v_.lanes.size(); ++i)
            ground(i);
        scale();
        for (std::size_t i = 0; i < v_.lanes.size(); ++i)
            lane(i);
        describe();
        return std::move(scene_);
    }

private:
    [[nodiscard]] double xAt(double cents) const {
        const double share = bent(std::clamp(cents, -most_, most_), straight_cents) / bent(most_, straight_cents);
        return (left_ + right_) / 2.0 + share * (right_ - left_) / 2.0;
    }
    [[nodiscard]] double top(std::size_t i) const { return head_ + high_ * static_cast<double>(i); }
    [[nodiscard]] double middle(std::size_t i) const { return top(i) + high_ / 2.0; }
    /// Nothing in a lane is higher than this.
    [[nodiscard]] double half() const { return std::min(high_ * 0.36, font_ * 1.0); }
    [[nodiscard]] bool meant(std::size_t i) const { return v_.asked == i || v_.picked == i; }

    void ground(std::size_t i) {
        const QRectF whole(1.0, top(i) + 1.0, scene_.size.width() - 2.0, high_ - 2.0);
        Mark& area = v_.picked == i ? scene_.area(whole, ColourRole::Sheet, ColourRole::Focus, 2.5)
                                    : scene_.area(whole, ColourRole::Sheet);
        area.id = laneId.arg(i);
        area.tip = wordsOf(v_.lanes[i]);
    }

    void scale() {
        constexpr double leastHalf_px = 4.0;
        const double bottom = top(v_.lanes.size()), centre = xAt(0.0);
        const double band = std::max(leastHalf_px, xAt(v_.tolerance_cents) - centre);
        for (std::size_t i = 0; i < v_.lanes.size(); ++i) // inside each lane, so that its frame stays whole
            scene_.area(QRectF(centre - band, top(i) + 3.0, 2.0 * band, high_ - 6.0), ColourRole::FocusSoft).id =
                QStringLiteral("tolerance");
        for (const double tick : {-1000.0, -300.0, -100.0, -30.0, -10.0, 0.0, 10.0, 30.0, 100.0, 300.0, 1000.0})
            if (std::abs(tick) <= most_)
                scene_.line({{xAt(tick), head_}, {xAt(tick), bottom}}, ColourRole::Rule, 1.0).id =
                    QStringLiteral("tick");
        std::vector<std::pair<double, double>> taken;
        for (const double tick : {0.0, -300.0, 300.0, -100.0, 100.0, -30.0, 30.0, -10.0, 10.0, -1000.0, 1000.0})
            if (std::abs(tick) <= most_)
                tickWords(tick, taken);
    }

    /// Where there is room left for them; the middle and the ends come first.
    void tickWords(double tick, std::vector<std::pair<double, double>>& taken) {
        const QString words = tick == 0.0 ? QStringLiteral("0") : signedNumber(tick, 0);
        const double x = xAt(tick), half = words_ * 0.28 * static_cast<double>(words.size() + 1);
        for (const auto& [from, to] : taken)
            if (x + half > from && x - half < to)
                return;
        taken.emplace_back(x - half, x + half);
        scene_.text({x, head_ / 2.0}, words, ColourRole::Quiet, words_ * 0.87, Qt::AlignCenter).id =
            QStringLiteral("tick-words");
    }

    void lane(std::size_t i) {
        const Lane& one = v_.lanes[i];
        const double y = middle(i);
        constexpr double thinnest_px = 0.8, perMetre = 1300.0;
        Mark& wire = scene_.line({{left_, y}, {right_, y}}, one.off ? ColourRole::Rule : ColourRole::Strings,
                                 thinnest_px + one.gauge_m * perMetre);
        wire.dashed = one.off;
        wire.id = QStringLiteral("wire-%1").arg(i);
        names(one, i, y);
        before(one, y);
        if (one.aim_cents)
            gate(one, i, y);
        if (one.cents)
            place(one, i, y);
        if (one.live_cents)
            live(one, y);
        figure(one, i, y);
        if (v_.pegs)
            peg(one, i, y);
    }

    void names(const Lane& one, std::size_t i, double y) {
        Mark& name = scene_.text({words_ * 0.8, y}, one.name, ColourRole::Text, words_ * (meant(i) ? 1.2 : 1.0),
                                 Qt::AlignLeft | Qt::AlignVCenter);
        name.bold = meant(i);
        name.id = QStringLiteral("name");
        scene_.text({words_ * 2.4, y}, one.note, ColourRole::Quiet, words_ * 0.87, Qt::AlignLeft | Qt::AlignVCenter)
            .id = QStringLiteral("note");
    }

    /// Where it was: shorter the longer ago.
    void before(const Lane& one, double y) {
        const std::size_t count = one.before_cents.size();
        if (count > 0 && one.cents)
            scene_.line({{xAt(one.before_cents.back()), y}, {xAt(*one.cents), y}}, ColourRole::Strings, 4.0).id =
                QStringLiteral("moved");
        for (std::size_t k = 0; k < count; ++k) {
            const double x = xAt(one.before_cents[k]);
            const double reach = half() * (0.3 + 0.4 * static_cast<double>(k + 1) / static_cast<double>(count));
            scene_.line({{x, y - reach}, {x, y + reach}}, ColourRole::Strings, 1.2).id = QStringLiteral("before");
        }
    }

    /// Two posts between which the string has to come.
    void gate(const Lane& one, std::size_t i, double y) {
        constexpr double leastHalf_px = 4.0;
        const double x = xAt(*one.aim_cents);
        const double apart = std::max(
            leastHalf_px, (xAt(*one.aim_cents + v_.nearAim_cents) - xAt(*one.aim_cents - v_.nearAim_cents)) / 2.0);
        const bool now = v_.asked == i;
        for (const double side : {-apart, apart})
            scene_.line({{x + side, y - half()}, {x + side, y + half()}}, ColourRole::Focus, now ? 3.5 : 1.6).id =
                QStringLiteral("aim-%1").arg(i);
        if (now)
            scene_.area(QPolygonF{{x, y - half() + 1.0}, {x - 5.0, y - half() - 6.0}, {x + 5.0, y - half() - 6.0}},
                        ColourRole::Focus);
    }

    void place(const Lane& one, std::size_t i, double y) {
        const double radius = std::min(half() * 0.75, font_ * (v_.asked == i ? 0.6 : 0.45));
        const bool there = std::abs(*one.cents) <= v_.tolerance_cents;
        const ColourRole ink = there ? ColourRole::Goal : ColourRole::Strings;
        Mark& mark = scene_.area(circleAt({xAt(*one.cents), y}, radius), one.read ? ink : ColourRole::Sheet, ink, 2.5);
        mark.id = QStringLiteral("place-%1").arg(i);
        mark.tip = wordsOf(one);
    }

    void live(const Lane& one, double y) {
        const double x = xAt(*one.live_cents), r = half() * 0.9;
        const bool there = one.aim_cents ? std::abs(*one.live_cents - *one.aim_cents) <= v_.nearAim_cents
                                         : std::abs(*one.live_cents) <= v_.tolerance_cents;
        scene_
            .area(QPolygonF{{x, y - r}, {x + r * 0.7, y}, {x, y + r}, {x - r * 0.7, y}},
                  there ? ColourRole::Goal : ColourRole::Focus, ColourRole::Sheet, 2.0)
            .id = QStringLiteral("live");
    }

    void figure(const Lane& one, std::size_t i, double y) {
        const std::optional<double> shown_cents = one.live_cents ? one.live_cents : one.cents;
        if (one.off || !shown_cents)
            return;
        const bool remarked = !one.remark.isEmpty() && high_ > 2.4 * font_;
        const double right = end_, up = remarked ? words_ * 0.45 : 0.0;
        if (remarked)
            scene_
                .text({right, y + words_ * 0.7}, one.remark, ColourRole::Quiet, words_ * 0.8,
                      Qt::AlignRight | Qt::AlignVCenter)
                .id = QStringLiteral("remark-%1").arg(i);
        Mark& text = scene_.text({right, y - up}, signedNumber(*shown_cents, 1),
                                 one.live_cents ? ColourRole::Focus : ColourRole::Text,
                                 words_ * (meant(i) ? 1.2 : 1.07), Qt::AlignRight | Qt::AlignVCenter);
        text.bold = one.read || one.live_cents;
        text.id = QStringLiteral("figure-%1").arg(i);
    }

    /// Up the arrow is sharper; which way a button turns depends on its gear.
    void peg(const Lane& one, std::size_t i, double y) {
        const double r = std::min(half() * 0.75, words_ * 0.62);
        const QPointF at(scene_.size.width() - words_ * 1.5, y);
        scene_
            .area(circleAt(at, r), one.turn == StringLanes::Turn::None ? ColourRole::Metal : ColourRole::FocusSoft,
                  one.turn == StringLanes::Turn::None ? ColourRole::MetalEdge : ColourRole::Focus, 1.6)
            .id = QStringLiteral("peg-%1").arg(i);
        if (one.turn == StringLanes::Turn::None) {
            scene_.line({at - QPointF(r * 0.6, 0.0), at + QPointF(r * 0.6, 0.0)}, ColourRole::MetalEdge, 2.0);
            return;
        }
        const QPointF reach(0.0, one.turn == StringLanes::Turn::Tighter ? half() : -half());
        Mark& arrow = scene_.line({at + reach, at - reach}, ColourRole::Focus, 3.5);
        arrow.arrow = true;
        arrow.id = one.turn == StringLanes::Turn::Tighter ? QStringLiteral("tighter") : QStringLiteral("looser");
    }

    void describe() {
        QStringList words;
        for (const Lane& lane : v_.lanes)
            words.append(wordsOf(lane));
        scene_.description = words.join(QStringLiteral(". "));
    }

    const StringLanes& v_;
    double font_, words_ = 0.0, head_ = 0.0, high_ = 0.0, left_ = 0.0, right_ = 0.0, end_ = 0.0, most_ = 300.0;
    Scene scene_;
};

} // namespace

Scene buildStringLanes(const StringLanes& strings, const QSizeF& size, double textScale) {
    return Lanes(strings, size, textScale).make();
}

StringLanes between(const StringLanes& from, const StringLanes& to, double share) {
    StringLanes passing = to;
    for (std::size_t i = 0; i < std::min(from.lanes.size(), to.lanes.size()); ++i)
        if (from.lanes[i].cents && to.lanes[i].cents)
            passing.lanes[i].cents = *from.lanes[i].cents + share * (*to.lanes[i].cents - *from.lanes[i].cents);
    return passing;
}

std::optional<std::size_t> laneAt(const Scene& scene, const QPointF& at) {
    for (std::size_t i = 0;; ++i) {
        const Mark* lane = scene.find(laneId.arg(i));
        if (!lane)
            return std::nullopt;
        if (lane->points.boundingRect().contains(at))
            return i;
    }
}

} // namespace flenzo
