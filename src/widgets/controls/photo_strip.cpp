// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/photo_strip.h"

#include "session/document/photos.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QPixmap>
#include <QPushButton>
#include <QtConcurrentRun>

namespace flenzo {

PhotoStrip::PhotoStrip(QWidget* parent) : QWidget(parent), row_(new QHBoxLayout(this)) {
    row_->setContentsMargins(0, 0, 0, 0);
    hide();
}

void PhotoStrip::show(const Session& session, const QStringList& files) {
    setVisible(!files.isEmpty());
    if (files == shown_)
        return;
    shown_ = files;
    while (QLayoutItem* item = row_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    for (const QString& file : files) {
        QLabel* shown = label(TextRole::Small, this, QStringLiteral("photo"));
        shown->setToolTip(file);
        shown->setAccessibleName(tr("Photo %1").arg(QFileInfo(file).fileName()));
        row_->addWidget(shown);
        if (const auto here = attachedHere(session, file))
            fill(shown, *here);
        else
            fetch(session, shown, file);
    }
    row_->addStretch();
}

void PhotoStrip::fill(QLabel* shown, const QString& file) {
    constexpr int height = 120;
    const QPixmap pixmap(file);
    if (pixmap.isNull())
        shown->setText(tr("%1 is no longer there").arg(QFileInfo(shown->toolTip()).fileName()));
    else
        shown->setPixmap(pixmap.scaledToHeight(height, Qt::SmoothTransformation));
}

/// Beside the window. One that does not come is asked for again at the next change.
void PhotoStrip::fetch(const Session& session, QLabel* shown, const QString& reference) {
    shown->setText(tr("Fetching a photo…"));
    QtConcurrent::run(fetchAttached, session.logbook()->backend().fullAddress(), reference)
        .then(shown, [this, shown](const QString& file) {
            if (!file.isEmpty()) {
                fill(shown, file);
                return;
            }
            shown->setText(tr("Photo not fetched yet"));
            shown_.clear();
        });
}

CardPhotos::CardPhotos(AppContext& context, QWidget* parent) : QWidget(parent), context_(context) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    strip_ = new PhotoStrip(this);
    auto* button = new QPushButton(tr("Add a photo…"), this);
    button->setObjectName(QStringLiteral("cardPhoto"));
    connect(button, &QPushButton::clicked, this, &CardPhotos::add);
    column->addWidget(strip_);
    column->addWidget(button, 0, Qt::AlignLeft);
    const auto refresh = [this] { strip_->show(context_.session(), context_.session().job().card.photos); };
    connect(&context_.session(), &Session::changed, this, refresh);
    refresh();
}

void CardPhotos::add() {
    const QString kept = askForPhoto(context_, this, tr("Photo of the guitar"));
    if (!kept.isEmpty())
        context_.accept(context_.session().edit(tr("photo"), [&](Job& job) { job.card.photos.append(kept); }));
}

QString askForPhoto(AppContext& context, QWidget* parent, const QString& title) {
    const QString file =
        QFileDialog::getOpenFileName(parent, title, QString(), PhotoStrip::tr("Pictures (*.png *.jpg *.jpeg)"));
    if (file.isEmpty())
        return {};
    const Result<QString> kept = savePhoto(context.session(), file);
    if (kept.ok())
        return kept.value();
    context.accept(kept.fault());
    return {};
}

} // namespace flenzo
