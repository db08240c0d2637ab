// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/rig_page.h"
#include "app/style/qt_text.h"

#include "app/pages/column_plan.h"
#include "app/strands/control_menu.h"
#include "app/style/elided_button.h"
#include "app/style/scroll_column.h"
#include "app/style/scroll_to.h"
#include "app/style/theme.h"

#include <QEvent>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPushButton>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kLeastCard = 340;
constexpr int kMostCard = 600;
constexpr int kMostColumns = 3;

}  // namespace

RigPage::RigPage(Studio& studio, AxisWatch& axis, QWidget* parent)
    : QWidget(parent),
      m_studio(studio),
      m_axis(axis),
      m_buttons(studio.feed()),
      m_inside(new QWidget),
      m_plates(studio.stance(), studio.selection(), m_inside)
{
    setObjectName(QStringLiteral("rig"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 12, 12, 10);
    row->setSpacing(12);
    m_area = new QScrollArea;
    m_area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_area->setFocusPolicy(Qt::NoFocus);
    m_area->setProperty("part", true);  // for F6
    m_inside->setObjectName(QStringLiteral("scrolled"));
    m_area->setWidget(m_inside);
    m_area->viewport()->installEventFilter(this);
    row->addWidget(m_area, 1);
    buildSide();
    buildEmpty();
    connect(&m_plates, &ControllerPlates::activated, this,
            [this](const Source& ref) { m_studio.selection().pick(ref); });
    connect(&m_plates, &ControllerPlates::menuWanted, this, [this](const Source& ref, QPoint at) {
        openControlMenu(m_studio.edits(), m_studio.selection(), ref, at, *this);
    });
    connect(&studio.edits(), &Edits::settled, this, &RigPage::rebuild);
    connect(&studio.selection(), &Selection::selectionChanged, this, &RigPage::showSelection);
    connect(&studio.selection(), &Selection::touchedChanged, this, &RigPage::settleDoubtByTouch,
            Qt::QueuedConnection);
    connect(&studio.feed(), &LiveFeed::moved, this, [this] {
        m_buttons.takeMoves();
        if (!isVisible()) return;
        m_plates.showValues();
        m_calibration->takeMoves();
        m_facts->showValues();
    });
    rebuild();
}

void RigPage::buildSide()
{
    m_facts = new ControlFacts(m_studio.edits(), m_studio.selection(), m_axis, m_buttons);
    m_notches = new NotchCard(m_studio.edits(), m_studio.selection(), m_axis);
    m_switch = new SwitchCard(m_studio.edits(), m_studio.selection());
    m_controllerFacts = new ControllerFacts(m_studio.edits(), m_studio.selection());
    auto* facts = new QWidget;
    facts->setObjectName(QStringLiteral("scrolled"));
    auto* side = new QVBoxLayout(facts);
    side->setContentsMargins(0, 0, 0, 0);
    side->setSpacing(kGap);
    for (QWidget* card :
         {static_cast<QWidget*>(m_facts), static_cast<QWidget*>(m_notches),
          static_cast<QWidget*>(m_switch), static_cast<QWidget*>(m_controllerFacts)})
        side->addWidget(card);
    side->addStretch();
    m_side = new QScrollArea;
    m_side->setWidgetResizable(true);
    m_side->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_side->setFocusPolicy(Qt::NoFocus);
    m_side->setProperty("part", true);
    m_side->setWidget(facts);
    m_calibration = new CalibrationCard(m_studio.edits(), m_studio.feed());
    m_calibration->hide();
    m_arrange = new ArrangeCard(m_studio.edits(), m_studio.feed());
    m_arrange->hide();
    layout()->addWidget(m_side);
    layout()->addWidget(m_arrange);
    layout()->addWidget(m_calibration);
    connect(m_controllerFacts, &ControllerFacts::arrangeWanted, this, &RigPage::arrangePlate);
    connect(m_arrange, &ArrangeCard::ended, this, [this] { showSide(m_side); });
    connect(m_arrange, &ArrangeCard::exportWanted, this, &RigPage::exportWanted);
    connect(m_arrange, &ArrangeCard::importWanted, this, &RigPage::importWanted);
    connect(m_facts, &ControlFacts::calibrationWanted, this, &RigPage::calibrate);
    connect(m_facts, &ControlFacts::switchWanted, m_switch, &SwitchCard::make);
    connect(m_calibration, &CalibrationCard::ended, this, [this] {
        showSide(m_side);
        m_axis.forget();
        showSelection();
    });
}

void RigPage::showSide(QWidget* side)
{
    for (QWidget* each : {static_cast<QWidget*>(m_side), static_cast<QWidget*>(m_calibration),
                          static_cast<QWidget*>(m_arrange)})
        each->setVisible(each == side);
}

void RigPage::showSelection()
{
    const auto& selected = m_studio.selection().selected();
    m_facts->setWalkWaiting(selected && m_calibration->isWaiting(selected->controller));
    m_notches->showSelection();
    m_switch->showSelection();
    m_controllerFacts->showSelection();
    m_plates.showValues();
    auto* view = selected ? m_plates.viewOf(*selected) : nullptr;
    if (view) scrollTo(*m_area, *view);
}

void RigPage::arrangePlate(const std::string& controller)
{
    auto* plate = m_plates.plateOf(controller);
    if (!plate) return;
    showSide(m_arrange);
    m_arrange->begin(controller, plate);
    m_area->ensureWidgetVisible(plate, 0, 0);
}

void RigPage::calibrate(const std::string& controller, bool onlyThisAxis)
{
    const auto only =
        onlyThisAxis ? std::optional(m_studio.selection().selected()->control) : std::nullopt;
    if (m_calibration->begin(controller, only)) showSide(m_calibration);
}

void RigPage::buildEmpty()
{
    m_empty = new Card(m_inside);
    auto* column = new QVBoxLayout(m_empty);
    column->setContentsMargins(20, 16, 20, 16);
    column->setSpacing(12);
    auto* title = new QLabel(tr("No controller is here yet"));
    title->setFont(textFont(TextSize::Head, true));
    auto* words =
        new QLabel(tr("Plug one in: it appears by itself. If it is plugged in and does not appear, "
                      "you may not be allowed to "
                      "read it: log in at this computer's own screen, or install the udev rules as "
                      "docs/permissions.md says.\n\n"
                      "To look around first, take the pretend rig: six made-up controllers that "
                      "move by themselves."));
    words->setWordWrap(true);
    auto* button = new QPushButton(tr("Show the pretend rig"));
    button->setObjectName(QStringLiteral("pretend rig"));
    connect(button, &QPushButton::clicked, this, &RigPage::pretendRigWanted);
    column->addWidget(title);
    column->addWidget(words);
    column->addWidget(button, 0, Qt::AlignLeft);
    m_recent = new QVBoxLayout;
    m_recent->setSpacing(4);
    column->addLayout(m_recent);
    column->addStretch();
    m_doubt = new Card(m_inside);
    m_doubt->setObjectName(QStringLiteral("doubt"));
    m_doubt->setMarked(true);
    m_doubtColumn = new QVBoxLayout(m_doubt);
    m_doubtColumn->setContentsMargins(16, 12, 16, 12);
}

void RigPage::setRecent(const QStringList& paths)
{
    constexpr qsizetype kMost = 5;
    clearLayout(*m_recent);
    if (!paths.isEmpty()) {
        auto* words = new QLabel(tr("Or go on with a tangle that was open before:"));
        setTone(*words, "dim");
        m_recent->addWidget(words);
    }
    for (const auto& path : paths.mid(0, kMost)) {
        auto* button = new ElidedButton(QFileInfo(path).completeBaseName());
        button->setObjectName(QStringLiteral("go on with ") + QFileInfo(path).fileName());
        button->setToolTip(path);
        setTone(*button, "plain-straw");
        connect(button, &QPushButton::clicked, this, [this, path] { Q_EMIT openWanted(path); });
        m_recent->addWidget(button, 0, Qt::AlignLeft);
    }
    arrange();
}

void RigPage::rebuild()
{
    askWhichOne();
    m_buttons.checkDesk();
    m_calibration->checkController();
    if (!isVisible() && !m_plates.plates().empty()) return;
    m_plates.rebuild();
    for (auto* plate : m_plates.plates()) plate->show();
    showSelection();
    arrange();
    m_arrange->refresh(m_plates.plateOf(m_arrange->controller()));
}

void RigPage::askWhichOne()
{
    while (auto* item = m_doubtColumn->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    const auto& doubts = m_studio.session().status().doubts;
    const bool isAsking = !doubts.empty() && doubts.front().rig < m_studio.tangle().rig.size();
    m_doubt->setVisible(isAsking);
    if (!isAsking) return;
    const auto rig = doubts.front().rig;
    const auto alias = toQt(m_studio.tangle().rig[rig].alias);
    auto* question = new QLabel(
        tr("Which one is %1? Alike controllers are at these ports. Move the right one, or "
           "choose its port; the answer is kept.")
            .arg(alias));
    question->setWordWrap(true);
    m_doubtColumn->addWidget(question);
    for (const auto candidate : doubts.front().candidates) {
        const auto& identity =
            m_studio.session().status().controllers[candidate].description.identity;
        auto* button = new QPushButton(tr("The one at %1").arg(toQt(identity.phys)));
        connect(
            button, &QPushButton::clicked, this,
            [this, rig, identity] { settleDoubt(rig, identity); }, Qt::QueuedConnection);
        m_doubtColumn->addWidget(button, 0, Qt::AlignLeft);
    }
}

void RigPage::settleDoubtByTouch()
{
    const auto& status = m_studio.session().status();
    if (!isVisible() || status.doubts.empty() || !m_studio.selection().touched()) return;
    const auto* touched = m_studio.feed().desk().find(m_studio.selection().touched()->controller);
    if (!touched || touched->isKnown) return;
    const auto& doubt = status.doubts.front();
    for (const auto candidate : doubt.candidates) {
        const auto& identity = status.controllers[candidate].description.identity;
        if (identity == touched->rig.identity) return settleDoubt(doubt.rig, identity);
    }
}

void RigPage::settleDoubt(std::size_t rig, const Identity& identity)
{
    m_studio.edits().applyToWhole({tr("which controller is which")}, [&](Tangle& tangle) {
        if (rig < tangle.rig.size()) tangle.rig[rig].identity = identity;
    });
}

void RigPage::arrange()
{
    const int room = m_area->viewport()->width() - 8;
    const int columns = std::clamp((room + kGap) / (kLeastCard + kGap), 1, kMostColumns);
    const int width = std::min(kMostCard, (room - (columns - 1) * kGap) / columns);
    std::vector<int> bottoms(static_cast<std::size_t>(columns), 0);
    const auto place = [&](Card* card, int height, int span) {
        auto lowest = std::ranges::min_element(bottoms);
        const int column = span > 1 ? 0 : static_cast<int>(lowest - bottoms.begin());
        const int top = span > 1 ? *std::ranges::max_element(bottoms) : *lowest;
        card->setGeometry(column * (width + kGap), top, span > 1 ? room : width, height);
        if (span > 1) std::ranges::fill(bottoms, top + height + kGap);
        if (span == 1) *lowest = top + height + kGap;
    };
    if (m_doubt->isVisibleTo(m_inside)) place(m_doubt, m_doubt->sizeHint().height(), 2);
    m_empty->setVisible(m_plates.plates().empty());
    if (m_plates.plates().empty()) place(m_empty, m_empty->heightForWidth(room), 2);
    for (auto* plate : m_plates.plates()) place(plate, plate->heightForWidth(width), 1);
    m_inside->resize(room, *std::ranges::max_element(bottoms));
}

void RigPage::resizeEvent(QResizeEvent*)
{
    const int facts = sideWidth(width(), 326, 334, 480);
    m_side->setFixedWidth(facts);
    m_arrange->setFixedWidth(facts);
    m_calibration->setFixedWidth(sideWidth(width(), 360, 400, 520));
}

bool RigPage::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::Resize) arrange();
    return QWidget::eventFilter(watched, event);
}

void RigPage::showEvent(QShowEvent*)
{
    rebuild();
    arrange();
    m_plates.showValues();
    showSelection();
}

}  // namespace jolly::app
