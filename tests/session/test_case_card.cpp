// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/simulation/independent_guitar.h"
#include "core/statics/note.h"
#include "domain/base/faults.h"
#include "domain/job/derived.h"
#include "domain/job/edits.h"
#include "domain/shop/case_card.h"
#include "paint/code_picture.h"
#include "session/document/demo.h"
#include "session/models/card_sheet.h"
#include "store/catalogue_files.h"
#include "store/guitar_code.h"
#include "support/bench.h"
#include "support/place.h"

#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>
#include <QTextDocument>
#include <QTextFrame>
#include <QTextTable>
#include <algorithm>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

const BenchTools shop{1.0, 1.5e-4, 0.0, 1.2, 1.0, 1e-4, 0.0};

/// What somebody reads off a printed card: nothing else of the guitar is known.
struct ReadCard {
    struct Line {
        QString string;
        double first_cents = 0.0, then_cents = 0.0; ///< beside its note
    };
    QList<Line> lines;
    std::optional<double> block_mm;
    double per_cents = 0.0, step_turns = 0.0; ///< of the claw
};

/// "1 3/16" or "3/8".
double turnsOf(const QString& text) {
    double turns = 0.0;
    for (const QString& part : text.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        const QStringList halves = part.split(QLatin1Char('/'));
        turns += halves.size() == 2 ? halves[0].toDouble() / halves[1].toDouble() : part.toDouble();
    }
    return turns;
}

/// "E2 -3" beside "E2".
double centsOf(const QString& shown, const QString& note) {
    QString rest = shown.mid(note.size()).trimmed();
    return rest.replace(QChar(0x2212), QLatin1Char('-')).toDouble();
}

ReadCard readCard(const QString& html) {
    QTextDocument document;
    document.setHtml(html);
    ReadCard card;
    for (QTextFrame* frame : document.rootFrame()->childFrames()) {
        auto* table = qobject_cast<QTextTable*>(frame);
        const auto cell = [&](int row, int column) {
            return table->cellAt(row, column).firstCursorPosition().block().text();
        };
        if (!table || cell(0, 0) != QLatin1String("String"))
            continue;
        const int last = table->columns() - 1;
        const bool twice = last > 3 && cell(0, 4) == QLatin1String("Then to");
        for (int row = 1; row < table->rows(); ++row) {
            const QString note = cell(row, 2);
            card.lines.append(
                {cell(row, 0), twice ? centsOf(cell(row, 3), note) : 0.0, twice ? centsOf(cell(row, 4), note) : 0.0});
        }
    }
    const QString text = document.toPlainText();
    const auto find = [&](const char* pattern) { return QRegularExpression(QLatin1String(pattern)).match(text); };
    if (const auto block = find("block that keeps it ([0-9.]+) mm high"); block.hasMatch())
        card.block_mm = block.captured(1).toDouble();
    if (const auto claw = find("For each ([0-9.]+) cents that they went sharp loosen both claw screws ([0-9/ ]+) turn");
        claw.hasMatch()) {
        card.per_cents = claw.captured(1).toDouble();
        card.step_turns = turnsOf(claw.captured(2));
    }
    return card;
}

/// Somebody with a tuner of whole cents, a ruler and the card; no program.
class Hand {
public:
    Hand(const ReadCard& card, const Rig& rig, IndependentGuitar& guitar) : card_(card), rig_(rig), guitar_(guitar) {}
    void restring() {
        card_.block_mm ? allAtOnce() : oneByOne();
        if (card_.block_mm)
            turnClawBySharpness();
        for (const ReadCard::Line& line : card_.lines)
            tune(line, line.then_cents);
    }

private:
    [[nodiscard]] std::size_t number(const ReadCard::Line& line) const {
        return *stringNamed(rig_, line.string.toStdString());
    }
    double gap_mm() {
        NextAct look;
        look.gap = true;
        return *guitar_.perform(look).gap_m * 1e3;
    }
    void tune(const ReadCard::Line& line, double to_cents) {
        NextAct tune;
        tune.what = NextAct::Do::Tune;
        tune.aim = {number(line), to_cents, 0.0};
        guitar_.perform(tune);
    }
    /// A block is packed until the ruler, looked at several times, shows what the card says.
    void putBlockIn() {
        double angle_rad = angleOfGap_rad(rig_.bridge, *card_.block_mm * 1e-3);
        for (int packed = 0; packed < 4; ++packed) {
            guitar_.hold(angle_rad);
            constexpr int looks = 5;
            double shown_mm = 0.0;
            for (int look = 0; look < looks; ++look)
                shown_mm += gap_mm() / looks;
            angle_rad += (*card_.block_mm - shown_mm) * 1e-3 / rig_.bridge.rearEdge_m;
        }
        guitar_.hold(angle_rad);
    }
    void allAtOnce() {
        putBlockIn();
        for (std::size_t i = 0; i < rig_.strings.size(); ++i)
            guitar_.takeOff(i);
        for (std::size_t i = 0; i < rig_.strings.size(); ++i)
            guitar_.putOn(i);
        for (const ReadCard::Line& line : card_.lines)
            tune(line, line.first_cents);
        guitar_.hold(std::nullopt);
    }
    void turnClawBySharpness() {
        double sharp_cents = 0.0;
        for (const ReadCard::Line& line : card_.lines) {
            NextAct read;
            read.strings = {number(line)};
            sharp_cents += (std::round(guitar_.perform(read).readings_cents.front().second) - line.then_cents) /
                           static_cast<double>(card_.lines.size());
        }
        constexpr double finest = 1.0 / 16.0;
        if (std::abs(sharp_cents) >= 3.0)
            guitar_.turnClaw(-std::round(sharp_cents / card_.per_cents * card_.step_turns / finest) * finest);
    }
    void oneByOne() {
        for (const ReadCard::Line& line : card_.lines) {
            guitar_.takeOff(number(line));
            guitar_.putOn(number(line));
            tune(line, line.first_cents);
        }
    }

    const ReadCard& card_;
    const Rig& rig_;
    IndependentGuitar& guitar_;
};

} // namespace

class TestCaseCard : public QObject {
    Q_OBJECT
    Catalogue catalogue_ = bundledCatalogue().value();

    [[nodiscard]] QString htmlOf(const Job& job, const Estimate& known) const {
        const auto card = caseCardOf(job, known, catalogue_);
        return card ? caseCardHtml(job, *card, {}, {}) : QString();
    }

private Q_SLOTS:
    /// A guitar of another model is set up with the program, its card is made; months later it gets the same set by the
    /// card alone, the block in, twice through.
    void byTheCardAloneItComesHome_data() {
        QTest::addColumn<int>("family");
        for (const Family family : {Family::DoubleLocking, Family::TwoPosts, Family::SixScrews, Family::RollerShaft})
            QTest::addRow("%s", qPrintable(familyName(family))) << static_cast<int>(family);
    }
    void byTheCardAloneItComesHome() {
        QFETCH(int, family);
        int played = 0, home = 0;
        QStringList missed;
        for (std::uint32_t seed = 9100; played < 20; ++seed) {
            Job job = newJob();
            setFamily(job, static_cast<Family>(family));
            job = withClawFromOldSet(std::move(job));
            job.tools = shop.told();
            job.method.stretch = false;
            Hardships hard;
            hard.pivot_Nm = 0.004;
            IndependentGuitar guitar(benchJobOf(job), hard, shop, seed);
            if (!guitar.floatsInTune())
                continue;
            ++played;
            const Ended end = playOn(benchJobOf(job), guitar, 150);
            job.log = end.log;
            const Rig rig = job.rig;
            const ReadCard card = readCard(htmlOf(job, estimate(benchJobOf(job))));
            Hand(card, rig, guitar).restring();
            double worst_cents = 0.0;
            for (std::size_t i = 0; i < rig.strings.size(); ++i)
                worst_cents = std::max(worst_cents, std::abs(guitar.reading_cents(i)));
            const double lean = std::abs(guitar.angle_rad() - job.goal.angle_rad);
            if (worst_cents <= 5.0 && (!hasClaw(rig) || lean <= radians(0.3)))
                ++home;
            else
                missed.append(QStringLiteral("%1: %2 cents, %3 degrees").arg(seed).arg(worst_cents).arg(degrees(lean)));
        }
        QVERIFY2(home >= 18, qPrintable(missed.join(QStringLiteral("; "))));
    }

    void everyDemoHasACard_data() {
        QTest::addColumn<int>("index");
        for (int index = 0; index < static_cast<int>(demoNames().size()); ++index)
            QTest::newRow(qPrintable(demoNames().at(index))) << index;
    }
    /// Each says what its guitar has and nothing that it has not, and every string once, in the order of the work.
    void everyDemoHasACard() {
        QFETCH(int, index);
        Job job = demoJob(index).value();
        job.guitar = QStringLiteral("Drift & Anchor <seven>");
        const Derived derived = derive(job);
        const auto card = caseCardOf(job, derived.advice.guitar, catalogue_);
        if (derived.report.level.status != LevelStatus::Found) {
            QVERIFY(!card);
            return;
        }
        QVERIFY(card);
        const QString html = caseCardHtml(job, *card, {}, {});
        QVERIFY(html.contains(QLatin1String("Drift &amp; Anchor &lt;seven&gt;")));
        QVERIFY2(!html.contains(QLatin1String("nan")) && !html.contains(QLatin1String("%1")), qPrintable(html));
        QCOMPARE(html.contains(QLatin1String("Open the nut")), job.card.nut != Nut::Open);
        QCOMPARE(html.contains(QLatin1String("claw screws")),
                 hasClaw(job.rig) && (card->gap_m || !card->others.empty()));
        const ReadCard read = readCard(html);
        QCOMPARE(static_cast<std::size_t>(read.lines.size()), job.rig.strings.size());
        for (std::size_t k = 0; k < job.method.order.size(); ++k)
            QCOMPARE(read.lines[static_cast<qsizetype>(k)].string.toStdString(),
                     job.rig.strings[job.method.order[k]].name);
        QCOMPARE(read.block_mm.has_value(), card->block_m.has_value());
        for (const CaseCard::OtherSet& other : card->others)
            QVERIFY(html.contains(other.name.toHtmlEscaped()));
        QVERIFY(card->others.size() <= 2);
    }

    /// A heavier set needs a tighter claw, a lighter one a looser; the plate that stands too high wants it tighter.
    void theFiguresGoTheRightWay() {
        Job job = newJob();
        applySet(job, Side::On, *catalogue_.setsFor(6)[1], catalogue_);
        const auto card = caseCardOf(job, estimate(benchJobOf(job)), catalogue_);
        QVERIFY(card && card->others.size() == 2);
        QVERIFY2(card->others[0].clawMore_turns < 0.0 && card->others[1].clawMore_turns > 0.0,
                 qPrintable(
                     QStringLiteral("%1 %2").arg(card->others[0].clawMore_turns).arg(card->others[1].clawMore_turns)));
        QVERIFY(card->turnsPerCent > 0.001 && card->turnsPerCent < 0.1);
        QVERIFY(std::abs(*card->block_m - job.rig.bridge.rearGap_m) < 1e-9);
    }

    void aNutThatShiftsIsToldBefore() {
        Job job = newJob();
        job.card.nut = Nut::Caps;
        job.card.clampShift_cents.assign(job.rig.strings.size(), 4.0);
        const auto card = caseCardOf(job, estimate(benchJobOf(job)), catalogue_);
        QVERIFY(card);
        for (const CaseCard::String& string : card->strings) {
            QVERIFY(std::abs(string.second_cents + 4.0) < 1e-9);
            // Under the block the plate stands where it will in the end: flatter than with it free.
            QVERIFY2(string.first_cents > -40.0 && string.first_cents < -4.0,
                     qPrintable(QString::number(string.first_cents)));
        }
        const ReadCard read = readCard(caseCardHtml(job, *card, {}, {}));
        QCOMPARE(read.lines.front().then_cents, -4.0);
    }

    void tunersShowNotesAndCents() {
        QCOMPARE(tunerNote(noteFrequency_Hz(40, 440.0), 0.0, 440.0), QStringLiteral("E2"));
        QCOMPARE(tunerNote(noteFrequency_Hz(40, 440.0), 2.6, 440.0), QStringLiteral("E2 +3"));
        QVERIFY(tunerNote(noteFrequency_Hz(40, 442.0), -12.0, 442.0).startsWith(QLatin1String("E2 ")));
    }

    /// Every wrong digit and every exchange of two neighbours is noticed.
    void aCodeIsReadBack() {
        for (const GuitarCode code : {GuitarCode{123456, 1}, GuitarCode{999999, 4711}, GuitarCode{100000, 123456789}}) {
            const QString digits = codeDigits(code);
            QCOMPARE(readCode(codeText(code)), std::optional(code));
            QCOMPARE(readCode(QStringLiteral(" ") + digits + QStringLiteral("\n")), std::optional(code));
            for (int at = 0; at < digits.size(); ++at)
                for (int other = 0; other < 10; ++other) {
                    QString wrong = digits;
                    wrong[at] = QLatin1Char(static_cast<char>('0' + other));
                    QVERIFY((wrong == digits) == readCode(wrong).has_value());
                }
            for (int at = 0; at + 1 < digits.size(); ++at) {
                QString wrong = digits;
                std::swap(wrong[at], wrong[at + 1]);
                QVERIFY((wrong == digits) == readCode(wrong).has_value());
            }
        }
        for (const char* no : {"", "1234", "46 36 26 17 13 10", "seven strings", "000000000000000000000000000"})
            QVERIFY2(!readCode(QLatin1String(no)), no);
    }

    /// In the shop that made it a code finds its guitar, also once its job is not the latest; elsewhere it says so.
    void aCodeFindsItsGuitar() {
        QTemporaryDir dir;
        const auto book = Logbook::open(newPlace(dir)).value();
        Job job = newJob();
        job.guitar = QStringLiteral("Blue Heron");
        const qint64 first = book->add(job).value();
        const GuitarCode code = codeOf(*book, first).value();
        QCOMPARE(codeOf(*book, first).value().shop, code.shop); // drawn once
        const qint64 later = book->add(job).value();
        QCOMPARE(guitarOfCode(*book, code).value(), book->guitarOf(later).value());
        QVERIFY(
            guitarOfCode(*book, {code.shop == 123456 ? 123457 : 123456, first}).fault().is(faults::codeOfOtherShop));
        QVERIFY(!book->remove({first}));
        QVERIFY(guitarOfCode(*book, code).fault().is(faults::codeOfNoJob));
    }

    /// The picture is the code that its standard says for these digits: three finders, quiet around.
    void thePictureHasItsFinders() {
        const QImage code = codePicture(QStringLiteral("4821070000127531"), 3);
        QVERIFY(!code.isNull() && code.width() == code.height() && code.width() % 3 == 0);
        const int squares = code.width() / 3, side = squares - 8;
        const auto dark = [&](int x, int y) { return qGray(code.pixel((x + 4) * 3 + 1, (y + 4) * 3 + 1)) < 128; };
        for (int y = 0; y < squares; ++y)
            for (int x = 0; x < squares; ++x)
                if (x < 4 || y < 4 || x >= squares - 4 || y >= squares - 4)
                    QVERIFY(qGray(code.pixel(x * 3 + 1, y * 3 + 1)) > 128);
        for (const QPoint corner : {QPoint(0, 0), QPoint(side - 7, 0), QPoint(0, side - 7)})
            for (int k = 0; k < 7; ++k)
                QVERIFY(dark(corner.x() + k, corner.y()) && dark(corner.x(), corner.y() + k) &&
                        dark(corner.x() + 3, corner.y() + 3));
        QVERIFY(codePicture(QString(), 3).isNull());
    }
};

QTEST_MAIN(TestCaseCard)
#include "test_case_card.moc"
