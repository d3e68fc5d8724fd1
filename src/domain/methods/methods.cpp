// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/methods/methods.h"

#include "domain/job/edits.h"

#include <algorithm>

namespace flenzo {

namespace {

/// "By feel": about a tone and a half.
constexpr double byFeel_cents = 150.0;
/// What one pull lets go against a gentle one along the string; assumptions.
constexpr double hardPull = 1.3, endsPull = 0.7;

using Name = QLatin1String;

QString orderOfJob(const Job& job) {
    if (job.method.backChecks)
        return Name("backChecks");
    const OrderKind kind = kindOf(job.method.order);
    return kind == OrderKind::HighToLow    ? Name("highToLow")
           : kind == OrderKind::OuterPairs ? Name("outerPairs")
                                           : Name("lowToHigh");
}

QString pullOf(const Job& job) {
    return job.method.pullShare > 1.0 ? Name("hard") : job.method.pullShare < 1.0 ? Name("ends") : Name("along");
}

/// Topics that method or goal answer, because the mechanics go by them.
std::optional<QString> answeredByWorkMethod(const Job& job, const QString& topic) {
    const WorkMethod& method = job.method;
    if (topic == Name("overshoot"))
        return method.aims ? Name("aims") : method.firstSharp_cents > 0.0 ? Name("feel") : Name("exact");
    if (topic == Name("clawStep"))
        return clawWayName(method.claw);
    if (topic == Name("order"))
        return orderOfJob(job);
    if (topic == Name("wraps"))
        return method.wraps == Wraps::Few ? Name("few") : Name("usual");
    if (topic == Name("stretching"))
        return pullOf(job);
    if (topic == Name("bridge"))
        return job.goal.deckLoad_Nm > 0.0 ? Name("decked") : Name("floats");
    return std::nullopt;
}

void chooseOrder(Job& job, const QString& option) {
    job.method.backChecks = option == Name("backChecks");
    const OrderKind kind = option == Name("highToLow")    ? OrderKind::HighToLow
                           : option == Name("outerPairs") ? OrderKind::OuterPairs
                                                          : OrderKind::LowToHigh;
    job.method.order = orderOf(kind, job.rig.strings.size());
    if (job.method.backChecks)
        job.method.aims = false; // to an aim there is nothing to check back
}

/// What is right for a shop's other guitars brings this one's shaft out: somebody has to choose it for this one.
bool isUnsafe(const Job& job, const QString& topic) {
    return topic == Name("atOnce") && job.rig.bridge.has().keepsOneString();
}

/// Whether a bridge floats is the guitar's and its owner's, not the shop's.
bool isShopDefault(const QString& topic) {
    return topic != Name("bridge");
}

} // namespace

bool MethodTopic::appliesTo(const Job& job) const {
    const bool claw = hasClaw(job.rig);
    const Card& card = job.card;
    if (name == Name("bridge"))
        return claw && !job.rig.bridge.has().divesOnly;
    if (name.startsWith(Name("block")) || name == Name("underBlock"))
        return floats(job.rig, job.goal) && isChosen(job, "atOnce", "all");
    if (name == Name("ballEnd") || name == Name("finePreset"))
        return job.rig.bridge.has().clampsAtSaddle;
    if (name == Name("slackRule") || name == Name("winding") || name == Name("nutAngle"))
        return card.tuners != Tuners::AtBridge;
    if (name == Name("wraps"))
        return card.tuners != Tuners::AtBridge && card.tuners != Tuners::Locking;
    if (name == Name("caps") || name == Name("capOrder"))
        return card.nut == Nut::Caps;
    if (name == Name("lockWhen"))
        return card.nut != Nut::Open;
    if (name == Name("trim") || name == Name("tail"))
        return card.headstock != Headstock::None;
    if (name == Name("cover"))
        return claw && card.cavityCover;
    if (name == Name("clawStep") || name == Name("clawSlack"))
        return claw;
    if (name == Name("levelWhen") || name == Name("finalTune"))
        return job.rig.bridge.has().moves();
    if (name == Name("boardCare"))
        return job.work.wants("polish") && card.board == Board::DarkUnlacquered;
    return true;
}

QString chosenMethod(const Job& job, const QString& topic) {
    if (const auto answer = answeredByWorkMethod(job, topic))
        return *answer;
    const MethodTopic* known = methodTopic(topic);
    if (!known)
        return {};
    const QString chosen = job.work.methods.value(topic);
    if (chosen.isEmpty() && topic == Name("atOnce") && job.rig.bridge.has().keepsOneString())
        return Name("one"); // with all of them off it comes apart
    return known->has(chosen) ? chosen : known->options.first().name;
}

bool isChosen(const Job& job, const char* topic, const char* option) {
    return chosenMethod(job, Name(topic)) == Name(option);
}

void chooseMethod(Job& job, const QString& topic, const QString& option) {
    const MethodTopic* known = methodTopic(topic);
    if (!known || !known->has(option) || chosenMethod(job, topic) == option)
        return;
    if (topic == Name("overshoot")) {
        job.method.aims = option == Name("aims");
        job.method.backChecks = job.method.backChecks && !job.method.aims;
        job.method.firstSharp_cents = option == Name("feel") ? byFeel_cents : 0.0;
    } else if (topic == Name("clawStep")) {
        job.method.claw = clawWayNamed(option);
    } else if (topic == Name("order")) {
        chooseOrder(job, option);
    } else if (topic == Name("wraps")) {
        job.method.wraps = option == Name("few") ? Wraps::Few : Wraps::Usual;
    } else if (topic == Name("stretching")) {
        job.method.pullShare = option == Name("hard") ? hardPull : option == Name("ends") ? endsPull : 1.0;
    } else if (topic == Name("bridge")) {
        setDecked(job, option == Name("decked"));
    } else {
        job.work.methods[topic] = option;
    }
}

void applyShopDefaults(Job& job, const QString& defaults) {
    for (const QString& line : defaults.split(QLatin1Char('\n'), Qt::SkipEmptyParts))
        if (const QString topic = line.section(QLatin1Char('='), 0, 0); isShopDefault(topic) && !isUnsafe(job, topic))
            chooseMethod(job, topic, line.section(QLatin1Char('='), 1));
}

QString shopDefaultsOf(const Job& job) {
    QStringList lines;
    for (const MethodTopic& topic : methodTopics())
        if (isShopDefault(topic.name))
            lines.append(topic.name + QLatin1Char('=') + chosenMethod(job, topic.name));
    return lines.join(QLatin1Char('\n'));
}

} // namespace flenzo
