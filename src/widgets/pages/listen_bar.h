// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/listening/listening.h"
#include "session/listening/simulated_hand.h"
#include "widgets/app_context.h"

#include <QWidget>

class QBoxLayout;
class QComboBox;
class QLabel;
class QPushButton;

namespace flenzo {

class SceneView;

/// Listening on the bench: on and off, which input, what is heard in large type, how far it is from the aim.
class ListenBar : public QWidget {
    Q_OBJECT
public:
    ListenBar(AppContext& context, QWidget* parent);
    [[nodiscard]] Listening& listening() { return listening_; }
    void setNarrow(bool narrow); ///< what is heard stands under the keys
    void toggle();               ///< on and off
    void togglePause();
    /// What was heard goes into the log although it is far off. False where nothing waits for that.
    bool takeAnyway();
    /// The demo guitar plays for the ear; hurried, as fast as it can be heard.
    void hearSimulated(bool hurried = false);
    void hearFile(const QString& path); ///< a recording, as if it were played now
    void refresh();

private:
    void listen();
    void sayWhy(SourceFault why);
    void fillInputs();
    void chooseInput();
    [[nodiscard]] QString words() const;

    AppContext& context_;
    QBoxLayout* both_;
    Listening listening_;
    QPushButton *listen_, *pause_, *simulated_;
    QComboBox* inputs_;
    QLabel* says_;
    SceneView* picture_;
};

} // namespace flenzo
