// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/pages/page.h"

class QBoxLayout;
class QButtonGroup;
class QComboBox;
class QGridLayout;
class QLabel;
class QToolButton;

namespace flenzo {

class FieldEdit;
class JobText;
class SceneView;
class SetPicker;
class StringCountBox;

/// Three questions to the first answer: which bridge, chosen by its section; which strings come off and go on; how the
/// plate is in tune now. The answer beside them follows every choice; everything else is assumed and said to be.
class FirstAnswerForm : public Page {
    Q_OBJECT
public:
    FirstAnswerForm(AppContext& context, QWidget* parent);

protected:
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* buildNames();
    QWidget* buildBridges();
    QWidget* buildStrings();
    QWidget* buildAnswer();
    void arrangeBridges();
    void refresh() override;
    void refreshBridges();
    void refreshAnswer();
    void chooseBridge(int kind);
    void chooseChanged(int index);
    void chooseBreakPlace(int index);
    void refreshChanged();
    void refreshBreakPlaces();

    QBoxLayout *names_, *halves_, *answer_;
    QGridLayout* tiles_;
    QButtonGroup* kinds_;
    QList<QToolButton*> bridges_;
    QString drawnFor_;
    int columns_ = 0;
    StringCountBox* count_;
    QComboBox *changed_, *brokeAt_;
    SetPicker *off_, *on_;
    JobText *name_, *owner_, *reason_;
    QLabel *act_, *turns_, *sum_, *assumed_;
    SceneView* section_;
};

/// How the plate was with the old set in tune: by eye in three keys, as an angle, or not known.
class OldLevelForm : public QWidget {
    Q_OBJECT
public:
    OldLevelForm(AppContext& context, const QString& title, QWidget* parent);

private:
    enum Answer { Level, Sunk, Forward, OnBody, NotKnown };
    void follow();
    void say(bool known, double angle_rad);
    AppContext& context_;
    QButtonGroup* group_;
    FieldEdit* angle_;
};

} // namespace flenzo
