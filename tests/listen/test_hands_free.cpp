// SPDX-License-Identifier: GPL-3.0-or-later
// What makes listening hands-free around the pluck itself: a clock set by a tone, a hand that mutes the strings twice,
// recordings, and an ear that allocates nothing while it runs.
#include "listen/hearing/mute_gesture.h"
#include "listen/hearing/reference_tone.h"
#include "support/sounds.h"

#include <QTest>
#include <atomic>
#include <cstdlib>
#include <new>

namespace {

std::atomic<std::size_t> allocations{0};

void* counted(std::size_t size) {
    ++allocations;
    if (void* made = std::malloc(size > 0 ? size : 1)) // NOLINT: it stands in for the allocator
        return made;
    throw std::bad_alloc();
}

} // namespace

void* operator new(std::size_t size) {
    return counted(size);
}
void* operator new[](std::size_t size) {
    return counted(size);
}
void operator delete(void* gone) noexcept {
    std::free(gone); // NOLINT
}
void operator delete[](void* gone) noexcept {
    std::free(gone); // NOLINT
}
void operator delete(void* gone, std::size_t) noexcept {
    std::free(gone); // NOLINT
}
void operator delete[](void* gone, std::size_t) noexcept {
    std::free(gone); // NOLINT
}

using namespace flenzo;
using namespace flenzo::testing;

namespace {

constexpr double pi = std::numbers::pi;
constexpr double rate_Hz = 24000.0;

std::vector<float> tone(double frequency_Hz, double amplitude, double seconds, double atRate_Hz = rate_Hz) {
    std::vector<float> out(static_cast<std::size_t>(seconds * atRate_Hz));
    for (std::size_t k = 0; k < out.size(); ++k)
        out[k] = static_cast<float>(amplitude * std::sin(2.0 * pi * frequency_Hz * static_cast<double>(k) / atRate_Hz));
    return out;
}

void addNoise(std::vector<float>& sound, double amplitude, std::uint32_t seed) {
    RandomStream random(seed, 5);
    for (float& sample : sound)
        sample += static_cast<float>(random.normal(amplitude));
}

/// A bench on which strings ring and a hand mutes them.
class Bench {
public:
    explicit Bench(double seconds, std::uint32_t seed = 1)
        : sound_(static_cast<std::size_t>(seconds * rate_Hz), 0.0F), seed_(seed) {
        addNoise(sound_, 2e-4, seed);
    }
    Bench& pluck(double at_s, double first_Hz) {
        PluckedString string;
        string.first_Hz = first_Hz;
        addPluck(sound_, rate_Hz, at_s, string, seed_ + static_cast<std::uint32_t>(100.0 * at_s));
        return *this;
    }
    /// A hand falls on the strings: what sounds is gone in some hundredths of a second, with a dull thud.
    Bench& mute(double at_s) {
        RandomStream random(seed_, static_cast<std::uint32_t>(1000.0 * at_s));
        for (auto k = static_cast<std::size_t>(at_s * rate_Hz); k < sound_.size(); ++k) {
            const double t = static_cast<double>(k) / rate_Hz - at_s;
            sound_[k] = static_cast<float>(sound_[k] * std::exp(-t / 0.012) + 1e-4 * random.normal(1.0) +
                                           0.12 * std::exp(-t / 0.02) * std::sin(2.0 * pi * 140.0 * t));
        }
        return *this;
    }
    [[nodiscard]] int gestures(std::size_t block = 480) const {
        MuteGesture gesture(rate_Hz);
        int count = 0;
        for (std::size_t from = 0; from < sound_.size(); from += block)
            count += gesture.feed(std::span(sound_).subspan(from, std::min(block, sound_.size() - from))) ? 1 : 0;
        return count;
    }

private:
    std::vector<float> sound_;
    std::uint32_t seed_;
};

int gesturesIn(const SoundCase& what) {
    MuteGesture gesture(what.rate_Hz);
    int count = 0;
    for (std::size_t from = 0; from < what.sound.size(); from += 256)
        count += gesture.feed(std::span(what.sound).subspan(from, std::min<std::size_t>(256, what.sound.size() - from)))
                     ? 1
                     : 0;
    return count;
}

} // namespace

class TestHandsFree : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // --- the clock ---

    void aToneTellsTheClock_data() {
        QTest::addColumn<double>("nominal");
        QTest::addColumn<double>("ppm");
        QTest::addColumn<double>("atRate");
        for (const double ppm : {-180.0, -12.0, 0.0, 35.0, 600.0})
            QTest::addRow("%g ppm", ppm) << 440.0 << ppm << 48000.0;
        QTest::newRow("a low tone") << 110.0 << 35.0 << 44100.0;
        QTest::newRow("a slow card") << 261.626 << -35.0 << 11025.0;
    }
    void aToneTellsTheClock() {
        QFETCH(double, nominal);
        QFETCH(double, ppm);
        QFETCH(double, atRate);
        // A clock that runs fast puts more samples into a second, so the tone looks low.
        std::vector<float> sound = tone(nominal / (1.0 + 1e-6 * ppm), 0.1, 6.0, atRate);
        addNoise(sound, 0.01, 7);
        ReferenceTone reference(atRate, nominal);
        QVERIFY(!reference.measured() && reference.progress() == 0.0);
        reference.feed(sound);
        const auto found = reference.measured();
        QVERIFY(found && reference.progress() == 1.0);
        QVERIFY2(std::abs(found->ppm - ppm) < std::max(1.0, 3.0 * found->deviation_ppm),
                 qPrintable(QStringLiteral("%1 ± %2").arg(found->ppm).arg(found->deviation_ppm)));
        QVERIFY(found->deviation_ppm < 5.0);
    }
    void whatIsNoSuchToneTellsNothing() {
        const auto clockOf = [](const std::vector<float>& sound) {
            ReferenceTone reference(rate_Hz, 440.0);
            reference.feed(sound);
            return reference.measured();
        };
        QVERIFY(!clockOf(tone(442.0, 0.1, 6.0))); // another tone
        QVERIFY(!clockOf(tone(440.0, 0.1, 3.0))); // too short
        QVERIFY(!clockOf(std::vector<float>(static_cast<std::size_t>(6.0 * rate_Hz), 0.0F)));
        std::vector<float> noise(static_cast<std::size_t>(6.0 * rate_Hz), 0.0F);
        addNoise(noise, 0.1, 3);
        QVERIFY(!clockOf(noise));
        std::vector<float> broken = tone(440.0, 0.1, 6.0);
        std::fill(broken.begin() + 60000, broken.begin() + 84000, 0.0F);
        QVERIFY(!clockOf(broken));
        broken.front() = std::numeric_limits<float>::quiet_NaN();
        QVERIFY(!clockOf(broken));
    }

    // --- muting twice ---

    void aHandThatFallsTwiceIsASign() {
        for (std::uint32_t seed = 1; seed < 9; ++seed) {
            Bench ringing(4.0, seed);
            ringing.pluck(0.3, 82.4).pluck(0.9, 110.0).mute(1.8).mute(2.3);
            QCOMPARE(ringing.gestures(), 1);
            QCOMPARE(ringing.gestures(113), 1); // however it comes in
            Bench quiet(4.0, seed);
            quiet.mute(1.5).mute(1.5 + 0.04 * (seed + 5));
            QCOMPARE(quiet.gestures(), 1);
            Bench twice(7.0, seed);
            twice.pluck(0.3, 146.8).mute(1.5).mute(1.9).mute(4.5).mute(4.9);
            QCOMPARE(twice.gestures(), 2); // and the same goes on
        }
    }
    void usualWorkIsNone() {
        Bench once(4.0);
        once.pluck(0.4, 110.0).mute(1.8);
        QCOMPARE(once.gestures(), 0);
        Bench slow(5.0);
        slow.pluck(0.4, 110.0).mute(1.4).mute(3.2);
        QCOMPARE(slow.gestures(), 0);
        Bench goesOn(5.0);
        goesOn.pluck(0.4, 110.0).mute(1.4).mute(1.9).pluck(2.1, 146.8);
        QCOMPARE(goesOn.gestures(), 0);
        Bench inTurn(9.0); // plucked, stopped, the next one
        for (int k = 0; k < 6; ++k)
            inTurn.pluck(0.4 + 1.4 * k, 82.4 + 30.0 * k).mute(1.3 + 1.4 * k);
        QCOMPARE(inTurn.gestures(), 0);
        Bench drummed(5.0);
        for (int k = 0; k < 6; ++k)
            drummed.mute(0.5 + 0.4 * k);
        QCOMPARE(drummed.gestures(), 0);
    }
    void whatElseIsHeardIsNone_data() {
        QTest::addColumn<int>("kind");
        for (const auto& [kind, name] : sounds())
            QTest::newRow(name) << static_cast<int>(kind);
    }
    void whatElseIsHeardIsNone() {
        QFETCH(int, kind);
        int wrong = 0;
        for (std::uint32_t seed = 0; seed < 12; ++seed)
            wrong += gesturesIn(soundCase(static_cast<Sound>(kind), 500 + seed));
        QCOMPARE(wrong, 0);
    }

    // --- nothing is allocated while it runs ---

    void theEarAllocatesNothing() {
        for (const Sound kind : {Sound::InTurn, Sound::Peg, Sound::Ringing, Sound::Speech, Sound::Chord}) {
            const SoundCase what = soundCase(kind, 31);
            PluckListener listener(what.rate_Hz);
            listener.expect(what.expected);
            MuteGesture gesture(what.rate_Hz);
            constexpr std::size_t block = 512;
            int heard = 0;
            const std::size_t before = allocations;
            for (std::size_t from = 0; from < what.sound.size(); from += block) {
                const auto piece = std::span(what.sound).subspan(from, std::min(block, what.sound.size() - from));
                listener.feed(piece);
                std::ignore = gesture.feed(piece);
                while (listener.next())
                    ++heard;
            }
            const std::size_t after = allocations;
            QCOMPARE(after - before, std::size_t{0});
            QCOMPARE(heard > 0, hasPlucks(kind));
        }
    }
};

QTEST_APPLESS_MAIN(TestHandsFree)
#include "test_hands_free.moc"
