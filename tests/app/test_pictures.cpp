// SPDX-License-Identifier: GPL-3.0-or-later
// The program that makes the pictures of README and user guide makes every one that they show.
#include <QDir>
#include <QFile>
#include <QImage>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>

class TestPictures : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyPictureShownIsMade() {
        const QTemporaryDir dir;
        QProcess program;
        program.setProcessChannelMode(QProcess::ForwardedErrorChannel);
        program.start(QStringLiteral(FLENZO_PICTURES), {dir.path()});
        QVERIFY(program.waitForFinished(600000));
        QCOMPARE(program.exitStatus(), QProcess::NormalExit);
        QCOMPARE(program.exitCode(), 0);
        int shown = 0;
        for (const char* page : {"README.md", "docs/user-guide.md"}) {
            QFile file(QDir(QStringLiteral(FLENZO_SOURCE_DIR)).filePath(QLatin1String(page)));
            QVERIFY2(file.open(QIODevice::ReadOnly), page);
            static const QRegularExpression link(QStringLiteral("screenshots/([a-z-]+\\.png)"));
            auto links = link.globalMatch(QString::fromUtf8(file.readAll()));
            for (; links.hasNext(); ++shown) {
                const QString name = links.next().captured(1);
                const QImage picture(QDir(dir.path()).filePath(name));
                QVERIFY2(!picture.isNull(), qPrintable(name));
                if (name != QLatin1String("dark.png")) // several views on one sheet
                    QCOMPARE(picture.size(), QSize(1280, 800));
            }
        }
        QVERIFY(shown > 15);
        for (const char* drawing : {"parts/side.png", "parts/above.png", "parts/behind.png"}) {
            const QImage picture(QDir(dir.path()).filePath(QLatin1String(drawing)));
            QVERIFY2(!picture.isNull(), drawing);
            QFile file(QDir(QStringLiteral(FLENZO_SOURCE_DIR "/docs")).filePath(QLatin1String(drawing)));
            QVERIFY2(file.open(QIODevice::ReadOnly), drawing); // the guide's
        }
    }

    void aFolderThatCannotBeMadeIsSaid() {
        const QTemporaryDir dir;
        QFile file(QDir(dir.path()).filePath(QStringLiteral("taken")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        QProcess program;
        program.start(QStringLiteral(FLENZO_PICTURES), {file.fileName()});
        QVERIFY(program.waitForFinished(60000));
        QCOMPARE(program.exitCode(), 1);
        QVERIFY(program.readAllStandardError().contains("choose another folder"));
    }
};

QTEST_GUILESS_MAIN(TestPictures)
#include "test_pictures.moc"
