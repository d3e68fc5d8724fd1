// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

namespace flenzo {

/// One way of doing a thing, as files call it and as people do.
struct MethodOption {
    QString name;
    const char *plainTitle, *plainReason; ///< before they are translated
    [[nodiscard]] QString title() const;
    [[nodiscard]] QString reason() const;
};
/// A thing on which the trade disagrees.
struct MethodTopic {
    QString name;
    const char* plainTitle;
    QList<MethodOption> options; ///< the first one is taken where nothing was chosen
    [[nodiscard]] QString title() const;
    [[nodiscard]] bool appliesTo(const Job& job) const;
    [[nodiscard]] bool has(const QString& option) const;
};
[[nodiscard]] const QList<MethodTopic>& methodTopics();
[[nodiscard]] const MethodTopic* methodTopic(const QString& name); ///< none of that name: nothing

/// The way this job goes on a topic: what was chosen, else the first. Ways that the mechanics need to know are in the
/// job's method and goal.
[[nodiscard]] QString chosenMethod(const Job& job, const QString& topic);
[[nodiscard]] bool isChosen(const Job& job, const char* topic, const char* option);
/// Chooses a way; names that are unknown change nothing.
void chooseMethod(Job& job, const QString& topic, const QString& option);
/// The shop's defaults, for jobs that have not chosen; "topic=option" by line.
void applyShopDefaults(Job& job, const QString& defaults);
[[nodiscard]] QString shopDefaultsOf(const Job& job);

} // namespace flenzo
