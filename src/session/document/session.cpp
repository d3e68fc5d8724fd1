// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/session.h"

#include "core/log/clock.h"
#include "core/log/rig_after.h"
#include "domain/base/faults.h"
#include "domain/base/moment.h"
#include "domain/bench/entering.h"
#include "domain/guitar/soundness.h"
#include "domain/job/changes.h"
#include "domain/job/edits.h"
#include "store/event_json.h"
#include "store/files.h"
#include "store/job_json.h"

#include <QUndoCommand>
#include <algorithm>
#include <cmath>
#include <utility>

namespace flenzo {

/// A whole job before and after: jobs are small, and no edit can then forget a part of itself.
class EditCommand : public QUndoCommand {
public:
    EditCommand(Session& session, const QString& text, Job before, Job after)
        : QUndoCommand(text), session_(session), before_(std::move(before)), after_(std::move(after)) {}
    /// A step that cannot be written is not made, and stays to be made later: the stack, which has moved on all the
    /// same, is led back.
    void undo() override {
        if (!std::exchange(ledBack_, false) && !session_.step(before_))
            leadBack(&QUndoStack::redo);
    }
    /// The first time the change is already on disk.
    void redo() override {
        if (std::exchange(first_, false))
            session_.show(after_);
        else if (!std::exchange(ledBack_, false) && !session_.step(after_))
            leadBack(&QUndoStack::undo);
    }

private:
    void leadBack(void (QUndoStack::*back)()) {
        ledBack_ = true;
        QUndoStack* stack = &session_.undoStack();
        QMetaObject::invokeMethod(
            stack, [stack, back] { (stack->*back)(); }, Qt::QueuedConnection);
    }

    Session& session_;
    Job before_, after_;
    bool first_ = true, ledBack_ = false;
};

namespace {

/// Now, behind the last entry of the log that has a time.
std::string nowBehind(const std::vector<Event>& log) {
    const auto timed =
        std::find_if(log.rbegin(), log.rend(), [](const Event& event) { return secondsOf(event.at).has_value(); });
    return nowAfter(timed == log.rend() ? QString() : QString::fromStdString(timed->at)).toStdString();
}

/// Readings keep the target they were read against: where another pitch is wanted in mid-job the log says so.
void noteTargets(const Job& before, Job& after) {
    if (before.log.empty() || after.log != before.log || before.rig.strings.size() != after.rig.strings.size())
        return;
    Event event;
    event.kind = Event::Kind::Retarget;
    for (std::size_t i = 0; i < before.rig.strings.size(); ++i)
        if (before.rig.strings[i].target_Hz != after.rig.strings[i].target_Hz)
            event.retargeted.push_back({i, before.rig.strings[i].target_Hz, after.rig.strings[i].target_Hz});
    if (event.retargeted.empty())
        return;
    event.at = nowBehind(before.log);
    after.log.push_back(std::move(event));
}

/// What the last entry contradicts, in the words of the screen.
Fault whyImpossible(const Job& job, const Impossible& wrong) {
    const QString string = Session::tr("string %1").arg(QString::fromStdString(job.rig.strings[wrong.string].name));
    switch (wrong.what) {
    case Impossible::What::StrungTwice:
        return Fault{faults::strungTwice, string};
    case Impossible::What::OffTwice:
        return Fault{faults::offTwice, string};
    case Impossible::What::TooManySprings:
        return Fault{faults::tooManySprings, QStringLiteral("springs"), {QString::number(maxSprings)}};
    case Impossible::What::TimeGoesBack: // entries made here are stamped in order
    case Impossible::What::IsOff:
        break;
    }
    return Fault{faults::stringIsOff, string};
}

} // namespace

Session::Session(const QString& recoveryFolder, QObject* parent)
    : QObject(parent), job_(newJob()), deriver_(new Deriver(this)), recovery_(recoveryFolder) {
    connect(&player_, &RemainingPlayer::played, this, [this](const RemainingWork& work) {
        deriver_->setRemaining(work);
        Q_EMIT remainingChanged();
    });
    connect(deriver_, &Deriver::arrived, this, &Session::showDerived);
    follow(keeper_);
    show(job_);
    connect(&undos_, &UndoStacks::cleanChanged, this, &Session::identityChanged);
    connect(&undos_, &UndoStacks::moved, this, &Session::writeRecovery);
    connect(&undos_, &UndoStacks::moved, this, &Session::undoMoved);
}

Session::~Session() {
    if (isAway())
        recovery_.leave(); // the next start hands it in
}

void Session::setLogbook(std::shared_ptr<Logbook> logbook) {
    undos_.forget();
    keeper_.setLogbook(std::move(logbook));
}

void Session::show(Job job) {
    job_ = std::move(job);
    hasAnswer_ = false;
    Q_EMIT jobChanged();
    player_.stop();
    deriver_->ask(job_);
    if (deriver_->wait(patience_))
        showDerived();
    else
        Q_EMIT deriving();
}

/// Once for each job, whether its answer was waited for or came by itself.
void Session::showDerived() {
    if (std::exchange(hasAnswer_, true))
        return;
    player_.play(benchJobOf(job_), derived().advice);
    Q_EMIT changed();
}

bool Session::step(const Job& job) {
    Job after = job;
    if (const auto fault = keeper_.write(after)) {
        Q_EMIT notKept(*fault);
        return false;
    }
    show(std::move(after));
    return true;
}

void Session::writeRecovery() {
    if (isModified())
        recovery_.write(job_, path_); // a full disk must not stop the work; saving will say so
    else if (!isKept())
        recovery_.clear(); // all undone: what its file has is not to be offered again
}

std::optional<Fault> Session::become(const QString& text, Job after) {
    if (auto fault = unreadable(after))
        return fault;
    if (auto fault = keeper_.write(after))
        return fault;
    undos_.open().push(new EditCommand(*this, text, job_, std::move(after)));
    return std::nullopt;
}

std::optional<Fault> Session::edit(const QString& text, const std::function<void(Job&)>& change) {
    Job after = job_;
    change(after);
    if (auto fault = contradiction(after.rig))
        return fault;
    const Rig old = asItWas(after.rig, after.oldSet());
    if (auto fault = contradiction(old)) {
        fault->field.prepend(QStringLiteral("old "));
        return fault;
    }
    if (!(after.rig.claw.turns == job_.rig.claw.turns))
        for (const char* screw : {"claw.bass", "claw.treble"})
            after.measured.insert(QLatin1String(screw)); // typed by somebody, so no guess replaces it
    followStop(job_, after);
    after = withClawFromOldSet(std::move(after));
    noteTargets(job_, after);
    noteChanges(job_, after, nowBehind(job_.log));
    if (after == job_)
        return std::nullopt;
    return become(text, std::move(after));
}

std::optional<Fault> Session::append(const QString& text, Event event, bool inches) {
    if (event.at.empty())
        event.at = nowBehind(job_.log);
    if (auto fault = unreadable(event, job_.rig))
        return fault;
    if (!event.confirmed) // or nobody has to wait for what is expected
        if (auto fault = doubtAbout(job_, derived(), event, inches))
            return fault;
    Job after = job_;
    addEntry(after, std::move(event));
    if (auto fault = contradiction(after.rig))
        return fault;
    if (const auto wrong = impossibleIn(after.log); wrong && wrong->event + 1 == after.log.size())
        return whyImpossible(after, *wrong);
    return become(text, std::move(after));
}

} // namespace flenzo
