// SPDX-License-Identifier: GPL-3.0-or-later
// What the window is built of; anew in another language.
#include "app/main_window.h"

#include "app/help_page.h"
#include "app/languages.h"
#include "domain/work/warnings.h"
#include "session/document/demo.h"
#include "widgets/controls/row_layout.h"
#include "widgets/dialogs/troubleshooting_dialog.h"
#include "widgets/look.h"
#include "widgets/pages/job_page.h"
#include "widgets/pages/practice_page.h"
#include "widgets/pages/shop_page.h"

#include <QBoxLayout>
#include <QLabel>
#include <QMenuBar>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QToolButton>
#include <utility>

namespace flenzo {

namespace {

/// Large text on a small screen wants more room than there is: a page then scrolls, and the window still fits.
QScrollArea* scrolling(QWidget* page, QWidget* parent) {
    auto* area = new QScrollArea(parent);
    area->setWidgetResizable(true);
    area->setFocusPolicy(Qt::NoFocus);
    area->setWidget(page);
    return area;
}

} // namespace

void MainWindow::build() {
    auto* centre = new QWidget(this);
    auto* column = new QVBoxLayout(centre);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(buildHead());
    column->addWidget(buildRecoveryBanner());
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    stack_ = new QStackedWidget(centre);
    shop_ = new ShopPage(*context_, stack_);
    steps_ = new JobPage(*context_, stack_);
    practice_ = new PracticePage(*context_, demoNames(), stack_);
    help_ = new HelpPage(stack_);
    for (QWidget* each : std::initializer_list<QWidget*>{shop_, steps_, practice_, help_})
        stack_->addWidget(scrolling(each, stack_));
    railPlace_ = buildRail();
    row->addWidget(railPlace_);
    row->addWidget(stack_, 1);
    column->addLayout(row, 1);
    column->addWidget(buildMessage());
    setCentralWidget(centre);
    centre->show(); // where the window is seen already
    actions_ = std::make_unique<Actions>(this, specs());
    buildMenus();
    connect(shop_, &ShopPage::jobOpened, this, [this] { showWork(); });
    connect(shop_, &ShopPage::newGuitarWanted, this, &MainWindow::newGuitar);
    connect(shop_, &ShopPage::demoWanted, this, &MainWindow::stockWithDemo);
    connect(steps_, &JobPage::methodsToCompare, this, [this] {
        showPage(Practice);
        practice_->showMethods();
    });
    connect(practice_, &PracticePage::practising, this, &MainWindow::refresh);
    connect(practice_, &PracticePage::guitarPicked, this, &MainWindow::openDemo);
    connect(steps_, &JobPage::troubleshootingWanted, this, &MainWindow::showTroubleshooting);
}

/// The pages read the session to the last, so they go before it.
void MainWindow::takeDown() {
    delete takeCentralWidget();
    delete std::exchange(finder_, nullptr);
    setMenuBar(nullptr);
    recent_ = nullptr;
    rail_.clear();
    actions_.reset();
}

void MainWindow::speak(const QString& language) {
    if (QWidget* typing = focusWidget())
        typing->clearFocus(); // so that what is typed there is taken
    change([&](Preferences& preferences) { preferences.language = language; });
    const Page shown = page();
    const JobPage::View job = steps_->view();
    const PracticePage::View practice = practice_->view();
    const QString tab = shop_->tab();
    const bool offers = !banner_->isHidden();
    takeDown();
    useLanguage(language);
    build();
    steps_->goOnFrom(job);
    practice_->goOnFrom(practice);
    shop_->showTab(tab);
    if (offers)
        offerRecovery();
    showPage(shown);
}

QWidget* MainWindow::buildHead() {
    auto* head = new QFrame(this);
    headRows_ = new QHBoxLayout(head);
    headRows_->setContentsMargins(16, 5, 12, 0);
    auto* row = new QHBoxLayout;
    headRows_->addLayout(row, 1);
    guitar_ = label(TextRole::Heading, head, QStringLiteral("guitarTitle"));
    story_ = label(TextRole::Small, head, QStringLiteral("story"));
    story_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    row->addWidget(guitar_);
    row->addSpacing(12);
    row->addWidget(story_, 1);
    auto* strip = new QWidget(head); // below the title where large text leaves no room beside it
    auto* chips = new RowLayout(strip);
    headRows_->addWidget(strip);
    const auto chip = [&](const QString& tip) {
        auto* made = new QLabel(strip);
        made->setProperty("chip", true);
        made->setToolTip(tip);
        chips->addWidget(made);
        return made;
    };
    away_ = new QPushButton(strip); // leads to what can be done about it
    away_->setObjectName(QStringLiteral("away"));
    away_->setProperty("chip", true);
    away_->setFocusPolicy(Qt::TabFocus);
    connect(away_, &QPushButton::clicked, this, [this] {
        if (session_.conflict())
            showConflict();
        else
            context_->accept(session_.comeBack());
    });
    chips->addWidget(away_);
    simulated_ = chip(tr("Readings can be supplied by a guitar that exists only in the program"));
    for (std::size_t h = 0; h < hazards_.size(); ++h) {
        hazards_[h] = chip(tr("What can hurt somebody or the guitar now"));
        hazards_[h]->setObjectName(QStringLiteral("hazard%1").arg(h));
        const auto hazard = static_cast<Hazard>(h);
        hazards_[h]->setProperty("alarm", hazard == Hazard::BlockIn || hazard == Hazard::InsertsOpen);
    }
    return head;
}

QWidget* MainWindow::buildRail() {
    auto* rail = new QWidget(this);
    auto* column = new QVBoxLayout(rail);
    column->setContentsMargins(0, 8, 0, 8);
    column->setSpacing(2);
    const QString names[] = {tr("Shop"), tr("Job"), tr("Practice"), tr("Help")};
    for (int page = 0; page < PageCount; ++page) {
        auto* button = new QToolButton(rail);
        button->setText(names[page]);
        button->setObjectName(QStringLiteral("rail%1").arg(page));
        button->setAccessibleName(names[page]);
        button->setProperty("rail", true);
        button->setCheckable(true);
        button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        connect(button, &QToolButton::clicked, this, [this, page] { showPage(static_cast<Page>(page)); });
        column->addWidget(button);
        if (page == Practice)
            column->addStretch();
        rail_.push_back(button);
    }
    return rail;
}

QWidget* MainWindow::buildMessage() {
    messageFrame_ = new QFrame(this);
    messageFrame_->setObjectName(QStringLiteral("message"));
    auto* row = new QHBoxLayout(messageFrame_);
    row->setContentsMargins(14, 6, 8, 6);
    message_ = label(TextRole::Body, messageFrame_, QStringLiteral("messageText"));
    message_->setWordWrap(true);
    message_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    auto* hide = new QPushButton(tr("Close"), messageFrame_);
    connect(hide, &QPushButton::clicked, messageFrame_, &QWidget::hide);
    row->addWidget(message_, 1);
    row->addWidget(hide);
    messageFrame_->hide();
    return messageFrame_;
}

QWidget* MainWindow::buildRecoveryBanner() {
    banner_ = new QFrame(this);
    banner_->setObjectName(QStringLiteral("message"));
    auto* row = new QHBoxLayout(banner_);
    row->setContentsMargins(14, 6, 8, 6);
    QLabel* words = label(TextRole::Body, banner_, QStringLiteral("recoveryText"));
    auto* bring = new QPushButton(tr("Restore"), banner_);
    bring->setObjectName(QStringLiteral("bringBack"));
    auto* drop = new QPushButton(tr("Delete"), banner_);
    row->addWidget(words, 1);
    row->addWidget(bring);
    row->addWidget(drop);
    connect(bring, &QPushButton::clicked, this, &MainWindow::restoreLeftover);
    connect(drop, &QPushButton::clicked, this, [this] {
        session_.recovery().discard(*leftover_);
        banner_->hide();
    });
    banner_->hide();
    return banner_;
}

} // namespace flenzo
