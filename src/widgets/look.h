// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "widgets/preferences.h"

class QFrame;
class QLabel;
class QVBoxLayout;
class QWidget;

namespace flenzo {

/// Loads the bundled typeface; called once before the first window.
void loadTypeface();
/// Typeface and colours of the whole program: what a widget measures itself by.
void applyType(const Preferences& preferences);
/// These, and how every widget is drawn.
void applyLook(const Preferences& preferences);
/// Base text height in pixels at a scale.
[[nodiscard]] double basePixels(const Preferences& preferences);

/// How much is to be seen of a widget inside whatever scrolls it, in base sizes. What arranges itself goes by this, not
/// by its own width: that follows from the arrangement, and the two would chase each other.
[[nodiscard]] double seenWidth(const QWidget& widget, const Preferences& preferences);
/// How large the desktop's own text is against the usual, 1 to 2; asked before this program's typeface is in use.
[[nodiscard]] double desktopTextScale();
/// Whether the window is low for the size of its text: what can wait for a menu then does.
[[nodiscard]] bool isLow(const QWidget& widget, const Preferences& preferences);

/// Text roles, styled by the application's sheet.
enum class TextRole { Body, Small, Heading, Act, Figure, Warn, Good };
QLabel* label(TextRole voice, QWidget* parent, const QString& objectName = {});
/// A bordered panel with its heading; what it holds goes into `column`.
QFrame* titledPanel(QWidget* parent, const QString& title, QVBoxLayout*& column);
void setVoice(QLabel* label, TextRole voice);
/// What the style sheet knows beside a voice: greyed while the last value stays until the new one is worked out, to be
/// read from afar, for little height.
enum class Drawn { Stale, Big, Tight };
void setDrawn(QWidget* widget, Drawn how, bool on);

} // namespace flenzo
