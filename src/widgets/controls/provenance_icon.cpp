// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/provenance_icon.h"

#include <QApplication>
#include <QIconEngine>
#include <QPalette>

namespace flenzo {

namespace {

class Engine : public QIconEngine {
public:
    explicit Engine(Provenance of) : of_(of) {}
    void paint(QPainter* painter, const QRect& rect, QIcon::Mode, QIcon::State) override {
        const bool dark = QApplication::palette().color(QPalette::Base).lightnessF() < 0.5;
        paintProvenance(*painter, QRectF(rect).center(), of_, rect.height(), dark ? benchDark() : benchLight());
    }
    QPixmap pixmap(const QSize& size, QIcon::Mode mode, QIcon::State state) override {
        QPixmap pixels(size);
        pixels.fill(Qt::transparent);
        QPainter painter(&pixels);
        paint(&painter, QRect({0, 0}, size), mode, state);
        return pixels;
    }
    [[nodiscard]] QIconEngine* clone() const override { return new Engine(of_); }

private:
    Provenance of_;
};

} // namespace

QIcon provenanceIcon(Provenance of) {
    return QIcon(new Engine(of));
}

} // namespace flenzo
