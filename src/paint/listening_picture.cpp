// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/listening_picture.h"

#include "language/decimal.h"
#include "language/figures.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct ListeningPictureWords {
    Q_DECLARE_TR_FUNCTIONS(ListeningPicture)
};

constexpr double quietest_dBFS = -70.0;
constexpr double furthest_cents = 400.0;

/// From 0 at the aim to 1 far off; a cent near it is as plain as a hundred far away.
double shareOf(double cents, double near_cents) {
    const double beyond = std::max(0.0, std::abs(cents) - near_cents);
    return std::min(1.0, std::log1p(beyond / near_cents) / std::log1p(furthest_cents / near_cents));
}

void addLevel(Scene& scene, const ListeningPicture& values, const QRectF& place) {
    const double share = std::clamp((values.level_dBFS - quietest_dBFS) / -quietest_dBFS, 0.0, 1.0);
    scene.area(place, ColourRole::Sheet, ColourRole::Rule, 1.0);
    Mark& bar = scene.area(QRectF(place.left(), place.top(), place.width() * share, place.height()),
                           values.clips ? ColourRole::Warn : ColourRole::Quiet);
    bar.id = QStringLiteral("level");
    bar.tip = values.clips ? ListeningPictureWords::tr("Too loud: the sound is cut off; turn the input down")
                           : ListeningPictureWords::tr("Level %1 dB").arg(std::lround(values.level_dBFS));
}

} // namespace

Scene buildListening(const ListeningPicture& values, const QSizeF& size, double textScale) {
    Scene scene;
    scene.size = size;
    const double font = 13.0 * textScale, levelHigh = font * 0.45, jaw = font * 1.1;
    const double middle = size.width() / 2.0, high = size.height() - levelHigh - 8.0, top = 2.0;
    addLevel(scene, values, QRectF(4.0, size.height() - levelHigh - 2.0, size.width() - 8.0, levelHigh));
    if (!values.fromAim_cents) {
        scene.description = ListeningPictureWords::tr("Level %1 dB").arg(std::lround(values.level_dBFS));
        return scene;
    }
    const double cents = *values.fromAim_cents, share = shareOf(cents, values.near_cents);
    const bool there = share == 0.0, flat = cents < 0.0;
    const double off = share * (middle - jaw - 6.0);
    const ColourRole moving = there ? ColourRole::Goal : flat ? ColourRole::Springs : ColourRole::Strings;
    const auto block = [&](double left, ColourRole fill) -> Mark& {
        return scene.area(QRectF(left, top, jaw, high), fill, there ? ColourRole::Goal : ColourRole::MetalEdge, 1.5);
    };
    // The jaw that stands still is the aim; the other comes from the side on which the string is.
    block(flat ? middle : middle - jaw, there ? ColourRole::Goal : ColourRole::Metal).id = QStringLiteral("aim");
    Mark& comes = block(flat ? middle - jaw - off : middle + off, moving);
    comes.id = QStringLiteral("comes");
    comes.tip = there  ? ListeningPictureWords::tr("There")
                : flat ? ListeningPictureWords::tr("%1 cents below the aim").arg(decimal(-cents, 1))
                       : ListeningPictureWords::tr("%1 cents above the aim").arg(decimal(cents, 1));
    scene.description = comes.tip;
    return scene;
}

} // namespace flenzo
