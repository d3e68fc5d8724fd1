// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/listening/listening.h"
#include "session/listening/simulated_hand.h"
#include "widgets/app_context.h"
#include "widgets/controls/voice.h"
#include "widgets/forms/string_form.h"

#include <QWidget>

class QBoxLayout;
class QLabel;
class QMenu;
class QPushButton;

namespace flenzo {

class SceneView;

/// Listening beside the act: on and off, what is heard in large type, how far it is from the aim; what is less often
/// wanted in a menu.
class ListenBar : public QWidget {
    Q_OBJECT
public:
    ListenBar(AppContext& context, QWidget* parent);
    ~ListenBar() override;
    [[nodiscard]] Listening& listening() { return listening_; }
    [[nodiscard]] Voice& voice() { return voice_; }
    void setNarrow(bool narrow); ///< what is heard is under the keys
    void setTight(bool tight);   ///< only what is heard, while something is; the keys are in whoever's menu
    [[nodiscard]] QMenu* menu() const { return menu_; } ///< what is less often wanted
    void setForm(StringForm* form);                     ///< takes the readings instead of the log; none: the log
    void toggle();                                      ///< on and off; the first time it is set up
    void togglePause();
    void setUp(); ///< input, clock, voice
    /// Sounds what the string that is asked for, or picked, is tuned to; not while listening, which would hear it.
    void soundAim();
    /// What was heard goes into the log although it is far off. False where nothing waits for that.
    bool takeAnyway();
    /// The demo guitar plays for the ear and at the loudspeaker; hurried, as fast as it can be heard, and silent.
    void hearSimulated(bool hurried = false);
    void hearFile(const QString& path);      ///< a recording, as if it were played now
    void hearRecording(const QString& path); ///< one that was kept: played and shown, nothing is taken from it
    /// Nothing is recorded unless asked: begins, or keeps what has come in since with the job.
    void toggleTake();
    void refresh();

private:
    void listen();
    void playAlong(SoundSource& source, double rate_Hz);
    void fillMenu();
    void followJob();
    void tellByTones();

    AppContext& context_;
    QBoxLayout* both_;
    Listening listening_;
    Voice voice_;
    std::unique_ptr<Loudspeaker> loudspeaker_; ///< of what is being played, if anything is
    QPushButton *listen_, *pause_, *simulated_, *more_;
    QMenu* menu_;
    QLabel* says_;
    SceneView* picture_;
    QString act_; ///< said last
    Listening::State told_ = Listening::State::Off;
    bool wasDone_ = false;
    bool isTight_ = false;
    bool fillsForm_ = false; ///< the demo guitar answers the log only
};

} // namespace flenzo
