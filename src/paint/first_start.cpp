// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/first_start.h"

#include "paint/act_picture.h"
#include "paint/bridge_mark.h"
#include "paint/string_lanes.h"

#include <QCoreApplication>
#include <algorithm>

namespace flenzo {

namespace {

struct FirstStartWords {
    Q_DECLARE_TR_FUNCTIONS(FirstStart)
};

/// A picture inside another, its corner there.
void place(Scene& into, const Scene& part, const QPointF& corner) {
    for (Mark mark : part.marks) {
        mark.points.translate(corner);
        into.marks.push_back(std::move(mark));
    }
}

/// Three strings: two are in tune, the third is to go to its aim.
Scene exampleLanes(const QSizeF& size, double textScale) {
    StringLanes lanes;
    const auto lane = [&lanes](const char* name, const char* note, double cents, double aim) -> StringLanes::Lane& {
        StringLanes::Lane one;
        one.name = QLatin1String(name);
        one.note = QLatin1String(note);
        one.cents = cents;
        one.read = true;
        one.aim_cents = aim;
        one.gauge_m = 0.0006;
        lanes.lanes.push_back(one);
        return lanes.lanes.back();
    };
    lane("3", "G3", 38.0, 40.0);
    lane("2", "B3", -120.0, 16.0).turn = StringLanes::Turn::Tighter;
    lane("1", "E4", -180.0, 0.0);
    lanes.asked = lanes.picked = 1;
    return buildStringLanes(lanes, size, 0.8 * textScale);
}

} // namespace

Scene buildFirstStart(const QSizeF& size, double textScale) {
    Scene scene;
    scene.size = size;
    const double font = 16.0 * textScale, gap = 12.0, head = 4.4 * font;
    const double wide = (size.width() - 4.0 * gap) / 3.0;
    const double high = std::max(40.0, std::min(size.height() - head - 2.0 * gap, 0.7 * wide));
    const double down = std::max(0.0, (size.height() - head - high) / 3.0); // a little above the middle
    ActPicture claw;
    claw.kind = ActPicture::Kind::Claw;
    claw.turns = {2.25, 2.25};
    const QString titles[] = {FirstStartWords::tr("Tell it the bridge and the strings."),
                              FirstStartWords::tr("Turn the claw as it says."),
                              FirstStartWords::tr("Tune each string once, to its aim.")};
    const QSizeF room(wide, high);
    const Scene pictures[] = {buildBridgeMark(traitsOf(Family::DoubleLocking), room),
                              buildActPicture(claw, room, textScale), exampleLanes(room, textScale)};
    QStringList said;
    for (int k = 0; k < 3; ++k) {
        const double left = gap + k * (wide + gap);
        place(scene, pictures[k], {left, down + head});
        scene
            .text({left, font}, QString::number(k + 1), ColourRole::Focus, 1.6 * font, Qt::AlignLeft | Qt::AlignVCenter)
            .bold = true;
        const double fits = (wide - 4.0) / (0.56 * static_cast<double>(titles[k].size()));
        Mark& title = scene.text({left, down + 2.9 * font}, titles[k], ColourRole::Text, std::min(1.1 * font, fits),
                                 Qt::AlignLeft | Qt::AlignVCenter);
        title.bold = true;
        title.id = QStringLiteral("title-%1").arg(k + 1);
        said.append(titles[k]);
    }
    scene.description = said.join(QLatin1Char(' '));
    return scene;
}

} // namespace flenzo
