// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/time_limit.h"

#include <QLibrary>
#include <QVariant>
#include <algorithm>
#include <condition_variable>
#include <map>
#include <mutex>
#include <sys/socket.h>
#include <thread>

namespace flenzo {

namespace {

using Clock = std::chrono::steady_clock;

/// One thread that cuts what is over its limit.
class Watch {
public:
    static Watch& theOne() {
        static Watch watch;
        return watch;
    }
    quint64 add(int socket, Clock::time_point end) {
        const std::lock_guard lock(mutex_);
        waiting_.emplace(++last_, Waiting{socket, end});
        if (end < sleepsUntil_) // not at every statement: the thread would wake for each
            changed_.notify_all();
        return last_;
    }
    void remove(quint64 watched) {
        const std::lock_guard lock(mutex_);
        waiting_.erase(watched);
    }

private:
    struct Waiting {
        int socket;
        Clock::time_point end;
    };

    Watch() : thread_([this] { run(); }) {}
    ~Watch() {
        {
            const std::lock_guard lock(mutex_);
            stop_ = true;
        }
        changed_.notify_all();
        thread_.join();
    }
    void run() {
        std::unique_lock lock(mutex_);
        while (!stop_) {
            const auto first = std::min_element(waiting_.begin(), waiting_.end(), [](const auto& a, const auto& b) {
                return a.second.end < b.second.end;
            });
            sleepsUntil_ = first == waiting_.end() ? Clock::time_point::max() : first->second.end;
            if (first == waiting_.end()) {
                changed_.wait(lock);
            } else if (first->second.end <= Clock::now()) {
                ::shutdown(first->second.socket, SHUT_RDWR); // under the lock: whoever waits has not closed it yet
                waiting_.erase(first);
            } else {
                const Clock::time_point end = first->second.end; // what waits may be over, and gone, before it wakes
                changed_.wait_until(lock, end);
            }
        }
    }

    std::mutex mutex_;
    std::condition_variable changed_;
    std::map<quint64, Waiting> waiting_;
    Clock::time_point sleepsUntil_ = Clock::time_point::max();
    quint64 last_ = 0;
    bool stop_ = false;
    std::thread thread_; ///< last, for it uses the above
};

/// The socket of a connection, as libpq has it, which the driver has loaded: linked with it, every start would load it
/// and all that it brings, server or not.
int socketOf(const QVariant& connection) {
    using PqSocket = int (*)(const void*);
    static const auto pqSocket = reinterpret_cast<PqSocket>(QLibrary::resolve(QStringLiteral("pq"), 5, "PQsocket"));
    return pqSocket ? pqSocket(*static_cast<void* const*>(connection.constData())) : -1;
}

} // namespace

TimeLimit::TimeLimit(const QSqlDriver* driver, std::chrono::milliseconds limit) {
    const QVariant handle = driver ? driver->handle() : QVariant();
    if (qstrcmp(handle.typeName(), "PGconn*") != 0 && qstrcmp(handle.typeName(), "pg_conn*") != 0)
        return; // a file; the type is called by its name or by that of what it stands for
    if (const int socket = socketOf(handle); socket >= 0)
        watched_ = Watch::theOne().add(socket, Clock::now() + limit);
}

TimeLimit::~TimeLimit() {
    if (watched_ > 0)
        Watch::theOne().remove(watched_);
}

} // namespace flenzo
