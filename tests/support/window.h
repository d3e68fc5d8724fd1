// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/main_window.h"
#include "app/shop_place.h"
#include "domain/work/step.h"
#include "store/catalogue_files.h"
#include "support/place.h"

#include "widgets/look.h"
#include "widgets/pages/job_page.h"

#include <QAbstractButton>
#include <QAction>
#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QScrollArea>
#include <QTabBar>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <memory>

namespace flenzo::testing {

/// Everything a window keeps, in one folder of a test.
inline ShellPaths pathsIn(const QString& folder) {
    const QDir dir(folder);
    return {dir.filePath(QStringLiteral("recovery")), dir.filePath(QStringLiteral("flenzo.ini")),
            dir.filePath(QStringLiteral("own.json")), dir.filePath(QStringLiteral("shop.flenzo-logbook"))};
}

/// A window on the shop of that folder, active so that it hears keys; nothing if it does not come.
inline std::unique_ptr<MainWindow> windowOn(const QString& folder) {
    auto window = std::make_unique<MainWindow>(pathsIn(folder), bundledCatalogue().value());
    // Answers are waited for, however slow the machine is; tests of the waiting itself ask otherwise.
    window->context().session().setPatience(std::chrono::minutes(1));
    window->shop().open();
    window->resize(1280, 800);
    window->show();
    window->activateWindow();
    return QTest::qWaitForWindowActive(window.get()) ? std::move(window) : nullptr;
}

/// Presses a button of the next question, of what asks before it goes on.
inline void answerNext(QMessageBox::StandardButton with) {
    auto* looks = new QTimer(qApp); // until it asks: something may be read first
    QObject::connect(looks, &QTimer::timeout, looks, [with, looks] {
        if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
            looks->deleteLater();
            box->button(with)->click();
        }
    });
    looks->start(1);
}

/// A shop of its own for each test of a window.
class WindowFixture {
protected:
    void beginShop() {
        loadTypeface();
        dir_ = std::make_unique<QTemporaryDir>();
        open();
    }
    void open() {
        window_ = windowOn(dir_->path());
        QVERIFY(window_);
    }
    void endShop() {
        if (window_)
            session().undoStack().setClean(); // or closing would ask
        window_.reset();
        dir_.reset();
    }
    [[nodiscard]] Session& session() const { return window_->context().session(); }
    [[nodiscard]] BenchEntry& bench() const { return window_->context().bench(); }
    [[nodiscard]] const Derived& derived() const { return session().derived(); }
    [[nodiscard]] JobPage& work() const { return *window_->findChild<JobPage*>(); }
    [[nodiscard]] Logbook& book() const { return *session().logbook(); }
    template <class T = QLabel> [[nodiscard]] T* find(const char* name) const {
        return window_->findChild<T*>(QLatin1String(name));
    }
    [[nodiscard]] QString text(const char* name) const { return find<QLabel>(name)->text(); }

    /// Everything a user can read on the window now.
    [[nodiscard]] QStringList textsNow() const {
        QStringList texts;
        for (const QWidget* widget : window_->findChildren<QWidget*>()) {
            if (!widget->isVisible())
                continue;
            texts.append(widget->toolTip());
            if (const auto* label = qobject_cast<const QLabel*>(widget))
                texts.append(label->text());
            if (const auto* button = qobject_cast<const QAbstractButton*>(widget))
                texts.append(button->text());
            if (const auto* field = qobject_cast<const QLineEdit*>(widget))
                texts.append(field->placeholderText());
            if (const auto* combo = qobject_cast<const QComboBox*>(widget))
                for (int k = 0; k < combo->count(); ++k)
                    texts.append(combo->itemText(k));
            if (const auto* tabs = qobject_cast<const QTabBar*>(widget))
                for (int k = 0; k < tabs->count(); ++k)
                    texts.append(tabs->tabText(k));
            if (const auto* header = qobject_cast<const QHeaderView*>(widget))
                for (int k = 0; header->model() && k < header->count(); ++k)
                    texts.append(header->model()->headerData(k, header->orientation()).toString());
        }
        for (const QAction* action : window_->findChildren<QAction*>())
            texts.append(action->text());
        return texts;
    }

    /// Nothing of the step that is looked at is cut off sideways in a window of that size.
    void nothingIsCutOff(StepId step, const QSize& size) const {
        const QString name = QLatin1String(specOf(step).name);
        window_->lookAt(step);
        for (int k = 0; k < 3; ++k)
            QCoreApplication::processEvents();
        QVERIFY2(window_->width() <= size.width(), qPrintable(name));
        for (const auto* area : window_->findChildren<QScrollArea*>())
            if (!QTest::currentTestFailed() && area->isVisible() && area->widget() &&
                !area->objectName().startsWith(QLatin1String("qt_")))
                QVERIFY2(area->widget()->width() <= area->viewport()->width(),
                         qPrintable(QStringLiteral("%1 %2: %3 in %4")
                                        .arg(name, QLatin1String(area->metaObject()->className()))
                                        .arg(area->widget()->width())
                                        .arg(area->viewport()->width())));
    }

    /// Runs a statement on the logbook behind the program's back.
    void onTheLogbook(const char* statement) const {
        QCOMPARE(behind(pathsIn(dir_->path()).logbookFile, QLatin1String(statement)), QString());
    }

    std::unique_ptr<QTemporaryDir> dir_;
    std::unique_ptr<MainWindow> window_;
};

} // namespace flenzo::testing
