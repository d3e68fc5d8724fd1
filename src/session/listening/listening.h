// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/bench/taking.h"
#include "listen/hearing/recording.h"
#include "listen/sources/ear.h"
#include "session/document/session.h"

#include <QObject>
#include <functional>

namespace flenzo {

/// The open job by ear: what is heard goes into its log, and how far the string that sounds is from its aim is there to
/// be shown. Off, it costs nothing.
class Listening : public QObject {
    Q_OBJECT
public:
    enum class State { Off, Listening, Struck, Settling, Taken, OnTheWay, Known, Asks, Unsure, Paused };
    explicit Listening(Session& session, QObject* parent = nullptr);

    /// A form that is filled by ear takes the readings instead of the log; false: it has no use for this one.
    using Taker = std::function<bool(const HeardPluck& pluck)>;

    bool start(std::unique_ptr<SoundSource> source, const HearingOptions& options = {});
    void stop();
    void setTaker(Taker taker) { taker_ = std::move(taker); }
    /// Until it is started again, what is heard is shown and goes nowhere.
    void showOnly() { showsOnly_ = true; }
    /// Whether what is heard is wanted where the work is; it is shown all the same.
    void attend(bool wanted);
    [[nodiscard]] bool isWanted() const { return isWanted_; }
    void pause(bool paused); ///< heard and shown no more, until it goes on
    [[nodiscard]] bool isOn() const { return ear_.isListening(); }
    [[nodiscard]] double rate_Hz() const { return ear_.source()->rate_Hz(); }      ///< while it is on
    [[nodiscard]] qsizetype channels() const { return ear_.source()->channels(); } ///< while it is on
    [[nodiscard]] bool isPaused() const { return paused_; }
    [[nodiscard]] State state() const { return state_; }
    /// The string that sounds or sounded last, and its cents against its target.
    [[nodiscard]] std::optional<std::size_t> string() const { return string_; }
    [[nodiscard]] double cents() const { return cents_; }
    /// From the aim of the string asked for, while that one sounds.
    [[nodiscard]] std::optional<double> fromAim_cents() const;
    [[nodiscard]] double near_cents() const { return near_cents_; } ///< within which it is taken as there
    [[nodiscard]] double level_dBFS() const { return level_dBFS_; }
    [[nodiscard]] bool clips() const { return clips_; }
    /// Whether nothing at all has come in for so long that the input must be dead.
    [[nodiscard]] bool isSilent() const { return silentFor_ > silentTicks; }
    /// Whether something sounds all the time and no string is heard in it: hum, a fan.
    [[nodiscard]] bool onlyHums() const { return humsFor_ > humTicks; }
    /// Nothing is recorded unless asked: from here to `takeEnded` what comes in is kept in memory, two minutes at most.
    void beginTake();
    [[nodiscard]] bool isTaking() const { return take_.has_value(); }
    /// The sound since `beginTake`; empty where there was none.
    [[nodiscard]] Recording endTake();
    /// What the ear tells; also to be told otherwise.
    void hear(const HeardPluck& pluck);
    /// What was heard last goes into the log although it is far off or the peg is not at its aim.
    void takeAnyway();

Q_SIGNALS:
    void changed(); ///< any of the above; some twenty times a second while listening
    void failed(flenzo::SourceFault why);
    void sound(const QList<float>& frames);   ///< as it comes in, interleaved
    void tookReading();                       ///< it is in the log
    void refused(const flenzo::Fault& fault); ///< it could not be put there

private:
    static constexpr int silentTicks = 100, humTicks = 80;
    void countWhatIsNoString(const HearingNow& now);
    void record(const QList<float>& frames);
    void follow(const Hearing& hearing);
    void expect();
    void goOnWithAnother();
    void take(const Taken& taken);

    Session& session_;
    Ear ear_;
    State state_ = State::Off;
    std::optional<std::size_t> string_;
    std::optional<Taken> heard_; ///< last, not taken
    std::optional<Aim> aim_;     ///< of the act that is shown: what follows from a reading may still be worked out
    double near_cents_ = 0.0;
    double cents_ = 0.0, level_dBFS_ = -200.0;
    bool clips_ = false, paused_ = false;
    bool showsOnly_ = false, isWanted_ = true;
    int silentFor_ = 0, humsFor_ = 0;
    Taker taker_;
    std::optional<Recording> take_;
};

} // namespace flenzo
