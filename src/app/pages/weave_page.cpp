// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/weave_page.h"

#include "app/devices/device_card.h"
#include "app/devices/plan_card.h"
#include "app/devices/sheet_bar.h"
#include "app/layers/footing_bar.h"
#include "app/layers/layer_goals.h"
#include "app/pages/column_plan.h"
#include "app/strands/control_menu.h"
#include "app/strands/like_card.h"
#include "app/style/columns_layout.h"
#include "app/style/elided_label.h"
#include "app/style/scroll_to.h"
#include "app/style/theme.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMenu>
#include <QScrollBar>
#include <algorithm>
#include <map>

namespace jolly::app
{

WeavePage::WeavePage(Studio& studio, QWidget* parent)
    : QWidget(parent),
      m_studio(studio),
      m_controllers(studio.stance(), studio.selection(), this),
      m_devices(studio.stance(), studio.selection(), this),
      m_choice(studio.edits(), studio.selection())
{
    setObjectName(QStringLiteral("weave"));
    buildColumns();
    m_threads = new ThreadOverlay(this);
    wireControllers();
    wireDevices();
    connect(&studio.edits(), &Edits::settled, this, &WeavePage::rebuildPlates);
    connect(&studio.selection(), &Selection::selectionChanged, this, &WeavePage::showSelection);
    connect(&studio.feed(), &LiveFeed::moved, this, &WeavePage::showValues);
    connect(&m_choice, &RowChoice::changed, this, [this] { showWhere(std::nullopt); });
}

void WeavePage::wireControllers()
{
    connect(&m_controllers, &ControllerPlates::plateAdded, this, [this](Faceplate* plate) {
        plate->setDeed("lead all", tr("lead all of it…"));
        m_leftColumn->insertWidget(m_leftColumn->count(), plate);
    });
    connect(&m_controllers, &ControllerPlates::deedWanted, this, &WeavePage::offerLikeForLike);
    connect(&m_controllers, &ControllerPlates::activated, this,
            [this](const Source& ref) { m_studio.selection().pick(ref); });
    connect(&m_controllers, &ControllerPlates::menuWanted, this,
            [this](const Source& ref, QPoint at) {
                openControlMenu(m_studio.edits(), m_studio.selection(), ref, at, *this);
            });
    connect(
        &m_controllers, &ControllerPlates::dragMoved, this, [this](const Source& ref, QPoint at) {
            m_studio.selection().select(ref);
            const auto* view = m_controllers.viewOf(ref);
            if (view)
                m_loose =
                    Thread{wayFrom(*view, *m_left), {{QPointF(mapFromGlobal(at))}}, false, true};
            placeThreads();
        });
    connect(&m_controllers, &ControllerPlates::dropped, this, [this](const Source& ref, QPoint at) {
        m_loose.reset();
        m_studio.selection().select(ref);
        if (const auto target = m_devices.targetAt(at)) leadOrAsk(ref, *target);
        placeThreads();
    });
}

void WeavePage::wireDevices()
{
    connect(&m_devices, &DevicePlates::plateAdded, this, [this](Faceplate* plate) {
        m_rightColumn->insertWidget(m_rightColumn->count() - 2, plate);
    });
    connect(&m_devices, &DevicePlates::hovered, this, [this](bool isInside) {
        m_atEntry.reset();
        if (isInside) m_atEntry = m_studio.selection().selected();
    });
    connect(&m_devices, &DevicePlates::menuWanted, this, &WeavePage::openDeviceMenu);
    connect(&m_devices, &DevicePlates::pointed, this, &WeavePage::showWhere);
    connect(&m_devices, &DevicePlates::activated, this, &WeavePage::takeClick);
    connect(&m_devices, &DevicePlates::sizeWanted, this, &WeavePage::sizeDevice);
    connect(&m_devices, &DevicePlates::keysWanted, this, &WeavePage::recordKeys);
    connect(&m_devices, &DevicePlates::dropped, this, &WeavePage::moveEndTo);
    connect(&m_devices, &DevicePlates::dragMoved, this, [this](const Target& from, QPoint at) {
        const auto* view = m_devices.viewOf(from);
        if (!view || m_studio.stance().takersOf(from).empty()) return;
        m_loose = Thread{{{placeOf(*view, view->anchor(), *m_right)}},
                         {{QPointF(mapFromGlobal(at))}},
                         false,
                         true};
        placeThreads();
    });
}

void WeavePage::showInMiddle(QWidget* card)
{
    if (m_shownCard) {
        m_shownCard->hide();
        m_shownCard->deleteLater();
    }
    m_shownCard = card;
    if (!card) return;
    m_middleColumn->insertWidget(0, card);
    m_middle->verticalScrollBar()->setValue(0);
    QMetaObject::invokeMethod(this, &WeavePage::placeThreads, Qt::QueuedConnection);
}

void WeavePage::offerLikeForLike(const std::string& controller)
{
    auto* card = new LikeCard(m_studio.weaver(), controller);
    connect(
        card, &LikeCard::done, this, [this] { showInMiddle(nullptr); }, Qt::QueuedConnection);
    showInMiddle(card);
}

void WeavePage::sizeDevice(const std::string& device)
{
    if (device.empty()) return showInMiddle(nullptr);
    auto* card = new DeviceCard(m_studio.weaver(), m_studio.preflight(), device);
    connect(
        card, &DeviceCard::done, this, [this] { showInMiddle(nullptr); }, Qt::QueuedConnection);
    connect(card, &DeviceCard::removalWanted, this, &WeavePage::removalWanted);
    showInMiddle(card);
}

void WeavePage::buildRightColumn()
{
    auto* sheet = new SheetBar(m_studio.edits());
    m_rightColumn->insertWide(0, sheet);
    connect(sheet, &SheetBar::fileWanted, this, &WeavePage::sheetFileWanted);
    connect(sheet, &SheetBar::planWanted, this, [this] {
        auto* card = new PlanCard(m_studio.edits());
        connect(
            card, &PlanCard::done, this, [this] { showInMiddle(nullptr); }, Qt::QueuedConnection);
        showInMiddle(card);
    });
    auto* add = new QPushButton(tr("Add a virtual device"));
    add->setObjectName(QStringLiteral("add device"));
    auto* menu = new QMenu(add);
    menu->setObjectName(QStringLiteral("device kinds"));
    const std::pair<QString, VirtualKind> kKinds[] = {{tr("Joystick"), VirtualKind::Joystick},
                                                      {tr("Gamepad"), VirtualKind::Gamepad},
                                                      {tr("Keyboard"), VirtualKind::Keyboard},
                                                      {tr("Pointer"), VirtualKind::Pointer}};
    for (const auto& [words, kind] : kKinds) {
        menu->addAction(words, this, [this, kind = kind] {
            std::string id;
            m_studio.edits().applyToWhole({tr("add virtual device")},
                                          [&](Tangle& tangle) { id = addDevice(tangle, kind); });
            sizeDevice(id);
        });
    }
    add->setMenu(menu);
    m_rightColumn->insertWidget(1, add);
    m_layers = new LayerGoals(m_studio.edits());
    connect(m_layers, &LayerGoals::activated, this, &WeavePage::leadToLayer);
    m_rightColumn->insertWidget(2, m_layers);
}

QScrollArea* WeavePage::makeColumn(const char* name, QWidget* inside)
{
    auto* area = new QScrollArea(this);
    area->setObjectName(QLatin1String(name));
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setFocusPolicy(Qt::NoFocus);
    area->setProperty("part", true);  // for F6
    inside->setObjectName(QStringLiteral("scrolled"));
    inside->installEventFilter(this);
    area->setWidget(inside);
    connect(area->verticalScrollBar(), &QScrollBar::valueChanged, this, &WeavePage::placeThreads);
    return area;
}

void WeavePage::buildColumns()
{
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 12, 4, 10);
    row->setSpacing(12);
    auto* left = new QWidget;
    m_leftColumn = new ColumnsLayout(left, kGap);
    m_left = makeColumn("weave left", left);
    auto* middle = new QWidget;
    m_middleColumn = new QVBoxLayout(middle);
    m_middleColumn->setContentsMargins(0, 0, 8, 0);
    m_middleColumn->setSpacing(kGap);
    m_middleColumn->addStretch();
    m_middle = makeColumn("weave middle", middle);
    auto* right = new QWidget;
    m_rightColumn = new ColumnsLayout(right, kGap);
    m_right = makeColumn("weave right", right);
    buildRightColumn();
    row->addWidget(m_left);
    row->addWidget(m_middle, 1);
    row->addWidget(m_right);
    m_name = new ElidedLabel;
    m_name->setObjectName(QStringLiteral("selected name"));
    m_name->setFont(textFont(TextSize::Head, true));
    setTone(*m_name, "title");
    m_where = new ElidedLabel;
    m_where->setObjectName(QStringLiteral("where"));
    setTone(*m_where, "dim");
    auto* head = new QWidget;
    auto* headRow = new QHBoxLayout(head);
    headRow->setContentsMargins(0, 0, 0, 0);
    headRow->addWidget(m_name);
    headRow->addWidget(m_where, 1);
    m_middleColumn->insertWidget(0, head);
    m_middleColumn->insertWidget(1, new FootingBar(m_studio.edits()));
    m_invitation = new Card;
    auto* column = new QVBoxLayout(m_invitation);
    column->setContentsMargins(16, 14, 16, 14);
    m_inviting = new QLabel;
    m_inviting->setWordWrap(true);
    m_nextFree = new QPushButton(tr("Lead it to the next free one"));
    m_nextFree->setObjectName(QStringLiteral("next free"));
    connect(m_nextFree, &QPushButton::clicked, &m_studio.weaver(), &Weaver::leadToNextFree);
    column->addWidget(m_inviting);
    column->addWidget(m_nextFree, 0, Qt::AlignLeft);
    m_middleColumn->insertWidget(m_middleColumn->count() - 1, m_invitation);
}

void WeavePage::rebuildPlates()
{
    if (!isVisible()) return;  // showEvent() makes up for it
    m_controllers.rebuild();
    m_devices.rebuild();
    rebuildMiddle();
}

void WeavePage::rebuildMiddle()
{
    if (!isVisible()) return;
    const auto& selected = m_studio.selection().selected();
    const auto* controller = selected ? m_studio.feed().controllerOf(*selected) : nullptr;
    m_name->setText(controller ? m_studio.feed().nameOf(*selected) : tr("Nothing touched yet"));
    showWhere(std::nullopt);
    rebuildCards();
    const auto& layer = m_studio.stance().footing().layer;
    m_invitation->setVisible(std::ranges::none_of(
        m_cards, [&](const StrandCard* card) { return card->layer() == layer; }));
    m_nextFree->setVisible(controller != nullptr);
    if (!controller) {
        m_inviting->setText(tr(
            "Move a lever or press a button: it is selected by itself. Or click one on the left."));
    } else {
        m_inviting->setText(
            tr("Nothing leads from %1 in %2 yet. Click a virtual control on the right, or drag to "
               "it.")
                .arg(m_studio.feed().nameOf(*selected), m_studio.stance().words()));
    }
    showValues();
}

void WeavePage::rebuildCards()
{
    const auto strands = m_studio.selection().selected()
                             ? m_studio.stance().strandsFrom(*m_studio.selection().selected())
                             : std::vector<const Strand*>{};
    const bool fit = std::ranges::equal(
        strands, m_cards, [](const Strand* s, const StrandCard* c) { return c->fits(*s); });
    if (fit) {
        for (std::size_t i = 0; i < strands.size(); ++i) m_cards[i]->refresh(*strands[i]);
        return;
    }
    std::map<std::string, int> open;
    for (auto* card : m_cards) {
        open[card->strand()] = card->openStage();
        card->hide();
        card->deleteLater();
    }
    m_cards.clear();
    for (const auto* strand : strands) {
        auto* card = new StrandCard(m_studio.weaver(), m_studio.preflight(), m_choice, *strand);
        m_cards.push_back(card);
        m_middleColumn->insertWidget(m_middleColumn->count() - 2, card);
        connect(card, &StrandCard::stageOpened, this, [this] {
            QMetaObject::invokeMethod(this, &WeavePage::placeThreads, Qt::QueuedConnection);
        });
        if (open.contains(strand->id)) card->openEditor(open[strand->id]);
    }
    QMetaObject::invokeMethod(this, &WeavePage::placeThreads, Qt::QueuedConnection);
}

void WeavePage::showSelection()
{
    m_devices.rebuild();
    m_controllers.showValues();
    rebuildMiddle();
    if (!m_studio.selection().selected()) return;
    if (auto* view = m_controllers.viewOf(*m_studio.selection().selected()))
        scrollTo(*m_left, *view);
    const auto strands = m_studio.stance().strandsFrom(*m_studio.selection().selected());
    if (strands.empty() || strands.front()->ends.empty()) return;
    if (auto* view = m_devices.viewOf(strands.front()->ends.front())) scrollTo(*m_right, *view);
}

void WeavePage::showValues()
{
    if (!isVisible()) return;
    m_controllers.showValues();
    m_devices.showValues();
    for (auto* card : m_cards) card->showValues();
    placeThreads();
}

StrandCard* WeavePage::cardOf(const std::string& strand) const
{
    const auto found =
        std::ranges::find_if(m_cards, [&](const auto* card) { return card->strand() == strand; });
    return found == m_cards.end() ? nullptr : *found;
}

void WeavePage::divide()
{
    const auto plan = planColumns(width() - 40);
    m_left->setFixedWidth(plan.left);
    m_leftColumn->setColumns(plan.leftColumns);
    m_middle->setMaximumWidth(plan.most);
    m_right->setFixedWidth(plan.right);
    m_rightColumn->setColumns(plan.rightColumns);
}

void WeavePage::resizeEvent(QResizeEvent*)
{
    divide();
    m_threads->setGeometry(rect());
    m_threads->raise();
    QMetaObject::invokeMethod(this, &WeavePage::placeThreads, Qt::QueuedConnection);
}

/// Threads follow whatever moves in the columns.
bool WeavePage::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::LayoutRequest || event->type() == QEvent::Resize)
        QMetaObject::invokeMethod(this, &WeavePage::placeThreads, Qt::QueuedConnection);
    return QWidget::eventFilter(watched, event);
}

void WeavePage::showEvent(QShowEvent*)
{
    rebuildPlates();
    QMetaObject::invokeMethod(this, &WeavePage::showSelection, Qt::QueuedConnection);
}

void WeavePage::keyPressEvent(QKeyEvent* event)
{
    if (event->key() != Qt::Key_Escape) return QWidget::keyPressEvent(event);
    if (std::exchange(m_loose, std::nullopt)) return placeThreads();
    if (m_choice.row()) return m_choice.choose(std::nullopt);
    m_studio.selection().select(std::nullopt);
}

}  // namespace jolly::app
