// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/listen_bar.h"

#include "listen/sources/device_source.h"
#include "paint/listening_picture.h"
#include "store/wav_files.h"
#include "widgets/controls/scene_view.h"
#include "widgets/look.h"
#include "widgets/text/wording.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <cmath>
#include <memory>

namespace flenzo {

ListenBar::ListenBar(AppContext& context, QWidget* parent)
    : QWidget(parent), context_(context), listening_(context.session()) {
    both_ = new QBoxLayout(QBoxLayout::LeftToRight, this);
    both_->setContentsMargins(0, 0, 0, 0);
    both_->setSpacing(10);
    auto* row = new QHBoxLayout;
    row->setSpacing(10);
    both_->addLayout(row);
    const auto button = [&](const QString& words, const char* name) {
        auto* made = new QPushButton(words, this);
        made->setObjectName(QLatin1String(name));
        made->setFocusPolicy(Qt::TabFocus);
        row->addWidget(made);
        return made;
    };
    listen_ = button(QString(), "listen");
    pause_ = button(QString(), "listenPause");
    simulated_ = button(tr("Hear the demo guitar"), "listenSimulated");
    simulated_->setToolTip(
        tr("The simulated guitar is plucked and tuned in front of you, and heard as yours would be"));
    inputs_ = new QComboBox(this);
    inputs_->setObjectName(QStringLiteral("listenInput"));
    inputs_->setAccessibleName(tr("Input to listen to"));
    inputs_->setFocusPolicy(Qt::TabFocus);
    inputs_->setMaximumWidth(220);
    row->addWidget(inputs_);
    row->addStretch();
    auto* heard = new QHBoxLayout;
    heard->setSpacing(10);
    both_->addLayout(heard, 1);
    says_ = label(TextRole::Act, this, QStringLiteral("listenSays"));
    says_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred); // what is said widens no page
    heard->addWidget(says_, 1);
    picture_ = new SceneView(this);
    picture_->setObjectName(QStringLiteral("listenPicture"));
    picture_->setAccessibleName(tr("How far the string is from its aim"));
    picture_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    heard->addWidget(picture_, 1);
    connect(listen_, &QPushButton::clicked, this, &ListenBar::toggle);
    connect(pause_, &QPushButton::clicked, this, &ListenBar::togglePause);
    connect(simulated_, &QPushButton::clicked, this, [this] { hearSimulated(); });
    connect(&listening_, &Listening::changed, this, &ListenBar::refresh);
    connect(&listening_, &Listening::failed, this, &ListenBar::sayWhy);
    connect(&listening_, &Listening::refused, this, [this](const Fault& fault) { context_.accept(fault); });
    connect(inputs_, &QComboBox::activated, this, &ListenBar::chooseInput);
    connect(&context_.session(), &Session::changed, this, &ListenBar::refresh);
    refresh();
}

void ListenBar::setNarrow(bool narrow) {
    both_->setDirection(narrow ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
}

void ListenBar::toggle() {
    if (listening_.isOn())
        listening_.stop();
    else
        listen();
}

void ListenBar::togglePause() {
    if (listening_.isOn())
        listening_.pause(!listening_.isPaused());
}

bool ListenBar::takeAnyway() {
    const Listening::State state = listening_.state();
    if (state != Listening::State::Asks && state != Listening::State::OnTheWay)
        return false;
    listening_.takeAnyway();
    return true;
}

/// Inputs are looked for when somebody wants to listen: plugged in later they are there.
void ListenBar::fillInputs() {
    const QByteArray chosen = context_.preferences().listenInput.toUtf8();
    inputs_->clear();
    inputs_->addItem(tr("Usual input"), QByteArray());
    for (const SoundInput& input : soundInputs()) {
        inputs_->addItem(input.name, input.id);
        if (input.id == chosen)
            inputs_->setCurrentIndex(inputs_->count() - 1);
    }
}

void ListenBar::listen() {
    fillInputs();
    if (listening_.start(std::make_unique<DeviceSource>(inputs_->currentData().toByteArray())))
        context_.say(tr("Pluck one string: it is named here, and read when its pitch has settled."));
    refresh();
}

/// Heard from then on, and the next time.
void ListenBar::chooseInput() {
    Preferences changed = context_.preferences();
    changed.listenInput = QString::fromUtf8(inputs_->currentData().toByteArray());
    context_.setPreferences(changed);
    listen();
}

void ListenBar::hearSimulated(bool hurried) {
    if (!context_.session().job().simulatedSeed)
        return;
    auto source = std::make_unique<SimulatedSource>(*context_.session().job().simulatedSeed);
    source->setHurried(hurried);
    // The hand goes with its source.
    new SimulatedHand(context_.session(), source.get(), source.get());
    listening_.start(std::move(source));
    refresh();
}

void ListenBar::hearFile(const QString& path) {
    Result<Wav> wav = wavFromFile(path);
    if (!wav.ok()) {
        Q_EMIT context_.said(sentence(path, wav.fault()), true);
        return;
    }
    listening_.start(std::make_unique<WavSource>(std::move(wav).value()));
    refresh();
}

void ListenBar::sayWhy(SourceFault why) {
    const QString words = why == SourceFault::NoInput ? tr("No input to listen to: plug in a microphone, or allow this "
                                                           "program to use it in the desktop's settings.")
                          : why == SourceFault::NoFormat
                              ? tr("This input gives no sound that can be read; choose another.")
                              : tr("The input is gone. Everything heard is kept; plug it in and listen again.");
    Q_EMIT context_.said(words, true);
    refresh();
}

QString ListenBar::words() const {
    const std::optional<std::size_t> string = listening_.string();
    const Job& job = context_.session().job();
    const QString name =
        string && *string < job.rig.strings.size() ? wording::stringTitle(job.rig.strings[*string]) : QString();
    const QString cents = signedNumber(listening_.cents(), 1);
    if (listening_.clips())
        return tr("Too loud: turn the input down");
    if (listening_.isSilent())
        return tr("No sound at all: is the input muted?");
    const Listening::State state = listening_.state();
    if (const auto off = listening_.fromAim_cents();
        off && (state == Listening::State::Settling || state == Listening::State::OnTheWay)) {
        const QString size = QString::number(std::abs(*off), 'f', 1);
        const QString words =
            *off < 0.0 ? tr("%1: up by %2 ¢").arg(name, size) : tr("%1: down by %2 ¢").arg(name, size);
        return state == Listening::State::Settling ? words : tr("%1 more (Enter takes it)").arg(words);
    }
    switch (state) {
    case Listening::State::Off:
        return {};
    case Listening::State::Listening:
        return tr("Listening");
    case Listening::State::Paused:
        return tr("Paused");
    case Listening::State::Struck:
        return tr("Heard a pluck");
    case Listening::State::Settling:
        return tr("%1: settling %2 ¢").arg(name, cents);
    case Listening::State::Taken:
        return tr("%1: taken %2 ¢").arg(name, cents);
    case Listening::State::OnTheWay:
        return tr("%1: %2 ¢ (Enter takes it)").arg(name, cents);
    case Listening::State::Known:
        return tr("%1: %2 ¢, as before").arg(name, cents);
    case Listening::State::Asks:
        return tr("%1 at %2 ¢? Enter takes it").arg(name, cents);
    case Listening::State::Unsure:
        return tr("Not sure, pluck again");
    }
    return {};
}

void ListenBar::refresh() {
    const bool on = listening_.isOn();
    listen_->setText(on ? tr("Stop listening  (F8)") : tr("Listen  (F8)"));
    pause_->setText(listening_.isPaused() ? tr("Go on  (F7)") : tr("Pause  (F7)"));
    pause_->setVisible(on);
    both_->setStretch(0, on ? 0 : 1); // the keys keep to the left when nothing is said
    simulated_->setVisible(!on && context_.session().job().simulatedSeed.has_value());
    inputs_->setVisible(on && inputs_->count() > 2);
    says_->setVisible(on);
    picture_->setVisible(on);
    if (!on)
        return;
    says_->setText(words());
    const double scale = context_.preferences().textScale;
    picture_->setFixedHeight(static_cast<int>(46.0 * scale));
    const ListeningPicture values{listening_.fromAim_cents(), listening_.near_cents(), listening_.level_dBFS(),
                                  listening_.clips()};
    picture_->show([values, scale](const QSizeF& size) { return buildListening(values, size, scale); },
                   context_.preferences());
}

} // namespace flenzo
