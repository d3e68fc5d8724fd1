// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/acts.h"
#include "paint/act_picture.h"
#include "paint/convergence_chart.h"
#include "paint/guitar_plan.h"
#include "paint/listening_picture.h"
#include "paint/moment_chart.h"
#include "paint/movement_picture.h"
#include "paint/pull_bars.h"
#include "paint/section.h"
#include "paint/set_picture.h"
#include "paint/step_diagram.h"
#include "paint/string_lanes.h"
#include "paint/trial_chart.h"
#include "support/rigs.h"

#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <QTest>
#include <cmath>

using namespace flenzo;
using flenzo::testing::sixString;

class TestScenes : public QObject {
    Q_OBJECT
    Rig rig_ = sixString();
    Goal goal_;
    State level_ = levelSolution(rig_, bareState(rig_), {}).state;

    SectionValues values(const State& state) const { return {rig_, state, goal_, {}, false, 1.0}; }
    static double slopeOf(const QPolygonF& area) { // of the first edge, forward positive
        const QPointF along = area.at(1) - area.at(0);
        return std::atan2(along.y(), along.x());
    }

private Q_SLOTS:
    /// A full disc for every whole turn and a slice for the rest, under the screw that gets them; the arrow says which
    /// way.
    void theClawIsDrawnInTurns_data() {
        QTest::addColumn<double>("bass");
        QTest::addColumn<double>("treble");
        QTest::addColumn<int>("discs");
        QTest::addColumn<QString>("says");
        QTest::newRow("both in") << 2.75 << 2.75 << 6 << QStringLiteral("2 3/4");
        QTest::newRow("both out") << -1.0 << -1.0 << 2 << QStringLiteral("counter-clockwise");
        QTest::newRow("bass alone, a sixteenth") << -0.0625 << 0.0 << 1 << QStringLiteral("1/16");
        QTest::newRow("far") << 9.5 << 9.4375 << 20 << QStringLiteral("9 7/16");
    }
    void theClawIsDrawnInTurns() {
        QFETCH(double, bass);
        QFETCH(double, treble);
        QFETCH(int, discs);
        QFETCH(QString, says);
        ActPicture act;
        act.kind = ActPicture::Kind::Claw;
        act.turns = {bass, treble};
        const QSizeF size(180, 110);
        const Scene scene = buildActPicture(act, size);
        int drawn = 0;
        for (const Mark& mark : scene.marks) {
            drawn += mark.id == QLatin1String("turn");
            for (const QPointF& point : mark.points)
                QVERIFY2(QRectF(QPointF(-1, -1), size + QSizeF(2, 2)).contains(point), qPrintable(mark.id));
        }
        QCOMPARE(drawn, discs);
        QVERIFY(scene.find(bass > 0.0 ? QStringLiteral("clockwise") : QStringLiteral("counter-clockwise")));
        QVERIFY2(scene.description.contains(says), qPrintable(scene.description));
    }

    /// One tuner is meant, whatever the head, the number of strings and the hand; none is drawn twice in one place.
    void oneTunerIsMeant() {
        for (const auto pegs : {ActPicture::Pegs::OneSide, ActPicture::Pegs::Split, ActPicture::Pegs::AtBridge})
            for (const std::size_t strings : {4U, 7U, 12U})
                for (std::size_t string = 0; string < strings; ++string)
                    for (const bool left : {false, true}) {
                        ActPicture act{ActPicture::Kind::Peg, {}, strings, string, left, pegs, left,
                                       QStringLiteral("3")};
                        const Scene scene = buildActPicture(act, QSizeF(140, 110));
                        std::vector<QPointF> places;
                        int meant = 0;
                        for (const Mark& mark : scene.marks)
                            if (mark.id.startsWith(QLatin1String("peg"))) {
                                meant += mark.id == QLatin1String("peg-meant");
                                places.push_back(QPolygonF(mark.points).boundingRect().center());
                            }
                        QCOMPARE(meant, 1);
                        QCOMPARE(places.size(), strings);
                        for (std::size_t a = 0; a < strings; ++a)
                            for (std::size_t b = a + 1; b < strings; ++b)
                                QVERIFY(QLineF(places[a], places[b]).length() > 4.0);
                        QVERIFY(scene.find(left ? QStringLiteral("tighter") : QStringLiteral("looser")));
                    }
    }

    void diagramsFollowTheGuitar() {
        const QSizeF size(900.0, 360.0);
        const Rig rig = sixString();
        for (const Diagram diagram : {Diagram::OneSide, Diagram::Split, Diagram::Bar, Diagram::Caps, Diagram::Clamp,
                                      Diagram::Screws, Diagram::Claw}) {
            const Scene scene = buildStepDiagram(diagram, rig, false, size);
            QVERIFY(scene.marks.size() > 5 && !scene.description.isEmpty());
            for (const Mark& mark : scene.marks)
                for (const QPointF& point : mark.points)
                    QVERIFY(QRectF(QPointF(), size).contains(point));
        }
        const Scene right = buildStepDiagram(Diagram::OneSide, rig, false, size);
        const Scene left = buildStepDiagram(Diagram::OneSide, rig, true, size);
        const auto post = [](const Scene& scene) { return scene.find(QStringLiteral("string-6"))->points.last(); };
        QVERIFY(post(right).y() < size.height() / 2 && post(left).y() > size.height() / 4);
        QCOMPARE(post(right).x(), post(left).x()); // a mirror image
        QVERIFY(buildStepDiagram(Diagram::Caps, rig, false, size).find(QStringLiteral("cap-3")));
        const Scene screws = buildStepDiagram(Diagram::Screws, rig, false, size);
        QVERIFY(screws.find(QStringLiteral("clamp-screw-5")) && !screws.find(QStringLiteral("clamp-screw-6")));
        Rig crooked = rig;
        crooked.claw.turns = {2.0, 0.0};
        const auto lean = [&](const Rig& of) {
            const QPolygonF claw =
                buildStepDiagram(Diagram::Claw, of, false, size).find(QStringLiteral("claw"))->points;
            return claw.at(3).x() - claw.at(0).x();
        };
        QVERIFY(std::abs(lean(rig)) < 0.01 && lean(crooked) > 20.0); // the tighter screw stands nearer the wall
    }

    void thePlateStandsAtTheModelsAngle() {
        for (const double turns : {-1.0, 0.0, 1.0}) {
            const State state = turnClaw(rig_, level_, {turns, turns}).state;
            const Scene scene = buildSection(values(state), {700, 400});
            const Mark* plate = scene.find(QStringLiteral("plate"));
            QVERIFY(plate);
            QVERIFY(std::abs(slopeOf(plate->points) - state.angle_rad) < 1e-9);
        }
    }

    void theDrawingIsToScale() {
        const Scene scene = buildSection(values(level_), {700, 400});
        const QPolygonF plate = scene.find(QStringLiteral("plate"))->points;
        const double perMetre = std::hypot(plate.at(1).x() - plate.at(0).x(), plate.at(1).y() - plate.at(0).y()) /
                                (rig_.bridge.rearEdge_m + 0.003);
        const QPolygonF gap = scene.find(QStringLiteral("gap"))->points;
        QVERIFY(std::abs(std::abs(gap.at(1).y() - gap.at(0).y()) / perMetre - rig_.bridge.rearGap_m) < 1e-5);
        const QPolygonF spring = scene.find(QStringLiteral("spring-1"))->points;
        const double length =
            std::hypot(spring.last().x() - spring.first().x(), spring.last().y() - spring.first().y()) / perMetre;
        const BalanceEquation equation(rig_, level_);
        const double expected = rig_.springs[0].free_m +
                                (equation.springForce_N(0, 0.0) - rig_.springs[0].initial_N) / rig_.springs[0].rate_Npm;
        QVERIFY(std::abs(length - expected) < 1e-5);
    }

    void slackStringsAndLooseSpringsAreDashed() {
        const State off = removeString(rig_, level_, 0).state;
        QVERIFY(buildSection(values(off), {700, 400}).find(QStringLiteral("string-6"))->dashed);
        QVERIFY(!buildSection(values(off), {700, 400}).find(QStringLiteral("string-5"))->dashed);
        Rig loose = rig_;
        loose.springs[0].free_m = 0.2;
        const SectionValues v{loose, level_, goal_, {}, false, 1.0};
        QVERIFY(buildSection(v, {700, 400}).find(QStringLiteral("spring-1"))->dashed);
    }

    void aBlockIsDrawnOnlyWhenItIsIn() {
        QVERIFY(!buildSection(values(level_), {700, 400}).find(QStringLiteral("block")));
        const State blocked = putBlock(rig_, level_, {Block::Kind::Captive, 0.01}).state;
        QVERIFY(buildSection(values(blocked), {700, 400}).find(QStringLiteral("block")));
    }

    void theCurvesCrossWhereTheBridgeRests() {
        const State state = turnClaw(rig_, level_, {0.5, 0.5}).state;
        const Scene scene = buildMomentChart(values(state), {420, 360});
        const QPolygonF strings = scene.find(QStringLiteral("string-curve"))->points;
        const QPolygonF springs = scene.find(QStringLiteral("spring-curve"))->points;
        const QPointF rest = scene.find(QStringLiteral("rest"))->points.boundingRect().center();
        qsizetype crossing = 0;
        while (crossing + 1 < strings.size() && (strings.at(crossing).y() < springs.at(crossing).y()) ==
                                                    (strings.at(crossing + 1).y() < springs.at(crossing + 1).y()))
            ++crossing;
        QVERIFY(crossing + 1 < strings.size());
        QVERIFY(rest.x() >= strings.at(crossing).x() - 1.0 && rest.x() <= strings.at(crossing + 1).x() + 1.0);
    }

    void pointingSaysWhatItIs() {
        const Scene scene = buildSection(values(level_), {700, 400});
        const QPolygonF plate = scene.find(QStringLiteral("plate"))->points;
        const QPointF inside = (plate.at(0) + plate.at(3)) / 2.0 + QPointF(6, 0);
        const Mark* mark = scene.hit(inside);
        QVERIFY(mark && mark->tip.contains(QLatin1String("plate"), Qt::CaseInsensitive));
        QVERIFY(!scene.hit({1, 1}));
        QVERIFY(!scene.description.isEmpty());
    }

    /// Nothing is drawn outside the picture, whatever its size, text size or state.
    void marksStayInside_data() {
        QTest::addColumn<int>("width");
        QTest::addColumn<int>("height");
        QTest::addColumn<double>("text");
        QTest::newRow("large") << 1200 << 700 << 1.0;
        QTest::newRow("usual") << 690 << 300 << 1.0;
        QTest::newRow("small") << 420 << 220 << 1.0;
        QTest::newRow("large text") << 900 << 420 << 2.0;
    }
    void marksStayInside() {
        QFETCH(int, width);
        QFETCH(int, height);
        QFETCH(double, text);
        for (const double turns : {-3.0, 0.0, 3.0}) {
            const State state = turnClaw(rig_, level_, {turns, turns}).state;
            const SectionValues v{rig_, state, goal_, {}, true, text};
            for (const Scene& scene :
                 {buildSection(v, QSizeF(width, height)), buildMomentChart(v, QSizeF(width, height))})
                for (const Mark& mark : scene.marks)
                    for (const QPointF& point : mark.points)
                        QVERIFY2(QRectF(-1, -1, width + 2, height + 2).contains(point),
                                 qPrintable(mark.id + mark.text));
        }
    }

    void bothThemesKeepTextReadable() {
        const auto luminance = [](const QColor& c) {
            const auto linear = [](double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
            return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
        };
        for (const Theme* theme : {&benchLight(), &benchDark()})
            for (const ColourRole ink : {ColourRole::Text, ColourRole::Quiet, ColourRole::Strings, ColourRole::Springs,
                                         ColourRole::Goal, ColourRole::Warn, ColourRole::Focus, ColourRole::Forecast}) {
                const double a = luminance((*theme)[ink]), b = luminance((*theme)[ColourRole::Sheet]);
                QVERIFY((std::max(a, b) + 0.05) / (std::min(a, b) + 0.05) >= 4.5);
            }
    }

    void figuresAreWrittenAsSaid() {
        QCOMPARE(signedNumber(-12.34, 1), QStringLiteral("\u221212.3"));
        QCOMPARE(signedNumber(-0.04, 1), QStringLiteral("0.0"));
        QCOMPARE(signedNumber(3.0, 0), QStringLiteral("+3"));
        QCOMPARE(turnsText(2.25), QStringLiteral("2 1/4"));
        QCOMPARE(turnsText(-0.1875), QStringLiteral("3/16"));
        QCOMPARE(turnsText(3.0), QStringLiteral("3"));
        QCOMPARE(lengthText(0.0254, {true, false}), QStringLiteral("1.000 in"));
        QCOMPARE(forceText(4.4482216152605, {false, true}), QStringLiteral("1.0 lbf"));
    }

    void everyFamilyIsDrawnAsWhatItIs() {
        Rig shaft = rig_;
        shaft.bridge.family = Family::RollerShaft;
        shaft.bridge.shaftRadius_m = 0.0064;
        shaft.bridge.armTip_m = 0.114;
        shaft.bridge.armTipHeight_m = 0.049;
        shaft.springs.resize(1);
        shaft.springs[0].seat_m = 0.022;
        shaft.springs[0].lever_m = 0.031;
        State state = bareState(shaft);
        const auto tipAt = [&](double angle_rad) {
            state.angle_rad = angle_rad;
            const Scene scene = buildSection({shaft, state, goal_, {}, false, 1.0}, {700, 400});
            const QPolygonF line = scene.find(QStringLiteral("tip-height"))->points;
            return std::abs(line.at(1).y() - line.at(0).y());
        };
        QVERIFY(tipAt(0.0) > tipAt(radians(5.0))); // tipped forward the arm sinks
        const Scene drawn = buildSection({shaft, state, goal_, {}, false, 1.0}, {700, 400});
        QVERIFY(drawn.find(QStringLiteral("shaft")) && drawn.find(QStringLiteral("spring-1")) &&
                !drawn.find(QStringLiteral("claw")));
        Rig fixed = rig_;
        fixed.bridge.family = Family::Fixed;
        const Scene still = buildSection({fixed, bareState(fixed), goal_, {}, false, 1.0}, {700, 400});
        QVERIFY(still.find(QStringLiteral("tailpiece")) && !still.find(QStringLiteral("moment-strings")));
        Rig screws = rig_;
        screws.bridge.family = Family::SixScrews;
        QVERIFY(buildSection({screws, level_, goal_, {}, false, 1.0}, {700, 400}).find(QStringLiteral("screw-head")));
        Rig headless = rig_;
        headless.bridge.family = Family::Headless;
        QVERIFY(
            buildSection({headless, level_, goal_, {}, false, 1.0}, {700, 400}).find(QStringLiteral("bridge-tuner")));
    }

    /// Lines go through what is known, points stand where it was read, and nothing leaves its picture.
    void theWayHomeGoesThroughWhatWasRead() {
        using Act = Convergence::Act;
        using Point = Convergence::Point;
        Convergence way;
        way.acts = {{QStringLiteral("start"), Act::Kind::Start},
                    {QStringLiteral("2 strings read"), Act::Kind::Read},
                    {QStringLiteral("claw tightened 1/4"), Act::Kind::Claw},
                    {QStringLiteral("string 6 tuned"), Act::Kind::Peg}};
        way.strings = {{QStringLiteral("6"), {{}, Point{-200.0, true}, Point{-160.0, false}, Point{40.0, true}}},
                       {QStringLiteral("1"), {{}, Point{-300.0, true}, Point{-260.0, false}, Point{-280.0, false}}}};
        way.plate_deg = {Point{-1.0, false}, Point{-1.0, true}, Point{-2.0, false}, Point{-1.8, false}};
        way.likelyActs = 5.0;
        way.mostActs = 9.0;
        way.asked = 1;
        const Scene scene = buildConvergence(way, {640, 320}, 1.0);
        const Mark *six = scene.find(QStringLiteral("string-6")), *one = scene.find(QStringLiteral("string-1"));
        QVERIFY(six && one);
        QCOMPARE(six->points.size(), 3);                  // nobody knew it at the start
        QVERIFY(one->points[0].y() > six->points[0].y()); // flat is down
        QVERIFY(six->points[2].y() < six->points[1].y());
        QVERIFY(one->width > six->width); // the one that is asked for
        QVERIFY(scene.find(QStringLiteral("read-6-1")) && scene.find(QStringLiteral("read-6-3")));
        QVERIFY(!scene.find(QStringLiteral("read-6-2"))); // calculated
        QVERIFY(scene.find(QStringLiteral("read-6-3"))->tip.contains(QLatin1String("sharp 40.0")));
        QVERIFY(scene.find(QStringLiteral("claw-2"))->tip.contains(QLatin1String("tightened 1/4")));
        QVERIFY(scene.find(QStringLiteral("plate-1"))->tip.contains(QLatin1String("sunk 1.00")));
        const QRectF band = scene.find(QStringLiteral("forecast"))->points.boundingRect();
        QVERIFY(band.left() >= six->points[2].x() - 1e-9); // only what is to come
        const QPolygonF edge = scene.find(QStringLiteral("forecast"))->points;
        double first = 0.0, last = 0.0;
        for (const QPointF& a : edge)
            for (const QPointF& b : edge) {
                if (a.x() == b.x() && a.x() < band.left() + 1.0)
                    first = std::max(first, std::abs(a.y() - b.y()));
                if (a.x() == b.x() && a.x() > band.right() - 1.0)
                    last = std::max(last, std::abs(a.y() - b.y()));
            }
        QVERIFY(last < 0.5 * first); // it narrows
        QVERIFY(scene.description.contains(QLatin1String("3 acts")) &&
                scene.description.contains(QLatin1String("280.0")));
        for (const QSizeF& size : {QSizeF(640, 320), QSizeF(300, 140)})
            for (const Mark& mark : buildConvergence(way, size, 1.0).marks)
                for (const QPointF& point : mark.points)
                    QVERIFY(QRectF({-0.5, -0.5}, size + QSizeF(1, 1)).contains(point));
        const Scene empty = buildConvergence({}, {640, 320}, 1.0);
        QVERIFY(empty.find(QStringLiteral("tolerance")) && !empty.find(QStringLiteral("forecast")));
    }

    /// Every string has a lane of its own, whatever their number; all share one scale, and nothing lies over a word.
    void everyStringHasItsLane_data() {
        QTest::addColumn<int>("strings");
        QTest::addColumn<QSizeF>("size");
        QTest::addColumn<double>("scale");
        for (const int strings : {4, 6, 7, 8, 10, 12}) {
            QTest::addRow("%d at 1280x800", strings) << strings << QSizeF(640, 440) << 1.0;
            QTest::addRow("%d large", strings) << strings << QSizeF(640, 60.0 + 30.0 * strings) << 1.5;
        }
        QTest::newRow("six at 1024x700") << 6 << QSizeF(500, 270) << 1.0;
        QTest::newRow("twelve in twice the text") << 12 << QSizeF(600, 262) << 2.0;
        QTest::newRow("six in twice the text on a small screen") << 6 << QSizeF(440, 150) << 2.0;
    }
    void everyStringHasItsLane() {
        QFETCH(int, strings);
        QFETCH(QSizeF, size);
        QFETCH(double, scale);
        StringLanes lanes;
        for (int i = 0; i < strings; ++i) {
            StringLanes::Lane lane;
            lane.name = QString::number(strings - i);
            lane.note = QStringLiteral("A#2");
            lane.cents = -240.0 + 40.0 * i;
            lane.read = i % 2 == 0;
            lane.aim_cents = 180.0 - 15.0 * i;
            lane.before_cents = {-290.0, -280.0};
            lane.gauge_m = 0.0012;
            lanes.lanes.push_back(lane);
        }
        lanes.asked = lanes.picked = 1;
        lanes.lanes[1].turn = StringLanes::Turn::Tighter;
        const Scene scene = buildStringLanes(lanes, size, scale);
        double last = 0.0, before_x = 0.0;
        for (int i = 0; i < strings; ++i) {
            const QRectF lane = scene.find(QStringLiteral("lane-%1").arg(i))->points.boundingRect();
            QVERIFY(lane.top() >= last && lane.bottom() <= size.height());
            last = lane.bottom();
            QCOMPARE(laneAt(scene, lane.center()), std::optional(static_cast<std::size_t>(i)));
            const Mark* place = scene.find(QStringLiteral("place-%1").arg(i));
            const double x = place->points.boundingRect().center().x();
            QVERIFY(lane.contains(place->points.boundingRect()) && x > before_x); // sharper is further right
            before_x = x;
            QCOMPARE(place->fill != ColourRole::Sheet, i % 2 == 0); // filled: read
            QVERIFY(place->tip.contains(i % 2 == 0 ? QLatin1String("measured") : QLatin1String("calculated")));
            const Mark* figure = scene.find(QStringLiteral("figure-%1").arg(i));
            const double wide = 0.62 * figure->pixels * static_cast<double>(figure->text.size());
            QVERIFY2(figure->points.first().x() - wide >
                         scene.find(QStringLiteral("wire-%1").arg(i))->points.last().x(),
                     qPrintable(QString::number(i)));
            const QRectF peg = scene.find(QStringLiteral("peg-%1").arg(i))->points.boundingRect();
            QVERIFY(figure->points.first().x() <= peg.left() && peg.right() <= size.width());
            QVERIFY(figure->pixels <= lane.height()); // no word is higher than its lane
        }
        QVERIFY(!laneAt(scene, {size.width() / 2.0, 2.0})); // the scale is no string
        QVERIFY(scene.find(QStringLiteral("tolerance"))->points.boundingRect().width() >= 8.0);
        QVERIFY(scene.find(QStringLiteral("tighter")) && !scene.find(QStringLiteral("looser")));
        QCOMPARE(scene.description.count(QLatin1String("String ")), strings);
        for (const Mark& mark : scene.marks)
            for (const QPointF& point : mark.points)
                QVERIFY(QRectF({-0.5, -0.5}, size + QSizeF(1, 1)).contains(point));
        StringLanes later = lanes;
        later.lanes[0].cents = 60.0;
        later.lanes[1].cents.reset();
        const StringLanes passing = between(lanes, later, 0.25);
        QCOMPARE(*passing.lanes[0].cents, -165.0);
        QVERIFY(!passing.lanes[1].cents && *between(lanes, later, 1.0).lanes[0].cents == 60.0);
        lanes.lanes[1].live_cents = *lanes.lanes[1].aim_cents + 1.0;
        QCOMPARE(*buildStringLanes(lanes, size, scale).find(QStringLiteral("live"))->fill, ColourRole::Goal);
        lanes.lanes[1].live_cents = -100.0;
        const Scene off = buildStringLanes(lanes, size, scale);
        QVERIFY(*off.find(QStringLiteral("live"))->fill != ColourRole::Goal);
        QVERIFY(off.find(QStringLiteral("figure-1"))->text.contains(QLatin1String("100.0")));
        lanes.lanes[1].cents.reset(); // it sounds before anybody has read it
        const Scene first = buildStringLanes(lanes, size, scale);
        QVERIFY(!first.find(QStringLiteral("place-1")) && first.find(QStringLiteral("live")));
        QCOMPARE(first.find(QStringLiteral("figure-1"))->text, off.find(QStringLiteral("figure-1"))->text);
        lanes.lanes[1].live_cents.reset();
        QVERIFY(!buildStringLanes(lanes, size, scale).find(QStringLiteral("figure-1")));
    }

    void whatMovedIsDrawnByShares() {
        const MovedStrings moved{QStringLiteral("claw tightened 1/4"),
                                 -0.4,
                                 {{QStringLiteral("6"), 40.0, 0.0, false}, {QStringLiteral("1"), 30.0, -8.0, true}}};
        const Scene scene = buildMovement(moved, {500, 160}, 1.0);
        QVERIFY(scene.description.contains(QStringLiteral("tipped 0.40° back")));
        QVERIFY(scene.find(QStringLiteral("moved-1"))->tip.contains(QLatin1String("+30.0")));
        QVERIFY(scene.find(QStringLiteral("moved-6"))->points.boundingRect().width() < 1e-6); // it gave nothing itself
        QVERIFY(scene.find(QStringLiteral("moved-1"))->points.boundingRect().width() > 5.0);
        QVERIFY(!buildMovement({}, {500, 160}, 1.0).description.isEmpty());
    }

    void pullsStandSideBySide() {
        const PullBars pulls{{{QStringLiteral("6"), 80.0, 100.0}, {QStringLiteral("1"), 70.0, 70.0}}, {}};
        const Scene scene = buildPullBars(pulls, {400, 220}, 1.0);
        const QRectF six = scene.find(QStringLiteral("pull-0"))->points.boundingRect();
        const QRectF one = scene.find(QStringLiteral("pull-1"))->points.boundingRect();
        QVERIFY(std::abs(six.width() / one.width() - 100.0 / 70.0) < 1e-6);
        QVERIFY(scene.find(QStringLiteral("pull-sum"))->text.contains(QStringLiteral("150.0 N → 170.0 N, +20.0 N")));
        QVERIFY(scene.description.contains(QLatin1String("String 6: 80.0 N before, 100.0 N after")));
    }

    /// Strings are drawn as far as they are ticked off, and every place to look at is numbered.
    void theGuitarShowsWhatIsStillTight() {
        using Look = GuitarPlan::StringLook;
        GuitarPlan plan;
        plan.marks = {{GuitarPlan::Spot::Tuners, QStringLiteral("down at the pegs")},
                      {GuitarPlan::Spot::Bridge, QStringLiteral("push out here")}};
        plan.strings = {Look::Tight, Look::Slack, Look::Cut, Look::Off};
        plan.names = {QStringLiteral("4"), QStringLiteral("3"), QStringLiteral("2"), QStringLiteral("1")};
        for (const auto pegs : {GuitarPlan::Pegs::OneSide, GuitarPlan::Pegs::Split, GuitarPlan::Pegs::AtBridge})
            for (const bool left : {false, true}) {
                plan.pegs = pegs;
                plan.leftHanded = left;
                const Scene scene = buildGuitarPlan(plan, {620, 360}, 1.0);
                QVERIFY(!scene.find(QStringLiteral("string-4"))->dashed);
                QVERIFY(scene.find(QStringLiteral("string-3"))->dashed);
                QVERIFY(!scene.find(QStringLiteral("string-2")) && !scene.find(QStringLiteral("string-1")));
                QVERIFY(scene.find(QStringLiteral("spot-0")) && scene.find(QStringLiteral("spot-1")));
                QVERIFY(scene.description.contains(QLatin1String("push out here")));
                for (const Mark& mark : scene.marks)
                    for (const QPointF& point : mark.points)
                        QVERIFY(QRectF(-2, -2, 624, 364).contains(point));
            }
    }

    /// Names of the parts on demand, each inside the picture and clear of the others.
    void partsAreNamedOnDemand() {
        SectionValues values{rig_, level_, goal_, {}, false, 1.0, {}};
        QVERIFY(!buildSection(values, {800, 400}).find(QStringLiteral("label")));
        values.labels = true;
        QList<QRectF> boxes;
        const Scene scene = buildSection(values, {800, 400});
        for (const Mark& mark : scene.marks)
            if (mark.id == QLatin1String("label")) {
                const double wide = mark.pixels * 0.55 * static_cast<double>(mark.text.size());
                const QRectF box(mark.points.first() - QPointF(wide / 2, mark.pixels / 2), QSizeF(wide, mark.pixels));
                QVERIFY2(QRectF(0, 0, 800, 400).contains(box), qPrintable(mark.text));
                for (const QRectF& other : boxes)
                    QVERIFY2(!box.intersects(other), qPrintable(mark.text));
                boxes.append(box);
            }
        QCOMPARE(boxes.size(), 8);
    }

    void whatIsEasilySwappedIsBracketed() {
        LaidSet set{{{QStringLiteral("2"), QStringLiteral(".013"), 0.00033, false, true},
                     {QStringLiteral("1"), QStringLiteral(".012"), 0.00030, false, false}}};
        QVERIFY(buildLaidSet(set, {400, 200}, 1.0).find(QStringLiteral("alike-0")));
        set.strings[0].likeNext = false;
        QVERIFY(!buildLaidSet(set, {400, 200}, 1.0).find(QStringLiteral("alike-0")));
        const double ball =
            buildBallEnd({BallEnd::Kind::CutOff, {}}, {500, 200}, 1.0).find(QStringLiteral("cut"))->points.first().x();
        const double far = buildBallEnd({BallEnd::Kind::Reversed, {}}, {500, 200}, 1.0)
                               .find(QStringLiteral("cut"))
                               ->points.first()
                               .x();
        QVERIFY(far > ball + 100.0);
    }

    void outlinesAreForecasts() {
        SectionValues values{rig_, level_, goal_, {}, false, 1.0, {}};
        values.outlines.push_back({radians(2.0), QStringLiteral("after this act")});
        const Scene scene = buildSection(values, {800, 400});
        QVERIFY(scene.find(QStringLiteral("outline"))->dashed);
        QCOMPARE(*scene.find(QStringLiteral("outline"))->stroke, ColourRole::Forecast);
        values.bare = true;
        const Scene bare = buildSection(values, {120, 70});
        QVERIFY(std::none_of(bare.marks.begin(), bare.marks.end(),
                             [](const Mark& mark) { return mark.id == QLatin1String("gap-text"); }));
    }

    void theTrialChartCountsItsGuitars() {
        TrialReport report;
        QVERIFY(buildTrialChart(report, {700, 400}, 1.0).find(QStringLiteral("bar-0-1")) == nullptr);
        report.stable = 3;
        Played two, far;
        two.passes = 2;
        far.passes = 40;
        report.rows = {{"method", {far, far, far}}, {"adviser", {two, two, far}}};
        const Scene scene = buildTrialChart(report, {700, 400}, 1.0);
        const Mark* most = scene.find(QStringLiteral("bar-1-4"));
        const Mark* last = scene.find(QStringLiteral("bar-1-11"));
        QVERIFY(most && last && scene.find(QStringLiteral("bar-0-11")));
        QVERIFY(most->points.boundingRect().height() > last->points.boundingRect().height());
        QVERIFY(scene.description.contains(QLatin1String("median 2")));
    }

    void paintingPutsInkOnPaper() {
        const Scene scene = buildSection(values(level_), {400, 260});
        QImage image(400, 260, QImage::Format_RGB32);
        QPainter painter(&image);
        paint(painter, scene, benchDark());
        painter.end();
        QSet<QRgb> colours;
        for (int x = 0; x < 400; x += 3)
            for (int y = 0; y < 260; y += 3)
                colours.insert(image.pixel(x, y));
        QVERIFY(colours.contains(benchDark()[ColourRole::Wood].rgb()));
        QVERIFY(colours.size() > 6);
    }

    /// The jaw comes from the side on which the string is, nearer from cent to cent, and closes within reach of the
    /// aim.
    void theJawsCloseOnTheAim() {
        const QSizeF size(400, 46);
        const auto gap = [&](double cents) {
            const Scene scene = buildListening({cents, 2.0, -20.0, false}, size, 1.0);
            const QRectF aim = scene.find(QStringLiteral("aim"))->points.boundingRect();
            const QRectF comes = scene.find(QStringLiteral("comes"))->points.boundingRect();
            return cents < 0.0 ? aim.left() - comes.right() : aim.right() - comes.left();
        };
        double before = 1e9;
        for (const double cents : {-300.0, -100.0, -30.0, -10.0, -4.0}) {
            QVERIFY(gap(cents) > 0.0 && gap(cents) < before);
            QVERIFY(std::abs(gap(cents) + gap(-cents)) < 1e-9); // the same from above
            before = gap(cents);
        }
        QVERIFY(std::abs(gap(-1.5)) < 1e-9 && std::abs(gap(1.5)) < 1e-9);
        const Scene there = buildListening({0.5, 2.0, -20.0, false}, size, 1.0);
        QCOMPARE(there.find(QStringLiteral("comes"))->fill, std::optional(ColourRole::Goal));
        QVERIFY(there.description.contains(QLatin1String("There")));
        const Scene quiet = buildListening({std::nullopt, 2.0, -40.0, true}, size, 1.0);
        QVERIFY(!quiet.find(QStringLiteral("comes")));
        QCOMPARE(quiet.find(QStringLiteral("level"))->fill, std::optional(ColourRole::Warn));
        for (const double cents : {-2000.0, 2000.0, -3.0})
            for (const Mark& mark : buildListening({cents, 2.0, 10.0, false}, size, 2.0).marks)
                QVERIFY(QRectF(QPointF(), size).adjusted(-1, -1, 1, 1).contains(mark.points.boundingRect()));
    }
};

QTEST_MAIN(TestScenes)
#include "test_scenes.moc"
