// SPDX-License-Identifier: GPL-3.0-or-later
#include "listen/sources/ear.h"

#include "listen/hearing/channel_picker.h"

#include <QPointer>
#include <optional>
#include <vector>

namespace flenzo {

/// What runs on the thread.
class EarWorker : public QObject {
    Q_OBJECT
public:
    void begin(double rate_Hz, std::size_t channels, const HearingOptions& options) {
        channels_ = channels;
        picker_.emplace(rate_Hz, channels);
        listener_.emplace(rate_Hz, options);
        listener_->expect(expected_);
        shown_s_ = 0.0;
    }
    void end() {
        listener_.reset();
        picker_.reset();
    }
    void expect(const Expected& expected) {
        expected_ = expected;
        if (listener_)
            listener_->expect(expected);
    }
    void feed(const QList<float>& frames) {
        if (!listener_)
            return;
        one_.resize(static_cast<std::size_t>(frames.size()) / channels_);
        picker_->pick({frames.constData(), one_.size() * channels_}, one_);
        listener_->feed(one_);
        while (const auto pluck = listener_->next())
            Q_EMIT heard(*pluck);
        constexpr double apart_s = 0.05;
        if (listener_->heard_s() - shown_s_ < apart_s)
            return;
        shown_s_ = listener_->heard_s();
        Q_EMIT hearing({listener_->now(), picker_->clips()});
    }

Q_SIGNALS:
    void heard(const flenzo::HeardPluck& pluck);
    void hearing(const flenzo::Hearing& now);

private:
    std::optional<PluckListener> listener_;
    std::optional<ChannelPicker> picker_;
    Expected expected_;
    std::vector<float> one_;
    std::size_t channels_ = 1;
    double shown_s_ = 0.0;
};

Ear::Ear(QObject* parent) : QObject(parent), worker_(new EarWorker) {
    qRegisterMetaType<HeardPluck>("flenzo::HeardPluck");
    qRegisterMetaType<Hearing>("flenzo::Hearing");
    worker_->moveToThread(&thread_);
    connect(&thread_, &QThread::finished, worker_, &QObject::deleteLater);
    connect(worker_, &EarWorker::heard, this, &Ear::heard);
    connect(worker_, &EarWorker::hearing, this, &Ear::hearing);
    thread_.start();
}

Ear::~Ear() {
    if (source_)
        source_->stop();
    source_.reset();
    thread_.quit();
    thread_.wait();
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
    if (!source->start())
        return false;
    source_ = std::move(source);
    QMetaObject::invokeMethod(worker_, [worker = worker_, rate = source_->rate_Hz(),
                                        channels = static_cast<std::size_t>(source_->channels()),
                                        options] { worker->begin(rate, channels, options); });
    connect(source_.get(), &SoundSource::heard, worker_, &EarWorker::feed,
            source_->waits() ? Qt::BlockingQueuedConnection : Qt::QueuedConnection);
    return true;
}

void Ear::stop() {
    if (!source_)
        return;
    source_->stop();
    source_->disconnect(this);
    source_.release()->deleteLater(); // it may be what called this
    QMetaObject::invokeMethod(worker_, [worker = worker_] { worker->end(); });
    Q_EMIT stopped();
}

void Ear::expect(const Expected& expected) {
    QMetaObject::invokeMethod(worker_, [worker = worker_, expected] { worker->expect(expected); });
}

} // namespace flenzo

#include "ear.moc"
