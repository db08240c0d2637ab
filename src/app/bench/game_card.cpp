// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/game_card.h"
#include "app/style/qt_text.h"

#include "app/style/elided_button.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"

#include <QPainter>
#include <QPushButton>
#include <algorithm>
#include <set>

namespace jolly::app
{

namespace
{

QLabel* dimLabel(const QString& text = {})
{
    auto* label = new QLabel(text);
    label->setFont(textFont(TextSize::Small));
    setTone(*label, "dim");
    return label;
}

/// Names above the columns of the rows.
class Heads : public QWidget
{
 public:
    Heads() { setFixedHeight(16); }

 protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        painter.setFont(textFont(TextSize::Small));
        painter.setPen(jolly::app::palette().dim);
        const auto draw = [&](const QRect& rect, const QString& words, int how) {
            painter.drawText(QRect(rect.left(), 0, rect.width(), height()), how | Qt::AlignVCenter,
                             words);
        };
        draw({8, 0, GameRow::kName, 1}, GameCard::tr("axis"), Qt::AlignLeft);
        draw(GameRow::handBar(width()), GameCard::tr("the hand"), Qt::AlignLeft);
        draw(GameRow::gameBar(width()), GameCard::tr("the game"), Qt::AlignLeft);
        draw({width() - 78, 0, 70, 1}, GameCard::tr("by hand"), Qt::AlignRight);
    }
};

constexpr int kKeyWidth = 92;

}  // namespace

GameCard::GameCard(Edits& edits, LiveFeed& feed, HandMoves& hand, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_feed(feed),
      m_hand(hand),
      m_title(new ElidedLabel),
      m_state(dimLabel()),
      m_chips(new WrapLayout(6)),
      m_heads(new Heads),
      m_rows(new QVBoxLayout),
      m_buttons(new GameButtons),
      m_hats(new WrapLayout(6)),
      m_keys(dimLabel()),
      m_pinWords(new QLabel),
      m_difference(new QLabel),
      m_why(new WhyLines(edits, feed))
{
    setObjectName(QStringLiteral("game card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 10, 12, 10);
    column->setSpacing(4);
    auto* head = new WrapLayout(6);
    m_title->setFont(textFont(TextSize::Title, true));
    m_title->setObjectName(QStringLiteral("game title"));
    setTone(*m_title, "title");
    m_state->setObjectName(QStringLiteral("game state"));
    head->addWidget(m_title);
    head->addStretch();
    head->addWidget(m_state);
    m_rows->setSpacing(0);
    m_buttons->setObjectName(QStringLiteral("game buttons"));
    m_keys->setObjectName(QStringLiteral("keys now"));
    m_keys->setWordWrap(true);
    for (auto* label : {m_pinWords, m_difference}) {
        label->setFont(textFont(TextSize::Small));
        label->setWordWrap(true);
    }
    m_pinWords->setObjectName(QStringLiteral("pin words"));
    m_difference->setObjectName(QStringLiteral("difference"));
    column->addLayout(head);
    column->addLayout(m_chips);
    column->addWidget(m_heads);
    column->addLayout(m_rows);
    column->addSpacing(4);
    column->addWidget(m_buttons);
    column->addWidget(m_pinWords);
    column->addLayout(m_hats);
    column->addWidget(m_keys);
    column->addWidget(m_difference);
    column->addWidget(m_why);
    column->addStretch();
    const auto placeOf = [this](std::size_t button) {
        return Target{m_device, m_layout[m_buttonSlots[button]].control};
    };
    connect(m_buttons, &GameButtons::pressed, this, [this, placeOf](std::size_t b) {
        m_hand.hold(placeOf(b), {1.0, 0.0});
    });
    connect(m_buttons, &GameButtons::released, this,
            [this, placeOf](std::size_t b) { m_hand.letGo(placeOf(b)); });
    connect(m_buttons, &GameButtons::pinWanted, this, [this, placeOf](std::size_t b) {
        const auto place = placeOf(b);
        setPinned(place, !m_pins.contains({place.device, place.control}));
    });
    connect(&feed, &LiveFeed::moved, this, &GameCard::notePins);
    rebuild();
}

const DeskDevice* GameCard::deskDevice() const
{
    const auto& devices = m_feed.desk().devices;
    const auto found = std::ranges::find_if(
        devices, [this](const DeskDevice& each) { return each.device.id == m_device; });
    return found == devices.end() ? nullptr : &*found;
}

void GameCard::chooseDevice(const std::string& device)
{
    if (device == m_device) return;
    m_device = device;
    rebuild();
    Q_EMIT deviceChosen(m_device);
}

void GameCard::rebuild()
{
    const auto& devices = m_feed.desk().devices;
    if (!deskDevice()) {
        m_device = devices.empty() ? std::string() : devices.front().device.id;
        Q_EMIT deviceChosen(m_device);
    }
    buildChips();
    const auto* device = deskDevice();
    const auto layout = device ? device->layout : std::vector<VirtualSlot>();
    std::vector<std::string> labels;
    for (const auto& slot : layout)
        labels.push_back(functionOf(*device, slot.control).toStdString());
    if (layout != m_layout || labels != m_labels) {
        m_layout = layout;
        m_labels = std::move(labels);
        buildControls();
    }
    m_title->setText(device ? tr("%1 as a game sees it").arg(toQt(device->device.name))
                            : tr("No virtual device yet"));
    m_heads->setVisible(!m_rowOf.empty());
    m_hands.clear();
    m_shown.reset();
    showValues();
}

void GameCard::buildChips()
{
    clearLayout(*m_chips);
    for (const auto& each : m_feed.desk().devices) {
        auto* chip = new ElidedButton(toQt(each.device.name));
        chip->setObjectName(QStringLiteral("game chip ") + toQt(each.device.id));
        chip->setCheckable(true);
        chip->setChecked(each.device.id == m_device);
        setTone(*chip, "chip");
        connect(chip, &QPushButton::clicked, this,
                [this, id = each.device.id] { later(this, [this, id] { chooseDevice(id); }); });
        m_chips->addWidget(chip);
    }
}

QString GameCard::nameOfSlot(const DeskDevice& device, std::size_t slot)
{
    return toQt(nameOf(device.device, device.layout[slot].control));
}

/// What a control is for, for the craft that is flown: its label, or the strand that ends there.
QString GameCard::functionOf(const DeskDevice& device, VirtualControl control) const
{
    const auto name = functionName(m_edits.tangle(), settingsOf(device.device, control).function);
    if (!name.empty()) return toQt(name);
    const auto& strands = m_edits.stance().index().at({device.device.id, control});
    return strands.empty() ? QString() : toQt(strands.front()->name);
}

void GameCard::addRow(const DeskDevice& device, std::size_t slot)
{
    const auto& made = device.layout[slot];
    const Target place{m_device, made.control};
    auto* row = new GameRow(nameOfSlot(device, slot), functionOf(device, made.control), made.sides);
    row->setObjectName(QStringLiteral("game row ") + toQt(toText(made.control)));
    row->slider().setObjectName(QStringLiteral("hand ") + toQt(toText(made.control)));
    connect(&row->slider(), &HandSlider::moved, this, [this, place](double value) {
        m_hand.hold(place, {value, 0.0});
    });
    connect(&row->slider(), &HandSlider::givenBack, this, [this, place] { m_hand.letGo(place); });
    connect(row, &GameRow::chosen, this, [this, place] { Q_EMIT chosen(place); });
    m_rowOf[slot] = row;
    m_rows->addWidget(row);
}

/// Turns are counted; a click turns it by one.
void GameCard::addTurner(const VirtualSlot& slot)
{
    const auto* device = deskDevice();
    const auto place = static_cast<std::size_t>(&slot - m_layout.data());
    const Target target{m_device, slot.control};
    auto* row = new QHBoxLayout;
    row->setContentsMargins(8, 2, 8, 2);
    auto* name = new QLabel(nameOfSlot(*device, place));
    name->setFont(textFont(TextSize::Normal, true));
    auto* counts = dimLabel();
    m_turnerOf[place] = counts;
    row->addWidget(name);
    row->addWidget(counts, 1);
    for (const int by : {-1, 1}) {
        auto* turn = new QPushButton(by < 0 ? tr("− 1") : tr("+ 1"));
        turn->setAccessibleName(by < 0 ? tr("Turn %1 back by hand").arg(name->text())
                                       : tr("Turn %1 on by hand").arg(name->text()));
        setTone(*turn, "chip");
        connect(turn, &QPushButton::clicked, this, [this, target, by] {
            m_hand.hold(target, {static_cast<double>(by), 0.0});
        });
        row->addWidget(turn);
    }
    m_rows->addLayout(row);
}

void GameCard::buildControls()
{
    clearLayout(*m_rows);
    clearLayout(*m_hats);
    m_rowOf.clear();
    m_hatOf.clear();
    m_turnerOf.clear();
    m_buttonSlots.clear();
    std::vector<GameButtons::Button> buttons;
    const auto* device = deskDevice();
    const bool isKeyboard = device && device->device.kind == VirtualKind::Keyboard;
    std::set<std::uint16_t> used;  // keys that a strand presses
    for (const auto& strand : m_edits.tangle().strands) {
        for (const auto& end : strand.ends) {
            const auto* chord = keysOf(end);
            if (chord && chord->device == m_device)
                used.insert(chord->keys.begin(), chord->keys.end());
        }
    }
    for (std::size_t slot = 0; device && slot < m_layout.size(); ++slot) {
        const auto& made = m_layout[slot];
        const auto name = nameOfSlot(*device, slot);
        switch (made.control.kind) {
            case ControlKind::Axis:
                addRow(*device, slot);
                break;
            case ControlKind::Hat: {
                auto* hat = new HatHandle(name);
                hat->setObjectName(QStringLiteral("hat handle ") + toQt(toText(made.control)));
                const Target place{m_device, made.control};
                connect(hat, &HatHandle::held, this, [this, place](Counts way) {
                    m_hand.hold(place, {static_cast<double>(way.x), static_cast<double>(way.y)});
                });
                connect(hat, &HatHandle::released, this, [this, place] { m_hand.letGo(place); });
                m_hatOf[slot] = hat;
                m_hats->addWidget(hat);
                break;
            }
            case ControlKind::Turner:
                addTurner(m_layout[slot]);
                break;
            case ControlKind::Button: {
                if (isKeyboard && !used.contains(made.control.number)) break;
                const auto function = functionOf(*device, made.control);
                m_buttonSlots.push_back(slot);
                buttons.push_back(
                    {isKeyboard ? name.section(QLatin1Char(' '), 1)
                                : QString::number(made.control.number),
                     function.isEmpty() ? name : name + QStringLiteral(" · ") + function,
                     isKeyboard || !function.isEmpty()});
                break;
            }
        }
    }
    // Of many buttons those behind the last one that is used say nothing.
    constexpr std::size_t kRound = 12;
    while (buttons.size() > 2 * kRound && !buttons.back().isUsed &&
           !buttons[buttons.size() - kRound].isUsed) {
        buttons.pop_back();
        m_buttonSlots.pop_back();
    }
    m_buttons->setVisible(!buttons.empty());
    m_buttons->setButtons(std::move(buttons), isKeyboard ? kKeyWidth : 0);
}

void GameCard::mark(const Target& place)
{
    m_marked = place;
    m_why->setPlace(place);
    if (place.device != m_device && findDevice(m_edits.tangle(), place.device))
        chooseDevice(place.device);
    for (auto& [slot, row] : m_rowOf)
        row->setMarked(place.device == m_device && m_layout[slot].control == place.control);
}

void GameCard::setPinned(const Target& place, bool isPinned)
{
    if (isPinned) {
        m_pins[{place.device, place.control}] = {m_clock(), {}};
    } else {
        m_pins.erase({place.device, place.control});
    }
    m_shown.reset();
    showValues();
}

}  // namespace jolly::app
