// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace flenzo {

/// The units a user chose to type and read; nothing is ever reckoned in them.
struct Units {
    bool inches = false;
    bool poundForce = false;
    bool operator==(const Units&) const = default;
};

} // namespace flenzo
