// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/held_panel.h"

#include "domain/base/bundled_words.h"
#include "domain/job/trends.h"
#include "domain/methods/methods.h"
#include "language/decimal.h"
#include "language/figures.h"
#include "widgets/controls/figure_table.h"
#include "widgets/look.h"

#include <QBoxLayout>
#include <QLabel>
#include <map>

namespace flenzo {

namespace {

QString methodText(const QString& subject) {
    const QString topicName = subject.section(QLatin1Char('='), 0, 0),
                  optionName = subject.section(QLatin1Char('='), 1);
    const MethodTopic* topic = methodTopic(topicName);
    if (!topic)
        return subject;
    for (const MethodOption& option : topic->options)
        if (option.name == optionName)
            return HeldPanel::tr("%1: %2").arg(topic->title(), option.title());
    return topic->title();
}

QString times(double factor) {
    return decimal(factor, 1);
}

} // namespace

QString findingText(const HeldFinding& finding) {
    const auto range = [&](int decimals) {
        return HeldPanel::tr("%1 to %2").arg(signedNumber(finding.low, decimals), signedNumber(finding.high, decimals));
    };
    const QString factors =
        HeldPanel::tr("%1 times (%2 to %3)").arg(times(finding.effect), times(finding.low), times(finding.high));
    switch (finding.what) {
    case HeldFinding::What::Settles:
        return HeldPanel::tr("In the days after the hand-over all strings move by %1 cents (%2): %3.")
            .arg(signedNumber(finding.effect, 1), range(1),
                 finding.effect < 0.0 ? HeldPanel::tr("settle them longer, or have them rest over night")
                                      : HeldPanel::tr("they were stretched beyond what they hold"));
    case HeldFinding::What::SetHolds:
        return finding.effect < 1.0 ? HeldPanel::tr("%1 holds better than the others: it changes %2 as much.")
                                          .arg(bundledWords(finding.subject), factors)
                                    : HeldPanel::tr("%1 holds less well than the others: it changes %2 as much.")
                                          .arg(bundledWords(finding.subject), factors);
    case HeldFinding::What::MethodHolds:
        return HeldPanel::tr("%1: strings settle %2 as much as otherwise.").arg(methodText(finding.subject), factors);
    case HeldFinding::What::Damp:
        return HeldPanel::tr("Ten percent more humidity moves all strings by %1 cents (%2 to %3): season, not wear.")
            .arg(signedNumber(10.0 * finding.effect, 1), signedNumber(10.0 * finding.low, 1),
                 signedNumber(10.0 * finding.high, 1));
    case HeldFinding::What::Warm:
        return HeldPanel::tr("Five degrees more move all strings by %1 cents (%2 to %3): season, not wear.")
            .arg(signedNumber(5.0 * finding.effect, 1), signedNumber(5.0 * finding.low, 1),
                 signedNumber(5.0 * finding.high, 1));
    default:
        return HeldPanel::tr(
                   "%1: string %2 from the thickest goes its own way, %3 cents from visit to visit (%4). Look "
                   "at its nut slot, saddle and tuner.")
            .arg(finding.subject)
            .arg(finding.string + 1)
            .arg(signedNumber(finding.effect, 1), range(1));
    }
}

HeldPanel::HeldPanel(AppContext& context, QWidget* parent) : Page(context, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(10, 8, 10, 8);
    column->setSpacing(8);
    const auto text = [&](TextRole role, const char* name) {
        QLabel* made = label(role, this, QLatin1String(name));
        made->setWordWrap(true);
        column->addWidget(made);
        return made;
    };
    says_ = text(TextRole::Body, "heldSays");
    findings_ = text(TextRole::Act, "heldFindings");
    guitars_ = text(TextRole::Body, "heldGuitars");
    sets_ = new FigureTable(
        {tr("Set"), tr("Checked"), tr("Then, cents"), tr("Came again"), tr("Changed, cents"), tr("After days")},
        tr("What each set did in this shop"), this);
    sets_->setObjectName(QStringLiteral("heldSets"));
    column->addWidget(sets_, 1);
    QLabel* hint = text(TextRole::Small, "heldHint");
    column->addStretch();
    hint->setText(tr("Medians. Then: all strings, from the hand-over to the check within five days. Changed: the mean "
                     "amount of every string until the next visit. A finding is what chance explains in less than one "
                     "shop of twenty, everything that is looked at counted."));
    connect(&context_.session(), &Session::identityChanged, this, &HeldPanel::refreshWhenSeen);
    connect(&context_.shop(), &ShopMemory::arrived, this, [this] {
        if (isVisible())
            show();
    });
}

void HeldPanel::refresh() {
    context_.shop().refresh();
    show();
}

/// What was read last; what has changed since follows.
void HeldPanel::show() {
    const ShopSays& says = context_.shop().says();
    const HeldSays& held = says.held;
    says_->setText(!context_.shop().isKnown() && context_.shop().isBusy() ? tr("Reading the records…")
                   : held.spans == 0
                       ? tr("Nothing to compare yet. How a guitar leaves is noted by itself; how it is a day later is "
                            "typed at its check under Due, how it comes in at the first look, each with the room's "
                            "temperature and humidity where there is a meter.")
                       : tr("Looks at guitars that nobody had touched since the look before: %1.").arg(held.spans));
    QStringList lines;
    for (const HeldFinding& finding : held.findings)
        lines.append(findingText(finding));
    constexpr qsizetype mostLarge = 2;
    setVoice(findings_, lines.size() > mostLarge ? TextRole::Body : TextRole::Act);
    findings_->setText(lines.isEmpty() && held.spans > 0 ? tr("Nothing that chance would not do as well.")
                                                         : lines.join(QLatin1Char('\n')));
    findings_->setVisible(held.spans > 0);
    std::map<QString, std::vector<Job>> guitars;
    for (const Job& job : says.tested)
        guitars[job.owner + QLatin1Char('\n') + job.guitar].push_back(job);
    QStringList trends;
    for (const auto& [key, jobs] : guitars)
        for (const QString& trend : trendsOf(jobs))
            trends.append(tr("%1: %2").arg(jobs.front().guitar, trend));
    guitars_->setText(trends.join(QLatin1Char('\n')));
    guitars_->setVisible(!trends.isEmpty());
    const QString none = QStringLiteral("–");
    QList<QStringList> rows;
    for (const HeldSet& set : held.sets)
        rows.append({set.set.isEmpty() ? tr("own sets") : bundledWords(set.set), QString::number(set.settled),
                     set.settled > 0 ? signedNumber(set.settling_cents, 1) : none, QString::number(set.held),
                     set.held > 0 ? decimal(set.held_cents, 1) : none, set.held > 0 ? decimal(set.days, 0) : none});
    sets_->show(rows, basePixels(context_.preferences()));
    sets_->setVisible(!rows.isEmpty());
}

} // namespace flenzo
