// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"

#include <QDialog>
#include <functional>
#include <optional>

class QCheckBox;
class QLabel;
class QLineEdit;

namespace flenzo {

/// Where the shop's logbook lies on a server, and how this bench is called there.
struct ServerChoice {
    QString address; ///< with the password, where one was typed
    QString bench;
    bool moves = false; ///< what this machine's logbook holds goes there first
};

/// Asks for a server and stays open until it was reached; the password goes into no file.
class ServerDialog : public QDialog {
    Q_OBJECT
public:
    using Use = std::function<std::optional<Fault>(const ServerChoice&)>;
    /// `leave` goes back to this machine's own logbook; empty where that is in use.
    ServerDialog(const ServerChoice& now, Use use, std::function<void()> leave, QWidget* parent);

private:
    [[nodiscard]] ServerChoice typed() const;
    void tryIt();
    void say(const QString& sentence);
    void fit();

    Use use_;
    QLineEdit *address_, *password_, *bench_;
    QCheckBox* moves_;
    QLabel* says_;
};

} // namespace flenzo
