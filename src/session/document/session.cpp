// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/session.h"

#include "core/log/clock.h"
#include "core/log/rig_after.h"
#include "core/simulation/simulated_guitar.h"
#include "core/statics/note.h"
#include "core/statics/pitch.h"
#include "domain/base/faults.h"
#include "domain/guitar/soundness.h"
#include "domain/job/changes.h"
#include "domain/job/edits.h"
#include "session/input/entry.h"
#include "session/input/quantity.h"
#include "store/event_json.h"
#include "store/files.h"
#include "store/job_json.h"
#include "store/rig_json.h"

#include <QDateTime>
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

/// Further from what the model expects than any honest reading after a sound start: wrong string, octave or slip.
constexpr double doubtful_cents = 350.0;

QString now() {
    return QDateTime::currentDateTime().toString(Qt::ISODate);
}

/// A clock that was put back does not put an entry before the last one.
std::string nowAfter(const std::vector<Event>& log) {
    const std::string at = now().toStdString();
    if (log.empty())
        return at;
    const auto last_s = secondsOf(log.back().at), now_s = secondsOf(at);
    return last_s && now_s && *now_s < *last_s ? log.back().at : at;
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
    event.at = now().toStdString();
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
    show(job_);
    connect(&undo_, &QUndoStack::cleanChanged, this, &Session::identityChanged);
    connect(&undo_, &QUndoStack::indexChanged, this, &Session::writeRecovery);
}

Session::~Session() {
    undo_.disconnect(this); // it says "clean" when it goes, and what listens may have gone before it
    if (away_)
        recovery_.leave(); // the next start hands it in
}

void Session::show(Job job) {
    job_ = std::move(job);
    pick_.reset();
    gapPick_ = false;
    shown_ = false;
    player_.stop();
    deriver_->ask(job_);
    if (deriver_->wait(patience_))
        showDerived();
    else
        Q_EMIT deriving();
}

/// Once for each job, whether its answer was waited for or came by itself.
void Session::showDerived() {
    if (std::exchange(shown_, true))
        return;
    player_.play(benchJobOf(job_), derived().advice);
    Q_EMIT changed();
    Q_EMIT pickChanged();
}

bool Session::step(const Job& job) {
    Job after = job;
    if (const auto fault = write(after)) {
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

std::optional<Fault> Session::push(const QString& text, Job after) {
    if (auto fault = unreadable(after))
        return fault;
    if (auto fault = write(after))
        return fault;
    undo_.push(new EditCommand(*this, text, job_, std::move(after)));
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
    noteChanges(job_, after, now().toStdString());
    if (after == job_)
        return std::nullopt;
    return push(text, std::move(after));
}

std::optional<Fault> Session::append(const QString& text, Event event) {
    if (event.at.empty())
        event.at = nowAfter(job_.log);
    if (auto fault = unreadable(event, job_.rig))
        return fault;
    if (auto fault = doubt(event))
        return fault;
    Job after = job_;
    addEntry(after, std::move(event));
    if (auto fault = contradiction(after.rig))
        return fault;
    if (const auto wrong = impossibleIn(after.log); wrong && wrong->event + 1 == after.log.size())
        return whyImpossible(after, *wrong);
    return push(text, std::move(after));
}

std::optional<Fault> Session::answer(bool yes) {
    if (!shown_)
        return Fault{faults::stillWorking, QStringLiteral("act")};
    const Advice& advice = derived().advice;
    Job after = job_;
    if (advice.question) {
        setLog(after, answered(after.log, *advice.question, yes));
        return push(yes ? tr("mend the entry") : tr("it was as entered"), std::move(after));
    }
    if (advice.act.what != NextAct::Do::String)
        return Fault{faults::nothingAsked, QStringLiteral("act")};
    if (yes)
        return append(tr("string on"), Event::ofString(Event::Kind::Strung, advice.act.aim.string));
    for (auto event = after.log.rbegin(); event != after.log.rend(); ++event)
        if (event->kind == Event::Kind::Off && event->string == advice.act.aim.string) {
            event->confirmed = true;
            break;
        }
    return push(tr("go on without the string"), std::move(after));
}

/// A length in the unit in which the last one was typed.
QString Session::typedLength(double length_m) const {
    return inches_ ? QStringLiteral("%1 in").arg(length_m / 0.0254, 0, 'f', 3)
                   : QStringLiteral("%1 mm").arg(length_m / metresPerMm, 0, 'f', 2);
}

std::optional<Fault> Session::doubt(const Event& event) const {
    if (event.confirmed)
        return std::nullopt;
    const TrackedState& tracked = derived().now();
    const auto question = [this](std::size_t string, double got, double expected) -> std::optional<Fault> {
        if (!(std::abs(got - expected) > doubtful_cents))
            return std::nullopt;
        const auto tenths = [](double value) { return QString::number(value, 'f', 1); };
        return Fault{faults::readingUnlikely,
                     QStringLiteral("reading"),
                     {tenths(got), QString::fromStdString(job_.rig.strings[string].name),
                      tenths(std::abs(got - expected) / 100.0), tenths(expected)}};
    };
    if (event.tunes())
        return question(event.string, event.to_cents, event.aim_cents.value_or(0.0));
    for (const auto& [string, reading] : event.readings_cents)
        if (tracked.everRead[string])
            if (auto fault = question(string, reading, tracked.readings_cents[string]))
                return fault;
    if (event.gap_m) {
        const double least_m = gapAt_m(job_.rig.bridge, job_.rig.bridge.rearStop_rad) - 1e-3;
        const double most_m = gapAt_m(job_.rig.bridge, job_.rig.bridge.forwardStop_rad) + 1e-3;
        if (*event.gap_m < std::max(0.0, least_m) || *event.gap_m > most_m)
            return Fault{faults::gapBeyondStops,
                         QStringLiteral("gap"),
                         {typedLength(*event.gap_m), typedLength(std::max(0.0, least_m)), typedLength(most_m)}};
    }
    return std::nullopt;
}

std::optional<std::size_t> Session::pickedString() const {
    if (gapPick_)
        return std::nullopt;
    if (pick_)
        return pick_;
    const NextAct& next = derived().next();
    if (const auto& doubt = derived().advice.doubt)
        return doubt->string;
    if (next.what == NextAct::Do::Tune || next.what == NextAct::Do::Stretch)
        return next.aim.string;
    if (next.what == NextAct::Do::Read && !next.strings.empty())
        return next.strings.front();
    return std::nullopt;
}

bool Session::gapPicked() const {
    const NextAct& next = derived().next();
    if (!pick_ && !gapPick_ && derived().advice.doubt)
        return !derived().advice.doubt->string;
    return gapPick_ || (!pick_ && next.what == NextAct::Do::Read && next.strings.empty() && next.gap);
}

void Session::pickString(std::optional<std::size_t> string) {
    pick_ = string && *string < job_.rig.strings.size() ? string : std::nullopt;
    gapPick_ = false;
    Q_EMIT pickChanged();
}

void Session::pickGap() {
    gapPick_ = true;
    Q_EMIT pickChanged();
}

/// The aim is shown by the note a tuner shows, so a bare number in answer to it may count from that note as well as
/// from the string's target: whichever lands nearer to the aim. The two are a semitone apart.
double Session::asShown_cents(double typed_cents, const Aim& aim) const {
    const double target_Hz = job_.rig.strings[aim.string].target_Hz;
    const Note shown = nearestNote(aim.frequency_Hz, job_.referencePitch_Hz);
    const double from_cents = cents(noteFrequency_Hz(shown.midi, job_.referencePitch_Hz), target_Hz) + typed_cents;
    constexpr double halfSemitone_cents = 50.0; // further off, it is no answer to this note
    const double off_cents = std::abs(from_cents - aim.cents);
    return off_cents < halfSemitone_cents && off_cents < std::abs(typed_cents - aim.cents) ? from_cents : typed_cents;
}

std::optional<Fault> Session::enter(const QString& text, bool inches) {
    inches_ = inches;
    const auto stringOf = [this](const QString& name) {
        return name.isEmpty() ? pickedString() : stringNamed(job_.rig, name.toStdString());
    };
    const bool wantGap = gapPicked() && !text.contains(QLatin1Char('='));
    const auto contextOf = [&](const QString& name) -> std::optional<EntryContext> {
        EntryContext context{440.0, job_.referencePitch_Hz, inches};
        const auto string = stringOf(name);
        if (string)
            context.target_Hz = job_.rig.strings[*string].target_Hz;
        else if (!name.isEmpty())
            return std::nullopt;
        return context;
    };
    const bool named = splitEntry(text).gap || splitEntry(text).angle;
    const Result<Entry> entry = parseEntry(wantGap && !named ? QStringLiteral("gap ") + text : text, contextOf);
    if (!entry.ok())
        return entry.fault();
    Event event;
    if (entry.value().kind == Entry::Kind::Gap) {
        event = Event::readGap(entry.value().value);
    } else if (entry.value().kind == Entry::Kind::Angle) {
        if (!hasClaw(job_.rig))
            return Fault{faults::angleNeedsClaw, QStringLiteral("angle")};
        event.angle_rad = entry.value().value;
    } else {
        const auto string = stringOf(entry.value().string.value_or(QString()));
        if (!string)
            return Fault{faults::readingWithoutString, QStringLiteral("reading")};
        const NextAct& next = derived().next();
        const bool asked = next.aim.string == *string && !derived().advice.doubt;
        if (next.what == NextAct::Do::Tune && asked) {
            const bool bare = parseNumber(splitEntry(text).rest).has_value();
            event = tunedTo(derived(), bare ? asShown_cents(entry.value().value, next.aim) : entry.value().value);
        } else if (next.what == NextAct::Do::Stretch && asked) {
            event = Event::tuned(*string, entry.value().value);
            event.kind = Event::Kind::Stretched;
            event.from_cents = derived().now().readings_cents[*string];
        } else {
            event = Event::read(*string, entry.value().value);
        }
    }
    event.confirmed = entry.value().insist;
    return append(event.tunes()                          ? tr("tune string")
                  : event.kind == Event::Kind::Stretched ? tr("stretch string")
                  : event.gap_m || event.angle_rad       ? tr("read the plate")
                                                         : tr("read string"),
                  std::move(event));
}

std::optional<Fault> Session::confirmDoubt(std::size_t event) {
    Job after = job_;
    after.log[event].confirmed = true;
    return push(tr("stand by reading"), std::move(after));
}

std::optional<Fault> Session::confirmAct() {
    if (!shown_) // nobody has seen what would be confirmed
        return Fault{faults::stillWorking, QStringLiteral("act")};
    if (const auto& doubt = derived().advice.doubt)
        return confirmDoubt(doubt->event);
    const NextAct& next = derived().next();
    switch (next.what) {
    case NextAct::Do::Ask:
    case NextAct::Do::String:
        return answer(true);
    case NextAct::Do::Claw:
        return append(tr("turn claw"), Event::claw(next.turns));
    case NextAct::Do::Unblock: {
        Event event;
        event.kind = Event::Kind::Unblock;
        return append(tr("take block out"), event);
    }
    case NextAct::Do::Tune: {
        return append(tr("tune string"), tunedTo(derived(), std::round(next.aim.cents * 10.0) / 10.0));
    }
    case NextAct::Do::Read:
        if (next.gap && next.strings.empty() && !derived().advice.plateEverRead)
            return append(tr("plate not measured"), Event()); // nobody here can: level is then not known
        [[fallthrough]];
    case NextAct::Do::Stretch:
        return Fault{faults::readingMissing, QStringLiteral("reading")};
    case NextAct::Do::Leave:
        return Fault{faults::actIsYours, QStringLiteral("act")};
    case NextAct::Do::Stuck:
        return Fault{faults::actImpossible, QStringLiteral("act")};
    case NextAct::Do::Done:
        break;
    }
    return std::nullopt;
}

std::optional<Fault> Session::letSimulationAnswer() {
    if (!job_.simulatedSeed)
        return Fault{faults::notSimulated, QStringLiteral("simulated guitar")};
    const NextAct& next = derived().next();
    if (next.what == NextAct::Do::Done || next.what == NextAct::Do::Stuck || next.what == NextAct::Do::Leave)
        return std::nullopt;
    if (next.what == NextAct::Do::Ask)
        return answer(false); // it was typed as it was
    SimulatedGuitar guitar(benchJobOf(job_), UncertaintyModel(), *job_.simulatedSeed);
    guitar.hear(job_.log);
    Event answer = guitar.answer(next);
    return append(tr("simulated answer"), std::move(answer));
}

} // namespace flenzo
