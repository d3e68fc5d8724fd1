// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/movement_picture.h"

#include "language/decimal.h"
#include "language/figures.h"
#include "paint/provenance.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct MovementPictureWords {
    Q_DECLARE_TR_FUNCTIONS(MovementPicture)
};

QString headWords(const MovedStrings& moved) {
    if (moved.act.isEmpty())
        return MovementPictureWords::tr("Nothing has been done yet that moves the strings.");
    const QString tilt = decimal(std::abs(moved.tilt_deg), 2);
    return std::abs(moved.tilt_deg) < 0.005 ? MovementPictureWords::tr("%1: the plate did not move").arg(moved.act)
           : moved.tilt_deg > 0.0 ? MovementPictureWords::tr("%1: the plate tipped %2° forward").arg(moved.act, tilt)
                                  : MovementPictureWords::tr("%1: the plate tipped %2° back").arg(moved.act, tilt);
}

} // namespace

Scene buildMovement(const MovedStrings& moved, const QSizeF& size, double textScale) {
    Scene scene;
    scene.size = size;
    const double font = 12.5 * textScale, top = font * 2.0, left = 14.0 + font * 1.8, words = font * 3.4;
    scene.text({14.0, font}, headWords(moved), ColourRole::Text, font, Qt::AlignLeft | Qt::AlignVCenter).bold = true;
    scene.description = headWords(moved);
    if (moved.strings.empty())
        return scene;
    double most = 1.0;
    for (const auto& string : moved.strings)
        most = std::max(most, std::abs(string.plate_cents) + std::abs(string.own_cents));
    const double foot = font * 1.6;
    const double row = (size.height() - top - foot) / static_cast<double>(moved.strings.size());
    const double zero = left + words + (size.width() - left - 2.0 * words - 14.0) / 2.0;
    const double perCent = std::max(1.0, size.width() - left - 2.0 * words - 14.0) / 2.0 / most;
    const double thick = std::min(row * 0.55, font * 0.7), small = std::min(font, row * 0.95);
    scene.line({{zero, top}, {zero, size.height() - foot}}, ColourRole::Rule, 1.0);
    const QString legend = MovementPictureWords::tr("calculated  ·  thin: the plate's tilt  ·  thick: its own length");
    textWithProvenance(scene, {14.0, size.height() - font * 0.8}, Provenance::Calculated, legend, ColourRole::Quiet,
                       std::min(font, (size.width() - 28.0) / (0.58 * static_cast<double>(legend.size() + 2))));
    QStringList said;
    for (std::size_t k = 0; k < moved.strings.size(); ++k) {
        const auto& string = moved.strings[k];
        const double y = top + (static_cast<double>(k) + 0.5) * row;
        const double split = zero + string.plate_cents * perCent, end = split + string.own_cents * perCent;
        scene.text({14.0, y}, string.name, ColourRole::Text, small, Qt::AlignLeft | Qt::AlignVCenter).bold =
            string.touched;
        scene.area(QRectF(QPointF(zero, y - thick / 4), QPointF(split, y + thick / 4)).normalized(), ColourRole::Sheet,
                   ColourRole::MetalEdge, 1.4);
        Mark& own = scene.area(QRectF(QPointF(split, y - thick / 2), QPointF(end, y + thick / 2)).normalized(),
                               ColourRole::Sheet, ColourRole::Strings, 2.2);
        own.id = QStringLiteral("moved-") + string.name;
        own.tip = MovementPictureWords::tr("String %1: %2 cents by the plate, %3 by itself")
                      .arg(string.name, signedNumber(string.plate_cents, 1), signedNumber(string.own_cents, 1));
        const double sum = string.plate_cents + string.own_cents;
        scene.text({sum < 0.0 ? std::min({zero, split, end}) - 6.0 : std::max({zero, split, end}) + 6.0, y},
                   signedNumber(sum, 0), ColourRole::Quiet, small,
                   (sum < 0.0 ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
        said.append(own.tip);
    }
    scene.description += QStringLiteral(". ") + said.join(QStringLiteral("; "));
    return scene;
}

} // namespace flenzo
