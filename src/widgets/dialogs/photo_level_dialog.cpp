// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/photo_level_dialog.h"

#include "language/decimal.h"
#include "widgets/controls/photo_strip.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QKeyEvent>
#include <QLabel>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>

namespace flenzo {

namespace {

Eigen::Vector2d pixels(const QPointF& point) {
    return {point.x(), point.y()};
}

} // namespace

PhotoMarks::PhotoMarks(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(560, 300);
    setObjectName(QStringLiteral("photoMarks"));
    setAccessibleName(tr("Side photo; arrows move the mark, Space sets it"));
}

void PhotoMarks::setImage(const QImage& image) {
    image_ = image;
    cursor_ = QRectF(image.rect()).center();
    clearMarks();
}

void PhotoMarks::clearMarks() {
    marks_.clear();
    update();
    Q_EMIT marksChanged();
}

QRectF PhotoMarks::place() const {
    const QSizeF size = QSizeF(image_.size()).scaled(QSizeF(this->size()), Qt::KeepAspectRatio);
    return {QPointF((width() - size.width()) / 2.0, (height() - size.height()) / 2.0), size};
}

void PhotoMarks::mark(const QPointF& at_px) {
    if (!hasImage() || marks_.size() >= most || !QRectF(image_.rect()).contains(at_px))
        return;
    cursor_ = at_px;
    marks_.append(at_px);
    update();
    Q_EMIT marksChanged();
}

void PhotoMarks::mousePressEvent(QMouseEvent* event) {
    if (!hasImage())
        return;
    const QRectF where = place();
    const QPointF at = event->position() - where.topLeft();
    mark({at.x() * image_.width() / where.width(), at.y() * image_.height() / where.height()});
}

void PhotoMarks::keyPressEvent(QKeyEvent* event) {
    const double step = event->modifiers() & Qt::ShiftModifier ? 10.0 : 1.0;
    switch (event->key()) {
    case Qt::Key_Left:
        cursor_.rx() -= step;
        break;
    case Qt::Key_Right:
        cursor_.rx() += step;
        break;
    case Qt::Key_Up:
        cursor_.ry() -= step;
        break;
    case Qt::Key_Down:
        cursor_.ry() += step;
        break;
    case Qt::Key_Space:
        mark(cursor_);
        return;
    case Qt::Key_Backspace:
        if (!marks_.isEmpty()) {
            marks_.removeLast();
            Q_EMIT marksChanged();
        }
        break;
    default:
        QWidget::keyPressEvent(event);
        return;
    }
    update();
}

void PhotoMarks::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), palette().base());
    if (!hasImage()) {
        painter.drawText(rect(), Qt::AlignCenter, tr("No photo yet: lens square to the side, plate and top in sight"));
        return;
    }
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    const QRectF where = place();
    painter.drawImage(where, image_);
    const auto shown = [&](const QPointF& px) {
        return where.topLeft() +
               QPointF(px.x() * where.width() / image_.width(), px.y() * where.height() / image_.height());
    };
    // Dark under light, so that marks show on any picture.
    const auto stroke = [&](const std::function<void()>& draw) {
        for (const auto& [colour, width] : {std::pair(QColor(Qt::black), 4.0), std::pair(QColor(Qt::white), 1.6)}) {
            painter.setPen(QPen(colour, width));
            draw();
        }
    };
    for (qsizetype m = 0; m < marks_.size(); ++m) {
        const QPointF at = shown(marks_[m]);
        stroke([&] {
            painter.drawLine(at - QPointF(8, 0), at + QPointF(8, 0));
            painter.drawLine(at - QPointF(0, 8), at + QPointF(0, 8));
            if (m % 2 == 1)
                painter.drawLine(shown(marks_[m - 1]), at);
        });
    }
    if (hasFocus() && marks_.size() < most)
        stroke([&] { painter.drawEllipse(shown(cursor_), 6.0, 6.0); });
}

PhotoLevelDialog::PhotoLevelDialog(AppContext& context, QWidget* parent) : QDialog(parent), context_(context) {
    setObjectName(QStringLiteral("photoLevel"));
    setWindowTitle(tr("Level from a side photo"));
    auto* column = new QVBoxLayout(this);
    words_ = label(TextRole::Heading, this, QStringLiteral("photoSays"));
    words_->setWordWrap(true);
    column->addWidget(words_);
    picture_ = new PhotoMarks(this);
    column->addWidget(picture_, 1);
    neckRight_ = new QCheckBox(tr("the neck is on the right"), this);
    neckRight_->setChecked(true);
    auto* choose = new QPushButton(tr("Choose a photo…"), this);
    auto* over = new QPushButton(tr("Mark anew"), this);
    take_ = new QPushButton(tr("Take this angle"), this);
    take_->setObjectName(QStringLiteral("takeAngle"));
    auto* leave = new QPushButton(tr("Leave it"), this);
    auto* row = new QHBoxLayout;
    row->addWidget(neckRight_);
    row->addStretch();
    for (QPushButton* button : {choose, over, take_, leave}) {
        button->setAutoDefault(false);
        row->addWidget(button);
    }
    column->addLayout(row);
    connect(picture_, &PhotoMarks::marksChanged, this, &PhotoLevelDialog::refresh);
    connect(neckRight_, &QCheckBox::toggled, this, &PhotoLevelDialog::refresh);
    connect(choose, &QPushButton::clicked, this, [this] {
        if (const QString file = askForPhoto(context_, this, tr("Side photo")); !file.isEmpty())
            load(file);
    });
    connect(over, &QPushButton::clicked, picture_, &PhotoMarks::clearMarks);
    connect(take_, &QPushButton::clicked, this, &PhotoLevelDialog::take);
    connect(leave, &QPushButton::clicked, this, &QDialog::reject);
    resize(860, 560);
    refresh();
}

void PhotoLevelDialog::load(const QString& file) {
    picture_->setImage(QImage(file));
    picture_->setFocus();
}

std::optional<PhotoAngle> PhotoLevelDialog::angle() const {
    const auto& marks = picture_->marks();
    if (marks.size() < PhotoMarks::most)
        return std::nullopt;
    return photoAngle({pixels(marks[0]), pixels(marks[1])}, {pixels(marks[2]), pixels(marks[3])},
                      neckRight_->isChecked());
}

void PhotoLevelDialog::refresh() {
    const qsizetype set = picture_->marks().size();
    const auto found = angle();
    take_->setEnabled(found.has_value());
    if (found)
        words_->setText(tr("The plate is at %1° ± %2° (from the marks).")
                            .arg(signedNumber(degrees(found->angle_rad), 2))
                            .arg(decimal(degrees(found->deviation_rad), 2)));
    else if (set == PhotoMarks::most)
        words_->setText(tr("The marks are too close together; mark anew, as far apart as the edges are long."));
    else if (!picture_->hasImage())
        words_->setText(tr("Choose a photo taken from the side, square to it."));
    else
        words_->setText(set < 2 ? tr("Mark the body's top at two places, far apart.")
                                : tr("Mark the plate's edge at two places, far apart."));
}

void PhotoLevelDialog::take() {
    const auto found = angle();
    if (!found)
        return;
    Event event;
    event.angle_rad = found->angle_rad;
    event.angleDeviation_rad = found->deviation_rad;
    event.note = tr("from a side photo").toStdString();
    if (context_.accept(context_.session().append(tr("level from a photo"), event)))
        accept();
}

} // namespace flenzo
