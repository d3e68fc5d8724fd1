// SPDX-License-Identifier: GPL-3.0-or-later
// Marks that mean one thing everywhere, and the chart of somebody's practice.
#include "core/base/units.h"
#include "paint/moment_chart.h"
#include "paint/movement_picture.h"
#include "paint/progress_chart.h"
#include "paint/provenance.h"
#include "paint/pull_bars.h"
#include "support/rigs.h"

#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <QTest>
#include <algorithm>
#include <cmath>

using namespace flenzo;
using flenzo::testing::sixString;

namespace {

qsizetype countOf(const Scene& scene, const char* id) {
    return std::count_if(scene.marks.begin(), scene.marks.end(),
                         [id](const Mark& mark) { return mark.id == QLatin1String(id); });
}

/// Share of a mark's box that has ink on it.
double inkOf(Provenance of) {
    constexpr int size = 60;
    QImage image(size, size, QImage::Format_RGB32);
    image.fill(benchLight()[ColourRole::Sheet]);
    QPainter painter(&image);
    paintProvenance(painter, {size / 2.0, size / 2.0}, of, size, benchLight());
    painter.end();
    int inked = 0;
    for (int y = 0; y < size; ++y)
        for (int x = 0; x < size; ++x)
            inked += image.pixelColor(x, y).lightnessF() < 0.5 ? 1 : 0;
    return inked / static_cast<double>(size * size);
}

} // namespace

class TestMarks : public QObject {
    Q_OBJECT
    Rig rig_ = sixString();
    Goal goal_;
    State level_ = levelSolution(rig_, bareState(rig_), {}).state;

private Q_SLOTS:
    /// Told apart by shape, not by colour: full, hollow, dotted.
    void measuredCalculatedAssumedDifferInShape() {
        const double measured = inkOf(Provenance::Measured), calculated = inkOf(Provenance::Calculated),
                     assumed = inkOf(Provenance::Assumed);
        QVERIFY2(measured > 1.5 * calculated && calculated > 1.2 * assumed && assumed > 0.02,
                 qPrintable(QStringLiteral("%1 %2 %3").arg(measured).arg(calculated).arg(assumed)));
        Scene scene;
        addProvenance(scene, {50, 50}, Provenance::Assumed, 20.0);
        QCOMPARE(countOf(scene, "assumed"), 6);
        QStringList names;
        for (const Provenance of : {Provenance::Measured, Provenance::Calculated, Provenance::Assumed})
            names.append(provenanceName(of));
        names.removeDuplicates();
        QCOMPARE(names.size(), 3);
    }
    void theWordsStandBesideTheirMark() {
        Scene scene;
        const Mark& words = textWithProvenance(scene, {10, 20}, Provenance::Calculated, QStringLiteral("4.20 mm"),
                                               ColourRole::Text, 16.0);
        QCOMPARE(words.text, QStringLiteral("4.20 mm"));
        const QPointF text = words.points.first();
        const Mark* mark = scene.find(QStringLiteral("calculated"));
        QVERIFY(mark && mark->points.boundingRect().right() < text.x());
        QVERIFY(mark->points.boundingRect().left() >= 10.0 - 1e-9);
        QVERIFY(std::abs(mark->points.boundingRect().center().y() - text.y()) < 1.0);
    }
    /// Gap and plate carry the mark of where they come from, and change it with that.
    void theSectionSaysWhereItsFiguresComeFrom() {
        SectionValues values{rig_, level_, goal_, {}, false, 1.0, {}};
        const QSizeF size(760, 420);
        const Scene calculated = buildSection(values, size);
        QCOMPARE(countOf(calculated, "calculated"), 2);
        QCOMPARE(countOf(calculated, "measured"), 0);
        QVERIFY(calculated.find(QStringLiteral("plate-text"))->text.contains(QLatin1String("calculated")));
        values.angleMeasured = true;
        const Scene measured = buildSection(values, size);
        QCOMPARE(countOf(measured, "measured"), 2);
        QCOMPARE(countOf(measured, "calculated"), 0);
        // The rest in the moment chart is a full mark only when somebody saw it.
        QVERIFY(buildMomentChart(values, size).find(QStringLiteral("rest"))->fill == ColourRole::Text);
        values.angleMeasured = false;
        QVERIFY(buildMomentChart(values, size).find(QStringLiteral("rest"))->fill == ColourRole::Sheet);
    }
    /// What is calculated is hollow, so what differs for another reason differs in thickness.
    void calculatedBarsAreHollow() {
        PullBars pulls;
        pulls.bars = {{QStringLiteral("6"), 70.0, 80.0}, {QStringLiteral("1"), 60.0, 55.0}};
        const Scene bars = buildPullBars(pulls, {360, 240}, 1.0);
        for (const Mark& mark : bars.marks)
            if (mark.shape == Mark::Shape::Area && mark.id != QLatin1String("calculated"))
                QVERIFY(mark.fill == ColourRole::Sheet);
        QCOMPARE(countOf(bars, "calculated"), 1);
        const QRectF on = bars.find(QStringLiteral("pull-0"))->points.boundingRect();
        const auto off = std::find_if(bars.marks.begin(), bars.marks.end(),
                                      [](const Mark& mark) { return mark.shape == Mark::Shape::Area; });
        QVERIFY(on.height() > 1.8 * off->points.boundingRect().height());
        MovedStrings moved;
        moved.act = QStringLiteral("string 6 tuned");
        moved.strings = {{QStringLiteral("6"), -20.0, 60.0, true}, {QStringLiteral("5"), -18.0, 0.0, false}};
        const Scene shares = buildMovement(moved, {420, 240}, 1.0);
        QCOMPARE(countOf(shares, "calculated"), 1);
        QVERIFY(shares.find(QStringLiteral("moved-6"))->fill == ColourRole::Sheet);
    }
    void practiceIsDrawnRunByRun() {
        PracticeProgress progress;
        const Scene none = buildProgress(progress, {500, 300}, 1.0);
        QVERIFY(none.description.contains(QLatin1String("Nothing")));
        progress.runs = {{QStringLiteral("sunk, 2026-11-02"), 31, false, 0.9},
                         {QStringLiteral("sunk, 2026-11-04"), 72, true, std::nullopt},
                         {QStringLiteral("headless, 2026-11-05"), 100, true, 0.2}};
        for (const QSizeF& size : {QSizeF(500, 300), QSizeF(220, 120), QSizeF(1400, 700)}) {
            const Scene scene = buildProgress(progress, size, 1.0);
            const auto place = [&](int k) {
                return scene.find(QStringLiteral("run-%1").arg(k))->points.boundingRect().center();
            };
            QVERIFY(place(0).x() < place(1).x() && place(1).x() < place(2).x());
            QVERIFY(place(0).y() > place(1).y() && place(1).y() > place(2).y()); // more points, higher
            QVERIFY(scene.find(QStringLiteral("run-0"))->fill == ColourRole::Sheet);
            QVERIFY(scene.find(QStringLiteral("run-1"))->fill == ColourRole::Goal);
            QCOMPARE(scene.find(QStringLiteral("guesses"))->points.size(), 2); // nobody guessed in the middle
            for (const Mark& mark : scene.marks)
                if (mark.shape != Mark::Shape::Text)
                    QVERIFY(QRectF({0, 0}, size).contains(mark.points.boundingRect().center()));
            QVERIFY(scene.description.contains(QLatin1String("72 points, passed")));
        }
        progress.runs = progress.runs.mid(0, 1);
        QVERIFY(buildProgress(progress, {500, 300}, 2.0).find(QStringLiteral("run-0"))); // one alone has a place
    }
};

QTEST_MAIN(TestMarks)
#include "test_marks.moc"
