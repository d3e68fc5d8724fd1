// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/dialogs/listen_dialog.h"

#include "domain/base/ranges.h"
#include "language/decimal.h"
#include "listen/sources/device_source.h"
#include "paint/listening_picture.h"
#include "session/input/quantity.h"
#include "widgets/controls/scene_view.h"
#include "widgets/controls/voice.h"
#include "widgets/look.h"
#include "widgets/text/listen_words.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QGroupBox>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QProgressBar>
#include <QPushButton>
#include <cmath>
#include <vector>

namespace flenzo {

namespace {

constexpr double centsPerPpm = 1200.0 / 0.6931471805599453 * 1e-6;
constexpr int fullProgress = 100;

} // namespace

ListenDialog::ListenDialog(AppContext& context, Listening& listening, QWidget* parent, MakeSource make)
    : QDialog(parent), context_(context), listening_(listening), make_(std::move(make)) {
    if (!make_)
        make_ = [](const QByteArray& input) { return std::make_unique<DeviceSource>(input); };
    setWindowTitle(tr("Set up listening"));
    setObjectName(QStringLiteral("listenDialog"));
    auto* column = new QVBoxLayout(this);
    column->setSpacing(8);
    auto* row = new QHBoxLayout;
    auto* title = new QLabel(tr("&Input"), this);
    inputs_ = new QComboBox(this);
    inputs_->setObjectName(QStringLiteral("listenInput"));
    inputs_->setAccessibleName(tr("Input to listen to"));
    title->setBuddy(inputs_);
    row->addWidget(title);
    row->addWidget(inputs_, 1);
    column->addLayout(row);
    says_ = label(TextRole::Act, this, QStringLiteral("listenDialogSays"));
    says_->setWordWrap(true);
    says_->setAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    says_->setMinimumHeight(static_cast<int>(basePixels(context.preferences()) * 7.0));
    column->addWidget(says_);
    picture_ = new SceneView(this);
    picture_->setAccessibleName(tr("Level of the input"));
    picture_->setFixedHeight(static_cast<int>(46.0 * context.preferences().scale()));
    column->addWidget(picture_);
    hint_ = label(TextRole::Body, this);
    hint_->setText(tr("A microphone near the strings, a pick-up or a contact microphone on the headstock all do. A "
                      "quiet room helps more than a dear microphone; what is heard is not recorded."));
    hint_->setWordWrap(true);
    column->addWidget(hint_);
    column->addWidget(buildClock());
    const auto check = [&](const QString& words, const char* name, bool Preferences::*member) {
        auto* made = new QCheckBox(words, this);
        made->setObjectName(QLatin1String(name));
        made->setChecked(context_.preferences().*member);
        connect(made, &QCheckBox::clicked, this,
                [this, member](bool on) { context_.change([&](Preferences& changed) { changed.*member = on; }); });
        column->addWidget(made);
        return made;
    };
    QCheckBox* speaks = check(tr("Say each act aloud"), "listenSpeaks", &Preferences::speaks);
    const bool installed = Voice::isInstalled();
    speaks->setEnabled(installed);
    if (!installed)
        speaks->setText(tr("Say each act aloud (no voice is installed on this desktop)"));
    check(tr("Short tones: taken, doubted, in tune"), "listenTones", &Preferences::tones);
    auto* buttons = new QHBoxLayout;
    listen_ = new QPushButton(tr("Listen at the bench"), this);
    listen_->setObjectName(QStringLiteral("listenStart"));
    listen_->setDefault(true);
    auto* close = new QPushButton(tr("Close"), this);
    buttons->addStretch();
    buttons->addWidget(close);
    buttons->addWidget(listen_);
    column->addLayout(buttons);
    connect(inputs_, &QComboBox::activated, this, [this] {
        context_.change([this](Preferences& changed) {
            changed.listenInput = QString::fromUtf8(inputs_->currentData().toByteArray());
        });
        openSource();
    });
    connect(listen_, &QPushButton::clicked, this, &QDialog::accept);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    connect(&listening_, &Listening::changed, this, &ListenDialog::refresh);
    connect(&listening_, &Listening::failed, this,
            [this](SourceFault why) { says_->setText(wording::whyNoSound(why)); });
    connect(&listening_, &Listening::sound, this, &ListenDialog::follow);
    fillInputs();
    takeClock();
    openSource();
    resize(static_cast<int>(basePixels(context.preferences()) * 40.0), sizeHint().height());
}

ListenDialog::~ListenDialog() = default;

QWidget* ListenDialog::buildClock() {
    auto* box = new QGroupBox(tr("The sound card's clock"), this);
    auto* column = new QVBoxLayout(box);
    auto* form = new QFormLayout;
    const auto field = [&](const QString& title, const char* name) {
        auto* edit = new QLineEdit(box);
        edit->setObjectName(QLatin1String(name));
        edit->setAccessibleName(title);
        edit->setMaximumWidth(static_cast<int>(basePixels(context_.preferences()) * 9.0));
        return edit;
    };
    const QString ofTone = tr("a steady tone of"), ofTuner = tr("a good tuner reads higher by");
    tone_ = field(ofTone, "referenceTone");
    tone_->setText(QStringLiteral("440 Hz"));
    measure_ = new QPushButton(tr("Measure"), box);
    measure_->setObjectName(QStringLiteral("measureClock"));
    measure_->setAutoDefault(false);
    auto* beside = new QHBoxLayout;
    beside->addWidget(tone_);
    beside->addWidget(measure_);
    beside->addStretch();
    form->addRow(ofTone, beside);
    clock_ = field(ofTuner, "clockCents");
    form->addRow(ofTuner, clock_);
    column->addLayout(form);
    progress_ = new QProgressBar(box);
    progress_->setRange(0, fullProgress);
    progress_->setTextVisible(false);
    progress_->setAccessibleName(tr("Progress of the measurement"));
    progress_->hide();
    column->addWidget(progress_);
    clockSays_ = label(TextRole::Small, box, QStringLiteral("clockSays"));
    clockSays_->setWordWrap(true);
    column->addWidget(clockSays_);
    connect(measure_, &QPushButton::clicked, this, &ListenDialog::measure);
    connect(clock_, &QLineEdit::editingFinished, this, [this] {
        if (!clock_->isModified())
            return; // walked through: what is measured is finer than what is shown
        const Result<double> typed =
            parseQuantity(clock_->text(), Dimension::Cents, {}, clock_->accessibleName(), ranges::clock_cents);
        if (typed.ok())
            context_.change([&](Preferences& changed) { changed.clock_ppm = typed.value() / centsPerPpm; });
        takeClock();
        if (!typed.ok())
            clockSays_->setText(typed.fault().sentence());
    });
    return box;
}

/// Inputs are looked for when somebody wants to listen: plugged in later they are there.
void ListenDialog::fillInputs() {
    const QByteArray chosen = context_.preferences().listenInput.toUtf8();
    inputs_->addItem(tr("the desktop's usual one"), QByteArray());
    for (const SoundInput& input : soundInputs()) {
        inputs_->addItem(input.name, input.id);
        if (input.id == chosen)
            inputs_->setCurrentIndex(inputs_->count() - 1);
    }
}

void ListenDialog::openSource() {
    named_ = false;
    reference_.reset();
    picker_.reset();
    if (listening_.start(make_(inputs_->currentData().toByteArray())))
        listening_.showOnly();
    refresh();
}

void ListenDialog::refresh() {
    const bool on = listening_.isOn();
    measure_->setEnabled(on);
    const ListeningPicture values{std::nullopt, listening_.near_cents(), on ? listening_.level_dBFS() : -200.0,
                                  on && listening_.clips()};
    picture_->show([values, scale = context_.preferences().scale()](
                       const QSizeF& size) { return buildListening(values, size, scale); },
                   context_.preferences());
    if (!on)
        return; // why not has been said
    if (reference_) {
        says_->setText(tr("Listening to the tone"));
        return;
    }
    named_ = named_ || listening_.state() == Listening::State::Taken;
    const bool waits = listening_.state() == Listening::State::Listening && !listening_.isSilent() &&
                       !listening_.onlyHums() && !listening_.clips();
    says_->setText(waits && !named_ ? tr("Pluck one string") : wording::heard(listening_, context_.session().job()));
}

void ListenDialog::takeClock() {
    const double ppm = context_.preferences().clock_ppm;
    clock_->setText(QStringLiteral("%1 ¢").arg(signedNumber(ppm * centsPerPpm, 3)));
    clockSays_->setText(std::abs(ppm) < 0.05
                            ? tr("Taken as right. Most clocks are within a tenth of a cent.")
                            : tr("Runs %1 by %2 parts in a million, %3; every reading is corrected by it.")
                                  .arg(ppm > 0.0 ? tr("fast") : tr("slow"), decimal(std::abs(ppm), 1),
                                       QStringLiteral("%1 ¢").arg(decimal(std::abs(ppm) * centsPerPpm, 3))));
}

void ListenDialog::measure() {
    const Result<double> tone_Hz =
        parseQuantity(tone_->text(), Dimension::Frequency, {}, tone_->accessibleName(), ranges::referenceTone_Hz);
    if (!tone_Hz.ok()) {
        clockSays_->setText(tone_Hz.fault().sentence());
        return;
    }
    const auto channels = static_cast<std::size_t>(listening_.channels());
    picker_.emplace(listening_.rate_Hz(), channels);
    reference_.emplace(listening_.rate_Hz(), tone_Hz.value());
    progress_->setValue(0);
    progress_->show();
    clockSays_->setText(tr("Let the tone sound for five seconds, as loud as a string."));
}

void ListenDialog::follow(const QList<float>& frames) {
    if (!reference_)
        return;
    std::vector<float> one(static_cast<std::size_t>(frames.size() / listening_.channels()));
    picker_->pick({frames.constData(), static_cast<std::size_t>(frames.size())}, one);
    reference_->feed(one);
    progress_->setValue(static_cast<int>(fullProgress * reference_->progress()));
    const std::optional<ClockError> error = reference_->measured();
    if (!error)
        return;
    reference_.reset();
    progress_->hide();
    context_.change([&](Preferences& changed) { changed.clock_ppm = error->ppm; });
    takeClock();
}

/// Enter ends a field; it does not end the dialog.
void ListenDialog::keyPressEvent(QKeyEvent* event) {
    const bool enter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (!enter || !qobject_cast<QLineEdit*>(focusWidget()))
        QDialog::keyPressEvent(event);
}

void ListenDialog::done(int result) {
    listening_.stop();
    context_.change(
        [result](Preferences& changed) { changed.listenKnown = changed.listenKnown || result == Accepted; });
    QDialog::done(result);
}

} // namespace flenzo
