// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/guitar/catalogue.h"
#include "domain/job/job.h"

namespace flenzo {

/// The guitars of the invented demo shop, in the order they are offered.
[[nodiscard]] QStringList demoNames();
/// One of them, its entries played as far as its file says by the simulated guitar. A fault is a broken installation.
[[nodiscard]] Result<Job> demoJob(int index);

/// A simulated guitar to try the program on: strung already with another set than it was balanced for, and short, with
/// nothing to stretch and no block.
[[nodiscard]] Job trialJob(const Catalogue& catalogue);

} // namespace flenzo
