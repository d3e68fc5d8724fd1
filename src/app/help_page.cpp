// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/help_page.h"

namespace flenzo {

HelpPage::HelpPage(QWidget* parent) : QTextBrowser(parent) {
    setAccessibleName(tr("Help"));
    setFrameShape(QFrame::NoFrame);
    document()->setDocumentMargin(24);
    setHtml(tr(R"(
<h2>From the old set to the new one</h2>
<p>Strings pull the bridge forward, springs pull it back. Every string that is tuned moves the bridge and so every other string.
Flenzo works that balance out beforehand.</p>
<table cellpadding="6">
<tr><td><b>Shop</b></td><td>Every guitar and job, searched as you type. Everything is kept at once; nothing has to be saved.</td></tr>
<tr><td><b>Job</b></td><td>The work step by step, from intake to hand-over: what to do, with which tools, what to beware of, when it is done.</td></tr>
<tr><td><b>Guitar</b></td><td>What the bridge is like. Figures nobody measured are marked <i>assumed</i>; the rear gap, the number of springs
and the scale are worth measuring first. Drag a figure's name sideways, or press Up and Down in its field, to see what it does; Escape takes it back.</td></tr>
<tr><td><b>Change</b></td><td>Which set and tuning come off, which go on. If the plate stood level in tune on the old set, leave that box ticked: it
tells the program where the claw is.</td></tr>
<tr><td><b>Answer</b></td><td>How far to turn the claw, what to tune each string <i>to</i>, and what would happen if the claw were left alone.</td></tr>
<tr><td><b>Bench</b></td><td>The next act, the number to aim at, and the pass sheet. Type what the tuner says and press Enter; the next aim is
worked out from what you read.</td></tr>
<tr><td><b>Trial</b></td><td>What the readings taught of this guitar, and how many passes each method and the adviser need on guitars like it.</td></tr>
</table>
<h2>Typing readings</h2>
<table cellpadding="4">
<tr><td><b>-12.5</b></td><td>cents from the string's own pitch, flat is negative</td></tr>
<tr><td><b>82.4 Hz</b></td><td>a frequency</td></tr>
<tr><td><b>E2+12</b></td><td>a note with cents; without octave the nearest one counts</td></tr>
<tr><td><b>4=-3.1</b></td><td>a reading of another string than the one asked for</td></tr>
<tr><td><b>gap 4.2</b></td><td>the gap under the plate's rear edge</td></tr>
<tr><td><b>0.3°</b></td><td>the plate's angle, forward positive</td></tr>
<tr><td><b>-410!</b></td><td>a reading that was questioned, and that you stand by</td></tr>
</table>
<h2>Keys</h2>
<table cellpadding="4">
<tr><td><b>Enter</b></td><td>take the reading</td><td><b>Space</b>, <b>Page Down</b> or a foot pedal</td><td>done as asked</td></tr>
<tr><td><b>Ctrl+1 … Ctrl+0</b></td><td>pick string 1 to 10</td><td><b>Up, Down</b></td><td>pick the next string</td></tr>
<tr><td><b>Ctrl+G</b></td><td>pick the gap</td><td><b>Esc</b></td><td>back to what is asked</td></tr>
<tr><td><b>Ctrl+Z, Ctrl+Shift+Z</b></td><td>undo, redo</td><td><b>Alt+1 … Alt+7</b></td><td>the pages</td></tr>
<tr><td><b>Ctrl+B, Ctrl+Shift+B</b></td><td>block in, block out</td><td><b>Ctrl+X</b></td><td>the picked string is off or broken</td></tr>
<tr><td><b>F2</b></td><td>what went wrong?</td><td><b>F11</b></td><td>the act fills the screen</td></tr>
<tr><td><b>F9</b></td><td>let the simulated guitar answer</td><td><b>Ctrl+D</b></td><td>dark bench</td></tr>
<tr><td><b>Ctrl+I, Ctrl+P</b></td><td>inches, pounds</td><td><b>Ctrl + and Ctrl -</b></td><td>text size</td></tr>
</table>
<h2>How to read the pass sheet</h2>
<p>A dark bar at the left edge: somebody measured it. A dashed frame: forecast. The small figure is the aim, the large one the reading; a wedge pointing up is
sharp or forward, pointing down is flat or sunk, a tick is inside the goal.</p>
<h2>Take care</h2>
<p>Thin strings can break while they are tuned up: keep your eyes away from their line. Slacken before cutting. Block the bridge before several strings come off a
floating bridge. Stripped screws, loose posts or cracks around them are work for a professional repairer.</p>
)"));
}

} // namespace flenzo
