// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/guitar_acts.h"

#include "domain/base/faults.h"
#include "domain/work/warnings.h"
#include "session/input/quantity.h"

#include <QInputDialog>
#include <QWidget>

namespace flenzo {

GuitarActs::GuitarActs(AppContext& context, QWidget* window) : QObject(window), context_(context), window_(window) {}

void GuitarActs::askBlock() {
    const Units& units = context_.preferences().units;
    const QString level = lengthText(context_.session().derived().neutralBlock_m, units);
    bool ok = false;
    const QString typed = QInputDialog::getText(window_, tr("Put a block in"),
                                                tr("Thickness under the rear edge; level is %1").arg(level),
                                                QLineEdit::Normal, level, &ok);
    if (!ok)
        return;
    const Result<double> thickness = parseQuantity(typed, Dimension::Length, units, QStringLiteral("block"));
    context_.accept(thickness.ok() ? context_.bench().putBlock(thickness.value()) : std::optional(thickness.fault()));
}

void GuitarActs::takeBlockOut() {
    Event event;
    event.kind = Event::Kind::Unblock;
    context_.accept(context_.session().append(tr("take block out"), event));
}

/// The string that the next act wants on, or the one that is picked.
void GuitarActs::stringOn() {
    const NextAct& next = context_.session().derived().next();
    if (next.what == NextAct::Do::String)
        context_.accept(
            context_.session().append(tr("string on"), Event::ofString(Event::Kind::Strung, next.aim.string)));
    else
        context_.accept(context_.bench().happened(tr("string on"), Event::Kind::Strung));
}

/// A length typed with its direction by sign; nothing where the dialog was left or the length is none, which is said.
std::optional<double> GuitarActs::askMove_m(const QString& title, const QString& question) {
    bool ok = false;
    const QString typed = QInputDialog::getText(window_, title, question, QLineEdit::Normal, QString(), &ok);
    if (!ok)
        return std::nullopt;
    const auto moved = parseQuantity(typed, Dimension::Length, context_.preferences().units, title);
    if (moved.ok())
        return moved.value();
    context_.accept(moved.fault());
    return std::nullopt;
}

void GuitarActs::askPosts() {
    const auto moved_m = askMove_m(tr("Bridge posts were turned"),
                                   tr("Raised by (a minus sign: lowered), the same on both bridge posts.\n"
                                      "Strings slack first: bridge posts turned under tension wear their edges."));
    if (!moved_m)
        return;
    Event event;
    event.kind = Event::Kind::Posts;
    event.bass_m = event.treble_m = *moved_m;
    context_.accept(context_.session().append(tr("bridge posts turned"), event));
}

void GuitarActs::askSaddle() {
    const auto string = context_.bench().pickedString();
    if (!string) {
        context_.accept(Fault{faults::noStringPicked, QStringLiteral("string")});
        return;
    }
    const auto moved_m =
        askMove_m(tr("Saddle was moved"), tr("Towards the nut by (a minus sign: away from it), with its string slack"));
    if (!moved_m)
        return;
    Event event = Event::ofString(Event::Kind::Saddle, *string);
    event.saddle_m = *moved_m;
    context_.accept(context_.session().append(tr("saddle moved"), event));
}

/// Asks for a reason where inserts would fall out.
void GuitarActs::turn(Orientation to) {
    Session& session = context_.session();
    Event event;
    event.kind = Event::Kind::Turn;
    event.to = to;
    if (spillsInserts(session.job(), session.derived(), to)) {
        const QString why = QInputDialog::getText(
            window_, tr("Inserts are open"),
            tr("Saddle inserts are open and fall out when the guitar is turned over. Tape them first.\n"
               "To go on all the same, say why:"));
        if (why.trimmed().isEmpty())
            return;
        event.note = why.trimmed().toStdString();
    }
    context_.accept(session.append(tr("turn the guitar"), event));
}

void GuitarActs::addTurns(std::vector<ActionSpec>& list, const QString& menu) {
    const QString words[] = {tr("Lay it &flat"), tr("Hold it as &played"), tr("Hang it &upright"),
                             tr("Turn it face do&wn")};
    static const char* const ids[] = {"turnFlat", "turnPlaying", "turnUpright", "turnFaceDown"};
    for (int o = 0; o < 4; ++o)
        list.push_back({ids[o], menu, words[o], {}, [this, o] { turn(static_cast<Orientation>(o)); }});
}

void GuitarActs::addActions(std::vector<ActionSpec>& list, const QString& menu) {
    const auto isBlocked = [this] { return context_.session().derived().now().state.block.has_value(); };
    list.push_back({"blockIn",
                    menu,
                    tr("Put a &block in…"),
                    {QKeySequence(Qt::CTRL | Qt::Key_B)},
                    [this] { askBlock(); },
                    [isBlocked] { return !isBlocked(); }});
    list.push_back({"blockOut",
                    menu,
                    tr("Take the block &out"),
                    {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_B)},
                    [this] { takeBlockOut(); },
                    isBlocked});
    list.push_back(
        {"stringOff", menu, tr("String &off or broken"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_X)}, [this] {
             context_.accept(context_.bench().happened(tr("string off"), Event::Kind::Off));
         }});
    list.push_back({"stringOn", menu, tr("&New string on"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N)}, [this] {
                        stringOn();
                    }});
    list.push_back(
        {"slipped", menu, tr("String has &slipped"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_L)}, [this] {
             context_.accept(context_.bench().happened(tr("string slipped"), Event::Kind::Slipped));
         }});
    list.push_back({"disturbed", menu, tr("Something was &moved or knocked"), {}, [this] {
                        Event event;
                        event.kind = Event::Kind::Disturbed;
                        context_.accept(context_.session().append(tr("something moved"), event));
                    }});
    list.push_back({"posts", menu, tr("Bridge &posts were turned…"), {}, [this] { askPosts(); }});
    list.push_back({"saddle", menu, tr("Sa&ddle was moved…"), {}, [this] { askSaddle(); }});
    addTurns(list, menu);
}

} // namespace flenzo
