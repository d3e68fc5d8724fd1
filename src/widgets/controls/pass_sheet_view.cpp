// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/controls/pass_sheet_view.h"

#include "paint/provenance.h"
#include "widgets/look.h"

#include <QHeaderView>
#include <QPainter>
#include <QScrollBar>
#include <QStyledItemDelegate>
#include <cmath>

namespace flenzo {

namespace {

/// Paints one field: aim small and quiet, reading large; flat to the left with a triangle pointing down, sharp to the
/// right with one pointing up; before it the mark of where it comes from.
class CellPainter : public QStyledItemDelegate {
public:
    CellPainter(AppContext& context, QObject* parent) : QStyledItemDelegate(parent), context_(context) {}

    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const Theme& theme = context_.preferences().theme();
        const auto cell = index.data(PassSheetModel::CellRole).value<SheetCell>();
        const bool plate = index.row() == index.model()->rowCount() - 1;
        const QRectF box = QRectF(option.rect).adjusted(1, 1, -1, -1);
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        painter->fillRect(option.rect, theme[cell.next ? ColourRole::FocusSoft : ColourRole::Sheet]);
        frame(*painter, box, cell, theme);
        if (cell.aim_cents)
            write(*painter, box.adjusted(8, 0, 0, 0), signedNumber(*cell.aim_cents, 1), theme[ColourRole::Quiet], 0.87,
                  false, Qt::AlignLeft);
        if (cell.reading_cents)
            reading(*painter, box, cell, plate, theme);
        painter->restore();
    }

private:
    static void frame(QPainter& painter, const QRectF& box, const SheetCell& cell, const Theme& theme) {
        if (cell.next) {
            painter.setPen(QPen(theme[ColourRole::Focus], 2.5));
            painter.drawRect(box);
        }
    }

    void write(QPainter& painter, const QRectF& box, const QString& text, const QColor& colour, double share, bool bold,
               Qt::Alignment side) const {
        QFont font = painter.font();
        font.setPixelSize(static_cast<int>(std::lround(basePixels(context_.preferences()) * share)));
        font.setBold(bold);
        painter.setFont(font);
        painter.setPen(colour);
        painter.drawText(box, static_cast<int>(side | Qt::AlignVCenter), text);
    }

    void reading(QPainter& painter, const QRectF& box, const SheetCell& cell, bool plate, const Theme& theme) const {
        const double value = *cell.reading_cents;
        const bool forecast = cell.kind == SheetCell::Kind::Forecast;
        const bool measured = cell.kind == SheetCell::Kind::Measured;
        const QString text = signedNumber(value, plate ? 2 : 1) + (plate ? QStringLiteral("°") : QString());
        const QColor& colour = forecast ? theme[ColourRole::Forecast] : theme[ColourRole::Text];
        write(painter, box.adjusted(0, 0, -24, 0), text, colour, 1.07, measured, Qt::AlignRight);
        const double pixels = painter.font().pixelSize();
        paintProvenance(
            painter,
            {box.right() - 24 - QFontMetricsF(painter.font()).horizontalAdvance(text) - 0.7 * pixels, box.center().y()},
            measured ? Provenance::Measured : Provenance::Calculated, 0.8 * pixels, theme);
        const QPointF middle(box.right() - 12, box.center().y());
        painter.setPen(Qt::NoPen);
        if (cell.within) {
            painter.setPen(QPen(theme[ColourRole::Goal], 2.5));
            painter.drawPolyline(QPolygonF{middle + QPointF(-5, 0), middle + QPointF(-1, 4), middle + QPointF(6, -5)});
        } else if (value > 0.0) {
            painter.setBrush(theme[ColourRole::Strings]);
            painter.drawPolygon(QPolygonF{middle + QPointF(-5, 4), middle + QPointF(5, 4), middle + QPointF(0, -5)});
        } else {
            painter.setBrush(theme[ColourRole::Springs]);
            painter.drawPolygon(QPolygonF{middle + QPointF(-5, -4), middle + QPointF(5, -4), middle + QPointF(0, 5)});
        }
    }

    AppContext& context_;
};

} // namespace

PassSheetView::PassSheetView(AppContext& context, QWidget* parent) : QTableView(parent), context_(context) {
    setModel(&model_);
    setItemDelegate(new CellPainter(context, this));
    setObjectName(QStringLiteral("passSheet"));
    setAccessibleName(tr("Pass sheet"));
    setEditTriggers(NoEditTriggers);
    setSelectionMode(NoSelection);
    setTabKeyNavigation(false);
    setHorizontalScrollMode(ScrollPerPixel);
    horizontalHeader()->setHighlightSections(false);
    verticalHeader()->setHighlightSections(false);
    connect(this, &QTableView::clicked, this, [this](const QModelIndex& index) {
        if (index.row() == model_.rowCount() - 1)
            context_.bench().pickGap();
        else
            context_.bench().pickString(static_cast<std::size_t>(index.row()));
    });
}

void PassSheetView::refresh() {
    model_.show(context_.session().job(), context_.session().derived());
    const double base = basePixels(context_.preferences());
    // Few strings get tall rows, many get low ones, so that all are in sight.
    const double share = std::clamp(24.0 / model_.rowCount(), 1.5, 2.8);
    verticalHeader()->setDefaultSectionSize(static_cast<int>(base * share));
    horizontalHeader()->setFixedHeight(static_cast<int>(base * 2.9));
    setMaximumHeight(horizontalHeader()->height() + model_.rowCount() * verticalHeader()->defaultSectionSize() + 4 +
                     (horizontalScrollBar()->isVisible() ? horizontalScrollBar()->height() : 0));
    horizontalHeader()->setDefaultSectionSize(static_cast<int>(base * 10.4));
    scrollTo(model_.index(0, model_.nowColumn()));
}

} // namespace flenzo
