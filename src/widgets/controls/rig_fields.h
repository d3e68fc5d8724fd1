// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/ranges.h"
#include "domain/job/job.h"
#include "session/input/quantity.h"

#include <QString>
#include <functional>
#include <vector>

namespace flenzo {

/// One figure of the rig as the drawer of figures shows and takes it. `index` counts springs or strings, 0 for single
/// figures.
struct RigField {
    QString key;            ///< under which the mark "measured" is kept
    const char* plainLabel; ///< as in the sources
    Dimension kind;
    Range range;                                      ///< in file units
    std::function<double&(Job&, std::size_t)> member; ///< in SI
    bool marked = true;                               ///< carries the mark measured / assumed
    std::function<bool(const Job&)> applies = {};     ///< none: to every guitar
    bool advanced = false;                            ///< seldom known and rarely worth measuring
    [[nodiscard]] QString label() const;              ///< in the language of the moment
    [[nodiscard]] bool appliesTo(const Job& job) const { return !applies || applies(job); }

    [[nodiscard]] QString unit(const Units& units) const;
    [[nodiscard]] QString text(const Job& job, std::size_t index, const Units& units) const;
    [[nodiscard]] QString textOf(double value, const Units& units) const; ///< of a value in SI
    /// The text so many steps on, kept in the range; text that is no value stays as it is.
    [[nodiscard]] QString stepped(const QString& text, int steps, const Units& units) const;
    /// The value in SI, or why the text is none.
    [[nodiscard]] Result<double> parse(const QString& text, const Units& units) const;
};

[[nodiscard]] const std::vector<RigField>& bridgeFields();
[[nodiscard]] const std::vector<RigField>& clawFields();
[[nodiscard]] const std::vector<RigField>& goalFields();
[[nodiscard]] const std::vector<RigField>& springFields();
[[nodiscard]] const std::vector<RigField>& stringFields();

} // namespace flenzo
