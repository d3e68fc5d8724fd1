// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/statics/family.h"
#include "domain/job/job.h"
#include "widgets/controls/field_edit.h"

#include <QCheckBox>
#include <QComboBox>

namespace flenzo {

class AppContext;

/// What more than one page asks of the open job. Each shows what the job says and is one undo step.

/// A line of its own words: whose guitar, which, what it is here for.
class JobText : public FieldEdit {
    Q_OBJECT
public:
    JobText(AppContext& context, const QString& name, QString Job::*member, QWidget* parent);
    void refresh();

private:
    AppContext& context_;
    QString Job::*member_;
};

/// How many strings it has.
class StringCountBox : public QComboBox {
    Q_OBJECT
public:
    StringCountBox(AppContext& context, QWidget* parent);
    void refresh();

private:
    AppContext& context_;
};

/// Whether new strings are settled with a pull asked for at the bench.
class StretchBox : public QCheckBox {
    Q_OBJECT
public:
    StretchBox(AppContext& context, QWidget* parent);
    void refresh();

private:
    AppContext& context_;
};

/// Makes it another kind of bridge, with what the shop's own guitars say of that kind; the kind it is changes nothing.
/// Reads the shop, which shows its
/// progress over `window` after half a second and lets other events through.
void chooseFamily(AppContext& context, Family family, QWidget* window);

} // namespace flenzo
