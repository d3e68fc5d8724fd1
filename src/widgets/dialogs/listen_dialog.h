// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "listen/hearing/channel_picker.h"
#include "listen/hearing/reference_tone.h"
#include "session/listening/listening.h"
#include "widgets/app_context.h"

#include <QDialog>
#include <functional>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QProgressBar;
class QPushButton;

namespace flenzo {

class SceneView;

/// Listening set up: which input, one string plucked and named, the sound card's clock against a tone, what is said
/// aloud. What is heard while it is open goes nowhere.
class ListenDialog : public QDialog {
    Q_OBJECT
public:
    using MakeSource = std::function<std::unique_ptr<SoundSource>(const QByteArray& input)>;
    /// `make` opens an input; by default the device of that name.
    ListenDialog(AppContext& context, Listening& listening, QWidget* parent, MakeSource make = {});
    ~ListenDialog() override;
    void done(int result) override;

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* buildClock();
    void fillInputs();
    void openSource();
    void refresh();
    void measure();
    void follow(const QList<float>& frames);
    void takeClock();

    AppContext& context_;
    Listening& listening_;
    MakeSource make_;
    QComboBox* inputs_;
    QLabel *says_, *hint_, *clockSays_;
    SceneView* picture_;
    QLineEdit *tone_, *clock_;
    QPushButton *measure_, *listen_;
    QProgressBar* progress_;
    std::optional<ReferenceTone> reference_;
    std::optional<ChannelPicker> picker_;
    bool named_ = false; ///< a string has been heard here
};

} // namespace flenzo
