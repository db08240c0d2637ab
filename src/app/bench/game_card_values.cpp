// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/game_card.h"
#include "app/style/qt_text.h"
#include "app/style/theme.h"
#include "core/tangle/lookup.h"

#include <algorithm>
#include <cmath>

/// What the card shows of the present moment.
namespace jolly::app
{

namespace
{

SeenByGame seenAt(const std::vector<SeenByGame>& seen, const DeskDevice& device, std::size_t slot)
{
    const auto place = device.firstSlot + static_cast<int>(slot);
    if (device.firstSlot < 0 || static_cast<std::size_t>(place) >= seen.size()) return {};
    return seen[static_cast<std::size_t>(place)];
}

}  // namespace

/// The axis that leads to a virtual control in the layers that are engaged.
std::optional<GameCard::HandAxis> GameCard::handOf(const Target& place) const
{
    for (const auto* strand : m_edits.stance().index().at(place)) {
        if (!m_edits.stance().acts(*strand)) continue;
        const auto* controller = m_feed.desk().find(strand->source.controller);
        if (!controller) continue;
        const auto& controls = controller->rig.controls;
        const auto found = std::ranges::find(controls, strand->source.control, &RigControl::code);
        if (found == controls.end() || found->kind != ControlKind::Axis) continue;
        return HandAxis{strand->source.controller,
                        static_cast<std::size_t>(found - controls.begin()),
                        found->sides == Sides::Two};
    }
    return std::nullopt;
}

void GameCard::findHands(const DeskDevice& device)
{
    if (!m_hands.empty() && m_engaged == m_edits.stance().engaged()) return;
    m_engaged = m_edits.stance().engaged();
    m_hands.clear();
    for (const auto& slot : device.layout) m_hands.push_back(handOf({m_device, slot.control}));
}

GameCard::Moment GameCard::momentOf(const DeskDevice& device) const
{
    const auto& session = m_feed.session();
    Moment now{.isLive = session.isLive(),
               .isPast = session.isShowingPast(),
               .isLearning = !session.status().learned.empty()};
    const auto seen = session.seenByGame();
    for (std::size_t slot = 0; slot < device.layout.size(); ++slot)
        now.sights.push_back(sightOf(device, slot, seenAt(seen, device, slot), now));
    for (const auto& [slot, hat] : m_hatOf) {
        const auto value = m_feed.desk().valueOf(device, slot, m_feed.values());
        now.hats.push_back(now.sights[slot].isSeen
                               ? seenAt(seen, device, slot).raw
                               : Counts{static_cast<int>(value.x), static_cast<int>(value.y)});
    }
    return now;
}

/// Of a slot: what the hand does, what was sent, what a game reads.
GameSightNow GameCard::sightOf(const DeskDevice& device, std::size_t slot, const SeenByGame& read,
                               const Moment& moment) const
{
    const auto& made = device.layout[slot];
    const auto& values = m_feed.values();
    const auto& desk = m_feed.desk();
    GameSightNow now;
    now.sent = desk.valueOf(device, slot, values).x;
    now.isByHand = m_hand.isHeld({m_device, made.control});
    now.isSeen = !moment.isPast && read.sight != LiveSight::Unseen && device.isThere;
    now.seen = made.control.kind == ControlKind::Axis
                   ? Calibration::ofRange(made.low, made.high).valueOf(read.raw.x, made.sides)
                   : read.raw.x;
    now.differs = now.isSeen && !moment.isLearning && read.sight == LiveSight::Differs;
    const auto* controller = m_hands[slot] ? desk.find(m_hands[slot]->controller) : nullptr;
    if (!controller) return now;
    now.hand = desk.valueOf(*controller, m_hands[slot]->control, values).x;
    now.isHandTwoSided = m_hands[slot]->isTwoSided;
    return now;
}

void GameCard::showRows(const Moment& now)
{
    for (auto& [slot, row] : m_rowOf) row->show(now.sights[slot]);
    for (auto& [slot, label] : m_turnerOf) {
        const auto& sight = now.sights[slot];
        label->setText(tr("%n count(s)", nullptr,
                          static_cast<int>(std::lround(sight.isSeen ? sight.seen : sight.sent))));
    }
}

void GameCard::showButtons(const Moment& now)
{
    for (std::size_t b = 0; b < m_buttonSlots.size(); ++b) {
        const auto slot = m_buttonSlots[b];
        const auto& sight = now.sights[slot];
        const bool isPressed = (sight.isSeen ? sight.seen : sight.sent) >= 0.5;
        const auto pin = m_pins.find({m_device, m_layout[slot].control});
        m_buttons->show(b, {isPressed, sight.isSeen, sight.differs, sight.isByHand,
                            pin != m_pins.end(), pin != m_pins.end() && !pin->second.lit.isNull()});
    }
}

void GameCard::showHats(const Moment& now)
{
    auto counts = now.hats.begin();
    for (auto& [slot, hat] : m_hatOf)
        hat->show(*counts++, now.sights[slot].isSeen, now.sights[slot].isByHand);
}

/// Hats and keys as a person says them.
void GameCard::showWords(const DeskDevice& device, const Moment& now)
{
    QStringList words;
    for (const auto& [slot, hat] : m_hatOf)
        words += nameOfSlot(device, slot) + QLatin1Char(' ') + hat->words();
    QStringList keys;
    const auto faults = std::ranges::count_if(now.sights, &GameSightNow::differs);
    const auto readBack = std::ranges::count_if(now.sights, &GameSightNow::isSeen);
    for (std::size_t slot = 0; slot < device.layout.size(); ++slot) {
        const auto& sight = now.sights[slot];
        const bool isKey = device.device.kind == VirtualKind::Keyboard &&
                           device.layout[slot].control.kind == ControlKind::Button;
        if (isKey && (sight.isSeen ? sight.seen : sight.sent) >= 0.5)
            keys += nameOfSlot(device, slot).section(QLatin1Char(' '), 1);
    }
    if (device.device.kind == VirtualKind::Keyboard)
        words += keys.isEmpty() ? tr("no key is down")
                                : tr("keys now: %1").arg(keys.join(QStringLiteral(" + ")));
    m_keys->setText(words.join(QStringLiteral(" · ")));
    QString verdict;
    const char* tone = "dim";
    auto state = now.isLive ? tr("not read back") : tr("idle");
    if (now.isPast) {
        verdict = tr("This is the past: what was sent then.");
        state = tr("the past");
    } else if (!now.isLive) {
        verdict = tr("Idle: in outline what a game would see.");
    } else if (readBack == 0) {
        verdict = tr("It cannot be read back here: its device file may not be opened.");
        tone = "coral";
    } else if (faults > 0) {
        verdict = tr("A game reads %n control(s) otherwise than was sent.", nullptr,
                     static_cast<int>(faults));
        tone = "coral";
        state = tr("read back, and differs");
    } else if (now.isLearning) {
        verdict = tr("A sim learns: all else keeps still.");
        tone = "straw";
        state = tr("read back");
    } else {
        state = tr("read back, no difference");
    }
    setTone(*m_difference, tone);
    m_difference->setText(verdict);
    m_difference->setVisible(!verdict.isEmpty());
    m_state->setText(state);
}

/// What is pinned and was pressed, however shortly, and whether or not anybody looks.
void GameCard::notePins()
{
    for (auto& [key, pin] : m_pins) {
        if (!pin.lit.isNull()) continue;
        for (const auto& device : m_feed.desk().devices) {
            if (device.device.id != key.first || device.firstSlot < 0) continue;
            const auto slot = std::ranges::find(device.layout, key.second, &VirtualSlot::control);
            const auto place =
                static_cast<std::uint32_t>(device.firstSlot + (slot - device.layout.begin()));
            const bool wasLit =
                std::ranges::any_of(m_feed.session().entries(), [&](const LiveSeen& seen) {
                    return !seen.isScene && seen.happening.kind == Happening::Kind::Change &&
                           seen.happening.what == place && seen.happening.raw != 0;
                });
            if (!wasLit) continue;
            pin.lit = m_clock();
            m_shown.reset();
        }
    }
}

void GameCard::showPins()
{
    QStringList lines;
    bool wasLit = false;
    for (const auto& [key, pin] : m_pins) {
        if (key.first != m_device) continue;
        const auto* device = findDevice(m_edits.tangle(), key.first);
        if (!device) continue;
        auto name = toQt(nameOf(*device, key.second));
        if (!name.isEmpty()) name[0] = name[0].toUpper();
        const auto format = QStringLiteral("HH:mm:ss");
        wasLit = wasLit || !pin.lit.isNull();
        lines += pin.lit.isNull() ? tr("%1 is pinned: it must stay dark, and has since %2.")
                                        .arg(name, pin.since.toString(format))
                                  : tr("%1 is pinned, but was lit at %2. P pins it anew.")
                                        .arg(name, pin.lit.toString(format));
    }
    setTone(*m_pinWords, wasLit ? "coral" : "dim");
    m_pinWords->setText(lines.join(QLatin1Char('\n')));
    m_pinWords->setVisible(!lines.isEmpty());
}

void GameCard::showValues()
{
    const auto* device = deskDevice();
    if (!device) {
        m_difference->setText(tr("Make one on Weave; then it is seen here."));
        m_state->clear();
        return;
    }
    if (device->layout.size() != m_layout.size()) return;  // rebuild() comes
    findHands(*device);
    auto now = momentOf(*device);
    if (m_shown == now) return;
    showRows(now);
    showButtons(now);
    showHats(now);
    showWords(*device, now);
    showPins();
    m_shown = std::move(now);
}

}  // namespace jolly::app
