// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/trial.h"

#include <QJsonArray>
#include <algorithm>
#include <array>
#include <cmath>

namespace flenzo {

namespace {

struct Measure {
    const char* name;
    double (*of)(const Played&);
};
constexpr Measure measures[] = {
    {"passes", [](const Played& p) { return p.passes; }},
    {"clawVisits", [](const Played& p) { return static_cast<double>(p.clawVisits); }},
    {"minutes", [](const Played& p) { return p.minutes; }},
    {"endCents", [](const Played& p) { return p.worst_cents; }},
    {"endDeg", [](const Played& p) { return degrees(p.plate_rad); }},
};

bool landed(const Played& p) {
    return p.finished && p.inTune;
}

QString quantileText(const Quantiles& q, int decimals) {
    return QStringLiteral("%1 / %2 / %3")
        .arg(q.p10, 0, 'f', decimals)
        .arg(q.p50, 0, 'f', decimals)
        .arg(q.p90, 0, 'f', decimals);
}

constexpr int binCount = 13; ///< passes 0 to 11, then more

std::array<int, binCount> binsOf(const TrialRow& row) {
    std::array<int, binCount> bins{};
    for (const Played& played : row.plays)
        ++bins[static_cast<std::size_t>(std::clamp(static_cast<int>(std::lround(played.passes)), 0, binCount - 1))];
    return bins;
}

} // namespace

QString trialTable(ChangeKind kind, const TrialReport& report) {
    QString out = QStringLiteral("%1: %2 guitars, %3 with a stable float; p10 / p50 / p90\n")
                      .arg(QLatin1String(changeName(kind)))
                      .arg(report.guitars)
                      .arg(report.stable);
    out += QStringLiteral("%1 %2 %3 %4 %5 %6 %7 %8\n")
               .arg(QStringLiteral("player"), -30)
               .arg(QStringLiteral("passes"), 18)
               .arg(QStringLiteral("claw visits"), 13)
               .arg(QStringLiteral("minutes"), 15)
               .arg(QStringLiteral("end cents"), 17)
               .arg(QStringLiteral("end degrees"), 19)
               .arg(QStringLiteral("said done"), 10)
               .arg(QStringLiteral("within goal"), 12);
    for (const TrialRow& row : report.rows)
        out += QStringLiteral("%1 %2 %3 %4 %5 %6 %7 % %8 %\n")
                   .arg(QString::fromStdString(row.name), -30)
                   .arg(quantileText(row.quantiles(measures[0].of), 2), 18)
                   .arg(quantileText(row.quantiles(measures[1].of), 0), 13)
                   .arg(quantileText(row.quantiles(measures[2].of), 0), 15)
                   .arg(quantileText(row.quantiles(measures[3].of), 1), 17)
                   .arg(quantileText(row.quantiles(measures[4].of), 2), 19)
                   .arg(100.0 * row.share([](const Played& p) { return p.finished; }), 8, 'f', 1)
                   .arg(100.0 * row.share(landed), 10, 'f', 1);
    return out + QStringLiteral("remaining work played at the start held the true passes in %1 % of guitars\n")
                     .arg(100.0 * report.coverage, 0, 'f', 1);
}

QJsonObject trialJson(ChangeKind kind, const TrialReport& report) {
    QJsonArray players;
    for (const TrialRow& row : report.rows) {
        QJsonObject player{{QStringLiteral("name"), QString::fromStdString(row.name)},
                           {QStringLiteral("finishedShare"), row.share([](const Played& p) { return p.finished; })},
                           {QStringLiteral("withinGoalShare"), row.share(landed)}};
        for (const Measure& measure : measures) {
            const Quantiles q = row.quantiles(measure.of);
            player[QLatin1String(measure.name)] = QJsonObject{
                {QStringLiteral("p10"), q.p10}, {QStringLiteral("p50"), q.p50}, {QStringLiteral("p90"), q.p90}};
        }
        QJsonArray histogram;
        for (const int count : binsOf(row))
            histogram.append(count);
        player[QStringLiteral("passHistogram")] = histogram;
        players.append(player);
    }
    return {{QStringLiteral("change"), QLatin1String(changeName(kind))},
            {QStringLiteral("guitars"), report.guitars},
            {QStringLiteral("stable"), report.stable},
            {QStringLiteral("outlookCoverage"), report.coverage},
            {QStringLiteral("players"), players}};
}

QString faultTable(const QString& title, const std::vector<FaultRow>& rows) {
    QString out = QStringLiteral("%1; peg turns a string and minutes: p50 / p90\n").arg(title);
    out += QStringLiteral("%1 %2 %3 %4 %5 %6 %7 %8\n")
               .arg(QStringLiteral("what happens"), -26)
               .arg(QStringLiteral("guitars"), 8)
               .arg(QStringLiteral("wrongly"), 9)
               .arg(QStringLiteral("not done"), 9)
               .arg(QStringLiteral("named"), 7)
               .arg(QStringLiteral("asked"), 7)
               .arg(QStringLiteral("turns"), 13)
               .arg(QStringLiteral("minutes"), 13);
    for (const FaultRow& row : rows)
        out += QStringLiteral("%1 %2 %3 % %4 % %5 % %6 %7 %8\n")
                   .arg(QString::fromLatin1(row.fault), -26)
                   .arg(row.guitars, 8)
                   .arg(100.0 * row.wrongly, 7, 'f', 1)
                   .arg(100.0 * row.notDone, 7, 'f', 1)
                   .arg(100.0 * row.named, 5, 'f', 0)
                   .arg(row.asked, 7, 'f', 2)
                   .arg(QStringLiteral("%1 / %2").arg(row.turns.p50, 0, 'f', 2).arg(row.turns.p90, 0, 'f', 2), 13)
                   .arg(QStringLiteral("%1 / %2").arg(row.minutes.p50, 0, 'f', 1).arg(row.minutes.p90, 0, 'f', 1), 13);
    return out;
}

QJsonObject faultJson(const QString& title, const std::vector<FaultRow>& rows) {
    QJsonArray list;
    for (const FaultRow& row : rows) {
        QJsonArray bad;
        for (const std::uint32_t seed : row.bad)
            bad.append(static_cast<double>(seed));
        list.append(
            QJsonObject{{QStringLiteral("fault"), QLatin1String(row.fault)},
                        {QStringLiteral("guitars"), row.guitars},
                        {QStringLiteral("doneWrongly"), row.wrongly},
                        {QStringLiteral("notDone"), row.notDone},
                        {QStringLiteral("named"), row.named},
                        {QStringLiteral("falseQuestions"), row.asked},
                        {QStringLiteral("pegTurnsPerString"),
                         QJsonObject{{QStringLiteral("p50"), row.turns.p50}, {QStringLiteral("p90"), row.turns.p90}}},
                        {QStringLiteral("minutes"), QJsonObject{{QStringLiteral("p50"), row.minutes.p50},
                                                                {QStringLiteral("p90"), row.minutes.p90}}},
                        {QStringLiteral("seeds"), bad}});
    }
    return {{QStringLiteral("trial"), title}, {QStringLiteral("faults"), list}};
}

QString trialSvg(const QString& title, const TrialReport& report) {
    constexpr int width = 760, rowHeight = 86, left = 290, top = 40, bar = 30;
    const int height = top + rowHeight * static_cast<int>(report.rows.size()) + 30;
    QString svg =
        QStringLiteral("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %1 %2\" font-family=\"sans-serif\" "
                       "font-size=\"13\">\n<rect width=\"%1\" height=\"%2\" fill=\"#fcfdfd\"/>\n"
                       "<text x=\"12\" y=\"24\" font-size=\"16\" font-weight=\"bold\">%3</text>\n")
            .arg(width)
            .arg(height)
            .arg(title.toHtmlEscaped());
    for (std::size_t r = 0; r < report.rows.size(); ++r) {
        const auto bins = binsOf(report.rows[r]);
        const int base = top + rowHeight * static_cast<int>(r) + rowHeight - 22;
        const int most = std::max(1, *std::max_element(bins.begin(), bins.end()));
        svg += QStringLiteral("<text x=\"12\" y=\"%1\">%2</text>\n")
                   .arg(base - 20)
                   .arg(QString::fromStdString(report.rows[r].name).toHtmlEscaped());
        for (int b = 0; b < binCount; ++b) {
            const int tall = bins[static_cast<std::size_t>(b)] * (rowHeight - 34) / most;
            svg += QStringLiteral("<rect x=\"%1\" y=\"%2\" width=\"%3\" height=\"%4\" fill=\"%5\"/>\n"
                                  "<text x=\"%6\" y=\"%7\" text-anchor=\"middle\" fill=\"#5a6670\">%8</text>\n")
                       .arg(left + b * (bar + 5))
                       .arg(base - tall)
                       .arg(bar)
                       .arg(tall)
                       .arg(r + 1 == report.rows.size() ? QStringLiteral("#14505a") : QStringLiteral("#a84300"))
                       .arg(left + b * (bar + 5) + bar / 2)
                       .arg(base + 14)
                       .arg(b + 1 == binCount ? QStringLiteral("%1+").arg(b) : QString::number(b));
        }
    }
    return svg +
           QStringLiteral("<text x=\"%1\" y=\"%2\" fill=\"#5a6670\">passes until in tune and level</text>\n</svg>\n")
               .arg(left)
               .arg(height - 8);
}

} // namespace flenzo
