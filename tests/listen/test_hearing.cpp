// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/hearing/channel_picker.h"
#include "listen/hearing/expect.h"
#include "listen/hearing/hear_recording.h"
#include "support/bench.h"
#include "support/bench_sounds.h"

#include <QTest>

using namespace flenzo;
using namespace flenzo::testing;

namespace {

double shareWithin(const std::vector<double>& values, double most) {
    const auto within = std::count_if(values.begin(), values.end(), [most](double v) { return std::abs(v) <= most; });
    return values.empty() ? 1.0 : static_cast<double>(within) / static_cast<double>(values.size());
}

Recording recordingOf(std::vector<float> samples, double rate_Hz, std::size_t channels) {
    return Recording{rate_Hz, channels, std::move(samples)};
}

/// One pluck of 110 Hz after half a second.
std::vector<float> plucked(double rate_Hz, double amplitude = 0.25) {
    std::vector<float> sound(static_cast<std::size_t>(2.0 * rate_Hz), 0.0F);
    PluckedString string;
    string.amplitude = amplitude;
    addPluck(sound, rate_Hz, 0.5, string, 3);
    return sound;
}

} // namespace

class TestHearing : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void whatIsHeard_data() {
        QTest::addColumn<int>("kind");
        QTest::addColumn<double>("found");
        QTest::addColumn<double>("near_cents"); // of nineteen in twenty
        QTest::addColumn<double>("most_cents");
        const auto row = [](Sound kind, double found, double near, double most) {
            QTest::newRow(sounds()[static_cast<std::size_t>(kind)].second)
                << static_cast<int>(kind) << found << near << most;
        };
        // Twelve takes say little of a share; docs/listening.md has hundreds.
        row(Sound::Clean, 1.0, 0.6, 1.5);
        row(Sound::Hum, 1.0, 0.6, 1.5);
        row(Sound::Harmonic, 1.0, 0.6, 1.5);
        row(Sound::SmallMicrophone, 0.9, 1.0, 3.0);
        row(Sound::Ringing, 0.9, 2.5, 6.0);
        row(Sound::Beating, 0.9, 2.5, 4.0);
        row(Sound::Peg, 0.9, 1.0, 2.0);
        row(Sound::Again, 0.97, 0.6, 2.0);
        row(Sound::InTurn, 0.97, 0.6, 2.0);
        row(Sound::Clipped, 1.0, 3.0, 4.0);
    }
    void whatIsHeard() {
        QFETCH(int, kind);
        QFETCH(double, found);
        QFETCH(double, near_cents);
        QFETCH(double, most_cents);
        int plucks = 0, heard = 0, wrong = 0;
        std::vector<double> errors, late, inDeviations;
        for (std::uint32_t seed = 300; seed < 312; ++seed) {
            const HeardCase one = hear(soundCase(static_cast<Sound>(kind), seed));
            plucks += one.plucks;
            heard += one.found;
            wrong += one.wrong;
            errors.insert(errors.end(), one.errors_cents.begin(), one.errors_cents.end());
            late.insert(late.end(), one.delays_s.begin(), one.delays_s.end());
            for (std::size_t k = 0; k < one.errors_cents.size(); ++k)
                inDeviations.push_back(one.errors_cents[k] / one.deviations_cents[k]);
        }
        const QString got = QStringLiteral("%1 of %2, %3 wrong").arg(heard).arg(plucks).arg(wrong);
        QVERIFY2(heard >= found * plucks && wrong <= 1, qPrintable(got));
        QVERIFY(shareWithin(errors, near_cents) >= 0.9 && shareWithin(errors, most_cents) == 1.0);
        QVERIFY(shareWithin(inDeviations, 2.0) >= 0.8);
        if (static_cast<Sound>(kind) != Sound::Peg)
            QVERIFY(shareWithin(late, 0.9) >= 0.95);
    }

    /// What is cut off is told by tops that stand still; a full-scale sound in 16 bits has none to speak of.
    void flatTopsAreTold() {
        constexpr double rate_Hz = 48000.0;
        const auto manyAt = [](double gain) {
            FlatTops tops(rate_Hz);
            for (int k = 0; k < 24000; ++k) {
                const double value = gain * std::sin(2.0 * std::numbers::pi * 50.0 * k / rate_Hz);
                tops.feed(static_cast<float>(std::round(32767.0 * std::clamp(value, -1.0, 1.0)) / 32768.0));
            }
            return tops.areMany();
        };
        QVERIFY(!manyAt(0.99));
        QVERIFY(manyAt(1.5));
    }

    /// What was said follows from what was heard until then: cut off right after a reading, the take gives the same.
    void nothingLaterCounts() {
        const SoundCase whole = soundCase(Sound::InTurn, 41);
        const std::vector<HeardPluck> readings = hear(whole).readings;
        QVERIFY(readings.size() > 4);
        SoundCase cut = whole;
        cut.sound.resize(static_cast<std::size_t>(readings[2].at_s * whole.rate_Hz) + 1);
        const std::vector<HeardPluck> before = hear(cut, {}, 1).readings;
        QCOMPARE(before.size(), std::size_t{3});
        QCOMPARE(before[2].first_Hz, readings[2].first_Hz);
    }
    void piecesDoNotMatter() {
        const SoundCase what = soundCase(Sound::Clean, 7);
        const auto one = hear(what, {}, 1).readings, many = hear(what, {}, 4096).readings;
        QCOMPARE(one.size(), std::size_t{1});
        QCOMPARE(one.front().first_Hz, many.front().first_Hz);
        QCOMPARE(one.front().at_s, many.front().at_s);
    }
    /// While a peg turns the pitch is there to be shown, and nothing is taken.
    void aTurningPegIsFollowed() {
        SoundCase what;
        what.sound.assign(static_cast<std::size_t>(4.0 * what.rate_Hz), 0.0F);
        PluckedString string;
        string.fades_s = 8.0;
        string.turned_cents = 60.0;
        string.turnFrom_s = 0.1;
        string.turnFor_s = 2.0;
        addPluck(what.sound, what.rate_Hz, 0.3, string, 5);
        PluckListener listener(what.rate_Hz);
        double before_Hz = 0.0;
        int rising = 0;
        for (std::size_t k = 0; k + 480 <= what.sound.size() && listener.now().state != HearingNow::State::Taken;
             k += 480) {
            listener.feed(std::span(what.sound).subspan(k, 480));
            if (listener.now().first_Hz > before_Hz && before_Hz > 0.0)
                ++rising;
            before_Hz = listener.now().first_Hz;
        }
        QVERIFY2(rising > 15, qPrintable(QString::number(rising)));
        const auto taken = listener.next();
        QVERIFY(taken && std::abs(1200.0 * std::log2(taken->first_Hz / string.first_Hz)) < 1.5);
    }

    /// A new string far off is told by where its neighbours are, not by its target.
    void theNearestLatestPitchNamesIt() {
        BenchJob job = changeJob(1.0);
        job.log = {fullReading(std::vector<double>(6, -300.0), 0.002)};
        const Expected expected = expectedOf(job, estimate(job));
        QCOMPARE(expected.count, std::size_t{6});
        const double target_Hz = job.rig.strings[2].target_Hz;
        QVERIFY(std::abs(1200.0 * std::log2(expected.first_Hz[2] / target_Hz) + 300.0) < 3.0);
        BenchJob unread = changeJob(1.0);
        QCOMPARE(expectedOf(unread, estimate(unread)).first_Hz[2], unread.rig.strings[2].target_Hz);
        BenchJob off = job;
        Event away;
        away.kind = Event::Kind::Off;
        away.string = 2;
        off.log.push_back(away);
        QCOMPARE(expectedOf(off, estimate(off)).first_Hz[2], 0.0);
    }

    void theLouderChannelIsHeard() {
        const std::vector<float> loud = plucked(48000.0);
        std::vector<float> both;
        for (std::size_t k = 0; k < loud.size(); ++k) {
            both.push_back(-0.1F * loud[k]);
            both.push_back(loud[k]);
        }
        const auto readings = hearRecording(recordingOf(both, 48000.0, 2), {});
        QCOMPARE(readings.size(), std::size_t{1});
        QVERIFY(std::abs(1200.0 * std::log2(readings.front().first_Hz / 110.0)) < 0.5);
        ChannelPicker picker(48000.0, 2);
        std::vector<float> out(loud.size());
        picker.pick(both, out);
        QCOMPARE(picker.channel(), std::size_t{1});
        QVERIFY(!picker.clips());
        std::vector<float> full(out.size() * 2, 1.0F);
        picker.pick(full, out);
        QVERIFY(picker.clips());
    }
    void samplesThatAreNoNumbersAreSilence() {
        std::vector<float> sound = plucked(44100.0);
        for (std::size_t k = 0; k < sound.size(); k += 997)
            sound[k] = k % 2 == 0 ? std::numeric_limits<float>::quiet_NaN() : std::numeric_limits<float>::infinity();
        const auto readings = hearRecording(recordingOf(sound, 44100.0, 1), {});
        QCOMPARE(readings.size(), std::size_t{1}); // a click a fiftieth of a second, and the string still is heard
        QVERIFY(std::abs(1200.0 * std::log2(readings.front().first_Hz / 110.0)) < 2.0);
    }

    void optionsNameWhatIsWrong() {
        HearingOptions options;
        std::string error;
        QVERIFY2(options.isValid(&error), error.c_str());
        QVERIFY(options.set("span_s", 9.0) && !options.set("nonsense", 1.0));
        QVERIFY(!options.isValid(&error));
        QVERIFY(error.find("span_s") != std::string::npos);
        options = {};
        options.latest_s = options.earliest_s;
        QVERIFY(!options.isValid(&error));
    }
};

QTEST_APPLESS_MAIN(TestHearing)
#include "test_hearing.moc"
