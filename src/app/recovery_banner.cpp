// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/recovery_banner.h"

#include "widgets/look.h"

#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace flenzo {

RecoveryBanner::RecoveryBanner(AppContext& context, QWidget* parent) : QFrame(parent), context_(context) {
    setObjectName(QStringLiteral("message"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 6, 8, 6);
    words_ = label(TextRole::Body, this, QStringLiteral("recoveryText"));
    auto* bring = new QPushButton(tr("Restore"), this);
    bring->setObjectName(QStringLiteral("bringBack"));
    auto* drop = new QPushButton(tr("Delete"), this);
    row->addWidget(words_, 1);
    row->addWidget(bring);
    row->addWidget(drop);
    connect(bring, &QPushButton::clicked, this, &RecoveryBanner::restore);
    connect(drop, &QPushButton::clicked, this, [this] {
        context_.session().recovery().discard(*leftover_);
        hide();
    });
    hide();
}

void RecoveryBanner::offer() {
    leftover_ = context_.session().recovery().leftover();
    setVisible(leftover_.has_value());
    if (leftover_)
        words_->setText(
            (leftover_->place
                 ? tr("\"%1\" was changed while the server was away, and waits here. Entries in its log: %2.")
                 : tr("The program ended unexpectedly with \"%1\" open. Entries in its log: %2."))
                .arg(leftover_->job.guitar)
                .arg(leftover_->job.log.size()));
}

void RecoveryBanner::restore() {
    Session& session = context_.session();
    const bool ofThisShop =
        leftover_->place && session.logbook() && session.logbook()->path() == leftover_->place->logbook;
    const bool opened = context_.replaceJob([&](Unsaved unsaved) {
        auto fault = ofThisShop ? session.comeBackWith(*leftover_, unsaved) : session.restore(*leftover_, unsaved);
        return session.conflict() ? std::nullopt : fault; // a conflict is shown by itself
    });
    if (!opened)
        return;
    hide();
    Q_EMIT restored();
}

} // namespace flenzo
