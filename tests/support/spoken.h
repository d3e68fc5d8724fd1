// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/languages.h"
#include "domain/job/edits.h"
#include "support/window.h"
#include "widgets/controls/scene_view.h"

#include <QPushButton>
#include <QScrollBar>
#include <QTranslator>

namespace flenzo::testing {

/// A window that speaks one of the languages.
class SpokenFixture : protected WindowFixture {
protected:
    void speak(const QString& language) {
        QVERIFY(languages().contains(language));
        QVERIFY(translator_.load(QStringLiteral("flenzo_") + language, QStringLiteral(":/flenzo/translations")));
        QCoreApplication::installTranslator(&translator_);
    }
    void endSpeaking() {
        endShop();
        QCoreApplication::removeTranslator(&translator_);
    }
    static void everyLanguage() {
        QTest::addColumn<QString>("language");
        QTest::newRow("German") << "de";
        QTest::newRow("Spanish") << "es";
    }

    /// No scroll bar at the bench, every lane in sight, no word cut, and the window no larger than the screen.
    void benchFits(const QSize& screen, const QString& what) {
        for (int k = 0; k < 4; ++k)
            QCoreApplication::processEvents();
        QVERIFY2(window_->size() == screen, qPrintable(what));
        auto* lanes = find<SceneView>("lanes");
        QVERIFY2(lanes->visibleRegion().boundingRect().size() == lanes->size(), qPrintable(what));
        const auto strings = static_cast<int>(session().job().rig.strings.size());
        const double least_px = basePixels(window_->context().preferences()) * 0.45;
        for (int i = 0; i < strings; ++i)
            QVERIFY2(lanes->scene().find(QStringLiteral("lane-%1").arg(i))->points.boundingRect().height() > least_px,
                     qPrintable(what));
        for (QWidget* up = lanes; up; up = up->parentWidget())
            if (const auto* area = qobject_cast<QScrollArea*>(up))
                QVERIFY2(!area->verticalScrollBar()->isVisible() && !area->horizontalScrollBar()->isVisible(),
                         qPrintable(what));
        for (const QWidget* each : window_->findChildren<QWidget*>()) {
            if (!each->isVisible() || each->visibleRegion().isEmpty())
                continue;
            const auto* button = qobject_cast<const QPushButton*>(each);
            const auto* label = qobject_cast<const QLabel*>(each);
            const bool shortened = label && label->sizePolicy().horizontalPolicy() == QSizePolicy::Ignored;
            const QString named = what + QLatin1Char(' ') + each->objectName();
            if (button)
                QVERIFY2(button->width() >= button->minimumSizeHint().width(), qPrintable(named));
            if (label && !label->wordWrap() && !shortened)
                QVERIFY2(label->width() >= label->minimumSizeHint().width(), qPrintable(named));
            if (label && label->wordWrap())
                QVERIFY2(label->height() >= label->heightForWidth(label->width()), qPrintable(named));
        }
    }
    void look(double scale, bool dark) const {
        window_->context().change([&](Preferences& preferences) {
            preferences.textScale = scale;
            preferences.dark = dark;
        });
    }
    void showBench(std::size_t strings, const QSize& screen, bool answers = false) const {
        Job job = newJob();
        QVERIFY(!setStringCount(job, strings, window_->context().catalogue()));
        if (answers)
            job.simulatedSeed = 3;
        QVERIFY(!session().addToLogbook(job, Unsaved::Discard));
        window_->resize(screen);
        window_->showBench();
    }

    const QSize usual_{1280, 800}, small_{1024, 700};
    QTranslator translator_;
};

} // namespace flenzo::testing
