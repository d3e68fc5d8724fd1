// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/step_forms.h"

#include "core/base/units.h"
#include "core/log/counts.h"
#include "domain/base/faults.h"
#include "domain/base/moment.h"
#include "domain/base/ranges.h"
#include "domain/job/claw_depth.h"
#include "domain/job/edits.h"
#include "domain/job/held_readings.h"
#include "domain/job/measuring.h"
#include "domain/methods/method_figures.h"
#include "domain/methods/methods.h"
#include "domain/work/workflow.h"
#include "language/decimal.h"
#include "session/input/held_entry.h"
#include "widgets/controls/photo_strip.h"
#include "widgets/controls/row_layout.h"
#include "widgets/controls/scene_view.h"
#include "widgets/forms/calc_forms.h"
#include "widgets/forms/job_form.h"
#include "widgets/forms/parts_form.h"
#include "widgets/forms/return_form.h"
#include "widgets/forms/soak_form.h"
#include "widgets/forms/tick_forms.h"
#include "widgets/look.h"
#include "widgets/pages/change_page.h"
#include "widgets/pages/first_answer_form.h"
#include "widgets/pages/plan_page.h"
#include "widgets/text/convergence.h"
#include "widgets/text/step_words.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QDateEdit>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QPushButton>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct StepFormsWords {
    Q_DECLARE_TR_FUNCTIONS(StepForms)
};

/// Fields of the card; the bridge itself is chosen among the three questions.
JobForm* cardForm(AppContext& context, QWidget* parent) {
    auto* form = new JobForm(context, parent);
    form->choice<Nut>(
        "cardNut", StepFormsWords::tr("nut"),
        {StepFormsWords::tr("open"), StepFormsWords::tr("caps on bolts"),
         StepFormsWords::tr("a clamp for each string")},
        [](const Job& job) { return job.card.nut; }, [](Job& job, Nut nut) { job.card.nut = nut; });
    form->choice<Tuners>(
        "cardTuners", StepFormsWords::tr("pegs"),
        {StepFormsWords::tr("string through a hole"), StepFormsWords::tr("slotted with a centre hole"),
         StepFormsWords::tr("locking string posts"), StepFormsWords::tr("at the bridge")},
        [](const Job& job) { return job.card.tuners; }, [](Job& job, Tuners tuners) { job.card.tuners = tuners; });
    form->choice<Headstock>(
        "cardHead", StepFormsWords::tr("headstock"),
        {StepFormsWords::tr("all on one side"), StepFormsWords::tr("split, both sides"), StepFormsWords::tr("none")},
        [](const Job& job) { return job.card.headstock; },
        [](Job& job, Headstock head) {
            job.card.headstock = head;
            spreadPosts(job);
        });
    form->choice<Board>(
        "cardBoard", StepFormsWords::tr("fretboard"),
        {StepFormsWords::tr("dark, without lacquer"), StepFormsWords::tr("maple"), StepFormsWords::tr("other")},
        [](const Job& job) { return job.card.board; }, [](Job& job, Board board) { job.card.board = board; });
    const auto flag = [form](const char* name, const QString& title, bool Card::*member) {
        form->flag(
            QLatin1String(name), title, [member](const Job& job) { return job.card.*member; },
            [member](Job& job, bool on) { job.card.*member = on; });
    };
    flag("cardLeft", StepFormsWords::tr("left-handed"), &Card::leftHanded);
    flag("cardBar", StepFormsWords::tr("retainer bar behind the nut"), &Card::retainerBar);
    flag("cardTree", StepFormsWords::tr("string tree"), &Card::stringTree);
    flag("cardCover", StepFormsWords::tr("cavity with a back cover"), &Card::cavityCover);
    const auto measured = [form](const char* name, const QString& title, const Range& range,
                                 std::optional<double> HeadFigures::*member) {
        form->told(
            QLatin1String(name), title, range.most, 1, StepFormsWords::tr("not measured"),
            [member](const Job& job) { return (job.card.head.*member).value_or(0.0) / metresPerMm; },
            [member, least = range.least](Job& job, double value_mm) {
                const bool is = value_mm > 0.0 && value_mm >= least;
                job.card.head.*member = is ? std::optional(value_mm * metresPerMm) : std::nullopt;
                spreadPosts(job);
            },
            range.least);
    };
    if (context.session().job().card.tuners != Tuners::AtBridge) {
        measured("headPost", StepFormsWords::tr("string post, diameter in mm"), ranges::post_mm, &HeadFigures::post_m);
        measured("headFirst", StepFormsWords::tr("nut to the nearest string post, mm"), ranges::tail_mm,
                 &HeadFigures::firstPost_m);
        measured("headSpacing", StepFormsWords::tr("string post to string post, mm"), ranges::spacing_mm,
                 &HeadFigures::spacing_m);
    }
    if (context.session().job().rig.bridge.has().clampsAtSaddle)
        measured("headClamped", StepFormsWords::tr("wire in the saddle's clamp, mm"), ranges::clamped_mm,
                 &HeadFigures::clamped_m);
    const auto depth = [form](const char* name, const QString& title, std::optional<double> ClawDepth::*side) {
        form->told(
            QLatin1String(name), title, ranges::clawDepth_mm.most, 2, StepFormsWords::tr("not measured"),
            [side](const Job& job) { return (clawDepthNow(job).*side).value_or(0.0) / metresPerMm; },
            [side](Job& job, double depth_mm) {
                const bool is = depth_mm >= ranges::clawDepth_mm.least;
                setClawDepthNow(job, side, is ? std::optional(depth_mm * metresPerMm) : std::nullopt);
            },
            ranges::clawDepth_mm.least);
    };
    if (hasClaw(context.session().job().rig)) {
        depth("clawDepthBass", StepFormsWords::tr("wall to claw, bass side, mm"), &ClawDepth::bass_m);
        depth("clawDepthTreble", StepFormsWords::tr("wall to claw, treble side, mm"), &ClawDepth::treble_m);
    }
    if (context.session().job().card.tuners != Tuners::AtBridge) {
        measured("treeAway", StepFormsWords::tr("nut to string tree, mm"), ranges::treeAway_mm,
                 &HeadFigures::treeAway_m);
        measured("treeDrop", StepFormsWords::tr("tree holds strings down by, mm"), ranges::treeDrop_mm,
                 &HeadFigures::treeDrop_m);
    }
    const auto line = [form](const char* name, const QString& title, QString Card::*member) {
        form->line(
            QLatin1String(name), title, [member](const Job& job) { return job.card.*member; },
            [member](Job& job, const QString& text) { job.card.*member = text; });
    };
    line("cardContact", StepFormsWords::tr("owner is reached by"), &Card::contact);
    line("cardSlots", StepFormsWords::tr("springs are in slots"), &Card::springSlots);
    line("cardBlock", StepFormsWords::tr("block that fits it"), &Card::block);
    line("cardLevel", StepFormsWords::tr("level is told by"), &Card::levelMark);
    for (const QString& group : screwGroups())
        form->line(
            QStringLiteral("key ") + group, StepFormsWords::tr("hex key for %1").arg(screwGroupWords(group)),
            [group](const Job& job) { return job.card.keys.value(group); },
            [group](Job& job, const QString& text) { job.card.keys[group] = text; });
    form->rows().addRow(StepFormsWords::tr("photos"), new CardPhotos(context, form));
    return form;
}

/// The three questions, and all else that is worth knowing of the guitar unfolded below.
QWidget* intakeForm(AppContext& context, QWidget* parent) {
    auto* both = new QWidget(parent);
    auto* column = new QVBoxLayout(both);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(new FirstAnswerForm(context, both), 1);
    auto* more = new QPushButton(StepFormsWords::tr("More about this guitar"), both);
    more->setObjectName(QStringLiteral("moreCard"));
    more->setCheckable(true);
    column->addWidget(more, 0, Qt::AlignLeft);
    QObject::connect(more, &QPushButton::toggled, both, [column, both, &context](bool on) {
        auto* card = both->findChild<JobForm*>(QStringLiteral("card"));
        if (on && !card) {
            card = cardForm(context, both);
            card->setObjectName(QStringLiteral("card"));
            column->addWidget(card);
        }
        card->setVisible(on);
    });
    return both;
}

/// The room that a guitar was read in, where somebody tells it.
void addRoom(JobForm* form, HeldReading::When when) {
    const auto read = [when](const Job& job) -> const HeldReading* {
        const auto& held = job.work.held;
        const auto found =
            std::find_if(held.begin(), held.end(), [when](const HeldReading& one) { return one.when == when; });
        return found == held.end() ? nullptr : &*found;
    };
    const auto room = [&](const char* name, const QString& title, const Range& range,
                          std::optional<double> HeldReading::*which) {
        form->told(
            QLatin1String(name), title, range.most, 0, StepFormsWords::tr("not said"),
            [read, which](const Job& job) { return read(job) ? (read(job)->*which).value_or(0.0) : 0.0; },
            [when, which](Job& job, double value) {
                heldAs(job.work, when).*which = value > 0.0 ? std::optional(value) : std::nullopt;
            });
    };
    room("roomTemperature", StepFormsWords::tr("room, °C"), ranges::room_C, &HeldReading::temperature_C);
    room("roomHumidity", StepFormsWords::tr("humidity, %"), ranges::humidity_percent, &HeldReading::humidity_percent);
}

/// How every string reads before anything is touched, for whoever wants to know whether it held since it left.
QWidget* cameInForm(AppContext& context, QWidget* parent) {
    auto* form = new JobForm(context, parent);
    form->typed(
        QStringLiteral("cameIn"), StepFormsWords::tr("readings as it came in, cents"),
        [](const Job& job) {
            for (const HeldReading& read : job.work.held)
                if (read.when == HeldReading::When::CameIn)
                    return heldText(read.cents);
            return QString();
        },
        [](Job& job, const QString& text) -> std::optional<Fault> {
            const Result<std::vector<double>> cents = parseHeld(text, job.off.size());
            if (!cents.ok())
                return Fault{faults::notHeldReadings, StepFormsWords::tr("The readings"), cents.fault().arguments};
            HeldReading& read = heldAs(job.work, HeldReading::When::CameIn);
            read.cents = cents.value();
            read.at = nowText();
            return std::nullopt;
        });
    addRoom(form, HeldReading::When::CameIn);
    return form;
}

/// What is looked at before a string comes off, and how the plate is now.
QWidget* checksForm(AppContext& context, QWidget* parent) {
    const Job& job = context.session().job();
    auto* both = new QWidget(parent);
    auto* column = new QVBoxLayout(both);
    column->setContentsMargins(0, 0, 0, 0);
    if (hasClaw(job.rig)) {
        const QString question = StepFormsWords::tr("In tune on the old strings, the plate is");
        column->addWidget(new OldLevelForm(context, question, both));
    }
    column->addWidget(new LookForm(context, StepId::Checks, both));
    column->addWidget(cameInForm(context, both));
    column->addStretch();
    return both;
}

/// What is to be seen with one's own eyes before the nut is locked.
QWidget* lockForm(AppContext& context, QWidget* parent) {
    const Job& job = context.session().job();
    auto* both = new QWidget(parent);
    auto* column = new QVBoxLayout(both);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(new LookForm(context, StepId::Lock, both));
    const QList<Step> steps = stepsOf(job);
    const QString preset = QLatin1String(specOf(StepId::PresetFine).name);
    const bool asks = std::any_of(steps.begin(), steps.end(), [](const Step& s) { return s.id == StepId::PresetFine; });
    if (asks) {
        auto* done = new QPushButton(StepFormsWords::tr("The fine tuners are at their preset"), both);
        done->setObjectName(QStringLiteral("presetDone"));
        const auto follow = [done, preset, &context] {
            done->setVisible(saidOf(context.session().job(), preset).state != StepState::Done);
        };
        QObject::connect(&context.session(), &Session::changed, done, follow);
        QObject::connect(done, &QPushButton::clicked, both, [preset, &context] {
            context.accept(context.session().edit(StepFormsWords::tr("step"), [&](Job& changed) {
                changed.work.records.append({preset, StepRecord::What::Done, QString(), nowText()});
            }));
        });
        follow();
        column->addWidget(done, 0, Qt::AlignLeft);
    }
    column->addStretch();
    return both;
}

QWidget* ownerForm(AppContext& context, QWidget* parent) {
    auto* form = new JobForm(context, parent);
    const std::pair<const char*, QString> all[] = {{"clean", StepFormsWords::tr("clean")},
                                                   {"polish", StepFormsWords::tr("polish the frets")},
                                                   {"oil", StepFormsWords::tr("oil the fretboard")},
                                                   {"intonate", StepFormsWords::tr("intonate")},
                                                   {"height", StepFormsWords::tr("set the height")},
                                                   {"relief", StepFormsWords::tr("set the neck relief")},
                                                   {"overnight", StepFormsWords::tr("rest over night")}};
    for (const auto& [name, title] : all) {
        const QString extra = QLatin1String(name);
        form->flag(
            QStringLiteral("extra-") + extra, title,
            [extra](const Job& job) { return job.work.extras.contains(extra); },
            [extra](Job& job, bool on) {
                if (on)
                    job.work.extras.insert(extra);
                else
                    job.work.extras.remove(extra);
            });
    }
    if (context.session().job().rig.bridge.has().moves())
        form->choice<ArmUse>(
            "armUse", StepFormsWords::tr("the arm is"),
            {StepFormsWords::tr("not asked yet"), StepFormsWords::tr("used"), StepFormsWords::tr("not used")},
            [](const Job& job) { return job.card.arm; }, [](Job& job, ArmUse arm) { job.card.arm = arm; });
    if (hasClaw(context.session().job().rig))
        form->choice<ArmFeel>(
            "armFeel", StepFormsWords::tr("the arm is wanted"),
            {StepFormsWords::tr("as it is"), StepFormsWords::tr("softer"), StepFormsWords::tr("stiffer")},
            [](const Job& job) { return job.card.feel; }, [](Job& job, ArmFeel feel) { job.card.feel = feel; });
    const auto wish = [form](const char* name, const QString& title, std::optional<double> Card::*member) {
        form->told(
            QLatin1String(name), title, ranges::action_mm.most, 2, StepFormsWords::tr("as it is"),
            [member](const Job& job) { return (job.card.*member).value_or(0.0) / metresPerMm; },
            [member](Job& job, double wish_mm) {
                job.card.*member = wish_mm > 0.0 && wish_mm >= ranges::action_mm.least
                                       ? std::optional(wish_mm * metresPerMm)
                                       : std::nullopt;
            },
            ranges::action_mm.least);
    };
    wish("wishedBass", StepFormsWords::tr("action wanted at fret 12, bass side, mm"), &Card::wishBass_m);
    wish("wishedTreble", StepFormsWords::tr("the same, treble side, mm"), &Card::wishTreble_m);
    form->line(
        QStringLiteral("cardNotes"), StepFormsWords::tr("how it is played"),
        [](const Job& job) { return job.card.notes; }, [](Job& job, const QString& text) { job.card.notes = text; });
    const QString unsaid = StepFormsWords::tr("not said");
    form->told(
        QStringLiteral("hoursAWeek"), StepFormsWords::tr("hours played a week"), ranges::hoursAWeek.most, 2, unsaid,
        [](const Job& job) { return job.card.playing.hoursAWeek; },
        [](Job& job, double hours) { job.card.playing.hoursAWeek = hours; });
    form->told(
        QStringLiteral("gigsAWeek"), StepFormsWords::tr("gigs a week"), ranges::gigsAWeek.most, 2, unsaid,
        [](const Job& job) { return job.card.playing.gigsAWeek; },
        [](Job& job, double gigs) { job.card.playing.gigsAWeek = gigs; });
    form->told(
        QStringLiteral("restringMonths"), StepFormsWords::tr("new strings every so many months"),
        ranges::monthsBetween.most, 0, StepFormsWords::tr("as the shop does"),
        [](const Job& job) { return static_cast<double>(job.card.playing.months); },
        [](Job& job, double months) { job.card.playing.months = static_cast<int>(months); });
    form->choice<Sweat>(
        "sweat", StepFormsWords::tr("sweat on the strings"),
        {StepFormsWords::tr("little"), StepFormsWords::tr("usual"), StepFormsWords::tr("much")},
        [](const Job& job) { return job.card.playing.sweat; },
        [](Job& job, Sweat sweat) { job.card.playing.sweat = sweat; });
    form->flag(
        QStringLiteral("coated"), StepFormsWords::tr("the new strings are coated"),
        [](const Job& job) { return job.card.playing.coated; },
        [](Job& job, bool coated) { job.card.playing.coated = coated; });
    return form;
}

/// Which of this guitar's wearing parts were replaced today; when each was last.
QWidget* replacedForm(AppContext& context, JobForm* form) {
    auto* box = new QWidget(form);
    auto* row = new RowLayout(box);
    const Job& job = context.session().job();
    for (const QString& part : wearingParts(job.card, job.rig.bridge.has())) {
        auto* tick = new QCheckBox(wearingPartName(part), box);
        tick->setObjectName(QStringLiteral("replaced ") + part);
        tick->setAccessibleName(StepFormsWords::tr("replaced: %1").arg(tick->text()));
        if (const QDate last = job.card.replaced.value(part); last.isValid())
            tick->setToolTip(StepFormsWords::tr("last on %1").arg(QLocale().toString(last, QLocale::ShortFormat)));
        form->follow(
            [tick, part](const Job& now) { tick->setChecked(now.card.replaced.value(part) == QDate::currentDate()); });
        QObject::connect(tick, &QCheckBox::clicked, form, [form, part](bool on) {
            form->edit([&](Job& changed) {
                if (on)
                    changed.card.replaced[part] = QDate::currentDate();
                else
                    changed.card.replaced.remove(part);
            });
        });
        row->addWidget(tick);
    }
    return box;
}

QWidget* handOverForm(AppContext& context, QWidget* parent) {
    auto* form = new JobForm(context, parent);
    const auto line = [form](const char* name, const QString& title, QString Work::*member) {
        form->line(
            QLatin1String(name), title, [member](const Job& job) { return job.work.*member; },
            [member](Job& job, const QString& text) { job.work.*member = text; });
    };
    line("parts", StepFormsWords::tr("parts used or lost"), &Work::parts);
    line("followUps", StepFormsWords::tr("follow-ups"), &Work::followUps);
    line("ownersNote", StepFormsWords::tr("note to the owner"), &Work::ownersNote);
    line("technician", StepFormsWords::tr("done by"), &Work::technician);
    const Work& work = context.session().job().work;
    const NextRestring next = nextRestring(context.session().job().card.playing, QDate::currentDate());
    auto* due = new QDateEdit(form);
    due->setObjectName(QStringLiteral("due"));
    due->setDisplayFormat(QStringLiteral("yyyy-MM-dd"));
    due->setCalendarPopup(true);
    form->follow([due, next](const Job& job) {
        const QDate on = job.work.due.isValid() ? job.work.due : next.on;
        if (due->date() == on)
            return; // or the part one is typing would begin anew
        const QSignalBlocker quiet(due);
        due->setDate(on);
    });
    QObject::connect(due, &QDateEdit::dateChanged, form,
                     [form](const QDate& date) { form->edit([&](Job& job) { job.work.due = date; }); });
    form->add(StepFormsWords::tr("next restring"), due);
    if (!work.due.isValid()) {
        QLabel* why = label(TextRole::Small, form, QStringLiteral("dueWhy"));
        why->setWordWrap(true);
        why->setText(next.by == NextRestring::By::Playing
                         ? StepFormsWords::tr("By what is played; how long a set lasts is assumed.")
                         : StepFormsWords::tr("Set by months; playing hours may bring it forward."));
        form->rows().addRow(QString(), why);
    }
    form->rows().addRow(StepFormsWords::tr("replaced"), replacedForm(context, form));
    form->rows().addRow(StepFormsWords::tr("from the drawers"), new PartsForm(context, form));
    addRoom(form, HeldReading::When::Left);
    auto* card = new QPushButton(StepFormsWords::tr("Card for the &case…"), form);
    card->setObjectName(QStringLiteral("openCaseCard"));
    card->setToolTip(StepFormsWords::tr("For whoever restrings it with the same set, without the program"));
    QObject::connect(card, &QPushButton::clicked, &context, &AppContext::cardWanted);
    form->rows().addRow(QString(), card);
    return form;
}

QWidget* oneAboveTheOther(QWidget* parent, QWidget* first, QWidget* second) {
    auto* both = new QWidget(parent);
    auto* column = new QVBoxLayout(both);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(first);
    column->addWidget(second, 1);
    return both;
}

} // namespace

QWidget* stepForm(StepId step, AppContext& context, QWidget* parent) {
    switch (step) {
    case StepId::LookOver:
        return intakeForm(context, parent);
    case StepId::AskOwner:
        return ownerForm(context, parent);
    case StepId::OldSet:
        return oneAboveTheOther(parent, new CaliperForm(context, parent), new ChangePage(context, parent));
    case StepId::Checks:
        return checksForm(context, parent);
    case StepId::Tools:
        return new TrayForm(context, parent);
    case StepId::OilBoard:
        return new SoakForm(context, parent);
    case StepId::Lock:
        return lockForm(context, parent);
    case StepId::Settle:
        return oneAboveTheOther(parent, new StringTicks(context, StepId::Settle, parent),
                                new SettleForm(context, parent));
    case StepId::Relief:
        return new ReliefForm(context, parent);
    case StepId::Height:
        return new HeightForm(context, parent);
    case StepId::Intonate:
        return new IntonateForm(context, parent);
    case StepId::Plan:
        return new PlanPage(context, parent);
    case StepId::ReturnTest:
        return new ReturnForm(context, parent);
    case StepId::HandOver:
        return handOverForm(context, parent);
    default:
        return StringTicks::actsOf(context.session().job(), step).isEmpty() ? nullptr
                                                                            : new StringTicks(context, step, parent);
    }
}

QWidget* finishedForm(AppContext& context, QWidget* parent) {
    auto* panel = new QWidget(parent);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(0, 8, 0, 0);
    const Job& job = context.session().job();
    const Counts counts = countsOf(job.log, job.rig.strings.size(), job.pace);
    QLabel* words = label(TextRole::Heading, panel, QStringLiteral("finishedSum"));
    words->setText(
        StepFormsWords::tr("Passes %1, visits to the claw %2. Next restring: %3.")
            .arg(decimal(counts.passes, 1))
            .arg(counts.clawVisits)
            .arg(job.work.due.isValid() ? job.work.due.toString(Qt::ISODate) : StepFormsWords::tr("no date set")));
    words->setWordWrap(true);
    column->addWidget(words);
    auto* way = new SceneView(panel);
    way->setObjectName(QStringLiteral("finishedWay"));
    way->setAccessibleName(StepFormsWords::tr("Progress to pitch"));
    way->setMinimumHeight(static_cast<int>(basePixels(context.preferences()) * 18.0));
    way->show([progress = convergenceOf(job, context.session().derived()), scale = context.preferences().scale()](
                  const QSizeF& size) { return buildConvergence(progress, size, scale); },
              context.preferences());
    column->addWidget(way, 1);
    return panel;
}

} // namespace flenzo
