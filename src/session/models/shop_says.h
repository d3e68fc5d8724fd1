// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/log/shop_prior.h"
#include "domain/shop/held.h"
#include "session/models/times.h"
#include "store/logbook.h"

#include <map>

namespace flenzo {

/// What a shop's jobs say together.
struct ShopSays {
    QMap<QString, double> usualMinutes; ///< that a step took in the jobs finished last
    ShopTimes times;
    std::map<Family, ShopPrior> priors; ///< of families of which enough guitars taught something
    std::vector<Job> inHand;            ///< on the bench and waiting
    HeldSays held;                      ///< whether guitars stay as they leave
    std::vector<Job> tested;            ///< finished, with a string that broke or a return test
};

/// Reads them; jobs that have not changed since it read them last are neither read nor learned from again.
class ShopReader {
public:
    [[nodiscard]] Result<ShopSays> read(const Logbook& book);
    [[nodiscard]] std::size_t jobsRead() const { return jobsRead_; } ///< so far, each as often as it was read

private:
    struct Known {
        QDateTime changed;
        Job job;
        std::optional<Prior> learned; ///< nothing: not worked out yet
    };
    [[nodiscard]] Result<std::vector<Known*>> known(const Logbook& book, JobState state, int most);
    void learn(const std::vector<Known*>& finished, ShopSays& says);

    std::map<qint64, Known> jobs_;
    std::size_t jobsRead_ = 0;
};

/// The finished ones of this guitar among `tested`, this job left out.
[[nodiscard]] std::vector<Job> testedBefore(const ShopSays& says, const Job& job);

/// Whether a new guitar of this shop begins from what its guitars taught; a setting of the logbook, on unless said
/// otherwise.
[[nodiscard]] Result<bool> beginsFromShop(const Logbook& book);
[[nodiscard]] std::optional<Fault> setBeginsFromShop(Logbook& book, bool wanted);
/// What it begins from; nothing where the shop does not want it, or where too few guitars of the family taught
/// anything.
[[nodiscard]] Result<std::optional<ShopPrior>> shopPriorFor(const Logbook& book, const ShopSays& says, Family family);

} // namespace flenzo
