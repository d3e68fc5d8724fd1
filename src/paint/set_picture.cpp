// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/set_picture.h"

#include "paint/circle.h"

#include <QCoreApplication>
#include <algorithm>

namespace flenzo {

namespace {

struct SetPictureWords {
    Q_DECLARE_TR_FUNCTIONS(SetPicture)
};

} // namespace

Scene buildLaidSet(const LaidSet& set, const QSizeF& size, double textScale) {
    Scene scene;
    scene.size = size;
    const double font = 15.0 * textScale, foot = font * 1.8;
    const auto count = static_cast<double>(std::max<std::size_t>(1, set.strings.size()));
    const double row = std::min((size.height() - foot - 12.0) / count, 46.0 * textScale);
    const double left = 14.0 + font * 8.6, right = size.width() - 14.0 - font * 2.0;
    double thickest = 1e-6;
    for (const auto& string : set.strings)
        thickest = std::max(thickest, string.gauge_m);
    QStringList said;
    bool alike = false;
    for (std::size_t i = 0; i < set.strings.size(); ++i) {
        const auto& string = set.strings[i];
        const double y = 8.0 + (static_cast<double>(i) + 0.5) * row;
        const double thick = std::max(1.5, string.gauge_m / thickest * std::min(12.0 * textScale, row * 0.5));
        scene.text({14.0, y}, string.name, ColourRole::Text, font, Qt::AlignLeft | Qt::AlignVCenter).bold = true;
        scene.text({14.0 + font * 2.0, y}, string.gauge, ColourRole::Text, font, Qt::AlignLeft | Qt::AlignVCenter);
        Mark& line = scene.line({{left, y}, {right, y}}, ColourRole::Strings, thick);
        line.id = QStringLiteral("string-") + string.name;
        line.tip = string.wound ? SetPictureWords::tr("String %1: %2, wound").arg(string.name, string.gauge)
                                : SetPictureWords::tr("String %1: %2, plain").arg(string.name, string.gauge);
        said.append(line.tip);
        if (string.wound) // windings, so that it is told from a plain one without a caliper
            for (int turn = 0; left + 6.0 + 9.0 * textScale * turn < right; ++turn) {
                const double x = left + 6.0 + 9.0 * textScale * turn;
                scene.line({{x, y - thick / 2.0}, {x + thick * 0.4, y + thick / 2.0}}, ColourRole::Sheet, 1.2);
            }
        scene.area(circleAt({left - font * 0.6, y}, font * 0.35), ColourRole::Metal, ColourRole::MetalEdge);
        if (!string.likeNext || i + 1 == set.strings.size())
            continue;
        alike = true;
        const double x = right + font * 0.7;
        Mark& bracket =
            scene.line({{right + 4.0, y}, {x, y}, {x, y + row}, {right + 4.0, y + row}}, ColourRole::Warn, 2.0);
        bracket.id = QStringLiteral("alike-%1").arg(i);
        bracket.tip =
            SetPictureWords::tr("Strings %1 and %2 are easily swapped").arg(string.name, set.strings[i + 1].name);
        said.append(bracket.tip);
    }
    scene.text({14.0, size.height() - foot * 0.5},
               alike ? SetPictureWords::tr("bracket: easily swapped, measure these two")
                     : SetPictureWords::tr("thickest at the top"),
               alike ? ColourRole::Warn : ColourRole::Quiet, font * 0.9, Qt::AlignLeft | Qt::AlignVCenter);
    scene.description = SetPictureWords::tr("The set in order. %1").arg(said.join(QStringLiteral("; ")));
    return scene;
}

Scene buildBallEnd(const BallEnd& end, const QSizeF& size, double textScale) {
    Scene scene;
    scene.size = size;
    const double font = 15.0 * textScale, wide = std::min(size.width() - 40.0, 620.0 * textScale);
    const double y = size.height() * 0.42, left = (size.width() - wide) / 2.0;
    const QPointF ball(left + wide * 0.08, y);
    scene.area(circleAt(ball, 13.0 * textScale), ColourRole::Metal, ColourRole::MetalEdge, 2.0).id =
        QStringLiteral("ball");
    scene.area(circleAt(ball, 5.0 * textScale), ColourRole::Sheet, ColourRole::MetalEdge);
    const double twistTo = left + wide * 0.22, cut = left + wide * (end.kind == BallEnd::Kind::CutOff ? 0.30 : 0.86);
    QPolygonF twist;
    for (int k = 0; k <= 24; ++k)
        twist.append({ball.x() + 12.0 * textScale + (twistTo - ball.x() - 12.0 * textScale) * k / 24.0,
                      y + (k % 2 == 0 ? 4.0 : -4.0) * textScale});
    scene.line(twist, ColourRole::Strings, 2.4);
    scene.line({{twistTo, y}, {left + wide, y}}, ColourRole::Strings, 4.0);
    Mark& mark = scene.line({{cut, y - font * 2.2}, {cut, y + font * 2.2}}, ColourRole::Warn, 3.0);
    mark.dashed = true;
    mark.id = QStringLiteral("cut");
    const bool off = end.kind == BallEnd::Kind::CutOff;
    scene.text({cut, y - font * 3.0}, SetPictureWords::tr("cut here"), ColourRole::Warn, font, Qt::AlignCenter).bold =
        true;
    scene.text({(ball.x() + twistTo) / 2.0, y + font * 2.4}, SetPictureWords::tr("ball and twist"), ColourRole::Quiet,
               font, Qt::AlignCenter);
    const QString words = off ? SetPictureWords::tr("plain, straight string goes into the saddle")
                              : SetPictureWords::tr("the ball stays at the headstock; this end goes into the saddle");
    scene.text({left + wide * 0.5, y + font * 4.2}, words, ColourRole::Text, font, Qt::AlignCenter);
    if (!end.length.isEmpty())
        scene.text({left + wide * 0.5, y + font * 5.8}, end.length, ColourRole::Text, font, Qt::AlignCenter);
    scene.description = SetPictureWords::tr("One string: %1. %2")
                            .arg(off ? SetPictureWords::tr("the ball end is cut off, twist and all")
                                     : SetPictureWords::tr("the far end is cut to length"),
                                 words);
    return scene;
}

} // namespace flenzo
