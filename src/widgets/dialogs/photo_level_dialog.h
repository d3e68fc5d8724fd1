// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/setup/photo_level.h"
#include "widgets/app_context.h"

#include <QDialog>
#include <QImage>

class QCheckBox;
class QLabel;
class QPushButton;

namespace flenzo {

/// A picture with marks on it, set by clicks or by arrow keys and Space; the last one is moved by arrows.
class PhotoMarks : public QWidget {
    Q_OBJECT
public:
    explicit PhotoMarks(QWidget* parent);
    void setImage(const QImage& image);
    [[nodiscard]] bool hasImage() const { return !image_.isNull(); }
    [[nodiscard]] const QList<QPointF>& marks() const { return marks_; } ///< in pixels of the picture
    void clearMarks();
    static constexpr int most = 4;

Q_SIGNALS:
    void marksChanged();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    [[nodiscard]] QRectF place() const;
    void mark(const QPointF& at_px);
    QImage image_;
    QPointF cursor_;
    QList<QPointF> marks_;
};

/// Two marks on the body's top, two on the plate: the angle, with what the marks leave uncertain, goes into the log.
class PhotoLevelDialog : public QDialog {
    Q_OBJECT
public:
    PhotoLevelDialog(AppContext& context, QWidget* parent);
    void load(const QString& file);

private:
    [[nodiscard]] std::optional<PhotoAngle> angle() const;
    void refresh();
    void take();
    AppContext& context_;
    PhotoMarks* picture_;
    QCheckBox* neckRight_;
    QLabel* words_;
    QPushButton* take_;
};

} // namespace flenzo
