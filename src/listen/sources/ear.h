// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/worker.h"
#include "listen/hearing/mute_gesture.h"
#include "listen/hearing/pluck_listener.h"
#include "listen/sources/sound_source.h"

#include <memory>

namespace flenzo {

/// What a source sounds like right now, for a screen.
struct Hearing {
    HearingNow now;
    bool clips = false;
};

/// Listens to one source. The hearing is done on a thread of its own, begun when somebody first listens; what was heard
/// is told where this lives.
class Ear : public QObject {
    Q_OBJECT
public:
    explicit Ear(QObject* parent = nullptr);
    ~Ear() override;
    /// Takes the source and begins. False when it gives no sound; `failed` said why.
    bool listenTo(std::unique_ptr<SoundSource> source, const HearingOptions& options = {});
    void stop();
    void forget(); ///< what it has heard so far and what was expected; it goes on with the same source
    [[nodiscard]] bool isListening() const { return source_ != nullptr; }
    void expect(const Expected& expected);
    [[nodiscard]] const SoundSource* source() const { return source_.get(); }

Q_SIGNALS:
    void heard(const flenzo::HeardPluck& pluck);
    void hearing(const flenzo::Hearing& now); ///< some twenty times a second
    void mutedTwice();                        ///< a hand fell on all strings, twice
    void sound(const QList<float>& frames);   ///< as it came from the source
    void failed(flenzo::SourceFault why);
    void stopped();

private:
    class Ears;
    void feed(const QList<float>& frames);
    Q_INVOKABLE void tell(); ///< what the thread has left for us
    std::unique_ptr<SoundSource> source_;
    HearingOptions options_;
    std::shared_ptr<Ears> ears_;     ///< of this source, on the thread
    std::unique_ptr<Worker> worker_; ///< last, so that it ends before what it works on
};

} // namespace flenzo
