// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <sstream>
#include <string>

namespace flenzo {

/// What one field of a struct of options may be.
template <class Options> struct Bound {
    const char* name;
    double Options::*field;
    double least, most;
};

/// Whether every field lies within its bound; the first that does not is named in `error` with its value and the bound.
template <class Options, class Bounds>
bool withinBounds(const Options& options, const Bounds& bounds, std::string* error) {
    for (const Bound<Options>& bound : bounds) {
        const double value = options.*bound.field;
        if (std::isfinite(value) && value >= bound.least && value <= bound.most)
            continue;
        if (error) {
            std::ostringstream text;
            text << bound.name << " is " << value << " and must lie between " << bound.least << " and " << bound.most;
            *error = text.str();
        }
        return false;
    }
    return true;
}

/// Sets the field of that name, for sweeps; false where there is none.
template <class Options, class Bounds>
bool setNamed(Options& options, const Bounds& bounds, const std::string& name, double value) {
    for (const Bound<Options>& bound : bounds)
        if (name == bound.name) {
            options.*bound.field = value;
            return true;
        }
    return false;
}

} // namespace flenzo
