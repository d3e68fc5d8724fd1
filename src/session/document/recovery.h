// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job.h"

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

    std::optional<Fault> write(const Job& job, const QString& path);
    void clear();

    struct Leftover {
        QString file;
        Job job;
        QString path; ///< of the job file it belonged to; empty when it was never saved
    };
    /// A readable copy whose program is gone; damaged ones are set aside with the ending ".damaged".
    [[nodiscard]] std::optional<Leftover> leftover();
    void discard(const Leftover& leftover);

private:
    QString folder_, file_;
    std::unique_ptr<QLockFile> lock_;
};

} // namespace flenzo
