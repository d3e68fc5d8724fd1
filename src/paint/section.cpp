// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/section.h"

#include "core/statics/readings.h"
#include "paint/provenance.h"
#include "paint/section_parts.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

using Eigen::Vector2d;

// Drawn, not modelled.
constexpr double plateThickness_m = 3.0 * mm, bodyDepth_m = 44.0 * mm, blockHalf_m = 5.0 * mm;

struct Extent {
    double left = 0.0, right = 0.0, top = 0.0, bottom = 0.0;
};
Extent extentOf(const Rig& rig, const ClawTurns& claw) {
    Extent extent{-rig.bridge.rearEdge_m - 14 * mm, 60 * mm, 21 * mm, -bodyDepth_m - rig.bridge.rearGap_m - 3 * mm};
    for (const Spring& spring : rig.springs) {
        extent.right = std::max(extent.right, anchorAt_m(spring, rig.claw, claw).x() + 22 * mm);
        extent.bottom = std::min(extent.bottom, spring.hook_m.y() - 9 * mm);
    }
    for (const RigString& string : rig.strings)
        extent.top = std::max(extent.top, string.saddle_m.y() + 11 * mm);
    return extent;
}

class Drawing {
public:
    Drawing(const SectionValues& values, const QSizeF& size)
        : v_(values), turned_(values.state.angle_rad), font_(15.0 * values.textScale),
          extent_(extentOf(values.rig, values.state.claw)) {
        scene_.size = size;
        narrow_ = size.width() < 600.0 * values.textScale;
        constexpr double lowRows = 15.0, leastRows = 12.0; // of words; below the least they would cross the plate
        tight_ = size.width() < 440.0 * values.textScale || size.height() < leastRows * font_;
        low_ = tight_ && size.height() < lowRows * font_;
        strip_ = values.bare ? 0.0 : (low_ ? 1.5 : 2.8) * font_;
        const double head = narrow_ && !low_ && !values.bare ? 1.6 * font_ : 0.0; // else the sums are beside the bridge
        const QSizeF room(size.width() - 20.0, size.height() - strip_ - head - 12.0);
        const double scale = std::max(1.0, std::min(room.width() / (extent_.right - extent_.left),
                                                    room.height() / (extent_.top - extent_.bottom)));
        paper_ = {extent_.left, extent_.top, scale, {}};
        paper_.origin = {10.0 + (room.width() - scale * (extent_.right - extent_.left)) / 2.0,
                         8.0 + head + (room.height() - scale * (extent_.top - extent_.bottom)) / 2.0};
    }

    Scene make() {
        body();
        strings();
        springs();
        bridge();
        if (v_.state.block)
            block();
        for (const SectionValues::Outline& outline : v_.outlines)
            drawPlateOutline(scene_, v_, paper_, outline, narrow_ ? 0.0 : font_);
        if (v_.labels && !v_.bare && !tight_)
            nameParts(scene_, v_, paper_, font_, extent_.right);
        drawSpan(scene_, v_, paper_);
        if (!v_.bare) {
            gap();
            moments();
            levelStrip();
        }
        describe();
        return std::move(scene_);
    }

private:
    [[nodiscard]] Vector2d moved(double x, double y) const { return turned_.place({x, y}); }
    [[nodiscard]] double surface() const { return -v_.rig.bridge.rearGap_m; }
    [[nodiscard]] double hookDepth() const {
        double deepest = -30 * mm;
        for (const Spring& spring : v_.rig.springs)
            deepest = std::min(deepest, spring.hook_m.y());
        return deepest;
    }

    void body() {
        const double top = surface(), back = top - bodyDepth_m, right = extent_.right, left = extent_.left;
        const double slot = 17 * mm, roof = std::min(top - 12 * mm, hookDepth() + 14 * mm), wall = right - 6 * mm;
        scene_.area(paper_.polygon({{left, top}, {-slot, top}, {-slot, back}, {left, back}}), ColourRole::Wood,
                    ColourRole::WoodEdge);
        scene_.area(
            paper_.polygon({{slot, top}, {right, top}, {right, back}, {wall, back}, {wall, roof}, {slot, roof}}),
            ColourRole::Wood, ColourRole::WoodEdge);
        scene_.area(
            paper_.polygon({{-slot, top}, {slot, top}, {slot, roof}, {wall, roof}, {wall, back}, {-slot, back}}),
            ColourRole::Cavity);
        // What carries the plate: a post with a groove, or a screw head over the plate's holes.
        const bool screws = v_.rig.bridge.has().onScrews;
        const double head = screws ? 5 * mm : 6 * mm, half = screws ? 1.6 * mm : 0.0, wide = screws ? 1.6 * mm : 7 * mm;
        Mark& post =
            scene_.area(paper_.polygon({{-half, head}, {wide, head}, {wide, top - 16 * mm}, {-half, top - 16 * mm}}),
                        ColourRole::Metal, ColourRole::MetalEdge);
        post.id = QStringLiteral("post");
        post.tip = screws ? SectionWords::tr("One of six screws the plate tips on")
                          : SectionWords::tr("Bridge post with the knife edge");
        if (screws)
            scene_
                .area(paper_.polygon(
                          {{-3.5 * mm, head}, {3.5 * mm, head}, {2.5 * mm, head + 2 * mm}, {-2.5 * mm, head + 2 * mm}}),
                      ColourRole::Metal, ColourRole::MetalEdge)
                .id = QStringLiteral("screw-head");
    }

    void strings() {
        const std::vector<double> pull = tensions_N(v_.rig, v_.state);
        for (std::size_t i = 0; i < v_.rig.strings.size(); ++i) {
            const RigString& string = v_.rig.strings[i];
            const Vector2d saddle = turned_.place(string.saddle_m), nut = nutPoint_m(string);
            const double share = (extent_.right - saddle.x()) / (nut.x() - saddle.x());
            const Vector2d edge = saddle + share * (nut - saddle);
            const double width = std::max(1.0, string.wire.gauge_m * paper_.pixelsPerMetre);
            scene_.line(paper_.polygon({saddle, edge}), ColourRole::Sheet, width + 1.6); // keeps neighbours apart
            Mark& mark = scene_.line(paper_.polygon({saddle, edge}), ColourRole::Strings, width);
            mark.dashed = pull[i] <= 0.0;
            mark.id = QStringLiteral("string-%1").arg(QString::fromStdString(string.name));
            mark.tip = pull[i] > 0.0
                           ? SectionWords::tr("String %1 pulls %2")
                                 .arg(QString::fromStdString(string.name), forceText(pull[i], v_.units))
                           : SectionWords::tr("String %1 is slack or off").arg(QString::fromStdString(string.name));
        }
    }

    void springs() {
        const std::vector<double> pull = springForces_N(v_.rig, v_.state);
        double clawTop = -1.0, clawBottom = 1.0, clawX = 0.0;
        for (std::size_t j = 0; j < v_.rig.springs.size(); ++j) {
            const Spring& spring = v_.rig.springs[j];
            const Vector2d hook = turned_.place(spring.hook_m);
            const Vector2d anchor = anchorAt_m(spring, v_.rig.claw, v_.state.claw);
            clawTop = std::max(clawTop, anchor.y() + 6 * mm);
            clawBottom = std::min(clawBottom, anchor.y() - 6 * mm);
            clawX = std::max(clawX, anchor.x());
            const QPolygonF shape = coil(hook, anchor);
            // Springs side by side lie over each other from here: one drawing, its name says how many.
            if (const Mark* same = sameSpring(shape)) {
                Mark& first = scene_.marks[static_cast<std::size_t>(same - scene_.marks.data())];
                first.tip += QStringLiteral("\n") + springTip(j, pull[j]);
                continue;
            }
            Mark& mark = scene_.line(shape, ColourRole::Springs, 2.0);
            mark.dashed = pull[j] <= 0.0;
            mark.id = QStringLiteral("spring-%1").arg(j + 1);
            mark.tip = springTip(j, pull[j]);
        }
        if (v_.rig.springs.empty())
            return;
        const double y = (clawTop + clawBottom) / 2.0;
        scene_
            .area(paper_.polygon({{clawX, clawTop},
                                  {clawX + 2.5 * mm, clawTop},
                                  {clawX + 2.5 * mm, clawBottom},
                                  {clawX, clawBottom}}),
                  ColourRole::Metal, ColourRole::MetalEdge)
            .id = QStringLiteral("claw");
        Mark& screw =
            scene_.line(paper_.polygon({{clawX - 3 * mm, y}, {extent_.right - 1 * mm, y}}), ColourRole::MetalEdge, 4.0);
        screw.id = QStringLiteral("claw-screw");
        screw.tip = SectionWords::tr("Claw screws: %1 turns from where they stood")
                        .arg(signedNumber(v_.state.claw.mean() - v_.rig.claw.turns.mean(), 2));
    }

    [[nodiscard]] QString springTip(std::size_t j, double pull_N) const {
        return pull_N > 0.0 ? SectionWords::tr("Spring %1 pulls %2").arg(j + 1).arg(forceText(pull_N, v_.units))
                            : SectionWords::tr("Spring %1 is loose and may unhook").arg(j + 1);
    }
    [[nodiscard]] const Mark* sameSpring(const QPolygonF& shape) const {
        constexpr double seen_px = 0.75; // both ends nearer than this: nobody can tell them apart
        for (const Mark& mark : scene_.marks)
            if (mark.id.startsWith(QLatin1String("spring-")) &&
                QLineF(mark.points.first(), shape.first()).length() < seen_px &&
                QLineF(mark.points.last(), shape.last()).length() < seen_px)
                return &mark;
        return nullptr;
    }
    [[nodiscard]] QPolygonF coil(const Vector2d& from, const Vector2d& to) const {
        constexpr int windings = 15;
        const Vector2d along = to - from;
        const Vector2d side(-along.y(), along.x());
        const Vector2d unit = side.normalized() * 2.6 * mm;
        QPolygonF points{paper_.at(from)};
        for (int i = 0; i <= 2 * windings; ++i) {
            const double share = 0.1 + 0.8 * i / (2.0 * windings);
            points.append(paper_.at(from + along * share + unit * (i % 2 == 0 ? 1.0 : -1.0)));
        }
        points.append(paper_.at(to));
        return points;
    }

    void bridge() {
        const double rear = -v_.rig.bridge.rearEdge_m, front = 3 * mm;
        double hookX = 0.0;
        for (const Spring& spring : v_.rig.springs)
            hookX += spring.hook_m.x() / static_cast<double>(v_.rig.springs.size());
        const double blockX = std::clamp(hookX, -11 * mm, 4 * mm);
        const double deep = hookDepth() - 4 * mm;
        Mark& block =
            scene_.area(paper_.polygon({moved(blockX - blockHalf_m, 0), moved(blockX + blockHalf_m, 0),
                                        moved(blockX + blockHalf_m, deep), moved(blockX - blockHalf_m, deep)}),
                        ColourRole::Metal, ColourRole::MetalEdge);
        block.id = QStringLiteral("sustain-block");
        const double goal = v_.goal.angle_rad;
        if (std::abs(goal - v_.state.angle_rad) > radians(0.02)) {
            const Turned level(goal);
            Mark& ghost =
                scene_.line(paper_.polygon({level.place({rear, 0}), level.place({front, 0})}), ColourRole::Goal, 2.0);
            ghost.dashed = true;
            ghost.id = QStringLiteral("goal-plate");
            ghost.tip = SectionWords::tr("Where the plate is to be");
        }
        Mark& plate = scene_.area(paper_.polygon({moved(rear, 0), moved(front, 0), moved(0.5 * mm, plateThickness_m),
                                                  moved(rear, plateThickness_m)}),
                                  ColourRole::Metal, ColourRole::MetalEdge, 2.0);
        plate.id = QStringLiteral("plate");
        plate.tip = SectionWords::tr("Base plate at %1").arg(degreesText(v_.state.angle_rad));
        for (const RigString& string : v_.rig.strings) {
            const Vector2d s = string.saddle_m;
            scene_.area(
                paper_.polygon({moved(s.x(), s.y()), moved(s.x() - 2 * mm, s.y() - 0.5 * mm),
                                moved(s.x() - 13 * mm, plateThickness_m), moved(s.x() + 0.5 * mm, plateThickness_m)}),
                ColourRole::Metal, ColourRole::MetalEdge, 1.0);
        }
        if (v_.rig.bridge.has().tunersAtBridge) {
            Mark& knob = scene_.area(paper_.polygon({moved(rear, 1 * mm), moved(rear - 9 * mm, 2 * mm),
                                                     moved(rear - 9 * mm, 8 * mm), moved(rear, 7 * mm)}),
                                     ColourRole::Metal, ColourRole::MetalEdge);
            knob.id = QStringLiteral("bridge-tuner");
            knob.tip = SectionWords::tr("Tuners at the bridge");
        }
        const QPointF pivot = paper_.at({0, 0});
        scene_.area(QPolygonF{pivot, pivot + QPointF(-5, -5), pivot + QPointF(-5, 5)}, ColourRole::Text).id =
            QStringLiteral("pivot");
    }

    void block() {
        const double angle = v_.state.block->angle_rad, rear = -v_.rig.bridge.rearEdge_m;
        const Turned held(angle);
        const Vector2d under = held.place({rear + 4 * mm, 0});
        Mark& mark = scene_.area(paper_.polygon({{under.x() - 3 * mm, surface()},
                                                 {under.x() + 9 * mm, surface()},
                                                 {under.x() + 9 * mm, under.y() - std::tan(angle) * 12 * mm},
                                                 {under.x() - 3 * mm, under.y()}}),
                                 ColourRole::Warn, ColourRole::Text);
        mark.id = QStringLiteral("block");
        mark.tip = SectionWords::tr("Block in: the plate is held at %1").arg(degreesText(angle));
    }

    void gap() {
        const double gap_m = gapAt_m(v_.rig.bridge, v_.state.angle_rad);
        const Vector2d edge = moved(-v_.rig.bridge.rearEdge_m, 0);
        const double x = edge.x() - 5 * mm;
        scene_.line(paper_.polygon({{x, surface()}, {x, edge.y()}}), ColourRole::Text, 1.5).id = QStringLiteral("gap");
        scene_.line(paper_.polygon({{x - 1.5 * mm, edge.y()}, edge}), ColourRole::Quiet, 1.0);
        if (tight_)
            return; // the words below say it
        textWithProvenance(scene_, paper_.at({x - 1 * mm, surface() - 4 * mm}) - QPointF(1.1 * font_, 0.0),
                           provenance(), lengthText(gap_m, v_.units), ColourRole::Text, font_)
            .id = QStringLiteral("gap-text");
    }

    /// Two arcs about the pivot, as long as the moments are large.
    void moments() {
        const MomentParts parts = BalanceEquation(v_.rig, v_.state).parts(v_.state.angle_rad);
        const double most = std::max({std::abs(parts.strings_Nm), std::abs(parts.springs_Nm), 0.5});
        arc(parts.strings_Nm / most, 16 * mm, ColourRole::Strings, QStringLiteral("moment-strings"));
        arc(parts.springs_Nm / most, 16 * mm, ColourRole::Springs, QStringLiteral("moment-springs"));
        const double right = scene_.size.width() - 14.0;
        const Qt::Alignment align = Qt::AlignRight | Qt::AlignVCenter;
        // In words; the newton metres are under Why and in the tips.
        const double ahead_Nm = parts.sum_Nm();
        constexpr double plainly = 0.04; // of the larger one: less is balanced
        const bool balanced = std::abs(ahead_Nm) < plainly * most;
        if (low_ || (!balanced && !v_.state.block))
            return; // drawn as somebody said or measured it, not as it would come to rest
        Mark& strings = scene_.text({right, 16.0 + font_ * 0.2},
                                    balanced         ? SectionWords::tr("balanced")
                                    : ahead_Nm > 0.0 ? SectionWords::tr("strings ahead")
                                                     : SectionWords::tr("springs ahead"),
                                    balanced         ? ColourRole::Goal
                                    : ahead_Nm > 0.0 ? ColourRole::Strings
                                                     : ColourRole::Springs,
                                    font_, align);
        strings.bold = true;
        strings.id = QStringLiteral("balance-text");
        strings.tip = SectionWords::tr("Strings pull forward with %1, springs back with %2")
                          .arg(momentText(parts.strings_Nm), momentText(parts.springs_Nm));
    }

    void arc(double share, double radius_m, ColourRole ink, const QString& id) {
        QPolygonF points;
        const double sweep = 1.15 * share;
        for (int i = 0; i <= 24; ++i) {
            const double a = std::numbers::pi / 2.0 - sweep * i / 24.0;
            points.append(paper_.at({radius_m * std::cos(a), radius_m * std::sin(a)}));
        }
        Mark& mark = scene_.line(points, ink, 4.0);
        mark.arrow = true;
        mark.id = id;
    }

    /// Angle on a straight scale with the goal's tolerance: the section itself is too honest to show a tenth of a
    /// degree.
    void levelStrip() {
        plateWords();
        if (tight_)
            return; // the words say it
        const double y = scene_.size.height() - strip_ * 0.5, middle = scene_.size.width() * (narrow_ ? 0.80 : 0.72);
        const double half = scene_.size.width() * (narrow_ ? 0.15 : 0.12);
        const double off_deg = degrees(v_.state.angle_rad - v_.goal.angle_rad);
        const double reach_deg = std::abs(off_deg) <= 1.0 ? 1.0 : std::abs(off_deg) <= 4.0 ? 4.0 : 16.0;
        const double perDegree = half / reach_deg;
        const double band = std::max(3.0, degrees(v_.goal.angleTolerance_rad) * perDegree);
        scene_.area(QRectF(middle - half, y - 5, 2 * half, 10), ColourRole::Sheet, ColourRole::Rule, 1.0);
        scene_.area(QRectF(middle - band, y - 9, 2 * band, 18), ColourRole::Goal).id = QStringLiteral("level-band");
        const double at = middle + std::clamp(off_deg, -reach_deg, reach_deg) * perDegree;
        const bool level = std::abs(off_deg) <= degrees(v_.goal.angleTolerance_rad);
        Mark& pointer = scene_.area(QPolygonF{{at, y - 16}, {at + 9, y}, {at, y + 16}, {at - 9, y}},
                                    level         ? ColourRole::Goal
                                    : off_deg > 0 ? ColourRole::Strings
                                                  : ColourRole::Springs,
                                    ColourRole::Sheet, 2.0);
        pointer.id = QStringLiteral("level-pointer");
        pointer.tip = SectionWords::tr("Plate %1, wanted %2")
                          .arg(degreesText(v_.state.angle_rad), degreesText(v_.goal.angle_rad));
        if (narrow_)
            return; // no room for the ends' names
        const double small = font_ * 0.87;
        scene_.text({middle - half - 8, y}, SectionWords::tr("sunk %1°").arg(reach_deg), ColourRole::Quiet, small,
                    Qt::AlignRight | Qt::AlignVCenter);
        scene_.text({middle + half + 8, y}, SectionWords::tr("forward %1°").arg(reach_deg), ColourRole::Quiet, small,
                    Qt::AlignLeft | Qt::AlignVCenter);
    }

    [[nodiscard]] Provenance provenance() const {
        return v_.angleMeasured ? Provenance::Measured : Provenance::Calculated;
    }

    void plateWords() {
        const bool level = std::abs(v_.state.angle_rad - v_.goal.angle_rad) <= v_.goal.angleTolerance_rad;
        const QString angle = plateText(v_.state.angle_rad);
        const QString said = tight_ ? SectionWords::tr("%1, gap %2")
                                          .arg(angle, lengthText(gapAt_m(v_.rig.bridge, v_.state.angle_rad), v_.units))
                                    : angle;
        constexpr double perLetter = 0.58; // of the height, bold
        const double room = (scene_.size.width() - 20.0 - 2.0 * font_) / (perLetter * static_cast<double>(said.size()));
        Mark& words = textWithProvenance(scene_, {14.0, scene_.size.height() - strip_ * 0.5}, provenance(),
                                         tight_             ? said // the mark tells which
                                         : v_.angleMeasured ? SectionWords::tr("%1, measured").arg(said)
                                                            : SectionWords::tr("%1, calculated").arg(said),
                                         level ? ColourRole::Goal : ColourRole::Text,
                                         std::min(font_ * (narrow_ ? 1.0 : 1.2), tight_ ? room : font_ * 1.2));
        words.bold = true;
        words.id = QStringLiteral("plate-text");
    }

    void describe() {
        const MomentParts parts = BalanceEquation(v_.rig, v_.state).parts(v_.state.angle_rad);
        scene_.description =
            SectionWords::tr("Side section of the bridge. The plate is at %1, gap %2. Strings pull forward with %3, "
                             "springs back "
                             "with %4.")
                .arg(degreesText(v_.state.angle_rad), lengthText(gapAt_m(v_.rig.bridge, v_.state.angle_rad), v_.units),
                     momentText(parts.strings_Nm), momentText(parts.springs_Nm));
    }

    const SectionValues& v_;
    Turned turned_;
    double font_, strip_ = 0.0;
    bool narrow_ = false; ///< less room than the words beside the bridge want
    bool tight_ = false;  ///< less than the words above each other want
    bool low_ = false;    ///< and no height for a head
    Extent extent_;
    ViewTransform paper_;
    Scene scene_;
};

} // namespace

Scene buildSection(const SectionValues& values, const QSizeF& size) {
    if (values.rig.bridge.has().motion == Motion::Shaft)
        return buildShaftSection(values, size);
    if (!values.rig.bridge.has().moves())
        return buildFixedSection(values, size);
    return Drawing(values, size).make();
}

} // namespace flenzo
