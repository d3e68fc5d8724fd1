// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/statics/readings.h"
#include "paint/section_parts.h"

namespace flenzo {

Scene buildFixedSection(const SectionValues& v, const QSizeF& size) {
    Scene scene;
    scene.size = size;
    const double font = 15.0 * v.textScale, strip = v.bare ? 4.0 : 34.0 * v.textScale;
    const ViewTransform paper = paperFor(size, -45 * mm, 90 * mm, 26 * mm, -topDepth_m, strip);
    scene.area(
        paper.polygon({{-43 * mm, 0}, {88 * mm, 0}, {88 * mm, -topDepth_m * 0.8}, {-43 * mm, -topDepth_m * 0.8}}),
        ColourRole::Wood, ColourRole::WoodEdge);
    scene
        .area(paper.polygon({{-36 * mm, 0}, {-26 * mm, 0}, {-26 * mm, 9 * mm}, {-36 * mm, 9 * mm}}), ColourRole::Metal,
              ColourRole::MetalEdge)
        .id = QStringLiteral("tailpiece");
    scene
        .area(paper.polygon({{-7 * mm, 0}, {7 * mm, 0}, {4 * mm, 13 * mm}, {0, 15 * mm}, {-5 * mm, 13 * mm}}),
              ColourRole::Metal, ColourRole::MetalEdge)
        .id = QStringLiteral("bridge");
    const std::vector<double> pull = tensions_N(v.rig, v.state);
    for (std::size_t i = 0; i < v.rig.strings.size(); ++i)
        drawStringAlong(scene, v, paper, i, pull[i], {{-30 * mm, 8 * mm}, {0, 15 * mm}, {88 * mm, 16 * mm}});
    if (!v.bare)
        scene
            .text({14.0, size.height() - strip * 0.5},
                  SectionWords::tr("fixed bridge: no string moves another, tune each to pitch"), ColourRole::Text,
                  font * 1.1, Qt::AlignLeft | Qt::AlignVCenter)
            .id = QStringLiteral("plate-text");
    scene.description = SectionWords::tr("Side section of a fixed bridge. Nothing moves when a string is tuned.");
    return scene;
}

} // namespace flenzo
