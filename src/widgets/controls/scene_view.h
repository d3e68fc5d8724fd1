// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/scene.h"
#include "widgets/preferences.h"

#include <QWidget>
#include <functional>

namespace flenzo {

/// Hosts one picture: rebuilds its scene when told to or resized, paints it, and speaks its tips, to the pointer, to
/// the arrow keys and to a screen reader alike.
class SceneView : public QWidget {
    Q_OBJECT
public:
    using Builder = std::function<Scene(const QSizeF&)>;
    explicit SceneView(QWidget* parent = nullptr);
    void show(Builder builder, const Preferences& preferences);
    [[nodiscard]] const Scene& scene() const { return scene_; }
    /// What is said of the mark that the arrow keys are at; empty at none.
    [[nodiscard]] QString spoken() const;
    [[nodiscard]] QSize minimumSizeHint() const override { return QSize(220, 160) * textScale_; }

Q_SIGNALS:
    void pressed(const QPointF& at); ///< by the mouse, in pixels of the scene

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
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
    std::optional<std::size_t> at_; ///< mark with a tip that the keys are at
};

} // namespace flenzo
