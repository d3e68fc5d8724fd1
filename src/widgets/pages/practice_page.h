// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/practice/practice_run.h"
#include "store/logbook.h"
#include "widgets/pages/page.h"

class QComboBox;
class QLabel;
class QListWidget;
class QPushButton;
class QStackedWidget;
class QTabWidget;

namespace flenzo {

class PracticeBench;
class PracticeResult;
class SceneView;

/// A ladder of exercises on guitars that answer, what each apprentice made of them, and methods compared by playing
/// them.
class PracticePage : public Page {
    Q_OBJECT
public:
    PracticePage(AppContext& context, const QStringList& guitars, QWidget* parent);
    void refresh() override;
    /// Begins that exercise on the guitar of that seed.
    void begin(const Exercise& exercise, std::uint32_t seed);
    void show(PracticeRun run); ///< goes on with one
    using QWidget::show;
    /// What is practised and by whom, for a page that goes on in another's place.
    struct View {
        QString apprentice;
        std::optional<PracticeRun> run;
        bool isPractising = false;
    };
    [[nodiscard]] View view() const;
    void goOnFrom(const View& view);
    bool openExercise(const QString& path);
    void showMethods(); ///< the comparison of methods
    [[nodiscard]] PracticeBench& bench() { return *bench_; }
    /// Whether keys and pictures belong to the guitar that is practised on.
    [[nodiscard]] bool isPractising() const;
    [[nodiscard]] PracticeResult& result() { return *result_; }
    [[nodiscard]] QString apprentice() const;
    /// Everything an apprentice practised, as one page to print.
    [[nodiscard]] QString summary() const;

Q_SIGNALS:
    void guitarPicked(int index);
    void practising(); ///< began or ended

private:
    QWidget* buildLadder(const QStringList& guitars);
    QWidget* buildGuitars(const QStringList& guitars);
    void refreshLadder();
    void readExercises();
    void readRecords();
    void showPicked();
    void turnTo(QWidget* part);
    void finish();
    void save(const PracticeRun& run);
    void askSummary();
    void askExercise();

    QStackedWidget* stack_;
    QTabWidget* tabs_;
    QComboBox* apprentice_;
    QListWidget* list_;
    QLabel *title_, *story_, *task_, *best_;
    QPushButton *begin_, *goOn_;
    SceneView* progress_;
    PracticeBench* bench_;
    PracticeResult* result_;
    QList<Exercise> exercises_;
    QList<PracticeRecord> records_; ///< of everybody
};

} // namespace flenzo
