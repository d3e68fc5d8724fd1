// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/operations/acts.h"
#include "domain/guitar/soundness.h"
#include "domain/job/derived.h"
#include "paint/section.h"
#include "session/document/demo.h"
#include "store/rig_json.h"
#include "widgets/controls/fitting_label.h"
#include "widgets/controls/rig_fields.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"

#include <QApplication>
#include <QCheckBox>
#include <QFontMetricsF>
#include <QImage>
#include <QProxyStyle>
#include <QTest>
#include <QVariantAnimation>
#include <algorithm>
#include <cmath>

using namespace flenzo;

namespace {

struct Figure {
    const RigField* field;
    std::size_t index;
};
/// Every figure of a guitar that applies to it: each spring, each string.
std::vector<Figure> figuresOf(const Job& job) {
    std::vector<Figure> figures;
    const auto add = [&](const std::vector<RigField>& fields, std::size_t many) {
        for (const RigField& field : fields)
            for (std::size_t i = 0; i < many && field.appliesTo(job); ++i)
                figures.push_back({&field, i});
    };
    add(bridgeFields(), 1);
    add(clawFields(), 1);
    add(goalFields(), 1);
    add(springFields(), job.rig.springs.size());
    add(stringFields(), job.rig.strings.size());
    return figures;
}

void everyDemoInBothUnits() {
    QTest::addColumn<int>("demo");
    QTest::addColumn<bool>("inches");
    for (int demo = 0; demo < static_cast<int>(demoNames().size()); ++demo)
        for (const bool inches : {false, true})
            QTest::newRow(qPrintable(demoNames().at(demo) + (inches ? QStringLiteral(", in") : QString())))
                << demo << inches;
}

} // namespace

class TestLooks : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void whatIsShownIsReadBack_data() { everyDemoInBothUnits(); }
    void whatIsShownIsReadBack() {
        QFETCH(int, demo);
        QFETCH(bool, inches);
        Job job = demoJob(demo).value();
        const Units units{inches, inches};
        for (const auto& [field, index] : figuresOf(job)) {
            const QString text = field->text(job, index, units);
            const Result<double> read = field->parse(text + QLatin1Char(' ') + field->unit(units), units);
            QVERIFY2(read.ok(), qPrintable(field->key + QLatin1Char(' ') + text));
            QCOMPARE(field->textOf(read.value(), units), text);
        }
    }

    /// A step forth and back is no step; any number of them stays in the range, and text that is none stays as it is.
    void steppingStaysInTheRange_data() { everyDemoInBothUnits(); }
    void steppingStaysInTheRange() {
        QFETCH(int, demo);
        QFETCH(bool, inches);
        Job job = demoJob(demo).value();
        const Units units{inches, inches};
        for (const auto& [field, index] : figuresOf(job)) {
            const QString start = field->text(job, index, units);
            for (const int steps : {1, -1, 10, -10, 100000, -100000}) {
                const QString there = field->stepped(start, steps, units);
                const Result<double> value = field->parse(there, units);
                QVERIFY2(value.ok(), qPrintable(field->key + QLatin1Char(' ') + there));
                QVERIFY2(there != field->stepped(start, 0, units) || std::abs(steps) == 100000 ||
                             field->stepped(there, steps, units) == there,
                         qPrintable(field->key)); // it moved, or stood at its limit
                if (std::abs(steps) > 10)
                    continue;
                const Result<double> back = field->parse(field->stepped(there, -steps, units), units);
                const bool clamped = field->stepped(there, steps, units) == there;
                const double was = field->parse(start, units).value();
                QVERIFY2(clamped || std::abs(back.value() - was) < 1e-3 * std::max(1e-3, std::abs(was)),
                         qPrintable(field->key));
            }
            QCOMPARE(field->stepped(QStringLiteral("wide"), 3, units), QStringLiteral("wide"));
            QVERIFY(!field->parse(QStringLiteral("wide"), units).ok());
        }
    }

    /// Whatever a single step makes of a guitar, the advice for it can be worked out while the value is only tried.
    void everyStepCanBeTried_data() { everyDemoInBothUnits(); }
    void everyStepCanBeTried() {
        QFETCH(int, demo);
        QFETCH(bool, inches);
        const Job job = demoJob(demo).value();
        const Estimate known = derive(job).advice.guitar;
        for (const auto& [field, index] : figuresOf(job)) {
            Job tried = job;
            field->member(tried, index) =
                field
                    ->parse(field->stepped(field->text(tried, index, {inches, inches}), 1, {inches, inches}),
                            {inches, inches})
                    .value();
            if (contradiction(tried.rig))
                continue;
            const Advice advice = adviseTrying(tried, known);
            QVERIFY2(std::isfinite(advice.act.level.moreTurns), qPrintable(field->key));
            QVERIFY(std::isfinite(advice.guitar.state.angle_rad));
        }
        // Nothing changed is nothing learned anew: the same act.
        const Advice same = adviseTrying(job, known);
        QCOMPARE(same.act.what, derive(job).advice.act.what);
        QCOMPARE(same.guitar.state.angle_rad, derive(job).advice.guitar.state.angle_rad);
    }

    /// Words keep out of each other's way in every width and text size that a page gives a picture.
    void wordsDoNotOverlap_data() {
        QTest::addColumn<int>("width");
        QTest::addColumn<double>("text");
        for (const double text : {1.0, 1.5, 2.0})
            for (const int width : {330, 480, 640, 1100})
                QTest::addRow("%d at %g", width, text) << static_cast<int>(width * text) << text;
    }
    void wordsDoNotOverlap() {
        QFETCH(int, width);
        QFETCH(double, text);
        loadTypeface();
        applyLook({}); // the widths are those of the program's own face
        const Job job = demoJob(0).value();
        const LevelSolution level = levelSolution(job.rig, bareState(job.rig), job.goal);
        for (const auto& [turns, height] : {std::pair{-2.0, 260.0}, {0.0, 260.0}, {2.0, 260.0}, {0.0, 120.0}}) {
            const QSizeF size(width, height * text);
            const State state = turnClaw(job.rig, level.state, {turns, turns}).state;
            const Scene scene = buildSection({job.rig, state, job.goal, {}, false, text}, size);
            std::vector<QRectF> boxes;
            for (const Mark& mark : scene.marks) {
                if (mark.shape != Mark::Shape::Text || mark.id == QLatin1String("gap-text")) // that one is in the wood
                    continue;
                QFont font = QApplication::font();
                font.setPixelSize(static_cast<int>(mark.pixels));
                font.setBold(mark.bold);
                QRectF box = QFontMetricsF(font).tightBoundingRect(mark.text);
                box.moveCenter(mark.points.first());
                if (mark.align & Qt::AlignLeft)
                    box.moveLeft(mark.points.first().x());
                if (mark.align & Qt::AlignRight)
                    box.moveRight(mark.points.first().x());
                for (const QRectF& other : boxes)
                    QVERIFY2(!box.intersects(other), qPrintable(mark.text));
                boxes.push_back(box);
            }
            QVERIFY(boxes.size() >= (height > 200.0 ? 2 : 1)); // where it is low, the plate's alone
            for (const QRectF& box : boxes)
                QVERIFY2(QRectF({0.0, 0.0}, size).contains(box), qPrintable(QString::number(height)));
        }
    }

    /// What a picture shows is there at once; on the screen it moves there, unless the desktop wants no motion.
    void aPictureMovesToWhereItIs() {
        class Still : public QProxyStyle {
        public:
            int styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                          QStyleHintReturn* data) const override {
                return hint == SH_Widget_Animation_Duration ? duration
                                                            : QProxyStyle::styleHint(hint, option, widget, data);
            }
            int duration = 200;
        } style;
        class View : public SceneView {
        public:
            using QWidget::show;
            using SceneView::SceneView;
        } view;
        view.setStyle(&style);
        view.resize(200, 100);
        view.show();
        QVERIFY(QTest::qWaitForWindowExposed(&view));
        double least = 1.0;
        const auto passage = [&least](const QSizeF& size, double share) {
            least = std::min(least, share);
            Scene scene;
            scene.size = size;
            scene.line({{0.0, 0.0}, {100.0 * share, 0.0}}, ColourRole::Text, 2.0).id = QStringLiteral("hand");
            return scene;
        };
        const auto reach = [&view] { return view.scene().find(QStringLiteral("hand"))->points.last().x(); };
        auto* motion = view.findChild<QVariantAnimation*>();
        view.showMoving(passage, {});
        QCOMPARE(reach(), 100.0);
        QCOMPARE(motion->state(), QAbstractAnimation::Running);
        view.grab();
        QVERIFY(least < 1.0);
        QTRY_COMPARE(motion->state(), QAbstractAnimation::Stopped);
        QCOMPARE(reach(), 100.0);
        style.duration = 0;
        least = 1.0;
        view.showMoving(passage, {});
        view.grab();
        QCOMPARE(motion->state(), QAbstractAnimation::Stopped);
        QCOMPARE(least, 1.0);
    }

    void theLongestTextThatFitsIsSaid() {
        FittingLabel label;
        const QStringList texts{QStringLiteral("a long sentence that says everything"), QStringLiteral("less"),
                                QStringLiteral("-")};
        label.resize(600, 20);
        label.setTexts(texts);
        QCOMPARE(label.text(), texts[0]);
        label.show();
        const QFontMetrics metrics = label.fontMetrics();
        label.resize(metrics.horizontalAdvance(texts[0]) - 1, 20);
        QCOMPARE(label.text(), texts[1]);
        label.resize(metrics.horizontalAdvance(texts[1]) - 1, 20);
        QCOMPARE(label.text(), texts[2]);
        label.setTexts({QStringLiteral("a name of some length")});
        QVERIFY(label.text().endsWith(QChar(0x2026))); // shortened, not cut
        label.setTexts(texts);
        QCOMPARE(label.toolTip(), texts[0]); // nothing is lost
        label.resize(600, 20);
        QCOMPARE(label.text(), texts[0]);
    }

    void boxesToTickAreSeenInBothThemes() {
        loadTypeface();
        for (const bool dark : {false, true}) {
            Preferences preferences;
            preferences.dark = dark;
            applyLook(preferences);
            QCheckBox box;
            box.resize(60, 40);
            const auto shades = [&box] {
                const QImage image = box.grab().toImage();
                int darkest = 255, lightest = 0;
                for (int x = 0; x < 24; ++x)
                    for (int y = 0; y < image.height(); ++y) {
                        darkest = std::min(darkest, qGray(image.pixel(x, y)));
                        lightest = std::max(lightest, qGray(image.pixel(x, y)));
                    }
                return std::pair(image, lightest - darkest);
            };
            const auto [empty, edge] = shades();
            QVERIFY2(edge > 60, qPrintable(QString::number(edge)));
            box.setChecked(true);
            QVERIFY(shades().first != empty);
        }
        applyLook({});
    }
};

QTEST_MAIN(TestLooks)
#include "test_looks.moc"
