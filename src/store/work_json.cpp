// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/work_json.h"

#include "core/base/units.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "store/names.h"

#include <QJsonArray>
#include <algorithm>

namespace flenzo {

namespace {

constexpr Named<StepRecord::What> whatNames[] = {
    {StepRecord::What::Done, "done"},         {StepRecord::What::Skipped, "skipped"},
    {StepRecord::What::Reopened, "reopened"}, {StepRecord::What::Overruled, "overruled"},
    {StepRecord::What::Note, "note"},         {StepRecord::What::Photo, "photo"},
    {StepRecord::What::Take, "take"}};
constexpr Named<JobState> stateNames[] = {
    {JobState::Waiting, "waiting"}, {JobState::OnBench, "bench"}, {JobState::Finished, "done"}};
constexpr Named<BreakPlace> placeNames[] = {{BreakPlace::NotSaid, "notSaid"}, {BreakPlace::Saddle, "saddle"},
                                            {BreakPlace::BallEnd, "ballEnd"}, {BreakPlace::Between, "between"},
                                            {BreakPlace::Nut, "nut"},         {BreakPlace::StringPost, "stringPost"}};

constexpr Named<HeldReading::When> heldNames[] = {
    {HeldReading::When::CameIn, "cameIn"}, {HeldReading::When::Left, "left"}, {HeldReading::When::Later, "later"}};

constexpr qsizetype wordsLength = 4000, currencyLength = 20;
constexpr qsizetype mostRecords = 5000, mostTicks = 100;

Offer offerFromJson(Fields fields) {
    const auto sum = [&](const char* name) {
        return static_cast<qint64>(fields.number(QLatin1String(name), ranges::money_minor, 0.0));
    };
    Offer offer;
    offer.labourLeast_minor = sum("labourLeast");
    offer.labourMost_minor = sum("labourMost");
    offer.parts_minor = sum("parts");
    offer.before = fields.text(QStringLiteral("before"), currencyLength);
    offer.after = fields.text(QStringLiteral("after"), currencyLength);
    return offer;
}

QJsonObject offerToJson(const Offer& offer) {
    return {{QStringLiteral("labourLeast"), offer.labourLeast_minor},
            {QStringLiteral("labourMost"), offer.labourMost_minor},
            {QStringLiteral("parts"), offer.parts_minor},
            {QStringLiteral("before"), offer.before},
            {QStringLiteral("after"), offer.after}};
}

} // namespace

Work workFromJson(Fields fields) {
    Work work;
    work.state = readNamed(fields, "state", stateNames, work.state);
    Fields methods = fields.part("methods");
    for (const QString& topic : methods.names())
        work.methods[topic] = methods.text(topic, 80);
    for (const QString& extra : fields.texts("extras", 40, 80))
        work.extras.insert(extra);
    for (Fields& record : fields.entries("records", mostRecords)) {
        StepRecord one;
        one.step = record.text("step", 80);
        one.what = readNamed(record, "what", whatNames, one.what);
        one.text = record.text("text", wordsLength);
        one.at = record.text("at", 40);
        work.records.append(one);
    }
    Fields ticks = fields.part("ticks");
    for (const QString& step : ticks.names())
        work.ticks[step] = ticks.texts(step, mostTicks, 80);
    Fields minutes = fields.part("usualMinutes");
    for (const QString& step : minutes.names())
        work.usualMinutes[step] = minutes.number(step, ranges::usualMinutes);
    work.parts = fields.text("parts", wordsLength);
    work.followUps = fields.text("followUps", wordsLength);
    work.ownersNote = fields.text("ownersNote", wordsLength);
    work.received = fields.date("received");
    work.due = fields.date("due");
    work.checkOn = fields.date("checkOn");
    work.promised = fields.moment("promised");
    work.notBefore = fields.moment("notBefore");
    work.technician = fields.text("technician", wordsLength);
    for (const auto& [name, relief_m] :
         {std::pair("reliefFoundMm", &work.reliefFound_m), {"reliefLeftMm", &work.reliefLeft_m}})
        if (fields.has(QLatin1String(name)))
            *relief_m = fields.number(QLatin1String(name), ranges::relief_mm) * metresPerMm;
    for (Fields& read : fields.entries("returns", mostReturns)) {
        ReturnReadings one;
        one.at = read.text("at", 40);
        one.test.before_cents = read.numbers("before", maxStrings, ranges::reading_cents);
        one.test.afterDive_cents = read.numbers("afterDive", maxStrings, ranges::reading_cents);
        one.test.afterPull_cents = read.numbers("afterPull", maxStrings, ranges::reading_cents);
        const std::size_t strings = one.test.before_cents.size();
        if (one.test.afterDive_cents.size() != strings || one.test.afterPull_cents.size() != strings)
            read.box().put(faults::stringsUnequal, read.pathOf("afterDive"), {QString::number(strings)});
        work.returns.append(one);
    }
    for (Fields& read : fields.entries("held", mostHeld)) {
        HeldReading one;
        one.when = readNamed(read, "when", heldNames, one.when);
        one.at = read.text("at", 40);
        one.cents = read.numbers("cents", maxStrings, ranges::reading_cents);
        if (read.has(QStringLiteral("temperatureC")))
            one.temperature_C = read.number(QStringLiteral("temperatureC"), ranges::room_C);
        if (read.has(QStringLiteral("humidityPercent")))
            one.humidity_percent = read.number(QStringLiteral("humidityPercent"), ranges::humidity_percent);
        work.held.append(one);
    }
    if (fields.has(QStringLiteral("broken"))) // counted from the thickest, as strings stand in the rig
        work.broken = static_cast<std::size_t>(fields.number(QStringLiteral("broken"), ranges::brokenString)) - 1;
    work.brokeAt = readNamed(fields, "brokeAt", placeNames, BreakPlace::NotSaid);
    if (fields.has(QStringLiteral("offer")))
        work.offer = offerFromJson(fields.part(QStringLiteral("offer")));
    return work;
}

QJsonObject workToJson(const Work& work) {
    QJsonObject methods;
    for (auto method = work.methods.begin(); method != work.methods.end(); ++method)
        methods[method.key()] = method.value();
    QJsonObject ticks;
    for (auto step = work.ticks.begin(); step != work.ticks.end(); ++step)
        ticks[step.key()] = QJsonArray::fromStringList(step.value());
    QJsonObject minutes;
    for (auto step = work.usualMinutes.begin(); step != work.usualMinutes.end(); ++step)
        minutes[step.key()] = step.value();
    QStringList extras(work.extras.begin(), work.extras.end());
    std::sort(extras.begin(), extras.end());
    QJsonArray records;
    for (const StepRecord& record : work.records)
        records.append(QJsonObject{{QStringLiteral("step"), record.step},
                                   {QStringLiteral("what"), nameOf(whatNames, record.what)},
                                   {QStringLiteral("text"), record.text},
                                   {QStringLiteral("at"), record.at}});
    QJsonArray returns;
    const auto list = [](const std::vector<double>& cents) {
        QJsonArray array;
        for (const double one : cents)
            array.append(one);
        return array;
    };
    for (const ReturnReadings& read : work.returns)
        returns.append(QJsonObject{{QStringLiteral("at"), read.at},
                                   {QStringLiteral("before"), list(read.test.before_cents)},
                                   {QStringLiteral("afterDive"), list(read.test.afterDive_cents)},
                                   {QStringLiteral("afterPull"), list(read.test.afterPull_cents)}});
    QJsonObject json{{QStringLiteral("state"), jobStateName(work.state)},
                     {QStringLiteral("methods"), methods},
                     {QStringLiteral("extras"), QJsonArray::fromStringList(extras)},
                     {QStringLiteral("records"), records},
                     {QStringLiteral("ticks"), ticks},
                     {QStringLiteral("usualMinutes"), minutes},
                     {QStringLiteral("parts"), work.parts},
                     {QStringLiteral("followUps"), work.followUps},
                     {QStringLiteral("ownersNote"), work.ownersNote},
                     {QStringLiteral("received"), work.received.toString(Qt::ISODate)},
                     {QStringLiteral("due"), work.due.toString(Qt::ISODate)},
                     {QStringLiteral("checkOn"), work.checkOn.toString(Qt::ISODate)},
                     {QStringLiteral("technician"), work.technician}};
    for (const auto& [name, moment] : {std::pair("promised", &work.promised), {"notBefore", &work.notBefore}})
        if (moment->isValid())
            json[QLatin1String(name)] = moment->toUTC().toString(Qt::ISODate);
    if (!returns.isEmpty())
        json[QLatin1String("returns")] = returns;
    QJsonArray held;
    for (const HeldReading& read : work.held) {
        QJsonObject one{{QStringLiteral("when"), nameOf(heldNames, read.when)},
                        {QStringLiteral("at"), read.at},
                        {QStringLiteral("cents"), list(read.cents)}};
        if (read.temperature_C)
            one[QLatin1String("temperatureC")] = *read.temperature_C;
        if (read.humidity_percent)
            one[QLatin1String("humidityPercent")] = *read.humidity_percent;
        held.append(one);
    }
    if (!held.isEmpty())
        json[QLatin1String("held")] = held;
    if (work.reliefFound_m)
        json[QLatin1String("reliefFoundMm")] = *work.reliefFound_m / metresPerMm;
    if (work.reliefLeft_m)
        json[QLatin1String("reliefLeftMm")] = *work.reliefLeft_m / metresPerMm;
    if (work.broken)
        json[QLatin1String("broken")] = static_cast<int>(*work.broken) + 1;
    if (work.brokeAt != BreakPlace::NotSaid)
        json[QLatin1String("brokeAt")] = nameOf(placeNames, work.brokeAt);
    if (work.offer)
        json[QLatin1String("offer")] = offerToJson(*work.offer);
    return json;
}

QString jobStateName(JobState state) {
    return nameOf(stateNames, state);
}

} // namespace flenzo
