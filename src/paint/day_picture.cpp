// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/day_picture.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace flenzo {

namespace {

struct DayWords {
    Q_DECLARE_TR_FUNCTIONS(DayPicture)
};

} // namespace

Scene buildDayPicture(const DayPicture& day, const QSizeF& size, double textScale) {
    const double font = 13.0 * textScale;
    if (day.pieces.isEmpty())
        return Scene::empty(size, day.empty, font);
    Scene scene;
    scene.size = size;
    const double left = day.people > 1 ? 3.0 * font : 1.0 * font, right = size.width() - font, top = 2.0 * font;
    const double lane = (size.height() - top - 0.5 * font) / day.people;
    const double hours = std::max(0.5, day.to_h - day.from_h);
    const auto x = [&](double hour) { return left + (right - left) * (hour - day.from_h) / hours; };
    const double bottom = top + lane * day.people;
    for (const DayPicture::Closed& closed : day.closed)
        scene.area(QRectF(QPointF(x(closed.from_h), top), QPointF(x(closed.to_h), bottom)), ColourRole::Desk);
    const bool everyHour = (right - left) / hours > 3.0 * font;
    for (int hour = static_cast<int>(std::ceil(day.from_h)); hour <= day.to_h; hour += everyHour ? 1 : 2) {
        scene.line({{x(hour), top}, {x(hour), bottom}}, ColourRole::Rule, 1.0);
        scene.text({x(hour), 1.1 * font}, QString::number(hour), ColourRole::Quiet, font,
                   Qt::AlignHCenter | Qt::AlignVCenter);
    }
    if (day.people > 1)
        for (int person = 0; person < day.people; ++person)
            scene.text({0.6 * font, top + lane * (person + 0.5)}, QString::number(person + 1), ColourRole::Quiet, font,
                       Qt::AlignLeft | Qt::AlignVCenter);
    QStringList said;
    for (qsizetype k = 0; k < day.pieces.size(); ++k) {
        const DayPicture::Piece& piece = day.pieces.at(k);
        const double y = top + lane * piece.person, gap = std::min(4.0, 0.08 * lane);
        const QRectF box(QPointF(x(piece.from_h) + 1.0, y + gap), QPointF(x(piece.to_h) - 1.0, y + lane - gap));
        Mark& mark = scene.area(box, piece.late ? ColourRole::Sheet : ColourRole::FocusSoft,
                                piece.late ? ColourRole::Warn : ColourRole::Focus, piece.late ? 2.5 : 1.0);
        mark.id = QStringLiteral("piece-%1").arg(k);
        mark.tip = piece.tip;
        said.append(piece.tip);
        // As many lines of its name as there is room for, a word at least.
        const auto letters = static_cast<qsizetype>((box.width() - 0.6 * font) / (0.56 * font));
        const int rows = std::max(1, static_cast<int>(box.height() / (1.25 * font)));
        QStringList lines;
        for (const QString& word : piece.name.split(QLatin1Char(' ')))
            if (!lines.isEmpty() && lines.last().size() + 1 + word.size() <= letters)
                lines.last() += QLatin1Char(' ') + word;
            else
                lines.append(word);
        for (int row = 0; row < std::min<int>(rows, static_cast<int>(lines.size())) && letters >= 2; ++row) {
            const QString& line = lines.at(row);
            scene.text({box.left() + 0.4 * font, box.top() + font * (0.8 + 1.25 * row)},
                       line.size() <= letters ? line : line.left(letters - 1) + QChar(0x2026), ColourRole::Text, font,
                       Qt::AlignLeft | Qt::AlignVCenter);
        }
    }
    if (day.now_h >= day.from_h && day.now_h <= day.to_h) {
        Mark& now = scene.line({{x(day.now_h), top - 0.4 * font}, {x(day.now_h), bottom}}, ColourRole::Strings, 2.0);
        now.id = QStringLiteral("now");
        now.tip = DayWords::tr("now");
    }
    scene.description = said.join(QStringLiteral("; "));
    return scene;
}

} // namespace flenzo
