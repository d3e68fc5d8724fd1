// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace flenzo {

/// Makes the data that ships inside the program readable under ":/flenzo"; as often as one likes.
void openBundledData();

} // namespace flenzo
