// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/advise.h"
#include "cli/solve.h"
#include "store/files.h"
#include "store/job.h"
#include "store/rig_json.h"

#include <CLI/CLI.hpp>
#include <QJsonArray>
#include <QJsonDocument>
#include <QStringList>
#include <cstdio>

namespace {

using namespace flenzo;

constexpr int badInput = 2;

int refuse(const QString& line) {
    std::fprintf(stderr, "%s\n", qPrintable(QString(line).replace(QLatin1Char('\n'), QLatin1Char(' '))));
    return badInput;
}

/// The rig and the order of a file that holds either a rig or a worked case around one.
int runSolve(const QString& path, const QString& orderText) {
    const Result<QJsonObject> json = readJsonFile(path);
    if (!json.ok())
        return refuse(sentence(path, json.fault()));
    const bool isCase = json.value().contains(QLatin1String("rig"));
    const Result<Rig> rig =
        isCase ? rigFromJson(json.value().value(QLatin1String("rig")).toObject(), QStringLiteral("rig"))
               : rigFromJson(json.value(), QString());
    if (!rig.ok())
        return refuse(sentence(path, rig.fault()));
    QStringList names;
    if (!orderText.isEmpty())
        names = orderText.split(QLatin1Char(','));
    else
        for (const QJsonValue& name : json.value().value(QLatin1String("order")).toArray())
            names.append(name.toString());
    if (names.isEmpty())
        for (const RigString& string : rig.value().strings)
            names.append(QString::fromStdString(string.name));
    const Result<Order> order = orderFromNames(rig.value(), names);
    if (!order.ok())
        return refuse(sentence(orderText.isEmpty() ? path : QStringLiteral("--order"), order.fault()));
    std::printf("%s", QJsonDocument(solve(rig.value(), order.value())).toJson().constData());
    return 0;
}

int runAdvise(const QString& path) {
    const Result<QJsonObject> json = readJsonFile(path);
    if (!json.ok())
        return refuse(sentence(path, json.fault()));
    const Result<Job> job = jobFromJson(json.value());
    if (!job.ok())
        return refuse(sentence(path, job.fault()));
    std::printf("%s", QJsonDocument(adviceJson(benchJobOf(job.value()))).toJson().constData());
    return 0;
}

} // namespace

int main(int argc, char** argv) {
    CLI::App app("Flenzo: the balance of floating vibrato bridges");
    app.set_version_flag("--version", FLENZO_VERSION);
    app.require_subcommand(1);
    std::string file, order;
    CLI::App* solveCommand =
        app.add_subcommand("solve", "Print the level solution, aims and forecasts of a rig as JSON");
    solveCommand->add_option("file", file, "flenzo-rig, or a case with a rig in it")->required();
    solveCommand->add_option("--order", order, "order of tuning, for example 6,5,4,3,2,1");
    CLI::App* adviseCommand = app.add_subcommand("advise", "Print the next act of a job as JSON, from its log alone");
    adviseCommand->add_option("file", file, "flenzo-job")->required();
    try {
        app.parse(argc, argv);
    } catch (const CLI::CallForHelp& help) {
        return app.exit(help);
    } catch (const CLI::CallForVersion& version) {
        return app.exit(version);
    } catch (const CLI::ParseError& error) {
        return refuse(QStringLiteral("flenzo-cli: %1; see flenzo-cli --help").arg(QString::fromUtf8(error.what())));
    }
    if (adviseCommand->parsed())
        return runAdvise(QString::fromStdString(file));
    return runSolve(QString::fromStdString(file), QString::fromStdString(order));
}
