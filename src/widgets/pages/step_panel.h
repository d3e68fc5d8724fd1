// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/work/workflow.h"
#include "widgets/app_context.h"

#include <QWidget>

class QBoxLayout;
class QLabel;
class QVBoxLayout;

namespace flenzo {

class LaneView;
class PhotoStrip;
class SceneView;
class StringForm;

/// One step as a technician reads it: the act, why, figures, tools, caution, when it is done; with its form, its
/// picture and the photos taken at it.
class StepPanel : public QWidget {
    Q_OBJECT
public:
    StepPanel(AppContext& context, QWidget* parent);
    /// Shows the step, or that the job is through. True when it is another one than before.
    bool showStep(const std::optional<Step>& step);
    void setBig(bool big);
    [[nodiscard]] bool isBig() const { return big_; }
    /// Whether a field of the step's form has the keyboard.
    [[nodiscard]] bool hasFieldFocus() const;
    /// Ticks that string off at a step that goes string by string; false elsewhere.
    bool tickString(std::size_t string);
    void showSoak(qint64 left_s);              ///< what is left of the timer that runs
    [[nodiscard]] StringForm* hearing() const; ///< the form, where it is filled by plucking
    void addToFoot(QWidget* widget);           ///< at the right end of the panel's last line, which never scrolls
    void focusWork();                          ///< the first field of the step's form takes the keyboard

Q_SIGNALS:
    void methodsToCompare();
    void soakWanted(int minutes);

private:
    void refreshWords(const std::optional<Step>& step);
    [[nodiscard]] QString formShape(const std::optional<Step>& step) const;
    bool refreshForm(const std::optional<Step>& step);
    void refreshPicture(const std::optional<Step>& step);
    void refreshLanes(const std::optional<Step>& step);

    AppContext& context_;
    bool big_ = false;
    QLabel *act_, *why_, *figures_, *tools_, *caution_, *doneWhen_;
    QVBoxLayout* formPlace_;
    QBoxLayout *body_, *foot_;
    PhotoStrip* photos_;
    SceneView* picture_;
    LaneView* lanes_; ///< where the strings are looked at, under the picture or in its place
    std::optional<Step> shown_;
    QWidget* form_ = nullptr;
    QString formFor_;
    int jobs_ = 0; ///< that were started
};

} // namespace flenzo
