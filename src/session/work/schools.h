// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/job.h"

namespace flenzo {

/// One way of doing a thing, as files call it and as people do.
struct SchoolOption {
    QString name, title, reason;
};
/// A thing on which the trade disagrees.
struct SchoolTopic {
    QString name, title;
    QList<SchoolOption> options;
    bool appliesTo(const Job& job) const;
};
[[nodiscard]] const QList<SchoolTopic>& schoolTopics();

/// The way this job goes on a topic: what was chosen, else the first that fits.
[[nodiscard]] QString schoolOf(const Job& job, const QString& topic);
/// Chooses a way; habits of tuning follow it.
void chooseSchool(Job& job, const QString& topic, const QString& option);
/// The house's ways, for jobs that have not chosen; "topic=option" by line.
void applyHouse(Job& job, const QString& house);
[[nodiscard]] QString houseOf(const Job& job);

/// What a way would cost on this guitar, by the model: passes and minutes for the whole job, and what it risks. Without
/// a topic: the job as it is.
struct SchoolCost {
    double passes = 0.0, minutes = 0.0;
    QString risk; ///< may be empty
};
[[nodiscard]] SchoolCost costOf(const Job& job, const QString& topic, const QString& option);

} // namespace flenzo
