// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/pull_bars.h"

#include "paint/provenance.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct PullBarsWords {
    Q_DECLARE_TR_FUNCTIONS(PullBars)
};

QString changeText(double before_N, double after_N, const Units& units) {
    const double change_N = after_N - before_N;
    const QString size = forceText(std::abs(change_N), units);
    return std::abs(change_N) < 0.05 ? PullBarsWords::tr("same")
           : change_N > 0.0          ? QStringLiteral("+") + size
                                     : QString(QChar(0x2212)) + size;
}

} // namespace

Scene buildPullBars(const PullBars& pulls, const QSizeF& size, double textScale) {
    Scene scene;
    scene.size = size;
    const double font = 13.0 * textScale, left = 14.0 + font * 1.6, words = font * 5.2;
    const double foot = font * 3.4, top = font * 0.8;
    const double row = (size.height() - foot - top) / std::max<double>(1.0, static_cast<double>(pulls.bars.size()));
    double most_N = 1.0, before_N = 0.0, after_N = 0.0;
    for (const PullBars::Bar& bar : pulls.bars) {
        most_N = std::max({most_N, bar.before_N, bar.after_N});
        before_N += bar.before_N;
        after_N += bar.after_N;
    }
    const double perNewton = std::max(1.0, size.width() - left - words - 14.0) / most_N;
    const double thick = std::min(row * 0.36, font * 0.8), figures = std::min(font, row * 0.95);
    QStringList said;
    for (std::size_t i = 0; i < pulls.bars.size(); ++i) {
        const PullBars::Bar& bar = pulls.bars[i];
        const double middle = top + (static_cast<double>(i) + 0.5) * row;
        scene.text({14.0, middle}, bar.name, ColourRole::Text, figures, Qt::AlignLeft | Qt::AlignVCenter);
        // Both are calculated, so both are hollow.
        scene.area(QRectF(left, middle - thick, bar.before_N * perNewton, thick * 0.5), ColourRole::Sheet,
                   ColourRole::Quiet, 1.0);
        Mark& mark = scene.area(QRectF(left, middle - thick * 0.25, bar.after_N * perNewton, thick * 1.25),
                                ColourRole::Sheet, ColourRole::Strings, 2.2);
        mark.id = QStringLiteral("pull-%1").arg(i);
        mark.tip = PullBarsWords::tr("String %1: %2 before, %3 after")
                       .arg(bar.name, forceText(bar.before_N, pulls.units), forceText(bar.after_N, pulls.units));
        scene.text({left + std::max(bar.before_N, bar.after_N) * perNewton + 6.0, middle},
                   changeText(bar.before_N, bar.after_N, pulls.units), ColourRole::Quiet, figures,
                   Qt::AlignLeft | Qt::AlignVCenter);
        said.append(mark.tip);
    }
    const double line = size.height() - foot + font * 0.9;
    const auto words_at = [&](double y, const QString& text, ColourRole ink) -> Mark& {
        const double fits = (size.width() - 28.0) / (0.58 * std::max(1.0, static_cast<double>(text.size())));
        return scene.text({14.0, y}, text, ink, std::min(font, fits), Qt::AlignLeft | Qt::AlignVCenter);
    };
    const QString legend = PullBarsWords::tr("calculated. Thin: old string. Thick: new");
    textWithProvenance(scene, {14.0, line}, Provenance::Calculated, legend, ColourRole::Quiet,
                       std::min(font, (size.width() - 28.0) / (0.58 * static_cast<double>(legend.size() + 2))));
    Mark& sum = words_at(line + font * 1.4,
                         PullBarsWords::tr("in all %1 \u2192 %2, %3")
                             .arg(forceText(before_N, pulls.units), forceText(after_N, pulls.units),
                                  changeText(before_N, after_N, pulls.units)),
                         ColourRole::Text);
    sum.bold = true;
    sum.id = QStringLiteral("pull-sum");
    scene.description = PullBarsWords::tr("Pull of the strings. %1. %2").arg(said.join(QStringLiteral("; ")), sum.text);
    return scene;
}

} // namespace flenzo
