// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <sstream>
#include <string>

namespace flenzo {

/// What one field of a struct of options may be; where nothing is said, a thousandth to a hundred times its default.
template <class Options> struct Bound {
    constexpr Bound(const char* field, double Options::*at, double lowest = 0.0, double highest = 0.0)
        : name(field), figure(at), least(lowest), most(highest) {}
    constexpr Bound(const char* field, int Options::*at, double lowest, double highest)
        : name(field), count(at), least(lowest), most(highest) {}
    const char* name;
    double Options::*figure = nullptr; ///< one of the two
    int Options::*count = nullptr;
    double least, most;
    [[nodiscard]] double in(const Options& options) const { return figure ? options.*figure : options.*count; }
};
/// The bound of a field by its name, so that no other can be written beside it.
#define FLENZO_FIELD(options, field, ...) Bound<options>(#field, &options::field __VA_OPT__(, ) __VA_ARGS__)

/// Whether every field lies within its bound; the first that does not is named in `error` with its value and the bound.
template <class Options, class Bounds>
bool withinBounds(const Options& options, const Bounds& bounds, std::string* error) {
    static const Options usual;
    for (const Bound<Options>& bound : bounds) {
        const bool isSaid = bound.most > bound.least;
        const double value = bound.in(options), least = isSaid ? bound.least : 1e-3 * bound.in(usual),
                     most = isSaid ? bound.most : 1e2 * bound.in(usual);
        if (std::isfinite(value) && value >= least && value <= most)
            continue;
        if (error) {
            std::ostringstream text;
            text << bound.name << " is " << value << " and must lie between " << least << " and " << most;
            *error = text.str();
        }
        return false;
    }
    return true;
}

/// Sets the field of that name, for sweeps; false where there is none, or where a count would not be a whole number.
template <class Options, class Bounds>
bool setNamed(Options& options, const Bounds& bounds, const std::string& name, double value) {
    for (const Bound<Options>& bound : bounds)
        if (name == bound.name) {
            if (bound.figure)
                options.*bound.figure = value;
            else if (std::abs(value) < 1e9 && value == std::trunc(value))
                options.*bound.count = static_cast<int>(value);
            else
                return false;
            return true;
        }
    return false;
}

} // namespace flenzo
