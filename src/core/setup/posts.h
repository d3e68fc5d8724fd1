// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace flenzo {

/// Winding a string onto its post (PHYSICS section 10; eq. 36). Lengths in metres, angles in radians. All arguments are
/// positive; post diameters lie between 3 and 12 mm.

/// Slack that so many wraps take: one takes the circumference at the middle of the wire.
[[nodiscard]] double slackFor_m(double wraps, double post_m, double gauge_m);

/// One slack said in each shop's rule.
struct SlackRules {
    double slack_m = 0.0;
    double frets = 0.0;        ///< pulled back at the nut by this many frets
    double postSpacings = 0.0; ///< past the string's own post
    double bow_m = 0.0;        ///< height of a bow lifted over the middle of the board
    double hands = 0.0;        ///< hand widths of 85 mm past the string's own post, an assumption
};
[[nodiscard]] SlackRules slackRules(double slack_m, double scale_m, double postSpacing_m);

/// Cut length at the bridge for a string put on the other way round: ball at the headstock.
[[nodiscard]] double cutLength_m(double scale_m, double nutToPost_m, double slack_m, double insertion_m);

/// Break angle at the nut of a string that leaves its post `exit_m` above the headstock's face, the nut's slot standing
/// `slot_m` above it. Wraps stack downwards, each lowering the exit by one gauge.
[[nodiscard]] double nutBreak_rad(double slot_m, double firstExit_m, double wraps, double gauge_m, double nutToPost_m);

} // namespace flenzo
