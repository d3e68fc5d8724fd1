// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/trial_chart.h"

#include "language/decimal.h"
#include "paint/provenance.h"

#include <QCoreApplication>
#include <algorithm>
#include <array>

namespace flenzo {

namespace {

/// Upper ends of the bins in passes; they widen, for the adviser needs one or two where a shop method needs dozens.
constexpr std::array<double, 12> binEnds{1.0, 1.25, 1.5, 2.0, 3.0, 5.0, 8.0, 12.0, 18.0, 27.0, 40.0, 60.0};
constexpr int bins = static_cast<int>(binEnds.size()) + 1; ///< the last holds what is more

struct TrialChartWords {
    Q_DECLARE_TR_FUNCTIONS(TrialChart)
};

std::array<int, bins> binsOf(const TrialRow& row) {
    std::array<int, bins> counts{};
    for (const Played& played : row.plays)
        ++counts[static_cast<std::size_t>(std::lower_bound(binEnds.begin(), binEnds.end(), played.passes - 1e-9) -
                                          binEnds.begin())];
    return counts;
}

QString wordsOf(const TrialRow& row) {
    const Quantiles passes = row.quantiles([](const Played& p) { return p.passes; });
    const Quantiles minutes = row.quantiles([](const Played& p) { return p.minutes; });
    return TrialChartWords::tr("median %1 passes, %2 min").arg(decimal(passes.p50, 1)).arg(decimal(minutes.p50, 0));
}

} // namespace

Scene buildTrialChart(const TrialReport& report, const QSizeF& size, double textScale) {
    Scene scene;
    scene.size = size;
    const double font = 14.0 * textScale, left = std::min(size.width() * 0.42, font * 25.0),
                 right = size.width() - 14.0;
    if (report.rows.empty()) {
        scene.text({size.width() / 2.0, size.height() / 2.0},
                   TrialChartWords::tr(
                       "Not compared yet. Simulated guitars like this one, tuned by each method and by the adviser."),
                   ColourRole::Quiet, font, Qt::AlignHCenter | Qt::AlignVCenter);
        scene.description = TrialChartWords::tr("No trial has been played yet.");
        return scene;
    }
    const auto rows = static_cast<double>(report.rows.size());
    const double bottom = size.height() - font * 3.0, tall = (bottom - font) / rows, wide = (right - left) / bins;
    const Qt::Alignment centred = Qt::AlignHCenter | Qt::AlignVCenter;
    for (std::size_t k = 0; k < report.rows.size(); ++k) {
        const TrialRow& row = report.rows[report.rows.size() - 1 - k]; // the adviser first
        const bool adviser = k == 0;
        const double base = font + tall * static_cast<double>(k + 1) - 6.0;
        const auto counts = binsOf(row);
        const int most = std::max(1, *std::max_element(counts.begin(), counts.end()));
        scene
            .text({14.0, base - tall * 0.55},
                  adviser ? TrialChartWords::tr("adviser") : QString::fromStdString(row.name), ColourRole::Text, font,
                  Qt::AlignLeft | Qt::AlignVCenter)
            .bold = adviser;
        scene.text({14.0, base - tall * 0.55 + font * 1.3}, wordsOf(row), ColourRole::Quiet, font * 0.87,
                   Qt::AlignLeft | Qt::AlignVCenter);
        scene.line({{left, base}, {right, base}}, ColourRole::Rule, 1.0);
        for (int b = 0; b < bins; ++b) {
            const int count = counts[static_cast<std::size_t>(b)];
            if (count == 0)
                continue;
            const double height = (tall - font * 0.9) * count / most;
            Mark& bar = scene.area(QRectF(left + wide * b + 3.0, base - height, wide - 6.0, height), ColourRole::Sheet,
                                   adviser ? ColourRole::Focus : ColourRole::Strings, 2.2);
            bar.id = QStringLiteral("bar-%1-%2").arg(report.rows.size() - 1 - k).arg(b + 1);
            bar.tip = b + 1 == bins ? TrialChartWords::tr("%1 of %2 guitars in more than %3 passes")
                                          .arg(count)
                                          .arg(row.plays.size())
                                          .arg(binEnds.back())
                                    : TrialChartWords::tr("%1 of %2 guitars in %3 passes at most")
                                          .arg(count)
                                          .arg(row.plays.size())
                                          .arg(binEnds[static_cast<std::size_t>(b)]);
        }
    }
    for (int b = 0; b < bins; ++b)
        scene.text({left + wide * (b + 0.5), bottom + font * 0.7},
                   b + 1 == bins ? QStringLiteral("more") : QString::number(binEnds[static_cast<std::size_t>(b)]),
                   ColourRole::Quiet, font * 0.87, centred);
    textWithProvenance(scene, {left, bottom + font * 2.1}, Provenance::Calculated,
                       TrialChartWords::tr("passes until in tune and level, calculated"), ColourRole::Quiet, font);
    scene.description = TrialChartWords::tr("Trial on %1 simulated guitars. Adviser: %2.")
                            .arg(report.stable)
                            .arg(wordsOf(report.rows.back()));
    return scene;
}

} // namespace flenzo
