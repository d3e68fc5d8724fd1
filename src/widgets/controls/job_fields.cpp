// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/job_fields.h"

#include "domain/base/bundled_words.h"
#include "domain/base/ranges.h"
#include "domain/job/edits.h"
#include "session/models/shop_says.h"
#include "widgets/app_context.h"

namespace flenzo {

JobText::JobText(AppContext& context, const QString& name, QString Job::*member, QWidget* parent)
    : FieldEdit(
          name,
          [&context, name, member](const QString& typed) {
              return context.accept(context.session().edit(name, [&](Job& job) { job.*member = typed.left(200); }));
          },
          parent),
      context_(context), member_(member) {}

void JobText::refresh() {
    const QString& words = context_.session().job().*member_;
    show(member_ == &Job::reason ? bundledWords(words)
                                 : words); // a guitar's or an owner's name is nobody's to translate
}

StringCountBox::StringCountBox(AppContext& context, QWidget* parent) : QComboBox(parent), context_(context) {
    setAccessibleName(tr("Number of strings"));
    for (int n = leastStrings; n <= static_cast<int>(maxStrings); ++n)
        addItem(tr("%n strings", nullptr, n));
    connect(this, &QComboBox::activated, this, [this](int index) {
        std::optional<Fault> fault;
        const auto other = context_.session().edit(tr("number of strings"), [&](Job& job) {
            fault = setStringCount(job, static_cast<std::size_t>(index) + leastStrings, context_.catalogue());
        });
        context_.accept(fault ? fault : other);
        refresh(); // a count that was refused is not there
    });
}

void StringCountBox::refresh() {
    setCurrentIndex(static_cast<int>(context_.session().job().rig.strings.size()) - leastStrings);
}

StretchBox::StretchBox(AppContext& context, QWidget* parent)
    : QCheckBox(tr("new strings: the bench asks for each pull"), parent), context_(context) {
    connect(this, &QCheckBox::clicked, this, [this](bool on) {
        context_.accept(context_.session().edit(tr("stretching"), [on](Job& job) { job.method.stretch = on; }));
    });
}

void StretchBox::refresh() {
    setChecked(context_.session().job().method.stretch);
}

void chooseFamily(AppContext& context, Family family, QWidget* window) {
    if (context.session().job().rig.bridge.family == family)
        return;                                      // what this very guitar has taught stays
    const ShopSays& says = context.shopSays(window); // first: while it waits another bench may change the job
    const auto& book = context.session().logbook();
    const auto own = book ? shopPriorFor(*book, says, family) : Result(std::optional<ShopPrior>());
    const auto fault = context.session().edit(JobText::tr("kind of bridge"), [&](Job& job) {
        setFamily(job, family);
        job.shopPrior = own.ok() ? own.value() : std::nullopt; // of another kind it says nothing
    });
    if (context.accept(fault) && !own.ok())
        context.accept(own.fault()); // the kind is taken; only the shop's own could not be read
}

} // namespace flenzo
