// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/server_dialog.h"

#include "store/logbook.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QGuiApplication>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QUrl>

namespace flenzo {

namespace {
constexpr int longestName = 60;
}

ServerDialog::ServerDialog(const ServerChoice& now, Use use, std::function<void()> leave, QWidget* parent)
    : QDialog(parent), use_(std::move(use)) {
    setObjectName(QStringLiteral("serverDialog"));
    setWindowTitle(tr("Logbook on a server"));
    auto* column = new QVBoxLayout(this);
    column->setSpacing(10);
    QLabel* what = label(TextRole::Body, this);
    what->setWordWrap(true);
    what->setText(
        tr("Several benches can work on one logbook in a PostgreSQL database. Each sees at once what the others "
           "enter. While the server is away every bench works on and hands in later."));
    column->addWidget(what);
    auto* form = new QFormLayout;
    const auto field = [&](const QString& words, const char* name, const QString& text) {
        auto* made = new QLineEdit(text, this);
        made->setObjectName(QLatin1String(name));
        form->addRow(words, made);
        return made;
    };
    address_ = field(tr("&Address"), "serverAddress", withoutPassword(now.address));
    address_->setPlaceholderText(QStringLiteral("postgresql://user@host/flenzo"));
    password_ = field(tr("&Password"), "serverPassword", QString());
    password_->setEchoMode(QLineEdit::Password);
    password_->setPlaceholderText(tr("is kept nowhere; the file .pgpass can hold it"));
    bench_ = field(tr("&This bench"), "serverBench", now.bench);
    bench_->setMaxLength(longestName);
    column->addLayout(form);
    moves_ = new QCheckBox(tr("&Move this machine's shop there; the server's logbook must be empty"), this);
    moves_->setObjectName(QStringLiteral("serverMoves"));
    moves_->setVisible(!leave);
    column->addWidget(moves_);
    says_ = label(TextRole::Body, this, QStringLiteral("serverSays"));
    says_->setWordWrap(true);
    says_->hide();
    column->addWidget(says_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    QPushButton* connectButton = buttons->addButton(tr("&Connect"), QDialogButtonBox::AcceptRole);
    connectButton->setObjectName(QStringLiteral("serverConnect"));
    connectButton->setDefault(true);
    connect(connectButton, &QPushButton::clicked, this, &ServerDialog::tryIt);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    if (leave) {
        QPushButton* back = buttons->addButton(tr("Use this machine's &own logbook"), QDialogButtonBox::ResetRole);
        back->setObjectName(QStringLiteral("serverLeave"));
        connect(back, &QPushButton::clicked, this, [this, leave = std::move(leave)] {
            accept();
            leave();
        });
    }
    column->addWidget(buttons);
    constexpr int lines = 40; // wide enough for an address
    resize(lines * fontMetrics().height(), 0);
    fit();
}

/// As high as its sentences are at this width.
void ServerDialog::fit() {
    resize(width(), layout()->totalHeightForWidth(width()));
}

void ServerDialog::say(const QString& sentence) {
    says_->setText(sentence);
    says_->show();
    fit();
}

ServerChoice ServerDialog::typed() const {
    QUrl url(address_->text().trimmed());
    if (!password_->text().isEmpty())
        url.setPassword(password_->text());
    return {url.isValid() ? url.toString(QUrl::FullyEncoded) : address_->text().trimmed(), bench_->text().trimmed(),
            moves_->isVisibleTo(this) && moves_->isChecked()};
}

void ServerDialog::tryIt() {
    const ServerChoice choice = typed();
    if (choice.bench.isEmpty()) {
        say(tr("Give this bench a name, so that the others know it."));
        bench_->setFocus();
        return;
    }
    QGuiApplication::setOverrideCursor(Qt::WaitCursor);
    const auto fault = use_(choice);
    QGuiApplication::restoreOverrideCursor();
    if (!fault) {
        accept();
        return;
    }
    say(sentence(withoutPassword(choice.address), *fault) + QLatin1Char('.'));
}

} // namespace flenzo
