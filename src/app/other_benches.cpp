// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/other_benches.h"

#include "widgets/dialogs/conflict_dialog.h"

namespace flenzo {

OtherBenches::OtherBenches(AppContext& context, QWidget* window) : QObject(window), context_(context), window_(window) {
    const Session* session = &context.session();
    connect(session, &Session::wentAway, this, [this](const Fault& fault) {
        context_.complain(sentence(context_.session().logbook()->path(), fault));
        Q_EMIT changed();
    });
    connect(session, &Session::cameBack, this, [this] {
        context_.say(tr("The server is back, and has everything that was entered."));
        Q_EMIT cameBack();
        Q_EMIT changed();
    });
    connect(session, &Session::changedElsewhere, this,
            [this] { context_.say(tr("Changed at another bench; shown as it is now. Undo begins anew.")); });
    connect(session, &Session::removedElsewhere, this, [this] {
        context_.complain(
            tr("This job was deleted at another bench. It is still open here: Job, Save in the shop puts it back."));
        Q_EMIT changed();
    });
    connect(session, &Session::openElsewhere, this, [this] {
        context_.say(
            tr("Another bench has this job open too. Each sees what the other enters; agree who reads and turns."));
    });
    connect(session, &Session::conflicted, this, &OtherBenches::showConflict);
    constexpr int together_ms = 250;
    notices_.setSingleShot(true);
    notices_.setInterval(together_ms);
    connect(session, &Session::shopChanged, &notices_, qOverload<>(&QTimer::start));
    connect(&notices_, &QTimer::timeout, this, &OtherBenches::shopChanged);
}

void OtherBenches::showConflict() {
    Q_EMIT changed();
    const auto* shown = window_->findChild<ConflictDialog*>();
    if (!context_.session().conflict() || (shown && shown->isVisible()))
        return;
    auto* dialog = new ConflictDialog(context_, window_);
    connect(dialog, &QDialog::finished, this, &OtherBenches::changed);
    dialog->open();
}

} // namespace flenzo
