// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/advise.h"
#include "cli/choose.h"
#include "cli/listen.h"
#include "cli/move.h"
#include "cli/practise.h"
#include "cli/solve.h"
#include "cli/trial.h"
#include "domain/base/faults.h"
#include "domain/base/ranges.h"
#include "domain/job/edits.h"
#include "domain/job/job.h"
#include "store/catalogue_files.h"
#include "store/files.h"
#include "store/job_json.h"
#include "store/recordings.h"
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
        for (const auto& name : json.value().value(QLatin1String("order")).toArray())
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

Result<Job> readJob(const QString& path) {
    const Result<QJsonObject> json = readJsonFile(path);
    return json.ok() ? jobFromJson(json.value()) : Result<Job>(json.fault());
}

int runAdvise(const QString& path, bool withOutlook) {
    const Result<Job> job = readJob(path);
    if (!job.ok())
        return refuse(sentence(path, job.fault()));
    std::printf("%s", QJsonDocument(adviceJson(benchJobOf(job.value()), withOutlook)).toJson().constData());
    return 0;
}

int runAgain(const QString& path) {
    const Result<Job> job = readJob(path);
    if (!job.ok())
        return refuse(sentence(path, job.fault()));
    const Job next = nextJob(job.value(), estimate(benchJobOf(job.value())), QDate::currentDate());
    std::printf("%s", jobBytes(next).constData());
    return 0;
}

struct ChooseOptions {
    double arm_percent = 0.0;
    std::string like;
    bool equal = false, turnsAllowed = false, springsToo = false;
};

int runChoose(const QString& path, const ChooseOptions& options) {
    const Result<Job> job = readJob(path);
    if (!job.ok())
        return refuse(sentence(path, job.fault()));
    const Result<Catalogue> catalogue = bundledCatalogue();
    if (!catalogue.ok())
        return refuse(sentence(QStringLiteral("catalogue"), catalogue.fault()));
    FeelWish feel{!options.turnsAllowed, options.equal, std::nullopt, std::nullopt, options.springsToo};
    if (options.arm_percent != 0.0)
        feel.armShare = 1.0 + options.arm_percent / 100.0;
    if (!options.like.empty()) {
        const QString likePath = QString::fromStdString(options.like);
        const Result<Job> like = readJob(likePath);
        if (!like.ok())
            return refuse(sentence(likePath, like.fault()));
        const std::size_t strings = like.value().rig.strings.size(), wanted = job.value().rig.strings.size();
        if (strings != wanted)
            return refuse(sentence(likePath, Fault{faults::otherStringCount,
                                                   QStringLiteral("rig.strings"),
                                                   {QString::number(strings), QString::number(wanted)}}));
        feel.likes = figuresPlanned(like.value(), guitarNow(estimate(benchJobOf(like.value()))));
    }
    const Result<QJsonObject> chosen = chooseJson(job.value(), catalogue.value(), feel);
    if (!chosen.ok())
        return refuse(sentence(path, chosen.fault()));
    std::printf("%s", QJsonDocument(chosen.value()).toJson().constData());
    return 0;
}

int runListen(const QString& path, const QString& jobPath, double a4_Hz, double clock_ppm) {
    HearingOptions options;
    options.calibration_ppm = clock_ppm;
    if (std::string error; !options.isValid(&error))
        return refuse(QStringLiteral("--clock-ppm: %1").arg(QString::fromStdString(error)));
    std::optional<Job> job;
    if (!jobPath.isEmpty()) {
        const Result<Job> read = readJob(jobPath);
        if (!read.ok())
            return refuse(sentence(jobPath, read.fault()));
        job = read.value();
    }
    const Result<Recording> recording = readRecording(path);
    if (!recording.ok())
        return refuse(sentence(path, recording.fault()));
    std::printf("%s", QJsonDocument(heardJson(recording.value(), job, a4_Hz, options)).toJson().constData());
    return 0;
}

int runPractise(const QString& nameOrPath, const QString& scriptPath, std::uint32_t seed, bool adviser) {
    const Result<Exercise> exercise = exerciseNamed(nameOrPath);
    if (!exercise.ok())
        return refuse(sentence(nameOrPath, exercise.fault()));
    if (adviser == !scriptPath.isEmpty())
        return refuse(QStringLiteral("flenzo-cli: practise wants either --script FILE or --adviser"));
    if (adviser) {
        std::printf("%s", QJsonDocument(practiceJson(adviserAt(exercise.value(), seed))).toJson().constData());
        return 0;
    }
    PracticeRun run(exercise.value(), seed);
    const Result<QJsonObject> json = readJsonFile(scriptPath);
    const Result<QList<PracticeAct>> acts =
        json.ok() ? actsFromJson(json.value(), run.job().rig) : Result<QList<PracticeAct>>(json.fault());
    if (!acts.ok())
        return refuse(sentence(scriptPath, acts.fault()));
    for (qsizetype k = 0; k < acts.value().size(); ++k)
        if (auto fault = run.act(acts.value()[k])) {
            fault->field = QStringLiteral("acts[%1].%2").arg(k).arg(fault->field);
            return refuse(sentence(scriptPath, *fault));
        }
    std::printf("%s", QJsonDocument(practiceJson(run)).toJson().constData());
    return 0;
}

struct TrialOptions {
    int guitars = 200;
    std::uint32_t seed = 1;
    int threads = 0;
    std::string change, job, svg, tools = "lab", family;
    std::vector<std::string> only; ///< of the faults
    std::vector<std::string> set;  ///< options to sweep, as "rules.visitShare=0.4"
    bool json = false, stretch = false, independent = false, strange = false, adviserOnly = false, faults = false;
    bool noForecasts = false, unlike = false;
};

/// What the trial calls a guitar beyond its family.
struct TrialVariant {
    const char* name;
    Family family;
    bool decked, assisted;
};
constexpr TrialVariant trialVariants[] = {{"decked", Family::TwoPosts, true, false},
                                          {"stabiliser", Family::DoubleLocking, false, true}};

std::optional<TrialVariant> trialVariant(const std::string& name) {
    for (const FamilyTraits& family : families)
        if (name == family.shortName && family.moves())
            return TrialVariant{family.shortName, family.family, false, false};
    for (const TrialVariant& variant : trialVariants)
        if (name == variant.name)
            return variant;
    return std::nullopt;
}

QString trialNames() {
    QStringList names;
    for (const FamilyTraits& family : families)
        if (family.moves())
            names.append(QLatin1String(family.shortName));
    for (const TrialVariant& variant : trialVariants)
        names.append(QLatin1String(variant.name));
    return names.join(QStringLiteral(", "));
}

Job familyJob(const TrialVariant& variant) {
    Job job = newJob();
    setFamily(job, variant.family);
    if (variant.decked)
        findDecked(job, true);
    if (variant.assisted)
        job.rig.bridge.assist = CentringAssist{};
    return withClawFromOldSet(std::move(job));
}

Result<BenchJob> trialJob(const QString& path, const std::string& family) {
    if (const auto variant = trialVariant(family); variant && path.isEmpty())
        return benchJobOf(familyJob(*variant));
    if (!family.empty())
        return Fault(faults::notOneOf, QStringLiteral("--family"), {trialNames()});
    if (path.isEmpty())
        return benchJobOf(newJob());
    const Result<Job> job = readJob(path);
    return job.ok() ? Result<BenchJob>(benchJobOf(job.value())) : Result<BenchJob>(job.fault());
}

/// Reads "rules.visitShare=0.4" and "learning.springRate=0.2" into the trial, or says what is wrong with them.
std::optional<QString> setOptions(TrialSetup& setup, const std::vector<std::string>& list) {
    for (const std::string& one : list) {
        const QString text = QString::fromStdString(one);
        const QString group = text.section(QLatin1Char('.'), 0, 0);
        const std::string name = text.section(QLatin1Char('.'), 1).section(QLatin1Char('='), 0, 0).toStdString();
        bool number = false;
        const double value = text.section(QLatin1Char('='), 1).toDouble(&number);
        const bool known = (group == QLatin1String("rules") && setup.rules.set(name, value)) ||
                           (group == QLatin1String("learning") && setup.learning.set(name, value));
        if (!number || !known)
            return QStringLiteral("--set: \"%1\" is none; write it like rules.visitShare=0.4 or learning.gap_m=1e-4, "
                                  "with a name from the options' headers")
                .arg(text);
    }
    std::string error;
    if (!setup.rules.isValid(&error) || !setup.learning.isValid(&error))
        return QStringLiteral("--set: %1").arg(QString::fromStdString(error));
    return std::nullopt;
}

int runTrials(const TrialOptions& options) {
    const QString path = QString::fromStdString(options.job);
    const Result<BenchJob> base = trialJob(path, options.family);
    if (!base.ok())
        return refuse(path.isEmpty() ? base.fault().sentence() : sentence(path, base.fault()));
    std::vector<ChangeKind> kinds;
    if (const auto kind = changeNamed(options.change))
        kinds.push_back(*kind);
    else if (!options.change.empty())
        return refuse(QStringLiteral("--change: \"%1\" is unknown; it is one of heavier, lighter, same, lower, "
                                     "fewer-springs, as-is")
                          .arg(QString::fromStdString(options.change)));
    else
        kinds = {ChangeKind::Heavier, ChangeKind::Lighter, ChangeKind::Same, ChangeKind::LowerTuning,
                 ChangeKind::FewerSprings};
    const auto tools = toolsNamed(options.tools);
    if (!tools)
        return refuse(QStringLiteral("--tools: \"%1\" is unknown; it is one of lab, shop, fine, eye")
                          .arg(QString::fromStdString(options.tools)));
    if ((options.independent || options.faults) && !base.value().rig.bridge.has().moves())
        return refuse(QStringLiteral("--independent: plays bridges that move; this guitar's does not"));
    QJsonArray results;
    for (const ChangeKind kind : kinds) {
        TrialSetup setup;
        if (const auto wrong = setOptions(setup, options.set))
            return refuse(*wrong);
        setup.tools = *tools;
        setup.independent = options.independent || options.strange || options.unlike || options.faults;
        setup.strange = options.strange;
        setup.shopMethods = !options.adviserOnly;
        setup.job = base.value();
        setup.job.method.stretch = options.stretch;
        setup.job = changed(setup.job, kind);
        setup.guitars = options.guitars;
        setup.seed = options.seed;
        setup.threads = options.threads;
        setup.forecasts = !options.noForecasts;
        setup.unlike = options.unlike || options.faults;
        if (options.faults) {
            std::vector<BenchFault> faults;
            for (const BenchFault& fault : benchFaults())
                if (options.only.empty() ||
                    std::find(options.only.begin(), options.only.end(), fault.name) != options.only.end())
                    faults.push_back(fault);
            const std::vector<FaultRow> rows = runFaults(setup, faults);
            const QString title =
                QStringLiteral("%1, %2 set, %3 tools")
                    .arg(QString::fromStdString(options.family.empty() ? "two-locks" : options.family),
                         QLatin1String(changeName(kind)), QString::fromStdString(options.tools));
            results.append(faultJson(title, rows));
            if (!options.json)
                std::printf("%s\n", qPrintable(faultTable(title, rows)));
            continue;
        }
        const TrialReport report = runTrial(setup);
        results.append(trialJson(kind, report));
        if (!options.json)
            std::printf("%s\n", qPrintable(trialTable(kind, report)));
        if (!options.svg.empty()) {
            const QString file = QStringLiteral("%1/trial-%2.svg")
                                     .arg(QString::fromStdString(options.svg), QLatin1String(changeName(kind)));
            const QString title =
                QStringLiteral("%1, %2 guitars").arg(QLatin1String(changeName(kind))).arg(report.stable);
            if (const auto fault = writeFile(file, trialSvg(title, report).toUtf8()))
                return refuse(sentence(file, *fault));
        }
    }
    if (options.json)
        std::printf("%s", QJsonDocument(results).toJson().constData());
    return 0;
}

} // namespace

int main(int argc, char** argv) {
    CLI::App app("Flenzo: the balance of floating vibrato bridges");
    app.set_version_flag("--version", FLENZO_VERSION);
    app.require_subcommand(1);
    std::string file, order;
    bool noOutlook = false;
    CLI::App* solveCommand =
        app.add_subcommand("solve", "Print the level solution, aims and forecasts of a rig as JSON");
    solveCommand->add_option("file", file, "flenzo-rig, or a case with a rig in it")->required();
    solveCommand->add_option("--order", order, "order of tuning, for example 6,5,4,3,2,1");
    CLI::App* adviseCommand = app.add_subcommand("advise", "Print the next act of a job as JSON, from its log alone");
    adviseCommand->add_option("file", file, "flenzo-job")->required();
    adviseCommand->add_flag("--no-outlook", noOutlook, "leave out the work that remains, which is most of the time");
    CLI::App* againCommand = app.add_subcommand(
        "again", "Print the next flenzo-job on the same guitar: what was learned is kept, the log is empty");
    againCommand->add_option("file", file, "flenzo-job")->required();
    std::string listenJob;
    double a4_Hz = 440.0, clock_ppm = 0.0;
    CLI::App* listenCommand = app.add_subcommand("listen", "Print the readings of every pluck in a recording as JSON");
    listenCommand->add_option("file", file, "WAV, FLAC, Ogg, AIFF")->required();
    listenCommand->add_option("--job", listenJob, "the flenzo-job whose strings they are");
    listenCommand->add_option("--a4", a4_Hz, "reference pitch in Hz where there is no job")
        ->check(CLI::Range(ranges::referencePitch_Hz.least, ranges::referencePitch_Hz.most));
    listenCommand->add_option("--clock-ppm", clock_ppm, "by which the clock that recorded it ran fast");
    ChooseOptions choose;
    CLI::App* chooseCommand = app.add_subcommand(
        "choose",
        "Print as JSON the set, of what is sold, that keeps the balance in the job's tuning, or meets a wish");
    chooseCommand->add_option("file", file, "flenzo-job")->required();
    chooseCommand->add_option("--arm", choose.arm_percent, "stiffness of the arm, in percent more or less than it was")
        ->check(CLI::Range(-60.0, 100.0));
    chooseCommand->add_option("--like", choose.like, "the flenzo-job whose strings' pull is wished");
    chooseCommand->add_flag("--equal", choose.equal, "every string pulls alike");
    chooseCommand->add_flag("--turns", choose.turnsAllowed, "the claw may be turned");
    chooseCommand->add_flag("--springs", choose.springsToo,
                            "other springs may go in; with --like the arm of that guitar is wished as well");
    std::string script;
    std::uint32_t seed = 1;
    bool adviser = false;
    CLI::App* practiseCommand =
        app.add_subcommand("practise", "Play an exercise without a screen and print what that was worth as JSON");
    practiseCommand->add_option("exercise", file, "the name of an exercise, or a flenzo-exercise file")->required();
    practiseCommand->add_option("--script", script, "flenzo-acts: what is done");
    practiseCommand->add_option("--seed", seed, "which guitar");
    practiseCommand->add_flag("--adviser", adviser, "let the adviser play it");
    std::string from, to;
    CLI::App* moveCommand =
        app.add_subcommand("move", "Copy a whole logbook, file or server, into an empty one of either kind");
    moveCommand->add_option("from", from, "a file, or postgresql://user@host/database")->required();
    moveCommand->add_option("to", to, "the same; must be empty")->required();
    TrialOptions trial;
    CLI::App* trialCommand =
        app.add_subcommand("trial", "Play hidden guitars by each shop method and by the adviser, side by side");
    trialCommand->add_option("--guitars", trial.guitars, "how many hidden guitars")->check(CLI::Range(1, 100000));
    trialCommand->add_option("--seed", trial.seed, "which ones");
    trialCommand->add_option("--threads", trial.threads, "0: as many as the machine has")->check(CLI::Range(0, 256));
    trialCommand->add_option("--change", trial.change,
                             "heavier, lighter, same, lower, fewer-springs or as-is; all by default");
    trialCommand->add_option("--job", trial.job, "the guitar of a flenzo-job instead of the nominal six-string");
    trialCommand->add_option("--svg", trial.svg, "also write histograms into this folder");
    trialCommand->add_flag("--settling", trial.stretch, "new strings have to settle");
    trialCommand->add_option("--tools", trial.tools, "what is measured with: lab, shop, fine (sticking pivot) or eye");
    trialCommand->add_flag("--independent", trial.independent, "guitars of another model than the program's");
    trialCommand->add_flag("--strange", trial.strange, "and such as break the program's model");
    trialCommand->add_option("--set", trial.set,
                             "an option of the adviser for a sweep, as rules.visitShare=0.4 or learning.gap_m=1e-4");
    trialCommand->add_flag("--adviser-only", trial.adviserOnly, "leave out the shop methods");
    trialCommand->add_flag("--faults", trial.faults,
                           "what happens at a bench, on guitars that do not share the program's beliefs");
    trialCommand->add_option("--only", trial.only, "with --faults: only what is called so");
    trialCommand->add_option("--family", trial.family,
                             "another bridge: flush, two-posts, six-screws, headless, decked, "
                             "stabiliser or roller");
    trialCommand->add_flag("--unlike", trial.unlike,
                           "guitars of the other model with unlike springs, a neck that gives and worse tools");
    trialCommand->add_flag("--no-forecasts", trial.noForecasts,
                           "leave out the work that remains, which is most of the time");
    trialCommand->add_flag("--json", trial.json, "print JSON instead of tables");
    try {
        app.parse(argc, argv);
    } catch (const CLI::CallForHelp& help) {
        return app.exit(help);
    } catch (const CLI::CallForVersion& version) {
        return app.exit(version);
    } catch (const CLI::ParseError& error) {
        return refuse(QStringLiteral("flenzo-cli: %1; see flenzo-cli --help").arg(QString::fromUtf8(error.what())));
    }
    if (trialCommand->parsed())
        return runTrials(trial);
    if (moveCommand->parsed()) {
        const auto wrong = moveShop(QString::fromStdString(from), QString::fromStdString(to));
        return wrong ? refuse(*wrong) : 0;
    }
    if (adviseCommand->parsed())
        return runAdvise(QString::fromStdString(file), !noOutlook);
    if (practiseCommand->parsed())
        return runPractise(QString::fromStdString(file), QString::fromStdString(script), seed, adviser);
    if (listenCommand->parsed())
        return runListen(QString::fromStdString(file), QString::fromStdString(listenJob), a4_Hz, clock_ppm);
    if (chooseCommand->parsed())
        return runChoose(QString::fromStdString(file), choose);
    if (againCommand->parsed())
        return runAgain(QString::fromStdString(file));
    return runSolve(QString::fromStdString(file), QString::fromStdString(order));
}
