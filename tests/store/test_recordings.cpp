// SPDX-License-Identifier: GPL-3.0-or-later
// Sound files: every kind is read, what is kept comes back as it was, damaged ones are told.
#include "core/base/random_stream.h"
#include "domain/base/faults.h"
#include "store/recordings.h"

#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <sndfile.h>

using namespace flenzo;

namespace {

/// A file as other programs write one.
QByteArray written(const std::vector<float>& samples, int format, int rate_Hz = 44100, int channels = 2) {
    QTemporaryDir dir;
    const QString path = dir.filePath(QStringLiteral("sound"));
    SF_INFO info{};
    info.samplerate = rate_Hz;
    info.channels = channels;
    info.format = format;
    SNDFILE* sound = sf_open(path.toUtf8().constData(), SFM_WRITE, &info);
    if (!sound)
        return {};
    sf_write_float(sound, samples.data(), static_cast<sf_count_t>(samples.size()));
    sf_close(sound);
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

/// A string that sounds, the same on both channels.
std::vector<float> sine(int frames) {
    std::vector<float> out;
    for (int k = 0; k < frames; ++k)
        for (int c = 0; c < 2; ++c)
            out.push_back(0.5F * static_cast<float>(std::sin(2.0 * M_PI * 110.0 * k / 44100.0)));
    return out;
}

QString whyNot(const QByteArray& bytes) {
    const Result<Recording> read = recordingFrom(bytes);
    return read.ok() ? QString() : read.fault().sentence();
}

} // namespace

class TestRecordings : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyKindOfFileIsRead_data() {
        QTest::addColumn<int>("format");
        QTest::addColumn<double>("within");
        QTest::newRow("WAV of 8 bits") << int(SF_FORMAT_WAV | SF_FORMAT_PCM_U8) << 0.01;
        QTest::newRow("WAV of 16 bits") << int(SF_FORMAT_WAV | SF_FORMAT_PCM_16) << 1e-4;
        QTest::newRow("WAV of 24 bits") << int(SF_FORMAT_WAV | SF_FORMAT_PCM_24) << 1e-6;
        QTest::newRow("WAV of 32 bits") << int(SF_FORMAT_WAV | SF_FORMAT_PCM_32) << 1e-6;
        QTest::newRow("WAV of floats") << int(SF_FORMAT_WAV | SF_FORMAT_FLOAT) << 0.0;
        QTest::newRow("FLAC") << int(SF_FORMAT_FLAC | SF_FORMAT_PCM_16) << 1e-4;
        QTest::newRow("AIFF") << int(SF_FORMAT_AIFF | SF_FORMAT_PCM_16) << 1e-4;
        QTest::newRow("Ogg") << int(SF_FORMAT_OGG | SF_FORMAT_VORBIS) << 0.05;
    }
    void everyKindOfFileIsRead() {
        QFETCH(int, format);
        QFETCH(double, within);
        const std::vector<float> samples = sine(4410);
        const Result<Recording> read = recordingFrom(written(samples, format));
        QVERIFY2(read.ok(), read.ok() ? "" : qPrintable(read.fault().sentence()));
        QCOMPARE(read.value().rate_Hz, 44100.0);
        QCOMPARE(read.value().channels, std::size_t{2});
        QCOMPARE(read.value().samples.size(), samples.size());
        for (std::size_t k = 0; k < samples.size(); ++k)
            QVERIFY(std::abs(read.value().samples[k] - samples[k]) <= within);
    }

    void aRecordingComesBackAsItWas() {
        for (const std::size_t channels : {1UL, 2UL, 5UL}) {
            Recording made{44100.0, channels, {}};
            RandomStream random(4, 4);
            for (std::size_t k = 0; k < 700 * channels; ++k)
                made.samples.push_back(static_cast<float>(random.between(-1.0, 1.0)));
            const Result<Recording> back = recordingFrom(wavBytes(made));
            QVERIFY(back.ok());
            QCOMPARE(back.value().rate_Hz, made.rate_Hz);
            QCOMPARE(back.value().channels, channels);
            QCOMPARE(back.value().samples, made.samples);
        }
        Recording broken{44100.0, 1, std::vector<float>(1000, 0.5F)}; // a click or two are silence
        broken.samples[1] = std::nanf("");
        broken.samples[2] = INFINITY;
        const std::vector<float> back = recordingFrom(wavBytes(broken)).value().samples;
        QCOMPARE(back.size(), broken.samples.size());
        QVERIFY(back[0] == 0.5F && back[1] == 0.0F && back[2] == 0.0F && back[3] == 0.5F);
    }

    /// Every length cut, every byte of a head changed: a sound or a fault, never a crash or more than there was.
    void damagedFilesAreTold() {
        const QByteArray good = written(std::vector<float>(64, 0.25F), SF_FORMAT_WAV | SF_FORMAT_PCM_16, 48000, 1);
        QCOMPARE(whyNot(good), QString());
        for (qsizetype size = 0; size + 1 < good.size(); ++size)
            QVERIFY2(!whyNot(good.left(size)).isEmpty(), qPrintable(QString::number(size)));
        for (qsizetype at = 0; at < 44; ++at)
            for (const int value : {0, 1, 0x7f, 0x80, 0xff}) {
                QByteArray bad = good;
                bad[at] = static_cast<char>(value);
                if (const Result<Recording> read = recordingFrom(bad); read.ok())
                    QVERIFY(read.value().samples.size() <= static_cast<std::size_t>(good.size()));
            }
        QByteArray streamed = good; // by a program that wrote as it recorded and never went back to the head
        streamed.replace(4, 4, QByteArray(4, char(0xff))).replace(40, 4, QByteArray(4, char(0xff)));
        QCOMPARE(whyNot(streamed), QString());
        QCOMPARE(recordingFrom(streamed).value().frames(), std::size_t{64});
        QByteArray says = good; // a head that is right about the file, and a part that is not
        says.replace(40, 4, QByteArray("\x00\x10\x00\x00", 4));
        QVERIFY(whyNot(says).contains(QLatin1String("cut short")));
        const std::vector<float> holes(1000, std::numeric_limits<float>::quiet_NaN());
        QVERIFY(whyNot(written(holes, SF_FORMAT_WAV | SF_FORMAT_FLOAT, 48000, 1)).contains(QLatin1String("numbers")));
        const QByteArray flac = written(sine(44100), SF_FORMAT_FLAC | SF_FORMAT_PCM_16);
        QVERIFY(whyNot(flac.left(flac.size() / 2)).contains(QLatin1String("cut short")));
        const QByteArray aiff = written(sine(4410), SF_FORMAT_AIFF | SF_FORMAT_PCM_16);
        QVERIFY(whyNot(aiff.left(aiff.size() / 2)).contains(QLatin1String("cut short")));
        QVERIFY(whyNot("This is a letter, not a sound.").contains(QLatin1String("no sound that can be read")));
        QVERIFY(whyNot(written({0.5F}, SF_FORMAT_WAV | SF_FORMAT_PCM_16, 4000, 1)).contains(QLatin1String("rate")));
        QVERIFY(whyNot(written({}, SF_FORMAT_WAV | SF_FORMAT_PCM_16, 48000, 1)).contains(QLatin1String("no sound")));
    }
};

QTEST_GUILESS_MAIN(TestRecordings)
#include "test_recordings.moc"
