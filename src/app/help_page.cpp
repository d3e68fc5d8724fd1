// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/help_page.h"

#include <QBoxLayout>
#include <QFile>
#include <QImage>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QScrollBar>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextOption>

// The macro declares a function of the global namespace, so it cannot be inside any other.
static void openGuide() {
    Q_INIT_RESOURCE(help);
}

namespace flenzo {

namespace {

constexpr int documentRole = Qt::UserRole, headingRole = Qt::UserRole + 1;
const QString helpFolder = QStringLiteral(":/flenzo/help/");

QString contentOf(const QString& document) {
    QFile file(helpFolder + document);
    // Pictures lie beside the English guide; a guide in a folder of its own reaches back to them.
    return file.open(QIODevice::ReadOnly)
               ? QString::fromUtf8(file.readAll()).replace(QLatin1String("](../"), QLatin1String("]("))
               : QString();
}

/// The document in the language that is spoken, where there is one: a translator names its file.
QString spoken(const char* document) {
    const QString there = HelpPage::tr(document);
    return QFile::exists(helpFolder + there) ? there : QLatin1String(document);
}

QStringList headingsOf(const QString& document, const QString& mark) {
    QStringList headings;
    for (const QString& line : contentOf(document).split(QLatin1Char('\n')))
        if (line.startsWith(mark))
            headings.append(line.mid(mark.size()));
    return headings;
}

/// Shows the guide's pictures no wider than there is room.
class GuideText : public QTextBrowser {
public:
    using QTextBrowser::QTextBrowser;
    QVariant loadResource(int type, const QUrl& name) override {
        QVariant loaded = QTextBrowser::loadResource(type, name);
        if (type != QTextDocument::ImageResource)
            return loaded;
        const QImage image = loaded.canConvert<QImage>() && !loaded.value<QImage>().isNull()
                                 ? loaded.value<QImage>()
                                 : QImage::fromData(loaded.toByteArray());
        const int room = viewport()->width() - 60;
        return image.width() > room && room > 100 ? image.scaledToWidth(room, Qt::SmoothTransformation) : image;
    }
};

/// Headings of the guide as they are written in English; those of other languages are in the same order.
QString headingFor(const std::optional<Step>& step) {
    if (!step)
        return QStringLiteral("Hand over");
    switch (step->id) {
    case StepId::RoughTune:
    case StepId::Level:
    case StepId::Tune:
        return QStringLiteral("Typing readings");
    default:
        break;
    }
    static const char* const headings[] = {"Intake", "Plan", "Strip", "String", "Balance", "Lock", "Hand over"};
    return QLatin1String(headings[static_cast<std::size_t>(specOf(step->id).phase)]);
}

} // namespace

HelpPage::HelpPage(QWidget* parent) : QWidget(parent) {
    openGuide();
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(8, 8, 8, 8);
    auto* side = new QVBoxLayout;
    search_ = new QLineEdit(this);
    search_->setObjectName(QStringLiteral("helpSearch"));
    search_->setPlaceholderText(tr("Search the help"));
    search_->setAccessibleName(tr("Search the help"));
    search_->setClearButtonEnabled(true);
    search_->installEventFilter(this);
    places_ = new QListWidget(this);
    places_->setObjectName(QStringLiteral("helpPlaces"));
    places_->setAccessibleName(tr("Contents of the help"));
    places_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    side->addWidget(search_);
    side->addWidget(places_, 1);
    text_ = new GuideText(this);
    text_->setObjectName(QStringLiteral("helpText"));
    text_->setAccessibleName(tr("Help"));
    text_->setFrameShape(QFrame::NoFrame);
    text_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn); // or the pictures are measured without it, and stick out
    text_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff); // a line may be a part of a pixel too long
    text_->setWordWrapMode(QTextOption::WrapAtWordBoundaryOrAnywhere);
    text_->setSearchPaths({QStringLiteral(":/flenzo/help")});
    text_->document()->setDocumentMargin(24);
    row->addLayout(side, 1);
    row->addWidget(text_, 4);
    fill();
    connect(places_, &QListWidget::currentRowChanged, this, &HelpPage::open);
    connect(search_, &QLineEdit::textEdited, this, [this] { find(false); });
}

/// The guide is read and laid out when somebody comes to it, not before the window's first picture.
void HelpPage::showEvent(QShowEvent* event) {
    if (places_->currentRow() < 0)
        places_->setCurrentRow(0);
    QWidget::showEvent(event);
}

/// Every heading of the guide, then glossary and keys.
void HelpPage::fill() {
    const std::pair<const char*, QString> documents[] = {{QT_TR_NOOP("user-guide.md"), QStringLiteral("## ")},
                                                         {QT_TR_NOOP("glossary.md"), QStringLiteral("# ")},
                                                         {QT_TR_NOOP("keys.md"), QStringLiteral("# ")}};
    for (const auto& [document, mark] : documents) {
        const QString here = spoken(document);
        const QStringList headings = headingsOf(here, mark);
        const QStringList english =
            here == QLatin1String(document) ? headings : headingsOf(QLatin1String(document), mark);
        for (qsizetype k = 0; k < headings.size(); ++k) {
            auto* item = new QListWidgetItem(headings[k], places_);
            item->setData(documentRole, here);
            item->setData(headingRole, english.value(k));
        }
    }
}

void HelpPage::open(int row) {
    const QListWidgetItem* item = places_->item(row);
    if (!item)
        return;
    if (const QString document = item->data(documentRole).toString();
        document != document_ || text_->viewport()->width() != drawnFor_) {
        document_ = document;
        drawnFor_ = text_->viewport()->width(); // its pictures are as wide as the page was
        text_->setMarkdown(contentOf(document));
    }
    for (QTextBlock block = text_->document()->begin(); block.isValid(); block = block.next())
        if (block.blockFormat().headingLevel() > 0 && block.text() == item->text()) {
            QTextCursor cursor(block);
            text_->moveCursor(QTextCursor::End); // so that the heading comes to the top, not to the bottom
            text_->setTextCursor(cursor);
            text_->ensureCursorVisible();
            return;
        }
}

void HelpPage::openFor(const std::optional<Step>& step) {
    const QString heading = headingFor(step);
    for (int row = 0; row < places_->count(); ++row)
        if (places_->item(row)->data(headingRole).toString() == heading) {
            places_->setCurrentRow(row);
            open(row);
            return;
        }
}

QString HelpPage::place() const {
    return places_->currentItem() ? places_->currentItem()->text() : QString();
}

void HelpPage::takeFocus() {
    search_->setFocus();
    search_->selectAll();
}

/// The next place in the document shown, else in the first other document that has it.
void HelpPage::find(bool backwards) {
    const QString words = search_->text();
    if (words.isEmpty())
        return;
    const QTextDocument::FindFlags way = backwards ? QTextDocument::FindBackward : QTextDocument::FindFlags();
    if (text_->find(words, way))
        return;
    for (int row = 0; row < places_->count(); ++row) {
        const QString document = places_->item(row)->data(documentRole).toString();
        if (document != document_ && contentOf(document).contains(words, Qt::CaseInsensitive)) {
            places_->setCurrentRow(row);
            text_->moveCursor(QTextCursor::Start);
            text_->find(words);
            return;
        }
    }
    text_->moveCursor(backwards ? QTextCursor::End : QTextCursor::Start); // round again
    text_->find(words, way);
}

void HelpPage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    layout()->activate();
    open(places_->currentRow());
}

bool HelpPage::eventFilter(QObject* watched, QEvent* event) {
    if (watched == search_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) {
            find(key->modifiers().testFlag(Qt::ShiftModifier));
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace flenzo
