// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/scene.h"

#include <QPainterPath>
#include <QPainterPathStroker>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

constexpr double nearEnough_px = 6.0;

void paintArrow(QPainter& painter, const QPolygonF& points, double width) {
    if (points.size() < 2)
        return;
    const QPointF tip = points.last();
    const QPointF along = tip - points.at(points.size() - 2);
    const double length = std::hypot(along.x(), along.y());
    if (length < 1e-6)
        return;
    const QPointF unit = along / length, side(-unit.y(), unit.x());
    const double head = 4.0 + 2.4 * width;
    painter.drawPolygon(QPolygonF{tip + unit * head * 0.6, tip - unit * head * 0.6 + side * head * 0.55,
                                  tip - unit * head * 0.6 - side * head * 0.55});
}

QRectF boxAround(const QPointF& at, Qt::Alignment align) {
    constexpr double far = 4000.0;
    QRectF box(at.x(), at.y() - far / 2, far, far);
    if (align & Qt::AlignRight)
        box.moveRight(at.x());
    if (align & Qt::AlignHCenter)
        box.moveCenter({at.x(), box.center().y()});
    if (align & Qt::AlignTop)
        box.moveTop(at.y());
    if (align & Qt::AlignBottom)
        box.moveBottom(at.y());
    return box;
}

/// A hairline along an axis: filled, since stroking it through the antialiasing path costs a hundred times more.
bool paintHairline(QPainter& painter, const Mark& mark, const Theme& theme) {
    if (mark.shape != Mark::Shape::Line || mark.points.size() != 2 || mark.dashed || mark.arrow || mark.width > 1.0)
        return false;
    const QPointF a = mark.points.first(), b = mark.points.last();
    if (a.x() != b.x() && a.y() != b.y())
        return false;
    QRect line = QRectF(a, b).normalized().toRect();
    line.setSize(line.size().expandedTo({1, 1}));
    painter.fillRect(line, theme[*mark.stroke]);
    return true;
}

/// Piece by piece with square ends: the raster engine fills such lines directly, where joints and round ends cost it a
/// path, a stroker and curves for every bend.
void paintStroke(QPainter& painter, const Mark& mark, const Theme& theme) {
    const bool closed = mark.shape == Mark::Shape::Area;
    if (mark.dashed) {
        painter.setPen(QPen(theme[*mark.stroke], mark.width, Qt::DashLine, Qt::FlatCap, Qt::BevelJoin));
        painter.setBrush(Qt::NoBrush);
        closed ? painter.drawPolygon(mark.points) : painter.drawPolyline(mark.points);
        return;
    }
    QList<QLineF> pieces;
    pieces.reserve(mark.points.size());
    for (qsizetype i = 1; i < mark.points.size(); ++i)
        pieces.append({mark.points.at(i - 1), mark.points.at(i)});
    if (closed && mark.points.size() > 2)
        pieces.append({mark.points.last(), mark.points.first()});
    painter.setPen(QPen(theme[*mark.stroke], mark.width, Qt::SolidLine, Qt::SquareCap));
    painter.drawLines(pieces);
}

void paintText(QPainter& painter, const Mark& mark, const Theme& theme) {
    QFont font = painter.font();
    font.setPixelSize(std::max(1, static_cast<int>(std::lround(mark.pixels))));
    font.setBold(mark.bold);
    painter.setFont(font);
    painter.setPen(theme[mark.stroke.value_or(ColourRole::Text)]);
    painter.drawText(boxAround(mark.points.first(), mark.align), static_cast<int>(mark.align), mark.text);
}

} // namespace

Scene Scene::empty(const QSizeF& size, const QString& why, double pixels) {
    Scene scene;
    scene.size = size;
    scene.description = why;
    scene.text({size.width() / 2.0, size.height() / 2.0}, why, ColourRole::Quiet, pixels,
               Qt::AlignHCenter | Qt::AlignVCenter);
    return scene;
}

Mark& Scene::area(const QPolygonF& outline, ColourRole fill, std::optional<ColourRole> stroke, double width) {
    Mark mark;
    mark.shape = Mark::Shape::Area;
    mark.points = outline;
    mark.fill = fill;
    mark.stroke = stroke;
    mark.width = width;
    return marks.emplace_back(std::move(mark));
}

Mark& Scene::line(const QPolygonF& points, ColourRole ink, double width) {
    Mark mark;
    mark.points = points;
    mark.stroke = ink;
    mark.width = width;
    return marks.emplace_back(std::move(mark));
}

Mark& Scene::text(const QPointF& at, const QString& words, ColourRole ink, double pixels, Qt::Alignment align) {
    Mark mark;
    mark.shape = Mark::Shape::Text;
    mark.points = {at};
    mark.stroke = ink;
    mark.text = words;
    mark.pixels = pixels;
    mark.align = align;
    return marks.emplace_back(std::move(mark));
}

const Mark* Scene::find(const QString& id) const {
    for (const Mark& mark : marks)
        if (mark.id == id)
            return &mark;
    return nullptr;
}

const Mark* Scene::hit(const QPointF& at) const {
    for (auto mark = marks.rbegin(); mark != marks.rend(); ++mark) {
        if (mark->tip.isEmpty() || mark->points.isEmpty())
            continue;
        QPainterPath path;
        path.addPolygon(mark->points);
        if (mark->shape == Mark::Shape::Area && path.contains(at))
            return &*mark;
        QPainterPathStroker stroker;
        stroker.setWidth(2.0 * nearEnough_px);
        if (mark->shape == Mark::Shape::Line && stroker.createStroke(path).contains(at))
            return &*mark;
    }
    return nullptr;
}

void paint(QPainter& painter, const Scene& scene, const Theme& theme) {
    painter.fillRect(QRectF({0, 0}, scene.size), theme[scene.ground]);
    paintMarks(painter, scene, theme);
}

void paintMarks(QPainter& painter, const Scene& scene, const Theme& theme) {
    painter.setRenderHint(QPainter::Antialiasing);
    for (const Mark& mark : scene.marks) {
        if (mark.shape == Mark::Shape::Text) {
            paintText(painter, mark, theme);
            continue;
        }
        if (paintHairline(painter, mark, theme))
            continue;
        if (mark.fill) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(theme[*mark.fill]);
            painter.drawPolygon(mark.points);
        }
        if (mark.stroke)
            paintStroke(painter, mark, theme);
        if (mark.arrow) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(theme[*mark.stroke]);
            paintArrow(painter, mark.points, mark.width);
        }
    }
}

} // namespace flenzo
