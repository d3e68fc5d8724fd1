// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/pages/listen_bar.h"

#include "domain/base/moment.h"
#include "domain/work/progress.h"
#include "listen/sources/device_source.h"
#include "paint/listening_picture.h"
#include "session/document/photos.h"
#include "store/recordings.h"
#include "widgets/controls/scene_view.h"
#include "widgets/dialogs/listen_dialog.h"
#include "widgets/look.h"
#include "widgets/text/listen_words.h"

#include <QBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPointer>
#include <QPushButton>
#include <memory>
#include <utility>

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
    more_ = button(tr("More"), "listenMore");
    menu_ = new QMenu(more_);
    more_->setMenu(menu_);
    row->addStretch();
    auto* heard = new QHBoxLayout;
    heard->setSpacing(10);
    both_->addLayout(heard, 1);
    says_ = label(TextRole::Act, this, QStringLiteral("listenSays"));
    says_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred); // what is said widens no page
    heard->addWidget(says_, 2);
    picture_ = new SceneView(this);
    picture_->setObjectName(QStringLiteral("listenPicture"));
    picture_->setAccessibleName(tr("How far the string is from its aim"));
    picture_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    heard->addWidget(picture_, 1);
    connect(listen_, &QPushButton::clicked, this, &ListenBar::toggle);
    connect(pause_, &QPushButton::clicked, this, &ListenBar::togglePause);
    connect(simulated_, &QPushButton::clicked, this, [this] { hearSimulated(); });
    connect(menu_, &QMenu::aboutToShow, this, &ListenBar::fillMenu);
    connect(&listening_, &Listening::changed, this, &ListenBar::refresh);
    connect(&listening_, &Listening::changed, this, &ListenBar::tellByTones);
    connect(&listening_, &Listening::failed, this, [this](SourceFault why) {
        Q_EMIT context_.said(wording::whyNoSound(why), true);
        refresh();
    });
    connect(&listening_, &Listening::refused, this, [this](const Fault& fault) { context_.accept(fault); });
    connect(&context_.session(), &Session::changed, this, &ListenBar::followJob);
    connect(&context_.session(), &Session::leaving, this, [this] {
        if (listening_.isTaking())
            toggleTake(); // it is of the guitar that is left
    });
    refresh();
}

ListenBar::~ListenBar() = default;

void ListenBar::setTight(bool tight) {
    if (std::exchange(isTight_, tight) == tight)
        return;
    setDrawn(says_, Drawn::Tight, tight);
    refresh();
}

void ListenBar::setNarrow(bool narrow) {
    both_->setDirection(narrow ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
}

void ListenBar::setForm(StringForm* form) {
    auto* there = dynamic_cast<QObject*>(form);
    if (!there)
        listening_.setTaker({});
    else
        listening_.setTaker(
            [form, alive = QPointer<QObject>(there)](const HeardPluck& pluck) { return alive && form->hear(pluck); });
    if (std::exchange(fillsForm_, there != nullptr) != (there != nullptr))
        refresh();
}

void ListenBar::fillMenu() {
    menu_->clear();
    menu_->addAction(tr("Set up listening…"), this, &ListenBar::setUp);
    QAction* take = menu_->addAction(listening_.isTaking() ? tr("Stop, and save the recording") : tr("Record"), this,
                                     &ListenBar::toggleTake);
    take->setEnabled(listening_.isOn());
    int number = 0;
    for (const QString& file : takesOf(context_.session().job()))
        menu_->addAction(tr("Hear recording %1").arg(++number), this,
                         [this, file] { hearRecording(attachedFile(context_.session(), file)); });
}

void ListenBar::soundAim() {
    if (listening_.isOn()) {
        context_.say(tr("Stop listening first: it would hear the tone."));
        return;
    }
    const Session& session = context_.session();
    const NextAct& next = session.derived().next();
    const bool tunes = next.what == NextAct::Do::Tune;
    const auto picked = context_.bench().pickedString();
    if (tunes && (!picked || picked == next.aim.string))
        voice_.soundPitch(next.aim.frequency_Hz);
    else
        voice_.soundPitch(session.job().rig.strings[picked.value_or(0)].target_Hz);
}

void ListenBar::toggle() {
    if (listening_.isOn())
        listening_.stop();
    else if (context_.preferences().listenKnown)
        listen();
    else
        setUp();
}

void ListenBar::setUp() {
    ListenDialog dialog(context_, listening_, this);
    if (dialog.exec() == QDialog::Accepted)
        listen();
    refresh();
}

void ListenBar::togglePause() {
    if (listening_.isOn())
        listening_.pause(!listening_.isPaused());
}

void ListenBar::toggleTake() {
    if (!listening_.isTaking()) {
        listening_.beginTake();
        return;
    }
    const std::optional<Step> step = currentStep(context_.session().job(), context_.session().derived());
    if (context_.accept(saveTake(context_.session(), listening_.endTake(), step ? step->name() : QString(), nowText())))
        context_.say(tr("The recording is saved with the job."));
}

bool ListenBar::takeAnyway() {
    const Listening::State state = listening_.state();
    if (state != Listening::State::Asks && state != Listening::State::OnTheWay)
        return false;
    listening_.takeAnyway();
    return true;
}

void ListenBar::listen() {
    loudspeaker_.reset();
    HearingOptions options;
    options.calibration_ppm = context_.preferences().clock_ppm;
    if (listening_.start(std::make_unique<DeviceSource>(context_.preferences().listenInput.toUtf8()), options))
        context_.say(tr("Pluck one string: it is named here, and read when its pitch has settled. Mute all strings "
                        "twice to pause."));
    act_.clear();
    followJob();
}

/// What a source gives is heard at the loudspeaker too, where there is one.
void ListenBar::playAlong(SoundSource& source, double rate_Hz) {
    loudspeaker_ = std::make_unique<Loudspeaker>(rate_Hz);
    connect(&source, &SoundSource::heard, loudspeaker_.get(),
            [speaker = loudspeaker_.get(), channels = source.channels()](const QList<float>& frames) {
                QList<float> first;
                for (qsizetype k = 0; k < frames.size(); k += channels)
                    first.append(frames[k]);
                speaker->play(first);
            });
}

void ListenBar::hearSimulated(bool hurried) {
    if (!context_.session().job().simulatedSeed)
        return;
    auto source = std::make_unique<SimulatedSource>(*context_.session().job().simulatedSeed);
    source->setHurried(hurried);
    if (!hurried)
        playAlong(*source, source->rate_Hz());
    // The hand goes with its source.
    new SimulatedHand(context_.session(), context_.bench(), source.get(), source.get());
    listening_.start(std::move(source));
    refresh();
}

void ListenBar::hearFile(const QString& path) {
    Result<Recording> recording = readRecording(path);
    if (!recording.ok()) {
        Q_EMIT context_.said(sentence(path, recording.fault()), true);
        return;
    }
    loudspeaker_.reset();
    listening_.start(std::make_unique<RecordingSource>(std::move(recording).value()));
    refresh();
}

void ListenBar::hearRecording(const QString& path) {
    Result<Recording> recording = readRecording(path);
    if (!recording.ok()) {
        Q_EMIT context_.said(sentence(path, recording.fault()), true);
        return;
    }
    auto source = std::make_unique<RecordingSource>(std::move(recording).value());
    playAlong(*source, source->rate_Hz());
    listening_.start(std::move(source));
    listening_.showOnly();
    refresh();
}

/// The next act is said as soon as it is another.
void ListenBar::followJob() {
    refresh();
    const Session& session = context_.session();
    const bool done = session.derived().next().what == NextAct::Do::Done;
    if (listening_.isOn() && done && !wasDone_ && context_.preferences().tones)
        voice_.sound(Tone::InTune);
    wasDone_ = done;
    if (!listening_.isOn() || listening_.isPaused() || !context_.preferences().speaks)
        return;
    const QString act = wording::spoken(wording::act(session.job(), session.derived(), context_.preferences().units));
    if (act != act_)
        voice_.say(act);
    act_ = act;
}

void ListenBar::tellByTones() {
    const Listening::State state = listening_.state();
    if (state == told_)
        return;
    told_ = state;
    if (!context_.preferences().tones)
        return;
    if (state == Listening::State::Taken)
        voice_.sound(Tone::Taken);
    else if (state == Listening::State::Asks)
        voice_.sound(Tone::Doubted);
}

void ListenBar::refresh() {
    const bool on = listening_.isOn();
    listen_->setText(on ? tr("Stop listening  (F8)") : tr("Listen  (F8)"));
    pause_->setText(listening_.isPaused() ? tr("Go on  (F7)") : tr("Pause  (F7)"));
    for (QPushButton* key : {listen_, more_})
        key->setVisible(!isTight_);
    pause_->setVisible(on && !isTight_);
    both_->setStretch(0, on ? 0 : 1); // the keys keep to the left when nothing is said
    simulated_->setVisible(!on && !isTight_ && !fillsForm_ && context_.session().job().simulatedSeed.has_value());
    more_->setText(listening_.isTaking() ? tr("Recording") : tr("More"));
    says_->setVisible(on);
    picture_->setVisible(on);
    if (!on)
        return;
    says_->setText(wording::heard(listening_, context_.session().job()));
    const double scale = context_.preferences().scale();
    picture_->setFixedHeight(static_cast<int>((fillsForm_ ? 46.0 : 20.0) * scale));
    picture_->setMaximumWidth(fillsForm_ ? QWIDGETSIZE_MAX : static_cast<int>(90.0 * scale)); // the level alone
    // The bench shows in the string's own lane how far it is.
    const ListeningPicture values{fillsForm_ ? listening_.fromAim_cents() : std::nullopt, listening_.near_cents(),
                                  listening_.level_dBFS(), listening_.clips()};
    picture_->show([values, scale](const QSizeF& size) { return buildListening(values, size, scale); },
                   context_.preferences());
}

} // namespace flenzo
