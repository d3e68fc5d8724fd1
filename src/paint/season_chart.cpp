// SPDX-License-Identifier: GPL-3.0-or-later
#include "paint/season_chart.h"

#include "paint/provenance.h"

#include <QCoreApplication>
#include <QLocale>
#include <algorithm>

namespace flenzo {

namespace {

struct SeasonWords {
    Q_DECLARE_TR_FUNCTIONS(Season)
};

constexpr double rowInFonts = 1.8, headInFonts = 2.6, footInFonts = 2.0, nameInFonts = 20.0;

class SeasonPicture {
public:
    SeasonPicture(const Season& season, const QSizeF& size, double textScale)
        : season_(season), font_(13.0 * textScale) {
        scene_.size = size;
        const double left = std::min(nameInFonts * font_, 0.3 * size.width());
        plot_ = QRectF(left, headInFonts * font_, std::max(40.0, size.width() - left - font_),
                       rowInFonts * font_ * static_cast<double>(season.guitars.size()));
        from_ = season.today.addDays(-7LL * season.weeksBack);
        days_ = 7.0 * (season.weeksBack + season.weeksAhead);
    }

    Scene make() {
        if (season_.guitars.isEmpty()) {
            scene_.description = SeasonWords::tr("No guitar was strung or is due in these weeks.");
            scene_.text({scene_.size.width() / 2.0, scene_.size.height() / 2.0}, scene_.description, ColourRole::Quiet,
                        font_, Qt::AlignHCenter | Qt::AlignVCenter);
            return std::move(scene_);
        }
        weeks();
        QStringList said;
        for (qsizetype row = 0; row < season_.guitars.size(); ++row)
            said.append(guitar(row));
        scene_.description = SeasonWords::tr("Weeks across, guitars down. %1").arg(said.join(QStringLiteral("; ")));
        legend();
        return std::move(scene_);
    }

private:
    [[nodiscard]] double xOf(const QDate& day) const {
        return plot_.left() + plot_.width() * std::clamp(static_cast<double>(from_.daysTo(day)) / days_, 0.0, 1.0);
    }
    [[nodiscard]] bool isSeen(const QDate& day) const {
        return day.isValid() && day >= from_ && static_cast<double>(from_.daysTo(day)) <= days_;
    }

    /// A line a week, months named where they begin.
    void weeks() {
        double free_x = -1e9;
        for (QDate day = from_; isSeen(day); day = day.addDays(7))
            scene_.line({{xOf(day), plot_.top()}, {xOf(day), plot_.bottom()}}, ColourRole::Rule, 1.0);
        for (QDate month(from_.year(), from_.month(), 1); month <= from_.addDays(static_cast<qint64>(days_));
             month = month.addMonths(1)) {
            const double x = xOf(month);
            const QString name = QLocale().standaloneMonthName(month.month(), QLocale::ShortFormat);
            if (!isSeen(month) || x < free_x)
                continue;
            scene_.text({x, plot_.top() - font_}, name, ColourRole::Quiet, font_, Qt::AlignLeft | Qt::AlignVCenter);
            free_x = x + font_ * (1.0 + 0.6 * static_cast<double>(name.size()));
        }
        const double x = xOf(season_.today);
        Mark& now = scene_.line({{x, plot_.top() - 0.4 * font_}, {x, plot_.bottom()}}, ColourRole::Text, 1.6);
        now.id = QStringLiteral("today");
        now.tip = SeasonWords::tr("today");
    }

    QString guitar(qsizetype row) {
        const Season::Guitar& guitar = season_.guitars.at(row);
        const double y = plot_.top() + rowInFonts * font_ * (static_cast<double>(row) + 0.5);
        const auto fits = static_cast<qsizetype>((plot_.left() - 1.4 * font_) / (0.55 * font_));
        const QString name = guitar.name.size() <= fits ? guitar.name : guitar.name.left(fits - 1) + QChar(0x2026);
        scene_.text({plot_.left() - font_, y}, name, ColourRole::Text, font_, Qt::AlignRight | Qt::AlignVCenter).tip =
            guitar.name;
        scene_.line({{plot_.left(), y}, {plot_.right(), y}}, ColourRole::Rule, 1.0);
        QStringList said{guitar.name};
        const auto mark = [&](const QDate& day, Provenance of, const QString& words, const QString& id) {
            if (!isSeen(day))
                return;
            addProvenance(scene_, {xOf(day), y}, of, 1.2 * font_,
                          of == Provenance::Calculated && day < season_.today ? ColourRole::Warn : ColourRole::Strings);
            scene_.marks.back().tip = words;
            scene_.marks.back().id = id;
            said.append(words);
        };
        for (qsizetype k = 0; k < guitar.strung.size(); ++k)
            mark(guitar.strung.at(k), Provenance::Measured,
                 SeasonWords::tr("strung %1").arg(guitar.strung.at(k).toString(Qt::ISODate)),
                 QStringLiteral("strung-%1-%2").arg(row).arg(k));
        mark(guitar.due, Provenance::Calculated,
             guitar.due < season_.today ? SeasonWords::tr("overdue since %1").arg(guitar.due.toString(Qt::ISODate))
                                        : SeasonWords::tr("due %1").arg(guitar.due.toString(Qt::ISODate)),
             QStringLiteral("due-%1").arg(row));
        return said.join(QStringLiteral(", "));
    }

    void legend() {
        const double y = plot_.bottom() + 1.1 * font_;
        textWithProvenance(scene_, {font_, y}, Provenance::Measured, SeasonWords::tr("strung"), ColourRole::Quiet,
                           font_);
        textWithProvenance(scene_, {8.0 * font_, y}, Provenance::Calculated, SeasonWords::tr("due, by wear or months"),
                           ColourRole::Quiet, font_);
    }

    const Season& season_;
    double font_, days_ = 1.0;
    QRectF plot_;
    QDate from_;
    Scene scene_;
};

} // namespace

double seasonHeight(const Season& season, double textScale) {
    return 13.0 * textScale *
           (headInFonts + footInFonts +
            rowInFonts * static_cast<double>(std::max<qsizetype>(1, season.guitars.size())));
}

Scene buildSeason(const Season& season, const QSizeF& size, double textScale) {
    return SeasonPicture(season, size, textScale).make();
}

} // namespace flenzo
