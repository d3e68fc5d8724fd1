// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/pluck_listener.h"
#include "listen/sources/sound_source.h"

#include <QThread>
#include <memory>

namespace flenzo {

/// What a source sounds like right now, for a screen.
struct Hearing {
    HearingNow now;
    bool clips = false;
};

class EarWorker;

/// Listens to one source on a thread of its own, so that no sound is missed while the window works.
class Ear : public QObject {
    Q_OBJECT
public:
    explicit Ear(QObject* parent = nullptr);
    ~Ear() override;
    /// Takes the source and begins. False when it gives no sound; `failed` said why.
    bool listenTo(std::unique_ptr<SoundSource> source, const HearingOptions& options = {});
    void stop();
    [[nodiscard]] bool isListening() const { return source_ != nullptr; }
    void expect(const Expected& expected);

Q_SIGNALS:
    void heard(const flenzo::HeardPluck& pluck);
    void hearing(const flenzo::Hearing& now); ///< some twenty times a second
    void failed(flenzo::SourceFault why);
    void stopped();

private:
    std::unique_ptr<SoundSource> source_;
    QThread thread_;
    EarWorker* worker_;
};

} // namespace flenzo
