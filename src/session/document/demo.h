// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

namespace flenzo {

/// The guitars of the invented demo shop, in the order they are offered.
[[nodiscard]] QStringList demoNames();
/// One of them, its story played as far as its file says by the simulated guitar. A fault is a broken installation.
[[nodiscard]] Result<Job> demoJob(int index);

} // namespace flenzo
