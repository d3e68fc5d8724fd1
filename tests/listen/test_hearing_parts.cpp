// SPDX-License-Identifier: GPL-3.0-or-later
// The parts of hearing one by one, against what is known of a sine, a stretched series and a glide.
#include "core/base/random_stream.h"
#include "listen/hearing/decimator.h"
#include "listen/hearing/onsets.h"
#include "listen/hearing/pluck_fit.h"
#include "listen/hearing/plucked_string.h"
#include "listen/hearing/series.h"

#include <QTest>
#include <cmath>
#include <numbers>

using namespace flenzo;

namespace {

constexpr double pi = std::numbers::pi;
constexpr double rate_Hz = 12000.0;

std::vector<double> sine(double frequency_Hz, double amplitude, double seconds, double atRate_Hz = rate_Hz) {
    std::vector<double> out(static_cast<std::size_t>(seconds * atRate_Hz));
    for (std::size_t k = 0; k < out.size(); ++k)
        out[k] = amplitude * std::sin(2.0 * pi * frequency_Hz * static_cast<double>(k) / atRate_Hz);
    return out;
}

/// Root mean square of what comes out of a decimator for a sine of amplitude 1, once it has settled.
double passed(double atRate_Hz, double frequency_Hz) {
    Decimator decimator(atRate_Hz);
    double squares = 0.0, count = 0.0, out = 0.0;
    const std::vector<double> in = sine(frequency_Hz, 1.0, 1.0, atRate_Hz);
    for (std::size_t k = 0; k < in.size(); ++k)
        if (decimator.feed(in[k], out) && k > in.size() / 2) {
            squares += out * out;
            count += 1.0;
        }
    return std::sqrt(2.0 * squares / count);
}

std::vector<double> plucked(const PluckedString& string, double seconds, std::uint32_t seed) {
    std::vector<float> sound(static_cast<std::size_t>(seconds * rate_Hz), 0.0F);
    addPluck(sound, rate_Hz, 0.0, string, seed);
    return {sound.begin(), sound.end()};
}

double centsOff(double heard_Hz, double true_Hz) {
    return 1200.0 * std::log2(heard_Hz / true_Hz);
}

/// Peaks of a series with the given amplitudes, as a spectrum would give them.
std::vector<Peak> series(double first_Hz, double stretch, const std::vector<double>& amplitudes) {
    std::vector<Peak> out;
    for (std::size_t k = 0; k < amplitudes.size(); ++k)
        if (amplitudes[k] > 0.0)
            out.push_back({first_Hz * partialRatio(static_cast<int>(k) + 1, stretch), amplitudes[k]});
    return out;
}

std::vector<Peak> together(std::vector<Peak> a, const std::vector<Peak>& b) {
    for (const Peak& peak : b)
        a.push_back(peak);
    std::sort(a.begin(), a.end(), [](const Peak& x, const Peak& y) { return x.frequency_Hz < y.frequency_Hz; });
    return a;
}

const std::vector<double> falling{1.0, 0.8, 0.6, 0.5, 0.4, 0.3, 0.25, 0.2};

} // namespace

class TestHearingParts : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // --- the stream --------------------------------------------------------------------------------------------------

    void everyRateComesDownToOneThatIsHeard_data() {
        QTest::addColumn<double>("rate");
        for (const double rate : {8000.0, 11025.0, 16000.0, 22050.0, 32000.0, 44100.0, 48000.0, 96000.0, 192000.0})
            QTest::newRow(qPrintable(QString::number(rate))) << rate;
    }
    void everyRateComesDownToOneThatIsHeard() {
        QFETCH(double, rate);
        const Decimator decimator(rate);
        QVERIFY(decimator.rate_Hz() >= 8000.0 && decimator.rate_Hz() < 22050.0);
        QVERIFY(std::abs(rate / decimator.rate_Hz() - std::round(rate / decimator.rate_Hz())) < 1e-9);
        // What strings sound passes whole, what would fold down on it does not.
        for (const double frequency_Hz : {80.0, 330.0, 1500.0, 3000.0})
            QVERIFY2(std::abs(passed(rate, frequency_Hz) - 1.0) < 0.02, qPrintable(QString::number(frequency_Hz)));
        if (rate > 1.9 * decimator.rate_Hz())
            QVERIFY(passed(rate, 0.86 * decimator.rate_Hz()) < 0.01);
    }
    void theMeanIsTakenOut() {
        Decimator decimator(48000.0);
        double out = 1.0;
        for (int k = 0; k < 48000; ++k)
            decimator.feed(0.5, out);
        QVERIFY(std::abs(out) < 1e-3);
    }

    // --- spectrum and onsets -----------------------------------------------------------------------------------------

    void aSineShowsItsAmplitude() {
        Spectrum spectrum(8192);
        const std::vector<double> sound = sine(440.0, 0.3, 0.4);
        spectrum.take(sound);
        Peaks peaks;
        const std::vector<double> nothing(spectrum.power().size(), 0.0);
        peaks.find(spectrum.power(), nothing, rate_Hz / 8192.0, 3.0);
        QVERIFY(!peaks.all().empty());
        const Peak& highest = *std::max_element(peaks.all().begin(), peaks.all().end(),
                                                [](const Peak& a, const Peak& b) { return a.amplitude < b.amplitude; });
        QVERIFY(std::abs(highest.amplitude - 0.3) < 0.01);
        QVERIFY(std::abs(highest.frequency_Hz - 440.0) < 0.1);
        // What was there before is not new.
        peaks.find(spectrum.power(), spectrum.power(), rate_Hz / 8192.0, 3.0);
        QCOMPARE(peaks.all().size(), std::size_t{0});
        QCOMPARE(peaks.amplitude(), 0.0);
    }
    void anOnsetIsFoundWhereItIs() {
        const HearingOptions options;
        Onsets onsets(rate_Hz, options);
        std::vector<double> sound(static_cast<std::size_t>(1.5 * rate_Hz), 0.0);
        const auto at = static_cast<std::size_t>(0.8 * rate_Hz);
        const std::vector<double> string = plucked({}, 0.7, 4);
        std::copy(string.begin(), string.end(), sound.begin() + static_cast<long>(at));
        RandomStream random(1, 2);
        for (double& sample : sound)
            sample += random.normal(1e-4);
        std::vector<double> found;
        for (std::size_t end = onsets.frame(); end <= sound.size(); end += onsets.hop())
            if (const auto ago_s = onsets.look(std::span(sound).subspan(end - onsets.frame(), onsets.frame())))
                found.push_back(static_cast<double>(end) / rate_Hz - *ago_s);
        QCOMPARE(found.size(), std::size_t{1});
        QVERIFY2(std::abs(found.front() - 0.8) < 0.03, qPrintable(QString::number(found.front())));
        QVERIFY(onsets.level_dBFS() > -40.0);
    }

    // --- series ------------------------------------------------------------------------------------------------------

    void partialsStretchByTheFormula() {
        QCOMPARE(partialRatio(1, 3e-4), 1.0);
        QCOMPARE(partialRatio(5, 0.0), 5.0);
        QVERIFY(std::abs(partialRatio(10, 1e-4) - 10.0 * std::sqrt(1.01 / 1.0001)) < 1e-12);
        // A harmonic at the twelfth fret is the even half of the string's own series.
        const double first_Hz = 98.0, stretch = 1.6e-4;
        const Series harmonic{first_Hz * partialRatio(2, stretch), 4.0 * stretch / (1.0 + 3.0 * stretch), 1.0, 6};
        const Series string = octaveDown(harmonic);
        QVERIFY(std::abs(centsOff(string.first_Hz, first_Hz)) < 0.01);
        for (const int n : {1, 2, 3})
            QVERIFY(std::abs(centsOff(harmonic.first_Hz * partialRatio(n, harmonic.stretch),
                                      first_Hz * partialRatio(2 * n, stretch))) < 0.02);
    }
    void theSeriesIsFound_data() {
        QTest::addColumn<double>("first_Hz");
        QTest::addColumn<double>("stretch");
        for (const double first_Hz : {41.2, 61.7, 82.4, 110.0, 196.0, 329.6})
            for (const double stretch : {0.0, 1e-4, 3e-4})
                QTest::addRow("%.1f Hz, B %.0e", first_Hz, stretch) << first_Hz << stretch;
    }
    void theSeriesIsFound() {
        QFETCH(double, first_Hz);
        QFETCH(double, stretch);
        const auto found = seriesOf(series(first_Hz, stretch, falling), {}, {});
        QVERIFY(found);
        QVERIFY2(std::abs(centsOff(found->first_Hz, first_Hz)) < 3.0, qPrintable(QString::number(found->first_Hz)));
        QVERIFY(std::abs(found->stretch - stretch) < 1.2e-4);
        QVERIFY(found->explained > 0.99 && found->partials == 8);
    }
    void aMissingFirstPartialIsNotMissed() {
        const auto found = seriesOf(series(82.4, 1e-4, {0.0, 0.05, 1.0, 0.8, 0.6, 0.5, 0.4, 0.3}), {}, {});
        QVERIFY(found && std::abs(centsOff(found->first_Hz, 82.4)) < 5.0);
    }
    void theJobsStringsLimitIt() {
        Expected expected;
        expected.count = 2;
        expected.first_Hz = {82.4, 110.0};
        QVERIFY(seriesOf(series(90.0, 1e-4, falling), expected, {}));
        QVERIFY(seriesOf(series(164.8, 1e-4, falling), expected, {})); // a harmonic of the first
        const auto far = seriesOf(series(300.0, 1e-4, falling), expected, {});
        QVERIFY(!far || far->first_Hz < 200.0); // as much as may be: partials of a lower one
        expected.asked = 1;
        expected.aim_Hz = 280.0; // far from where it was, and its peg is in hand
        const auto inHand = seriesOf(series(300.0, 1e-4, falling), expected, {});
        QVERIFY(inHand && std::abs(centsOff(inHand->first_Hz, 300.0)) < 3.0);
    }
    void nothingIsMadeOfNothing() {
        QVERIFY(!seriesOf({}, {}, {}));
        const std::vector<Peak> unlike{{97.0, 1.0}, {153.0, 0.9}, {241.0, 0.8}, {377.0, 1.0}, {611.0, 0.7}};
        QVERIFY(!seriesOf(unlike, {}, {}));
        QVERIFY(!seriesOf(std::vector<Peak>{{120.0, 1.0}}, {}, {}));
    }
    void aHighStringOverASofterLowOneIsTheHighOne() {
        std::vector<double> soft = falling;
        for (double& amplitude : soft)
            amplitude *= 0.2;
        const auto found = seriesOf(together(series(83.0, 1e-4, soft), series(249.5, 1e-4, falling)), {}, {});
        QVERIFY(found && std::abs(centsOff(found->first_Hz, 249.5)) < 6.0);
    }
    void whatASeriesExplainsGoesAway() {
        Spectrum spectrum(8192);
        std::vector<double> sound = plucked({}, 0.5, 8);
        const std::vector<double> other = sine(1266.0, 0.05, 0.5);
        for (std::size_t k = 0; k < sound.size(); ++k)
            sound[k] += other[k];
        spectrum.take(std::span(sound).subspan(600, 4800));
        Peaks peaks;
        peaks.find(spectrum.power(), std::vector<double>(spectrum.power().size(), 0.0), rate_Hz / 8192.0, 3.0);
        const double before = peaks.amplitude();
        peaks.remove({110.0, 1e-4, 1.0, 8});
        QVERIFY(peaks.amplitude() < 0.4 * before);
        QVERIFY(std::any_of(peaks.all().begin(), peaks.all().end(),
                            [](const Peak& peak) { return std::abs(peak.frequency_Hz - 1266.0) < 3.0; }));
    }

    // --- the fit -----------------------------------------------------------------------------------------------------

    void pitchStretchAndGlideAreFound_data() {
        QTest::addColumn<double>("glide_cents");
        QTest::addColumn<double>("glideFor_s");
        QTest::newRow("none") << 0.0 << 0.1;
        QTest::newRow("short") << 8.0 << 0.07;
        QTest::newRow("usual") << 6.0 << 0.15;
        QTest::newRow("long") << 10.0 << 0.3;
    }
    void pitchStretchAndGlideAreFound() {
        QFETCH(double, glide_cents);
        QFETCH(double, glideFor_s);
        const HearingOptions options;
        PluckFit fit(rate_Hz, options);
        for (std::uint32_t seed = 0; seed < 6; ++seed) {
            PluckedString string;
            string.first_Hz = 75.0 + 40.0 * seed;
            string.stretch = 1.2e-4;
            string.glide_cents = glide_cents;
            string.glideFor_s = glideFor_s;
            const std::vector<double> sound = plucked(string, 0.7, seed);
            const auto from = static_cast<std::size_t>(0.05 * rate_Hz);
            // Begun a few cents beside it, as a spectrum would.
            const Series about{string.first_Hz * 1.002, 0.9e-4, 1.0, 10};
            const FittedPluck found = fit.fit(std::span(sound).subspan(from), 0.05, about, true);
            QVERIFY(found.ok);
            const double off = centsOff(found.first_Hz, string.first_Hz);
            QVERIFY2(std::abs(off) < 0.8, qPrintable(QStringLiteral("%1 Hz: %2").arg(string.first_Hz).arg(off)));
            QVERIFY(std::abs(found.stretch - string.stretch) < 2e-5);
            QVERIFY(found.decay_dBps > 3.0 && found.decay_dBps < 75.0);
            QVERIFY(std::abs(found.drift_centsPerS) < 6.0);
        }
    }
    void aMovingPitchDrifts() {
        const HearingOptions options;
        PluckFit fit(rate_Hz, options);
        PluckedString string;
        string.glide_cents = 0.0;
        string.turned_cents = 40.0;
        string.turnFor_s = 2.0;
        const std::vector<double> sound = plucked(string, 0.7, 3);
        const FittedPluck found = fit.fit(std::span(sound).subspan(600), 0.05, {108.0, 1e-4, 1.0, 10}, true);
        QVERIFY(found.ok);
        QVERIFY2(found.drift_centsPerS > 15.0, qPrintable(QString::number(found.drift_centsPerS)));
    }
    void tooLittleSoundIsNoFit() {
        PluckFit fit(rate_Hz, {});
        const std::vector<double> sound = plucked({}, 0.06, 3);
        QVERIFY(!fit.fit(sound, 0.0, {110.0, 1e-4, 1.0, 5}, true).ok);
        QVERIFY(!fit.fit({}, 0.0, {110.0, 1e-4, 1.0, 5}, true).ok);
    }

    // --- the string that is synthesised ------------------------------------------------------------------------------

    void aPluckedStringFadesAsItSays() {
        PluckedString string;
        string.fades_s = 2.0;
        const std::vector<double> sound = plucked(string, 2.2, 1);
        const auto power = [&](double from_s) {
            double sum = 0.0;
            for (std::size_t k = static_cast<std::size_t>(from_s * rate_Hz);
                 k < static_cast<std::size_t>((from_s + 0.1) * rate_Hz); ++k)
                sum += sound[k] * sound[k];
            return 10.0 * std::log10(sum);
        };
        const double fell_dB = power(0.5) - power(1.5);
        QVERIFY2(fell_dB > 27.0 && fell_dB < 45.0, qPrintable(QString::number(fell_dB))); // upper partials go sooner
        QCOMPARE(plucked(string, 0.2, 9), plucked(string, 0.2, 9));
        QVERIFY(plucked(string, 0.2, 9) != plucked(string, 0.2, 10));
    }
};

QTEST_APPLESS_MAIN(TestHearingParts)
#include "test_hearing_parts.moc"
