// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/string_lanes.h"

#include <QStackedWidget>
#include <vector>

class QBoxLayout;
class QPushButton;

namespace flenzo {

class AppContext;
class LaneView;
class LiveSection;
class PassSheetView;
class SceneView;

/// This guitar as one instrument, the bridge from the side and all its strings, or in its place one of the views that
/// say more. What is pressed in it is picked at the bench; what is dragged is told as it would be typed.
class BenchViews : public QStackedWidget {
    Q_OBJECT
public:
    BenchViews(AppContext& context, QWidget* parent);
    /// All that follows from the job; the lanes come from whoever has them.
    void refresh();
    void showLanes(const StringLanes& lanes);
    /// Brings the instrument back; false where it was there.
    bool showInstrument();
    /// The section is covered by a drawer that has one of its own.
    void coverSection(bool covered);
    /// For a page of that width; `tight`: little height for the text there is.
    void arrange(int pageWidth, bool tight);
    /// One key for each view, with room behind them.
    [[nodiscard]] QBoxLayout* keyRow() const { return keyRow_; }
    [[nodiscard]] std::vector<QPushButton*> keys() const; ///< those that lead somewhere now

Q_SIGNALS:
    void told(const QString& entry); ///< what was dragged comes to that
    void isLeft();                   ///< the keyboard goes back to the entry

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildInstrument();
    QWidget* buildWhy();
    void buildKeys(QWidget* page);
    void bringUp(QWidget* view);
    void refreshSettling();

    AppContext& context_;
    struct Key {
        QPushButton* button = nullptr;
        QWidget* view = nullptr; ///< nothing: it leads nowhere now
    };
    std::vector<Key> keys_;
    QWidget* instrument_;
    QBoxLayout *instrumentRow_, *keyRow_;
    LiveSection* section_;
    LaneView* lanes_;
    SceneView *chart_, *way_, *movement_;
    PassSheetView* sheet_;
};

} // namespace flenzo
