// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

#include <QLockFile>
#include <memory>

namespace flenzo {

/// A copy of the open job that is renewed after every edit and removed when the program ends in order.
/// Each running program has its own, held by a lock; one whose program is gone is offered to the next start.
class Recovery {
public:
    explicit Recovery(const QString& folder);
    ~Recovery();
    Recovery(const Recovery&) = delete;
    Recovery& operator=(const Recovery&) = delete;

    /// Where in a logbook a job belongs whose server was away.
    struct Place {
        QString logbook;
        qint64 job = 0, revision = 0;
        Job base; ///< what the server had
    };

    std::optional<Fault> write(const Job& job, const QString& path, const std::optional<Place>& place = {});
    void clear();
    /// Leaves the copy to be found later, and begins another.
    void leave();

    struct Leftover {
        QString file;
        Job job;
        QString path; ///< of the job file it belonged to; empty when it was never saved
        std::optional<Place> place;
    };
    /// A readable copy whose program is gone; damaged ones are set aside with the ending ".damaged".
    [[nodiscard]] std::optional<Leftover> leftover();
    void discard(const Leftover& leftover);

private:
    void begin();

    QString folder_, file_;
    std::unique_ptr<QLockFile> lock_;
};

} // namespace flenzo
