// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/text/listen_words.h"

#include "language/decimal.h"

#include <QCoreApplication>
#include <cmath>
#include <utility>

namespace flenzo::wording {

namespace {

struct ListenWordsWords {
    Q_DECLARE_TR_FUNCTIONS(ListenWords)
};

QString fromAim(const QString& name, double off_cents, bool settling) {
    const QString size = decimal(std::abs(off_cents), 1);
    const QString words = off_cents < 0.0 ? ListenWordsWords::tr("%1: up by %2 ¢").arg(name, size)
                                          : ListenWordsWords::tr("%1: down by %2 ¢").arg(name, size);
    return settling ? words : ListenWordsWords::tr("%1 more (Enter takes it)").arg(words);
}

} // namespace

QString heard(const Listening& listening, const Job& job) {
    using State = Listening::State;
    const State state = listening.state();
    const std::optional<std::size_t> string = listening.string();
    const QString name = string && *string < job.rig.strings.size() ? stringTitle(job.rig.strings[*string]) : QString();
    const QString cents = signedNumber(listening.cents(), 1);
    if (!listening.isWanted() && !listening.isPaused())
        return ListenWordsWords::tr("Listening; nothing is taken at this step");
    if (listening.clips())
        return ListenWordsWords::tr("Too loud: turn the input down");
    if (listening.isSilent())
        return ListenWordsWords::tr("No sound at all: is the input muted?");
    if (listening.onlyHums())
        return ListenWordsWords::tr("Only hum or noise: come nearer, check the cable");
    if (const auto off = listening.fromAim_cents(); off && (state == State::Settling || state == State::OnTheWay))
        return fromAim(name, *off, state == State::Settling);
    switch (state) {
    case State::Off:
        return {};
    case State::Listening:
        return ListenWordsWords::tr("Listening");
    case State::Paused:
        return ListenWordsWords::tr("Paused");
    case State::Struck:
        return ListenWordsWords::tr("Heard a pluck");
    case State::Settling:
        return ListenWordsWords::tr("%1: settling %2 ¢").arg(name, cents);
    case State::Taken:
        return ListenWordsWords::tr("%1: taken %2 ¢").arg(name, cents);
    case State::OnTheWay:
        return ListenWordsWords::tr("%1: %2 ¢ (Enter takes it)").arg(name, cents);
    case State::Known:
        return ListenWordsWords::tr("%1: %2 ¢, as before").arg(name, cents);
    case State::Asks:
        return ListenWordsWords::tr("%1 at %2 ¢? Enter takes it").arg(name, cents);
    case State::Unsure:
        return ListenWordsWords::tr("Not sure, pluck again");
    }
    return {};
}

QString whyNoSound(SourceFault why) {
    switch (why) {
    case SourceFault::NoInput:
        return ListenWordsWords::tr(
            "No input to listen to: plug in a microphone, or allow this program to use it in the "
            "desktop's settings.");
    case SourceFault::NoFormat:
        return ListenWordsWords::tr("This input gives no sound that can be read; choose another.");
    case SourceFault::Vanished:
        return ListenWordsWords::tr("The input is gone. Everything heard is kept; plug it in and listen again.");
    }
    return {};
}

QString spoken(const ActWords& words) {
    QString out = words.act + QStringLiteral(", ") + words.figure;
    const std::pair<const char*, QString> signs[] = {{"#", ListenWordsWords::tr(" sharp ")},
                                                     {"\u266d", ListenWordsWords::tr(" flat ")},
                                                     {"\u2212", ListenWordsWords::tr(" minus ")},
                                                     {"+", ListenWordsWords::tr(" plus ")},
                                                     {"¢", ListenWordsWords::tr(" cents")},
                                                     {"°", ListenWordsWords::tr(" degrees")},
                                                     {"→", ListenWordsWords::tr(" to ")},
                                                     {"1/2", ListenWordsWords::tr("and a half")},
                                                     {"1/4", ListenWordsWords::tr("and a quarter")},
                                                     {"3/4", ListenWordsWords::tr("and three quarters")}};
    for (const auto& [sign, word] : signs)
        out.replace(QString::fromUtf8(sign), word);
    return out.simplified();
}

} // namespace flenzo::wording
