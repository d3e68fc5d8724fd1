// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/forms/step_forms.h"

#include "domain/edits.h"
#include "domain/measuring.h"
#include "domain/method_figures.h"
#include "domain/methods.h"
#include "widgets/controls/photo_strip.h"
#include "widgets/forms/calc_forms.h"
#include "widgets/forms/job_form.h"
#include "widgets/forms/plan_form.h"
#include "widgets/forms/return_form.h"
#include "widgets/look.h"
#include "widgets/text/wording.h"

#include <QCheckBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QDateEdit>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct Words {
    Q_DECLARE_TR_FUNCTIONS(StepForms)
};

QWidget* cardForm(AppContext& context, QWidget* parent) {
    const Card& card = context.session().job().card;
    auto* form = new JobForm(context, parent);
    form->line(QStringLiteral("cardGuitar"), Words::tr("guitar"), context.session().job().guitar,
               [](Job& job, const QString& text) { job.guitar = text; });
    form->line(QStringLiteral("cardOwner"), Words::tr("owner"), context.session().job().owner,
               [](Job& job, const QString& text) { job.owner = text; });
    auto* kind = new QComboBox(form);
    kind->setObjectName(QStringLiteral("cardBridge"));
    for (const BridgeKind& one : bridgeKinds())
        kind->addItem(one.name);
    kind->setCurrentIndex(static_cast<int>(kindOf(context.session().job().rig.bridge)));
    QObject::connect(kind, &QComboBox::activated, form, [form](int index) {
        form->edit([&](Job& job) { setBridgeKind(job, bridgeKinds()[static_cast<std::size_t>(index)]); });
    });
    form->add(Words::tr("bridge"), kind);
    form->choice<Nut>("cardNut", Words::tr("nut"),
                      {Words::tr("open"), Words::tr("caps on bolts"), Words::tr("a clamp for each string")}, card.nut,
                      [](Job& job, Nut nut) { job.card.nut = nut; });
    form->choice<Tuners>("cardTuners", Words::tr("tuners"),
                         {Words::tr("string through a hole"), Words::tr("slotted with a centre hole"),
                          Words::tr("locking posts"), Words::tr("at the bridge")},
                         card.tuners, [](Job& job, Tuners tuners) { job.card.tuners = tuners; });
    form->choice<Headstock>("cardHead", Words::tr("headstock"),
                            {Words::tr("all on one side"), Words::tr("split, both sides"), Words::tr("none")},
                            card.headstock, [](Job& job, Headstock head) { job.card.headstock = head; });
    form->choice<Board>("cardBoard", Words::tr("board"),
                        {Words::tr("dark, without lacquer"), Words::tr("maple"), Words::tr("other")}, card.board,
                        [](Job& job, Board board) { job.card.board = board; });
    form->flag(QStringLiteral("cardLeft"), Words::tr("left-handed"), card.leftHanded,
               [](Job& job, bool on) { job.card.leftHanded = on; });
    form->flag(QStringLiteral("cardBar"), Words::tr("retainer bar behind the nut"), card.retainerBar,
               [](Job& job, bool on) { job.card.retainerBar = on; });
    form->flag(QStringLiteral("cardTree"), Words::tr("string tree"), card.stringTree,
               [](Job& job, bool on) { job.card.stringTree = on; });
    form->flag(QStringLiteral("cardCover"), Words::tr("cavity with a back cover"), card.cavityCover,
               [](Job& job, bool on) { job.card.cavityCover = on; });
    form->line(QStringLiteral("cardContact"), Words::tr("owner is reached by"), card.contact,
               [](Job& job, const QString& text) { job.card.contact = text; });
    form->line(QStringLiteral("cardSlots"), Words::tr("springs hang in slots"), card.springSlots,
               [](Job& job, const QString& text) { job.card.springSlots = text; });
    form->line(QStringLiteral("cardClawDepth"), Words::tr("claw depth, bass and treble"), card.clawDepth,
               [](Job& job, const QString& text) { job.card.clawDepth = text; });
    form->line(QStringLiteral("cardBlock"), Words::tr("block that fits it"), card.block,
               [](Job& job, const QString& text) { job.card.block = text; });
    form->line(QStringLiteral("cardLevel"), Words::tr("level is told by"), card.levelMark,
               [](Job& job, const QString& text) { job.card.levelMark = text; });
    for (const QString& group : screwGroups())
        form->line(QStringLiteral("key ") + group, Words::tr("key for %1").arg(group), card.keys.value(group),
                   [group](Job& job, const QString& text) { job.card.keys[group] = text; });
    form->rows().addRow(Words::tr("photos"), new CardPhotos(context, form));
    return form;
}

QWidget* ownerForm(AppContext& context, QWidget* parent) {
    auto* form = new JobForm(context, parent);
    const QSet<QString>& extras = context.session().job().work.extras;
    const std::pair<const char*, QString> all[] = {{"clean", Words::tr("clean")},
                                                   {"polish", Words::tr("polish the frets")},
                                                   {"oil", Words::tr("oil the board")},
                                                   {"intonate", Words::tr("intonate")},
                                                   {"height", Words::tr("set the height")}};
    for (const auto& [name, title] : all) {
        const QString extra = QLatin1String(name);
        form->flag(QStringLiteral("extra-") + extra, title, extras.contains(extra), [extra](Job& job, bool on) {
            if (on)
                job.work.extras.insert(extra);
            else
                job.work.extras.remove(extra);
        });
    }
    form->line(QStringLiteral("cardNotes"), Words::tr("how it is played"), context.session().job().card.notes,
               [](Job& job, const QString& text) { job.card.notes = text; });
    return form;
}

QWidget* handOverForm(AppContext& context, QWidget* parent) {
    auto* form = new JobForm(context, parent);
    const Work& work = context.session().job().work;
    form->line(QStringLiteral("parts"), Words::tr("parts used or lost"), work.parts,
               [](Job& job, const QString& text) { job.work.parts = text; });
    form->line(QStringLiteral("followUps"), Words::tr("follow-ups"), work.followUps,
               [](Job& job, const QString& text) { job.work.followUps = text; });
    form->line(QStringLiteral("ownersNote"), Words::tr("note to the owner"), work.ownersNote,
               [](Job& job, const QString& text) { job.work.ownersNote = text; });
    auto* due =
        new QDateEdit(work.due.isValid() ? work.due : QDate::currentDate().addMonths(restringAfter_months), form);
    due->setObjectName(QStringLiteral("due"));
    due->setDisplayFormat(QStringLiteral("yyyy-MM-dd"));
    due->setCalendarPopup(true);
    QObject::connect(due, &QDateEdit::dateChanged, form,
                     [form](const QDate& date) { form->edit([&](Job& job) { job.work.due = date; }); });
    form->add(Words::tr("next restring"), due);
    return form;
}

} // namespace

QWidget* stepForm(StepId step, AppContext& context, QWidget* parent) {
    switch (step) {
    case StepId::LookOver:
        return cardForm(context, parent);
    case StepId::AskOwner:
        return ownerForm(context, parent);
    case StepId::OldSet:
        return new CaliperForm(context, parent);
    case StepId::Settle:
        return new SettleForm(context, parent);
    case StepId::Level:
        return hasClaw(context.session().job().rig) ? new LevelForm(context, parent) : nullptr;
    case StepId::Height:
        return new HeightForm(context, parent);
    case StepId::Intonate:
        return new IntonateForm(context, parent);
    case StepId::Plan:
        return new PlanForm(context, parent);
    case StepId::ReturnTest:
        return new ReturnForm(context, parent);
    case StepId::HandOver:
        return handOverForm(context, parent);
    default:
        return nullptr;
    }
}

} // namespace flenzo
