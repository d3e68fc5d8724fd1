// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"
#include "widgets/preferences.h"

#include <QWidget>
#include <functional>
#include <optional>

class QVariantAnimation;

namespace flenzo {

/// Hosts one picture: rebuilds its scene when told to or resized, paints it, and speaks its tips, to the pointer, to
/// the arrow keys and to a screen reader alike.
class SceneView : public QWidget {
    Q_OBJECT
public:
    using Builder = std::function<Scene(const QSizeF&)>;
    explicit SceneView(QWidget* parent = nullptr);
    void show(Builder builder, const Preferences& preferences);
    /// The picture on its way: 0 as it was, 1 as it is.
    using Passage = std::function<Scene(const QSizeF&, double share)>;
    /// Shows the picture at 1, and on the screen what leads there, in 150 ms; at once where the desktop wants no
    /// motion.
    void showMoving(Passage passage, const Preferences& preferences);
    [[nodiscard]] const Scene& scene() const { return scene_; }
    /// What is said of the mark that the arrow keys are at; empty at none.
    [[nodiscard]] QString spoken() const;
    [[nodiscard]] QSize minimumSizeHint() const override { return QSize(220, 160) * textScale_; }

Q_SIGNALS:
    void pressed(const QPointF& at);                      ///< by the mouse, in pixels of the scene
    void dragged(const QPointF& from, const QPointF& to); ///< with the button down
    void dropped();                                       ///< after that

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    bool event(QEvent* event) override;

private:
    void rebuild();
    void goTo(int by);
    [[nodiscard]] const Mark* at() const;
    Builder builder_;
    const Theme* theme_ = nullptr;
    double textScale_ = 1.0;
    Scene scene_;
    QVariantAnimation* motion_;
    Passage passage_;
    std::optional<QPointF> heldAt_; ///< where the button went down
    bool isDragging_ = false;
    std::optional<std::size_t> at_; ///< mark with a tip that the keys are at
};

} // namespace flenzo
