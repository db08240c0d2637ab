// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/deck.h"

#include <linux/input-event-codes.h>

#include <algorithm>

namespace jolly
{

namespace
{

constexpr std::uint16_t kPanicChord[] = {KEY_LEFTSHIFT, KEY_RIGHTSHIFT, KEY_ESC};

std::optional<std::size_t> placeOf(const ControllerDescription& description, ControlCode code)
{
    const auto& controls = description.controls;
    const auto found = std::ranges::find(controls, code, &ControlDescription::code);
    if (found == controls.end()) return std::nullopt;
    return static_cast<std::size_t>(found - controls.begin());
}

std::vector<std::size_t> panicKeysOf(const ControllerDescription& description)
{
    std::vector<std::size_t> keys;
    for (const auto key : kPanicChord) {
        const auto place = placeOf(description, {EventType::Key, key});
        if (!place) return {};
        keys.push_back(*place);
    }
    return keys;
}

}  // namespace

PresentController DeckController::info() const
{
    return {seat->description, seat->rig, hold, isOursAlone, firstSlot};
}

bool DeckController::isPanicChord() const noexcept
{
    return !panicKeys.empty() &&
           std::ranges::all_of(panicKeys, [this](auto key) { return seat->state[key].x != 0; });
}

bool DeckController::hasPress(const Plan& plan) const noexcept
{
    for (std::size_t i = 0; i < seat->state.size(); ++i) {
        const bool isButton = seat->description.controls[i].kind == ControlKind::Button;
        if (!isButton || seat->state[i].x == 0) continue;
        const auto input = seat->inputOf[i];
        if (input == SeatedController::kUnbound ||
            springsBack(plan.inputs[static_cast<std::uint32_t>(input)].control.buttonKind))
            return true;
    }
    return false;
}

void Deck::add(SeatedController& seat)
{
    const auto has = [&](std::uint16_t code) {
        return placeOf(seat.description, {EventType::Rel, code}).has_value();
    };
    m_controllers.push_back({.seat = &seat,
                             .panicKeys = panicKeysOf(seat.description),
                             .hasFineWheel = has(REL_WHEEL_HI_RES),
                             .hasFineTilt = has(REL_HWHEEL_HI_RES)});
}

void Deck::remove(Handle handle)
{
    std::erase_if(m_controllers, [handle](const auto& c) { return c.handle() == handle; });
}

std::vector<SlotMeaning> Deck::layOut(const Plan& plan)
{
    std::vector<SlotMeaning> slots;
    for (const auto& output : plan.outputs) slots.emplace_back(output.place);
    for (auto& controller : m_controllers) {
        controller.firstSlot = static_cast<std::uint32_t>(slots.size());
        for (std::uint32_t i = 0; i < controller.seat->state.size(); ++i)
            slots.emplace_back(std::pair(controller.handle(), i));
    }
    return slots;
}

DeckController* Deck::find(Handle handle) noexcept
{
    const auto found = std::ranges::find(m_controllers, handle, &DeckController::handle);
    return found == m_controllers.end() ? nullptr : &*found;
}

}  // namespace jolly
