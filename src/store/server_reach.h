// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QtPlugin>

namespace flenzo {

/// Asks whether anything listens at an address. A module of its own, loaded when a shop is first looked for on a
/// server, for the network's libraries would slow every start.
class ServerReach {
public:
    virtual ~ServerReach() = default;
    /// Whether it answers within that time, looking its name up included; a host that begins with '/' is the folder of
    /// a local socket. Blocks as long.
    [[nodiscard]] virtual bool answers(const QString& host, int port, int patience_ms) const = 0;
};

} // namespace flenzo

#define FLENZO_SERVER_REACH "org.flenzo.ServerReach"
Q_DECLARE_INTERFACE(flenzo::ServerReach, FLENZO_SERVER_REACH)
