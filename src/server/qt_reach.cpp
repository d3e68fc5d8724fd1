// SPDX-License-Identifier: GPL-3.0-or-later
#include "server/qt_reach.h"

#include <QLocalSocket>
#include <QTcpSocket>

namespace flenzo {

bool QtReach::answers(const QString& host, int port, int patience_ms) const {
    if (host.startsWith(QLatin1Char('/'))) {
        QLocalSocket socket;
        socket.connectToServer(host + QStringLiteral("/.s.PGSQL.%1").arg(port));
        return socket.waitForConnected(patience_ms);
    }
    QTcpSocket socket;
    socket.connectToHost(host, static_cast<quint16>(port));
    return socket.waitForConnected(patience_ms);
}

} // namespace flenzo
