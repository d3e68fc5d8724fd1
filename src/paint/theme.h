// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>
#include <array>

namespace flenzo {

/// What a stroke or an area means; the theme says how it looks. Told apart by lightness as well as by hue.
enum class ColourRole {
    Desk,  ///< behind everything
    Sheet, ///< paper of panels and fields
    Text,
    Quiet, ///< secondary text, scales
    Rule,  ///< hairlines and borders
    Wood,
    WoodEdge,
    Cavity,
    Metal,
    MetalEdge,
    Strings, ///< forward: strings and their moment, sharp
    Springs, ///< back: springs and their moment, flat
    Goal,    ///< inside tolerance, done
    Warn,
    Focus, ///< the act to do, keyboard focus
    FocusSoft,
    Forecast,
    Count
};

struct Theme {
    std::array<QColor, static_cast<std::size_t>(ColourRole::Count)> colours;
    bool dark = false;
    [[nodiscard]] const QColor& operator[](ColourRole ink) const { return colours[static_cast<std::size_t>(ink)]; }
};

[[nodiscard]] const Theme& benchLight();
[[nodiscard]] const Theme& benchDark();

} // namespace flenzo
