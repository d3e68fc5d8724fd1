// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/provenance.h"

#include <QCoreApplication>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

struct ProvenanceWords {
    Q_DECLARE_TR_FUNCTIONS(Provenance)
};

QPolygonF disc(const QPointF& centre, double radius, int corners) {
    QPolygonF points;
    for (int k = 0; k < corners; ++k) {
        const double turn = 2.0 * std::numbers::pi * k / corners;
        points.append(centre + radius * QPointF(std::cos(turn), std::sin(turn)));
    }
    return points;
}

} // namespace

QString provenanceName(Provenance of) {
    switch (of) {
    case Provenance::Measured:
        return ProvenanceWords::tr("measured");
    case Provenance::Calculated:
        return ProvenanceWords::tr("calculated");
    case Provenance::Assumed:
        return ProvenanceWords::tr("assumed");
    }
    return {};
}

void addProvenance(Scene& scene, const QPointF& centre, Provenance of, double textPixels, ColourRole ink) {
    constexpr int corners = 20, dots = 6;
    const double radius = 0.3 * textPixels, stroke = 0.12 * textPixels;
    if (of == Provenance::Assumed) {
        for (const QPointF& dot : disc(centre, radius, dots))
            scene.area(disc(dot, stroke * 0.9, 8), ink).id = QStringLiteral("assumed");
        return;
    }
    const bool measured = of == Provenance::Measured;
    Mark& mark = scene.area(disc(centre, measured ? radius + 0.5 * stroke : radius, corners),
                            measured ? ink : ColourRole::Sheet, ink, measured ? 1.0 : stroke);
    mark.id = measured ? QStringLiteral("measured") : QStringLiteral("calculated");
}

Mark& textWithProvenance(Scene& scene, const QPointF& at, Provenance of, const QString& words, ColourRole ink,
                         double pixels) {
    addProvenance(scene, at + QPointF(0.4 * pixels, 0.0), of, pixels, ink);
    return scene.text(at + QPointF(1.1 * pixels, 0.0), words, ink, pixels, Qt::AlignLeft | Qt::AlignVCenter);
}

void paintProvenance(QPainter& painter, const QPointF& centre, Provenance of, double textPixels, const Theme& theme) {
    Scene scene;
    addProvenance(scene, centre, of, textPixels);
    paintMarks(painter, scene, theme);
}

} // namespace flenzo
