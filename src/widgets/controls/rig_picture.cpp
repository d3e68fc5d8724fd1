// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/rig_picture.h"

#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QLabel>

namespace flenzo {

RigPicture::RigPicture(AppContext& context, QWidget* parent) : QFrame(parent), context_(context) {
    setProperty("panel", true);
    auto* column = new QVBoxLayout(this);
    section_ = new SceneView(this);
    section_->setObjectName(QStringLiteral("rigSection"));
    section_->setAccessibleName(tr("Side section of the bridge"));
    words_ = label(TextRole::Body, this, QStringLiteral("rigWords"));
    words_->setWordWrap(true);
    column->addWidget(section_, 1);
    column->addWidget(words_);
}

void RigPicture::show(const Job& job, const Advice& advice) {
    const Rig& rig = advice.guitar.rig;
    const LevelSolution& level = advice.act.level;
    State asItIs = advice.guitar.state;
    asItIs.block.reset();
    const EquilibriumAtPitch landing = equilibriumAtPitch(rig, asItIs, job.goal);
    const Units units = context_.preferences().units;
    const double scale = context_.preferences().scale();
    SectionValues values{rig, landing.state, job.goal, units, false, scale, {}};
    values.span = shown_.span;
    values.spanAt = shown_.spanAt;
    shown_ = values;
    section_->show([values](const QSizeF& size) { return buildSection(values, size); }, context_.preferences());
    words_->setText(wording::atPitch(rig, landing, level));
}

void RigPicture::point(const QString& key, std::size_t at) {
    shown_.span = key;
    shown_.spanAt = at;
    section_->show([values = shown_](const QSizeF& size) { return buildSection(values, size); },
                   context_.preferences());
}

} // namespace flenzo
