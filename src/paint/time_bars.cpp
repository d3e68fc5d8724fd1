// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/time_bars.h"

#include "language/decimal.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct TimeBarsWords {
    Q_DECLARE_TR_FUNCTIONS(TimeBars)
};

constexpr double barRow = 1.7, barHead = 2.2; // in heights of the text

} // namespace

double timeBarsHeight(const TimeBars& times, double textScale) {
    return 13.0 * textScale * (barHead + 1.0 + barRow * static_cast<double>(std::max<qsizetype>(1, times.bars.size())));
}

Scene buildTimeBars(const TimeBars& times, const QSizeF& size, double textScale) {
    const double font = 13.0 * textScale;
    if (times.bars.isEmpty())
        return Scene::empty(size, TimeBarsWords::tr("No finished job tells its times yet."), font);
    Scene scene;
    scene.size = size;
    double most = 1.0;
    for (const TimeBars::Bar& bar : times.bars)
        most = std::max(most, bar.most_min);
    const double left = std::min(13.0 * font, 0.4 * size.width());
    const double right = std::max(left + 40.0, size.width() - 6.0 * font);
    const auto x = [&](double minutes) { return left + (right - left) * minutes / most; };
    const double step = most > 40.0 ? 20.0 : most > 15.0 ? 5.0 : most > 6.0 ? 2.0 : 1.0;
    const double bottom = font * (barHead + barRow * static_cast<double>(times.bars.size()));
    for (int k = 0; k * step <= most; ++k) {
        const double tick = k * step;
        scene.line({{x(tick), barHead * font}, {x(tick), bottom}}, ColourRole::Rule, 1.0);
        scene.text({x(tick), 1.4 * font}, QString::number(tick), ColourRole::Quiet, font,
                   Qt::AlignHCenter | Qt::AlignVCenter);
    }
    scene.text({font * 0.4, 1.4 * font}, TimeBarsWords::tr("minutes × jobs"), ColourRole::Quiet, font,
               Qt::AlignLeft | Qt::AlignVCenter);
    QStringList said;
    for (qsizetype row = 0; row < times.bars.size(); ++row) {
        const TimeBars::Bar& bar = times.bars.at(row);
        const double y = font * (barHead + barRow * (static_cast<double>(row) + 0.5)), half = 0.42 * font;
        const auto fits = static_cast<qsizetype>((left - font) / (0.55 * font));
        scene.text({left - 0.6 * font, y}, bar.name.size() <= fits ? bar.name : bar.name.left(fits - 1) + QChar(0x2026),
                   ColourRole::Text, font, Qt::AlignRight | Qt::AlignVCenter);
        Mark& range = scene.area(QRectF(QPointF(x(bar.least_min), y - half),
                                        QPointF(std::max(x(bar.most_min), x(bar.least_min) + 2.0), y + half)),
                                 ColourRole::FocusSoft, ColourRole::Focus, 1.0);
        range.id = QStringLiteral("bar-%1").arg(row);
        range.tip = TimeBarsWords::tr("%1: median %2 min, from %3 to %4")
                        .arg(bar.name)
                        .arg(decimal(bar.median_min, 1))
                        .arg(decimal(bar.least_min, 1))
                        .arg(decimal(bar.most_min, 1));
        said.append(range.tip);
        scene.line({{x(bar.median_min), y - 1.5 * half}, {x(bar.median_min), y + 1.5 * half}}, ColourRole::Text, 3.0);
        scene.text({std::max(x(bar.most_min), x(bar.least_min)) + 0.5 * font, y},
                   TimeBarsWords::tr("%1 × %2").arg(decimal(bar.median_min, 1)).arg(bar.jobs), ColourRole::Text, font,
                   Qt::AlignLeft | Qt::AlignVCenter);
    }
    scene.description = said.join(QStringLiteral("; "));
    return scene;
}

} // namespace flenzo
