// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/provenance.h"

#include "paint/circle.h"

#include <QCoreApplication>

namespace flenzo {

namespace {

struct ProvenanceWords {
    Q_DECLARE_TR_FUNCTIONS(Provenance)
};

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
        for (const QPointF& dot : circleAt(centre, radius, dots))
            scene.area(circleAt(dot, stroke * 0.9, 8), ink).id = QStringLiteral("assumed");
        return;
    }
    const bool measured = of == Provenance::Measured;
    Mark& mark = scene.area(circleAt(centre, measured ? radius + 0.5 * stroke : radius, corners),
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
