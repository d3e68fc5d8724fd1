// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/actions.h"
#include "app/shell_paths.h"
#include "widgets/app_context.h"

#include <QFutureWatcher>
#include <QObject>

namespace flenzo {

struct ServerChoice;

/// Where the shop's logbook lies: opens it, waits for its server, moves it, backs it up, and puts what is damaged
/// aside.
class ShopPlace : public QObject {
    Q_OBJECT
public:
    ShopPlace(const ShellPaths& paths, AppContext& context, QWidget* window);
    ~ShopPlace() override;

    /// Opens the logbook and goes on with the job that was open; a damaged one is reported and left alone.
    void open();
    /// Puts a damaged logbook aside and the newest backup, if there is one, in its place.
    void replaceDamaged();
    /// Goes to a server, with what this machine's logbook holds where that is wanted.
    std::optional<Fault> useServer(const ServerChoice& choice);
    void useOwnFile();
    void chooseServer();                ///< asks where several benches keep their logbook
    [[nodiscard]] QString name() const; ///< for sentences: no password
    void addActions(std::vector<ActionSpec>& list, const QString& menu);

Q_SIGNALS:
    void opened(bool goesOn); ///< with the job that was open last, or with the shop
    void changed();           ///< it is another, or what is known of it is

private:
    void close();
    void offerBackup(const QString& why);
    void waitForServer();
    void lookAtClock();
    void backUp();
    void restore();
    std::optional<Fault> moveShop(const Logbook& from, Logbook& to);
    [[nodiscard]] QString place() const;
    [[nodiscard]] QString backupStem() const; ///< the file beside which backups lie

    ShellPaths paths_;
    AppContext& context_;
    QWidget* window_;
    QFutureWatcher<bool> reaching_;
};

} // namespace flenzo
