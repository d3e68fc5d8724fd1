// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/progress_chart.h"

#include <QCoreApplication>
#include <algorithm>

namespace flenzo {

namespace {

struct ProgressChartWords {
    Q_DECLARE_TR_FUNCTIONS(ProgressChart)
};

} // namespace

Scene buildProgress(const PracticeProgress& progress, const QSizeF& size, double textScale) {
    const double font = 13.0 * textScale;
    if (progress.runs.isEmpty())
        return Scene::empty(size, ProgressChartWords::tr("Nothing has been practised yet."), font);
    Scene scene;
    scene.size = size;
    const QRectF plot(font * 3.2, font * 1.8, size.width() - font * 4.6, std::max(20.0, size.height() - font * 3.4));
    const auto y = [&](double share) { return plot.bottom() - plot.height() * std::clamp(share, 0.0, 1.0); };
    const auto x = [&](qsizetype k) {
        const auto last = static_cast<double>(std::max<qsizetype>(1, progress.runs.size() - 1));
        return progress.runs.size() == 1 ? plot.center().x()
                                         : plot.left() + plot.width() * static_cast<double>(k) / last;
    };
    for (const int points : {0, 60, 100}) {
        scene.line({{plot.left(), y(points / 100.0)}, {plot.right(), y(points / 100.0)}}, ColourRole::Rule, 1.0);
        scene.text({plot.left() - font * 0.5, y(points / 100.0)}, QString::number(points), ColourRole::Quiet, font,
                   Qt::AlignRight | Qt::AlignVCenter);
    }
    scene.text({font * 0.4, font * 0.8}, ProgressChartWords::tr("points"), ColourRole::Quiet, font,
               Qt::AlignLeft | Qt::AlignVCenter);
    scene.text({plot.right(), font * 0.8}, ProgressChartWords::tr("dashed: how far guesses were off"),
               ColourRole::Forecast, font, Qt::AlignRight | Qt::AlignVCenter);
    QPolygonF line, errors;
    for (qsizetype k = 0; k < progress.runs.size(); ++k) {
        line.append({x(k), y(progress.runs[k].points / 100.0)});
        if (progress.runs[k].guessError)
            errors.append({x(k), y(*progress.runs[k].guessError)});
    }
    scene.line(line, ColourRole::Focus, 2.0).id = QStringLiteral("points");
    Mark& off = scene.line(errors, ColourRole::Forecast, 1.6);
    off.dashed = true;
    off.id = QStringLiteral("guesses");
    const double half = font * 0.34;
    QStringList said;
    for (qsizetype k = 0; k < progress.runs.size(); ++k) {
        const PracticeProgress::Run& run = progress.runs[k];
        Mark& mark = scene.area(QRectF(line[k] - QPointF(half, half), QSizeF(2.0 * half, 2.0 * half)),
                                run.passed ? ColourRole::Goal : ColourRole::Sheet,
                                run.passed ? ColourRole::Goal : ColourRole::Focus, 2.0);
        mark.id = QStringLiteral("run-%1").arg(k);
        mark.tip = run.passed ? ProgressChartWords::tr("%1: %2 points, passed").arg(run.words).arg(run.points)
                              : ProgressChartWords::tr("%1: %2 points").arg(run.words).arg(run.points);
        said.append(mark.tip);
    }
    scene.description = ProgressChartWords::tr("Practice so far. %1").arg(said.join(QStringLiteral("; ")));
    return scene;
}

} // namespace flenzo
