// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/listening/listening.h"

#include "core/statics/pitch.h"
#include "listen/hearing/expect.h"

#include <utility>

namespace flenzo {

Listening::Listening(Session& session, QObject* parent) : QObject(parent), session_(session) {
    connect(&ear_, &Ear::heard, this, &Listening::hear);
    connect(&ear_, &Ear::hearing, this, &Listening::follow);
    connect(&ear_, &Ear::failed, this, &Listening::failed);
    connect(&ear_, &Ear::sound, this, &Listening::record);
    connect(&ear_, &Ear::sound, this, &Listening::sound);
    connect(&ear_, &Ear::mutedTwice, this, [this] { pause(!paused_); });
    connect(&ear_, &Ear::stopped, this, [this] {
        state_ = State::Off;
        string_.reset();
        heard_.reset();
        Q_EMIT changed();
    });
    connect(&session_, &Session::changed, this, [this] {
        if (isOn())
            expect();
    });
    connect(&session_, &Session::started, this, &Listening::goOnWithAnother);
}

bool Listening::start(std::unique_ptr<SoundSource> source, const HearingOptions& options) {
    paused_ = showsOnly_ = false;
    silentFor_ = humsFor_ = 0;
    if (!ear_.listenTo(std::move(source), options))
        return false;
    expect();
    state_ = State::Listening;
    Q_EMIT changed();
    return true;
}

void Listening::stop() {
    ear_.stop();
}

/// Another guitar is at the bench, and before the microphone; what is played is still the one before.
void Listening::goOnWithAnother() {
    if (!isOn() || !ear_.source()->isLive()) {
        stop();
        return;
    }
    ear_.forget();
    string_.reset();
    heard_.reset();
    aim_.reset();
    state_ = paused_ ? State::Paused : State::Listening;
    Q_EMIT changed();
}

void Listening::attend(bool wanted) {
    if (std::exchange(isWanted_, wanted) != wanted)
        Q_EMIT changed();
}

void Listening::pause(bool paused) {
    paused_ = paused;
    state_ = paused ? State::Paused : State::Listening;
    Q_EMIT changed();
}

void Listening::expect() {
    Expected expected = expectedOf(benchJobOf(session_.job()), session_.derived().advice.guitar);
    aim_.reset();
    near_cents_ = nearEnough_cents(session_.derived());
    if (const NextAct& next = session_.derived().next(); next.what == NextAct::Do::Tune) {
        aim_ = next.aim;
        expected.asked = next.aim.string;
        expected.aim_Hz = next.aim.frequency_Hz;
    }
    ear_.expect(expected);
}

std::optional<double> Listening::fromAim_cents() const {
    if (!aim_ || string_ != aim_->string || state_ == State::Listening)
        return std::nullopt;
    return cents_ - aim_->cents;
}

void Listening::follow(const Hearing& hearing) {
    level_dBFS_ = hearing.now.level_dBFS;
    clips_ = hearing.clips;
    countWhatIsNoString(hearing.now);
    if (!isOn() || paused_) {
        Q_EMIT changed();
        return;
    }
    const HearingNow& now = hearing.now;
    const bool sounds = now.first_Hz > 0.0 && now.string && *now.string < session_.job().rig.strings.size();
    if (sounds && now.state != HearingNow::State::Taken) {
        string_ = now.string;
        cents_ = flenzo::cents(now.first_Hz, session_.job().rig.strings[*now.string].target_Hz);
    }
    switch (now.state) {
    case HearingNow::State::Struck:
        state_ = State::Struck;
        break;
    case HearingNow::State::Settling:
        state_ = State::Settling;
        break;
    case HearingNow::State::Unsure:
        state_ = State::Unsure;
        break;
    case HearingNow::State::Quiet:
    case HearingNow::State::Taken:
        break; // what became of the last one stays
    }
    Q_EMIT changed();
}

void Listening::countWhatIsNoString(const HearingNow& now) {
    constexpr double dead_dBFS = -110.0; // digital silence: no input hears that little
    constexpr double loud_dBFS = -52.0;
    silentFor_ = level_dBFS_ < dead_dBFS ? silentFor_ + 1 : 0;
    const bool string = now.state == HearingNow::State::Settling || now.state == HearingNow::State::Taken;
    humsFor_ = level_dBFS_ > loud_dBFS && !string ? humsFor_ + 1 : 0;
}

void Listening::beginTake() {
    take_ = isOn() ? std::optional(
                         Recording{ear_.source()->rate_Hz(), static_cast<std::size_t>(ear_.source()->channels()), {}})
                   : std::nullopt;
    Q_EMIT changed();
}

void Listening::record(const QList<float>& frames) {
    constexpr double most_s = 120.0;
    if (take_ && take_->length_s() < most_s)
        take_->samples.insert(take_->samples.end(), frames.begin(), frames.end());
}

Recording Listening::endTake() {
    Recording out = take_.value_or(Recording());
    take_.reset();
    Q_EMIT changed();
    return out;
}

void Listening::hear(const HeardPluck& pluck) {
    if (paused_ || !isWanted_ || !pluck.string || *pluck.string >= session_.job().rig.strings.size())
        return;
    if (taker_ || showsOnly_) {
        string_ = pluck.string;
        cents_ = flenzo::cents(pluck.first_Hz, session_.job().rig.strings[*pluck.string].target_Hz);
        state_ = showsOnly_ || taker_(pluck) ? State::Taken : State::Unsure;
        Q_EMIT changed();
        if (!showsOnly_)
            Q_EMIT tookReading();
        return;
    }
    const Taken taken =
        takenAs(session_.job(), session_.derived(), {*pluck.string, pluck.first_Hz, pluck.deviation_cents});
    string_ = taken.string;
    cents_ = taken.cents;
    heard_ = taken;
    switch (taken.how) {
    case Taken::How::Takes:
        take(taken);
        return;
    case Taken::How::OnTheWay:
        state_ = State::OnTheWay;
        break;
    case Taken::How::Known:
        state_ = State::Known;
        break;
    case Taken::How::Asks:
        state_ = State::Asks;
        break;
    }
    Q_EMIT changed();
}

void Listening::take(const Taken& taken) {
    const auto fault = session_.append(taken.event.tunes()                          ? tr("tune string by ear")
                                       : taken.event.kind == Event::Kind::Stretched ? tr("stretch string by ear")
                                                                                    : tr("read string by ear"),
                                       taken.event);
    state_ = fault ? State::Unsure : State::Taken;
    heard_.reset();
    Q_EMIT changed();
    if (fault)
        Q_EMIT refused(*fault);
    else
        Q_EMIT tookReading();
}

void Listening::takeAnyway() {
    if (!heard_)
        return;
    Taken taken = *heard_;
    const NextAct& next = session_.derived().next();
    if (taken.how == Taken::How::OnTheWay && next.what == NextAct::Do::Tune && next.aim.string == taken.string) {
        const double deviation = taken.event.pitchDeviation_cents;
        taken.event = tunedTo(session_.derived(), taken.cents);
        taken.event.pitchDeviation_cents = deviation;
    }
    take(taken);
}

} // namespace flenzo
