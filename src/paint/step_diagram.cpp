// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/step_diagram.h"

#include "paint/circle.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace flenzo {

namespace {

struct StepDiagramWords {
    Q_DECLARE_TR_FUNCTIONS(StepDiagram)
};

/// A drawing in shares of its room (x from nut to headstock or across, y down), mirrored for the left hand.
class Board {
public:
    Board(const QSizeF& size, bool mirror, double textScale) : mirror_(mirror), textScale_(textScale) {
        constexpr double most = 760.0, tallest = 330.0;
        width_ = std::min(size.width() - 20.0, most);
        height_ = std::min(size.height() - 12.0, tallest);
        scene.size = size;
    }
    [[nodiscard]] QPointF at(double x, double y) const {
        return {10.0 + width_ * x, 6.0 + height_ * (mirror_ ? 1.0 - y : y)};
    }
    [[nodiscard]] QPolygonF box(double left, double top, double right, double bottom) const {
        return QPolygonF{at(left, top), at(right, top), at(right, bottom), at(left, bottom)};
    }
    [[nodiscard]] QPolygonF circle(double x, double y, double radius_px) const { return circleAt(at(x, y), radius_px); }
    void words(double x, double y, const QString& text, Qt::Alignment align = Qt::AlignCenter,
               ColourRole ink = ColourRole::Text) {
        scene.text(at(x, y), text, ink, 14.0 * textScale_, align);
    }
    Scene scene;

private:
    bool mirror_;
    double textScale_;
    double width_ = 0.0, height_ = 0.0;
};

double weight(const RigString& string) {
    return std::max(1.2, string.wire.gauge_m * 3000.0);
}
/// Place of a string across the nut, thickest on the bass side (top), in shares.
double across(std::size_t string, std::size_t count, double from, double to) {
    return from + (to - from) * (static_cast<double>(string) + 0.5) / static_cast<double>(count);
}

/// A quarter of an arrow round a post that says which way the string goes on.
void windingArrow(Board& board, double x, double y, bool upwards) {
    constexpr double radius_px = 17.0;
    QPolygonF arc;
    for (int k = 0; k <= 10; ++k) {
        const double a = std::numbers::pi * (0.9 - 0.12 * k);
        arc.append(board.at(x, y) + radius_px * QPointF(std::cos(a), (upwards ? 1.0 : -1.0) * std::sin(a)));
    }
    board.scene.line(arc, ColourRole::Focus, 2.2).arrow = true;
}

void headstock(Board& board, const Rig& rig, bool split) {
    const std::size_t n = rig.strings.size();
    board.scene.area(split ? QPolygonF{board.at(0.10, 0.22), board.at(0.22, 0.06), board.at(0.97, 0.10),
                                       board.at(0.97, 0.90), board.at(0.22, 0.94), board.at(0.10, 0.78)}
                           : QPolygonF{board.at(0.10, 0.22), board.at(0.24, 0.06), board.at(0.97, 0.02),
                                       board.at(0.97, 0.36), board.at(0.30, 0.80), board.at(0.10, 0.78)},
                     ColourRole::Wood, ColourRole::WoodEdge);
    board.scene.area(board.box(0.085, 0.22, 0.10, 0.78), ColourRole::Metal, ColourRole::MetalEdge);
    const std::size_t bass = split ? (n + 1) / 2 : n;
    for (std::size_t i = 0; i < n; ++i) {
        const bool onBass = i < bass;
        // The string nearest the edge has the post nearest the nut.
        const std::size_t rank = onBass ? i : n - 1 - i;
        const double step = 0.68 / static_cast<double>(std::max<std::size_t>(1, split ? bass : n));
        const double x = 0.24 + step * (static_cast<double>(rank) + 0.5);
        const double y = onBass ? (split ? 0.24 : 0.20 - 0.03 * x) : 0.76;
        const double start = across(i, n, 0.25, 0.75);
        const double inner = onBass ? 0.032 : -0.032; // it runs to the side of the post that faces the middle
        Mark& line = board.scene.line({board.at(0.0, start), board.at(0.0925, start), board.at(x, y + inner)},
                                      ColourRole::Strings, weight(rig.strings[i]));
        line.id = QStringLiteral("string-%1").arg(QString::fromStdString(rig.strings[i].name));
        board.scene.area(board.circle(x, y, 8.0), ColourRole::Metal, ColourRole::MetalEdge);
        windingArrow(board, x, y, onBass);
        board.words(x, onBass ? y - 0.10 : y + 0.10, QString::fromStdString(rig.strings[i].name), Qt::AlignCenter,
                    ColourRole::Quiet);
    }
    board.words(0.62, split ? 0.5 : 0.93,
                StepDiagramWords::tr("on the inner side of each string post, every wrap below the one before"),
                Qt::AlignCenter);
    board.scene.description = StepDiagramWords::tr(
        "Headstock from above: each string runs to the inner side of its string post and winds downwards.");
}

void bar(Board& board, const Rig& rig) {
    const std::size_t n = rig.strings.size();
    board.scene.area(board.box(0.05, 0.10, 0.95, 0.90), ColourRole::Wood, ColourRole::WoodEdge);
    board.scene.area(board.box(0.18, 0.14, 0.24, 0.86), ColourRole::Metal, ColourRole::MetalEdge);
    for (std::size_t i = 0; i < n; ++i) {
        const double y = across(i, n, 0.18, 0.82);
        board.scene.line({board.at(0.02, y), board.at(0.98, y)}, ColourRole::Strings, weight(rig.strings[i]));
    }
    board.scene.area(board.box(0.52, 0.12, 0.58, 0.88), ColourRole::Metal, ColourRole::MetalEdge); // over the strings
    for (const double y : {(across(0, n, 0.18, 0.82) + across(1, n, 0.18, 0.82)) / 2.0,
                           (across(n - 2, n, 0.18, 0.82) + across(n - 1, n, 0.18, 0.82)) / 2.0})
        board.scene.area(board.circle(0.55, y, 7.0), ColourRole::Cavity, ColourRole::MetalEdge);
    board.words(0.21, 0.05, StepDiagramWords::tr("nut"));
    board.words(0.55, 0.05, StepDiagramWords::tr("bar over all strings; the outer ones pass outside its screws"));
    board.scene.description = StepDiagramWords::tr(
        "Nut and retainer bar from above: every string under the bar, the outer two outside its screws.");
}

void caps(Board& board, const Rig& rig) {
    const std::size_t n = rig.strings.size();
    board.scene.area(board.box(0.30, 0.08, 0.62, 0.92), ColourRole::Metal, ColourRole::MetalEdge);
    for (std::size_t i = 0; i < n; ++i) {
        const double y = across(i, n, 0.12, 0.88);
        board.scene.line({board.at(0.02, y), board.at(0.98, y)}, ColourRole::Strings, weight(rig.strings[i]));
    }
    const std::size_t count = std::max<std::size_t>(1, n / 2);
    for (std::size_t c = 0; c < count; ++c) {
        const std::size_t first = 2 * c, last = c + 1 == count ? n - 1 : 2 * c + 1;
        const double top = across(first, n, 0.12, 0.88) - 0.045, bottom = across(last, n, 0.12, 0.88) + 0.045;
        Mark& cap = board.scene.area(board.box(0.36, top, 0.56, bottom), ColourRole::Sheet, ColourRole::Text, 2.0);
        cap.id = QStringLiteral("cap-%1").arg(c + 1);
        board.scene.line({board.at(0.38, (top + bottom) / 2.0), board.at(0.54, (top + bottom) / 2.0)},
                         ColourRole::Focus, 3.0);
        board.scene.area(board.circle(0.46, (top + bottom) / 2.0, 7.0), ColourRole::Cavity, ColourRole::MetalEdge);
        board.words(0.39, 0.7 * top + 0.3 * bottom, QString::number(c + 1), Qt::AlignCenter, ColourRole::Focus);
    }
    board.words(0.64, 0.035, StepDiagramWords::tr("each cap back in its place, ridge along the strings"));
    board.scene.description =
        StepDiagramWords::tr("Locking nut from above: %1 caps in order, the ridge of each along the strings.")
            .arg(count);
}

void clamp(Board& board, const Rig& rig) {
    const double y = 0.36;
    board.scene.area(board.box(0.30, 0.30, 0.66, 0.92), ColourRole::Metal, ColourRole::MetalEdge);
    board.scene.area(board.box(0.38, 0.30, 0.50, 0.80), ColourRole::Cavity, ColourRole::MetalEdge);
    board.scene.area(board.box(0.435, 0.34, 0.50, 0.80), ColourRole::Sheet, ColourRole::Text, 2.0).id =
        QStringLiteral("insert");
    board.scene.area(board.box(0.50, 0.52, 0.92, 0.62), ColourRole::MetalEdge, ColourRole::Text);
    board.scene.line({board.at(0.02, 0.28), board.at(0.36, 0.29), board.at(0.405, y), board.at(0.405, 0.79)},
                     ColourRole::Strings, std::max(3.0, weight(rig.strings.front())));
    board.scene.line({board.at(0.84, 0.70), board.at(0.70, 0.70)}, ColourRole::Focus, 2.5).arrow = true;
    board.words(0.20, 0.18, StepDiagramWords::tr("string, straight and centred"), Qt::AlignCenter);
    board.words(0.405, 0.96, StepDiagramWords::tr("down to the bottom, 2 to 2.5 mm"), Qt::AlignCenter);
    board.words(0.47, 0.22, StepDiagramWords::tr("insert"), Qt::AlignLeft | Qt::AlignVCenter);
    board.words(0.77, 0.80, StepDiagramWords::tr("until it stops, then slightly more"), Qt::AlignCenter);
    board.scene.description = StepDiagramWords::tr(
        "Locking saddle from the side: the insert squeezes the string, which goes down to the bottom.");
}

/// From above, the nut to the right: what clamps, what tunes, what holds the saddle, what lifts the plate.
void screws(Board& board, const Rig& rig) {
    const std::size_t n = rig.strings.size();
    const double top = 0.10, bottom = 0.78;
    board.scene.area(board.box(0.12, 0.02, 0.78, 0.86), ColourRole::Metal, ColourRole::MetalEdge);
    const auto screw = [&board](double x, double y, double radius_px, const char* number, ColourRole ink) {
        board.scene.area(board.circle(x, y, radius_px), ink, ColourRole::Text);
        board.words(x, y, QLatin1String(number), Qt::AlignCenter, ColourRole::Text);
    };
    for (std::size_t i = 0; i < n; ++i) {
        const double y = across(i, n, top, bottom), half = 0.32 * (bottom - top) / static_cast<double>(n);
        board.scene.area(board.box(0.40, y - half, 0.60, y + half), ColourRole::Sheet, ColourRole::MetalEdge);
        board.scene.line({board.at(0.20, y), board.at(0.40, y)}, ColourRole::MetalEdge, 6.0).id =
            QStringLiteral("clamp-screw-%1").arg(i);
        board.scene.line({board.at(0.50, y), board.at(0.98, y)}, ColourRole::Strings, weight(rig.strings[i]));
    }
    // One of each is numbered; the others are like it.
    const double first = across(0, n, top, bottom);
    screw(0.20, first, 10.0, "1", ColourRole::Sheet);
    screw(0.30, first, 10.0, "2", ColourRole::Sheet);
    screw(0.66, first, 10.0, "3", ColourRole::Sheet);
    for (const double y : {0.07, 0.81})
        screw(0.74, y, 10.0, "4", ColourRole::Cavity);
    board.words(
        0.50, 0.95,
        StepDiagramWords::tr(
            "1 clamps the string \u00b7 2 fine tuner \u00b7 3 holds the saddle \u00b7 4 bridge post, for the height"),
        Qt::AlignCenter);
    board.scene.description =
        StepDiagramWords::tr("Bridge from above: behind each saddle its clamp screw and fine tuner, before it the "
                             "screw that holds it; a bridge post at each end.");
}

void claw(Board& board, const Rig& rig) {
    const ClawTurns& turns = rig.claw.turns;
    const double mean = turns.mean();
    const auto xAt = [&](double slot) {
        const double more = (turns.bass + (turns.treble - turns.bass) * slot - mean) * rig.claw.lead_m;
        return 0.24 - more * 40.0;
    };
    board.scene.area(board.box(0.04, 0.06, 0.96, 0.91), ColourRole::Cavity, ColourRole::WoodEdge);
    board.scene.area(board.box(0.0, 0.0, 0.06, 1.0), ColourRole::Wood, ColourRole::WoodEdge);
    board.scene.area(board.box(0.80, 0.18, 0.90, 0.82), ColourRole::Metal, ColourRole::MetalEdge);
    board.scene
        .area(QPolygonF{board.at(xAt(0.0), 0.14), board.at(xAt(0.0) + 0.035, 0.14), board.at(xAt(1.0) + 0.035, 0.86),
                        board.at(xAt(1.0), 0.86)},
              ColourRole::Metal, ColourRole::MetalEdge)
        .id = QStringLiteral("claw");
    for (const double slot : {0.0, 1.0}) {
        const double y = 0.20 + 0.60 * slot;
        board.scene.line({board.at(0.06, y), board.at(xAt(slot) + 0.05, y)}, ColourRole::MetalEdge, 5.0);
        board.words(xAt(slot) + 0.06, slot == 0.0 ? 0.12 : 0.86,
                    slot == 0.0 ? StepDiagramWords::tr("bass screw") : StepDiagramWords::tr("treble screw"),
                    Qt::AlignLeft | Qt::AlignVCenter);
    }
    for (std::size_t s = 0; s < rig.springs.size(); ++s) {
        const double y = 0.24 + 0.52 * rig.springs[s].slot;
        QPolygonF coil{board.at(xAt(rig.springs[s].slot) + 0.035, y)};
        for (int k = 1; k < 40; ++k)
            coil.append(board.at(xAt(rig.springs[s].slot) + 0.04 + 0.012 * k, y + (k % 2 == 0 ? 0.022 : -0.022)));
        coil.append(board.at(0.80, y));
        board.scene.line(coil, ColourRole::Springs, 1.8).id = QStringLiteral("spring-%1").arg(s);
    }
    board.words(0.55, 0.96, StepDiagramWords::tr("keep the claw parallel to the wall; right turns pull the plate down"),
                Qt::AlignCenter);
    board.scene.description =
        StepDiagramWords::tr(
            "Cavity from behind: claw on two screws, %1 springs to the block, the claw parallel to the wall.")
            .arg(rig.springs.size());
}

} // namespace

Scene buildStepDiagram(Diagram diagram, const Rig& rig, bool leftHanded, const QSizeF& size, double textScale) {
    // From behind, bass and treble change sides.
    Board board(size,
                diagram == Diagram::Clamp  ? false
                : diagram == Diagram::Claw ? !leftHanded
                                           : leftHanded,
                textScale);
    switch (diagram) {
    case Diagram::OneSide:
    case Diagram::Split:
        headstock(board, rig, diagram == Diagram::Split);
        break;
    case Diagram::Bar:
        bar(board, rig);
        break;
    case Diagram::Caps:
        caps(board, rig);
        break;
    case Diagram::Clamp:
        clamp(board, rig);
        break;
    case Diagram::Screws:
        screws(board, rig);
        break;
    case Diagram::Claw:
        claw(board, rig);
        break;
    }
    return std::move(board.scene);
}

} // namespace flenzo
