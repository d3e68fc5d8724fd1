// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/look.h"

#include "store/bundled.h"

#include <QAbstractScrollArea>
#include <QApplication>
#include <QBoxLayout>
#include <QFontDatabase>
#include <QFontInfo>
#include <QLabel>
#include <QPainter>
#include <QProxyStyle>
#include <QRegularExpression>
#include <QStyleOption>
#include <cmath>

namespace flenzo {

namespace {

const char* voiceName(TextRole voice) {
    switch (voice) {
    case TextRole::Body:
        return "body";
    case TextRole::Small:
        return "small";
    case TextRole::Heading:
        return "heading";
    case TextRole::Act:
        return "act";
    case TextRole::Figure:
        return "figure";
    case TextRole::Warn:
        return "warn";
    case TextRole::Good:
        return "good";
    }
    return "";
}

/// Boxes to tick drawn in the theme's own inks: derived from the palette they would vanish on a dark desk.
class BoxStyle : public QProxyStyle {
public:
    BoxStyle() : QProxyStyle(QStringLiteral("Fusion")) {}
    int pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const override {
        if (metric == PM_IndicatorWidth || metric == PM_IndicatorHeight)
            return QFontMetrics(QApplication::font()).ascent(); // grows with the text
        return QProxyStyle::pixelMetric(metric, option, widget);
    }
    void drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                       const QWidget* widget) const override {
        if (element != PE_IndicatorCheckBox && element != PE_IndicatorItemViewItemCheck) {
            QProxyStyle::drawPrimitive(element, option, painter, widget);
            return;
        }
        const QPalette& palette = option->palette;
        const bool enabled = option->state & State_Enabled;
        const QRectF box = QRectF(option->rect).adjusted(0.5, 0.5, -0.5, -0.5);
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        painter->setPen(QPen(palette.color(QPalette::PlaceholderText), option->state & State_HasFocus ? 2.0 : 1.0));
        painter->setBrush(palette.color(QPalette::Base));
        painter->drawRect(box);
        if (option->state & State_On) {
            painter->setPen(
                QPen(palette.color(enabled ? QPalette::Link : QPalette::PlaceholderText), box.width() / 6.0));
            const auto at = [&box](double x, double y) {
                return QPointF(box.left() + x * box.width(), box.top() + y * box.height());
            };
            painter->drawPolyline(QPolygonF{at(0.22, 0.52), at(0.42, 0.74), at(0.8, 0.24)});
        }
        painter->restore();
    }
};

QPalette paletteOf(const Theme& theme) {
    QPalette palette;
    palette.setColor(QPalette::Window, theme[ColourRole::Desk]);
    palette.setColor(QPalette::WindowText, theme[ColourRole::Text]);
    palette.setColor(QPalette::Base, theme[ColourRole::Sheet]);
    palette.setColor(QPalette::AlternateBase, theme[ColourRole::Desk]);
    palette.setColor(QPalette::Text, theme[ColourRole::Text]);
    palette.setColor(QPalette::PlaceholderText, theme[ColourRole::Quiet]);
    palette.setColor(QPalette::Button, theme[ColourRole::Sheet]);
    palette.setColor(QPalette::ButtonText, theme[ColourRole::Text]);
    palette.setColor(QPalette::Highlight, theme[ColourRole::Focus]);
    palette.setColor(QPalette::HighlightedText, theme[ColourRole::Sheet]);
    palette.setColor(QPalette::ToolTipBase, theme[ColourRole::Sheet]);
    palette.setColor(QPalette::ToolTipText, theme[ColourRole::Text]);
    palette.setColor(QPalette::Link, theme[ColourRole::Focus]);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        palette.setColor(QPalette::Disabled, role, theme[ColourRole::Quiet]);
    return palette;
}

QString sheetOf(const Theme& theme, double base) {
    const auto px = [base](double share) { return QString::number(std::lround(base * share)); };
    QString sheet = QStringLiteral(R"(
QFrame[panel="true"] { background: @sheet; border: 1px solid @rule; border-radius: 3px; }
QLabel[voice="small"] { color: @quiet; font-size: @0.87px; }
QLabel[stale="true"] { color: @rule; }
QLabel[voice="heading"] { font-size: @1.13px; font-weight: bold; }
QLabel[voice="act"] { font-size: @1.75px; font-weight: bold; }
QLabel[voice="act"][tight="true"] { font-size: @1.2px; }
QLabel[voice="act"][big="true"] { font-size: @3.4px; }
QLabel[voice="figure"][big="true"] { font-size: @9.0px; }
QLabel[voice="heading"][big="true"] { font-size: @2.2px; }
QLabel[voice="figure"] { font-size: @4.4px; font-weight: bold; color: @focus; }
QLabel[voice="figure"][tight="true"] { font-size: @2.4px; }
QLabel[voice="warn"] { color: @warn; font-weight: bold; }
QLabel[voice="good"] { color: @goal; font-weight: bold; }
QLabel[chip="true"] { border: 1px solid @rule; border-radius: 3px; padding: 3px 8px; background: @sheet; font-size: @0.87px; }
QLabel[chip="true"][tight="true"] { padding: 1px 4px; font-size: @0.8px; }
QLabel[chip="true"][alarm="true"] { border: 2px solid @warn; color: @warn; font-weight: bold; }
QPushButton[chip="true"] { border: 2px solid @quiet; border-radius: 3px; padding: 2px 8px; background: @sheet; font-size: @0.87px; font-weight: bold; }
QToolButton[rail="true"] { border: none; border-left: 5px solid transparent; padding: 12px 14px; text-align: left; font-size: @1.07px; background: transparent; }
QToolButton[rail="true"]:checked { border-left-color: @focus; background: @sheet; font-weight: bold; }
QToolButton[rail="true"]:focus, QToolButton[rail="true"]:hover { background: @soft; }
QLineEdit, QComboBox, QDoubleSpinBox { background: @sheet; border: 1px solid @quiet; border-radius: 3px; padding: 3px 6px; }
QLineEdit[assumed="true"] { border-style: dotted; }
QLineEdit:focus, QComboBox:focus { border: 2px solid @focus; padding: 2px 5px; }
QLineEdit#entry { font-size: @1.9px; padding: 4px 10px; border-width: 2px; border-color: @focus; }
QLineEdit#entry[tight="true"] { font-size: @1.2px; padding: 2px 8px; }
QPushButton { background: @sheet; border: 1px solid @quiet; border-radius: 3px; padding: 5px 14px; }
QPushButton:hover { background: @soft; }
QPushButton:focus { border: 2px solid @focus; padding: 4px 13px; }
QPushButton:disabled { color: @quiet; border-color: @rule; }
QPushButton:checked { border: 2px solid @focus; padding: 4px 13px; background: @soft; font-weight: bold; }
QToolButton[tile="true"] { background: @sheet; border: 1px solid @rule; border-radius: 3px; padding: 4px; font-size: @0.87px; }
QToolButton[tile="true"]:checked { border: 3px solid @focus; background: @soft; padding: 2px; font-weight: bold; }
QToolButton[tile="true"]:focus { border-color: @text; }
QTreeView { background: @sheet; border: 1px solid @rule; selection-background-color: @soft; selection-color: @text; }
QPushButton[primary="true"] { background: @focus; color: @sheet; border: 2px solid @focus; font-weight: bold; }
QPushButton[primary="true"]:disabled { background: @rule; border-color: @rule; color: @quiet; }
QTableView, QListWidget { background: @sheet; border: 1px solid @rule; gridline-color: @rule; selection-background-color: @soft; selection-color: @text; }
QTableView:focus { border: 2px solid @focus; }
QHeaderView::section { background: @context; border: none; border-right: 1px solid @rule; border-bottom: 1px solid @rule; padding: 3px 8px; color: @quiet; }
QMenuBar, QMenu { background: @sheet; }
QMenuBar::item:selected, QMenu::item:selected { background: @soft; color: @text; }
QFrame#message { background: @soft; border: none; border-left: 6px solid @focus; }
QFrame#message[alarm="true"] { background: @sheet; border: 2px solid @warn; border-left: 8px solid @warn; }
QTableCornerButton::section { background: @context; border: none; }
QScrollArea { border: none; background: transparent; }
QTabWidget::pane { background: @sheet; border: 1px solid @rule; border-radius: 3px; top: -1px; }
QTabBar::tab { background: @context; border: 1px solid @rule; padding: 6px 11px; margin-right: 2px; color: @quiet; }
QTabBar::tab:selected { background: @sheet; border-bottom-color: @sheet; color: @text; }
QTabBar::tab:selected:focus { color: @focus; text-decoration: underline; }
QToolTip { background: @sheet; color: @text; border: 1px solid @quiet; padding: 4px; }
)");
    const std::pair<const char*, ColourRole> inks[] = {
        {"@sheet", ColourRole::Sheet}, {"@rule", ColourRole::Rule},      {"@quiet", ColourRole::Quiet},
        {"@focus", ColourRole::Focus}, {"@soft", ColourRole::FocusSoft}, {"@warn", ColourRole::Warn},
        {"@goal", ColourRole::Goal},   {"@desk", ColourRole::Desk},      {"@text", ColourRole::Text}};
    for (const auto& [name, ink] : inks)
        sheet.replace(QLatin1String(name), theme[ink].name());
    static const QRegularExpression height(QStringLiteral("@([0-9.]+)px"));
    for (auto match = height.match(sheet); match.hasMatch(); match = height.match(sheet))
        sheet.replace(match.captured(), px(match.captured(1).toDouble()) + QStringLiteral("px"));
    return sheet;
}

} // namespace

void loadTypeface() {
    openBundledData();
    for (const char* file : {":/flenzo/fonts/B612-Regular.otf", ":/flenzo/fonts/B612-Bold.otf"})
        QFontDatabase::addApplicationFont(QLatin1String(file));
    QApplication::setStyle(new BoxStyle);
}

double basePixels(const Preferences& preferences) {
    return 15.0 * preferences.scale();
}

void applyType(const Preferences& preferences) {
    QFont font(QStringLiteral("B612"));
    font.setPixelSize(static_cast<int>(std::lround(basePixels(preferences))));
    QApplication::setFont(font);
    QApplication::setPalette(paletteOf(preferences.theme()));
}
void applyLook(const Preferences& preferences) {
    applyType(preferences);
    qApp->setStyleSheet(sheetOf(preferences.theme(), basePixels(preferences)));
}

double seenWidth(const QWidget& widget, const Preferences& preferences) {
    const QWidget* seen = &widget;
    while (seen->parentWidget() && !qobject_cast<const QAbstractScrollArea*>(seen->parentWidget()))
        seen = seen->parentWidget();
    return seen->width() / basePixels(preferences);
}

double desktopTextScale() {
    static const double scale = [] { // from eleven points on, what most desktops begin with
        constexpr double usual_px = 14.7, noticed = 1.12;
        const double larger = QFontInfo(QGuiApplication::font()).pixelSize() / usual_px;
        return larger < noticed ? 1.0 : std::min(larger, 2.0);
    }();
    return scale;
}

bool isLow(const QWidget& widget, const Preferences& preferences) {
    constexpr double least = 42.0; // in base sizes
    return widget.window()->height() < least * basePixels(preferences);
}

QLabel* label(TextRole voice, QWidget* parent, const QString& objectName) {
    auto* made = new QLabel(parent);
    made->setObjectName(objectName);
    made->setProperty("voice", voiceName(voice));
    made->setTextFormat(Qt::PlainText);
    return made;
}

QFrame* titledPanel(QWidget* parent, const QString& title, QVBoxLayout*& column) {
    auto* panel = new QFrame(parent);
    panel->setProperty("panel", true);
    column = new QVBoxLayout(panel);
    QLabel* heading = label(TextRole::Heading, panel);
    heading->setText(title);
    column->addWidget(heading);
    return panel;
}

void setDrawn(QWidget* widget, Drawn how, bool on) {
    const char* const name = how == Drawn::Stale ? "stale" : how == Drawn::Big ? "big" : "tight";
    if (widget->property(name).toBool() == on)
        return;
    widget->setProperty(name, on);
    widget->style()->unpolish(widget);
    widget->style()->polish(widget);
}

void setVoice(QLabel* label, TextRole voice) {
    if (label->property("voice") == QLatin1String(voiceName(voice)))
        return;
    label->setProperty("voice", voiceName(voice));
    label->style()->unpolish(label);
    label->style()->polish(label);
}

} // namespace flenzo
