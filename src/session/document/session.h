// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document/deriver.h"
#include "session/document/recovery.h"
#include "session/document/remaining_player.h"
#include "session/document/server_link.h"
#include "store/logbook.h"

#include <QObject>
#include <QUndoStack>
#include <functional>

namespace flenzo {

/// What another bench made of the open job, which cannot be had together with what was made of it here.
struct JobConflict {
    Job theirs;
    QStringList fields; ///< that both changed, as in `flenzo-job`
};

/// What becomes of changes that are in no file when another job takes the open one's place.
enum class Unsaved {
    Refuse, ///< the open job stays
    Discard ///< somebody was asked
};

/// The open job: edits with undo, the figures that follow from it, its file and its recovery copy.
class Session : public QObject {
    Q_OBJECT
public:
    /// `recoveryFolder` holds the copy that outlives a crash.
    explicit Session(const QString& recoveryFolder, QObject* parent = nullptr);
    ~Session() override;

    [[nodiscard]] const Job& job() const { return job_; }
    /// What follows from the job; waits for it where it is still being worked out.
    [[nodiscard]] const Derived& derived() const { return deriver_->latest(); }
    /// How long a change may hold the window up for its answer before the answer comes by itself: shorter than one
    /// picture, so that what was typed and what follows appear at once wherever they can.
    void setPatience(std::chrono::milliseconds patience) { patience_ = patience; }
    [[nodiscard]] QUndoStack& undoStack() { return undo_; }
    [[nodiscard]] const QString& path() const { return path_; }
    /// Whether anything would be lost by leaving the job; never one that is kept in a logbook.
    [[nodiscard]] bool isModified() const { return !isKept() && !undo_.isClean(); }
    [[nodiscard]] bool isKept() const { return keptAs_.has_value(); }
    [[nodiscard]] std::optional<qint64> keptAs() const { return keptAs_; }
    /// The shop's memory; jobs started by `keep` or `openKept` are on its disk before a screen shows what changed.
    void setLogbook(std::shared_ptr<Logbook> logbook);
    [[nodiscard]] const std::shared_ptr<Logbook>& logbook() const { return logbook_; }
    /// Whether the server does not answer, or two benches' work has to be put together by hand: what is entered is kept
    /// beside until that is over.
    [[nodiscard]] bool isAway() const { return away_.has_value(); }
    /// Reaches for the server again, and puts together what was entered here and there meanwhile.
    std::optional<Fault> comeBack();
    /// Goes on with what a crash or a closing left behind while the server was away.
    std::optional<Fault> comeBackWith(const Recovery::Leftover& leftover, Unsaved unsaved = Unsaved::Refuse);
    [[nodiscard]] QString openJobSetting() const; ///< under which the logbook remembers it; each bench has its own
    [[nodiscard]] const std::optional<JobConflict>& conflict() const { return conflict_; }
    /// One goes on as the job, the other becomes a job of its own: nothing is lost.
    std::optional<Fault> settleConflict(bool goOnWithMine);
    /// The string the next typed reading is for, or none when the gap is wanted.
    [[nodiscard]] std::optional<std::size_t> pickedString() const;
    [[nodiscard]] bool gapPicked() const;
    void pickString(std::optional<std::size_t> string); ///< nothing: back to the one the next act asks for
    void pickGap();

    /// Changes the job as one undoable step. A change that makes no sound job is refused whole, with the reason.
    std::optional<Fault> edit(const QString& text, const std::function<void(Job&)>& change);
    /// What was typed on the bench: goes into the log as the act it answers.
    std::optional<Fault> enter(const QString& text, bool inches);
    /// The act was done as asked: claw turned, block out, string tuned to its aim.
    std::optional<Fault> confirmAct();
    /// Yes or no to what is asked: an entry that was otherwise, or a string that is off.
    std::optional<Fault> answer(bool yes);
    /// Appends one event as it is.
    std::optional<Fault> append(const QString& text, Event event);
    /// The simulated guitar does and reads what is asked. Only for jobs that have one.
    std::optional<Fault> letSimulationAnswer();

    /// Another job in the open one's place, whose undo and file are forgotten; `jobNotSaved` where anything would be
    /// lost by that and nobody was asked. What cannot be opened leaves the open one as it is.
    std::optional<Fault> start(Job job, const QString& path, Unsaved unsaved = Unsaved::Refuse);
    std::optional<Fault> keep(Job job, Unsaved unsaved = Unsaved::Refuse); ///< adds it to the logbook and starts it
    std::optional<Fault> openKept(qint64 id, Unsaved unsaved = Unsaved::Refuse); ///< goes on where the logbook left off
    std::optional<Fault> open(const QString& path, Unsaved unsaved = Unsaved::Refuse);
    /// Goes on with what a crash left behind; it is in no file as it is, so leaving it asks.
    std::optional<Fault> restore(const Recovery::Leftover& leftover, Unsaved unsaved = Unsaved::Refuse);
    std::optional<Fault> keepOpenJob(); ///< a job that is open from a file, or that lost its place in the logbook
    std::optional<Fault> save(const QString& path);
    /// Waits until the work that remains has been played; for tests and pictures.
    void finishRemaining() { player_.finish(); }
    /// The copy of a job that a crash left behind, if any.
    [[nodiscard]] Recovery& recovery() { return recovery_; }

Q_SIGNALS:
    void deriving();         ///< the job has changed and is on disk; what follows from it is being worked out
    void changed();          ///< job and derived figures
    void remainingChanged(); ///< the work that remains has been played
    void pickChanged();
    void started();                            ///< another job is open
    void identityChanged();                    ///< path or modified state
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
    void begin(Job job, const QString& path);
    void show(Job job);
    void showDerived();
    bool step(const Job& job); ///< undo and redo
    void becomeKept(KeptJob job, qint64 id);
    void loseKept(); ///< the job stays open, in no logbook
    void writeRecovery();
    /// Writes what the job becomes, or keeps it beside; where another bench was first, `after` becomes both.
    std::optional<Fault> write(Job& after);
    std::optional<Fault> putTogether(const Job& base, Job& after);
    std::optional<Fault> keepBeside(const Job& after);
    void adoptTheirs();
    void hear(const QString& told);
    void claim(); ///< the job for this bench, or both say that another has it open
    [[nodiscard]] double asShown_cents(double typed_cents, const Aim& aim) const;
    std::optional<Fault> doubt(const Event& event) const;
    [[nodiscard]] QString typedLength(double length_m) const;
    std::optional<Fault> confirmDoubt(std::size_t event);
    std::optional<Fault> push(const QString& text, Job after);

    Job job_;
    Deriver* deriver_;
    std::chrono::milliseconds patience_{12};
    bool shown_ = false; ///< what follows from the job
    QUndoStack undo_;
    QString path_;
    Recovery recovery_;
    RemainingPlayer player_;
    std::shared_ptr<Logbook> logbook_;
    std::optional<qint64> keptAs_;
    qint64 revision_ = 0; ///< of the job in the logbook, as last seen
    struct Away {
        Job base; ///< what the server has, as far as is known here
    };
    std::optional<Away> away_;
    std::optional<JobConflict> conflict_;
    std::unique_ptr<ServerLink> link_; ///< where the logbook is on a server
    std::optional<std::size_t> pick_;
    bool gapPick_ = false;
    bool inches_ = false; ///< how lengths are typed
};

} // namespace flenzo
