// SPDX-License-Identifier: GPL-3.0-or-later
// What an exercise shows: readings as they were read, the way home by them, the bridge as it was seen.
#include "widgets/pages/practice_bench.h"

#include "paint/section.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/text/convergence.h"
#include "widgets/text/wording.h"

#include <QHeaderView>
#include <QTabWidget>
#include <QTableWidget>
#include <algorithm>

namespace flenzo {

void PracticeBench::refreshReadings() {
    const Job& job = run_->job();
    const std::size_t strings = job.rig.strings.size();
    readings_->verticalHeader()->setDefaultSectionSize(static_cast<int>(basePixels(context_.preferences()) * 1.9));
    readings_->setMinimumHeight(readings_->verticalHeader()->length() + readings_->horizontalHeader()->height() + 6);
    std::vector<std::optional<double>> read(strings);
    std::vector<qsizetype> at(strings, 0);
    const QList<qsizetype>& entries = run_->entries();
    for (qsizetype act = 0; act < entries.size(); ++act)
        for (qsizetype e = act == 0 ? 0 : entries[act - 1]; e < entries[act]; ++e) {
            const Event& event = job.log[static_cast<std::size_t>(e)];
            for (const auto& [string, cents] : event.readings_cents) {
                read[string] = cents;
                at[string] = act;
            }
            if (event.turnsString()) {
                read[event.string] = event.to_cents;
                at[event.string] = act;
            }
        }
    for (std::size_t i = 0; i < strings; ++i) {
        const int row = static_cast<int>(i);
        const qsizetype ago = entries.size() - 1 - at[i];
        const QStringList cells{wording::stringTitle(job.rig.strings[i]),
                                !run_->isOn(i) ? tr("off")
                                : read[i]      ? signedNumber(*read[i], 1)
                                               : QString(),
                                read[i] && ago > 0 ? QString::number(ago) : QString()};
        for (int column = 0; column < cells.size(); ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            item->setTextAlignment((column == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
            readings_->setItem(row, column, item);
        }
    }
}

void PracticeBench::refreshWay() {
    if (!run_ || companions_->currentWidget() != way_)
        return;
    way_->show([way = wayRead(run_->job()), scale = context_.preferences().textScale](
                   const QSizeF& size) { return buildConvergence(way, size, scale); },
               context_.preferences());
}

/// Drawn from the last look: no figures, for the eye has none.
void PracticeBench::refreshPicture() {
    const Job& job = run_->job();
    std::optional<double> looked_rad;
    for (const Event& event : job.log)
        if (event.angle_rad)
            looked_rad = event.angle_rad;
    SectionValues values{
        job.rig, bareState(job.rig), job.goal, context_.preferences().units, false, context_.preferences().textScale,
        {}};
    for (std::size_t i = 0; i < job.rig.strings.size(); ++i)
        values.state.unstretchedLength_m[i] = job.rig.strings[i].scale_m;
    values.state.angle_rad = looked_rad.value_or(job.goal.angle_rad);
    values.bare = true;
    const QString words = looked_rad ? QString() : tr("Nobody has looked yet: drawn level");
    picture_->show(
        [values, words](const QSizeF& size) {
            Scene scene = buildSection(values, size);
            scene.description = words.isEmpty() ? PracticeBench::tr("The bridge as it looked from the side") : words;
            if (!words.isEmpty())
                scene.text({12.0, size.height() - 12.0}, words, ColourRole::Quiet,
                           std::min(13.0 * values.textScale,
                                    (size.width() - 24.0) / (0.58 * static_cast<double>(words.size()))),
                           Qt::AlignLeft | Qt::AlignVCenter);
            return scene;
        },
        context_.preferences());
}

} // namespace flenzo
