// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/app_context.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QWidget>

class QLineEdit;

namespace flenzo {

/// A form whose fields write themselves into the job, and follow it.
class JobForm : public QWidget {
    Q_OBJECT
public:
    template <class T> using Get = std::function<T(const Job&)>;
    template <class T> using Set = std::function<void(Job&, T)>;
    JobForm(AppContext& context, QWidget* parent);
    QFormLayout& rows() { return *layout_; }
    void edit(const std::function<void(Job&)>& change);
    /// Shows what the job says, now and whenever it has changed.
    void follow(const std::function<void(const Job&)>& show);

    template <class T>
    void choice(const char* name, const QString& title, const QStringList& ways, T (*get)(const Job&),
                void (*set)(Job&, T)) {
        auto* box = new QComboBox(this);
        box->setObjectName(QLatin1String(name));
        box->addItems(ways);
        follow([box, get](const Job& job) { box->setCurrentIndex(static_cast<int>(get(job))); });
        connect(box, &QComboBox::activated, this,
                [this, set](int index) { edit([&](Job& job) { set(job, static_cast<T>(index)); }); });
        add(title, box);
    }
    /// A row whose title is also what a screen reader says.
    void add(const QString& title, QWidget* field);
    void flag(const QString& name, const QString& title, const Get<bool>& get, const Set<bool>& set);
    void line(const QString& name, const QString& title, const Get<QString>& get, const Set<const QString&>& set);
    /// The same for what has a form; `take` says what is wrong with it and then changes nothing.
    void typed(const QString& name, const QString& title, const Get<QString>& get,
               const std::function<std::optional<Fault>(Job&, const QString&)>& take);
    /// A figure that somebody tells; 0 shows as `unsaid`, and so does what is below `least`.
    void told(const QString& name, const QString& title, double most, int decimals, const QString& unsaid,
              const Get<double>& get, const Set<double>& set, double least = 0.0);
    /// A field that is only reckoned with; `changed` hears every key.
    QLineEdit* number(const QString& name, const QString& title, const std::function<void()>& changed);

protected:
    AppContext& context_;

private:
    QFormLayout* layout_;
};

} // namespace flenzo
