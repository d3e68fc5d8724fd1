// SPDX-License-Identifier: GPL-3.0-or-later
// The season and the bars of times: what stands where, and what is said of it.
#include "paint/season_chart.h"
#include "paint/time_bars.h"

#include <QRegularExpression>
#include <QTest>

using namespace flenzo;

class TestShopScenes : public QObject {
    Q_OBJECT

    const QDate today_{2026, 11, 27};
    static double middleOf(const Mark& mark) { return mark.points.boundingRect().center().x(); }
    static bool isInside(const Scene& scene) {
        const QRectF sheet(QPointF(-1.0, -1.0), scene.size + QSizeF(2.0, 2.0));
        for (const Mark& mark : scene.marks)
            for (const QPointF& point : mark.points)
                if (!sheet.contains(point))
                    return false;
        return true;
    }
    Season season() const {
        Season made;
        made.today = today_;
        made.guitars = {{QStringLiteral("Late"), {today_.addDays(-100), today_.addDays(-400)}, today_.addDays(-6)},
                        {QStringLiteral("Soon"), {}, today_.addDays(7)},
                        {QString(200, QLatin1Char('W')), {today_.addDays(-7)}, today_.addDays(400)}};
        return made;
    }

private Q_SLOTS:
    void daysStandInTheirOrder() {
        const Scene scene = buildSeason(season(), {900.0, 200.0}, 1.0);
        const Mark* now = scene.find(QStringLiteral("today"));
        const Mark* strung = scene.find(QStringLiteral("strung-0-0"));
        const Mark* late = scene.find(QStringLiteral("due-0"));
        const Mark* soon = scene.find(QStringLiteral("due-1"));
        QVERIFY(now && strung && late && soon);
        QVERIFY(middleOf(*strung) < middleOf(*late) && middleOf(*late) < middleOf(*now) &&
                middleOf(*now) < middleOf(*soon));
        // A week is as wide on either side of today.
        const double week = (middleOf(*soon) - middleOf(*now)) / 7.0;
        QVERIFY(std::abs((middleOf(*now) - middleOf(*late)) / 6.0 - week) < 0.01);
        QVERIFY(late->stroke == ColourRole::Warn && soon->stroke != ColourRole::Warn);
        QVERIFY(late->tip.contains(QLatin1String("overdue")) && soon->tip.contains(QLatin1String("due")));
        // What lies outside these weeks is not drawn at their edge.
        QVERIFY(!scene.find(QStringLiteral("strung-0-1")) && !scene.find(QStringLiteral("due-2")));
        QVERIFY(isInside(scene));
        QVERIFY(scene.description.contains(QLatin1String("Late")) && scene.description.contains(QLatin1String("Soon")));
    }

    void aLongNameKeepsItsPlace() {
        for (const double scale : {1.0, 2.0}) {
            const Scene scene = buildSeason(season(), {700.0, seasonHeight(season(), scale)}, scale);
            QVERIFY(isInside(scene));
            int whole = 0, cut = 0;
            for (const Mark& mark : scene.marks) {
                whole += mark.text == QLatin1String("Late") ? 1 : 0;
                cut += mark.text.endsWith(QChar(0x2026)) && mark.tip.size() == 200 ? 1 : 0; // said when pointed at
            }
            QVERIFY(whole == 1 && cut == 1);
        }
        QVERIFY(seasonHeight(season(), 2.0) > 1.9 * seasonHeight(season(), 1.0));
    }

    void anEmptySeasonSaysSo() {
        Season none;
        none.today = today_;
        const Scene scene = buildSeason(none, {600.0, 100.0}, 1.0);
        QVERIFY(!scene.description.isEmpty());
        QCOMPARE(scene.marks.size(), 1U);
    }

    void barsReachFromTheShortestToTheLongest() {
        TimeBars times;
        times.bars = {{QStringLiteral("Wind"), 6.0, 3.0, 12.0, 4}, {QStringLiteral("Tune"), 4.0, 4.0, 4.0, 1}};
        const Scene scene = buildTimeBars(times, {800.0, 160.0}, 1.0);
        const Mark* wind = scene.find(QStringLiteral("bar-0"));
        const Mark* tune = scene.find(QStringLiteral("bar-1"));
        QVERIFY(wind && tune);
        const QRectF reach = wind->points.boundingRect();
        const double minute = reach.width() / 9.0; // 3 to 12
        QVERIFY(std::abs(tune->points.boundingRect().left() - (reach.left() + minute)) < 0.01);
        QVERIFY(tune->points.boundingRect().width() >= 2.0); // one job is still to be seen
        QVERIFY(wind->tip.contains(QLatin1String("6.0")) && wind->tip.contains(QLatin1String("12.0")));
        QVERIFY(isInside(scene));
        static const QRegularExpression count(QStringLiteral("6\\.0 . 4"));
        QVERIFY(std::any_of(scene.marks.begin(), scene.marks.end(),
                            [](const Mark& mark) { return count.match(mark.text).hasMatch(); }));
        QVERIFY(buildTimeBars({}, {800.0, 160.0}, 1.0).description.contains(QLatin1String("No finished job")));
    }
};

QTEST_MAIN(TestShopScenes)
#include "test_shop_scenes.moc"
