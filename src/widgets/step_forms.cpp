// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/step_forms.h"

#include "session/edits.h"
#include "session/entry.h"
#include "session/work/schools.h"
#include "widgets/look.h"
#include "widgets/return_form.h"

#include <QCheckBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QDateEdit>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>

namespace flenzo {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("StepForms", text);
}

using Change = std::function<void(Job&)>;
void edit(Desk& desk, const Change& change) {
    desk.accept(desk.session().edit(tr("card"), change));
}

/// A form whose fields write themselves into the job.
class Form : public QWidget {
public:
    Form(Desk& desk, QWidget* parent) : QWidget(parent), desk_(desk), layout_(new QFormLayout(this)) {
        layout_->setContentsMargins(0, 6, 0, 0);
    }
    QFormLayout& rows() { return *layout_; }

    template <class T>
    void choice(const char* name, const QString& title, const QStringList& ways, T now, void (*set)(Job&, T)) {
        auto* box = new QComboBox(this);
        box->setObjectName(QLatin1String(name));
        box->addItems(ways);
        box->setCurrentIndex(static_cast<int>(now));
        connect(box, &QComboBox::activated, this,
                [this, set](int index) { edit(desk_, [&](Job& job) { set(job, static_cast<T>(index)); }); });
        add(title, box);
    }
    /// A row whose title is also what a screen reader says.
    void add(const QString& title, QWidget* field) {
        field->setAccessibleName(title);
        layout_->addRow(title, field);
    }
    void flag(const char* name, const QString& title, bool now, const std::function<void(Job&, bool)>& set) {
        auto* box = new QCheckBox(title, this);
        box->setObjectName(QLatin1String(name));
        box->setChecked(now);
        connect(box, &QCheckBox::clicked, this, [this, set](bool on) { edit(desk_, [&](Job& job) { set(job, on); }); });
        layout_->addRow(QString(), box);
    }
    void line(const QString& name, const QString& title, const QString& now,
              const std::function<void(Job&, const QString&)>& set) {
        auto* field = new QLineEdit(now, this);
        field->setObjectName(name);
        connect(field, &QLineEdit::editingFinished, this,
                [this, field, set] { edit(desk_, [&](Job& job) { set(job, field->text().trimmed().left(200)); }); });
        add(title, field);
    }

private:
    Desk& desk_;
    QFormLayout* layout_;
};

QWidget* cardForm(Desk& desk, QWidget* parent) {
    const Card& card = desk.session().job().card;
    auto* form = new Form(desk, parent);
    form->line(QStringLiteral("cardGuitar"), tr("guitar"), desk.session().job().guitar,
               [](Job& job, const QString& text) { job.guitar = text; });
    form->line(QStringLiteral("cardOwner"), tr("owner"), desk.session().job().owner,
               [](Job& job, const QString& text) { job.owner = text; });
    auto* kind = new QComboBox(form);
    kind->setObjectName(QStringLiteral("cardBridge"));
    for (const BridgeKind& one : bridgeKinds())
        kind->addItem(one.name);
    kind->setCurrentIndex(static_cast<int>(kindOf(desk.session().job().rig.bridge)));
    QObject::connect(kind, &QComboBox::activated, form, [&desk](int index) {
        edit(desk, [&](Job& job) { setBridgeKind(job, bridgeKinds()[static_cast<std::size_t>(index)]); });
    });
    form->add(tr("bridge"), kind);
    form->choice<Nut>("cardNut", tr("nut"), {tr("open"), tr("caps on bolts"), tr("a clamp for each string")}, card.nut,
                      [](Job& job, Nut nut) { job.card.nut = nut; });
    form->choice<Tuners>(
        "cardTuners", tr("tuners"),
        {tr("string through a hole"), tr("slotted with a centre hole"), tr("locking posts"), tr("at the bridge")},
        card.tuners, [](Job& job, Tuners tuners) { job.card.tuners = tuners; });
    form->choice<Headstock>("cardHead", tr("headstock"), {tr("all on one side"), tr("split, both sides"), tr("none")},
                            card.headstock, [](Job& job, Headstock head) { job.card.headstock = head; });
    form->choice<Board>("cardBoard", tr("board"), {tr("dark, without lacquer"), tr("maple"), tr("other")}, card.board,
                        [](Job& job, Board board) { job.card.board = board; });
    form->flag("cardLeft", tr("left-handed"), card.leftHanded, [](Job& job, bool on) { job.card.leftHanded = on; });
    form->flag("cardBar", tr("retainer bar behind the nut"), card.retainerBar,
               [](Job& job, bool on) { job.card.retainerBar = on; });
    form->flag("cardTree", tr("string tree"), card.stringTree, [](Job& job, bool on) { job.card.stringTree = on; });
    for (const QString& group : screwGroups())
        form->line(QStringLiteral("key ") + group, tr("key for %1").arg(group), card.keys.value(group),
                   [group](Job& job, const QString& text) { job.card.keys[group] = text; });
    return form;
}

QWidget* ownerForm(Desk& desk, QWidget* parent) {
    auto* form = new Form(desk, parent);
    const QSet<QString>& extras = desk.session().job().work.extras;
    const std::pair<const char*, QString> all[] = {{"clean", tr("clean")},
                                                   {"polish", tr("polish the frets")},
                                                   {"oil", tr("oil the board")},
                                                   {"intonate", tr("intonate")},
                                                   {"height", tr("set the height")}};
    for (const auto& [name, title] : all) {
        const QString extra = QLatin1String(name);
        form->flag((std::string("extra-") + name).c_str(), title, extras.contains(extra), [extra](Job& job, bool on) {
            if (on)
                job.work.extras.insert(extra);
            else
                job.work.extras.remove(extra);
        });
    }
    form->line(QStringLiteral("cardNotes"), tr("how it is played"), desk.session().job().card.notes,
               [](Job& job, const QString& text) { job.card.notes = text; });
    return form;
}

/// Caliper value to the nearest string of the catalogue; millimetres and thousandths are told apart by size.
QString caliperWords(const Desk& desk, const QString& text) {
    bool ok = false;
    double value = QString(text).replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&ok);
    if (text.trimmed().isEmpty())
        return {};
    if (!ok || value <= 0.0)
        return tr("A number, please: 0.43 is millimetres, 17 or .017 thousandths of an inch.");
    const bool written = text.trimmed().startsWith(QLatin1Char('.'));
    const bool inches = written || value >= 6.0;
    if (inches && value < 1.0)
        value *= 1000.0;
    const double gauge_m = inches ? value * 25.4e-6 : value * 1e-3;
    if (gauge_m < 0.00015 || gauge_m > 0.0026)
        return tr("No guitar string measures that; see that caliper and unit are right.");
    const CatalogueString* nearest = nullptr;
    for (const CatalogueString& entry : desk.catalogue().strings)
        if (!nearest || std::abs(entry.wire.gauge_m - gauge_m) < std::abs(nearest->wire.gauge_m - gauge_m))
            nearest = &entry;
    return tr("Read as %1: %2 mm or %3 thousandths; nearest string: %4.")
        .arg(inches ? tr("thousandths of an inch") : tr("millimetres"))
        .arg(gauge_m * 1e3, 0, 'f', 3)
        .arg(gauge_m / 25.4e-6, 0, 'f', 1)
        .arg(nearest ? nearest->label : QString());
}

QWidget* caliperForm(Desk& desk, QWidget* parent) {
    auto* form = new Form(desk, parent);
    auto* field = new QLineEdit(form);
    field->setObjectName(QStringLiteral("caliper"));
    QLabel* words = label(Voice::Body, form, QStringLiteral("caliperSays"));
    words->setWordWrap(true);
    QObject::connect(field, &QLineEdit::textChanged, words,
                     [&desk, words](const QString& text) { words->setText(caliperWords(desk, text)); });
    form->add(tr("caliper"), field);
    form->rows().addRow(words);
    return form;
}

/// A way with what it adds to the job as it is chosen now.
QString optionWords(const SchoolOption& option, const SchoolCost& cost, const SchoolCost& now) {
    QStringList parts;
    if (const double passes = cost.passes - now.passes; std::abs(passes) > 0.05)
        parts.append(tr("%1 passes").arg(signedNumber(passes, 1)));
    if (const double minutes = cost.minutes - now.minutes; std::abs(minutes) > 0.5)
        parts.append(tr("%1 min").arg(signedNumber(minutes, 0)));
    if (!cost.risk.isEmpty())
        parts.append(cost.risk);
    return parts.isEmpty() ? option.title : option.title + QStringLiteral(" – ") + parts.join(QStringLiteral(", "));
}

QWidget* planForm(Desk& desk, QWidget* parent) {
    auto* form = new Form(desk, parent);
    const Job& job = desk.session().job();
    const SchoolCost now = costOf(job, QString(), QString());
    QLabel* sum = label(Voice::Heading, form, QStringLiteral("planSum"));
    sum->setText(tr("As chosen: about %1 passes, %2 min (partly assumed)").arg(now.passes, 0, 'f', 1).arg(now.minutes, 0, 'f', 0));
    form->rows().addRow(sum);
    for (const SchoolTopic& topic : schoolTopics()) {
        if (!topic.appliesTo(job))
            continue;
        auto* box = new QComboBox(form);
        box->setObjectName(QStringLiteral("school-") + topic.name);
        for (const SchoolOption& option : topic.options) {
            box->addItem(optionWords(option, costOf(job, topic.name, option.name), now), option.name);
            box->setItemData(box->count() - 1, option.reason, Qt::ToolTipRole);
        }
        box->setCurrentIndex(box->findData(schoolOf(job, topic.name)));
        QObject::connect(box, &QComboBox::activated, form, [&desk, box, name = topic.name] {
            const QString way = box->currentData().toString();
            edit(desk, [&](Job& changed) { chooseSchool(changed, name, way); });
        });
        form->add(topic.title, box);
    }
    if (desk.session().logbook()) {
        auto* keep = new QPushButton(tr("Keep these as the house's ways"), form);
        keep->setObjectName(QStringLiteral("keepHouse"));
        QObject::connect(keep, &QPushButton::clicked, form, [&desk] {
            if (desk.accept(
                    desk.session().logbook()->setSetting(QStringLiteral("house"), houseOf(desk.session().job()))))
                desk.say(tr("New jobs begin with these ways."));
        });
        form->rows().addRow(QString(), keep);
    }
    return form;
}

QWidget* handOverForm(Desk& desk, QWidget* parent) {
    auto* form = new Form(desk, parent);
    const Work& work = desk.session().job().work;
    form->line(QStringLiteral("parts"), tr("parts used or lost"), work.parts,
               [](Job& job, const QString& text) { job.work.parts = text; });
    form->line(QStringLiteral("followUps"), tr("follow-ups"), work.followUps,
               [](Job& job, const QString& text) { job.work.followUps = text; });
    form->line(QStringLiteral("ownersNote"), tr("note to the owner"), work.ownersNote,
               [](Job& job, const QString& text) { job.work.ownersNote = text; });
    auto* due = new QDateEdit(work.due.isValid() ? work.due : QDate::currentDate().addMonths(3), form);
    due->setObjectName(QStringLiteral("due"));
    due->setDisplayFormat(QStringLiteral("yyyy-MM-dd"));
    due->setCalendarPopup(true);
    QObject::connect(due, &QDateEdit::dateChanged, form,
                     [&desk](const QDate& date) { edit(desk, [&](Job& job) { job.work.due = date; }); });
    form->add(tr("next restring"), due);
    return form;
}

} // namespace

QWidget* stepForm(StepId step, Desk& desk, QWidget* parent) {
    switch (step) {
    case StepId::LookOver:
        return cardForm(desk, parent);
    case StepId::AskOwner:
        return ownerForm(desk, parent);
    case StepId::OldSet:
        return caliperForm(desk, parent);
    case StepId::Plan:
        return planForm(desk, parent);
    case StepId::ReturnTest:
        return new ReturnForm(desk, parent);
    case StepId::HandOver:
        return handOverForm(desk, parent);
    default:
        return nullptr;
    }
}

} // namespace flenzo
