// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/server_reach.h"

#include <QObject>

namespace flenzo {

/// By Qt Network, which looks names up beside what waits for it.
class QtReach : public QObject, public ServerReach {
    Q_OBJECT
    Q_PLUGIN_METADATA(IID FLENZO_SERVER_REACH)
    Q_INTERFACES(flenzo::ServerReach)
public:
    [[nodiscard]] bool answers(const QString& host, int port, int patience_ms) const override;
};

} // namespace flenzo
