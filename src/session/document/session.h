// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document/deriver.h"
#include "session/document/job_keeper.h"
#include "session/document/remaining_player.h"
#include "session/document/undo_stacks.h"

#include <QObject>
#include <functional>

namespace flenzo {

/// What becomes of changes that are in no file when another job takes the open one's place.
enum class Unsaved {
    Refuse, ///< the open job stays
    Discard ///< somebody was asked
};

/// The open job: edits with undo, the figures that follow from it, its file and its recovery copy. What changes the job
/// blocks until the change is on disk or kept beside (logbook.h says how long), then for its answer as long as
/// `setPatience` allows. None of it may be called while `jobChanged` or `deriving` is being told, nor by an edit's own
/// function.
class Session : public QObject {
    Q_OBJECT
public:
    /// `recoveryFolder` holds the copy that outlives a crash.
    explicit Session(const QString& recoveryFolder, QObject* parent = nullptr);
    ~Session() override;

    [[nodiscard]] const Job& job() const { return job_; }
    /// What follows from the job; blocks where it is still being worked out, some milliseconds to a second.
    [[nodiscard]] const Derived& derived() const { return deriver_->latest(); }
    /// How long a change may hold the window up for its answer before the answer comes by itself: shorter than one
    /// picture, so that what was typed and what follows appear at once wherever they can.
    void setPatience(std::chrono::milliseconds patience) { patience_ = patience; }
    [[nodiscard]] QUndoStack& undoStack() { return undos_.open(); } ///< the open job's; see `undoMoved`
    [[nodiscard]] const QString& path() const { return path_; }
    /// Whether anything would be lost by leaving the job; never one that is kept in a logbook.
    [[nodiscard]] bool isModified() const { return !isKept() && !undos_.open().isClean(); }
    [[nodiscard]] bool isKept() const { return keeper_.isKept(); }
    [[nodiscard]] std::optional<qint64> keptAs() const { return keeper_.keptAs(); }
    /// The shop's memory; jobs started by `keep` or `openKept` are on its disk before a screen shows what changed.
    void setLogbook(std::shared_ptr<Logbook> logbook);
    [[nodiscard]] const std::shared_ptr<Logbook>& logbook() const { return keeper_.logbook(); }
    /// Whether the server does not answer, or two benches' work has to be put together by hand: what is entered is kept
    /// beside until that is over.
    [[nodiscard]] bool isAway() const { return keeper_.isAway(); }
    /// Reaches for the server again, and puts together what was entered here and there meanwhile.
    std::optional<Fault> comeBack();
    /// Goes on with what a crash or a closing left behind while the server was away.
    std::optional<Fault> comeBackWith(const Recovery::Leftover& leftover, Unsaved unsaved = Unsaved::Refuse);
    /// Under which the logbook remembers the open job; each bench has its own.
    [[nodiscard]] QString openJobSetting() const { return keeper_.openJobSetting(); }
    [[nodiscard]] const std::optional<JobConflict>& conflict() const { return keeper_.conflict(); }
    /// One goes on as the job, the other becomes a job of its own: nothing is lost.
    std::optional<Fault> settleConflict(bool goOnWithMine);

    /// Changes the job as one undoable step. A change that makes no sound job is refused whole, with the reason.
    std::optional<Fault> edit(const QString& text, const std::function<void(Job&)>& change);
    /// Appends one event; a reading that is far from everything expected is refused with a question, in inches where
    /// lengths are typed so.
    std::optional<Fault> append(const QString& text, Event event, bool inches = false);
    /// Becomes that very job as one undoable step, on disk before anything shows it.
    std::optional<Fault> become(const QString& text, Job after);
    /// Whether what follows from the job is known and shown; before that nobody has seen what is asked.
    [[nodiscard]] bool hasAnswer() const { return hasAnswer_; }

    /// Another job in the open one's place, whose file is forgotten, and its undo unless it is kept; `jobNotSaved`
    /// where anything would be lost by that and nobody was asked. What cannot be opened leaves the open one as it is.
    std::optional<Fault> start(Job job, const QString& path, Unsaved unsaved = Unsaved::Refuse);
    std::optional<Fault> addToLogbook(Job job, Unsaved unsaved = Unsaved::Refuse); ///< and starts it
    std::optional<Fault> openKept(qint64 id, Unsaved unsaved = Unsaved::Refuse); ///< goes on where the logbook left off
    std::optional<Fault> open(const QString& path, Unsaved unsaved = Unsaved::Refuse);
    /// Goes on with what a crash left behind; it is in no file as it is, so leaving it asks.
    std::optional<Fault> restore(const Recovery::Leftover& leftover, Unsaved unsaved = Unsaved::Refuse);
    std::optional<Fault> addOpenJob(); ///< a job that is open from a file, or that lost its place in the logbook
    std::optional<Fault> save(const QString& path);
    /// Waits until the work that remains has been played; for tests and pictures.
    void finishRemaining() { player_.finish(); }
    /// The copy of a job that a crash left behind, if any.
    [[nodiscard]] Recovery& recovery() { return recovery_; }

Q_SIGNALS:
    void jobChanged();       ///< before anything shows it; what follows from it is not known yet
    void deriving();         ///< the job has changed and is on disk; what follows from it is being worked out
    void changed();          ///< job and derived figures
    void remainingChanged(); ///< the work that remains has been played
    void leaving();          ///< a kept job, which is open yet
    void started();          ///< another job is open
    void identityChanged();  ///< path or modified state
    void undoMoved();        ///< what can be undone or redone is another
    void notKept(const flenzo::Fault& fault);  ///< an undo or redo could not be written; it was not done
    void wentAway(const flenzo::Fault& fault); ///< the server; work goes on
    void cameBack();
    void changedElsewhere(); ///< the open job: it is shown as it is there, and undo begins anew
    void removedElsewhere(); ///< the open job: it stays open, in no logbook
    void openElsewhere();    ///< another bench has the job open that is open here
    void conflicted();       ///< see `conflict`
    void shopChanged();      ///< by another bench

private:
    friend class EditCommand;
    [[nodiscard]] std::optional<Fault> wouldLose(Unsaved unsaved) const;
    void begin(Job job, const QString& path, std::optional<qint64> id = std::nullopt);
    void show(Job job);
    void showDerived();
    bool step(const Job& job); ///< undo and redo
    void follow(JobKeeper& keeper);
    void becomeKept(const KeptJob& job, qint64 id);
    void writeRecovery();

    Job job_;
    Deriver* deriver_;
    std::chrono::milliseconds patience_{12};
    bool hasAnswer_ = false; ///< what follows from the job has been shown
    UndoStacks undos_;
    QString path_;
    Recovery recovery_;
    RemainingPlayer player_;
    JobKeeper keeper_{recovery_};
};

} // namespace flenzo
