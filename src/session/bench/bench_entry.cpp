// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/bench/bench_entry.h"

#include "core/simulation/simulated_guitar.h"
#include "domain/base/faults.h"
#include "domain/bench/entering.h"
#include "domain/job/changes.h"
#include "domain/job/measuring.h"
#include "session/input/entry.h"
#include "session/input/quantity.h"

namespace flenzo {

BenchEntry::BenchEntry(Session& session, QObject* parent) : QObject(parent), session_(session) {
    connect(&session_, &Session::jobChanged, this, [this] {
        pick_.reset();
        gapPick_ = false;
    });
    connect(&session_, &Session::changed, this, &BenchEntry::pickChanged);
}

std::optional<std::size_t> BenchEntry::pickedString() const {
    if (gapPick_)
        return std::nullopt;
    if (pick_)
        return pick_;
    const NextAct& next = session_.derived().next();
    if (const auto& doubt = session_.derived().advice.doubt)
        return doubt->string;
    if (next.what == NextAct::Do::Tune || next.what == NextAct::Do::Stretch)
        return next.aim.string;
    if (next.what == NextAct::Do::Read && !next.strings.empty())
        return next.strings.front();
    return std::nullopt;
}

bool BenchEntry::gapPicked() const {
    const NextAct& next = session_.derived().next();
    if (!pick_ && !gapPick_ && session_.derived().advice.doubt)
        return !session_.derived().advice.doubt->string;
    return gapPick_ || (!pick_ && next.what == NextAct::Do::Read && next.strings.empty() && next.gap);
}

void BenchEntry::pickString(std::optional<std::size_t> string) {
    pick_ = string && *string < job().rig.strings.size() ? string : std::nullopt;
    gapPick_ = false;
    Q_EMIT pickChanged();
}

void BenchEntry::pickGap() {
    gapPick_ = true;
    Q_EMIT pickChanged();
}

/// A pitch as the act it answers.
Event BenchEntry::pitchEvent(std::size_t string, double cents, bool bare) const {
    const Derived& derived = session_.derived();
    const NextAct& next = derived.next();
    const bool asked = next.aim.string == string && !derived.advice.doubt;
    if (next.what == NextAct::Do::Tune && asked)
        return tunedTo(derived, bare ? asShown_cents(job(), next.aim, cents) : cents);
    if (next.what != NextAct::Do::Stretch || !asked)
        return Event::read(string, cents);
    Event event = Event::tuned(string, cents);
    event.kind = Event::Kind::Stretched;
    event.from_cents = derived.now().readings_cents[string];
    return event;
}

Result<Event> BenchEntry::eventOf(const QString& text, bool inches) const {
    const auto stringOf = [this](const QString& name) {
        return name.isEmpty() ? pickedString() : stringNamed(job().rig, name.toStdString());
    };
    const auto contextOf = [&](const QString& name) -> std::optional<EntryContext> {
        EntryContext context{440.0, job().referencePitch_Hz, inches};
        const auto string = stringOf(name);
        if (string)
            context.target_Hz = job().rig.strings[*string].target_Hz;
        else if (!name.isEmpty())
            return std::nullopt;
        return context;
    };
    const EntryParts parts = splitEntry(text);
    const bool wantGap = gapPicked() && !text.contains(QLatin1Char('=')) && !parts.gap && !parts.angle && !parts.claw;
    const Result<Entry> entry = parseEntry(wantGap ? QStringLiteral("gap ") + text : text, contextOf);
    if (!entry.ok())
        return entry.fault();
    Event event;
    if (entry.value().kind == Entry::Kind::Gap) {
        event = Event::readGap(entry.value().value);
    } else if (entry.value().kind == Entry::Kind::Angle) {
        if (!hasClaw(job().rig))
            return Fault{faults::angleNeedsClaw, QStringLiteral("angle")};
        if (entry.value().byEye)
            event = lookedAt(entry.value().value);
        else
            event.angle_rad = entry.value().value;
    } else if (entry.value().kind == Entry::Kind::Claw) {
        if (!hasClaw(job().rig))
            return Fault{faults::noClaw, QStringLiteral("claw")};
        const double turns = entry.value().value;
        if (turns == 0.0)
            return Fault{
                faults::notQuantity, QStringLiteral("claw"), {QStringLiteral("0"), QStringLiteral("claw 1/4")}};
        event = Event::claw({entry.value().bass ? turns : 0.0, entry.value().treble ? turns : 0.0});
    } else {
        const auto string = stringOf(entry.value().string.value_or(QString()));
        if (!string)
            return Fault{faults::readingWithoutString, QStringLiteral("reading")};
        event = pitchEvent(*string, entry.value().value, parseNumber(parts.rest).has_value());
    }
    event.confirmed = entry.value().insist;
    return event;
}

std::optional<Fault> BenchEntry::enter(const QString& text, bool inches) {
    Result<Event> event = eventOf(text, inches);
    if (!event.ok())
        return event.fault();
    const Event& made = event.value();
    return session_.append(made.tunes()                          ? tr("tune string")
                           : made.kind == Event::Kind::Stretched ? tr("stretch string")
                           : made.kind == Event::Kind::Claw      ? tr("turn claw")
                           : made.gap_m || made.angle_rad        ? tr("read the plate")
                                                                 : tr("read string"),
                           made, inches);
}

std::optional<Fault> BenchEntry::answer(bool yes) {
    if (!session_.hasAnswer())
        return Fault{faults::stillWorking, QStringLiteral("act")};
    const Advice& advice = session_.derived().advice;
    if (advice.question) {
        Job after = job();
        setLog(after, answered(after.log, *advice.question, yes));
        return session_.become(yes ? tr("mend the entry") : tr("it was as entered"), std::move(after));
    }
    if (advice.act.what != NextAct::Do::String)
        return Fault{faults::nothingAsked, QStringLiteral("act")};
    if (!yes)
        return goOnWithout(advice.act.aim.string);
    return session_.append(tr("string on"), Event::ofString(Event::Kind::Strung, advice.act.aim.string));
}

std::optional<Fault> BenchEntry::goOnWithout(std::size_t string) {
    Job after = job();
    for (auto event = after.log.rbegin(); event != after.log.rend(); ++event)
        if (event->kind == Event::Kind::Off && event->string == string) {
            event->confirmed = true;
            break;
        }
    return session_.become(tr("go on without the string"), std::move(after));
}

std::optional<Fault> BenchEntry::confirm() {
    if (!session_.hasAnswer()) // nobody has seen what would be confirmed
        return Fault{faults::stillWorking, QStringLiteral("act")};
    const Derived& derived = session_.derived();
    switch (confirmationOf(derived.advice)) {
    case Confirmation::Doubted: {
        Job after = job();
        after.log[derived.advice.doubt->event].confirmed = true;
        return session_.become(tr("keep the reading"), std::move(after));
    }
    case Confirmation::Yes:
        return answer(true);
    case Confirmation::Act:
        return session_.append(derived.next().what == NextAct::Do::Claw      ? tr("turn claw")
                               : derived.next().what == NextAct::Do::Unblock ? tr("take block out")
                                                                             : tr("tune string"),
                               doneAsAsked(derived));
    case Confirmation::PlateUnseen: // level is then not known
        return session_.append(tr("plate not measured"), doneAsAsked(derived));
    case Confirmation::NeedsReading:
        return Fault{faults::readingMissing, QStringLiteral("reading")};
    case Confirmation::NotOurs:
        return Fault{faults::actIsYours, QStringLiteral("act")};
    case Confirmation::Impossible:
        return Fault{faults::actImpossible, QStringLiteral("act")};
    case Confirmation::NothingIsAsked:
        break;
    }
    return std::nullopt;
}

std::optional<Fault> BenchEntry::putBlock(double thickness_m) {
    const Result<Block> block = blockOf(job().rig.bridge, thickness_m);
    if (!block.ok())
        return block.fault();
    Event event;
    event.kind = Event::Kind::Block;
    event.block = block.value();
    return session_.append(tr("put a block in"), event);
}

std::optional<Fault> BenchEntry::happened(const QString& text, Event::Kind kind) {
    const auto string = pickedString();
    if (!string)
        return Fault{faults::noStringPicked, QStringLiteral("string")};
    return session_.append(text, Event::ofString(kind, *string));
}

std::optional<Fault> BenchEntry::letSimulationAnswer() {
    if (!job().simulatedSeed)
        return Fault{faults::notSimulated, QStringLiteral("simulated guitar")};
    const NextAct& next = session_.derived().next();
    if (next.what == NextAct::Do::Done || next.what == NextAct::Do::Stuck || next.what == NextAct::Do::Leave)
        return std::nullopt;
    if (next.what == NextAct::Do::Ask)
        return answer(false); // it was typed as it was
    SimulatedGuitar guitar(benchJobOf(job()), UncertaintyModel(), *job().simulatedSeed);
    guitar.follow(job().log);
    return session_.append(tr("simulated answer"), guitar.answer(next));
}

} // namespace flenzo
