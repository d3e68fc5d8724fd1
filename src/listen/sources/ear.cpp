// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/sources/ear.h"

#include "listen/hearing/channel_picker.h"

#include <QPointer>
#include <mutex>
#include <optional>
#include <utility>
#include <vector>

namespace flenzo {

/// What hears one source: `feed` and `expect` on the thread, `taken` on the other side.
class Ear::Ears {
public:
    Ears(double rate_Hz, std::size_t channels, const HearingOptions& options)
        : listener_(rate_Hz, options), muting_(rate_Hz), picker_(rate_Hz, channels), channels_(channels) {}

    void expect(const Expected& expected) { listener_.expect(expected); }
    /// True when there is something to tell.
    bool feed(const std::vector<float>& frames) {
        one_.resize(frames.size() / channels_);
        picker_.pick(frames, one_);
        listener_.feed(one_);
        const bool muted = muting_.feed(one_);
        const std::lock_guard lock(mutex_);
        told_.mutedTwice = told_.mutedTwice || muted;
        while (const auto pluck = listener_.next())
            told_.plucks.push_back(*pluck);
        constexpr double apart_s = 0.05;
        if (listener_.heard_s() - shown_s_ >= apart_s) {
            shown_s_ = listener_.heard_s();
            told_.now = Hearing{listener_.now(), picker_.clips()};
        }
        return told_.now || told_.mutedTwice || !told_.plucks.empty();
    }

    struct Told {
        std::vector<HeardPluck> plucks;
        std::optional<Hearing> now;
        bool mutedTwice = false;
    };
    [[nodiscard]] Told taken() {
        const std::lock_guard lock(mutex_);
        return std::exchange(told_, {});
    }

private:
    PluckListener listener_;
    MuteGesture muting_;
    ChannelPicker picker_;
    std::size_t channels_;
    std::vector<float> one_;
    double shown_s_ = 0.0;
    std::mutex mutex_;
    Told told_;
};

Ear::Ear(QObject* parent) : QObject(parent) {}

Ear::~Ear() {
    if (source_)
        source_->stop();
}

bool Ear::listenTo(std::unique_ptr<SoundSource> source, const HearingOptions& options) {
    stop();
    // The source is still at work in what calls this; it goes when that is over, unless another has come by then.
    const auto end = [this, gone = QPointer<SoundSource>(source.get())] {
        if (gone && source_.get() == gone)
            stop();
    };
    connect(source.get(), &SoundSource::ended, this, end, Qt::QueuedConnection);
    connect(source.get(), &SoundSource::failed, this, [this, end](SourceFault why) {
        QMetaObject::invokeMethod(this, end, Qt::QueuedConnection);
        Q_EMIT failed(why);
    });
    connect(source.get(), &SoundSource::heard, this, &Ear::feed);
    if (!source->start())
        return false;
    source_ = std::move(source);
    options_ = options;
    forget();
    if (!worker_)
        worker_ = std::make_unique<Worker>();
    return true;
}

void Ear::forget() {
    if (source_)
        ears_ = std::make_shared<Ears>(source_->rate_Hz(), static_cast<std::size_t>(source_->channels()), options_);
}

void Ear::stop() {
    if (!source_)
        return;
    source_->stop();
    source_->disconnect(this);
    source_.release()->deleteLater(); // it may be what called this
    ears_.reset();
    Q_EMIT stopped();
}

void Ear::expect(const Expected& expected) {
    if (ears_)
        worker_->start([ears = ears_, expected] { ears->expect(expected); });
}

void Ear::feed(const QList<float>& frames) {
    if (!ears_)
        return;
    // A copy of standard parts: a thread sanitizer does not see what Qt's own sharing hands over.
    worker_->start([this, ears = ears_, sound = std::vector<float>(frames.begin(), frames.end())] {
        if (ears->feed(sound))
            QMetaObject::invokeMethod(this, "tell", Qt::QueuedConnection);
    });
    if (source_->waits())
        worker_->waitForDone();
    Q_EMIT sound(frames);
}

void Ear::tell() {
    if (!ears_)
        return;
    const Ears::Told told = ears_->taken();
    for (const HeardPluck& pluck : told.plucks)
        Q_EMIT heard(pluck);
    if (told.now)
        Q_EMIT hearing(*told.now);
    if (told.mutedTwice)
        Q_EMIT mutedTwice();
}

} // namespace flenzo
