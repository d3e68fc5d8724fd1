// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/forms/job_form.h"
#include "widgets/forms/string_form.h"

#include <optional>

class QLabel;
class QPushButton;
class QTableWidget;

namespace flenzo {

class FieldEdit;
class FigureTable;

/// Figures that are reckoned at the step that wants them.

/// One or two caliper readings to string and set.
class CaliperForm : public JobForm {
    Q_OBJECT
public:
    CaliperForm(AppContext& context, QWidget* parent);

private:
    void reckon();
    void takeSet();
    void reckonEach(QStringList& lines);
    void reckonOuter(QStringList& lines);
    QLineEdit *thickest_, *thinnest_, *each_;
    QLabel* words_;
    QPushButton* take_;
    std::optional<CatalogueSet> set_;
};

/// Action as it is and as it is wished, to millimetres and turns of the posts, which become an entry once turned.
class HeightForm : public JobForm {
    Q_OBJECT
public:
    HeightForm(AppContext& context, QWidget* parent);

private:
    void reckon();
    void enterTurned();
    QLineEdit *bassNow_, *trebleNow_, *bassWish_, *trebleWish_, *lead_;
    QLabel* words_;
    QPushButton* turned_ = nullptr;
    bool onPosts_ = false;                 ///< else each side is raised at saddles or bridge
    double bass_m_ = 0.0, treble_m_ = 0.0; ///< by which it is to be raised
};

/// How far the neck is bent at pitch: as it was found and as it is left.
class ReliefForm : public JobForm {
    Q_OBJECT
public:
    ReliefForm(AppContext& context, QWidget* parent);

private:
    FieldEdit* reliefField(const QString& title, std::optional<double> Work::*relief);
    void say(const Work& work);
    QLabel* words_;
};

/// Fretted against open, string by string, to saddle moves, which become entries once made; one piece at a time on a
/// loose bridge.
class IntonateForm : public JobForm, public StringForm {
    Q_OBJECT
public:
    IntonateForm(AppContext& context, QWidget* parent);
    ~IntonateForm() override;
    /// Open first, then stopped at fret 12: an octave up of the same string.
    bool hear(const HeardPluck& pluck) override;
    /// Each octave as read, else as guessed.
    [[nodiscard]] StringLanes lanes() const override;
    void pickString(std::size_t string) override;

private:
    [[nodiscard]] QString hint() const;
    void reckon();
    void enterMoved();
    QTableWidget* table_;
    QLabel* words_;
    QPushButton* moved_ = nullptr;
    std::vector<std::optional<double>> open_Hz_; ///< as heard, by string
    std::vector<double> guess_cents_;            ///< by string
    std::vector<double> away_m_;                 ///< by which each saddle is to go from the nut
};

/// How settled each string is: pulls so far, the last drop, the next one, pulls left.
class SettleForm : public JobForm {
    Q_OBJECT
public:
    SettleForm(AppContext& context, QWidget* parent);

protected:
    void showEvent(QShowEvent* event) override;

private:
    void refresh();
    void estimateBeside();
    void fill(const std::vector<StringSettling>& settling);
    FigureTable* table_;
    LatestAnswer<std::vector<StringSettling>> estimates_{
        this, [this](const std::vector<StringSettling>& settling) { fill(settling); }};
};

} // namespace flenzo
