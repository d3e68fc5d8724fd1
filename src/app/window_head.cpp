// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window_head.h"

#include "core/statics/readings.h"
#include "domain/base/bundled_words.h"
#include "widgets/controls/fitting_label.h"
#include "widgets/controls/row_layout.h"
#include "widgets/look.h"
#include "widgets/text/step_words.h"

#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <algorithm>

namespace flenzo {

namespace {

/// Of all strings that are on.
double pull_N(const Derived& derived) {
    const TrackedState& now = derived.now();
    // Until a new string sounds the old set is on.
    if (std::find(now.everRead.begin(), now.everRead.end(), true) == now.everRead.end())
        return derived.report.sumBefore_N;
    double sum_N = 0.0;
    for (const double tension_N : tensions_N(derived.rig(), now.state))
        sum_N += tension_N;
    return sum_N;
}

} // namespace

WindowHead::WindowHead(AppContext& context, QWidget* parent) : QFrame(parent), context_(context) {
    rows_ = new QHBoxLayout(this);
    rows_->setContentsMargins(16, 5, 12, 0);
    auto* row = title_ = new QHBoxLayout;
    rows_->addLayout(row, 1);
    guitar_ = new FittingLabel(this);
    guitar_->setObjectName(QStringLiteral("guitarTitle"));
    setVoice(guitar_, TextRole::Heading);
    reason_ = label(TextRole::Small, this, QStringLiteral("headReason"));
    reason_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    row->addWidget(guitar_);
    row->addSpacing(12);
    row->addWidget(reason_, 1);
    auto* strip = new QWidget(this);
    auto* chips = new RowLayout(strip);
    rows_->addWidget(strip);
    const auto chip = [&](const QString& tip) {
        auto* made = new QLabel(strip);
        made->setProperty("chip", true);
        made->setToolTip(tip);
        chips->addWidget(made);
        return made;
    };
    away_ = new QPushButton(strip); // leads to what can be done about it
    away_->setObjectName(QStringLiteral("away"));
    away_->setProperty("chip", true);
    away_->setFocusPolicy(Qt::TabFocus);
    connect(away_, &QPushButton::clicked, this, [this] {
        if (context_.session().conflict())
            Q_EMIT conflictWanted();
        else
            context_.accept(context_.session().comeBack());
    });
    chips->addWidget(away_);
    simulated_ = chip(tr("Readings can be supplied by a guitar that exists only in the program"));
    for (std::size_t h = 0; h < hazards_.size(); ++h) {
        hazards_[h] = chip(tr("What can hurt somebody or the guitar now"));
        hazards_[h]->setObjectName(QStringLiteral("hazard%1").arg(h));
        const auto hazard = static_cast<Hazard>(h);
        hazards_[h]->setProperty("alarm", hazard == Hazard::BlockIn || hazard == Hazard::InsertsOpen);
    }
}

QString WindowHead::titleOf(const Job& job) {
    return job.guitar.isEmpty() ? tr("New guitar") : job.guitar;
}

void WindowHead::refresh(bool isPractising) {
    isPractising_ = isPractising;
    const Session& session = context_.session();
    const Job& job = session.job();
    // An empty shop has no guitar yet to speak of.
    const bool nothing = session.logbook() && !session.isKept() && session.path().isEmpty() && job.log.empty() &&
                         job.work.records.isEmpty() && job.guitar.isEmpty();
    guitar_->setTexts({nothing ? QString() : titleOf(job)});
    reason_->setText(bundledWords(job.reason));
    reason_->setToolTip(reason_->text());
    simulated_->setText(tr("simulated guitar"));
    refreshAway();
    fit();
}

/// In a low window one row of what matters most: the guitar's name, shortened if it must be, and what can hurt.
void WindowHead::fit() {
    const bool low = isLow(*this, context_.preferences());
    reason_->setVisible(!low);
    simulated_->setVisible(!low && context_.session().job().simulatedSeed.has_value());
    guitar_->setSizePolicy(low ? QSizePolicy::Ignored : QSizePolicy::Preferred, QSizePolicy::Preferred);
    title_->setStretch(0, low ? 1 : 0);
    for (QLabel* chip : hazards_)
        setDrawn(chip, Drawn::Tight, low);
    refreshHazards(); // they say less there
}

void WindowHead::refreshAway() {
    const Session& session = context_.session();
    away_->setVisible(session.isAway());
    away_->setText(session.conflict() ? tr("Two versions: compare") : tr("Server away: kept here"));
    away_->setToolTip(session.conflict() ? tr("Another bench changed this job too; say which one goes on")
                                         : tr("What is entered is kept on this machine; press to try the server now"));
}

void WindowHead::refreshHazards() {
    const Derived& derived = context_.session().derived();
    const Hazards hazards = hazardsOf(context_.session().job(), derived);
    const double now_N = pull_N(derived);
    for (std::size_t h = 0; h < hazards_.size(); ++h) {
        const auto hazard = static_cast<Hazard>(h);
        // The model hears of strings only when they are read; the steps know that they are off.
        const bool pulls = hazard == Hazard::TensionOn && now_N > 0.0 && !isLow(*this, context_.preferences());
        hazards_[h]->setText(pulls
                                 ? tr("%1, %2").arg(hazardWords(hazard), forceText(now_N, context_.preferences().units))
                                 : hazardWords(hazard));
        // Caps off and unlocked are one thing to whoever looks.
        const bool said = hazard == Hazard::Unlocked && hazards.has(Hazard::CapsOff);
        hazards_[h]->setVisible(hazards.has(hazard) && !said && !guitar_->text().isEmpty() && !isPractising_);
    }
}

} // namespace flenzo
