// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/work_json.h"

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

constexpr qsizetype wordsLength = 4000, currencyLength = 20;
constexpr qsizetype mostRecords = 5000, mostTicks = 100;

QDate dateOf(Fields& fields, const char* name) {
    const QString text = fields.text(name, 20);
    const QDate date = QDate::fromString(text, Qt::ISODate);
    if (!text.isEmpty() && !date.isValid())
        fields.box().put(faults::notDate, fields.pathOf(QLatin1String(name)));
    return date;
}

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
    Fields methods = fields.part("schools");
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
    work.received = dateOf(fields, "received");
    work.due = dateOf(fields, "due");
    work.checkOn = dateOf(fields, "checkOn");
    work.technician = fields.text("technician", wordsLength);
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
    QJsonObject json{{QStringLiteral("state"), jobStateName(work.state)},
                     {QStringLiteral("schools"), methods},
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
    if (work.offer)
        json[QLatin1String("offer")] = offerToJson(*work.offer);
    return json;
}

QString jobStateName(JobState state) {
    return nameOf(stateNames, state);
}

} // namespace flenzo
